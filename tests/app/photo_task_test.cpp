// SPDX-License-Identifier: GPL-3.0-or-later
// Bringing photos in: large ones without freezing, bad ones without harm.
#include "core/piece/edits.h"
#include "desk.h"
#include "model/derived/job_pool.h"

#include <QBuffer>
#include <QClipboard>
#include <QElapsedTimer>
#include <QMimeData>
#include <QThread>

using namespace zc;
using namespace zc::test;

namespace {

/// Noise that does not compress well, so that decoding takes its time.
QImage noise(int w, int h) {
  QImage image(w, h, QImage::Format_RGB32);
  std::uint32_t state = 1;
  for (int y = 0; y < h; ++y) {
    auto* row = reinterpret_cast<QRgb*>(image.scanLine(y));
    for (int x = 0; x < w; ++x) row[x] = 0xff000000u | (state = state * 1664525u + 1013904223u) >> 8;
  }
  return image;
}

struct Paints final : QObject {
  int count = 0;
  bool eventFilter(QObject*, QEvent* event) override {
    count += event->type() == QEvent::Paint;
    return false;
  }
};

} // namespace

class PhotoTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = std::make_unique<DeskTop>();
    m_folder = std::make_unique<QTemporaryDir>();
  }
  void cleanup() { m_desk.reset(); }

  void a_24_megapixel_photo_never_blocks_the_window() {
    QVERIFY(noise(6000, 4000).save(path("large.jpg"), "JPEG", 90));
    QElapsedTimer since;
    qint64 longest = 0;
    QTimer pulse;
    connect(&pulse, &QTimer::timeout, this, [&] { longest = std::max(longest, since.restart()); });
    since.start();
    pulse.start(5);
    import_photo("large.jpg");
    auto& stop = m_desk->part<QAbstractButton>("stopLoading");
    QVERIFY(stop.isVisible());
    QVERIFY(comes_true([this] { return m_desk->piece().references.size() == 1; }));
    QVERIFY(!m_desk->model().photos().state_of(m_desk->piece().references[0]).photo->full().isNull());
    QVERIFY(!stop.isVisible());
    // The window went on answering all the while. (A bound against freezing, far above the tenth of a second
    // that bench and use show, since tests share the machine.)
    QVERIFY2(longest < 1000, qPrintable(QString::number(longest)));
  }
  /// A paint in between would show parts that have not heard of the change yet.
  void nothing_is_painted_while_a_change_is_told() {
    QVERIFY(noise(6000, 4000).save(path("large.jpg"), "JPEG", 90));
    import_photo("large.jpg");
    QVERIFY(m_desk->part<QAbstractButton>("stopLoading").isVisible());
    while (m_desk->model().photos().intakes().at(0).progress < 0.2) QThread::msleep(1);
    Paints paints;
    m_desk->part<QWidget>("staff").installEventFilter(&paints);
    m_desk->part<QWidget>("staff").update(); // As the pointer over it would.
    m_desk->model().laying().lay_current();
    QCOMPARE(paints.count, 0);
    QCoreApplication::processEvents();
    QVERIFY(paints.count > 0);
  }
  void loading_can_be_stopped() {
    QVERIFY(noise(6000, 4000).save(path("large.png"), "PNG", 90));
    import_photo("large.png");
    m_desk->part<QAbstractButton>("stopLoading").click();
    QVERIFY(comes_true([this] { return m_desk->notice().contains("was stopped"); }));
    QVERIFY(m_desk->piece().references.empty());
    QVERIFY(!m_desk->model().store().edited());
  }
  void bad_photos_are_refused_in_a_sentence_data() {
    QTest::addColumn<QByteArray>("bytes");
    QByteArray jpeg;
    QBuffer buffer(&jpeg);
    buffer.open(QIODevice::WriteOnly);
    noise(200, 200).save(&buffer, "JPEG");
    QTest::newRow("cut short") << jpeg.left(jpeg.size() / 2);
    QTest::newRow("text") << QByteArray("ochre, umber, sienna");
    QTest::newRow("empty") << QByteArray();
  }
  void bad_photos_are_refused_in_a_sentence() {
    QFETCH(QByteArray, bytes);
    QVERIFY(m_desk->open_demo());
    const Piece piece = m_desk->piece();
    QFile file(path("notes.png"));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
    file.close();
    import_photo("notes.png");
    QVERIFY(comes_true([this] { return m_desk->notice().startsWith("\"notes\" is "); }));
    QVERIFY(m_desk->piece() == piece);
    QVERIFY(!m_desk->model().store().edited());
  }
  void photos_come_by_drop_and_paste() {
    QVERIFY(noise(30, 20).save(path("a.png")));
    QVERIFY(noise(20, 30).save(path("b.bmp")));
    QMimeData files;
    files.setUrls({QUrl::fromLocalFile(path("a.png")), QUrl::fromLocalFile(path("b.bmp"))});
    QDragEnterEvent enter({200, 200}, Qt::CopyAction, &files, Qt::LeftButton, {});
    QCoreApplication::sendEvent(&m_desk->window, &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent drop(QPointF(200, 200), Qt::CopyAction, &files, Qt::LeftButton, {});
    QCoreApplication::sendEvent(&m_desk->window, &drop);
    QVERIFY(comes_true([this] { return m_desk->piece().references.size() == 2; }));
    QApplication::clipboard()->setImage(noise(10, 10));
    m_desk->trigger("paste");
    QVERIFY(comes_true([this] { return m_desk->piece().references.size() == 3; }));
    QCOMPARE(m_desk->piece().references[2].name, std::string("pasted photo"));
    // One step each, named.
    QCOMPARE(m_desk->model().store().stack().undoText(), QStringLiteral("Add reference"));
    QCOMPARE(m_desk->model().store().stack().count(), 3);
    auto* copied = new QMimeData;
    copied->setUrls({QUrl::fromLocalFile(path("b.bmp"))});
    QApplication::clipboard()->setMimeData(copied);
    m_desk->trigger("paste");
    QVERIFY(comes_true([this] { return m_desk->piece().references.size() == 4; }));
    QCOMPARE(m_desk->piece().references[3].name, std::string("b"));
  }
  void a_photo_for_a_piece_that_was_left_is_dropped() {
    QVERIFY(noise(3000, 2000).save(path("large.jpg"), "JPEG", 90));
    import_photo("large.jpg");
    m_desk->trigger("newPiece");
    QVERIFY(m_desk->model().photos().intakes().empty());
    // What was being decoded is at its end, and has been told.
    QVERIFY(all_jobs_rest(120'000));
    QCoreApplication::processEvents();
    QVERIFY(m_desk->piece().references.empty());
    QVERIFY(!m_desk->model().store().edited());
  }
  void leaving_while_loading_is_safe() {
    QVERIFY(noise(3000, 2000).save(path("large.jpg"), "JPEG", 90));
    import_photo("large.jpg");
    m_desk.reset();
  }

private:
  QString path(const char* name) { return m_folder->filePath(QLatin1String(name)); }
  void import_photo(const char* name) {
    m_desk->dialogs.photo_paths = {path(name)};
    m_desk->trigger("addPhotos");
    QCoreApplication::processEvents();
  }
  std::unique_ptr<DeskTop> m_desk;
  std::unique_ptr<QTemporaryDir> m_folder;
};

DESK_TEST_MAIN(PhotoTask)
#include "photo_task_test.moc"
