// Taking a set away: hex list and PNG strip.
#include "core/color/convert.h"
#include "io/exchange/hex_list.h"
#include "io/exchange/png_strip.h"

#include <QColorSpace>
#include <QImage>
#include <QTest>

using namespace zc;

namespace {

SwatchSet a_set() {
  SwatchSet set{1, "set", {}, {}};
  Family long_one{2, "long", {}, {}}, empty{3, "empty", {}, {}}, one{4, "one", {}, {}};
  for (int i = 0; i < 20; ++i)
    long_one.swatches.push_back({10u + static_cast<Id>(i),
                                 srgb_from_8bit({static_cast<std::uint8_t>(i * 12), 7, 200}),
                                 {},
                                 "n" + std::to_string(i),
                                 "",
                                 {},
                                 ""});
  one.swatches.push_back({90, srgb_from_8bit({0xce, 0x85, 0x4e}), {}, "glow\non plaster", "", {}, ""});
  set.families = {long_one, empty, one};
  return set;
}

} // namespace

class ExchangeTest : public QObject {
  Q_OBJECT
private slots:
  void hex_list_has_a_line_a_swatch() {
    const QStringList lines = QString::fromStdString(hex_list(a_set())).split('\n');
    QCOMPARE(lines.size(), 22);
    QCOMPARE(lines[0], QStringLiteral("#0007c8 n0"));
    QCOMPARE(lines[20], QStringLiteral("#ce854e glow on plaster"));
    QCOMPARE(lines[21], QString());
    QCOMPARE(hex_list({}), std::string());
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
    // Hundreds of families go beyond what a painter of the toolkit can reach.
    SwatchSet tall{1, "tall", {}, {}};
    for (Id i = 0; i < 700; ++i)
      tall.families.push_back({i + 2, "f", {{i + 1000, {0, 1, 0}, {}, "x", "", {}, ""}}, {}});
    const Bytes high = *png_strip(tall);
    const QImage strip = QImage::fromData(high.data(), static_cast<int>(high.size()));
    QCOMPARE(strip.height(), 700 * kStripSquare);
    QCOMPARE(strip.pixel(5, strip.height() - 5), qRgb(0, 255, 0));
    QVERIFY(!png_strip({}));
  }
};

QTEST_GUILESS_MAIN(ExchangeTest)
#include "exchange_test.moc"
