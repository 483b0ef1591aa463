// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/area_splits.h"

#include <Eigen/Eigenvalues>

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

namespace zc {
namespace {

using Vector = Eigen::Vector3d;
using Pixels = std::vector<std::uint32_t>;

/// Less spread than this along the direction of most is one color: the standard deviation, in OKLab.
constexpr double kOneColor = 0.008;
/// A piece is worth an area when it saves this share of what an area saves in the mean.
constexpr double kWorth = 0.03;
/// Pixels that a piece must hold besides its edge, whatever it is worth.
constexpr double kLeastCore = 16;
/// Points on each side that decide with a point on which side it is, and how often they are asked.
constexpr int kAsked = 2, kTimesAsked = 2;

struct Part {
  Pixels pixels;
  Vector mean = Vector::Zero(), axis = Vector::Zero(); ///< The axis is where its colors differ most.
  double spread = 0;                                   ///< The standard deviation along the axis.
  double variance = 0;                                 ///< The sum of squared distances from the mean.
  bool is_asked = false;
  // What it would be parted into; none when it stays whole.
  std::vector<Pixels> pieces;
  std::vector<bool> side_of_piece;
  double saves = 0; ///< Of the variance.
};

class Splits {
public:
  Splits(const Plane& plane, const std::vector<bool>& seen, std::size_t count, double smallest)
      : m_plane(plane), m_part(plane.points.size(), kNoPart), m_is_high(plane.points.size(), false),
        m_met(plane.points.size(), 0), m_count(count), m_smallest(std::max(kLeastCore, smallest)) {
    Pixels all;
    for (std::uint32_t i = 0; i < seen.size(); ++i)
      if (seen[i]) all.push_back(i), m_part[i] = 0;
    for (Pixels& island : pieces_of(all)) m_parts.push_back(part_of(std::move(island)));
    for (std::uint32_t n = 0; n < m_parts.size(); ++n) {
      number(n);
      m_whole += m_parts[n].variance;
    }
  }

  bool run(const Progress& progress) {
    while (m_parts.size() < m_count) {
      if (progress && !progress(static_cast<double>(m_parts.size()) / static_cast<double>(m_count)))
        return false;
      for (std::uint32_t n = 0; n < m_parts.size(); ++n)
        if (!std::exchange(m_parts[n].is_asked, true)) ask(n);
      const std::uint32_t best = most_worth();
      if (best == kNoPart) break;
      if (trimmed(best, m_count - m_parts.size())) part(best);
    }
    return true;
  }

  [[nodiscard]] std::vector<AreaNumber> numbers() const {
    std::vector<AreaNumber> out(m_part.size(), kNoArea);
    for (std::size_t i = 0; i < out.size(); ++i)
      if (m_part[i] != kNoPart) out[i] = static_cast<AreaNumber>(m_part[i]);
    return out;
  }

private:
  [[nodiscard]] Vector color(std::uint32_t i) const {
    const Point& p = m_plane.points[i];
    return {p.l, p.a, p.b};
  }
  [[nodiscard]] int x_of(std::uint32_t i) const { return static_cast<int>(i) % m_plane.width; }
  [[nodiscard]] int y_of(std::uint32_t i) const { return static_cast<int>(i) / m_plane.width; }

  [[nodiscard]] Part part_of(Pixels pixels) const {
    Part out;
    const auto count = static_cast<double>(pixels.size());
    for (const auto i : pixels) out.mean += color(i) / count;
    Eigen::Matrix3d spread = Eigen::Matrix3d::Zero();
    for (const auto i : pixels) {
      const Vector away = color(i) - out.mean;
      spread += away * away.transpose();
    }
    out.variance = spread.trace();
    const Eigen::SelfAdjointEigenSolver<Eigen::Matrix3d> solver(spread);
    out.spread = std::sqrt(std::max(0.0, solver.eigenvalues()(2)) / count);
    out.axis = solver.eigenvectors().col(2);
    // An axis has no sign of its own; one is chosen, so that the answer does not depend on the solver.
    Eigen::Index largest = 0;
    out.axis.cwiseAbs().maxCoeff(&largest);
    if (out.axis(largest) < 0) out.axis = -out.axis;
    out.pixels = std::move(pixels);
    return out;
  }
  void number(std::uint32_t n) {
    for (const auto i : m_parts[n].pixels) m_part[i] = n;
  }

