// SPDX-License-Identifier: GPL-3.0-or-later
// The bounds and invariants of a piece, once: edits, readers, importers and number fields go by these, and
// check() says what is broken. What it finds nothing wrong with can always be saved and opened again.
#pragma once

#include "core/base/range.h"
#include "core/piece/piece.h"

#include <cstddef>
#include <string>
#include <string_view>
#include <vector>

namespace zc {

/// The longest texts, in bytes of UTF-8.
inline constexpr std::size_t kLongestName = 400; ///< Titles, names, tags, signature, date.
inline constexpr std::size_t kLongestPath = 4096;
inline constexpr std::size_t kLongestNote = 10'000;
inline constexpr std::size_t kLongestExtension = 16;

inline constexpr std::size_t kMostReferences = 200;
/// Changes by hand to the areas of one reference; as many bindings may stand beside them.
inline constexpr std::size_t kMostStudyEdits = 2000;
inline constexpr std::size_t kMostAreas = 200; ///< Of a mask.
inline constexpr std::size_t kMostSets = 1000;
inline constexpr std::size_t kMostFamilies = 1000;   ///< In a set.
inline constexpr std::size_t kMostSwatches = 10'000; ///< In a set.
inline constexpr std::size_t kMostVersions = 50;     ///< Of a set.
inline constexpr std::size_t kMostTags = 50;
/// All of them in one line, with a comma and a space between.
inline constexpr std::size_t kLongestTags = kMostTags * (kLongestName + 2);
inline constexpr int kMostPlaces = 10'000; ///< Of a row; places run from 0.
/// All references of a piece together, in bytes.
inline constexpr std::uint64_t kMostReferenceBytes = std::uint64_t{7} << 29;
/// All that a piece says, as weighed by text_weight(), in bytes.
inline constexpr std::uint64_t kMostText = std::uint64_t{240} << 20;
/// Ids run from 1 to below this, so that the next one is always a number.
inline constexpr Id kIdEnd = Id{1} << 62;

inline constexpr Range kPixelRange{0, 1e6}; ///< Coordinates of a sample.
inline constexpr Range kValueRange{0, 100}; ///< L*.
inline constexpr Range kValueStepsRange{3, 11};
inline constexpr Range kNearDuplicateRange{0.1, 20};
inline constexpr Range kTwinRange{0.1, 20};
inline constexpr Range kGapRange{1, 100};
inline constexpr Range kOutsideRange{0.1, 20};
inline constexpr Range kTargetRange{0, 10'000};

/// 0 < dark_below < light_from < 100.
[[nodiscard]] bool in_order(const Bands& bands);
/// Every number of them in its range.
[[nodiscard]] bool in_bounds(const GradingRules& rules);
/// Within the display: three numbers from 0 to 1.
[[nodiscard]] bool in_bounds(Srgb color);
/// Whether a place is one of the wheel: an angle in [0, 360), a saturation from 0 to 1, a value from 0 to
/// 100.
[[nodiscard]] bool in_bounds(const WheelPoint& place);
/// Lower-case letters and digits, at most kLongestExtension of them.
[[nodiscard]] bool good_extension(std::string_view extension);

/// Something that is broken, in one sentence, and where: a path such as "sets[0].families[2].name".
struct Fault {
  std::string place;
  Saying said;
};
inline constexpr std::size_t kMostFaults = 1000;

/// A lower bound for the bytes of JSON that the sets of a piece take, with all their versions.
[[nodiscard]] std::uint64_t text_weight(const Piece& piece);

/// What is broken, in the order of the piece, at most kMostFaults; nothing when the piece is whole. What is
/// shared with `whole`, a piece known to be whole, is not looked at again. What all of it comes to is only
/// held against what has grown since then: a large piece that was opened can always become smaller.
[[nodiscard]] std::vector<Fault> check(const Piece& piece, const Piece* whole = nullptr);

} // namespace zc
