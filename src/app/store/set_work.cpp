// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/store/set_work.h"

#include "core/color/convert.h"
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

SetWork::SetWork(Workspace& space) : QObject(&space), m_space(space) {
  space.hear({&Workspace::setsChanged, &Workspace::geometryChanged}, this, &SetWork::follow);
  space.hear({&Workspace::selectionChanged, &Workspace::adjustmentChanged}, this, &SetWork::renew_preview);
}

void SetWork::follow() {
  m_report.reset();
  m_counts.reset();
  renew_preview();
}

// ---------------------------------------------------------------- selection

void SetWork::select(const std::vector<Id>& swatches) {
  m_space.take(zc::selected(m_space.session(), m_space.piece(), swatches));
}

void SetWork::select_all() {
  std::vector<Id> all;
  each_swatch(m_space.piece(), [&](const Swatch& s) { all.push_back(s.id); });
  select(all);
}

void SetWork::select_band(Band band) {
  std::vector<Id> all;
  each_swatch(m_space.piece(), [&](const Swatch& s) {
    if (band_of(value_of(s.color), m_space.piece().bands) == band) all.push_back(s.id);
  });
  select(all);
}

void SetWork::select_near_duplicates() {
  std::vector<Id> all;
  for (const auto& p : report().near_duplicates) all.insert(all.end(), {p.a, p.b});
  select(all);
  if (all.empty()) emit m_space.notice(tr("There are no near-duplicates in this set."));
}

void SetWork::click(Id swatch, Qt::KeyboardModifiers modifiers) {
  const Session& now = m_space.session();
  if (modifiers & Qt::ShiftModifier) return m_space.take(extended_to(now, m_space.piece(), swatch));
  if (modifiers & Qt::ControlModifier) return m_space.take(toggled(now, m_space.piece(), swatch));
  if (!find_swatch(m_space.piece(), swatch)) return;
  if (now.desk == Desk::Grade)
    select({swatch});
  else
    take_up_swatch(swatch);
}

void SetWork::take_up_swatch(Id swatch) {
  select({swatch});
  take_up_focus();
}

void SetWork::take_up_focus() {
  const Swatch* s = find_swatch(m_space.piece(), m_space.session().selection.focus());
  if (!s) return;
  const Swatch chosen = *s;
  m_space.take_up(chosen.color, chosen.picked);
}

// ---------------------------------------------------------------- commands

bool SetWork::name_swatch(Id swatch, const QString& name) {
  return m_space.store().apply(tr("Rename swatch"), [&](Piece p) {
    return with_swatch_named(std::move(p), swatch, name.toStdString());
  });
}

bool SetWork::name_family(Id family, const QString& name) {
  return m_space.store().apply(tr("Rename family"), [&](Piece p) {
    return with_family_named(std::move(p), family, name.toStdString());
  });
}

bool SetWork::nothing_selected() {
  if (!selection().empty()) return false;
  emit m_space.notice(tr("Select swatches first: click one, or drag a box around several."));
  return true;
}

void SetWork::remove(const QString& one, const QString& many) {
  if (selection().empty()) return;
  const auto ids = selection();
  m_space.store().apply(ids.size() == 1 ? one : many.arg(ids.size()),
                        [&](Piece p) { return without_swatches(std::move(p), ids); });
}

void SetWork::duplicate() {
  if (nothing_selected()) return;
  m_space.store().apply(tr("Duplicate swatches"),
                        [this](Piece p) { return with_swatches_duplicated(std::move(p), selection()); });
}

void SetWork::replace_by_current() {
  if (nothing_selected()) return;
  m_space.store().apply(tr("Replace by current color"), [&](Piece p) {
    return with_swatches_colored(std::move(p), selection(), current_color(m_space.session()));
  });
}

void SetWork::switch_all(const QString& on, const QString& off, bool Swatch::*mark,
                         Result<Piece> (*edit)(Piece, const std::vector<Id>&, bool)) {
  if (nothing_selected()) return;
  const bool all = std::all_of(selection().begin(), selection().end(),
                               [&](Id id) { return find_swatch(m_space.piece(), id)->*mark; });
  m_space.store().apply(all ? off : on,
                        [&, ids = selection()](Piece p) { return edit(std::move(p), ids, !all); });
}

void SetWork::switch_lock() { switch_all(tr("Lock"), tr("Unlock"), &Swatch::locked, &with_swatches_locked); }

void SetWork::switch_used() {
  switch_all(tr("Mark used"), tr("Mark unused"), &Swatch::used, &with_swatches_used);
}

