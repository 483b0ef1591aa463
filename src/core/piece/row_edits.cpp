// SPDX-License-Identifier: GPL-3.0-or-later
// Edits of where swatches stand: moved, let in, filled between, sorted.
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/piece/change.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

/// In whatever families they stand. REQUIRES that both are there, and two.
Piece with_places_swapped(Piece piece, Id a, Id b) {
  Swatch *one = swatch_to_change(piece, a), *other = swatch_to_change(piece, b);
  assert(one && other && a != b);
  std::swap(one->place, other->place);
  std::swap(*one, *other);
  return piece;
}

} // namespace

Result<Piece> with_swatches_moved(Piece piece, const std::vector<Id>& swatches, Id to_family,
                                  std::optional<int> place) {
  Family* to = family_to_change(piece, to_family);
  if (!to) return not_found("family");
  if (place && (*place < 0 || *place >= kMostPlaces)) return not_found("place");
  const IdSet ids(swatches.begin(), swatches.end());
  if (ids.size() == 1 && place) {
    const Swatch* there = swatch_at_place(*to, *place);
    if (!find_swatch(piece, *ids.begin())) return not_found("swatch");
    if (there && there->id == *ids.begin()) return piece;
    if (there) return with_places_swapped(std::move(piece), *ids.begin(), there->id);
  }
  auto moving = taken_out(piece, ids);
  if (moving.size() != ids.size() || moving.empty()) return not_found("swatch");
  int next = place.value_or(next_place(*to));
  for (auto& swatch : moving) {
    next = free_place_from(*to, next);
    put_at(*to, std::move(swatch), next++);
  }
  if (swatch_count(*set_of_family(piece, to_family)) > kMostSwatches) return too_many_swatches();
  return piece;
}

namespace {

/// Frees `count` places from `place` on, moving no more than it must.
Status make_room(Family& family, int place, int count) {
  int needed = place + count;
  std::vector<Swatch> all(family.swatches.begin(), family.swatches.end());
  for (auto& s : all) {
    if (s.place < place) continue;
    if (s.place >= needed) break;
    s.place = needed++;
  }
  if (place + count > kMostPlaces || (!all.empty() && all.back().place >= kMostPlaces))
    return Error{ErrorCode::TooLarge, Sentence::RowFull, "place"};
  family.swatches = {all.begin(), all.end()};
  return Done{};
}

/// The places of those that leave the same row before `place`, the last one first.
std::vector<int> leaving_before(const Family& family, const IdSet& ids, int place) {
  std::vector<int> out;
  for (const auto& s : family.swatches)
    if (ids.contains(s.id) && s.place < place) out.insert(out.begin(), s.place);
  return out;
}

/// What moves along its own row leaves no hole: those it passes move up. Gives where `place` is then.
int close_up(Family& family, const std::vector<int>& left, int place) {
  for (const int hole : left) {
    family.swatches.change_where([&](const Swatch& s) { return s.place > hole && s.place < place; },
                                 [](Swatch& s) { --s.place; });
    --place;
  }
  return place;
}

} // namespace

Result<Piece> with_swatches_inserted(Piece piece, const std::vector<Id>& swatches, Id to_family, int place) {
  Family* to = family_to_change(piece, to_family);
  if (!to) return not_found("family");
  if (place < 0 || place >= kMostPlaces) return not_found("place");
  const IdSet ids(swatches.begin(), swatches.end());
  const auto leave = leaving_before(*to, ids, place);
  auto moving = taken_out(piece, ids);
  if (moving.size() != ids.size() || moving.empty()) return not_found("swatch");
  // Extracting them out has made new copies of what they were in.
  to = family_to_change(piece, to_family);
  place = close_up(*to, leave, place);
  if (const Status room = make_room(*to, place, static_cast<int>(moving.size())); !room) return room.error();
  for (auto& swatch : moving) put_at(*to, std::move(swatch), place++);
  if (swatch_count(*set_of_family(piece, to_family)) > kMostSwatches) return too_many_swatches();
  return piece;
}

Result<Piece> with_filled_between(Piece piece, Id first, Id second, int count, Way way) {
  const Swatch *a = find_swatch(piece, first), *b = find_swatch(piece, second);
  if (!a || !b) return not_found("swatch");
  const Family* home = find_family_of(piece, first);
  const bool together = home == find_family_of(piece, second);
  if (together && b->place < a->place) std::swap(a, b);
  const auto steps = steps_between(a->color, b->color, count, way);
  if (!steps) return steps.error();
  const Id family = home->id;
  int place = a->place + 1;
  Family* to = family_to_change(piece, family);
  if (const Status room = make_room(*to, place, count); !room) return room.error();
  for (const auto& step : *steps) {
    Swatch swatch;
    swatch.id = piece.next_id++;
    swatch.color = step.color;
    swatch.picked = step.at;
    swatch.name = name_for(*find_set_of_family(piece, family), step.color);
    put_at(*to, std::move(swatch), place++);
  }
  if (swatch_count(*set_of_family(piece, family)) > kMostSwatches) return too_many_swatches();
  return piece;
}

Result<Piece> with_set_sorted(Piece piece, Id set, SortBy by) {
  SwatchSet* s = set_to_change(piece, set);
  if (!s) return not_found("set");
  const auto key = [by](const Swatch& w) {
    const Oklch lch = lch_from_oklab(oklab_from_srgb(w.color));
    if (by == SortBy::Hue) return lch.c < kNeutralChroma ? -1.0 : lch.h;
    return by == SortBy::Value ? -value_of(w.color) : -lch.c;
  };
  s->families.change_each([&](Family& family) {
    std::vector<Swatch> order(family.swatches.begin(), family.swatches.end());
    std::stable_sort(order.begin(), order.end(), [&](const Swatch& a, const Swatch& b) {
      return by == SortBy::Name ? a.name < b.name : key(a) < key(b);
    });
    int place = 0;
    for (auto& swatch : order) swatch.place = place++;
    family.swatches = {order.begin(), order.end()};
  });
  return piece;
}

} // namespace zc
