// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/ramp_panel.h"

#include "app/controls/choices.h"
#include "app/controls/controls.h"
#include "app/controls/field_grid.h"
#include "app/controls/number_field.h"
#include "app/desks/pick/end_choice.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/mask/rays.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kLadder = -1; ///< Beside the kinds of a single ramp.

QComboBox* combo(const QString& name, const QString& accessible, const QString& tip, QWidget* parent) {
  auto* box = new QComboBox(parent);
  box->setObjectName(name);
  box->setAccessibleName(accessible);
  box->setToolTip(tip);
  box->setFont(caption_font());
  box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  box->setMinimumContentsLength(9);
  return box;
}

NumberField* number_field(const char* name, const QString& accessible, const QString& tip,
                          const NumberRange& range, QWidget* parent) {
  auto* field = new NumberField(QLatin1String(name), accessible, parent);
  field->set_range(range);
  field->keep_width(62);
  field->setToolTip(tip);
  return field;
}

EndChoice* end_choice(const QString& name, RampEnd::Kind first, const QString& accessible, const QString& tip,
                      Studio& model, QWidget* parent) {
  auto* box = new EndChoice(name, {first}, model, parent);
  box->setAccessibleName(accessible);
  box->setToolTip(tip);
  return box;
}

} // namespace

RampPanel::RampPanel(Studio& model, Picking& picking, Laying& laying, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_laying(laying),
      m_kind(combo(QStringLiteral("rampKind"), tr("Kind of ramp"),
                   tr("Choose how the ramp runs from the current color"), this)),
      m_from(end_choice(QStringLiteral("rampFrom"), RampEnd::Kind::Current, tr("Start of the ramp"),
                        tr("The color that the ramp starts from"), model, this)),
      m_target(end_choice(QStringLiteral("rampTarget"), RampEnd::Kind::Before, tr("Other end of the ramp"),
                          tr("The color at the other end, or the color of the haze"), model, this)),
      m_way(combo(QStringLiteral("rampWay"), tr("Path of the ramp"),
                  tr("How the ramp leads to its other end"), this)),
      m_relation(combo(QStringLiteral("rampRelation"), tr("Relation of the ladder"),
                       tr("Which hues have a ramp each: the current color's and those related to it"), this)),
      m_steps(number_field("rampSteps", tr("Steps of the ramp"), tr("Number of steps, 2 to 24"),
                           {kRampStepsRange.low, kRampStepsRange.high, 1, 0, {}, false, {}}, this)),
      m_even(combo(QStringLiteral("rampEven"), tr("Spacing of the steps"),
                   tr("Space the steps evenly in value, or evenly to the eye (CIEDE2000)"), this)),
      m_darkest(number_field("rampDarkest", tr("Darkest value of the ramp"),
                             tr("The value where the ramp ends in the dark; 0 is black"),
                             {0, 100, 1, 0, {}, false, {}}, this)),
      m_lightest(number_field("rampLightest", tr("Lightest value of the ramp"),
                              tr("The value where the ramp ends in the light; 100 is white"),
                              {0, 100, 1, 0, {}, false, {}}, this)),
      m_saturation(number_field("rampSaturation", tr("Saturation of the ladder"),
                                tr("How much of the saturation that each hue has where it is strongest"),
                                {0, 100, 1, 0, QStringLiteral(" %"), false, {}}, this)),
      m_hold(new WordControl(ControlKind::Switch, tr("keep in mask"), this)),
      m_show(new WordControl(ControlKind::Switch, tr("preview on staff and wheel"), this)),
      m_lay(new QPushButton(tr("Add all"), this)), m_words(new ElidedLabel(caption_font(), this)),
      m_none(new QLabel(this)) {
  fill_choices();
  m_hold->setObjectName(QStringLiteral("rampHold"));
  m_hold->setChecked(true);
  m_hold->setToolTip(
      tr("Move steps outside the mask to the nearest color inside; these steps are marked with a dot"));
  m_show->setObjectName(QStringLiteral("showRamp"));
  m_show->setToolTip(
      tr("Show the ramp beside the staff, each step at its value, and its places on the wheel"));
  m_lay->setObjectName(QStringLiteral("layRamp"));
  m_lay->setFont(caption_font());
  m_lay->setToolTip(tr("Add all steps to the set as a family, of a ladder one for each hue"));
  m_words->setObjectName(QStringLiteral("rampWords"));
  m_none->setObjectName(QStringLiteral("noRamp"));
  m_none->setFont(caption_font());
  m_none->setWordWrap(true);
  lay_out();
  connect(m_kind, &QComboBox::currentIndexChanged, this, &RampPanel::follow_kind);
  for (QComboBox* box : {static_cast<QComboBox*>(m_from), static_cast<QComboBox*>(m_target), m_way, m_even})
    connect(box, &QComboBox::currentIndexChanged, this, &RampPanel::follow);
  connect(m_relation, &QComboBox::activated, this,
          [this] { m_picks.choose_relation(static_cast<Relation>(m_relation->currentData().toInt())); });
  for (NumberField* field : {m_steps, m_darkest, m_lightest, m_saturation})
    connect(field, &NumberField::wanted, this, [this, field](double n) {
      field->show_value(std::round(n));
      m_typed[is_ladder()] = {m_darkest->value(), m_lightest->value(), m_steps->value()};
      follow();
    });
  for (WordControl* control : {m_hold, m_show})
    connect(control, &QAbstractButton::clicked, this, &RampPanel::follow);
  connect(m_lay, &QPushButton::clicked, this, &RampPanel::lay_all);
  model.hear({Part::Color, Part::Geometry, Part::ColorVision, Part::Steps, Part::Vivid, Part::Desk,
              Part::AtHand, Part::Relations, Part::Sets},
             this, &RampPanel::follow);
  follow_kind();
}

void RampPanel::fill_choices() {
  const std::pair<QString, int> kinds[] = {{tr("even values"), static_cast<int>(RampKind::Values)},
                                           {tr("tints"), static_cast<int>(RampKind::Tints)},
                                           {tr("shades"), static_cast<int>(RampKind::Shades)},
                                           {tr("tones"), static_cast<int>(RampKind::Tones)},
                                           {tr("greys of this light"), static_cast<int>(RampKind::Greys)},
                                           {tr("between two colors"), static_cast<int>(RampKind::Between)},
                                           {tr("toward the distance"), static_cast<int>(RampKind::Distance)},
                                           {tr("ladder: a ramp for each hue"), kLadder}};
  for (const auto& [words, kind] : kinds) m_kind->addItem(words, kind);
  fill_with_ways(*m_way);
  for (const auto& relation : kRelationWords)
    m_relation->addItem(word(relation.word), static_cast<int>(relation.value));
  m_saturation->show_value(100);
  m_even->addItem(tr("even in value"), static_cast<int>(Evenness::Lightness));
  m_even->addItem(tr("even to the eye"), static_cast<int>(Evenness::Difference));
}

void RampPanel::lay_out() {
  auto* fields = new FieldGrid;
  for (QComboBox* box : {m_kind, static_cast<QComboBox*>(m_from), static_cast<QComboBox*>(m_target), m_way,
                         m_relation, m_even})
    box->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  const auto row = [fields](const QString& name, QWidget* field) {
    return Field{fields->add(name, {field}), field};
  };
  row(tr("Kind"), m_kind);
  m_relation_row = row(tr("Relation"), m_relation);
  m_from_row = row(tr("From"), m_from);
  m_to_row = row(tr("To"), m_target);
  m_path_row = row(tr("Path"), m_way);
  row(tr("Steps"), m_steps);
  m_even_row = row(tr("Spacing"), m_even);
  m_dark_row = row(tr("Darkest"), m_darkest);
  m_light_row = row(tr("Lightest"), m_lightest);
  m_saturation_row = row(tr("Saturation"), m_saturation);
  auto* last = new QHBoxLayout;
  last->addWidget(m_words, 1);
  last->addWidget(m_lay);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  column->addLayout(fields);
  column->addWidget(m_hold);
  column->addWidget(m_show);
  auto* chips = new QVBoxLayout;
  chips->setSpacing(3);
  column->addLayout(chips);
  // As many as a relation has members.
  for (std::size_t i = 0; i < 4; ++i) {
    auto* one = new ChipRow(i == 0 ? tr("Steps of the ramp") : tr("Steps of ramp %1").arg(i + 1), this);
    one->setObjectName(i == 0 ? QStringLiteral("ramp") : QStringLiteral("ramp.%1").arg(i + 1));
    chips->addWidget(one);
    connect(one, &ChipRow::taken, this, [this, i](std::size_t chip) { take_chip(i, chip, false); });
    connect(one, &ChipRow::laid, this, [this, i](std::size_t chip) { take_chip(i, chip, true); });
    m_rows.push_back(one);
  }
  m_none->setMinimumHeight(m_rows[0]->minimumHeight());
  column->addWidget(m_none);
  column->addLayout(last);
  column->addStretch(1);
}

void RampPanel::take_chip(std::size_t row, std::size_t chip, bool lay) {
  const RampStep step = m_rows[row]->steps()[chip];
  if (lay) return m_laying.lay_color({step.color, step.at});
  m_picks.use_color(step.color, step.at);
}

void RampPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void RampPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  follow();
}

