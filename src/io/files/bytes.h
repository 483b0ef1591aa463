// SPDX-License-Identifier: GPL-3.0-or-later
// The content of a file.
#pragma once

#include <string_view>
#include <vector>

namespace zc {

using Bytes = std::vector<unsigned char>;

[[nodiscard]] inline Bytes bytes_of(std::string_view text) { return {text.begin(), text.end()}; }
[[nodiscard]] inline std::string_view text_of(const Bytes& bytes) {
  return {reinterpret_cast<const char*>(bytes.data()), bytes.size()};
}

} // namespace zc
