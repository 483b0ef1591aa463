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
  std::optional<WheelPoint> picked; ///< Where on the wheel it was picked, when it was.
  std::string name;
  std::string note;
  std::optional<SampleOrigin> from; ///< Where it was sampled, when it was.
  std::string extras;               ///< Unknown fields of the file, kept as JSON text; likewise below.
  bool operator==(const Swatch&) const = default;
};

struct Family {
  Id id = 0;
  std::string name;
  std::vector<Swatch> swatches;
  std::string extras;
  bool operator==(const Family&) const = default;
};

/// Limits between the value bands, L*: dark < dark_below <= middle < light_from <= light.
struct Bands {
  double dark_below = 33.3;
  double light_from = 66.7;
  bool operator==(const Bands&) const = default;
};

struct SwatchSet {
  Id id = 0;
  std::string name;
  std::vector<Family> families;
  std::string extras;
  bool operator==(const SwatchSet&) const = default;
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
[[nodiscard]] const Reference* find_reference(const Piece& piece, Id id);
[[nodiscard]] std::size_t swatch_count(const SwatchSet& set);

} // namespace zc
