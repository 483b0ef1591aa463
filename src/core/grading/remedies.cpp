// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grading/remedies.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/piece/adjust.h"
#include "core/piece/change.h"
#include "core/piece/set_edits.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

constexpr double kExact = 1e-6;

WheelPoint place_of(const Swatch& s, const Wheel& wheel) { return place_on(wheel, s.color, s.picked); }

/// How far a swatch can go toward the wanted value with its hue and saturation kept.
double nearest_value(const Swatch& s, double wanted, const Wheel& wheel) {
  const WheelPoint at = place_of(s, wheel);
  const ValueSpan span = wheel.value_span(Angle(at.a), at.r);
  const double low = std::min(span.low, at.v), high = std::max(span.high, at.v);
  return std::clamp(wanted, low, high);
}

bool put_at_value(Swatch& s, double value, const Wheel& wheel) {
  WheelPoint at = place_of(s, wheel);
  if (std::abs(at.v - value) < kExact) return true;
  at.v = value;
  const auto found = wheel.nearest_existing(at);
  if (std::abs(found.at.r - at.r) > 1e-4) return false;
  s.color = found.color;
  s.picked = WheelPlace{found.at, wheel.spec()};
  return true;
}

/// Until they differ by `apart` in value.
Result<Piece> parted_by(Piece piece, Id a, Id b, double apart) {
  Swatch *light = swatch_to_change(piece, a), *dark = swatch_to_change(piece, b);
  if (!light || !dark) return not_found("swatch");
  if (a == b) return Error{ErrorCode::BadInput, Sentence::SwatchPartedFromItself, "swatch"};
  if (value_of(light->color) < value_of(dark->color)) std::swap(light, dark);
  if (light->locked && dark->locked) return Error{ErrorCode::BadInput, Sentence::BothLocked, "swatch"};
  const Wheel wheel(piece.wheel);
  const double high = value_of(light->color), low = value_of(dark->color);
  const double each = (apart - (high - low)) / 2;
  double up = light->locked ? high : nearest_value(*light, dark->locked ? low + apart : high + each, wheel);
  double down = dark->locked ? low : nearest_value(*dark, up - apart, wheel);
  if (up - down < apart - kExact && !light->locked) up = nearest_value(*light, down + apart, wheel);
  const bool parted =
      up - down >= apart - kExact && put_at_value(*light, up, wheel) && put_at_value(*dark, down, wheel);
  if (!parted) return Error{ErrorCode::BadInput, Sentence::NotParted, "swatch"};
  return piece;
}

} // namespace

Result<Piece> with_merged(Piece piece, Id a, Id b) {
  const Swatch *first = find_swatch(piece, a), *second = find_swatch(piece, b);
  if (!first || !second) return not_found("swatch");
  if (a == b) return Error{ErrorCode::BadInput, Sentence::SwatchMergedWithItself, "swatch"};
  return without_swatches(std::move(piece), {second->locked ? a : b});
}

Result<Piece> with_parted(Piece piece, Id a, Id b) {
  const double apart = 2 * piece.grading.twin;
  return parted_by(std::move(piece), a, b, apart);
}

Result<Piece> with_told_apart(const Piece& piece, Id a, Id b, ColorVision vision) {
  const Swatch *first = find_swatch(piece, a), *second = find_swatch(piece, b);
  if (!first || !second) return not_found("swatch");
  constexpr double step = 0.5; // L*
  const double now = std::abs(value_of(first->color) - value_of(second->color));
  for (double apart = now + step;; apart += step) {
    auto parted = parted_by(piece, a, b, apart);
    if (!parted) return parted;
    const auto seen = [&](Id id) { return seen_by(vision, find_swatch(*parted, id)->color); };
    if (contrast_of(seen(a), seen(b)).difference >= piece.grading.near_duplicate) return parted;
  }
}

