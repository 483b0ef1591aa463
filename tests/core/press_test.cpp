// SPDX-License-Identifier: GPL-3.0-or-later
// Colors on a press, against Little CMS's own command-line tool, another library's reader and a plain search.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/text.h"
#include "core/image/pixels.h"
#include "core/mix/press_reach.h"
#include "core/piece/press_check.h"
#include "core/press/press.h"
#include "support/check.h"

#include <QCryptographicHash>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>
#include <lcms2.h>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

const QString kStandIn = QStringLiteral(STANDIN_PRESS);
/// Free, of the package libgs-common.
const QString kOther = QStringLiteral("/usr/share/color/icc/ghostscript/default_cmyk.icc");

std::shared_ptr<const Press> press_in(const QString& path) {
  QFile file(path);
  if (!file.open(QIODevice::ReadOnly)) qFatal("%s is not there", qPrintable(path));
  const QByteArray bytes = file.readAll();
  const auto press = Press::read({bytes.begin(), bytes.end()}, path.toStdString());
  if (!press) qFatal("%s", press.error().sentence().c_str());
  return *press;
}

/// The numbers of each line that a tool answers for each line it is given.
std::vector<std::vector<double>> asked(const QString& tool, const QStringList& options,
                                       const std::vector<std::vector<double>>& lines) {
  QByteArray in;
  for (const auto& line : lines) {
    QStringList words;
    for (const double x : line) words << QString::number(x, 'f', 6);
    in += words.join(' ').toUtf8() + '\n';
  }
  QProcess process;
  process.start(tool, options);
  if (!process.waitForStarted()) qFatal("%s is not there", qPrintable(tool));
  process.write(in);
  process.closeWriteChannel();
  process.waitForFinished();
  std::vector<std::vector<double>> out;
  for (const QByteArray& line : process.readAllStandardOutput().split('\n')) {
    std::vector<double> numbers;
    for (QByteArray word : line.simplified().split(' ')) {
      word = word.mid(word.indexOf('=') + 1);
      bool number = false;
      const double x = word.toDouble(&number);
      if (number) numbers.push_back(x);
    }
    if (numbers.size() >= 3) out.push_back(numbers);
  }
  return out;
}

std::vector<Srgb8> some_colors(int count) {
  std::mt19937 random(41);
  std::vector<Srgb8> out{{255, 255, 255}, {0, 0, 0}, {255, 0, 0}, {0, 0, 255}, {128, 128, 128}};
  const auto channel = [&] { return static_cast<std::uint8_t>(random() & 255u); };
  while (static_cast<int>(out.size()) < count) out.push_back({channel(), channel(), channel()});
  return out;
}

} // namespace

class PressTest : public QObject {
  Q_OBJECT
private slots:
  /// Letters of one to three bytes, and a control letter; a name of nothing gives way to that of the file.
  /// (Of letters beyond the first plane the library itself leaves an undefined one behind.)
  void a_name_is_read_letter_by_letter() {
    QFile file(kStandIn);
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QByteArray plain = file.readAll();
    const auto named = [&](const wchar_t* name) {
      cmsHPROFILE profile = cmsOpenProfileFromMem(plain.data(), static_cast<cmsUInt32Number>(plain.size()));
      cmsSetProfileVersion(profile, 4.3);
      cmsMLU* words = cmsMLUalloc(nullptr, 1);
      cmsMLUsetWide(words, "en", "US", name);
      cmsWriteTag(profile, cmsSigProfileDescriptionTag, words);
      cmsMLUfree(words);
      cmsUInt32Number size = 0;
      cmsSaveProfileToMem(profile, nullptr, &size);
      std::vector<unsigned char> out(size);
      cmsSaveProfileToMem(profile, out.data(), &size);
      cmsCloseProfile(profile);
      return out;
    };
    const wchar_t name[] = {L'a', 7, 0xfc, 0x20ac, L'b', 0};
    QCOMPARE((*Press::read(named(name), "file"))->name(), std::string("a\u00fc\u20acb"));
    QCOMPARE((*Press::read(named(L"\x7"), "file"))->name(), std::string("file"));
  }
  void both_profiles_data() {
    QTest::addColumn<QString>("profile");
    QTest::newRow("stand-in") << kStandIn;
    QTest::newRow("another") << kOther;
  }

