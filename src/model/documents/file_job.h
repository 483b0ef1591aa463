// SPDX-License-Identifier: GPL-3.0-or-later
// Work on a file that may take longer than a moment, beside the window: one at a time in the whole program.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "model/derived/task.h"

#include <QObject>
#include <QString>
#include <functional>
#include <vector>

namespace zc {

class FileJob final : public QObject {
  Q_OBJECT
public:
  FileJob();
  /// `work` runs on another thread, then() on this one as long as `who` is there. REQUIRES that none runs.
  void start(const QString& what, std::function<void(const Progress&)> work, QObject* who,
             std::function<void()> then);
  /// Calls it as soon as none runs: at once where none does.
  void when_free(std::function<void()> then);
  [[nodiscard]] bool running() const { return m_task.running(); }
  /// As in "Saving plate.zonachrom".
  [[nodiscard]] const QString& what() const { return m_what; }
  /// Whole, of 100.
  [[nodiscard]] int percent() const { return m_task.percent(); }
  void stop() { m_task.stop(); }

signals:
  /// Begun, further, or ended.
  void changed();

private:
  void go_on();

  QString m_what;
  std::vector<std::function<void()>> m_waiting;
  DocumentScope m_own; ///< What is written is written to its end, also when another piece comes.
  Task<Done> m_task;
};

} // namespace zc
