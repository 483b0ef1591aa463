// SPDX-License-Identifier: GPL-3.0-or-later
// All mixtures between two, three or four colors as a picture: a line, a triangle, a square.
#pragma once

#include "core/mix/mixer.h"
#include "core/wheel/raster.h"

#include <optional>

namespace zc {

inline constexpr std::size_t kFewestCorners = 2, kMostCorners = 4;

struct FieldCorner {
  Srgb color;
  std::optional<Paint> paint = {}; ///< Its curve, where it is more than the smoothest of the color.
  double strength = 1;             ///< In kStrengthRange.
};
/// Lightened or darkened: another color that takes a share of every mixture.
struct FieldAdded {
  Srgb color;
  std::optional<Paint> paint = {};
  double share = 0; ///< Of the whole, 0 none to 1 nothing else.
};

/// A place of the field: x from 0 left to 1 right, y from 0 top to 1 bottom. Two corners lie left and right;
/// of three the first lies at the top in the middle, the others at the foot; four lie in reading order.
struct FieldPoint {
  double x = 0, y = 0;
  bool operator==(const FieldPoint&) const = default;
};
/// The parts of the corners at a place, adding up to 1; a place beside the field counts as the nearest of it.
/// REQUIRES 2 to 4 corners.
[[nodiscard]] std::vector<double> parts_at(std::size_t corners, FieldPoint p);
[[nodiscard]] bool in_field(std::size_t corners, FieldPoint p);
/// The place of the field nearest to a place.
[[nodiscard]] FieldPoint onto_field(std::size_t corners, FieldPoint p);
/// Where parts lie; of four corners the nearest place, since a square does not hold every mixture of four.
[[nodiscard]] FieldPoint place_of_parts(const std::vector<double>& parts);
[[nodiscard]] FieldPoint corner_place(std::size_t corners, std::size_t corner);

/// Immutable; cheap to copy. Corners of strength 0 are left out of every mixture.
class MixField {
public:
  /// REQUIRES 2 to 4 corners.
  MixField(const std::vector<FieldCorner>& corners, MixAs as, const std::optional<FieldAdded>& added = {});
  [[nodiscard]] std::size_t corners() const { return m_corners.size(); }
  /// What corner is no paint's color and stands for the nearest: always false as light.
  [[nodiscard]] bool stands_in(std::size_t corner) const;
  /// What mix() gives for the corners by their parts and strengths. Nothing where nothing has any strength.
  /// REQUIRES as many parts as corners, none below 0.
  [[nodiscard]] std::optional<Mixture> of_parts(const std::vector<double>& parts) const;
  /// The same with another share of what is added.
  [[nodiscard]] std::optional<Mixture> of_parts(const std::vector<double>& parts, double added_share) const;
  [[nodiscard]] std::optional<Mixture> at(FieldPoint p) const { return of_parts(parts_at(corners(), p)); }
  /// Opaque pixels within 1/255 of at(); the corners of the picture are those of the field. Transparent
  /// beside a triangle, and where nothing has any strength.
  void draw(int width, int height, Raster& out) const;
  /// The same pixels as colors, not rounded; nothing where the picture is transparent.
  [[nodiscard]] std::vector<std::optional<Srgb>> colors(int width, int height) const;
  /// The place of a pixel.
  [[nodiscard]] static FieldPoint place_of_pixel(int x, int y, int width, int height);

private:
  struct Row;
  [[nodiscard]] Row row_at(double y) const;
  /// Calls emit(x, linear sRGB) for the pixels of a row that have a mixture.
  template <class Emit> void walk_row(int y, int width, int height, const Emit& emit) const;
  void draw_row(int y, int width, int height, PremultipliedPixel* out) const;

  std::vector<FieldCorner> m_corners;
  std::vector<Paint> m_paints; ///< Of the corners, then of what is added.
  MixAs m_as;
  std::optional<FieldAdded> m_added;
  Mixer m_mixer;
};

} // namespace zc
