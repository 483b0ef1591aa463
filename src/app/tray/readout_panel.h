// The current color in numbers: four spaces of the painter's choice, every number editable.
#pragma once

#include "app/store/workspace.h"
#include "core/color/readout.h"

#include <QWidget>

class QToolButton;

namespace zc {

class NumberField;

class ReadoutPanel final : public QWidget {
  Q_OBJECT
public:
  ReadoutPanel(Workspace& space, QWidget* parent);
  void choose_space(std::size_t row, ReadoutSpace space);

private:
  struct Row {
    ReadoutSpace space = ReadoutSpace::Rgb;
    QToolButton* name = nullptr;
    std::array<NumberField*, 3> fields{};
  };
  void fill_menu(std::size_t row);
  void show_space(std::size_t row, ReadoutSpace space);
  void follow();
  void take(std::size_t row, std::size_t number, double value);

  Workspace& m_space;
  std::array<Row, 4> m_rows;
};

} // namespace zc
