// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom [FILE...] | --demo
#include "app/accessibility/accessibility.h"
#include "app/controls/gallery.h"
#include "app/files/arrivals.h"
#include "app/files/set_files.h"
#include "app/log/kept_settings.h"
#include "app/log/session_log.h"
#include "app/menus/file_menu.h"
#include "app/platform/end_requests.h"
#include "app/program/program.h"
#include "app/program/start_options.h"
#include "app/theme/interface_size.h"
#include "app/theme/theme.h"
#include "app/window/hint_line.h"
#include "app/window/picture.h"
#include "io/container/piece_file.h"
#include "model/derived/job_pool.h"
#include "model/i18n/language.h"

#include <QAbstractButton>
#include <QApplication>
#include <QComboBox>
#include <QSettings>
#include <QTemporaryDir>

#include <cstdio>
#include <cstdlib>
#include <optional>

namespace {

/// A button by its name, or "list=entry".
void press(QWidget& window, const QString& name) {
  if (auto* button = window.findChild<QAbstractButton*>(name)) button->click();
  auto* list = window.findChild<QComboBox*>(name.section(QLatin1Char('='), 0, 0));
  if (!list || !name.contains(QLatin1Char('='))) return;
  list->setCurrentText(name.section(QLatin1Char('='), 1));
  emit list->activated(list->currentIndex());
}

void write_picture(QWidget& pictured, const QString& path) {
  const bool written = zc::write_window_picture(pictured, path);
  if (!written)
    std::fprintf(stderr, "zonachrom: the picture \"%s\" could not be written.\n", qPrintable(path));
  QApplication::exit(written ? 0 : 1);
}

/// With photos, proof and all else there, so that the picture shows what a user would see.
void picture_when_ready(zc::Program& program, const zc::StartOptions& options) {
  auto* handbook = program.window.findChild<QWidget*>(QStringLiteral("handbook"));
  QWidget* pictured = options.companion ? static_cast<QWidget*>(program.beside.companion())
                      : handbook        ? handbook
                                        : static_cast<QWidget*>(&program.window);
  zc::when_at_rest(*pictured, [pictured, options, &hint = program.window.hint()] {
    for (const auto& name : options.buttons) press(*pictured, name);
    hint.say({}); // Wherever the pointer happens to be.
    zc::when_at_rest(*pictured, [pictured, path = options.picture] { write_picture(*pictured, path); });
  });
}

/// Recovered work is not left for the piece that was asked for.
QStringList files_beside_piece(QStringList files) {
  files.removeIf([](const QString& file) { return zc::is_piece_file(file.toStdString()); });
  return files;
}

/// Milliseconds that the end of the program waits for work whose results nobody wants any more.
constexpr int kPatience = 150;

/// What the program has to keep is kept by then; work that does not come to an end goes with the program.
int leave(zc::Program& program, int code) {
  program.documents.finish();
  if (zc::all_jobs_rest(kPatience)) return code;
  QSettings().sync();
  std::fflush(nullptr);
  std::_Exit(code);
}

/// Before there is an application, which fixes its platform.
void choose_platform(const QStringList& words) {
  if (words.contains(QStringLiteral("--xwayland")) && qEnvironmentVariableIsSet("DISPLAY"))
    qputenv("QT_QPA_PLATFORM", "xcb");
}

void apply_options(zc::Program& program, const zc::StartOptions& options) {
  zc::AppModel& model = program.model;
  if (options.desk) model.viewing().show_desk(*options.desk);
  zc::Companion* companion = program.beside.companion();
  if (options.size.isValid() && companion) companion->apply_place({companion->pos(), options.size});
  if (options.size.isValid() && !companion) program.window.resize(options.size);
  zc::WheelSpec wheel = model.piece().wheel;
  wheel.hues = options.hues.value_or(wheel.hues);
  wheel.measure = options.measure.value_or(wheel.measure);
  if (wheel != model.piece().wheel) model.masking().change_wheel(wheel);
  if (options.vision) model.viewing().look_with(*options.vision);
  if (options.surround) program.window.use_surround(*options.surround);
}

/// What was asked for is open.
void begin(zc::Program& program, const zc::StartOptions& options, bool recovered) {
  apply_options(program, options);
  const bool begins = !recovered && !options.demo && !options.desk && !options.companion;
  if (begins) program.window.offer_first_start(options.files.empty());
  if (!options.handbook.isEmpty()) program.window.open_handbook(options.handbook);
  if (!options.palette.isEmpty()) program.window.set_files().import_set(options.palette);
  if (!options.picture.isEmpty()) picture_when_ready(program, options);
}

void open_what_was_asked_for(zc::Program& program, const zc::StartOptions& options, bool recovered) {
  const auto then = [&program, &options, recovered] { begin(program, options, recovered); };
  if (!recovered && options.demo)
    program.documents.open_demo([then](bool /*opened*/) { then(); });
  else
    program.window.arrivals().open_files(recovered ? files_beside_piece(options.files) : options.files, then);
}

void name_program() {
  QApplication::setApplicationName(QStringLiteral("Zonachrom"));
  QApplication::setOrganizationName(QStringLiteral("zonachrom"));
  QApplication::setApplicationVersion(QStringLiteral(ZONACHROM_VERSION));
  QGuiApplication::setDesktopFileName(QStringLiteral("org.zonachrom.Zonachrom"));
}

/// The files are opened in the window that is there, where the user wants only one. The companion alone is
/// called in any case: two of them would be in each other's way.
bool handed_on(const zc::StartOptions& options) {
  const bool only_companion = options.companion && options.files.empty() && !options.demo && !options.desk;
  if (only_companion && options.picture.isEmpty()) {
    const bool strip = options.companion == zc::CompanionShape::Strip;
    if (zc::call_companion_of_running_window(strip ? QStringLiteral("strip") : QStringLiteral("column")))
      return true;
  }
  const bool one_window = QSettings().value(QLatin1String(zc::kOneWindowKey), false).toBool();
  return one_window && options.picture.isEmpty() && !options.files.empty() &&
         zc::hand_to_running_window(options.files);
}

void show(zc::Program& program, const zc::StartOptions& options) {
  if (options.companion)
    program.beside.show(options.companion);
  else
    program.window.show();
}

/// Shows every control in all states, or writes a picture of them.
int show_gallery(const QString& picture) {
  zc::install_theme();
  zc::Gallery gallery;
  gallery.show();
  if (picture.isEmpty()) return QApplication::exec();
  zc::when_at_rest(gallery, [&gallery, picture] { write_picture(gallery, picture); });
  return QApplication::exec();
}

/// From the first window to the end. `note` is said in it, where there is one.
int run(const zc::StartOptions& options, const QString& note) {
  const bool pictured = !options.picture.isEmpty();
  if (!pictured) zc::session_log::begin();
  zc::speak(QLocale());
  zc::install_theme();
  zc::speak_to_assistants();
  zc::ToolkitDialogs dialogs;
  zc::Program program(dialogs);
  show(program, options);
  if (!pictured) program.listen_on_bus();
  const zc::EndRequests ends([&program] { program.documents.end_now(); },
                             [&program] { static_cast<void>(leave(program, 0)); });
  if (!note.isEmpty()) emit program.model.notice(note);
  const auto go_on = [&](bool recovered) {
    if (!ends.came()) open_what_was_asked_for(program, options, recovered);
  };
  pictured ? go_on(false) : program.documents.recover(go_on);
  return leave(program, ends.came() ? 0 : QApplication::exec());
}

/// While there is no application yet: the toolkit ends a program that has no display by a crash.
void say_that_no_display_is_there(QtMsgType type, const QMessageLogContext& context, const QString& words) {
  static_cast<void>(context);
  static_cast<void>(words);
  if (type != QtFatalMsg) return;
  std::fputs("zonachrom: No display can be reached; start Zonachrom within a desktop.\n", stderr);
  std::_Exit(1);
}

} // namespace

int main(int argc, char** argv) {
  name_program();
  // Help needs no display.
  const QStringList words(argv + 1, argv + argc);
  if (zc::asks_only_to_be_told(words)) return zc::start_options(words).ok() ? 0 : 2;
  choose_platform(words);
  if (!words.contains(QStringLiteral("--picture"))) zc::apply_interface_size();
  const QtMessageHandler usual = qInstallMessageHandler(say_that_no_display_is_there);
  QApplication app(argc, argv);
  qInstallMessageHandler(usual);

  const auto asked = zc::start_options(QApplication::arguments().mid(1));
  if (!asked) {
    std::fprintf(stderr, "zonachrom: %s\n", asked.error().sentence().c_str());
    return 2;
  }
  if (!*asked) return 0;
  const zc::StartOptions& options = **asked;
  if (options.gallery) return show_gallery(options.picture);
  // A picture shows what a new user would see, and leaves settings and unsaved work of others alone.
  const QTemporaryDir passing;
  if (!options.picture.isEmpty())
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, passing.path());
  const QString set_aside = zc::settings_looked_after();
  return handed_on(options) ? 0 : run(options, set_aside);
}
