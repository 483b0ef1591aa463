// SPDX-License-Identifier: GPL-3.0-or-later
// Conversions against colorjs.io 0.7.1 and the hsluv package 1.0.2 (tests/reference/make_conversions.mjs),
// and against themselves.
#include "core/color/color_vision.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"
#include "core/color/named_spaces.h"
#include "core/color/readout.h"
#include "core/color/text.h"
#include "core/image/pixels.h"
#include "support/check.h"
#include "support/reference_json.h"

#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

Srgb random_srgb(std::mt19937_64& random) {
  std::uniform_real_distribution<double> channel(0, 1);
  return {channel(random), channel(random), channel(random)};
}

/// Once round every space.
Srgb around(Srgb c) {
  c = srgb_from_xyz(xyz_from_lab(lab_from_lch(lch_from_lab(lab_from_srgb(c)))));
  c = srgb_from_lchuv(lch_from_hsluv(hsluv_from_lch(lchuv_from_srgb(c))));
  c = srgb_from_oklab(oklab_from_lch(lch_from_oklab(oklab_from_srgb(c))));
  c = srgb_from_hsv(hsv_from_srgb(c));
  return srgb_from_hsl(hsl_from_srgb(c));
}

} // namespace

class ConversionTest : public QObject {
  Q_OBJECT
private slots:
  void agrees_with_libraries();
  void hex_and_8bit_are_exact();
  void pixels_are_premultiplied_to_the_nearest_and_back();
  void returns_unchanged_through_every_space();
  void does_not_drift();
  void white_black_and_neutrals();
  void sees_as_eyes_without_one_cone();
  void agrees_with_a_library_in_every_named_space();
  void reads_only_colors();
  void numbers_of_readouts_have_their_ranges();
  void readouts_are_read_back();
};

void ConversionTest::agrees_with_libraries() {
  for (const auto& row : reference_json("conversions.json")) {
    const Srgb c = *parse_color(row["hex"].get<std::string>());
    const auto check = [&row](const char* space, double x, double y, double z, double size, int hue = -1) {
      const double got[] = {x, y, z};
      for (int i = 0; i < 3; ++i) {
        if (row[space][i].is_null()) continue; // hue of a neutral
        const double expected = row[space][i];
        const bool agrees =
            i == hue ? near_angle(got[i], expected, 1e-6 * 360) : near(got[i], expected, 1e-6, size);
        QVERIFY2(agrees, qPrintable(QStringLiteral("%1 of %2 [%3]: %4, expected %5")
                                        .arg(space, QString::fromStdString(row["hex"]))
                                        .arg(i)
                                        .arg(got[i], 0, 'g', 12)
                                        .arg(expected, 0, 'g', 12)));
      }
    };
    const LinearRgb linear = linear_from_srgb(c);
    check("linear", linear.r, linear.g, linear.b, 1e-3);
    const Xyz xyz = xyz_from_srgb(c);
    check("xyz", xyz.x, xyz.y, xyz.z, 1e-3);
    const Lab lab = lab_from_xyz(xyz);
    check("lab", lab.l, lab.a, lab.b, 1);
    const Luv luv = luv_from_xyz(xyz);
    check("luv", luv.l, luv.u, luv.v, 1);
    const Oklab oklab = oklab_from_xyz(xyz);
    check("oklab", oklab.l, oklab.a, oklab.b, 0.01);
    // Greys have no hue; libraries print rounding noise for them.
    const bool grey = std::hypot(lab.a, lab.b) < 0.01;
    const Oklch oklch = lch_from_oklab(oklab);
    if (!grey) check("oklch", oklch.l, oklch.c, oklch.h, 0.01, 2);
    const Hsluv hsluv = hsluv_from_lch(lchuv_from_srgb(c));
    if (!grey) check("hsluv", hsluv.h, hsluv.s, hsluv.l, 1, 0);
    const Hsv hsv = hsv_from_srgb(c);
    check("hsv", hsv.h, 100 * hsv.s, 100 * hsv.v, 1, 0);
    const Hsl hsl = hsl_from_srgb(c);
    check("hsl", hsl.h, 100 * hsl.s, 100 * hsl.l, 1, 0);
  }
}

