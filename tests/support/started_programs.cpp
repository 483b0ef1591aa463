// SPDX-License-Identifier: GPL-3.0-or-later
// For the thread sanitizer, whose own view of clone() ends the test when the toolkit starts a program by it:
// it is started by a fork here, which the sanitizer follows.
#include <sched.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <cstdarg>

/// Only as the toolkit calls it, with a place for the descriptor of the new process.
extern "C" int clone(int (*run)(void*), void*, int flags, void* with, ...) noexcept {
  va_list rest;
  va_start(rest, with);
  int* const descriptor = (flags & CLONE_PIDFD) ? va_arg(rest, int*) : nullptr;
  va_end(rest);
  const int started = fork();
  if (started == 0) _exit(run(with));
  if (started > 0 && descriptor) *descriptor = static_cast<int>(syscall(SYS_pidfd_open, started, 0));
  return started;
}
