// SPDX-License-Identifier: GPL-3.0-or-later
// Where the current color stands: hue and saturation on the wheel, value. All three can be typed.
#pragma once

#include <QWidget>
#include <array>

namespace zc {

class NumberField;
class Picking;
class Studio;
class TrackView;

class PlaceGroup final : public QWidget {
  Q_OBJECT
public:
  PlaceGroup(Studio& model, Picking& picking, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  void follow();
  Studio& m_model;
  Picking& m_picks;
  std::array<NumberField*, 3> m_fields{}; ///< Hue, saturation, value.
  std::array<TrackView*, 3> m_tracks{};   ///< Of each.
};

} // namespace zc
