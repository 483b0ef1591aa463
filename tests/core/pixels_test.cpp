// SPDX-License-Identifier: GPL-3.0-or-later
// Sampling and values of photos.
#include "core/color/convert.h"
#include "core/image/reduce.h"
#include "support/check.h"
#include "support/patch.h"

using namespace zc;
using namespace zc::test;

class PixelsTest : public QObject {
  Q_OBJECT
private slots:
  void averages_in_linear_light() {
    // Half black, half white: linear 0.5, which IEC 61966-2-1 encodes as 0.735357; averaging the encoded
    // numbers would give 0.5.
    Patch patch(4, 4, 0xff000000u);
    for (std::size_t i = 0; i < patch.pixels.size(); i += 2) patch.pixels[i] = {0xffffffffu};
    const auto c = sample_average(patch.view(), 1, 1, 5);
    QVERIFY(c);
    const double expected = 1.055 * std::pow(0.5, 1 / 2.4) - 0.055;
    CHECK_NEAR(c->g, expected, 1e-6);
  }
  /// A texture of black and white is half the light: L* 76 (CIE 15, Y = 0.5), at whatever size it is shown.
  void made_smaller_a_fine_texture_keeps_its_value() {
    Patch board(120, 90);
    for (int y = 0; y < 90; ++y)
      for (int x = 0; x < 120; ++x) board.at(x, y) = (x + y) % 2 ? 0xffffffffu : 0xff000000u;
    for (const auto& [w, h] : {std::pair{60, 45}, {40, 30}, {37, 29}, {1, 1}, {24, 90}}) {
      std::vector<Pixel> out(static_cast<std::size_t>(w) * h);
      reduce(board.view(), w, h, out.data());
      double sum = 0;
      for (const auto word : out) {
        QCOMPARE(word.alpha(), 0xffu);
        sum += linear_from_encoded(color_of(word).g / 255.0);
      }
      const double light = sum / static_cast<double>(out.size());
      CHECK_NEAR(116 * std::cbrt(light) - 16, 76.07, 0.6);
      if (w == 60)
        QVERIFY(std::all_of(out.begin(), out.end(), [](auto word) { return word == Pixel{0xffbcbcbcu}; }));
    }
    // What is transparent has no color to give, and the same size is the same picture.
    Patch half(2, 1, 0x00ff0000u);
    half.at(1, 0) = 0xff0000ffu;
    Pixel one;
    reduce(half.view(), 1, 1, &one);
    QCOMPARE(one.word, 0x800000ffu);
    std::vector<Pixel> same(board.pixels.size());
    reduce(board.view(), 120, 90, same.data());
    QCOMPARE(same, board.pixels);
  }
  void takes_only_the_square_and_what_lies_in_the_photo() {
    Patch patch(9, 9, 0xff204060u);
    patch.pixels[4 * 9 + 4] = {0xffc08040u};
    QVERIFY(largest_step(*sample_average(patch.view(), 4, 4, 1), srgb_from_8bit({0xc0, 0x80, 0x40})) < 1e-6);
    QVERIFY(largest_step(*sample_average(patch.view(), 0, 0, 3), srgb_from_8bit({0x20, 0x40, 0x60})) < 1e-6);
    const double one_in_nine =
        (linear_from_encoded(0xc0 / 255.0) + 8 * linear_from_encoded(0x20 / 255.0)) / 9;
    CHECK_NEAR(sample_average(patch.view(), 4, 4, 3)->r, encoded_from_linear(one_in_nine), 1e-6);
    QVERIFY(sample_average(patch.view(), 8, 8, 101));
    for (const auto& [x, y] : {std::pair{-1, 0}, {0, -1}, {9, 0}, {0, 9}})
      QVERIFY(!sample_average(patch.view(), x, y, 5));
  }
  void value_greys_have_equal_lightness() {
    for (const Srgb8 c :
         {Srgb8{255, 255, 0}, Srgb8{0, 0, 255}, Srgb8{200, 30, 90}, Srgb8{7, 9, 3}, Srgb8{255, 255, 255}}) {
      const Pixel grey = value_grey({pixel_of(c).word & 0x7fffffffu});
      QCOMPARE(grey.alpha(), 0x7fu);
      const Srgb8 g = color_of(grey);
      QVERIFY(g.r == g.g && g.g == g.b);
      QCOMPARE(g, rounded_8bit(neutral_of_value(value_of(srgb_from_8bit(c)))));
    }
  }
};

QTEST_APPLESS_MAIN(PixelsTest)
#include "pixels_test.moc"
