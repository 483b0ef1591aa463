// SPDX-License-Identifier: GPL-3.0-or-later
// Sheets and plans as files, read back: every number of the SVG, pixels and resolution of the PNG, the pages
// and bookmarks of the PDF.
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/image/pixels.h"
#include "core/mask/patterns.h"
#include "io/sheet/plan_file.h"
#include "io/sheet/sheet_files.h"
#include "io/sheet/typeface.h"
#include "support/check.h"
#include "support/pdf_reading.h"

#include <QColorSpace>
#include <QFile>
#include <QGuiApplication>
#include <QTemporaryDir>
#include <QXmlStreamReader>

using namespace zc;
using namespace zc::test;

namespace {

Piece small_piece() {
  Piece piece;
  piece.title = "Row & <dusk>";
  piece.mask = pattern_mask({Pattern::Triad, 30, 30});
  piece.mask->name = "lamps";
  SwatchSet set{1, "row"};
  Id id = 2;
  for (const char* name : {"lamps", "walls"}) {
    Family family{id++, name};
    for (int i = 0; i < 30; ++i) {
      const double t = i / 29.0;
      family.swatches.push_back({id++, {t, 0.5, 1 - t}, {}, std::string(name) + std::to_string(i)});
      family.swatches.change(family.swatches.size() - 1).place = i;
    }
    set.families.push_back(family);
  }
  piece.sets = {set};
  piece.current_set = 1;
  return piece;
}

struct Element {
  QString name;
  std::map<QString, QString> values;
  QString text;
  [[nodiscard]] double number(const char* of) const {
    const auto at = values.find(QLatin1String(of));
    return at == values.end() ? qQNaN() : QString(at->second).remove("pt").toDouble();
  }
};
/// In the order of the file; the text of a title belongs to what it is in.
std::vector<Element> elements_of(const std::string& svg) {
  QXmlStreamReader xml(QString::fromStdString(svg));
  std::vector<Element> out;
  while (!xml.atEnd()) {
    if (xml.readNext() == QXmlStreamReader::Characters && !out.empty()) out.back().text += xml.text();
    if (!xml.isStartElement()) continue;
    out.push_back({xml.name().toString(), {}, {}});
    for (const auto& a : xml.attributes())
      out.back().values[a.qualifiedName().toString()] = a.value().toString();
  }
  if (xml.hasError()) qFatal("%s", qPrintable(xml.errorString()));
  return out;
}
bool near(double a, double b) { return std::abs(a - b) <= 0.0051; }

} // namespace

class SheetFilesTest : public QObject {
  Q_OBJECT
private slots:
  void initTestCase() {
    install_typeface();
    m_reference = QImage(300, 200, QImage::Format_RGB32);
    m_reference.fill(QColor(200, 40, 90));
    for (auto& [spec, sheet] : m_sheets) {
      spec.dark = &sheet == &m_sheets[1].second;
      spec.parts.push_back(SheetPart::Staff);
      sheet = *sheet_of(m_piece, {&m_piece.sets[0]}, spec, {1.5, "photo", {}}, toolkit_measure());
    }
    m_images = sheet_images(m_piece, m_sheets[0].first, m_reference, 400);
  }