  /// Made anew: solids and overprints on paper are those of ISO 12647-2:2004/Amd 1:2007, paper types 1 and 2
  /// on white backing (from memory), and what can be printed comes out as it was wanted.
  void the_stand_in_is_made_as_the_standard_has_it() {
    QTemporaryDir folder;
    const QString made = folder.filePath("made.icc");
    QCOMPARE(QProcess::execute(QStringLiteral(PROGRAM_FOLDER "/make_press_profile"), {made}), 0);
    const std::vector<std::vector<double>> inks{{0, 0, 0, 0},     {100, 0, 0, 0},   {0, 100, 0, 0},
                                                {0, 0, 100, 0},   {0, 0, 0, 100},   {100, 100, 0, 0},
                                                {100, 0, 100, 0}, {0, 100, 100, 0}, {100, 100, 100, 0}};
    const std::vector<std::vector<double>> solids{{95, 0, -2},   {55, -37, -50}, {48, 74, -3},
                                                  {89, -5, 93},  {16, 0, 0},     {24, 22, -46},
                                                  {50, -65, 27}, {47, 68, 48},   {23, 0, 0}};
    const auto told = asked("transicc", {"-i", made, "-o", "*Lab", "-t3", "-n"}, inks);
    QCOMPARE(told.size(), solids.size());
    for (std::size_t i = 0; i < solids.size(); ++i)
      for (std::size_t k = 0; k < 3; ++k) CHECK_NEAR(told[i][k], solids[i][k], 0.02);
    // Half a tone is printed as more, each ink in the light that it takes most of (A. Murray 1936, by X, Y, Z
    // and Y; ours, kept so that a change is seen: the standard's curves are of densities, whose narrower
    // bands show some more).
    const auto tones = asked("transicc", {"-i", made, "-o", "*XYZ", "-t3", "-n"},
                             {{0, 0, 0, 0},
                              {50, 0, 0, 0},
                              {100, 0, 0, 0},
                              {0, 50, 0, 0},
                              {0, 100, 0, 0},
                              {0, 0, 50, 0},
                              {0, 0, 100, 0},
                              {0, 0, 0, 50},
                              {0, 0, 0, 100}});
    const std::pair<std::size_t, double> grown[] = {{0, 0.587}, {1, 0.585}, {2, 0.607}, {1, 0.6525}};
    for (std::size_t ink = 0; ink < 4; ++ink) {
      const auto [band, area] = grown[ink];
      const double paper = tones[0][band], half = tones[2 * ink + 1][band], whole = tones[2 * ink + 2][band];
      CHECK_NEAR((paper - half) / (paper - whole), area, 0.004);
    }
    const std::vector<std::vector<double>> wanted{
        {60, 20, 30}, {50, -20, -20}, {40, 0, 0}, {70, -10, 40}, {35, 30, -20}};
    const auto separated = asked("transicc", {"-i", "*Lab", "-o", made, "-t1", "-n"}, wanted);
    const auto back = asked("transicc", {"-i", made, "-o", "*Lab", "-t1", "-n"}, separated);
    for (std::size_t i = 0; i < wanted.size(); ++i)
      for (std::size_t k = 0; k < 3; ++k) CHECK_NEAR(back[i][k], wanted[i][k], 0.1);
    // Black stands for grey, in light colors not at all.
    CHECK_NEAR(separated[2][3], 46.5, 1);
    const auto light = asked("transicc", {"-i", "*Lab", "-o", made, "-t1", "-n"}, {{90, 0, 0}});
    CHECK_NEAR(light[0][3], 0, 0.2);
  }
  void ink_and_difference_are_those_of_the_library_data() { both_profiles_data(); }
  void ink_and_difference_are_those_of_the_library() {
    QFETCH(QString, profile);
    const auto press = press_in(profile);
    const auto colors = some_colors(60);
    std::vector<std::vector<double>> lines;
    for (const Srgb8& c : colors) lines.push_back({double(c.r), double(c.g), double(c.b)});
    const auto inks = asked("transicc", {"-i", "*sRGB", "-o", profile, "-t1", "-b"}, lines);
    const auto backs = asked("transicc", {"-i", profile, "-o", "*sRGB", "-t1", "-b"}, inks);
    QCOMPARE(inks.size(), colors.size());
    QCOMPARE(backs.size(), colors.size());
    for (std::size_t i = 0; i < colors.size(); ++i) {
      const Srgb color = srgb_from_8bit(colors[i]);
      const Printed p = press->printed(color);
      const double ink[4] = {p.ink.c, p.ink.m, p.ink.y, p.ink.k};
      for (std::size_t k = 0; k < 4; ++k) QVERIFY(std::abs(ink[k] - inks[i][k]) < 0.5);
      const Srgb back{backs[i][0] / 255, backs[i][1] / 255, backs[i][2] / 255};
      QVERIFY(std::abs(p.difference - ciede2000(lab_from_srgb(color), lab_from_srgb(back))) < 0.1);
    }
  }

