// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/parts.h"

#include "core/session/session.h"

#include <array>
#include <concepts>
#include <tuple>
#include <utility>

namespace zc {
namespace {

/// Every member, in order: of one more or less this does not compile.
auto members_of(const Piece& piece) {
  const auto& [title, words, signature, date, wheel, mask, mask_on, rule, references, sets, current_set,
               bands, grading, paints, next_id, extras] = piece;
  return std::tie(title, words, signature, date, wheel, mask, mask_on, rule, references, sets, current_set,
                  bands, grading, paints, next_id, extras);
}
/// Of each member the part it belongs to. Ids that are given and fields of other versions are nobody's.
constexpr std::optional<Part> kPieceParts[] = {
    Part::Words,    Part::Words,    Part::Words,      Part::Words, Part::Geometry, Part::Geometry,
    Part::Geometry, Part::Geometry, Part::References, Part::Sets,  Part::Sets,     Part::Sets,
    Part::Sets,     Part::Paints,   std::nullopt,     std::nullopt};

template <class T>
requires std::same_as<std::remove_const_t<T>, AtHand>
auto members_of(T& at_hand) {
  auto& [wells, row_names, row, recent, current, steps, mixing, mask_locked, extras] = at_hand;
  return std::tie(wells, row_names, row, recent, current, steps, mixing, mask_locked, extras);
}
constexpr std::optional<Part> kAtHandParts[] = {Part::AtHand, Part::AtHand,  Part::AtHand,
                                                Part::AtHand, Part::Color,   Part::Steps,
                                                Part::Mixing, Part::Masking, std::nullopt};

template <class T>
requires std::same_as<std::remove_const_t<T>, Session>
auto members_of(T& session) {
  auto& [at_hand, at, section_angle, before, origin, code, filling_well, relations, ramp, extracted,
         selection, family, area, reference, adjustment, left_out, desk, looks, keeps_reference, set_view,
         looking, trying, sharing, reach, vision, vivid_plan, keys, shows_keys, carry, mask_keeps,
         picks_outside, sample_side] = session;
  return std::tie(at_hand, at, section_angle, before, origin, code, filling_well, relations, ramp, extracted,
                  selection, family, area, reference, adjustment, left_out, desk, looks, keeps_reference,
                  set_view, looking, trying, sharing, reach, vision, vivid_plan, keys, shows_keys, carry,
                  mask_keeps, picks_outside, sample_side);
}
/// What is at hand, looking and trying are of several parts and are asked for themselves.
constexpr std::optional<Part> kSessionParts[] = {
    std::nullopt,      Part::Color,     Part::Color,      Part::Color,     Part::Color,     Part::Color,
    Part::AtHand,      Part::Relations, Part::Ramp,       Part::Extracted, Part::Selection, Part::Selection,
    Part::Masking,     Part::Reference, Part::Adjustment, Part::Versions,  Part::Desk,      Part::Looking,
    Part::Looking,     Part::SetView,   std::nullopt,     std::nullopt,    Part::Sharing,   Part::Reach,
    Part::ColorVision, Part::Vivid,     Part::Keys,       Part::Keys,      Part::Masking,   Part::Masking,
    Part::Masking,     Part::Looking};

template <class Members, std::size_t... I>
Parts differing(const Members& a, const Members& b, const std::optional<Part>* parts,
                std::index_sequence<I...>) {
  Parts out;
  const auto note = [&out](const std::optional<Part>& part, bool differs) {
    if (part) out.add(*part, differs);
  };
  (note(parts[I], !(std::get<I>(a) == std::get<I>(b))), ...);
  return out;
}
template <class T, std::size_t N>
Parts differing(const T& a, const T& b, const std::optional<Part> (&parts)[N]) {
  static_assert(std::tuple_size_v<decltype(members_of(a))> == N, "a member has no part");
  return differing(members_of(a), members_of(b), parts, std::make_index_sequence<N>());
}

template <class Members, class From, std::size_t... I>
void put(Members to, const From& from, const std::optional<Part>* of, const Parts& parts,
         std::index_sequence<I...>) {
  const auto one = [&](const std::optional<Part>& part, auto& member, const auto& other) {
    if (part && parts.has(*part)) member = other;
  };
  (one(of[I], std::get<I>(to), std::get<I>(from)), ...);
}
template <class T, std::size_t N>
void put(T& to, const T& from, const std::optional<Part> (&of)[N], const Parts& parts) {
  put(members_of(to), members_of(from), of, parts, std::make_index_sequence<N>());
}
template <class T> void put_with_edge(T& to, T from, const Parts& parts, Part part, Part edge) {
  if (!parts.has(edge)) from.edge = to.edge;
  const double kept = from.edge;
  if (parts.has(part)) to = std::move(from);
  to.edge = kept;
}

/// An edge is dragged and wakes only what shows it.
template <class T> Parts differing_with_edge(const T& a, T b, Part part, Part edge) {
  Parts out;
  out.add(edge, a.edge != b.edge);
  b.edge = a.edge;
  out.add(part, !(a == b));
  return out;
}

} // namespace

Parts change_between(const Piece& a, const Piece& b) { return differing(a, b, kPieceParts); }

Parts change_between(const Session& a, const Session& b) {
  return differing(a, b, kSessionParts) | differing(a.at_hand, b.at_hand, kAtHandParts) |
         differing_with_edge(a.looking, b.looking, Part::Looking, Part::LookEdge) |
         differing_with_edge(a.trying, b.trying, Part::Trying, Part::TryEdge);
}

Session with_parts(Session session, const Session& from, const Parts& parts) {
  put(session, from, kSessionParts, parts);
  put(session.at_hand, from.at_hand, kAtHandParts, parts);
  put_with_edge(session.looking, from.looking, parts, Part::Looking, Part::LookEdge);
  put_with_edge(session.trying, from.trying, parts, Part::Trying, Part::TryEdge);
  return session;
}

} // namespace zc
