// What follows from the current color: its partners and one string, live.
#pragma once

#include "app/store/workbench.h"
#include "core/mix/strings.h"

#include <QWidget>

class QComboBox;
class QPushButton;
class QSpinBox;

namespace zc {

class ChipRow;

class RelationsPanel final : public QWidget {
  Q_OBJECT
public:
  RelationsPanel(Workbench& bench, QWidget* parent);

private:
  void follow();
  void follow_partners();
  void follow_string();
  void lay_string();
  [[nodiscard]] StringSpec spec() const;

  Workbench& m_bench;
  ChipRow* m_partners;
  ChipRow* m_string;
  QComboBox* m_kind;
  QSpinBox* m_steps;
  QComboBox* m_even;
  QPushButton* m_lay;
};

} // namespace zc
