// SPDX-License-Identifier: GPL-3.0-or-later
// The keys a piece can take, and taking one: mask, wheel and swatches together.
#pragma once

#include "core/base/word.h"
#include "core/keys/key_map.h"
#include "core/piece/edits.h"

#include <functional>

namespace zc {

struct KeyNumbers;

/// Where a key comes from: the piece as it is; its mask turned; a pattern at the current hue; a mask of the
/// shelf; a version of the current set.
enum class KeyKind { Current, Turn, Pattern, Shelf, Version };
/// Which of them are listed.
enum class KeyRows { All, Turns, Masks, Versions };
/// By the hue of their neutral, clockwise from the current one; by the mean difference from the picture; by
/// the share of its chroma that they keep.
enum class KeyOrder { Hue, Nearest, Kept };
inline constexpr Word<KeyRows> kKeyRowWords[] = {{KeyRows::All, "all"},
                                                 {KeyRows::Turns, "turns"},
                                                 {KeyRows::Masks, "masks"},
                                                 {KeyRows::Versions, "versions"}};
inline constexpr Word<KeyOrder> kKeyOrderWords[] = {
    {KeyOrder::Hue, "hue"}, {KeyOrder::Nearest, "nearest"}, {KeyOrder::Kept, "kept"}};

inline constexpr Range kKeyStepRange{5, 180}; ///< Degrees between two turns.

/// What a sheet of keys shows.
struct KeySheet {
  KeyRows rows = KeyRows::All;
  KeyOrder order = KeyOrder::Hue;
  double step = 30;    ///< In kKeyStepRange.
  double strength = 1; ///< 0..1, of pressing into masks.
  bool fills = false;  ///< The picture's largest saturation, not the rim, meets the border of a mask.
  bool operator==(const KeySheet&) const = default;
};

/// One key of a piece, as a value.
struct ColorKey {
  KeyKind kind = KeyKind::Current;
  std::string name = {};            ///< Of the pattern, mask or version.
  double turn = 0;                  ///< Degrees clockwise; of turns.
  std::optional<PlanKey> plan = {}; ///< That the piece then has; none where it stays.
  double strength = 1, rim = 1;     ///< See KeyMap::pressed().
  Id version = 0;
  bool operator==(const ColorKey&) const = default;
};

/// The piece with its mask turned by degrees clockwise.
[[nodiscard]] ColorKey turned_key(const Piece& piece, double by);
/// Pressed into a pattern or a mask of the shelf.
[[nodiscard]] ColorKey pressed_key(const Piece& piece, KeyKind kind, const Mask& mask, double strength = 1,
                                   double rim = 1);
[[nodiscard]] ColorKey version_key(const SetVersion& version);
/// The keys of a sheet, the current one first and then by their hue. `hue` is where patterns begin, degrees
/// on the wheel; `rim` the largest saturation of the picture.
[[nodiscard]] std::vector<ColorKey> keys_of(const Piece& piece, const KeySheet& sheet,
                                            const std::vector<Mask>& shelf, double hue, double rim = 1);
/// The same in another order, by what each does to the picture; the current one stays first. REQUIRES as many
/// numbers as keys.
[[nodiscard]] std::vector<std::size_t> order_of(const std::vector<ColorKey>& keys,
                                                const std::vector<KeyNumbers>& numbers, KeyOrder order);
/// What it makes of a color; nothing for a version, whose colors move as its swatches do.
[[nodiscard]] std::optional<KeyMap> key_map(const Piece& piece, const ColorKey& key);
/// The same as a function, for versions too: see Follow. It keeps nothing of the piece.
[[nodiscard]] std::function<Srgb(Srgb)> key_function(const Piece& piece, const ColorKey& key);

/// Every swatch that is not locked moves by the map; masks of versions turn along where all do.
[[nodiscard]] Piece with_sets_moved(Piece piece, const KeyMap& map, Carry carry);
/// The piece takes the key: its mask and wheel, and with them the current set, or all sets where `carry` says
/// so. Locked swatches stay. A version is restored, see with_version_restored(). ERRORS: of that.
[[nodiscard]] Result<Piece> with_key_taken(Piece piece, const ColorKey& key, Carry carry = Carry::SetToo);
/// The current set in that key becomes a version of it, with its mask and wheel; the piece stays as it is.
/// ERRORS: as with_version_kept(); BadInput for a key that is a version already.
[[nodiscard]] Result<Piece> with_key_as_version(Piece piece, const ColorKey& key, const std::string& name);

} // namespace zc
