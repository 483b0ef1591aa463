// SPDX-License-Identifier: GPL-3.0-or-later
// The one way JSON text is parsed and written.
#pragma once

#include "core/base/result.h"
#include "io/files/json_type.h"

#include <nlohmann/json.hpp>

#include <string>
#include <string_view>

namespace zc {

/// ERRORS: TooLarge, Damaged with the byte in `place`. The sentence says "its JSON".
[[nodiscard]] Result<Json> parse_json(std::string_view text);
[[nodiscard]] std::string json_text(const Json& json);

} // namespace zc
