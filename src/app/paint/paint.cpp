// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/paint/paint.h"

#include "app/paint/monitor.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "io/photo/decode.h"

namespace zc {

QColor shown_color(Srgb c, ColorVision vision) {
  Srgb seen = seen_by(vision, c);
  if (const DisplayProfile* monitor = Monitors::all().painted()) seen = monitor->to_monitor(seen);
  const Srgb8 p = rounded_8bit(seen);
  return {p.r, p.g, p.b};
}

QImage image_of(const Raster& raster) {
  return QImage(reinterpret_cast<const uchar*>(raster.pixels.data()), raster.width, raster.height,
                4 * static_cast<qsizetype>(raster.width), QImage::Format_ARGB32_Premultiplied);
}

void show_as_seen(ColorVision vision, Raster& raster) {
  if (vision == ColorVision::Normal) return;
  std::vector<Pixel> pixels(raster.pixels.size());
  std::ranges::transform(raster.pixels, pixels.begin(), straight);
  to_seen(vision, pixels.data(), pixels.size());
  std::ranges::transform(pixels, raster.pixels.begin(), premultiplied);
}

QImage seen_image(ColorVision vision, const QImage& image) {
  if (vision == ColorVision::Normal || image.isNull()) return image;
  QImage out = image.convertToFormat(QImage::Format_ARGB32);
  out.setDevicePixelRatio(image.devicePixelRatio());
  to_seen(vision, pixels_of(out),
          static_cast<std::size_t>(out.width()) * static_cast<std::size_t>(out.height()));
  return out;
}

void fill_hatch(QPainter& painter, const QPainterPath& shape) {
  painter.fillPath(shape, theme().stage);
  QColor line = theme().line;
  line.setAlphaF(0.55F);
  painter.fillPath(shape, QBrush(line, Qt::BDiagPattern));
}

void draw_double_line(QPainter& painter, const QPainterPath& path, double width) {
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(Qt::black, width + 2, Qt::SolidLine, Qt::FlatCap, Qt::RoundJoin));
  painter.drawPath(path);
  painter.setPen(QPen(Qt::white, width, Qt::SolidLine, Qt::FlatCap, Qt::RoundJoin));
  painter.drawPath(path);
}

namespace {

void draw_broken_line(QPainter& painter, const QPainterPath& path, const QList<qreal>& pattern) {
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(QColor(0, 0, 0, 190), 3));
  painter.drawPath(path);
  QPen dashes(Qt::white, 1.2);
  dashes.setDashPattern(pattern);
  painter.setPen(dashes);
  painter.drawPath(path);
}

} // namespace

void draw_dashed_line(QPainter& painter, const QPainterPath& path) {
  draw_broken_line(painter, path, {5, 3});
}
void draw_dotted_line(QPainter& painter, const QPainterPath& path) {
  draw_broken_line(painter, path, {1.5, 3});
}

void draw_double_line(QPainter& painter, QPointF from, QPointF to, double width) {
  QPainterPath path(from);
  path.lineTo(to);
  draw_double_line(painter, path, width);
}

void draw_value_line(QPainter& painter, double y, double from, double to) {
  // On whole pixels, so that it is as crisp in every part of the band.
  const double top = std::floor(y);
  painter.fillRect(QRectF(from, top - 1, to - from, 3), Qt::black);
  painter.fillRect(QRectF(from, top, to - from, 1), Qt::white);
}

void draw_handle(QPainter& painter, QPointF at, bool strong) {
  const double half = strong ? 6.5 : 5;
  QPainterPath diamond;
  diamond.addPolygon(QPolygonF(
      {at + QPointF(0, -half), at + QPointF(half, 0), at + QPointF(0, half), at + QPointF(-half, 0)}));
  diamond.closeSubpath();
  painter.setPen(QPen(Qt::black, 3, Qt::SolidLine, Qt::FlatCap, Qt::MiterJoin));
  painter.setBrush(strong ? Qt::white : Qt::black);
  painter.drawPath(diamond);
  painter.setPen(QPen(Qt::white, 1.4, Qt::SolidLine, Qt::FlatCap, Qt::MiterJoin));
  painter.drawPath(diamond);
}

void draw_pick_mark(QPainter& painter, QPointF at) {
  QPainterPath ring;
  ring.addEllipse(at, 7, 7);
  draw_double_line(painter, ring, 1.6);
}

void draw_cross(QPainter& painter, QPointF at) {
  QPainterPath cross(at + QPointF(-6, 0));
  cross.lineTo(at + QPointF(6, 0));
  cross.moveTo(at + QPointF(0, -6));
  cross.lineTo(at + QPointF(0, 6));
  draw_double_line(painter, cross, 1.0);
}

void draw_chip(QPainter& painter, const QRectF& rect, const QColor& color, const QColor& ground) {
  painter.fillRect(rect, color);
  const auto as_srgb = [](const QColor& c) { return Srgb{c.redF(), c.greenF(), c.blueF()}; };
  constexpr double lost = 8; // CIEDE2000
  if (ciede2000(lab_from_srgb(as_srgb(color)), lab_from_srgb(as_srgb(ground))) > lost) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().line, 1));
  painter.drawRect(rect.adjusted(0.5, 0.5, -0.5, -0.5));
}

QColor readable_on(const QColor& color) {
  const double value = value_of({color.redF(), color.greenF(), color.blueF()});
  // Where black and white stand out alike, at 4.58 : 1.
  constexpr double kAlike = 49.39;
  return value > kAlike ? Qt::black : Qt::white;
}

void draw_marks(QPainter& painter, const QRectF& r, const QColor& color, const SwatchMarks& marks) {
  const QColor ink = readable_on(color);
  painter.setPen(Qt::NoPen);
  painter.setBrush(ink);
  if (marks.locked) painter.drawRect(QRectF(r.left() + 3, r.top() + 3, 4, 4));
  if (marks.reduced) painter.drawEllipse(QPointF(r.right() - 6, r.top() + 6), 2.5, 2.5);
  if (marks.beyond)
    painter.drawPolygon(
        QPolygonF({r.bottomLeft() + QPointF(0, -8), r.bottomLeft() + QPointF(8, 0), r.bottomLeft()}));
  if (!marks.used) return;
  painter.setPen(QPen(ink, 1.4));
  painter.drawPolyline(QPolygonF({r.bottomRight() + QPointF(-11, -6), r.bottomRight() + QPointF(-8, -3),
                                  r.bottomRight() + QPointF(-3, -9)}));
}

} // namespace zc
