// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/share/sheet_panel.h"

#include "app/controls/controls.h"
#include "app/controls/field_grid.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QMenu>
#include <QPushButton>

namespace zc {
namespace {

constexpr std::pair<SheetPart, const char*> kParts[] = {
    {SheetPart::Title, QT_TRANSLATE_NOOP("zc::SheetPanel", "title and description")},
    {SheetPart::Reference, QT_TRANSLATE_NOOP("zc::SheetPanel", "reference")},
    {SheetPart::Wheel, QT_TRANSLATE_NOOP("zc::SheetPanel", "wheel and mask")},
    {SheetPart::Keys, QT_TRANSLATE_NOOP("zc::SheetPanel", "color keys, as listed at Limit")},
    {SheetPart::Swatches, QT_TRANSLATE_NOOP("zc::SheetPanel", "swatches")},
    {SheetPart::Staff, QT_TRANSLATE_NOOP("zc::SheetPanel", "staff")},
    {SheetPart::Needs, QT_TRANSLATE_NOOP("zc::SheetPanel", "swatches needed, present, missing")},
    {SheetPart::Signature, QT_TRANSLATE_NOOP("zc::SheetPanel", "signature and date")}};

/// The panel must not grow with a name.
QString shortened_name(const SwatchSet& set) {
  constexpr int most = 18;
  const QString name = text(set.name);
  return name.size() <= most ? name : name.left(most - 1) + QChar(0x2026);
}

QHBoxLayout* row_in(QVBoxLayout& column) {
  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  column.addLayout(row);
  return row;
}

} // namespace

SheetPanel::SheetPanel(Studio& model, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing) {
  setObjectName(QStringLiteral("sheetPanel"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 10, 0, 0);
  column->setSpacing(6);
  make_parts(*column);
  column->addSpacing(8);
  make_swatches(*column);
  column->addSpacing(8);
  make_paper(*column);
  make_numbers();
  column->addSpacing(12);
  make_writing(*column);
  column->addStretch(1);
  model.hear({Part::Sharing, Part::Sets}, this, &SheetPanel::follow);
  follow();
}

/// Ticked is what is on the sheet, in this order from top to bottom.
void SheetPanel::make_parts(QVBoxLayout& column) {
  column.addWidget(heading_label(tr("On the sheet"), this));
  m_parts = new QListWidget(this);
  m_parts->setObjectName(QStringLiteral("sheet.parts"));
  m_parts->setAccessibleName(tr("Parts of the sheet"));
  m_parts->setToolTip(tr("Tick what is shown on the sheet; drag a part to move it"));
  m_parts->setFont(caption_font());
  m_parts->setDragDropMode(QAbstractItemView::InternalMove);
  m_parts->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  column.addWidget(m_parts);
  auto* under = row_in(column);
  const std::tuple<const char*, QString, QString, int> moves[] = {
      {"sheet.up", tr("Move up"), tr("Move the chosen part up"), -1},
      {"sheet.down", tr("Move down"), tr("Move the chosen part down"), 1}};
  for (const auto& [name, word, tip, by] : moves) {
    auto* move = word_action(QLatin1String(name), word, tip, this);
    connect(move, &QAbstractButton::clicked, this, [this, by = by] { move_part(by); });
    (by < 0 ? m_up : m_down) = move;
    under->addWidget(move);
  }
  under->addStretch();
  auto* also = row_in(column);
  also->addWidget(add_switch(
      this, QStringLiteral("sheet.study"), tr("reference as study"),
      tr("Show the reference as at Try, every pixel in its swatch"),
      [](const SheetSpec& s) { return s.study; }, [](SheetSpec& s, bool on) { s.study = on; }));
  also->addWidget(add_switch(
      this, QStringLiteral("sheet.places"), tr("swatches on wheel"),
      tr("Mark the place of each swatch on the wheel"), [](const SheetSpec& s) { return s.places; },
      [](SheetSpec& s, bool on) { s.places = on; }));
  also->addStretch();
  connect(m_parts, &QListWidget::currentRowChanged, this, &SheetPanel::show_moves);
  connect(m_parts, &QListWidget::itemChanged, this, &SheetPanel::apply_parts, Qt::QueuedConnection);
  connect(m_parts->model(), &QAbstractItemModel::rowsMoved, this, &SheetPanel::apply_parts,
          Qt::QueuedConnection);
}

/// What the list says, after a tick or a move.
void SheetPanel::apply_parts() {
  show_moves(); // Also where the sheet stays the same, as when a part that is left out has moved.
  std::vector<SheetPart> parts;
  for (int i = 0; i < m_parts->count(); ++i)
    if (m_parts->item(i)->checkState() == Qt::Checked)
      parts.push_back(static_cast<SheetPart>(m_parts->item(i)->data(Qt::UserRole).toInt()));
  change([&](SheetSpec& s) { s.parts = parts; });
}

/// Those on the sheet in its order; the others keep their place in the list.
void SheetPanel::follow_parts(const std::vector<SheetPart>& parts) {
  const QSignalBlocker quiet(m_parts);
  std::vector<SheetPart> order;
  order.reserve(std::size(kParts));
  for (int i = 0; i < m_parts->count(); ++i)
    order.push_back(static_cast<SheetPart>(m_parts->item(i)->data(Qt::UserRole).toInt()));
  if (order.empty())
    for (const auto& [part, words] : kParts) order.push_back(part);
  auto next = parts.begin();
  for (SheetPart& part : order)
    if (std::find(parts.begin(), parts.end(), part) != parts.end()) part = *next++;
  const int chosen = m_parts->currentRow();
  const QVariant was = m_parts->currentItem() ? m_parts->currentItem()->data(Qt::UserRole) : QVariant();
  m_parts->clear();
  for (const SheetPart part : order) {
    const auto known =
        std::find_if(std::begin(kParts), std::end(kParts), [part](const auto& p) { return p.first == part; });
    auto* item = new QListWidgetItem(tr(known->second), m_parts);
    item->setData(Qt::UserRole, static_cast<int>(part));
    item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable |
                   Qt::ItemIsDragEnabled);
    item->setCheckState(std::find(parts.begin(), parts.end(), part) != parts.end() ? Qt::Checked
                                                                                   : Qt::Unchecked);
    if (was.isValid() && item->data(Qt::UserRole) == was) m_parts->setCurrentItem(item);
  }
  if (!was.isValid() && chosen < 0) m_parts->setCurrentRow(0);
  m_parts->setFixedHeight(m_parts->sizeHintForRow(0) * m_parts->count() + 6);
  show_moves();
}

void SheetPanel::show_moves() {
  const int row = m_parts->currentRow();
  allow(*m_up, row > 0, tr("The chosen part stands first."));
  allow(*m_down, row < m_parts->count() - 1, tr("The chosen part stands last."));
}

void SheetPanel::make_swatches(QVBoxLayout& column) {
  column.addWidget(heading_label(tr("Swatches"), this));
  auto* which = row_in(column);
  m_sets = word_opener(QStringLiteral("sheet.sets"), tr("Sets"), tr("Choose the sets that are on the sheet"),
                       this);
  auto* menu = new QMenu(m_sets);
  connect(menu, &QMenu::aboutToShow, this, [this, menu] { fill_sets(*menu); });
  opens(*m_sets, *menu);
  which->addWidget(m_sets);
  which->addWidget(add_switch(
      this, QStringLiteral("sheet.setWords"), tr("with their notes"),
      tr("Write the note of a set above its swatches"), [](const SheetSpec& s) { return s.set_words; },
      [](SheetSpec& s, bool on) { s.set_words = on; }));
  which->addStretch(1);
  auto* under = row_in(column);
  under->addWidget(add_switch(
      this, QStringLiteral("sheet.large"), tr("large"), tr("Show large swatches with their words below them"),
      [](const SheetSpec& s) { return s.large; }, [](SheetSpec& s, bool on) { s.large = on; }));
  under->addWidget(add_switch(
      this, QStringLiteral("sheet.byValue"), tr("light to dark"),
      tr("Show the swatches in one row by value, not family by family"),
      [](const SheetSpec& s) { return s.by_value; }, [](SheetSpec& s, bool on) { s.by_value = on; }));
  under->addStretch(1);
  const std::tuple<const char*, QString, bool SheetSpec::*> beside[] = {
      {"sheet.names", tr("name"), &SheetSpec::names},
      {"sheet.hexes", tr("hex"), &SheetSpec::hexes},
      {"sheet.values", tr("value"), &SheetSpec::values},
      {"sheet.notes", tr("note"), &SheetSpec::notes}};
  auto* told = row_in(column);
  for (const auto& [name, word, member] : beside)
    told->addWidget(add_switch(
        this, QLatin1String(name), word, tr("Write this beside each swatch"),
        [member = member](const SheetSpec& s) { return s.*member; },
        [member = member](SheetSpec& s, bool on) { s.*member = on; }));
  told->addStretch(1);
}

/// Sets in the order of the piece; the last one that is ticked cannot be unticked.
void SheetPanel::fill_sets(QMenu& menu) {
  menu.clear();
  const Piece& piece = m_model.piece();
  const auto shown = sets_on(m_model.session().sharing.sheet, piece);
  const auto is_shown = [&](Id id) {
    return std::any_of(shown.begin(), shown.end(), [id](const SwatchSet* set) { return set->id == id; });
  };
  for (const SwatchSet& set : piece.sets) {
    auto* entry = menu.addAction(text(set.name).replace(QLatin1Char('&'), QStringLiteral("&&")), this,
                                 [this, id = set.id](bool on) { show_set(id, on); });
    entry->setCheckable(true);
    entry->setChecked(is_shown(set.id));
    entry->setEnabled(shown.size() > 1 || !is_shown(set.id));
  }
}

void SheetPanel::show_set(Id set, bool on) {
  const auto shown = sets_on(m_model.session().sharing.sheet, m_model.piece());
  std::vector<Id> wanted;
  for (const SwatchSet& s : m_model.piece().sets) {
    const bool was =
        std::any_of(shown.begin(), shown.end(), [&](const SwatchSet* x) { return x->id == s.id; });
    if (s.id == set ? on : was) wanted.push_back(s.id);
  }
  // The current set alone is not chosen by name: the sheet goes along when another one becomes the current
  // set.
  if (wanted == std::vector<Id>{m_model.piece().current_set}) wanted.clear();
  change([&](SheetSpec& spec) { spec.sets = wanted; });
}

void SheetPanel::make_paper(QVBoxLayout& column) {
  column.addWidget(heading_label(tr("Paper"), this));
  m_fields = new FieldGrid;
  column.addLayout(m_fields);
  m_paper = new QComboBox(this);
  m_paper->setObjectName(QStringLiteral("sheet.paper"));
  m_paper->setAccessibleName(tr("Paper"));
  m_paper->setToolTip(tr("Paper, or the size of a screen"));
  m_paper->setFont(caption_font());
  for (const auto& p : kPaperWords) m_paper->addItem(word(p.word), static_cast<int>(p.value));
  connect(m_paper, &QComboBox::activated, this, [this](int i) {
    change([&](SheetSpec& s) { s.paper = static_cast<Paper>(m_paper->itemData(i).toInt()); });
  });
  m_lying = add_switch(
      this, QStringLiteral("sheet.lying"), tr("landscape"), tr("Turn the paper to landscape"),
      [](const SheetSpec& s) { return s.lying; }, [](SheetSpec& s, bool on) { s.lying = on; });
  m_fields->add(tr("Size"), {m_paper, m_lying});
}

void SheetPanel::make_numbers() {
  const auto number = [&](const QString& name, const QString& tip, const Range& range,
                          const QString& suffix) {
    auto* field = new NumberField(name, tip, this);
    field->set_range({range.low, range.high, 1, 0, suffix, false, {}});
    field->setToolTip(tip);
    field->keep_width(84);
    return field;
  };
  m_margin =
      number(QStringLiteral("sheet.margin"), tr("Margin, 5 to 40 millimetres"), kSheetMarginRange, tr(" mm"));
  connect(m_margin, &NumberField::wanted, this,
          [this](double mm) { change([&](SheetSpec& s) { s.margin = mm; }); });
  m_value = number(QStringLiteral("sheet.value"), tr("Value at which the wheel is shown, L*"), {0, 100}, {});
  connect(m_value, &NumberField::wanted, this,
          [this](double v) { change([&](SheetSpec& s) { s.wheel_value = v; }); });
  m_fields->add(tr("Margin"), {m_margin, add_switch(
                                             this, QStringLiteral("sheet.dark"), tr("dark background"),
                                             tr("Print light text on a dark background"),
                                             [](const SheetSpec& s) { return s.dark; },
                                             [](SheetSpec& s, bool on) { s.dark = on; })});
  m_fields->add(tr("Wheel at value"), {m_value, add_switch(
                                                    this, QStringLiteral("sheet.vivid"), tr("vivid"),
                                                    tr("Each hue at the value where it is strongest"),
                                                    [](const SheetSpec& s) { return !s.wheel_value; },
                                                    [](SheetSpec& s, bool on) {
                                                      s.wheel_value = on ? std::nullopt : std::optional(66.0);
                                                    })});
}

void SheetPanel::make_writing(QVBoxLayout& column) {
  auto* write = row_in(column);
  auto* print = row_in(column);
  const std::tuple<const char*, QString, QString> formats[] = {
      {"pdf", tr("Save PDF"), tr("Save all pages of the sheet as one PDF")},
      {"svg", tr("Save SVG"), tr("Save the sheet as SVG, one file for each page")},
      {"png", tr("Save PNG"),
       tr("Save the sheet as PNG, one file for each page: at 300 pixels per inch, or of just so many pixels "
          "where the size is in pixels")},
      {"print", tr("Print"), tr("See the sheet in a preview and print it")}};
  for (const auto& [format, words, tip] : formats) {
    auto* button = new QPushButton(words, this);
    button->setObjectName(QStringLiteral("sheet.write.") + QLatin1String(format));
    button->setToolTip(tip);
    button->setDefault(QLatin1String(format) == QLatin1String("pdf"));
    connect(button, &QPushButton::clicked, this,
            [this, f = QString::fromLatin1(format)] { emit writeAsked(f); });
    (QLatin1String(format) == QLatin1String("print") ? print : write)->addWidget(button);
  }
  write->addStretch(1);
  print->addStretch(1);
}

WordControl* SheetPanel::add_switch(QWidget* parent, const QString& name, const QString& word,
                                    const QString& tip, const std::function<bool(const SheetSpec&)>& on,
                                    const std::function<void(SheetSpec&, bool)>& turn) {
  auto* button = word_switch(name, word, tip, parent);
  connect(button, &QAbstractButton::clicked, this,
          [this, turn](bool checked) { change([&](SheetSpec& s) { turn(s, checked); }); });
  m_switches.push_back({button, on});
  return button;
}

void SheetPanel::change(const std::function<void(SheetSpec&)>& by) {
  Sharing next = m_model.session().sharing;
  by(next.sheet);
  m_viewing.share(next);
}

void SheetPanel::move_part(int by) {
  const int from = m_parts->currentRow(), to = from + by;
  if (from < 0 || to < 0 || to >= m_parts->count()) return;
  {
    const QSignalBlocker quiet(m_parts);
    QListWidgetItem* moved = m_parts->takeItem(from);
    m_parts->insertItem(to, moved);
    m_parts->setCurrentRow(to);
  }
  apply_parts();
}

void SheetPanel::follow() {
  const SheetSpec& spec = m_model.session().sharing.sheet;
  follow_parts(spec.parts);
  for (const Switch& s : m_switches) s.button->setChecked(s.on(spec));
  m_paper->setCurrentIndex(m_paper->findData(static_cast<int>(spec.paper)));
  const auto [width, height] = paper_size(spec.paper, false);
  allow(*m_lying, width != height, tr("A square is as wide as it is high."));
  const auto shown = sets_on(spec, m_model.piece());
  m_sets->setText(shown.size() == 1 ? tr("Set: %1").arg(shortened_name(*shown.front()))
                                    : tr("%n sets", nullptr, static_cast<int>(shown.size())));
  m_margin->show_value(spec.margin);
  m_value->show_value(spec.wheel_value.value_or(66));
  allow(*m_value, spec.wheel_value.has_value(), tr("On the vivid wheel each hue has a value of its own."));
}

} // namespace zc
