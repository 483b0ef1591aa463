// SPDX-License-Identifier: GPL-3.0-or-later
// Colors found in a file, compared with a set and brought into a piece.
#pragma once

#include "core/base/result.h"
#include "core/piece/piece.h"

#include <optional>
#include <vector>

namespace zc {

struct FoundColor {
  Srgb color;
  std::string name = {}; ///< Empty where the file has none.
  std::string note = {};
  std::optional<Code> code = {};  ///< As the file writes it.
  std::optional<LabD50> lab = {}; ///< The color itself, where the file has its CIELAB.
};
struct FoundFamily {
  std::string name = {}; ///< Empty where the file has no families.
  std::vector<FoundColor> colors = {};
};
struct FoundSet {
  std::string name = {};
  std::vector<FoundFamily> families = {};
  std::vector<Saying> remarks = {}; ///< What the file had that could not be taken as it was, in sentences.
};
[[nodiscard]] std::size_t color_count(const FoundSet& found);

/// What a set already has of a found color.
enum class Known { New, Near, Same };
struct FoundState {
  Known known = Known::New;
  Id like = 0;           ///< The swatch that is the same or nearest.
  double difference = 0; ///< CIEDE2000 to it.
};
/// One state for each color, families in order. Same: equal in 8 bits. Near: less than `limit` CIEDE2000
/// away.
[[nodiscard]] std::vector<FoundState> compare_found(const FoundSet& found, const SwatchSet& set,
                                                    double limit);

enum class ImportInto {
  NewSet,    ///< Named as found, with a number where the name is taken.
  OneSet,    ///< The set `set`: families of one name are joined, others added. It becomes the current one.
  OneFamily, ///< All of it at the end of the family `family` of any set.
};
struct ImportPlan {
  ImportInto into = ImportInto::NewSet;
  Id family = 0;
  bool leave_out_same = true; ///< Not used for a new set.
  bool leave_out_near = false;
  Id set = 0;            ///< 0 is the current one.
  std::string book = {}; ///< The color book that the names are from: they become codes. Empty for none.
  /// Of each color in order, whether it is wanted whatever the rules above say; may be shorter.
  std::vector<std::optional<bool>> chosen = {};
};
/// For each color in order, whether it would be brought in. `states` are those of compare_found().
[[nodiscard]] std::vector<bool> wanted_colors(const std::vector<FoundState>& states, const ImportPlan& plan);
/// ERRORS: BadInput when nothing is left to bring in; NotFound for the set or the family; TooLarge as for
/// edits.
[[nodiscard]] Result<Piece> with_found(Piece piece, const FoundSet& found, const ImportPlan& plan);

} // namespace zc
