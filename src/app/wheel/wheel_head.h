// SPDX-License-Identifier: GPL-3.0-or-later
// Over a wheel: its value, and which wheel it is, by hue scale and saturation measure.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QLabel;

namespace zc {

class Masking;
class Viewing;

class WordControl;

class WheelHead final : public QWidget {
  Q_OBJECT
public:
  WheelHead(Studio& space, Masking& masking, Viewing& viewing, QWidget* parent);

private:
  void choose();
  void follow();
  void say_value();
  Studio& m_space;
  Masking& m_masking;
  QLabel* m_value;
  QComboBox* m_hues;
  QComboBox* m_measures;
  WordControl* m_vivid;
};

} // namespace zc
