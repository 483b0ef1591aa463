// SPDX-License-Identifier: GPL-3.0-or-later
// The numbers of the current color as fields take them, and the colors that a drag of one gives.
#pragma once

#include "core/color/readout.h"
#include "core/session/session.h"

#include <vector>

namespace zc {

/// The pick that a field of the place on the wheel asks for: hue in degrees, 0..360, saturation in percent,
/// value L*. ERRORS: as picked_in_plan().
[[nodiscard]] Result<Session> place_set(const Session& session, const PickRules& rules, PlaceNumber number,
                                        double wanted);

/// Colors along the whole range of a number, at the middle of each of so many equal stretches; nothing where
/// the display has no such color, and a pick stops before.
using Track = std::vector<std::optional<Srgb>>;

[[nodiscard]] Track place_track(const Session& session, const PickRules& rules, PlaceNumber number,
                                std::size_t stretches);
/// REQUIRES a number of the space's three.
[[nodiscard]] Track readout_track(ReadoutSpace space, Srgb color, std::size_t number, std::size_t stretches);

} // namespace zc