/// The preview is looked at on the staff, where this page then is not.
bool RampPanel::previewed() const { return m_model.session().desk == Desk::Pick && m_show->isChecked(); }

bool RampPanel::is_ladder() const { return m_kind->currentData().toInt() == kLadder; }
RampKind RampPanel::kind() const { return static_cast<RampKind>(m_kind->currentData().toInt()); }

/// Each kind shows the fields it has; a ladder has its own ends and its own number of steps.
void RampPanel::follow_kind() {
  const bool ladder = is_ladder();
  const RampKind is = ladder ? RampKind::Values : kind();
  const auto show = [](const Field& row, bool shown) {
    for (QWidget* w : {row.name, row.field}) w->setVisible(shown);
  };
  show(m_relation_row, ladder);
  show(m_from_row, is == RampKind::Between);
  show(m_to_row, is == RampKind::Between || is == RampKind::Distance);
  show(m_path_row, is == RampKind::Between);
  show(m_even_row, !ladder);
  show(m_dark_row, is == RampKind::Values || is == RampKind::Shades);
  show(m_light_row, is == RampKind::Values || is == RampKind::Tints);
  show(m_saturation_row, ladder);
  const Range steps = ladder ? kLadderStepsRange : kRampStepsRange;
  m_steps->set_range({steps.low, steps.high, 1, 0, {}, false, {}});
  m_steps->setToolTip(ladder ? tr("Number of steps of each hue, 3 to 9") : tr("Number of steps, 2 to 24"));
  m_steps->show_value(m_typed[ladder].steps);
  m_darkest->show_value(m_typed[ladder].darkest);
  m_lightest->show_value(m_typed[ladder].lightest);
  follow();
}

