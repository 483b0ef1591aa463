// What the commands on sets share.
#pragma once

#include "core/base/result.h"
#include "core/piece/piece.h"

namespace zc::cli {

/// ERRORS: NotFound.
[[nodiscard]] Result<const SwatchSet*> set_named(const Piece& piece, const std::string& name);

} // namespace zc::cli
