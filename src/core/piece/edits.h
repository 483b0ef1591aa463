// Every change to a piece: pure functions from piece to piece. A Result's error leaves the piece as it was.
#pragma once

#include "core/base/result.h"
#include "core/piece/piece.h"

namespace zc {

/// Longest title or name, in bytes of UTF-8.
inline constexpr std::size_t kLongestName = 400;
/// Bounds that keep a piece workable and its file readable.
inline constexpr std::size_t kMostSwatches = 5000;
inline constexpr std::size_t kMostReferences = 200;
inline constexpr std::size_t kMostAreas = 100;

/// A new piece with one empty set.
[[nodiscard]] Piece new_piece(std::string date);

/// Leading and trailing spaces are dropped. ERRORS: BadInput when nothing is left or it is too long; the same
/// holds for every name below.
[[nodiscard]] Result<Piece> with_title(Piece piece, std::string title);

/// What of the mask stays when the wheel changes: see with_colors_kept().
enum class MaskKeeps { Colors, Outline };
[[nodiscard]] Piece with_wheel(Piece piece, WheelSpec wheel, MaskKeeps keeps = MaskKeeps::Colors);
[[nodiscard]] Piece with_mask(Piece piece, std::optional<Mask> mask);
[[nodiscard]] Piece with_mask_on(Piece piece, bool on);
[[nodiscard]] Piece with_rule(Piece piece, MaskRule rule);

/// Adds an area to the mask, or makes a mask of it. ERRORS: BadInput for an invalid area (see validate()),
/// for a cut where there is no mask, and for a cut that would leave nothing; the same holds for every edit of
/// an area below, which give NotFound when there is no area or point of that number.
[[nodiscard]] Result<Piece> with_area_added(Piece piece, Area area);
[[nodiscard]] Result<Piece> with_area_mode(Piece piece, std::size_t area, AreaMode mode);
[[nodiscard]] Result<Piece> with_area_shape(Piece piece, std::size_t area, Shape shape);
/// Laid over itself, at the end, at its middle moved a little aside.
[[nodiscard]] Result<Piece> with_area_duplicated(Piece piece, std::size_t area);
/// Taking the last area off takes the mask off.
[[nodiscard]] Result<Piece> with_area_removed(Piece piece, std::size_t area);
/// ERRORS: BadInput when the area is not a polygon, or fewer than three points would be left.
[[nodiscard]] Result<Piece> with_mask_point_added(Piece piece, std::size_t area, std::size_t before,
                                                  DiscPoint at);
[[nodiscard]] Result<Piece> with_mask_point_removed(Piece piece, std::size_t area, std::size_t point);
/// A hand brings a handle of an area to a place. Unlike the edits above it may leave the mask empty on the
/// way, as a drag can.
[[nodiscard]] Result<Piece> with_mask_handle(Piece piece, std::size_t area, Grip grip, std::size_t index,
                                             DiscPoint to);
/// Turns the mask clockwise; carrying re-keys the current set along with it: every swatch keeps its
/// saturation and value and turns by the same angle (where the display lacks the color, at its reach).
enum class Carry { MaskOnly, SetToo };
[[nodiscard]] Result<Piece> with_mask_turned(Piece piece, double by, Carry carry = Carry::MaskOnly);

/// Gives the new reference's id in `piece.references.back().id`. ERRORS: TooLarge past kMostReferences.
[[nodiscard]] Result<Piece> with_reference(Piece piece, std::string name, std::string extension,
                                           SharedBytes bytes);
[[nodiscard]] Result<Piece> without_reference(Piece piece, Id reference);
[[nodiscard]] Result<Piece> with_reference_named(Piece piece, Id reference, std::string name);
/// Puts a reference before the one now at `place` (the number of references puts it last).
[[nodiscard]] Result<Piece> with_reference_moved(Piece piece, Id reference, std::size_t place);
/// Another photo in the place of this one.
[[nodiscard]] Result<Piece> with_reference_replaced(Piece piece, Id reference, std::string name,
                                                    std::string extension, SharedBytes bytes);

/// A whole family of colors in one step; a taken name gets a number. ERRORS: BadInput for a bad name or no
/// colors.
struct LaidColor {
  Srgb color;
  std::optional<WheelPoint> picked;
  std::optional<SampleOrigin> from = {};
};
[[nodiscard]] Result<Piece> with_laid_family(Piece piece, const std::string& name,
                                             const std::vector<LaidColor>& colors);

/// Several families in one step.
struct LaidFamily {
  std::string name;
  std::vector<LaidColor> colors;
};
[[nodiscard]] Result<Piece> with_laid_families(Piece piece, const std::vector<LaidFamily>& families);
/// Colors suggested as families by hue: neutrals together, the others parted at the widest gaps between their
/// OKLab hues, named by the trade's hue on the traditional wheel.
[[nodiscard]] std::vector<LaidFamily> grouped_by_hue(const std::vector<LaidColor>& colors);

/// Adds a family at the end of the current set; its id is that of the last family. ERRORS: BadInput for a bad
/// or taken name.
[[nodiscard]] Result<Piece> with_family(Piece piece, std::string name);
[[nodiscard]] Result<Piece> with_family_named(Piece piece, Id family, std::string name);
/// Puts a family before the one now at `place` (the number of families puts it last).
[[nodiscard]] Result<Piece> with_family_moved(Piece piece, Id family, std::size_t place);
[[nodiscard]] Result<Piece> without_family(Piece piece, Id family);

/// Lays a color into a family as a new swatch. An empty name becomes the color in words.
[[nodiscard]] Result<Piece> with_swatch(Piece piece, Id family, const LaidColor& color, std::string name);
[[nodiscard]] Result<Piece> with_swatch_named(Piece piece, Id swatch, std::string name);
[[nodiscard]] Result<Piece> with_swatch_color(Piece piece, Id swatch, Srgb color,
                                              std::optional<WheelPoint> picked);
[[nodiscard]] Result<Piece> with_swatch_moved(Piece piece, Id swatch, Id to_family);
[[nodiscard]] Result<Piece> without_swatch(Piece piece, Id swatch);

[[nodiscard]] Result<Piece> with_set_named(Piece piece, Id set, std::string name);

} // namespace zc
