// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/areas.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/image/blur.h"
#include "core/image/distinct.h"
#include "core/image/reduce.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <queue>
#include <tuple>
#include <unordered_map>

namespace zc {
namespace {

/// Pixels of the picture that is cut; edges are found again in the full one.
constexpr double kCutPixels = 4e5;
/// How eagerly neighbors join before the areas are counted: a part of so many pixels is granted as many times
/// less of it, in OKLab.
constexpr float kJoining = 0.15F;
/// Crumbs of fewer pixels join along their weakest edge.
constexpr std::uint32_t kCrumb = 8;
/// Pixels from which the means of areas changed by hand are known.
constexpr std::size_t kMeanPixels = 500'000;
constexpr int kEdgeSteps = 4096; ///< Edges are sorted by their weight in so many steps.
constexpr float kLargestEdge = 0.5F;

/// OKLab in floats: enough for cutting.
struct Point {
  float l = 0, a = 0, b = 0;
};
float apart2(const Point& p, const Point& q) {
  const float l = p.l - q.l, a = p.a - q.a, b = p.b - q.b;
  return l * l + a * a + b * b;
}

Point point_of(std::uint32_t word) {
  const Oklab c = oklab_from_srgb(srgb_from_8bit(color_of_word(word)));
  return {static_cast<float>(c.l), static_cast<float>(c.a), static_cast<float>(c.b)};
}

std::vector<Point> points_of(const PixelView& photo) {
  std::vector<Point> out(static_cast<std::size_t>(photo.width) * photo.height);
  in_parallel(photo.height, 16, [&](int from, int to) {
    for (int y = from; y < to; ++y)
      for (int x = 0; x < photo.width; ++x)
        out[static_cast<std::size_t>(y) * photo.width + x] = point_of(photo.row(y)[x]);
  });
  return out;
}

/// Disjoint sets of pixels.
class Joined {
public:
  explicit Joined(std::size_t count) : m_parent(count), m_size(count, 1) {
    std::iota(m_parent.begin(), m_parent.end(), 0u);
  }
  [[nodiscard]] std::uint32_t root(std::uint32_t i) {
    while (m_parent[i] != i) i = m_parent[i] = m_parent[m_parent[i]];
    return i;
  }
  /// REQUIRES two different roots. The one that stays.
  std::uint32_t join(std::uint32_t a, std::uint32_t b) {
    if (m_size[a] < m_size[b] || (m_size[a] == m_size[b] && b < a)) std::swap(a, b);
    m_parent[b] = a;
    m_size[a] += m_size[b];
    return a;
  }
  [[nodiscard]] std::uint32_t size(std::uint32_t root) const { return m_size[root]; }

private:
  std::vector<std::uint32_t> m_parent, m_size;
};

struct Edge {
  std::uint32_t from = 0, to = 0;
};

/// Between neighbors that are both seen, the weakest first; of equal ones in the order of the picture.
std::vector<std::pair<Edge, float>> edges_of(const PixelView& photo, const std::vector<Point>& points) {
  std::vector<std::pair<Edge, float>> all;
  all.reserve(points.size() * 2);
  const auto offer = [&](int x, int y, int nx, int ny) {
    if (nx >= photo.width || ny >= photo.height || !(photo.row(ny)[nx] >> 24)) return;
    const auto i = static_cast<std::uint32_t>(y * photo.width + x),
               j = static_cast<std::uint32_t>(ny * photo.width + nx);
    all.push_back({{i, j}, std::sqrt(apart2(points[i], points[j]))});
  };
  for (int y = 0; y < photo.height; ++y)
    for (int x = 0; x < photo.width; ++x) {
      if (!(photo.row(y)[x] >> 24)) continue;
      offer(x, y, x + 1, y);
      offer(x, y, x, y + 1);
    }
  // Counting keeps the order of equal ones.
  const auto step = [](float weight) {
    return std::min(kEdgeSteps - 1, static_cast<int>(weight * (kEdgeSteps / kLargestEdge)));
  };
  std::vector<std::size_t> start(kEdgeSteps + 1, 0);
  for (const auto& e : all) ++start[static_cast<std::size_t>(step(e.second)) + 1];
  std::partial_sum(start.begin(), start.end(), start.begin());
  std::vector<std::pair<Edge, float>> sorted(all.size());
  for (const auto& e : all) sorted[start[static_cast<std::size_t>(step(e.second))]++] = e;
  return sorted;
}

/// Joins along weak edges: two parts stay apart where the edge between them is stronger than the strongest
/// inside either, with something granted to small ones.
void join_even(Joined& parts, const std::vector<std::pair<Edge, float>>& edges, std::size_t count) {
  std::vector<float> inside(count, 0);
  for (const auto& [edge, weight] : edges) {
    const auto a = parts.root(edge.from), b = parts.root(edge.to);
    if (a == b) continue;
    const auto bound = [&](std::uint32_t r) {
      return inside[r] + kJoining / static_cast<float>(parts.size(r));
    };
    if (weight > std::min(bound(a), bound(b))) continue;
    inside[parts.join(a, b)] = weight;
  }
  for (const auto& [edge, weight] : edges) {
    const auto a = parts.root(edge.from), b = parts.root(edge.to);
    if (a != b && std::min(parts.size(a), parts.size(b)) < kCrumb) parts.join(a, b);
  }
}

/// Parts as a graph of neighbors that are joined two at a time.
class Parts {
public:
  Parts(const PixelView& photo, const std::vector<Point>& points, Joined& joined);
  /// Until there are at most `count`, and none is smaller than `smallest` pixels while it has a neighbor.
  void merge(std::size_t count, double smallest);
  /// The part of each pixel, numbered from the top; kNoArea where nothing is seen.
  [[nodiscard]] std::vector<AreaNumber> numbers();

private:
  struct Part {
    double l = 0, a = 0, b = 0, pixels = 0; ///< Sums.
    std::vector<std::uint32_t> neighbors;
    unsigned changes = 0;
  };
  struct Offer {
    double cost = 0;
    std::uint32_t a = 0, b = 0;
    unsigned a_changes = 0, b_changes = 0;
    bool operator<(const Offer& o) const {
      return std::tie(o.cost, o.a, o.b) < std::tie(cost, a, b); // The least first.
    }
  };
  [[nodiscard]] std::uint32_t root(std::uint32_t p) {
    while (m_into[p] != p) p = m_into[p] = m_into[m_into[p]];
    return p;
  }
  /// What joining adds to the squared distances from the means.
  [[nodiscard]] double cost(std::uint32_t a, std::uint32_t b) const;
  void offer(std::uint32_t a, std::uint32_t b);
  void join(std::uint32_t a, std::uint32_t b);
  void tidy(std::uint32_t part);

