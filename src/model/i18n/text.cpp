// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/i18n/text.h"

#include "core/color/convert.h"
#include "core/color/text.h"
#include "model/i18n/language.h"

#include <QLocale>
#include <QObject>

#include <cmath>

namespace zc {

QString number(double x, int digits) {
  QLocale locale;
  locale.setNumberOptions(QLocale::OmitGroupSeparator);
  return locale.toString(x, 'f', digits);
}

QString moment_told(const QDateTime& moment) {
  const QLocale locale;
  QString day = locale.dateFormat(QLocale::LongFormat);
  // Without the day of the week, which only makes it longer.
  day.remove(QStringLiteral("dddd, ")).remove(QStringLiteral("dddd "));
  return locale.toString(moment, day + QStringLiteral(", ") + locale.timeFormat(QLocale::ShortFormat));
}

std::optional<double> typed_number(const QString& typed) {
  bool good = false;
  const double x = typed.trimmed().replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&good);
  return good && std::isfinite(x) ? std::optional(x) : std::nullopt;
}

QString color_told(Srgb c) {
  return QObject::tr("%1, %2, value %3").arg(color_name(c), text(hex_of(c))).arg(number(value_of(c), 1));
}

QString color_vision_word(ColorVision vision) {
  switch (vision.kind()) {
  case ColorVision::Protan:
    return QObject::tr("Protanopia");
  case ColorVision::Deutan:
    return QObject::tr("Deuteranopia");
  case ColorVision::Tritan:
    return QObject::tr("Tritanopia");
  case ColorVision::Values:
    return QObject::tr("values only");
  case ColorVision::Normal:
    break;
  }
  return QObject::tr("Normal color vision");
}

} // namespace zc