  /// Everything of the layout is in the file, where it is and as it is, and nothing else.
  void an_svg_has_every_number_of_its_page() {
    for (const auto& [spec, sheet] : m_sheets)
      for (std::size_t page = 0; page < sheet.pages.size(); ++page) {
        const auto all = elements_of(sheet_svg(sheet, page, m_images, {m_piece.title, ""}));
        const SheetPage& p = sheet.pages[page];
        QCOMPARE(all[0].name, QStringLiteral("svg"));
        QVERIFY(near(all[0].number("width"), sheet.width) && near(all[0].number("height"), sheet.height));
        QVERIFY(all[0].values.at("width").endsWith("pt"));
        QCOMPARE(all[0].values.at("viewBox"),
                 QStringLiteral("0 0 %1 %2").arg(sheet.width, 0, 'f', 2).arg(sheet.height, 0, 'f', 2));
        QCOMPARE(all[1].text, QStringLiteral("Row & <dusk>"));
        std::vector<Element> rects, texts, images, paths;
        for (std::size_t i = 2; i < all.size(); ++i) {
          if (all[i].name == "rect") rects.push_back(all[i]);
          if (all[i].name == "text") texts.push_back(all[i]);
          if (all[i].name == "image") images.push_back(all[i]);
          if (all[i].name == "path") paths.push_back(all[i]);
          if (all[i].name == "title") rects.back().text = all[i].text;
        }
        std::size_t hues = 0, wheels = 0;
        for (const auto& picture : p.pictures) {
          hues += picture.hues.size();
          wheels += picture.part == SheetPart::Wheel;
        }
        QCOMPARE(rects.size(), 1 + p.swatches.size() + p.lines.size());
        QCOMPARE(texts.size(), p.texts.size() + hues);
        QCOMPARE(images.size(), p.pictures.size());
        QCOMPARE(paths.size(), 2 * wheels);
        const auto box = [](const Element& e, const SheetBox& b) {
          return near(e.number("x"), b.x) && near(e.number("y"), b.y) && near(e.number("width"), b.w) &&
                 near(e.number("height"), b.h);
        };
        QVERIFY(box(rects[0], {0, 0, sheet.width, sheet.height}));
        QCOMPARE(rects[0].values.at("fill"),
                 spec.dark ? QStringLiteral("#2b2b2b") : QStringLiteral("#f6f6f6"));
        for (std::size_t i = 0; i < p.swatches.size(); ++i) {
          const Element& e = rects[1 + i];
          QVERIFY(box(e, p.swatches[i].box));
          QCOMPARE(e.values.at("fill").toStdString(), hex_of(p.swatches[i].color));
          QCOMPARE(e.text.toStdString(), p.swatches[i].title);
        }
        for (std::size_t i = 0; i < p.lines.size(); ++i) {
          SheetBox wanted = p.lines[i];
          (wanted.w > wanted.h ? wanted.h : wanted.w) = 0.4;
          QVERIFY(box(rects[1 + p.swatches.size() + i], wanted));
        }
        for (std::size_t i = 0; i < p.texts.size(); ++i) {
          const Element& e = texts[hues + i];
          const SheetText& t = p.texts[i];
          QVERIFY(near(e.number("x"), t.box.x) && near(e.number("y"), t.box.y + kBaseline * t.size));
          QVERIFY(near(e.number("font-size"), t.size) && near(e.number("textLength"), t.box.w));
          QCOMPARE(e.values.contains("font-weight"), t.bold);
          QCOMPARE(e.text.toStdString(), t.words);
          QCOMPARE(e.values.at("fill"),
                   spec.dark ? (t.soft ? "#b8b8b8" : "#f0f0f0") : (t.soft ? "#555555" : "#1a1a1a"));
        }
        std::size_t hue = 0, path = 0;
        for (std::size_t i = 0; i < p.pictures.size(); ++i) {
          const bool wheel = p.pictures[i].part == SheetPart::Wheel;
          const SheetBox at = wheel ? disc_in(p.pictures[i].box) : p.pictures[i].box;
          QVERIFY(box(images[i], at));
          const QByteArray png =
              QByteArray::fromBase64(images[i].values.at("xlink:href").section(',', 1).toLatin1());
          QCOMPARE(QImage::fromData(png).convertToFormat(QImage::Format_ARGB32),
                   (wheel ? m_images.plan : m_reference).convertToFormat(QImage::Format_ARGB32));
          if (!wheel) continue;
          for (const SheetHue& h : p.pictures[i].hues) {
            const Element& e = texts[hue++];
            QVERIFY(near(e.number("x") + e.number("textLength") / 2, h.x) ||
                    std::abs(e.number("x") + e.number("textLength") / 2 - h.x) < 0.011);
            QVERIFY(near(e.number("y"), h.y - 6 * kLineHeight / 2 + kBaseline * 6));
            QCOMPARE(e.text.toStdString(), h.label);
          }
          // The mask's outline on the disc.
          const QString d = paths[path].values.at("d");
          QCOMPARE(d.count('M'), qsizetype(m_images.mask.size()));
          QCOMPARE(d.count('Z'), qsizetype(m_images.mask.size()));
          const DiscPoint first = m_images.mask[0][0];
          QVERIFY(d.startsWith(QStringLiteral("M%1 %2L")
                                   .arg(at.x + (first.x + 1) / 2 * at.w, 0, 'f', 2)
                                   .arg(at.y + (1 - first.y) / 2 * at.h, 0, 'f', 2)));
          QCOMPARE(paths[path++].values.at("stroke"), QStringLiteral("#000000"));
          QCOMPARE(paths[path++].values.at("stroke"), QStringLiteral("#ffffff"));
        }
      }
    QVERIFY(m_sheets[0].second.pages.size() > 1);
    const SheetImages none;
    QCOMPARE(std::ranges::count_if(elements_of(sheet_svg(m_sheets[0].second, 0, none, {})),
                                   [](const Element& e) { return e.name == "image"; }),
             1); // The wheel's place.
  }

