// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/report_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/desks/grade/report_words.h"
#include "app/theme/theme.h"
#include "core/grading/remedies.h"
#include "model/i18n/text.h"
#include "model/proof/press_model.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/share/share_model.h"
#include "model/work/set_work.h"

#include <QEvent>
#include <QGridLayout>
#include <QLabel>
#include <QMenu>
#include <QMouseEvent>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>

namespace zc {
namespace {

/// Parts shown at most; more come up as the first ones are dealt with.
constexpr std::size_t kMostParts = 40;
/// More are mended one by one: all at once would hold the window up. What is outside the mask is quick.
constexpr std::size_t kMostTogether = 500;
constexpr int kIndent = 14;
/// Degrees off, on average, below which a set seems to mean the relation.
constexpr double kMeant = 6;

} // namespace

ReportPanel::ReportPanel(Studio& model, Viewing& viewing, SetWork& work, PressModel& press, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_work(work), m_reader(press),
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
  model.hear({Part::Sets, Part::Geometry}, this, &ReportPanel::follow);
  connect(&work, &SetWork::reportChanged, this, &ReportPanel::follow);
  connect(&model, &Studio::startedAnew, this, [this] {
    m_open.clear();
    m_compared.reset();
  });
  model.hear({Part::Selection}, this, &ReportPanel::follow_selection);
  connect(&press, &PressModel::changed, this, &ReportPanel::follow);
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
  GradingRules rules = m_model.piece().grading;
  set(rules, value);
  m_model.store().apply(
      tr("Change grading"), [=](Piece p) { return with_grading(std::move(p), rules); }, drag);
}

WordControl* ReportPanel::add_word(QWidget* row, const QString& name, const QString& word,
                                   const QString& said) {
  auto* button = new WordControl(ControlKind::Action, word, row);
  button->setObjectName(name);
  button->setAccessibleName(said);
  button->setToolTip(said);
  return button;
}

std::pair<QWidget*, QHBoxLayout*> ReportPanel::begin_row(const QString& said, int depth, const char* name) {
  auto* row = new QWidget(m_rows);
  auto* column = new QVBoxLayout(row);
  column->setContentsMargins(kIndent * depth, 0, 4, 0);
  column->setSpacing(1);
  // The sentence runs our way even where it begins with a name that runs the other.
  auto* words = new QLabel(QChar(0x200e) + said, row);
  words->setObjectName(depth == 0 ? QLatin1String(name) : QLatin1String("findingPart"));
  words->setFont(depth == 0 ? caption_strong_font() : caption_font());
  words->setWordWrap(true);
  words->setTextFormat(Qt::PlainText);
  auto* line = new QHBoxLayout;
  line->setSpacing(2);
  column->addWidget(words);
  column->addLayout(line);
  m_rows->layout()->addWidget(row);
  return {row, line};
}

/// What it means, or what pressing the remedy will do.
void ReportPanel::add_note(QWidget* row, const char* name, const QString& words) {
  if (words.isEmpty()) return;
  auto* note = caption_label(words, row);
  note->setObjectName(QLatin1String(name));
  note->setWordWrap(true);
  note->setForegroundRole(QPalette::PlaceholderText);
  note->setTextFormat(Qt::PlainText);
  auto* column = static_cast<QVBoxLayout*>(row->layout());
  column->insertWidget(column->count() - 1, note);
}

/// While the pointer is over it, or it has the keyboard, the set is shown as it would become.
void ReportPanel::add_remedy(QWidget* row, QHBoxLayout* line, const Finding& finding, const QString& said,
                             int depth) {
  const QString word = remedy_words(finding, m_model.piece().grading);
  auto* remedy = add_word(row, depth == 0 ? QStringLiteral("remedy") : QStringLiteral("remedyPart"), word,
                          said + QStringLiteral(": ") + word);
  remedy->installEventFilter(this);
  remedy->setProperty("finding", QVariant::fromValue(finding));
  connect(remedy, &QAbstractButton::clicked, this, m_model.bound([this, finding](bool) {
    m_model.store().apply(remedy_step(finding.kind),
                          [&finding](const Piece& p) { return remedied(p, finding); });
  }),
          Qt::QueuedConnection);
  line->addWidget(remedy);
}

std::optional<Piece> ReportPanel::remedied_by(const QObject& remedy) const {
  const QVariant finding = remedy.property("finding");
  if (finding.isValid() && finding.value<Finding>().swatches.size() > kMostReckoned) return std::nullopt;
  auto edited = finding.isValid() ? remedied(m_model.piece(), finding.value<Finding>())
                                  : with_families_turned(m_model.piece(), m_fit, kFamilyOff);
  if (!edited) return std::nullopt;
  return std::move(edited).value();
}

bool ReportPanel::eventFilter(QObject* watched, QEvent* event) {
  const auto type = event->type();
  if (type == QEvent::Enter || type == QEvent::FocusIn) {
    if (const auto edited = remedied_by(*watched)) m_work.look_ahead(*edited);
  }
  if (type == QEvent::Leave || type == QEvent::FocusOut) m_work.stop_looking_ahead();
  return QWidget::eventFilter(watched, event);
}

void ReportPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_work.stop_looking_ahead();
}

