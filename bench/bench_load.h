// SPDX-License-Identifier: GPL-3.0-or-later
// How busy others keep the machine while a row is measured.
#pragma once

#include <benchmark/benchmark.h>

#include <sys/resource.h>
#include <unistd.h>

#include <chrono>
#include <cstdio>
#include <fstream>
#include <string>

namespace zc::benches {

/// Started with the row; its label says at the end whether the machine was quiet.
class OthersAtWork {
public:
  /// Cores that others kept busy since the start, on average.
  [[nodiscard]] double cores() const {
    const double passed = std::chrono::duration<double>(std::chrono::steady_clock::now() - m_start).count();
    return passed > 0 ? std::max(0.0, (all_busy() - m_all) - (own() - m_own)) / passed : 0;
  }
  void label(benchmark::State& state) const {
    const double busy = cores();
    char words[64];
    std::snprintf(words, sizeof words, "%s machine, others on %.1f cores", busy < 0.3 ? "quiet" : "busy",
                  busy);
    state.SetLabel(words);
  }

private:
  /// Seconds of work of all cores since the machine started, what its host took from it included.
  static double all_busy() {
    std::ifstream stat("/proc/stat");
    std::string cpu;
    double user = 0, nice = 0, system = 0, idle = 0, waiting = 0, irq = 0, softirq = 0, stolen = 0;
    stat >> cpu >> user >> nice >> system >> idle >> waiting >> irq >> softirq >> stolen;
    return (user + nice + system + irq + softirq + stolen) / static_cast<double>(sysconf(_SC_CLK_TCK));
  }
  static double own() {
    rusage usage{};
    getrusage(RUSAGE_SELF, &usage);
    const auto seconds = [](const timeval& t) {
      return static_cast<double>(t.tv_sec) + static_cast<double>(t.tv_usec) / 1e6;
    };
    return seconds(usage.ru_utime) + seconds(usage.ru_stime);
  }

  std::chrono::steady_clock::time_point m_start = std::chrono::steady_clock::now();
  double m_all = all_busy(), m_own = own();
};

} // namespace zc::benches