  void a_png_is_as_large_as_its_paper() {
    const Sheet& sheet = m_sheets[0].second;
    for (const double dots : {36.0, 72.0, 150.0}) {
      const auto png = sheet_png(sheet, 0, m_images, dots);
      QVERIFY(png);
      const QImage image = QImage::fromData(png->data(), static_cast<int>(png->size()));
      QCOMPARE(image.size(),
               QSize(int(std::lround(sheet.width * dots / 72)), int(std::lround(sheet.height * dots / 72))));
      QCOMPARE(image.dotsPerMeterX(), int(std::lround(dots / 0.0254)));
      QCOMPARE(image.dotsPerMeterY(), image.dotsPerMeterX());
      QVERIFY(image.colorSpace() == QColorSpace(QColorSpace::SRgb));
      const auto at = [&](double x, double y) {
        return image.pixel(int(x * dots / 72), int(y * dots / 72)) & 0xffffffu;
      };
      QCOMPARE(at(2, 2), 0xf6f6f6u);
      for (const SheetSwatch& s : sheet.pages[0].swatches)
        QCOMPARE(at(s.box.x + s.box.w / 2, s.box.y + s.box.h / 2), pixel_of(rounded_8bit(s.color)).rgb());
      // Letters stand in their places: ink in each box, none beside the line.
      if (dots == 150.0)
        for (const SheetText& t : sheet.pages[0].texts) {
          int ink = 0, beside = 0;
          for (double y = t.box.y + 0.5; y < t.box.bottom() - 0.5; y += 0.25)
            for (double x = t.box.x - 3; x < t.box.right() + 3; x += 0.25) {
              const bool dark = qGray(image.pixel(int(x * dots / 72), int(y * dots / 72))) < 160;
              const bool within = x > t.box.x - 1 && x < t.box.right() + 1;
              (within ? ink : beside) += dark;
            }
          QVERIFY2(ink > 20 && beside == 0, t.words.c_str());
        }
      const SheetPicture& wheel = *std::ranges::find_if(
          sheet.pages[0].pictures, [](const auto& p) { return p.part == SheetPart::Wheel; });
      const SheetBox disc = disc_in(wheel.box);
      const std::uint32_t middle = m_images.plan.pixel(200, 200);
      const QColor seen = QColor::fromRgb(at(disc.x + disc.w / 2, disc.y + disc.h / 2)),
                   made = QColor::fromRgb(middle);
      QVERIFY(qAlpha(middle) == 255 && std::abs(seen.red() - made.red()) < 6 &&
              std::abs(seen.blue() - made.blue()) < 6);
      // Beside the disc the paper.
      QCOMPARE(at(disc.x + 2, disc.y + 2), 0xf6f6f6u);
      QCOMPARE(at(disc.right() - 3, disc.bottom() - 3), 0xf6f6f6u);
      const SheetPicture& photo = *std::ranges::find_if(
          sheet.pages[0].pictures, [](const auto& p) { return p.part == SheetPart::Reference; });
      QCOMPARE(at(photo.box.x + 3, photo.box.bottom() - 3), 0xc8285au);
    }
    QCOMPARE(sheet_png(sheet, 0, m_images, 35.9).error().place, std::string("dots"));
    QCOMPARE(sheet_png(sheet, 0, m_images, 600.1).error().code, ErrorCode::BadInput);
    QVERIFY(sheet_png(sheet, 0, m_images, 36));
    SheetSpec large = m_sheets[0].first;
    large.paper = Paper::A2;
    const auto a2 = *sheet_of(m_piece, {&m_piece.sets[0]}, large, {}, toolkit_measure());
    // 594 by 420 mm at 600 pixels an inch: 139 megapixels.
    QVERIFY(a2.width * a2.height * 600 / 72 * 600 / 72 < 200e6);
  }

