// SPDX-License-Identifier: GPL-3.0-or-later
// Colors that a picture tells by code points instead of a profile (ITU-T H.273, 07/2021: primaries in table
// 2, transfer in table 3).
#pragma once

#include "core/base/result.h"

#include <QByteArray>

namespace zc {

/// An ICC profile of these code points; empty for sRGB, which is also what unspecified ones (2) mean. ERRORS:
/// Unreadable for a coding that is not known here, such as those for brighter displays (16 and 18).
[[nodiscard]] Result<QByteArray> profile_of_coding(int primaries, int transfer, const std::string& name);

} // namespace zc