/// What Brettel, Vienot and Mollon 1997 ask of a simulation, whatever its numbers: it is a projection, greys
/// stay, and colors that differ along the missing cone's axis alone become one.
void ConversionTest::sees_as_eyes_without_one_cone() {
  // Long, middle and short wave cones by Hunt, Pointer and Estevez, from memory.
  constexpr Matrix3 cones{{{0.38971, 0.68898, -0.07868}, {-0.22981, 1.18340, 0.04641}, {0, 0, 1}}};
  const Matrix3 back = inverse(cones);
  const auto apply = [](const ConeLoss& loss, const Vector3& c) {
    const double side = loss.side[0] * c[0] + loss.side[1] * c[1] + loss.side[2] * c[2];
    return multiply(loss.through[side < 0 ? 0 : 1], c);
  };
  const auto step = [](const Vector3& p, const Vector3& q) {
    return std::max({std::abs(p[0] - q[0]), std::abs(p[1] - q[1]), std::abs(p[2] - q[2])});
  };
  std::mt19937 draw(97);
  std::uniform_real_distribution<double> unit(0, 1);
  for (const ColorVision::Kind kind : kDeficientVisions) {
    const ConeLoss loss = cone_loss(kind), half = cone_loss({kind, 0.5}), none = cone_loss({kind, 0});
    int differ = 0;
    for (int i = 0; i < 500; ++i) {
      const Vector3 c{unit(draw), unit(draw), unit(draw)}, seen = apply(loss, c);
      QVERIFY(step(apply(loss, seen), seen) < 1e-9);
      QVERIFY(step(apply(loss, {c[0], c[0], c[0]}), {c[0], c[0], c[0]}) < 1e-9);
      const Vector3 halfway = apply(half, c);
      QVERIFY(step(halfway, {(c[0] + seen[0]) / 2, (c[1] + seen[1]) / 2, (c[2] + seen[2]) / 2}) < 1e-9);
      QVERIFY(step(apply(none, c), c) < 1e-12);
      // Along the missing cone alone.
      const Xyz xyz = xyz_from_linear({c[0], c[1], c[2]});
      Vector3 lms = multiply(cones, {xyz.x, xyz.y, xyz.z});
      lms[static_cast<std::size_t>(kind - ColorVision::Protan)] *= 1 + 0.1 * unit(draw);
      const Vector3 other = multiply(back, lms);
      const LinearRgb moved = linear_from_xyz({other[0], other[1], other[2]});
      QVERIFY(step(apply(loss, {moved.r, moved.g, moved.b}), seen) < 1e-9);
      differ += step({moved.r, moved.g, moved.b}, c) > 0.01;
    }
    QVERIFY(differ > 100);
  }
  // Red and green of a signal come near to protan and deutan eyes, blue and green to tritan ones.
  const auto apart = [](ColorVision vision, Srgb p, Srgb q) {
    return ciede2000(lab_from_srgb(seen_by(vision, p)), lab_from_srgb(seen_by(vision, q)));
  };
  const Srgb red{0.75, 0.35, 0.25}, green{0.45, 0.52, 0.2}, blue{0.1, 0.5, 0.65}, teal{0.1, 0.52, 0.5};
  QVERIFY(apart(ColorVision::Deutan, red, green) < 0.5 * apart(ColorVision::Normal, red, green));
  QVERIFY(apart(ColorVision::Tritan, blue, teal) < 0.5 * apart(ColorVision::Normal, blue, teal));
  // The same for pixels, alpha kept; by value alone the grey of equal L*.
  std::mt19937 random(3);
  for (int i = 0; i < 3000; ++i) {
    const auto word = static_cast<std::uint32_t>(random());
    const Srgb c = srgb_from_8bit({static_cast<std::uint8_t>(word >> 16),
                                   static_cast<std::uint8_t>(word >> 8), static_cast<std::uint8_t>(word)});
    for (const ColorVision vision :
         {ColorVision(), ColorVision(ColorVision::Values), ColorVision(ColorVision::Protan),
          ColorVision(ColorVision::Deutan, 0.6), ColorVision(ColorVision::Tritan)}) {
      Pixel seen{word};
      to_seen(vision, &seen, 1);
      const Srgb wanted = seen_by(vision, c);
      QCOMPARE(seen.alpha(), word >> 24);
      CHECK_NEAR(double(seen.r()), 255 * wanted.r, 0.531);
      CHECK_NEAR(double(seen.g()), 255 * wanted.g, 0.531);
      CHECK_NEAR(double(seen.b()), 255 * wanted.b, 0.531);
    }
  }
}

void ConversionTest::hex_and_8bit_are_exact() {
  for (int i = 0; i < 256; ++i) {
    const Srgb8 c{static_cast<std::uint8_t>(i), static_cast<std::uint8_t>(255 - i),
                  static_cast<std::uint8_t>(i * 7)};
    QCOMPARE(rounded_8bit(srgb_from_8bit(c)), c);
    QCOMPARE(rounded_8bit(*parse_color(hex_of(c))), c);
  }
  QCOMPARE(hex_of(*parse_color(" #AbC ")), std::string("#aabbcc"));
  QCOMPARE(hex_of(Srgb{0.5 / 255 + 1e-9, 0.5 / 255 - 1e-9, 1}), std::string("#0100ff"));
}

