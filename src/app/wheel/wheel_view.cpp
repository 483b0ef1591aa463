// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/wheel/wheel_view.h"

#include "app/accessibility/swatches.h"
#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/photo/footprint_picture.h"
#include "app/theme/hands.h"
#include "app/theme/theme.h"
#include "app/wheel/mask_hands.h"
#include "core/color/convert.h"
#include "core/image/pixels.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/mixing/reaches.h"
#include "model/photo/photo_model.h"
#include "model/plan/plan_model.h"
#include "model/session/laying.h"
#include "model/session/masking.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QWheelEvent>

namespace zc {
namespace {

constexpr double kRimRoom = 30;  ///< For hue names and for turning.
constexpr double kNameRoom = 16; ///< More at the sides, where names lie flat.
constexpr double kLargestZoom = 4, kZoomStep = 1.25;
/// Marks of related hues stand this far inside the rim.
constexpr double kMemberInset = 9, kMemberMark = 5, kMemberReach = 8, kSlideStart = 3, kRampMark = 3;

} // namespace

WheelView::WheelView(Studio& model, Picking& picking, Laying& laying, Masking& masking, PlanModel& plan,
                     PhotoModel& photos, Reaches& reaches, Use use, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_laying(laying), m_masking(masking), m_plan(plan),
      m_photos(photos), m_reaches(reaches),
      m_hands(use == Use::ShapeMask ? std::make_unique<MaskHands>(model, masking, *this) : nullptr),
      m_relations(model, picking, *this) {
  setObjectName(m_hands ? QStringLiteral("maskWheel") : QStringLiteral("wheel"));
  setAccessibleName(m_hands ? tr("Wheel with the mask") : tr("Wheel at the current value"));
  setMouseTracking(true);
  setTabletTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  setStatusTip(tr("Drag to set hue and saturation"));
  listen_to_two_fingers(*this);
  model.hear({Part::Color, Part::Geometry, Part::References, Part::Looking, Part::Relations, Part::Vivid,
              Part::ColorVision, Part::Steps, Part::Reference, Part::Masking, Part::Ramp},
             this, qOverload<>(&QWidget::update));
  connect(&model.photos(), &PhotoLibrary::changed, this, qOverload<>(&QWidget::update));
  connect(&reaches, &Reaches::changed, this, qOverload<>(&QWidget::update));
  connect(&plan, &PlanModel::changed, this, qOverload<>(&QWidget::update));
}

// The hands draw on this view, so they go before it does.
WheelView::~WheelView() { m_hands.reset(); }

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
  zoom_to(m_zoom * factor, screen_point(disc_point(m_model.session().at.at)));
}
QPointF WheelView::screen_point(DiscPoint p) const { return middle() + QPointF(p.x, -p.y) * radius(); }
DiscPoint WheelView::disc_point_at(QPointF p) const {
  const QPointF d = (p - middle()) / radius();
  return {d.x(), -d.y()};
}
bool WheelView::beyond_rim(QPointF p) const {
  const DiscPoint d = disc_point_at(p);
  return std::hypot(d.x, d.y) > 1 + 4 / radius();
}

// ---------------------------------------------------------------- painting

void WheelView::refresh_picture() {
  const bool vivid = m_model.session().vivid_plan;
  const Shown wanted{m_model.piece().wheel,
                     vivid ? -1 : m_model.session().at.at.v,
                     vivid,
                     m_model.session().vision,
                     std::max(1, static_cast<int>(std::lround(2 * radius() * devicePixelRatioF()))),
                     m_model.steps()};
  if (wanted == m_shown || (vivid && !m_plan.vivid_table())) return;
  m_shown = wanted;
  if (vivid)
    m_plan.painter().vivid(*m_plan.vivid_table(), wanted.size, m_picture);
  else
    m_plan.painter().slice(wanted.value, wanted.size, m_picture);
  show_as_seen(wanted.vision, m_picture);
  m_image = image_of(m_picture);
  m_full = fills_disc(wanted.wheel.measure);
}

void WheelView::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  // It takes some megabytes and is made anew within a frame.
  m_shown = {};
  m_picture = {};
  m_image = {};
}

