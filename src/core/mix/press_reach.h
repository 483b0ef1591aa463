// SPDX-License-Identifier: GPL-3.0-or-later
// What a press prints, as a body in the color solid of a wheel.
#pragma once

#include "core/mix/reach.h"
#include "core/press/press.h"

namespace zc {

/// Every color of the display that prints within the limit; see Press. Asked of the press along 120 rays and
/// at 20 places of each, and between them the difference is taken to run straight: the area at a value is
/// within 2 percent of one that asks for each place. ERRORS: Stopped.
[[nodiscard]] Result<Reach> press_reach(const Press& press, double limit, const Wheel& wheel,
                                        const Progress& progress = {});

} // namespace zc
