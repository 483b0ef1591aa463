// SPDX-License-Identifier: GPL-3.0-or-later
// A study that is kept while swatches move: what did not change is not asked again.
#pragma once

#include "core/image/distinct.h"
#include "core/try/match.h"

namespace zc {

class LiveStudy {
public:
  /// The nearest swatch of each of the picture's colors. Where only a few swatches differ from the last time,
  /// only the colors they had and those they are nearest to now are asked anew; the answer is the same.
  /// REQUIRES at least one swatch.
  const std::vector<Matched>& matched(const IndexedPicture& picture, const std::vector<MatchColor>& set,
                                      Match match);

private:
  void match_all();
  void match_changed(const std::vector<std::size_t>& changed);
  void match_others(const std::vector<std::size_t>& changed);

  std::uint64_t m_picture = 0; ///< Serial of the one that the answers are for.
  std::vector<MatchColor> m_set;
  Match m_match = Match::Color;
  std::vector<Matched> m_matched;
  std::vector<Lab> m_labs;            ///< Of the picture's colors.
  std::vector<std::size_t> m_changed; ///< The places that changed the last time.
  std::vector<Matched> m_others;      ///< The nearest among all other places.
};

} // namespace zc
