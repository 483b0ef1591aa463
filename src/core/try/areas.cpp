// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/areas.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/image/distinct.h"
#include "core/image/reduce.h"
#include "core/try/area_plane.h"
#include "core/try/area_splits.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <unordered_map>

namespace zc {
namespace {

/// Pixels of the picture that is cut; edges are found again in a larger one, and then in the full one.
constexpr double kCutPixels = 5e4, kEdgePixels = 4e5;
/// Pixels from which the means of areas changed by hand are known.
constexpr std::size_t kMeanPixels = 500'000;

/// Islands apart from all else have no neighbors to join. Where there are more than `count`, the largest
/// stay, and each other one joins the one of these that it is most like.
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
    number[c.color.word] = static_cast<AreaNumber>(out.areas.size());
    out.areas.push_back({oklab_from_srgb(srgb_from_8bit(color_of(c.color))), c.pixels, -1, 0});
  }
  for (int y = 0; y < photo.height; ++y)
    for (int x = 0; x < photo.width; ++x) {
      const Pixel pixel = photo.row(y)[x];
      if (pixel.alpha() == 0) continue;
      const AreaNumber n = number[pixel.opaque().word];
      out.numbers[static_cast<std::size_t>(y) * photo.width + x] = n;
      if (out.areas[n].x < 0) out.areas[n].x = x, out.areas[n].y = y;
    }
  return out;
}

/// The pixels of the number of `start` that touch it, one by one; noted as seen.
std::vector<std::uint32_t> place_from(const Areas& areas, std::uint32_t start, std::vector<bool>& seen) {
  const auto width = static_cast<std::uint32_t>(areas.width);
  const auto count = static_cast<std::uint32_t>(areas.numbers.size());
  const AreaNumber number = areas.numbers[start];
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
  return place;
}

/// The parts of one number that do not touch, each as a list of pixels; the first pixel of the picture first.
std::vector<std::vector<std::uint32_t>> places_of(const Areas& areas, AreaNumber number) {
  std::vector<std::vector<std::uint32_t>> out;
  std::vector<bool> seen(areas.numbers.size(), false);
  const auto count = static_cast<std::uint32_t>(areas.numbers.size());
  for (std::uint32_t start = 0; start < count; ++start)
    if (!seen[start] && areas.numbers[start] == number) out.push_back(place_from(areas, start, seen));
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

/// A picture made smaller, to at most so many pixels.
class Reduced {
public:
  Reduced(const PixelView& photo, double most) {
    const double by = std::min(1.0, std::sqrt(most / (static_cast<double>(photo.width) * photo.height)));
    m_width = std::max(1, static_cast<int>(std::lround(photo.width * by)));
    m_height = std::max(1, static_cast<int>(std::lround(photo.height * by)));
    m_pixels.resize(static_cast<std::size_t>(m_width) * m_height);
    reduce(photo, m_width, m_height, m_pixels.data());
  }
  [[nodiscard]] PixelView view() const { return {m_width, m_height, m_width, m_pixels.data()}; }
  [[nodiscard]] Plane plane() const { return {m_width, m_height, points_of(view())}; }
  [[nodiscard]] std::vector<bool> seen() const {
    std::vector<bool> out(m_pixels.size());
    for (std::size_t i = 0; i < out.size(); ++i) out[i] = m_pixels[i].alpha() != 0;
    return out;
  }

private:
  int m_width = 1, m_height = 1;
  std::vector<Pixel> m_pixels;
};

/// In two steps where the picture is much larger: the nearer an edge is known, the less others are taken for
/// it.
std::vector<AreaNumber> edges_found_again(const PixelView& photo, const Plane& plane,
                                          const std::vector<AreaNumber>& cut) {
  if (static_cast<double>(photo.width) * photo.height < 2 * kCutPixels) return enlarged(photo, plane, cut);
  const Reduced larger(photo, kEdgePixels);
  Plane between = larger.plane();
  const std::vector<AreaNumber> nearer = enlarged(larger.view(), plane, cut);
  smooth_inside(between, 1);
  return enlarged(photo, between, nearer);
}

} // namespace

