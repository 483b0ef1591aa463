// SPDX-License-Identifier: GPL-3.0-or-later
// Work on a file that takes longer than a moment: beside the window, with progress and stop.
#pragma once

#include "model/derived/job_pool.h"
#include "model/documents/questions.h"

#include <QWidget>
#include <atomic>

class QLabel;
class QProgressBar;

namespace zc {

class LongWork final : public QWidget, public FileWork {
  Q_OBJECT
public:
  explicit LongWork(QWidget* parent);
  ~LongWork() override;

  /// Runs the work on another thread and comes back when it is done. What takes longer than a moment, be it
  /// large or its disk slow, is shown; the window goes on painting then and the painter may go on working.
  /// REQUIRES that none is running.
  void run(const QString& what, const std::function<void(const Progress&)>& work) override;
  [[nodiscard]] bool running() const override { return m_running; }
  void stop() override { m_stop = true; }

private:
  QLabel* m_what;
  QProgressBar* m_bar;
  JobPool m_pool;
  std::atomic<bool> m_stop{false};
  std::atomic<double> m_share{0};
  bool m_running = false;
};

} // namespace zc