  /// The photo in a key, the key's wheel and the dots of swatches, not the photo as it is.
  void an_svg_shows_keys_and_places() {
    SheetSpec spec;
    spec.parts = {SheetPart::Wheel, SheetPart::Keys};
    spec.places = true;
    SheetPictures pictures{1.5, "photo", {}};
    pictures.keys = {"turned"};
    const auto sheet = *sheet_of(m_piece, {&m_piece.sets[0]}, spec, pictures, toolkit_measure());
    SheetImages images = m_images;
    KeyCell cell;
    cell.picture = QImage(30, 20, QImage::Format_RGB32);
    cell.picture.fill(Qt::green);
    images.keys = {cell};
    images.key_disc = QImage(16, 16, QImage::Format_ARGB32);
    images.key_disc.fill(Qt::red);
    const QByteArray svg = QByteArray::fromStdString(sheet_svg(sheet, 0, images, {}));
    QList<QImage> shown;
    for (qsizetype at = svg.indexOf("base64,"); at >= 0; at = svg.indexOf("base64,", at + 1)) {
      const QByteArray data = svg.mid(at + 7, svg.indexOf('"', at) - at - 7);
      shown << QImage::fromData(QByteArray::fromBase64(data));
    }
    QCOMPARE(shown.size(), 3);
    QVERIFY(shown[0].size() == images.plan.size());
    QVERIFY(shown[1].size() == QSize(30, 20) && shown[1].pixelColor(5, 5) == QColor(Qt::green));
    QVERIFY(shown[2].width() == 16 && shown[2].pixelColor(8, 8).red() > 200);
    QCOMPARE(svg.count("<circle"), 2 * static_cast<qsizetype>(swatch_count(m_piece.sets[0])));
    // Those that are not made yet are left out.
    images.keys.clear();
    QCOMPARE(QByteArray::fromStdString(sheet_svg(sheet, 0, images, {})).count("base64,"), 1);
  }

  void a_pdf_has_its_pages_and_bookmarks() {
    const Sheet& sheet = m_sheets[0].second;
    const auto pdf = sheet_pdf(sheet, m_images, {"The title", "nobody"});
    QVERIFY(pdf);
    const PdfRead read = read_pdf(pdf->data(), pdf->size());
    QCOMPARE(read.title, std::string("The title"));
    QCOMPARE(read.pages.size(), sheet.pages.size());
    for (const auto& [width, height] : read.pages)
      QVERIFY(std::abs(width - sheet.width) < 1 && std::abs(height - sheet.height) < 1);
    QCOMPARE(read.bookmarks.size(), sheet.bookmarks.size());
    for (std::size_t i = 0; i < read.bookmarks.size(); ++i) {
      QCOMPARE(read.bookmarks[i].words, sheet.bookmarks[i].words);
      QCOMPARE(read.bookmarks[i].page, static_cast<int>(sheet.bookmarks[i].page));
      QVERIFY(std::abs(read.bookmarks[i].up - (sheet.height - sheet.bookmarks[i].y)) < 0.02);
    }
  }

