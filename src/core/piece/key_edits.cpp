// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/key_edits.h"

#include "core/base/sentences.h"
#include "core/keys/key_picture.h"
#include "core/mask/patterns.h"
#include "core/mask/rays.h"
#include "core/piece/change.h"
#include "core/piece/pairing.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace zc {
namespace {

/// A neutral nearer to the middle than this has no hue of its own.
constexpr double kHasHue = 0.05;

/// The hue of a mask's neutral; nothing where it has none.
std::optional<double> hue_of(const std::optional<Mask>& mask) {
  if (!mask) return std::nullopt;
  const auto n = mask_neutral(MaskRegion(*mask));
  if (!n || std::hypot(n->x, n->y) < kHasHue) return std::nullopt;
  return wheel_point(*n, 0).a;
}

/// Degrees clockwise from a hue; what has none comes last.
double place_of(const ColorKey& key, double from) {
  if (key.kind == KeyKind::Turn) return key.turn;
  const auto to = key.plan ? hue_of(key.plan->mask) : std::nullopt;
  return to ? wrap_degrees(*to - from) : 360;
}

void add_turns(std::vector<ColorKey>& out, const Piece& piece, double step) {
  const int count = static_cast<int>(std::ceil(360 / step - 1e-9));
  for (int i = 1; i < count; ++i) out.push_back(turned_key(piece, i * step));
}

void add_masks(std::vector<ColorKey>& out, const Piece& piece, const KeySheet& sheet,
               const std::vector<Mask>& shelf, double hue, double rim) {
  const double largest = sheet.fills ? rim : 1;
  const auto add = [&](KeyKind kind, const Mask& mask) {
    if (MaskRegion(mask).empty()) return;
    out.push_back(pressed_key(piece, kind, mask, sheet.strength, largest));
  };
  for (const Pattern kind : kPatterns) add(KeyKind::Pattern, pattern_mask({kind, hue, usual_spread(kind)}));
  for (const Mask& mask : shelf) add(KeyKind::Shelf, mask);
}

void move_all(List<Family>& families, const KeyMap& map) {
  const auto move = [&map](Swatch& swatch) {
    const WheelPoint at = place_on(map.wheel(), swatch.color, swatch.picked);
    if (map.leaves(at)) return;
    const KeyMap::Moved to = map.moved(at);
    swatch.color = to.color;
    swatch.picked = WheelPlace{to.at, map.wheel().spec()};
  };
  const auto free = [](const Swatch& swatch) { return !swatch.locked; };
  families.change_each([&](Family& family) { family.swatches.change_where(free, move); });
}

} // namespace

ColorKey turned_key(const Piece& piece, double by) {
  PlanKey plan = plan_key(piece);
  if (plan.mask) plan.mask = turned_mask(*plan.mask, by);
  return {KeyKind::Turn, {}, by, std::move(plan)};
}

ColorKey pressed_key(const Piece& piece, KeyKind kind, const Mask& mask, double strength, double rim) {
  return {kind, mask.name, 0, PlanKey{piece.wheel, mask}, strength, rim};
}

ColorKey version_key(const SetVersion& version) {
  ColorKey key{KeyKind::Version, version.name};
  key.plan = version.key;
  key.version = version.id;
  return key;
}

std::vector<ColorKey> keys_of(const Piece& piece, const KeySheet& sheet, const std::vector<Mask>& shelf,
                              double hue, double rim) {
  std::vector<ColorKey> out;
  const auto wants = [&](KeyRows rows) { return sheet.rows == KeyRows::All || sheet.rows == rows; };
  if (wants(KeyRows::Turns)) add_turns(out, piece, sheet.step);
  if (wants(KeyRows::Masks)) add_masks(out, piece, sheet, shelf, hue, rim);
  const SwatchSet* set = current_set(piece);
  if (set && wants(KeyRows::Versions))
    for (const SetVersion& v : set->versions) out.push_back(version_key(v));
  const PlanKey now = plan_key(piece);
  const double from = hue_of(now.mask).value_or(hue);
  std::vector<std::pair<double, std::size_t>> places;
  for (std::size_t i = 0; i < out.size(); ++i) places.emplace_back(place_of(out[i], from), i);
  std::stable_sort(places.begin(), places.end(),
                   [](const auto& a, const auto& b) { return a.first < b.first; });
  std::vector<ColorKey> sorted{{KeyKind::Current, {}, 0, now}};
  for (const auto& [place, i] : places) sorted.push_back(std::move(out[i]));
  return sorted;
}

