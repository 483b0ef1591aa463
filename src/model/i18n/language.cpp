// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/i18n/language.h"

#include "core/color/convert.h"
#include "core/wheel/color_words.h"
#include "model/i18n/shared_files.h"
#include "model/i18n/text.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>

namespace zc {
namespace {

// What the core says in single words, for those who translate.
[[maybe_unused]] constexpr const char* kWords[] = {QT_TRANSLATE_NOOP("Word", "yellow"),
                                                   QT_TRANSLATE_NOOP("Word", "yellow-orange"),
                                                   QT_TRANSLATE_NOOP("Word", "orange"),
                                                   QT_TRANSLATE_NOOP("Word", "red-orange"),
                                                   QT_TRANSLATE_NOOP("Word", "red"),
                                                   QT_TRANSLATE_NOOP("Word", "red-violet"),
                                                   QT_TRANSLATE_NOOP("Word", "violet"),
                                                   QT_TRANSLATE_NOOP("Word", "blue-violet"),
                                                   QT_TRANSLATE_NOOP("Word", "blue"),
                                                   QT_TRANSLATE_NOOP("Word", "blue-green"),
                                                   QT_TRANSLATE_NOOP("Word", "green"),
                                                   QT_TRANSLATE_NOOP("Word", "yellow-green"),
                                                   QT_TRANSLATE_NOOP("Word", "rose"),
                                                   QT_TRANSLATE_NOOP("Word", "magenta"),
                                                   QT_TRANSLATE_NOOP("Word", "azure"),
                                                   QT_TRANSLATE_NOOP("Word", "cyan"),
                                                   QT_TRANSLATE_NOOP("Word", "sea green"),
                                                   QT_TRANSLATE_NOOP("Word", "lime"),
                                                   QT_TRANSLATE_NOOP("Word", "grey"),
                                                   QT_TRANSLATE_NOOP("Word", "brown"),
                                                   QT_TRANSLATE_NOOP("Word", "black"),
                                                   QT_TRANSLATE_NOOP("Word", "white"),
                                                   QT_TRANSLATE_NOOP("Word", "YO"),
                                                   QT_TRANSLATE_NOOP("Word", "RO"),
                                                   QT_TRANSLATE_NOOP("Word", "RV"),
                                                   QT_TRANSLATE_NOOP("Word", "BV"),
                                                   QT_TRANSLATE_NOOP("Word", "BG"),
                                                   QT_TRANSLATE_NOOP("Word", "YG"),
                                                   QT_TRANSLATE_NOOP("Word", "SG"),
                                                   QT_TRANSLATE_NOOP("Word", "single"),
                                                   QT_TRANSLATE_NOOP("Word", "analogous"),
                                                   QT_TRANSLATE_NOOP("Word", "complement"),
                                                   QT_TRANSLATE_NOOP("Word", "split"),
                                                   QT_TRANSLATE_NOOP("Word", "triad"),
                                                   QT_TRANSLATE_NOOP("Word", "square"),
                                                   QT_TRANSLATE_NOOP("Word", "rectangle"),
                                                   QT_TRANSLATE_NOOP("Word", "accent"),
                                                   QT_TRANSLATE_NOOP("Word", "double"),
                                                   QT_TRANSLATE_NOOP("Word", "fitted"),
                                                   QT_TRANSLATE_NOOP("Word", "low key"),
                                                   QT_TRANSLATE_NOOP("Word", "middle key"),
                                                   QT_TRANSLATE_NOOP("Word", "high key"),
                                                   QT_TRANSLATE_NOOP("Word", "letter"),
                                                   QT_TRANSLATE_NOOP("Word", "titanium white"),
                                                   QT_TRANSLATE_NOOP("Word", "zinc white"),
                                                   QT_TRANSLATE_NOOP("Word", "bone black"),
                                                   QT_TRANSLATE_NOOP("Word", "lamp black"),
                                                   QT_TRANSLATE_NOOP("Word", "yellow earth"),
                                                   QT_TRANSLATE_NOOP("Word", "cadmium yellow"),
                                                   QT_TRANSLATE_NOOP("Word", "raw umber"),
                                                   QT_TRANSLATE_NOOP("Word", "burnt sienna"),
                                                   QT_TRANSLATE_NOOP("Word", "burnt umber"),
                                                   QT_TRANSLATE_NOOP("Word", "iron-oxide red"),
                                                   QT_TRANSLATE_NOOP("Word", "cadmium red"),
                                                   QT_TRANSLATE_NOOP("Word", "quinacridone magenta"),
                                                   QT_TRANSLATE_NOOP("Word", "ultramarine blue"),
                                                   QT_TRANSLATE_NOOP("Word", "cobalt blue"),
                                                   QT_TRANSLATE_NOOP("Word", "iron blue"),
                                                   QT_TRANSLATE_NOOP("Word", "phthalocyanine blue"),
                                                   QT_TRANSLATE_NOOP("Word", "phthalocyanine green"),
                                                   QT_TRANSLATE_NOOP("Word", "chromium oxide green"),
                                                   QT_TRANSLATE_NOOP("Word", "Design tokens"),
                                                   QT_TRANSLATE_NOOP("Word", "CGATS.17 table"),
                                                   QT_TRANSLATE_NOOP("Word", "CSS custom properties"),
                                                   QT_TRANSLATE_NOOP("Word", "CSV table"),
                                                   QT_TRANSLATE_NOOP("Word", "Hex list"),
                                                   QT_TRANSLATE_NOOP("Word", "SVG drawing"),
                                                   QT_TRANSLATE_NOOP("Word", "PNG strip"),
                                                   QT_TRANSLATE_NOOP("Word", "hue"),
                                                   QT_TRANSLATE_NOOP("Word", "saturation"),
                                                   QT_TRANSLATE_NOOP("Word", "value"),
                                                   QT_TRANSLATE_NOOP("Word", "lightness"),
                                                   QT_TRANSLATE_NOOP("Word", "chroma"),
                                                   QT_TRANSLATE_NOOP("Word", "Linear")};
// The palettes of paints that come on the shelf.
[[maybe_unused]] constexpr const char* kPalettes[] = {QT_TRANSLATE_NOOP("Word", "earths and one blue"),
                                                      QT_TRANSLATE_NOOP("Word", "four, no blue"),
                                                      QT_TRANSLATE_NOOP("Word", "a warm and a cool of each")};
// How the curves of the paints of the trade run.
[[maybe_unused]] constexpr const char* kCurves[] = {
    QT_TRANSLATE_NOOP("Word", "nearly even, falling below 410 nm"),
    QT_TRANSLATE_NOOP("Word", "nearly even, falling below 385 nm"),
    QT_TRANSLATE_NOOP("Word", "even and low, a little warm"),
    QT_TRANSLATE_NOOP("Word", "even and low, a little cool"),
    QT_TRANSLATE_NOOP("Word", "an edge at 545 nm"),
    QT_TRANSLATE_NOOP("Word", "an edge at 510 nm"),
    QT_TRANSLATE_NOOP("Word", "a long edge at 580 nm"),
    QT_TRANSLATE_NOOP("Word", "an edge at 592 nm"),
    QT_TRANSLATE_NOOP("Word", "a low edge at 600 nm"),
    QT_TRANSLATE_NOOP("Word", "an edge at 588 nm"),
    QT_TRANSLATE_NOOP("Word", "an edge at 605 nm and a low hump at 420 nm"),
    QT_TRANSLATE_NOOP("Word", "an edge at 610 nm and a hump at 430 nm"),
    QT_TRANSLATE_NOOP("Word", "a hump at 450 nm and an edge at 715 nm"),
    QT_TRANSLATE_NOOP("Word", "a hump at 460 nm and an edge at 690 nm"),
    QT_TRANSLATE_NOOP("Word", "a low hump at 450 nm"),
    QT_TRANSLATE_NOOP("Word", "a hump at 470 nm"),
    QT_TRANSLATE_NOOP("Word", "a hump at 512 nm"),
    QT_TRANSLATE_NOOP("Word", "humps at 540 and 410 nm and an edge at 715 nm")};
// What a piece holds many of, where there are too many.
[[maybe_unused]] constexpr const char* kMany[] = {
    QT_TRANSLATE_NOOP("Word", "areas"),       QT_TRANSLATE_NOOP("Word", "changes of areas"),
    QT_TRANSLATE_NOOP("Word", "bound areas"), QT_TRANSLATE_NOOP("Word", "references"),
    QT_TRANSLATE_NOOP("Word", "paints"),      QT_TRANSLATE_NOOP("Word", "tags"),
    QT_TRANSLATE_NOOP("Word", "versions"),    QT_TRANSLATE_NOOP("Word", "families"),
    QT_TRANSLATE_NOOP("Word", "swatches"),    QT_TRANSLATE_NOOP("Word", "sets")};
// What we ship on the shelves, and what the spaces of the readout tell.
[[maybe_unused]] constexpr const char* kShipped[] = {
    QT_TRANSLATE_NOOP("Word", "sRGB, 0 to 255"),
    QT_TRANSLATE_NOOP("Word", "hue, saturation, value of sRGB"),
    QT_TRANSLATE_NOOP("Word", "hue, saturation, lightness of sRGB"),
    QT_TRANSLATE_NOOP("Word", "CIELUV hue, share of its largest chroma, L*"),
    QT_TRANSLATE_NOOP("Word", "CIELAB lightness, chroma, hue"),
    QT_TRANSLATE_NOOP("Word", "CIELAB under D65"),
    QT_TRANSLATE_NOOP("Word", "CIELUV lightness, chroma, hue"),
    QT_TRANSLATE_NOOP("Word", "CIELUV under D65"),
    QT_TRANSLATE_NOOP("Word", "OKLab lightness, chroma, hue"),
    QT_TRANSLATE_NOOP("Word", "CIE XYZ, white at Y 100"),
    QT_TRANSLATE_NOOP("Word", "sRGB primaries in linear light"),
    QT_TRANSLATE_NOOP("Word", "hex and name"),
    QT_TRANSLATE_NOOP("Word", "numbers in columns"),
    QT_TRANSLATE_NOOP("Word", "table"),
    QT_TRANSLATE_NOOP("Word", "families with headings"),
    QT_TRANSLATE_NOOP("Word", "All hues, quiet"),
    QT_TRANSLATE_NOOP("Word", "Ember and ash"),
    QT_TRANSLATE_NOOP("Word", "Lamp against dusk"),
    QT_TRANSLATE_NOOP("Word", "Overcast harbor"),
    QT_TRANSLATE_NOOP("Word", "Rust and verdigris"),
    QT_TRANSLATE_NOOP("Word", "Vivid without the middle"),
    QT_TRANSLATE_NOOP("Word", "Nine greys"),
    QT_TRANSLATE_NOOP("Word", "Earth and stone"),
    QT_TRANSLATE_NOOP("Word", "Two lights"),
    QT_TRANSLATE_NOOP("Word", "Skin in three lights"),
    QT_TRANSLATE_NOOP("Word", "Leaves by distance"),
    QT_TRANSLATE_NOOP("Word", "ochre"),
    QT_TRANSLATE_NOOP("Word", "clay"),
    QT_TRANSLATE_NOOP("Word", "umber"),
    QT_TRANSLATE_NOOP("Word", "stone"),
    QT_TRANSLATE_NOOP("Word", "lamplight"),
    QT_TRANSLATE_NOOP("Word", "ember"),
    QT_TRANSLATE_NOOP("Word", "between"),
    QT_TRANSLATE_NOOP("Word", "dusk"),
    QT_TRANSLATE_NOOP("Word", "noon"),
    QT_TRANSLATE_NOOP("Word", "overcast"),
    QT_TRANSLATE_NOOP("Word", "shade"),
    QT_TRANSLATE_NOOP("Word", "near"),
    QT_TRANSLATE_NOOP("Word", "middle"),
    QT_TRANSLATE_NOOP("Word", "far"),
    QT_TRANSLATE_NOOP("Word", "muted"),
    QT_TRANSLATE_NOOP("Word", "any light"),
    QT_TRANSLATE_NOOP("Word", "fire"),
    QT_TRANSLATE_NOOP("Word", "night"),
    QT_TRANSLATE_NOOP("Word", "warm"),
    QT_TRANSLATE_NOOP("Word", "two lights"),
    QT_TRANSLATE_NOOP("Word", "day"),
    QT_TRANSLATE_NOOP("Word", "cool"),
    QT_TRANSLATE_NOOP("Word", "metal"),
    QT_TRANSLATE_NOOP("Word", "loud"),
    QT_TRANSLATE_NOOP("Word", "posters"),
    QT_TRANSLATE_NOOP("Word", "values"),
    QT_TRANSLATE_NOOP("Word", "start"),
    QT_TRANSLATE_NOOP("Word", "figure"),
    QT_TRANSLATE_NOOP("Word", "air")};
// What sentences of the core are about.
[[maybe_unused]] constexpr const char* kThings[] = {QT_TRANSLATE_NOOP("Word", "family"),
                                                    QT_TRANSLATE_NOOP("Word", "gap"),
                                                    QT_TRANSLATE_NOOP("Word", "mask area"),
                                                    QT_TRANSLATE_NOOP("Word", "mask point"),
                                                    QT_TRANSLATE_NOOP("Word", "mask"),
                                                    QT_TRANSLATE_NOOP("Word", "paint"),
                                                    QT_TRANSLATE_NOOP("Word", "place"),
                                                    QT_TRANSLATE_NOOP("Word", "reference"),
                                                    QT_TRANSLATE_NOOP("Word", "set"),
                                                    QT_TRANSLATE_NOOP("Word", "swatch"),
                                                    QT_TRANSLATE_NOOP("Word", "version"),
                                                    QT_TRANSLATE_NOOP("Word", "signature"),
                                                    QT_TRANSLATE_NOOP("Word", "text"),
                                                    QT_TRANSLATE_NOOP("Word", "piece"),
                                                    QT_TRANSLATE_NOOP("Word", "palette of paints"),
                                                    QT_TRANSLATE_NOOP("Word", "parcel"),
                                                    QT_TRANSLATE_NOOP("Word", "pattern"),
                                                    QT_TRANSLATE_NOOP("Word", "a hex list"),
                                                    QT_TRANSLATE_NOOP("Word", "design tokens"),
                                                    QT_TRANSLATE_NOOP("Word", "a picture"),
                                                    QT_TRANSLATE_NOOP("Word", "lines of numbers")};
/// As they stand beside a hue: in many languages they change with it.
[[maybe_unused]] constexpr const char* kOfColor[] = {
    QT_TRANSLATE_NOOP("OfColor", "blackish"),   QT_TRANSLATE_NOOP("OfColor", "very dark"),
    QT_TRANSLATE_NOOP("OfColor", "dark"),       QT_TRANSLATE_NOOP("OfColor", "light"),
    QT_TRANSLATE_NOOP("OfColor", "very light"), QT_TRANSLATE_NOOP("OfColor", "whitish"),
    QT_TRANSLATE_NOOP("OfColor", "greyed"),     QT_TRANSLATE_NOOP("OfColor", "dull"),
    QT_TRANSLATE_NOOP("OfColor", "muted"),      QT_TRANSLATE_NOOP("OfColor", "vivid"),
    QT_TRANSLATE_NOOP("OfColor", "warm"),       QT_TRANSLATE_NOOP("OfColor", "cool")};
[[maybe_unused]] constexpr const char* kSurrounds[] = {QT_TRANSLATE_NOOP("Surround", "dark"),
                                                       QT_TRANSLATE_NOOP("Surround", "middle"),
                                                       QT_TRANSLATE_NOOP("Surround", "light")};

// Keys by name: the toolkit's own words are not everywhere.
[[maybe_unused]] constexpr const char* kKeys[] = {
    QT_TRANSLATE_NOOP("QShortcut", "Ctrl"),   QT_TRANSLATE_NOOP("QShortcut", "Shift"),
    QT_TRANSLATE_NOOP("QShortcut", "Alt"),    QT_TRANSLATE_NOOP("QShortcut", "Del"),
    QT_TRANSLATE_NOOP("QShortcut", "Ins"),    QT_TRANSLATE_NOOP("QShortcut", "Return"),
    QT_TRANSLATE_NOOP("QShortcut", "Enter"),  QT_TRANSLATE_NOOP("QShortcut", "Esc"),
    QT_TRANSLATE_NOOP("QShortcut", "Space"),  QT_TRANSLATE_NOOP("QShortcut", "Backspace"),
    QT_TRANSLATE_NOOP("QShortcut", "Tab"),    QT_TRANSLATE_NOOP("QShortcut", "Home"),
    QT_TRANSLATE_NOOP("QShortcut", "End"),    QT_TRANSLATE_NOOP("QShortcut", "PgUp"),
    QT_TRANSLATE_NOOP("QShortcut", "PgDown"), QT_TRANSLATE_NOOP("QShortcut", "Left"),
    QT_TRANSLATE_NOOP("QShortcut", "Right"),  QT_TRANSLATE_NOOP("QShortcut", "Up"),
    QT_TRANSLATE_NOOP("QShortcut", "Down")};
// What a sheet says.
[[maybe_unused]] constexpr const char* kOfSheet[] = {
    QT_TRANSLATE_NOOP("Sheet", "%1, %2, value %3"),
    QT_TRANSLATE_NOOP("Sheet", "wheel: %1"),
    QT_TRANSLATE_NOOP("Sheet", "measure: %1"),
    QT_TRANSLATE_NOOP("Sheet", "mask: %1"),
    QT_TRANSLATE_NOOP("Sheet", "fills %1 % of the wheel"),
    QT_TRANSLATE_NOOP("Sheet", "neutral: %1"),
    QT_TRANSLATE_NOOP("Sheet", "%1: the limit fills %2 % of this range"),
    QT_TRANSLATE_NOOP("Sheet", "%1: the limit fills %2 % of these ranges"),
    QT_TRANSLATE_NOOP("Sheet", "hue %1 to %2, saturation %3 to %4 %"),
    QT_TRANSLATE_NOOP("Sheet", "hue %1 to %2, chroma %3 to %4"),
    QT_TRANSLATE_NOOP("Sheet", "every hue, saturation %1 to %2 %"),
    QT_TRANSLATE_NOOP("Sheet", "every hue, chroma %1 to %2"),
    QT_TRANSLATE_NOOP("Sheet", "%1: hue %2, saturation %3 %, lightness %4 %"),
    QT_TRANSLATE_NOOP("Sheet", "%1: hue %2, chroma %3, lightness %4 %"),
    QT_TRANSLATE_NOOP("Sheet", "relation: %1"),
    QT_TRANSLATE_NOOP("Sheet", "value shown: %1"),
    QT_TRANSLATE_NOOP("Sheet", "each hue at its vivid value"),
    QT_TRANSLATE_NOOP("Sheet", "study: %1"),
    QT_TRANSLATE_NOOP("Sheet", "reference: %1"),
    QT_TRANSLATE_NOOP("Sheet", "value %1"),
    QT_TRANSLATE_NOOP("Sheet", "light to dark"),
    QT_TRANSLATE_NOOP("Sheet", "%1, continued"),
    QT_TRANSLATE_NOOP("Sheet", "light: %1 needed, %2 present, %3 missing"),
    QT_TRANSLATE_NOOP("Sheet", "middle: %1 needed, %2 present, %3 missing"),
    QT_TRANSLATE_NOOP("Sheet", "dark: %1 needed, %2 present, %3 missing"),
    QT_TRANSLATE_NOOP("Sheet", "page %1 of %2"),
    QT_TRANSLATE_NOOP("Sheet", "traditional"),
    QT_TRANSLATE_NOOP("Sheet", "light"),
    QT_TRANSLATE_NOOP("Sheet", "ink"),
    QT_TRANSLATE_NOOP("Sheet", "even"),
    QT_TRANSLATE_NOOP("Sheet", "Y"),
    QT_TRANSLATE_NOOP("Sheet", "O"),
    QT_TRANSLATE_NOOP("Sheet", "R"),
    QT_TRANSLATE_NOOP("Sheet", "V"),
    QT_TRANSLATE_NOOP("Sheet", "B"),
    QT_TRANSLATE_NOOP("Sheet", "G"),
    QT_TRANSLATE_NOOP("Sheet", "C"),
    QT_TRANSLATE_NOOP("Sheet", "M"),
    QT_TRANSLATE_NOOP("Sheet", "L")};

QString translated(const char* context, std::string_view of_core) {
  return QCoreApplication::translate(context, std::string(of_core).c_str());
}

QTranslator& ours() {
  static QTranslator one;
  return one;
}
QTranslator& plurals() {
  static QTranslator translator;
  return translator;
}
QTranslator& toolkits() {
  static QTranslator one;
  return one;
}

} // namespace

bool speak(const QLocale& locale) {
  name_swatches_by([](Srgb c) { return swatch_name(c).toStdString(); });
  QCoreApplication::removeTranslator(&plurals());
  QCoreApplication::removeTranslator(&ours());
  QCoreApplication::removeTranslator(&toolkits());
  const bool known = ours().load(locale, QStringLiteral("zonachrom"), QStringLiteral("_"),
                                 shared_file(QStringLiteral("translations")));
  if (!known) {
    // English is what the sources say, but for the forms of what is counted.
    if (plurals().load(shared_file(QStringLiteral("translations/plurals_en.qm"))))
      QCoreApplication::installTranslator(&plurals());
    QLocale::setDefault(QLocale(QLocale::English));
    return false;
  }
  // Numbers are told in the form of the words beside them, whatever else the desktop speaks.
  QLocale::setDefault(QLocale(ours().language()));
  if (toolkits().load(locale, QStringLiteral("qtbase"), QStringLiteral("_"),
                      QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
    QCoreApplication::installTranslator(&toolkits());
  QCoreApplication::installTranslator(&ours()); // Asked first.
  return true;
}

QString word(std::string_view of_core) { return translated("Word", of_core); }

void put_in_words(std::string& of_core) { of_core = word(of_core).toStdString(); }

QString surround_word(const QString& of_theme) { return translated("Surround", of_theme.toStdString()); }

QString color_name(Srgb c) {
  const ColorWords parts = color_word_parts(c);
  const auto beside = [](std::string_view one) {
    return one.empty() ? QString() : translated("OfColor", one);
  };
  //: How a color is called: %1 value, %2 chroma, %3 side, %4 hue; each but the hue may be missing.
  return QCoreApplication::translate("Word", "%1 %2 %3 %4")
      .arg(beside(parts.value), beside(parts.chroma), beside(parts.side), word(parts.hue))
      .simplified();
}

QString swatch_name(Srgb c) {
  const ColorWords parts = color_word_parts(c);
  const std::string_view first = short_first_word(parts);
  //: How a swatch is called in short: %1 chroma, which may be missing, %2 hue, %3 value.
  return QCoreApplication::translate("Word", "%1 %2 %3")
      .arg(first.empty() ? QString() : translated("OfColor", first), word(parts.hue))
      .arg(std::lround(value_of(c)))
      .simplified();
}

QString hue_word(Srgb c) { return word(hue_in_words(c)); }

SheetWords words_of_sheets() {
  const auto say = [](std::string_view ours) {
    const QString said = translated("Sheet", ours), english = text(std::string(ours));
    return (said == english ? word(ours) : said).toStdString();
  };
  return {say, [](Srgb c) { return color_name(c).toStdString(); }};
}

} // namespace zc
