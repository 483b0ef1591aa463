// SPDX-License-Identifier: GPL-3.0-or-later
// Pieces of families and swatches given by hue, saturation and value, and how they are graded.
#pragma once

#include "core/grading/grading.h"
#include "core/piece/edits.h"
#include "support/check.h"

namespace zc::test {

struct Given {
  double hue, saturation, value;
};

inline Piece piece_of(std::initializer_list<std::pair<const char*, std::vector<Given>>> families) {
  Piece piece = new_piece({});
  const Wheel wheel(piece.wheel);
  for (const auto& [name, colors] : families) {
    piece = *with_family(piece, name);
    for (const auto& c : colors) {
      const auto found = wheel.nearest_existing({c.hue, c.saturation, c.value});
      piece = *with_swatch(piece, current_set(piece)->families.back().id,
                           {found.color, WheelPlace{found.at, piece.wheel}},
                           std::string(name) + std::to_string(static_cast<int>(c.value)));
    }
  }
  return piece;
}

inline const Swatch& swatch(const Piece& piece, std::size_t family, std::size_t i) {
  return current_set(piece)->families[family].swatches[i];
}

inline GradingReport graded(const Piece& piece) {
  std::optional<MaskRegion> region;
  if (piece.mask) region.emplace(*piece.mask);
  return grade(*current_set(piece), piece.bands, piece.grading, Wheel(piece.wheel),
               region ? &*region : nullptr);
}

} // namespace zc::test
