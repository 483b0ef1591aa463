// SPDX-License-Identifier: GPL-3.0-or-later
// JPEG (ISO/IEC 10918-1) by libjpeg: grey, RGB and CMYK, with a sure sign when the data is cut short.
#pragma once

#include "io/photo/decode.h"

#include <QByteArray>

namespace zc {

enum class JpegInk { Grey, Rgb, Cmyk, CmykInverted };

struct JpegPixels {
  QImage image; ///< Grayscale8, RGB32, or for the CMYK kinds ARGB32 words of four plain ink bytes.
  JpegInk ink = JpegInk::Rgb;
  QByteArray icc; ///< Embedded profile, or empty.
};

[[nodiscard]] bool looks_like_jpeg(const std::vector<unsigned char>& bytes);
/// Reads it at so many eighths of its size along a side, 1 to 8; fewer are quicker, since less is computed.
[[nodiscard]] Result<JpegPixels> read_jpeg(const std::vector<unsigned char>& bytes, const std::string& name,
                                           const DecodeHook& hook, int eighths = 8);

} // namespace zc
