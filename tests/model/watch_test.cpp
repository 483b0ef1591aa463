// SPDX-License-Identifier: GPL-3.0-or-later
// A canvas is watched without a window: what is painted is measured, looked at or not, from piece to piece.
#include "core/color/convert.h"
#include "core/color/text.h"
#include "io/container/piece_file.h"
#include "model/application/app_model.h"
#include "support/painted_canvas.h"

#include <QSignalSpy>
#include <QTest>

using namespace zc;
using namespace zc::test;

namespace {

template <class F> [[nodiscard]] bool comes_true(F&& f) {
  return QTest::qWaitFor(std::forward<F>(f), 120'000);
}
QColor color_of_swatch(const Swatch& s) { return QColor(QString::fromStdString(hex_of(s.color))); }
const QColor kStray(0, 255, 64);

} // namespace

class WatchTest : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_model = std::make_unique<AppModel>();
    const auto document = open_document(DEMO_PIECE);
    QVERIFY(document.ok());
    m_model->start(document->piece, document->at_hand, true);
    for (const Family& family : current_set(m_model->piece())->families)
      for (const Swatch& s : family.swatches) m_swatches.push_back(s);
  }
  void cleanup() {
    m_swatches.clear();
    m_model.reset();
  }

  void what_is_painted_is_measured() {
    PaintedCanvas& canvas = watch(inside());
    QVERIFY(!canvas.wanted() && !watched().seen()); // Nobody looks.
    watched().look(this, true);
    QVERIFY(comes_true([&] { return watched().seen() != nullptr; }));
    QCOMPARE(sum(watched().seen()->check.shares.outside), 0.0);
    QCOMPARE(watched().seen()->picture.width(), WatchModel::kSide);
    canvas.paint({0, 0, 80, 500}, kStray); // A tenth.
    QVERIFY(comes_true([&] { return std::abs(outside() - 0.1) < 0.003; }));
    const CanvasCheck& check = watched().seen()->check;
    QVERIFY(check.strays.size() == 1 && rounded_8bit(check.strays[0].color) == (Srgb8{0, 255, 64}));
    QVERIFY(std::abs(check.strays[0].x - 19.5) <= 1 && std::abs(check.strays[0].y - 124.5) <= 1);
    QVERIFY(*watched().seen()->used(m_swatches[8].id) > 0.89);
    QCOMPARE(watched().seen()->used(m_swatches[0].id).value_or(-1), 0.0);
    QVERIFY(!watched().seen()->used(987654));
  }

  /// The plan is that of now: another mask, another swatch, another limit, and the picture is asked again.
  void the_plan_is_that_of_now() {
    watch(kStray);
    watched().look(this, true);
    QVERIFY(comes_true([&] { return watched().seen() && outside() > 0.99; }));
    m_model->masking().remove_mask();
    QVERIFY(comes_true([&] { return outside() == 0; }));
    QVERIFY(comes_true([&] { return sum(watched().seen()->check.shares.far) > 0.99; }));
    m_model->laying().lay_color({srgb_from_8bit({0, 255, 64}), {}});
    QVERIFY(comes_true([&] { return sum(watched().seen()->check.shares.far) == 0; }));
    QCOMPARE(watched().seen()->swatches.size(), m_swatches.size() + 1);
    m_model->store().stack().undo();
    QVERIFY(comes_true([&] { return sum(watched().seen()->check.shares.far) > 0.99; }));
  }

  /// A monitor that was told other numbers than the colors are.
  void pixels_go_back_through_the_monitor() {
    const auto profile = DisplayProfile::read(swapped_channels());
    if (!profile) QSKIP("no profile of a display is at hand");
    auto canvas = std::make_unique<PaintedCanvas>(QColor(120, 90, 60));
    canvas->set_monitor(*profile);
    watched().look(this, true);
    watched().begin(std::move(canvas));
    QVERIFY(comes_true([&] { return watched().seen() != nullptr; }));
    const QColor wanted = QColor((*profile)
                                     ->from_monitor(QImage([] {
                                       QImage one(1, 1, QImage::Format_RGB32);
                                       one.fill(QColor(120, 90, 60));
                                       return one;
                                     }()))
                                     .pixel(0, 0));
    QImage glass(1, 1, QImage::Format_ARGB32);
    glass.fill(QColor(120, 90, 60, 64));
    QCOMPARE((*profile)->from_monitor(glass).pixelColor(0, 0),
             QColor(wanted.red(), wanted.green(), wanted.blue(), 64));
    QCOMPARE(QColor(watched().seen()->picture.pixel(50, 50)), wanted);
    QCOMPARE(QColor(watched().whole().pixel(50, 50)), wanted);
  }

  void nobody_looks_and_nothing_is_read() {
    PaintedCanvas& canvas = watch(inside());
    int other = 0;
    const auto* second = reinterpret_cast<QObject*>(&other);
    watched().look(this, true);
    watched().look(second, true);
    watched().look(this, false);
    QVERIFY(canvas.wanted());
    watched().look(second, false);
    QVERIFY(!canvas.wanted());
    canvas.paint({0, 0, 800, 500}, kStray);
    QTest::qWait(50);
    QVERIFY(outside() == 0);
    watched().look(second, true);
    QVERIFY(comes_true([&] { return outside() > 0.99; }));
  }

  void what_cannot_be_seen_says_so() {
    PaintedCanvas& canvas = watch(inside());
    watched().look(this, true);
    QVERIFY(comes_true([&] { return watched().seen() != nullptr; }));
    emit canvas.hidden(QStringLiteral("Covered."));
    QCOMPARE(watched().hidden(), QStringLiteral("Covered."));
    QVERIFY(watched().seen());
    canvas.paint({0, 0, 1, 1}, kStray);
    QVERIFY(watched().hidden().isEmpty());
    QSignalSpy notices(m_model.get(), &Studio::notice);
    emit canvas.ended(QStringLiteral("Closed."));
    QVERIFY(!watched().on() && !watched().seen());
    QCOMPARE(notices.size(), 1);
    QCOMPARE(notices[0][0].toString(), QStringLiteral("Closed."));
  }

  /// Another piece, in the middle of a measuring: nothing of the canvas of the one before is told.
  void another_piece_ends_it() {
    for (int wait : {0, 1, 5}) {
      PaintedCanvas& canvas = watch(inside());
      watched().look(this, true);
      canvas.paint({0, 0, 400, 500}, kStray);
      QTest::qWait(wait);
      Piece other = m_model->piece();
      other.title = "Another";
      m_model->start(other, {}, true);
      QVERIFY(!watched().on() && !watched().seen() && !watched().chosen());
      QTest::qWait(60);
      QVERIFY(!watched().seen());
    }
  }

  void a_moment_becomes_a_reference() {
    PaintedCanvas& canvas = watch(inside());
    watched().look(this, true);
    canvas.paint({0, 0, 100, 100}, kStray);
    const std::size_t before = m_model->piece().references.size();
    watched().keep_moment();
    QVERIFY(comes_true([&] { return m_model->piece().references.size() == before + 1; }));
    const Reference& kept = m_model->piece().references.back();
    QVERIFY(QString::fromStdString(kept.name).contains("canvas"));
    const QImage picture = QImage::fromData(reinterpret_cast<const uchar*>(kept.bytes->data()),
                                            static_cast<int>(kept.bytes->size()));
    QCOMPARE(picture.size(), QSize(800, 500));
    QCOMPARE(QColor(picture.pixel(10, 10)), kStray);
  }

  /// Mixed of two swatches, chosen as a stray: they and the parts are told, and stay chosen while the canvas
  /// goes on.
  void a_way_back_is_found() {
    const Srgb mixed = mix({{m_swatches[1].color, 0.4}, {m_swatches[12].color, 0.6}}, MixAs::Light)->color;
    const Srgb8 color = rounded_8bit(mixed);
    PaintedCanvas& canvas = watch(inside());
    watched().look(this, true);
    m_model->viewing().try_on([&] {
      Trying trying = m_model->session().trying;
      trying.far = 1;
      return trying;
    }());
    canvas.paint({0, 0, 400, 100}, kStray);
    canvas.paint({100, 200, 100, 100}, QColor(color.r, color.g, color.b));
    const auto place = [&]() -> std::optional<std::size_t> {
      if (!watched().seen()) return std::nullopt;
      const auto& strays = watched().seen()->check.strays;
      for (std::size_t i = 0; i < strays.size(); ++i)
        if (rounded_8bit(strays[i].color) == color) return i;
      return std::nullopt;
    };
    QVERIFY(comes_true([&] { return place().has_value(); }));
    watched().mix_as(MixAs::Light);
    watched().choose(place());
    QVERIFY(comes_true([&] { return watched().way() != nullptr; }));
    const WayBack way = *watched().way()->operator->();
    QVERIFY(way.nearest.difference < 0.6);
    QVERIFY(watched().swatch_of(way.first) && watched().swatch_of(way.second));
    // It becomes the largest, and is the one that is chosen all the same.
    canvas.paint({0, 100, 800, 400}, QColor(color.r, color.g, color.b));
    QVERIFY(comes_true([&] { return place() == 0u; }));
    QCOMPARE(watched().chosen().value_or(9), std::size_t{0});
    watched().point(1);
    QCOMPARE(watched().pointed().value_or(9), std::size_t{1});
    canvas.paint({0, 0, 800, 500}, inside());
    QVERIFY(comes_true([&] { return watched().seen()->check.strays.empty(); }));
    QVERIFY(!watched().pointed() && !watched().way());
  }

  /// Many pictures, one after the other: the last one counts.
  void fast_painting_is_followed() {
    PaintedCanvas& canvas = watch(inside());
    watched().look(this, true);
    for (int i = 0; i < 300; ++i) canvas.paint({i, 0, 1, 500}, i % 2 ? kStray : inside());
    canvas.paint({0, 0, 800, 500}, inside());
    canvas.paint({0, 0, 200, 500}, kStray);
    QVERIFY(comes_true([&] { return std::abs(outside() - 0.25) < 0.003; }));
  }

private:
  PaintedCanvas& watch(QColor ground) {
    auto canvas = std::make_unique<PaintedCanvas>(ground);
    PaintedCanvas& out = *canvas;
    watched().begin(std::move(canvas));
    return out;
  }
  WatchModel& watched() { return m_model->watch(); }
  double outside() { return watched().seen() ? sum(watched().seen()->check.shares.outside) : 0; }
  QColor inside() const { return color_of_swatch(m_swatches[8]); }
  static QByteArray swapped_channels() {
    QFile file(QStringLiteral("/usr/share/color/icc/colord/SwappedRedAndGreen.icc"));
    return file.open(QFile::ReadOnly) ? file.readAll() : QByteArray();
  }

  std::unique_ptr<AppModel> m_model;
  std::vector<Swatch> m_swatches;
};

QTEST_MAIN(WatchTest)
#include "watch_test.moc"
