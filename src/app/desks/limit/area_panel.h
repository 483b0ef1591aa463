// SPDX-License-Identifier: GPL-3.0-or-later
// The areas of the mask: what adds and what cuts, in numbers, doubled, mirrored, removed.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QLabel;
class QListWidget;
class QPushButton;

namespace zc {

class Masking;

class NumberField;
class WordControl;

class AreaPanel final : public QWidget {
  Q_OBJECT
public:
  AreaPanel(Studio& model, Masking& masking, QWidget* parent);
  /// The area worked on one place up (-1) or down (1).
  void move_chosen(int by);

private:
  void move_area(std::size_t area, std::size_t place);
  void follow();
  void follow_numbers();
  void reshape(const QString& name, const Shape& shape, const QString& drag);
  void change_mode();
  [[nodiscard]] const Area* area() const;
  QWidget* make_numbers();
  QWidget* make_commands();
  WordControl* make_more(QWidget* box);
  void add_corner();
  void remove_corner();
  Studio& m_model;
  Masking& m_masking;
  QListWidget* m_list;
  std::array<QLabel*, 5> m_labels{};
  std::array<NumberField*, 5> m_fields{};
  WordControl* m_adds = nullptr;
  WordControl* m_cuts = nullptr;
  WordControl* m_locked = nullptr;
  std::vector<QPushButton*> m_commands;
  std::size_t m_corner = 0; ///< That the numbers show.
  QAction *m_add_corner = nullptr, *m_remove_corner = nullptr, *m_remove_mask = nullptr;
};

} // namespace zc
