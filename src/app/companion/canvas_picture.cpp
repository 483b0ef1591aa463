// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/companion/canvas_picture.h"

#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"

#include <QMouseEvent>

namespace zc {
namespace {

constexpr double kRing = 5;

Srgb8 channels_of(const QColor& color) {
  return {static_cast<std::uint8_t>(color.red()), static_cast<std::uint8_t>(color.green()),
          static_cast<std::uint8_t>(color.blue())};
}

} // namespace

CanvasPicture::CanvasPicture(Studio& studio, WatchModel& watch, QWidget* parent)
    : QWidget(parent), m_studio(studio), m_watch(watch) {
  setObjectName(QStringLiteral("canvasPicture"));
  setAccessibleName(tr("Watched canvas"));
  setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
  setMouseTracking(true);
  connect(&watch, &WatchModel::changed, this, &CanvasPicture::make_picture);
  connect(&watch, &WatchModel::pointedChanged, this, &CanvasPicture::make_picture);
  studio.hear({Part::ColorVision}, this, &CanvasPicture::make_picture);
  make_picture();
}

/// The ground around strays is that of the surround.
void CanvasPicture::make_picture() {
  m_picture = {};
  if (m_watch.seen())
    m_picture = seen_image(m_studio.session().vision, m_watch.strays_picture(channels_of(theme().stage)));
  update();
}

void CanvasPicture::changeEvent(QEvent* event) {
  QWidget::changeEvent(event);
  if (event->type() == QEvent::PaletteChange) make_picture();
}

QRectF CanvasPicture::picture_rect() const {
  const SeenCanvas* seen = m_watch.seen();
  if (!seen) return {};
  const QSizeF size = QSizeF(seen->picture.size()).scaled(this->size(), Qt::KeepAspectRatio);
  return {0, 0, size.width(), size.height()};
}

QPointF CanvasPicture::point_of(QPoint pixel) const {
  const QRectF rect = picture_rect();
  const double by = rect.width() / m_watch.seen()->picture.width();
  return rect.topLeft() + (QPointF(pixel) + QPointF(0.5, 0.5)) * by;
}

std::optional<std::size_t> CanvasPicture::stray_at(QPointF p) const {
  const SeenCanvas* seen = m_watch.seen();
  const QRectF rect = picture_rect();
  if (!seen || !rect.contains(p)) return std::nullopt;
  const QSize size = seen->picture.size();
  const int x = std::min(size.width() - 1,
                         static_cast<int>((p.x() - rect.x()) / rect.width() * size.width())),
            y = std::min(size.height() - 1,
                         static_cast<int>((p.y() - rect.y()) / rect.height() * size.height()));
  const std::uint8_t place = seen->check.places[static_cast<std::size_t>(y) * size.width() + x];
  if (place == 0 || place == CanvasCheck::kOtherStray) return std::nullopt;
  return std::size_t{place} - 1;
}

void CanvasPicture::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  const SeenCanvas* seen = m_watch.seen();
  if (!seen) {
    painter.fillRect(rect(), theme().field);
    return;
  }
  painter.drawImage(picture_rect(), for_monitor(m_picture));
  const auto pointed = m_watch.pointed();
  if (!pointed || *pointed >= seen->check.strays.size()) return;
  painter.setRenderHint(QPainter::Antialiasing);
  QPainterPath ring;
  const StrayColor& stray = seen->check.strays[*pointed];
  ring.addEllipse(point_of({stray.x, stray.y}), kRing, kRing);
  draw_double_line(painter, ring, 1.4);
}

void CanvasPicture::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return event->ignore();
  m_watch.choose(stray_at(event->position()));
}

void CanvasPicture::mouseMoveEvent(QMouseEvent* event) { m_watch.point(stray_at(event->position())); }
void CanvasPicture::leaveEvent(QEvent*) { m_watch.point(std::nullopt); }

AccessibleContent CanvasPicture::accessible() {
  AccessibleContent out{QAccessible::List, {}, {}, {}};
  const SeenCanvas* seen = m_watch.seen();
  if (!seen) return out;
  for (std::size_t i = 0; i < seen->check.strays.size(); ++i) {
    const StrayColor& stray = seen->check.strays[i];
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    item.name =
        tr("Stray: %1, %2 % of the canvas").arg(color_told(stray.color), number(100 * stray.share, 1));
    const QPointF at = point_of({stray.x, stray.y});
    item.rect = QRectF(at - QPointF(kRing, kRing), at + QPointF(kRing, kRing));
    item.selectable = true;
    item.selected = m_watch.chosen() == i;
    item.actions = {{tr("Show way back"), [this, i] { m_watch.choose(i); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