RampSpec RampPanel::spec() const {
  const Session& s = m_model.session();
  RampSpec out;
  out.kind = kind();
  out.from = out.kind == RampKind::Between ? m_from->color().value_or(s.color()) : s.color();
  out.steps = static_cast<int>(std::lround(m_steps->value()));
  out.even = static_cast<Evenness>(m_even->currentData().toInt());
  out.neutral_angle = s.at.at.a;
  out.way = static_cast<Way>(m_way->currentData().toInt());
  out.darkest = out.kind == RampKind::Tints ? 0 : m_darkest->value();
  out.lightest = out.kind == RampKind::Shades ? 100 : m_lightest->value();
  if (out.kind == RampKind::Between || out.kind == RampKind::Distance) out.to = m_target->color();
  if (out.kind == RampKind::Greys)
    out.to = color_of(RampEnd{RampEnd::Kind::Neutral}, s, m_model.piece(), m_model.geometry());
  return out;
}

LadderSpec RampPanel::ladder() const {
  LadderSpec out;
  for (const RelationMember& member : m_picks.members()) out.hues.push_back(member.at.a);
  out.steps = static_cast<int>(std::lround(m_steps->value()));
  out.darkest = m_darkest->value();
  out.lightest = m_lightest->value();
  out.saturation = m_saturation->value() / 100;
  return out;
}

