// SPDX-License-Identifier: GPL-3.0-or-later
// Sets in every exchange format: round trips, files of other makers, broken files.
#include "core/color/convert.h"
#include "core/color/css_color.h"
#include "core/piece/edits.h"
#include "io/exchange/exchange.h"
#include "io/exchange/png_strip.h"
#include "support/check.h"
#include "support/reference_json.h"

#include <QColorSpace>
#include <QDir>
#include <QFile>
#include <QImage>
#include <lcms2.h>

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

SwatchSet a_set() {
  SwatchSet set{1, "set"};
  Family long_one{2, "long"}, empty{3, "empty"}, one{4, "one"};
  for (int i = 0; i < 20; ++i)
    long_one.swatches.push_back({10u + static_cast<Id>(i),
                                 srgb_from_8bit({static_cast<std::uint8_t>(i * 12), 7, 200}),
                                 {},
                                 "n" + std::to_string(i)});
  one.swatches.push_back({90, srgb_from_8bit({0xce, 0x85, 0x4e}), {}, "glow\non plaster"});
  set.families = {long_one, empty, one};
  return set;
}

/// Five families, three hundred swatches of random colors; names in many scripts, with all that formats trip
/// over.
SwatchSet large_set() {
  const char* names[] = {"Kupferglanz",
                         "медный отблеск",
                         "銅の光",
                         "لمعان النحاس",
                         "χάλκινη λάμψη",
                         "comma, quote \"q\" and 'a'",
                         "two\nlines",
                         "<tag> & ampersand;",
                         "*/ ends a comment",
                         "back\\slash",
                         "{braces}.and.dots",
                         "$dollar",
                         "#ff0000 is not it",
                         "🜠 alchemical copper",
                         "tab\there",
                         "=1+1"};
  const char* families[] = {"metal", "peau & ombre", "「灯」", "quote \"x\", comma", "sky/dusk"};
  std::mt19937 random(7);
  std::uniform_real_distribution<double> unit(0, 1);
  SwatchSet set{1, "Coppersmiths' Row, \"dusk\""};
  Id id = 10;
  for (const char* family : families) {
    Family filled{id++, family};
    for (int i = 0; i < 60; ++i) {
      Swatch s{id++, {unit(random), unit(random), unit(random)}};
      s.name = std::string(names[static_cast<std::size_t>(i) % std::size(names)]) + " " + std::to_string(i);
      if (i % 7 == 0) s.note = "for the \"rim\",\nnot the fill";
      filled.swatches.push_back(s);
    }
    set.families.push_back(filled);
  }
  return set;
}

double furthest(Srgb a, Srgb b) {
  return std::max({std::abs(a.r - b.r), std::abs(a.g - b.g), std::abs(a.b - b.b)});
}

FoundSet read_text(const QByteArray& text, const char* name = "file") {
  const auto found = read_set_file(Bytes(text.begin(), text.end()), name);
  if (!found) qFatal("%s", found.error().sentence().c_str());
  return *found;
}

const FoundColor& only(const FoundSet& found) {
  if (color_count(found) != 1) qFatal("not one color");
  return found.families[0].colors[0];
}

} // namespace

