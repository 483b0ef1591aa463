// SPDX-License-Identifier: GPL-3.0-or-later
// Work on a file that may take longer than a moment, beside the window: one at a time in the whole program.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "model/derived/task.h"

#include <QObject>
#include <QString>
#include <functional>
#include <memory>
#include <optional>
#include <type_traits>
#include <vector>

namespace zc {

class FileJob final : public QObject {
  Q_OBJECT
public:
  FileJob();
  /// `make(progress)` runs on another thread, `then(what it made)` on this one as long as `who` is there.
  /// REQUIRES that none runs.
  template <class Make, class Then> void start(const QString& what, Make make, QObject* who, Then then) {
    const auto made = std::make_shared<std::optional<std::invoke_result_t<Make&, const Progress&>>>();
    run(
        what,
        [made, make = std::move(make)](const Progress& progress) mutable { made->emplace(make(progress)); },
        who, [made, then = std::move(then)]() mutable { then(std::move(**made)); });
  }
  /// Calls it as soon as none runs: at once where none does.
  void when_free(std::function<void()> then);
  [[nodiscard]] bool running() const { return m_task.running(); }
  /// What is being done, as in "Saving plate.zonachrom".
  [[nodiscard]] const QString& what() const { return m_what; }
  /// Whole, of 100.
  [[nodiscard]] int percent() const { return m_task.percent(); }
  void stop() { m_task.stop(); }

signals:
  /// Begun, further, or ended.
  void changed();

private:
  void run(const QString& what, std::function<void(const Progress&)> work, QObject* who,
           std::function<void()> then);
  void go_on();

  QString m_what;
  std::vector<std::function<void()>> m_waiting;
  DocumentScope m_own; ///< What is written is written to its end, also when another piece comes.
  Task<Done> m_task;
};

} // namespace zc
