// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sheet/plan_file.h"

#include "core/base/sentences.h"
#include "io/photo/decode.h"
#include "io/sheet/typeface.h"

#include <QColorSpace>
#include <QFontMetricsF>
#include <QPainter>
#include <QPainterPath>

#include <pugixml.hpp>
#include <sstream>

namespace zc {
namespace {

constexpr double kNamesRoom = 0.16; ///< Around a disc, of its size.
constexpr double kMostRowPixels = 200e6;

QColor ground_color(PlanGround ground) {
  switch (ground) {
  case PlanGround::Transparent:
    return Qt::transparent;
  case PlanGround::Dark:
    return {0x2b, 0x2b, 0x2b};
  case PlanGround::Middle:
    return {0x77, 0x77, 0x77};
  case PlanGround::Light:
    return {0xf6, 0xf6, 0xf6};
  }
  return Qt::transparent;
}

/// Straight alpha stays what it is: painting would go through premultiplied colors.
void lay(QImage& onto, const PixelPicture& disc, int left, int top) {
  for (int y = 0; y < disc.height; ++y)
    std::copy_n(disc.pixels.begin() + static_cast<std::ptrdiff_t>(y) * disc.width, disc.width,
                pixels_of(onto) + std::ptrdiff_t{onto.width()} * (top + y) + left);
}

QPointF on_disc(DiscPoint p, double left, double top, double size) {
  return {left + (p.x + 1) / 2 * size, top + (1 - p.y) / 2 * size};
}

/// White on black, so that they are read on any ground.
void draw_words_both_ways(QPainter& painter, QPointF middle, const QString& words) {
  const QFontMetricsF metrics(painter.font());
  QPainterPath path;
  path.addText(middle + QPointF(-metrics.horizontalAdvance(words) / 2, metrics.capHeight() / 2),
               painter.font(), words);
  painter.strokePath(path,
                     QPen(Qt::black, metrics.height() * 0.16, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
  painter.fillPath(path, Qt::white);
}

void draw_names(QPainter& painter, const Piece& piece, const SheetWords& words, double left, double top,
                double size) {
  QFont font(kTypeface);
  font.setPixelSize(std::max(6, static_cast<int>(size * 0.036)));
  font.setWeight(QFont::DemiBold);
  painter.setFont(font);
  for (const NamedHue& hue : named_hues(piece.wheel.hues)) {
    const QPointF rim = on_disc(disc_point(Angle(hue.angle), 1), left, top, size),
                  out = on_disc(disc_point(Angle(hue.angle), 1.03), left, top, size);
    painter.setPen(QPen(Qt::black, size * 0.006));
    painter.drawLine(rim, out);
    painter.setPen(QPen(Qt::white, size * 0.003));
    painter.drawLine(rim, out);
    draw_words_both_ways(painter, on_disc(disc_point(Angle(hue.angle), 1.13), left, top, size),
                         QString::fromStdString(words.said(hue.label)));
  }
}

void draw_mask(QPainter& painter, const MaskRegion& mask, double left, double top, double size) {
  QPainterPath path;
  for (const auto& outline : mask.outlines()) {
    QPolygonF polygon;
    for (const DiscPoint& p : outline) polygon << on_disc(p, left, top, size);
    path.addPolygon(polygon);
    path.closeSubpath();
  }
  painter.strokePath(path, QPen(Qt::black, size * 0.008));
  painter.strokePath(path, QPen(Qt::white, size * 0.0035));
}

/// Where the discs of a row stand.
struct PlanRow {
  explicit PlanRow(const PlanFileSpec& spec)
      : discs(std::max<int>(1, static_cast<int>(spec.values.size()))),
        room(spec.bare ? 0 : static_cast<int>(std::lround(spec.size * kNamesRoom))),
        cell(spec.size + 2 * room) {}
  [[nodiscard]] double pixels() const { return static_cast<double>(cell) * cell * discs; }
  [[nodiscard]] int left(int disc) const { return disc * cell + room; }
  int discs, room, cell;
};

Status lay_discs(QImage& out, const Piece& piece, const MaskRegion* mask, const PlanFileSpec& spec,
                 const PlanRow& row, const Progress& progress) {
  const Wheel wheel(piece.wheel);
  for (int i = 0; i < row.discs; ++i) {
    if (progress && !progress(static_cast<double>(i) / row.discs))
      return Error{ErrorCode::Stopped, Sentence::PictureStopped, "plan"};
    PlanSpec one;
    if (!spec.values.empty()) one.value = spec.values[static_cast<std::size_t>(i)];
    one.size = spec.size;
    one.steps = spec.steps;
    const auto disc = plan_disc(wheel, mask, one);
    if (!disc) return disc.error();
    lay(out, *disc, row.left(i), row.room);
  }
  return Done{};
}

void draw_around(QImage& out, const Piece& piece, const MaskRegion* mask, const PlanFileSpec& spec,
                 const PlanRow& row) {
  QPainter painter(&out);
  painter.setRenderHint(QPainter::Antialiasing);
  for (int i = 0; i < row.discs; ++i) {
    const double left = row.left(i), top = row.room;
    if (mask) draw_mask(painter, *mask, left, top, spec.size);
    draw_names(painter, piece, spec.words, left, top, spec.size);
    if (!spec.values.empty())
      draw_words_both_ways(painter, {left + spec.size * 0.97, top + spec.size * 0.985},
                           QString::number(std::lround(spec.values[static_cast<std::size_t>(i)])));
  }
}

QImage grounded(const QImage& on_nothing, PlanGround ground) {
  QImage out(on_nothing.size(), QImage::Format_ARGB32);
  out.fill(ground_color(ground));
  QPainter(&out).drawImage(0, 0, on_nothing);
  return out;
}

} // namespace

Result<QImage> plan_image(const Piece& piece, const PlanFileSpec& spec, const Progress& progress) {
  if (spec.values.size() > static_cast<std::size_t>(kMostPlanValues))
    return Error{ErrorCode::BadInput, Sentence::RowValues, "values"};
  if (!kPlanSizeRange.holds(spec.size)) return Error{ErrorCode::BadInput, Sentence::PictureSizeRange, "size"};
  const PlanRow row(spec);
  if (row.pixels() > kMostRowPixels) return Error{ErrorCode::TooLarge, Sentence::StripTooLarge, "size"};
  std::optional<MaskRegion> region;
  if (const Mask* used = mask_in_use(piece)) region.emplace(*used);
  const MaskRegion* mask = region ? &*region : nullptr;
  QImage out(row.cell * row.discs, row.cell, QImage::Format_ARGB32);
  out.fill(Qt::transparent);
  if (const Status laid = lay_discs(out, piece, mask, spec, row, progress); !laid) return laid.error();
  if (spec.ground != PlanGround::Transparent) out = grounded(out, spec.ground);
  if (!spec.bare) draw_around(out, piece, mask, spec, row);
  out.setColorSpace(QColorSpace(QColorSpace::SRgb));
  return out;
}

namespace {

std::string svg_number(double x) { return QByteArray::number(x, 'f', 3).toStdString(); }

std::string as_text(const pugi::xml_document& xml) {
  std::ostringstream out;
  xml.save(out, "", pugi::format_raw);
  return out.str();
}

void add_hue(pugi::xml_node svg, const NamedHue& hue, const std::string& name, double room, double size) {
  const QPointF rim = on_disc(disc_point(Angle(hue.angle), 1), room, room, size),
                out = on_disc(disc_point(Angle(hue.angle), 1.03), room, room, size),
                beyond = on_disc(disc_point(Angle(hue.angle), 1.13), room, room, size);
  auto line = svg.append_child("line");
  line.append_attribute("x1") = svg_number(rim.x()).c_str();
  line.append_attribute("y1") = svg_number(rim.y()).c_str();
  line.append_attribute("x2") = svg_number(out.x()).c_str();
  line.append_attribute("y2") = svg_number(out.y()).c_str();
  line.append_attribute("stroke") = "#000000";
  auto text = svg.append_child("text");
  text.append_attribute("x") = svg_number(beyond.x()).c_str();
  text.append_attribute("y") = svg_number(beyond.y() + size * 0.012).c_str();
  text.append_attribute("text-anchor") = "middle";
  text.append_attribute("font-size") = svg_number(size * 0.036).c_str();
  text.append_attribute("font-family") = "Open Sans, sans-serif";
  text.text().set(name.c_str());
}

/// The outlines of a mask as one path.
std::string path_of(const MaskRegion& mask, double room, double size) {
  std::string d;
  for (const auto& outline : mask.outlines()) {
    for (std::size_t i = 0; i < outline.size(); ++i) {
      const QPointF p = on_disc(outline[i], room, room, size);
      d += (i == 0 ? "M" : "L") + svg_number(p.x()) + " " + svg_number(p.y());
    }
    d += "Z";
  }
  return d;
}

} // namespace

std::string plan_outline_svg(const Piece& piece, double size, const SheetWords& words) {
  const double room = size * kNamesRoom, whole = size + 2 * room;
  pugi::xml_document xml;
  auto svg = xml.append_child("svg");
  svg.append_attribute("xmlns") = "http://www.w3.org/2000/svg";
  svg.append_attribute("version") = "1.1";
  svg.append_attribute("width") = svg_number(whole).c_str();
  svg.append_attribute("height") = svg_number(whole).c_str();
  svg.append_attribute("viewBox") = ("0 0 " + svg_number(whole) + " " + svg_number(whole)).c_str();
  svg.append_child("title").text().set(piece.title.c_str());
  const auto circle = [&](DiscPoint at, double radius) {
    const QPointF middle = on_disc(at, room, room, size);
    auto node = svg.append_child("circle");
    node.append_attribute("cx") = svg_number(middle.x()).c_str();
    node.append_attribute("cy") = svg_number(middle.y()).c_str();
    node.append_attribute("r") = svg_number(radius).c_str();
    node.append_attribute("fill") = "none";
    node.append_attribute("stroke") = "#000000";
  };
  circle({0, 0}, size / 2);
  for (const NamedHue& hue : named_hues(piece.wheel.hues))
    add_hue(svg, hue, words.said(hue.name), room, size);
  if (!piece.mask) return as_text(xml);
  const MaskRegion mask(*piece.mask);
  auto path = svg.append_child("path");
  path.append_attribute("d") = path_of(mask, room, size).c_str();
  path.append_attribute("fill") = "none";
  path.append_attribute("fill-rule") = "evenodd";
  path.append_attribute("stroke") = "#000000";
  path.append_child("title").text().set(piece.mask->name.c_str());
  if (const auto neutral = mask.centroid()) circle(*neutral, size * 0.012);
  return as_text(xml);
}

} // namespace zc
