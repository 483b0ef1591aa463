// SPDX-License-Identifier: GPL-3.0-or-later
// The formats one by one; see exchange.h for what they keep. For the files of this folder only.
#pragma once

#include "io/exchange/exchange.h"

namespace zc {

[[nodiscard]] std::string tokens_text(const SwatchSet& set);
[[nodiscard]] Result<FoundSet> read_tokens(std::string_view text);
[[nodiscard]] std::string cxf_text(const SwatchSet& set);
[[nodiscard]] Result<FoundSet> read_cxf(std::string_view text);
[[nodiscard]] Result<std::string> cgats_text(const SwatchSet& set);
[[nodiscard]] Result<FoundSet> read_cgats(std::string_view text);
[[nodiscard]] std::string css_text(const SwatchSet& set);
[[nodiscard]] Result<FoundSet> read_css(std::string_view text);
[[nodiscard]] Result<std::string> csv_text(const SwatchSet& set);
[[nodiscard]] Result<FoundSet> read_csv(std::string_view text);
[[nodiscard]] std::string hex_list_text(const SwatchSet& set);
[[nodiscard]] Result<FoundSet> read_hex_list(std::string_view text);
[[nodiscard]] std::string svg_text(const SwatchSet& set);
[[nodiscard]] Result<FoundSet> read_svg(std::string_view text);
/// Whether most lines begin with three numbers.
[[nodiscard]] bool looks_like_numbers(std::string_view text);
[[nodiscard]] Result<FoundSet> read_numbers(std::string_view text);
[[nodiscard]] Result<FoundSet> read_picture(const Bytes& bytes, const std::string& file_name);

} // namespace zc
