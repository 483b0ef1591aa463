// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/reach.h"

#include "core/base/parallel.h"
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/mask/outline.h"
#include "core/mix/nearest_mixture.h"

#include <algorithm>
#include <atomic>
#include <bit>
#include <map>
#include <numbers>

namespace zc {
namespace {

constexpr int kWords = kReachCells / 64;
/// So many small tetrahedra all choices of four paints together are cut into, at most and at least per side.
constexpr double kMostPieces = 5e5;
constexpr int kFinest = 34, kCoarsest = 10;
/// An outline of cells is drawn with so much less detail.
constexpr double kThinned = 0.9 * 2.0 / kReachCells;
/// What is smaller is noise of the cells.
constexpr double kLeastArea = 6 * 4.0 / (kReachCells * kReachCells);

/// A mixture on the disc of its value.
struct Knot {
  float x = 0, y = 0, v = 0;
};

struct Body {
  int steps = 0;
  std::vector<Knot> knots; ///< By knot_number().
};

/// Barycentric knots as 0 <= z <= y <= x <= steps.
int knot_number(int x, int y, int z) { return x * (x + 1) * (x + 2) / 6 + y * (y + 1) / 2 + z; }

Knot knot_of(const Mixer::Kernel& kernel, const Wheel& wheel, const KsBands& ks) {
  const Eigen::Vector3f t = kernel.tristimulus * reflectance_of_ks(ks).matrix();
  const Xyz white = white_d65();
  const Xyz xyz{t(0) * white.x, t(1) * white.y, t(2) * white.z};
  const WheelPoint at = wheel.locate(brought_into_gamut_at_value(xyz));
  const DiscPoint p = disc_point(at);
  return {static_cast<float>(p.x), static_cast<float>(p.y), static_cast<float>(at.v)};
}

Body body_of(const Mixer::Kernel& kernel, const Wheel& wheel, const std::vector<std::size_t>& choice,
             int steps) {
  Body out;
  out.steps = steps;
  out.knots.reserve(static_cast<std::size_t>(knot_number(steps, steps, steps)) + 1);
  for (int x = 0; x <= steps; ++x)
    for (int y = 0; y <= x; ++y)
      for (int z = 0; z <= y; ++z) {
        const int shares[] = {steps - x, x - y, y - z, z};
        KsBands ks = KsBands::Zero();
        float whole = 0;
        for (std::size_t i = 0; i < 4; ++i) {
          const std::size_t paint = choice[std::min(i, choice.size() - 1)];
          const float weight = static_cast<float>(shares[i]) * kernel.scale[paint];
          ks += kernel.ks[paint] * weight;
          whole += weight;
        }
        out.knots.push_back(knot_of(kernel, wheel, ks / whole));
      }
  return out;
}

struct Place {
  float x = 0, y = 0;
};

/// One slice while it is filled.
class Slice {
public:
  explicit Slice(std::vector<std::uint64_t>& rows) : m_rows(rows) {}

