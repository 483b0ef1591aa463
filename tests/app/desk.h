// SPDX-License-Identifier: GPL-3.0-or-later
// A user's desk for tests: the real window on its own settings, dialogs answered in advance, hands that
// press, drag and turn the wheel.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/controls/notice_bar.h"
#include "app/files/arrivals.h"
#include "app/platform/dialogs.h"
#include "app/program/program.h"
#include "app/theme/theme.h"
#include "support/check.h"
#include "support/home.h"
#include "support/waited.h"

#include <QAbstractButton>
#include <QComboBox>
#include <QDir>
#include <QLabel>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPointingDevice>
#include <QPrinter>
#include <QRegularExpression>
#include <QSettings>
#include <QTemporaryDir>
#include <QWheelEvent>
#include <ctime>
#include <qpa/qwindowsysteminterface_p.h>

namespace zc::test {

class AnsweredDialogs final : public Dialogs {
public:
  QString open_piece(QWidget*, const QString&) override { return asked(open_path); }
  QString save_piece(QWidget*, const QString& suggested) override {
    suggestion = suggested;
    return asked(save_path);
  }
  QStringList open_photos(QWidget*, const QString&) override { return asked(photo_paths); }
  QString open_set_file(QWidget*, const QString&, const QString&) override { return asked(set_path); }
  QString export_file(QWidget*, const QString&, const QString&) override { return asked(export_path); }
  QString choose_folder(QWidget*, const QString&) override { return asked(folder_path); }
  /// Printed into a PDF of this name instead of being shown.
  void print(QWidget*, const std::function<void(QPrinter&)>& draw) override {
    QPrinter printer;
    printer.setOutputFormat(QPrinter::PdfFormat);
    printer.setOutputFileName(print_path);
    draw(printer);
  }
  UnsavedAnswer ask_unsaved(QWidget*, const QString&) override {
    ++unsaved_questions;
    return asked(unsaved_answers.empty() ? unsaved : unsaved_answers.takeFirst());
  }
  RecoveryAnswer offer_recovery(QWidget*, const QString& title, const QString&,
                                const QString& newer) override {
    offered << title;
    newer_file = newer;
    return asked(recovery);
  }
  bool ask_replace(QWidget*, const QStringList& files) override {
    replacing << files;
    return asked(replace);
  }
  DamagedAnswer ask_damaged(QWidget*, const QString& says, bool rest, bool before) override {
    damage = says;
    rest_offered = rest;
    before_offered = before;
    return asked(damaged);
  }
  void show_about(QWidget*, const QString&) override { ++abouts; }
  /// What goes on while a question is open.
  template <class Answer> Answer asked(const Answer& answer) {
    ++questions;
    if (const auto meanwhile = std::exchange(while_asked, {})) meanwhile();
    return answer;
  }

