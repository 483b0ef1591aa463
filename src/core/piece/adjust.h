// SPDX-License-Identifier: GPL-3.0-or-later
// Changing many swatches at once on the wheel, at true value.
#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/piece/piece.h"

#include <vector>

namespace zc {

inline constexpr Range kTurnRange{-360, 360}, kFactorRange{0, 4}, kValueShiftRange{-100, 100},
    kPivotRange{0, 100}, kTintRange{0, 1};

struct Adjustment {
  double turn = 0;       ///< Degrees clockwise on the wheel, in kTurnRange.
  double saturation = 1; ///< Factor, in kFactorRange.
  double value = 0;      ///< Added to L* after the contrast, in kValueShiftRange.
  double contrast = 1;   ///< Factor of the distance in L* from the pivot, in kFactorRange.
  double pivot = 50;     ///< L*, in kPivotRange; contrast alone leaves it where it is.
  std::optional<Srgb>
      tint;              ///< A light's color: hue and saturation are mixed toward it in OKLab, value stays.
  double tint_share = 0; ///< In kTintRange.
  bool operator==(const Adjustment&) const = default;
  [[nodiscard]] bool changes() const;
};

/// ERRORS: BadInput outside the ranges above.
[[nodiscard]] Status validate(const Adjustment& adjustment);

/// A swatch changed. Reduced: what was asked for does not exist, and the nearest of that hue that does
/// stands.
struct Adjusted {
  Id swatch = 0;
  Srgb color;
  WheelPoint at;
  bool reduced = false;
};

/// REQUIRES a valid adjustment. A neutral keeps being neutral under turn and saturation.
[[nodiscard]] Adjusted adjusted(const Swatch& swatch, const Adjustment& adjustment, const Wheel& wheel);

/// What an adjustment makes of the swatches of a set, locked ones left out; all of the set when `swatches` is
/// empty. In the order of the set.
[[nodiscard]] std::vector<Adjusted> adjust_preview(const SwatchSet& set, const std::vector<Id>& swatches,
                                                   const Adjustment& adjustment, const Wheel& wheel);

/// The edit. ERRORS: NotFound when the set is not there or nothing in it may be changed; as validate().
[[nodiscard]] Result<Piece> with_adjusted(Piece piece, Id set, const std::vector<Id>& swatches,
                                          const Adjustment& adjustment);

} // namespace zc
