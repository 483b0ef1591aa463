// Lines in a painter's own shape.
#include "core/session/hand_form.h"

#include <QTest>

using namespace zc;

class LinePatternTest : public QObject {
  Q_OBJECT
private slots:
  void every_field_is_filled() {
    // Lab and LCh of #d8904a computed outside of this program by the formulas of IEC 61966-2-1 and CIE 15.
    const LineFields f{
        {0xd8 / 255.0, 0x90 / 255.0, 0x4a / 255.0}, "copper", "metal", "rim\nlight", "row", "dusk", 7, 19};
    const auto line = [&](const char* pattern) {
      const auto read = LinePattern::read(pattern);
      return read ? read->line(f) : "!" + read.error().sentence + read.error().place;
    };
    QCOMPARE(line("{hex} {r},{g},{b}"), std::string("d8904a 216,144,74"));
    QCOMPARE(line("{r:4}{b:4}|{name:8}|{n}/{count}"), std::string(" 216  74|copper  |7/19"));
    QCOMPARE(line("{title}/{set}/{family}: {note}"), std::string("dusk/row/metal: rim light"));
    QCOMPARE(line("{{hex} {hex}"), std::string("{hex} d8904a"));
    QCOMPARE(line("{L} {a*} {b*}"), std::string("65.78 20.71 47.41"));
    QCOMPARE(line("{value} {chroma} {hue}"), std::string("65.8 51.7 66.4"));
    QCOMPARE(LinePattern::read("{a*} {b*} {hue}")->line({{0.5, 0.5, 0.5}}), std::string("0.00 0.00 0.0"));
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
      QVERIFY(read.error().sentence.ends_with('.'));
    }
  }
  void forms_are_what_other_programs_read() {
    const LineFields f{{0xd8 / 255.0, 0x90 / 255.0, 0x4a / 255.0}, "copper"};
    const auto in = [&](HandForm form) { return *handed_text(form, "{name}={hex}", f); };
    QCOMPARE(in(HandForm::Hex), std::string("#d8904a"));
    QCOMPARE(in(HandForm::Digits), std::string("d8904a"));
    QCOMPARE(in(HandForm::Rgb), std::string("216, 144, 74"));
    // CSS Color Module Level 4, 5.1.
    QCOMPARE(in(HandForm::Css), std::string("rgb(216 144 74)"));
    QCOMPARE(in(HandForm::Own), std::string("copper=d8904a"));
    QVERIFY(!handed_text(HandForm::Own, "{", f));
  }
};

QTEST_APPLESS_MAIN(LinePatternTest)
#include "line_pattern_test.moc"
