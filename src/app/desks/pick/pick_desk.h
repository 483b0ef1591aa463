// The desk where colors are picked: the plan with its mask. Section, rail and staff stand in the value band.
#pragma once

#include "app/store/workbench.h"

#include <QWidget>

class QComboBox;
class QLabel;

namespace zc {

class WheelView;

class PickDesk final : public QWidget {
  Q_OBJECT
public:
  PickDesk(Workbench& bench, QWidget* parent);
  [[nodiscard]] WheelView& wheel() { return *m_wheel; }

private:
  QWidget* make_head();
  void follow();
  Workbench& m_bench;
  WheelView* m_wheel;
  QLabel* m_title = nullptr;
  QComboBox* m_hues = nullptr;
  QComboBox* m_measures = nullptr;
};

} // namespace zc
