#include "core/image/extract.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/through_mask.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <random>
#include <unordered_map>

namespace zc {
namespace {

/// More pixels change a palette by less than the eye can tell.
constexpr int kMostSamples = 60'000;
/// Likes closer than this in OKLab are one point; about one CIEDE2000.
constexpr double kGrain = 0.0125;
constexpr int kMeanRounds = 12, kMedianRounds = 8;
constexpr unsigned kDrawnStarts = 4;
/// So many times a color is sent elsewhere, and stays there if the whole gains by it.
constexpr int kMoves = 8;
/// CIEDE2000 decides between so many candidates that are nearest in OKLab.
constexpr std::size_t kCandidates = 5;

struct Sample {
  Srgb8 color;
  Oklab at;
  int x = 0, y = 0;
};

/// Like pixels as one.
struct Point {
  Oklab at;
  Lab lab;
  double weight = 0;
  std::size_t sample = 0; ///< The pixel that stands for it.
};

double square(double x) { return x * x; }
double apart(const Oklab& p, const Oklab& q) {
  return square(p.l - q.l) + square(p.a - q.a) + square(p.b - q.b);
}

std::vector<Sample> samples_of(const PixelView& photo, const ExtractionSpec& spec, const Wheel* wheel,
                               const MaskRegion* region) {
  const double pixels = static_cast<double>(photo.width) * photo.height;
  const int step = std::max(1, static_cast<int>(std::ceil(std::sqrt(pixels / kMostSamples))));
  std::vector<Sample> all;
  for (int y = std::min(step / 2, photo.height - 1); y < photo.height; y += step)
    for (int x = std::min(step / 2, photo.width - 1); x < photo.width; x += step)
      if (photo.row(y)[x] >> 24 >= 128) all.push_back({color_of_word(photo.row(y)[x]), {}, x, y});
  std::vector<char> kept(all.size(), 1);
  const std::optional<MaskMapper> mapper = spec.mask == MaskUse::MapInto
                                               ? std::optional<MaskMapper>(std::in_place, *wheel, *region)
                                               : std::nullopt;
  in_parallel(static_cast<int>(all.size()), 512, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      Sample& s = all[i];
      if (mapper) s.color = color_of_word(mapper->mapped(word_of(s.color)));
      const Srgb color = srgb_from_8bit(s.color);
      s.at = oklab_from_srgb(color);
      if (spec.mask != MaskUse::InsideOnly) continue;
      const WheelPoint p = wheel->locate(color);
      kept[i] = region->inside(disc_point(p.a, p.r));
    }
  });
  std::vector<Sample> out;
  for (std::size_t i = 0; i < all.size(); ++i)
    if (kept[i]) out.push_back(all[i]);
  return out;
}

std::vector<Point> points_of(const std::vector<Sample>& samples, const std::vector<std::size_t>& members) {
  struct Sum {
    double l = 0, a = 0, b = 0, n = 0;
    std::size_t place = 0;
  };
  std::unordered_map<std::uint64_t, Sum> sums;
  std::vector<std::uint64_t> keys, order;
  const auto cell = [](double x) {
    return static_cast<std::uint64_t>(std::lround(x / kGrain) + 4096) & 0xffff;
  };
  for (const std::size_t i : members) {
    const Oklab& p = samples[i].at;
    const std::uint64_t key = cell(p.l) << 32 | cell(p.a) << 16 | cell(p.b);
    Sum& sum = sums[key];
    if (sum.n == 0) {
      sum.place = order.size();
      order.push_back(key);
    }
    sum.l += p.l;
    sum.a += p.a;
    sum.b += p.b;
    ++sum.n;
    keys.push_back(key);
  }
  std::vector<Point> out(order.size());
  std::vector<double> nearest(order.size(), 1e9);
  for (std::size_t k = 0; k < order.size(); ++k) {
    const Sum& s = sums[order[k]];
    out[k].at = {s.l / s.n, s.a / s.n, s.b / s.n};
    out[k].weight = s.n;
  }
  for (std::size_t m = 0; m < members.size(); ++m) {
    const std::size_t k = sums[keys[m]].place;
    const double d = apart(samples[members[m]].at, out[k].at);
    if (d >= nearest[k]) continue;
    nearest[k] = d;
    out[k].sample = members[m];
  }
  for (auto& p : out) p.lab = lab_from_xyz(xyz_from_oklab(p.at));
  return out;
}

