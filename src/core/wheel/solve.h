// SPDX-License-Identifier: GPL-3.0-or-later
// Roots and valleys for the wheel: a thin, named use of Boost's solvers.
#pragma once

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/toms748_solve.hpp>

#include <cmath>

namespace zc {

/// x in [low, high] with f(x) = 0 to full double precision (Alefeld, Potra and Shi, ACM TOMS algorithm 748).
/// Where f has one sign at both ends, the end nearer to zero: on the last bits of an edge rounding may leave
/// it so.
template <class F> double root_between(const F& f, double low, double high) {
  const double at_low = f(low), at_high = f(high);
  if (at_low == 0) return low;
  if (at_high == 0) return high;
  if ((at_low < 0) == (at_high < 0)) return std::abs(at_low) < std::abs(at_high) ? low : high;
  std::uintmax_t steps = 100;
  const auto [a, b] = boost::math::tools::toms748_solve(f, low, high, at_low, at_high,
                                                        boost::math::tools::eps_tolerance<double>(52), steps);
  return (a + b) / 2;
}

/// Place of the smallest f between low and high, for a single valley (R. P. Brent, 1973).
template <class F> double lowest_between(const F& f, double low, double high) {
  constexpr int bits = 40;
  return boost::math::tools::brent_find_minima(f, low, high, bits).first;
}

} // namespace zc
