// SPDX-License-Identifier: GPL-3.0-or-later
// Where the current color stands: hue and saturation on the wheel, value. All three can be typed.
#pragma once

#include <QWidget>
#include <array>

namespace zc {

class NumberField;
class Picking;
class Studio;

class PlaceGroup final : public QWidget {
  Q_OBJECT
public:
  PlaceGroup(Studio& model, Picking& picking, QWidget* parent);

private:
  void follow();
  void go_to(int number, double value);
  Studio& m_model;
  Picking& m_picks;
  std::array<NumberField*, 3> m_fields{}; ///< Hue, saturation, value.
};

} // namespace zc
