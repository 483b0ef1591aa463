// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/photo/photo_view.h"

#include "app/platform/drag_out.h"
#include "app/theme/hands.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "io/photo/decode.h"
#include "model/photo/photo_model.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QWheelEvent>

namespace zc {
namespace {

constexpr double kMarkReach = 9, kPinStart = 2;

} // namespace

PhotoView::PhotoView(Studio& model, Picking& picking, Laying& laying, Viewing& viewing, PhotoModel& photos,
                     QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_laying(laying), m_viewing(viewing),
      m_photos(photos) {
  setObjectName(QStringLiteral("photo"));
  setAccessibleName(tr("Reference photo"));
  setStatusTip(tr("Click or drag to sample, with Ctrl to add to the set. Scroll to zoom, with Shift for the "
                  "sample size; hold Space and drag to pan."));
  listen_to_two_fingers(*this);
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  setCursor(Qt::CrossCursor);
  model.hear({Part::References, Part::Geometry, Part::Sets, Part::Looking, Part::LookEdge, Part::Reference,
              Part::Extracted, Part::ColorVision, Part::Steps, Part::Desk},
             this, &PhotoView::follow);
  model.hear({Part::Color}, this, qOverload<>(&QWidget::update));
  connect(&model.photos(), &PhotoLibrary::changed, this, &PhotoView::follow);
  follow();
}

void PhotoView::follow() {
  const Reference* reference = find_reference(m_model.piece(), m_model.session().reference);
  const auto photo = reference ? m_model.photos().state_of(*reference).photo : nullptr;
  follow_ticks();
  const bool other = photo != m_photo;
  // A canvas that was saved again stays as it is looked at.
  const Id shown = reference ? reference->id : 0;
  const QSize size = photo ? photo->full().size() : QSize();
  const bool again = reference && !reference->follows.empty() && shown == m_seen && size == m_seen_size;
  m_photo = photo;
  if (other && !again) m_drag = Drag::None;
  if (photo || shown != m_seen) {
    m_seen = shown;
    m_seen_size = size;
  }
  if (other && !again) {
    m_crop.reset();
    fit();
  }
  renew();
}

QRectF PhotoView::shown_part() const {
  if (!m_photo) return {};
  if (m_crop) return {double(m_crop->x), double(m_crop->y), double(m_crop->width), double(m_crop->height)};
  return m_photo->full().rect();
}

void PhotoView::leave_foot(int height) {
  if (height == m_frame.foot) return;
  m_frame.foot = height;
  if (m_frame.fitted) return fit();
  renew();
}

QTransform PhotoView::to_widget() const {
  QTransform t;
  t.translate(m_frame.room().center().x(), m_frame.room().center().y());
  t.rotate(90 * m_quarters);
  t.scale(m_mirrored ? -m_frame.scale : m_frame.scale, m_frame.scale);
  t.translate(-m_frame.center.x(), -m_frame.center.y());
  return t;
}

QRectF PhotoView::photo_rect() const { return to_widget().mapRect(shown_part()); }

QPointF PhotoView::place_in_photo(QPointF position) const { return to_widget().inverted().map(position); }

QSizeF PhotoView::shown_size() const {
  const QSizeF lying = shown_part().size();
  return m_quarters % 2 ? lying.transposed() : lying;
}

void PhotoView::fit() {
  m_frame.fitted = true;
  if (m_photo) m_frame.fit(shown_size(), shown_part().center());
  emit zoomChanged();
  renew();
}

void PhotoView::turn_view(int quarters) {
  // A mirrored view turns the same way for the eye.
  m_quarters = (m_quarters + quarters + 4) % 4;
  fit();
}

void PhotoView::mirror_view() {
  m_mirrored = !m_mirrored;
  m_quarters = m_quarters % 2 ? (m_quarters + 2) % 4 : m_quarters;
  fit();
}

void PhotoView::crop_view(bool to_region) {
  const auto& region = m_model.session().looking.region;
  if (to_region && !region) {
    emit m_model.notice(tr("Draw a region on the photo first."));
    return;
  }
  m_crop = to_region ? region : std::nullopt;
  fit();
}

void PhotoView::show_actual_size() { zoom_to(1 / devicePixelRatioF(), m_frame.room().center()); }

QPointF PhotoView::place_of(int x, int y) const { return to_widget().map(QPointF(x + 0.5, y + 0.5)); }

std::optional<double> PhotoView::edge_x() const {
  const bool shown = m_photo && m_model.session().looking.look == PhotoLook::Mask && m_model.region();
  if (!shown) return std::nullopt;
  return photo_rect().left() + m_model.session().looking.edge * photo_rect().width();
}

void PhotoView::zoom_to(double scale, QPointF about) {
  if (!m_photo) return;
  // The place under the pointer stays there.
  const QPointF under = place_in_photo(about);
  if (!m_frame.enlarge(shown_size(), scale)) return fit();
  m_frame.center += under - place_in_photo(about);
  settle();
}

/// Keeps the photo in sight.
void PhotoView::settle() {
  const QRectF part = shown_part();
  m_frame.center = {std::clamp(m_frame.center.x(), part.left(), part.right()),
                    std::clamp(m_frame.center.y(), part.top(), part.bottom())};
  emit zoomChanged();
  renew();
}

std::optional<QPoint> PhotoView::pixel_at(QPointF position) const {
  if (!m_photo) return std::nullopt;
  const QPointF p = place_in_photo(position);
  const QPoint pixel(static_cast<int>(std::floor(p.x())), static_cast<int>(std::floor(p.y())));
  if (!shown_part().contains(QPointF(pixel.x() + 0.5, pixel.y() + 0.5))) return std::nullopt;
  return pixel;
}

std::optional<Srgb> PhotoView::sample_at(QPointF position) const {
  const auto pixel = pixel_at(position);
  if (!pixel) return std::nullopt;
  return sample_average(view_of(m_photo->full()), pixel->x(), pixel->y(), m_model.session().sample_side);
}

// ---------------------------------------------------------------- mouse and keys

void PhotoView::resizeEvent(QResizeEvent*) {
  if (m_frame.fitted) fit();
}

bool PhotoView::event(QEvent* event) {
  if (const auto fingers = two_fingers(*this, *event)) {
    zoom_to(m_frame.scale * fingers->zoom, fingers->about);
    if (!m_frame.fitted) pan_by(fingers->pan);
    event->accept();
    return true;
  }
  return QWidget::event(event);
}

/// The photo goes along with the hand.
void PhotoView::pan_by(QPointF way) {
  m_frame.center -= place_in_photo(way) - place_in_photo({0, 0});
  settle();
}

void PhotoView::wheelEvent(QWheelEvent* event) {
  if (event->modifiers() & Qt::ShiftModifier)
    m_viewing.step_sample_side(m_side_wheel.whole(*event));
  else
    zoom_to(m_frame.scale * std::pow(1.25, wheel_notches(*event)), event->position());
  event->accept();
}

void PhotoView::keyPressEvent(QKeyEvent* event) {
  const QPointF middle = m_frame.room().center();
  const bool shift = event->modifiers() & Qt::ShiftModifier;
  const auto pan = [this](int x, int y) {
    // Arrows move the chosen pin by a pixel; without one they move the view.
    const Extracted& extracted = m_model.session().extracted;
    if (extracted.chosen && extracted.reference == m_model.session().reference) return nudge_pin(x, y);
    if (!m_photo || m_frame.fitted) return;
    pan_by(QPointF(x, y) * -60);
  };
  if (!shift && !(event->modifiers() & (Qt::ControlModifier | Qt::AltModifier)) &&
      look_key_pressed(event->key()))
    return;
  switch (event->key()) {
  case Qt::Key_Escape: {
    Looking looking = m_model.session().looking;
    looking.marking = false;
    looking.region.reset();
    looking.spot.reset();
    return m_viewing.look_at(looking);
  }
  case Qt::Key_Delete:
    return m_picks.drop_chosen();
  case Qt::Key_Space:
    m_space_held = true;
    setCursor(Qt::OpenHandCursor);
    renew();
    return;
  case Qt::Key_Plus:
  case Qt::Key_Equal:
    return zoom_to(m_frame.scale * 1.25, middle);
  case Qt::Key_Minus:
    return zoom_to(m_frame.scale / 1.25, middle);
  case Qt::Key_0:
    return fit();
  case Qt::Key_Up:
    return shift ? m_viewing.step_sample_side(1) : pan(0, -1);
  case Qt::Key_Down:
    return shift ? m_viewing.step_sample_side(-1) : pan(0, 1);
  case Qt::Key_Left:
    return pan(-1, 0);
  case Qt::Key_Right:
    return pan(1, 0);
  default:
    QWidget::keyPressEvent(event);
  }
}

void PhotoView::keyReleaseEvent(QKeyEvent* event) {
  if (event->key() != Qt::Key_Space || event->isAutoRepeat()) return QWidget::keyReleaseEvent(event);
  let_go_of_space();
}

void PhotoView::let_go_of_space() {
  m_space_held = false;
  setCursor(Qt::CrossCursor);
}

/// A key that goes up elsewhere is told elsewhere.
void PhotoView::focusOutEvent(QFocusEvent* event) {
  QWidget::focusOutEvent(event);
  let_go_of_space();
}
void PhotoView::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  let_go_of_space();
}

bool PhotoView::look_key_pressed(int key) {
  const std::pair<int, PhotoLook> looks[] = {{Qt::Key_C, PhotoLook::Color}, {Qt::Key_V, PhotoLook::Value},
                                             {Qt::Key_F, PhotoLook::Flat},  {Qt::Key_S, PhotoLook::Squint},
                                             {Qt::Key_T, PhotoLook::Steps}, {Qt::Key_M, PhotoLook::Mask}};
  for (const auto& [k, look] : looks) {
    if (k != key) continue;
    m_viewing.show_look(look);
    return true;
  }
  return false;
}

std::optional<SampleOrigin> PhotoView::origin_at(QPointF position) const {
  const auto pixel = pixel_at(position);
  if (!pixel) return std::nullopt;
  return SampleOrigin{m_model.session().reference, pixel->x(), pixel->y()};
}

/// Under the pointer, or where the current color is from.
std::optional<PinnedSpot> PhotoView::spot_here() const {
  const auto under = m_pointer ? sample_at(*m_pointer) : std::nullopt;
  if (under) return PinnedSpot{*origin_at(*m_pointer), m_picks.held_sample(*under)};
  const Session& s = m_model.session();
  if (!s.origin || s.origin->reference != s.reference) return std::nullopt;
  return PinnedSpot{*s.origin, s.color()};
}

void PhotoView::pin_spot() {
  const auto here = spot_here();
  if (!here) return emit m_model.notice(tr("Point at the photo, or sample a color of it, to pin a spot."));
  Looking looking = m_model.session().looking;
  const bool again = looking.spot && looking.spot->at == here->at;
  looking.spot = again ? std::nullopt : here;
  m_viewing.look_at(looking);
  renew();
}

void PhotoView::add_both_spots() {
  const auto pinned = m_model.session().looking.spot, here = spot_here();
  if (!pinned || !here || here->at == pinned->at)
    return emit m_model.notice(tr("Pin a spot first, then point at another one to add both."));
  m_laying.lay_colors({{pinned->color, {}, pinned->at}, {here->color, {}, here->at}});
}

std::optional<std::size_t> PhotoView::pin_at(QPointF position) const {
  const Extracted& extracted = m_model.session().extracted;
  if (!m_photo || extracted.reference != m_model.session().reference) return std::nullopt;
  std::optional<std::size_t> found;
  double nearest = kMarkReach;
  for (std::size_t i = 0; i < extracted.colors.size(); ++i) {
    const double away = QLineF(place_of(extracted.colors[i].x, extracted.colors[i].y), position).length();
    if (away >= nearest) continue;
    nearest = away;
    found = i;
  }
  return found;
}

void PhotoView::begin_sample(QPointF position, Qt::KeyboardModifiers modifiers) {
  m_drag = Drag::Sample;
  m_lays = modifiers & Qt::ControlModifier;
  if (m_lays) return;
  m_picks.begin_pick();
  move_sample(position);
}

void PhotoView::move_sample(QPointF position) {
  if (m_lays) return;
  const auto color = sample_at(position);
  if (color) m_picks.show_sample(*color, *origin_at(position));
}

void PhotoView::mark_region(QPointF position) {
  const QRectF r = QRectF(place_in_photo(m_from), place_in_photo(position)).normalized();
  Looking looking = m_model.session().looking;
  const PixelRect cut =
      cut_to({static_cast<int>(std::floor(r.x())), static_cast<int>(std::floor(r.y())),
              static_cast<int>(std::ceil(r.width())), static_cast<int>(std::ceil(r.height()))},
             view_of(m_photo->full()));
  looking.region.reset();
  if (cut.width > 1 && cut.height > 1) looking.region = cut;
  m_viewing.look_at(looking);
}

/// The color of a moved pin is the sample where it stands now.
void PhotoView::put_pin(QPoint pixel) {
  Extracted extracted = m_model.session().extracted;
  if (!m_photo || !extracted.chosen) return;
  const auto color =
      sample_average(view_of(m_photo->full()), pixel.x(), pixel.y(), m_model.session().sample_side);
  if (!color) return;
  ExtractedColor& c = extracted.colors[*extracted.chosen];
  c.x = pixel.x();
  c.y = pixel.y();
  c.color = m_picks.held_sample(*color);
  c.band = band_of(value_of(c.color), m_model.piece().bands);
  m_laying.show_extracted(std::move(extracted));
}

void PhotoView::move_pin(QPointF position) {
  if (const auto pixel = pixel_at(position)) put_pin(*pixel);
}

void PhotoView::nudge_pin(int x, int y) {
  const Extracted& extracted = m_model.session().extracted;
  const ExtractedColor& c = extracted.colors[*extracted.chosen];
  put_pin({c.x + x, c.y + y});
}

/// What lies under the loupe goes on to another program.
void PhotoView::drag_sample_out() {
  m_drag = Drag::None;
  if (m_lays) return;
  m_picks.end_pick();
  drag_color_out(*this, m_model.session().color());
  renew();
}

/// A result that is dragged out stays where it was.
void PhotoView::drag_pin_out() {
  m_drag = Drag::None;
  Extracted extracted = m_model.session().extracted;
  if (!extracted.chosen || !m_pressed_pin) return;
  extracted.colors[*extracted.chosen] = *m_pressed_pin;
  m_laying.show_extracted(std::move(extracted));
  drag_color_out(*this, m_pressed_pin->color);
  renew();
}

void PhotoView::mousePressEvent(QMouseEvent* event) {
  const Reference* reference = find_reference(m_model.piece(), m_model.session().reference);
  if (reference && !m_model.photos().state_of(*reference).failure.isEmpty())
    return m_model.photos().retry(*reference);
  m_pointer = m_from = event->position();
  m_drag = Drag::None;
  const bool left = event->button() == Qt::LeftButton;
  const auto edge = edge_x();
  if (event->button() == Qt::MiddleButton || (left && m_space_held)) {
    m_drag = Drag::Pan;
    setCursor(Qt::ClosedHandCursor);
  } else if (!left || !m_photo) {
    return;
  } else if (m_model.session().looking.marking) {
    m_drag = Drag::Region;
  } else if (const auto pin = pin_at(event->position())) {
    m_drag = Drag::Pin;
    Extracted extracted = m_model.session().extracted;
    m_pressed_pin = extracted.colors[*pin];
    extracted.chosen = *pin;
    m_laying.show_extracted(std::move(extracted));
  } else if (edge && std::abs(*edge - event->position().x()) <= kMarkReach) {
    m_drag = Drag::Edge;
  } else {
    begin_sample(event->position(), event->modifiers());
  }
  renew();
}

void PhotoView::mouseMoveEvent(QMouseEvent* event) {
  m_pointer = event->position();
  switch (m_drag) {
  case Drag::Pan:
    if (!m_photo) break;
    m_frame.fitted = false;
    pan_by(event->position() - m_from);
    m_from = event->position();
    break;
  case Drag::Sample:
    if (beyond_window(*this, event->position())) return drag_sample_out();
    move_sample(event->position());
    break;
  case Drag::Region:
    mark_region(event->position());
    break;
  case Drag::Pin:
    if (beyond_window(*this, event->position())) return drag_pin_out();
    if (QLineF(m_from, event->position()).length() > kPinStart) move_pin(event->position());
    break;
  case Drag::Edge: {
    Looking looking = m_model.session().looking;
    looking.edge = std::clamp((event->position().x() - photo_rect().left()) / photo_rect().width(), 0.0, 1.0);
    m_viewing.look_at(looking);
    break;
  }
  case Drag::None: {
    const auto edge = edge_x();
    const bool on_edge = edge && std::abs(*edge - event->position().x()) <= kMarkReach;
    if (!m_space_held)
      setCursor(pin_at(event->position()) ? Qt::PointingHandCursor
                : on_edge                 ? Qt::SplitHCursor
                                          : Qt::CrossCursor);
    break;
  }
  }
  renew();
}

void PhotoView::mouseReleaseEvent(QMouseEvent* event) {
  const Drag drag = std::exchange(m_drag, Drag::None);
  if (drag == Drag::Pan) setCursor(m_space_held ? Qt::OpenHandCursor : Qt::CrossCursor);
  if (drag == Drag::Region) {
    Looking looking = m_model.session().looking;
    looking.marking = false;
    m_viewing.look_at(looking);
  }
  // A click on a result takes it up; dragging it has moved it.
  const auto chosen = m_model.session().extracted.chosen;
  if (drag == Drag::Pin && chosen && QLineF(m_from, event->position()).length() <= kPinStart)
    m_picks.use_result(*chosen);
  if (drag == Drag::Sample && m_lays) {
    const auto color = sample_at(event->position());
    if (color) m_laying.lay_color({m_picks.held_sample(*color), {}, origin_at(event->position())});
  } else if (drag == Drag::Sample) {
    move_sample(event->position());
    m_picks.end_pick();
  }
  renew();
}

void PhotoView::leaveEvent(QEvent*) {
  m_pointer.reset();
  renew();
}

/// A drag knows places of the photo it began on.
void PhotoView::end_drag() {
  m_drag = Drag::None;
  m_pressed_pin.reset();
  renew();
}

} // namespace zc
