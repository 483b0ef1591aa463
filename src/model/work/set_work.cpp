// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/work/set_work.h"

#include "core/color/convert.h"
#include "core/grading/findings.h"
#include "core/piece/laying.h"
#include "core/wheel/color_words.h"

#include <algorithm>

namespace zc {
namespace {

/// So many swatches are graded within a frame, whatever they are.
constexpr std::size_t kAtOnce = 600;

template <class F> void each_swatch(const Piece& piece, F f) {
  const SwatchSet* set = current_set(piece);
  if (!set) return;
  for (const auto& family : set->families)
    for (const auto& swatch : family.swatches) f(swatch);
}

} // namespace

SetWork::SetWork(Studio& studio, Picking& picking) : m_studio(studio), m_picking(picking) {
  studio.hear({Part::Sets, Part::Geometry, Part::Selection, Part::Adjustment}, this, &SetWork::renew_preview);
}

// ---------------------------------------------------------------- selection

void SetWork::select(const std::vector<Id>& swatches) {
  m_studio.take(zc::selected(m_studio.session(), m_studio.piece(), swatches));
}

void SetWork::select_all() {
  std::vector<Id> all;
  each_swatch(m_studio.piece(), [&](const Swatch& s) { all.push_back(s.id); });
  select(all);
}

void SetWork::select_band(Band band) {
  std::vector<Id> all;
  each_swatch(m_studio.piece(), [&](const Swatch& s) {
    if (band_of(value_of(s.color), m_studio.piece().bands) == band) all.push_back(s.id);
  });
  select(all);
}

void SetWork::select_near_duplicates() {
  std::vector<Id> all;
  for (const auto& p : report().near_duplicates) all.insert(all.end(), {p.a, p.b});
  select(all);
  if (all.empty()) emit m_studio.notice(tr("There are no near-duplicates in this set."));
}

void SetWork::click(Id swatch, Qt::KeyboardModifiers modifiers) {
  const Session& now = m_studio.session();
  if (modifiers & Qt::ShiftModifier) return m_studio.take(extended_to(now, m_studio.piece(), swatch));
  if (modifiers & Qt::ControlModifier) return m_studio.take(toggled(now, m_studio.piece(), swatch));
  if (!find_swatch(m_studio.piece(), swatch)) return;
  if (now.desk == Desk::Grade)
    select({swatch});
  else
    use_swatch(swatch);
}

void SetWork::use_swatch(Id swatch) {
  select({swatch});
  use_focus();
}

void SetWork::use_focus() {
  const Swatch* s = find_swatch(m_studio.piece(), m_studio.session().selection.focus());
  if (!s) return;
  const Swatch chosen = *s;
  if (const Code* code = code_of(chosen)) return m_picking.use_code(*code);
  m_picking.use_color(chosen.color, chosen.picked);
}

// ---------------------------------------------------------------- commands

bool SetWork::name_swatch(Id swatch, const QString& name) {
  return m_studio.store().apply(tr("Rename swatch"), [&](Piece p) {
    return with_swatch_named(std::move(p), swatch, name.toStdString());
  });
}

bool SetWork::name_family(Id family, const QString& name) {
  return m_studio.store().apply(tr("Rename family"), [&](Piece p) {
    return with_family_named(std::move(p), family, name.toStdString());
  });
}

bool SetWork::nothing_selected() {
  if (!selection().empty()) return false;
  emit m_studio.notice(tr("Select swatches first: click one, or drag around several."));
  return true;
}

void SetWork::remove(const QString& one, const QString& many) {
  if (selection().empty()) return;
  const auto ids = selection();
  m_studio.store().apply(ids.size() == 1 ? one : many.arg(ids.size()),
                         [&](Piece p) { return without_swatches(std::move(p), ids); });
}

void SetWork::duplicate() {
  if (nothing_selected()) return;
  m_studio.store().apply(tr("Duplicate swatches"),
                         [this](Piece p) { return with_swatches_duplicated(std::move(p), selection()); });
}

void SetWork::replace_by_current() {
  if (nothing_selected()) return;
  m_studio.store().apply(tr("Replace with current color"), [&](Piece p) {
    return with_swatches_colored(std::move(p), selection(), current_color(m_studio.session()));
  });
}

void SetWork::switch_all(const QString& on, const QString& off, bool Swatch::*mark,
                         Result<Piece> (*edit)(Piece, const std::vector<Id>&, bool)) {
  if (nothing_selected()) return;
  const bool all = std::all_of(selection().begin(), selection().end(),
                               [&](Id id) { return find_swatch(m_studio.piece(), id)->*mark; });
  m_studio.store().apply(all ? off : on,
                         [&, ids = selection()](Piece p) { return edit(std::move(p), ids, !all); });
}

void SetWork::switch_lock() {
  switch_all(tr("Lock swatches"), tr("Unlock swatches"), &Swatch::locked, &with_swatches_locked);
}

void SetWork::remove_codes() {
  if (nothing_selected()) return;
  m_studio.store().apply(tr("Remove code"),
                         [ids = selection()](Piece p) { return without_codes(std::move(p), ids); });
}

void SetWork::mark_finish(Finish finish) {
  if (nothing_selected()) return;
  m_studio.store().apply(tr("Mark ink"), [ids = selection(), finish](Piece p) {
    return with_finish(std::move(p), ids, finish);
  });
}

void SetWork::switch_used() {
  switch_all(tr("Mark used"), tr("Mark unused"), &Swatch::used, &with_swatches_used);
}

void SetWork::move_to(Id family, std::optional<int> place, const QString& drag) {
  if (selection().empty()) return;
  const auto ids = selection();
  const QString name = ids.size() == 1 ? tr("Move swatch") : tr("Move %1 swatches").arg(ids.size());
  const bool applied = m_studio.store().apply(
      name, [&](Piece p) { return with_swatches_moved(std::move(p), ids, family, place); }, drag);
  if (applied) m_studio.change([family](Session& s) { s.family = family; });
}

void SetWork::insert_at(Id family, int place) {
  if (selection().empty()) return;
  const auto ids = selection();
  const QString name = ids.size() == 1 ? tr("Move swatch") : tr("Move %1 swatches").arg(ids.size());
  const bool applied = m_studio.store().apply(
      name, [&](Piece p) { return with_swatches_inserted(std::move(p), ids, family, place); });
  if (applied) m_studio.change([family](Session& s) { s.family = family; });
}

void SetWork::fill_between(int count, Way way) {
  if (selection().size() != 2) {
    emit m_studio.notice(tr("Select two swatches first, to add colors between them."));
    return;
  }
  const Id first = selection()[0], second = selection()[1];
  m_studio.store().apply(tr("Add colors between"), [=](Piece p) {
    return with_filled_between(std::move(p), first, second, count, way);
  });
}

void SetWork::split_off() {
  if (nothing_selected()) return;
  m_studio.store().apply(tr("Split family"),
                         [this](Piece p) { return with_family_split(std::move(p), selection()); });
}

void SetWork::paste(const std::vector<Swatch>& swatches) {
  const Id chosen = m_studio.session().family;
  const Id first_new = m_studio.piece().next_id;
  const bool applied = m_studio.store().apply(
      tr("Paste %n swatches", nullptr, static_cast<int>(swatches.size())),
      [&](Piece p) { return with_swatches_pasted_into(std::move(p), chosen, swatches); });
  if (!applied) return;
  std::vector<Id> pasted;
  each_swatch(m_studio.piece(), [&](const Swatch& s) {
    if (s.id >= first_new) pasted.push_back(s.id);
  });
  select(pasted);
}

// ---------------------------------------------------------------- grading and adjusting

SetWork::ReportKey SetWork::report_key() const {
  const Revisions& now = m_studio.store().revisions();
  return {now.sets, now.geometry};
}

const GradingReport& SetWork::report() {
  static const SwatchSet no_set;
  const Piece& piece = m_studio.piece();
  const SwatchSet* current = current_set(piece);
  const SwatchSet& set = current ? *current : no_set;
  const ReportKey key = report_key();
  const MaskRegion* region = m_studio.region();
  if (swatch_count(set) <= kAtOnce)
    return m_report.now(key,
                        [&] { return grade(set, piece.bands, piece.grading, m_studio.wheel(), region); });
  m_report.later(
      key,
      [set, bands = piece.bands, rules = piece.grading, wheel = m_studio.wheel(),
       mask = region ? std::optional(*region) : std::nullopt] {
        return grade(set, bands, rules, wheel, mask ? &*mask : nullptr);
      },
      [this] { emit reportChanged(); });
  static const GradingReport none;
  const GradingReport* made = m_report.value_for(key);
  return made ? *made : none;
}

const BandCounts& SetWork::counts() {
  return m_counts.now(report_key(), [this] {
    const SwatchSet* set = current_set(m_studio.piece());
    return set ? band_counts(*set, m_studio.piece().bands) : BandCounts{};
  });
}

void SetWork::try_out(const Adjustment& adjustment) {
  Session next = m_studio.session();
  next.adjustment = adjustment;
  m_studio.take(std::move(next));
}

void SetWork::renew_preview() {
  const bool was = !m_preview.empty();
  m_preview.clear();
  const SwatchSet* set = current_set(m_studio.piece());
  if (set && adjustment().changes())
    for (auto& a : adjust_preview(*set, selection(), adjustment(), m_studio.wheel()))
      m_preview.emplace(a.swatch, a);
  if (was || !m_preview.empty()) emit previewChanged();
}

void SetWork::look_ahead(const Piece& edited) {
  const SwatchSet *before = current_set(m_studio.piece()), *after = current_set(edited);
  if (!before || !after || adjustment().changes()) return;
  m_preview.clear();
  for (const auto& moved : set_change(*before, *after).moved)
    m_preview.emplace(moved.swatch,
                      Adjusted{moved.swatch, moved.after, m_studio.wheel().locate(moved.after), false});
  emit previewChanged();
}

Srgb SetWork::shown(const Swatch& swatch) const {
  if (m_preview.empty()) return swatch.color;
  const auto at = m_preview.find(swatch.id);
  return at == m_preview.end() ? swatch.color : at->second.color;
}

void SetWork::apply_adjustment() {
  const Adjustment taken = adjustment();
  if (!taken.changes()) return;
  const auto ids = selection();
  const Id set = m_studio.piece().current_set;
  const QString name = tr("Adjust %n swatches", nullptr, static_cast<int>(m_preview.size()));
  try_out({});
  const bool applied =
      m_studio.store().apply(name, [&](Piece p) { return with_adjusted(std::move(p), set, ids, taken); });
  if (!applied) try_out(taken);
}

// ---------------------------------------------------------------- versions

void SetWork::compare(Id version, bool shown) {
  Session next = m_studio.session();
  if (shown)
    next.left_out.erase(version);
  else
    next.left_out.insert(version);
  m_studio.take(std::move(next));
}

} // namespace zc
