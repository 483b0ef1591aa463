// SPDX-License-Identifier: GPL-3.0-or-later
// Words of the core as the toolkit's.
#pragma once

#include "core/base/result.h"
#include "core/color/color_vision.h"
#include "core/color/spaces.h"
#include "model/i18n/language.h"

#include <QDateTime>
#include <QString>

#include <optional>
#include <string_view>

namespace zc {

[[nodiscard]] inline QString text(std::string_view s) {
  return QString::fromUtf8(s.data(), static_cast<qsizetype>(s.size()));
}
/// A number with so many digits and the decimal mark of the spoken language.
[[nodiscard]] QString number(double x, int digits);
/// A day and a time of it, both as the spoken language writes them, with the year.
[[nodiscard]] QString moment_told(const QDateTime& moment);
/// A number typed with either decimal mark.
[[nodiscard]] std::optional<double> typed_number(const QString& typed);
/// Its name, hex and value.
[[nodiscard]] QString color_told(Srgb c);
/// A kind of color vision as the window names it.
[[nodiscard]] QString color_vision_word(ColorVision vision);
[[nodiscard]] inline QString words(const Error& error) { return sentence(error.said); }

} // namespace zc
