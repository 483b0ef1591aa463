// SPDX-License-Identifier: GPL-3.0-or-later
// What is on the screen, through a stand-in for the desktop's portal on a bus of its own.
#include "app/paint/monitor.h"
#include "app/screen/desktop_key.h"
#include "app/screen/screen_portal.h"
#include "app/screen/watched_stream.h"
#include "desk.h"

#include <QPainter>
#include <QProcess>

using namespace zc;
using namespace zc::test;

class ScreenTask : public QObject {
  Q_OBJECT
private slots:
  void initTestCase() {
    m_bus.start("dbus-daemon", {"--config-file=" PRIVATE_BUS, "--nofork", "--print-address"});
    QVERIFY(m_bus.waitForReadyRead(5000));
    m_address = QString::fromUtf8(m_bus.readLine()).trimmed();
    qputenv("DBUS_SESSION_BUS_ADDRESS", m_address.toUtf8()); // What the program itself asks.
    QImage picture(40, 30, QImage::Format_RGB32);
    for (int y = 0; y < 30; ++y)
      for (int x = 0; x < 40; ++x) picture.setPixelColor(x, y, QColor(6 * x, 8 * y, 200));
    QVERIFY(picture.save(m_folder.filePath("screen.png")));
  }
  void cleanupTestCase() {
    m_bus.terminate();
    m_bus.waitForFinished();
  }
  void every_answer_ends_in_a_color_or_one_sentence_data() {
    QTest::addColumn<QString>("answer");
    QTest::addColumn<QString>("sentence");
    QTest::newRow("color") << "color"
                           << "";
    QTest::newRow("cancel") << "cancel"
                            << "No color was picked from the screen.";
    QTest::newRow("refuse") << "refuse"
                            << "This desktop does not let programs see the screen.";
    QTest::newRow("silence") << "silence"
                             << "The desktop did not answer for half a minute; try again.";
    QTest::newRow("garbage") << "garbage"
                             << "The desktop did not send a color or a picture of the screen.";
  }
  void every_answer_ends_in_a_color_or_one_sentence() {
    QFETCH(QString, answer);
    QFETCH(QString, sentence);
    QProcess portal;
    QVERIFY(start(portal, answer));

    const QString name = "test " + answer;
    {
      ScreenPortal screen(QDBusConnection::connectToBus(m_address, name));
      std::optional<bool> there;
      screen.find([&](bool yes) { there = yes; });
      QVERIFY(comes_true([&] { return there.has_value(); }));
      QVERIFY(*there);
      if (answer == "silence") screen.request().set_patience(300);
      std::optional<Result<Srgb>> color;
      screen.pick_color([&](const Result<Srgb>& c) { color = c; });
      // Asked twice at once, the second is told so.
      QString second;
      screen.pick_color(
          [&](const Result<Srgb>& c) { second = QString::fromStdString(c.error().sentence()); });
      QVERIFY(second.contains("already"));
      QVERIFY(comes_true([&] { return color.has_value(); }));
      std::optional<Result<QString>> file;
      screen.take_picture([&](const Result<QString>& f) { file = f; });
      QVERIFY(comes_true([&] { return file.has_value(); }));
      QVERIFY(!screen.request().busy());
      if (sentence.isEmpty()) {
        QVERIFY(*color && *file);
        QVERIFY(largest_step(**color, {6 * 17 / 255.0, 8 * 23 / 255.0, 200 / 255.0}) < 1e-12);
        QCOMPARE(**file, m_folder.filePath("screen.png"));
      } else {
        QCOMPARE(QString::fromStdString(color->error().sentence()), sentence);
        QCOMPARE(QString::fromStdString(file->error().sentence()), sentence);
      }
    }
    QDBusConnection::disconnectFromBus(name);
    portal.kill();
    portal.waitForFinished();
  }
  void without_a_portal_it_is_said() {
    {
      ScreenPortal screen(QDBusConnection::connectToBus(m_address, "alone"));
      std::optional<bool> there;
      screen.find([&](bool yes) { there = yes; });
      QVERIFY(comes_true([&] { return there.has_value(); }));
      QVERIFY(!*there);
    }
    const auto desk = new_piece_at(Desk::Pick);
    desk->trigger("pickColorFromScreen");
    QVERIFY(comes_true([&] { return desk->notice().contains("not let programs see the screen"); }));
    QDBusConnection::disconnectFromBus("alone");
  }

