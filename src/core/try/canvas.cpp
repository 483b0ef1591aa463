// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/canvas.h"

#include "core/base/sentences.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/cluster.h"
#include "core/try/render.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <unordered_map>

namespace zc {
namespace {

constexpr double kUnusedBelow = 0.001;      ///< Share of the canvas (ours).
constexpr double kAlike = 6;                ///< CIEDE2000 below which two strays are told as one (ours).
constexpr double kMostOf = 0.95;            ///< Of what lies outside.
constexpr std::size_t kClusters = 8;        ///< Before alike ones become one.
constexpr std::uint32_t kNoSwatch = 0xffff; ///< Of the 16 bits that a swatch takes in the table.

/// Like strays as one: colors with the same first five bits a channel. Many thousands of colors are a few
/// hundred of these.
struct StrayPixels {
  Pixel color; ///< The most frequent one, where one is more than half of them.
  Stray stray;
  double pixels = 0;
  double lead = 0; ///< Of that color over all others (R. Boyer, J. S. Moore, "MJRTY", 1991).
  std::size_t cluster = 0;
};
constexpr std::uint32_t kThinBits = 0xf0f0f0;
constexpr std::size_t kCells = 1 << 15, kMostThinned = 160;
/// The first five bits of each channel.
std::size_t cell_of(Pixel p) { return (p.word >> 9 & 0x7c00) | (p.word >> 6 & 0x3e0) | (p.word >> 3 & 0x1f); }

void divide(StrayShares& sums, double by) {
  for (BandShares* part : {&sums.all, &sums.outside, &sums.far}) {
    part->dark /= by;
    part->middle /= by;
    part->light /= by;
  }
}

std::vector<WeighedColor> weighed(const std::vector<StrayPixels>& strays) {
  std::vector<WeighedColor> out;
  out.reserve(strays.size());
  for (std::size_t i = 0; i < strays.size(); ++i) {
    const Srgb color = srgb_from_8bit(color_of(strays[i].color));
    out.push_back({oklab_from_srgb(color), lab_from_srgb(color), strays[i].pixels, i});
  }
  return out;
}

/// Fewer still, the heaviest of like ones for all: enough to find where they gather.
std::vector<WeighedColor> thinned(const std::vector<WeighedColor>& colors,
                                  const std::vector<StrayPixels>& of) {
  std::unordered_map<std::uint32_t, std::size_t> cells;
  std::vector<WeighedColor> out;
  for (const WeighedColor& c : colors) {
    const auto [at, is_new] = cells.try_emplace(of[c.sample].color.word & kThinBits, out.size());
    if (is_new) {
      out.push_back(c);
      continue;
    }
    WeighedColor& cell = out[at->second];
    const double weight = cell.weight + c.weight;
    if (c.weight > of[cell.sample].pixels) cell = c;
    cell.weight = weight;
  }
  if (out.size() <= kMostThinned) return out;
  std::stable_sort(out.begin(), out.end(),
                   [](const WeighedColor& a, const WeighedColor& b) { return a.weight > b.weight; });
  out.resize(kMostThinned);
  return out;
}

/// The middles of the strays that are told, the largest first.
std::vector<Oklab> told_middles(const std::vector<WeighedColor>& colors, double least) {
  const std::vector<Oklab> found = cluster(colors, kClusters);
  std::vector<double> weights(found.size());
  for (const WeighedColor& c : colors) weights[nearest_in_oklab(c, found).center] += c.weight;
  std::vector<std::size_t> order(found.size());
  for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
  std::stable_sort(order.begin(), order.end(),
                   [&](std::size_t a, std::size_t b) { return weights[a] > weights[b]; });
  std::vector<Oklab> out;
  for (const std::size_t i : order) {
    const Lab lab = lab_from_xyz(xyz_from_oklab(found[i]));
    const bool is_new = std::none_of(out.begin(), out.end(), [&](const Oklab& o) {
      return ciede2000(lab_from_xyz(xyz_from_oklab(o)), lab) < kAlike;
    });
    if (is_new && weights[i] >= least && out.size() < kMostStrayColors) out.push_back(found[i]);
  }
  return out;
}

/// The strays of one canvas, gathered pixel by pixel and then told.
class StrayGathering {
public:
  StrayGathering(const PixelView& canvas, CanvasCheck& out) : m_canvas(canvas), m_out(out) {
    m_out.places.assign(static_cast<std::size_t>(canvas.width) * canvas.height, 0);
  }
  void add(int x, int y, Pixel color, const Stray& stray) {
    std::uint32_t& at = m_of_cell[cell_of(color)];
    if (at == 0) {
      m_strays.push_back({color, stray});
      at = static_cast<std::uint32_t>(m_strays.size()); // Counted from 1.
    }
    StrayPixels& cell = m_strays[at - 1];
    ++cell.pixels;
    if (cell.lead == 0) {
      cell.color = color;
      cell.stray = stray;
    }
    cell.lead += color == cell.color ? 1 : -1;
    m_pixels.push_back({x, y, at - 1});
    place(m_pixels.back()) = CanvasCheck::kOtherStray;
  }
  template <class Off> void tell(double seen, const Off& off) {
    tell_how_far(off);
    if (m_strays.empty()) return;
    const std::vector<WeighedColor> colors = weighed(m_strays);
    const std::vector<Oklab> middles = told_middles(thinned(colors, m_strays), kLeastStray * seen);
    if (middles.empty()) return;
    for (std::size_t i = 0; i < m_strays.size(); ++i)
      m_strays[i].cluster = nearest_in_oklab(colors[i], middles).center;
    m_typical = typical(colors, middles);
    m_out.strays.resize(m_typical.size());
    for (const StrayPixels& s : m_strays) m_out.strays[s.cluster].share += s.pixels / seen;
    tell_places();
    tell_colors(off);
  }

private:
  struct At {
    int x, y;
    std::uint32_t stray;
  };
  std::uint8_t& place(const At& at) {
    return m_out.places[static_cast<std::size_t>(at.y) * m_canvas.width + at.x];
  }
  template <class Off> void tell_how_far(const Off& off) {
    std::vector<std::pair<double, double>> outside; // How far, how many pixels.
    double sum = 0, pixels = 0, below = 0;
    for (const StrayPixels& s : m_strays) {
      if (!s.stray.outside) continue;
      outside.emplace_back(off(s.color, s.stray), s.pixels);
      sum += outside.back().first * s.pixels;
      pixels += s.pixels;
    }
    if (outside.empty()) return;
    m_out.outside_mean = sum / pixels;
    std::sort(outside.begin(), outside.end());
    for (const auto& [how_far, count] : outside) {
      m_out.outside_most = how_far;
      if ((below += count) >= kMostOf * pixels) return;
    }
  }
  /// Of each middle the stray that looks most like it.
  [[nodiscard]] std::vector<std::size_t> typical(const std::vector<WeighedColor>& colors,
                                                 const std::vector<Oklab>& middles) const {
    std::vector<std::size_t> out(middles.size(), 0);
    std::vector<double> away(middles.size(), 1e300);
    for (std::size_t i = 0; i < m_strays.size(); ++i) {
      const std::size_t c = m_strays[i].cluster;
      const double d = apart(colors[i].at, middles[c]);
      if (d >= away[c]) continue;
      away[c] = d;
      out[c] = i;
    }
    return out;
  }
  /// The color is that of the pixel that is told.
  template <class Off> void tell_colors(const Off& off) {
    for (std::size_t c = 0; c < m_typical.size(); ++c) {
      StrayColor& told = m_out.strays[c];
      const Pixel pixel = m_canvas.row(told.y)[told.x].opaque();
      told.color = srgb_from_8bit(color_of(pixel));
      told.stray = m_strays[m_typical[c]].stray;
      told.off = off(pixel, told.stray);
    }
  }
  void tell_places() {
    struct Middle {
      double x = 0, y = 0, pixels = 0, nearest = 1e300;
    };
    std::vector<Middle> middles(m_typical.size());
    for (const At& at : m_pixels) {
      const std::size_t c = m_strays[at.stray].cluster;
      place(at) = static_cast<std::uint8_t>(1 + c);
      middles[c].x += at.x;
      middles[c].y += at.y;
      ++middles[c].pixels;
    }
    for (const At& at : m_pixels) {
      const std::size_t c = m_strays[at.stray].cluster;
      Middle& m = middles[c];
      if (at.stray != m_typical[c]) continue;
      const double x = at.x - m.x / m.pixels, y = at.y - m.y / m.pixels, away = x * x + y * y;
      if (away >= m.nearest) continue;
      m.nearest = away;
      m_out.strays[c].x = at.x;
      m_out.strays[c].y = at.y;
    }
  }

