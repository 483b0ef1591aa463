// SPDX-License-Identifier: GPL-3.0-or-later
// How the memory of a program with many short-lived threads is kept together.
#pragma once

#include <cstdlib>
#if defined(__GLIBC__)
#include <malloc.h>
#endif

namespace zc {

/// glibc gives every thread a heap of its own, and what one long-lived value leaves there keeps the rest from
/// being given back: within minutes of work at all desks the program holds nearly twice what it needs.
/// Call it before the first thread. With other libraries it does nothing.
inline void keep_memory_together() {
#if defined(__GLIBC__)
  mallopt(M_ARENA_MAX, 2);
#endif
}

/// Gives what is free back to the system, where a piece has gone and another comes. Takes some milliseconds.
inline void give_back_memory() {
#if defined(__GLIBC__)
  malloc_trim(0);
#endif
}

} // namespace zc
