// SPDX-License-Identifier: GPL-3.0-or-later
// The tray: the current color in words and numbers, wells, recent colors.
#pragma once

#include "core/base/result.h"

#include <QWidget>

class QLineEdit;

namespace zc {

class Workspace;

class ColorPair;
class ElidedLabel;
class HandOver;
class NumberField;
class WellsView;
class WordControl;

class Tray final : public QWidget {
  Q_OBJECT
public:
  Tray(Workspace& space, HandOver& hand_over, QWidget* parent);

signals:
  void copyHexAsked();

protected:
  void resizeEvent(QResizeEvent* event) override;

private:
  QWidget* make_words();
  QWidget* make_place();
  void go_to(int number, double value);
  QWidget* make_set_controls();
  void follow();
  void take_typed_hex();

  Workspace& m_space;
  HandOver& m_hand_over;
  ColorPair* m_pair = nullptr;
  WellsView* m_wells = nullptr;
  QWidget* m_words = nullptr;
  ElidedLabel* m_name = nullptr;
  QLineEdit* m_hex = nullptr;
  std::array<NumberField*, 3> m_place{}; ///< Hue, saturation, value on the wheel.
  ElidedLabel* m_mask = nullptr;
  ElidedLabel* m_family = nullptr;
  WordControl* m_hand = nullptr;
};

} // namespace zc
