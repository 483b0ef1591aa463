// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/wheel/mask_hands.h"

#include "app/controls/number_field.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "app/wheel/wheel_view.h"
#include "model/session/masking.h"
#include "model/session/studio.h"

#include <QKeyEvent>
#include <QMenu>

namespace zc {
namespace {

constexpr double kHandleReach = 9, kEdgeReach = 6, kMoveStart = 3;
/// The mark of turning stands this far outside the rim, and reaches so far to either side.
constexpr double kTurnMark = 7, kTurnMarkHalf = 16, kTurnReach = 60;

bool same(const Handle& a, const Handle& b) { return a.grip == b.grip && a.index == b.index; }

QPainterPath path_of(const WheelView& view, const Shape& shape) {
  QPainterPath path;
  for (const auto& outline : outlines_of(shape)) {
    QPolygonF polygon;
    for (const auto& p : outline) polygon << view.screen_point(pulled_onto_disc(p));
    path.addPolygon(polygon);
    path.closeSubpath();
  }
  return path;
}

bool contains(const Shape& shape, DiscPoint p) {
  Mask alone;
  alone.areas.push_back({AreaMode::Adds, shape});
  return MaskRegion(alone).inside(p);
}

} // namespace

MaskHands::MaskHands(Studio& model, Masking& masking, WheelView& view)
    : QObject(&view), m_model(model), m_masking(masking), m_view(view) {
  model.hear({Part::Geometry, Part::Masking}, this, [this] { m_hovered.reset(); });
}

const List<Area>* MaskHands::areas() const {
  if (m_model.at_hand().mask_locked) return nullptr;
  return m_model.region() ? &m_model.piece().mask->areas : nullptr;
}

const Shape* MaskHands::shape() const {
  const auto* all = areas();
  const std::size_t chosen = m_model.session().area;
  return all && chosen < all->size() ? &(*all)[chosen].shape : nullptr;
}

std::optional<DiscPoint> MaskHands::middle() const {
  return shape() ? std::optional(middle_of(*shape())) : std::nullopt;
}

std::optional<Handle> MaskHands::handle_at(QPointF p) const {
  if (!shape()) return std::nullopt;
  std::optional<Handle> found;
  double nearest = kHandleReach;
  for (const Handle& handle : handles_of(*shape())) {
    const double away = QLineF(m_view.screen_point(pulled_onto_disc(handle.at)), p).length();
    if (away >= nearest) continue;
    nearest = away;
    found = handle;
  }
  return found;
}

/// Finds an edge of the area worked on, away from its handles.
std::optional<EdgePlace> MaskHands::edge_at(QPointF p) const {
  const auto* polygon = shape() ? std::get_if<Polygon>(shape()) : nullptr;
  if (!polygon || handle_at(p)) return std::nullopt;
  return edge_near(*polygon, m_view.disc_point_at(p), kEdgeReach / m_view.radius());
}

/// The area worked on comes first, then the one laid last.
std::optional<std::size_t> MaskHands::area_at(QPointF p) const {
  if (!areas()) return std::nullopt;
  const DiscPoint place = m_view.disc_point_at(p);
  if (shape() && contains(*shape(), place)) return m_model.session().area;
  for (std::size_t i = areas()->size(); i-- > 0;)
    if (contains((*areas())[i].shape, place)) return i;
  return std::nullopt;
}

double MaskHands::angle_at(QPointF p) const {
  const DiscPoint d = m_view.disc_point_at(p);
  return degrees(std::atan2(d.x, d.y));
}

void MaskHands::choose_tool(Tool tool) {
  m_tool = tool;
  m_drag = Drag::None;
  m_outline.clear();
  emit toolChanged();
  m_view.update();
}

void MaskHands::choose_mode(AreaMode mode) {
  m_mode = mode;
  emit toolChanged();
}

// ---------------------------------------------------------------- mouse and pen

bool MaskHands::press(QPointF p, bool alone) {
  m_alone = alone;
  m_press = m_pointer = p;
  m_moved = false;
  ++m_drag_number;
  m_base.emplace(m_model.store());
  if (m_tool != Tool::None) return press_tool(p);
  if (const auto handle = handle_at(p)) {
    m_drag = Drag::Handle;
    m_dragged = *handle;
    return true;
  }
  if (const auto edge = edge_at(p); edge && !m_view.beyond_rim(p)) {
    m_drag = Drag::Edge;
    m_edge = *edge;
    return true;
  }
  if (m_view.beyond_rim(p)) {
    if (areas()) m_drag = Drag::Turn;
    return true;
  }
  const auto area = area_at(p);
  if (!area) return false;
  m_masking.select_area(*area);
  m_drag = Drag::Move;
  return true;
}

bool MaskHands::press_tool(QPointF p) {
  const DiscPoint place = pulled_onto_disc(m_view.disc_point_at(p));
  if (m_tool == Tool::Round) {
    m_drag = Drag::Round;
    return true;
  }
  if (m_tool == Tool::Sector) {
    m_drag = Drag::Sector;
    return true;
  }
  const bool closes =
      m_outline.size() >= 3 && QLineF(m_view.screen_point(m_outline.front()), p).length() < kHandleReach;
  if (closes) {
    finish_outline();
    return true;
  }
  m_drag = Drag::Outline;
  m_stroke_from = m_outline.size();
  m_outline.push_back(place);
  m_view.update();
  return true;
}

bool MaskHands::drag(QPointF p) {
  const QPointF before = std::exchange(m_pointer, p);
  if (m_drag == Drag::None) return m_tool != Tool::None;
  m_moved = m_moved || QLineF(m_press, p).length() > kMoveStart;
  const bool after_a_start = m_drag == Drag::Move || m_drag == Drag::Edge;
  if (m_drag == Drag::Handle || m_drag == Drag::Turn || (after_a_start && m_moved)) drag_piece(before, p);
  if (m_drag == Drag::Outline && m_moved) m_outline.push_back(pulled_onto_disc(m_view.disc_point_at(p)));
  m_view.update();
  return true;
}

/// Drags by the whole way from where the drag began, or from where something else changed the piece
/// meanwhile.
void MaskHands::drag_piece(QPointF before, QPointF now) {
  if (m_base->renewed()) m_press = before;
  const QString key = QStringLiteral("mask %1").arg(m_drag_number);
  const bool applied = m_model.store().apply(
      drag_name(), [&](const Piece&) { return dragged(m_base->piece(), now); }, key);
  if (applied) m_base->moved();
}

QString MaskHands::drag_name() const {
  if (m_drag == Drag::Handle) return tr("Reshape mask area");
  if (m_drag == Drag::Edge) return tr("Bend mask edge");
  if (m_drag == Drag::Move) return tr("Move mask area");
  return m_alone ? tr("Turn mask area") : tr("Turn mask");
}

Result<Piece> MaskHands::dragged(Piece piece, QPointF p) const {
  const std::size_t area = m_model.session().area;
  const DiscPoint to = m_view.disc_point_at(p);
  if (m_drag == Drag::Handle)
    return with_mask_handle(std::move(piece), area, m_dragged.grip, m_dragged.index, to);
  if (m_drag == Drag::Edge) {
    auto bent = with_mask_point_added(std::move(piece), area, m_edge.edge + 1, m_edge.at);
    return bent ? with_mask_handle(std::move(bent).value(), area, Grip::Corner, m_edge.edge + 1, to) : bent;
  }
  const double by = turn_between(angle_at(m_press), angle_at(p));
  if (m_drag == Drag::Turn && !m_alone)
    return with_mask_turned(std::move(piece), by, m_model.session().carry);
  // The area may have gone meanwhile.
  if (!piece.mask || area >= piece.mask->areas.size()) return piece;
  const Shape from = piece.mask->areas[area].shape;
  const Shape shape =
      m_drag == Drag::Move ? moved_shape(from, m_view.disc_point_at(m_press), to) : turned_shape(from, by);
  return with_area_shape(std::move(piece), area, shape);
}

bool MaskHands::let_go(QPointF p) {
  const Drag drag = std::exchange(m_drag, Drag::None);
  m_base.reset();
  switch (drag) {
  case Drag::None:
    return m_tool != Tool::None;
  case Drag::Move:
    // A press that did not move is a pick like any other.
    if (!m_moved) m_view.pick_at(p);
    break;
  case Drag::Outline:
    let_go_of_outline(p);
    break;
  case Drag::Round:
    add_area(round_shape());
    break;
  case Drag::Sector:
    add_area(sector_shape());
    break;
  default:
    break;
  }
  m_view.update();
  return true;
}

/// A stroke drawn in one go closes itself; after single corners it becomes a part of the outline.
void MaskHands::let_go_of_outline(QPointF) {
  if (!m_moved) return;
  const std::vector<DiscPoint> stroke(m_outline.begin() + static_cast<std::ptrdiff_t>(m_stroke_from),
                                      m_outline.end());
  m_outline.resize(m_stroke_from);
  const Polygon thin = polygon_along(stroke);
  m_outline.insert(m_outline.end(), thin.points.begin(), thin.points.end());
  if (m_stroke_from == 0) finish_outline();
}

void MaskHands::finish_outline() {
  Polygon polygon{m_outline};
  m_drag = Drag::None;
  if (polygon.points.size() >= 3 && crosses_itself(polygon))
    emit m_model.notice(tr("The outline crosses itself; the mask is open where it overlaps."));
  add_area(std::move(polygon));
}

void MaskHands::add_area(Shape shape) {
  const Area area{m_mode, std::move(shape)};
  m_outline.clear();
  const bool applied =
      m_model.store().apply(m_mode == AreaMode::Adds ? tr("Add mask area") : tr("Subtract mask area"),
                            [&](Piece p) { return with_area_added(std::move(p), area); });
  if (applied) m_masking.select_area(m_model.piece().mask->areas.size() - 1);
  choose_tool(Tool::None);
}

/// Drawn from the middle outward; a little more than half as wide as it is long.
Shape MaskHands::round_shape() const {
  const DiscPoint middle = pulled_onto_disc(m_view.disc_point_at(m_press));
  const Ellipse round{middle, 0.2, 0.12, 0};
  return m_moved ? with_handle_at(round, Grip::Along, 0, m_view.disc_point_at(m_pointer)) : Shape(round);
}

Shape MaskHands::sector_shape() const {
  const WheelPoint from = wheel_point(pulled_onto_disc(m_view.disc_point_at(m_press)), 0),
                   to = wheel_point(pulled_onto_disc(m_view.disc_point_at(m_pointer)), 0);
  const double turn = turn_between(from.a, to.a);
  RingSector sector{turn < 0 ? to.a : from.a, std::max(1.0, std::abs(turn)), std::min(from.r, to.r),
                    std::max(from.r, to.r)};
  if (!m_moved)
    return RingSector{wrap_degrees(from.a - 20), 40, std::max(0.0, from.r - 0.15),
                      std::min(1.0, from.r + 0.15)};
  if (sector.outer - sector.inner < kThinnest) sector.inner = std::max(0.0, sector.outer - kThinnest);
  if (sector.outer - sector.inner < kThinnest) sector.outer = sector.inner + kThinnest;
  return sector;
}

bool MaskHands::double_click(QPointF p) {
  if (m_tool == Tool::Outline && m_outline.size() >= 3) {
    finish_outline();
    return true;
  }
  const auto edge = edge_at(p);
  if (!edge) return false;
  m_model.store().apply(tr("Add mask corner"), [&](Piece piece) {
    return with_mask_point_added(std::move(piece), m_model.session().area, edge->edge + 1, edge->at);
  });
  return true;
}

void MaskHands::call_off() {
  m_base.reset();
  choose_tool(Tool::None);
}

void MaskHands::hover(QPointF p) {
  m_pointer = p;
  const auto handle = m_tool == Tool::None ? handle_at(p) : std::nullopt;
  const bool changed = handle.has_value() != m_hovered.has_value() || (handle && !same(*handle, *m_hovered));
  m_hovered = handle;
  const Mark mark = mark_at(p);
  const bool other_mark = !(mark == m_mark);
  m_mark = mark;
  if (changed || other_mark || !m_outline.empty()) m_view.update();
  m_view.setCursor(m_tool != Tool::None   ? Qt::CrossCursor
                   : handle || edge_at(p) ? Qt::PointingHandCursor
                   : m_view.beyond_rim(p) ? (areas() ? Qt::OpenHandCursor : Qt::ArrowCursor)
                   : area_at(p)           ? Qt::SizeAllCursor
                                          : Qt::CrossCursor);
}

void MaskHands::leave() {
  m_hovered.reset();
  m_mark = {};
  m_view.update();
}

// ---------------------------------------------------------------- edits

void MaskHands::reshape(const QString& name, const Shape& to) {
  const std::size_t area = m_model.session().area;
  PieceStore& store = m_model.store();
  store.apply(
      name, [&](Piece p) { return with_area_shape(std::move(p), area, to); },
      store.run_key(QStringLiteral("%1 %2").arg(name).arg(area)));
}

void MaskHands::remove_corner(std::size_t corner) {
  const std::size_t area = m_model.session().area;
  m_model.store().apply(tr("Remove mask corner"),
                        [=](Piece p) { return with_mask_point_removed(std::move(p), area, corner); });
}

void MaskHands::remove_area() {
  const std::size_t area = m_model.session().area;
  m_model.store().apply(tr("Remove mask area"),
                        [=](Piece p) { return with_area_removed(std::move(p), area); });
}

bool MaskHands::offers_menu(QPointF p) const {
  const auto handle = handle_at(p);
  return m_tool == Tool::None && ((handle && handle->grip == Grip::Corner) || area_at(p));
}

void MaskHands::fill_menu(QMenu& menu, QPointF p) {
  const auto handle = handle_at(p);
  if (handle && handle->grip == Grip::Corner)
    menu.addAction(tr("Remove corner"), this, [this, i = handle->index] { remove_corner(i); });
  if (const auto area = area_at(p)) {
    m_masking.select_area(*area);
    menu.addAction(tr("Remove area"), this, &MaskHands::remove_area);
  }
}

// ---------------------------------------------------------------- keys

bool MaskHands::tool_key(const QKeyEvent& event) {
  switch (event.key()) {
  case Qt::Key_Escape:
    choose_tool(Tool::None);
    return true;
  case Qt::Key_Return:
  case Qt::Key_Enter:
    if (m_tool == Tool::Outline) finish_outline();
    return true;
  case Qt::Key_Backspace:
    if (!m_outline.empty()) m_outline.pop_back();
    m_view.update();
    return true;
  default:
    return false;
  }
}

/// Arrows move the area, with Ctrl they turn the mask and scale the area.
bool MaskHands::nudge(const QKeyEvent& event) {
  const bool right = event.key() == Qt::Key_Right, left = event.key() == Qt::Key_Left,
             up = event.key() == Qt::Key_Up, down = event.key() == Qt::Key_Down;
  if (!shape() || !(right || left || up || down)) return false;
  const double step = nudge_size(event.modifiers());
  const double across = right ? step : left ? -step : 0, upward = up ? step : down ? -step : 0;
  if (!(event.modifiers() & Qt::ControlModifier)) {
    const DiscPoint middle = middle_of(*shape());
    reshape(tr("Move mask area"),
            moved_shape(*shape(), middle, {middle.x + across / 100, middle.y + upward / 100}));
    return true;
  }
  if (across != 0)
    m_masking.turn_mask(across, m_model.store().run_key(QStringLiteral("turn mask")));
  else
    reshape(tr("Scale mask area"), scaled_shape(*shape(), std::pow(1.02, upward)));
  return true;
}

bool MaskHands::key(const QKeyEvent& event) {
  if (m_tool != Tool::None) return tool_key(event);
  if (nudge(event)) return true;
  if (event.key() != Qt::Key_Delete && event.key() != Qt::Key_Backspace) return false;
  if (m_hovered && m_hovered->grip == Grip::Corner)
    remove_corner(m_hovered->index);
  else if (shape())
    remove_area();
  return true;
}

// ---------------------------------------------------------------- painting

void MaskHands::paint(QPainter& painter) {
  if (const auto* all = areas()) {
    // With several areas their own outlines show what adds and what cuts.
    if (all->size() > 1)
      for (std::size_t i = 0; i < all->size(); ++i) {
        const bool chosen = i == m_model.session().area;
        QPen pen(QColor(255, 255, 255, chosen ? 230 : 120), chosen ? 1.4 : 1,
                 (*all)[i].mode == AreaMode::Cuts ? Qt::DashLine : Qt::SolidLine);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(QColor(0, 0, 0, chosen ? 230 : 120), pen.widthF() + 1.6));
        painter.drawPath(path_of(m_view, (*all)[i].shape));
        painter.setPen(pen);
        painter.drawPath(path_of(m_view, (*all)[i].shape));
      }
    if (shape())
      for (const Handle& handle : handles_of(*shape()))
        draw_handle(painter, m_view.screen_point(pulled_onto_disc(handle.at)),
                    (m_hovered && same(*m_hovered, handle)) ||
                        (m_drag == Drag::Handle && same(m_dragged, handle)));
  }
  paint_mark(painter);
  paint_drawing(painter);
}

