// What the edits share: names, and the sentences for what is not there. For the files of edits only.
#pragma once

#include "core/base/result.h"
#include "core/piece/set_edits.h"

#include <string>
#include <string_view>

namespace zc {

[[nodiscard]] Error not_found(std::string_view what);
/// Without the spaces around it. ERRORS: BadInput when nothing is left or it is too long.
[[nodiscard]] Result<std::string> clean_name(const std::string& name, std::string_view what);
/// `name`, or `name` with the first number that makes it free; it stays short enough for a name.
template <class Taken> std::string free_name(const std::string& name, const Taken& taken) {
  std::string out = shortened(name, kLongestName);
  for (int n = 2; taken(out); ++n) {
    const std::string number = " " + std::to_string(n);
    out = shortened(name, kLongestName - number.size()) + number;
  }
  return out;
}

} // namespace zc
