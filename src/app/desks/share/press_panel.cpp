// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/share/press_panel.h"

#include "app/controls/controls.h"
#include "app/controls/field_grid.h"
#include "app/controls/number_field.h"
#include "app/desks/try/color_chip.h"
#include "app/shelf/shelf_panel.h"
#include "app/theme/theme.h"
#include "model/i18n/code_words.h"
#include "model/i18n/text.h"
#include "model/proof/press_model.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/share/share_model.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>

#include <cmath>

namespace zc {
namespace {

Ink in_whole_percent(const Ink& ink) {
  return {std::round(ink.c), std::round(ink.m), std::round(ink.y), std::round(ink.k)};
}

std::vector<std::size_t> those_that_need_a_decision_first(const std::vector<SwatchPress>& checked,
                                                          std::size_t count) {
  std::vector<std::size_t> out;
  for (const bool prints : {false, true})
    for (std::size_t i = 0; i < count; ++i)
      if (checked[i].prints == prints) out.push_back(i);
  return out;
}

} // namespace

PressPanel::PressPanel(Studio& model, Viewing& viewing, PressModel& press, ShareModel& share_model,
                       QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_reader(press), m_profile(new QComboBox(this)),
      m_limit(new NumberField(QStringLiteral("press.limit"),
                              tr("A color counts as printable within this difference (CIEDE2000)"), this)),
      m_proof(new WordControl(ControlKind::Switch, tr("show as printed"), this)),
      m_paper_white(new WordControl(ControlKind::Switch, tr("with the paper's white"), this)),
      m_says(new QLabel(this)), m_scroll(new QScrollArea(this)) {
  setObjectName(QStringLiteral("pressPanel"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 10, 0, 0);
  column->setSpacing(8);
  m_profile->setObjectName(QStringLiteral("press.profile"));
  m_profile->setAccessibleName(tr("Profile of the press"));
  m_profile->setToolTip(tr("The ICC profile of the press. The print shop can give you theirs."));
  m_profile->setFont(caption_font());
  m_profile->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_profile->setMinimumContentsLength(16);
  m_profile->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  connect(m_profile, &QComboBox::activated, this, [this](int i) {
    change([&](Sharing& s) { s.press = m_profile->itemData(i).toString().toStdString(); });
  });
  auto* add = word_action(QStringLiteral("press.add"), tr("Add profile"),
                          tr("Add the ICC profile of a four-color press to the shelf"), this);
  connect(add, &QAbstractButton::clicked, this, &PressPanel::profileAsked);
  auto* fields = new FieldGrid;
  fields->add(tr("Press"), {m_profile, add});
  m_limit->set_range({0.1, kLargestPrintLimit, 0.5, 1, {}, false, {}});
  m_limit->keep_width(84);
  fields->add(tr("Tolerance"), {m_limit});
  column->addLayout(fields);
  m_limit->setToolTip(tr("A color counts as printable within this difference (CIEDE2000)"));
  connect(m_limit, &NumberField::wanted, this,
          [this](double n) { change([&](Sharing& s) { s.print_limit = n; }); });
  auto* shown = new QVBoxLayout;
  shown->setSpacing(2);
  for (const auto& [button, name, tip] :
       {std::tuple(m_proof, "press.proof", tr("Show sheet, staff and Try as this press prints them")),
        std::tuple(m_paper_white, "press.white", tr("Show the white and black of the paper as well"))}) {
    button->setObjectName(QLatin1String(name));
    button->setToolTip(tip);
    shown->addWidget(button);
  }
  connect(m_proof, &QAbstractButton::clicked, this,
          [this](bool on) { change([&](Sharing& s) { s.proof = on; }); });
  connect(m_paper_white, &QAbstractButton::clicked, this,
          [this](bool on) { change([&](Sharing& s) { s.paper_white = on; }); });
  column->addLayout(shown);
  m_says->setObjectName(QStringLiteral("press.says"));
  m_says->setFont(caption_font());
  m_says->setWordWrap(true);
  column->addWidget(m_says);
  m_scroll->setFrameShape(QFrame::NoFrame);
  m_scroll->setWidgetResizable(true);
  column->addWidget(m_scroll, 1);
  connect(&share_model, &ShareModel::changed, this, &PressPanel::follow);
  connect(&press, &PressModel::changed, this, &PressPanel::follow);
  model.hear({Part::ColorVision}, this, &PressPanel::follow);
}

void PressPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  read_shelf();
}

void PressPanel::read_shelf() {
  m_shelf = read_press_shelf(shelf_folder(QStringLiteral("presses")).toStdString());
  follow();
}

void PressPanel::change(const std::function<void(Sharing&)>& by) {
  Sharing next = m_model.session().sharing;
  by(next);
  m_viewing.share(next);
}

void PressPanel::follow() {
  if (!isVisible()) return;
  const Sharing& sharing = m_model.session().sharing;
  m_profile->clear();
  m_profile->addItem(tr("No press"), QString());
  for (const ShelfPress& press : m_shelf) {
    m_profile->addItem(text(press.name), QString::fromStdString(press.file.string()));
    if (press.file == sharing.press) m_profile->setCurrentIndex(m_profile->count() - 1);
  }
  m_limit->show_value(sharing.print_limit);
  m_proof->setChecked(sharing.proof);
  m_paper_white->setChecked(sharing.paper_white);
  const auto press = m_reader.chosen();
  allow(*m_proof, press != nullptr, tr("Choose a press first."));
  allow(*m_paper_white, press != nullptr && sharing.proof,
        tr("Choose a press and tick \"show as printed\" first."));
  const auto* checked = m_reader.checked();
  if (!press)
    m_says->setText(tr("Choose a press to see which swatches it prints. The built-in profile is a good guess "
                       "for coated paper; the profile of your print shop is better."));
  else if (!checked)
    m_says->setText(tr("Computing what prints..."));
  list(checked ? *checked : std::vector<SwatchPress>());
}

/// `most_ink` where the press lays less than it asks for, else 0; `taken` numbers those that do not print.
void PressPanel::add_row(QGridLayout& grid, int row, const Swatch& swatch, const SwatchPress& p,
                         double most_ink, int taken) {
  auto* box = grid.parentWidget();
  auto* name = new ElidedLabel(caption_font(), box);
  name->setText(p.prints
                    ? text(swatch.name)
                    : tr("%1, differs by %2").arg(text(swatch.name)).arg(number(p.printed.difference, 1)));
  const Code* code = code_of(swatch);
  name->setToolTip(
      tr("%1, %2: %3 % ink in all")
          .arg(text(swatch.name), ink_words(p.printed.ink))
          .arg(number(p.printed.ink.total(), 0)) +
      (code ? QStringLiteral("\n") + tr("Written as %1.").arg(code_told(*code)) : QString()) +
      (most_ink > 0 ? tr(", more than the %1 % this press allows").arg(number(most_ink, 0)) : QString()));
  grid.addWidget(new ColorChip(m_model, swatch.color, box), row, 0);
  grid.addWidget(name, row, 2);
  if (p.prints) {
    // Inks as they were written stand out from those that were worked out.
    const bool written = written_for(*m_reader.chosen(), code) != nullptr;
    auto* amounts = new QLabel(ink_words(written ? p.printed.ink : in_whole_percent(p.printed.ink)), box);
    amounts->setFont(written ? caption_strong_font() : small_font());
    amounts->setToolTip(name->toolTip());
    return grid.addWidget(amounts, row, 3);
  }
  auto* nearest = new ColorChip(m_model, p.nearest->color, box);
  nearest->setToolTip((p.nearest->equal_value
                           ? tr("The nearest printable color of the same value; it differs by %1")
                           : tr("The nearest printable color, at another value; it differs by %1"))
                          .arg(number(p.nearest->difference, 1)));
  auto* take = word_action(
      QStringLiteral("press.take.%1").arg(taken), tr("Use printable color"),
      tr("Replace the swatch with the nearest printable color; the set before it is saved as a version"),
      box);
  connect(take, &QAbstractButton::clicked, this, [this, id = swatch.id] { m_reader.use_printable(id); });
  grid.addWidget(nearest, row, 1);
  grid.addWidget(take, row, 3);
}

void PressPanel::list(const std::vector<SwatchPress>& checked) {
  const int at = m_scroll->verticalScrollBar()->value();
  auto* box = new QWidget;
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 12, 0);
  grid->setHorizontalSpacing(8);
  grid->setVerticalSpacing(4);
  grid->setColumnStretch(2, 1);
  const auto swatches = m_reader.swatches();
  const double most_ink = m_reader.chosen() ? m_reader.chosen()->ink_limit() : 0;
  int row = 0, not_printing = 0, too_much = 0;
  const std::size_t count = std::min(checked.size(), swatches.size());
  // What needs a decision stands first.
  const std::vector<std::size_t> order = those_that_need_a_decision_first(checked, count);
  for (const std::size_t i : order) {
    const SwatchPress& p = checked[i];
    const double total = p.printed.ink.total();
    const bool wet = most_ink > 0 && total > most_ink + 0.5;
    not_printing += !p.prints;
    too_much += wet;
    add_row(*grid, row, *swatches[i], p, wet ? most_ink : 0, not_printing - 1);
    ++row;
  }
  if (!checked.empty()) {
    QString says =
        not_printing == 0
            ? tr("All %n swatches print as they are.", nullptr, static_cast<int>(checked.size()))
            : tr("%1 of %2 swatches cannot be printed as they are.").arg(not_printing).arg(checked.size());
    if (too_much > 0)
      says += QLatin1Char(' ') +
              tr("%n swatches need more than %1 % ink.", nullptr, too_much).arg(number(most_ink, 0));
    m_says->setText(says);
  }
  if (not_printing > 1) {
    auto* all =
        word_action(QStringLiteral("press.take.all"), tr("Use all printable colors"),
                    tr("Replace all of them in one step; the set before it is saved as a version"), box);
    connect(all, &QAbstractButton::clicked, this, [this] { m_reader.use_printable(0); });
    grid->addWidget(all, row, 3);
  }
  grid->setRowStretch(row + 1, 1);
  scroll_over_ground(m_scroll, box);
  m_scroll->verticalScrollBar()->setValue(at);
}

} // namespace zc