/// Every channel at every alpha, in exact arithmetic; back within what one step of the smaller one stands
/// for.
void ConversionTest::pixels_are_premultiplied_to_the_nearest_and_back() {
  for (std::uint32_t alpha = 0; alpha < 256; ++alpha)
    for (std::uint32_t level = 0; level < 256; ++level) {
      const Pixel pixel{alpha << 24 | level << 16 | (255 - level) << 8 | level / 2};
      const PremultipliedPixel laid = premultiplied(pixel);
      const auto part = [&](std::uint32_t channel) { return std::lround(channel * (alpha / 255.0)); };
      QCOMPARE(laid.word, static_cast<std::uint32_t>(alpha << 24 | part(pixel.r()) << 16 |
                                                     part(pixel.g()) << 8 | part(pixel.b())));
      const Pixel back = straight(laid);
      QCOMPARE(back.alpha(), alpha);
      if (alpha == 0) continue;
      QVERIFY(std::abs(int(back.r()) - int(level)) <= 127.5 / alpha + 0.5);
      QVERIFY(std::abs(int(back.g()) - int(255 - level)) <= 127.5 / alpha + 0.5);
      QVERIFY(std::abs(int(back.b()) - int(level / 2)) <= 127.5 / alpha + 0.5);
    }
}

void ConversionTest::returns_unchanged_through_every_space() {
  std::mt19937_64 random(1);
  for (int i = 0; i < 20'000; ++i) {
    const Srgb c = random_srgb(random);
    QVERIFY(largest_step(around(c), c) < 1e-11);
  }
}

void ConversionTest::does_not_drift() {
  std::mt19937_64 random(2);
  for (int i = 0; i < 200; ++i) {
    const Srgb start = random_srgb(random);
    Srgb c = start;
    for (int cycle = 0; cycle < 50; ++cycle) c = around(c);
    QVERIFY(largest_step(c, start) < 1e-10);
  }
}

void ConversionTest::white_black_and_neutrals() {
  // IEC 61966-2-1: the white is D65, x 0.3127, y 0.3290.
  const Xyz white = xyz_from_srgb({1, 1, 1});
  CHECK_NEAR(white.x, 0.3127 / 0.3290, 1e-12);
  CHECK_NEAR(white.z, (1 - 0.3127 - 0.3290) / 0.3290, 1e-12);
  for (int i = 0; i <= 255; ++i) {
    const Srgb grey = srgb_from_8bit(
        {static_cast<std::uint8_t>(i), static_cast<std::uint8_t>(i), static_cast<std::uint8_t>(i)});
    const Lab lab = lab_from_srgb(grey);
    QVERIFY(std::hypot(lab.a, lab.b) < 1e-10);
    QVERIFY(lch_from_oklab(oklab_from_srgb(grey)).c < 1e-6);
    QVERIFY(largest_step(neutral_of_value(lab.l), grey) < 1e-12);
  }
  QCOMPARE(value_of({1, 1, 1}), 100.0);
  QCOMPARE(value_of({0, 0, 0}), 0.0);
  // CSS Color 4: luma of BT.601 weighs green most.
  CHECK_NEAR(luma_of({0, 1, 0}), 0.587, 1e-12);
  // Bars of 75 % in ten bits of BT.709, as in SMPTE RP 219-1 (the codes from memory): Y 64 to 940, the
  // differences 64 to 960.
  const std::pair<Srgb, std::array<double, 3>> bars[] = {
      {{0.75, 0.75, 0.75}, {721, 512, 512}}, {{0.75, 0.75, 0}, {674, 176, 543}},
      {{0, 0.75, 0.75}, {581, 589, 176}},    {{0, 0.75, 0}, {534, 253, 207}},
      {{0.75, 0, 0.75}, {251, 771, 817}},    {{0.75, 0, 0}, {204, 435, 848}},
      {{0, 0, 0.75}, {111, 848, 481}}};
  for (const auto& [color, code] : bars) {
    const Ycbcr is = ycbcr_from_srgb(color);
    QVERIFY(std::abs(64 + 876 * is.y - code[0]) < 0.6);
    QVERIFY(std::abs(512 + 896 * is.cb - code[1]) < 0.6 && std::abs(512 + 896 * is.cr - code[2]) < 0.6);
    QVERIFY(largest_step(srgb_from_ycbcr(is), color) < 1e-12);
  }
}

