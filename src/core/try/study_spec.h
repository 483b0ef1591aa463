// SPDX-License-Identifier: GPL-3.0-or-later
// How a picture is tried in a set, as it is kept with a piece: numbers only.
#pragma once

#include "core/base/result.h"

namespace zc {

inline constexpr int kFewestPictureAreas = 2, kMostPictureAreas = 500;

/// Which swatch stands for a color.
enum class Match {
  Color, ///< The least CIEDE2000.
  Value, ///< The nearest in L* within the family of the nearest hue.
};

struct AreaSpec {
  int count = 60; ///< At most so many, in kFewestPictureAreas..kMostPictureAreas; flat artwork keeps its own.
  double smallest = 0.02; ///< Percent of the picture, in 0..5; a smaller one joins what is most like it.
  double smoothing = 0.1; ///< Texture of this size is smoothed before, edges kept; percent of the longer
                          ///< side, in 0..2.
  bool operator==(const AreaSpec&) const = default;
};

/// ERRORS: BadInput.
[[nodiscard]] Status validate(const AreaSpec& spec);

/// A change of areas by hand, told by pixels of the picture.
struct AreaEdit {
  enum class Kind { Split, Merge } kind = Kind::Split;
  int x = 0, y = 0;   ///< In the area that is split, or that stays.
  int x2 = 0, y2 = 0; ///< Merge: in the one that joins it.
  bool operator==(const AreaEdit&) const = default;
};

} // namespace zc
