// SPDX-License-Identifier: GPL-3.0-or-later
// Parcels (.zonaparcel): sets and masks for others in one file, a ZIP container as pieces are.
//
// Entries: "mimetype", first and stored; "parcel.json" with format, description, from, sets, masks,
// patterns and paints; "press.icc" where a press profile goes along.
#pragma once

#include "io/files/bytes.h"
#include "io/shelf/mask_shelf.h"
#include "io/shelf/paint_shelf.h"
#include "io/shelf/pattern_shelf.h"
#include "io/shelf/set_shelf.h"

#include <filesystem>

namespace zc {

inline constexpr std::string_view kParcelMimeType = "application/vnd.zonachrom.parcel+zip";
inline constexpr std::size_t kMostParcelItems = 1000; ///< Sets, and masks.

struct Parcel {
  std::string description;
  std::string from; ///< Whom it comes from, as they sign.
  std::vector<ShelfSet> sets;
  std::vector<ShelfMask> masks;
  std::vector<ShelfPattern> patterns;
  std::vector<ShelfPaints> paints;
  Bytes press; ///< ICC profile, or empty.
  [[nodiscard]] bool empty() const {
    return sets.empty() && masks.empty() && patterns.empty() && paints.empty() && press.empty();
  }
};

/// Sets of a piece with their tags, and its mask; described by the title and words of the piece.
[[nodiscard]] Parcel parcel_of(const Piece& piece, const std::vector<Id>& sets, bool with_mask);

/// ERRORS: BadInput for a parcel with nothing in it.
[[nodiscard]] Result<Bytes> pack_parcel(const Parcel& parcel);
/// ERRORS: Damaged, Newer, TooLarge.
[[nodiscard]] Result<Parcel> unpack_parcel(const Bytes& bytes);
[[nodiscard]] Result<Parcel> open_parcel(const std::filesystem::path& path);
[[nodiscard]] Status save_parcel(const std::filesystem::path& path, const Parcel& parcel);

struct PutUp {
  std::size_t added = 0, known = 0;
};
/// Puts everything on the shelf that is not there yet; items of equal content count as known. ERRORS:
/// Unwritable, with what was put up before staying there.
struct ShelfFolders {
  std::string sets, masks, patterns, paints, presses;
};
[[nodiscard]] Result<PutUp> put_parcel_on_shelf(const Parcel& parcel, const ShelfFolders& folders);

} // namespace zc