  /// Whether a neighbor is in the same part and on the same side.
  [[nodiscard]] bool belong(std::uint32_t i, std::uint32_t j) const {
    return m_part[i] == m_part[j] && m_is_high[i] == m_is_high[j];
  }
  /// The pixels that touch `start`, one by one, and are on its side; noted as met.
  [[nodiscard]] Pixels piece_from(std::uint32_t start) {
    const auto width = static_cast<std::uint32_t>(m_plane.width);
    Pixels piece{start};
    m_met[start] = 1;
    const auto meet = [&](std::uint32_t i, std::uint32_t j) {
      if (!belong(i, j) || m_met[j]) return;
      m_met[j] = 1;
      piece.push_back(j);
    };
    for (std::size_t at = 0; at < piece.size(); ++at) {
      const std::uint32_t i = piece[at], x = i % width;
      if (x > 0) meet(i, i - 1);
      if (x + 1 < width) meet(i, i + 1);
      if (i >= width) meet(i, i - width);
      if (i + width < m_part.size()) meet(i, i + width);
    }
    return piece;
  }
  /// Pieces of one part whose pixels touch and are on one side.
  [[nodiscard]] std::vector<Pixels> pieces_of(const Pixels& pixels) {
    std::vector<Pixels> out;
    for (const auto i : pixels) m_met[i] = 0;
    for (const auto start : pixels)
      if (!m_met[start]) out.push_back(piece_from(start));
    return out;
  }
  /// Calls f with each point at most so far away, until it says false.
  template <typename F> void around(std::uint32_t i, int radius, F&& f) const {
    const int x = x_of(i), y = y_of(i);
    for (int v = std::max(0, y - radius); v <= std::min(m_plane.height - 1, y + radius); ++v)
      for (int u = std::max(0, x - radius); u <= std::min(m_plane.width - 1, x + radius); ++u)
        if (!f(static_cast<std::uint32_t>(m_plane.at(u, v)))) return;
  }
  /// Pixels with nothing but their own piece around: what is thin has none.
  [[nodiscard]] double core(const Pixels& piece) const {
    double out = 0;
    for (const auto i : piece) {
      bool inside = true;
      around(i, 1, [&](std::uint32_t j) { return inside = belong(i, j); });
      out += inside;
    }
    return out;
  }

  struct Threshold {
    double at = 0, apart2 = 0; ///< And the squared distance of the means on both sides.
  };
  /// Where the numbers are best cut in two. REQUIRES two that differ.
  static Threshold threshold_of(const std::vector<double>& along) {
    constexpr int bins = 512;
    const auto [least, most] = std::minmax_element(along.begin(), along.end());
    const double low = *least, width = (*most - low) / bins;
    std::array<double, bins> counts{}, sums{};
    double sum = 0;
    for (const double t : along) {
      const auto b = static_cast<std::size_t>(std::min(bins - 1, static_cast<int>((t - low) / width)));
      counts[b] += 1, sums[b] += t, sum += t;
    }
    Threshold out;
    double count_below = 0, sum_below = 0, best = -1;
    const auto all = static_cast<double>(along.size());
    for (std::size_t b = 0; b + 1 < bins; ++b) {
      count_below += counts[b], sum_below += sums[b];
      const double count_above = all - count_below;
      if (count_below == 0 || count_above == 0) continue;
      const double apart = sum_below / count_below - (sum - sum_below) / count_above,
                   between = count_below * count_above * apart * apart;
      if (between > best) best = between, out = {low + width * static_cast<double>(b + 1), apart * apart};
    }
    return out;
  }

  /// Each point goes to the side of most around it.
  void smooth_sides(const Pixels& pixels) {
    std::vector<bool> high(pixels.size());
    for (int time = 0; time < kTimesAsked; ++time) {
      for (std::size_t k = 0; k < pixels.size(); ++k) {
        const std::uint32_t i = pixels[k];
        int more = 0;
        around(i, kAsked, [&](std::uint32_t j) {
          if (m_part[j] == m_part[i]) more += m_is_high[j] ? 1 : -1;
          return true;
        });
        high[k] = more == 0 ? m_is_high[i] : more > 0;
      }
      for (std::size_t k = 0; k < pixels.size(); ++k) m_is_high[pixels[k]] = high[k];
    }
  }
  void turn_over(const Pixels& piece) {
    for (const auto i : piece) m_is_high[i] = !m_is_high[i];
  }
  void forget_sides(const Pixels& pixels) {
    for (const auto i : pixels) m_is_high[i] = false;
  }
  /// Turns over what holds too little on one side; false where nothing does.
  bool turn_over_small(const std::vector<Pixels>& pieces, bool side, double least) {
    std::vector<const Pixels*> small;
    for (const Pixels& piece : pieces)
      if (m_is_high[piece.front()] == side && core(piece) < least) small.push_back(&piece);
    for (const Pixels* piece : small) turn_over(*piece);
    return !small.empty();
  }
  /// What holds too little goes to what is around it, all of one side at a time.
  std::vector<Pixels> without_small(const Pixels& pixels, double least) {
    constexpr int rounds = 8;
    std::vector<Pixels> pieces = pieces_of(pixels);
    for (int round = 0; round < rounds; ++round) {
      bool changed = false;
      for (const bool side : {false, true}) {
        if (pieces.size() < 2) return pieces;
        if (!turn_over_small(pieces, side, least)) continue;
        changed = true;
        pieces = pieces_of(pixels);
      }
      if (!changed) break;
    }
    return pieces;
  }