class ExchangeTest : public QObject {
  Q_OBJECT
private slots:
  void a_round_trip_keeps_colors_names_and_families_data() {
    QTest::addColumn<int>("format");
    for (const auto& f : kExchangeFormats)
      if (f.format != ExchangeFormat::Png)
        QTest::newRow(std::string(f.word).c_str()) << static_cast<int>(f.format);
  }
  /// Names that look like the signs of another format, first and last in the file.
  void hostile_names_come_back_data() { a_round_trip_keeps_colors_names_and_families_data(); }
  void hostile_names_come_back() {
    QFETCH(int, format);
    const auto f = static_cast<ExchangeFormat>(format);
    const char* names[] = {
        "Skin, family tones", "hex,name",    "BEGIN_DATA", "--font-family: x;",  "{\"a\": [1]}",
        "<CxF> & <svg>",      ":root { --a", "#ffffff",    "\"quoted\", and;so", "$value",
        "*/ url(x) /*",       "=1+1",        "a\tb",       "name;family",        "L,a,b"};
    for (const char* name : names) {
      SwatchSet set{1, "plain"};
      set.families = {
          {2, "plain", {{3, {1, 0, 0}, {}, name}, {4, {0, 1, 0}, {}, "leaf"}, {5, {0, 0, 1}, {}, name}}}};
      const auto found = read_set_file(*write_set(set, f), "round.trip");
      QVERIFY2(found && found->remarks.empty() && color_count(*found) == 3, name);
      const auto& colors = found->families[0].colors;
      const QString got = QString::fromStdString(colors[0].name), wanted = QString::fromLatin1(name);
      const bool table = f == ExchangeFormat::Cgats; // Its text has no double quotes.
      QCOMPARE(got.simplified(),
               table ? QString(wanted).replace('"', '\'').simplified() : wanted.simplified());
      QVERIFY2(colors[1].name == "leaf" && colors[2].name == colors[0].name, name);
      QVERIFY2(furthest(colors[0].color, {1, 0, 0}) < 1e-4 && furthest(colors[2].color, {0, 0, 1}) < 1e-4,
               name);
    }
  }
  void sheets_are_told_from_tables() {
    QCOMPARE(only(read_text("@charset \"utf-8\"; :root { --skin: #d8904a; }")).name, std::string("skin"));
    QCOMPARE(only(read_text(":root{--font-family: \"Plain\", serif; --skin:#d8904a}")).name,
             std::string("skin"));
    QCOMPARE(only(read_text("#d8904a Skin, family tones\n")).name, std::string("Skin, family tones"));
    for (const char* table : {"name,color\nskin,#d8904a\n", "family;color\nskin;#d8904a\n"})
      QCOMPARE(rounded_8bit(only(read_text(table)).color), (Srgb8{0xd8, 0x90, 0x4a}));
    // The first fifty lines tell whether a text is numbers, half of them are not enough.
    const QByteArray numbers = QByteArray("1 2 3\n").repeated(25),
                     words = QByteArray("#010203 word\n").repeated(24);
    QCOMPARE(color_count(read_text("words\n" + numbers + words + "4 5 6\n")), std::size_t{24});
    // A library's words are one sentence here.
    const auto broken = read_set_file(
        bytes_of("CGATS.17\nBEGIN_DATA_FORMAT\nRGB_R RGB_G\nEND_DATA_FORMAT\nBEGIN_DATA\n1 \"2\nEND_DATA\n"),
        "t.txt");
    QVERIFY(!broken && broken.error().sentence().find(": :") == std::string::npos &&
            broken.error().sentence().find('\n') == std::string::npos);
  }
  void a_round_trip_keeps_colors_names_and_families() {
    QFETCH(int, format);
    const auto f = static_cast<ExchangeFormat>(format);
    const SwatchSet set = large_set();
    const auto bytes = write_set(set, f);
    QVERIFY(bytes);
    const auto found = read_set_file(*bytes, "round.trip");
    QVERIFY2(found, found ? "" : found.error().sentence().c_str());
    QVERIFY(found->remarks.empty());
    const bool hex_list = f == ExchangeFormat::Hex, table = f == ExchangeFormat::Cgats;
    QCOMPARE(color_count(*found), std::size_t{300});
    QCOMPARE(found->families.size(), hex_list ? std::size_t{1} : set.families.size());
    const bool eight_bits = hex_list || f == ExchangeFormat::Css || f == ExchangeFormat::Svg;
    const bool notes = f == ExchangeFormat::Tokens || f == ExchangeFormat::Cxf || f == ExchangeFormat::Csv ||
                       f == ExchangeFormat::Svg;
    std::size_t at = 0;
    for (std::size_t i = 0; i < set.families.size(); ++i)
      for (std::size_t k = 0; k < 60; ++k, ++at) {
        const Swatch& s = set.families[i].swatches[k];
        const FoundColor& c = hex_list ? found->families[0].colors[at] : found->families[i].colors[k];
        QVERIFY(furthest(s.color, c.color) <= (eight_bits ? 0.5 / 255 + 1e-9 : 1e-4));
        std::string name = s.name, family = set.families[i].name;
        if (hex_list || table) std::replace(name.begin(), name.end(), '\n', ' ');
        if (table) {
          std::replace(name.begin(), name.end(), '"', '\'');
          std::replace(family.begin(), family.end(), '"', '\'');
        }
        QCOMPARE(c.name, name);
        if (!hex_list) QCOMPARE(found->families[i].name, family);
        if (notes) QCOMPARE(c.note, s.note);
      }
  }
  /// What is written and read again is the code as it was, with colors that no display has.
  void codes_go_through_cxf() {
    const Code codes[] = {
        code_with(WrittenInks{{100, 0, 0, 12.5}, "Coated <one>", "00ff"}, {55.5, -37.25, -50.125}),
        code_with(BookName{"A \"book\"", "R 204 & more"}, {45, 1.0 / 3, 20}, Finish::Metallic),
        code_with(WrittenInks{{0, 0, 0, 0}}, {100, 0, 0}, Finish::Fluorescent)};
    SwatchSet set{1, "codes"};
    set.families = {{2, "f"}};
    Id id = 3;
    for (const Code& code : codes) {
      Swatch s{id++, code.shown, {}, "n"};
      s.code = code;
      set.families.change(0).swatches.push_back(s);
    }
    // One that has another color by now, and one that never had a code.
    Swatch stale = set.families[0].swatches[0];
    stale.id = id++, stale.color = {0.5, 0.5, 0.5};
    set.families.change(0).swatches.push_back(stale);
    set.families.change(0).swatches.push_back({id++, {0.25, 0.5, 0.75}, {}, "plain"});
    const auto found = read_set_file(*write_set(set, ExchangeFormat::Cxf), "codes.cxf");
    QVERIFY(found);
    Piece piece = new_piece("");
    piece = *with_found(std::move(piece), *found, {});
    const auto& read = current_set(piece)->families[0].swatches;
    QCOMPARE(read.size(), std::size_t{5});
    for (std::size_t i = 0; i < 3; ++i) QVERIFY(code_of(read[i]) && *code_of(read[i]) == codes[i]);
    QVERIFY(!read[3].code && !read[4].code);
    // Names of a file become codes when the painter says that it is a color book.
    ImportPlan as_book;
    as_book.book = "The walls";
    piece = *with_found(new_piece(""), *found, as_book);
    const auto& named = current_set(piece)->families[0].swatches;
    QVERIFY(*code_of(named[0]) == codes[0]);
    QVERIFY(code_of(named[4]) &&
            std::get<BookName>(code_of(named[4])->as) == (BookName{"The walls", "plain"}));
    CHECK_NEAR(code_of(named[4])->lab.l, lab_d50_from_srgb({0.25, 0.5, 0.75}).l, 1e-9);
  }
  void png_strip_holds_every_color_exactly() {
    const Bytes png = *png_strip(a_set());
    const QImage image = QImage::fromData(png.data(), static_cast<int>(png.size()));
    // Twenty swatches wrap after sixteen; the empty family takes no row.
    QCOMPARE(image.size(), QSize(16 * kStripSquare, 3 * kStripSquare));
    const auto at = [&](int column, int row) {
      return image.pixel(column * kStripSquare + kStripSquare / 2, row * kStripSquare + kStripSquare / 2);
    };
    for (int i = 0; i < 20; ++i) QCOMPARE(at(i % 16, i / 16), qRgb(i * 12, 7, 200));
    QCOMPARE(at(0, 2), qRgb(0xce, 0x85, 0x4e));
    QCOMPARE(qAlpha(at(5, 2)), 0);
    QCOMPARE(image.colorSpace(), QColorSpace(QColorSpace::SRgb));
    // Read again: the different colors in reading order.
    const auto found = read_set_file(png, "strip.png");
    QVERIFY(found);
    QCOMPARE(color_count(*found), std::size_t{21});
    QCOMPARE(rounded_8bit(found->families[0].colors[3].color), (Srgb8{36, 7, 200}));
    QCOMPARE(rounded_8bit(found->families[0].colors[20].color), (Srgb8{0xce, 0x85, 0x4e}));
    // Hundreds of families go beyond what a painter of the toolkit can reach.
    SwatchSet tall{1, "tall"};
    for (Id i = 0; i < 700; ++i) tall.families.push_back({i + 2, "f", {{i + 1000, {0, 1, 0}, {}, "x"}}});
    const Bytes high = *png_strip(tall);
    const QImage strip = QImage::fromData(high.data(), static_cast<int>(high.size()));
    QCOMPARE(strip.height(), 700 * kStripSquare);
    QCOMPARE(strip.pixel(5, strip.height() - 5), qRgb(0, 255, 0));
    QVERIFY(!png_strip({}));
  }
  void a_photo_gives_a_palette() {
    QFile photo(QStringLiteral(DEMO_PHOTOS "/noon.jpg"));
    QVERIFY(photo.open(QIODevice::ReadOnly));
    const FoundSet found = read_text(photo.readAll(), "noon.jpg");
    QCOMPARE(color_count(found), static_cast<std::size_t>(kColorsOfPhoto));
    QCOMPARE(found.name, std::string("noon"));
    QCOMPARE(found.remarks.size(), std::size_t{1});
  }
  void css_colors_are_those_of_the_standard() {
    // CSS Color 4, sections 7.3, 8.2, 9.3 and 10.1: each row one color in several notations, by its examples,
    // from memory.
    const std::pair<const char*, const char*> same[] = {
        {"hsl(120deg 100% 25%)", "rgb(0, 127.5, 0)"},
        {"hsl(90 50% 50%)", "rgb(50% 75% 25%)"},
        {"hwb(90 50% 0%)", "rgb(75% 100% 50%)"},
        {"#29d", "rgb(34 153 221)"},
        {"lab(29.2345% 39.3825 20.0664)", "#7d2329"},
        {"lch(52.2345% 72.2 56.2)", "#c65d06"},
        {"oklab(40.101% 0.1147 0.0453)", "#7d2329"},
        {"oklch(59.686% 0.15619 49.7694)", "#c65d06"},
        {"color(srgb-linear 0.5 1 none)", "color(srgb 0.735357 1 0)"},
        {"lch(0 0 0)", "#000"},
        {"lab(0 0 0)", "#000"},
        {"hsl(0.5turn 100% 50%)", "aqua"}};
    for (const auto& [a, b] : same) {
      const Srgb x = only(read_text(QByteArray(":root{--x:") + a + "}")).color;
      const Srgb y = only(read_text(QByteArray(":root{--x:") + b + "}")).color;
      QVERIFY2(furthest(x, y) < (y == Srgb{} ? 1e-9 : 0.6 / 255), a);
    }
  }
  /// tests/reference/make_css_colors.mjs: culori 4.0.2, which refuses what the standard refuses and clamps
  /// what it clamps; colorjs.io 0.7.1 where it says more, as for comments and the curve of rec2020.
  void every_notation_agrees_with_two_libraries() {
    int compared = 0;
    for (const auto& row : reference_json("css_colors.json")) {
      const std::string text = row["text"];
      const auto read = css_color(text);
      QVERIFY2(read.has_value() == row["valid"].get<bool>(), text.c_str());
      if (!read) continue;
      // The libraries leave these beyond their ends.
      if (text.starts_with("rgb(300") || text.starts_with("rgb(-20") || text.starts_with("rgb(120%") ||
          text.find(" -50%") != std::string::npos || text.starts_with("lab(-10") ||
          text.starts_with("lab(none"))
        continue;
      const bool newer = text.find("rec2020") != std::string::npos;
      const auto& by = row["culori"].is_null() || newer ? row["colorjs"] : row["culori"];
      if (by.is_null() || by[0].is_null()) continue;
      ++compared;
      const double mine[] = {read->color.x, read->color.y, read->color.z, read->alpha};
      for (std::size_t i = 0; i < 4; ++i)
        QVERIFY2(std::abs(mine[i] - by[i].get<double>()) < 2e-4,
                 qPrintable(QString::fromStdString(text) + QStringLiteral(" %1").arg(mine[i])));
    }
    QVERIFY(compared > 65);
    // What the libraries leave as it is, the standard clamps as it is read (5.1), in either notation.
    for (const char* text : {"rgb(300 0 0)", "rgb(300, -5, 0)", "rgb(120% 0% 0%)"})
      QVERIFY2(rounded_8bit(typed_color(text)->color) == (Srgb8{255, 0, 0}), text);
    // The toolkit's table of SVG 1.1, section 4.4, and the one name that CSS Color 4 adds, from memory.
    for (const QString& name : QColor::colorNames()) {
      const auto read = css_color(name.toStdString());
      QVERIFY2(read.has_value() == (name != QStringLiteral("transparent")), qPrintable(name));
      const QColor color(name);
      QVERIFY2(!read || rounded_8bit(srgb_from_xyz(read->color)) ==
                            (Srgb8{static_cast<std::uint8_t>(color.red()),
                                   static_cast<std::uint8_t>(color.green()),
                                   static_cast<std::uint8_t>(color.blue())}),
               qPrintable(name));
    }
    QVERIFY(rounded_8bit(srgb_from_xyz(css_color("RebeccaPurple")->color)) == (Srgb8{0x66, 0x33, 0x99}));
    QVERIFY(rounded_8bit(srgb_from_xyz(css_color("rgb(34/**/153/* two */221)")->color)) ==
            (Srgb8{34, 153, 221}));
  }
  void four_numbers_are_inks() {
    for (const char* typed :
         {"20 40 0 12.5", "20, 40, 0, 12.5", " cmyk 20% 40% 0% 12.5% ", "CMYK 20,40 0,12.5"}) {
      const auto inks = typed_inks(typed);
      QVERIFY2(inks && *inks && **inks == (Ink{20, 40, 0, 12.5}), typed);
    }
    for (const char* other : {"", "20 40 0", "20 40 0 10 5", "20,40,0,10,", ",20 40 0 10", "20,,40 0 10",
                              "20 40 0 x", "#20400010", "rgb 20 40 0 10", "20deg 40 0 10", "20/40 0 10"})
      QVERIFY2(typed_inks(other) && !*typed_inks(other), other);
    for (const char* beyond : {"20 40 0 100.5", "-1 0 0 0"}) {
      QVERIFY2(!typed_inks(beyond), beyond);
      QCOMPARE(typed_inks(beyond).error().code, ErrorCode::BadInput);
    }
  }
  void typed_colors_are_opaque_colors() {
    const Srgb8 copper{0xce, 0x85, 0x4e};
    for (const char* text : {"#ce854e", "ce854e", " CE854E ", "#ce854eff", "ce854eff", "rgb(206 133 78)",
                             "rgba(206, 133, 78, 1)", "rgb(206 133 78 / 100%)", "hsl(25.8 56.6% 55.7%)",
                             "srgb:0.8078,0.5216,0.3059"}) {
      const auto read = typed_color(text);
      QVERIFY2(read && !read->moved && furthest(read->color, srgb_from_8bit(copper)) < 0.6 / 255, text);
    }
    QVERIFY(rounded_8bit(typed_color("#fa0")->color) == (Srgb8{0xff, 0xaa, 0}));
    QVERIFY(rounded_8bit(typed_color("fa0f")->color) == (Srgb8{0xff, 0xaa, 0}));
    QVERIFY(rounded_8bit(typed_color("Teal")->color) == (Srgb8{0, 0x80, 0x80}));
    QVERIFY(typed_color("oklch(0.7 0.4 150)")->moved); // Beyond what a display shows.
    for (const char* text : {"#ce854e80", "ce85", "#fa08", "rgb(206 133 78 / 0.5)", "hsla(25, 56%, 55%, 99%)",
                             "color(srgb 1 0 0 / 0.2)"})
      QVERIFY2(typed_color(text).error().sentence().ends_with("is partly transparent; give an opaque color."),
               text);
    for (const char* text :
         {"", "copper", "#12", "#12345", "transparent", "rgb(1 2)", "lab()", "12 34 256", "12 34"})
      QVERIFY2(!typed_color(text) &&
                   typed_color(text).error().sentence().find(" is not a color; ") != std::string::npos,
               text);
  }
  void tables_of_another_library_are_read() {
    // A table without our columns, by lcms2 itself, whose Lab is D50.
    cmsHANDLE table = cmsIT8Alloc(nullptr);
    cmsIT8SetSheetType(table, "CGATS.17");
    cmsIT8SetPropertyDbl(table, "NUMBER_OF_FIELDS", 4);
    cmsIT8SetPropertyDbl(table, "NUMBER_OF_SETS", 1);
    const char* fields[] = {"SAMPLE_ID", "LAB_L", "LAB_A", "LAB_B"};
    for (int i = 0; i < 4; ++i) cmsIT8SetDataFormat(table, i, fields[i]);
    // #ce854e by lcms2: the built-in sRGB profile to Lab, relative colorimetric.
    cmsHPROFILE srgb = cmsCreate_sRGBProfile(), lab = cmsCreateLab4Profile(nullptr);
    cmsHTRANSFORM to_lab =
        cmsCreateTransform(srgb, TYPE_RGB_DBL, lab, TYPE_Lab_DBL, INTENT_RELATIVE_COLORIMETRIC, 0);
    const double rgb[3] = {0xce / 255.0, 0x85 / 255.0, 0x4e / 255.0};
    cmsCIELab out;
    cmsDoTransform(to_lab, rgb, &out, 1);
    cmsIT8SetDataRowCol(table, 0, 0, "P1");
    cmsIT8SetDataRowColDbl(table, 0, 1, out.L);
    cmsIT8SetDataRowColDbl(table, 0, 2, out.a);
    cmsIT8SetDataRowColDbl(table, 0, 3, out.b);
    cmsUInt32Number size = 0;
    cmsIT8SaveToMem(table, nullptr, &size);
    QByteArray text(static_cast<qsizetype>(size), '\0');
    cmsIT8SaveToMem(table, text.data(), &size);
    text.truncate(static_cast<qsizetype>(strnlen(text.constData(), size)));
    const FoundSet found = read_text(text);
    QCOMPARE(only(found).name, std::string("P1"));
    QVERIFY(furthest(only(found).color, {rgb[0], rgb[1], rgb[2]}) < 1.0 / 255);
    cmsDeleteTransform(to_lab);
    cmsCloseProfile(srgb);
    cmsCloseProfile(lab);
    cmsIT8Free(table);
  }
  void what_is_no_palette_is_refused_in_one_sentence() {
    const QByteArray bad[] = {"",
                              "   ",
                              "hello world\n",
                              "{\"a\": ",
                              "[1,2]",
                              "CGATS.17\n.INCLUDE \"/etc/passwd\"\nBEGIN_DATA\nEND_DATA\n",
                              "<svg><rect",
                              "<svg/>",
                              "{\"a\": {\"$value\": 1e999}}",
                              "CGATS.17\nBEGIN_DATA\n1 2\n",
                              "name,hex\n\"open,#fff",
                              ":root{--x:4px}",
                              QByteArray("\x89PNG\r\n\x1a\n....", 12),
                              QByteArray(200, '{'),
                              "<!DOCTYPE x [<!ENTITY e SYSTEM 'file:///etc/passwd'>]><CxF>&e;</CxF>",
                              QByteArray("{\"a\":").repeated(3000)};
    for (const auto& text : bad) {
      const auto found = read_set_file(Bytes(text.begin(), text.end()), "odd.file");
      QVERIFY2(!found, text.left(40).constData());
      const QString sentence = QString::fromStdString(found.error().sentence());
      QVERIFY2(sentence.contains("odd.file") && sentence.endsWith('.') && !sentence.contains('\n'),
               qPrintable(sentence));
    }
  }
  void what_fuzzing_found_stays_mended() {
    // Each of these once crashed a reader or kept it busy without end.
    const QDir found(QStringLiteral(FUZZ_FOUND));
    const auto files = found.entryList(QDir::Files);
    QVERIFY(files.size() >= 4);
    for (const QString& name : files) {
      QFile file(found.filePath(name));
      QVERIFY(file.open(QIODevice::ReadOnly));
      const QByteArray bytes = file.readAll();
      const auto read = read_set_file(Bytes(bytes.begin(), bytes.end()), name.toStdString());
      QVERIFY2(read || !read.error().sentence().empty(), qPrintable(name));
    }
  }
};

QTEST_GUILESS_MAIN(ExchangeTest)
#include "exchange_test.moc"
