// SPDX-License-Identifier: GPL-3.0-or-later
// Files of other makers, notation by notation: what is found in them, and what is said of the rest.
#include "core/color/convert.h"
#include "core/color/text.h"
#include "io/exchange/exchange.h"
#include "support/check.h"

#include <QFile>
#include <QImage>
#include <QRegularExpression>
#include <QStringEncoder>
#include <QTemporaryDir>
#include <nlohmann/json.hpp>

using namespace zc;

namespace {

Bytes bytes_of(const QByteArray& text) { return {text.begin(), text.end()}; }

/// "family/name=#rrggbb (note); ..." and the remarks, each after a bar.
QString told(const Result<FoundSet>& found) {
  if (!found) return QString::fromStdString(found.error().sentence());
  QStringList colors;
  for (const auto& family : found->families)
    for (const auto& c : family.colors)
      colors << QString::fromStdString(family.name + "/" + c.name + "=" + hex_of(c.color) +
                                       (c.note.empty() ? "" : " (" + c.note + ")"));
  QString out = colors.join("; ");
  for (const auto& remark : found->remarks) out += " | " + QString::fromStdString(in_english(remark));
  return out;
}

const QString kSkipped = QStringLiteral(" | One entry could not be read as a color and was left out.");
const QString kMoved =
    QStringLiteral(" | One color was outside what a display shows; the nearest color is used.");

void rows(const char* format, std::initializer_list<std::tuple<const char*, QByteArray, QString>> all) {
  for (const auto& [name, text, expected] : all) QTest::addRow("%s: %s", format, name) << text << expected;
}

/// A value of a custom property alone.
QByteArray css(const char* value) { return QByteArray(":root{--x:") + value + "}"; }
/// JSON written with apostrophes for quotes.
QByteArray json(QByteArray text) { return text.replace('\'', '"'); }
QByteArray cxf(const QByteArray& objects, const QByteArray& specifications = {}) {
  return "<?xml version='1.0'?><CxF "
         "xmlns='http://colorexchangeformat.com/CxF3-core'><FileInformation><Description> street "
         "</Description></FileInformation><Resources><ObjectCollection>" +
         objects + "</ObjectCollection><ColorSpecificationCollection>" + specifications +
         "</ColorSpecificationCollection></Resources></CxF>";
}
QByteArray object(const QByteArray& values, const QByteArray& rest = {}) {
  return "<Object Name='o'><ColorValues>" + values + "</ColorValues>" + rest + "</Object>";
}
QByteArray table(const QByteArray& fields, const QByteArray& data, int sets) {
  return "CGATS.17\nDESCRIPTOR \"street \"\nNUMBER_OF_FIELDS " +
         QByteArray::number(fields.trimmed().split(' ').size()) + "\nBEGIN_DATA_FORMAT\n" + fields +
         "\nEND_DATA_FORMAT\nNUMBER_OF_SETS " + QByteArray::number(sets) + "\nBEGIN_DATA\n" + data +
         "\nEND_DATA\n";
}

} // namespace

