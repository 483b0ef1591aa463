// SPDX-License-Identifier: GPL-3.0-or-later
// Edits of sets, their versions, families and swatches. Functions from piece to piece; an error leaves the
// piece as it was. Every id that is not there gives NotFound; every name is stripped of spaces around it and
// gives BadInput when nothing is left or it is too long.
#pragma once

#include "core/base/result.h"
#include "core/base/text.h"
#include "core/mix/ramps.h"
#include "core/piece/rules.h"
#include "core/try/light.h"

namespace zc {

// ---------------------------------------------------------------- sets

/// Adds an empty set and makes it the current one. ERRORS: BadInput for a name another set has, here and
/// below.
[[nodiscard]] Result<Piece> with_set(Piece piece, const std::string& name);
[[nodiscard]] Result<Piece> with_current_set(Piece piece, Id set);
[[nodiscard]] Result<Piece> with_set_named(Piece piece, Id set, const std::string& name);
/// A copy under new ids behind the set, without its versions; becomes the current set.
[[nodiscard]] Result<Piece> with_set_duplicated(Piece piece, Id set);
/// Puts a set before the one now at `place` (the number of sets puts it last).
[[nodiscard]] Result<Piece> with_set_moved(Piece piece, Id set, std::size_t place);
/// ERRORS: BadInput for the last set of a piece.
[[nodiscard]] Result<Piece> without_set(Piece piece, Id set);
[[nodiscard]] Result<Piece> with_set_note(Piece piece, Id set, std::string note);
[[nodiscard]] Result<Piece> with_set_tags(Piece piece, Id set, std::vector<std::string> tags);
/// ERRORS: BadInput outside the ranges that GradingRules states, or negative targets.
[[nodiscard]] Result<Piece> with_grading(Piece piece, const GradingRules& rules);
/// ERRORS: BadInput unless 0 < dark_below < light_from < 100.
[[nodiscard]] Result<Piece> with_bands(Piece piece, const Bands& bands);

/// Keeps the set as it is now as a version of it, at the end, with the wheel and the mask in use.
[[nodiscard]] Result<Piece> with_version_kept(Piece piece, Id set, const std::string& name);
/// A version that has its colors under a light and in the air; locked ones too, since the light asks nobody.
[[nodiscard]] Result<Piece> with_lit_version(Piece piece, Id set, const std::string& name,
                                             const LightAndHaze& light);
[[nodiscard]] Result<Piece> with_version_named(Piece piece, Id version, const std::string& name);
[[nodiscard]] Result<Piece> without_version(Piece piece, Id version);
/// The set becomes what the version is. What it was is kept as a version of its own unless one like it is
/// there.
[[nodiscard]] Result<Piece> with_version_restored(Piece piece, Id version);

// ---------------------------------------------------------------- families

/// Adds a family at the end of the current set; its id is that of the last family. ERRORS: BadInput for a bad
/// or taken name.
[[nodiscard]] Result<Piece> with_family(Piece piece, const std::string& name);
[[nodiscard]] Result<Piece> with_family_named(Piece piece, Id family, const std::string& name);
/// Puts a family before the one now at `place` (the number of families puts it last).
[[nodiscard]] Result<Piece> with_family_moved(Piece piece, Id family, std::size_t place);
/// Lays the swatches of one family behind those of another and takes the emptied one away.
[[nodiscard]] Result<Piece> with_families_merged(Piece piece, Id into, Id from);
/// The swatches leave their family, and a new one behind it takes them; its name is the old one with a
/// number. ERRORS: BadInput when they are of several families, or all of one.
[[nodiscard]] Result<Piece> with_family_split(Piece piece, const std::vector<Id>& swatches);
/// ERRORS: BadInput when a swatch in it is locked.
[[nodiscard]] Result<Piece> without_family(Piece piece, Id family);
/// `name`, or `name` with the first number that makes it free in the set.
[[nodiscard]] std::string free_family_name(const SwatchSet& set, const std::string& name);

// ---------------------------------------------------------------- swatches

struct LaidColor {
  Srgb color;
  std::optional<WheelPlace> picked;
  std::optional<SampleOrigin> from = {};
  std::optional<Code> code = {};
};
/// Lays a color into a family as a new swatch, at its next place, or at `place` and the next free one from
/// there. An empty name becomes the color in words. ERRORS: TooLarge past kMostSwatches, here and below;
/// NotFound for a place that no family has.
[[nodiscard]] Result<Piece> with_swatch(Piece piece, Id family, const LaidColor& color,
                                        const std::string& name, std::optional<int> place = {});
[[nodiscard]] Result<Piece> with_swatch_named(Piece piece, Id swatch, const std::string& name);
[[nodiscard]] Result<Piece> with_swatch_note(Piece piece, Id swatch, std::string note);
/// The swatch takes up a code, and the color that stands for it. ERRORS: BadInput when it is locked.
[[nodiscard]] Result<Piece> with_swatch_coded(Piece piece, Id swatch, const Code& code);
/// They keep their colors. ERRORS: NotFound when none of them has a code.
[[nodiscard]] Result<Piece> without_codes(Piece piece, const std::vector<Id>& swatches);
/// What their inks do that no display shows. ERRORS: as without_codes().
[[nodiscard]] Result<Piece> with_finish(Piece piece, const std::vector<Id>& swatches, Finish finish);
/// The same color for each of the swatches. ERRORS: BadInput when one is locked.
[[nodiscard]] Result<Piece> with_swatches_colored(Piece piece, const std::vector<Id>& swatches,
                                                  const LaidColor& color);
/// Each of these swatches of the set its own new color; the set as it was is kept as a version of this name.
/// ERRORS: BadInput when one is locked, NotFound when none is given or one is not in the set.
[[nodiscard]] Result<Piece> with_colors_kept_before(Piece piece, Id set,
                                                    const std::vector<std::pair<Id, Srgb>>& colors,
                                                    const std::string& version);
[[nodiscard]] Result<Piece> with_swatches_locked(Piece piece, const std::vector<Id>& swatches, bool locked);
[[nodiscard]] Result<Piece> with_swatches_used(Piece piece, const std::vector<Id>& swatches, bool used);
/// Copies under new ids, each at the next free place behind its original.
[[nodiscard]] Result<Piece> with_swatches_duplicated(Piece piece, const std::vector<Id>& swatches);
/// ERRORS: BadInput when one is locked.
[[nodiscard]] Result<Piece> without_swatches(Piece piece, const std::vector<Id>& swatches);
/// Copies of swatches from anywhere, in their order, under new ids at the end of a family. The pixel a swatch
/// was sampled from is kept only where the piece has that reference.
[[nodiscard]] Result<Piece> with_swatches_pasted(Piece piece, Id family, const std::vector<Swatch>& swatches);

/// Moves swatches, in the order of the set, to a family of any set: behind its last swatch, or with a `place`
/// to that place and the next free ones. A single swatch that comes to an occupied place swaps with what is
/// there.
[[nodiscard]] Result<Piece> with_swatches_moved(Piece piece, const std::vector<Id>& swatches, Id to_family,
                                                std::optional<int> place = {});

/// Moves swatches, in the order of the set, before what stands at `place` of a family: that and what follows
/// makes room, as far as there is no free place to take it up, and those passed in its own row move up.
/// ERRORS: BadInput when the row would go past its last place.
[[nodiscard]] Result<Piece> with_swatches_inserted(Piece piece, const std::vector<Id>& swatches, Id to_family,
                                                   int place);

/// Lays `count` colors between two swatches, their ends not repeated: in the family of the first and behind
/// the one of the two that stands there first, so that in one family they stand between them. See
/// steps_between(). ERRORS: as there; BadInput when the row would go past its last place.
[[nodiscard]] Result<Piece> with_filled_between(Piece piece, Id first, Id second, int count, Way way);

enum class SortBy { Value, Hue, Chroma, Name };
/// Each family's swatches in order and without gaps: value from light to dark, OKLab hue from 0 with neutrals
/// first, OKLab chroma from high to low, names by their bytes.
[[nodiscard]] Result<Piece> with_set_sorted(Piece piece, Id set, SortBy by);

} // namespace zc