void ConversionTest::agrees_with_a_library_in_every_named_space() {
  // tests/reference/make_named_spaces.mjs, on culori 4.0.2; it rounds its matrices, and the white of its D50.
  std::set<std::string> seen;
  for (const auto& row : reference_json("named_spaces.json")) {
    const std::string space = row["space"];
    seen.insert(space);
    const std::array<double, 3> c = row["components"];
    const Srgb expected{row["srgb"][0], row["srgb"][1], row["srgb"][2]};
    const auto xyz = xyz_in_space(space, c);
    QVERIFY2(xyz, space.c_str());
    QVERIFY2(largest_step(srgb_from_xyz(*xyz), expected) < 3e-3, row.dump().c_str());
    if (space == "xyz-d65") QVERIFY(largest_step(srgb_from_xyz(*xyz_in_space("xyz", c)), expected) < 3e-3);
    if (space != "lab") continue;
    const LabD50 lab = lab_d50_from_srgb(expected);
    QVERIFY(std::abs(lab.l - c[0]) < 0.01 && std::abs(lab.a - c[1]) < 0.02 && std::abs(lab.b - c[2]) < 0.02);
    QVERIFY(largest_step(srgb_from_xyz(xyz_from_lab_d50(lab)), expected) < 1e-9);
  }
  QCOMPARE(seen.size(), std::size_t{14});
  QVERIFY(!xyz_in_space("press", {0, 0, 0}) && !xyz_in_space("", {0, 0, 0}));
  // Negative components run on by symmetry (CSS Color 4), and come back.
  for (const char* space : {"srgb", "display-p3", "a98-rgb", "prophoto-rgb", "rec2020"}) {
    const auto plus = xyz_in_space(space, {0.4, 0.4, 0.4}), minus = xyz_in_space(space, {-0.4, -0.4, -0.4});
    CHECK_NEAR(minus->y, -plus->y, 1e-12);
  }
  // In the display, next to it within a file's rounding, and beyond.
  const auto shown = [](double r, double g, double b) { return displayed(xyz_from_srgb({r, g, b})); };
  QVERIFY(!shown(0.2, 0.4, 1).moved && largest_step(shown(0.2, 0.4, 1).color, {0.2, 0.4, 1}) < 1e-9);
  for (const double off : {1.5e-4, 1e-10}) {
    QVERIFY(!shown(1 + off, 0.4, -off).moved);
    QVERIFY(largest_step(shown(1 + off, 0.4, -off).color, {1, 0.4, 0}) < 1e-6);
  }
  QVERIFY(shown(1.0005, 0.4, 0.3).moved && shown(0.3, -0.0005, 0.3).moved && shown(0.3, 0.4, 1.0005).moved &&
          in_gamut(shown(2, -1, 0.3).color));
}

void ConversionTest::reads_only_colors() {
  for (const char* text : {"", "#", "#12", "#1234", "#12345", "#1234567", "#gggggg", "srgb:1,2,3", "srgb:0,0",
                           "srgb:0,0,0,0", "srgb:nan,0,0", "srgb:0,0,0x", "srgb:0;0;0", "red"}) {
    const auto color = parse_color(text);
    QVERIFY2(!color, text);
    QVERIFY(color.error().sentence().find(text) != std::string::npos);
  }
  QCOMPARE(*parse_color("srgb:0.25, 0.5 ,1"), (Srgb{0.25, 0.5, 1}));
  QCOMPARE(*parse_color("srgb:0,1,1"), (Srgb{0, 1, 1}));
  QVERIFY(!parse_color("srgb:0,1,1.001") && !parse_color("srgb:-0.001,1,1"));
  // Of a long text its first sixty letters are quoted.
  for (const auto& sentence : {parse_color(std::string(99, 'x')).error().sentence(),
                               parse_three_numbers(std::string(99, 'x')).error().sentence()})
    QVERIFY(sentence.starts_with("\"" + std::string(60, 'x') + "\" "));
}

void ConversionTest::readouts_are_read_back() {
  std::mt19937_64 random(8);
  for (const ReadoutSpace space : kReadoutSpaces) {
    for (int i = 0; i < 2000; ++i) {
      const Srgb c = random_srgb(random);
      const auto back = color_of_readout(space, readout_of(space, c));
      QVERIFY2(back, readout_form(space).name.data());
      QVERIFY(largest_step(*back, c) < 1e-6);
    }
    // The corners of the display lie in the range of every number.
    for (int corner = 0; corner < 8; ++corner) {
      const Srgb c{double(corner & 1), double(corner >> 1 & 1), double(corner >> 2)};
      QVERIFY2(color_of_readout(space, readout_of(space, c)), readout_form(space).name.data());
    }
    auto numbers = readout_of(space, {0.5, 0.4, 0.3});
    numbers[1] = 1e6;
    QVERIFY(color_of_readout(space, numbers).error().sentence().find(" goes from ") != std::string::npos);
    numbers[1] = std::nan("");
    QVERIFY(!color_of_readout(space, numbers));
  }
  QCOMPARE(color_of_readout(ReadoutSpace::Oklch, {0.5, 0.39, 120}).error().sentence(),
           std::string("A display cannot show a color with these OKLCh numbers."));
}

