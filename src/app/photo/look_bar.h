// SPDX-License-Identifier: GPL-3.0-or-later
// The ways of looking at a photo, and the one setting each of them has.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QSlider;

namespace zc {

class Viewing;

class NumberField;
class WordControl;

class LookBar final : public QWidget {
  Q_OBJECT
public:
  LookBar(Studio& model, Viewing& viewing, QWidget* parent);

private:
  void hear_fields();
  void follow();
  Studio& m_model;
  Viewing& m_viewing;
  QComboBox* m_looks;
  NumberField* m_tones;
  WordControl* m_find;
  QSlider* m_squint;
  NumberField* m_steps;
};

} // namespace zc