  void the_desktop_gives_a_key_and_tells_when_it_is_pressed() {
    QProcess portal;
    QVERIFY(start(portal, "color"));
    {
      DesktopKey key(QDBusConnection::connectToBus(m_address, "key"));
      QString given;
      int pressed = 0;
      connect(&key, &DesktopKey::changed, this, [&](const QString& k) { given = k; });
      connect(&key, &DesktopKey::pressed, this, [&] { ++pressed; });
      QVERIFY(!DesktopKey::wanted());
      key.turn(true);
      QVERIFY(comes_true([&] { return key.on(); }));
      QCOMPARE(given, "CTRL+ALT+p");
      QVERIFY(DesktopKey::wanted());
      portal.write("\n");
      QVERIFY(comes_true([&] { return pressed == 1; }));
      key.turn(false);
      QVERIFY(!key.on() && given.isEmpty() && !DesktopKey::wanted());
      portal.write("\n");
      QTest::qWait(300);
      QCOMPARE(pressed, 1);
    }
    QDBusConnection::disconnectFromBus("key");
    portal.kill();
    portal.waitForFinished();
  }
  void a_key_that_is_not_given_is_said_once_data() {
    QTest::addColumn<QString>("sentence");
    QTest::newRow("cancel") << "No global shortcut was chosen on the desktop.";
    QTest::newRow("refuse") << "This desktop does not offer global shortcuts.";
    QTest::newRow("garbage") << "The desktop gave an unusable answer, so no global shortcut was set.";
  }
  void a_key_that_is_not_given_is_said_once() {
    QFETCH(QString, sentence);
    QProcess portal;
    QVERIFY(start(portal, QString::fromLatin1(QTest::currentDataTag())));
    {
      DesktopKey key(QDBusConnection::connectToBus(m_address, "No global shortcut"));
      QStringList said;
      connect(&key, &DesktopKey::failed, this, [&](const QString& s) { said << s; });
      key.turn(true);
      QVERIFY(comes_true([&] { return !said.empty(); }));
      QCOMPARE(said, QStringList{sentence});
      QVERIFY(!key.on() && !DesktopKey::wanted());
    }
    QDBusConnection::disconnectFromBus("No global shortcut");
    portal.kill();
    portal.waitForFinished();
  }
  /// The stand-in gives its picture as a stream of a PipeWire of its own; the second time it is asked by its
  /// token.
  void a_stream_of_the_screen_is_watched() {
    qputenv("XDG_RUNTIME_DIR", m_folder.path().toUtf8());
    QImage picture(320, 200, QImage::Format_RGB32);
    picture.fill(QColor(216, 144, 74));
    QVERIFY(picture.save(m_folder.filePath("screen.png")));
    QProcess pipes, manager, portal;
    start_with_bus(pipes, "pipewire", {});
    QVERIFY(comes_true([&] { return QFile::exists(m_folder.filePath("pipewire-0")); }));
    start_with_bus(manager, "wireplumber", {});
    QVERIFY(start(portal, "color"));
    for (const bool again : {false, true}) {
      auto cast = std::make_unique<ScreenCast>(QDBusConnection::connectToBus(m_address, "cast"));
      std::optional<Result<ScreenCast::Stream>> stream;
      cast->begin(again, [&](const Result<ScreenCast::Stream>& s) { stream = s; });
      QVERIFY(comes_true([&] { return stream.has_value(); }));
      QVERIFY2(stream->ok(), stream->ok() ? "" : stream->error().sentence().c_str());
      QVERIFY(comes_true([&] { return portal.canReadLine() || portal.waitForReadyRead(1); }));
      QCOMPARE(portal.readLine().trimmed(), again ? QByteArray("asked again") : QByteArray("asked anew"));
      WatchedStream source(std::move(cast), **stream, {});
      QImage seen, first;
      QString ended;
      connect(&source, &WatchedStream::firstPictured, this, [&](const QImage& p) { first = p; });
      connect(&source, &CanvasSource::pictured, this, [&](const QImage& p) { seen = p; });
      connect(&source, &CanvasSource::ended, this, [&](const QString& s) { ended = s; });
      source.want(true);
      QVERIFY2(comes_true([&] { return !seen.isNull() || !ended.isEmpty(); }), "no picture came");
      QVERIFY2(ended.isEmpty(), qPrintable(ended));
      QCOMPARE(first.size(), QSize(320, 200));
      QCOMPARE(seen.pixelColor(160, 100), again ? QColor(10, 200, 30) : QColor(216, 144, 74));
      // A part of it, and no picture while nothing in that changes.
      source.show_part({{100, 50, 40, 30}, {320, 200}});
      QVERIFY(comes_true([&] { return seen.size() == QSize(40, 30); }));
      int pictures = 0;
      connect(&source, &CanvasSource::pictured, this, [&] { ++pictures; });
      QTest::qWait(1200);
      QCOMPARE(pictures, 0);
      picture.fill(QColor(10, 200, 30));
      QVERIFY(picture.save(m_folder.filePath("next.png")));
      QVERIFY(QFile::remove(m_folder.filePath("screen.png")));
      QVERIFY(QFile::rename(m_folder.filePath("next.png"), m_folder.filePath("screen.png")));
      QVERIFY(comes_true([&] { return seen.pixelColor(20, 15) == QColor(10, 200, 30); }));
      source.want(false);
      QString hidden;
      connect(&source, &CanvasSource::hidden, this, [&](const QString& s) { hidden = s; });
      source.show_part({{300, 100, 40, 30}, {320, 200}});
      source.want(true);
      QVERIFY2(hidden.contains("beyond"), qPrintable(hidden));
      // Chosen on a picture of another size, or before a monitor came: where it lies now is not known.
      source.show_part({{100, 50, 40, 30}, {640, 400}});
      QVERIFY2(hidden.contains("another size or scale"), qPrintable(hidden));
      hidden.clear();
      source.show_part({{100, 50, 40, 30}, {320, 200}});
      QVERIFY(hidden.isEmpty());
      emit qGuiApp->primaryScreen()->geometryChanged({});
      QVERIFY(hidden.contains("another size or scale"));
      if (!again) continue;
      pipes.kill();
      QVERIFY(comes_true([&] { return !ended.isEmpty(); }));
    }
    QDBusConnection::disconnectFromBus("cast");
    for (QProcess* process : {&portal, &manager, &pipes}) {
      process->kill();
      process->waitForFinished();
    }
  }
  /// From the command over the desktop's dialog and the part on its first picture to what strays; then
  /// without a question, and called off.
  void a_part_of_the_stream_is_chosen_and_watched() {
    qputenv("XDG_RUNTIME_DIR", m_folder.path().toUtf8());
    const auto desk = demo_at(Desk::Pick);
    WatchModel& watch = desk->model().watch();
    QImage picture(320, 200, QImage::Format_RGB32);
    picture.fill(QColor(216, 144, 74)); // A swatch.
    QPainter(&picture).fillRect(0, 0, 64, 200, QColor(0, 255, 64));
    QVERIFY(picture.save(m_folder.filePath("screen.png")));
    QFile::remove(m_folder.filePath("pipewire-0"));
    QProcess pipes, manager, portal;
    start_with_bus(pipes, "pipewire", {});
    QVERIFY(comes_true([&] { return QFile::exists(m_folder.filePath("pipewire-0")); }));
    start_with_bus(manager, "wireplumber", {});
    QVERIFY(start(portal, "color"));
    const auto frozen = [] {
      for (QWidget* widget : QApplication::topLevelWidgets())
        if (widget->objectName() == "frozenScreen" && widget->isVisible()) return widget;
      return static_cast<QWidget*>(nullptr);
    };
    desk->trigger("watchCanvas");
    QVERIFY(comes_true([&] { return frozen() != nullptr; }));
    QVERIFY(!watch.on());
    QTest::keyClick(frozen(), Qt::Key_Escape);
    QVERIFY(comes_true([&] { return !frozen(); }));
    QVERIFY(!watch.on());

    desk->trigger("watchCanvas");
    QVERIFY(comes_true([&] { return frozen() != nullptr; }));
    // The picture keeps its shape in the middle of the screen; its left half is taken.
    const QSizeF screen = frozen()->size(), shown = QSizeF(320, 200).scaled(screen, Qt::KeepAspectRatio);
    const QPointF corner((screen.width() - shown.width()) / 2, (screen.height() - shown.height()) / 2);
    drag(*frozen(), corner + QPointF(1, 1), corner + QPointF(shown.width() / 2 - 2, shown.height() - 2));
    QVERIFY(comes_true([&] { return watch.on() && watch.seen(); }));
    QVERIFY(!frozen() && desk->program.beside.shown());
    QVERIFY(std::abs(sum(watch.seen()->check.shares.outside) - 0.4) < 0.02);
    watch.end();
    desk->trigger("watchCanvasAgain");
    QVERIFY(comes_true([&] { return watch.on() && watch.seen(); }));
    QVERIFY(std::abs(sum(watch.seen()->check.shares.outside) - 0.4) < 0.02 && !frozen());
    // Another piece in the middle of choosing: nothing is watched, and nothing asks any more.
    watch.end();
    desk->trigger("watchCanvas");
    QVERIFY(comes_true([&] { return frozen() != nullptr; }));
    Piece other = desk->piece();
    other.title = "Another";
    desk->model().start(other, {}, true);
    QVERIFY(comes_true([&] { return !frozen(); }));
    QTest::qWait(100);
    QVERIFY(!watch.on());
    for (QProcess* process : {&portal, &manager, &pipes}) {
      process->kill();
      process->waitForFinished();
    }
  }
  void the_card_tells_the_profile_of_the_monitor_and_switches_it_off() {
    const auto desk = new_piece_at(Desk::Pick);
    desk->model().picking().use_color({0.9, 0.4, 0.1});
    const auto shown = [&] {
      return desk->part<QWidget>("colorPair").grab().toImage().pixelColor(10, 10).name();
    };
    auto& line = desk->part<QLabel>("card.monitor");
    desk->part<QAbstractButton>("openCard").click();
    QVERIFY(line.isVisible() && line.text() == "the desktop has no profile for this monitor");
    const QString plain = shown();
    QFile file("/usr/share/color/icc/colord/SwappedRedAndGreen.icc");
    QVERIFY(file.open(QIODevice::ReadOnly));
    const auto profile = DisplayProfile::read(file.readAll());
    QVERIFY(profile);
    Monitors::all().use_for_all(*profile);
    QVERIFY(line.text().contains(QString::fromStdString((*profile)->name())));
    QVERIFY(shown() != plain);
    desk->part<QAbstractButton>("card.useMonitor").click();
    QCOMPARE(line.text(), "profiles are not used");
    QCOMPARE(shown(), plain);
    desk->part<QAbstractButton>("card.useMonitor").click();
    QVERIFY(Monitors::all().on());
  }

private:
  void start_with_bus(QProcess& process, const QString& program, const QStringList& words) {
    auto environment = QProcessEnvironment::systemEnvironment();
    environment.insert("DBUS_SESSION_BUS_ADDRESS", m_address);
    process.setProcessEnvironment(environment);
    process.start(program, words);
  }
  bool start(QProcess& portal, const QString& answer) {
    start_with_bus(portal, PROGRAM_FOLDER "/zonachrom-standin-portal",
                   {m_folder.filePath("screen.png"), "--pixel", "17,23", "--answer", answer});
    if (portal.waitForReadyRead(5000) && portal.readLine().trimmed() == "ready") return true;
    qWarning() << portal.readAllStandardError();
    return false;
  }
  QProcess m_bus;
  QString m_address;
  QTemporaryDir m_folder;
};

DESK_TEST_MAIN(ScreenTask)
#include "screen_task_test.moc"
