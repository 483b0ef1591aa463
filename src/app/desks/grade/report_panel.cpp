// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/report_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/grading/remedies.h"
#include "model/i18n/text.h"
#include "model/proof/press_reading.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/share/share_reading.h"
#include "model/work/set_work.h"

#include <QEvent>
#include <QGridLayout>
#include <QLabel>
#include <QMouseEvent>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>

namespace zc {
namespace {

/// Parts shown at most; more come up as the first ones are dealt with.
constexpr std::size_t kMostParts = 40;
constexpr int kIndent = 14;

} // namespace

ReportPanel::ReportPanel(Studio& space, Viewing& viewing, SetWork& work, PressReader& press, QWidget* parent)
    : QWidget(parent), m_space(space), m_viewing(viewing), m_work(work), m_reader(press),
      m_contrast(new QLabel(this)), m_summary(new QLabel(this)), m_scroll(new QScrollArea(this)),
      m_limits(new WordControl(ControlKind::Opener, tr("Limits"), this)) {
  m_contrast->setObjectName(QStringLiteral("contrast"));
  m_summary->setObjectName(QStringLiteral("findingsSummary"));
  for (QLabel* label : {m_contrast, m_summary}) {
    label->setFont(caption_font());
    label->setWordWrap(true);
  }
  m_summary->setFont(caption_strong_font());
  m_scroll->setAccessibleName(tr("Report on the set"));
  m_scroll->setToolTip(tr("What could be better, the most important first"));
  m_scroll->setWidgetResizable(true);
  m_scroll->setFrameShape(QFrame::NoFrame);
  m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  column->addWidget(m_summary);
  column->addWidget(m_scroll, 1);
  column->addWidget(m_contrast);
  m_limits->setObjectName(QStringLiteral("reportLimits"));
  m_limits->setCheckable(true);
  m_limits->setToolTip(
      tr("Set what the report looks for, and how many light, middle and dark swatches you want"));
  column->addWidget(m_limits);
  m_rule_box = make_rules();
  m_rule_box->hide();
  column->addWidget(m_rule_box);
  connect(m_limits, &QAbstractButton::toggled, m_rule_box, &QWidget::setVisible);
  space.hear({Part::Sets, Part::Geometry}, this, &ReportPanel::follow);
  connect(&work, &SetWork::reportChanged, this, &ReportPanel::follow);
  connect(&space, &Studio::startedAnew, this, [this] { m_open.clear(); });
  space.hear({Part::Selection}, this, &ReportPanel::follow_selection);
  connect(&press, &PressReader::changed, this, &ReportPanel::follow);
}

void ReportPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

/// The rows keep the greys they were made in.
void ReportPanel::changeEvent(QEvent* event) {
  QWidget::changeEvent(event);
  if (event->type() == QEvent::PaletteChange) follow();
}

QWidget* ReportPanel::make_rules() {
  auto* box = new QWidget(this);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 4, 0, 0);
  grid->setHorizontalSpacing(8);
  grid->setVerticalSpacing(4);
  int place = 0;
  const auto rule = [&](const char* name, const QString& word, const QString& tip, const NumberRange& range,
                        auto member) {
    auto* label = caption_label(word, box);
    auto* field = new NumberField(QLatin1String(name), tip, box);
    field->setToolTip(tip);
    field->set_range(range);
    field->setFixedWidth(54);
    grid->addWidget(label, place / 2, place % 2 * 2);
    grid->addWidget(field, place / 2, place % 2 * 2 + 1);
    ++place;
    m_rules.push_back({field, [member](const GradingRules& r) {
                         GradingRules copy = r;
                         return static_cast<double>(member(copy));
                       }});
    connect(field, &NumberField::wanted, this, [this, field, member](double value) {
      change_rule([member](GradingRules& r,
                           double v) { member(r) = static_cast<std::decay_t<decltype(member(r))>>(v); },
                  value, field->drag_key());
    });
  };
  const auto whole = [](Range range) { return NumberRange{range.low, range.high, 1, 0, {}, false, {}}; };
  const auto halves = [](Range range) { return NumberRange{range.low, range.high, 0.5, 1, {}, false, {}}; };
  rule("targetLight", tr("Light swatches wanted"), tr("How many light swatches the set should have"),
       whole(kTargetRange), [](GradingRules& r) -> int& { return r.target.light; });
  rule("ruleNear", tr("Near-duplicate below"),
       tr("Two swatches that differ by less than this (CIEDE2000) are near-duplicates"),
       halves(kNearDuplicateRange), [](GradingRules& r) -> double& { return r.near_duplicate; });
  rule("targetMiddle", tr("Middle swatches wanted"), tr("How many middle swatches the set should have"),
       whole(kTargetRange), [](GradingRules& r) -> int& { return r.target.middle; });
  rule("ruleTwin", tr("One value below"),
       tr("Two hues whose values differ by less than this read as one value when you squint"),
       halves(kTwinRange), [](GradingRules& r) -> double& { return r.twin; });
  rule("targetDark", tr("Dark swatches wanted"), tr("How many dark swatches the set should have"),
       whole(kTargetRange), [](GradingRules& r) -> int& { return r.target.dark; });
  rule("ruleGap", tr("Gap above"),
       tr("Neighbors of a family whose values differ by more than this have a gap between them"),
       whole(kGapRange), [](GradingRules& r) -> double& { return r.gap; });
  rule("ruleSteps", tr("Value steps"), tr("How many steps lead from black to white"), whole(kValueStepsRange),
       [](GradingRules& r) -> int& { return r.value_steps; });
  rule("ruleOutside", tr("Outside mask from"),
       tr("A swatch that differs by at least this (CIEDE2000) from the nearest color of the mask counts as "
          "outside"),
       halves(kOutsideRange), [](GradingRules& r) -> double& { return r.outside; });
  return box;
}

