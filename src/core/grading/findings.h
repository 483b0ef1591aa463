// SPDX-License-Identifier: GPL-3.0-or-later
// What a grading report finds, gathered for reading: few entries, the weightiest first, each opening to its
// parts.
#pragma once

#include "core/grading/grading.h"

namespace zc {

enum class FindingKind { Near, Outside, Gaps, Twins, Confused };

/// A cluster of near-duplicates, what is outside the mask, the gaps of a family, a band of values that merge,
/// what eyes with one kind of cone missing confuse; or what else there is of a kind.
struct Finding {
  FindingKind kind = FindingKind::Near;
  bool rest = false;        ///< All of its kind that weigh less; the parts are findings of their own.
  std::vector<Id> swatches; ///< All of them, each once.
  /// Which of the report's near_duplicates, outside_mask, gaps, twin_bands or confusions; one, or one for
  /// each part.
  std::vector<std::size_t> of;
  double weight = 0; ///< Greater comes first.
  std::vector<Finding> parts;
  Eyes eyes = Eyes::Usual; ///< Whose, of what is confused.
};

/// Of a kind so many stand for themselves; if there are more the others are gathered as its rest.
inline constexpr std::size_t kFindingsOfKind = 4;

/// Weights (ours): near-duplicates 3 and one more for each further pair of a cluster; outside the mask 2 and
/// the tenth of their number; a gap its size as a multiple of the limit; twins a third of their number; what
/// other eyes confuse a half. A rest weighs what its first part weighs, and comes after all of its kind.
[[nodiscard]] std::vector<Finding> gathered(const GradingReport& report, const GradingRules& rules);

} // namespace zc
