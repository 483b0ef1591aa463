// SPDX-License-Identifier: GPL-3.0-or-later
// Palettes out of photos: a set of colors that stands for a picture, spread over the value bands as asked.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/color/bands.h"
#include "core/image/pixels.h"
#include "core/mask/mask.h"

namespace zc {

enum class MaskUse {
  Ignore,
  InsideOnly, ///< Only pixels inside the mask are taken.
  MapInto,    ///< Pixels outside are taken at their nearest place inside.
};

enum class Representative {
  Mean,  ///< The middle of a group in OKLab, where it can be shown; else its pixel.
  Pixel, ///< The pixel of the group nearest to that middle.
};

struct ExtractionSpec {
  /// How many colors: of the whole picture without quotas, of each band with them.
  int count = 12;
  std::optional<BandCounts> quotas;
  Bands bands;
  double least_difference = 3; ///< CIEDE2000 between any two.
  MaskUse mask = MaskUse::Ignore;
  Representative representative = Representative::Pixel;
  /// How many of the colors may be accents; see accents.h. They take places within the counts, so that
  /// the sum is what was asked for. None without a picture that has them.
  int accents = 0;
  /// Colors that are there already: they count for the quotas and keep their distance, and are not given
  /// again.
  std::vector<Srgb> kept;
  std::vector<Srgb> kept_accents; ///< The same; they count for the accents too.
};

struct ExtractedColor {
  Srgb color;
  double share = 0; ///< Of the pixels looked at, those nearest to this color, 0..1.
  int x = 0, y = 0; ///< A typical pixel, in the photo's own pixels.
  Band band = Band::Middle;
  bool accent = false;
  bool operator==(const ExtractedColor&) const = default;
};

struct Extraction {
  std::vector<ExtractedColor> colors; ///< By band from light to dark, in it by share; the accents last.
  /// How many of each quota the picture did not have at this difference.
  BandCounts unmet;
  int missing = 0; ///< The same without quotas.
};

inline constexpr int kMostExtracted = 200;
inline constexpr int kMostAccents = 12;

/// ERRORS: BadInput for counts outside 1..kMostExtracted, accents outside 0..kMostAccents, a difference
/// outside 0..50, or a mask use without a mask.
[[nodiscard]] Status validate(const ExtractionSpec& spec, bool has_mask);

/// Clusters a sample of the pixels: means in OKLab first, then with CIEDE2000 deciding which color a pixel is
/// nearest to. The least difference is always kept; a band that cannot be filled is filled as far as it goes.
/// Deterministic. `wheel` and `region` are used by the mask uses only. ERRORS: as validate(); BadInput when
/// nothing is left to look at; Stopped.
[[nodiscard]] Result<Extraction> extract_colors(const PixelView& photo, const ExtractionSpec& spec,
                                                const Wheel* wheel = nullptr,
                                                const MaskRegion* region = nullptr,
                                                const Progress& progress = {});

} // namespace zc
