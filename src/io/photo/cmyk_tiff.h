// SPDX-License-Identifier: GPL-3.0-or-later
// TIFF (revision 6.0) of four inks, by libtiff; the toolkit reads all others.
#pragma once

#include "io/photo/decode.h"

#include <QByteArray>

namespace zc {

struct TiffInks {
  QImage image;   ///< ARGB32 words of four ink bytes, or RGBA64 of four inks of 16 bits.
  QByteArray icc; ///< Embedded profile, or empty.
};

/// Nothing where it is no TIFF of cyan, magenta, yellow and black. ERRORS: Unreadable, TooLarge, Stopped.
[[nodiscard]] std::optional<Result<TiffInks>> read_cmyk_tiff(const std::vector<unsigned char>& bytes,
                                                             const std::string& name, const DecodeHook& hook);

} // namespace zc
