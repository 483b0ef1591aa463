// SPDX-License-Identifier: GPL-3.0-or-later
// The named colors of CSS Color 4, section 6.1.
#pragma once

#include "core/color/spaces.h"

#include <optional>
#include <string_view>

namespace zc {

/// Names in small letters; nothing for another, and for "transparent", which is no color to paint with.
[[nodiscard]] std::optional<Srgb> color_of_name(std::string_view name);

} // namespace zc