  void names_of_further_pages_and_what_is_refused() {
    const QTemporaryDir folder;
    const Sheet& sheet = m_sheets[0].second;
    const std::string svg = folder.filePath("sheet.svg").toStdString(),
                      pdf = folder.filePath("sheet.pdf").toStdString();
    QCOMPARE(sheet_file_names(svg, 3),
             (std::vector<std::string>{svg, folder.filePath("sheet-2.svg").toStdString(),
                                       folder.filePath("sheet-3.svg").toStdString()}));
    QCOMPARE(sheet_file_names(pdf, 3), std::vector<std::string>{pdf});
    const auto wrong = save_sheet(sheet, m_images, {}, 72, folder.filePath("sheet.jpg").toStdString());
    QCOMPARE(wrong.error().code, ErrorCode::BadInput);
    // Stopped in the middle, nothing is written.
    std::vector<double> told;
    const auto stopped = save_sheet(sheet, m_images, {}, 72, svg,
                                    [&](double share) { return told.push_back(share), told.size() < 2; });
    QCOMPARE(stopped.error().code, ErrorCode::Stopped);
    QVERIFY(told[0] == 0 && near(told[1], 1.0 / double(sheet.pages.size())));
    QVERIFY(QDir(folder.path()).isEmpty());
    const auto written = save_sheet(sheet, m_images, {}, 72, svg);
    QVERIFY(written && *written == sheet_file_names(svg, sheet.pages.size()));
    for (std::size_t i = 0; i < written->size(); ++i) {
      QFile file(QString::fromStdString((*written)[i]));
      QVERIFY(file.open(QFile::ReadOnly));
      QCOMPARE(file.readAll().toStdString(), sheet_svg(sheet, i, m_images, {}));
    }
  }

  void a_row_of_plans_stands_side_by_side() {
    PlanFileSpec spec;
    spec.size = 64;
    spec.bare = true;
    spec.values = {30, 60};
    const QImage bare = *plan_image(m_piece, spec);
    QCOMPARE(bare.size(), QSize(128, 64));
    const Wheel wheel(m_piece.wheel);
    const MaskRegion mask(*m_piece.mask);
    for (int i = 0; i < 2; ++i) {
      PlanSpec one;
      one.value = spec.values[std::size_t(i)];
      one.size = 64;
      const PixelPicture disc = *plan_disc(wheel, &mask, one);
      for (int y = 0; y < 64; ++y)
        for (int x = 0; x < 64; ++x)
          QCOMPARE(bare.pixel(64 * i + x, y), disc.pixels[std::size_t(y * 64 + x)].word);
    }
    // With names there is room around each, a sixth of a disc, and words in it.
    spec.bare = false;
    const QImage named = *plan_image(m_piece, spec);
    QCOMPARE(named.size(), QSize(2 * 84, 84));
    int written = 0;
    for (int y = 0; y < 84; ++y)
      for (int x = 0; x < 84; ++x) {
        const double r = std::hypot(x + 0.5 - 42, y + 0.5 - 42);
        written += r > 34 && qAlpha(named.pixel(x, y)) > 128;
      }
    QVERIFY(written > 40);
    // A tick on the rim at each hue, and its name around a place beyond it.
    PlanFileSpec large = spec;
    large.size = 400, large.values = {50};
    const QImage one = *plan_image(m_piece, large);
    const double room = (one.width() - 400) / 2.0;
    for (const NamedHue& hue : named_hues(m_piece.wheel.hues)) {
      const DiscPoint tick = disc_point(Angle(hue.angle), 1.015), name = disc_point(Angle(hue.angle), 1.13);
      const auto on = [&](DiscPoint p) { return QPointF(room + (p.x + 1) * 200, room + (1 - p.y) * 200); };
      QVERIFY(qAlpha(one.pixel(int(on(tick).x()), int(on(tick).y()))) > 128);
      double x = 0, y = 0, all = 0;
      for (int v = -18; v <= 18; ++v)
        for (int u = -18; u <= 18; ++u) {
          const QPoint p = on(name).toPoint() + QPoint(u, v);
          if (!one.rect().contains(p)) continue;
          const double alpha = qAlpha(one.pixel(p));
          x += alpha * u, y += alpha * v, all += alpha;
        }
      QVERIFY2(all > 255 * 30 && std::abs(x / all) < 2.5 && std::abs(y / all) < 2.5, hue.label.data());
    }
    // On a ground nothing is transparent.
    for (const auto& [ground, word] : {std::pair(PlanGround::Dark, 0xff2b2b2bu),
                                       {PlanGround::Middle, 0xff777777u},
                                       {PlanGround::Light, 0xfff6f6f6u}}) {
      PlanFileSpec on = spec;
      on.ground = ground, on.bare = true;
      const QImage image = *plan_image(m_piece, on);
      QCOMPARE(image.pixel(0, 0), word);
      QCOMPARE(qAlpha(image.pixel(40, 30)), 255);
    }
    spec.size = 15;
    QCOMPARE(plan_image(m_piece, spec).error().place, std::string("size"));
    spec.size = 64;
    spec.values.assign(12, 50);
    QCOMPARE(plan_image(m_piece, spec).error().place, std::string("values"));
    spec.values.assign(11, 50);
    QVERIFY(plan_image(m_piece, spec));
    spec.size = 8192;
    QCOMPARE(plan_image(m_piece, spec).error().code, ErrorCode::TooLarge);
    spec.size = 64;
    QCOMPARE(plan_image(m_piece, spec, [](double) { return false; }).error().code, ErrorCode::Stopped);
  }

