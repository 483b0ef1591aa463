// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sheet/sheet_drawing.h"

#include "core/color/convert.h"
#include "core/sheet/plan_picture.h"
#include "io/sheet/typeface.h"

#include <QFontMetricsF>
#include <QPainter>
#include <QPainterPath>

namespace zc {
namespace {

/// Letters are measured and drawn at so many units a point, whatever the resolution, so that a line is as
/// long everywhere.
constexpr double kUnits = 20;
constexpr double kHairline = 0.4;
constexpr int kKeyDisc = 128; ///< Pixels of the small wheels of keys.

QFont font_of(double size, bool bold) {
  QFont font(kTypeface);
  font.setPixelSize(std::max(1, static_cast<int>(std::lround(size * kUnits))));
  font.setWeight(bold ? QFont::DemiBold : QFont::Normal);
  font.setHintingPreference(QFont::PreferNoHinting);
  // Spaced ever so little letters are not joined, so that a reader of the file finds every word as it is
  // written.
  font.setLetterSpacing(QFont::AbsoluteSpacing, 0.05);
  return font;
}

QColor color_of(Srgb c) {
  const Srgb8 rounded = rounded_8bit(c);
  return {rounded.r, rounded.g, rounded.b};
}

QRectF rect_of(const SheetBox& box) { return {box.x, box.y, box.w, box.h}; }

void draw_words(QPainter& painter, const SheetText& text, bool dark) {
  painter.save();
  painter.setFont(font_of(text.size, text.bold));
  painter.setPen(sheet_ink(dark, text.soft));
  painter.translate(text.box.x, text.box.y + kBaseline * text.size);
  painter.scale(1 / kUnits, 1 / kUnits);
  painter.drawText(QPointF(0, 0), QString::fromStdString(text.words));
  painter.restore();
}

/// As large as the place needs at 300 pixels an inch; more would only make the file larger.
QImage sized_for(const QImage& image, const SheetBox& box) {
  const QSize most(static_cast<int>(box.w * 300 / 72) + 1, static_cast<int>(box.h * 300 / 72) + 1);
  if (image.width() <= most.width()) return image;
  return image.scaled(most, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

/// Paper knows no transparency: the disc is laid on the ground first.
QImage on_ground(const QImage& plan, const QColor& ground) {
  QImage out(plan.size(), QImage::Format_RGB32);
  out.fill(ground);
  QPainter painter(&out);
  painter.drawImage(0, 0, plan);
  return out;
}

void draw_plan(QPainter& painter, const SheetPicture& picture, const SheetImages& images,
               const QColor& ground, bool dark, const std::function<Srgb(Srgb)>& shown) {
  const SheetBox box = disc_in(picture.box);
  if (!images.plan.isNull()) painter.drawImage(rect_of(box), on_ground(sized_for(images.plan, box), ground));
  QPainterPath path;
  for (const auto& outline : images.mask) {
    QPolygonF polygon;
    for (const DiscPoint& p : outline)
      polygon << QPointF(box.x + (p.x + 1) / 2 * box.w, box.y + (1 - p.y) / 2 * box.h);
    path.addPolygon(polygon);
    path.closeSubpath();
  }
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(Qt::black, 1.6));
  painter.drawPath(path);
  painter.setPen(QPen(Qt::white, 0.7));
  painter.drawPath(path);
  for (const SheetPlace& place : picture.places) {
    painter.setBrush(color_of(shown ? shown(place.color) : place.color));
    painter.setPen(QPen(Qt::black, 0.9));
    painter.drawEllipse(QPointF(place.x, place.y), kSheetPlaceRadius, kSheetPlaceRadius);
    painter.setPen(QPen(Qt::white, 0.45));
    painter.drawEllipse(QPointF(place.x, place.y), kSheetPlaceRadius, kSheetPlaceRadius);
  }
  const TextMeasure measure = toolkit_measure();
  for (const SheetHue& hue : picture.hues) {
    const double width = measure(hue.label, kHueNameSize, false), height = kHueNameSize * kLineHeight;
    draw_words(
        painter,
        {{hue.x - width / 2, hue.y - height / 2, width, height}, hue.label, kHueNameSize, false, true, false},
        dark);
  }
}

/// Those that are still being made have none.
void draw_key(QPainter& painter, const SheetPicture& picture, const SheetImages& images) {
  if (picture.key >= images.keys.size()) return;
  const KeyCell& key = images.keys[picture.key];
  if (picture.key_wheel) return draw_key_wheel(painter, rect_of(picture.box), images.key_disc, key.mask);
  painter.drawImage(rect_of(picture.box), sized_for(key.picture, picture.box));
}

} // namespace

TextMeasure toolkit_measure() {
  return [](std::string_view words, double size, bool bold) {
    const QFontMetricsF metrics(font_of(size, bold));
    return metrics.horizontalAdvance(QString::fromUtf8(words.data(), static_cast<qsizetype>(words.size()))) /
           kUnits;
  };
}

QColor sheet_ground(bool dark) { return dark ? QColor(0x2b, 0x2b, 0x2b) : QColor(0xf6, 0xf6, 0xf6); }
QColor sheet_ink(bool dark, bool soft) {
  if (dark) return soft ? QColor(0xb8, 0xb8, 0xb8) : QColor(0xf0, 0xf0, 0xf0);
  return soft ? QColor(0x55, 0x55, 0x55) : QColor(0x1a, 0x1a, 0x1a);
}

SheetImages sheet_images(const Piece& piece, const SheetSpec& spec, const QImage& reference, int size,
                         std::vector<KeyCell> keys) {
  SheetImages out;
  out.reference = reference;
  if (!keys.empty()) out.key_disc = key_disc(piece.wheel, kKeyDisc);
  out.keys = std::move(keys);
  std::optional<MaskRegion> region;
  if (const Mask* used = mask_in_use(piece)) region.emplace(*used);
  PlanSpec plan;
  plan.value = spec.wheel_value;
  plan.size = size;
  const auto disc = plan_disc(Wheel(piece.wheel), region ? &*region : nullptr, plan);
  if (disc)
    out.plan = QImage(reinterpret_cast<const uchar*>(disc->pixels.data()), disc->width, disc->height,
                      QImage::Format_ARGB32)
                   .copy();
  if (region) out.mask = region->outlines();
  return out;
}

void draw_sheet_page(QPainter& painter, const Sheet& sheet, std::size_t page, const SheetImages& images,
                     double to_units, const std::function<Srgb(Srgb)>& shown) {
  painter.save();
  painter.scale(to_units, to_units);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  QColor ground = sheet_ground(sheet.dark);
  if (shown) ground = color_of(shown({ground.redF(), ground.greenF(), ground.blueF()}));
  painter.fillRect(QRectF(0, 0, sheet.width, sheet.height), ground);
  const SheetPage& p = sheet.pages[page];
  for (const SheetPicture& picture : p.pictures) {
    if (picture.part == SheetPart::Wheel)
      draw_plan(painter, picture, images, ground, sheet.dark, shown);
    else if (picture.part == SheetPart::Keys)
      draw_key(painter, picture, images);
    else if (!images.reference.isNull())
      painter.drawImage(rect_of(picture.box), sized_for(images.reference, picture.box));
  }
  for (const SheetSwatch& s : p.swatches)
    painter.fillRect(rect_of(s.box), color_of(shown ? shown(s.color) : s.color));
  for (const SheetBox& line : p.lines)
    painter.fillRect(QRectF(line.x, line.y, std::max(line.w, kHairline), std::max(line.h, kHairline)),
                     sheet_ink(sheet.dark, true));
  for (const SheetText& text : p.texts) draw_words(painter, text, sheet.dark);
  painter.restore();
}

} // namespace zc