// ---------------------------------------------------------------- clustering

/// Splits the group with the largest spread at its mean, across its widest direction, until there are enough.
std::vector<Oklab> first_centers(const std::vector<Point>& points, std::size_t count) {
  struct Group {
    std::vector<std::size_t> members;
    Oklab mean, axis;
    double spread = 0;
  };
  const auto measured = [&points](std::vector<std::size_t> members) {
    Group g{std::move(members), {}, {}, 0};
    double w = 0;
    for (const auto i : g.members) {
      const Point& p = points[i];
      w += p.weight;
      g.mean.l += p.weight * p.at.l;
      g.mean.a += p.weight * p.at.a;
      g.mean.b += p.weight * p.at.b;
    }
    g.mean = {g.mean.l / w, g.mean.a / w, g.mean.b / w};
    double m[3][3]{};
    for (const auto i : g.members) {
      const Point& p = points[i];
      const double d[] = {p.at.l - g.mean.l, p.at.a - g.mean.a, p.at.b - g.mean.b};
      g.spread += p.weight * apart(p.at, g.mean);
      for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 3; ++c) m[r][c] += p.weight * d[r] * d[c];
    }
    // The widest direction, by powers of the covariance.
    double v[] = {1, 0.6, 0.4};
    for (int round = 0; round < 12; ++round) {
      double n[3]{}, size = 0;
      for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 3; ++c) n[r] += m[r][c] * v[c];
      for (const double x : n) size = std::max(size, std::abs(x));
      if (size <= 0) break;
      for (int r = 0; r < 3; ++r) v[r] = n[r] / size;
    }
    g.axis = {v[0], v[1], v[2]};
    return g;
  };
  std::vector<std::size_t> all(points.size());
  std::iota(all.begin(), all.end(), std::size_t{0});
  std::vector<Group> groups{measured(std::move(all))};
  while (groups.size() < count) {
    const auto widest = std::max_element(groups.begin(), groups.end(),
                                         [](const Group& a, const Group& b) { return a.spread < b.spread; });
    if (widest->spread <= 1e-12) break;
    std::vector<std::size_t> low, high;
    for (const auto i : widest->members) {
      const Oklab& p = points[i].at;
      const double along = (p.l - widest->mean.l) * widest->axis.l + (p.a - widest->mean.a) * widest->axis.a +
                           (p.b - widest->mean.b) * widest->axis.b;
      (along > 0 ? high : low).push_back(i);
    }
    if (low.empty() || high.empty()) {
      widest->spread = 0;
      continue;
    }
    *widest = measured(std::move(low));
    groups.push_back(measured(std::move(high)));
  }
  std::vector<Oklab> out;
  for (const auto& g : groups) out.push_back(g.mean);
  return out;
}

struct Nearest {
  std::size_t center = 0;
  double away = 0;
  double next = 0; ///< To the nearest of the other centers; CIEDE2000 searches only.
};

Nearest nearest_in_oklab(const Point& p, const std::vector<Oklab>& centers) {
  Nearest out{0, 1e9};
  for (std::size_t k = 0; k < centers.size(); ++k)
    if (const double d = apart(p.at, centers[k]); d < out.away) out = {k, d};
  return out;
}

Nearest nearest_in_cielab(const Point& p, const std::vector<Lab>& labs) {
  Nearest out{0, 1e9};
  for (std::size_t k = 0; k < labs.size(); ++k) {
    const double d = square(p.lab.l - labs[k].l) + square(p.lab.a - labs[k].a) + square(p.lab.b - labs[k].b);
    if (d < out.away) out = {k, d};
  }
  return out;
}

Nearest nearest_to_the_eye(const Point& p, const std::vector<Oklab>& centers, const std::vector<Lab>& labs) {
  std::array<std::pair<double, std::size_t>, kCandidates> best;
  std::size_t n = 0;
  for (std::size_t k = 0; k < centers.size(); ++k) {
    const std::pair candidate{apart(p.at, centers[k]), k};
    if (n == kCandidates && candidate >= best[n - 1]) continue;
    std::size_t place = n < kCandidates ? n++ : n - 1;
    for (; place > 0 && candidate < best[place - 1]; --place) best[place] = best[place - 1];
    best[place] = candidate;
  }
  Nearest out{0, 1e9, 1e9};
  // One three times as far off in OKLab hardly ever turns out nearer; it is left out for speed.
  for (std::size_t i = 0; i < n && (i < 2 || best[i].first < 9 * best[0].first); ++i) {
    const double d = ciede2000(p.lab, labs[best[i].second]);
    if (d < out.away)
      out = {best[i].second, d, out.away};
    else
      out.next = std::min(out.next, d);
  }
  return out;
}