Status validate(const AreaSpec& spec) {
  if (spec.count < kFewestPictureAreas || spec.count > kMostPictureAreas)
    return Error{ErrorCode::BadInput, Sentence::AreasRange, "areas"};
  if (!(spec.smallest >= 0 && spec.smallest <= 5))
    return Error{ErrorCode::BadInput, Sentence::SmallestAreaRange, "smallest"};
  if (!(spec.smoothing >= 0 && spec.smoothing <= 2))
    return Error{ErrorCode::BadInput, Sentence::SmoothingRange, "smoothing"};
  return Done{};
}

Result<Areas> cut_into_areas(const PixelView& photo, const AreaSpec& spec, const Progress& progress) {
  if (const Status status = validate(spec); !status) return status.error();
  const auto goes_on = [&](double share) { return !progress || progress(share); };
  const Error stopped{ErrorCode::Stopped, Sentence::AreasStopped, "areas"};
  if (const auto few = few_colors(photo, kFlatColors)) return flat_areas(photo, *few);
  const Reduced to_cut(photo, kCutPixels);
  Plane plane = to_cut.plane();
  const std::vector<Point> sharp = plane.points;
  const double pixels = static_cast<double>(plane.points.size());
  smooth_inside(plane,
                static_cast<int>(std::ceil(spec.smoothing / 100 * std::max(plane.width, plane.height))));
  if (!goes_on(0.2)) return stopped;
  auto split =
      split_by_color(plane, to_cut.seen(), static_cast<std::size_t>(spec.count), spec.smallest / 100 * pixels,
                     [&](double share) { return goes_on(0.2 + 0.4 * share); });
  if (!split) return stopped;
  std::vector<AreaNumber> cut = std::move(*split);
  join_islands(cut, sharp, static_cast<std::size_t>(spec.count));
  Areas out{photo.width, photo.height, {}, {}, false};
  out.numbers = edges_found_again(photo, plane, cut);
  if (!goes_on(0.9)) return stopped;
  count_areas(out, sharp, cut);
  while (join_one_too_small(out, cut, spec.smallest / 100 * photo.width * photo.height))
    count_areas(out, sharp, cut);
  if (!goes_on(1)) return stopped;
  return out;
}

namespace {

/// False where there is nothing to do; likewise below.
bool merge(Areas& areas, AreaNumber stays, AreaNumber joins) {
  if (joins == kNoArea || joins == stays) return false;
  std::replace(areas.numbers.begin(), areas.numbers.end(), joins, stays);
  areas.flat = false;
  return true;
}

bool split(Areas& areas, const PixelView& photo, AreaNumber number) {
  const auto places = places_of(areas, number);
  if (areas.areas.size() + places.size() > kNoArea - std::size_t{2}) return false;
  auto next = static_cast<AreaNumber>(areas.areas.size());
  if (places.size() == 1)
    for (const auto i : lighter_half(photo, places.front(), areas.width)) areas.numbers[i] = next;
  for (std::size_t p = 1; p < places.size(); ++p, ++next)
    for (const auto i : places[p]) areas.numbers[i] = next;
  return true;
}

} // namespace

void edit_areas(Areas& areas, const PixelView& photo, const AreaEdit& edit) {
  const AreaNumber stays = areas.number_at(edit.x, edit.y);
  if (stays == kNoArea) return;
  const bool done = edit.kind == AreaEdit::Kind::Merge
                        ? merge(areas, stays, areas.number_at(edit.x2, edit.y2))
                        : split(areas, photo, stays);
  if (!done) return;
  std::vector<Point> looked;
  std::vector<AreaNumber> numbers;
  look_at_some(areas, photo, looked, numbers);
  count_areas(areas, looked, numbers);
}

} // namespace zc
