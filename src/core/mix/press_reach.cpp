// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/press_reach.h"

#include "core/base/parallel.h"
#include "core/base/sentences.h"

#include <algorithm>
#include <atomic>
#include <cmath>

namespace zc {
namespace {

constexpr int kRays = 120, kPlaces = 20;

/// The middle of a cell among the rays.
struct CellPlace {
  std::size_t word;
  std::uint64_t bit;
  int ray;
  float between, r; ///< From this ray to the next; from neutral to the rim.
};

std::vector<CellPlace> cells_of_disc() {
  std::vector<CellPlace> out;
  for (int y = 0; y < kReachCells; ++y)
    for (int x = 0; x < kReachCells; ++x) {
      const DiscPoint middle{(x + 0.5) / kReachCells * 2 - 1, 1 - (y + 0.5) / kReachCells * 2};
      const double r = std::hypot(middle.x, middle.y);
      if (r > 1) continue;
      const double turn = wheel_point(middle, 0, Angle(0)).a / 360 * kRays;
      const int ray = std::min(static_cast<int>(turn), kRays - 1);
      out.push_back({(static_cast<std::size_t>(y) * kReachCells + static_cast<std::size_t>(x)) / 64,
                     std::uint64_t{1} << (x % 64), ray, static_cast<float>(turn - ray),
                     static_cast<float>(r)});
    }
  return out;
}

/// How far each ray of a slice goes, and how much its colors lose on the press.
struct Rays {
  float ends[kRays];
  float lost[kRays][kPlaces + 1];

  Rays(const Press& press, const Wheel& wheel, double value) {
    for (int ray = 0; ray < kRays; ++ray) {
      const Angle a(360.0 * ray / kRays);
      const double end = wheel.reach(a, value);
      ends[ray] = static_cast<float>(end);
      for (int place = 0; place <= kPlaces; ++place) {
        const WheelPoint at{a.degrees(), end * place / kPlaces, value};
        lost[ray][place] = static_cast<float>(press.printed(wheel.nearest_existing(at).color).difference);
      }
    }
  }

  /// Nothing does beyond the end of the rays.
  [[nodiscard]] bool print(const CellPlace& cell, float limit) const {
    const int next = cell.ray + 1 < kRays ? cell.ray + 1 : 0;
    const float end = mixed(ends[cell.ray], ends[next], cell.between);
    if (cell.r > end) return false;
    const float along = end > 0 ? cell.r / end * kPlaces : 0;
    const int place = std::min(static_cast<int>(along), kPlaces - 1);
    const float share = along - static_cast<float>(place);
    const auto on = [&](int ray) { return mixed(lost[ray][place], lost[ray][place + 1], share); };
    return mixed(on(cell.ray), on(next), cell.between) < limit;
  }

private:
  static float mixed(float from, float to, float share) { return from + (to - from) * share; }
};

} // namespace

Result<Reach> press_reach(const Press& press, double limit, const Wheel& wheel, const Progress& progress) {
  auto slices = std::make_shared<std::vector<Reach::Rows>>(
      kReachValues, Reach::Rows(static_cast<std::size_t>(kReachCells) * kReachCells / 64, 0));
  const std::vector<CellPlace> cells = cells_of_disc();
  std::atomic<int> done{0};
  std::atomic<bool> stopped{false};
  in_parallel(kReachValues, 1, [&](int from, int to) {
    for (int value = from; value < to && !stopped; ++value) {
      const Rays rays(press, wheel, value);
      Reach::Rows& rows = (*slices)[static_cast<std::size_t>(value)];
      for (const CellPlace& cell : cells)
        if (rays.print(cell, static_cast<float>(limit))) rows[cell.word] |= cell.bit;
      if (progress && !progress(static_cast<double>(++done) / kReachValues)) stopped = true;
    }
  });
  if (stopped) return Error{ErrorCode::Stopped, Sentence::ReachStopped, "reach"};
  return Reach(wheel.spec(), std::move(slices));
}

} // namespace zc
