// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/color_table.h"

#include "core/base/parallel.h"

#include <cstdlib>
#include <new>

namespace zc {

void in_rows(int height, const std::function<void(int, int)>& work) { in_parallel(height, 16, work); }

ColorTable::Known::Known()
    : words(static_cast<std::uint32_t*>(std::calloc(std::size_t{1} << 24, sizeof(std::uint32_t)))) {
  if (!words) throw std::bad_alloc();
}

ColorTable::Known::~Known() { std::free(words); }

} // namespace zc
