// SPDX-License-Identifier: GPL-3.0-or-later
// One string from the current color, live: as chips here and, when asked for, as notes on the staff's axis.
#pragma once

#include "core/mix/ramps.h"
#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QPushButton;

namespace zc {

class Laying;
class Picking;

class ChipRow;
class ElidedLabel;
class NumberField;
class WordControl;

class RampPanel final : public QWidget {
  Q_OBJECT
public:
  RampPanel(Studio& model, Picking& picking, Laying& laying, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;

private:
  void fill_choices();
  void lay_out();
  [[nodiscard]] bool previewed() const;
  void remove_from_staff();
  bool m_on_staff = false;
  void follow();
  void follow_targets();
  void lay_all();
  [[nodiscard]] RampKind kind() const;
  [[nodiscard]] RampSpec spec() const;
  [[nodiscard]] std::optional<Srgb> target() const;
  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  QComboBox* m_kind;
  QComboBox* m_target;
  QComboBox* m_way;
  NumberField* m_steps;
  QComboBox* m_even;
  WordControl* m_hold;
  WordControl* m_show;
  QPushButton* m_lay;
  ChipRow* m_row;
  ElidedLabel* m_words;
  QWidget *m_to = nullptr, *m_path = nullptr; ///< The names before the other end and the way to it.
  QLabel* m_none;
};

/// The wells as choices: item data is the well, the icon its color.
void fill_with_wells(QComboBox& box, const AtHand& space);

} // namespace zc