  /// By a grid of 1.5 in a* and b* at equal value, which finds nothing nearer by more than its coarseness and
  /// that of 8 bits allow; what is told is how far the print of the answer is.
  void the_nearest_is_the_nearest_of_equal_value_data() { both_profiles_data(); }
  void the_nearest_is_the_nearest_of_equal_value() {
    QFETCH(QString, profile);
    const auto press = press_in(profile);
    int looked_at = 0;
    for (const Srgb8& c : some_colors(40)) {
      const Srgb color = srgb_from_8bit(c);
      const NearestPrintable found = press->nearest(color);
      const Printed way = press->printed(found.color);
      CHECK_NEAR(found.difference, ciede2000(lab_from_srgb(color), lab_from_srgb(way.back)), 1e-6);
      if (press->prints(color)) {
        QCOMPARE(found.color, color);
        continue;
      }
      const Lab wanted = lab_from_srgb(color);
      double least = 1e9;
      for (double a = -60; a <= 60; a += 1.5)
        for (double b = -60; b <= 60; b += 1.5) {
          const Lab at{wanted.l, wanted.a + a, wanted.b + b};
          const double away = large_difference(wanted, at);
          if (away >= least) continue;
          const auto there = clipped_to_gamut(srgb_from_xyz(xyz_from_lab(at)));
          if (there && press->prints(*there, kPrintLimit - kPrintMargin)) least = away;
        }
      if (!found.equal_value || least > 60) continue;
      ++looked_at;
      QVERIFY(std::abs(value_of(found.color) - wanted.l) <= 0.5);
      const double away = large_difference(wanted, lab_from_srgb(found.color));
      QVERIFY2(away < least + 3, qPrintable(QStringLiteral("%1: %2, a grid finds %3")
                                                .arg(QString::fromStdString(hex_of(c)))
                                                .arg(away)
                                                .arg(least)));
    }
    QVERIFY(looked_at > 10);
  }

  /// Asked, rounded to 8 bits, printed again: every answer prints.
  void what_is_rounded_still_prints_data() { both_profiles_data(); }
  void what_is_rounded_still_prints() {
    QFETCH(QString, profile);
    const auto press = press_in(profile);
    std::mt19937 random(65);
    for (int i = 0; i < 325; ++i) {
      const auto word = static_cast<std::uint32_t>(random());
      const NearestPrintable found = press->nearest(srgb_from_8bit(color_of({word})));
      const Srgb8 told = rounded_8bit(found.color);
      QVERIFY2(press->prints(srgb_from_8bit(told)), hex_of(told).c_str());
    }
    // The darks keep their hue: navy is no teal.
    for (const Srgb8 navy : {Srgb8{0, 0, 0x7d}, Srgb8{0, 0, 0x3c}}) {
      const Lab found = lab_from_srgb(press->nearest(srgb_from_8bit(navy)).color);
      QVERIFY2(std::atan2(found.b, found.a) < -0.7 && std::atan2(found.b, found.a) > -1.4,
               hex_of(press->nearest(srgb_from_8bit(navy)).color).c_str());
    }
  }

