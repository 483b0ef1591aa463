#include "app/desks/pick/wheel_view.h"

#include "app/band/axis_widget.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/piece/edits.h"
#include "core/wheel/partners.h"

#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QWheelEvent>

namespace zc {
namespace {

constexpr double kRimRoom = 30;  ///< For hue names and for turning.
constexpr double kNameRoom = 16; ///< More at the sides, where names lie flat.
constexpr double kGrab = 9;
constexpr double kLargestZoom = 4, kZoomStep = 1.25;

} // namespace

WheelView::WheelView(Workbench& bench, QWidget* parent) : QWidget(parent), m_bench(bench) {
  setObjectName(QStringLiteral("wheel"));
  setAccessibleName(tr("Wheel at the current value"));
  setToolTip(tr("Drag to set hue and saturation; drag corners to shape the mask; drag outside the rim to "
                "turn it; double-click an edge to add a corner; Ctrl and the wheel zoom."));
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  connect(&bench, &Workbench::colorChanged, this, qOverload<>(&QWidget::update));
  connect(&bench, &Workbench::pieceChanged, this, qOverload<>(&QWidget::update));
  connect(&bench, &Workbench::viewChanged, this, qOverload<>(&QWidget::update));
}

QPointF WheelView::middle() const {
  return {width() / 2.0 - m_center.x * radius(), height() / 2.0 + m_center.y * radius()};
}
double WheelView::radius() const {
  return m_zoom * std::max(40.0, std::min(width() / 2.0 - kRimRoom - kNameRoom, height() / 2.0 - kRimRoom));
}
void WheelView::zoom_to(double zoom, QPointF about) {
  const DiscPoint under = disc_point_at(about);
  m_zoom = std::clamp(zoom, 1.0, kLargestZoom);
  // The place under the pointer stays there; the whole wheel stands in the middle.
  m_center = {under.x - (about.x() - width() / 2.0) / radius(),
              under.y + (about.y() - height() / 2.0) / radius()};
  m_center = m_zoom == 1.0 ? DiscPoint{} : pulled_onto_disc(m_center);
  update();
}
void WheelView::zoom_around_pick(double factor) {
  zoom_to(m_zoom * factor, screen_point(disc_point(m_bench.session().at.a, m_bench.session().at.r)));
}
QPointF WheelView::screen_point(DiscPoint p) const { return middle() + QPointF(p.x, -p.y) * radius(); }
DiscPoint WheelView::disc_point_at(QPointF p) const {
  const QPointF d = (p - middle()) / radius();
  return {d.x(), -d.y()};
}
double WheelView::screen_angle(QPointF p) const {
  const DiscPoint d = disc_point_at(p);
  return degrees(std::atan2(d.x, d.y));
}
bool WheelView::beyond_rim(QPointF p) const {
  const DiscPoint d = disc_point_at(p);
  return std::hypot(d.x, d.y) > 1 + 4 / radius();
}

std::optional<WheelView::MaskPoint> WheelView::point_at(QPointF p) const {
  if (!mask_shown()) return std::nullopt;
  std::optional<MaskPoint> found;
  double nearest = kGrab;
  const auto& areas = m_bench.piece().mask->areas;
  for (std::size_t a = 0; a < areas.size(); ++a) {
    const auto& points = std::get<Polygon>(areas[a].shape).points;
    for (std::size_t i = 0; i < points.size(); ++i) {
      const double away = QLineF(screen_point(points[i]), p).length();
      if (away >= nearest) continue;
      nearest = away;
      found = MaskPoint{a, i};
    }
  }
  return found;
}

// ---------------------------------------------------------------- painting

void WheelView::refresh_picture() {
  const Shown wanted{m_bench.piece().wheel, m_bench.session().at.v,
                     std::max(1, static_cast<int>(std::lround(2 * radius() * devicePixelRatioF())))};
  if (wanted == m_shown) return;
  m_shown = wanted;
  m_bench.painter().slice(wanted.value, wanted.size, m_picture);
  const auto measure = wanted.wheel.measure;
  m_full = measure == SaturationMeasure::Hsluv || measure == SaturationMeasure::Hsl;
}

void WheelView::paint_disc(QPainter& painter) {
  const QRectF disc(middle() - QPointF(radius(), radius()), QSizeF(2 * radius(), 2 * radius()));
  if (m_bench.session().values_only) {
    // At one value every color has the same grey.
    painter.setPen(Qt::NoPen);
    painter.setBrush(shown_color(neutral_of_value(m_bench.session().at.v), true));
    painter.drawEllipse(disc);
  } else {
    refresh_picture();
    if (!m_full) {
      QPainterPath ground;
      ground.addEllipse(disc);
      fill_hatch(painter, ground);
    }
    painter.drawImage(disc, image_of(m_picture));
  }
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().line, 1));
  painter.drawEllipse(disc);
}

