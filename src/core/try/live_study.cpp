// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/live_study.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

/// With more changed swatches than this all is asked anew.
constexpr std::size_t kFewChanged = 3;
constexpr double kFarthest = 1e6; ///< CIEDE2000 that no two colors are apart.

} // namespace

const std::vector<Matched>& LiveStudy::matched(const IndexedPicture& picture,
                                               const std::vector<MatchColor>& set, Match match) {
  assert(!set.empty());
  const bool same_picture = m_picture == picture.serial;
  if (!same_picture) {
    m_picture = picture.serial;
    m_labs.resize(picture.colors.size());
    in_parallel(static_cast<int>(m_labs.size()), 1024, [&](int from, int to) {
      for (int i = from; i < to; ++i)
        m_labs[static_cast<std::size_t>(i)] =
            lab_from_8bit(color_of(picture.colors[static_cast<std::size_t>(i)].color));
    });
  }
  std::vector<std::size_t> changed;
  const bool alike = same_picture && m_match == match && m_set.size() == set.size();
  for (std::size_t i = 0; alike && i < set.size(); ++i)
    if (m_set[i].color != set[i].color || m_set[i].family != set[i].family) changed.push_back(i);
  if (alike && changed.empty()) return m_matched;
  const bool few = alike && match == Match::Color && changed.size() <= kFewChanged;
  m_match = match;
  m_set = set;
  if (few) {
    match_changed(changed);
  } else {
    m_changed.clear();
    match_all();
  }
  return m_matched;
}

void LiveStudy::match_all() {
  const SwatchMatcher matcher(m_set, m_match);
  m_matched.resize(m_labs.size());
  in_parallel(static_cast<int>(m_matched.size()), 256, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      m_matched[i] = matcher.nearest(m_labs[i]);
  });
}

/// While the same swatches change over and over, what is nearest among the others is found out only once.
void LiveStudy::match_changed(const std::vector<std::size_t>& changed) {
  std::vector<MatchColor> moved;
  moved.reserve(changed.size());
  for (const auto i : changed) moved.push_back(m_set[i]);
  const SwatchMatcher only_moved(moved);
  if (m_changed != changed) match_others(changed);
  in_parallel(static_cast<int>(m_matched.size()), 256, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      m_matched[i] = m_others[i];
      const auto offer = only_moved.nearest_within(m_labs[i], m_others[i].away);
      if (!offer) continue;
      const std::size_t swatch = changed[offer->swatch];
      if (offer->away < m_others[i].away || swatch < m_others[i].swatch) m_matched[i] = {swatch, offer->away};
    }
  });
}

void LiveStudy::match_others(const std::vector<std::size_t>& changed) {
  m_changed = changed;
  std::vector<MatchColor> kept;
  std::vector<std::size_t> places;
  for (std::size_t i = 0; i < m_set.size(); ++i) {
    if (std::find(changed.begin(), changed.end(), i) != changed.end()) continue;
    kept.push_back(m_set[i]);
    places.push_back(i);
  }
  const SwatchMatcher others(kept);
  m_others.resize(m_matched.size());
  in_parallel(static_cast<int>(m_matched.size()), 256, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      m_others[i] = m_matched[i];
      if (std::find(changed.begin(), changed.end(), m_matched[i].swatch) == changed.end()) continue;
      const auto next = others.empty() ? std::nullopt : others.nearest_within(m_labs[i], kFarthest);
      m_others[i] = next ? Matched{places[next->swatch], next->away} : Matched{m_set.size(), kFarthest};
    }
  });
}

} // namespace zc
