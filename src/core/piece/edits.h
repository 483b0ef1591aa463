// SPDX-License-Identifier: GPL-3.0-or-later
// Every change to a piece: pure functions from piece to piece. A Result's error leaves the piece as it was.
// Those of sets, families and swatches are in set_edits.h.
#pragma once

#include "core/base/result.h"
#include "core/piece/set_edits.h"

namespace zc {

/// A new piece with one empty set.
[[nodiscard]] Piece new_piece(std::string date);

/// Leading and trailing spaces are dropped. ERRORS: BadInput when nothing is left or it is too long; the same
/// holds for every name below.
[[nodiscard]] Result<Piece> with_title(Piece piece, const std::string& title);
/// What a piece says of itself, edited together. ERRORS: as with_title(); BadInput for words, a date or a
/// signature that is too long, and for a date that is neither empty nor a day as 2026-11-26.
struct Card {
  std::string title, words, date, signature;
  bool operator==(const Card&) const = default;
};
[[nodiscard]] Card card_of(const Piece& piece);
[[nodiscard]] Result<Piece> with_card(Piece piece, const Card& card);

/// What of the mask stays when the wheel changes: see with_colors_kept().
enum class MaskKeeps { Colors, Outline };
/// ERRORS: TooLarge when the mask would have too many areas on the other wheel.
[[nodiscard]] Result<Piece> with_wheel(Piece piece, WheelSpec wheel, MaskKeeps keeps = MaskKeeps::Colors);
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
/// Puts an area before the one now at `place` (the number of areas puts it last); the order decides what a
/// cut cuts. ERRORS: BadInput also when nothing of the mask would be left.
[[nodiscard]] Result<Piece> with_area_moved(Piece piece, std::size_t area, std::size_t place);
/// Extracting the last area off takes the mask off.
[[nodiscard]] Result<Piece> with_area_removed(Piece piece, std::size_t area);
/// ERRORS: BadInput when the area is not a polygon, or fewer than three points would be left.
[[nodiscard]] Result<Piece> with_mask_point_added(Piece piece, std::size_t area, std::size_t before,
                                                  DiscPoint at);
[[nodiscard]] Result<Piece> with_mask_point_removed(Piece piece, std::size_t area, std::size_t point);
/// A hand brings a handle of an area to a place. Unlike the edits above it may leave the mask empty on the
/// way, as a drag can.
[[nodiscard]] Result<Piece> with_mask_handle(Piece piece, std::size_t area, Grip grip, std::size_t index,
                                             DiscPoint to);
/// What turns along with the mask: nothing; the current set; or all sets with their versions and the masks of
/// those.
enum class Carry { MaskOnly, SetToo, AllToo };
/// Turns the mask clockwise. Every swatch carried keeps its saturation and value and turns by the same angle
/// (where the display lacks the color, at its reach). Locked swatches stay.
[[nodiscard]] Result<Piece> with_mask_turned(Piece piece, double by, Carry carry = Carry::MaskOnly);

/// Gives the new reference's id in `piece.references.back().id`. ERRORS: TooLarge past kMostReferences.
[[nodiscard]] Result<Piece> with_reference(Piece piece, std::string name, const std::string& extension,
                                           SharedBytes bytes);
[[nodiscard]] Result<Piece> without_reference(Piece piece, Id reference);
[[nodiscard]] Result<Piece> with_reference_named(Piece piece, Id reference, const std::string& name);
/// Puts a reference before the one now at `place` (the number of references puts it last).
[[nodiscard]] Result<Piece> with_reference_moved(Piece piece, Id reference, std::size_t place);
/// Another photo in the place of this one; it follows no file any more.
[[nodiscard]] Result<Piece> with_reference_replaced(Piece piece, Id reference, std::string name,
                                                    const std::string& extension, SharedBytes bytes);
/// From now on it follows the file at this path, or none. ERRORS: BadInput for a path past kLongestPath.
[[nodiscard]] Result<Piece> with_reference_following(Piece piece, Id reference, std::string path);
/// How it is tried in the set. ERRORS: BadInput as validate(AreaSpec), and past kMostStudyEdits.
[[nodiscard]] Result<Piece> with_study(Piece piece, Id reference, Study study);
/// The latest picture of a reference that follows this file; any other stays.
[[nodiscard]] Piece with_canvas(Piece piece, Id reference, const std::string& path,
                                const std::string& extension, SharedBytes bytes);

} // namespace zc
