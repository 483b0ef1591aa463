// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/session.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/mask/outside.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

template <class F> void each_swatch(const Piece& piece, const F& f) {
  const SwatchSet* set = current_set(piece);
  if (!set) return;
  for (const auto& family : set->families)
    for (const auto& swatch : family.swatches) f(swatch);
}

Session with_color(Session session, Srgb color, const WheelPlace& at, bool turns_section) {
  session.at_hand.current = color;
  session.origin.reset();
  session.at = at;
  if (turns_section) session.section_angle = at.at.a;
  return session;
}

/// Moves to the nearest color that exists at this place.
Session moved_to(Session session, const PickRules& rules, const WheelPoint& wanted, bool turns_section) {
  const auto found = shown_pick(rules, wanted);
  return with_color(std::move(session), found.color, {found.at, rules.wheel.spec()}, turns_section);
}

Error no_mask(Sentence sentence) { return {ErrorCode::BadInput, sentence, "mask"}; }

Result<WheelPoint> asked_in_plan(const Session& session, const PickRules& rules, DiscPoint wanted) {
  const auto place = pick_in_plan(rules, session.at.at, wanted);
  if (!place) return no_mask(Sentence::MaskHoldsNoColor);
  WheelPoint to = *place;
  if (session.vivid_plan) to.v = stepped_value(vivid_value(rules.wheel, Angle(to.a)), rules.steps);
  return to;
}

Session located(Session session, const Geometry& geometry, Srgb color, const std::optional<WheelPlace>& at) {
  const double angle = session.at.at.a;
  const WheelPoint place = place_on(geometry.wheel(), color, at, angle);
  return with_color(std::move(session), color, geometry.place(place), true);
}

/// A photo that is gone, or none yet: the first one.
Id shown_reference(const Piece& piece, Id wanted) {
  if (find_reference(piece, wanted) || piece.references.empty()) return piece.references.empty() ? 0 : wanted;
  return piece.references.front().id;
}

Id chosen_family(const Piece& piece, Id wanted) {
  const SwatchSet* set = current_set(piece);
  if (!set || set->families.empty()) return 0;
  const auto& all = set->families;
  const bool there =
      std::any_of(all.begin(), all.end(), [wanted](const Family& f) { return f.id == wanted; });
  return there ? wanted : all.front().id;
}

/// REQUIRES a region that is not empty.
Srgb held_in(const MaskRegion* region, const Session& session, const Geometry& geometry, Srgb color) {
  const WheelPoint at = geometry.wheel().locate(color, session.at.at.a);
  const DiscPoint place = disc_point(at), held = *region->nearest(place);
  return held == place ? color
                       : geometry.wheel().nearest_existing(wheel_point(held, at.v, Angle(at.a))).color;
}

} // namespace

std::vector<Srgb> with_recent(std::vector<Srgb> recent, Srgb c) {
  std::erase_if(recent, [c](Srgb x) { return rounded_8bit(x) == rounded_8bit(c); });
  recent.insert(recent.begin(), c);
  if (recent.size() > kRecentColors) recent.resize(kRecentColors);
  return recent;
}

Selection selection_of(const Piece& piece, const std::unordered_set<Id>& swatches, Id focus) {
  Selection out;
  each_swatch(piece, [&](const Swatch& s) {
    if (swatches.contains(s.id)) out.m_order.push_back(s.id);
  });
  out.m_ids = {out.m_order.begin(), out.m_order.end()};
  out.m_focus = find_swatch(piece, focus) ? focus : 0;
  return out;
}

// ---------------------------------------------------------------- following the piece

