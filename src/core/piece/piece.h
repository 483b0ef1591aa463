// The document: one palette plan for one artwork. Plain values; edits are in edits.h.
#pragma once

#include "core/mask/mask.h"
#include "core/wheel/steps.h"
#include "core/wheel/wheel.h"

#include <array>
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
  std::optional<WheelPoint> picked = {}; ///< Where on the wheel it was picked, when it was.
  std::string name = {};
  std::string note = {};                 ///< Its role in the piece.
  std::optional<SampleOrigin> from = {}; ///< Where it was sampled, when it was.
  int place = 0;                         ///< Its place in the family's row, from 0; places may be free.
  bool locked = false;                   ///< Its color is kept from change.
  bool used = false;                     ///< The painter has ticked it off.
  std::string extras = {};               ///< Unknown fields of the file, kept as JSON text; likewise below.
  bool operator==(const Swatch&) const = default;
};

/// Places a row has at most.
inline constexpr int kMostPlaces = 10'000;

/// Swatches stand in the order of their places, each at a place of its own.
struct Family {
  Id id = 0;
  std::string name;
  std::vector<Swatch> swatches = {};
  std::string extras = {};
  bool operator==(const Family&) const = default;
};

/// Limits between the value bands, L*: dark < dark_below <= middle < light_from <= light.
struct Bands {
  double dark_below = 33.3;
  double light_from = 66.7;
  bool operator==(const Bands&) const = default;
};

/// A state of a set that was kept beside it. Its families and swatches have the ids they had in the set, so
/// that a swatch is the same one in every version.
struct SetVersion {
  Id id = 0;
  std::string name;
  std::vector<Family> families = {};
  std::string extras = {};
  bool operator==(const SetVersion&) const = default;
};

struct SwatchSet {
  Id id = 0;
  std::string name;
  std::vector<Family> families = {};
  std::string note = {};
  std::vector<std::string> tags = {};
  std::vector<SetVersion> versions = {};
  std::string extras = {};
  bool operator==(const SwatchSet&) const = default;
};

/// How many swatches lie in each value band, or are meant to.
struct BandCounts {
  int dark = 0, middle = 0, light = 0;
  bool operator==(const BandCounts&) const = default;
};

/// What the grading of the piece's sets goes by; the defaults are common practice, no source.
struct GradingRules {
  int value_steps = 5;       ///< 3 to 11, from black to white.
  double near_duplicate = 3; ///< CIEDE2000 below which two swatches are near-duplicates, 0.1 to 20.
  double twin = 2;           ///< L* below which two swatches of different hue are twins, 0.1 to 20.
  double gap = 20;           ///< L* above which neighbors in a family have a gap between them, 1 to 100.
  BandCounts target{10, 10, 10};
  bool operator==(const GradingRules&) const = default;
};

/// A photo that belongs to the piece, as the bytes of its file.
struct Reference {
  Id id = 0;
  std::string name;
  std::string extension; ///< Lower case, without the dot.
  SharedBytes bytes;
  std::string extras;
  bool operator==(const Reference& other) const;
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
  std::vector<Reference> references;
  std::vector<SwatchSet> sets;
  Id current_set = 0;
  Bands bands;
  GradingRules grading;
  Id next_id = 1;
  std::string extras;
  bool operator==(const Piece&) const = default;
};

/// What lies on the desk beside the piece: saved with it, not undone.
struct Bench {
  std::array<std::optional<Srgb>, 8> wells;
  std::vector<Srgb> recent; ///< Newest first, at most kRecentColors.
  Srgb current{0.5, 0.5, 0.5};
  Steps steps;
  bool operator==(const Bench&) const = default;
};
inline constexpr std::size_t kRecentColors = 16;

/// Trail with `c` put first; an equal 8-bit color further down is dropped.
[[nodiscard]] std::vector<Srgb> with_recent(std::vector<Srgb> recent, Srgb c);

[[nodiscard]] const SwatchSet* find_set(const Piece& piece, Id id);
[[nodiscard]] const SwatchSet* current_set(const Piece& piece);
[[nodiscard]] const SwatchSet* find_set_by_name(const Piece& piece, std::string_view name);
[[nodiscard]] const Family* find_family(const Piece& piece, Id id);
[[nodiscard]] const Swatch* find_swatch(const Piece& piece, Id id);
[[nodiscard]] const SetVersion* find_version(const Piece& piece, Id id);
[[nodiscard]] const Reference* find_reference(const Piece& piece, Id id);
[[nodiscard]] std::size_t swatch_count(const SwatchSet& set);
/// The first place behind all swatches of a family.
[[nodiscard]] int next_place(const Family& family);

} // namespace zc
