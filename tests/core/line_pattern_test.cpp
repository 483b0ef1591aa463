// SPDX-License-Identifier: GPL-3.0-or-later
// Lines in a user's own shape.
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/patterns/lines_pattern.h"
#include "core/session/copy_form.h"

#include <QTest>

#include <random>

using namespace zc;

class LinePatternTest : public QObject {
  Q_OBJECT
private slots:
  /// Whatever is between them: numbers have an end, and a line that no swatch has is not tried at all.
  void long_lines_are_no_swatches() {
    const LinePattern numbers = LinePattern::read("{name} {r} {g} {b}").value();
    std::string words;
    for (int i = 0; i < 60'000; ++i) words += "a ";
    int tries = 10'000;
    QVERIFY(!numbers.read_line(words, tries));
    QCOMPARE(tries, 10'000);
    QVERIFY(!numbers.read_line(words.substr(0, 90'000), tries));
    const int before = tries;
    QCOMPARE(numbers.read_line("a long name of words 1 2 3", tries)->at("name"),
             std::string("a long name of words"));
    QVERIFY(tries < before && tries > before - 100);
    tries = 3;
    QVERIFY(!numbers.read_line("a long name of words 1 2 3", tries));
  }
  void a_text_of_too_many_ways_is_refused() {
    const LinesPattern pattern = lines_pattern_from_text("{name} {r} {g} {b} {family} {note}!").value();
    std::string text;
    for (int i = 0; i < 20'000; ++i) text += "1 2 3 a-b 1 2 3 a-b 1 2 3 a-b 1 2 3 a-b 1 2 3 a-b 1 2 3 a-b\n";
    const auto read = set_from_lines(text, pattern);
    QVERIFY(!read);
    QCOMPARE(read.error().code, ErrorCode::TooLarge);
    // As many lines that the pattern fits are no hardship.
    text.clear();
    for (int i = 0; i < 9000; ++i) text += "a name of five words 1 2 3 dark in the shade!\n";
    QCOMPARE(color_count(set_from_lines(text, pattern).value()), std::size_t{9000});
  }
  void every_field_is_filled() {
    // Lab and LCh of #d8904a computed outside of this program by the formulas of IEC 61966-2-1 and CIE 15.
    const LineFields f{
        {0xd8 / 255.0, 0x90 / 255.0, 0x4a / 255.0}, "copper", "metal", "rim\nlight", "row", "dusk", 7, 19};
    const auto line = [&](const char* pattern) {
      const auto read = LinePattern::read(pattern);
      return read ? read->line(f) : "!" + read.error().sentence() + read.error().place;
    };
    QCOMPARE(line("{hex} {r},{g},{b}"), std::string("d8904a 216,144,74"));
    QCOMPARE(line("{r:4}{b:4}|{name:8}|{n}/{count}"), std::string(" 216  74|copper  |7/19"));
    QCOMPARE(line("{title}/{set}/{family}: {note}"), std::string("dusk/row/metal: rim light"));
    QCOMPARE(line("{{hex} {hex}"), std::string("{hex} d8904a"));
    QCOMPARE(line("{{{hex}}}"), std::string("{d8904a}"));
    QCOMPARE(line("{L} {a*} {b*}"), std::string("65.78 20.71 47.41"));
    QCOMPARE(line("{value} {chroma} {hue}"), std::string("65.78 51.73 66.40"));
    QCOMPARE(LinePattern::read("{a*} {b*} {hue}")->line({{0.5, 0.5, 0.5}}), std::string("0.00 0.00 0.00"));
  }
  void what_is_no_field_is_said_with_its_place() {
    for (const auto& [pattern, place] : {std::pair{"a {colour}", "3"},
                                         {"{hex", "1"},
                                         {"{r:}", "1"},
                                         {"x{r:0}", "2"},
                                         {"{r:100}", "1"},
                                         {"{r:-1}", "1"},
                                         {"{}", "1"},
                                         {"{hex}{L*}", "6"}}) {
      const auto read = LinePattern::read(pattern);
      QVERIFY2(!read, pattern);
      QCOMPARE(read.error().place, std::string(place));
      QVERIFY(read.error().sentence().ends_with('.'));
    }
  }
  void forms_are_what_other_programs_read() {
    const LineFields f{{0xd8 / 255.0, 0x90 / 255.0, 0x4a / 255.0}, "copper"};
    const auto in = [&](CopyForm form) { return *handed_text(form, "{name}={hex}", f); };
    QCOMPARE(in(CopyForm::Hex), std::string("#d8904a"));
    QCOMPARE(in(CopyForm::Digits), std::string("d8904a"));
    QCOMPARE(in(CopyForm::Rgb), std::string("216, 144, 74"));
    // CSS Color Module Level 4, 5.1.
    QCOMPARE(in(CopyForm::Css), std::string("rgb(216 144 74)"));
    QCOMPARE(in(CopyForm::Own), std::string("copper=d8904a"));
    QVERIFY(!handed_text(CopyForm::Own, "{", f));
  }

  void lines_come_back_data() {
    QTest::addColumn<QString>("pattern");
    QTest::newRow("hex") << "{hex} {name}\n";
    QTest::newRow("numbers") << "{r:3} {g:3} {b:3}  {name}\n";
    QTest::newRow("family line") << "== {family} ==\n{hex},{name}\n";
    QTest::newRow("all in one") << "{family};{r};{g};{b};{name};{note}\n";
    QTest::newRow("quoted") << "\"{name}\" {hex}\n";
    QTest::newRow("cielab") << "{L} {a*} {b*} {name}\n";
    QTest::newRow("cylinder") << "{value:6} {chroma:6} {hue:6} {name}\n";
    QTest::newRow("head and foot")
        << "// {title}, {set}\n// {count} colors\n{{\n{n}: #{hex} {name}\n}\n// end\n";
    QTest::newRow("name first") << "{name:30}|{hex}|\n";
    QTest::newRow("no names") << "{r},{g},{b}\n";
    QTest::newRow("names rule") << "{names without \",;\"\"\" but \"-\"}\n{name},{hex};\n";
    QTest::newRow("tabs") << "{n}\t{hex}\t{name}\t{family}\n";
  }
  /// 300 swatches in five families, colors within one step of eight bits.
  void lines_come_back() {
    QFETCH(QString, pattern);
    const auto read = lines_pattern_from_text(pattern.toStdString());
    QVERIFY2(read, read ? "" : read.error().sentence().c_str());
    QCOMPARE(*lines_pattern_from_text(text_of(*read)), *read);
    std::mt19937 random(3);
    SwatchSet set{1, "row"};
    const bool plain = !read->forbidden.empty();
    for (int f = 0; f < 5; ++f) {
      Family family{Id(f + 2), "family " + std::to_string(f)};
      for (int i = 0; i < 60; ++i) {
        const auto channel = [&] { return static_cast<std::uint8_t>(random() & 255u); };
        Swatch s{Id(100 + f * 60 + i), srgb_from_8bit({channel(), channel(), channel()})};
        s.name = "rim light " + std::to_string(i) + (plain ? "" : " \u00e9");
        s.note = "n" + std::to_string(i);
        family.swatches.push_back(s);
      }
      set.families.push_back(family);
    }
    const auto text = set_in_lines(set, "dusk", *read);
    QVERIFY2(text, text ? "" : text.error().sentence().c_str());
    const auto found = set_from_lines(*text, *read);
    QVERIFY2(found, found ? "" : found.error().sentence().c_str());
    QCOMPARE(color_count(*found), std::size_t{300});
    QVERIFY(found->remarks.empty());
    const bool families = pattern.contains("{family}"), names = pattern.contains("{name}");
    QCOMPARE(found->families.size(), families ? std::size_t{5} : std::size_t{1});
    std::size_t n = 0;
    for (const auto& family : found->families)
      for (const auto& c : family.colors) {
        const Swatch& s = set.families[n / 60].swatches[n % 60];
        if (families) QCOMPARE(family.name, set.families[n / 60].name);
        if (names) QCOMPARE(c.name, s.name);
        const Srgb8 a = rounded_8bit(c.color), b = rounded_8bit(s.color);
        QVERIFY(std::abs(a.r - b.r) <= 1 && std::abs(a.g - b.g) <= 1 && std::abs(a.b - b.b) <= 1);
        ++n;
      }
  }
  void what_cannot_come_back_is_named() {
    const auto why = [](const char* pattern) {
      const auto read = lines_pattern_from_text(pattern);
      if (!read) return "!" + read.error().sentence();
      const auto found = set_from_lines("12 13 14 x\n", *read);
      return found ? std::string() : found.error().sentence();
    };
    QVERIFY(why("{r} {g} {name}\n").find("{b} is missing") != std::string::npos);
    QVERIFY(why("{value} {hue}\n").find("{chroma} is missing") != std::string::npos);
    QVERIFY(why("{r}{g} {b}\n").find("{r} and {g}") != std::string::npos);
    QVERIFY(why("{hex}\n").find("No line of the file") != std::string::npos);
    QVERIFY(why("{name}\n").starts_with("!No line of the pattern"));
    QVERIFY(why("{names without \"x but}\n{hex}\n").starts_with("!The rule for names"));
    QVERIFY(why("{r} {g} {b} {name}\n").empty());
    // A color that no eye has is no color.
    QVERIFY(!set_from_lines("50 1111111111111111111111 0\n200 0 0\n",
                            *lines_pattern_from_text("{L} {a*} {b*}\n")));
    QCOMPARE(brought_into_gamut_at_value(xyz_from_lab({50, 1e200, 0})), neutral_of_value(50));
    // A rule against nothing is none.
    QVERIFY(lines_pattern_from_text("{names without \"\" but \"-\"}\n{hex}\n")->instead.empty());
    // Line ends of any system, and too many of them.
    QCOMPARE(lines_pattern_from_text("{hex}\r\r\n")->swatch, std::string("{hex}\n"));
    // What a name may not hold stands as something else.
    const auto ruled = *lines_pattern_from_text("{names without \",\" but \"_\"}\n{name},{hex}\n");
    SwatchSet set{1, "s", {{2, "f", {{3, {1, 0, 0}, {}, "a,b"}}}}};
    QCOMPARE(*set_in_lines(set, "", ruled), std::string("a_b,ff0000\n"));
  }
};

QTEST_APPLESS_MAIN(LinePatternTest)
#include "line_pattern_test.moc"
