// SPDX-License-Identifier: GPL-3.0-or-later
// How the memory of a program with many short-lived threads is kept together, over a whole working day.
#pragma once

#include <cstddef>

namespace zc {

/// Gives what is free back to the system, where a piece has gone and another comes. Takes some milliseconds.
void give_back_memory();
/// Bytes that are asked for and not given back, without what the allocator keeps between; 0 where it is the
/// sanitizers' own.
[[nodiscard]] std::size_t memory_asked();

} // namespace zc
