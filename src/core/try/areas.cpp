// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/areas.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/image/distinct.h"
#include "core/image/reduce.h"
#include "core/try/area_plane.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numeric>
#include <queue>
#include <tuple>
#include <unordered_map>

namespace zc {
namespace {

/// Pixels of the picture that is cut; edges are found again in the full one.
constexpr double kCutPixels = 4e5;
/// Pixels from which the means of areas changed by hand are known.
constexpr std::size_t kMeanPixels = 500'000;

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

/// Pixels of one patch that touch are joined.
Joined joined_patches(const Plane& plane, const std::vector<std::uint32_t>& patch) {
  Joined out(patch.size());
  const auto meet = [&](std::size_t i, std::size_t j) {
    if (patch[i] == kNoPart || patch[i] != patch[j]) return;
    const auto a = out.root(static_cast<std::uint32_t>(i)), b = out.root(static_cast<std::uint32_t>(j));
    if (a != b) out.join(a, b);
  };
  for (int y = 0; y < plane.height; ++y)
    for (int x = 0; x < plane.width; ++x) {
      const std::size_t i = plane.at(x, y);
      if (x + 1 < plane.width) meet(i, i + 1);
      if (y + 1 < plane.height) meet(i, i + static_cast<std::size_t>(plane.width));
    }
  return out;
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
    double l = 0, a = 0, b = 0, pixels = 0;    ///< Sums.
    std::map<std::uint32_t, double> neighbors; ///< And the length of the border.
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
  void offer(std::uint32_t a, std::uint32_t b, double border);
  void join(std::uint32_t a, std::uint32_t b);

  const PixelView& m_photo;
  std::vector<std::uint32_t> m_of_pixel; ///< The first part a pixel belonged to.
  std::vector<std::uint32_t> m_into;
  std::vector<Part> m_parts;
  std::priority_queue<Offer> m_offers;
  std::size_t m_left = 0;
};

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
    m_parts[a].neighbors[b] += 1;
    m_parts[b].neighbors[a] += 1;
  };
  const auto width = static_cast<std::uint32_t>(photo.width);
  for (std::uint32_t i = 0; i < points.size(); ++i) {
    if (i % width + 1 < width) meet(i, i + 1);
    if (i + width < points.size()) meet(i, i + width);
  }
  for (std::uint32_t p = 0; p < m_parts.size(); ++p)
    for (const auto& [q, border] : m_parts[p].neighbors)
      if (p < q) offer(p, q, border);
}

double Parts::cost(std::uint32_t a, std::uint32_t b) const {
  const Part &p = m_parts[a], &q = m_parts[b];
  const double l = p.l / p.pixels - q.l / q.pixels, da = p.a / p.pixels - q.a / q.pixels,
               db = p.b / p.pixels - q.b / q.pixels;
  return p.pixels * q.pixels / (p.pixels + q.pixels) * (l * l + da * da + db * db);
}

void Parts::offer(std::uint32_t a, std::uint32_t b, double border) {
  m_offers.push({cost(a, b) / border, std::min(a, b), std::max(a, b), m_parts[std::min(a, b)].changes,
                 m_parts[std::max(a, b)].changes});
}

void Parts::join(std::uint32_t a, std::uint32_t b) {
  if (m_parts[a].neighbors.size() < m_parts[b].neighbors.size()) std::swap(a, b);
  Part &p = m_parts[a], &q = m_parts[b];
  p.l += q.l, p.a += q.a, p.b += q.b, p.pixels += q.pixels;
  p.neighbors.erase(b);
  for (const auto& [n, border] : q.neighbors) {
    if (n == a) continue;
    auto& back = m_parts[n].neighbors;
    back.erase(b);
    p.neighbors[n] += border;
    back[a] += border;
  }
  q.neighbors = {};
  ++p.changes, ++q.changes;
  m_into[b] = a;
  --m_left;
  for (const auto& [n, border] : p.neighbors) offer(a, n, border);
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
    const auto& neighbors = m_parts[least].neighbors;
    join(least, std::min_element(neighbors.begin(), neighbors.end(), [&](const auto& p, const auto& q) {
                  return cost(least, p.first) < cost(least, q.first);
                })->first);
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
  const int width = std::max(1, static_cast<int>(std::lround(photo.width * by))),
            height = std::max(1, static_cast<int>(std::lround(photo.height * by)));
  std::vector<std::uint32_t> small(static_cast<std::size_t>(width) * height);
  reduce(photo, width, height, small.data());
  const PixelView cut_view{width, height, width, small.data()};
  const Plane sharp{width, height, points_of(cut_view)};
  Plane plane = sharp;
  smooth_inside(plane, static_cast<int>(std::ceil(spec.smoothing / 100 * std::max(width, height))));
  if (!goes_on(0.2)) return stopped;
  std::vector<bool> seen(small.size());
  for (std::size_t i = 0; i < small.size(); ++i) seen[i] = small[i] >> 24 != 0;
  Joined joined = joined_patches(plane, patches_of(plane, seen));
  if (!goes_on(0.5)) return stopped;
  Parts parts(cut_view, plane.points, joined);
  parts.merge(static_cast<std::size_t>(spec.count), spec.smallest / 100 * width * height);
  if (!goes_on(0.8)) return stopped;
  std::vector<AreaNumber> cut = parts.numbers();
  join_islands(cut, sharp.points, static_cast<std::size_t>(spec.count));
  Areas out{photo.width, photo.height, {}, {}, false};
  out.numbers = enlarged(photo, plane, cut);
  count_areas(out, sharp.points, cut);
  while (join_one_too_small(out, cut, spec.smallest / 100 * photo.width * photo.height))
    count_areas(out, sharp.points, cut);
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
