// SPDX-License-Identifier: GPL-3.0-or-later
// The progress of long tasks on a terminal.
#pragma once

#include "core/base/progress.h"

#include <string>

namespace zc::cli {

/// How far a long task has come, in one line of standard error that goes again; only where that is a
/// terminal, and after half a second. Never stops the task.
[[nodiscard]] Progress told_progress(const std::string& task);
/// No progress is told any more in this run.
void silence_progress();

} // namespace zc::cli
