// SPDX-License-Identifier: GPL-3.0-or-later
// The reader of HEIF and AVIF photos, through libheif.
#pragma once

#include "io/photo/heif_reader.h"

#include <QObject>

class HeifPlugin final : public QObject, public zc::HeifReader {
  Q_OBJECT
  Q_PLUGIN_METADATA(IID "org.zonachrom.HeifReader/1")
  Q_INTERFACES(zc::HeifReader)
public:
  [[nodiscard]] zc::HeifPhoto read(std::span<const unsigned char> bytes,
                                   std::uint64_t most_pixels) const override;
};