Session started(Session session, const Piece& piece, const Geometry& geometry, const AtHand& at_hand) {
  session.selection = {};
  session.adjustment = {};
  session.left_out.clear();
  session.at_hand = at_hand;
  session.reference = shown_reference(piece, 0);
  session.family = chosen_family(piece, 0);
  session.area = 0;
  session.filling_well.reset();
  session.picks_outside = false;
  session.sharing.sheet.sets.clear();
  session.sharing.files.folder.clear();
  session.sharing.files.at_save = false;
  if (session.set_view == SetView::Import) session.set_view = SetView::Staff;
  session.looking.marking = false;
  session.relations.of.reset();
  session.relations.own.clear();
  session.ramp.clear();
  session.extracted = {};
  session.code.reset();
  session.trying = {};
  session.looking.region.reset();
  session.looking.limits.clear();
  session.looking.spot.reset();
  session = located(std::move(session), geometry, at_hand.current, {});
  session.before = session.color();
  return session;
}

Session followed(Session session, const Piece& piece, const Geometry& geometry) {
  if (session.at.wheel != piece.wheel) {
    const double angle = session.at.at.a;
    const auto anew = [&](Srgb color) { return geometry.place(geometry.wheel().locate(color, angle)); };
    if (session.relations.of) session.relations.of = anew(session.relations.color);
    session.relations.own.clear();
    session.at = anew(session.color());
    session.section_angle = session.at.at.a;
  }
  const auto& selected = session.selection.swatches();
  session.selection = selection_of(piece, {selected.begin(), selected.end()}, session.selection.focus());
  const std::size_t areas = piece.mask ? piece.mask->areas.size() : 0;
  session.area = areas == 0 ? 0 : std::min(session.area, areas - 1);
  session.family = chosen_family(piece, session.family);
  session.reference = shown_reference(piece, session.reference);
  if (session.looking.spot && !find_reference(piece, session.looking.spot->at.reference))
    session.looking.spot.reset();
  std::erase_if(session.sharing.sheet.sets, [&piece](Id set) { return !find_set(piece, set); });
  // A state that is gone is the set as it is.
  for (TrySide* side : {&session.trying.left, &session.trying.right, &session.trying.from}) {
    if (side->set != 0 && !find_set(piece, side->set)) *side = {};
    if (side->version != 0 && !find_version(piece, side->version)) side->version = 0;
  }
  return session;
}

// ---------------------------------------------------------------- the current color

PickRules pick_rules(const Session& session, const Piece& piece, const Geometry& geometry) {
  const bool let_go = session.picks_outside && piece.rule == MaskRule::Held;
  return {geometry.wheel(), geometry.region(), let_go ? MaskRule::Flagged : piece.rule,
          session.at_hand.steps};
}

Session pick_begun(Session session, bool outside) {
  session.picks_outside = outside;
  session.before = session.color();
  return session;
}

Session pick_ended(Session session) {
  session.picks_outside = false;
  session.at_hand.recent = with_recent(std::move(session.at_hand.recent), session.color());
  if (session.filling_well) session.at_hand.wells[*session.filling_well] = session.color();
  return session;
}

Result<Session> picked_in_plan(Session session, const PickRules& rules, DiscPoint wanted) {
  const auto asked = asked_in_plan(session, rules, wanted);
  if (!asked) return asked.error();
  return moved_to(std::move(session), rules, *asked, true);
}

Session picked_in_section(Session session, const PickRules& rules, double along, double value) {
  const WheelPoint wanted = pick_in_section(rules, session.at.at, session.section_angle, along, value);
  return moved_to(std::move(session), rules, wanted, false);
}

Session picked_on_rail(Session session, const PickRules& rules, double value) {
  const WheelPoint wanted = pick_on_rail(rules, session.at.at, value);
  return moved_to(std::move(session), rules, wanted, false);
}

Srgb held_sample(const Session& session, const Geometry& geometry, Srgb color) {
  const MaskRegion* region = geometry.region();
  if (!session.looking.hold_samples || !region || region->empty()) return color;
  return held_in(region, session, geometry, color);
}

