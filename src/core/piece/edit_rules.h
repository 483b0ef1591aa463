// What the edits share: names, and the sentences for what is not there. For the files of edits only.
#pragma once

#include "core/base/result.h"
#include "core/piece/piece.h"

#include <string>
#include <string_view>

namespace zc {

[[nodiscard]] Error not_found(std::string_view what);
/// Without the spaces around it. ERRORS: BadInput when nothing is left or it is too long.
[[nodiscard]] Result<std::string> clean_name(const std::string& name, std::string_view what);

} // namespace zc