std::vector<Lab> labs_of(const std::vector<Oklab>& centers) {
  std::vector<Lab> out;
  for (const auto& c : centers) out.push_back(lab_from_xyz(xyz_from_oklab(c)));
  return out;
}

/// Every point's nearest center, on all cores.
template <class Find> std::vector<Nearest> nearest_of(const std::vector<Point>& points, const Find& find) {
  std::vector<Nearest> out(points.size());
  in_parallel(static_cast<int>(points.size()), 128, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      out[i] = find(points[i]);
  });
  return out;
}

/// Every center to the weighted middle of its points.
template <class Weigh>
void move_centers(const std::vector<Point>& points, const std::vector<Nearest>& nearest,
                  std::vector<Oklab>& centers, const Weigh& weigh) {
  std::vector<Oklab> sums(centers.size());
  std::vector<double> weights(centers.size(), 0);
  for (std::size_t i = 0; i < points.size(); ++i) {
    const double w = weigh(points[i], nearest[i]);
    Oklab& sum = sums[nearest[i].center];
    sum.l += w * points[i].at.l;
    sum.a += w * points[i].at.a;
    sum.b += w * points[i].at.b;
    weights[nearest[i].center] += w;
  }
  for (std::size_t k = 0; k < centers.size(); ++k)
    if (weights[k] > 0) centers[k] = {sums[k].l / weights[k], sums[k].a / weights[k], sums[k].b / weights[k]};
}

/// Points drawn with the squared distance to those drawn before as their weight (D. Arthur, S. Vassilvitskii,
/// "k-means++: the advantages of careful seeding", SODA 2007); the same for the same seed.
std::vector<Oklab> drawn_centers(const std::vector<Point>& points, std::size_t count, unsigned seed) {
  std::mt19937_64 random(seed);
  std::vector<double> away(points.size(), 1);
  std::vector<Oklab> out;
  while (out.size() < count) {
    double sum = 0;
    for (std::size_t i = 0; i < points.size(); ++i) sum += points[i].weight * away[i];
    if (sum <= 0) break;
    double left = sum * (static_cast<double>(random() >> 11) / 9007199254740992.0);
    std::size_t at = 0;
    while (at + 1 < points.size() && (left -= points[at].weight * away[at]) > 0) ++at;
    for (std::size_t i = 0; i < points.size(); ++i) {
      const double d = apart(points[i].at, points[at].at);
      away[i] = out.empty() ? d : std::min(away[i], d);
    }
    out.push_back(points[at].at);
  }
  return out;
}

enum class Space { Oklab, Cielab };

/// Neither space is even everywhere: now the one, now the other leads to the better palette.
void move_to_means(const std::vector<Point>& points, std::vector<Oklab>& centers, Space space) {
  for (int i = 0; i < kMeanRounds; ++i) {
    const auto labs = labs_of(centers);
    const auto nearest = nearest_of(points, [&](const Point& p) {
      return space == Space::Oklab ? nearest_in_oklab(p, centers) : nearest_in_cielab(p, labs);
    });
    move_centers(points, nearest, centers, [](const Point& p, const Nearest&) { return p.weight; });
  }
}

/// Since a painter minds how far colors are off, not the squares of it.
void move_to_medians(const std::vector<Point>& points, const std::vector<Nearest>& nearest,
                     std::vector<Oklab>& centers) {
  move_centers(points, nearest, centers,
               [](const Point& p, const Nearest& n) { return p.weight / std::max(n.away, 0.5); });
}

/// The best palette seen so far, by the sum of the CIEDE2000 of all pixels to their nearest color.
class Best {
public:
  explicit Best(const std::vector<Point>& points) : m_points(points) {}