MaskHands::Mark MaskHands::mark_at(QPointF p) const {
  if (m_tool != Tool::None || !areas()) return {};
  if (m_view.beyond_rim(p)) {
    const bool near = QLineF(m_view.screen_point({}), p).length() < m_view.radius() + kTurnReach;
    return near ? Mark{Mark::Turn, disc_point(Angle(angle_at(p)), 1)} : Mark{};
  }
  const auto edge = edge_at(p);
  return edge ? Mark{Mark::Bend, edge->at} : Mark{};
}

/// Outside the rim an arc with two heads, along which the mask turns; on an edge the corner that a drag
/// makes.
void MaskHands::paint_mark(QPainter& painter) {
  if (m_mark.kind == Mark::None || m_drag != Drag::None) return;
  if (m_mark.kind == Mark::Bend) return draw_handle(painter, m_view.screen_point(m_mark.at), false);
  const QPointF middle = m_view.screen_point({});
  const double radius = m_view.radius() + kTurnMark;
  const double at = degrees(std::atan2(m_mark.at.y, m_mark.at.x)), half = kTurnMarkHalf / radius * 180 / M_PI;
  QPainterPath arc;
  arc.arcMoveTo(QRectF(middle - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)), at - half);
  arc.arcTo(QRectF(middle - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)), at - half, 2 * half);
  for (const double end : {-1.0, 1.0}) {
    const double angle = (at + end * half) * M_PI / 180;
    const QPointF tip = middle + QPointF(std::cos(angle), -std::sin(angle)) * radius;
    const QPointF along(-std::sin(angle) * end, -std::cos(angle) * end),
        out(std::cos(angle), -std::sin(angle));
    arc.moveTo(tip - along * 5 + out * 4);
    arc.lineTo(tip);
    arc.lineTo(tip - along * 5 - out * 4);
  }
  draw_double_line(painter, arc, 1.6);
}

void MaskHands::paint_drawing(QPainter& painter) {
  if (m_drag == Drag::Round) return draw_double_line(painter, path_of(m_view, round_shape()));
  if (m_drag == Drag::Sector) return draw_double_line(painter, path_of(m_view, sector_shape()));
  if (m_outline.empty()) return;
  QPainterPath path(m_view.screen_point(m_outline.front()));
  for (const auto& p : m_outline) path.lineTo(m_view.screen_point(p));
  path.lineTo(m_pointer);
  draw_double_line(painter, path);
  draw_handle(painter, m_view.screen_point(m_outline.front()), m_outline.size() >= 3);
}

} // namespace zc
