// SPDX-License-Identifier: GPL-3.0-or-later
// A canvas that is followed: read again whenever the user saves, quietly, and never half.
#include "app/photo/photo_view.h"
#include "desk.h"
#include "io/files/zip_archive.h"
#include "model/follow/canvas_follower.h"

#include <QBuffer>
#include <QElapsedTimer>

#include <map>

using namespace zc;
using namespace zc::test;

namespace {

QByteArray picture(QColor color, const char* format, QSize size = {400, 300}) {
  QImage image(size, QImage::Format_RGB32);
  image.fill(color);
  // Something for the packer to do, so that halves of the file are halves of the picture.
  for (int y = 0; y < size.height(); ++y)
    for (int x = 0; x < size.width(); x += 3) image.setPixel(x, y, color.rgb() ^ ((x * 7 + y * 13) & 7));
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, format);
  return out;
}

QByteArray openraster(QColor color) {
  const auto bytes = [](const QByteArray& b) { return Bytes(b.begin(), b.end()); };
  const auto packed = write_zip({{"mimetype", bytes("image/openraster"), true},
                                 {"stack.xml", bytes("<image/>"), false},
                                 {"mergedimage.png", bytes(picture(color, "PNG")), false}});
  return {reinterpret_cast<const char*>(packed->data()), static_cast<qsizetype>(packed->size())};
}

void write(const QString& path, const QByteArray& bytes) {
  QFile file(path);
  if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size()) qFatal("not exported");
}

} // namespace

class CanvasTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = new_piece_at(Desk::Observe);
    m_folder = std::make_unique<QTemporaryDir>();
  }
  void cleanup() { m_desk.reset(); }
  void a_saved_canvas_is_read_again_data();
  void a_saved_canvas_is_read_again();
  void view_and_samples_stay();
  void two_hundred_saves_never_show_half_a_picture();
  void what_is_gone_or_not_tied_here_says_so();
  void undo_never_brings_an_older_picture();
  void a_wrong_file_leaves_the_right_picture();
  void a_replaced_reference_follows_nothing();
  void the_demo_has_a_canvas_to_paint_on();

private:
  QString file(const QString& name) { return m_folder->filePath(name); }
  const Reference& canvas() { return m_desk->piece().references.back(); }
  /// The middle pixel of what is shown, once it is decoded; black before.
  QColor shown() {
    const auto photo = m_desk->model().photos().state_of(canvas()).photo;
    return photo ? photo->full().pixelColor(photo->full().width() / 2 / 3 * 3 + 1, photo->full().height() / 2)
                 : QColor(Qt::black);
  }
  bool follow(const QString& path) {
    m_desk->model().canvases().follow_canvas(path);
    return comes_true([&] { return m_desk->piece().references.size() == 1; }) && m_desk->photo_shown();
  }
  std::unique_ptr<DeskTop> m_desk;
  std::unique_ptr<QTemporaryDir> m_folder;
};

void CanvasTask::a_saved_canvas_is_read_again_data() {
  QTest::addColumn<QString>("name");
  for (const char* name : {"canvas.png", "canvas.jpg", "canvas.tif", "canvas.webp", "canvas.ora"})
    QTest::newRow(name) << QString(name);
}

void CanvasTask::a_saved_canvas_is_read_again() {
  QFETCH(QString, name);
  const auto save = [&](QColor color) {
    const QString ending = name.section('.', 1);
    write(file(name), ending == "ora" ? openraster(color)
                                      : picture(color, ending == "tif" ? "TIFF" : qPrintable(ending)));
  };
  const auto near = [&](QColor color) {
    return std::abs(shown().red() - color.red()) < 9 && std::abs(shown().blue() - color.blue()) < 9;
  };
  save(QColor(200, 80, 40));
  QVERIFY(follow(file(name)));
  QVERIFY(near(QColor(200, 80, 40)));
  QVERIFY(!canvas().follows.empty());
  m_desk->model().store().mark_saved();
  QTest::qWait(20); // Another time stamp.
  QElapsedTimer since;
  save(QColor(40, 80, 200));
  since.start();
  QVERIFY(comes_true([&] { return near(QColor(40, 80, 200)); }));
  QVERIFY2(since.elapsed() < 1000, qPrintable(QString::number(since.elapsed())));
  QVERIFY(m_desk->model().store().edited());
  QVERIFY(m_desk->notice().isEmpty());
}

