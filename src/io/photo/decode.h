// SPDX-License-Identifier: GPL-3.0-or-later
// Photos as sRGB pixels: decoded through the embedded ICC profile, turned by the EXIF orientation.
#pragma once

#include "core/base/result.h"
#include "core/image/pixels.h"
#include "core/piece/piece.h"

#include <QImage>
#include <functional>
#include <optional>

namespace zc {

/// Most pixels a photo may have.
inline constexpr std::uint64_t kMostPixels = 400'000'000;
[[nodiscard]] Error too_many_pixels(const std::string& name);

/// Called with 0..1 as decoding goes on; false stops it.
using DecodeHook = std::function<bool(double)>;

/// RGB32 or, where the photo has transparency, ARGB32. A photo without a profile is taken as sRGB; a CMYK
/// photo without one is refused, since its colors are not known. ERRORS: Unreadable (no photo, damaged or cut
/// short), TooLarge, Stopped. `name` is used in the sentence.
[[nodiscard]] Result<QImage> decode_photo(const std::vector<unsigned char>& bytes, const std::string& name,
                                          const DecodeHook& hook = {});

/// A first picture of a JPEG, an eighth of its size along a side and done in a fraction of the time; nothing
/// for other formats and for what cannot be read.
[[nodiscard]] std::optional<QImage> decode_coarse(const std::vector<unsigned char>& bytes,
                                                  const std::string& name);

/// The pixels of a decoded photo. REQUIRES 32 bits with straight alpha or none, as decode_photo() gives; the
/// image must outlive it.
[[nodiscard]] PixelView view_of(const QImage& image);
/// The same to be written to, a row after the other; no other image shares them any more.
[[nodiscard]] Pixel* pixels_of(QImage& image);
/// The photo at a smaller size; see reduce(). A size that is not smaller along a side keeps that side.
[[nodiscard]] QImage reduced(const QImage& image, int width, int height);

} // namespace zc
