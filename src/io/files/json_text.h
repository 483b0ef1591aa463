// SPDX-License-Identifier: GPL-3.0-or-later
// The one way JSON text is parsed and written.
#pragma once

#include "core/base/result.h"

#include <nlohmann/json.hpp>

#include <cstdint>
#include <string>
#include <string_view>

namespace zc {

using Json = nlohmann::ordered_json;

inline constexpr int kDeepestJson = 64;                                 ///< Nesting.
inline constexpr std::uint64_t kLargestJson = std::uint64_t{256} << 20; ///< Bytes of text.

/// ERRORS: TooLarge, Damaged with the byte in `place`. The sentence says "its JSON".
[[nodiscard]] Result<Json> parse_json(std::string_view text);
[[nodiscard]] std::string json_text(const Json& json);

} // namespace zc