void CanvasTask::view_and_samples_stay() {
  write(file("canvas.png"), picture(QColor(200, 80, 40), "PNG"));
  QVERIFY(follow(file("canvas.png")));
  auto& view = m_desk->part<PhotoView>("photo");
  view.zoom_to(view.zoom() * 3, {300, 200});
  const double zoom = view.zoom();
  const QPointF place = view.place_of(150, 100);
  m_desk->model().viewing().show_look(PhotoLook::Value);
  click(view, place);
  const auto origin = m_desk->session().origin;
  QVERIFY(origin && origin->x == 150 && origin->y == 100);
  write(file("canvas.png"), picture(QColor(40, 80, 200), "PNG"));
  QVERIFY(comes_true([&] { return shown().blue() > 150; }));
  QCOMPARE(view.zoom(), zoom);
  QCOMPARE(view.place_of(150, 100), place);
  QCOMPARE(m_desk->session().looking.look, PhotoLook::Value);
  QVERIFY(m_desk->session().origin == origin);
  // Of another size the whole is shown.
  write(file("canvas.png"), picture(QColor(40, 80, 200), "PNG", {200, 500}));
  QVERIFY(comes_true([&] { return view.place_of(150, 100) != place; }));
}

void CanvasTask::two_hundred_saves_never_show_half_a_picture() {
  const QString path = file("canvas.png");
  write(path, picture(QColor(10, 10, 10), "PNG"));
  QVERIFY(follow(path));
  const auto even = [&] {
    const auto state = m_desk->model().photos().state_of(canvas());
    if (!state.photo || !state.failure.isEmpty()) return false;
    const QImage& image = state.photo->full();
    const QRgb first = image.pixel(1, 0);
    for (int y = 0; y < image.height(); y += 50)
      for (int x = 1; x < image.width(); x += 90) // None of the third columns.
        if (image.pixel(x / 3 * 3 + 1, y) != first) return false;
    return image.size() == QSize(400, 300);
  };
  // What was shown once and is still held by anyone.
  std::map<const void*, std::weak_ptr<const void>> held;
  const auto hold = [&](std::shared_ptr<const void> thing) {
    if (thing) held[thing.get()] = thing;
  };
  const auto alive = [&] {
    return std::ranges::count_if(held, [](const auto& h) { return !h.second.expired(); });
  };
  const auto photo = [&] { return m_desk->model().photos().state_of(canvas()).photo; };
  for (int n = 0; n < 200; ++n) {
    hold(canvas().bytes);
    hold(photo());
    QVERIFY(m_desk->model().photos().canvases_being_read() <= 1);
    const QByteArray bytes = picture(QColor(n, 255 - n, n), "PNG");
    if (n % 3 == 0) {
      write(path, bytes);
    } else if (n % 3 == 1) {
      write(path, bytes.left(bytes.size() / 2));
      QTest::qWait(n % 7);
      write(path, bytes);
    } else {
      write(path + ".part", bytes);
      QFile::remove(path);
      QFile::rename(path + ".part", path);
    }
    QTest::qWait(n % 5 * 4);
    if (n % 5 == 4) QVERIFY(comes_true([&] { return shown() == QColor(n, 255 - n, n); }));
    QVERIFY(even());
  }
  QVERIFY(comes_true([&] { return shown() == QColor(199, 56, 199); }));
  QVERIFY(even());
  // Memory stays flat: the last picture, its file, and in the step that tied it the file as it was then.
  QVERIFY(held.size() >= 80);
  hold(canvas().bytes);
  hold(photo());
  QVERIFY(comes_true([&] { return alive() <= 3; }));
  QCOMPARE(m_desk->piece().references.size(), std::size_t{1});
}

