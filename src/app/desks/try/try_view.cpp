// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/try_view.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/hands.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "io/photo/decode.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

namespace zc {
namespace {

constexpr double kZoomStep = 1.25, kEdgeReach = 7;
constexpr double kLabelHeight = 22;
constexpr int kRestBeforeExact = 60; // Milliseconds.

} // namespace

TryView::TryView(Studio& model, Picking& picking, Viewing& viewing, SetWork& work, TryModel& tries,
                 QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_viewing(viewing), m_work(work), m_tries(tries) {
  setObjectName(QStringLiteral("tryPicture"));
  setAccessibleName(tr("The picture in the set"));
  setStatusTip(tr("Click to use the color of the swatch. Drag the edge; Space swaps its sides. Drag a swatch "
                  "onto an area to bind it."));
  setMouseTracking(true);
  listen_to_two_fingers(*this);
  setFocusPolicy(Qt::StrongFocus);
  m_rest.setSingleShot(true);
  m_rest.setInterval(kRestBeforeExact);
  connect(&m_rest, &QTimer::timeout, this, &TryView::settle);
  model.hear({Part::References, Part::Sets, Part::Geometry, Part::Trying, Part::TryEdge, Part::Reference,
              Part::ColorVision, Part::Sharing},
             this, &TryView::renew);
  connect(&model.photos(), &PhotoLibrary::changed, this, &TryView::renew);
  connect(&work, &SetWork::previewChanged, this, &TryView::renew);
  connect(&tries, &TryModel::changed, this, &TryView::renew);
  connect(&tries, &TryModel::hoveredChanged, this, [this] {
    update();
    if (m_tries.hovered_on_staff() || !underMouse()) renew();
  });
}

// ---------------------------------------------------------------- places

void TryView::leave_foot(int height) {
  if (height == m_frame.foot) return;
  m_frame.foot = height;
  if (m_frame.fitted) fit();
  renew();
}

QRectF TryView::photo_rect() const {
  if (!m_photo) return {};
  const QSizeF size = QSizeF(m_photo->full().size()) * m_frame.scale;
  return {m_frame.room().center() - m_frame.center * m_frame.scale, size};
}

void TryView::fit() {
  m_frame.fitted = true;
  if (!m_photo) return;
  const QSizeF size = m_photo->full().size();
  m_frame.fit(size, {size.width() / 2, size.height() / 2});
}

void TryView::zoom_to(double scale, QPointF about) {
  if (!m_photo) return;
  const QPointF under = (about - photo_rect().topLeft()) / m_frame.scale;
  if (m_frame.enlarge(m_photo->full().size(), scale))
    m_frame.center = under - (about - m_frame.room().center()) / m_frame.scale;
  else
    fit();
  renew();
}

QPointF TryView::place_of(int x, int y) const {
  return photo_rect().topLeft() + QPointF(x + 0.5, y + 0.5) * m_frame.scale;
}

std::optional<QPoint> TryView::pixel_at(QPointF position) const {
  if (!m_photo) return std::nullopt;
  const QPointF p = (position - photo_rect().topLeft()) / m_frame.scale;
  const QPoint pixel(static_cast<int>(std::floor(p.x())), static_cast<int>(std::floor(p.y())));
  if (!m_photo->full().rect().contains(pixel)) return std::nullopt;
  return pixel;
}

/// In the widget; everything lies right of it while one side is shown.
double TryView::edge_x() const {
  const QRectF seen = photo_rect().intersected(m_frame.room());
  return m_model.session().trying.two ? seen.left() + m_model.session().trying.edge * seen.width()
                                      : seen.left();
}

QPoint TryView::seen_at(QPointF position) const {
  const QPointF p = position * m_seen.ratio - QPointF(m_place.topLeft());
  return {static_cast<int>(std::floor(p.x())), static_cast<int>(std::floor(p.y()))};
}

Id TryView::swatch_at(QPointF position) const {
  const QPoint at = seen_at(position);
  const auto swatch = m_picture.swatch_at(at.x(), at.y());
  return swatch ? (m_picture.on_left(at.x()) ? m_left : m_right).at(*swatch) : 0;
}

std::optional<Srgb> TryView::color_at(QPointF position) const {
  const QPoint at = seen_at(position);
  const auto pixel = m_picture.pixel_at(at.x(), at.y());
  return pixel ? std::optional(srgb_from_8bit(color_of(*pixel))) : std::nullopt;
}

AreaNumber TryView::area_at(QPointF position) const {
  const auto pixel = pixel_at(position);
  return m_areas && pixel ? m_areas->at(pixel->x(), pixel->y()) : kNoArea;
}

// ---------------------------------------------------------------- painting

void TryView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (!m_photo) {
    painter.setPen(QPen(theme().line, 1, Qt::DashLine));
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
    painter.setFont(text_font());
    painter.setPen(theme().text);
    painter.drawText(rect().adjusted(40, 0, -40, 0), Qt::AlignCenter | Qt::TextWordWrap,
                     tr("See a photo, a flat drawing or your canvas in the colors of the set, before a "
                        "stroke is painted."));
    return;
  }
  painter.drawImage(QPointF(m_place.topLeft()) / m_seen.ratio, for_monitor(m_image));
  if (!m_outline.isNull()) painter.drawImage(QPointF(m_place.topLeft()) / m_seen.ratio, m_outline);
  painter.setRenderHint(QPainter::Antialiasing);
  if (m_model.session().trying.two) {
    const QRectF seen = photo_rect().intersected(m_frame.room());
    draw_double_line(painter, {edge_x(), seen.top()}, {edge_x(), seen.bottom()}, 1.4);
    draw_handle(painter, {edge_x(), seen.center().y()}, m_drag == Drag::Edge);
    paint_labels(painter);
  }
  if (const auto marked = m_tries.marked()) {
    QPainterPath ring;
    ring.addEllipse(place_of(marked->x(), marked->y()), 14, 14);
    draw_double_line(painter, ring, 2);
  }
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

/// Which state stands on which side, where the edge leaves room for it.
void TryView::paint_labels(QPainter& painter) {
  const QRectF seen = photo_rect().intersected(m_frame.room());
  const Trying& trying = m_model.session().trying;
  painter.setFont(caption_font());
  const auto label = [&](const TrySide& side, bool left) {
    const QString words = m_tries.name_of(side);
    const double width = QFontMetrics(caption_font()).horizontalAdvance(words) + 16;
    const QRectF box(left ? edge_x() - 10 - width : edge_x() + 10, seen.top() + 8, width, kLabelHeight);
    if (!seen.contains(box)) return;
    painter.fillRect(box, theme().furniture);
    painter.setPen(theme().text);
    painter.drawText(box, Qt::AlignCenter, words);
  };
  label(trying.left, true);
  label(trying.right, false);
}

void TryView::resizeEvent(QResizeEvent*) {
  if (m_frame.fitted) fit();
  renew();
}

void TryView::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  renew();
}

// ---------------------------------------------------------------- hands

void TryView::flip() {
  Trying trying = m_model.session().trying;
  std::swap(trying.left, trying.right);
  m_viewing.try_on(trying);
}

double TryView::edge_in_picture() const {
  const QRectF whole = photo_rect();
  return std::clamp((edge_x() - whole.left()) / std::max(1.0, whole.width()), 0.0, 1.0);
}

void TryView::move_edge(double x) {
  const QRectF seen = photo_rect().intersected(m_frame.room());
  Trying trying = m_model.session().trying;
  trying.edge = std::clamp((x - seen.left()) / std::max(1.0, seen.width()), 0.0, 1.0);
  m_viewing.try_on(trying);
}

void TryView::outline(AreaNumber area) {
  if (area == m_outlined) return;
  m_outlined = area;
  m_outline = {};
  update();
  if (area == kNoArea) return;
  m_outline = QImage(m_picture.width(), m_picture.height(), QImage::Format_ARGB32);
  m_outline.fill(Qt::transparent);
  m_picture.outline(area, pixels_of(m_outline));
  m_outline.setDevicePixelRatio(m_seen.ratio);
}

void TryView::hover_at(QPointF position) {
  const QPoint at = seen_at(position);
  outline(m_picture.area_at(at.x(), at.y()));
  const Id swatch = swatch_at(position);
  m_tries.hover(swatch, false);
  const Swatch* s = find_swatch(m_model.piece(), swatch);
  say_hint(*this, s ? tr("%1: click to use the color").arg(text(s->name)) : QString());
}

bool TryView::event(QEvent* event) {
  const auto fingers = two_fingers(*this, *event);
  if (!fingers) return QWidget::event(event);
  if (!m_frame.fitted) m_frame.center -= fingers->pan / m_frame.scale;
  zoom_to(m_frame.scale * fingers->zoom, fingers->about);
  event->accept();
  return true;
}

void TryView::wheelEvent(QWheelEvent* event) {
  zoom_to(m_frame.scale * std::pow(kZoomStep, wheel_notches(*event)), event->position());
  event->accept();
}

void TryView::keyPressEvent(QKeyEvent* event) {
  const QPointF middle = m_frame.room().center();
  switch (event->key()) {
  case Qt::Key_Space:
    return flip();
  case Qt::Key_Left:
    return move_edge(edge_x() - 10);
  case Qt::Key_Right:
    return move_edge(edge_x() + 10);
  case Qt::Key_Plus:
  case Qt::Key_Equal:
    return zoom_to(m_frame.scale * kZoomStep, middle);
  case Qt::Key_Minus:
    return zoom_to(m_frame.scale / kZoomStep, middle);
  case Qt::Key_0:
    fit();
    return renew();
  default:
    QWidget::keyPressEvent(event);
  }
}

void TryView::mousePressEvent(QMouseEvent* event) {
  m_press = m_pointer = event->position();
  if (event->button() == Qt::MiddleButton) m_drag = Drag::Pan;
  if (event->button() != Qt::LeftButton) return;
  const bool on_edge = m_model.session().trying.two && std::abs(m_press.x() - edge_x()) <= kEdgeReach;
  m_drag = on_edge ? Drag::Edge : Drag::Area;
}

void TryView::mouseMoveEvent(QMouseEvent* event) {
  const QPointF before = std::exchange(m_pointer, event->position());
  if (m_drag == Drag::Edge) return move_edge(m_pointer.x());
  if (m_drag == Drag::Pan) {
    m_frame.center -= (m_pointer - before) / m_frame.scale;
    m_frame.fitted = false;
    return renew();
  }
  const bool on_edge = m_model.session().trying.two && std::abs(m_pointer.x() - edge_x()) <= kEdgeReach;
  setCursor(on_edge ? Qt::SplitHCursor : Qt::ArrowCursor);
  hover_at(m_pointer);
}

/// A click takes up what is seen; an area that is dragged onto another takes that in.
void TryView::mouseReleaseEvent(QMouseEvent* event) {
  const Drag drag = std::exchange(m_drag, Drag::None);
  settle(); // What is taken up is exact.
  update();
  if (drag != Drag::Area || event->button() != Qt::LeftButton) return;
  const AreaNumber from = area_at(m_press), to = area_at(event->position());
  if (m_areas && from != kNoArea && to != kNoArea && from != to) {
    const QPoint a = *pixel_at(m_press), b = *pixel_at(event->position());
    return m_tries.change_study(tr("Join areas"), [&](Study& s) {
      s.edits.push_back({AreaEdit::Kind::Merge, a.x(), a.y(), b.x(), b.y()});
    });
  }
  if ((event->position() - m_press).manhattanLength() > 4) return;
  const Id swatch = swatch_at(m_press);
  const SwatchSet* set = current_set(m_model.piece());
  const Swatch* s = find_swatch(m_model.piece(), swatch);
  const auto color = color_at(m_press);
  // A swatch of the set is taken up itself; that of another state, or what is moved, is only a color.
  if (s && set && color && rounded_8bit(*color) == rounded_8bit(s->color)) return m_work.use_swatch(swatch);
  if (color) m_picks.use_color(*color);
}

void TryView::leaveEvent(QEvent*) {
  outline(kNoArea);
  m_tries.hover(0, false);
}

bool TryView::offers_menu(QPointF p) const { return area_at(p) != kNoArea; }

void TryView::contextMenuEvent(QContextMenuEvent* event) {
  const AreaNumber area = area_at(event->pos());
  if (area == kNoArea) return;
  const QPoint pixel = *pixel_at(event->pos());
  QMenu menu(this);
  menu.addAction(tr("Split area"), this, [this, pixel] {
    m_tries.change_study(tr("Split area"), [&](Study& s) {
      s.edits.push_back({AreaEdit::Kind::Split, pixel.x(), pixel.y()});
    });
  });
  menu.addAction(tr("Unbind area"), this, [this, area] {
    m_tries.change_study(tr("Unbind area"), [&](Study& s) { unbind(s, area); });
  });
  menu.exec(event->globalPos());
}

/// Bindings of an area; those at pixels that a smaller canvas no longer has are left alone.
void TryView::unbind(Study& study, AreaNumber area) const {
  std::erase_if(study.bound, [&](const AreaBinding& b) {
    return m_areas && b.x < m_areas->width && b.y < m_areas->height && m_areas->at(b.x, b.y) == area;
  });
}

bool TryView::bind_at(QPoint global, Id swatch) {
  const QPoint position = mapFromGlobal(global);
  if (!rect().contains(position)) return false;
  const auto pixel = pixel_at(position);
  const AreaNumber area = area_at(position);
  if (!pixel || area == kNoArea) {
    emit m_model.notice(tr("Cut the picture into areas first, to bind a swatch to one."));
    return true;
  }
  m_tries.change_study(tr("Bind area"), [&](Study& s) {
    unbind(s, area);
    s.bound.push_back({pixel->x(), pixel->y(), swatch});
  });
  return true;
}

void TryView::end_drag() {
  m_drag = Drag::None;
  update();
}

AccessibleContent TryView::accessible() {
  const Trying& trying = m_model.session().trying;
  AccessibleContent out{QAccessible::Graphic, {}, {}, {}};
  const Reference* shown = find_reference(m_model.piece(), m_model.session().reference);
  if (shown) out.description = text(shown->name);
  if (!trying.two) return out;
  AccessibleItem edge;
  edge.key = accessible_key(kOwnItems, 0);
  edge.role = QAccessible::Slider;
  edge.name = tr("Edge between the two sides");
  edge.rect = {edge_x() - kEdgeReach, 0, 2 * kEdgeReach, static_cast<double>(height())};
  edge.number = AccessibleNumber{100 * trying.edge, 0, 100, 5, [this](double wanted) {
                                   Trying next = m_model.session().trying;
                                   next.edge = wanted / 100;
                                   m_viewing.try_on(next);
                                 }};
  edge.actions = {{tr("Swap sides"), [this] { flip(); }}};
  out.items.push_back(std::move(edge));
  return out;
}

} // namespace zc
