// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/share/sheet_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "model/i18n/language.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

namespace zc {
namespace {

constexpr std::tuple<SheetPart, const char*, const char*> kParts[] = {
    {SheetPart::Title, QT_TRANSLATE_NOOP("zc::SheetPanel", "title and description"), "title"},
    {SheetPart::Reference, QT_TRANSLATE_NOOP("zc::SheetPanel", "reference"), "reference"},
    {SheetPart::Wheel, QT_TRANSLATE_NOOP("zc::SheetPanel", "wheel and mask"), "wheel"},
    {SheetPart::Swatches, QT_TRANSLATE_NOOP("zc::SheetPanel", "swatches"), "swatches"},
    {SheetPart::Staff, QT_TRANSLATE_NOOP("zc::SheetPanel", "staff"), "staff"},
    {SheetPart::Needs, QT_TRANSLATE_NOOP("zc::SheetPanel", "swatches needed, present, missing"), "needs"},
    {SheetPart::Signature, QT_TRANSLATE_NOOP("zc::SheetPanel", "signature and date"), "signature"}};

bool has_part(const SheetSpec& spec, SheetPart part) {
  return std::find(spec.parts.begin(), spec.parts.end(), part) != spec.parts.end();
}

QHBoxLayout* row_in(QVBoxLayout& column) {
  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  column.addLayout(row);
  return row;
}

} // namespace

SheetPanel::SheetPanel(Studio& space, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_space(space), m_viewing(viewing) {
  setObjectName(QStringLiteral("sheetPanel"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 10, 0, 0);
  column->setSpacing(6);
  make_parts(*column);
  column->addSpacing(8);
  make_swatches(*column);
  column->addSpacing(8);
  make_paper(*column);
  make_numbers(*column);
  column->addSpacing(12);
  make_writing(*column);
  column->addStretch(1);
  space.hear({Part::Sharing}, this, &SheetPanel::follow);
  follow();
}

void SheetPanel::make_parts(QVBoxLayout& column) {
  column.addWidget(heading_label(tr("On the sheet"), this));
  auto* grid = new QGridLayout;
  grid->setHorizontalSpacing(6);
  grid->setVerticalSpacing(3);
  grid->setColumnStretch(0, 1);
  column.addLayout(grid);
  for (const auto& [part, words, name] : kParts) add_part(*grid, part, tr(words), QLatin1String(name));
  column.addWidget(add_switch(
                       this, QStringLiteral("sheet.study"), tr("reference as study"),
                       tr("Show the reference as at Try, every pixel in its swatch"),
                       [](const SheetSpec& s) { return s.study; },
                       [](SheetSpec& s, bool on) { s.study = on; }),
                   0, Qt::AlignLeft);
}

void SheetPanel::add_part(QGridLayout& grid, SheetPart part, const QString& words, const QString& name) {
  const int line = grid.rowCount();
  grid.addWidget(caption_label(words, this), line, 0);
  auto* on = add_switch(
      this, QStringLiteral("sheet.") + name, tr("on"), tr("Show this part on the sheet"),
      [part](const SheetSpec& spec) { return has_part(spec, part); },
      [part](SheetSpec& spec, bool shown) {
        std::erase(spec.parts, part);
        if (!shown) return;
        // The signature closes the sheet.
        const bool signed_off = !spec.parts.empty() && spec.parts.back() == SheetPart::Signature;
        spec.parts.insert(spec.parts.end() - (signed_off ? 1 : 0), part);
      });
  on->setAccessibleName(words);
  grid.addWidget(on, line, 1);
  for (const int by : {-1, 1}) {
    auto* move = new WordControl(ControlKind::Action, by < 0 ? tr("Move up") : tr("Move down"), this);
    move->setObjectName(QStringLiteral("sheet.%1.%2").arg(name, by < 0 ? "up" : "down"));
    move->setAccessibleName((by < 0 ? tr("Move up: %1") : tr("Move down: %1")).arg(words));
    move->setToolTip(by < 0 ? tr("Move this part up") : tr("Move this part down"));
    connect(move, &QAbstractButton::clicked, this, [this, part, by] { move_part(part, by); });
    grid.addWidget(move, line, by < 0 ? 2 : 3);
  }
}

void SheetPanel::make_swatches(QVBoxLayout& column) {
  column.addWidget(heading_label(tr("Swatches"), this));
  auto* under = row_in(column);
  under->addWidget(add_switch(
      this, QStringLiteral("sheet.byValue"), tr("light to dark"),
      tr("Show the swatches in one row by value, not family by family"),
      [](const SheetSpec& s) { return s.by_value; }, [](SheetSpec& s, bool on) { s.by_value = on; }));
  const std::tuple<const char*, QString, bool SheetSpec::*> beside[] = {
      {"sheet.names", tr("name"), &SheetSpec::names},
      {"sheet.hexes", tr("hex"), &SheetSpec::hexes},
      {"sheet.values", tr("value"), &SheetSpec::values},
      {"sheet.notes", tr("note"), &SheetSpec::notes}};
  for (const auto& [name, word, member] : beside)
    under->addWidget(add_switch(
        this, QLatin1String(name), word, tr("Write this beside each swatch"),
        [member = member](const SheetSpec& s) { return s.*member; },
        [member = member](SheetSpec& s, bool on) { s.*member = on; }));
  under->addStretch(1);
}

void SheetPanel::make_paper(QVBoxLayout& column) {
  column.addWidget(heading_label(tr("Paper"), this));
  auto* paper = row_in(column);
  m_paper = new QComboBox(this);
  m_paper->setObjectName(QStringLiteral("sheet.paper"));
  m_paper->setAccessibleName(tr("Paper"));
  m_paper->setToolTip(tr("Paper, or the size of a screen"));
  m_paper->setFont(caption_font());
  for (const auto& p : kPaperWords) m_paper->addItem(word(p.word), static_cast<int>(p.value));
  connect(m_paper, &QComboBox::activated, this, [this](int i) {
    change([&](SheetSpec& s) { s.paper = static_cast<Paper>(m_paper->itemData(i).toInt()); });
  });
  paper->addWidget(m_paper);
  paper->addWidget(add_switch(
      this, QStringLiteral("sheet.lying"), tr("landscape"), tr("Turn the paper to landscape"),
      [](const SheetSpec& s) { return s.lying; }, [](SheetSpec& s, bool on) { s.lying = on; }));
  paper->addWidget(add_switch(
      this, QStringLiteral("sheet.dark"), tr("dark background"), tr("Print light text on a dark background"),
      [](const SheetSpec& s) { return s.dark; }, [](SheetSpec& s, bool on) { s.dark = on; }));
  paper->addStretch(1);
}

void SheetPanel::make_numbers(QVBoxLayout& column) {
  auto* numbers = row_in(column);
  const auto number = [&](const QString& name, const QString& tip, const Range& range,
                          const QString& suffix) {
    auto* field = new NumberField(name, tip, this);
    field->set_range({range.low, range.high, 1, 0, suffix, false, {}});
    field->setToolTip(tip);
    field->keep_width(110);
    numbers->addWidget(field);
    return field;
  };
  m_margin = number(QStringLiteral("sheet.margin"), tr("Margin, 5 to 40 millimetres"), kSheetMarginRange,
                    tr(" mm margin"));
  connect(m_margin, &NumberField::wanted, this,
          [this](double mm) { change([&](SheetSpec& s) { s.margin = mm; }); });
  m_value = number(QStringLiteral("sheet.value"), tr("Value at which the wheel is shown, L*"), {0, 100},
                   tr(" wheel value"));
  connect(m_value, &NumberField::wanted, this,
          [this](double v) { change([&](SheetSpec& s) { s.wheel_value = v; }); });
  numbers->addWidget(add_switch(
      this, QStringLiteral("sheet.vivid"), tr("vivid"), tr("Each hue at the value where it is strongest"),
      [](const SheetSpec& s) { return !s.wheel_value; },
      [](SheetSpec& s, bool on) { s.wheel_value = on ? std::nullopt : std::optional(66.0); }));
  numbers->addStretch(1);
}

void SheetPanel::make_writing(QVBoxLayout& column) {
  auto* write = row_in(column);
  const std::tuple<const char*, QString, QString> formats[] = {
      {"pdf", tr("Save PDF"), tr("Save all pages of the sheet as one PDF")},
      {"svg", tr("Save SVG"), tr("Save the sheet as SVG, one file for each page")},
      {"png", tr("Save PNG"), tr("Save the sheet as PNG at 300 pixels per inch, one file for each page")},
      {"print", tr("Print"), tr("See the sheet in a preview and print it")}};
  for (const auto& [format, words, tip] : formats) {
    auto* button = new QPushButton(words, this);
    button->setObjectName(QStringLiteral("sheet.write.") + QLatin1String(format));
    button->setToolTip(tip);
    connect(button, &QPushButton::clicked, this,
            [this, f = QString::fromLatin1(format)] { emit writeAsked(f); });
    write->addWidget(button);
  }
  write->addStretch(1);
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
  Sharing next = m_space.session().sharing;
  by(next.sheet);
  m_viewing.share(next);
}

void SheetPanel::move_part(SheetPart part, int by) {
  change([&](SheetSpec& s) {
    const auto at = std::find(s.parts.begin(), s.parts.end(), part);
    if (at == s.parts.end()) return;
    const auto to = at - s.parts.begin() + by;
    if (to >= 0 && to < static_cast<std::ptrdiff_t>(s.parts.size())) std::iter_swap(at, s.parts.begin() + to);
  });
}

void SheetPanel::follow() {
  const SheetSpec& spec = m_space.session().sharing.sheet;
  for (const Switch& s : m_switches) s.button->setChecked(s.on(spec));
  m_paper->setCurrentIndex(m_paper->findData(static_cast<int>(spec.paper)));
  m_margin->show_value(spec.margin);
  m_value->show_value(spec.wheel_value.value_or(66));
  m_value->setEnabled(spec.wheel_value.has_value());
}

} // namespace zc
