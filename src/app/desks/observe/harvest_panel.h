// Taking a palette out of the photo: how many of each value, how different, within the mask or not; what came
// is dropped, refilled or accepted here.
#pragma once

#include "app/jobs/extraction_job.h"
#include "app/store/workspace.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QProgressBar;
class QPushButton;

namespace zc {

class ChipRow;
class NumberField;

class HarvestPanel final : public QWidget {
  Q_OBJECT
public:
  HarvestPanel(Workspace& space, QWidget* parent);

private:
  void follow();
  void start(const std::vector<ExtractedColor>& kept);
  /// Unless the photo it was taken from is gone.
  void take(const ExtractionJob::Order& order, const Extraction& result);
  [[nodiscard]] ExtractionSpec spec() const;
  [[nodiscard]] QString told() const;

  Workspace& m_space;
  ExtractionJob m_job;
  std::array<NumberField*, 3> m_counts{}; ///< Light, middle, dark.
  NumberField* m_difference;
  QComboBox* m_mask;
  QComboBox* m_kind;
  QPushButton* m_start;
  QPushButton* m_refill;
  QPushButton* m_drop;
  QPushButton* m_accept;
  QProgressBar* m_progress;
  ChipRow* m_chips;
  QLabel* m_words;
  QString m_unmet;
};

} // namespace zc
