// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/progress.h"

#include <chrono>
#include <cstdio>
#include <memory>
#include <mutex>
#include <unistd.h>

namespace zc::cli {
namespace {

using Clock = std::chrono::steady_clock;
constexpr auto kPatience = std::chrono::milliseconds(500), kBetween = std::chrono::milliseconds(100);

bool g_silent = false; // Of the whole run, as --quiet is.

class Line {
public:
  explicit Line(std::string task) : m_task(std::move(task)) {}
  ~Line() {
    if (m_shown) std::fputs("\r\033[K", stderr);
  }
  Line(const Line&) = delete;
  Line& operator=(const Line&) = delete;
  /// Several threads may tell.
  void tell(double share) {
    const std::lock_guard lock(m_mutex);
    const auto now = Clock::now();
    if (now < m_next) return;
    m_next = now + kBetween;
    m_shown = true;
    std::fprintf(stderr, "\r%s: %d %%\033[K", m_task.c_str(), static_cast<int>(100 * share));
    std::fflush(stderr);
  }

private:
  std::string m_task;
  std::mutex m_mutex;
  Clock::time_point m_next = Clock::now() + kPatience;
  bool m_shown = false;
};

} // namespace

Progress told_progress(const std::string& task) {
  if (g_silent || ::isatty(STDERR_FILENO) == 0) return {};
  return [line = std::make_shared<Line>(task)](double share) {
    line->tell(share);
    return true;
  };
}

void silence_progress() { g_silent = true; }

} // namespace zc::cli