  /// Takes the centers and the places that `rounds` rounds lead them past.
  void settle(std::vector<Oklab> centers, int rounds) {
    for (int i = 0;; ++i) {
      const auto labs = labs_of(centers);
      const auto nearest =
          nearest_of(m_points, [&](const Point& p) { return nearest_to_the_eye(p, centers, labs); });
      offer(centers, nearest);
      if (i == rounds) return;
      move_to_medians(m_points, nearest, centers);
    }
  }
  [[nodiscard]] const std::vector<Oklab>& centers() const { return m_centers; }
  [[nodiscard]] const std::vector<Nearest>& nearest() const { return m_nearest; }
  [[nodiscard]] double error() const { return m_error; }

private:
  void offer(const std::vector<Oklab>& centers, const std::vector<Nearest>& nearest) {
    double error = 0;
    for (std::size_t i = 0; i < m_points.size(); ++i) error += m_points[i].weight * nearest[i].away;
    if (!m_centers.empty() && (error >= m_error || centers.size() < m_centers.size())) return;
    m_centers = centers;
    m_nearest = nearest;
    m_error = error;
  }

  const std::vector<Point>& m_points;
  std::vector<Oklab> m_centers;
  std::vector<Nearest> m_nearest; ///< Of every point.
  double m_error = 0;
};

