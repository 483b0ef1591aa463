// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/derived/job_pool.h"

#include <QDeadlineTimer>

#include <mutex>
#include <set>

namespace zc {
namespace {

struct AllPools {
  std::mutex gate;
  std::set<JobPool*> pools;
};
AllPools& all() {
  static AllPools pools;
  return pools;
}

} // namespace

JobPool::JobPool(int threads) {
  setMaxThreadCount(threads);
  const std::scoped_lock lock(all().gate);
  all().pools.insert(this);
}

JobPool::~JobPool() {
  {
    const std::scoped_lock lock(all().gate);
    all().pools.erase(this);
  }
  clear();
  waitForDone();
}

bool all_jobs_rest(int milliseconds) {
  const QDeadlineTimer deadline(milliseconds);
  const std::scoped_lock lock(all().gate);
  for (JobPool* pool : all().pools) pool->clear();
  bool rest = true;
  for (JobPool* pool : all().pools)
    rest = pool->waitForDone(static_cast<int>(deadline.remainingTime())) && rest;
  return rest;
}

} // namespace zc