  void the_outline_is_the_mask_on_the_rim() {
    const auto all = elements_of(plan_outline_svg(m_piece, 200));
    const double whole = all[0].number("width"), room = (whole - 200) / 2;
    QCOMPARE(all[0].number("height"), whole);
    QCOMPARE(all[0].values.at("viewBox"), QStringLiteral("0 0 %1 %1").arg(whole, 0, 'f', 3));
    QVERIFY(std::abs(room - 32) < 0.5);
    std::vector<Element> circles, lines, texts;
    const Element* path = nullptr;
    for (const Element& e : all) {
      if (e.name == "circle") circles.push_back(e);
      if (e.name == "line") lines.push_back(e);
      if (e.name == "text") texts.push_back(e);
      if (e.name == "path") path = &e;
    }
    const auto hues = named_hues(m_piece.wheel.hues);
    QVERIFY(circles.size() == 2 && lines.size() == hues.size() && texts.size() == hues.size() && path);
    QVERIFY(near(circles[0].number("cx"), room + 100) && near(circles[0].number("cy"), room + 100) &&
            near(circles[0].number("r"), 100));
    const auto place = [&](double angle, double r) {
      const DiscPoint p = disc_point(Angle(angle), r);
      return std::pair(room + (p.x + 1) * 100, room + (1 - p.y) * 100);
    };
    for (std::size_t i = 0; i < hues.size(); ++i) {
      const auto rim = place(hues[i].angle, 1), out = place(hues[i].angle, 1.03),
                 beyond = place(hues[i].angle, 1.13);
      QVERIFY(near(lines[i].number("x1"), rim.first) && near(lines[i].number("y1"), rim.second));
      QVERIFY(near(lines[i].number("x2"), out.first) && near(lines[i].number("y2"), out.second));
      QVERIFY(near(texts[i].number("x"), beyond.first) && near(texts[i].number("y"), beyond.second + 2.4));
      QVERIFY(near(texts[i].number("font-size"), 7.2));
      QCOMPARE(texts[i].text.toStdString(), std::string(hues[i].name));
    }
    const MaskRegion mask(*m_piece.mask);
    QCOMPARE(path->values.at("d").count('Z'), qsizetype(mask.outlines().size()));
    const DiscPoint first = mask.outlines()[0][0];
    QVERIFY(path->values.at("d").startsWith(QStringLiteral("M%1 %2")
                                                .arg(room + (first.x + 1) * 100, 0, 'f', 3)
                                                .arg(room + (1 - first.y) * 100, 0, 'f', 3)));
    const DiscPoint middle = *mask.centroid();
    QVERIFY(near(circles[1].number("cx"), room + (middle.x + 1) * 100) &&
            near(circles[1].number("cy"), room + (1 - middle.y) * 100));
    QVERIFY(near(circles[1].number("r"), 2.4));
    Piece without = m_piece;
    without.mask.reset();
    for (const Element& e : elements_of(plan_outline_svg(without, 200))) QVERIFY(e.name != "path");
  }

private:
  Piece m_piece = small_piece();
  std::pair<SheetSpec, Sheet> m_sheets[2];
  QImage m_reference;
  SheetImages m_images;
};

int main(int argc, char** argv) {
  QGuiApplication app(argc, argv);
  SheetFilesTest test;
  return QTest::qExec(&test, argc, argv);
}
#include "sheet_files_test.moc"