void ReportPanel::change_rule(const std::function<void(GradingRules&, double)>& set, double value,
                              const QString& drag) {
  GradingRules rules = m_space.piece().grading;
  set(rules, value);
  m_space.store().apply(
      tr("Change grading"), [=](Piece p) { return with_grading(std::move(p), rules); }, drag);
}

namespace {

QString name_of(const Piece& piece, Id id) {
  const Swatch* s = find_swatch(piece, id);
  return s ? text(s->name) : QString();
}

/// What is said of a finding and what mends it.
struct Told {
  QString words, remedy;
  QString step; ///< Name of the undo step.
  PieceStore::Edit edit;
};

Told near_told(const Piece& piece, const GradingReport& report, const Finding& f) {
  const SwatchPair& p = report.near_duplicates[f.of.front()];
  if (f.parts.empty())
    return {ReportPanel::tr("%1 and %2 are near-duplicates, they differ by %3")
                .arg(name_of(piece, p.a), name_of(piece, p.b))
                .arg(number(p.difference, 1)),
            ReportPanel::tr("Merge them"), ReportPanel::tr("Merge near-duplicates"),
            [p](Piece edited) { return with_merged(std::move(edited), p.a, p.b); }};
  return {ReportPanel::tr("%1 swatches near %2 are near-duplicates")
              .arg(f.swatches.size())
              .arg(name_of(piece, p.a)),
          {},
          {},
          {}};
}

Told gap_told(const Piece& piece, const GradingReport& report, const Finding& f) {
  const ValueGap& g = report.gaps[f.of.front()];
  const QString family = text(find_family(piece, g.family)->name);
  if (!f.parts.empty()) return {ReportPanel::tr("%1: %2 gaps").arg(family).arg(f.parts.size()), {}, {}, {}};
  const double low = value_of(find_swatch(piece, g.dark)->color),
               high = value_of(find_swatch(piece, g.light)->color);
  return {ReportPanel::tr("%1: gap between %2 and %3").arg(family).arg(number(high, 0)).arg(number(low, 0)),
          ReportPanel::tr("Add one at %1").arg(number((low + high) / 2, 0)), ReportPanel::tr("Fill gap"),
          [g](Piece edited) { return with_gap_filled(std::move(edited), g); }};
}

Told outside_told(const Piece& piece, const Finding& f) {
  const QString words =
      f.swatches.size() == 1
          ? ReportPanel::tr("%1 is outside the mask").arg(name_of(piece, f.swatches.front()))
          : ReportPanel::tr("%1 swatches are outside the mask").arg(f.swatches.size());
  return {words,
          f.swatches.size() == 1 ? ReportPanel::tr("Move it inside") : ReportPanel::tr("Move all inside"),
          ReportPanel::tr("Move into mask"),
          [ids = f.swatches](Piece edited) { return with_brought_inside(std::move(edited), ids); }};
}

/// Of two the names; of more their number and value. Its ends are what is parted.
Told twin_told(const Piece& piece, const GradingReport& report, const Finding& f) {
  const TwinBand& band = report.twin_bands[f.of.front()];
  const auto& ids = band.swatches;
  const QString words = ids.size() == 2
                            ? ReportPanel::tr("%1 and %2 read as one value when you squint")
                                  .arg(name_of(piece, ids[0]), name_of(piece, ids[1]))
                            : ReportPanel::tr("%1 swatches at value %2 read as one when you squint")
                                  .arg(ids.size())
                                  .arg(number((band.low + band.high) / 2, 0));
  return {words,
          ids.size() == 2
              ? ReportPanel::tr("Separate by %1 values").arg(number(2 * piece.grading.twin, 0))
              : ReportPanel::tr("Separate ends by %1 values").arg(number(2 * piece.grading.twin, 0)),
          ReportPanel::tr("Separate values"),
          [ids](Piece edited) { return with_parted(std::move(edited), ids.front(), ids.back()); }};
}

Told confused_told(const Piece& piece, const GradingReport& report, const Finding& f) {
  const QString eyes = eyes_word(f.eyes);
  if (!f.parts.empty())
    return {ReportPanel::tr("%1: %2 swatches look like others").arg(eyes).arg(f.swatches.size()), {}, {}, {}};
  const Confusion& c = report.confusions[f.of.front()];
  return {ReportPanel::tr("%1: %2 and %3 look alike").arg(eyes, name_of(piece, c.a), name_of(piece, c.b)),
          ReportPanel::tr("Separate in value"), ReportPanel::tr("Separate for color vision"),
          [c](const Piece& edited) { return with_told_apart(edited, c.a, c.b, c.eyes); }};
}

QString rest_told(const Finding& f) {
  switch (f.kind) {
  case FindingKind::Near:
    return ReportPanel::tr("%1 more clusters of near-duplicates").arg(f.parts.size());
  case FindingKind::Gaps:
    return ReportPanel::tr("gaps in %n more families", nullptr, static_cast<int>(f.parts.size()));
  case FindingKind::Outside:
  case FindingKind::Twins:
  case FindingKind::Confused:
    break;
  }
  return ReportPanel::tr("%1 more values read as one when you squint").arg(f.parts.size());
}

Told told(const Piece& piece, const GradingReport& report, const Finding& f) {
  if (f.rest) return {rest_told(f), {}, {}, {}};
  switch (f.kind) {
  case FindingKind::Near:
    return near_told(piece, report, f);
  case FindingKind::Gaps:
    return gap_told(piece, report, f);
  case FindingKind::Outside:
    return outside_told(piece, f);
  case FindingKind::Confused:
    return confused_told(piece, report, f);
  case FindingKind::Twins:
    break;
  }
  return twin_told(piece, report, f);
}

} // namespace

