#include "core/base/angle.h"
#include "core/base/parallel.h"
#include "core/color/difference.h"
#include "core/piece/grading.h"

#include <boost/geometry.hpp>
#include <boost/geometry/geometries/box.hpp>
#include <boost/geometry/geometries/point.hpp>
#include <boost/geometry/index/rtree.hpp>

#include <algorithm>
#include <cmath>
#include <mutex>
#include <numbers>

namespace zc {
namespace {

namespace bg = boost::geometry;
using Place = bg::model::point<double, 3, bg::cs::cartesian>;
using Box = bg::model::box<Place>;
using Entry = std::pair<Place, std::uint32_t>;

/// Largest SL of the formula: at L* 0 or 100.
const double kLargestSl = 1 + 0.015 * 2500 / std::sqrt(2520.0);

/// Largest |RT| of the formula for mean chromas up to `chroma` and mean hues within `spread` of `hue`,
/// degrees.
double largest_rotation(double chroma, double hue, double spread) {
  const double off = std::max(0.0, std::abs(std::remainder(hue - 275, 360)) - spread);
  const double turn = 30 * std::exp(-(off / 25) * (off / 25));
  const double c7 = std::pow(chroma, 7), weight = 2 * std::sqrt(c7 / (c7 + std::pow(25.0, 7)));
  return weight * std::sin(radians(2 * turn));
}

/// No color nearer than `limit` to this one is further from it in a and b than this. Starts with the largest
/// rotation term anywhere and shrinks while that holds.
double reach_in_plane(const Lab& c, double limit) {
  // a is stretched by up to half for greys, which adds less than 6.5 to a chroma and turns a hue by less than
  // 12 degrees.
  const double chroma = std::hypot(c.a, c.b), hue = degrees(std::atan2(c.b, c.a));
  double kept = std::sqrt(1 - std::sin(radians(60.0)));
  double reach = 0;
  for (int round = 0; round < 4; ++round) {
    // The other color's chroma is at most `reach` more, so the mean is at most half of it more.
    const double slope = limit / kept;
    const double r = slope * (1 + 0.045 * (chroma + 6.5)) / std::max(0.05, 1 - 0.0225 * slope);
    reach = round == 0 ? r : std::min(reach, r);
    const double spread = reach >= chroma ? 180 : degrees(std::asin(reach / chroma)) + 12;
    kept = std::sqrt(1 - largest_rotation(chroma + 6.5 + reach / 2, hue, spread) / 2);
  }
  return reach;
}

} // namespace

std::vector<IndexPair> near_pairs(const std::vector<Lab>& colors, double limit) {
  std::vector<Entry> entries;
  entries.reserve(colors.size());
  for (std::size_t i = 0; i < colors.size(); ++i)
    entries.emplace_back(Place(colors[i].l, colors[i].a, colors[i].b), static_cast<std::uint32_t>(i));
  const bg::index::rtree<Entry, bg::index::linear<16>> tree(entries);
  std::vector<IndexPair> out;
  std::mutex gate;
  in_parallel(static_cast<int>(colors.size()), 64, [&](int from, int to) {
    std::vector<IndexPair> found;
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      const Lab& c = colors[i];
      const double l = limit * kLargestSl, r = reach_in_plane(c, limit);
      const Box near(Place(c.l - l, c.a - r, c.b - r), Place(c.l + l, c.a + r, c.b + r));
      for (auto at = tree.qbegin(bg::index::intersects(near)); at != tree.qend(); ++at) {
        if (at->second <= i) continue;
        const double difference = ciede2000(c, colors[at->second]);
        if (difference < limit) found.push_back({i, at->second, difference});
      }
    }
    const std::scoped_lock lock(gate);
    out.insert(out.end(), found.begin(), found.end());
  });
  std::sort(out.begin(), out.end(),
            [](const IndexPair& p, const IndexPair& q) { return std::pair(p.i, p.j) < std::pair(q.i, q.j); });
  return out;
}

} // namespace zc
