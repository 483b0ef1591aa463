// SPDX-License-Identifier: GPL-3.0-or-later
// The current color in numbers of other color spaces: as many as the user adds, every number editable.
#pragma once

#include "core/color/readout.h"
#include "model/session/studio.h"

#include <QWidget>

class QMenu;

namespace zc {

class Picking;
class PressModel;

class NumberField;
class TrackView;
class WordControl;

class ReadoutPanel final : public QWidget {
  Q_OBJECT
public:
  ReadoutPanel(Studio& model, Picking& picking, PressModel& press, QWidget* parent);
  void choose_space(std::size_t row, ReadoutSpace space);
  /// Reads the color as ink on the chosen press.
  void choose_ink(std::size_t row);
  [[nodiscard]] std::size_t shown() const { return m_shown; }
  /// Spaces to choose from for one more row, or for the last one where there are as many as there can be.
  void fill_add_menu(QMenu& menu);

protected:
  void showEvent(QShowEvent* event) override;

private:
  struct Row {
    ReadoutSpace space = ReadoutSpace::Rgb;
    bool ink = false; ///< Cyan, magenta, yellow and black in the place of a space.
    NumberField* black = nullptr;
    WordControl* name = nullptr;
    QMenu* menu = nullptr;
    std::array<NumberField*, 3> fields{};
    std::array<TrackView*, 3> tracks{};
  };
  void show_rows(std::size_t count);
  void fill_menu(std::size_t row);
  void add_spaces(QMenu& menu, const std::function<std::size_t()>& row);
  void remove(std::size_t row);
  void show_space(std::size_t row, ReadoutSpace space);
  void follow();
  void take(std::size_t row, std::size_t number, double value);
  void show_ink(std::size_t row);
  void follow_ink(const Row& row);
  void enter_ink(std::size_t number, double value);

  [[nodiscard]] Ink ink_of_now(const Press& press) const;
  Studio& m_model;
  Picking& m_picks;
  PressModel& m_reader;
  std::array<Row, 4> m_rows;
  std::size_t m_shown = 0;
};

} // namespace zc