  /// ISO 12647-2:2004/Amd 1:2007, paper types 1 and 2 on white backing, CIELAB under D50; from memory.
  void the_stand_in_prints_as_the_standard_says() {
    const std::vector<std::vector<double>> inks{{0, 0, 0, 0},     {100, 0, 0, 0},   {0, 100, 0, 0},
                                                {0, 0, 100, 0},   {0, 0, 0, 100},   {0, 100, 100, 0},
                                                {100, 0, 100, 0}, {100, 100, 0, 0}, {100, 100, 100, 0}};
    const std::vector<Lab> standard{{95, 0, -2},  {55, -37, -50}, {48, 74, -3},  {89, -5, 93}, {16, 0, 0},
                                    {47, 68, 48}, {50, -65, 27},  {24, 22, -46}, {23, 0, 0}};
    const auto absolute = asked("transicc", {"-i", kStandIn, "-o", "*Lab", "-t3"}, inks);
    // Another library's reader; it takes and gives inks as 0..1.
    std::vector<std::vector<double>> shares = inks;
    for (auto& line : shares)
      for (double& x : line) x /= 100;
    const auto other = asked("icclu", {"-v0", "-ff", "-ia", "-pl", kStandIn}, shares);
    QCOMPARE(absolute.size(), standard.size());
    QCOMPARE(other.size(), standard.size());
    for (std::size_t i = 0; i < standard.size(); ++i) {
      QVERIFY(ciede2000({absolute[i][0], absolute[i][1], absolute[i][2]}, standard[i]) < 5);
      QVERIFY(ciede2000({other[i][0], other[i][1], other[i][2]}, standard[i]) < 5);
    }
    QVERIFY(press_in(kStandIn)->name().find("Stand-in") != std::string::npos);
    CHECK_NEAR(press_in(kStandIn)->ink_limit(), 330, 0.02);
  }

  void paper_and_ink_are_seen() {
    const auto press = press_in(kStandIn);
    QVERIFY(press->printed(Srgb{1, 1, 1}).ink.total() < 0.1);
    // On its own paper white is that of the paper; relative to it, white.
    QVERIFY(value_of(press->proof({1, 1, 1}, false)) > 99.5);
    QVERIFY(std::abs(value_of(press->proof({1, 1, 1}, true)) - 95) < 1);
    QVERIFY(value_of(press->proof({0, 0, 0}, true)) > 5);
    // Inks are editable: what they look like has them again, where the profile's way back is exact.
    const Ink ink{20, 40, 60, 0};
    const auto seen = clipped_to_gamut(press->color_of(ink));
    QVERIFY(seen);
    const Ink again = press->printed(*seen).ink;
    QVERIFY(std::abs(again.c - 20) < 3 && std::abs(again.m - 40) < 3 && std::abs(again.y - 60) < 3);
  }