void WheelView::paint_disc(QPainter& painter) {
  const QRectF disc(middle() - QPointF(radius(), radius()), QSizeF(2 * radius(), 2 * radius()));
  if (m_model.session().vision == ColorVision::Values && !m_model.session().vivid_plan) {
    // At one value every color has the same grey.
    painter.setPen(Qt::NoPen);
    painter.setBrush(shown_color(neutral_of_value(m_model.session().at.at.v), ColorVision::Values));
    painter.drawEllipse(disc);
  } else {
    refresh_picture();
    // A vivid plan that is still being made shows no color rather than those of another plan.
    const bool making = m_model.session().vivid_plan && !m_plan.vivid_table();
    if (!m_full || making) {
      QPainterPath ground;
      ground.addEllipse(disc);
      fill_hatch(painter, ground);
    }
    if (!making) painter.drawImage(disc, for_monitor(m_image));
  }
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().line, 1));
  painter.drawEllipse(disc);
}

void WheelView::paint_rim(QPainter& painter) {
  for (const auto& hue : named_hues(m_model.piece().wheel.hues)) {
    const DiscPoint direction = disc_point(Angle(hue.angle), 1);
    const QPointF out(direction.x, -direction.y);
    const QPointF rim = middle() + out * radius();
    painter.setPen(QPen(hue.primary ? theme().strong : theme().quiet, hue.primary ? 2 : 1));
    painter.drawLine(rim + out * 2, rim + out * (hue.primary ? 9 : 6));
    // Two-part names would crowd the rim; their letters stand for them, the hint says them.
    const bool two_parts = hue.name.find('-') != std::string_view::npos;
    const QFont font = hue.primary ? heading_font() : two_parts ? small_font() : caption_font();
    painter.setFont(font);
    const QString name = word(two_parts ? hue.label : hue.name);
    const QSizeF size(QFontMetrics(font).horizontalAdvance(name) + 2, 18);
    const QPointF at = rim + out * 14 + QPointF(out.x() * size.width() / 2, out.y() * size.height() / 2);
    painter.drawText(QRectF(at - QPointF(size.width() / 2, size.height() / 2), size), Qt::AlignCenter, name);
  }
}

QPointF WheelView::rim_mark(double hue) const {
  const DiscPoint direction = disc_point(Angle(hue), 1);
  return middle() + QPointF(direction.x, -direction.y) * (radius() - kMemberInset);
}

/// The hues of the chosen relation, each in its color, on the rim.
void WheelView::paint_members(QPainter& painter) {
  const auto members = m_picks.members();
  for (std::size_t i = 1; i < members.size(); ++i) {
    const QPointF at = rim_mark(members[i].at.a);
    const double size = m_member == i ? kMemberMark + 1.5 : kMemberMark;
    QPainterPath mark;
    mark.addEllipse(at, size, size);
    painter.fillPath(mark, shown_color(members[i].color, m_model.session().vision));
    draw_double_line(painter, mark, 1.3);
  }
}

/// The places of a ramp that is previewed, its rows as lines.
void WheelView::paint_ramp(QPainter& painter) {
  const Session& s = m_model.session();
  if (m_hands || s.desk != Desk::Pick || !s.extracted.colors.empty()) return;
  QPointF before;
  for (std::size_t i = 0; i < s.ramp.size(); ++i) {
    const RampStep& step = s.ramp[i];
    const QPointF at = screen_point(disc_point(place_on(m_model.wheel(), step.color, step.at, s.at.at.a)));
    if (i > 0 && s.ramp[i - 1].row == step.row) draw_double_line(painter, before, at, 0.6);
    before = at;
  }
  for (const RampStep& step : s.ramp) {
    const QPointF at = screen_point(disc_point(place_on(m_model.wheel(), step.color, step.at, s.at.at.a)));
    QPainterPath mark;
    mark.addEllipse(at, kRampMark, kRampMark);
    painter.fillPath(mark, shown_color(step.color, s.vision));
    draw_double_line(painter, mark, 0.8);
  }
}

