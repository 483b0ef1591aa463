// SPDX-License-Identifier: GPL-3.0-or-later
// What a grading report finds, gathered for reading: one entry for each kind of finding, the weightiest
// first, each opening to its parts; and the remedy for an entry or for one part of it.
#pragma once

#include "core/base/result.h"
#include "core/grading/grading.h"

namespace zc {

enum class FindingKind { Near, Outside, Gaps, Twins, Confused };

/// All findings of one kind, or one of them: a cluster of near-duplicates or a pair of it, a swatch outside
/// the mask, the gaps of a family or one gap, a band of values that merge, a pair that a color vision
/// confuses.
struct Finding {
  FindingKind kind = FindingKind::Near;
  std::vector<Id> swatches; ///< All of them, each once; of a gap the dark one first.
  /// Which of the report's near_duplicates, outside_mask, gaps, twin_bands or confusions; of an entry with
  /// parts those of all of them.
  std::vector<std::size_t> of;
  double weight = 0;               ///< Greater comes first.
  std::vector<Finding> parts;      ///< The weightiest first; empty, or at least two.
  std::vector<ColorVision> vision; ///< Whose, of what is confused; each once.
};

/// Weights (ours): near-duplicates 3 and one more for each further pair of a cluster; outside the mask 2; a
/// gap its size as a multiple of the limit, the gaps of a family together; a band of like value a third of
/// its swatches; what a color vision confuses a half. A kind weighs what its weightiest part weighs. A pair
/// that several kinds of eyes confuse is one part; one whose values merge anyway is told there alone.
[[nodiscard]] std::vector<Finding> gathered(const GradingReport& report, const GradingRules& rules);

/// The remedy for a finding: near-duplicates are merged, outsiders brought into the mask, gaps filled, the
/// ends of merging values and what is confused moved apart. Of an entry with parts each part in turn; those
/// that cannot be mended any more are left. ERRORS: of with_merged() and its like, when nothing was mended.
[[nodiscard]] Result<Piece> remedied(const Piece& piece, const Finding& finding);

/// What an edit does to the swatches of one set.
struct SetChange {
  struct Moved {
    Id swatch = 0;
    Srgb before, after;
  };
  std::vector<Moved> moved;
  std::vector<Id> removed;
  std::vector<Srgb> added;
};
[[nodiscard]] SetChange set_change(const SwatchSet& before, const SwatchSet& after);

} // namespace zc