WordControl* ReportPanel::add_word(QWidget* row, const QString& name, const QString& word,
                                   const QString& said) {
  auto* button = new WordControl(ControlKind::Action, word, row);
  button->setObjectName(name);
  button->setAccessibleName(said);
  button->setToolTip(said);
  return button;
}

std::pair<QWidget*, QHBoxLayout*> ReportPanel::begin_row(const QString& said, int depth) {
  auto* row = new QWidget(m_rows);
  auto* column = new QVBoxLayout(row);
  column->setContentsMargins(kIndent * depth, 0, 4, 0);
  column->setSpacing(1);
  // The sentence runs our way even where it begins with a name that runs the other.
  auto* words = new QLabel(QChar(0x200e) + said, row);
  words->setObjectName(depth == 0 ? QStringLiteral("finding") : QStringLiteral("findingPart"));
  words->setFont(caption_font());
  words->setWordWrap(true);
  words->setTextFormat(Qt::PlainText);
  auto* line = new QHBoxLayout;
  line->setSpacing(2);
  column->addWidget(words);
  column->addLayout(line);
  m_rows->layout()->addWidget(row);
  return {row, line};
}

void ReportPanel::add_row(const Finding& finding, int depth) {
  const Told says = told(m_space.piece(), m_work.report(), finding);
  auto [row, line] = begin_row(says.words, depth);
  if (says.edit) {
    auto* remedy =
        add_word(row, QStringLiteral("remedy"), says.remedy, says.words + QStringLiteral(": ") + says.remedy);
    connect(remedy, &QAbstractButton::clicked, this,
            m_space.bound([this, says](bool) { m_space.store().apply(says.step, says.edit); }),
            Qt::QueuedConnection);
    line->addWidget(remedy);
  }
  auto* show = add_word(row, QStringLiteral("showFinding"), tr("Show"), tr("Select: %1").arg(says.words));
  connect(show, &QAbstractButton::clicked, this, [this, ids = finding.swatches] { m_work.select(ids); });
  line->addWidget(show);
  const std::tuple key{finding.kind, finding.eyes, finding.swatches.front()};
  const bool open = m_open.contains(key);
  if (finding.kind == FindingKind::Confused) {
    auto* look = add_word(row, QStringLiteral("lookFinding"), tr("See"),
                          tr("Show all colors as with this color vision: %1").arg(says.words));
    connect(look, &QAbstractButton::clicked, this,
            [this, eyes = finding.eyes] { m_viewing.look_with(eyes); });
    line->addWidget(look);
  }
  if (!finding.parts.empty()) {
    auto* opener = add_word(row, QStringLiteral("openFinding"), open ? tr("Hide") : tr("Show all"),
                            tr("One by one: %1").arg(says.words));
    connect(
        opener, &QAbstractButton::clicked, this,
        [this, key, open] {
          open ? static_cast<void>(m_open.erase(key)) : static_cast<void>(m_open.insert(key));
          follow();
        },
        Qt::QueuedConnection);
    line->addWidget(opener);
  }
  line->addStretch();
  if (!open) return;
  for (std::size_t i = 0; i < std::min(kMostParts, finding.parts.size()); ++i)
    add_row(finding.parts[i], depth + 1);
}