Result<Piece> with_gap_filled(Piece piece, const ValueGap& gap) {
  const Swatch *dark = find_swatch(piece, gap.dark), *light = find_swatch(piece, gap.light);
  if (!dark || !light || !find_family(piece, gap.family)) return not_found("gap");
  const Wheel wheel(piece.wheel);
  const Oklab p = oklab_from_srgb(dark->color), q = oklab_from_srgb(light->color);
  WheelPoint at = wheel.locate(srgb_from_oklab(mixed(p, q, 0.5)), place_of(*dark, wheel).a);
  at.v = (value_of(dark->color) + value_of(light->color)) / 2;
  const auto found = wheel.nearest_existing(at);
  return with_swatch(std::move(piece), gap.family, {found.color, WheelPlace{found.at, wheel.spec()}}, "");
}

Result<Piece> with_brought_inside(Piece piece, const std::vector<Id>& swatches) {
  if (!piece.mask || !piece.mask_on || MaskRegion(*piece.mask).empty())
    return Error{ErrorCode::BadInput, Sentence::NoMaskInUse, "mask"};
  const MaskRegion region(*piece.mask);
  const Wheel wheel(piece.wheel);
  for (const Id id : swatches) {
    Swatch* s = swatch_to_change(piece, id);
    if (!s) return not_found("swatch");
    if (s->locked) return Error{ErrorCode::BadInput, say(Sentence::SwatchLocked, s->name), "swatch"};
    const WheelPoint at = place_of(*s, wheel);
    const DiscPoint place = disc_point(at), held = *region.nearest(place);
    if (held == place) continue;
    const auto found = wheel.nearest_existing(wheel_point(held, at.v, Angle(at.a)));
    s->color = found.color;
    s->picked = WheelPlace{found.at, piece.wheel};
  }
  return piece;
}

Result<Piece> with_families_turned(Piece piece, const RelationFit& fit, double limit) {
  bool moved = false;
  for (const RelationFit::Member& member : fit.families) {
    if (std::abs(member.off) < limit) continue;
    Adjustment turn;
    turn.turn = -member.off;
    const Family* family = find_family(piece, member.family);
    if (!family) return not_found("family");
    std::vector<Id> ids;
    for (const Swatch& s : family->swatches)
      if (!s.locked) ids.push_back(s.id);
    if (ids.empty()) continue;
    auto next = with_adjusted(piece, current_set(piece)->id, ids, turn);
    if (!next) return next;
    piece = std::move(next).value();
    moved = true;
  }
  if (!moved) return Error{ErrorCode::BadInput, Sentence::SetKeepsRelation, "family"};
  return piece;
}

Result<Piece> with_evened(Piece piece, Id family) {
  Family* f = family_to_change(piece, family);
  if (!f) return not_found("family");
  if (f->swatches.size() < 3) return Error{ErrorCode::BadInput, Sentence::EveningOutTooFew, "family"};
  const Wheel wheel(piece.wheel);
  std::vector<std::pair<double, Swatch*>> order;
  f->swatches.change_each([&order](Swatch& s) { order.emplace_back(value_of(s.color), &s); });
  std::stable_sort(order.begin(), order.end(),
                   [](const auto& a, const auto& b) { return a.first < b.first; });
  std::size_t anchor = 0;
  for (std::size_t i = 1; i < order.size(); ++i) {
    if (i + 1 < order.size() && !order[i].second->locked) continue;
    const double from = order[anchor].first, to = order[i].first;
    for (std::size_t k = anchor + 1; k < i; ++k) {
      const double value =
          from + (to - from) * static_cast<double>(k - anchor) / static_cast<double>(i - anchor);
      if (!put_at_value(*order[k].second, value, wheel))
        return Error{ErrorCode::BadInput,
                     say(Sentence::NotAtValue, order[k].second->name,
                         std::to_string(static_cast<int>(std::lround(value)))),
                     "swatch"};
    }
    anchor = i;
  }
  return piece;
}

} // namespace zc
