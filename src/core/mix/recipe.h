// SPDX-License-Identifier: GPL-3.0-or-later
// The mixture of few paints that comes nearest to a color, and the fewest paints that reach many.
#pragma once

#include "core/base/progress.h"
#include "core/mix/mixer.h"

namespace zc {

inline constexpr int kMostPartsOfRecipe = 12, kMostPaintsOfRecipe = 4;

struct RecipeSpec {
  int most_paints = kMostPaintsOfRecipe; ///< 1..4.
  int most_parts = kMostPartsOfRecipe;   ///< Of one paint, whole, 1..12.
};
struct RecipePart {
  std::size_t paint = 0; ///< In the order of the mixer.
  int parts = 0;         ///< Above 0.
  bool operator==(const RecipePart&) const = default;
};
struct Recipe {
  std::vector<RecipePart> parts; ///< The most first.
  Mixture mixture;
  double difference = 0; ///< CIEDE2000 to the color asked for.
};
/// For up to five paints the best of all whole parts, found by trying each; for more the best that is found
/// beside the places where the mixtures of any four come nearest. ERRORS: BadInput for numbers out of their
/// ranges and for no paint with any strength.
[[nodiscard]] Result<Recipe> recipe_for(Srgb color, const Mixer& mixer, const RecipeSpec& spec = {});

/// CIEDE2000 from each color to the nearest mixture of all paints, in any parts. REQUIRES a paint with
/// strength. Stopped early the rest is 0.
[[nodiscard]] std::vector<double> distances_to_mixtures(const std::vector<Srgb>& colors, const Mixer& mixer,
                                                        const Progress& progress = {});

struct WeightedColor {
  Srgb color;
  double weight = 0;
};
struct FewestSpec {
  double within = 3;   ///< CIEDE2000 that still counts as reached, 0.5..20.
  double share = 0.95; ///< Of the weight to be reached, above 0 to 1.
};
struct FewestPaints {
  std::vector<std::size_t> paints; ///< In the order of the mixer.
  double share = 0;                ///< That they reach, 0..1.
  bool enough = false;             ///< False where all paints together do not reach it; these are then all.
};
/// The smallest choice, and of equally small ones that which reaches most. ERRORS: BadInput for no colors, no
/// paints, more than kMostPaints, or numbers out of their ranges; Stopped.
[[nodiscard]] Result<FewestPaints> fewest_paints(const std::vector<WeightedColor>& colors, const Mixer& mixer,
                                                 const FewestSpec& spec, const Progress& progress = {});

} // namespace zc
