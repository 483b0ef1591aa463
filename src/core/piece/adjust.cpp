// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/adjust.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/piece/change.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <unordered_map>
#include <unordered_set>

namespace zc {
namespace {

/// So small a difference is rounding, not a wish beyond what exists.
constexpr double kRounding = 1e-9;

/// The hue and saturation of a color mixed toward the tint, its value as wanted.
WheelPoint tinted(const WheelPoint& at, const Adjustment& a, const Wheel& wheel) {
  const Oklab from = oklab_from_srgb(wheel.nearest_existing(at).color), to = oklab_from_srgb(*a.tint);
  WheelPoint out = wheel.locate(srgb_from_oklab(mixed(from, to, a.tint_share)), at.a);
  out.v = at.v;
  return out;
}

} // namespace

bool Adjustment::changes() const {
  return turn != 0 || saturation != 1 || value != 0 || contrast != 1 || (tint && tint_share > 0);
}

Status validate(const Adjustment& a) {
  const auto refuse = [](Sentence sentence, const char* place) {
    return Status(Error{ErrorCode::BadInput, sentence, place});
  };
  if (!kTurnRange.holds(a.turn)) return refuse(Sentence::HueTurnRange, "turn");
  if (!kFactorRange.holds(a.saturation)) return refuse(Sentence::SaturationRange, "saturation");
  if (!kValueShiftRange.holds(a.value)) return refuse(Sentence::ValueShiftRange, "value");
  if (!kFactorRange.holds(a.contrast)) return refuse(Sentence::ContrastRange, "contrast");
  if (!kPivotRange.holds(a.pivot)) return refuse(Sentence::PivotRange, "pivot");
  if (!kTintRange.holds(a.tint_share)) return refuse(Sentence::TintRange, "tint");
  return Done{};
}

Adjusted adjusted(const Swatch& swatch, const Adjustment& a, const Wheel& wheel) {
  assert(validate(a).ok());
  const WheelPoint from = place_on(wheel, swatch.color, swatch.picked);
  WheelPoint wanted{wrap_degrees(from.a + a.turn), from.r * a.saturation,
                    a.pivot + (from.v - a.pivot) * a.contrast + a.value};
  if (a.tint && a.tint_share > 0) wanted = tinted(wanted, a, wheel);
  if (!a.changes()) return {swatch.id, swatch.color, from, false};
  const auto found = wheel.nearest_existing(wanted);
  const bool reduced =
      std::abs(found.at.r - wanted.r) > kRounding || std::abs(found.at.v - wanted.v) > kRounding;
  return {swatch.id, found.color, found.at, reduced};
}

std::vector<Adjusted> adjust_preview(const SwatchSet& set, const std::vector<Id>& swatches,
                                     const Adjustment& adjustment, const Wheel& wheel) {
  const std::unordered_set<Id> wanted(swatches.begin(), swatches.end());
  std::vector<Adjusted> out;
  for (const auto& family : set.families)
    for (const auto& s : family.swatches)
      if (!s.locked && (wanted.empty() || wanted.contains(s.id)))
        out.push_back(adjusted(s, adjustment, wheel));
  return out;
}

Result<Piece> with_adjusted(Piece piece, Id set, const std::vector<Id>& swatches,
                            const Adjustment& adjustment) {
  const Status valid = validate(adjustment);
  if (!valid) return valid.error();
  SwatchSet* s = set_to_change(piece, set);
  if (!s) return not_found("set");
  std::unordered_map<Id, Adjusted> changed;
  for (auto& a : adjust_preview(*s, swatches, adjustment, Wheel(piece.wheel))) changed.emplace(a.swatch, a);
  if (changed.empty()) return Error{ErrorCode::NotFound, Sentence::NothingToChange, "set"};
  if (!adjustment.changes()) return piece;
  const auto is_changed = [&](const Swatch& swatch) { return changed.contains(swatch.id); };
  const auto change = [&](Swatch& swatch) {
    const Adjusted& to = changed.at(swatch.id);
    swatch.color = to.color;
    swatch.picked = WheelPlace{to.at, piece.wheel};
  };
  s->families.change_each([&](Family& family) { family.swatches.change_where(is_changed, change); });
  return piece;
}

} // namespace zc
