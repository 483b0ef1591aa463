// SPDX-License-Identifier: GPL-3.0-or-later
// How the plan is made as a picture.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QHBoxLayout;
class QLabel;
class QVBoxLayout;

namespace zc {

class FieldGrid;
class NumberField;
class Viewing;
class WordControl;

class PlanPanel final : public QWidget {
  Q_OBJECT
public:
  PlanPanel(Studio& model, Viewing& viewing, QWidget* parent);

signals:
  void writeAsked();
  void copyAsked();

protected:
  void showEvent(QShowEvent* event) override;

private:
  void add_looks(QHBoxLayout& row);
  void add_numbers(FieldGrid& fields);
  void add_kinds(QHBoxLayout& row);
  void add_picker(QVBoxLayout& column);
  void follow_picker();
  void change(const std::function<void(PlanView&)>& by);
  void follow();
  Studio& m_model;
  Viewing& m_viewing;
  std::vector<std::pair<WordControl*, PlanView::Kind>> m_kinds;
  WordControl* m_stepped;
  WordControl* m_bare;
  QLabel* m_value_name = nullptr;
  QLabel* m_row_name = nullptr;
  QComboBox* m_picker = nullptr;
  QLabel* m_ranges = nullptr;
  QLabel* m_corners = nullptr;
  NumberField* m_value;
  NumberField* m_row;
  NumberField* m_size;
};

} // namespace zc