std::optional<std::size_t> WheelView::member_at(QPointF p) const {
  const auto members = m_picks.members();
  for (std::size_t i = members.size(); i-- > 1;)
    if (QLineF(rim_mark(members[i].at.a), p).length() <= kMemberReach) return i;
  return std::nullopt;
}

void WheelView::slide_member(QPointF p) {
  if (!m_slid && QLineF(m_member_press, p).length() < kSlideStart) return;
  m_slid = true;
  m_picks.slide_member(*m_member, Angle(wheel_point(disc_point_at(p), 0).a));
}

/// A click on one takes it up.
void WheelView::let_go_of_member() {
  const auto member = std::exchange(m_member, std::nullopt);
  if (member && !m_slid) m_picks.use_member(*member);
}

/// Where the colors of the shown photo sit.
void WheelView::paint_footprint(QPainter& painter) {
  const auto photo = m_photos.photo();
  if (!photo) return;
  // Whatever stands out from the veil of this surround.
  const bool black = theme().strong == QColor(Qt::black);
  const FootprintKey key{PhotoMark(photo), m_model.session().looking.region, m_model.piece().wheel, black};
  if (!(key == m_footprint_of)) {
    m_footprint_of = key;
    m_footprint = footprint_picture(m_photos.places(), 256, black);
  }
  painter.save();
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  painter.setOpacity(0.75);
  painter.drawImage(QRectF(middle() - QPointF(radius(), radius()), QSizeF(2 * radius(), 2 * radius())),
                    for_monitor(m_footprint));
  painter.restore();
}

void WheelView::paint_mask(QPainter& painter) {
  QPainterPath region;
  for (const auto& outline : m_model.region()->outlines()) {
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

  if (const auto neutral = m_model.region()->centroid()) draw_cross(painter, screen_point(*neutral));
}

/// What the paints can mix, and the press prints, at this value.
void WheelView::paint_reaches(QPainter& painter) {
  for (const Reaches::Of of : Reaches::kAll) {
    if (!m_reaches.shown(of)) continue;
    QPainterPath path;
    for (const auto& outline : m_reaches.outlines(of)) {
      QPolygonF polygon;
      for (const auto& p : outline) polygon << screen_point(p);
      path.addPolygon(polygon);
      path.closeSubpath();
    }
    of == Reaches::Of::Paints ? draw_dashed_line(painter, path) : draw_dotted_line(painter, path);
  }
}

void WheelView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  paint_disc(painter);
  paint_rim(painter);
  if (m_model.region()) paint_mask(painter);
  paint_reaches(painter);
  if (m_hands && m_model.session().looking.footprint) paint_footprint(painter);
  m_relations.paint(painter);
  paint_members(painter);
  if (m_hands) m_hands->paint(painter);

  const Session& s = m_model.session();
  const DiscPoint rim = disc_point(Angle(s.section_angle), 1);
  painter.setPen(QPen(QColor(0, 0, 0, 110), 2.4, Qt::DashLine));
  painter.drawLine(screen_point({-rim.x, -rim.y}), screen_point(rim));
  painter.setPen(QPen(QColor(255, 255, 255, 170), 1, Qt::DashLine));
  painter.drawLine(screen_point({-rim.x, -rim.y}), screen_point(rim));
  paint_ramp(painter);
  m_canvas.paint(painter, s.vision, *this);
  draw_pick_mark(painter, screen_point(disc_point(s.at.at)));
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawEllipse(middle(), radius() + 2, radius() + 2);
}

// ---------------------------------------------------------------- mouse, pen and keys

void WheelView::pick_at(QPointF p) {
  m_picks.begin_pick();
  m_picks.pick_plan(disc_point_at(p));
  m_picks.end_pick();
}

