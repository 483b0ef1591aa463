// zonachrom [FILE] | --demo
#include "app/seams/end_requests.h"
#include "app/theme/theme.h"
#include "app/window/documents.h"
#include "app/window/main_window.h"
#include "app/window/picture.h"
#include "app/window/set_files.h"
#include "core/piece/edits.h"
#include "io/files/choices.h"

#include <QAbstractButton>
#include <QApplication>
#include <QSettings>
#include <QTemporaryDir>
#include <QTimer>

#include <cstdio>
#include <optional>

namespace {

struct Options {
  std::string file, picture, desk, surround, palette;
  std::optional<zc::HueScale> hues;
  std::optional<zc::SaturationMeasure> measure;
  std::vector<int> size;
  std::vector<std::string> buttons;
  bool demo = false, values_only = false;
};

/// Waits until the photos are there, so that the picture shows what a painter would see.
void picture_when_ready(zc::MainWindow& window, const QString& path,
                        const std::vector<std::string>& buttons) {
  auto* timer = new QTimer(&window);
  QObject::connect(timer, &QTimer::timeout, &window, [&window, path, buttons, timer] {
    for (const auto& r : window.space().piece().references) {
      const auto state = window.space().photos().state_of(r);
      if (state.loading) return;
    }
    timer->stop();
    for (const auto& name : buttons)
      if (auto* button = window.findChild<QAbstractButton*>(QString::fromStdString(name))) button->click();
    QTimer::singleShot(buttons.empty() ? 200 : 2000, &window, [&window, path] {
      const bool written = zc::write_window_picture(window, path);
      if (!written)
        std::fprintf(stderr, "zonachrom: the picture \"%s\" could not be written.\n", qPrintable(path));
      QApplication::exit(written ? 0 : 1);
    });
  });
  timer->start(50);
}

void apply_options(zc::MainWindow& window, const Options& options) {
  if (options.desk == "observe") window.space().show_desk(zc::Desk::Observe);
  if (options.desk == "limit") window.space().show_desk(zc::Desk::Limit);
  if (options.desk == "pick") window.space().show_desk(zc::Desk::Pick);
  if (options.desk == "grade") window.space().show_desk(zc::Desk::Grade);
  if (options.size.size() == 2) window.resize(options.size[0], options.size[1]);
  zc::WheelSpec wheel = window.space().piece().wheel;
  if (options.hues) wheel.hues = *options.hues;
  if (options.measure) wheel.measure = *options.measure;
  if (wheel != window.space().piece().wheel) window.space().change_wheel(wheel);
  if (options.values_only) window.space().show_values_only(true);
  for (const auto s : {zc::Surround::Dark, zc::Surround::Middle, zc::Surround::Light})
    if (zc::surround_name(s).toStdString() == options.surround) window.use_surround(s);
}

} // namespace

int main(int argc, char** argv) {
  QApplication::setApplicationName(QStringLiteral("Zonachrom"));
  QApplication::setOrganizationName(QStringLiteral("zonachrom"));
  QApplication::setApplicationVersion(QStringLiteral(ZONACHROM_VERSION));
  QApplication app(argc, argv);

  Options options;
  CLI::App line("Zonachrom, a desk for planning a limited palette.");
  line.add_option("FILE", options.file, "Piece to open");
  line.add_flag("--demo", options.demo, "Open the demo piece");
  line.add_option("--picture", options.picture, "Write a picture of the window and quit");
  line.add_option("--press", options.buttons, "Buttons to press before the picture, by their names");
  line.add_option("--bring-in", options.palette,
                  "Palette or picture to show at Grade before it is brought in");
  line.add_option("--desk", options.desk, "Desk to start at")
      ->check(CLI::IsMember({"observe", "limit", "pick", "grade"}));
  line.add_option("--surround", options.surround, "Surround to use")
      ->check(CLI::IsMember({"dark", "middle", "light"}));
  line.add_option("--size", options.size, "Size of the window")->expected(2)->type_name("WIDTH HEIGHT");
  const auto words_of = [](const auto& table) {
    std::vector<std::string> out;
    for (const auto& w : table) out.emplace_back(w.word);
    return out;
  };
  zc::add_choice(line, "--hues", words_of(zc::kHueWords), "Hue scale to start with",
                 [&options](std::size_t i) { options.hues = zc::kHueWords[i].value; });
  zc::add_choice(line, "--measure", words_of(zc::kMeasureWords), "Saturation measure to start with",
                 [&options](std::size_t i) { options.measure = zc::kMeasureWords[i].value; });
  line.add_flag("--values-only", options.values_only, "Start with values only");
  CLI11_PARSE(line, argc, argv);

  // A picture shows what a new painter would see, and leaves settings and unsaved work of others alone.
  const QTemporaryDir passing;
  if (!options.picture.empty())
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, passing.path());
  zc::install_theme();
  zc::ToolkitDialogs dialogs;
  zc::MainWindow window(dialogs);
  window.show();
  const zc::EndRequests ends([&window] { window.documents().end_now(); });
  if (options.picture.empty() && window.documents().recover())
    options.file.clear();
  else if (options.demo)
    window.documents().open_demo();
  else if (!options.file.empty())
    window.documents().open(QString::fromStdString(options.file));
  apply_options(window, options);
  if (!options.palette.empty()) window.set_files().bring_in(QString::fromStdString(options.palette));
  if (!options.picture.empty())
    picture_when_ready(window, QString::fromStdString(options.picture), options.buttons);
  return QApplication::exec();
}