  /// The cells whose middles lie in a convex polygon, edges included.
  void fill(const Place* corners, int count) {
    float top = cell_y(corners[0].y), bottom = top;
    for (int i = 1; i < count; ++i) {
      top = std::min(top, cell_y(corners[i].y));
      bottom = std::max(bottom, cell_y(corners[i].y));
    }
    constexpr float slack = 1e-3f;
    const int first = std::max(0, static_cast<int>(std::ceil(top - slack))),
              last = std::min(kReachCells - 1, static_cast<int>(std::floor(bottom + slack)));
    for (int row = first; row <= last; ++row) {
      const float at = std::clamp(static_cast<float>(row), top, bottom);
      float from = 1e9f, to = -1e9f;
      for (int i = 0; i < count; ++i) {
        const Place &p = corners[i], &q = corners[(i + 1) % count];
        const float py = cell_y(p.y), qy = cell_y(q.y);
        if (at < std::min(py, qy) || at > std::max(py, qy)) continue;
        const float px = cell_x(p.x), qx = cell_x(q.x);
        const float x = py == qy ? px : px + (qx - px) * (at - py) / (qy - py);
        from = std::min({from, x, py == qy ? qx : x});
        to = std::max({to, x, py == qy ? qx : x});
      }
      set(row, static_cast<int>(std::ceil(from - slack)), static_cast<int>(std::floor(to + slack)));
    }
  }
  /// The cells that a line runs through.
  void touch(Place a, Place b) {
    const float dx = cell_x(b.x) - cell_x(a.x), dy = cell_y(b.y) - cell_y(a.y);
    const int steps = 1 + static_cast<int>(2 * std::max(std::abs(dx), std::abs(dy)));
    for (int i = 0; i <= steps; ++i) {
      const float t = static_cast<float>(i) / static_cast<float>(steps);
      const int x = static_cast<int>(std::lround(cell_x(a.x) + t * dx)),
                y = static_cast<int>(std::lround(cell_y(a.y) + t * dy));
      if (y >= 0 && y < kReachCells) set(y, x, x);
    }
  }

private:
  static float cell_x(float x) { return (x + 1) / 2 * kReachCells - 0.5f; }
  static float cell_y(float y) { return (1 - y) / 2 * kReachCells - 0.5f; }
  void set(int row, int from, int to) {
    from = std::max(from, 0);
    to = std::min(to, kReachCells - 1);
    for (int word = from / 64; from <= to && word <= to / 64; ++word) {
      const int low = std::max(from - word * 64, 0), high = std::min(to - word * 64, 63);
      const std::uint64_t bits = (~std::uint64_t{0} >> (63 - (high - low))) << low;
      m_rows[static_cast<std::size_t>(row) * kWords + word] |= bits;
    }
  }
  std::vector<std::uint64_t>& m_rows;
};

Place between(const Knot& a, const Knot& b, float v) {
  const float t = a.v == b.v ? 0 : (v - a.v) / (b.v - a.v);
  return {a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
}

/// Cuts a tetrahedron whose corners stand in the order of their values.
void cut(const std::array<const Knot*, 4>& k, float v, bool thin, Slice& slice) {
  Place cuts[4];
  int count = 0;
  if (v < k[1]->v) {
    for (int i = 1; i < 4; ++i) cuts[count++] = between(*k[0], *k[static_cast<std::size_t>(i)], v);
  } else if (v > k[2]->v) {
    for (int i = 0; i < 3; ++i) cuts[count++] = between(*k[static_cast<std::size_t>(i)], *k[3], v);
  } else {
    cuts[0] = between(*k[0], *k[2], v);
    cuts[1] = between(*k[0], *k[3], v);
    cuts[2] = between(*k[1], *k[3], v);
    cuts[3] = between(*k[1], *k[2], v);
    count = 4;
  }
  slice.fill(cuts, count);
  for (int i = 0; thin && i < count; ++i) slice.touch(cuts[i], cuts[(i + 1) % count]);
}

/// The ways along the three axes of a cube, one after the other: its six tetrahedra.
constexpr int kWays[6][3] = {{0, 1, 2}, {0, 2, 1}, {1, 0, 2}, {1, 2, 0}, {2, 0, 1}, {2, 1, 0}};

/// The corners of one tetrahedron of the cube at (x, y, z), lowest value first; nothing where it leaves the
/// body.
std::optional<std::array<const Knot*, 4>> tetrahedron(const Body& body, int x, int y, int z,
                                                      const int (&way)[3]) {
  int at[3] = {x, y, z};
  std::array<const Knot*, 4> out{};
  for (int corner = 0; corner < 4; ++corner) {
    if (corner > 0) ++at[way[corner - 1]];
    if (at[0] > body.steps || at[1] > at[0] || at[2] > at[1]) return std::nullopt;
    out[static_cast<std::size_t>(corner)] =
        &body.knots[static_cast<std::size_t>(knot_number(at[0], at[1], at[2]))];
  }
  std::sort(out.begin(), out.end(), [](const Knot* a, const Knot* b) { return a->v < b->v; });
  return out;
}

void cut_tetrahedron(const std::array<const Knot*, 4>& k, int first_value, int last_value, bool thin,
                     std::vector<std::vector<std::uint64_t>>& slices) {
  const int from = std::max(first_value, static_cast<int>(std::ceil(k[0]->v))),
            to = std::min(last_value, static_cast<int>(std::floor(k[3]->v)));
  for (int v = from; v <= to; ++v) {
    Slice slice(slices[static_cast<std::size_t>(v)]);
    cut(k, static_cast<float>(v), thin, slice);
  }
}

void cut_body(const Body& body, int first_value, int last_value, bool thin,
              std::vector<std::vector<std::uint64_t>>& slices) {
  for (int x = 0; x < body.steps; ++x)
    for (int y = 0; y <= x; ++y)
      for (int z = 0; z <= y; ++z)
        for (const auto& way : kWays)
          if (const auto corners = tetrahedron(body, x, y, z, way))
            cut_tetrahedron(*corners, first_value, last_value, thin, slices);
}

bool cell(const std::vector<std::uint64_t>& rows, int x, int y) {
  if (x < 0 || y < 0 || x >= kReachCells || y >= kReachCells) return false;
  return rows[static_cast<std::size_t>(y) * kWords + x / 64] >> (x % 64) & 1;
}

/// From corner to corner of the cells; a corner where two areas touch has two ways on.
using CellCorner = std::pair<int, int>;
using CellWays = std::multimap<CellCorner, CellCorner>;

/// The cells of a word of a row that have a neighbor which is not reached.
std::uint64_t border_of(const std::vector<std::uint64_t>& rows, int y, int word) {
  const auto at = [&rows](int row, int of_row) -> std::uint64_t {
    const bool there = row >= 0 && row < kReachCells && of_row >= 0 && of_row < kWords;
    return there ? rows[static_cast<std::size_t>(row) * kWords + static_cast<std::size_t>(of_row)] : 0;
  };
  const std::uint64_t here = at(y, word);
  const std::uint64_t left = here << 1 | at(y, word - 1) >> 63, right = here >> 1 | at(y, word + 1) << 63;
  return here & ~(left & right & at(y - 1, word) & at(y + 1, word));
}

void add_ways_around(CellWays& out, const std::vector<std::uint64_t>& rows, int x, int y) {
  if (!cell(rows, x, y - 1)) out.emplace(CellCorner(x, y), CellCorner(x + 1, y));
  if (!cell(rows, x + 1, y)) out.emplace(CellCorner(x + 1, y), CellCorner(x + 1, y + 1));
  if (!cell(rows, x, y + 1)) out.emplace(CellCorner(x + 1, y + 1), CellCorner(x, y + 1));
  if (!cell(rows, x - 1, y)) out.emplace(CellCorner(x, y + 1), CellCorner(x, y));
}

/// The sides of the cells reached that lie at its edge, what is reached on the right hand.
CellWays ways_around(const std::vector<std::uint64_t>& rows) {
  CellWays out;
  for (int y = 0; y < kReachCells; ++y)
    for (int word = 0; word < kWords; ++word)
      for (std::uint64_t border = border_of(rows, y, word); border != 0; border &= border - 1)
        add_ways_around(out, rows, word * 64 + std::countr_zero(border), y);
  return out;
}

/// One line out of the ways, through the middle of each side of a cell: stairs become slopes.
std::vector<DiscPoint> line_from(CellWays& ways) {
  const CellCorner start = ways.begin()->first;
  std::vector<DiscPoint> out;
  CellCorner at = start;
  do {
    const auto way = ways.find(at);
    if (way == ways.end()) break;
    const CellCorner next = way->second;
    ways.erase(way);
    out.push_back({(at.first + next.first) / 2.0 / kReachCells * 2 - 1,
                   1 - (at.second + next.second) / 2.0 / kReachCells * 2});
    at = next;
  } while (at != start);
  return out;
}

/// Thinned in two halves: the ends of a line stay.
std::vector<DiscPoint> thinned_ring(std::vector<DiscPoint> line) {
  line.push_back(line.front());
  const auto middle = line.begin() + static_cast<std::ptrdiff_t>(line.size() / 2);
  auto thin = thinned_line({line.begin(), middle + 1}, kThinned);
  const auto rest = thinned_line({middle, line.end()}, kThinned);
  thin.insert(thin.end(), rest.begin() + 1, rest.end() - 1);
  for (DiscPoint& p : thin) p = pulled_onto_disc(p);
  return thin;
}

/// Around the cells, what is reached on the right hand of each line.
std::vector<std::vector<DiscPoint>> traced(const std::vector<std::uint64_t>& rows) {
  CellWays ways = ways_around(rows);
  std::vector<std::vector<DiscPoint>> out;
  while (!ways.empty()) {
    std::vector<DiscPoint> line = line_from(ways);
    if (enclosed_area(line) < kLeastArea) continue;
    if (auto thin = thinned_ring(std::move(line)); thin.size() >= 3) out.push_back(std::move(thin));
  }
  return out;
}

/// Slits and splinters of a cell or two come from the cells, not from the paints.
std::vector<Stretch> without_splinters(const std::vector<Stretch>& given) {
  constexpr double least = 5.0 / kReachCells;
  std::vector<Stretch> out;
  for (const Stretch& s : given)
    if (!out.empty() && s.from - out.back().to < least)
      out.back().to = s.to;
    else
      out.push_back(s);
  if (out.size() > 1) std::erase_if(out, [](const Stretch& s) { return s.to - s.from < least; });
  return out;
}

/// Above 0 for a line that runs clockwise, with y up.
double turns_clockwise(const std::vector<DiscPoint>& line) {
  double out = 0;
  for (std::size_t i = 0; i < line.size(); ++i) {
    const DiscPoint &p = line[i], &q = line[(i + 1) % line.size()];
    out += p.y * q.x - p.x * q.y;
  }
  return out;
}

} // namespace

Result<Reach> reach_of(const Mixer& mixer, const Wheel& wheel, const Progress& progress) {
  const Mixer::Kernel& kernel = mixer.kernel();
  const auto single = choices_of(kernel, 1);
  if (single.empty()) return Error{ErrorCode::BadInput, Sentence::NoPaintToMix, "paints"};
  const auto choices = choices_of(kernel, std::min<std::size_t>(4, single.size()));
  const bool thin = single.size() < 4;
  const int steps = std::clamp(static_cast<int>(std::cbrt(kMostPieces / static_cast<double>(choices.size()))),
                               kCoarsest, kFinest);
  std::vector<Body> bodies(choices.size());
  std::atomic<int> done{0};
  std::atomic<bool> stopped{false};
  const auto tell = [&](int part, double of_whole) {
    if (progress && !progress(of_whole * (done += part))) stopped = true;
  };
  const auto count = static_cast<int>(choices.size());
  in_parallel(count, 1, [&](int from, int to) {
    for (int i = from; i < to && !stopped; ++i)
      bodies[static_cast<std::size_t>(i)] =
          body_of(kernel, wheel, choices[static_cast<std::size_t>(i)], steps);
    tell(to - from, 0.5 / count);
  });
  auto slices = std::make_shared<std::vector<Reach::Rows>>(
      kReachValues, Reach::Rows(static_cast<std::size_t>(kReachCells * kWords), 0));
  done = 0;
  constexpr int kBand = 4;
  in_parallel((kReachValues + kBand - 1) / kBand, 1, [&](int from, int to) {
    for (int band = from; band < to && !stopped; ++band)
      for (const Body& body : bodies)
        cut_body(body, band * kBand, std::min(kReachValues, (band + 1) * kBand) - 1, thin, *slices);
    if (progress && !progress(0.5 + 0.5 * (done += to - from) * kBand / kReachValues)) stopped = true;
  });
  if (stopped) return Error{ErrorCode::Stopped, Sentence::ReachStopped, "reach"};
  return Reach(wheel.spec(), std::move(slices));
}

const Reach::Rows& Reach::slice(double value) const {
  const int level = static_cast<int>(std::lround(std::clamp(value, 0.0, 100.0)));
  return (*m_slices)[static_cast<std::size_t>(level)];
}

bool Reach::holds(const WheelPoint& p) const {
  const DiscPoint at = disc_point(p);
  return cell(slice(p.v), static_cast<int>((at.x + 1) / 2 * kReachCells),
              static_cast<int>((1 - at.y) / 2 * kReachCells));
}

double Reach::share(double value) const {
  int cells = 0;
  for (const std::uint64_t word : slice(value)) cells += std::popcount(word);
  return cells / (std::numbers::pi / 4 * kReachCells * kReachCells);
}

std::vector<std::vector<DiscPoint>> Reach::outlines(double value) const { return traced(slice(value)); }

std::vector<std::vector<DiscPoint>> Reach::outlines() const {
  Rows all(static_cast<std::size_t>(kReachCells * kWords), 0);
  for (const Rows& rows : *m_slices)
    for (std::size_t i = 0; i < all.size(); ++i) all[i] |= rows[i];
  return traced(all);
}

std::vector<Stretch> Reach::along_diameter(Angle a, double value) const {
  std::vector<Stretch> out;
  constexpr int steps = 2 * kReachCells;
  const Rows& rows = slice(value);
  bool inside = false;
  for (int i = 0; i <= steps; ++i) {
    const double along = 2.0 * i / steps - 1;
    const DiscPoint p = disc_point(a, along);
    const bool now = cell(rows, static_cast<int>((p.x + 1) / 2 * kReachCells),
                          static_cast<int>((1 - p.y) / 2 * kReachCells));
    if (now && !inside) out.push_back({along, along});
    if (now) out.back().to = along;
    inside = now;
  }
  return without_splinters(out);
}

Result<Mask> mask_of_outlines(const std::vector<std::vector<DiscPoint>>& outlines, const std::string& name) {
  Mask out;
  out.name = name;
  // From the outside in: what is added, holes in it, islands in these.
  auto by_size = outlines;
  std::stable_sort(by_size.begin(), by_size.end(), [](const auto& a, const auto& b) {
    return std::abs(turns_clockwise(a)) > std::abs(turns_clockwise(b));
  });
  for (const auto& line : by_size)
    if (validate(Shape(Polygon{line})))
      out.areas.push_back({turns_clockwise(line) > 0 ? AreaMode::Adds : AreaMode::Cuts, Polygon{line}});
  if (out.areas.empty()) return Error{ErrorCode::BadInput, Sentence::PaintsEncloseNothing, "reach"};
  return out;
}

} // namespace zc
