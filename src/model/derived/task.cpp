// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/derived/task.h"

#include <QFutureWatcher>
#include <QtConcurrentRun>
#include <cmath>

namespace zc {

Work::Work(DocumentScope scope, std::function<void()> moved)
    : OfDocument(std::move(scope)), m_moved(std::move(moved)) {}

Work::~Work() {
  stop();
  m_watch.reset();
}

void Work::stop() {
  if (m_stop) *m_stop = true;
}

void Work::forget() {
  if (!running()) return;
  drop();
  QMetaObject::invokeMethod(
      &m_here, [this] { tell(); }, Qt::QueuedConnection);
}

int Work::percent() const { return m_watch ? m_watch->progressValue() : 0; }

void Work::begin(std::function<Made(const Progress&)> make, std::function<void(const Made&)> then) {
  drop();
  m_stop = std::make_shared<std::atomic<bool>>(false);
  m_watch = std::make_unique<QFutureWatcher<Made>>();
  QObject::connect(m_watch.get(), &QFutureWatcherBase::progressValueChanged, m_watch.get(),
                   [this] { tell(); });
  QObject::connect(m_watch.get(), &QFutureWatcherBase::finished, m_watch.get(),
                   [this, then = std::move(then)] { end(then); });
  m_watch->setFuture(QtConcurrent::run(
      static_cast<QThreadPool*>(&m_pool), [stop = m_stop, make = std::move(make)](QPromise<Made>& promise) {
        promise.setProgressRange(0, 100);
        promise.addResult(make([&](double share) {
          promise.setProgressValue(static_cast<int>(std::lround(100 * share)));
          return !*stop;
        }));
      }));
  tell();
}

void Work::tell() {
  if (m_moved) m_moved();
}

void Work::drop() {
  stop();
  m_stop.reset();
  m_pool.clear(); // What has not been begun yet.
  (void)let_go();
}

/// It may be in the middle of telling something.
QFuture<Work::Made> Work::let_go() {
  if (!m_watch) return {};
  m_watch->disconnect();
  QFuture<Made> out = m_watch->future();
  m_watch.release()->deleteLater();
  return out;
}

/// Whoever is told may start the next one.
void Work::end(const std::function<void(const Made&)>& then) {
  m_stop.reset();
  QFuture<Made> made = let_go();
  tell();
  if (made.resultCount() > 0) then(made.takeResult());
}

} // namespace zc
