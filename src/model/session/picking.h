// SPDX-License-Identifier: GPL-3.0-or-later
// Picking: the current color and what stands beside it. A drag is bracketed by begin_pick and end_pick; the
// single-step calls do both.
#pragma once

#include "core/session/tracks.h"
#include "model/derived/derived.h"
#include "model/session/studio.h"

namespace zc {

class Picking final : public QObject {
  Q_OBJECT
public:
  explicit Picking(Studio& studio) : m_studio(studio) {
    connect(&studio, &Studio::startedAnew, this, &Picking::forget_begun);
  }

  /// `outside`: this one may leave a mask that holds picks.
  void begin_pick(bool outside = false) {
    m_begun = true;
    m_studio.take(pick_begun(m_studio.session(), outside));
  }
  void end_pick() {
    m_begun = false;
    m_studio.end_pick();
  }
  /// Ends a pick that was begun and has not ended.
  void end_begun() {
    if (m_begun) end_pick();
  }
  void forget_begun() { m_begun = false; }
  void pick_plan(DiscPoint wanted) {
    m_studio.take(picked_in_plan(m_studio.session(), m_studio.pick_rules(), wanted));
  }
  void pick_section(double along, double value) {
    m_studio.take(picked_in_section(m_studio.session(), m_studio.pick_rules(), along, value));
  }
  void pick_value(double value) {
    m_studio.take(picked_on_rail(m_studio.session(), m_studio.pick_rules(), value));
  }
  void nudge_hue(double degrees) {
    m_studio.take_pick(nudged(m_studio.session(), m_studio.pick_rules(), PlaceNumber::Hue, degrees));
  }
  void nudge_saturation(double by) {
    m_studio.take_pick(nudged(m_studio.session(), m_studio.pick_rules(), PlaceNumber::Saturation, by));
  }
  void nudge_value(double by) {
    m_studio.take_pick(nudged(m_studio.session(), m_studio.pick_rules(), PlaceNumber::Value, by));
  }
  void set_place(PlaceNumber number, double wanted) {
    m_studio.take_pick(place_set(m_studio.session(), m_studio.pick_rules(), number, wanted));
  }
  void use_color(Srgb color, const std::optional<WheelPlace>& at = {}) {
    m_studio.take_pick(color_used(m_studio.session(), m_studio.geometry(), color, at));
  }
  /// A color that was typed or pasted; see typed_color(). What it is not is told as a notice.
  void use_text(const QString& given);
  /// What stands for a code, which stays with it as long as it is the current color.
  void use_code(const Code& code) {
    m_studio.take_pick(code_used(m_studio.session(), m_studio.geometry(), code));
  }
  void back_to_before() { m_studio.take_pick(zc::back_to_before(m_studio.session(), m_studio.geometry())); }
  void use_sample(Srgb color, const SampleOrigin& origin) {
    m_studio.take_pick(
        pick_ended(sampled(pick_begun(m_studio.session()), m_studio.geometry(), color, origin)));
  }
  /// Shows a sample in the middle of a drag, between begin_pick() and end_pick().
  void show_sample(Srgb color, const SampleOrigin& origin) {
    m_studio.take(sampled(m_studio.session(), m_studio.geometry(), color, origin));
  }
  [[nodiscard]] Srgb held_sample(Srgb color) const {
    return zc::held_sample(m_studio.session(), m_studio.geometry(), color);
  }
  void use_neutral() { m_studio.take_pick(neutral_used(m_studio.session(), m_studio.geometry())); }
  void use_well(std::size_t well) {
    m_studio.take_pick(well_used(m_studio.session(), m_studio.geometry(), well));
  }
  void lay_down_well(std::size_t well) { m_studio.take(well_laid_down(m_studio.session(), well)); }
  void choose_well(std::size_t well);
  void clear_well(std::size_t well) { m_studio.take(well_cleared(m_studio.session(), well)); }
  void choose_filling_well(std::optional<std::size_t> well);
  void add_well_row() { m_studio.take(well_row_added(m_studio.session())); }
  void remove_well_row(std::size_t row);
  bool name_well_row(std::size_t row, const QString& name);
  void choose_well_row(std::size_t row) { m_studio.take(well_row_chosen(m_studio.session(), row)); }
  void step_well_row(int by) { m_studio.take(well_row_stepped(m_studio.session(), by)); }
  void cut_into_steps(const Steps& steps);
  /// A fixed relation stays where it is while picking goes on.
  void fix_relation(bool fixed) { m_studio.take(relations_fixed(m_studio.session(), fixed)); }
  void choose_relation(Relation relation) { m_studio.take(relation_chosen(m_studio.session(), relation)); }
  void show_members_vivid(bool on) {
    m_studio.take(relation_valued(m_studio.session(), on ? MemberValue::Vivid : MemberValue::Current));
  }
  void slide_member(std::size_t member, Angle to) {
    m_studio.take(member_slid(m_studio.session(), member, to));
  }
  /// Kept until what they follow from changes: they are asked for at every move of the pointer.
  [[nodiscard]] const std::vector<RelationMember>& members() const;
  void use_member(std::size_t member);
  void show_all_relations(bool on);
  /// Kept likewise.
  [[nodiscard]] const std::vector<RelationMark>& relation_marks() const;
  void mix_by_hand(const Mixing& mixing);
  /// The first wells stand at the corners of the field, until something is mixed by hand.
  void offer_wells_to_mix();
  /// A mixture that is read while the hand is down, between begin_pick() and end_pick().
  void show_mixture(Srgb color) {
    m_studio.take(
        located_color(m_studio.session(), m_studio.geometry(),
                      held_by_rule(m_studio.session(), m_studio.piece(), m_studio.geometry(), color)));
  }
  void show_reach(const ReachView& reach);
  void show_ramp(std::vector<RampStep> string);
  void use_result(std::size_t result) {
    m_studio.take_pick(result_used(m_studio.session(), m_studio.geometry(), result));
  }
  void replace_chosen() { m_studio.take(chosen_replaced(m_studio.session(), m_studio.piece().bands)); }
  void drop_chosen() { m_studio.take(chosen_dropped(m_studio.session())); }

private:
  Studio& m_studio;
  bool m_begun = false;
  struct MembersOf {
    RelationView view;
    WheelPlace at;
    WheelSpec wheel;
    bool operator==(const MembersOf&) const = default;
  };
  mutable Derived<MembersOf, std::vector<RelationMember>> m_members{m_studio.scope()};
  mutable Derived<MembersOf, std::vector<RelationMark>> m_marks{m_studio.scope()};
};

} // namespace zc
