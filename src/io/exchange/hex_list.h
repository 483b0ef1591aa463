// Plain hex list: one "#rrggbb name" a line, families in order.
#pragma once

#include "core/piece/piece.h"

#include <string>

namespace zc {

[[nodiscard]] std::string hex_list(const SwatchSet& set);

} // namespace zc
