// SPDX-License-Identifier: GPL-3.0-or-later
// The name of a JSON value, and its bounds, for headers: whatever sees all of the library compiles its reader
// once more, so only sources that read or write JSON include json_text.h.
#pragma once

#include <nlohmann/json_fwd.hpp>

#include <cstdint>

namespace zc {

using Json = nlohmann::ordered_json;

inline constexpr int kDeepestJson = 64;                                 ///< Nesting.
inline constexpr std::uint64_t kLargestJson = std::uint64_t{256} << 20; ///< Bytes of text.

} // namespace zc
