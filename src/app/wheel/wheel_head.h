// SPDX-License-Identifier: GPL-3.0-or-later
// Over a wheel: its value, and which wheel it is, by hue scale and saturation measure.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

class QComboBox;
class QLabel;

namespace zc {

class WordButton;

class WheelHead final : public QWidget {
  Q_OBJECT
public:
  WheelHead(Workspace& space, QWidget* parent);

private:
  void choose();
  void follow();
  void say_value();
  Workspace& m_space;
  QLabel* m_value;
  QComboBox* m_hues;
  QComboBox* m_measures;
  WordButton* m_vivid;
};

} // namespace zc
