// SPDX-License-Identifier: GPL-3.0-or-later
// Work beside the window that tells how far it is and can be stopped.
#pragma once

#include "app/jobs/job_pool.h"
#include "core/base/progress.h"

#include <QObject>
#include <atomic>
#include <cmath>
#include <functional>
#include <memory>
#include <utility>

namespace zc {

/// One at a time.
class StoppableJob final {
public:
  /// `moved` is told in the owner's thread that work has begun, is a percent further, or has ended. REQUIRES
  /// an owner that this job belongs to.
  StoppableJob(QObject* owner, std::function<void()> moved) : m_owner(owner), m_moved(std::move(moved)) {}
  ~StoppableJob() { stop(); }
  StoppableJob(const StoppableJob&) = delete;
  StoppableJob& operator=(const StoppableJob&) = delete;

  /// `make` runs on another thread and is given its Progress; `then` gets what it made, in the owner's
  /// thread. A running one is stopped first, and what it makes is dropped.
  template <class Make, class Then> void start(Make make, Then then) {
    stop();
    m_pool.clear(); // What has not been begun yet.
    const auto run = std::make_shared<Run>();
    m_run = run;
    m_pool.start([this, run, make = std::move(make), then = std::move(then)] {
      auto made = make(Progress([this, run](double share) { return goes_on(*run, share); }));
      QMetaObject::invokeMethod(
          m_owner,
          [this, run, then, made = std::move(made)] {
            if (m_run != run) return; // Another one has been started meanwhile.
            m_run.reset();
            m_moved();
            then(made);
          },
          Qt::QueuedConnection);
    });
    m_moved();
  }
  void stop() {
    if (m_run) m_run->stopped = true;
  }
  [[nodiscard]] bool running() const { return m_run != nullptr; }
  /// Whole, of 100; 0 when none runs.
  [[nodiscard]] int percent() const { return m_run ? m_run->percent.load() : 0; }

private:
  struct Run {
    std::atomic<bool> stopped{false};
    std::atomic<int> percent{0};
  };
  /// Of the working threads.
  bool goes_on(Run& run, double share) {
    const int percent = static_cast<int>(std::lround(100 * share));
    if (run.percent.exchange(percent) != percent)
      QMetaObject::invokeMethod(
          m_owner, [this] { m_moved(); }, Qt::QueuedConnection);
    return !run.stopped;
  }

  QObject* m_owner;
  std::function<void()> m_moved;
  std::shared_ptr<Run> m_run;
  JobPool m_pool;
};

} // namespace zc
