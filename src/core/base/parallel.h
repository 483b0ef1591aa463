// SPDX-License-Identifier: GPL-3.0-or-later
// Work shared between the cores of the machine.
#pragma once

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <tbb/parallel_reduce.h>

namespace zc {

/// Calls work(from, to) for stretches that together cover 0..count, on all cores. `least` keeps stretches
/// from becoming too small to be worth it.
template <class Work> void in_parallel(int count, int least, const Work& work) {
  tbb::parallel_for(tbb::blocked_range<int>(0, count, static_cast<std::size_t>(least)),
                    [&](const tbb::blocked_range<int>& r) { work(r.begin(), r.end()); });
}

/// The same with a sum: work(from, to, sum) adds to a sum of its own, which are then joined by join(into,
/// other). Sums that do not depend on the order of joining make the result the same on every machine.
template <class Sum, class Work, class Join>
[[nodiscard]] Sum summed_in_parallel(int count, int least, const Sum& zero, const Work& work,
                                     const Join& join) {
  return tbb::parallel_reduce(
      tbb::blocked_range<int>(0, count, static_cast<std::size_t>(least)), zero,
      [&](const tbb::blocked_range<int>& r, Sum sum) {
        work(r.begin(), r.end(), sum);
        return sum;
      },
      [&](Sum a, const Sum& b) {
        join(a, b);
        return a;
      });
}

} // namespace zc
