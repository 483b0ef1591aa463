// SPDX-License-Identifier: GPL-3.0-or-later
// Mixing by hand: the field beside what is read out of it, its corners, the string and the grid.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QLabel;
class QLineEdit;
class QPushButton;

namespace zc {

class Laying;
class PaintModel;
class Picking;

class ChipRow;
class ElidedLabel;
class MixView;
class NumberField;
class WordControl;

class MixPanel final : public QWidget {
  Q_OBJECT
public:
  /// Adds a color at a corner of the field; says so where there are four.
  void add_corner(const MixingCorner& corner);
  MixPanel(Studio& model, Picking& picking, Laying& laying, PaintModel& paints, QWidget* parent);
  [[nodiscard]] MixView& view() { return *m_view; }

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;

private:
  [[nodiscard]] QWidget* make_reading();
  [[nodiscard]] QWidget* make_corners();
  [[nodiscard]] QWidget* make_add(QWidget* parent);
  [[nodiscard]] QWidget* make_laying();
  void follow();
  void follow_corners();
  void follow_string();
  void say(const std::optional<std::vector<double>>& parts);
  void commit_typed_parts();
  void lay_picks();
  void lay_string();
  void lay_grid();
  void change(const std::function<void(Mixing&)>& f);
  [[nodiscard]] const Mixing& mixing() const { return m_model.session().at_hand.mixing; }
  [[nodiscard]] LaidColor laid(Srgb color) const;

  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  PaintModel& m_mixing;
  MixView* m_view;
  WordControl* m_paint;
  WordControl* m_light;
  QLineEdit* m_parts;
  ElidedLabel* m_words;
  struct Corner {
    QWidget* row = nullptr;
    NumberField* strength = nullptr;
    WordControl* mute = nullptr;
  };
  std::array<Corner, kMostCorners> m_corners;
  std::vector<WordControl*> m_hands; ///< One of each MixHand, in order.
  NumberField* m_steps;
  QPushButton* m_lay_string;
  QPushButton* m_lay_picks;
  QPushButton* m_lay_grid;
  ChipRow* m_row;
};

} // namespace zc