  std::function<void()> while_asked;
  QString open_path, save_path, export_path, set_path, print_path, folder_path, suggestion;
  QStringList photo_paths, offered;
  QString damage;
  bool rest_offered = false, before_offered = false;
  DamagedAnswer damaged = DamagedAnswer::Neither;
  UnsavedAnswer unsaved = UnsavedAnswer::Cancel;
  QList<UnsavedAnswer> unsaved_answers; ///< The first answers, before all others.
  RecoveryAnswer recovery = RecoveryAnswer::Discard;
  QString newer_file;
  QStringList replacing; ///< Files that were asked about.
  bool replace = true;
  int unsaved_questions = 0, abouts = 0, questions = 0;
};

/// Lets the window work on until something holds. A busy machine may need long; only a failure waits it out.
template <class Condition> [[nodiscard]] bool comes_true(Condition&& condition) {
  return QTest::qWaitFor(std::forward<Condition>(condition), 120'000);
}

/// Whether a desk stands as at the very first start. Otherwise what opens in its place was left open.
inline bool first_start = false;

struct LeftOpen {
  LeftOpen() {
    if (first_start) return;
    QSettings settings;
    for (const char* opener : {"tray/relation", "patterns/more", "fit/options", "try/options"})
      if (!settings.contains(opener)) settings.setValue(opener, true);
    if (!settings.contains("readout/shown")) settings.setValue("readout/shown", 1);
  }
};

/// Whether a thread beside the window's runs, or waits for a processor: on a busy machine it may wait for
/// long.
inline bool others_run() {
  const QString own = QString::number(QCoreApplication::applicationPid());
  for (const QString& task :
       QDir(QStringLiteral("/proc/self/task")).entryList({}, QDir::Dirs | QDir::NoDotAndDotDot)) {
    QFile file(QStringLiteral("/proc/self/task/%1/stat").arg(task));
    if (task == own || !file.open(QIODevice::ReadOnly)) continue;
    const QByteArray told = file.readAll();
    const char state = told.mid(told.lastIndexOf(')') + 2, 1).append('S')[0];
    if (state == 'R' || state == 'D') return true;
  }
  return false;
}

struct DeskTop {
  QTemporaryDir demo_folder;
  LeftOpen left_open;
  AnsweredDialogs dialogs;
  Program program{dialogs};
  MainWindow& window = program.window;

  DeskTop() {
    window.resize(1280, 800);
    window.show();
    if (!QTest::qWaitForWindowExposed(&window)) qFatal("the window did not come up");
    // The screen of a test is small, and a window opens no larger than its screen.
    window.resize(1280, 800);
    QCoreApplication::processEvents();
  }
  [[nodiscard]] AppModel& model() { return program.model; }
  [[nodiscard]] Waited documents() { return {program.documents, program.job}; }
  [[nodiscard]] const Piece& piece() { return model().piece(); }
  [[nodiscard]] const Session& session() { return model().session(); }
  [[nodiscard]] QString notice() { return window.notice().sentence(); }
  /// A copy of the demo piece with its photos decoded; what a test saves reaches no other test.
  bool open_demo() {
    QFile::remove(demo_path());
    return QFile::copy(QStringLiteral(DEMO_PIECE), demo_path()) && documents().open(demo_path()) &&
           photos_decoded();
  }
  [[nodiscard]] QString demo_path() const {
    return demo_folder.filePath(QFileInfo(QStringLiteral(DEMO_PIECE)).fileName());
  }
  /// Of the whole piece.
  bool photos_decoded() {
    return comes_true([this] {
      for (const auto& r : piece().references)
        if (model().photos().state_of(r).loading) return false;
      return true;
    });
  }
  /// For versions of a test's own.
  bool open_demo_without_versions() {
    return open_demo() && model().store().apply("Forget versions", [](Piece p) -> Result<Piece> {
      p.sets.change(0).versions.clear();
      return p;
    });
  }
  /// The shown reference is decoded and read.
  bool photo_shown() {
    return comes_true([this] {
      const Reference* shown = find_reference(piece(), session().reference);
      if (!shown) return false;
      const PhotoState state = model().photos().state_of(*shown);
      return state.photo && !state.loading;
    });
  }
  /// Desks, pages and panels are made when they are first shown; now all are.
  void make_all() {
    const Desk desk = session().desk;
    for (const auto& other : kDeskWords) model().viewing().show_desk(other.value);
    model().viewing().show_desk(Desk::Pick);
    const auto tabs = window.findChildren<QAbstractButton*>(QRegularExpression(QStringLiteral("^page\\.")));
    QList<QAbstractButton*> open;
    std::copy_if(tabs.begin(), tabs.end(), std::back_inserter(open),
                 [](auto* tab) { return tab->isChecked(); });
    for (auto* tab : tabs + open) tab->click();
    for (const bool opened : {true, false}) {
      part<QAbstractButton>("openCard").click();
      window.open_copy_form_panel(opened);
      window.open_find_panel(opened);
    }
    model().viewing().show_desk(desk);
  }
  template <class W> [[nodiscard]] W& part(const char* name) {
    auto* found = window.findChild<W*>(QLatin1String(name));
    if (!found) make_all(), found = window.findChild<W*>(QLatin1String(name));
    if (!found) qFatal("there is no %s", name);
    return *found;
  }
  /// A command, by its name.
  void trigger(const char* name) {
    auto* action = window.findChild<QAction*>(QLatin1String(name));
    if (!action || !action->isEnabled()) qFatal("there is no enabled command %s", name);
    action->trigger(), wait_for_files();
  }
  /// An entry of a list by what it stands for, whatever it is called.
  void choose(const char* list, const QVariant& entry) {
    auto& box = part<QComboBox>(list);
    const int at = box.findData(entry);
    if (at < 0) qFatal("the list %s has no such entry", list);
    box.setCurrentIndex(at);
    emit box.activated(at);
  }
  template <class T>
  requires std::is_enum_v<T>
  void choose(const char* list, T entry) { choose(list, QVariant(static_cast<int>(entry))); }
  /// Until no thread has had anything to do for a while: what is seen then stays.
  void rest() {
    for (int still = 0, looks = 0; still < 8; ++looks) {
      if (looks > 2000) qFatal("the window does not come to rest");
      const std::clock_t began = std::clock();
      QTest::qWait(15);
      still = std::clock() - began < CLOCKS_PER_SEC / 500 && !others_run() ? still + 1 : 0;
    }
  }
  /// Until no file is being read or written.
  void wait_for_files() {
    if (!comes_true([this] { return !program.job.running(); })) qFatal("a file is still worked on");
  }
};

/// A new piece at a desk.
[[nodiscard]] inline std::unique_ptr<DeskTop> new_piece_at(Desk desk) {
  auto out = std::make_unique<DeskTop>();
  out->model().viewing().show_desk(desk);
  if (desk == Desk::Grade) out->model().viewing().show_set_view(SetView::Staff);
  QCoreApplication::processEvents();
  return out;
}
/// The demo piece at a desk.
[[nodiscard]] inline std::unique_ptr<DeskTop> demo_at(Desk desk) {
  auto out = new_piece_at(desk);
  if (!out->open_demo()) qFatal("the demo piece did not open");
  QCoreApplication::processEvents();
  return out;
}

inline void send_mouse(QWidget& widget, QEvent::Type type, QPointF at, Qt::MouseButton button,
                       Qt::MouseButtons buttons, Qt::KeyboardModifiers modifiers = {}) {
  QMouseEvent event(type, at, widget.mapToGlobal(at), button, buttons, modifiers);
  QCoreApplication::sendEvent(&widget, &event);
}
inline void press(QWidget& w, QPointF at, Qt::KeyboardModifiers m = {}) {
  send_mouse(w, QEvent::MouseButtonPress, at, Qt::LeftButton, Qt::LeftButton, m);
}
inline void move(QWidget& w, QPointF at, Qt::MouseButtons buttons = Qt::LeftButton) {
  send_mouse(w, QEvent::MouseMove, at, Qt::NoButton, buttons);
}
inline void release(QWidget& w, QPointF at) {
  send_mouse(w, QEvent::MouseButtonRelease, at, Qt::LeftButton, Qt::NoButton);
}
inline void click(QWidget& w, QPointF at, Qt::KeyboardModifiers m = {}) {
  press(w, at, m);
  release(w, at);
}
inline void double_click(QWidget& w, QPointF at) {
  click(w, at);
  send_mouse(w, QEvent::MouseButtonDblClick, at, Qt::LeftButton, Qt::LeftButton);
  release(w, at);
}
inline void drag(QWidget& w, QPointF from, QPointF to, int steps = 8) {
  press(w, from);
  for (int i = 1; i <= steps; ++i) move(w, from + (to - from) * i / steps);
  release(w, to);
}
inline void turn_wheel(QWidget& w, QPointF at, int notches, Qt::KeyboardModifiers modifiers = {}) {
  QWheelEvent event(at, w.mapToGlobal(at), {}, {0, 120 * notches}, Qt::NoButton, modifiers, Qt::NoScrollPhase,
                    false);
  QCoreApplication::sendEvent(&w, &event);
}
/// Text typed into a field over what stands there, and Enter.
inline void type_into(QLineEdit& field, const QString& text) {
  field.setFocus();
  field.selectAll();
  QTest::keyClicks(&field, text);
  QTest::keyClick(&field, Qt::Key_Return);
}
/// The word shown at a field that did not take something; empty while there is none.
inline QString word_at_field(QWidget& window) {
  const auto* word = window.findChild<QLabel*>(QStringLiteral("fieldWord"));
  return word && word->isVisible() ? word->text() : QString();
}
/// A pen over a widget, with these buttons down; it comes to the toolkit as from a driver.
inline void pen(QWidget& w, QPointF at, Qt::MouseButtons buttons) {
  static const QPointingDevice device(QStringLiteral("pen"), 7, QInputDevice::DeviceType::Stylus,
                                      QPointingDevice::PointerType::Pen, QInputDevice::Capability::Pressure,
                                      1, 3);
  static ulong time = 0;
  // As on X11 and Wayland, where a pen that nobody takes is a mouse.
  QWindowSystemInterfacePrivate::TabletEvent::setPlatformSynthesizesMouse(false);
  const QPointF local = w.mapTo(w.window(), at);
  QWindowSystemInterface::handleTabletEvent(w.window()->windowHandle(), time += 10, &device, local,
                                            w.mapToGlobal(at), buttons, buttons ? 0.5 : 0, 0, 0, 0, 0, 0, {});
  QCoreApplication::processEvents();
}
/// Presses, draws through the places and lifts.
inline void draw_with_pen(QWidget& w, const std::vector<QPointF>& places) {
  for (const QPointF& p : places) pen(w, p, Qt::LeftButton);
  pen(w, places.back(), Qt::NoButton);
}
/// The color the user sees at a place of the window's part.
inline QColor seen(QWidget& w, QPointF at) {
  const QImage shot = w.grab().toImage();
  return shot.pixelColor((at * shot.devicePixelRatio()).toPoint());
}

} // namespace zc::test

/// Qt Test's main with a throw-away home and the house's theme.
#define DESK_TEST_MAIN(Class)                                                                                \
  int main(int argc, char** argv) {                                                                          \
    const zc::test::Home home;                                                                               \
    QApplication app(argc, argv);                                                                            \
    zc::install_theme();                                                                                     \
    zc::speak_to_assistants();                                                                               \
    Class test;                                                                                              \
    return QTest::qExec(&test, argc, argv);                                                                  \
  }
