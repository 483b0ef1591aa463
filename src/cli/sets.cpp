#include "cli/sets.h"

namespace zc::cli {

Result<const SwatchSet*> set_named(const Piece& piece, const std::string& name) {
  const SwatchSet* set = find_set_by_name(piece, name);
  if (!set) return Error{ErrorCode::NotFound, "The piece has no set named \"" + name + "\".", "--set"};
  return set;
}

} // namespace zc::cli
