// SPDX-License-Identifier: GPL-3.0-or-later
// Color differences.
#pragma once

#include "core/color/spaces.h"

namespace zc {

/// CIEDE2000 with kL = kC = kH = 1 (CIE 142-2001; G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000
/// color-difference formula: implementation notes, supplementary test data, and mathematical observations",
/// Color Research & Application 30(1), 2005). Symmetric; hues within 1e-9 degree of opposite count as exactly
/// opposite, since rounding would otherwise choose the branch.
[[nodiscard]] double ciede2000(Lab a, Lab b);

} // namespace zc