/// Sends the center that is missed least into the group that is `rank`-th in error: to the point there that
/// would gain most. Moving centers little by little never makes such a leap.
std::vector<Oklab> with_one_sent(const std::vector<Point>& points, const Best& best, std::size_t rank) {
  std::vector<Oklab> centers = best.centers();
  std::vector<double> missed(centers.size(), 0), error(centers.size(), 0);
  for (std::size_t i = 0; i < points.size(); ++i) {
    const Nearest& n = best.nearest()[i];
    missed[n.center] += points[i].weight * (n.next - n.away);
    error[n.center] += points[i].weight * n.away;
  }
  std::vector<std::size_t> order(centers.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::stable_sort(order.begin(), order.end(),
                   [&](std::size_t a, std::size_t b) { return error[a] > error[b]; });
  const std::size_t into = order[rank];
  const auto sent = static_cast<std::size_t>(std::min_element(missed.begin(), missed.end()) - missed.begin());
  if (sent == into) return centers;
  std::size_t place = points.size();
  double most = 0;
  for (std::size_t i = 0; i < points.size(); ++i) {
    const Nearest& n = best.nearest()[i];
    if (n.center != into || points[i].weight * n.away <= most) continue;
    most = points[i].weight * n.away;
    place = i;
  }
  if (place < points.size()) centers[sent] = points[place].at;
  return centers;
}

/// The best of a few starts and of the places they pass, since moving centers ends at a good place near the
/// start and not at the best.
std::vector<Oklab> clustered(const std::vector<Point>& points, std::size_t count) {
  Best best(points);
  for (unsigned start = 0; start <= kDrawnStarts; ++start) {
    auto centers = start == 0 ? first_centers(points, count) : drawn_centers(points, count, start);
    move_to_means(points, centers, start % 2 == 0 ? Space::Oklab : Space::Cielab);
    best.settle(std::move(centers), 1);
  }
  std::size_t rank = 0;
  for (int i = 0; i < kMoves && best.centers().size() > 2; ++i) {
    const double before = best.error();
    best.settle(with_one_sent(points, best, std::min(rank, best.centers().size() - 1)), 2);
    rank = best.error() < before ? 0 : rank + 1;
  }
  best.settle(best.centers(), kMedianRounds);
  return best.centers();
}

// ---------------------------------------------------------------- choosing

/// The pixels of one band, or of the whole picture.
struct Pool {
  std::vector<std::size_t> members; ///< Into the samples.
  std::vector<Point> points;
  int wanted = 0;
  std::optional<Band> band;
};

struct Choice {
  Srgb8 color;
  Lab lab;
  std::size_t sample = 0;
};

Lab lab_of(Srgb8 c) { return lab_from_srgb(srgb_from_8bit(c)); }

std::size_t nearest_sample(const std::vector<Sample>& samples, const Pool& pool, const Oklab& center) {
  return *std::min_element(pool.members.begin(), pool.members.end(), [&](std::size_t a, std::size_t b) {
    return apart(samples[a].at, center) < apart(samples[b].at, center);
  });
}

Choice choice_of(const std::vector<Sample>& samples, const Pool& pool, const Oklab& center,
                 const ExtractionSpec& spec) {
  const std::size_t sample = nearest_sample(samples, pool, center);
  Choice out{samples[sample].color, lab_of(samples[sample].color), sample};
  if (spec.representative == Representative::Pixel) return out;
  const Srgb mean = srgb_from_oklab(center);
  if (mean.r < 0 || mean.g < 0 || mean.b < 0 || mean.r > 1 || mean.g > 1 || mean.b > 1) return out;
  const Srgb8 rounded = rounded_8bit(mean);
  const Lab lab = lab_of(rounded);
  // A mean may leave its band by a hair; then the pixel stands.
  if (pool.band && band_of(lab.l, spec.bands) != *pool.band) return out;
  return {rounded, lab, sample};
}

bool fits(const Lab& lab, const std::vector<Choice>& chosen, double least) {
  return std::all_of(chosen.begin(), chosen.end(), [&](const Choice& c) {
    return c.lab.l == lab.l && c.lab.a == lab.a && c.lab.b == lab.b ? false : ciede2000(c.lab, lab) >= least;
  });
}

/// Adds pixels until there are enough or none fits any more; `worth` says which comes first.
template <class Worth>
void fill_up(const std::vector<Sample>& samples, const Pool& pool, double least, std::size_t own_from,
             std::vector<Choice>& chosen, const Worth& worth) {
  std::vector<double> away(pool.points.size(), 1e9);
  std::vector<Lab> labs;
  for (const auto& p : pool.points) labs.push_back(lab_of(samples[p.sample].color));
  const auto note = [&](const Lab& lab) {
    in_parallel(static_cast<int>(labs.size()), 256, [&](int from, int to) {
      for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
        away[i] = std::min(away[i], ciede2000(labs[i], lab));
    });
  };
  for (const auto& c : chosen) note(c.lab);
  while (chosen.size() - own_from < static_cast<std::size_t>(pool.wanted)) {
    double best = -1;
    std::size_t at = 0;
    for (std::size_t i = 0; i < labs.size(); ++i) {
      if (away[i] < std::max(least, 1e-6)) continue;
      if (const double w = worth(pool.points[i], away[i]); w > best) {
        best = w;
        at = i;
      }
    }
    if (best < 0) return;
    const std::size_t sample = pool.points[at].sample;
    chosen.push_back({samples[sample].color, labs[at], sample});
    note(labs[at]);
  }
}

/// The colors of one pool, at least `least` from each other and from those chosen before.
void choose(const std::vector<Sample>& samples, const Pool& pool, const ExtractionSpec& spec,
            std::vector<Choice>& chosen) {
  if (pool.points.empty() || pool.wanted <= 0) return;
  const std::size_t own_from = chosen.size();
  const std::vector<Choice> before = chosen;
  const double least = spec.least_difference;
  const auto centers = clustered(pool.points, static_cast<std::size_t>(pool.wanted));
  std::vector<double> weights(centers.size(), 0);
  for (const auto& p : pool.points) weights[nearest_in_oklab(p, centers).center] += p.weight;
  std::vector<std::size_t> order(centers.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::stable_sort(order.begin(), order.end(),
                   [&](std::size_t a, std::size_t b) { return weights[a] > weights[b]; });
  for (const std::size_t k : order) {
    const Choice c = choice_of(samples, pool, centers[k], spec);
    if (fits(c.lab, chosen, least)) chosen.push_back(c);
  }
  fill_up(samples, pool, least, own_from, chosen,
          [](const Point& p, double away) { return p.weight * away; });
  if (chosen.size() - own_from >= static_cast<std::size_t>(pool.wanted)) return;
  // Too crowded in the middle: spread out from the start, furthest first.
  std::vector<Choice> spread = before;
  fill_up(samples, pool, least, own_from, spread, [](const Point&, double away) { return away; });
  if (spread.size() > chosen.size()) chosen = std::move(spread);
}

std::vector<Pool> pools_of(const std::vector<Sample>& samples, const ExtractionSpec& spec) {
  std::vector<Pool> out;
  if (!spec.quotas) {
    Pool whole{{}, {}, spec.count, {}};
    whole.members.resize(samples.size());
    std::iota(whole.members.begin(), whole.members.end(), std::size_t{0});
    out.push_back(std::move(whole));
  } else {
    const BandCounts& q = *spec.quotas;
    for (const auto& [band, wanted] :
         {std::pair{Band::Light, q.light}, {Band::Middle, q.middle}, {Band::Dark, q.dark}})
      out.push_back({{}, {}, wanted, band});
    for (std::size_t i = 0; i < samples.size(); ++i) {
      const Band band = band_of(value_of(srgb_from_8bit(samples[i].color)), spec.bands);
      out[band == Band::Light ? 0 : band == Band::Middle ? 1 : 2].members.push_back(i);
    }
  }
  for (auto& pool : out) pool.points = points_of(samples, pool.members);
  return out;
}

/// The weight of every chosen color: the pixels that are nearest to it.
std::vector<double> shares_of(const std::vector<Pool>& pools, const std::vector<Choice>& chosen) {
  std::vector<Oklab> centers;
  std::vector<Lab> labs;
  for (const auto& c : chosen) {
    centers.push_back(oklab_from_srgb(srgb_from_8bit(c.color)));
    labs.push_back(c.lab);
  }
  std::vector<double> out(chosen.size(), 0);
  double total = 0;
  for (const auto& pool : pools)
    for (const auto& p : pool.points) {
      out[nearest_to_the_eye(p, centers, labs).center] += p.weight;
      total += p.weight;
    }
  for (double& share : out) share /= total;
  return out;
}

Error wrong(const char* sentence) { return {ErrorCode::BadInput, sentence, "extraction"}; }

} // namespace

Status validate(const ExtractionSpec& spec, bool has_mask) {
  const int wanted = spec.quotas ? spec.quotas->dark + spec.quotas->middle + spec.quotas->light : spec.count;
  const bool negative =
      spec.quotas && (spec.quotas->dark < 0 || spec.quotas->middle < 0 || spec.quotas->light < 0);
  if (negative || wanted < 1 || wanted > kMostExtracted)
    return wrong("Between 1 and 200 colors can be taken from a photo.");
  if (!(spec.least_difference >= 0 && spec.least_difference <= 50))
    return wrong("The least difference goes from 0 to 50.");
  if (spec.mask != MaskUse::Ignore && !has_mask) return wrong("There is no mask to keep the colors in.");
  return Done{};
}

Result<Extraction> extract_colors(const PixelView& photo, const ExtractionSpec& spec, const Wheel* wheel,
                                  const MaskRegion* region, const Progress& progress) {
  const Status valid = validate(spec, wheel && region && !region->empty());
  if (!valid) return valid.error();
  const auto stopped = [&progress](double share) { return progress && !progress(share); };
  const Error stop{ErrorCode::Stopped, "The extraction was stopped.", "extraction"};
  if (stopped(0)) return stop;
  const auto samples =
      photo.width > 0 && photo.height > 0 ? samples_of(photo, spec, wheel, region) : std::vector<Sample>{};
  if (samples.empty()) return wrong("There are no pixels to take colors from here.");
  if (stopped(0.2)) return stop;
  const auto pools = pools_of(samples, spec);
  std::vector<Choice> chosen;
  for (const Srgb& c : spec.kept) chosen.push_back({rounded_8bit(c), lab_from_srgb(c), 0});
  Extraction out;
  double done = 0.3;
  for (auto pool : pools) {
    if (stopped(done)) return stop;
    for (const Srgb& c : spec.kept)
      if (!pool.band || band_of(value_of(c), spec.bands) == *pool.band) --pool.wanted;
    pool.wanted = std::max(0, pool.wanted);
    const std::size_t before = chosen.size();
    choose(samples, pool, spec, chosen);
    const int missing = pool.wanted - static_cast<int>(chosen.size() - before);
    if (pool.band == Band::Light) out.unmet.light = missing;
    if (pool.band == Band::Middle) out.unmet.middle = missing;
    if (pool.band == Band::Dark) out.unmet.dark = missing;
    if (!pool.band) out.missing = missing;
    done += 0.6 / static_cast<double>(pools.size());
  }
  if (stopped(0.9)) return stop;
  const auto shares = shares_of(pools, chosen);
  for (std::size_t i = spec.kept.size(); i < chosen.size(); ++i) {
    const Sample& s = samples[chosen[i].sample];
    out.colors.push_back(
        {srgb_from_8bit(chosen[i].color), shares[i], s.x, s.y, band_of(chosen[i].lab.l, spec.bands)});
  }
  std::stable_sort(out.colors.begin(), out.colors.end(),
                   [](const ExtractedColor& a, const ExtractedColor& b) {
                     if (a.band != b.band) return a.band > b.band;
                     return a.share > b.share;
                   });
  if (stopped(1)) return stop;
  return out;
}

} // namespace zc
