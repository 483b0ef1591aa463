// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/exchange/xml.h"

#include "core/base/sentences.h"

#include <sstream>

namespace zc {

Status parse_xml(pugi::xml_document& document, std::string_view text) {
  const auto read = document.load_buffer(text.data(), text.size(), pugi::parse_default, pugi::encoding_utf8);
  if (read) return Done{};
  const std::string byte = std::to_string(read.offset);
  return Error{ErrorCode::Damaged, say(Sentence::XmlBroken, byte), "byte " + byte};
}

std::string xml_text(const pugi::xml_document& document) {
  std::ostringstream out;
  document.save(out, "  ", pugi::format_default, pugi::encoding_utf8);
  return out.str();
}

std::string_view local_name(const pugi::xml_node& node) {
  const std::string_view name = node.name();
  return name.substr(name.rfind(':') + 1); // All of it where there is no colon.
}

} // namespace zc