/// What else can be done with a finding.
WordControl* ReportPanel::make_more(QWidget* row, const Finding& finding, const QString& said) {
  auto* more =
      word_opener(QStringLiteral("moreOfFinding"), tr("More"),
                  tr("Select the swatches, see them one by one or as others see them: %1").arg(said), row);
  more->setAccessibleName(tr("More: %1").arg(said));
  auto* menu = new QMenu(more);
  menu->addAction(tr("Select swatches"), this, [this, ids = finding.swatches] { m_work.select(ids); })
      ->setObjectName(QStringLiteral("showFinding"));
  for (const ColorVision vision : finding.vision)
    menu->addAction(tr("See with %1").arg(color_vision_word(vision)), this,
                    [this, vision] { m_viewing.look_with(vision); })
        ->setObjectName(QStringLiteral("lookFinding"));
  if (!finding.parts.empty()) {
    auto* each = menu->addAction(tr("Show one by one"));
    each->setObjectName(QStringLiteral("openFinding"));
    each->setCheckable(true);
    const std::tuple key{finding.kind, finding.swatches.front(), row->property("depth").toInt()};
    each->setChecked(m_open.contains(key));
    connect(
        each, &QAction::triggered, this,
        [this, key](bool open) {
          open ? static_cast<void>(m_open.insert(key)) : static_cast<void>(m_open.erase(key));
          follow();
        },
        Qt::QueuedConnection);
  }
  opens(*more, *menu);
  return more;
}

void ReportPanel::add_row(const Finding& finding, int depth) {
  const Piece& piece = m_model.piece();
  const QString said = finding_words(piece, m_work.report(), finding);
  auto [row, line] = begin_row(said, depth);
  row->setProperty("depth", depth);
  if (depth == 0) add_note(row, "findingMeans", finding_means(finding.kind, piece.grading));
  if (finding.kind == FindingKind::Outside || finding.parts.size() <= kMostTogether) {
    add_note(row, "remedyDoes", remedy_does(piece, finding));
    add_remedy(row, line, finding, said, depth);
  }
  line->addWidget(make_more(row, finding, said));
  const std::tuple key{finding.kind, finding.swatches.front(), depth};
  const bool open = m_open.contains(key);
  line->addStretch();
  if (!open) return;
  for (std::size_t i = 0; i < std::min(kMostParts, finding.parts.size()); ++i)
    add_row(finding.parts[i], depth + 1);
}

