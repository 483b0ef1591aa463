// SPDX-License-Identifier: GPL-3.0-or-later
// Piece and session as the window holds them together, without it.
#pragma once

#include "core/piece/laying.h"
#include "core/session/session.h"
#include "support/check.h"

namespace zc::test {

constexpr WheelSpec kTraditional{}, kLightHsl{HueScale::Light, SaturationMeasure::Hsl};

/// Piece and session as the window holds them together.
struct Afternoon {
  Piece piece = new_piece({});
  Geometry geometry{piece};
  Session session = started({}, piece, geometry, {});

  void edit(const Result<Piece>& next) {
    if (!next) qFatal("%s", next.error().sentence().c_str());
    piece = *next;
    geometry = geometry.followed(piece);
    session = followed(session, piece, geometry);
  }
  [[nodiscard]] PickRules rules() const { return pick_rules(session, piece, geometry); }
  void lay() { edit(with_color_laid(piece, session.family, current_color(session))); }
  [[nodiscard]] const List<Swatch>& swatches() const { return current_set(piece)->families[0].swatches; }
};

} // namespace zc::test
