// Work on the current set: what is selected in it, the commands on that, its grading report, and the
// adjustment that is being tried out.
#pragma once

#include "core/piece/adjust.h"
#include "core/piece/grading.h"
#include "core/piece/set_edits.h"

#include <QObject>
#include <unordered_map>
#include <unordered_set>

class QKeyEvent;
class QMimeData;

namespace zc {

class Workbench;

class SetWork final : public QObject {
  Q_OBJECT
public:
  explicit SetWork(Workbench& bench);
  /// For another piece: nothing selected, nothing tried out, every version compared.
  void start_over();

  // ------------------------------------------------------------ selection
  /// In the order of the set.
  [[nodiscard]] const std::vector<Id>& selection() const { return m_selection; }
  [[nodiscard]] bool selected(Id swatch) const { return m_selected.contains(swatch); }
  /// The last one is the one that keys work on.
  void select(const std::vector<Id>& swatches);
  void toggle(Id swatch);
  /// From the one that keys work on to this one, in the order of the set.
  void extend_to(Id swatch);
  void select_all();
  void select_band(Band band);
  void select_near_duplicates();
  /// As a click does: Shift extends to it, Ctrl takes it in or out, a plain click takes its color up too.
  void click(Id swatch, Qt::KeyboardModifiers modifiers);
  /// The keys that mean the same in every view of the set; false for any other.
  bool takes_key(const QKeyEvent& event);

  // ------------------------------------------------------------ commands on the selection
  bool name_swatch(Id swatch, const QString& name);
  bool name_family(Id family, const QString& name);
  void remove();
  void duplicate();
  void replace_by_current();
  /// Locks them, or unlocks them when all are locked; likewise below.
  void switch_lock();
  void switch_used();
  void move_to(Id family, std::optional<int> place = {});
  void split_off();
  void copy() const;
  void cut();
  /// Swatches, a color or the text of a palette, into the chosen family. False when there is none of it.
  bool paste(const QMimeData& clip);
  [[nodiscard]] QMimeData* clip_of(const std::vector<Id>& swatches) const;

  // ------------------------------------------------------------ grading
  /// Made anew when the set, the rules or the mask have changed.
  [[nodiscard]] const GradingReport& report();
  /// Of the set's swatches, in each value band; quick to ask at every paint.
  [[nodiscard]] const BandCounts& counts();

  // ------------------------------------------------------------ trying out an adjustment
  [[nodiscard]] const Adjustment& adjustment() const { return m_adjustment; }
  void try_out(const Adjustment& adjustment);
  /// Of the selection, or of the whole set while nothing is selected; empty without an adjustment.
  [[nodiscard]] const std::unordered_map<Id, Adjusted>& preview() const { return m_preview; }
  /// The color a swatch is shown in while an adjustment is tried out.
  [[nodiscard]] Srgb shown(const Swatch& swatch) const;
  void take_adjustment();

  // ------------------------------------------------------------ comparing versions
  /// Whether a version of the set stands beside it.
  [[nodiscard]] bool compared(Id version) const { return !m_left_out.contains(version); }
  void compare(Id version, bool shown);

signals:
  void selectionChanged();
  void previewChanged();
  void comparisonChanged();

private:
  void follow();
  void renew_preview();
  [[nodiscard]] bool nothing_selected();

  Workbench& m_bench;
  std::vector<Id> m_selection;
  std::unordered_set<Id> m_selected;
  std::optional<GradingReport> m_report;
  std::optional<BandCounts> m_counts;
  Adjustment m_adjustment;
  std::unordered_map<Id, Adjusted> m_preview;
  std::unordered_set<Id> m_left_out; ///< Versions.
};

} // namespace zc
