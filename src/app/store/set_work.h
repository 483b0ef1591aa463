// SPDX-License-Identifier: GPL-3.0-or-later
// Work on the current set: the commands on what is selected in it, its grading report, and the adjustment
// that is being tried out.
#pragma once

#include "app/jobs/late_value.h"
#include "app/store/workspace.h"
#include "core/piece/adjust.h"
#include "core/piece/grading.h"
#include "core/piece/set_edits.h"

#include <QObject>
#include <unordered_map>

namespace zc {

class SetWork final : public QObject {
  Q_OBJECT
public:
  explicit SetWork(Workspace& space);

  // ------------------------------------------------------------ selection
  /// In the order of the set.
  [[nodiscard]] const std::vector<Id>& selection() const { return m_space.session().selection.swatches(); }
  [[nodiscard]] bool selected(Id swatch) const { return m_space.session().selection.has(swatch); }
  /// The last one is the one that keys work on.
  void select(const std::vector<Id>& swatches);
  void select_all();
  void select_band(Band band);
  void select_near_duplicates();
  /// As a click does: Shift extends to it, Ctrl takes it in or out. A plain click takes its color up too,
  /// save at Grade, where it only selects, so that what is picked can replace it.
  void click(Id swatch, Qt::KeyboardModifiers modifiers);
  /// As palettes are used: selects it and takes its color up, at every desk.
  void take_up_swatch(Id swatch);
  /// Takes up the color of the one that keys work on.
  void take_up_focus();

  // ------------------------------------------------------------ commands on the selection
  bool name_swatch(Id swatch, const QString& name);
  bool name_family(Id family, const QString& name);
  void remove(const QString& one, const QString& many);
  void remove() { remove(tr("Delete swatch"), tr("Delete %1 swatches")); }
  void duplicate();
  void replace_by_current();
  /// Locks them, or unlocks them when all are locked; likewise below.
  void switch_lock();
  void switch_used();
  void move_to(Id family, std::optional<int> place = {});
  /// Before what stands at that place, which makes room.
  void insert_at(Id family, int place);
  /// Colors between the two that are selected, in place.
  void fill_between(int count, Way way);
  void split_off();
  /// Into the chosen family, or a first one that is made.
  void paste(const std::vector<Swatch>& swatches);
  /// Says so when nothing is selected.
  [[nodiscard]] bool nothing_selected();

  // ------------------------------------------------------------ grading
  /// Made anew when the set, the rules or the mask have changed. That of a large set comes late: until then
  /// it is empty, which reportChanged() tells the end of.
  [[nodiscard]] const GradingReport& report();
  [[nodiscard]] bool report_is_late() const { return m_late.is_asked(report_key()); }
  /// Of the set's swatches, in each value band; quick to ask at every paint.
  [[nodiscard]] const BandCounts& counts();

  // ------------------------------------------------------------ trying out an adjustment
  [[nodiscard]] const Adjustment& adjustment() const { return m_space.session().adjustment; }
  void try_out(const Adjustment& adjustment);
  /// Of the selection, or of the whole set while nothing is selected; empty without an adjustment.
  [[nodiscard]] const std::unordered_map<Id, Adjusted>& preview() const { return m_preview; }
  /// The color a swatch is shown in while an adjustment is tried out.
  [[nodiscard]] Srgb shown(const Swatch& swatch) const;
  void take_adjustment();

  // ------------------------------------------------------------ comparing versions
  /// Whether a version of the set stands beside it.
  [[nodiscard]] bool compared(Id version) const { return !m_space.session().left_out.contains(version); }
  void compare(Id version, bool shown);

signals:
  void previewChanged();
  void reportChanged();

private:
  struct ReportKey {
    SwatchSet set;
    Bands bands;
    GradingRules rules;
    WheelSpec wheel;
    std::optional<Mask> mask; ///< In use.
    bool operator==(const ReportKey&) const = default;
  };
  [[nodiscard]] ReportKey report_key() const;

  void follow();
  void renew_preview();
  void switch_all(const QString& on, const QString& off, bool Swatch::*mark,
                  Result<Piece> (*edit)(Piece, const std::vector<Id>&, bool));

  Workspace& m_space;
  std::optional<GradingReport> m_report;
  std::optional<BandCounts> m_counts;
  std::unordered_map<Id, Adjusted> m_preview;
  LateValue<ReportKey, GradingReport> m_late;
};

} // namespace zc
