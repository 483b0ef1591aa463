// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/limit/keys_page.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/desks/limit/key_large.h"
#include "app/desks/limit/key_sheet.h"
#include "app/shelf/mask_source.h"
#include "app/theme/theme.h"
#include "model/application/app_model.h"
#include "model/i18n/text.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {

KeysPage::KeysPage(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model), m_sheet(new KeySheetView(model, model.keys(), this)),
      m_large(new KeyLarge(model.keys(), this)) {
  setObjectName(QStringLiteral("keysPage"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  column->addLayout(make_head());
  column->addWidget(m_large, 1);
  column->addWidget(m_sheet, 1);
  column->addLayout(make_foot());
  m_large->hide();
  connect(m_sheet, &KeySheetView::pointedChanged, this, &KeysPage::follow_pointed);
  connect(m_sheet, &KeySheetView::taken, this, &KeysPage::take);
  connect(m_sheet, &KeySheetView::keepAsked, this, &KeysPage::keep);
  connect(m_sheet, &KeySheetView::largeAsked, this, [this] { show_large(!m_large_switch->isChecked()); });
  connect(m_sheet, &KeySheetView::compareAsked, this, [this](std::size_t left, std::size_t right) {
    m_large->compare_with(m_model.keys().entries()[left].key);
    m_sheet->point(right);
    show_large(true);
  });
  connect(&model.keys(), &KeyModel::changed, this, &KeysPage::follow_pointed);
  connect(&model, &Studio::startedAnew, this, [this] {
    m_large->compare_with({});
    show_large(false);
  });
  model.hear({Part::Keys, Part::References, Part::Reference}, this, &KeysPage::follow);
  follow();
}

template <class Choice>
QHBoxLayout* KeysPage::make_choices(const QString& prefix,
                                    const std::vector<std::tuple<Choice, const char*, QString, QString>>& all,
                                    Choice KeySheet::*member,
                                    std::vector<std::pair<WordControl*, Choice>>& buttons) {
  QHBoxLayout* joined = joined_row();
  for (const auto& [choice, name, word, tip] : all) {
    auto* button = word_choice(prefix + QLatin1String(name), word, tip, this);
    connect(button, &QAbstractButton::clicked, this, [this, member, choice = choice] {
      change([&](KeySheet& sheet) { sheet.*member = choice; });
      follow(); // Also where nothing changed: a choice stays chosen.
    });
    joined->addWidget(button);
    buttons.emplace_back(button, choice);
  }
  return joined;
}

QHBoxLayout* KeysPage::make_head() {
  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  auto* back =
      word_opener(QStringLiteral("closeKeys"), tr("Keys"), tr("Go back to the wheel with the mask"), this);
  back->setChecked(true);
  connect(back, &QAbstractButton::clicked, this, [this, back] {
    back->setChecked(true); // As long as this page is seen.
    m_model.viewing().show_keys(false);
    emit closed();
  });
  row->addWidget(back);
  m_title = new ElidedLabel(caption_font(), this);
  m_title->setObjectName(QStringLiteral("keysTitle"));
  row->addWidget(m_title, 1);
  m_step = new NumberField(QStringLiteral("keys.step"), tr("Degrees between two turns"), this);
  m_step->set_range({kKeyStepRange.low, kKeyStepRange.high, 5, 0, QStringLiteral("°"), false, {}});
  m_step->setToolTip(tr("Degrees from one turn of the mask to the next, 5 to 180"));
  m_step->keep_width(46);
  connect(m_step, &NumberField::wanted, this,
          [this](double n) { change([n](KeySheet& sheet) { sheet.step = n; }); });
  row->addWidget(caption_label(tr("Turn by"), this));
  row->addWidget(m_step);
  row->addSpacing(kGap);
  row->addWidget(caption_label(tr("Show"), this));
  row->addLayout(make_choices<KeyRows>(
      QStringLiteral("keys.rows."),
      {{KeyRows::All, "all", tr("all"), tr("Show turns, masks and versions")},
       {KeyRows::Turns, "turns", tr("turns"), tr("Show only the mask turned, step by step")},
       {KeyRows::Masks, "masks", tr("masks"),
        tr("Show only patterns at the current hue and masks of the shelf")},
       {KeyRows::Versions, "versions", tr("versions"), tr("Show only the versions of the set")}},
      &KeySheet::rows, m_rows));
  row->addSpacing(kGap);
  row->addWidget(caption_label(tr("Order"), this));
  row->addLayout(make_choices<KeyOrder>(
      QStringLiteral("keys.order."),
      {{KeyOrder::Hue, "hue", tr("hue"), tr("By the hue of the key, clockwise from the current one")},
       {KeyOrder::Nearest, "nearest", tr("nearest"), tr("First what differs least from the picture")},
       {KeyOrder::Kept, "kept", tr("most chroma"), tr("First what keeps most of the picture's chroma")}},
      &KeySheet::order, m_orders));
  return row;
}

QHBoxLayout* KeysPage::make_foot() {
  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  m_facts = new ElidedLabel(caption_font(), this);
  m_facts->setObjectName(QStringLiteral("keyFacts"));
  row->addWidget(m_facts, 1);
  row->addWidget(caption_label(tr("Strength"), this));
  m_strength = new NumberField(QStringLiteral("keys.strength"), tr("How strongly masks act"), this);
  m_strength->set_range({0, 100, 5, 0, tr(" %"), false, {}});
  m_strength->setToolTip(
      tr("How far colors move into a mask: 0 % leaves the picture as it is, 100 % brings all "
         "of it inside"));
  m_strength->keep_width(52);
  connect(m_strength, &NumberField::wanted, this,
          [this](double n) { change([n](KeySheet& sheet) { sheet.strength = n / 100; }); });
  row->addWidget(m_strength);
  m_fills =
      word_switch(QStringLiteral("keys.fills"), tr("fill masks"),
                  tr("The most saturated color of the picture, not the rim of the wheel, goes to the border "
                     "of a mask"),
                  this);
  connect(m_fills, &QAbstractButton::clicked, this,
          [this](bool on) { change([on](KeySheet& sheet) { sheet.fills = on; }); });
  row->addWidget(m_fills);
  m_large_switch = word_switch(QStringLiteral("keys.large"), tr("one large"),
                               tr("Show one key large beside the picture as it is (Space)"), this);
  connect(m_large_switch, &QAbstractButton::clicked, this, &KeysPage::show_large);
  row->addWidget(m_large_switch);
  row->addSpacing(kGap);
  const auto button = [&](const char* name, const QString& words, const QString& tip, auto run) {
    auto* made = new QPushButton(words, this);
    made->setObjectName(QLatin1String(name));
    made->setToolTip(tip);
    connect(made, &QPushButton::clicked, this, run);
    row->addWidget(made);
    return made;
  };
  button("keys.write", tr("Save sheet"), tr("Save the sheet of keys as a picture"), &KeysPage::writeAsked);
  m_keep =
      button("keys.keep", tr("Save as version"),
             tr("Save the set in this key as a version, with its mask and wheel; the piece stays as it is"),
             [this] { keep(m_sheet->pointed()); });
  m_take = button("keys.take", tr("Take key"),
                  tr("Give the piece the mask of this key, and turn or press the set along, in one step"),
                  [this] { take(m_sheet->pointed()); });
  m_take->setDefault(true);
  return row;
}

void KeysPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  m_model.keys().set_shelf(shelf_masks());
}

void KeysPage::take_focus() { m_sheet->setFocus(); }

void KeysPage::change(const std::function<void(KeySheet&)>& by) {
  KeySheet next = m_model.session().keys;
  by(next);
  m_model.viewing().list_keys(next);
}

void KeysPage::follow() {
  const KeySheet& sheet = m_model.session().keys;
  for (const auto& [button, rows] : m_rows) button->setChecked(rows == sheet.rows);
  for (const auto& [button, order] : m_orders) button->setChecked(order == sheet.order);
  m_step->show_value(sheet.step);
  m_strength->show_value(100 * sheet.strength);
  m_fills->setChecked(sheet.fills);
  const Reference* reference = find_reference(m_model.piece(), m_model.session().reference);
  m_title->setText(reference ? tr("%1 in other keys. Values stay.").arg(text(reference->name)) : QString());
  follow_pointed();
}

void KeysPage::follow_pointed() {
  const auto& entries = m_model.keys().entries();
  const bool there = m_sheet->pointed() < entries.size();
  const bool current = !there || entries[m_sheet->pointed()].key.kind == KeyKind::Current;
  const bool version = there && entries[m_sheet->pointed()].key.kind == KeyKind::Version;
  m_facts->setText(there ? KeyModel::name_of(entries[m_sheet->pointed()].key) + QStringLiteral(": ") +
                               KeyModel::told(entries[m_sheet->pointed()])
                         : QString());
  allow(*m_take, !current, tr("This is the piece as it is. Point to another key."));
  allow(*m_keep, !version, tr("This key is a version of the set already."));
  if (there) m_large->show_key(entries[m_sheet->pointed()].key);
}

void KeysPage::show_large(bool on) {
  m_large_switch->setChecked(on);
  m_large->setVisible(on);
  m_sheet->use_row(on);
  m_sheet->setFocus();
}

void KeysPage::take(std::size_t key) {
  if (key >= m_model.keys().entries().size()) return;
  const ColorKey wanted = m_model.keys().entries()[key].key;
  if (wanted.kind == KeyKind::Current) return;
  m_model.keys().take(wanted);
}

void KeysPage::keep(std::size_t key) {
  if (key < m_model.keys().entries().size()) m_model.keys().keep(m_model.keys().entries()[key].key);
}

} // namespace zc
