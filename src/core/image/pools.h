// SPDX-License-Identifier: GPL-3.0-or-later
// The pixels a palette is taken from: those of each value band, or of the whole picture.
#pragma once

#include "core/image/cluster.h"
#include "core/image/extract.h"

namespace zc {

/// A pixel that is looked at, as it is taken: through the mask where that is asked for.
struct Sample {
  Srgb8 color;
  Oklab at;
  int x = 0, y = 0;
};

struct Pool {
  std::optional<Band> band; ///< The whole picture without one.
  int wanted = 0;
  std::vector<Sample> samples;
  std::vector<WeighedColor> colors; ///< Of the samples; weights of all pools compare.
};

/// One pool for the whole, or one for each band from light to dark. Pixels are taken at even distances; where
/// that finds few for a band, or few inside the mask, every pixel is looked at, so that a small lamp in a
/// large photo is not missed. Transparent pixels do not count.
[[nodiscard]] std::vector<Pool> pools_of(const PixelView& photo, const ExtractionSpec& spec,
                                         const Wheel* wheel, const MaskRegion* region);

} // namespace zc
