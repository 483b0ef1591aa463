// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/program/start_options.h"

#include "core/wheel/hue_scale.h"

#include <QCommandLineParser>
#include <QCoreApplication>

#include <algorithm>
#include <cstdio>
#include <iterator>

namespace zc {
namespace {

constexpr Word<Surround> kSurroundWords[] = {
    {Surround::Dark, "dark"}, {Surround::Middle, "middle"}, {Surround::Light, "light"}};

constexpr Word<CompanionShape> kCompanionWords[] = {{CompanionShape::Column, "column"},
                                                    {CompanionShape::Strip, "strip"}};

template <class E, std::size_t N> QString in_words(const Word<E> (&words)[N]) {
  QStringList all;
  for (const auto& w : words) all << QString::fromUtf8(w.word);
  const QString last = all.takeLast();
  return all.join(", ") + " or " + last;
}

template <class E, std::size_t N>
void add_choice(QCommandLineParser& line, const QString& name, const Word<E> (&words)[N],
                const QString& help) {
  line.addOption({name, help + ": " + in_words(words), "WORD"});
}

/// Empty when the option is not given.
template <class E, std::size_t N>
Result<std::optional<E>> choice(const QCommandLineParser& line, const QString& name,
                                const Word<E> (&words)[N]) {
  if (!line.isSet(name)) return std::optional<E>();
  const QString given = line.value(name);
  const auto found = std::find_if(std::begin(words), std::end(words),
                                  [&given](const auto& w) { return given == QString::fromUtf8(w.word); });
  if (found != std::end(words)) return std::optional<E>(found->value);
  const QString sentence =
      QString("--%1: \"%2\" is no such choice; give %3.").arg(name, given, in_words(words));
  return Error{ErrorCode::BadInput, as_said(sentence.toStdString()), "--" + name.toStdString()};
}

/// "1280x800".
Result<QSize> size_of(const QString& text) {
  const auto parts = text.split('x');
  bool wide = false, high = false;
  const QSize size = parts.size() == 2 ? QSize(parts[0].toInt(&wide), parts[1].toInt(&high)) : QSize();
  if (wide && high && !size.isEmpty()) return size;
  return Error{ErrorCode::BadInput, as_said("--size: give the size of the window as in 1280x800."), "--size"};
}

void describe_options(QCommandLineParser& line) {
  line.setApplicationDescription("A desk for planning a limited palette.");
  line.addHelpOption();
  line.addVersionOption();
  line.addPositionalArgument("FILE", "A piece to open, photos to look at, palettes to import.", "[FILE...]");
  line.addOption({"demo", "Open the demo piece."});
  line.addOption({"gallery", "Show every kind of control in all states."});
  line.addOption({"picture", "Write a picture of the window and quit.", "FILE"});
  line.addOption(
      {"press", "Button to press before the picture, by its name, or list=entry; may be repeated.", "NAME"});
  line.addOption({"import", "Palette or picture to show at Grade before it is imported.", "FILE"});
  line.addOption({"handbook", "Open the handbook at a page, as in index, grade or keys.", "PAGE"});
  add_choice(line, "desk", kDeskWords, "Desk to start at");
  add_choice(line, "companion", kCompanionWords, "Start beside the canvas, as a");
  line.addOption({"xwayland", "On Wayland, run through XWayland, where the companion can stay above."});
  add_choice(line, "surround", kSurroundWords, "Surround to use");
  line.addOption({"size", "Size of the window, as in 1280x800.", "SIZE"});
  add_choice(line, "hues", kHueWords, "Hue scale to start with");
  add_choice(line, "measure", kMeasureWords, "Saturation measure to start with");
  add_choice(line, "color-vision", kColorVisionWords, "Color vision to show everything with");
}

} // namespace

Result<std::optional<StartOptions>> start_options(const QStringList& words) {
  QCommandLineParser line;
  describe_options(line);
  if (!line.parse(QStringList("zonachrom") + words))
    return Error{ErrorCode::BadInput, as_said(line.errorText().toStdString()), {}};
  if (line.isSet("help") || line.isSet("help-all") || line.isSet("version")) {
    const QString version =
        QCoreApplication::applicationName() + ' ' + QCoreApplication::applicationVersion();
    // Without a display there is no application yet, from which it would take its name.
    const QString help = line.helpText().trimmed().replace("<executable_name>", "zonachrom");
    std::puts(qPrintable(line.isSet("version") ? version : help));
    return std::optional<StartOptions>();
  }
  const auto desk = choice(line, "desk", kDeskWords);
  if (!desk) return desk.error();
  const auto surround = choice(line, "surround", kSurroundWords);
  if (!surround) return surround.error();
  const auto companion = choice(line, "companion", kCompanionWords);
  if (!companion) return companion.error();
  const auto hues = choice(line, "hues", kHueWords);
  if (!hues) return hues.error();
  const auto measure = choice(line, "measure", kMeasureWords);
  if (!measure) return measure.error();
  const auto vision = choice(line, "color-vision", kColorVisionWords);
  if (!vision) return vision.error();
  const auto size = line.isSet("size") ? size_of(line.value("size")) : Result<QSize>(QSize());
  if (!size) return size.error();
  return std::optional<StartOptions>({.files = line.positionalArguments(),
                                      .picture = line.value("picture"),
                                      .palette = line.value("import"),
                                      .handbook = line.value("handbook"),
                                      .buttons = line.values("press"),
                                      .desk = *desk,
                                      .surround = *surround,
                                      .hues = *hues,
                                      .measure = *measure,
                                      .vision = *vision,
                                      .companion = *companion,
                                      .size = *size,
                                      .demo = line.isSet("demo"),
                                      .gallery = line.isSet("gallery"),
                                      .xwayland = line.isSet("xwayland")});
}

bool asks_only_to_be_told(const QStringList& words) {
  static const QStringList asking{"-h", "--help", "--help-all", "-v", "--version"};
  return std::any_of(words.begin(), words.end(), [](const QString& word) { return asking.contains(word); });
}

} // namespace zc
