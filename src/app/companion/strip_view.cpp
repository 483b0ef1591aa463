// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/companion/strip_view.h"

#include "app/accessibility/swatches.h"
#include "app/controls/number_field.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "model/plan/plan_model.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QMouseEvent>
#include <QTransform>

namespace zc {
namespace {

constexpr double kEnd = 8, kAxisFrom = 6, kAxisTo = 20, kSwatchesFrom = 26, kSide = 4;
constexpr double kLargestMark = 13, kSmallestMark = 4;

} // namespace

StripView::StripView(Studio& model, Picking& picking, SetWork& work, PlanModel& plan, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_work(work), m_plan(plan) {
  setObjectName(QStringLiteral("strip"));
  setAccessibleName(tr("Value axis and set"));
  setMouseTracking(true);
  model.hear(
      {Part::Color, Part::Geometry, Part::Sets, Part::Selection, Part::ColorVision, Part::Steps, Part::Desk},
      this, &StripView::follow);
  follow();
}

void StripView::lie(bool lying) {
  m_lying = lying;
  follow();
}

double StripView::length() const { return std::max(1.0, (m_lying ? width() : height()) - 2 * kEnd); }
double StripView::across() const { return m_lying ? height() : width(); }
/// From the dark end of the widget's long side.
double StripView::along(double value) const { return kEnd + value / 100 * length(); }
double StripView::value_at(QPointF p) const {
  const double from_dark = m_lying ? p.x() - kEnd : height() - kEnd - p.y();
  return std::clamp(from_dark / length() * 100, 0.0, 100.0);
}
QRectF StripView::placed(double from, double to, double across_from, double across_to) const {
  // Lying, the axis stays below the swatches, as a foot.
  if (m_lying) return {from, height() - across_to, to - from, across_to - across_from};
  return {across_from, height() - to, across_to - across_from, to - from};
}
QPointF StripView::axis_point(double value) const {
  return placed(along(value), along(value), kAxisFrom, kAxisTo).center();
}

void StripView::follow() {
  lay_out();
  update();
}

void StripView::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  follow();
}

void StripView::lay_out() {
  m_marks.clear();
  const SwatchSet* set = current_set(m_model.piece());
  if (!set || set->families.empty()) return;
  const double room = across() - kSwatchesFrom - kSide,
               lane = room / static_cast<double>(set->families.size()),
               side = std::clamp(lane - 1, kSmallestMark, kLargestMark);
  std::size_t i = 0;
  for (const auto& family : set->families) {
    const double middle = kSwatchesFrom + lane * (static_cast<double>(i++) + 0.5);
    for (const auto& s : family.swatches) {
      const double at = along(value_of(s.color));
      m_marks.push_back({s.id, placed(at - side / 2, at + side / 2, middle - side / 2, middle + side / 2)});
    }
  }
}

QRectF StripView::swatch_rect(Id swatch) const {
  const auto found =
      std::find_if(m_marks.begin(), m_marks.end(), [swatch](const Mark& m) { return m.swatch == swatch; });
  return found == m_marks.end() ? QRectF() : found->rect;
}

/// Where several overlap, the nearest one counts.
const Swatch* StripView::swatch_at(QPointF p) const {
  Id found = 0;
  double nearest = 1e9;
  for (const auto& m : m_marks) {
    const double away = QLineF(m.rect.center(), p).length();
    if (!m.rect.adjusted(-1, -1, 1, 1).contains(p) || away > nearest) continue;
    nearest = away;
    found = m.swatch;
  }
  return found ? find_swatch(m_model.piece(), found) : nullptr;
}

// ---------------------------------------------------------------- painting

void StripView::paint_axis(QPainter& painter) {
  const QRectF bar = placed(along(0), along(100), kAxisFrom, kAxisTo);
  const int pixels = std::max(1, static_cast<int>(std::lround(length() * devicePixelRatioF())));
  QPainterPath ground;
  ground.addRect(bar);
  fill_hatch(painter, ground);
  // The rail is made light end first, upright.
  const QImage image = for_monitor(m_picture.of(m_model, m_plan, pixels));
  painter.drawImage(bar, m_lying ? image.transformed(QTransform().rotate(90)) : image);
}

void StripView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), theme().stage);
  const Bands& bands = m_model.piece().bands;
  painter.fillRect(placed(along(0), along(100), kSwatchesFrom - 2, across() - kSide + 2), theme().field);
  painter.fillRect(
      placed(along(bands.dark_below), along(bands.light_from), kSwatchesFrom - 2, across() - kSide + 2),
      theme().field_alt);
  paint_axis(painter);
  const double at = along(m_model.session().at.at.v);
  const QRectF line = placed(at, at, 2, across() - 1);
  draw_double_line(painter, line.topLeft(), m_lying ? line.bottomLeft() : line.topRight(), 1.2);
  for (const auto& m : m_marks) {
    const Swatch* s = find_swatch(m_model.piece(), m.swatch);
    if (!s) continue;
    draw_chip(painter, m.rect, shown_color(s->color, m_model.session().vision), theme().field);
    if (!m_work.selected(m.swatch)) continue;
    QPainterPath frame;
    frame.addRect(m.rect.adjusted(-2, -2, 2, 2));
    draw_double_line(painter, frame, 1);
  }
}

// ---------------------------------------------------------------- hands

void StripView::wheelEvent(QWheelEvent* event) {
  m_picks.nudge_value(wheel_notches(*event) * nudge_size(event->modifiers()));
  event->accept();
}

void StripView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return event->ignore();
  const QPointF at = event->position();
  const Swatch* s = swatch_at(at);
  m_color.press(*event, s ? std::optional(s->color) : std::nullopt);
  m_pressed = s ? s->id : 0;
  m_picking = !s;
  if (!m_picking) return;
  m_picks.begin_pick();
  m_picks.pick_value(value_at(at));
}

void StripView::mouseMoveEvent(QMouseEvent* event) {
  if (m_picking) return m_picks.pick_value(value_at(event->position()));
  if (!(event->buttons() & Qt::LeftButton)) return emit hovered(swatch_at(event->position()));
  if (m_color.pull(*this, event->position())) m_pressed = 0;
}

void StripView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  if (std::exchange(m_picking, false)) return m_picks.end_pick();
  const Id pressed = std::exchange(m_pressed, 0);
  const Swatch* s = find_swatch(m_model.piece(), pressed);
  if (s) m_work.use_swatch(pressed);
}

void StripView::leaveEvent(QEvent*) { emit hovered(nullptr); }

void StripView::end_drag() {
  m_picking = false;
  m_pressed = 0;
  m_color.call_off();
}

AccessibleContent StripView::accessible() {
  return {QAccessible::Slider, set_told(m_model.piece()), accessible_value(m_model, m_picks),
          accessible_swatches(m_model, m_work, [this](Id swatch) { return swatch_rect(swatch); })};
}

} // namespace zc
