// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sheet/sheet_files.h"

#include "core/base/sentences.h"
#include "core/color/text.h"
#include "io/files/safe_save.h"
#include "io/sheet/pdf_bookmarks.h"
#include "io/sheet/typeface.h"

#include <QBuffer>
#include <QColorSpace>
#include <QPainter>
#include <QPdfWriter>

#include <pugixml.hpp>
#include <sstream>

namespace zc {
namespace {

constexpr int kPdfResolution = 1440; // Twenty units a point.
constexpr double kMostSheetPixels = 200e6;

Bytes bytes_of(const QByteArray& data) { return {data.begin(), data.end()}; }

Result<Bytes> finished(const QByteArray& drawn, const Sheet& sheet) {
  std::vector<PdfBookmark> bookmarks;
  for (const SheetBookmark& mark : sheet.bookmarks)
    bookmarks.push_back({mark.words, mark.page, sheet.height - mark.y});
  Bytes pdf = with_bookmarks(bytes_of(drawn), bookmarks);
  if (pdf.empty()) return Error{ErrorCode::Unwritable, Sentence::PdfNotMade, "pdf"};
  return pdf;
}

std::string number(double x) { return QByteArray::number(x, 'f', 2).toStdString(); }

void set_box(pugi::xml_node node, const SheetBox& box) {
  node.append_attribute("x") = number(box.x).c_str();
  node.append_attribute("y") = number(box.y).c_str();
  node.append_attribute("width") = number(box.w).c_str();
  node.append_attribute("height") = number(box.h).c_str();
}

std::string data_uri(const QImage& image) {
  QByteArray png;
  QBuffer buffer(&png);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return "data:image/png;base64," + png.toBase64().toStdString();
}

void add_text(pugi::xml_node svg, const SheetText& text, bool dark) {
  auto node = svg.append_child("text");
  node.append_attribute("x") = number(text.box.x).c_str();
  node.append_attribute("y") = number(text.box.y + kBaseline * text.size).c_str();
  node.append_attribute("font-size") = number(text.size).c_str();
  if (text.bold) node.append_attribute("font-weight") = "600";
  node.append_attribute("fill") = sheet_ink(dark, text.soft).name().toStdString().c_str();
  // Another typeface would run into what stands beside.
  node.append_attribute("textLength") = number(text.box.w).c_str();
  node.append_attribute("lengthAdjust") = "spacingAndGlyphs";
  node.text().set(text.words.c_str());
}

void add_places(pugi::xml_node svg, const SheetPicture& picture) {
  for (const SheetPlace& place : picture.places)
    for (const auto& [line, width] : {std::pair("#000000", "0.9"), std::pair("#ffffff", "0.45")}) {
      auto dot = svg.append_child("circle");
      dot.append_attribute("cx") = number(place.x).c_str();
      dot.append_attribute("cy") = number(place.y).c_str();
      dot.append_attribute("r") = number(kSheetPlaceRadius).c_str();
      dot.append_attribute("fill") = hex_of(place.color).c_str();
      dot.append_attribute("stroke") = line;
      dot.append_attribute("stroke-width") = width;
    }
}

/// The reference in a key, or the small wheel of that key; null where there is none.
QImage key_image(const SheetPicture& picture, const SheetImages& images) {
  if (picture.key >= images.keys.size()) return {};
  const KeyCell& key = images.keys[picture.key];
  if (!picture.key_wheel) return key.picture;
  QImage out(images.key_disc.size(), QImage::Format_ARGB32);
  out.fill(Qt::transparent);
  QPainter painter(&out);
  painter.setRenderHint(QPainter::Antialiasing);
  draw_key_wheel(painter, out.rect(), images.key_disc, key.mask);
  return out;
}

void add_plan(pugi::xml_node svg, const SheetPicture& picture, const SheetImages& images, bool dark) {
  const SheetBox box = disc_in(picture.box);
  auto image = svg.append_child("image");
  set_box(image, box);
  image.append_attribute("xlink:href") = data_uri(images.plan).c_str();
  std::string path;
  for (const auto& outline : images.mask)
    for (std::size_t i = 0; i <= outline.size(); ++i)
      path += i == outline.size() ? std::string("Z")
                                  : (i == 0 ? "M" : "L") + number(box.x + (outline[i].x + 1) / 2 * box.w) +
                                        " " + number(box.y + (1 - outline[i].y) / 2 * box.h);
  const TextMeasure measure = toolkit_measure();
  for (const SheetHue& hue : picture.hues) {
    const double width = measure(hue.label, kHueNameSize, false), height = kHueNameSize * kLineHeight;
    add_text(
        svg,
        {{hue.x - width / 2, hue.y - height / 2, width, height}, hue.label, kHueNameSize, false, true, false},
        dark);
  }
  add_places(svg, picture);
  if (path.empty()) return;
  for (const auto& [color, width] : {std::pair("#000000", "1.6"), std::pair("#ffffff", "0.7")}) {
    auto line = svg.append_child("path");
    line.append_attribute("d") = path.c_str();
    line.append_attribute("fill") = "none";
    line.append_attribute("stroke") = color;
    line.append_attribute("stroke-width") = width;
  }
}

} // namespace

Result<Bytes> sheet_pdf(const Sheet& sheet, const SheetImages& images, const SheetDocument& document) {
  QByteArray drawn;
  QBuffer buffer(&drawn);
  buffer.open(QIODevice::WriteOnly);
  {
    QPdfWriter writer(&buffer);
    writer.setPdfVersion(QPagedPaintDevice::PdfVersion_A1b);
    writer.setResolution(kPdfResolution);
    writer.setTitle(QString::fromStdString(document.title));
    writer.setCreator(QStringLiteral("Zonachrom"));
    const QPageSize size(QSizeF(sheet.width, sheet.height), QPageSize::Point, QString(),
                         QPageSize::ExactMatch);
    writer.setPageLayout(QPageLayout(size, QPageLayout::Portrait, QMarginsF()));
    QPainter painter(&writer);
    for (std::size_t page = 0; page < sheet.pages.size(); ++page) {
      if (page > 0) writer.newPage();
      draw_sheet_page(painter, sheet, page, images, kPdfResolution / 72.0);
    }
  }
  return finished(drawn, sheet);
}

std::string sheet_svg(const Sheet& sheet, std::size_t page, const SheetImages& images,
                      const SheetDocument& document) {
  pugi::xml_document xml;
  auto svg = xml.append_child("svg");
  svg.append_attribute("xmlns") = "http://www.w3.org/2000/svg";
  svg.append_attribute("xmlns:xlink") = "http://www.w3.org/1999/xlink";
  svg.append_attribute("version") = "1.1";
  svg.append_attribute("width") = (number(sheet.width) + "pt").c_str();
  svg.append_attribute("height") = (number(sheet.height) + "pt").c_str();
  svg.append_attribute("viewBox") = ("0 0 " + number(sheet.width) + " " + number(sheet.height)).c_str();
  svg.append_attribute("font-family") = (kTypeface.toStdString() + ", sans-serif").c_str();
  svg.append_child("title").text().set(document.title.c_str());
  auto ground = svg.append_child("rect");
  set_box(ground, {0, 0, sheet.width, sheet.height});
  ground.append_attribute("fill") = sheet_ground(sheet.dark).name().toStdString().c_str();
  const SheetPage& p = sheet.pages[page];
  for (const SheetPicture& picture : p.pictures) {
    if (picture.part == SheetPart::Wheel) {
      add_plan(svg, picture, images, sheet.dark);
      continue;
    }
    const QImage shown = picture.part == SheetPart::Keys ? key_image(picture, images) : images.reference;
    if (shown.isNull()) continue;
    auto image = svg.append_child("image");
    set_box(image, picture.box);
    image.append_attribute("preserveAspectRatio") = "none";
    image.append_attribute("xlink:href") = data_uri(shown).c_str();
  }
  for (const SheetSwatch& s : p.swatches) {
    auto rect = svg.append_child("rect");
    set_box(rect, s.box);
    rect.append_attribute("fill") = hex_of(s.color).c_str();
    rect.append_child("title").text().set(s.title.c_str());
  }
  for (const SheetBox& line : p.lines) {
    auto rect = svg.append_child("rect");
    set_box(rect, {line.x, line.y, std::max(line.w, 0.4), std::max(line.h, 0.4)});
    rect.append_attribute("fill") = sheet_ink(sheet.dark, true).name().toStdString().c_str();
  }
  for (const SheetText& text : p.texts) add_text(svg, text, sheet.dark);
  std::ostringstream out;
  xml.save(out, "", pugi::format_raw);
  return out.str();
}

Result<Bytes> sheet_png(const Sheet& sheet, std::size_t page, const SheetImages& images, double dots) {
  if (!kSheetDotsRange.holds(dots)) return Error{ErrorCode::BadInput, Sentence::SheetDensity, "dots"};
  const double scale = dots / 72;
  if (sheet.width * scale * sheet.height * scale > kMostSheetPixels)
    return Error{ErrorCode::TooLarge, Sentence::SheetTooManyPixels, "dots"};
  QImage image(static_cast<int>(std::lround(sheet.width * scale)),
               static_cast<int>(std::lround(sheet.height * scale)), QImage::Format_RGB32);
  image.fill(sheet_ground(sheet.dark)); // The last pixels may be cut.
  {
    QPainter painter(&image);
    draw_sheet_page(painter, sheet, page, images, scale);
  }
  const int per_metre = static_cast<int>(std::lround(dots / 0.0254));
  image.setDotsPerMeterX(per_metre);
  image.setDotsPerMeterY(per_metre);
  image.setColorSpace(QColorSpace(QColorSpace::SRgb));
  QByteArray png;
  QBuffer buffer(&png);
  buffer.open(QIODevice::WriteOnly);
  if (!image.save(&buffer, "PNG")) return Error{ErrorCode::Unwritable, Sentence::PictureNotMade, "png"};
  return bytes_of(png);
}

std::vector<std::string> sheet_file_names(const std::string& path, std::size_t pages) {
  std::vector<std::string> out{path};
  const std::filesystem::path file(path);
  const std::string ending = file.extension().string();
  for (std::size_t page = 1; page < pages && ending != ".pdf"; ++page)
    out.push_back(
        (file.parent_path() / (file.stem().string() + "-" + std::to_string(page + 1) + ending)).string());
  return out;
}

Result<std::vector<std::string>> save_sheet(const Sheet& sheet, const SheetImages& images,
                                            const SheetDocument& document, double dots,
                                            const std::string& path, const Progress& progress) {
  const std::filesystem::path file(path);
  const std::string ending = file.extension().string();
  if (ending != ".pdf" && ending != ".svg" && ending != ".png")
    return Error{ErrorCode::BadInput, Sentence::SheetFileEnding, path};
  std::vector<std::pair<std::string, Bytes>> made;
  if (ending == ".pdf") {
    auto pdf = sheet_pdf(sheet, images, document);
    if (!pdf) return pdf.error();
    made.emplace_back(path, std::move(pdf).value());
  }
  const auto names = sheet_file_names(path, sheet.pages.size());
  for (std::size_t page = 0; page < sheet.pages.size() && ending != ".pdf"; ++page) {
    if (progress && !progress(static_cast<double>(page) / static_cast<double>(sheet.pages.size())))
      return Error{ErrorCode::Stopped, Sentence::WritingStopped, path};
    const std::string& name = names[page];
    if (ending == ".svg") {
      const std::string svg = sheet_svg(sheet, page, images, document);
      made.emplace_back(name, Bytes(svg.begin(), svg.end()));
      continue;
    }
    auto png = sheet_png(sheet, page, images, dots);
    if (!png) return png.error();
    made.emplace_back(name, std::move(png).value());
  }
  std::vector<std::string> out;
  for (const auto& [name, bytes] : made) {
    const Status saved = save_safely(name, bytes, Backup::None);
    if (!saved) return saved.error();
    out.push_back(name);
  }
  return out;
}

} // namespace zc
