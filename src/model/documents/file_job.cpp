// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/documents/file_job.h"

#include <QPointer>

namespace zc {

FileJob::FileJob() : m_task(m_own, [this] { emit changed(); }) {}

void FileJob::run(const QString& what, std::function<void(const Progress&)> work, QObject* who,
                  std::function<void()> then) {
  Q_ASSERT(!running());
  m_what = what;
  m_task.start(
      [work = std::move(work)](const Progress& progress) {
        work(progress);
        return Done{};
      },
      [this, guard = QPointer<QObject>(who), then = std::move(then)](Done) {
        if (guard) then();
        go_on();
      });
}

void FileJob::when_free(std::function<void()> then) {
  if (!running()) return then();
  m_waiting.push_back(std::move(then));
}

/// Whoever waits may begin the next one.
void FileJob::go_on() {
  while (!running() && !m_waiting.empty()) {
    const std::function<void()> next = std::move(m_waiting.front());
    m_waiting.erase(m_waiting.begin());
    next();
  }
}

} // namespace zc
