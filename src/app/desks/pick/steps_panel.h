// SPDX-License-Identifier: GPL-3.0-or-later
// The steps the wheel is cut into.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Picking;

class NumberField;
class WordControl;

class StepsPanel final : public QWidget {
  Q_OBJECT
public:
  StepsPanel(Studio& model, Picking& picking, QWidget* parent);

private:
  void follow();
  Studio& m_model;
  Picking& m_picks;
  std::array<NumberField*, 3> m_counts{}; ///< Hues, saturations, values.
  struct Usual {
    WordControl* button;
    int dimension, count;
  };
  std::vector<Usual> m_usual; ///< Counts to choose from; 0 is off.
};

} // namespace zc