void CanvasTask::what_is_gone_or_not_tied_here_says_so() {
  const QString path = file("canvas.png");
  write(path, picture(QColor(200, 80, 40), "PNG"));
  QVERIFY(follow(path));
  QFile::remove(path);
  QVERIFY(comes_true([&] { return m_desk->notice().contains("no longer exists"); }));
  QVERIFY(m_desk->model().canvases().state_of(canvas()).contains("no longer exists"));
  QVERIFY(shown().red() > 190);
  write(path, picture(QColor(40, 80, 200), "PNG"));
  QVERIFY(comes_true([&] { return shown().blue() > 190; }));
  QVERIFY(m_desk->model().canvases().state_of(canvas()).isEmpty());
  // A file that stays broken is given up with a sentence; mended, it is read.
  const QByteArray green = picture(QColor(40, 200, 40), "PNG");
  write(path, green.left(green.size() / 2));
  QVERIFY(comes_true([&] { return m_desk->notice().contains("cannot be read"); }));
  QVERIFY(shown().blue() > 190);
  write(path, picture(QColor(40, 200, 40), "PNG"));
  QVERIFY(comes_true([&] { return shown().green() > 190; }));
  // A piece from elsewhere cannot have files of this machine read.
  write(file("private.png"), picture(QColor(250, 250, 20), "PNG"));
  m_desk->model().store().apply("tie", [&](Piece p) {
    return with_reference_following(std::move(p), canvas().id, file("private.png").toStdString());
  });
  QVERIFY(comes_true([&] { return m_desk->notice().contains("on another computer"); }));
  QVERIFY(shown().green() > 190 && shown().red() < 60);
  m_desk->model().canvases().follow_canvas(file("private.png"));
  m_desk->model().canvases().stop_following();
  QVERIFY(canvas().follows.empty());
}

void CanvasTask::undo_never_brings_an_older_picture() {
  const QString path = file("canvas.png");
  write(path, picture(QColor(200, 80, 40), "PNG"));
  QVERIFY(follow(path));
  m_desk->model().store().apply("Change title", [](Piece p) { return with_title(std::move(p), "one"); });
  write(path, picture(QColor(40, 80, 200), "PNG"));
  QVERIFY(comes_true([&] { return shown().blue() > 190; }));
  m_desk->trigger("undo");
  QVERIFY(m_desk->piece().title != "one");
  QVERIFY(comes_true([&] { return shown().blue() > 190; }));
  m_desk->trigger("undo");
  QVERIFY(m_desk->piece().references.empty());
  m_desk->trigger("redo");
  QVERIFY(comes_true([&] { return shown().blue() > 190; }));
}

void CanvasTask::a_wrong_file_leaves_the_right_picture() {
  write(file("right.png"), picture(QColor(200, 80, 40), "PNG"));
  QVERIFY(follow(file("right.png")));
  const SharedBytes right = canvas().bytes;
  write(file("wrong.png"), picture(QColor(40, 80, 200), "PNG"));
  m_desk->model().canvases().follow_canvas(file("wrong.png"));
  QVERIFY(comes_true([&] { return shown().blue() > 190; }));
  m_desk->trigger("undo");
  QCOMPARE(canvas().follows, file("right.png").toStdString());
  QVERIFY(*canvas().bytes == *right);
  QVERIFY(comes_true([&] { return shown().red() > 190; }));
  m_desk->trigger("redo");
  QVERIFY(comes_true([&] { return shown().blue() > 190; }));
}

void CanvasTask::a_replaced_reference_follows_nothing() {
  write(file("canvas.png"), picture(QColor(200, 80, 40), "PNG"));
  QVERIFY(follow(file("canvas.png")));
  write(file("other.png"), picture(QColor(40, 200, 80), "PNG"));
  m_desk->dialogs.photo_paths = {file("other.png")};
  m_desk->trigger("replaceReference");
  QVERIFY(comes_true([&] { return shown().green() > 190; }));
  QVERIFY(canvas().follows.empty());
  // Saved again the canvas does not come back in the place of the photo.
  write(file("canvas.png"), picture(QColor(40, 80, 200), "PNG"));
  QTest::qWait(400);
  QVERIFY(shown().green() > 190);
}

void CanvasTask::the_demo_has_a_canvas_to_paint_on() {
  QVERIFY(m_desk->documents().open_demo());
  QCOMPARE(m_desk->piece().title, std::string("Coppersmiths' Row, blue hour"));
  const QString path = QString::fromStdString(canvas().follows);
  QVERIFY(QFileInfo(path).isAbsolute() && QFileInfo::exists(path));
  QVERIFY(!m_desk->model().store().edited());
  m_desk->model().viewing().show_reference(canvas().id);
  QVERIFY(m_desk->photo_shown());
  QVERIFY(m_desk->model().canvases().state_of(canvas()).isEmpty());
  // What is painted on it is seen, and is there when the demo is opened again.
  write(path, picture(QColor(40, 200, 40), "PNG"));
  QVERIFY(comes_true([&] { return shown().green() > 190; }));
  m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
  m_desk->trigger("openDemoPiece");
  m_desk->model().viewing().show_reference(canvas().id);
  QVERIFY(comes_true([&] { return shown().green() > 190; }));
}

DESK_TEST_MAIN(CanvasTask)
#include "canvas_task_test.moc"