Srgb held_by_rule(const Session& session, const Piece& piece, const Geometry& geometry, Srgb color) {
  const MaskRegion* region = geometry.region();
  if (piece.rule != MaskRule::Held || !region || region->empty()) return color;
  return held_in(region, session, geometry, color);
}

Session located_color(Session session, const Geometry& geometry, Srgb color) {
  session = located(std::move(session), geometry, color, {});
  session.origin.reset();
  return session;
}

Session sampled(Session session, const Geometry& geometry, Srgb color, const SampleOrigin& origin) {
  const Srgb held = held_sample(session, geometry, color);
  session = located(std::move(session), geometry, held, {});
  session.origin = origin;
  return session;
}

Result<WheelPoint> nudge_asked(const Session& session, const PickRules& rules, PlaceNumber number,
                               double by) {
  const WheelPoint& at = session.at.at;
  const Steps& steps = rules.steps;
  if (number == PlaceNumber::Value)
    return pick_on_rail(rules, at, nudged(at.v, by, steps.values ? 100.0 / (steps.values - 1) : 0));
  if (number == PlaceNumber::Saturation) {
    const double r = nudged(at.r, by, steps.saturations ? 1.0 / steps.saturations : 0);
    return asked_in_plan(session, rules, disc_point(Angle(at.a), std::clamp(r, 0.0, 1.0)));
  }
  const double a = nudged(at.a, by, steps.hues ? 360.0 / steps.hues : 0);
  if (at.r < kNeutralSaturation) return WheelPoint{a, at.r, at.v};
  return asked_in_plan(session, rules, disc_point(Angle(a), at.r));
}

Result<Session> nudged(const Session& session, const PickRules& rules, PlaceNumber number, double by) {
  const auto asked = nudge_asked(session, rules, number, by);
  if (!asked) return asked.error();
  return pick_ended(moved_to(pick_begun(session), rules, *asked, number != PlaceNumber::Value));
}

Session color_used(Session session, const Geometry& geometry, Srgb color,
                   const std::optional<WheelPlace>& at) {
  return pick_ended(located(pick_begun(std::move(session)), geometry, color, at));
}

Result<Session> neutral_used(const Session& session, const Geometry& geometry) {
  const auto neutral = geometry.region() ? geometry.region()->centroid() : std::nullopt;
  if (!neutral) return no_mask(Sentence::NoMaskAroundNeutral);
  const auto found =
      geometry.wheel().nearest_existing(wheel_point(*neutral, session.at.at.v, Angle(session.at.at.a)));
  return color_used(session, geometry, found.color, geometry.place(found.at));
}

Session back_to_before(Session session, const Geometry& geometry) {
  const Srgb now = session.color(), before = session.before;
  session = located(std::move(session), geometry, before, {});
  session.before = now;
  return session;
}

Result<Session> well_used(Session session, const Geometry& geometry, std::size_t well) {
  assert(well < session.at_hand.wells.size());
  const auto color = session.at_hand.wells.at(well);
  const std::string number = std::to_string(well % kWellsInRow + 1);
  if (!color) return Error{ErrorCode::NotFound, say(Sentence::WellEmpty, number, number), "well"};
  session.before = session.color();
  return located(std::move(session), geometry, *color, {});
}

Session well_laid_down(Session session, std::size_t well) {
  session.at_hand.wells.at(well) = session.color();
  return session;
}

Session well_chosen(const Session& session, const Geometry& geometry, std::size_t well) {
  const auto taken = well_used(session, geometry, well);
  Session out = taken ? *taken : session;
  out.filling_well = well;
  return out;
}

Session well_cleared(Session session, std::size_t well) {
  session.at_hand.wells.at(well).reset();
  return session;
}

Result<Session> well_row_added(Session session) {
  AtHand& hand = session.at_hand;
  if (well_rows(hand) >= kMostWellRows)
    return Error{ErrorCode::TooLarge, say(Sentence::MostWellRows, std::to_string(kMostWellRows)), "wells"};
  hand.row = well_rows(hand);
  hand.wells.resize(hand.wells.size() + kWellsInRow);
  return session;
}

