// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/rail_view.h"

#include "app/accessibility/swatches.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/mixing/reaches.h"
#include "model/photo/photo_model.h"
#include "model/plan/plan_model.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QMouseEvent>

namespace zc {
namespace {

constexpr double kBarWidth = 34, kSlimBar = 24, kScaleWidth = 36;

QPainterPath histogram_shape(const FineValues& values, const ValueAxis& axis, double right, double width) {
  const auto bins = whole_values(values);
  // Square roots, so that a small light stays visible beside a large dark.
  const double most = std::max(1.0, *std::max_element(bins.begin(), bins.end()));
  QPainterPath path(QPointF(right, axis.bottom()));
  for (std::size_t i = 0; i < bins.size(); ++i)
    path.lineTo(right - width * std::sqrt(bins[i] / most), axis.y_of(static_cast<double>(i)));
  path.lineTo(right, axis.top());
  return path;
}

constexpr double kGrabLimit = 6;

} // namespace

RailView::RailView(Studio& model, Picking& picking, Viewing& viewing, PlanModel& plan, PhotoModel& photos,
                   Reaches& reaches, Build build, QWidget* parent)
    : AxisWidget(model, picking, parent), m_viewing(viewing), m_plan(plan), m_photos(photos),
      m_reaches(reaches), m_build(build) {
  setObjectName(QStringLiteral("rail"));
  setAccessibleName(tr("Value rail"));
  setStatusTip(tr("Drag to set the value. Scroll, or press Up and Down, to change it by one, with Shift by "
                  "ten, with Alt by a tenth."));
  setFixedWidth(sizeHint().width());
  model.hear({Part::References, Part::Reference, Part::Looking, Part::Desk}, this,
             qOverload<>(&QWidget::update));
  connect(&model.photos(), &PhotoLibrary::changed, this, qOverload<>(&QWidget::update));
  connect(&reaches, &Reaches::changed, this, qOverload<>(&QWidget::update));
}

void RailView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const bool full = m_build == Build::Full;
  const double wide = full ? kBarWidth : kSlimBar;
  const QRectF bar(width() - kScaleWidth - wide, axis().top(), wide, axis().length());
  painter.setFont(heading_font());
  painter.setPen(theme().text);
  painter.drawText(QRectF(full ? bar.left() - 40 : bar.left(), 0, 110, ValueAxis::kHead - 6),
                   Qt::AlignLeft | Qt::AlignBottom, tr("Value"));
  if (full) paint_histogram(painter, bar);
  if (full) paint_reaches(painter, bar);

  const int pixels = std::max(1, static_cast<int>(std::lround(bar.height() * devicePixelRatioF())));
  QPainterPath ground;
  ground.addRect(bar);
  fill_hatch(painter, ground);
  painter.drawImage(bar, for_monitor(m_picture.of(m_model, m_plan, pixels)));
  paint_scale(painter, bar);
  paint_limits(painter, bar);
  paint_flat_limits(painter, bar);

  paint_line(painter);
  if (full) paint_reading(painter);
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(bar.adjusted(-2.5, -2.5, 2.5, 2.5));
}

/// The value in numbers, pointing at its line.
void RailView::paint_reading(QPainter& painter) {
  const double y = line_y();
  QPainterPath pointer(QPointF(30, y - 6));
  pointer.lineTo(40, y);
  pointer.lineTo(30, y + 6);
  pointer.closeSubpath();
  painter.fillRect(QRectF(0, y - 9, 40, 18), theme().stage);
  painter.fillPath(pointer, theme().strong);
  painter.setFont(heading_font());
  painter.setPen(theme().strong);
  painter.drawText(QRectF(0, y - 10, 27, 20), Qt::AlignRight | Qt::AlignVCenter,
                   number(m_model.session().at.at.v, 0));
}