void WheelView::paint_rim(QPainter& painter) {
  for (const auto& hue : named_hues(m_bench.piece().wheel.hues)) {
    const DiscPoint direction = disc_point(hue.angle, 1);
    const QPointF out(direction.x, -direction.y);
    const QPointF rim = middle() + out * radius();
    painter.setPen(QPen(hue.primary ? theme().strong : theme().quiet, hue.primary ? 2 : 1));
    painter.drawLine(rim + out * 2, rim + out * (hue.primary ? 9 : 6));
    // Two-part names would crowd the rim; their tick and the tooltip of the section say them.
    if (hue.name.find('-') != std::string_view::npos) continue;
    const QFont font = hue.primary ? heading_font() : caption_font();
    painter.setFont(font);
    const QString name = QString::fromLatin1(hue.name.data(), static_cast<qsizetype>(hue.name.size()));
    const QSizeF size(QFontMetrics(font).horizontalAdvance(name) + 2, 18);
    const QPointF at = rim + out * 14 + QPointF(out.x() * size.width() / 2, out.y() * size.height() / 2);
    painter.drawText(QRectF(at - QPointF(size.width() / 2, size.height() / 2), size), Qt::AlignCenter, name);
  }
}

/// Partners of the current color: strokes inward from the rim, the complement's longest.
void WheelView::paint_partners(QPainter& painter) {
  for (const auto& partner : partners_of(m_bench.wheel(), m_bench.session().at)) {
    const DiscPoint direction = disc_point(partner.at.a, 1);
    const QPointF out(direction.x, -direction.y);
    draw_double_line(painter, middle() + out * (radius() - (partner.turn == 180 ? 13 : 7)),
                     middle() + out * (radius() - 1), 1.4);
  }
}

void WheelView::paint_mask(QPainter& painter) {
  QPainterPath region;
  for (const auto& outline : m_bench.region()->outlines()) {
    QPolygonF polygon;
    for (const auto& p : outline) polygon << screen_point(p);
    region.addPolygon(polygon);
    region.closeSubpath();
  }
  QPainterPath veil;
  veil.addEllipse(middle(), radius() + 0.5, radius() + 0.5);
  veil.addPath(region);
  QColor color = theme().stage;
  color.setAlphaF(0.62F);
  painter.fillPath(veil, color);
  draw_double_line(painter, region);

  const auto& areas = m_bench.piece().mask->areas;
  for (std::size_t a = 0; a < areas.size(); ++a) {
    const auto& points = std::get<Polygon>(areas[a].shape).points;
    for (std::size_t i = 0; i < points.size(); ++i) {
      const MaskPoint here{a, i};
      draw_handle(painter, screen_point(points[i]),
                  m_hovered == here || (m_drag == Drag::Point && m_dragged == here));
    }
  }
  if (const auto neutral = m_bench.region()->centroid()) draw_cross(painter, screen_point(*neutral));
}

void WheelView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  paint_disc(painter);
  paint_rim(painter);
  if (mask_shown()) paint_mask(painter);
  paint_partners(painter);

  const Session& s = m_bench.session();
  const DiscPoint rim = disc_point(s.section_angle, 1);
  painter.setPen(QPen(QColor(0, 0, 0, 110), 2.4, Qt::DashLine));
  painter.drawLine(screen_point({-rim.x, -rim.y}), screen_point(rim));
  painter.setPen(QPen(QColor(255, 255, 255, 170), 1, Qt::DashLine));
  painter.drawLine(screen_point({-rim.x, -rim.y}), screen_point(rim));
  draw_pick_mark(painter, screen_point(disc_point(s.at.a, s.at.r)));
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawEllipse(middle(), radius() + 2, radius() + 2);
}

// ---------------------------------------------------------------- mouse and keys

QString WheelView::drag_key(const char* what) const {
  return QStringLiteral("%1 %2").arg(QLatin1String(what)).arg(m_drag_number);
}

void WheelView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  ++m_drag_number;
  if (const auto point = point_at(event->position())) {
    m_drag = Drag::Point;
    m_dragged = *point;
    return;
  }
  if (beyond_rim(event->position())) {
    if (!mask_shown()) return;
    m_drag = Drag::Turn;
    m_turn_from = screen_angle(event->position());
    m_turned = m_bench.piece();
    return;
  }
  m_drag = Drag::Pick;
  m_bench.begin_pick();
  m_bench.pick_plan(disc_point_at(event->position()));
}