void WheelView::press(QPointF p, Qt::KeyboardModifiers modifiers) {
  m_slid = false;
  m_member_press = p;
  m_member = m_hands && m_hands->tool() != MaskHands::Tool::None ? std::nullopt : member_at(p);
  m_choosing = !m_member && m_relations.at(p) && !(m_hands && m_hands->tool() != MaskHands::Tool::None);
  if (m_member || m_choosing) return update();
  if (m_hands && m_hands->press(p, modifiers & Qt::ShiftModifier)) return;
  m_picking = true;
  m_picks.begin_pick(modifiers & Qt::ControlModifier);
  m_picks.pick_plan(disc_point_at(p));
}

void WheelView::drag(QPointF p) {
  if (m_choosing) return;
  if (m_member) return slide_member(p);
  if (m_picking) return m_picks.pick_plan(disc_point_at(p));
  if (m_hands) static_cast<void>(m_hands->drag(p));
}

void WheelView::let_go(QPointF p) {
  if (std::exchange(m_choosing, false)) {
    const auto mark = m_relations.at(p);
    if (mark && mark == m_relations.at(m_member_press)) m_picks.choose_relation(m_relations.chosen_by(*mark));
    return update();
  }
  if (m_member) {
    let_go_of_member();
    return update();
  }
  if (m_picking) m_picks.end_pick();
  if (!m_picking && m_hands) static_cast<void>(m_hands->let_go(p));
  m_picking = false;
  update();
}

void WheelView::hover(QPointF p) {
  say_hint(*this, hint_at(p));
  emit hovered(color_under(p));
  if (member_at(p) || m_relations.at(p)) return setCursor(Qt::PointingHandCursor);
  if (m_hands) return m_hands->hover(p);
  setCursor(beyond_rim(p) ? Qt::ArrowCursor : Qt::CrossCursor);
}

void WheelView::mousePressEvent(QMouseEvent* event) {
  if (event->button() == Qt::LeftButton) press(event->position(), event->modifiers());
}
void WheelView::mouseMoveEvent(QMouseEvent* event) {
  if (event->buttons() & Qt::LeftButton)
    drag(event->position());
  else
    hover(event->position());
}
void WheelView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() == Qt::LeftButton) let_go(event->position());
}

void WheelView::mouseDoubleClickEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  if (m_hands && m_hands->double_click(event->position())) return;
  press(event->position(), event->modifiers());
}

bool WheelView::offers_menu(QPointF p) const { return m_hands && m_hands->offers_menu(p); }

/// A menu asked for by key opens at the area that is worked on.
QVariant WheelView::inputMethodQuery(Qt::InputMethodQuery query) const {
  const auto middle_of_area = m_hands ? m_hands->middle() : std::nullopt;
  if (query != Qt::ImCursorRectangle || !middle_of_area) return QWidget::inputMethodQuery(query);
  return QRect(screen_point(*middle_of_area).toPoint(), QSize(1, 1));
}

void WheelView::contextMenuEvent(QContextMenuEvent* event) {
  if (!m_hands) return;
  QMenu menu;
  m_hands->fill_menu(menu, event->pos());
  if (!menu.isEmpty()) menu.exec(event->globalPos());
}

bool WheelView::nudge_key(const QKeyEvent& event) {
  const double step = nudge_size(event.modifiers());
  switch (event.key()) {
  case Qt::Key_Right:
    m_picks.nudge_hue(step);
    return true;
  case Qt::Key_Left:
    m_picks.nudge_hue(-step);
    return true;
  case Qt::Key_Up:
    m_picks.nudge_saturation(step / 100);
    return true;
  case Qt::Key_Down:
    m_picks.nudge_saturation(-step / 100);
    return true;
  case Qt::Key_PageUp:
    m_picks.nudge_value(step);
    return true;
  case Qt::Key_PageDown:
    m_picks.nudge_value(-step);
    return true;
  default:
    return false;
  }
}

void WheelView::keyPressEvent(QKeyEvent* event) {
  if (m_hands && m_hands->key(*event)) return;
  if (nudge_key(*event)) return;
  switch (event->key()) {
  case Qt::Key_Plus:
  case Qt::Key_Equal:
    return zoom_around_pick(kZoomStep);
  case Qt::Key_Minus:
    return zoom_around_pick(1 / kZoomStep);
  case Qt::Key_0:
    return zoom_to(1, {});
  default:
    QWidget::keyPressEvent(event);
  }
}

