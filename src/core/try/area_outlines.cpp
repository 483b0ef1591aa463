// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/area_outlines.h"

#include <unordered_map>

namespace zc {
namespace {

/// East, south, west, north: the area lies to the right of each.
constexpr int kAcross[] = {1, 0, -1, 0}, kDown[] = {0, 1, 0, -1};

/// The directions in which edges leave each corner, as bits.
using Leaving = std::unordered_map<std::uint64_t, unsigned>;

std::uint64_t corner(int x, int y) {
  return static_cast<std::uint64_t>(y) << 32 | static_cast<std::uint32_t>(x);
}

std::vector<Leaving> edges_of(const Areas& areas) {
  std::vector<Leaving> out(areas.areas.size());
  for (int y = 0; y < areas.height; ++y)
    for (int x = 0; x < areas.width; ++x) {
      const AreaNumber n = areas.at(x, y);
      if (n == kNoArea) continue;
      if (areas.number_at(x, y - 1) != n) out[n][corner(x, y)] |= 1;
      if (areas.number_at(x + 1, y) != n) out[n][corner(x + 1, y)] |= 2;
      if (areas.number_at(x, y + 1) != n) out[n][corner(x + 1, y + 1)] |= 4;
      if (areas.number_at(x - 1, y) != n) out[n][corner(x, y + 1)] |= 8;
    }
  return out;
}

/// Takes one loop out of the edges, turning right where two ways leave a corner.
AreaLoop loop_from(Leaving& edges, int x, int y, int direction) {
  AreaLoop out;
  int last = -1;
  for (;;) {
    const auto here = edges.find(corner(x, y));
    if (here == edges.end() || here->second == 0) return out;
    int next = -1;
    for (const int turn : {1, 0, 3}) // Right, straight on, left.
      if (next < 0 && here->second >> ((direction + turn) % 4) & 1) next = (direction + turn) % 4;
    if (last < 0) next = direction;
    if (next < 0) return out;
    here->second &= ~(1u << next);
    if (next != last) out.emplace_back(x, y);
    x += kAcross[next];
    y += kDown[next];
    direction = last = next;
  }
}

} // namespace

namespace {

void take_loops(Leaving& edges, int x, int y, std::vector<AreaLoop>& out) {
  for (int d = 0; d < 4; ++d) {
    const auto here = edges.find(corner(x, y));
    if (here == edges.end() || !(here->second >> d & 1)) continue;
    out.push_back(loop_from(edges, x, y, d));
  }
}

} // namespace

std::vector<std::vector<AreaLoop>> area_outlines(const Areas& areas) {
  std::vector<Leaving> edges = edges_of(areas);
  std::vector<std::vector<AreaLoop>> out(areas.areas.size());
  // In the order of the picture, so that the answer is the same every time.
  for (int y = 0; y <= areas.height; ++y)
    for (int x = 0; x <= areas.width; ++x)
      for (const AreaNumber n : {areas.number_at(x, y), areas.number_at(x - 1, y), areas.number_at(x, y - 1),
                                 areas.number_at(x - 1, y - 1)})
        if (n != kNoArea) take_loops(edges[n], x, y, out[n]);
  return out;
}

} // namespace zc
