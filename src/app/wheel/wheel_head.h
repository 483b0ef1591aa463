// SPDX-License-Identifier: GPL-3.0-or-later
// Over a wheel: its value, and which wheel it is, by hue scale and saturation measure.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QMenu;

namespace zc {

class Masking;
class Viewing;

class WordControl;

class WheelHead final : public QWidget {
  Q_OBJECT
public:
  /// The wheel is chosen where masks are made; elsewhere a word says which it is, and opens the choice.
  enum class Build { Choices, Word };
  WheelHead(Studio& model, Masking& masking, Viewing& viewing, Build build, QWidget* parent);

private:
  void make_choices();
  void make_word();
  void fill_menu(QMenu& menu);
  void choose();
  void follow();
  void say_value();
  Studio& m_model;
  Masking& m_masking;
  QLabel* m_value;
  QComboBox* m_hues = nullptr;
  QComboBox* m_measures = nullptr;
  WordControl* m_word = nullptr;
  WordControl* m_vivid;
};

} // namespace zc
