// SPDX-License-Identifier: GPL-3.0-or-later
// HEIF and AVIF photos, read by a plugin that is loaded with the first of them.
#pragma once

#include "core/base/result.h"
#include "io/photo/decode.h"

#include <QByteArray>

namespace zc {

class HeifReader;

/// By the brands of the file's first box (ISO/IEC 14496-12, 4.3; ISO/IEC 23008-12; AVIF 1.1).
[[nodiscard]] bool looks_like_heif(const std::vector<unsigned char>& bytes);
/// Null where the plugin is not installed.
[[nodiscard]] const HeifReader* heif_reader();

struct HeifPixels {
  QImage image; ///< RGB32, or ARGB32 where there is transparency; upright as the file says.
  QByteArray icc;
};
/// ERRORS: Unreadable, TooLarge.
[[nodiscard]] Result<HeifPixels> read_heif(const HeifReader& reader, const std::vector<unsigned char>& bytes,
                                           const std::string& name);

} // namespace zc
