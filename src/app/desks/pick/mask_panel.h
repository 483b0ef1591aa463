// The mask in numbers and words below the wheel: patterns, turn, rule, what it holds.
#pragma once

#include "app/store/workbench.h"
#include "core/mask/patterns.h"

#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;

namespace zc {

class WordButton;

class MaskPanel final : public QWidget {
  Q_OBJECT
public:
  MaskPanel(Workbench& bench, QWidget* parent);

private:
  void follow();
  void lay_pattern(Pattern kind);
  QWidget* make_patterns();
  QWidget* make_numbers();
  QWidget* make_rules();

  Workbench& m_bench;
  QDoubleSpinBox* m_base = nullptr;
  QDoubleSpinBox* m_spread = nullptr;
  QDoubleSpinBox* m_turned = nullptr;
  WordButton* m_on = nullptr;
  QComboBox* m_rule = nullptr;
  QPushButton* m_remove = nullptr;
  QPushButton* m_neutral = nullptr;
  QPushButton* m_keys = nullptr;
  QLabel* m_facts = nullptr;
};

} // namespace zc