  const PixelView& m_photo;
  std::vector<std::uint32_t> m_of_pixel; ///< The first part a pixel belonged to.
  std::vector<std::uint32_t> m_into;
  std::vector<Part> m_parts;
  std::priority_queue<Offer> m_offers;
  std::size_t m_left = 0;
};

constexpr std::uint32_t kNoPart = 0xffffffffu;

Parts::Parts(const PixelView& photo, const std::vector<Point>& points, Joined& joined)
    : m_photo(photo), m_of_pixel(points.size(), kNoPart) {
  std::vector<std::uint32_t> number(points.size(), kNoPart);
  for (int y = 0; y < photo.height; ++y)
    for (int x = 0; x < photo.width; ++x) {
      if (!(photo.row(y)[x] >> 24)) continue;
      const auto i = static_cast<std::uint32_t>(y * photo.width + x);
      std::uint32_t& n = number[joined.root(i)];
      if (n == kNoPart) {
        n = static_cast<std::uint32_t>(m_parts.size());
        m_parts.emplace_back();
      }
      m_of_pixel[i] = n;
      Part& part = m_parts[n];
      part.l += points[i].l, part.a += points[i].a, part.b += points[i].b, part.pixels += 1;
    }
  m_left = m_parts.size();
  m_into.resize(m_parts.size());
  std::iota(m_into.begin(), m_into.end(), 0u);
  const auto meet = [&](std::uint32_t i, std::uint32_t j) {
    const auto a = m_of_pixel[i], b = m_of_pixel[j];
    if (a == b || a == kNoPart || b == kNoPart) return;
    m_parts[a].neighbors.push_back(b);
    m_parts[b].neighbors.push_back(a);
  };
  const auto width = static_cast<std::uint32_t>(photo.width);
  for (std::uint32_t i = 0; i < points.size(); ++i) {
    if (i % width + 1 < width) meet(i, i + 1);
    if (i + width < points.size()) meet(i, i + width);
  }
  for (std::uint32_t p = 0; p < m_parts.size(); ++p) tidy(p);
  for (std::uint32_t p = 0; p < m_parts.size(); ++p)
    for (const auto q : m_parts[p].neighbors)
      if (p < q) offer(p, q);
}

/// Each neighbor once, by the part it is now.
void Parts::tidy(std::uint32_t part) {
  auto& neighbors = m_parts[part].neighbors;
  for (auto& n : neighbors) n = root(n);
  std::sort(neighbors.begin(), neighbors.end());
  neighbors.erase(std::unique(neighbors.begin(), neighbors.end()), neighbors.end());
  std::erase(neighbors, part);
}

double Parts::cost(std::uint32_t a, std::uint32_t b) const {
  const Part &p = m_parts[a], &q = m_parts[b];
  const double l = p.l / p.pixels - q.l / q.pixels, da = p.a / p.pixels - q.a / q.pixels,
               db = p.b / p.pixels - q.b / q.pixels;
  return p.pixels * q.pixels / (p.pixels + q.pixels) * (l * l + da * da + db * db);
}

void Parts::offer(std::uint32_t a, std::uint32_t b) {
  m_offers.push({cost(a, b), std::min(a, b), std::max(a, b), m_parts[std::min(a, b)].changes,
                 m_parts[std::max(a, b)].changes});
}

void Parts::join(std::uint32_t a, std::uint32_t b) {
  if (m_parts[a].neighbors.size() < m_parts[b].neighbors.size()) std::swap(a, b);
  Part &p = m_parts[a], &q = m_parts[b];
  p.l += q.l, p.a += q.a, p.b += q.b, p.pixels += q.pixels;
  p.neighbors.insert(p.neighbors.end(), q.neighbors.begin(), q.neighbors.end());
  q.neighbors = {};
  ++p.changes, ++q.changes;
  m_into[b] = a;
  --m_left;
  tidy(a);
  for (const auto n : p.neighbors) offer(a, n);
}

void Parts::merge(std::size_t count, double smallest) {
  while (m_left > count && !m_offers.empty()) {
    const Offer o = m_offers.top();
    m_offers.pop();
    const bool stands = m_into[o.a] == o.a && m_into[o.b] == o.b && m_parts[o.a].changes == o.a_changes &&
                        m_parts[o.b].changes == o.b_changes;
    if (stands) join(o.a, o.b);
  }
  // Then the smallest first, each into the neighbor it is most like.
  for (;;) {
    std::uint32_t least = kNoPart;
    for (std::uint32_t p = 0; p < m_parts.size(); ++p)
      if (m_into[p] == p && m_parts[p].pixels < smallest && !m_parts[p].neighbors.empty() &&
          (least == kNoPart || m_parts[p].pixels < m_parts[least].pixels))
        least = p;
    if (least == kNoPart) return;
    tidy(least);
    const auto& neighbors = m_parts[least].neighbors;
    join(least, *std::min_element(neighbors.begin(), neighbors.end(), [&](std::uint32_t p, std::uint32_t q) {
           return cost(least, p) < cost(least, q);
         }));
  }
}

std::vector<AreaNumber> Parts::numbers() {
  std::vector<AreaNumber> number(m_parts.size(), kNoArea), out(m_of_pixel.size(), kNoArea);
  AreaNumber next = 0;
  for (std::size_t i = 0; i < m_of_pixel.size(); ++i) {
    if (m_of_pixel[i] == kNoPart) continue;
    AreaNumber& n = number[root(m_of_pixel[i])];
    if (n == kNoArea) n = next++;
    out[i] = n;
  }
  return out;
}

/// Islands apart from all else cannot be joined by neighbors; the least different of all are, until there are
/// few enough.
std::size_t join_islands(std::vector<AreaNumber>& numbers, const std::vector<Point>& points,
                         std::size_t count) {
  struct Sum {
    double l = 0, a = 0, b = 0, pixels = 0;
  };
  std::vector<Sum> sums;
  for (std::size_t i = 0; i < numbers.size(); ++i) {
    if (numbers[i] == kNoArea) continue;
    if (numbers[i] >= sums.size()) sums.resize(numbers[i] + std::size_t{1});
    Sum& s = sums[numbers[i]];
    s.l += points[i].l, s.a += points[i].a, s.b += points[i].b, s.pixels += 1;
  }
  if (sums.size() <= count) return sums.size();
  // The smaller ones go to the nearest of the largest.
  std::vector<std::size_t> order(sums.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::stable_sort(order.begin(), order.end(),
                   [&](std::size_t a, std::size_t b) { return sums[a].pixels > sums[b].pixels; });
  std::vector<AreaNumber> into(sums.size());
  for (std::size_t i = 0; i < order.size(); ++i) {
    if (i < count) {
      into[order[i]] = static_cast<AreaNumber>(i);
      continue;
    }
    const Sum& s = sums[order[i]];
    double best = 1e9;
    for (std::size_t k = 0; k < count; ++k) {
      const Sum& t = sums[order[k]];
      const double d = std::hypot(s.l / s.pixels - t.l / t.pixels, s.a / s.pixels - t.a / t.pixels,
                                  s.b / s.pixels - t.b / t.pixels);
      if (d < best) best = d, into[order[i]] = static_cast<AreaNumber>(k);
    }
  }
  for (auto& n : numbers)
    if (n != kNoArea) n = into[n];
  return count;
}

/// Sizes and a pixel of each from all numbers, means from the pixels of `looked`, whose numbers are `cut`;
/// numbers that nobody has are closed up.
void count_areas(Areas& areas, const std::vector<Point>& looked, std::vector<AreaNumber>& cut) {
  struct Sum {
    double l = 0, a = 0, b = 0, looked = 0;
    std::uint64_t pixels = 0;
    std::size_t first = 0;
  };
  std::vector<Sum> sums(kNoArea);
  for (std::size_t i = 0; i < areas.numbers.size(); ++i) {
    if (areas.numbers[i] == kNoArea) continue;
    Sum& s = sums[areas.numbers[i]];
    if (s.pixels++ == 0) s.first = i;
  }
  for (std::size_t i = 0; i < cut.size(); ++i) {
    if (cut[i] == kNoArea) continue;
    Sum& s = sums[cut[i]];
    s.l += looked[i].l, s.a += looked[i].a, s.b += looked[i].b, s.looked += 1;
  }
  std::vector<AreaNumber> closed(sums.size(), kNoArea);
  areas.areas.clear();
  for (std::size_t n = 0; n < sums.size(); ++n) {
    const Sum& s = sums[n];
    if (s.pixels == 0) continue;
    closed[n] = static_cast<AreaNumber>(areas.areas.size());
    const double looks = std::max(1.0, s.looked);
    areas.areas.push_back({{s.l / looks, s.a / looks, s.b / looks},
                           s.pixels,
                           static_cast<int>(s.first % areas.width),
                           static_cast<int>(s.first / areas.width)});
  }
  for (auto* numbers : {&areas.numbers, &cut})
    for (auto& n : *numbers)
      if (n != kNoArea) n = closed[n];
}

/// Pixels spread over the picture, so many that means are known well, and the first one of each area.
void look_at_some(const Areas& areas, const PixelView& photo, std::vector<Point>& looked,
                  std::vector<AreaNumber>& numbers) {
  const std::size_t step = areas.numbers.size() / kMeanPixels + 1;
  std::vector<bool> met(kNoArea, false);
  for (std::size_t i = 0; i < areas.numbers.size(); ++i) {
    const AreaNumber n = areas.numbers[i];
    if (n == kNoArea || (met[n] && i % step != 0)) continue;
    met[n] = true;
    const int x = static_cast<int>(i % areas.width), y = static_cast<int>(i / areas.width);
    looked.push_back(point_of(photo.row(y)[x]));
    numbers.push_back(n);
  }
}

/// The areas that touch this one.
std::vector<AreaNumber> neighbors_of(const Areas& areas, AreaNumber number) {
  std::vector<bool> met(areas.areas.size(), false);
  const auto meet = [&](AreaNumber a, AreaNumber b) {
    if (a == number && b != number && b != kNoArea) met[b] = true;
    if (b == number && a != number && a != kNoArea) met[a] = true;
  };
  for (int y = 0; y < areas.height; ++y)
    for (int x = 0; x < areas.width; ++x) {
      if (x + 1 < areas.width) meet(areas.at(x, y), areas.at(x + 1, y));
      if (y + 1 < areas.height) meet(areas.at(x, y), areas.at(x, y + 1));
    }
  std::vector<AreaNumber> out;
  for (std::size_t n = 0; n < met.size(); ++n)
    if (met[n]) out.push_back(static_cast<AreaNumber>(n));
  return out;
}

/// Finding the edges again takes a few pixels from some areas: what has become too small joins the neighbor
/// it is most like. True when one did; `cut` goes along.
bool join_one_too_small(Areas& areas, std::vector<AreaNumber>& cut, double smallest) {
  const auto apart_of = [&](AreaNumber a, AreaNumber b) {
    const Oklab &p = areas.areas[a].mean, &q = areas.areas[b].mean;
    return std::hypot(p.l - q.l, p.a - q.a, p.b - q.b);
  };
  for (std::size_t n = 0; n < areas.areas.size(); ++n) {
    if (static_cast<double>(areas.areas[n].pixels) >= smallest) continue;
    const auto small = static_cast<AreaNumber>(n);
    const auto neighbors = neighbors_of(areas, small);
    if (neighbors.empty()) continue;
    const AreaNumber into =
        *std::min_element(neighbors.begin(), neighbors.end(), [&](AreaNumber a, AreaNumber b) {
          return apart_of(small, a) < apart_of(small, b);
        });
    std::replace(areas.numbers.begin(), areas.numbers.end(), small, into);
    std::replace(cut.begin(), cut.end(), small, into);
    return true;
  }
  return false;
}

/// Each color an area, in the order in which they come up.
Areas flat_areas(const PixelView& photo, const std::vector<ColorCount>& colors) {
  Areas out{photo.width, photo.height, {}, {}, true};
  out.numbers.assign(static_cast<std::size_t>(photo.width) * photo.height, kNoArea);
  std::unordered_map<std::uint32_t, AreaNumber> number;
  for (const auto& c : colors) {
    number[c.word] = static_cast<AreaNumber>(out.areas.size());
    out.areas.push_back({oklab_from_srgb(srgb_from_8bit(color_of_word(c.word))), c.pixels, -1, 0});
  }
  for (int y = 0; y < photo.height; ++y)
    for (int x = 0; x < photo.width; ++x) {
      const std::uint32_t word = photo.row(y)[x];
      if (!(word >> 24)) continue;
      const AreaNumber n = number[word | 0xff000000u];
      out.numbers[static_cast<std::size_t>(y) * photo.width + x] = n;
      if (out.areas[n].x < 0) out.areas[n].x = x, out.areas[n].y = y;
    }
  return out;
}

/// The numbers of a smaller picture at the size of the full one. Where several meet within a pixel of the
/// smaller one, each full pixel goes to the one whose nearby color it is most like.
std::vector<AreaNumber> enlarged(const PixelView& photo, int width, int height,
                                 const std::vector<AreaNumber>& cut, const std::vector<Point>& points) {
  std::vector<AreaNumber> out(static_cast<std::size_t>(photo.width) * photo.height, kNoArea);
  in_parallel(photo.height, 16, [&](int from, int to) {
    for (int y = from; y < to; ++y) {
      const int cy = std::min(height - 1, static_cast<int>((y + 0.5) * height / photo.height));
      for (int x = 0; x < photo.width; ++x) {
        const std::uint32_t word = photo.row(y)[x];
        if (!(word >> 24)) continue;
        const int cx = std::min(width - 1, static_cast<int>((x + 0.5) * width / photo.width));
        AreaNumber best = cut[static_cast<std::size_t>(cy) * width + cx];
        bool several = best == kNoArea;
        for (int ny = std::max(0, cy - 1); ny <= std::min(height - 1, cy + 1); ++ny)
          for (int nx = std::max(0, cx - 1); nx <= std::min(width - 1, cx + 1); ++nx)
            several |= cut[static_cast<std::size_t>(ny) * width + nx] != best;
        if (several) {
          const Point p = point_of(word);
          float least = 1e9F;
          for (int ny = std::max(0, cy - 1); ny <= std::min(height - 1, cy + 1); ++ny)
            for (int nx = std::max(0, cx - 1); nx <= std::min(width - 1, cx + 1); ++nx) {
              const auto i = static_cast<std::size_t>(ny) * width + nx;
              if (cut[i] == kNoArea) continue;
              const float away = apart2(p, points[i]);
              if (away < least) least = away, best = cut[i];
            }
        }
        out[static_cast<std::size_t>(y) * photo.width + x] = best;
      }
    }
  });
  return out;
}

/// The parts of one number that do not touch, each as a list of pixels; the first pixel of the picture first.
std::vector<std::vector<std::uint32_t>> places_of(const Areas& areas, AreaNumber number) {
  std::vector<std::vector<std::uint32_t>> out;
  std::vector<bool> seen(areas.numbers.size(), false);
  const auto width = static_cast<std::uint32_t>(areas.width);
  const auto count = static_cast<std::uint32_t>(areas.numbers.size());
  for (std::uint32_t start = 0; start < count; ++start) {
    if (seen[start] || areas.numbers[start] != number) continue;
    std::vector<std::uint32_t> place{start};
    seen[start] = true;
    const auto visit = [&](std::uint32_t i) {
      if (seen[i] || areas.numbers[i] != number) return;
      seen[i] = true;
      place.push_back(i);
    };
    for (std::size_t at = 0; at < place.size(); ++at) {
      const std::uint32_t i = place[at];
      if (i % width > 0) visit(i - 1);
      if (i % width + 1 < width) visit(i + 1);
      if (i >= width) visit(i - width);
      if (i + width < count) visit(i + width);
    }
    out.push_back(std::move(place));
  }
  return out;
}

/// The pixels of one place parted by color: two means in OKLab, from the lightest and the darkest.
std::vector<std::uint32_t> lighter_half(const PixelView& photo, const std::vector<std::uint32_t>& place,
                                        int width) {
  std::vector<Point> points;
  points.reserve(place.size());
  for (const auto i : place)
    points.push_back(point_of(photo.row(static_cast<int>(i) / width)[static_cast<int>(i) % width]));
  const auto [dark, light] = std::minmax_element(points.begin(), points.end(),
                                                 [](const Point& p, const Point& q) { return p.l < q.l; });
  Point low = *dark, high = *light;
  std::vector<std::uint32_t> out;
  for (int round = 0; round < 12; ++round) {
    double sums[2][4] = {};
    out.clear();
    for (std::size_t i = 0; i < points.size(); ++i) {
      const bool up = apart2(points[i], high) < apart2(points[i], low);
      if (up) out.push_back(place[i]);
      double(&s)[4] = sums[up];
      s[0] += points[i].l, s[1] += points[i].a, s[2] += points[i].b, s[3] += 1;
    }
    const auto mean = [](const double(&s)[4]) {
      return Point{static_cast<float>(s[0] / s[3]), static_cast<float>(s[1] / s[3]),
                   static_cast<float>(s[2] / s[3])};
    };
    if (sums[0][3] == 0 || sums[1][3] == 0) return {};
    low = mean(sums[0]), high = mean(sums[1]);
  }
  return out;
}

} // namespace

Status validate(const AreaSpec& spec) {
  if (spec.count < kFewestPictureAreas || spec.count > kMostPictureAreas)
    return Error{ErrorCode::BadInput, "A picture is cut into 2 to 500 areas.", "areas"};
  if (!(spec.smallest >= 0 && spec.smallest <= 5))
    return Error{ErrorCode::BadInput, "The smallest area is 0 to 5 percent of the picture.", "smallest"};
  if (!(spec.smoothing >= 0 && spec.smoothing <= 2))
    return Error{ErrorCode::BadInput, "The smoothing is 0 to 2 percent of the longer side.", "smoothing"};
  return Done{};
}

Result<Areas> cut_into_areas(const PixelView& photo, const AreaSpec& spec, const Progress& progress) {
  if (const Status status = validate(spec); !status) return status.error();
  const auto goes_on = [&](double share) { return !progress || progress(share); };
  const Error stopped{ErrorCode::Stopped, "Cutting the picture into areas was stopped.", "areas"};
  if (const auto few = few_colors(photo, kFlatColors)) return flat_areas(photo, *few);
  const double by = std::min(1.0, std::sqrt(kCutPixels / (static_cast<double>(photo.width) * photo.height)));
  const int width = std::max(1, static_cast<int>(photo.width * by)),
            height = std::max(1, static_cast<int>(photo.height * by));
  std::vector<std::uint32_t> small(static_cast<std::size_t>(width) * height);
  reduce(photo, width, height, small.data());
  const PixelView cut_view{width, height, width, small.data()};
  const std::vector<Point> sharp = points_of(cut_view);
  if (spec.smoothing > 0) squint(cut_view, spec.smoothing / 100 * std::max(width, height), small.data());
  if (!goes_on(0.2)) return stopped;
  const std::vector<Point> points = spec.smoothing > 0 ? points_of(cut_view) : sharp;
  Joined joined(points.size());
  join_even(joined, edges_of(cut_view, points), points.size());
  if (!goes_on(0.5)) return stopped;
  Parts parts(cut_view, points, joined);
  parts.merge(static_cast<std::size_t>(spec.count), spec.smallest / 100 * width * height);
  if (!goes_on(0.8)) return stopped;
  std::vector<AreaNumber> cut = parts.numbers();
  join_islands(cut, sharp, static_cast<std::size_t>(spec.count));
  Areas out{photo.width, photo.height, {}, {}, false};
  out.numbers = by < 1 ? enlarged(photo, width, height, cut, sharp) : cut;
  count_areas(out, sharp, cut);
  while (join_one_too_small(out, cut, spec.smallest / 100 * photo.width * photo.height))
    count_areas(out, sharp, cut);
  if (!goes_on(1)) return stopped;
  return out;
}

void edit_areas(Areas& areas, const PixelView& photo, const AreaEdit& edit) {
  const auto number_at = [&](int x, int y) {
    return x >= 0 && y >= 0 && x < areas.width && y < areas.height ? areas.at(x, y) : kNoArea;
  };
  const AreaNumber stays = number_at(edit.x, edit.y);
  if (stays == kNoArea) return;
  if (edit.kind == AreaEdit::Kind::Merge) {
    const AreaNumber joins = number_at(edit.x2, edit.y2);
    if (joins == kNoArea || joins == stays) return;
    std::replace(areas.numbers.begin(), areas.numbers.end(), joins, stays);
    areas.flat = false;
  } else {
    const auto places = places_of(areas, stays);
    if (areas.areas.size() + places.size() > kNoArea - std::size_t{2}) return;
    auto next = static_cast<AreaNumber>(areas.areas.size());
    if (places.size() > 1) {
      for (std::size_t p = 1; p < places.size(); ++p, ++next)
        for (const auto i : places[p]) areas.numbers[i] = next;
    } else {
      for (const auto i : lighter_half(photo, places.front(), areas.width)) areas.numbers[i] = next;
    }
  }
  std::vector<Point> looked;
  std::vector<AreaNumber> numbers;
  look_at_some(areas, photo, looked, numbers);
  count_areas(areas, looked, numbers);
}

} // namespace zc
