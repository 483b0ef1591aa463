// SPDX-License-Identifier: GPL-3.0-or-later
// What reads HEIF and AVIF, as a plugin: its library and the codecs behind it take a third of the time in
// which a command starts, and few photos need them.
#pragma once

#include <QByteArray>
#include <QImage>
#include <QtPlugin>
#include <optional>
#include <span>

namespace zc {

struct HeifPhoto {
  enum class Outcome { Whole, CutShort, TooManyPixels };
  Outcome outcome = Outcome::CutShort;
  QImage image;   ///< RGB32, or ARGB32 where there is transparency; upright as the file says.
  QByteArray icc; ///< The embedded profile; empty when there is none.
  /// Color primaries and transfer characteristics by ITU-T H.273, where they stand in place of a profile.
  std::optional<std::pair<int, int>> coding;
};

class HeifReader {
public:
  virtual ~HeifReader() = default;
  /// Must be HEIF or AVIF by its first bytes.
  [[nodiscard]] virtual HeifPhoto read(std::span<const unsigned char> bytes,
                                       std::uint64_t most_pixels) const = 0;
};

} // namespace zc

Q_DECLARE_INTERFACE(zc::HeifReader, "org.zonachrom.HeifReader/1")
