// SPDX-License-Identifier: GPL-3.0-or-later
// A ramp from the current color, or one for each related hue, live: as chips here and, when asked for, as
// notes on the staff's axis and on the wheel.
#pragma once

#include "core/mix/ladders.h"
#include "model/session/studio.h"

#include <QWidget>

#include <array>

class QComboBox;
class QLabel;
class QPushButton;

namespace zc {

class Laying;
class Picking;

class ChipRow;
class ElidedLabel;
class EndChoice;
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
  void follow_kind();
  void lay_all();
  void take_chip(std::size_t row, std::size_t chip, bool lay);
  [[nodiscard]] bool is_ladder() const;
  /// REQUIRES that it is no ladder.
  [[nodiscard]] RampKind kind() const;
  [[nodiscard]] RampSpec spec() const;
  [[nodiscard]] LadderSpec ladder() const;
  /// One row, or one for each related hue.
  [[nodiscard]] Result<std::vector<std::vector<RampStep>>> made() const;
  [[nodiscard]] QString words_below(const std::vector<std::vector<RampStep>>& rows) const;
  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  QComboBox* m_kind;
  EndChoice* m_from;
  EndChoice* m_target;
  QComboBox* m_way;
  QComboBox* m_relation;
  NumberField* m_steps;
  QComboBox* m_even;
  NumberField *m_darkest, *m_lightest, *m_saturation;
  WordControl* m_hold;
  WordControl* m_show;
  QPushButton* m_lay;
  std::vector<ChipRow*> m_rows;
  ElidedLabel* m_words;
  /// The rows of fields that only some kinds have: the name and the field.
  struct Field {
    QWidget *name, *field;
  };
  Field m_from_row{}, m_to_row{}, m_path_row{}, m_relation_row{}, m_even_row{}, m_dark_row{}, m_light_row{},
      m_saturation_row{};
  /// What was typed for ramps and for ladders.
  struct Typed {
    double darkest, lightest, steps;
  };
  std::array<Typed, 2> m_typed{{{0, 100, 9}, {12, 92, 5}}};
  QLabel* m_none;
};

} // namespace zc