Result<std::vector<std::vector<RampStep>>> RampPanel::made() const {
  const MaskRegion* hold = m_hold->isChecked() ? m_model.region() : nullptr;
  if (is_ladder()) return make_ladder(ladder(), m_model.wheel(), hold);
  auto row = make_ramp(spec(), m_model.wheel(), hold);
  if (!row) return row.error();
  return std::vector<std::vector<RampStep>>{std::move(row).value()};
}

/// At other desks the same room beside the staff is used by others: only what this page put there goes.
void RampPanel::remove_from_staff() {
  if (m_on_staff) m_picks.show_ramp({});
  m_on_staff = false;
}

void RampPanel::follow() {
  if (!isVisible() && !previewed()) return remove_from_staff();
  m_from->follow();
  m_target->follow();
  const QSignalBlocker quiet(m_relation);
  m_relation->setCurrentIndex(m_relation->findData(static_cast<int>(m_model.session().relations.relation)));
  const QString no_mask = tr("There is no mask in use. Make one at Limit.");
  allow(*m_hold, m_model.region(), no_mask);
  const auto rows = made();
  // Why there is none stands where it would be.
  const bool lightless = !is_ladder() && kind() == RampKind::Greys && !m_model.region();
  const QString why_not = rows ? QString() : lightless ? no_mask : ::zc::words(rows.error());
  allow(*m_lay, rows.ok(), why_not);
  std::vector<RampStep> all;
  for (std::size_t i = 0; i < m_rows.size(); ++i) {
    const auto steps = rows && i < rows->size() ? (*rows)[i] : std::vector<RampStep>{};
    QStringList words;
    for (const RampStep& step : steps)
      words << (step.held ? tr("%1; moved into the mask").arg(color_told(step.color))
                          : color_told(step.color)) +
                   tr("\nClick to use the color, Ctrl+click to add it to the set.");
    all.insert(all.end(), steps.begin(), steps.end());
    m_rows[i]->setVisible(!steps.empty());
    m_rows[i]->show_steps(steps, words, m_model.session().vision);
  }
  m_words->setText(rows ? words_below(*rows) : QString());
  m_none->setText(why_not);
  m_none->setVisible(!rows);
  m_on_staff = rows && m_show->isChecked();
  m_picks.show_ramp(m_on_staff ? all : std::vector<RampStep>{});
}

QString RampPanel::words_below(const std::vector<std::vector<RampStep>>& rows) const {
  int held = 0, unreached = 0;
  for (const auto& row : rows)
    for (const RampStep& step : row) {
      held += step.held;
      unreached += !step.reached;
    }
  QStringList said;
  if (held) said << tr("%1 moved into the mask").arg(held);
  if (unreached) said << tr("%1 do not exist on a display; the nearest color is shown").arg(unreached);
  const double twin = m_model.piece().grading.twin;
  if (is_ladder() && ladder_interval(ladder()) < twin)
    said << tr("values closer than %1 read as one").arg(number(twin, 1));
  return said.join(QStringLiteral("; "));
}

void RampPanel::lay_all() {
  const auto rows = made();
  if (!rows) return;
  std::vector<std::vector<LaidColor>> laid;
  for (const auto& row : *rows) {
    laid.emplace_back();
    for (const RampStep& step : row) laid.back().push_back({step.color, step.at});
  }
  if (is_ladder()) return m_laying.lay_ladder(laid);
  const RampSpec made_of = spec();
  const QString hue = hue_word(made_of.from);
  m_laying.lay_family(made_of.kind == RampKind::Between && made_of.to
                          ? tr("%1 to %2").arg(hue, hue_word(*made_of.to))
                          : tr("%1 %2").arg(hue, m_kind->currentText()),
                      laid[0]);
}

} // namespace zc
