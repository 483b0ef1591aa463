// SPDX-License-Identifier: GPL-3.0-or-later
// What a ramp can start from and lead to.
#pragma once

#include "core/session/session.h"

namespace zc {

/// A color by what it is, not by what it looks like now.
struct RampEnd {
  enum class Kind {
    Current, ///< The current color.
    Before,  ///< The one before it.
    Haze,    ///< usual_haze().
    Neutral, ///< Of the mask, at the current value.
    Member,  ///< Of the relation; 1 is the first beside the color's own.
    Corner,  ///< Of the mask, at the current value; from 0.
    Well,    ///< From 0.
    Swatch,  ///< Of the current set, by its id.
  } kind = Kind::Current;
  Id of = 0;
  bool operator==(const RampEnd&) const = default;
};

/// All that are there, in the order of their kinds; swatches in the order of the set.
[[nodiscard]] std::vector<RampEnd> ramp_ends(const Session& session, const Piece& piece,
                                             const Geometry& geometry);
/// Nothing where it is gone.
[[nodiscard]] std::optional<Srgb> color_of(const RampEnd& end, const Session& session, const Piece& piece,
                                           const Geometry& geometry);

} // namespace zc