class NotationsTest : public QObject {
  Q_OBJECT
private slots:
  void notations_are_read_data() {
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<QString>("expected");
    const QString none =
        QStringLiteral("\"file\" was not imported. The file has no color that can be read as ");
    // CSS Color 4 and Custom Properties 1.
    rows("css",
         {
             {"short hex", css("#AbC"), "/x=#aabbcc"},
             {"short hex, alpha", css("#abcd"), "/x=#aabbcc"},
             {"hex, alpha", css("#80c0ff00"), "/x=#80c0ff"},
             {"bad digit", css("#80c0fg"), none + "CSS."},
             {"five digits", css("#80c0f"), none + "CSS."},
             {"rgb with commas", css("rgb(255, 128, 0)"), "/x=#ff8000"},
             {"rgb with spaces and alpha", css("RGB(255 128 0 / 50%)"), "/x=#ff8000"},
             {"rgba", css("rgba(255,128,0,0.5)"), "/x=#ff8000"},
             {"rgb in percent", css("rgb(100% 20% 0%)"), "/x=#ff3300"},
             {"rgb, two numbers", css("rgb(1, 2)"), none + "CSS."},
             {"rgb, words", css("rgb(a b c)"), none + "CSS."},
             {"rgb, not closed", css("rgb(1 2 3"), none + "CSS."},
             {"none", css("rgb(none 128 none)"), "/x=#008000"},
             {"plus signs", css("rgb(+255 +0 +0)"), "/x=#ff0000"},
             {"hsl, negative", css("hsl(-120 100% 50%)"), "/x=#0000ff"},
             {"hsl, beyond a turn", css("hsl(480 100% 50%)"), "/x=#00ff00"},
             {"hsl, deg", css("hsl(120deg 100% 50%)"), "/x=#00ff00"},
             {"hsl, turn", css("hsl(0.5turn, 100%, 50%)"), "/x=#00ffff"},
             {"hsl, grad", css("hsl(400grad 100% 50%)"), "/x=#ff0000"},
             {"hsl, rad", css("hsl(3.14159265rad 100% 50%)"), "/x=#00ffff"},
             {"hsla, plain numbers", css("hsla(60 100 50 / 0.2)"), "/x=#ffff00"},
             {"hwb", css("hwb(120 0% 0%)"), "/x=#00ff00"},
             {"hwb, grey", css("hwb(120 60% 60%)"), "/x=#808080"},
             {"hwb, all white", css("hwb(200 100% 0%)"), "/x=#ffffff"},
             {"lab", css("lab(100 0 0)"), "/x=#ffffff"},
             {"lab beyond white", css("lab(110% 0 0)"), "/x=#ffffff"},
             {"lab below black", css("lab(-5 0 0)"), "/x=#000000"},
             {"oklab", css("oklab(100% 0 0)"), "/x=#ffffff"},
             {"oklch beyond white", css("oklch(1.2 0.1 40)"), "/x=#ffffff"},
             {"color of srgb", css("color(srgb 1 0.5 0)"), "/x=#ff8000"},
             {"color in percent, alpha", css("color(srgb 100% 50% 0% / 0.3)"), "/x=#ff8000"},
             {"color of no space", css("color(srgb)"), none + "CSS."},
             {"color of unknown space", css("color(press 1 0 0)"), none + "CSS."},
             {"unknown function", css("mix(1 2 3)"), none + "CSS."},
             {"name", css("Tomato"), "/x=#ff6347"},
             {"no color: transparent", css("transparent"), none + "CSS."},
             {"no color: word", css("inherit"), none + "CSS."},
             {"no color: other property", css("var(--y)"), none + "CSS."},
             {"one good, one not", ":root { --a: #010203; --b: 4px }", "/a=#010203" + kSkipped},
             {"many left out", "--a:#010203;--b:1px;--c:2px;",
              "/a=#010203 | 2 entries could not be read as colors and were left out."},
             {"many moved", "--a:color(srgb 1.5 1.5 1.5);--b:color(srgb 2 2 2);",
              "/a=#ffffff; /b=#ffffff | Colors outside what a display shows: 2; the nearest ones are "
              "used."},
             {"names and families",
              "/* sky */\n--wall-in_dusk: #010203;\n--b: #040506; /* far \\*\\/ wall\\n2 */\n/* metal "
              "*/\n--c: "
              "#070809",
              "sky/wall in dusk=#010203; sky/far */ wall\n2=#040506"},
             {"comment two lines on", "--a:#010203;\n\n/* x */\n--b:#040506;", "/a=#010203; x/b=#040506"},
             {"comment within a value", "--a: /* red */ #010203;", "/a=#010203"},
             {"comment of nothing", "--a: #010203; /**/\n--b: #040506; /* x */", "/=#010203; /x=#040506"},
             {"comment without end", "--a: #010203; /* x", "/x=#010203"},
             {"backslashes", "--a:#010203; /* a\\\\b\\rc\\qd */", "/a\\b\rcqd=#010203"},
             {"in braces and quotes", "body{content:\"--n:#fff;}\";--a:#010203}", "/a=#010203"},
             {"quoted quote", "p{content:'\\'--n:#fff;'; --a:#010203}", "/a=#010203"},
             {"on one line with quotes", ":root{--font:\"A, B\";--a:#010203}", "/a=#010203" + kSkipped},
             {"a quoted brace", ":root{content:'}--n:#fff;';--m:\"}--n:#fff;\";--a:#010203}",
              "/a=#010203" + kSkipped},
             {"color of nothing", css("color()"), none + "CSS."},
             {"no custom property", ":root{--a:#010203;color:#fff}", "/a=#010203"},
             {"no colon", ":root{--b; --a:#010203}", "/a=#010203"},
         });
    // Design Tokens Community Group: format and color modules.
    const char* red = "{'colorSpace':'srgb','components':[1,0,0]}";
    const auto token = [&](const char* value) { return json(QByteArray("{'a':{'$value':") + value + "}}"); };
    rows(
        "tokens",
        {
            {"at the top", token(red), "/a=#ff0000"},
            {"hex text", token("'#0f0'"), "/a=#00ff00"},
            {"hex field", token("{'colorSpace':'srgb','hex':'#0f0'}"), "/a=#00ff00"},
            {"components before hex", token("{'colorSpace':'srgb','components':[1,0,0],'hex':'#0f0'}"),
             "/a=#ff0000"},
            {"two components", token("{'colorSpace':'srgb','components':[1,0],'hex':'#0f0'}"), "/a=#00ff00"},
            {"none", token("{'colorSpace':'srgb','components':['none',1,'none']}"), "/a=#00ff00"},
            {"a word for a number", token("{'colorSpace':'srgb','components':['x',1,0]}"),
             none + "design tokens."},
            {"unknown space", token("{'colorSpace':'press','components':[0,1,0]}"), none + "design tokens."},
            {"no space", token("{'components':[0,1,0]}"), none + "design tokens."},
            {"outside what a display shows", token("{'colorSpace':'srgb','components':[1.5,1.5,1.5]}"),
             "/a=#ffffff" + kMoved},
            {"not finite", token("{'colorSpace':'srgb','components':[1e300,0,0]}"), none + "design tokens."},
            {"groups", json("{'sky':{'day':{'a':{'$value':'#010203'}},'b':{'$value':'#040506'}}}"),
             "sky / day/a=#010203; sky/b=#040506"},
            {"type of the group",
             json("{'g':{'$type':'dimension','a':{'$value':'4px'},'b':{'$value':'#010203'}},"
                  "'c':{'$value':'#040506'}}"),
             "/c=#040506"},
            {"type of its own", json("{'g':{'$type':'dimension','b':{'$type':'color','$value':'#010203'}}}"),
             "g/b=#010203"},
            {"type from further up", json("{'$type':'number','g':{'h':{'b':{'$value':'#010203'}}}}"),
             none + "design tokens."},
            {"typed and no color", json("{'$type':'color','b':{'$value':'#01020'},'a':{'$value':'#010203'}}"),
             "/a=#010203" + kSkipped},
            {"aliases", json("{'g':{'a':{'$value':'#010203'}},'b':{'$value':'{g.a}'},'c':{'$value':'{b}'}}"),
             "g/a=#010203; /b=#010203; /c=#010203"},
            {"alias of nothing", json("{'a':{'$value':'#010203'},'b':{'$value':'{g.x}'}}"),
             "/a=#010203" + kSkipped},
            {"alias of a group", json("{'g':{'a':{'$value':'#010203'}},'b':{'$value':'{g}'}}"),
             "g/a=#010203" + kSkipped},
            {"alias of itself", json("{'a':{'$value':'#010203'},'b':{'$value':'{b}'}}"),
             "/a=#010203" + kSkipped},
            {"note", json("{'a':{'$value':'#010203','$description':'for walls'}}"), "/a=#010203 (for walls)"},
            {"own names",
             json("{'g':{'$extensions':{'app.zonachrom':{'name':'a.b'}},'t':{'$value':'#010203',"
                  "'$extensions':{'app.zonachrom':{'name':'{x}'}}},'u':{'$value':'#040506','$extensions':"
                  "{'elsewhere':{'name':'no'}}}}}"),
             "a.b/{x}=#010203; a.b/u=#040506"},
            {"fields of the format", json("{'$description':{'$value':'#fff'},'a':{'$value':'#010203'}}"),
             "/a=#010203"},
            {"a list", json("[{'a':{'$value':'#010203'}}]"), none + "design tokens."},
            {"broken", "{\"a\": }", "\"file\" was not imported. The JSON is damaged at byte 7."},
        });
    // ISO 17972-1. CIELAB is D50 unless its specification says D65; L* 100 is white under both.
    const QByteArray d65 =
        "<ColorSpecification Id='s'><TristimulusSpec><Illuminant> D65 </Illuminant></TristimulusSpec>"
        "</ColorSpecification>";
    const auto lab = [](const char* l, const char* a, const char* b, const char* attributes = "") {
      return QByteArray("<ColorCIELab ") + attributes + "><L>" + l + "</L><A>" + a + "</A><B>" + b +
             "</B></ColorCIELab>";
    };
    const auto srgb = [](const char* r, const char* g, const char* b, const char* attributes = "") {
      return QByteArray("<ColorSRGB ") + attributes + "><R>" + r + "</R><G>" + g + "</G><B>" + b +
             "</B></ColorSRGB>";
    };
    rows("cxf",
         {
             {"srgb", cxf(object(srgb("255", "128", "0"))), "/o=#ff8000"},
             {"srgb to 1", cxf(object(srgb("1", "0.5", "0", "MaxRange='1'"))), "/o=#ff8000"},
             {"srgb to nothing", cxf(object(srgb("1", "0", "0", "MaxRange='0'"))), none + "CxF."},
             {"lab of red under D50", cxf(object(lab("54.29", "80.81", "69.89"))), "/o=#ff0000"},
             {"lab of red under D65",
              cxf(object(lab("53.2408", "80.0925", "67.2032", "ColorSpecification='s'")), d65), "/o=#ff0000"},
             {"lab before srgb", cxf(object(srgb("1", "2", "3") + lab("100", "0", "0"))), "/o=#ffffff"},
             {"half a lab and an srgb",
              cxf(object("<ColorCIELab><L>50</L></ColorCIELab>" + srgb("1", "2", "3"))), "/o=#010203"},
             {"not a number", cxf(object(lab("x", "0", "0")) + object(srgb("1", "2", "3"))),
              "/o=#010203" + kSkipped},
             {"no color", cxf("<Object Name='n'/>" + object(srgb("1", "2", "3"))), "/o=#010203" + kSkipped},
             {"family and note",
              cxf(object(srgb("1", "2", "3"),
                         "<Comment>for walls</Comment><TagCollection><Tag Name='Other' Value='no'/>"
                         "<Tag Name='Family' Value='sky'/></TagCollection>")),
              "sky/o=#010203 (for walls)"},
             {"with a prefix",
              QByteArray(cxf(object(srgb("1", "2", "3"))))
                  .replace("<Obj", "<q:Obj")
                  .replace("</Obj", "</q:Obj"),
              "/o=#010203"},
             {"broken", "<CxF><Object", "\"file\" was not imported. The XML is damaged at byte 11."},
         });
    // ANSI CGATS.17; Lab and XYZ relative to D50, RGB as sRGB where it agrees with them.
    rows("cgats",
         {
             {"rgb", table("SAMPLE_ID RGB_R RGB_G RGB_B", "P1 255 128 0", 1), "/P1=#ff8000"},
             {"a name before an id",
              table("SAMPLE_ID SAMPLE_NAME RGB_R RGB_G RGB_B", "1 \"wet stone\" 1 2 3", 1),
              "/wet stone=#010203"},
             {"family", table("SAMPLE_ID FAMILY RGB_R RGB_G RGB_B", "a \"sky \" 1 2 3", 1), "sky/a=#010203"},
             {"lab", table("SAMPLE_ID LAB_L LAB_A LAB_B", "P1 54.29 80.81 69.89", 1), "/P1=#ff0000"},
             {"xyz", table("SAMPLE_ID XYZ_X XYZ_Y XYZ_Z", "P1 96.42 100 82.49", 1), "/P1=#ffffff"},
             {"lab before xyz", table("SAMPLE_ID XYZ_X XYZ_Y XYZ_Z LAB_L LAB_A LAB_B", "P1 0 0 0 100 0 0", 1),
              "/P1=#ffffff"},
             {"rgb of another device",
              table("SAMPLE_ID RGB_R RGB_G RGB_B LAB_L LAB_A LAB_B", "P1 10 200 30 100 0 0", 1),
              "/P1=#ffffff"},
             {"rgb that agrees",
              table("SAMPLE_ID RGB_R RGB_G RGB_B LAB_L LAB_A LAB_B", "P1 254 255 254 99.9 0 0", 1),
              "/P1=#fefffe"},
             {"a word for a number", table("SAMPLE_ID RGB_R RGB_G RGB_B", "P1 1 2 3\nP2 x 2 3", 2),
              "/P1=#010203" + kSkipped},
             {"no color columns", table("SAMPLE_ID CMYK_C", "P1 7", 1), none + "CGATS."},
             {"out of the display", table("SAMPLE_ID LAB_L LAB_A LAB_B", "P1 110 0 0", 1),
              "/P1=#ffffff" + kMoved},
         });
    // RFC 4180, and what tables of other programs look like.
    rows("csv",
         {
             {"any order and case", "Note,B,HEX, Family ,a,Name,l\nfor walls,,#010203,sky,,stone,\n",
              "sky/stone=#010203 (for walls)"},
             {"columns of others", "id,hex,name\n7,#010203,stone\n", "/stone=#010203"},
             {"semicolons", "name;hex\n\"a;b\";#010203\n", "/a;b=#010203"},
             {"tabs", "name\thex\na, b\t#010203\n", "/a, b=#010203"},
             {"quotes", "name,hex\n\"a \"\"b\"\", c\",#010203\n", "/a \"b\", c=#010203"},
             {"lab alone", "name,L,a,b\nred,53.2408,80.0925,67.2032\n", "/red=#ff0000"},
             {"lab that agrees", "hex,L,a,b\n#ff0000,53.2408,80.0925,67.2032\n", "/=#ff0000"},
             {"lab that does not", "hex,L,a,b\n#0000ff,53.2408,80.0925,67.2032\n", "/=#0000ff"},
             {"lab at its ends", "name,L,a,b\nw,100,0,0\nb,0,0,0\n", "/w=#ffffff; /b=#000000"},
             {"lab too light", "name,L,a,b\nx,100.1,0,0\ny,0,0,0\n", "/y=#000000" + kSkipped},
             {"lab too dark", "name,L,a,b\nx,-0.1,0,0\ny,0,0,0\n", "/y=#000000" + kSkipped},
             {"lab too far", "name,L,a,b\nx,50,201,0\nz,50,0,-201\ny,0,0,0\n",
              "/y=#000000 | 2 entries could not be read as colors and were left out."},
             {"lab out of the display", "name,L,a,b\nx,100,60,0\n", "/x=#ffe2f5" + kMoved},
             {"rows without a color", "name,hex\nx,none\ny,#010203\n", "/y=#010203" + kSkipped},
             {"empty and short rows", "name,hex,note\n , ,\nx,#010203\n,,\n", "/x=#010203"},
             {"no header", "stone,#010203\nwall,#040506\n", "/stone=#010203; /wall=#040506"},
             {"no header, hex first", "#010203,\"stone\",other\n", "/stone=#010203"},
             {"quote without end", "name,hex\n\"x,#010203\n",
              "\"file\" was not imported. The table is damaged after row 1; check its quotation marks."},
             {"header alone", "name,hex\n", none + "CSV."},
         });
    rows("hex", {
                    {"with a name", "#010203 wet stone\n", "/wet stone=#010203"},
                    {"without a sign", "010203\tstone", "/stone=#010203"},
                    {"short", "#abc", "/=#aabbcc"},
                    {"parted by others", "#010203: stone\n#040506;wall\n#070809, x\n",
                     "/stone=#010203; /wall=#040506; /x=#070809"},
                    {"lines of Windows and blank ones", "\r\n  #010203 a \r\n\r\n#040506 b\r\n",
                     "/a=#010203; /b=#040506"},
                    {"other lines", "; a list\n#010203 a\nnot one\n",
                     "/a=#010203 | 2 entries could not be read as colors and were left out."},
                    {"with a mark", "\xef\xbb\xbf#010203 a", "/a=#010203"},
                    {"no color", "ochre\n", none + "a hex list."},
                });
    // SVG 1.1.
    const auto svg = [](const QByteArray& inner) {
      return "<svg xmlns='http://www.w3.org/2000/svg'>" + inner + "</svg>";
    };
    rows("svg",
         {
             {"fill", svg("<rect fill='#010203'/>"), "/=#010203"},
             {"style before fill", svg("<rect fill='#fff' style='stroke:#000; fill : #010203 ;x:y'/>"),
              "/=#010203"},
             {"style without fill", svg("<rect fill='#010203' style='stroke:#000'/>"), "/=#010203"},
             {"title before id",
              svg("<rect id='i' fill='#010203'><title>t</title></rect><rect id='i' fill='#040506'/>"),
              "/t=#010203; /i=#040506"},
             {"note", svg("<rect fill='#010203'><desc>for walls</desc></rect>"), "/=#010203 (for walls)"},
             {"group", svg("<g><title>sky</title><rect fill='#010203'/><g><rect fill='#040506'/></g></g>"),
              "sky/=#010203; /=#040506"},
             {"no fill", svg("<rect/><rect fill='none'/><rect fill='#010203'/>"), "/=#010203"},
             {"a pattern", svg("<rect fill='url(#p)'/><rect fill='rgb(1,2,3)'/>"), "/=#010203" + kSkipped},
             {"name", svg("<rect fill='tomato'/>"), "/=#ff6347"},
             {"other shapes", svg("<circle fill='#010203'/>"), none + "SVG."},
         });
  }
  void notations_are_read() {
    QFETCH(QByteArray, text);
    QFETCH(QString, expected);
    const auto found = read_set_file(bytes_of(text), "file");
    const QString got = told(found);
    if (expected.contains("was not imported"))
      QVERIFY2(got.startsWith(expected), qPrintable(got));
    else
      QCOMPARE(got, expected);
  }
  void what_is_written_is_this() {
    SwatchSet set{1, "Row & \"dusk\""};
    set.families = {{2, "sky, <day>"}, {3, "empty"}, {4, "old\x01 */ ends"}};
    set.families.change(0).swatches = {
        {5, srgb_from_8bit({0x80, 0x88, 0xff}), {}, "far \"wall\"\nlow", "note; a"},
        {6, srgb_from_8bit({0, 0, 0}), {}, "soot"}};
    set.families.change(2).swatches = {{7, srgb_from_8bit({0xff, 0xff, 0xff}), {}, "soot"},
                                       {8, {1, 0, 0}, {}, "$a.{b}"}};
    const auto written = [&](ExchangeFormat format) {
      const Bytes bytes = *write_set(set, format);
      return QString::fromUtf8(reinterpret_cast<const char*>(bytes.data()),
                               static_cast<qsizetype>(bytes.size()));
    };
    QCOMPARE(written(ExchangeFormat::Hex),
             QStringLiteral("#8088ff far \"wall\" low\n#000000 soot\n#ffffff soot\n#ff0000 $a.{b}\n"));
    const QStringList csv = written(ExchangeFormat::Csv).split("\r\n");
    QCOMPARE(csv[0], QStringLiteral("\"family\",\"name\",\"hex\",\"note\",\"L\",\"a\",\"b\""));
    QVERIFY(csv[1].startsWith("\"sky, <day>\",\"far \"\"wall\"\"\nlow\",\"#8088ff\",\"note; a\",\"") &&
            csv[1].count(',') == 7);
    QVERIFY(csv[2].startsWith("\"sky, <day>\",\"soot\",\"#000000\",\"\",\"0\",\"0\",\"0\"") &&
            csv.size() == 6 && csv[5].isEmpty());
    // What a spreadsheet would take for a formula is text there, and the same name here.
    SwatchSet formulas{1, "set"};
    formulas.families = {{2, "=family"}};
    Id id = 3;
    for (const char* name : {"=1+1", "+rim", "-rim", "@rim", "'=quoted", "''-twice", "rim's", "'rim'"})
      formulas.families.change(0).swatches.push_back(
          {id++, {0.5, 0.25, 0.1}, {}, name, std::string(name) + " note"});
    const Bytes table = *write_set(formulas, ExchangeFormat::Csv);
    const std::string text(table.begin(), table.end());
    for (const char* cell : {"\"=", "\"+", "\"-r", "\"@"})
      QVERIFY2(text.find(cell) == std::string::npos, cell);
    const auto returned = read_set_file(table, "set.csv");
    QVERIFY(returned && returned->families.size() == 1);
    QCOMPARE(returned->families[0].name, formulas.families[0].name);
    for (std::size_t i = 0; i < formulas.families[0].swatches.size(); ++i) {
      QCOMPARE(returned->families[0].colors[i].name, formulas.families[0].swatches[i].name);
      QCOMPARE(returned->families[0].colors[i].note, formulas.families[0].swatches[i].note);
    }
    QCOMPARE(
        written(ExchangeFormat::Css),
        QStringLiteral(
            ":root {\n\n  /* sky, <day> */\n  --sky-day-far-wall-low: #8088ff; /* far \"wall\"\\nlow */\n"
            "  --sky-day-soot: #000000; /* soot */\n\n  /* old *\\/ ends */\n"
            "  --old-ends-soot: #ffffff; /* soot */\n  --old-ends-a-b: #ff0000; /* $a.{b} */\n}\n"));
    using J = nlohmann::ordered_json;
    const J tokens = J::parse(written(ExchangeFormat::Tokens).toStdString());
    QVERIFY(tokens["$extensions"]["app.zonachrom"]["set"] == set.name && tokens.size() == 4);
    const J& sky = tokens["sky, <day>"];
    QVERIFY(sky["$type"] == "color" && !sky.contains("$extensions") && sky.size() == 3);
    const J& wall = sky["far \"wall\" low"];
    QVERIFY(wall["$description"] == "note; a" &&
            wall["$extensions"]["app.zonachrom"]["name"] == "far \"wall\"\nlow");
    QVERIFY(wall["$value"] ==
            (J{{"colorSpace", "srgb"}, {"components", {128 / 255.0, 136 / 255.0, 1.0}}, {"hex", "#8088ff"}}));
    QVERIFY(!sky["soot"].contains("$description") && !sky["soot"].contains("$extensions"));
    QVERIFY(tokens["empty"].size() == 1 &&
            tokens["old */ ends"]["_a__b_"]["$extensions"]["app.zonachrom"]["name"] == "$a.{b}");
    // Names that are the same, or none, are made different where the format needs it.
    SwatchSet alike{1, "s"};
    alike.families = {{2, "f"}, {3, "f"}, {4, "銅 Ω"}, {5, "!"}};
    alike.families.change_each([](Family& family) {
      for (const char* name : {"a", "a", ""})
        family.swatches.push_back({10 + family.id, {1, 1, 1}, {}, name});
    });
    const Bytes sheet = *write_set(alike, ExchangeFormat::Css),
                json_bytes = *write_set(alike, ExchangeFormat::Tokens);
    const QString css =
        QString::fromUtf8(reinterpret_cast<const char*>(sheet.data()), static_cast<qsizetype>(sheet.size()));
    QStringList properties;
    for (const auto& line : css.split('\n'))
      if (line.startsWith("  --")) properties << line.section(':', 0, 0).trimmed();
    QCOMPARE(properties, (QStringList{"--f-a", "--f-a-2", "--f", "--f-a-3", "--f-a-4", "--f-2", "--銅-Ω-a",
                                      "--銅-Ω-a-2", "--銅-Ω", "--a", "--a-2", "--color"}));
    QCOMPARE(css.count("#ffffff"), 12);
    const J named = J::parse(json_bytes.begin(), json_bytes.end());
    QVERIFY(named.contains("f") && named.contains("f 2") &&
            named["f 2"]["$extensions"]["app.zonachrom"]["name"] == "f");
    QVERIFY(named["f"].contains("a 2") && named["f"].contains("unnamed") &&
            named["f"]["a 2"]["$extensions"]["app.zonachrom"]["name"] == "a");
    // Drawings: a square each, sixteen a row, families below each other; letters XML cannot hold are left
    // out.
    const QString svg = written(ExchangeFormat::Svg);
    QVERIFY(svg.contains(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"768\" height=\"96\">"));
    QVERIFY(svg.contains("<title>Row &amp; \"dusk\"</title>") && svg.contains("<title>old */ ends</title>") &&
            svg.count("<g>") == 2);
    QVERIFY(svg.contains("<rect x=\"48\" y=\"0\" width=\"48\" height=\"48\" fill=\"#000000\">") &&
            svg.contains("<rect x=\"0\" y=\"48\" width=\"48\" height=\"48\" fill=\"#ffffff\">"));
    QVERIFY(svg.count("<desc>") == 1 && svg.contains("<desc>note; a</desc>"));
    const List<Swatch> two = set.families[0].swatches;
    for (int i = 0; i < 16; ++i) set.families.change(0).swatches.push_back(two[1]);
    const QString wrapped = written(ExchangeFormat::Svg);
    QVERIFY(wrapped.contains("x=\"720\" y=\"0\"") && wrapped.contains("x=\"48\" y=\"48\"") &&
            wrapped.contains("height=\"144\">"));
    set.families.change(0).swatches = two;
    const QString cxf = written(ExchangeFormat::Cxf);
    QVERIFY(cxf.startsWith("<?xml version=\"1.0\" encoding=\"UTF-8\"?>") &&
            cxf.contains("<cc:Description>Row &amp; \"dusk\"</cc:Description>"));
    for (const char* part :
         {"xmlns:cc=\"http://colorexchangeformat.com/CxF3-core\"", "<cc:Creator>Zonachrom</cc:Creator>",
          "<cc:Object ObjectType=\"Standard\" Name=\"soot\" Id=\"c6\">", "<cc:Comment>note; a</cc:Comment>",
          "<cc:ColorCIELab ColorSpecification=\"D50-2\">",
          "<cc:ColorSRGB ColorSpecification=\"D65-2\" MaxRange=\"255\">", "<cc:R>128</cc:R>",
          "<cc:G>136</cc:G>", "<cc:B>255</cc:B>", "<cc:Tag Name=\"Family\" Value=\"old */ ends\"",
          "<cc:ColorSpecification Id=\"D50-2\">", "<cc:Illuminant>D50</cc:Illuminant>",
          "<cc:Observer>2_Degree</cc:Observer>", "<cc:ColorSpecification Id=\"D65-2\">",
          "<cc:Illuminant>D65</cc:Illuminant>"})
      QVERIFY2(cxf.contains(part), part);
    QCOMPARE(cxf.count("<cc:Comment>"), 1);
    const QString cgats = written(ExchangeFormat::Cgats);
    QVERIFY(cgats.startsWith("CGATS.17") && cgats.contains("ORIGINATOR\t\"Zonachrom\"") &&
            cgats.contains("DESCRIPTOR\t\"Row & 'dusk'\"") && !cgats.contains(" \""));
    QVERIFY2(QRegularExpression("NUMBER_OF_FIELDS\\s+9\\b").match(cgats).hasMatch() &&
                 QRegularExpression("NUMBER_OF_SETS\\s+4\\b").match(cgats).hasMatch(),
             qPrintable(cgats));
    QVERIFY2(QRegularExpression(
                 "SAMPLE_ID\\s+SAMPLE_NAME\\s+FAMILY\\s+RGB_R\\s+RGB_G\\s+RGB_B\\s+LAB_L\\s+LAB_A\\s+LAB_B")
                 .match(cgats)
                 .hasMatch(),
             qPrintable(cgats));
    QVERIFY2(
        QRegularExpression("\n\\s*4\\s+\"\\$a\\.\\{b\\}\"\\s+\"old \\*/ ends\"\\s+255\\s+0\\s+0\\s+54\\.")
            .match(cgats)
            .hasMatch(),
        qPrintable(cgats));
    // A text longer than the table's reader takes is cut, and the table can be read again.
    set.families.change(0).name = std::string(1100, 'x');
    const auto back = read_set_file(*write_set(set, ExchangeFormat::Cgats), "t");
    QVERIFY2(back, back ? "" : back.error().sentence().c_str());
    QCOMPARE(back->families[0].name, std::string(1000, 'x'));
    SwatchSet lines{1, "lines"};
    lines.families = {{2, "/f", {{3, {1, 1, 1}, {}, "a\r\nb\rc\nd\r"}, {4, {0, 0, 0}}}}};
    const Bytes list = *write_set(lines, ExchangeFormat::Hex);
    QCOMPARE(std::string(list.begin(), list.end()), std::string("#ffffff a b c d \n#000000\n"));
    const Bytes slash = *write_set(lines, ExchangeFormat::Css);
    QVERIFY(std::string(slash.begin(), slash.end()).find("/* /f */") != std::string::npos);
    for (const auto& format : kExchangeFormats) {
      SwatchSet none{1, "none"};
      none.families = {{2, "empty"}};
      const auto refused = write_set(none, format.format);
      QVERIFY(!refused &&
              refused.error().sentence() == "The set \"none\" has no swatches yet; add some first.");
    }
  }
  void sets_are_named_by_the_file_or_in_it() {
    const std::tuple<const char*, QByteArray, const char*> all[] = {
        {"dusk.tokens.json", json("{'a':{'$value':'#010203'}}"), "dusk"},
        {"dusk.tokens.json", json("{'$extensions':{'app.zonachrom':{'set':'Row'}},'a':{'$value':'#010203'}}"),
         "Row"},
        {"dusk.tokens.json", json("{'$extensions':{'app.zonachrom':{'set':'  '}},'a':{'$value':'#010203'}}"),
         "dusk"},
        {"a/b.c/wet stone.css", css("#010203"), "wet stone"},
        {".hidden", "#010203", ".hidden"},
        {"bare", "#010203", "bare"},
        {"x.cxf", cxf(object("<ColorSRGB><R>1</R><G>2</G><B>3</B></ColorSRGB>")), "street"},
        {"x.txt", table("SAMPLE_ID RGB_R RGB_G RGB_B", "P1 1 2 3", 1), "street"},
        {"x.svg", "<svg><title>plates</title><rect fill='#010203'/></svg>", "plates"},
    };
    for (const auto& [file, text, name] : all) {
      const auto found = read_set_file(bytes_of(text), file);
      QVERIFY2(found, file);
      QCOMPARE(found->name, std::string(name));
    }
  }
  void letters_come_in_any_unicode() {
    const QString text = QStringLiteral("name,hex\nглина,#aa5522\n");
    for (const auto encoding :
         {QStringConverter::Utf8, QStringConverter::Utf16LE, QStringConverter::Utf16BE}) {
      QStringEncoder encode(encoding, QStringConverter::Flag::WriteBom);
      const QByteArray bytes = encode(text);
      QCOMPARE(told(read_set_file(bytes_of(bytes), "file")), QStringLiteral("/глина=#aa5522"));
    }
    // A zero makes it something else than text, and a picture it is not.
    QVERIFY(told(read_set_file(bytes_of(QByteArray("#010203 a\0b", 11)), "file")).contains("not a photo"));
  }
  void files_are_read_to_their_limits() {
    QByteArray list;
    for (std::size_t i = 0; i < kMostFoundColors; ++i) list += "#010203\n";
    QCOMPARE(color_count(*read_set_file(bytes_of(list), "list")), kMostFoundColors);
    const QByteArray more = list + "#040506\n";
    QCOMPARE(
        told(read_set_file(bytes_of(more), "list")),
        QStringLiteral("\"list\" was not imported. The file has more than 10000 colors; split it first."));
    QByteArray sheet = "hex,name\n" + QByteArray(list).replace("\n", ",a\n");
    QVERIFY(read_set_file(bytes_of(sheet), "t") && !read_set_file(bytes_of(sheet + "#010203,b\n"), "t"));
    QByteArray style = ":root{" + QByteArray(list).replace("#", "--a:#").replace("\n", ";") + "}";
    QVERIFY(read_set_file(bytes_of(style), "t") && !read_set_file(bytes_of(style + "--b:#fff;"), "t"));
    Bytes large(static_cast<std::size_t>(kLargestExchangeFile), ' ');
    std::copy_n("#010203 a", 9, large.begin());
    QCOMPARE(told(read_set_file(large, "t")), QStringLiteral("/a=#010203"));
    large.push_back(' ');
    QCOMPARE(told(read_set_file(large, "t")),
             QStringLiteral("\"t\" was not imported. The file is larger than 64 MB."));
    // As many different colors as a palette has, and one more, which makes it a photo.
    const QTemporaryDir folder;
    for (const std::size_t count : {kMostPaletteColors, kMostPaletteColors + 1}) {
      QImage image(1100, 2, QImage::Format_ARGB32);
      image.fill(0x00ffffff); // Transparent does not count, and a color counts once.
      for (std::size_t i = 0; i < count; ++i)
        for (const int y : {0, 1})
          image.setPixel(static_cast<int>(i), y, 0xff000000u | static_cast<QRgb>(i * 257));
      QVERIFY(image.save(folder.filePath("p.png")));
      QFile file(folder.filePath("p.png"));
      QVERIFY(file.open(QIODevice::ReadOnly));
      const auto found = read_set_file(bytes_of(file.readAll()), "p.png");
      QVERIFY(found);
      const bool palette = count == kMostPaletteColors;
      QCOMPARE(found->remarks.empty(), palette);
      if (palette) QCOMPARE(color_count(*found), count);
      if (!palette)
        QCOMPARE(in_english(found->remarks[0]),
                 "The picture has more than 1000 different colors, so a palette of " +
                     std::to_string(color_count(*found)) + " was taken from it.");
      else
        QCOMPARE(rounded_8bit(found->families[0].colors[300].color), (Srgb8{1, 45, 44}));
    }
    QImage veil(2, 1, QImage::Format_ARGB32);
    veil.setPixel(0, 0, 0x7f010203);
    veil.setPixel(1, 0, 0x80040506);
    QVERIFY(veil.save(folder.filePath("v.png")));
    QFile file(folder.filePath("v.png"));
    QVERIFY(file.open(QIODevice::ReadOnly));
    QCOMPARE(told(read_set_file(bytes_of(file.readAll()), "v.png")), QStringLiteral("/=#040506"));
  }
};

QTEST_GUILESS_MAIN(NotationsTest)
#include "notations_test.moc"
