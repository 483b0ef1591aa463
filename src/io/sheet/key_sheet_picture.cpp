// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sheet/key_sheet_picture.h"

#include "core/keys/key_picture.h"
#include "core/wheel/raster.h"
#include "io/photo/decode.h"
#include "io/sheet/typeface.h"

#include <QPainter>
#include <QPainterPath>

#include <algorithm>

namespace zc {
namespace {

constexpr double kWheelValue = 62; ///< L* of the small wheels.
const QColor kGround(56, 56, 56), kWords(230, 230, 230);

/// Sizes that follow from the width of the pictures.
struct Measures {
  double margin, aside, wheel, letters;
  explicit Measures(double picture)
      : margin(picture * 0.05), aside(picture * 0.28), wheel(picture * 0.18),
        letters(std::max(9.0, picture * 0.048)) {}
};

} // namespace

std::vector<KeyCell> key_cells(const Piece& piece, const std::vector<ColorKey>& keys, const QImage& photo) {
  std::vector<KeyCell> out;
  if (photo.isNull()) return out;
  const QImage plain = photo.convertToFormat(QImage::Format_ARGB32);
  const KeyPicture picture(view_of(plain), Wheel(piece.wheel));
  for (const ColorKey& key : keys) {
    QImage made(plain.size(), QImage::Format_ARGB32);
    if (const auto map = key_map(piece, key))
      picture.render(*map, KeyPicture::Quality::Exact, pixels_of(made));
    else
      picture.render(key_function(piece, key), pixels_of(made));
    out.push_back({{}, std::move(made), key.plan ? key.plan->mask : std::nullopt});
  }
  return out;
}

QImage key_disc(const WheelSpec& wheel, int size) {
  Raster disc;
  SolidPainter(Wheel(wheel)).slice(kWheelValue, std::max(1, size), disc);
  return QImage(reinterpret_cast<const uchar*>(disc.pixels.data()), disc.width, disc.height,
                QImage::Format_ARGB32_Premultiplied)
      .copy();
}

void draw_key_wheel(QPainter& painter, const QRectF& rect, const QImage& disc,
                    const std::optional<Mask>& mask) {
  painter.setOpacity(mask ? 0.3 : 1);
  painter.drawImage(rect, disc);
  painter.setOpacity(1);
  if (!mask) return;
  QPainterPath path;
  const MaskRegion region(*mask);
  for (const auto& outline : region.outlines()) {
    QPolygonF polygon;
    for (const DiscPoint& p : outline)
      polygon << rect.center() + QPointF(p.x * rect.width() / 2, -p.y * rect.height() / 2);
    path.addPolygon(polygon);
    path.closeSubpath();
  }
  painter.save();
  painter.setClipPath(path);
  painter.drawImage(rect, disc);
  painter.restore();
  painter.strokePath(path, QPen(Qt::black, rect.width() * 0.06));
  painter.strokePath(path, QPen(Qt::white, rect.width() * 0.03));
}

QImage key_sheet_picture(const std::vector<KeyCell>& cells, const WheelSpec& wheel) {
  if (cells.empty()) return {};
  const QSizeF picture = cells[0].picture.size();
  const Measures m(picture.width());
  const int count = static_cast<int>(cells.size()), columns = std::min(kKeyColumns, count),
            rows = (count + columns - 1) / columns;
  const double wide = picture.width() + m.aside + m.margin, high = picture.height() + m.margin;
  QImage out(QSizeF(columns * wide + m.margin, rows * high + m.margin).toSize(), QImage::Format_RGB32);
  out.fill(kGround);
  const QImage disc = key_disc(wheel, static_cast<int>(2 * m.wheel));
  QPainter painter(&out);
  painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  QFont font(kTypeface);
  font.setPixelSize(static_cast<int>(m.letters));
  painter.setFont(font);
  painter.setPen(kWords);
  for (int i = 0; i < count; ++i) {
    const KeyCell& cell = cells[static_cast<std::size_t>(i)];
    const int row = i / columns;
    const QPointF at(m.margin + (i % columns) * wide, m.margin + row * high);
    painter.drawImage(at.toPoint(), cell.picture);
    const QRectF aside(at.x() + picture.width(), at.y(), m.aside, picture.height());
    const QRectF wheel_rect(aside.center().x() - m.wheel / 2, aside.top(), m.wheel, m.wheel);
    draw_key_wheel(painter, wheel_rect, disc, cell.mask);
    painter.setPen(kWords);
    painter.drawText(QRectF(aside.left(), wheel_rect.bottom() + m.letters / 2, aside.width(),
                            aside.bottom() - wheel_rect.bottom()),
                     Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, cell.name);
  }
  return out;
}

} // namespace zc