void WheelView::wheelEvent(QWheelEvent* event) {
  if (event->modifiers() & Qt::ControlModifier) {
    zoom_to(m_zoom * std::pow(kZoomStep, wheel_notches(*event)), event->position());
    return event->accept();
  }
  m_picks.nudge_saturation(wheel_notches(*event) * nudge_size(event->modifiers()) / 100);
  event->accept();
}

/// What a pick there would take, before the mask is asked.
std::optional<Srgb> WheelView::color_under(QPointF p) const {
  if (beyond_rim(p) || m_model.session().vivid_plan) return std::nullopt;
  return m_model.wheel().color_at(wheel_point(disc_point_at(p), m_model.session().at.at.v));
}

void WheelView::leaveEvent(QEvent*) {
  emit hovered(std::nullopt);
  if (m_hands) m_hands->leave();
}

bool WheelView::event(QEvent* event) {
  if (const auto fingers = two_fingers(*this, *event)) {
    zoom_to(m_zoom * fingers->zoom, fingers->about);
    if (m_zoom > 1) {
      m_center = pulled_onto_disc(
          {m_center.x - fingers->pan.x() / radius(), m_center.y + fingers->pan.y() / radius()});
      update();
    }
    event->accept();
    return true;
  }
  return QWidget::event(event);
}

QString WheelView::hint_at(QPointF p) const {
  if (const auto member = member_at(p)) {
    const RelationMember held = m_picks.members()[*member];
    return tr("%1° further: %2. Click to use the color, drag it along the rim to move it.")
        .arg(std::lround(held.turn))
        .arg(color_told(held.color));
  }
  if (const auto mark = m_relations.at(p)) return m_relations.hint(*mark);
  const WheelPoint at = wheel_point(disc_point_at(p), m_model.session().at.at.v);
  const QString hue = word(nearest_named_hue(m_model.piece().wheel.hues, at.a).name);
  const QString place =
      beyond_rim(p)
          ? tr("%1, %2°. ").arg(hue).arg(number(at.a, 0))
          : tr("%1, %2°, saturation %3 %. ").arg(hue).arg(number(at.a, 0)).arg(number(100 * at.r, 0));
  const bool locked = m_hands && m_model.region() && m_model.at_hand().mask_locked;
  return place +
         (locked    ? tr("The mask is locked; drag to pick a color.")
          : m_hands ? tr("Drag a handle to shape an area, drag inside to move it, drag outside the rim to "
                         "turn the mask (with Shift only the area). Double-click an edge to add a corner.")
          : m_model.region() && m_model.piece().rule == MaskRule::Held
              ? tr("Drag to set hue and saturation, with Ctrl also outside the mask; Ctrl+scroll to zoom.")
              : tr("Drag to set hue and saturation; Ctrl+scroll to zoom."));
}

void WheelView::end_drag() {
  m_picking = m_choosing = false;
  m_member.reset();
  if (m_hands) m_hands->call_off();
  update();
}

AccessibleContent WheelView::accessible() {
  const QRectF disc(middle() - QPointF(radius(), radius()), QSizeF(2 * radius(), 2 * radius()));
  AccessibleContent out{
      QAccessible::Canvas,
      color_told(m_model.session().color()) + QStringLiteral("; ") + mask_state_words(m_model),
      {},
      {accessible_hue(m_model, m_picks, disc), accessible_saturation(m_model, m_picks, disc)}};
  const auto members = m_picks.members();
  for (std::size_t i = 1; i < members.size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    item.role = QAccessible::Button;
    item.name = tr("%1° further: %2").arg(std::lround(members[i].turn)).arg(color_told(members[i].color));
    item.rect = QRectF(rim_mark(members[i].at.a) - QPointF(kMemberReach, kMemberReach),
                       QSizeF(2 * kMemberReach, 2 * kMemberReach));
    item.actions = {{tr("Use color"), [this, i] { m_picks.use_member(i); }},
                    {tr("Add to set"), [this, i] { m_laying.lay_member(i); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