void ReportPanel::follow() {
  if (!isVisible()) return;
  const auto all = gathered(m_work.report(), m_space.piece().grading);
  const SwatchSet* set = current_set(m_space.piece());
  const int at = m_scroll->verticalScrollBar()->value();
  m_rows = new QWidget;
  auto* column = new QVBoxLayout(m_rows);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  const std::size_t count = all.size() + (add_press_row() ? 1 : 0);
  for (const Finding& finding : all) add_row(finding, 0);
  column->addStretch();
  m_summary->setText(!set || swatch_count(*set) == 0
                         ? tr("The set is empty. Add swatches at Pick, with Ctrl+L, to see a report here.")
                     : m_work.report_is_late() ? tr("Checking the set...")
                     : count == 0
                         ? tr("All is well: no near-duplicates, no gaps, nothing that reads as one value.")
                         : tr("%1 to look at").arg(count));
  scroll_over_ground(m_scroll, m_rows);
  m_scroll->verticalScrollBar()->setValue(at);
  for (const auto& rule : m_rules) rule.field->show_value(rule.read(m_space.piece().grading));
  follow_selection();
}

/// What the chosen press does not print.
bool ReportPanel::add_press_row() {
  const auto* checked = m_reader.checked();
  if (!checked) return false;
  std::vector<Id> ids;
  const auto swatches = m_reader.swatches();
  for (std::size_t i = 0; i < checked->size() && i < swatches.size(); ++i)
    if (!(*checked)[i].prints) ids.push_back(swatches[i]->id);
  if (ids.empty()) return false;
  const QString said = tr("%1 of %2 swatches do not print: %3")
                           .arg(ids.size())
                           .arg(swatches.size())
                           .arg(text(m_reader.chosen()->name()));
  auto [row, line] = begin_row(said, 0);
  auto* take =
      add_word(row, QStringLiteral("pressRemedy"), tr("Use printable colors"),
               tr("Replace them with the nearest printable colors; the set before it is saved as a version"));
  connect(
      take, &QAbstractButton::clicked, this, [this] { m_reader.take_printable(0); }, Qt::QueuedConnection);
  auto* show = add_word(row, QStringLiteral("pressShow"), tr("Show"), tr("Select: %1").arg(said));
  connect(show, &QAbstractButton::clicked, this, [this, ids] { m_work.select(ids); });
  line->addWidget(take);
  line->addWidget(show);
  line->addStretch();
  return true;
}

void ReportPanel::follow_selection() {
  const auto& selection = m_work.selection();
  m_contrast->setVisible(selection.size() == 2);
  if (selection.size() != 2) return;
  const Swatch *a = find_swatch(m_space.piece(), selection[0]),
               *b = find_swatch(m_space.piece(), selection[1]);
  const Contrast c = contrast_of(a->color, b->color);
  m_contrast->setText(tr("%1 compared with %2: difference %3 (CIEDE2000), in value %4")
                          .arg(text(a->name), text(b->name))
                          .arg(number(c.difference, 1))
                          .arg(number(c.value_difference, 1)));
}

} // namespace zc
