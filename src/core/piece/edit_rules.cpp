#include "core/piece/edit_rules.h"

#include "core/piece/edits.h"

namespace zc {

Error not_found(std::string_view what) {
  return {ErrorCode::NotFound, "There is no such " + std::string(what) + " in this piece any more.",
          std::string(what)};
}

Result<std::string> clean_name(const std::string& name, std::string_view what) {
  const auto from = name.find_first_not_of(" \t\r\n");
  if (from == std::string::npos)
    return Error{ErrorCode::BadInput, "A " + std::string(what) + " needs a name; type at least one letter.",
                 std::string(what)};
  std::string clean = name.substr(from, name.find_last_not_of(" \t\r\n") - from + 1);
  if (clean.size() > kLongestName)
    return Error{ErrorCode::BadInput,
                 "The name of this " + std::string(what) + " is too long; keep it under 400 letters.",
                 std::string(what)};
  return clean;
}

std::string shortened(std::string text, std::size_t most) {
  if (text.size() <= most) return text;
  while (most > 0 && (static_cast<unsigned char>(text[most]) & 0xc0) == 0x80) --most;
  text.resize(most);
  text.erase(text.find_last_not_of(" \t\r\n") + 1);
  return text;
}

} // namespace zc
