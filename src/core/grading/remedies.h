// SPDX-License-Identifier: GPL-3.0-or-later
// One remedy for each thing a grading report finds, and the evening out of a family. All are edits.
#pragma once

#include "core/base/result.h"
#include "core/grading/grading.h"
#include "core/grading/relation_check.h"

namespace zc {

/// One of two near-duplicates goes: the second, or the first when only the second is locked. ERRORS: BadInput
/// when both are locked; NotFound likewise below.
[[nodiscard]] Result<Piece> with_merged(Piece piece, Id a, Id b);

/// Twins are moved apart in value, each by the same, until they differ by twice the twin limit of the piece;
/// hue and saturation stay. A locked one stays, and where a value ends at white, black or the color's own
/// reach the other goes the rest. ERRORS: BadInput when they cannot be parted.
[[nodiscard]] Result<Piece> with_parted(Piece piece, Id a, Id b);

/// Does what with_parted() does, by as little in value as lets those eyes tell them apart, by the piece's
/// limit of near-duplicates.
[[nodiscard]] Result<Piece> with_told_apart(const Piece& piece, Id a, Id b, ColorVision vision);

/// A new swatch midway in value between two neighbors of a family, mixed in OKLab.
[[nodiscard]] Result<Piece> with_gap_filled(Piece piece, const ValueGap& gap);

/// Each of the swatches at its nearest place in the piece's mask, at equal value. ERRORS: BadInput without a
/// mask or when one is locked.
[[nodiscard]] Result<Piece> with_brought_inside(Piece piece, const std::vector<Id>& swatches);

/// Of the families of the current set each that is off by `limit` degrees or more is turned to its member of
/// the relation, at equal value and saturation; a saturation that does not exist there goes down to its
/// reach. Locked swatches stay. ERRORS: BadInput when that moves nothing.
[[nodiscard]] Result<Piece> with_families_turned(Piece piece, const RelationFit& fit, double limit);

/// The values of a family spread evenly between its darkest and lightest; order, hue and saturation stay.
/// Locked swatches stay where they are, and the others are spread evenly between them. ERRORS: BadInput for
/// fewer than three swatches, and when a color does not exist at its new value.
[[nodiscard]] Result<Piece> with_evened(Piece piece, Id family);

} // namespace zc
