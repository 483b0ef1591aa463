// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/session/picking.h"

#include "core/color/css_color.h"
#include "model/i18n/text.h"

namespace zc {

void Picking::use_text(const QString& given) {
  const auto color = typed_color(given.toStdString());
  if (!color) return m_studio.refuse(words(color.error()));
  use_color(color->color);
  m_studio.accept();
  if (color->moved)
    emit m_studio.notice(
        tr("A display cannot show this color. The nearest color of its value and hue was used."));
}

void Picking::choose_well(std::size_t well) {
  const bool holds = m_studio.at_hand().wells.at(well).has_value();
  m_studio.take(well_chosen(m_studio.session(), m_studio.geometry(), well));
  if (holds) emit m_studio.pickEnded();
}

void Picking::choose_filling_well(std::optional<std::size_t> well) {
  m_studio.change([&](Session& s) { s.filling_well = well; });
}

void Picking::remove_well_row(std::size_t row) {
  const auto& wells = m_studio.at_hand().wells;
  const auto first = wells.begin() + static_cast<std::ptrdiff_t>(row * kWellsInRow);
  const bool held =
      std::any_of(first, first + kWellsInRow, [](const auto& well) { return well.has_value(); });
  const auto out = well_row_removed(m_studio.session(), row);
  m_studio.take(out);
  if (out && held) emit m_studio.notice(tr("The row is removed. Its colors are among the recent ones."));
}

bool Picking::name_well_row(std::size_t row, const QString& name) {
  const auto out = well_row_named(m_studio.session(), row, name.toStdString());
  m_studio.take(out);
  return out.ok();
}

void Picking::cut_into_steps(const Steps& steps) {
  m_studio.change([&](Session& s) { s.at_hand.steps = sensible_steps(steps); });
}

const std::vector<RelationMember>& Picking::members() const {
  return m_members.now({m_studio.session().relations, m_studio.session().at, m_studio.wheel().spec()},
                       [this] { return zc::members(m_studio.session(), m_studio.geometry()); });
}

void Picking::show_all_relations(bool on) {
  m_studio.change([&](Session& s) { s.relations.all = on; });
}

const std::vector<RelationMark>& Picking::relation_marks() const {
  const Session& s = m_studio.session();
  return m_marks.now({s.relations, s.at, m_studio.wheel().spec()}, [&] {
    return zc::relation_marks(m_studio.wheel(), s.relations.of.value_or(s.at).at, s.relations.value);
  });
}

void Picking::use_member(std::size_t member) {
  const LaidColor color = laid_members(m_studio.session(), m_studio.geometry()).at(member);
  use_color(color.color, color.picked);
}

void Picking::mix_by_hand(const Mixing& mixing) {
  m_studio.change([&](Session& s) {
    s.at_hand.mixing = mixing;
    s.at_hand.mixing.begun = true;
  });
}

void Picking::offer_wells_to_mix() {
  const AtHand& hand = m_studio.at_hand();
  if (hand.mixing.begun) return;
  Mixing offered = hand.mixing;
  offered.corners.clear();
  for (const auto& well : hand.wells)
    if (well && offered.corners.size() < kMostCorners) offered.corners.push_back({*well});
  m_studio.change([&](Session& s) { s.at_hand.mixing = offered; });
}

void Picking::show_reach(const ReachView& reach) {
  m_studio.change([&](Session& s) { s.reach = reach; });
}

void Picking::show_ramp(std::vector<RampStep> string) {
  m_studio.change([&](Session& s) { s.ramp = std::move(string); });
}

} // namespace zc
