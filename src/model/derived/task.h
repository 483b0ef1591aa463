// SPDX-License-Identifier: GPL-3.0-or-later
// Work beside the window that tells how far it is, can be stopped, and is dropped with its document.
#pragma once

#include "core/base/progress.h"
#include "model/derived/document_scope.h"
#include "model/derived/job_pool.h"

#include <QObject>
#include <atomic>
#include <functional>
#include <memory>
#include <type_traits>
#include <utility>

template <class T> class QFuture;
template <class T> class QFutureWatcher;

namespace zc {

/// One at a time, of whatever kind. All calls come from the thread it was made in, and all answers go there.
/// Here nothing depends on the kind, so that headers which name many of them stay light.
class Work : public OfDocument {
public:
  ~Work() override;
  /// What it has made by then still comes, be it only that it was stopped.
  void stop();
  /// Nothing comes any more, but that it has ended.
  void forget() override;
  [[nodiscard]] bool running() const { return m_watch != nullptr; }
  /// Whole, of 100; 0 when none runs.
  [[nodiscard]] int percent() const;

protected:
  using Made = std::shared_ptr<void>;
  Work(DocumentScope scope, std::function<void()> moved);
  void begin(std::function<Made(const Progress&)> make, std::function<void(const Made&)> then);

private:
  void tell();
  void drop();
  [[nodiscard]] QFuture<Made> let_go();
  void end(const std::function<void(const Made&)>& then);

  QObject m_here;
  std::function<void()> m_moved;
  std::shared_ptr<std::atomic<bool>> m_stop;
  std::unique_ptr<QFutureWatcher<Made>> m_watch;
  JobPool m_pool; ///< Last, so that it has come to rest before what it works on goes.
};

template <class Value> class Task final : public Work {
public:
  /// `moved` is told that work has begun, is further, or has ended.
  explicit Task(DocumentScope scope, std::function<void()> moved = {})
      : Work(std::move(scope), std::move(moved)) {}

  /// `make` runs on another thread, and is given its Progress where it takes one; `then` gets what it made. A
  /// running one is stopped first, and what it makes is dropped.
  template <class Make, class Then> void start(Make make, Then then) {
    begin(
        [make = std::move(make)](const Progress& progress) mutable -> Made {
          if constexpr (std::is_invocable_v<Make&, const Progress&>)
            return std::make_shared<Value>(make(progress));
          else
            return std::make_shared<Value>(make());
        },
        [then = std::move(then)](const Made& made) mutable {
          then(std::move(*std::static_pointer_cast<Value>(made)));
        });
  }
};

} // namespace zc
