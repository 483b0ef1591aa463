// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/derived/memory.h"

#ifndef ZONACHROM_SANITIZED
#include <cstdint>
#include <jemalloc/jemalloc.h>

// The C library gives every thread a heap of its own, and what one long-lived value leaves there keeps the
// rest from being given back: after minutes at all desks the program held nearly twice what it needed, after
// hours its heap lay in pieces. Here values of a size lie together, a few heaps serve all threads, and what
// is free for a second goes back to the system. The library reads this by its name before main().
extern "C" {
extern const char* malloc_conf;
const char* malloc_conf = "narenas:4,background_thread:true,dirty_decay_ms:1000,muzzy_decay_ms:0";
}

namespace zc {

void give_back_memory() {
  static_assert(MALLCTL_ARENAS_ALL == 4096);
  mallctl("arena.4096.purge", nullptr, nullptr, nullptr, 0);
}

std::size_t memory_asked() {
  // Numbers stand still until they are asked to move on.
  std::uint64_t epoch = 1;
  std::size_t bytes = 0, size = sizeof bytes;
  mallctl("epoch", nullptr, nullptr, &epoch, sizeof epoch);
  mallctl("stats.allocated", &bytes, &size, nullptr, 0);
  return bytes;
}

} // namespace zc

#else

namespace zc {

void give_back_memory() {}
std::size_t memory_asked() { return 0; }

} // namespace zc

#endif
