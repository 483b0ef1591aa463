// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/mix_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/desks/pick/mix_view.h"
#include "app/desks/pick/toward_bar.h"
#include "app/desks/pick/trade_menu.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "model/i18n/text.h"
#include "model/mixing/paint_model.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QRegularExpression>
#include <QVBoxLayout>

namespace zc {
namespace {

/// Shares are said in parts up to this.
constexpr int kSaidParts = 12;

QString parts_told(const std::vector<double>& parts) {
  QStringList out;
  for (const int p : whole_parts(parts, kSaidParts)) out << number(p, 0);
  return out.join(QStringLiteral(" : "));
}

/// "2 : 1 : 1", or with spaces or commas between; nothing where it is no row of so many numbers.
std::optional<std::vector<double>> parts_in(const QString& typed, std::size_t count) {
  std::vector<double> out;
  double whole = 0;
  static const QRegularExpression between(QStringLiteral("[\\s:;]+"));
  for (const QString& word : typed.trimmed().split(between, Qt::SkipEmptyParts)) {
    const double n = typed_number(word).value_or(-1);
    if (!(n >= 0 && n <= 1000)) return std::nullopt;
    out.push_back(n);
    whole += n;
  }
  return out.size() == count && whole > 0 ? std::optional(out) : std::nullopt;
}

} // namespace

MixPanel::MixPanel(Studio& model, Picking& picking, Laying& laying, PaintModel& paints, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_laying(laying), m_mixing(paints),
      m_view(new MixView(model, picking, paints, this)) {
  auto* controls = new QVBoxLayout;
  controls->setSpacing(4);
  controls->addWidget(make_reading());
  controls->addWidget(make_corners());
  controls->addWidget(make_laying());
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  column->addWidget(m_view, 1);
  column->addLayout(controls);
  connect(m_view, &MixView::passing, this, &MixPanel::say);
  model.hear({Part::Mixing, Part::AtHand}, this, &MixPanel::follow);
  model.hear({Part::ColorVision, Part::Steps, Part::Sets, Part::Geometry}, this, &MixPanel::follow);
  follow();
}

QWidget* MixPanel::make_reading() {
  auto* box = new QWidget(this);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  auto* first = new QHBoxLayout;
  first->setSpacing(6);
  auto* ways = joined_row();
  first->addLayout(ways);
  auto* group = new QButtonGroup(this);
  const auto as = [&](const QString& word, const char* name, const QString& tip, MixAs how) {
    auto* button = word_choice(QLatin1String(name), word, tip, box);
    group->addButton(button);
    connect(button, &QAbstractButton::clicked, this,
            [this, how] { change([how](Mixing& m) { m.as = how; }); });
    ways->addWidget(button);
    return button;
  };
  m_paint = as(tr("paint"), "mixAsPaint", tr("Mix as paint does: pigments absorb light (Kubelka and Munk)"),
               MixAs::Paint);
  m_light = as(tr("light"), "mixAsLight",
               tr("Mix as light does: as on a spinning disc, or dots seen from far away"), MixAs::Light);
  m_parts = new QLineEdit(box);
  m_parts->setObjectName(QStringLiteral("mix.parts"));
  m_parts->setAccessibleName(tr("Parts of the mixture"));
  m_parts->setToolTip(tr("Parts of each color in the mixture; type others such as 2 : 1 : 1"));
  m_parts->setPlaceholderText(tr("Parts"));
  m_parts->setFont(caption_font());
  m_parts->setMinimumWidth(64);
  connect(m_parts, &QLineEdit::editingFinished, this, &MixPanel::commit_typed_parts);
  leave_by_escape(*m_parts, [this] { follow(); });
  first->addWidget(m_parts, 1);
  first->addWidget(make_add(box));
  m_words = new ElidedLabel(caption_font(), box);
  m_words->setObjectName(QStringLiteral("mixWords"));
  column->addLayout(first);
  column->addWidget(m_words);
  column->addWidget(new TowardBar(m_model, m_picks, m_mixing, box));
  return box;
}

QWidget* MixPanel::make_corners() {
  auto* box = new QWidget(this);
  auto* grid = new QHBoxLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setSpacing(4);
  for (std::size_t i = 0; i < m_corners.size(); ++i) {
    Corner& c = m_corners[i];
    c.row = new QWidget(box);
    auto* column = new QHBoxLayout(c.row);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2);
    c.strength = new NumberField(QStringLiteral("mix.strength.%1").arg(i),
                                 tr("Strength of corner %1").arg(i + 1), c.row);
    c.strength->set_range({kStrengthRange.low, kStrengthRange.high, 0.1, 1, {}, false, {}});
    c.strength->setFixedWidth(34);
    c.strength->setToolTip(
        tr("Tinting strength of color %1: how strongly one part of it colors the mixture").arg(i + 1));
    connect(c.strength, &NumberField::wanted, this,
            [this, i](double s) { change([i, s](Mixing& m) { m.corners[i].strength = s; }); });
    c.mute = word_switch(QStringLiteral("mix.mute.%1").arg(i), tr("%1").arg(i + 1),
                         tr("Color %1 is part of the mixture").arg(i + 1), c.row);
    connect(c.mute, &QAbstractButton::clicked, this,
            [this, i](bool on) { change([i, on](Mixing& m) { m.corners[i].muted = !on; }); });
    column->addWidget(c.mute);
    column->addWidget(c.strength);
    grid->addWidget(c.row);
  }
  grid->addStretch(1);
  return box;
}

QWidget* MixPanel::make_add(QWidget* parent) {
  auto* add = word_opener(QStringLiteral("mix.add"), tr("Add color"),
                          tr("Add a color to the field: the current color, or a common paint"), parent);
  connect(add, &QAbstractButton::clicked, this, [this, add] {
    QMenu menu;
    menu.addAction(tr("Current color"), [this] { add_corner({m_model.session().color()}); });
    offer_trade_paints(menu, [this](const TradePaint& paint) {
      add_corner({color_of(paint.curve), std::string(paint.name), paint.strength});
    });
    menu.addSeparator();
    if (!mixing().smears.empty())
      menu.addAction(tr("Clear smears"), [this] { change([](Mixing& m) { m.smears.clear(); }); });
    menu.addAction(tr("Clear field"), [this] { change([](Mixing& m) { m = {}; }); });
    menu.exec(add->mapToGlobal(QPoint(0, add->height())));
  });
  return add;
}

QWidget* MixPanel::make_laying() {
  auto* box = new QWidget(this);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  m_row = new ChipRow(tr("Steps of line and grid"), box);
  m_row->setObjectName(QStringLiteral("mixRamp"));
  connect(m_row, &ChipRow::taken, this,
          [this](std::size_t chip) { m_picks.use_color(m_row->steps()[chip].color); });
  connect(m_row, &ChipRow::laid, this, [this](std::size_t chip) {
    m_laying.lay_color({m_row->steps()[chip].color, {}});
  });
  auto* first = new QHBoxLayout;
  first->setSpacing(6);
  auto* hands = joined_row();
  auto* group = new QButtonGroup(this);
  const std::tuple<const char*, QString, QString, MixHand> ways[] = {
      {"mix.pick", tr("pick"), tr("A drag over the field picks one mixture"), MixHand::Pick},
      {"mix.draw", tr("line"),
       tr("A drag across the field draws the line of a ramp (the right button always does)"), MixHand::Line},
      {"mix.stroke", tr("stroke"),
       tr("A drag over the field picks up several mixtures along its way, as many as there are steps"),
       MixHand::Stroke},
      {"mix.smear", tr("smear"),
       tr("A drag smears the color where it begins into those it goes over; pick from the smear afterwards"),
       MixHand::Smear}};
  for (const auto& [name, word, tip, hand] : ways) {
    auto* button = word_choice(QLatin1String(name), word, tip, box);
    group->addButton(button);
    connect(button, &QAbstractButton::clicked, this,
            [this, hand = hand] { change([hand](Mixing& m) { m.hand = hand; }); });
    hands->addWidget(button);
    m_hands.push_back(button);
  }
  m_steps = new NumberField(QStringLiteral("mix.steps"), tr("Steps of the line and of the grid"), box);
  m_steps->set_range({kMixingStepsRange.low, kMixingStepsRange.high, 1, 0, tr(" steps"), false, {}});
  m_steps->keep_width(62);
  m_steps->setToolTip(tr("Steps of the ramp, and along a side of the grid, 2 to 12"));
  connect(m_steps, &NumberField::wanted, this,
          [this](double n) { change([n](Mixing& m) { m.steps = static_cast<int>(std::lround(n)); }); });
  first->addLayout(hands);
  first->addWidget(m_steps);
  first->addStretch(1);
  auto* second = new QHBoxLayout;
  second->setSpacing(6);
  const auto button = [&](const QString& word, const char* name, const QString& tip,
                          void (MixPanel::*slot)()) {
    auto* made = new QPushButton(word, box);
    made->setObjectName(QLatin1String(name));
    made->setFont(caption_font());
    made->setToolTip(tip);
    connect(made, &QPushButton::clicked, this, slot);
    second->addWidget(made);
    return made;
  };
  m_lay_string = button(tr("Add line"), "mix.layString", tr("Add the steps of the line as a family"),
                        &MixPanel::lay_string);
  m_lay_picks = button(tr("Add picks"), "mix.layPicks", tr("Add the colors picked in the field as a family"),
                       &MixPanel::lay_picks);
  m_lay_grid = button(tr("Add grid"), "mix.layGrid", tr("Add the whole field in steps, each row as a family"),
                      &MixPanel::lay_grid);
  second->addStretch(1);
  column->addLayout(first);
  column->addWidget(m_row);
  column->addLayout(second);
  return box;
}

void MixPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void MixPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_picks.show_ramp({});
}

