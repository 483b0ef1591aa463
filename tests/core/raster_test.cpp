// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures of the solid: every pixel against the exact color.
#include "core/color/convert.h"
#include "core/image/pixels.h"
#include "core/wheel/raster.h"
#include "core/wheel/relations.h"
#include "support/check.h"

using namespace zc;
using namespace zc::test;

namespace {

constexpr double kStep = 1.0 / 255;
constexpr int kMeasures = static_cast<int>(std::size(kMeasureWords));

double off_by(std::uint32_t word, Srgb exact) {
  return largest_step(srgb_from_8bit(color_of({word})), exact);
}

} // namespace

class RasterTest : public QObject {
  Q_OBJECT
private slots:
  void slice_is_exact_at_every_pixel_data();
  void slice_is_exact_at_every_pixel();
  void section_is_exact_at_every_pixel_data();
  void section_is_exact_at_every_pixel();
  void rail_is_exact();
  void the_vivid_plan_shows_each_hue_at_its_value();
  void survives_odd_sizes();
};

/// Against the exact color at the vivid value, on a grid over the disc; what the display lacks stays open.
void RasterTest::the_vivid_plan_shows_each_hue_at_its_value() {
  for (const SaturationMeasure measure :
       {SaturationMeasure::Hsluv, SaturationMeasure::Hsv, SaturationMeasure::OklabChroma}) {
    const Wheel wheel({HueScale::Traditional, measure});
    constexpr int size = 240;
    SolidPainter painter(wheel);
    Raster picture;
    painter.vivid(vivid_table(wheel), size, picture);
    int seen = 0, beyond_two = 0, open = 0;
    for (int y = 5; y < size; y += 13)
      for (int x = 3; x < size; x += 11) {
        const WheelPoint at = wheel_point({(x + 0.5) / size * 2 - 1, 1 - (y + 0.5) / size * 2}, 0);
        const double v = vivid_value(wheel, Angle(at.a)), reach = wheel.reach(Angle(at.a), v);
        // The edge of what exists is left to either side.
        if (at.r < 0.02 || at.r > 0.97 || std::abs(at.r - reach) < 0.02) continue;
        const std::uint32_t word =
            picture.pixels[static_cast<std::size_t>(y) * size + static_cast<std::size_t>(x)].word;
        if (at.r > reach) {
          QCOMPARE(word, 0u);
          ++open;
          continue;
        }
        const double off = off_by(word, *wheel.color_at({at.a, at.r, v})) / kStep;
        QVERIFY2(off < 7.5, qPrintable(QString("%1 at %2").arg(off).arg(at.a)));
        beyond_two += off > 2.5;
        ++seen;
      }
    QVERIFY(seen > 80 && beyond_two < 0.04 * seen);
    QCOMPARE(open > 0, measure == SaturationMeasure::OklabChroma);
  }
}

void RasterTest::slice_is_exact_at_every_pixel_data() {
  QTest::addColumn<int>("scale");
  QTest::addColumn<int>("measure");
  QTest::addColumn<double>("value");
  for (const int scale : {0, 1, 3})
    for (const double v : {0.0, 0.4, 3.0, 32.3, 53.2, 62.0, 87.7, 97.1, 99.9, 100.0})
      QTest::addRow("scale %d, value %g", scale, v) << scale << 0 << v;
  for (int measure = 1; measure < kMeasures; ++measure)
    for (const double v : {0.0, 0.2, 1.5, 7.0, 32.3, 62.0, 96.0, 100.0})
      QTest::addRow("measure %d, value %g", measure, v) << measure % 2 << measure << v;
}

void RasterTest::slice_is_exact_at_every_pixel() {
  QFETCH(int, scale);
  QFETCH(int, measure);
  QFETCH(double, value);
  const Wheel wheel({static_cast<HueScale>(scale), static_cast<SaturationMeasure>(measure)});
  SolidPainter painter(wheel);
  const int size = measure == 0 ? 260 : 120;
  Raster picture;
  painter.slice(value, size, picture);
  double worst = 0;
  int wrong_outline = 0;
  for (int y = 0; y < size; ++y)
    for (int x = 0; x < size; ++x) {
      const DiscPoint p{(x + 0.5 - size / 2.0) / (size / 2.0), (size / 2.0 - y - 0.5) / (size / 2.0)};
      const std::uint32_t word = picture.pixels[static_cast<std::size_t>(y) * size + x].word;
      const double r = std::hypot(p.x, p.y);
      if (r > 1 + 2.0 / size) QCOMPARE(word, 0u);
      if (r > 1 - 1.0 / size || (word != 0 && word >> 24 != 255)) continue;
      const auto exact = wheel.color_at(wheel_point(p, value));
      // What does not exist is left open; float and double may differ on the very edge.
      if (exact.has_value() != (word != 0))
        ++wrong_outline;
      else if (exact)
        worst = std::max(worst, off_by(word, *exact));
    }
  QVERIFY2(worst <= kStep, qPrintable(QString::number(worst * 255)));
  QVERIFY2(wrong_outline <= 2, qPrintable(QString::number(wrong_outline)));
}

void RasterTest::section_is_exact_at_every_pixel_data() {
  QTest::addColumn<int>("measure");
  for (int measure = 0; measure < kMeasures; ++measure) QTest::addRow("measure %d", measure) << measure;
}

void RasterTest::section_is_exact_at_every_pixel() {
  QFETCH(int, measure);
  const Wheel wheel({HueScale::Traditional, static_cast<SaturationMeasure>(measure)});
  const SolidPainter painter(wheel);
  const int width = measure == 0 ? 301 : 61, height = measure == 0 ? 503 : 97;
  for (const double angle : {0.0, 37.5, 211.0}) {
    Raster picture;
    painter.section(Angle(angle), width, height, picture);
    double worst = 0;
    int wrong_outline = 0;
    for (int y = 0; y < height; ++y)
      for (int x = 0; x < width; ++x) {
        const double along = 2 * (x + 0.5) / width - 1, v = 100.0 * (height - y - 0.5) / height;
        const auto exact = wheel.color_at({along < 0 ? angle + 180 : angle, std::abs(along), v});
        const std::uint32_t word = picture.pixels[static_cast<std::size_t>(y) * width + x].word;
        if (exact.has_value() != (word != 0))
          ++wrong_outline;
        else if (exact)
          worst = std::max(worst, off_by(word, *exact));
      }
    QVERIFY2(worst <= kStep, qPrintable(QString::number(worst * 255)));
    QVERIFY2(wrong_outline <= 2, qPrintable(QString::number(wrong_outline)));
  }
}

void RasterTest::rail_is_exact() {
  const Wheel wheel({HueScale::Even, SaturationMeasure::Hsluv});
  Raster picture;
  SolidPainter(wheel).rail(Angle(120), 0.8, 100, picture);
  for (int y = 0; y < 100; ++y)
    QVERIFY(off_by(picture.pixels[static_cast<std::size_t>(y)].word, *wheel.color_at({120, 0.8, 99.5 - y})) <=
            kStep);
}

void RasterTest::survives_odd_sizes() {
  const Wheel wheel(WheelSpec{});
  SolidPainter painter(wheel);
  Raster picture;
  for (const int size : {1, 2, 3, 700, 1}) {
    painter.slice(50, size, picture);
    QCOMPARE(picture.pixels.size(), static_cast<std::size_t>(size) * size);
    QVERIFY(picture.width == size && picture.height == size);
  }
  painter.section(Angle(0), 1, 1, picture);
  QCOMPARE(picture.pixels.size(), std::size_t{1});
}

QTEST_APPLESS_MAIN(RasterTest)
#include "raster_test.moc"
