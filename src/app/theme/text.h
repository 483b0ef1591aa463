// SPDX-License-Identifier: GPL-3.0-or-later
// Words of the core as the toolkit's.
#pragma once

#include "core/base/result.h"
#include "core/color/spaces.h"

#include <QString>

#include <string_view>

namespace zc {

[[nodiscard]] inline QString text(std::string_view s) {
  return QString::fromUtf8(s.data(), static_cast<qsizetype>(s.size()));
}
/// Its name, hex and value.
[[nodiscard]] QString color_told(Srgb c);
[[nodiscard]] inline QString words(const Error& error) { return text(error.sentence); }

} // namespace zc