  /// Works out what a part would be parted into.
  void ask(std::uint32_t n) {
    Part& part = m_parts[n];
    if (static_cast<double>(part.pixels.size()) < 2 * m_smallest || part.spread < kOneColor) return;
    std::vector<double> along;
    along.reserve(part.pixels.size());
    for (const auto i : part.pixels) along.push_back(part.axis.dot(color(i) - part.mean));
    const Threshold threshold = threshold_of(along);
    for (std::size_t k = 0; k < along.size(); ++k) m_is_high[part.pixels[k]] = along[k] > threshold.at;
    smooth_sides(part.pixels);
    const double worth = kWorth * m_whole / static_cast<double>(m_count) / threshold.apart2;
    keep(part, without_small(part.pixels, std::max(m_smallest, worth)));
  }
  void keep(Part& part, std::vector<Pixels> pieces) {
    part.pieces.clear(), part.side_of_piece.clear();
    part.saves = part.variance;
    for (const Pixels& piece : pieces) {
      part.side_of_piece.push_back(m_is_high[piece.front()]);
      part.saves -= part_of(piece).variance;
    }
    forget_sides(part.pixels);
    if (pieces.size() > 1) part.pieces = std::move(pieces);
  }

  /// The part to go on with: what it saves counts less the more areas it takes.
  [[nodiscard]] std::uint32_t most_worth() const {
    std::uint32_t out = kNoPart;
    double best = 0;
    for (std::uint32_t n = 0; n < m_parts.size(); ++n) {
      const Part& part = m_parts[n];
      if (part.pieces.empty()) continue;
      const double worth = part.saves / std::sqrt(static_cast<double>(part.pieces.size() - 1));
      if (worth > best) best = worth, out = n;
    }
    return out;
  }
  /// With at most `more` pieces besides the first: the smallest go to what is around them. False when the
  /// part stays whole by that.
  bool trimmed(std::uint32_t n, std::size_t more) {
    Part& part = m_parts[n];
    if (part.pieces.size() - 1 <= more) return true;
    for (std::size_t k = 0; k < part.pieces.size(); ++k)
      if (part.side_of_piece[k]) turn_over(part.pieces[k]);
    std::vector<Pixels> pieces = std::move(part.pieces);
    while (pieces.size() - 1 > more) {
      std::stable_sort(pieces.begin(), pieces.end(),
                       [](const Pixels& a, const Pixels& b) { return a.size() < b.size(); });
      const std::size_t over = std::max<std::size_t>(1, (pieces.size() - 1 - more) / 2);
      for (std::size_t k = 0; k < over; ++k) turn_over(pieces[k]);
      pieces = pieces_of(part.pixels);
    }
    keep(part, std::move(pieces));
    return !part.pieces.empty();
  }
  void part(std::uint32_t n) {
    const std::vector<Pixels> pieces = std::move(m_parts[n].pieces);
    for (std::size_t k = 0; k < pieces.size(); ++k) {
      const std::uint32_t into = k == 0 ? n : static_cast<std::uint32_t>(m_parts.size());
      if (k > 0) m_parts.emplace_back();
      m_parts[into] = part_of(pieces[k]);
      number(into);
    }
  }

  const Plane& m_plane;
  std::vector<std::uint32_t> m_part;   ///< Of each point.
  std::vector<std::uint8_t> m_is_high; ///< Of the part that is being asked; false for all others.
  std::vector<std::uint8_t> m_met;
  std::vector<Part> m_parts;
  std::size_t m_count;
  double m_smallest;
  double m_whole = 0; ///< The variance of all.
};

} // namespace

std::optional<std::vector<AreaNumber>> split_by_color(const Plane& plane, const std::vector<bool>& seen,
                                                      std::size_t count, double smallest,
                                                      const Progress& progress) {
  Splits splits(plane, seen, count, smallest);
  if (!splits.run(progress)) return std::nullopt;
  return splits.numbers();
}

} // namespace zc
