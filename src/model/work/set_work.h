// SPDX-License-Identifier: GPL-3.0-or-later
// Work on the current set: the commands on what is selected in it, its grading report, and the adjustment
// that is being tried out.
#pragma once

#include "core/grading/grading.h"
#include "core/piece/adjust.h"
#include "core/piece/set_edits.h"
#include "model/session/picking.h"

#include <QObject>
#include <unordered_map>

namespace zc {

class SetWork final : public QObject {
  Q_OBJECT
public:
  SetWork(Studio& studio, Picking& picking);

  // ------------------------------------------------------------ selection
  /// The selected swatches, in the order of the set.
  [[nodiscard]] const std::vector<Id>& selection() const { return m_studio.session().selection.swatches(); }
  [[nodiscard]] bool selected(Id swatch) const { return m_studio.session().selection.has(swatch); }
  /// The last one is the one that keys work on.
  void select(const std::vector<Id>& swatches);
  void select_all();
  void select_band(Band band);
  void select_near_duplicates();
  /// What a click does: Shift extends to it, Ctrl takes it in or out. A plain click uses its color too,
  /// save at Grade, where it only selects, so that what is picked can replace it.
  void click(Id swatch, Qt::KeyboardModifiers modifiers);
  /// Selects it and uses its color, at every desk, as palettes are used.
  void use_swatch(Id swatch);
  /// Takes up the color of the one that keys work on.
  void use_focus();

  // ------------------------------------------------------------ commands on the selection
  bool name_swatch(Id swatch, const QString& name);
  bool name_family(Id family, const QString& name);
  void remove(const QString& one, const QString& many);
  void remove() { remove(tr("Delete swatch"), tr("Delete %1 swatches")); }
  void duplicate();
  void replace_by_current();
  /// Locks them, or unlocks them when all are locked; likewise below.
  void switch_lock();
  /// Of the selected swatches that have a code.
  void remove_codes();
  void mark_finish(Finish finish);
  void switch_used();
  void move_to(Id family, std::optional<int> place = {}, const QString& drag = {});
  /// Before what stands at that place, which makes room.
  void insert_at(Id family, int place);
  /// Colors between the two that are selected, in place.
  void fill_between(int count, Way way);
  void split_off();
  /// Adds copies to the chosen family, or to a first one that is made.
  void paste(const std::vector<Swatch>& swatches);
  /// Says so when nothing is selected.
  [[nodiscard]] bool nothing_selected();

  // ------------------------------------------------------------ grading
  /// Made anew when the set, the rules or the mask have changed. That of a large set comes late: until then
  /// it is empty, which reportChanged() tells the end of.
  [[nodiscard]] const GradingReport& report();
  [[nodiscard]] bool report_is_late() const { return m_report.is_asked(report_key()); }
  /// How many swatches of the set lie in each value band; quick to ask at every paint.
  [[nodiscard]] const BandCounts& counts();

  // ------------------------------------------------------------ trying out an adjustment
  [[nodiscard]] const Adjustment& adjustment() const { return m_studio.session().adjustment; }
  void try_out(const Adjustment& adjustment);
  /// What becomes of the selection, or of the whole set while nothing is selected; empty without an
  /// adjustment.
  [[nodiscard]] const std::unordered_map<Id, Adjusted>& preview() const { return m_preview; }
  /// The color a swatch is shown in while an adjustment is tried out.
  [[nodiscard]] Srgb shown(const Swatch& swatch) const;
  void apply_adjustment();
  /// Shows what an edit would make of the set, as an adjustment is shown, until another change or
  /// stop_looking_ahead(); nothing while an adjustment is tried out.
  void look_ahead(const Piece& edited);
  void stop_looking_ahead() { renew_preview(); }

  // ------------------------------------------------------------ comparing versions
  /// Whether a version of the set stands beside it.
  [[nodiscard]] bool compared(Id version) const { return !m_studio.session().left_out.contains(version); }
  void compare(Id version, bool shown);

signals:
  void previewChanged();
  void reportChanged();

private:
  /// What the report follows from: the set with what it is graded by, wheel and mask.
  using ReportKey = std::pair<std::uint64_t, std::uint64_t>;
  [[nodiscard]] ReportKey report_key() const;

  void renew_preview();
  void switch_all(const QString& on, const QString& off, bool Swatch::*mark,
                  Result<Piece> (*edit)(Piece, const std::vector<Id>&, bool));

  Studio& m_studio;
  Picking& m_picking;
  std::unordered_map<Id, Adjusted> m_preview;
  Derived<ReportKey, GradingReport> m_report{m_studio.scope()};
  Derived<ReportKey, BandCounts> m_counts{m_studio.scope()};
};

} // namespace zc