Result<Session> well_row_removed(Session session, std::size_t row) {
  AtHand& hand = session.at_hand;
  assert(row < well_rows(hand));
  if (well_rows(hand) == 1) return Error{ErrorCode::BadInput, Sentence::LastWellRow, "wells"};
  const auto first = hand.wells.begin() + static_cast<std::ptrdiff_t>(row * kWellsInRow);
  for (std::size_t well = kWellsInRow; well-- > 0;)
    if (const auto& color = first[static_cast<std::ptrdiff_t>(well)])
      hand.recent = with_recent(std::move(hand.recent), *color);
  hand.wells.erase(first, first + kWellsInRow);
  if (row < hand.row_names.size())
    hand.row_names.erase(hand.row_names.begin() + static_cast<std::ptrdiff_t>(row));
  hand.row = std::min(hand.row, well_rows(hand) - 1);
  // A well of a row behind it is filled as before.
  if (auto& filling = session.filling_well; filling && *filling / kWellsInRow == row)
    filling.reset();
  else if (filling && *filling / kWellsInRow > row)
    *filling -= kWellsInRow;
  return session;
}

Result<Session> well_row_named(Session session, std::size_t row, const std::string& name) {
  AtHand& hand = session.at_hand;
  assert(row < well_rows(hand));
  const std::string clean(trimmed(name));
  if (clean.size() > kLongestName)
    return Error{ErrorCode::BadInput, say(Sentence::NameTooLong, Term{"row"}), "name"};
  if (hand.row_names.size() <= row) hand.row_names.resize(row + 1);
  hand.row_names[row] = clean;
  while (!hand.row_names.empty() && hand.row_names.back().empty()) hand.row_names.pop_back();
  return session;
}

Session well_row_chosen(Session session, std::size_t row) {
  assert(row < well_rows(session.at_hand));
  session.at_hand.row = row;
  return session;
}

Session well_row_stepped(Session session, int by) {
  const auto rows = static_cast<int>(well_rows(session.at_hand));
  const int to = static_cast<int>(session.at_hand.row) + by;
  return well_row_chosen(std::move(session), static_cast<std::size_t>((to % rows + rows) % rows));
}

Session code_used(Session session, const Geometry& geometry, const Code& code) {
  session = color_used(std::move(session), geometry, code.shown);
  session.code = code;
  return session;
}

std::optional<double> outside_mask(const Session& session, const Geometry& geometry) {
  const MaskRegion* region = geometry.region();
  if (!region || region->empty()) return std::nullopt;
  return outside_by(geometry.wheel(), *region, session.color(), session.at.at);
}

Session relations_fixed(Session session, bool fixed) {
  session.relations.of = fixed ? std::optional(session.at) : std::nullopt;
  session.relations.color = session.color();
  return session;
}

Session relation_chosen(Session session, Relation relation) {
  session.relations.relation = relation;
  session.relations.own.clear();
  return session;
}

Session relation_valued(Session session, MemberValue value) {
  session.relations.value = value;
  return session;
}

Session member_slid(Session session, std::size_t member, Angle to) {
  auto& own = session.relations.own;
  if (member == 0) return session;
  if (own.size() <= member) own.resize(member + 1);
  own[member] = to;
  return session;
}

std::vector<RelationMember> members(const Session& session, const Geometry& geometry) {
  const RelationView& view = session.relations;
  return related(geometry.wheel(), view.of.value_or(session.at).at, view.relation, view.value, view.own);
}

std::vector<LaidColor> laid_members(const Session& session, const Geometry& geometry) {
  std::vector<LaidColor> out;
  for (const auto& member : members(session, geometry))
    out.push_back({member.color, geometry.place(member.at)});
  return out;
}

// ---------------------------------------------------------------- laying

