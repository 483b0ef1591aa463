// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/lanes.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

/// One past the last span that hangs together with the first.
std::size_t end_of_heap(const std::vector<ChipSpan>& spans, std::size_t first) {
  std::size_t end = first + 1;
  for (double bottom = spans[first].bottom; end < spans.size() && spans[end].top < bottom; ++end)
    bottom = std::max(bottom, spans[end].bottom);
  return end;
}

} // namespace

std::vector<Lane> lanes_of(const std::vector<ChipSpan>& spans, std::size_t most) {
  assert(most >= 1);
  std::vector<Lane> out(spans.size());
  for (std::size_t first = 0, end = 0; first < spans.size(); first = end) {
    end = end_of_heap(spans, first);
    std::vector<double> bottoms; // Of each lane of this heap.
    for (std::size_t i = first; i < end; ++i) {
      const auto free =
          std::find_if(bottoms.begin(), bottoms.end(), [&](double bottom) { return bottom <= spans[i].top; });
      auto lane = static_cast<std::size_t>(free - bottoms.begin());
      if (lane == most) lane = (i - first) % most;
      if (lane == bottoms.size()) bottoms.push_back(0);
      bottoms[lane] = spans[i].bottom;
      out[i].lane = lane;
    }
    for (std::size_t i = first; i < end; ++i) out[i].of = bottoms.size();
  }
  return out;
}

} // namespace zc