std::vector<std::size_t> order_of(const std::vector<ColorKey>& keys, const std::vector<KeyNumbers>& numbers,
                                  KeyOrder order) {
  std::vector<std::size_t> out(keys.size());
  std::iota(out.begin(), out.end(), std::size_t{0});
  if (order == KeyOrder::Hue || out.size() < 2) return out;
  const auto before = [&](std::size_t a, std::size_t b) {
    return order == KeyOrder::Nearest ? numbers[a].difference < numbers[b].difference
                                      : numbers[a].kept > numbers[b].kept;
  };
  std::stable_sort(out.begin() + 1, out.end(), before);
  return out;
}

std::optional<KeyMap> key_map(const Piece& piece, const ColorKey& key) {
  const Wheel wheel(piece.wheel);
  switch (key.kind) {
  case KeyKind::Current:
  case KeyKind::Turn:
    return KeyMap::turned(wheel, key.turn);
  case KeyKind::Pattern:
  case KeyKind::Shelf:
    return KeyMap::pressed(wheel, MaskRegion(*key.plan->mask), key.strength, key.rim);
  case KeyKind::Version:
    break;
  }
  return std::nullopt;
}

std::function<Srgb(Srgb)> key_function(const Piece& piece, const ColorKey& key) {
  if (const auto map = key_map(piece, key)) return [map](Srgb color) { return map->moved(color).color; };
  const SwatchSet* set = current_set(piece);
  const SetVersion* version = find_version(piece, key.version);
  if (!set || !version) return [](Srgb color) { return color; };
  const Follow follow(moves_of(paired(set->families, version->families), set->families, version->families));
  return [follow](Srgb color) { return follow.moved(color).color; };
}

Piece with_sets_moved(Piece piece, const KeyMap& map, Carry carry) {
  if (carry == Carry::MaskOnly || map.still()) return piece;
  if (carry == Carry::SetToo) {
    if (SwatchSet* set = set_to_change(piece, piece.current_set)) move_all(set->families, map);
    return piece;
  }
  piece.sets.change_each([&](SwatchSet& set) {
    move_all(set.families, map);
    set.versions.change_each([&](SetVersion& version) {
      move_all(version.families, map);
      if (version.key && version.key->mask && map.turn() != 0)
        version.key->mask = turned_mask(*version.key->mask, map.turn());
    });
  });
  return piece;
}

Result<Piece> with_key_taken(Piece piece, const ColorKey& key, Carry carry) {
  if (key.kind == KeyKind::Version) return with_version_restored(std::move(piece), key.version);
  const auto map = key_map(piece, key);
  piece = with_sets_moved(std::move(piece), *map, carry == Carry::AllToo ? carry : Carry::SetToo);
  if (key.plan) take_plan(piece, *key.plan);
  return piece;
}

Result<Piece> with_key_as_version(Piece piece, const ColorKey& key, const std::string& name) {
  if (key.kind == KeyKind::Version) return Error{ErrorCode::BadInput, Sentence::KeyIsVersion, "version"};
  const Id id = piece.current_set;
  auto kept = with_version_kept(std::move(piece), id, name);
  if (!kept) return kept;
  Piece out = std::move(kept).value();
  auto& versions = set_to_change(out, id)->versions;
  SetVersion& version = versions.change(versions.size() - 1);
  if (const auto map = key_map(out, key)) move_all(version.families, *map);
  version.key = key.plan;
  return out;
}

} // namespace zc
