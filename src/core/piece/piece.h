// SPDX-License-Identifier: GPL-3.0-or-later
// The document: one palette plan for one artwork. Plain values; copies share what they have in common. Bounds
// and invariants are in rules.h, edits in edits.h.
#pragma once

#include "core/base/list.h"
#include "core/color/bands.h"
#include "core/mask/mask.h"
#include "core/piece/code.h"
#include "core/try/study_spec.h"
#include "core/wheel/wheel.h"

#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace zc {

/// Stable within a piece, never used again after a delete; 0 is nobody.
using Id = std::uint64_t;

/// The bytes of a file, never changed once made, shared by all versions of a piece.
using SharedBytes = std::shared_ptr<const std::vector<unsigned char>>;

/// A pixel of a reference, upright.
struct SampleOrigin {
  Id reference = 0;
  int x = 0, y = 0;
  bool operator==(const SampleOrigin&) const = default;
};

struct Swatch {
  Id id = 0;
  Srgb color;
  std::optional<WheelPlace> picked = {}; ///< Where it was picked, when it was; ask place_on().
  std::string name = {};
  std::string note = {};                 ///< Its role in the piece.
  std::optional<SampleOrigin> from = {}; ///< Where it was sampled, when it was.
  int place = 0;                         ///< Its place in the family's row, from 0; places may be free.
  std::optional<Code> code = {};         ///< As it was written, when it was; ask code_of().
  bool locked = false;                   ///< Its color is kept from change.
  bool used = false;                     ///< The user has ticked it off.
  std::string extras = {};               ///< Unknown fields of the file, kept as JSON text; likewise below.
  bool operator==(const Swatch&) const = default;
};

/// The code of a swatch, or null where it has none or another color by now.
[[nodiscard]] inline const Code* code_of(const Swatch& s) { return code_for(s.color, s.code); }

[[nodiscard]] inline bool is_beyond_display(const Swatch& s) {
  const Code* code = code_of(s);
  return code && beyond_display(*code);
}

/// Swatches stand in the order of their places, each at a place of its own.
struct Family {
  Id id = 0;
  std::string name;
  List<Swatch> swatches = {};
  std::string extras = {};
  bool operator==(const Family&) const = default;
};

/// The wheel and the mask that colors were made under.
struct PlanKey {
  WheelSpec wheel;
  std::optional<Mask> mask; ///< None was in use.
  bool operator==(const PlanKey&) const = default;
};

/// A state of a set that was kept beside it. Its families and swatches have the ids they had in the set, so
/// that a swatch is the same one in every version.
struct SetVersion {
  Id id = 0;
  std::string name;
  List<Family> families = {};
  std::optional<PlanKey> key = {}; ///< Restored with it; older ones have none.
  std::string extras = {};
  bool operator==(const SetVersion&) const = default;
};

struct SwatchSet {
  Id id = 0;
  std::string name;
  List<Family> families = {};
  std::string note = {};
  std::vector<std::string> tags = {};
  List<SetVersion> versions = {};
  std::string extras = {};
  bool operator==(const SwatchSet&) const = default;
};

/// What the grading of the piece's sets goes by; the defaults are common practice, no source. Ranges are in
/// rules.h.
struct GradingRules {
  int value_steps = 5;       ///< From black to white.
  double near_duplicate = 3; ///< CIEDE2000 below which two swatches are near-duplicates.
  double twin = 2;           ///< L* below which two swatches of different hue are twins.
  double gap = 20;           ///< L* above which neighbors in a family have a gap between them.
  double outside = 1;        ///< CIEDE2000 to the mask from which on a color counts as outside of it.
  BandCounts target{10, 10, 10};
  bool operator==(const GradingRules&) const = default;
};

/// The swatch that the area at a pixel was bound to by hand.
struct AreaBinding {
  int x = 0, y = 0;
  Id swatch = 0;
  bool operator==(const AreaBinding&) const = default;
};

/// How a reference is tried in the set: by pixels or by areas, and what the user changed by hand. Changes
/// are kept by pixels of the picture, so that they hold for a canvas that goes on being painted.
struct Study {
  bool by_areas = false;
  AreaSpec cut;
  Match match = Match::Color;
  std::vector<AreaEdit> edits = {};
  std::vector<AreaBinding> bound = {};
  bool operator==(const Study&) const = default;
};

/// A photo that belongs to the piece, or the last picture of a canvas it follows, as the bytes of its file.
struct Reference {
  Id id = 0;
  std::string name;
  std::string extension; ///< Lower case, without the dot.
  SharedBytes bytes;
  std::string follows = {}; ///< Path of the file it is read anew from whenever that is saved; or empty.
  Study study = {};
  std::string extras = {};
  bool operator==(const Reference& other) const;
};

/// A paint of the piece's palette of paints.
struct PalettePaint {
  Id id = 0;
  std::string name;
  Srgb color;
  std::string trade = {}; ///< The paint of the trade whose curve it has; empty, or none that this version
                          ///< knows: the smoothest curve of its color.
  double strength = 1;    ///< Tinting strength, kStrengthRange.
  bool out = true;        ///< Put out: it goes into recipes and the reach.
  std::string extras = {};
  bool operator==(const PalettePaint&) const = default;
};

struct Piece {
  std::string title = "Untitled piece";
  std::string words; ///< Mood and intent.
  std::string signature;
  std::string date; ///< ISO 8601 day, or empty.
  WheelSpec wheel;
  std::optional<Mask> mask;
  bool mask_on = true; ///< Off keeps the mask without using it.
  MaskRule rule = MaskRule::Held;
  List<Reference> references;
  List<SwatchSet> sets;
  Id current_set = 0;
  Bands bands;
  GradingRules grading;
  List<PalettePaint> paints; ///< At most kMostPaints.
  Id next_id = 1;
  std::string extras;
  bool operator==(const Piece&) const = default;
};

/// Null where there is none or it is off.
[[nodiscard]] inline const Mask* mask_in_use(const Piece& piece) {
  return piece.mask && piece.mask_on ? &*piece.mask : nullptr;
}
[[nodiscard]] PlanKey plan_key(const Piece& piece);
[[nodiscard]] const SwatchSet* find_set(const Piece& piece, Id id);
[[nodiscard]] const SwatchSet* current_set(const Piece& piece);
[[nodiscard]] const SwatchSet* find_set_by_name(const Piece& piece, std::string_view name);
[[nodiscard]] const SwatchSet* find_set_of_family(const Piece& piece, Id family);
[[nodiscard]] const Family* find_family(const Piece& piece, Id id);
[[nodiscard]] const Swatch* find_swatch(const Piece& piece, Id id);
/// The family, of any set, that has the swatch.
[[nodiscard]] const Family* find_family_of(const Piece& piece, Id swatch);
[[nodiscard]] const Swatch* find_swatch(const List<Family>& families, Id id);
[[nodiscard]] const SetVersion* find_version(const Piece& piece, Id id);
[[nodiscard]] const PalettePaint* find_paint(const Piece& piece, Id id);
[[nodiscard]] const Reference* find_reference(const Piece& piece, Id id);
[[nodiscard]] std::size_t swatch_count(const SwatchSet& set);
/// The first place behind all swatches of a family.
[[nodiscard]] int next_place(const Family& family);

} // namespace zc
