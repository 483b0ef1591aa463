// Which wheel: its hue scale and its saturation measure.
#pragma once

#include "app/store/workbench.h"

#include <QWidget>

class QComboBox;

namespace zc {

class WheelChoice final : public QWidget {
  Q_OBJECT
public:
  WheelChoice(Workbench& bench, QWidget* parent);

private:
  void choose();
  void follow();
  Workbench& m_bench;
  QComboBox* m_hues;
  QComboBox* m_measures;
};

} // namespace zc
