// SPDX-License-Identifier: GPL-3.0-or-later
// HEIF and AVIF photos through libheif.
#pragma once

#include "core/base/result.h"
#include "io/photo/decode.h"

#include <QByteArray>

namespace zc {

[[nodiscard]] bool looks_like_heif(const std::vector<unsigned char>& bytes);

struct HeifPixels {
  QImage image; ///< RGB32, or ARGB32 where there is transparency; upright as the file says.
  QByteArray icc;
};
/// ERRORS: Unreadable, TooLarge.
[[nodiscard]] Result<HeifPixels> read_heif(const std::vector<unsigned char>& bytes, const std::string& name);

} // namespace zc