void MixPanel::change(const std::function<void(Mixing&)>& f) {
  Mixing next = mixing();
  f(next);
  m_picks.mix_by_hand(next);
}

void MixPanel::add_corner(const MixingCorner& corner) {
  if (mixing().corners.size() >= kMostCorners)
    return emit m_model.notice(tr("The field already has four colors. Drop the new color on one of them."));
  change([&](Mixing& m) { m = with_corner(m, m.corners.size(), corner); });
}

void MixPanel::commit_typed_parts() {
  if (!m_parts->isModified()) return;
  m_parts->setModified(false);
  const std::size_t count = mixing().corners.size();
  const auto parts = parts_in(m_parts->text(), count);
  if (!parts) {
    say_at(*m_parts, tr("Type %1 numbers, such as 2 : 1.").arg(count));
    return follow();
  }
  m_view->pick_parts(*parts);
}

LaidColor MixPanel::laid(Srgb color) const {
  return {held_by_rule(m_model.session(), m_model.piece(), m_model.geometry(), color), {}};
}

void MixPanel::lay_string() {
  std::vector<LaidColor> colors;
  for (const RampStep& step : m_row->steps()) colors.push_back({step.color, {}});
  m_laying.lay_family(tr("through a mixture"), colors);
}

void MixPanel::lay_picks() {
  const auto& field = m_mixing.field();
  if (!field) return;
  std::vector<LaidColor> colors;
  for (const auto& parts : mixing().picks)
    if (const auto mixture = parts.size() == field->corners() ? field->of_parts(parts) : std::nullopt)
      colors.push_back(laid(mixture->color));
  m_laying.lay_family(tr("mixtures"), colors);
  change([](Mixing& m) { m.picks.clear(); });
}