/// The lowest and highest value this hue and saturation has, where that is not black and white.
void RailView::paint_limits(QPainter& painter, const QRectF& bar) {
  const Session& s = m_model.session();
  const ValueSpan span = m_model.wheel().value_span(Angle(s.at.at.a), s.at.at.r);
  if (span.empty()) return;
  painter.setFont(caption_strong_font());
  for (const double v : {span.low, span.high}) {
    if (v < 0.5 || v > 99.5) continue;
    const double y = axis().y_of(v);
    draw_double_line(painter, {bar.left() - 2, y}, {bar.right() + 6, y}, 1.4);
    const QRectF words(bar.right() + 8, y - 9, kScaleWidth - 8, 18);
    painter.fillRect(words.adjusted(0, 2, 0, -2), theme().stage);
    painter.setPen(theme().strong);
    painter.drawText(words.adjusted(1, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, number(v, 0));
  }
}

void RailView::paint_histogram(QPainter& painter, const QRectF& bar) {
  const FineValues* values = m_photos.values();
  if (!values) return;
  QColor fill = theme().quiet;
  fill.setAlphaF(0.55F);
  painter.fillPath(histogram_shape(*values, axis(), bar.left() - 3, bar.left() - 8), fill);
}

/// How much of the disc the paints, or the press, reach at each value, hanging where the histogram does.
void RailView::paint_reaches(QPainter& painter, const QRectF& bar) {
  for (const Reaches::Of of : Reaches::kAll) {
    if (!m_reaches.shown(of)) continue;
    const auto& shares = m_reaches.shares(of);
    QPainterPath path;
    for (std::size_t value = 0; value < shares.size(); ++value) {
      const QPointF at(bar.left() - 3 - shares[value] * (bar.left() - 12),
                       axis().y_of(static_cast<double>(value)));
      value == 0 ? path.moveTo(at) : path.lineTo(at);
    }
    of == Reaches::Of::Paints ? draw_dashed_line(painter, path) : draw_dotted_line(painter, path);
  }
}

/// The limits of the flat tones, while those are looked at.
std::vector<double> RailView::flat_limits_shown() const {
  const Session& s = m_model.session();
  if (m_build == Build::Slim || s.desk != Desk::Observe || s.looking.look != PhotoLook::Flat ||
      !m_photos.photo())
    return {};
  return m_photos.tones().limits;
}

void RailView::paint_flat_limits(QPainter& painter, const QRectF& bar) {
  for (const double limit : flat_limits_shown()) {
    const double y = axis().y_of(limit);
    draw_double_line(painter, {2, y}, {bar.left() - 2, y}, 1.2);
    draw_handle(painter, {8, y}, false);
  }
}

void RailView::drag_flat_limit(double value) {
  Looking looking = m_model.session().looking;
  looking.limits = flat_limits_shown();
  if (*m_limit >= looking.limits.size()) return;
  const double low = *m_limit == 0 ? 0 : looking.limits[*m_limit - 1],
               high = *m_limit + 1 == looking.limits.size() ? 100 : looking.limits[*m_limit + 1];
  looking.limits[*m_limit] = std::clamp(value, low, high);
  m_viewing.look_at(looking);
}

void RailView::paint_scale(QPainter& painter, const QRectF& bar) {
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  // Numbers that would stand on each other are left out.
  constexpr double line = 13;
  const double ten = axis().y_of(0) - axis().y_of(10);
  const int step = ten >= line ? 10 : 2 * ten >= line ? 20 : 50;
  for (int v = 0; v <= 100; v += step) {
    const double y = axis().y_of(v);
    painter.drawLine(QPointF(bar.right() + 2, y), QPointF(bar.right() + 6, y));
    painter.drawText(QRectF(bar.right() + 9, y - 9, kScaleWidth, 18), Qt::AlignLeft | Qt::AlignVCenter,
                     number(v, 0));
  }
}

void RailView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  const auto limits = flat_limits_shown();
  m_limit.reset();
  for (std::size_t i = 0; i < limits.size(); ++i)
    if (event->position().x() < width() - kScaleWidth - kBarWidth &&
        std::abs(axis().y_of(limits[i]) - event->position().y()) <= kGrabLimit)
      m_limit = i;
  if (m_limit) return;
  m_picking = true;
  m_picks.begin_pick();
  m_picks.pick_value(axis().value_at(event->position().y()));
}
void RailView::mouseMoveEvent(QMouseEvent* event) {
  const double value = axis().value_at(event->position().y());
  if (m_limit) drag_flat_limit(value);
  if (m_picking) m_picks.pick_value(value);
}
void RailView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  if (std::exchange(m_picking, false)) m_picks.end_pick();
  m_limit.reset();
}

void RailView::end_drag() {
  m_limit.reset();
  m_picking = false;
}

AccessibleContent RailView::accessible() {
  AccessibleContent out{
      QAccessible::Slider, color_told(m_model.session().color()), accessible_value(m_model, m_picks), {}};
  const auto limits = flat_limits_shown();
  for (std::size_t i = 0; i < limits.size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    item.role = QAccessible::Slider;
    item.name = tr("Limit %1 of the flat tones").arg(i + 1);
    item.rect = {0, axis().y_of(limits[i]) - kGrabLimit, width() - kScaleWidth, 2 * kGrabLimit};
    item.number = AccessibleNumber{limits[i], 0, 100, 1, [this, i](double wanted) {
                                     m_limit = i;
                                     drag_flat_limit(wanted);
                                     m_limit.reset();
                                   }};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
