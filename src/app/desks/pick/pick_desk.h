// The desk where colors are picked: the plan, its numbers, strings and mixtures. Section, rail and staff
// stand in the value band.
#pragma once

#include "app/store/workbench.h"

#include <QWidget>

namespace zc {

class WheelView;

class PickDesk final : public QWidget {
  Q_OBJECT
public:
  PickDesk(Workbench& bench, QWidget* parent);
  [[nodiscard]] WheelView& wheel() { return *m_wheel; }

private:
  QWidget* make_foot();
  Workbench& m_bench;
  WheelView* m_wheel;
};

} // namespace zc