void ConversionTest::numbers_of_readouts_have_their_ranges() {
  std::set<std::string_view> names;
  for (const ReadoutSpace space : kReadoutSpaces) {
    const ReadoutForm& form = readout_form(space);
    names.insert(form.name);
    for (std::size_t i = 0; i < 3; ++i) {
      const ReadoutNumber& n = form.numbers[i];
      // Half a digit beyond an end is rounding; more is not.
      const double slack = 0.49 * std::pow(10, -n.digits);
      for (const auto& [end, out] : {std::pair{n.low, -1.0}, {n.high, 1.0}}) {
        auto numbers = readout_of(space, {0.5, 0.5, 0.5});
        numbers[i] = end + out * slack;
        const auto near = color_of_readout(space, numbers);
        if (!near) QVERIFY(near.error().sentence().find(" goes from ") == std::string::npos);
        numbers[i] = end + out * slack * 1.1;
        const auto beyond = color_of_readout(space, numbers);
        QVERIFY2(!beyond && beyond.error().place == n.name, form.name.data());
      }
      QCOMPARE(n.wraps, n.name == "hue");
      QVERIFY(n.step >= std::pow(10, -n.digits) && !n.name.empty());
    }
  }
  QCOMPARE(names.size(), kReadoutSpaces.size());
  const auto sentence = [](ReadoutSpace space, std::array<double, 3> n) {
    const auto color = color_of_readout(space, n);
    return color ? std::string() : color.error().sentence();
  };
  QCOMPARE(sentence(ReadoutSpace::Rgb, {0, 256, 0}), std::string("RGB green goes from 0 to 255."));
  QCOMPARE(sentence(ReadoutSpace::Oklab, {0.5, 0.5, 0}), std::string("OKLab a goes from -0.4 to 0.4."));
  QCOMPARE(sentence(ReadoutSpace::Lab, {50, 0, -151}), std::string("Lab b* goes from -150 to 150."));
  // At the end of a hue it begins again; at an end, rounding is taken off.
  QVERIFY(largest_step(*color_of_readout(ReadoutSpace::Hsv, {360, 100, 100}), {1, 0, 0}) < 1e-12);
  QCOMPARE(*color_of_readout(ReadoutSpace::Rgb, {255.4, 0, -0.4}), (Srgb{1, 0, 0}));
  for (const ReadoutSpace space : {ReadoutSpace::Hsv, ReadoutSpace::Hsl, ReadoutSpace::Hsluv})
    QVERIFY(largest_step(*color_of_readout(space, {360, 50, 50}), *color_of_readout(space, {0, 50, 50})) <
            1e-12);
  // The numbers of red (IEC 61966-2-1; CIE 15; CSS Color 4) in their units.
  const std::pair<ReadoutSpace, std::array<double, 3>> red[] = {
      {ReadoutSpace::Rgb, {255, 0, 0}},
      {ReadoutSpace::Hsv, {0, 100, 100}},
      {ReadoutSpace::Hsl, {0, 100, 50}},
      {ReadoutSpace::Hsluv, {12.177, 100, 53.237}},
      {ReadoutSpace::Lch, {53.237, 104.55, 40}},
      {ReadoutSpace::Lab, {53.237, 80.09, 67.2}},
      {ReadoutSpace::LchUv, {53.237, 179.04, 12.177}},
      {ReadoutSpace::Luv, {53.237, 175.01, 37.76}},
      {ReadoutSpace::Oklch, {0.628, 0.2577, 29.23}},
      {ReadoutSpace::Oklab, {0.628, 0.2249, 0.1258}},
      {ReadoutSpace::Xyz, {41.24, 21.26, 1.93}},
      {ReadoutSpace::LinearRgb, {1, 0, 0}}};
  for (const auto& [space, numbers] : red)
    for (std::size_t i = 0; i < 3; ++i)
      QVERIFY2(std::abs(readout_of(space, {1, 0, 0})[i] - numbers[i]) < 0.01,
               readout_form(space).name.data());
}

QTEST_APPLESS_MAIN(ConversionTest)
#include "conversion_test.moc"
