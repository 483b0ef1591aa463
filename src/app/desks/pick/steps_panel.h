// The steps the wheel is cut into.
#pragma once

#include "app/store/workbench.h"

#include <QWidget>

namespace zc {

class NumberField;

class StepsPanel final : public QWidget {
  Q_OBJECT
public:
  StepsPanel(Workbench& bench, QWidget* parent);

private:
  void follow();
  Workbench& m_bench;
  std::array<NumberField*, 3> m_counts{}; ///< Hues, saturations, values.
};

} // namespace zc