void MixPanel::lay_grid() {
  const auto& field = m_mixing.field();
  if (!field) return;
  std::vector<std::vector<LaidColor>> rows;
  for (const auto& row : mixing_grid(*field, mixing().steps)) {
    rows.emplace_back();
    for (const Srgb color : row) rows.back().push_back(laid(color));
  }
  m_laying.lay_families(tr("mixtures"), rows);
}

// ---------------------------------------------------------------- following

void MixPanel::follow() {
  if (!isVisible()) return;
  m_picks.offer_wells_to_mix();
  const Mixing& m = mixing();
  m_paint->setChecked(m.as == MixAs::Paint);
  m_light->setChecked(m.as == MixAs::Light);
  for (std::size_t i = 0; i < m_hands.size(); ++i) m_hands[i]->setChecked(m.hand == static_cast<MixHand>(i));
  m_steps->show_value(m.steps);
  follow_corners();
  follow_string();
  const bool mixes = m.corners.size() >= kFewestCorners;
  const QString why = tr("Add two to four colors to the field first.");
  for (QWidget* control : {static_cast<QWidget*>(m_parts), static_cast<QWidget*>(m_lay_grid)})
    allow(*control, mixes, why);
  for (WordControl* hand : m_hands) allow(*hand, mixes, why);
  allow(*m_lay_picks, !m.picks.empty(), tr("Click mixtures in the field first."));
  say(std::nullopt);
}

void MixPanel::follow_corners() {
  const Mixing& m = mixing();
  for (std::size_t i = 0; i < m_corners.size(); ++i) {
    m_corners[i].row->setVisible(i < m.corners.size());
    if (i >= m.corners.size()) continue;
    m_corners[i].strength->show_value(m.corners[i].strength);
    m_corners[i].mute->setChecked(!m.corners[i].muted);
  }
}

void MixPanel::follow_string() {
  std::vector<RampStep> steps;
  QStringList words;
  const auto& field = m_mixing.field();
  for (const Srgb color : field ? mixing_ramp(mixing(), *field) : std::vector<Srgb>()) {
    const Srgb held = laid(color).color;
    steps.push_back({held, {}, held != color});
    words << (held != color ? tr("%1; moved into the mask").arg(color_told(held)) : color_told(held));
  }
  allow(*m_lay_string, !steps.empty(), tr("Draw a line through the field first."));
  m_row->setVisible(!steps.empty());
  m_row->show_steps(steps, words, m_model.session().vision);
  m_picks.show_ramp(steps);
}

/// What is under the pointer, else what was read last.
void MixPanel::say(const std::optional<std::vector<double>>& passing) {
  const Mixing& m = mixing();
  const auto& field = m_mixing.field();
  const auto parts = passing                                       ? passing
                     : m.parts.size() == m.corners.size() && field ? std::optional(m.parts)
                                                                   : std::nullopt;
  if (!m_parts->hasFocus() || !m_parts->isModified())
    m_parts->setText(parts ? parts_told(*parts) : QString());
  if (!field) return m_words->setText(tr("Add two to four colors to mix them."));
  QStringList standing;
  for (std::size_t i = 0; i < field->corners(); ++i)
    if (field->stands_in(i)) standing << number(static_cast<double>(i + 1), 0);
  const QString note = standing.isEmpty() ? QString()
                                          : tr("; no paint has the color of %1, so the nearest paint is used")
                                                .arg(standing.join(QStringLiteral(", ")));
  const auto mixture = parts ? field->of_parts(*parts) : std::nullopt;
  m_words->setText((mixture ? color_told(mixture->color) : tr("Point to read a mixture, drag to pick it")) +
                   note);
}

} // namespace zc