  const PixelView& m_canvas;
  CanvasCheck& m_out;
  std::vector<StrayPixels> m_strays;
  std::vector<std::uint32_t> m_of_cell = std::vector<std::uint32_t>(kCells);
  std::vector<At> m_pixels;
  std::vector<std::size_t> m_typical; ///< Of each told color, the strays most like it.
};

} // namespace

/// What is remembered of a color, in 24 bits.
struct CanvasChecker::Judged {
  std::uint32_t swatch = kNoSwatch; ///< The nearest, unless it is far.
  Band band = Band::Middle;
  Stray stray;
  [[nodiscard]] std::uint32_t word() const {
    return swatch << 8 | static_cast<std::uint32_t>(band) << 2 | (stray.outside ? 2u : 0u) |
           (stray.far ? 1u : 0u);
  }
  /// One pixel more.
  void count(CanvasCheck& out) const {
    ++zc::of(out.shares.all, band);
    if (stray.outside) ++zc::of(out.shares.outside, band);
    if (stray.far) ++zc::of(out.shares.far, band);
    if (swatch != kNoSwatch) ++out.used[swatch];
  }
  static Judged read(std::uint32_t word) {
    return {word >> 8 & 0xffff, static_cast<Band>(word >> 2 & 3), {(word & 2) != 0, (word & 1) != 0}};
  }
};

CanvasChecker::CanvasChecker(const std::vector<MatchColor>& set, std::shared_ptr<const MaskMapper> mask,
                             const CanvasSpec& spec)
    : m_matcher(set.empty() ? nullptr : std::make_shared<const SwatchMatcher>(set)), m_mask(std::move(mask)),
      m_swatches(set.size()), m_spec(spec) {
  assert(set.size() < kNoSwatch);
}

CanvasChecker::Judged CanvasChecker::judged(Pixel pixel) const {
  const Lab lab = lab_from_8bit(color_of(pixel));
  Judged out;
  out.band = band_of(lab.l, m_spec.bands);
  if (m_matcher) {
    const auto near = m_matcher->nearest_within(lab, m_spec.limits.far);
    if (near) out.swatch = static_cast<std::uint32_t>(near->swatch);
    out.stray.far = m_spec.far && !near;
  }
  if (m_spec.outside && m_mask && !m_mask->keeps(pixel))
    out.stray.outside =
        ciede2000(lab, lab_from_8bit(color_of(m_mask->remembered(pixel)))) > m_spec.limits.outside;
  return out;
}

double CanvasChecker::off(Pixel pixel, const Stray& stray) const {
  const Lab lab = lab_from_8bit(color_of(pixel));
  if (stray.outside && m_mask) return ciede2000(lab, lab_from_8bit(color_of(m_mask->remembered(pixel))));
  return m_matcher ? m_matcher->nearest(lab).away : 0;
}

Result<CanvasCheck> CanvasChecker::check(const PixelView& canvas, const Progress& progress) const {
  CanvasCheck out;
  out.used.assign(m_swatches, 0);
  StrayGathering strays(canvas, out);
  const auto judge = [this](Pixel pixel) { return judged(pixel).word(); };
  for (int y = 0; y < canvas.height; ++y) {
    if (progress && !progress(static_cast<double>(y) / canvas.height))
      return Error{ErrorCode::Stopped, Sentence::CountingStopped, {}};
    for (int x = 0; x < canvas.width; ++x) {
      const Pixel pixel = canvas.row(y)[x];
      if (pixel.alpha() == 0) continue;
      const Judged is = Judged::read(m_known.at(pixel, judge));
      is.count(out);
      if (is.stray.outside || is.stray.far) strays.add(x, y, pixel.opaque(), is.stray);
    }
  }
  const double seen = sum(out.shares.all);
  if (seen == 0) return out;
  divide(out.shares, seen);
  for (double& share : out.used) share /= seen;
  out.unused = static_cast<int>(
      std::count_if(out.used.begin(), out.used.end(), [](double share) { return share < kUnusedBelow; }));
  strays.tell(seen, [this](Pixel pixel, const Stray& stray) { return off(pixel, stray); });
  return out;
}

void paint_strays(const PixelView& canvas, const CanvasCheck& check, std::optional<std::size_t> only,
                  Srgb8 ground, Pixel* out) {
  assert(check.places.size() == static_cast<std::size_t>(canvas.width) * canvas.height);
  std::size_t at = 0;
  for (int y = 0; y < canvas.height; ++y)
    for (int x = 0; x < canvas.width; ++x, ++at) {
      const Pixel pixel = canvas.row(y)[x];
      const bool shown = only ? check.places[at] == 1 + *only : check.places[at] != 0;
      out[at] = shown ? pixel : stepped_back(pixel, ground);
    }
}

} // namespace zc
