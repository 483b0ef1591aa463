// SPDX-License-Identifier: GPL-3.0-or-later
// XML through pugixml: bounded, without document types, so without entities of its own.
#pragma once

#include "core/base/result.h"

#include <pugixml.hpp>
#include <string>
#include <string_view>

namespace zc {

/// Deepest nesting that is read.
inline constexpr int kDeepestXml = 64;

/// ERRORS: Damaged with the byte where it is.
[[nodiscard]] Status parse_xml(pugi::xml_document& document, std::string_view text);
[[nodiscard]] std::string xml_text(const pugi::xml_document& document);
/// A name without its prefix.
[[nodiscard]] std::string_view local_name(const pugi::xml_node& node);

} // namespace zc