  void what_is_no_press_is_refused() {
    QVERIFY(!Press::read({}, "empty.icc"));
    QVERIFY(!Press::read({1, 2, 3}, "short.icc"));
    QFile rgb("/usr/share/color/icc/ghostscript/srgb.icc"), good(kStandIn);
    QVERIFY(rgb.open(QIODevice::ReadOnly) && good.open(QIODevice::ReadOnly));
    const QByteArray display = rgb.readAll(), press = good.readAll();
    const auto refused = Press::read({display.begin(), display.end()}, "srgb.icc");
    QVERIFY(!refused && refused.error().sentence().find("srgb.icc") != std::string::npos);
    // Cut short anywhere it is refused or works, and never worse.
    for (int cut = 0; cut < press.size(); cut += 9973) {
      const QByteArray part = press.left(cut);
      const auto read = Press::read({part.begin(), part.end()}, "cut.icc");
      if (read) QVERIFY(std::isfinite((*read)->printed(Srgb{0.5, 0.4, 0.3}).difference));
    }
  }
  /// The digest as ISO 15076-1:2010, 7.2.18 has it: MD5 of the profile with its flags, its rendering intent
  /// and its ID at 0.
  void a_profile_has_its_id() {
    for (const QString& profile : {kStandIn, kOther}) {
      QFile file(profile);
      QVERIFY(file.open(QIODevice::ReadOnly));
      QByteArray bytes = file.readAll();
      for (const auto& [from, to] : {std::pair(44, 48), std::pair(64, 68), std::pair(84, 100)})
        std::fill(bytes.begin() + from, bytes.begin() + to, '\0');
      const QByteArray id = QCryptographicHash::hash(bytes, QCryptographicHash::Md5).toHex();
      QCOMPARE(QByteArray::fromStdString(press_in(profile)->digest()), id);
    }
  }
  /// Inks stay as they were written on their own press; any other press is asked for their color.
  void codes_are_printed_as_they_are_written() {
    const auto own = press_in(kStandIn), other = press_in(kOther);
    const Ink ink{100, 0, 0, 12.5};
    Code code = written_inks(*own, ink);
    QVERIFY(beyond_display(code)); // Full cyan lies outside sRGB.
    const SwatchSet set{1, "s", {{2, "f", {{3, code.shown, {}, "cyan"}, {4, {0.5, 0.4, 0.3}, {}, "brown"}}}}};
    SwatchSet coded = set;
    coded.families.change(0).swatches.change(0).code = code;
    const auto found = check_for_press(*own, press_wishes(coded), kPrintLimit);
    QVERIFY(found[0].prints && found[0].printed.ink == ink && found[0].printed.difference == 0);
    const auto plain = check_for_press(*own, press_wishes(set), kPrintLimit);
    QVERIFY(!(plain[0].printed.ink == ink) && found[1].printed.ink == plain[1].printed.ink);
    const auto elsewhere = check_for_press(*other, press_wishes(coded), kPrintLimit);
    QVERIFY(!written_for(*other, &code) && !(elsewhere[0].printed.ink == ink));
    // Of the color itself, not of what stands for it.
    const Printed asked_for = other->printed(code.lab);
    QVERIFY(elsewhere[0].printed.ink == asked_for.ink);
    QVERIFY(std::abs(asked_for.difference - difference_to(code, asked_for.back)) < 1e-9);
    QVERIFY(std::abs(asked_for.difference - other->printed(code.shown).difference) > 0.5);
    // What shines is printed by no four inks, and the nearest are told.
    code = code_with(BookName{"b", "gold"}, lab_d50_from_srgb({0.6, 0.5, 0.3}), Finish::Metallic);
    coded.families.change(0).swatches.change(0) = {3, code.shown, {}, "gold"};
    coded.families.change(0).swatches.change(0).code = code;
    const auto gold = check_for_press(*own, press_wishes(coded), kPrintLimit);
    QVERIFY(!gold[0].prints && gold[0].nearest && own->prints(gold[0].nearest->color));
    QVERIFY(!prints(*own, {code.shown, code}, kPrintLimit) && own->prints(code.shown));
    // Another color has no code any more.
    coded.families.change(0).swatches.change(0).color.r += 0.01;
    QVERIFY(!press_wishes(coded)[0].code);
  }
  /// Against asking for each place of a grid that is not that of the cells.
  void the_reach_of_a_press_is_that_of_a_search() {
    for (const QString& profile : {kStandIn, kOther})
      for (const auto measure : {SaturationMeasure::Hsluv, SaturationMeasure::OklabChroma}) {
        const auto press = press_in(profile);
        const Wheel wheel({HueScale::Traditional, measure});
        const Reach reach = *press_reach(*press, kPrintLimit, wheel);
        QCOMPARE(reach.wheel(), wheel.spec());
        for (const double value : {20.0, 45.0, 66.0, 85.0}) {
          int prints = 0, wrong = 0;
          constexpr int side = 157;
          for (int y = 0; y < side; ++y)
            for (int x = 0; x < side; ++x) {
              const DiscPoint p{(x + 0.5) / side * 2 - 1, (y + 0.5) / side * 2 - 1};
              if (std::hypot(p.x, p.y) > 1) continue;
              const auto color = wheel.color_at(wheel_point(p, value, Angle(0)));
              const bool is = color && press->prints(*color);
              prints += is;
              wrong += is != reach.holds(wheel_point(p, value, Angle(0)));
            }
          QVERIFY2(prints > 500 && wrong < 0.02 * prints, qPrintable(QString("%1 %2: %3 of %4 at value %5")
                                                                         .arg(profile)
                                                                         .arg(static_cast<int>(measure))
                                                                         .arg(wrong)
                                                                         .arg(prints)
                                                                         .arg(value)));
        }
      }
    const auto stopped =
        press_reach(*press_in(kStandIn), kPrintLimit, Wheel(WheelSpec{}), [](double) { return false; });
    QVERIFY(!stopped && stopped.error().code == ErrorCode::Stopped);
  }
};

QTEST_APPLESS_MAIN(PressTest)
#include "press_test.moc"
