// SPDX-License-Identifier: GPL-3.0-or-later
// What a color becomes in another key. Value stays; hue and saturation move on one wheel. The same map acts
// on a picture and on swatches, so that they agree.
#pragma once

#include "core/image/color_map.h"
#include "core/mask/mask.h"
#include "core/wheel/wheel.h"

#include <memory>

namespace zc {

class MaskRays;

/// Immutable; cheap to copy, and may be used by several threads at once.
class KeyMap {
public:
  /// Every color at (a + by, r, v), degrees clockwise.
  [[nodiscard]] static KeyMap turned(const Wheel& wheel, double by);
  /// Every color pressed into a mask: from the mask's neutral n (see mask_neutral()) in the direction of its
  /// own hue a, at r / `rim` of the way to the border. So grey becomes the neutral, a saturation of `rim` or
  /// more the border, and nothing lands outside where the display has the colors. `strength`, 0..1, moves on
  /// the disc between the color's own place and that. `rim` in (0, 1]. An empty mask leaves everything as it
  /// is.
  [[nodiscard]] static KeyMap pressed(const Wheel& wheel, const MaskRegion& region, double strength = 1,
                                      double rim = 1);

  [[nodiscard]] const Wheel& wheel() const { return m_wheel; }
  /// Leaves every color as it is.
  [[nodiscard]] bool still() const;
  /// Degrees clockwise; 0 for what presses into a mask.
  [[nodiscard]] double turn() const { return m_turn; }
  /// Without islands, holes or bays, so that like colors stay alike; true of every turn.
  [[nodiscard]] bool is_smooth() const;
  /// Leaves a color at this place as it is: a turn has nothing to turn in a neutral.
  [[nodiscard]] bool leaves(const WheelPoint& at) const {
    return still() || (!m_rays && at.r < kNeutralSaturation);
  }
  struct Moved {
    WheelPoint at;
    Srgb color;           ///< L* as before, within 1e-9.
    bool reduced = false; ///< The wish does not exist at this value: r went down to its reach.
  };
  [[nodiscard]] Moved moved(const WheelPoint& at) const;
  /// The same of a color, at its place on the wheel. The very color where nothing moves.
  [[nodiscard]] Moved moved(Srgb color) const;
  /// For pictures and the way they are tried.
  [[nodiscard]] ColorMap color_map() const;

private:
  explicit KeyMap(Wheel wheel) : m_wheel(std::move(wheel)) {}
  [[nodiscard]] WheelPoint wanted(const WheelPoint& at) const;

  Wheel m_wheel;
  double m_turn = 0;
  std::shared_ptr<const MaskRays> m_rays; ///< Null for a turn.
  double m_strength = 1, m_rim = 1;
};

} // namespace zc
