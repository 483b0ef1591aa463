// SPDX-License-Identifier: GPL-3.0-or-later
// Work beside the window that tells how far it is, can be stopped, and is dropped with its document.
#pragma once

#include "core/base/progress.h"
#include "model/derived/document_scope.h"
#include "model/derived/job_pool.h"

#include <QFutureWatcher>
#include <QtConcurrentRun>
#include <atomic>
#include <cmath>
#include <functional>
#include <type_traits>
#include <utility>

namespace zc {

/// One at a time. All calls come from the thread it was made in, and all answers go there.
template <class Value> class Task final : public OfDocument {
public:
  /// `moved` is told that work has begun, is further, or has ended.
  explicit Task(DocumentScope scope, std::function<void()> moved = {})
      : OfDocument(std::move(scope)), m_moved(std::move(moved)) {}
  ~Task() override {
    stop();
    m_watch.reset();
  }

  /// `make` runs on another thread, and is given its Progress where it takes one; `then` gets what it made. A
  /// running one is stopped first, and what it makes is dropped.
  template <class Make, class Then> void start(Make make, Then then) {
    drop();
    m_stop = std::make_shared<std::atomic<bool>>(false);
    m_watch = std::make_unique<QFutureWatcher<Value>>();
    QObject::connect(m_watch.get(), &QFutureWatcherBase::progressValueChanged, m_watch.get(),
                     [this] { tell(); });
    QObject::connect(m_watch.get(), &QFutureWatcherBase::finished, m_watch.get(),
                     [this, then = std::move(then)] { end(then); });
    m_watch->setFuture(
        QtConcurrent::run(static_cast<QThreadPool*>(&m_pool),
                          [stop = m_stop, make = std::move(make)](QPromise<Value>& promise) mutable {
                            promise.setProgressRange(0, 100);
                            const Progress progress = [&](double share) {
                              promise.setProgressValue(static_cast<int>(std::lround(100 * share)));
                              return !*stop;
                            };
                            if constexpr (std::is_invocable_v<Make&, const Progress&>)
                              promise.addResult(make(progress));
                            else
                              promise.addResult(make());
                          }));
    tell();
  }
  /// What it has made by then still comes, be it only that it was stopped.
  void stop() {
    if (m_stop) *m_stop = true;
  }
  /// Nothing comes any more, but that it has ended.
  void forget() override {
    if (!running()) return;
    drop();
    QMetaObject::invokeMethod(
        &m_here, [this] { tell(); }, Qt::QueuedConnection);
  }
  [[nodiscard]] bool running() const { return m_watch != nullptr; }
  /// Whole, of 100; 0 when none runs.
  [[nodiscard]] int percent() const { return m_watch ? m_watch->progressValue() : 0; }

private:
  void tell() {
    if (m_moved) m_moved();
  }
  void drop() {
    stop();
    m_stop.reset();
    m_pool.clear(); // What has not been begun yet.
    (void)let_go();
  }
  /// It may be in the middle of telling something.
  QFuture<Value> let_go() {
    if (!m_watch) return {};
    m_watch->disconnect();
    QFuture<Value> out = m_watch->future();
    m_watch.release()->deleteLater();
    return out;
  }
  /// Whoever is told may start the next one.
  template <class Then> void end(const Then& then) {
    m_stop.reset();
    QFuture<Value> made = let_go();
    tell();
    if (made.resultCount() > 0) then(made.takeResult());
  }

  QObject m_here;
  std::function<void()> m_moved;
  std::shared_ptr<std::atomic<bool>> m_stop;
  std::unique_ptr<QFutureWatcher<Value>> m_watch;
  JobPool m_pool; ///< Last, so that it has come to rest before what it works on goes.
};

} // namespace zc