void ReportPanel::follow() {
  if (!isVisible()) return;
  const auto all = gathered(m_work.report(), m_model.piece().grading);
  const SwatchSet* set = current_set(m_model.piece());
  const int at = m_scroll->verticalScrollBar()->value();
  m_rows = new QWidget;
  auto* column = new QVBoxLayout(m_rows);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(10);
  const std::size_t count = all.size() + (add_press_row() ? 1 : 0);
  for (const Finding& finding : all) add_row(finding, 0);
  add_relation_row();
  column->addStretch();
  m_summary->setText(
      !set || swatch_count(*set) == 0
          ? tr("The set is empty. Add swatches at Pick, with Ctrl+L, to see a report here.")
      : m_work.report_is_late() ? tr("Checking the set...")
      : count == 0 ? tr("All is well: no near-duplicates, no gaps, nothing that reads as one value.")
                   : tr("%n things to look at, the most important first", nullptr, static_cast<int>(count)));
  scroll_over_ground(m_scroll, m_rows);
  m_scroll->verticalScrollBar()->setValue(at);
  for (const auto& rule : m_rules) rule.field->show_value(rule.read(m_model.piece().grading));
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
      take, &QAbstractButton::clicked, this, [this] { m_reader.use_printable(0); }, Qt::QueuedConnection);
  auto* show = add_word(row, QStringLiteral("pressShow"), tr("Show"), tr("Select: %1").arg(said));
  connect(show, &QAbstractButton::clicked, this, [this, ids] { m_work.select(ids); });
  line->addWidget(take);
  line->addWidget(show);
  line->addStretch();
  return true;
}

/// Not a fault, so it is not counted among the things to look at.
void ReportPanel::add_relation_row() {
  const SwatchSet* set = current_set(m_model.piece());
  if (!set) return;
  const auto fits = relation_fits(family_hues(set->families, m_model.wheel()));
  if (fits.empty()) return;
  const auto asked = std::find_if(fits.begin(), fits.end(),
                                  [this](const RelationFit& fit) { return fit.relation == m_compared; });
  m_fit = asked == fits.end() ? fits.front() : *asked;
  const QString said = relation_words(m_fit);
  auto [row, line] = begin_row(said, 0, "relationFound");
  add_note(row, "relationOff", families_off(m_model.piece(), m_fit));
  const auto turn = m_model.bound([this, fit = m_fit](bool) {
    m_model.store().apply(tr("Turn families to %1").arg(relation_word(fit.relation)),
                          [&fit](Piece p) { return with_families_turned(std::move(p), fit, kFamilyOff); });
  });
  const QString word = tr("Turn families to it");
  // Hues that are far off may well be meant so: then it is not the first thing offered.
  if (any_is_off(m_fit) && m_fit.error < kMeant) {
    auto* remedy = add_word(row, QStringLiteral("relationRemedy"), word, said + QStringLiteral(": ") + word);
    remedy->installEventFilter(this);
    connect(remedy, &QAbstractButton::clicked, this, turn, Qt::QueuedConnection);
    line->addWidget(remedy);
  }
  auto* others = word_opener(QStringLiteral("otherRelations"), tr("Compare"),
                             tr("Compare the hues with another relation"), row);
  auto* menu = new QMenu(others);
  if (any_is_off(m_fit)) {
    auto* also = menu->addAction(word);
    also->setObjectName(QStringLiteral("turnFamilies"));
    connect(also, &QAction::triggered, this, turn, Qt::QueuedConnection);
    menu->addSeparator();
  }
  for (const RelationFit& fit : fits) {
    auto* one = menu->addAction(tr("%1, %2° off").arg(relation_word(fit.relation), number(fit.error, 0)));
    one->setObjectName(QStringLiteral("compare.") + QLatin1String(word_for(kRelationWords, fit.relation)));
    one->setCheckable(true);
    one->setChecked(fit.relation == m_fit.relation);
    connect(
        one, &QAction::triggered, this,
        [this, relation = fit.relation] {
          m_compared = relation;
          follow();
        },
        Qt::QueuedConnection);
  }
  opens(*others, *menu);
  line->addWidget(others);
  line->addStretch();
}

void ReportPanel::follow_selection() {
  const auto& selection = m_work.selection();
  m_contrast->setVisible(selection.size() == 2);
  if (selection.size() != 2) return;
  const Swatch *a = find_swatch(m_model.piece(), selection[0]),
               *b = find_swatch(m_model.piece(), selection[1]);
  const Contrast c = contrast_of(a->color, b->color);
  m_contrast->setText(tr("%1 compared with %2: difference %3 (CIEDE2000), in value %4")
                          .arg(text(a->name), text(b->name))
                          .arg(number(c.difference, 1))
                          .arg(number(c.value_difference, 1)));
}

} // namespace zc
