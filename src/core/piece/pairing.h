// SPDX-License-Identifier: GPL-3.0-or-later
// Which swatch of one state of a set is which of another.
#pragma once

#include "core/piece/piece.h"
#include "core/try/follow.h"
#include "core/try/match.h"

namespace zc {

/// The swatches of a state of a set in its order, as matching asks for them.
struct SetColors {
  std::vector<MatchColor> colors;
  std::vector<const Swatch*> swatches; ///< Of the families that were given; they must outlive it.
  std::vector<const Family*> families; ///< Of each swatch.
};
[[nodiscard]] SetColors set_colors(const List<Family>& families);

struct Pair {
  Id from = 0, to = 0;
  bool operator==(const Pair&) const = default;
};
/// Every swatch of `from` with one of `to`: with the one of its id where states of one set meet; else with
/// the one at its place in the family of that name or, without one, of that order; else with the nearest by
/// CIEDE2000. `by_hand` comes before all of these. None where `to` is empty.
[[nodiscard]] std::vector<Pair> paired(const List<Family>& from, const List<Family>& to,
                                       const std::vector<Pair>& by_hand = {});
/// What the pairs do; pairs of swatches that are not there are left out.
[[nodiscard]] std::vector<SwatchMove> moves_of(const std::vector<Pair>& pairs, const List<Family>& from,
                                               const List<Family>& to);

} // namespace zc