void WheelView::mouseMoveEvent(QMouseEvent* event) {
  switch (m_drag) {
  case Drag::Pick:
    return m_bench.pick_plan(disc_point_at(event->position()));
  case Drag::Point:
    return drag_point(event->position());
  case Drag::Turn:
    return turn_to(event->position());
  case Drag::None:
    break;
  }
  const auto hovered = point_at(event->position());
  if (hovered != m_hovered) update();
  m_hovered = hovered;
  setCursor(hovered                         ? Qt::SizeAllCursor
            : beyond_rim(event->position()) ? (mask_shown() ? Qt::OpenHandCursor : Qt::ArrowCursor)
                                            : Qt::CrossCursor);
}

void WheelView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  if (m_drag == Drag::Pick) m_bench.end_pick();
  m_drag = Drag::None;
  update();
}

void WheelView::drag_point(QPointF p) {
  const DiscPoint to = disc_point_at(p);
  m_bench.store().apply(
      tr("Move mask corner"),
      [&](Piece piece) { return with_mask_point(std::move(piece), m_dragged.area, m_dragged.point, to); },
      drag_key("corner"));
}

/// Always turned from where the drag began, so that nothing is lost on the way.
void WheelView::turn_to(QPointF p) {
  const double by = turn_between(m_turn_from, screen_angle(p));
  m_bench.store().apply(
      tr("Turn mask"), [&](const Piece&) { return with_mask_turned(m_turned, by, m_bench.session().carry); },
      drag_key("turn"));
}

void WheelView::mouseDoubleClickEvent(QMouseEvent* event) {
  if (!mask_shown() || point_at(event->position())) return;
  const auto& areas = m_bench.piece().mask->areas;
  for (std::size_t a = 0; a < areas.size(); ++a) {
    const auto& points = std::get<Polygon>(areas[a].shape).points;
    for (std::size_t i = 0; i < points.size(); ++i) {
      const QPointF from = screen_point(points[i]), to = screen_point(points[(i + 1) % points.size()]),
                    along = to - from;
      const double length = std::hypot(along.x(), along.y());
      const QPointF d = event->position() - from;
      const double place = QPointF::dotProduct(d, along) / (length * length);
      const double away = std::abs(d.x() * along.y() - d.y() * along.x()) / length;
      if (length == 0 || place <= 0 || place >= 1 || away > kGrab) continue;
      const DiscPoint at = disc_point_at(from + along * place);
      m_bench.store().apply(tr("Add mask corner"), [&](Piece piece) {
        return with_mask_point_added(std::move(piece), a, i + 1, at);
      });
      return;
    }
  }
}

void WheelView::remove_point(MaskPoint point) {
  m_bench.store().apply(tr("Remove mask corner"), [&](Piece piece) {
    return with_mask_point_removed(std::move(piece), point.area, point.point);
  });
  m_hovered.reset();
}

void WheelView::contextMenuEvent(QContextMenuEvent* event) {
  const auto point = point_at(event->pos());
  if (!point) return;
  QMenu menu;
  menu.addAction(tr("Remove this corner"), this, [this, point] { remove_point(*point); });
  menu.exec(event->globalPos());
}

void WheelView::keyPressEvent(QKeyEvent* event) {
  const double step = nudge_size(event->modifiers());
  switch (event->key()) {
  case Qt::Key_Right:
    return m_bench.nudge_hue(step);
  case Qt::Key_Left:
    return m_bench.nudge_hue(-step);
  case Qt::Key_Up:
    return m_bench.nudge_saturation(step / 100);
  case Qt::Key_Down:
    return m_bench.nudge_saturation(-step / 100);
  case Qt::Key_Plus:
  case Qt::Key_Equal:
    return zoom_around_pick(kZoomStep);
  case Qt::Key_Minus:
    return zoom_around_pick(1 / kZoomStep);
  case Qt::Key_0:
    return zoom_to(1, {});
  case Qt::Key_PageUp:
    return m_bench.nudge_value(step);
  case Qt::Key_PageDown:
    return m_bench.nudge_value(-step);
  case Qt::Key_Delete:
    if (m_hovered) remove_point(*m_hovered);
    return;
  default:
    QWidget::keyPressEvent(event);
  }
}

void WheelView::wheelEvent(QWheelEvent* event) {
  if (event->modifiers() & Qt::ControlModifier) {
    zoom_to(m_zoom * std::pow(kZoomStep, wheel_notches(*event)), event->position());
    return event->accept();
  }
  m_bench.nudge_saturation(wheel_notches(*event) * nudge_size(event->modifiers()) / 100);
  event->accept();
}

void WheelView::leaveEvent(QEvent*) {
  m_hovered.reset();
  update();
}

} // namespace zc
