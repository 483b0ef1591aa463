// SPDX-License-Identifier: GPL-3.0-or-later
// A knife or a finger over the field of mixtures: what it picks up on its way, and how it smears colors.
#pragma once

#include "core/mix/field.h"

#include <optional>
#include <vector>

namespace zc {

/// Places that a hand goes through, in order.
using FieldPath = std::vector<FieldPoint>;
inline constexpr std::size_t kMostSmears = 12, kMostPathPoints = 400;

/// Half the width of a smear, in sides of the field (ours).
inline constexpr double kSmearReach = 0.045;
/// A load of paint keeps 1/e of what it was after so long a way, in sides of the field (ours).
inline constexpr double kLoadLasts = 0.3;

/// A smear as it lies there: its parts at places close to each other.
struct Streak {
  FieldPath places;
  std::vector<std::vector<double>> parts;
};

/// The parts at a place: those of the smear that lies on top there, else of the field. REQUIRES streaks of as
/// many corners.
[[nodiscard]] std::vector<double> parts_under(std::size_t corners, const std::vector<Streak>& streaks,
                                              FieldPoint p);
/// A smear over what lies there: it begins as what is under its first place, and takes up ever more of what
/// it goes over. REQUIRES a path with a place in it.
[[nodiscard]] Streak smeared(std::size_t corners, const std::vector<Streak>& below, const FieldPath& path);
/// The smears over a field.
struct Smears {
  std::vector<FieldPath> paths; ///< That the hand took.
  std::vector<Streak> streaks;  ///< One of each path, worked out over those before it.
  /// At each place of a streak; nothing where there is no mixture.
  std::vector<std::vector<std::optional<Srgb>>> colors;
};
/// The smears along paths. `known` are smears over a field of as many corners, without colors where it is
/// another one: as many as follow the same paths, from the first one on, stay where they are.
[[nodiscard]] Smears smears_along(const MixField& field, Smears known, const std::vector<FieldPath>& paths);
/// So many mixtures along a path, both ends among them, evenly by CIEDE2000; fewer where there are none, one
/// where the path does not leave its color.
[[nodiscard]] std::vector<std::vector<double>> picked_along(const MixField& field,
                                                            const std::vector<Streak>& streaks,
                                                            const FieldPath& path, std::size_t count);

} // namespace zc
