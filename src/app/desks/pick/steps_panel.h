// SPDX-License-Identifier: GPL-3.0-or-later
// The steps the wheel is cut into.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Picking;

class NumberField;

class StepsPanel final : public QWidget {
  Q_OBJECT
public:
  StepsPanel(Studio& space, Picking& picking, QWidget* parent);

private:
  void follow();
  Studio& m_space;
  Picking& m_picks;
  std::array<NumberField*, 3> m_counts{}; ///< Hues, saturations, values.
};

} // namespace zc
