// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/ramp_ends.h"

#include "core/mask/rays.h"

namespace zc {
namespace {

using Kind = RampEnd::Kind;

/// A place of the mask at the current value.
Srgb color_in_mask(const Session& session, const Geometry& geometry, DiscPoint at) {
  const WheelPoint wanted = wheel_point(at, session.at.at.v, Angle(session.at.at.a));
  return geometry.wheel().nearest_existing(wanted).color;
}

} // namespace

std::vector<RampEnd> ramp_ends(const Session& session, const Piece& piece, const Geometry& geometry) {
  std::vector<RampEnd> out{{Kind::Current}, {Kind::Before}, {Kind::Haze}};
  const MaskRegion* region = geometry.region();
  const bool masked = region && !region->empty();
  if (masked) out.push_back({Kind::Neutral});
  for (Id i = 1; i <= relation_turns(session.relations.relation).size(); ++i)
    out.push_back({Kind::Member, i});
  if (masked)
    for (Id i = 0; i < region->corners().size(); ++i) out.push_back({Kind::Corner, i});
  for (Id i = 0; i < session.at_hand.wells.size(); ++i)
    if (session.at_hand.wells[i]) out.push_back({Kind::Well, i});
  if (const SwatchSet* set = current_set(piece))
    for (const Family& family : set->families)
      for (const Swatch& s : family.swatches) out.push_back({Kind::Swatch, s.id});
  return out;
}

std::optional<Srgb> color_of(const RampEnd& end, const Session& session, const Piece& piece,
                             const Geometry& geometry) {
  const MaskRegion* region = geometry.region();
  switch (end.kind) {
  case Kind::Current:
    return session.color();
  case Kind::Before:
    return session.before;
  case Kind::Haze:
    return usual_haze();
  case Kind::Neutral: {
    const auto neutral = region ? mask_neutral(*region) : std::nullopt;
    return neutral ? std::optional(color_in_mask(session, geometry, *neutral)) : std::nullopt;
  }
  case Kind::Member: {
    const auto all = members(session, geometry);
    return end.of < all.size() ? std::optional(all[end.of].color) : std::nullopt;
  }
  case Kind::Corner: {
    const auto corners = region ? region->corners() : std::vector<DiscPoint>();
    return end.of < corners.size() ? std::optional(color_in_mask(session, geometry, corners[end.of]))
                                   : std::nullopt;
  }
  case Kind::Well:
    return end.of < session.at_hand.wells.size() ? session.at_hand.wells[end.of] : std::nullopt;
  case Kind::Swatch:
    break;
  }
  const SwatchSet* set = current_set(piece);
  const Swatch* swatch = set ? find_swatch(piece, end.of) : nullptr;
  return swatch ? std::optional(swatch->color) : std::nullopt;
}

} // namespace zc
