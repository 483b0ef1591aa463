// SPDX-License-Identifier: GPL-3.0-or-later
// Color management by ICC profiles (ISO 15076-1) through Little CMS.
#pragma once

#include "io/photo/jpeg.h"

#include <QByteArray>
#include <string>

namespace zc {

struct PhotoMetadata {
  QByteArray icc;      ///< Embedded profile, or empty.
  int orientation = 1; ///< EXIF 2.32 orientation, 1..8.
};
/// Never fails: what cannot be read counts as absent.
[[nodiscard]] PhotoMetadata read_metadata(const std::vector<unsigned char>& bytes);

/// What the profile calls itself, or "unnamed".
[[nodiscard]] std::string profile_name(const QByteArray& icc);

/// Pixels through the profile to sRGB, relative colorimetric with black point compensation. A damaged
/// profile, or one that does not fit the pixels, is an Unreadable error.
[[nodiscard]] Result<QImage> image_to_srgb(QImage image, const QByteArray& icc, const std::string& name,
                                           const DecodeHook& hook);
/// The same for pixels of four ink bytes as ARGB32 words, `inverted` where 255 is no ink, or of four inks of
/// 16 bits as RGBA64. Without a profile their colors are not known: Unreadable.
[[nodiscard]] Result<QImage> cmyk_to_srgb(const QImage& inks, bool inverted, const QByteArray& icc,
                                          const std::string& name, const DecodeHook& hook);

[[nodiscard]] QImage upright(QImage image, int orientation);

} // namespace zc
