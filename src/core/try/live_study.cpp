#include "core/try/live_study.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

/// With more changed swatches than this all is asked anew.
constexpr std::size_t kFewChanged = 3;

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
            lab_from_8bit(color_of_word(picture.colors[static_cast<std::size_t>(i)].word));
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
  if (few)
    match_changed(picture, changed, set);
  else
    match_all(picture);
  return m_matched;
}

void LiveStudy::match_all(const IndexedPicture& picture) {
  const SwatchMatcher matcher(m_set, m_match);
  m_matched.resize(picture.colors.size());
  in_parallel(static_cast<int>(m_matched.size()), 256, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      m_matched[i] = matcher.nearest(m_labs[i]);
  });
}

void LiveStudy::match_changed(const IndexedPicture& picture, const std::vector<std::size_t>& changed,
                              const std::vector<MatchColor>& set) {
  const SwatchMatcher all(set);
  std::vector<MatchColor> moved;
  moved.reserve(changed.size());
  for (const auto i : changed) moved.push_back(set[i]);
  const SwatchMatcher only_moved(moved);
  in_parallel(static_cast<int>(picture.colors.size()), 256, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      Matched& m = m_matched[i];
      if (std::find(changed.begin(), changed.end(), m.swatch) != changed.end()) {
        m = all.nearest(m_labs[i]);
        continue;
      }
      if (!only_moved.any_within(m_labs[i], m.away)) continue;
      const Matched offer = only_moved.nearest(m_labs[i]);
      const std::size_t swatch = changed[offer.swatch];
      if (offer.away < m.away || (offer.away == m.away && swatch < m.swatch)) m = {swatch, offer.away};
    }
  });
}

} // namespace zc