LaidColor current_color(const Session& session) {
  LaidColor out{session.color(), session.at, session.origin};
  if (const Code* code = current_code(session)) out.code = *code;
  return out;
}

std::vector<LaidColor> extracted_of(const Extracted& extracted) {
  std::vector<LaidColor> out;
  for (const auto& c : extracted.colors)
    out.push_back({c.color, {}, SampleOrigin{extracted.reference, c.x, c.y}});
  return out;
}

Session extracted_shown(Session session, Extracted extracted) {
  if (extracted.chosen && *extracted.chosen >= extracted.colors.size()) extracted.chosen.reset();
  session.extracted = std::move(extracted);
  session.ramp.clear();
  for (const auto& c : session.extracted.colors) session.ramp.push_back({c.color, {}});
  return session;
}

Session result_used(Session session, const Geometry& geometry, std::size_t result) {
  Extracted extracted = session.extracted;
  const ExtractedColor chosen = extracted.colors.at(result);
  extracted.chosen = result;
  session = color_used(std::move(session), geometry, chosen.color);
  session.origin = SampleOrigin{extracted.reference, chosen.x, chosen.y};
  return extracted_shown(std::move(session), std::move(extracted));
}

Session chosen_replaced(const Session& session, const Bands& bands) {
  Extracted extracted = session.extracted;
  if (!extracted.chosen) return session;
  ExtractedColor& chosen = extracted.colors[*extracted.chosen];
  chosen.color = session.color();
  chosen.band = band_of(value_of(chosen.color), bands);
  return extracted_shown(session, std::move(extracted));
}

Session chosen_dropped(const Session& session) {
  Extracted extracted = session.extracted;
  if (!extracted.chosen) return session;
  extracted.colors.erase(extracted.colors.begin() + static_cast<std::ptrdiff_t>(*extracted.chosen));
  extracted.chosen.reset();
  return extracted_shown(session, std::move(extracted));
}

// ---------------------------------------------------------------- selecting

Session selected(Session session, const Piece& piece, const std::vector<Id>& swatches) {
  const Id focus = swatches.empty() ? 0 : swatches.back();
  session.selection = selection_of(piece, {swatches.begin(), swatches.end()}, focus);
  return session;
}

Session toggled(const Session& session, const Piece& piece, Id swatch) {
  std::vector<Id> next = session.selection.swatches();
  if (std::erase(next, swatch) == 0) next.push_back(swatch);
  return selected(session, piece, next);
}

Session extended_to(const Session& session, const Piece& piece, Id swatch) {
  std::vector<Id> order;
  each_swatch(piece, [&](const Swatch& s) { order.push_back(s.id); });
  const auto from = std::find(order.begin(), order.end(), session.selection.focus());
  const auto to = std::find(order.begin(), order.end(), swatch);
  if (from == order.end() || to == order.end()) return selected(session, piece, {swatch});
  std::vector<Id> next(std::min(from, to), std::max(from, to) + 1);
  // The one it began with stays the one that keys work on.
  std::rotate(next.begin(), std::find(next.begin(), next.end(), *from) + 1, next.end());
  return selected(session, piece, next);
}

Session reference_shown(Session session, Id reference) {
  if (reference != session.reference) {
    session.looking.region.reset();
    session.looking.limits.clear();
  }
  session.reference = reference;
  return session;
}

// ---------------------------------------------------------------- desks

Session desk_shown(Session session, Desk desk) {
  session.looks[static_cast<std::size_t>(session.desk)] = session.looking.look;
  session.looking.look = session.looks[static_cast<std::size_t>(desk)];
  session.desk = desk;
  return session;
}

bool reference_kept(const Session& session) {
  return session.desk != Desk::Observe && session.keeps_reference[static_cast<std::size_t>(session.desk)];
}

Session reference_kept(Session session, bool kept) {
  if (session.desk != Desk::Observe) session.keeps_reference[static_cast<std::size_t>(session.desk)] = kept;
  return session;
}

} // namespace zc
