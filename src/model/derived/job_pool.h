// SPDX-License-Identifier: GPL-3.0-or-later
// Threads for work beside the window. The program knows all of its pools, so that quitting waits for none of
// them longer than a moment.
#pragma once

#include <QThreadPool>

namespace zc {

class JobPool final : public QThreadPool {
public:
  /// So many threads; one keeps the order in which work was given.
  explicit JobPool(int threads = 1);
  ~JobPool() override;
  JobPool(const JobPool&) = delete;
  JobPool& operator=(const JobPool&) = delete;
};

/// What waits for a thread is dropped; true when all running work has come to an end within so many
/// milliseconds. Called when nothing that the work gives is wanted any more.
[[nodiscard]] bool all_jobs_rest(int milliseconds);

} // namespace zc
