// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures as files: PNG or JPEG, in sRGB and saying so.
#pragma once

#include "core/base/result.h"

#include <QImage>
#include <string>

namespace zc {

/// The format is told by the ending, .png, .jpg or .jpeg. A PNG of at most 256 opaque colors is an indexed
/// one, its table in the order in which the colors come up. ERRORS: BadInput for another ending; Unwritable.
[[nodiscard]] Status save_picture(QImage image, const std::string& path);

} // namespace zc
