// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/frozen_screen.h"

#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/photo/loupe.h"
#include "app/theme/theme.h"
#include "core/image/pixels.h"
#include "io/photo/decode.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QCursor>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPixmap>
#include <QScreen>
#include <QWheelEvent>

namespace zc {
namespace {

constexpr double kLeastPart = 4;
constexpr int kLeastWatched = 16; // Pixels of a side.

} // namespace

FrozenScreen::FrozenScreen(Studio& model, Picking& picking, Viewing& viewing, QScreen& screen, Use use,
                           const QImage& picture)
    : QWidget(nullptr,
              Qt::Window | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint | Qt::BypassWindowManagerHint),
      m_model(model), m_picks(picking), m_viewing(viewing), m_use(use),
      m_picture((picture.isNull() ? screen.grabWindow(0).toImage() : picture)
                    .convertToFormat(QImage::Format_RGB32)),
      m_given(!picture.isNull()), m_pointer(QCursor::pos() - screen.geometry().topLeft()) {
  setObjectName(QStringLiteral("frozenScreen"));
  setAttribute(Qt::WA_DeleteOnClose);
  setMouseTracking(true);
  setCursor(Qt::CrossCursor);
  m_picture.setDevicePixelRatio(1);
  setGeometry(screen.geometry());
}

QPoint FrozenScreen::pixel_at(QPointF p) const {
  const QRectF shown = picture_rect();
  const double by = m_picture.width() / std::max(1.0, shown.width());
  return {std::clamp(static_cast<int>((p.x() - shown.x()) * by), 0, m_picture.width() - 1),
          std::clamp(static_cast<int>((p.y() - shown.y()) * by), 0, m_picture.height() - 1)};
}

/// A picture of something else keeps its shape.
QRectF FrozenScreen::picture_rect() const {
  if (!m_given) return rect();
  const QSizeF size = QSizeF(m_picture.size()).scaled(this->size(), Qt::KeepAspectRatio);
  return {(width() - size.width()) / 2, (height() - size.height()) / 2, size.width(), size.height()};
}

std::optional<Srgb> FrozenScreen::sample() const {
  const QPoint pixel = pixel_at(m_pointer);
  const auto seen = sample_average(view_of(m_picture), pixel.x(), pixel.y(), m_model.session().sample_side);
  // What the monitor was told is not yet the color that it shows.
  const DisplayProfile* monitor = Monitors::all().profile_of(screen());
  return seen && monitor ? monitor->from_monitor(*seen) : seen;
}

QRectF FrozenScreen::part() const { return m_from ? QRectF(*m_from, m_pointer).normalized() : QRectF(); }

void FrozenScreen::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (m_given) painter.fillRect(rect(), theme().stage);
  painter.drawImage(picture_rect(), m_picture);
  if (m_use != Use::Color) {
    QPainterPath frame;
    frame.addRect(m_from ? part() : QRectF(rect()).adjusted(1, 1, -1, -1));
    draw_double_line(painter, frame, 1.5);
    return;
  }
  const int side = m_model.session().sample_side;
  const auto& spot = m_model.session().looking.spot;
  const Loupe loupe = loupe_at(m_pointer, size(), side, spot.has_value());
  const QPoint pixel = pixel_at(m_pointer);
  paint_loupe_patch(
      painter, loupe,
      m_picture.copy(pixel.x() - loupe.shown / 2, pixel.y() - loupe.shown / 2, loupe.shown, loupe.shown),
      side);
  const auto average = sample();
  if (!average) return;
  paint_loupe_note(painter, m_model, loupe.note, m_picks.held_sample(*average), *average);
  if (spot) paint_comparison(painter, m_model, loupe.compared, spot->color, m_picks.held_sample(*average));
}

void FrozenScreen::mousePressEvent(QMouseEvent* event) {
  m_pointer = event->scenePosition();
  if (event->button() == Qt::LeftButton) m_from = m_pointer;
  update();
}

void FrozenScreen::mouseMoveEvent(QMouseEvent* event) {
  m_pointer = event->scenePosition();
  update();
}

void FrozenScreen::mouseReleaseEvent(QMouseEvent* event) {
  m_pointer = event->scenePosition();
  if (event->button() == Qt::RightButton) return emit left();
  if (event->button() == Qt::LeftButton && m_from) take();
}

void FrozenScreen::end_drag() {
  m_from.reset();
  update();
}

void FrozenScreen::take() {
  if (m_use == Use::Color) {
    if (const auto color = sample()) emit colorTaken(m_picks.held_sample(*color));
    return;
  }
  const QRectF chosen = part();
  if (m_use == Use::Watch)
    return take_watched(QRect(pixel_at(chosen.topLeft()), pixel_at(chosen.bottomRight())));
  const bool whole = chosen.width() < kLeastPart || chosen.height() < kLeastPart;
  const QImage taken =
      whole ? m_picture : m_picture.copy(QRect(pixel_at(chosen.topLeft()), pixel_at(chosen.bottomRight())));
  const DisplayProfile* monitor = Monitors::all().profile_of(screen());
  emit pictureTaken(monitor ? monitor->from_monitor(taken) : taken);
}

/// A click alone chooses nothing.
void FrozenScreen::take_watched(const QRect& pixels) {
  m_from.reset();
  update();
  if (pixels.width() < kLeastWatched || pixels.height() < kLeastWatched) return;
  // The corner of a screen is told in its own pixels.
  emit partTaken(m_given ? pixels : pixels.translated(screen()->geometry().topLeft()));
}

void FrozenScreen::step_side(int by) {
  m_viewing.step_sample_side(by);
  update();
}

/// By one pixel of the screen, which may be less than one of the pointer's.
void FrozenScreen::step_pointer(int x, int y) {
  const double by = static_cast<double>(width()) / std::max(1, m_picture.width());
  m_pointer = {std::clamp(m_pointer.x() + x * by, 0.0, width() - by),
               std::clamp(m_pointer.y() + y * by, 0.0, height() - by)};
  update();
}

void FrozenScreen::wheelEvent(QWheelEvent* event) { step_side(m_side_wheel.whole(*event)); }

void FrozenScreen::keyPressEvent(QKeyEvent* event) {
  const bool shift = event->modifiers() & Qt::ShiftModifier;
  switch (event->key()) {
  case Qt::Key_Escape:
    return emit left();
  case Qt::Key_Return:
  case Qt::Key_Enter:
  case Qt::Key_Space:
    if (m_given && !m_from) return emit partTaken(m_picture.rect());
    return take();
  case Qt::Key_Up:
    return shift ? step_side(1) : step_pointer(0, -1);
  case Qt::Key_Down:
    return shift ? step_side(-1) : step_pointer(0, 1);
  case Qt::Key_Left:
    return step_pointer(-1, 0);
  case Qt::Key_Right:
    return step_pointer(1, 0);
  default:
    return QWidget::keyPressEvent(event);
  }
}

} // namespace zc
