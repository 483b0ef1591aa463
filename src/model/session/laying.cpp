// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/session/laying.h"

#include "core/mix/ladders.h"
#include "core/piece/laying.h"
#include "model/i18n/text.h"

namespace zc {

void Laying::lay_color_into(Id family, const LaidColor& color) {
  const bool applied = m_studio.store().apply(
      tr("Add swatch"), [&](Piece p) { return with_color_laid(std::move(p), family, color); });
  if (!applied) return;
  const Piece& piece = m_studio.piece();
  choose_newest_of(family != 0 ? *find_family(piece, family) : current_set(piece)->families.back());
}

void Laying::lay_current_at(Id family, int place) {
  const LaidColor color = current_color(m_studio.session());
  const bool applied = m_studio.store().apply(
      tr("Add swatch"), [&](Piece p) { return with_swatch(std::move(p), family, color, "", place); });
  if (applied) choose_newest_of(*find_family(m_studio.piece(), family));
}

void Laying::lay_colors(const std::vector<LaidColor>& colors) {
  const Id family = m_studio.session().family;
  const bool applied = m_studio.store().apply(tr("Add %n swatches", nullptr, static_cast<int>(colors.size())),
                                              [&](Piece p) -> Result<Piece> {
                                                for (const LaidColor& color : colors) {
                                                  auto next = with_color_laid(std::move(p), family, color);
                                                  if (!next) return next;
                                                  p = std::move(next).value();
                                                }
                                                return p;
                                              });
  if (!applied) return;
  const Piece& piece = m_studio.piece();
  choose_newest_of(family != 0 ? *find_family(piece, family) : current_set(piece)->families.back());
}

void Laying::choose_newest_of(const Family& home) {
  Session next = m_studio.session();
  next.family = home.id;
  m_studio.take(selected(std::move(next), m_studio.piece(), {newest_of(home)}));
}

void Laying::lay_family(const QString& name, const std::vector<LaidColor>& colors) {
  const bool applied = m_studio.store().apply(tr("Add %1 as a family").arg(name), [&](Piece p) {
    return with_laid_family(std::move(p), name.toStdString(), colors);
  });
  if (applied) select_family(current_set(m_studio.piece())->families.back().id);
}

void Laying::lay_families(const QString& name, const std::vector<std::vector<LaidColor>>& families) {
  std::vector<LaidFamily> laid;
  for (const auto& colors : families)
    if (!colors.empty()) laid.push_back({name.toStdString(), colors});
  m_studio.store().apply(tr("Add %1 as %n families", nullptr, static_cast<int>(laid.size())).arg(name),
                         [&](Piece p) { return with_laid_families(std::move(p), laid); });
}

void Laying::lay_ladder(const std::vector<std::vector<LaidColor>>& rows) {
  std::vector<LaidFamily> laid;
  laid.reserve(rows.size());
  for (const auto& colors : rows)
    laid.push_back({hue_word(colors[colors.size() / 2].color).toStdString(), colors});
  m_studio.store().apply(tr("Add ladder of %n hues", nullptr, static_cast<int>(laid.size())),
                         [&](Piece p) { return with_laid_families(std::move(p), laid); });
}

void Laying::lay_ladder_of_relation() {
  LadderSpec spec;
  for (const RelationMember& member : members(m_studio.session(), m_studio.geometry()))
    spec.hues.push_back(member.at.a);
  const bool held = m_studio.piece().rule == MaskRule::Held;
  const auto rows = make_ladder(spec, m_studio.wheel(), held ? m_studio.region() : nullptr);
  if (!rows) return emit m_studio.notice(words(rows.error()));
  std::vector<std::vector<LaidColor>> laid;
  for (const auto& row : *rows) {
    laid.emplace_back();
    for (const RampStep& step : row) laid.back().push_back({step.color, step.at});
  }
  lay_ladder(laid);
}

void Laying::lay_key_colors() {
  const auto colors = corner_colors(m_studio.piece(), m_studio.session().at.at.v);
  if (colors) return lay_family(tr("corner colors"), *colors);
  emit m_studio.notice(words(colors.error()));
}

void Laying::lay_relation() {
  const QString relation = word(word_for(kRelationWords, m_studio.session().relations.relation));
  const auto colors = laid_members(m_studio.session(), m_studio.geometry());
  lay_family(tr("%1 of %2").arg(relation, hue_word(colors.front().color)), colors);
}

void Laying::add_extracted(ExtractionFamilies by) {
  const auto colors = extracted_of(m_studio.session().extracted);
  if (colors.empty()) return;
  const auto families = by == ExtractionFamilies::ByHue ? grouped_by_hue(colors)
                                                        : grouped_by_band(colors, m_studio.piece().bands);
  const bool applied =
      m_studio.store().apply(tr("Add %n colors", nullptr, static_cast<int>(colors.size())),
                             [&](Piece p) { return with_laid_families(std::move(p), families); });
  if (applied) show_extracted({});
}

void Laying::select_family(Id family) {
  m_studio.change([&](Session& s) { s.family = family; });
}

void Laying::select_swatch(Id swatch) {
  m_studio.take(selected(m_studio.session(), m_studio.piece(),
                         swatch == 0 ? std::vector<Id>{} : std::vector<Id>{swatch}));
}

void Laying::show_set(Id set) {
  if (set == m_studio.piece().current_set) return;
  m_studio.store().apply(tr("Show set"), [set](Piece p) { return with_current_set(std::move(p), set); });
}

} // namespace zc
