// SPDX-License-Identifier: GPL-3.0-or-later
// The steps the wheel is cut into.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

namespace zc {

class NumberField;

class StepsPanel final : public QWidget {
  Q_OBJECT
public:
  StepsPanel(Workspace& space, QWidget* parent);

private:
  void follow();
  Workspace& m_space;
  std::array<NumberField*, 3> m_counts{}; ///< Hues, saturations, values.
};

} // namespace zc
