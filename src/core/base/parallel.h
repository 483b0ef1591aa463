// SPDX-License-Identifier: GPL-3.0-or-later
// Work shared between the cores of the machine.
#pragma once

#ifdef __has_feature
#if __has_feature(thread_sanitizer)
#define ZONACHROM_PLAIN_THREADS
#endif
#endif

#ifdef ZONACHROM_PLAIN_THREADS
#include <algorithm>
#include <thread>
#include <vector>
#else
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <tbb/parallel_reduce.h>
#endif

namespace zc {

#ifdef ZONACHROM_PLAIN_THREADS

// The thread sanitizer does not see what TBB does between threads, and would call everything unguarded.

constexpr int kStretches = 4;

/// Calls work(which, from, to) for stretches that together cover 0..count, each in a thread of its own.
template <class Work> void in_stretches(int count, int least, const Work& work) {
  const int wide = std::max(least, (count + kStretches - 1) / kStretches);
  std::vector<std::thread> threads;
  for (int i = 0; i * wide < count; ++i)
    threads.emplace_back([&work, i, wide, count] { work(i, i * wide, std::min(count, (i + 1) * wide)); });
  for (std::thread& thread : threads) thread.join();
}

template <class Work> void in_parallel(int count, int least, const Work& work) {
  in_stretches(count, least, [&](int, int from, int to) { work(from, to); });
}

template <class Sum, class Work, class Join>
[[nodiscard]] Sum summed_in_parallel(int count, int least, const Sum& zero, const Work& work,
                                     const Join& join) {
  std::vector<Sum> sums(kStretches, zero);
  in_stretches(count, least,
               [&](int i, int from, int to) { work(from, to, sums[static_cast<std::size_t>(i)]); });
  for (int i = 1; i < kStretches; ++i) join(sums[0], sums[static_cast<std::size_t>(i)]);
  return sums[0];
}

#else

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

#endif

} // namespace zc
