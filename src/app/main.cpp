// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom [FILE...] | --demo
#include "app/bus/palette_service.h"
#include "app/log/kept_settings.h"
#include "app/log/session_log.h"
#include "app/seams/end_requests.h"
#include "app/spoken/spoken.h"
#include "app/theme/interface_size.h"
#include "app/theme/theme.h"
#include "app/window/beside.h"
#include "app/window/main_window.h"
#include "app/window/picture.h"
#include "app/window/set_files.h"
#include "app/window/start_options.h"
#include "io/container/piece_file.h"
#include "model/derived/job_pool.h"
#include "model/documents/documents.h"
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

/// With photos, proof and all else there, so that the picture shows what a painter would see.
void picture_when_ready(zc::MainWindow& window, const zc::StartOptions& options) {
  auto* handbook = window.findChild<QWidget*>(QStringLiteral("handbook"));
  QWidget* pictured = options.companion ? static_cast<QWidget*>(window.beside().companion())
                      : handbook        ? handbook
                                        : static_cast<QWidget*>(&window);
  zc::when_at_rest(*pictured, [pictured, options] {
    for (const auto& name : options.buttons) press(*pictured, name);
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
int leave(zc::MainWindow& window, int code) {
  window.documents().finish();
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

void apply_options(zc::MainWindow& window, const zc::StartOptions& options) {
  auto& space = window.space();
  if (options.desk) space.viewing().show_desk(*options.desk);
  zc::Companion* companion = window.beside().companion();
  if (options.size.isValid() && companion) companion->take_place({companion->pos(), options.size});
  if (options.size.isValid() && !companion) window.resize(options.size);
  zc::WheelSpec wheel = space.piece().wheel;
  wheel.hues = options.hues.value_or(wheel.hues);
  wheel.measure = options.measure.value_or(wheel.measure);
  if (wheel != space.piece().wheel) space.masking().change_wheel(wheel);
  if (options.eyes) space.viewing().look_with(*options.eyes);
  if (options.surround) window.use_surround(*options.surround);
}

} // namespace

int main(int argc, char** argv) {
  QApplication::setApplicationName(QStringLiteral("Zonachrom"));
  QApplication::setOrganizationName(QStringLiteral("zonachrom"));
  QApplication::setApplicationVersion(QStringLiteral(ZONACHROM_VERSION));
  QGuiApplication::setDesktopFileName(QStringLiteral("org.zonachrom.Zonachrom"));
  // Help needs no display.
  const QStringList words(argv + 1, argv + argc);
  if (zc::asks_only_to_be_told(words)) return zc::start_options(words).ok() ? 0 : 2;
  choose_platform(words);
  if (!words.contains(QStringLiteral("--picture"))) zc::take_interface_size();
  QApplication app(argc, argv);

  const auto asked = zc::start_options(QApplication::arguments().mid(1));
  if (!asked) {
    std::fprintf(stderr, "zonachrom: %s\n", asked.error().sentence.c_str());
    return 2;
  }
  if (!*asked) return 0;
  const zc::StartOptions& options = **asked;

  // A picture shows what a new painter would see, and leaves settings and unsaved work of others alone.
  const QTemporaryDir passing;
  if (!options.picture.isEmpty())
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, passing.path());
  const QString set_aside = zc::settings_looked_after();

  const bool one_window = QSettings().value(QLatin1String(zc::kOneWindowKey), false).toBool();
  if (one_window && options.picture.isEmpty() && !options.files.empty() &&
      zc::hand_to_running_window(options.files))
    return 0;

  if (options.picture.isEmpty()) zc::session_log::begin();
  zc::speak(QLocale());
  zc::install_theme();
  zc::speak_to_assistants();
  zc::ToolkitDialogs dialogs;
  zc::MainWindow window(dialogs);
  if (options.companion)
    window.beside().show(options.companion);
  else
    window.show();
  if (options.picture.isEmpty()) window.listen_on_bus();
  const zc::EndRequests ends([&window] { window.documents().end_now(); },
                             [&window] { static_cast<void>(leave(window, 0)); });
  const bool recovered = options.picture.isEmpty() && window.documents().recover();
  if (ends.came()) return 0;
  if (!recovered && options.demo)
    window.documents().open_demo();
  else
    window.open_files(recovered ? files_beside_piece(options.files) : options.files);
  apply_options(window, options);
  if (!set_aside.isEmpty()) emit window.space().notice(set_aside);
  const bool begins =
      !recovered && !options.demo && options.files.empty() && !options.desk && !options.companion;
  if (begins) window.offer_first_start();
  if (!options.handbook.isEmpty()) window.open_handbook(options.handbook);
  if (!options.palette.isEmpty()) window.set_files().bring_in(options.palette);
  if (!options.picture.isEmpty()) picture_when_ready(window, options);
  return leave(window, ends.came() ? 0 : QApplication::exec());
}