void SetWork::move_to(Id family, std::optional<int> place) {
  if (selection().empty()) return;
  const auto ids = selection();
  const QString name = ids.size() == 1 ? tr("Move swatch") : tr("Move %1 swatches").arg(ids.size());
  const bool held = m_space.store().apply(
      name, [&](Piece p) { return with_swatches_moved(std::move(p), ids, family, place); });
  if (held) m_space.select_family(family);
}

void SetWork::insert_at(Id family, int place) {
  if (selection().empty()) return;
  const auto ids = selection();
  const QString name = ids.size() == 1 ? tr("Move swatch") : tr("Move %1 swatches").arg(ids.size());
  const bool held = m_space.store().apply(
      name, [&](Piece p) { return with_swatches_inserted(std::move(p), ids, family, place); });
  if (held) m_space.select_family(family);
}

void SetWork::fill_between(int count, Way way) {
  if (selection().size() != 2) {
    emit m_space.notice(tr("Select two swatches first; colors are laid between them."));
    return;
  }
  const Id first = selection()[0], second = selection()[1];
  m_space.store().apply(tr("Fill between"), [=](Piece p) {
    return with_filled_between(std::move(p), first, second, count, way);
  });
}

void SetWork::split_off() {
  if (nothing_selected()) return;
  m_space.store().apply(tr("Split family"),
                        [this](Piece p) { return with_family_split(std::move(p), selection()); });
}

void SetWork::paste(const std::vector<Swatch>& swatches) {
  const Id chosen = m_space.session().family;
  const Id first_new = m_space.piece().next_id;
  const bool held = m_space.store().apply(
      tr("Paste %n swatches", nullptr, static_cast<int>(swatches.size())),
      [&](Piece p) { return with_swatches_pasted_into(std::move(p), chosen, swatches); });
  if (!held) return;
  std::vector<Id> pasted;
  each_swatch(m_space.piece(), [&](const Swatch& s) {
    if (s.id >= first_new) pasted.push_back(s.id);
  });
  select(pasted);
}

// ---------------------------------------------------------------- grading and adjusting

SetWork::ReportKey SetWork::report_key() const {
  const Piece& piece = m_space.piece();
  const SwatchSet* set = current_set(piece);
  ReportKey out{set ? *set : SwatchSet(), piece.bands, piece.grading, piece.wheel, std::nullopt};
  if (const Mask* mask = mask_in_use(piece)) out.mask = *mask;
  return out;
}

const GradingReport& SetWork::report() {
  if (m_report) return *m_report;
  const ReportKey key = report_key();
  const auto make = [key, wheel = m_space.wheel(),
                     region = m_space.region() ? std::optional(*m_space.region()) : std::nullopt] {
    return grade(key.set, key.bands, key.rules, wheel, region ? &*region : nullptr);
  };
  if (swatch_count(key.set) <= kAtOnce) {
    m_report = make();
    return *m_report;
  }
  m_late.ask(key, this, make, [this] { emit reportChanged(); });
  static const GradingReport none;
  if (!m_late.is_for(key)) return none;
  m_report = *m_late.value();
  return *m_report;
}

const BandCounts& SetWork::counts() {
  const SwatchSet* set = current_set(m_space.piece());
  if (!m_counts) m_counts = set ? band_counts(*set, m_space.piece().bands) : BandCounts{};
  return *m_counts;
}

void SetWork::try_out(const Adjustment& adjustment) {
  Session next = m_space.session();
  next.adjustment = adjustment;
  m_space.take(std::move(next));
}

void SetWork::renew_preview() {
  const bool was = !m_preview.empty();
  m_preview.clear();
  const SwatchSet* set = current_set(m_space.piece());
  if (set && adjustment().changes())
    for (auto& a : adjust_preview(*set, selection(), adjustment(), m_space.wheel()))
      m_preview.emplace(a.swatch, a);
  if (was || !m_preview.empty()) emit previewChanged();
}

Srgb SetWork::shown(const Swatch& swatch) const {
  if (m_preview.empty()) return swatch.color;
  const auto at = m_preview.find(swatch.id);
  return at == m_preview.end() ? swatch.color : at->second.color;
}

void SetWork::take_adjustment() {
  const Adjustment taken = adjustment();
  if (!taken.changes()) return;
  const auto ids = selection();
  const Id set = m_space.piece().current_set;
  const QString name = tr("Adjust %n swatches", nullptr, static_cast<int>(m_preview.size()));
  try_out({});
  const bool held =
      m_space.store().apply(name, [&](Piece p) { return with_adjusted(std::move(p), set, ids, taken); });
  if (!held) try_out(taken);
}

// ---------------------------------------------------------------- versions

void SetWork::compare(Id version, bool shown) {
  Session next = m_space.session();
  if (shown)
    next.left_out.erase(version);
  else
    next.left_out.insert(version);
  m_space.take(std::move(next));
}

} // namespace zc
