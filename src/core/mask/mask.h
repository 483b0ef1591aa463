// SPDX-License-Identifier: GPL-3.0-or-later
// Gamut masks: regions of a wheel's unit disc, as plain values and as geometry ready to be asked.
#pragma once

#include "core/base/list.h"
#include "core/mask/shapes.h"

#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace zc {

enum class AreaMode { Adds, Cuts };

struct Area {
  AreaMode mode = AreaMode::Adds;
  Shape shape;
  bool operator==(const Area&) const = default;
};

/// Areas combined in order, each adding to or cutting from what came before. One that encloses nothing
/// changes nothing; edits lay none, see validate() in shapes.h.
struct Mask {
  std::string name;
  List<Area> areas;
  double turned = 0;  ///< Degrees the mask has been turned since it was laid, [0, 360).
  std::string extras; ///< Unknown fields of the file, kept as JSON text.
  bool operator==(const Mask&) const = default;
};

/// Clockwise by degrees, every area alike.
[[nodiscard]] Mask turned_mask(const Mask& mask, double by);

/// A stretch along a diameter: from -1 (rim opposite the angle) over 0 (neutral) to 1 (rim at the angle).
struct Stretch {
  double from = 0, to = 0;
};

/// A mask made ready for questions; immutable, cheap to copy.
class MaskRegion {
public:
  explicit MaskRegion(const Mask& mask);

  /// True when nothing is enclosed: such a mask admits no color.
  [[nodiscard]] bool empty() const;
  /// Border included, within 1e-9; where the region goes along the rim, the rim itself as well.
  [[nodiscard]] bool inside(DiscPoint p) const;
  /// The nearest point of the region: p itself when inside, nothing when the mask is empty. The result is
  /// inside() and no point of the region is closer by more than 1e-9.
  [[nodiscard]] std::optional<DiscPoint> nearest(DiscPoint p) const;
  /// The point of the region at saturation r whose angle is nearest to `a`, within 1e-9; nothing where the
  /// region does not reach that saturation.
  [[nodiscard]] std::optional<DiscPoint> nearest_on_circle(double r, Angle a) const;
  /// Share of the disc's area, 0..1.
  [[nodiscard]] double share() const;
  /// Area-weighted centroid: the subjective neutral. Nothing when the mask is empty.
  [[nodiscard]] std::optional<DiscPoint> centroid() const;
  /// Outer corners of the region in order: the key colors. A round outline has none; the ends of its length
  /// and width stand for them.
  [[nodiscard]] std::vector<DiscPoint> corners() const;
  /// Where the diameter through angle a runs inside the region, in order.
  [[nodiscard]] std::vector<Stretch> along_diameter(Angle a) const;
  /// Closed outlines of the region, holes included, for drawing with the even-odd rule.
  [[nodiscard]] const std::vector<std::vector<DiscPoint>>& outlines() const&;
  void outlines() const&& = delete; ///< They would be gone with the region.

private:
  struct Geometry;
  static bool encloses(const Geometry& geometry, DiscPoint p);
  static bool holds_rim(const Geometry& geometry, DiscPoint p);
  std::shared_ptr<const Geometry> m_geometry;
};

/// How picks obey the mask. Value is never limited.
enum class MaskRule {
  Held,    ///< The nearest point in the mask at the same value.
  Flagged, ///< Allowed and marked.
  Free,    ///< Not judged.
};

} // namespace zc
