// SPDX-License-Identifier: GPL-3.0-or-later
// What is on the sheet, and on which paper.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QAbstractButton;
class QComboBox;
class QListWidget;
class QMenu;
class QVBoxLayout;

namespace zc {

class Viewing;

class FieldGrid;
class NumberField;
class WordControl;

class SheetPanel final : public QWidget {
  Q_OBJECT
public:
  SheetPanel(Studio& model, Viewing& viewing, QWidget* parent);

signals:
  /// "pdf", "svg", "png" or "print".
  void writeAsked(const QString& format);

private:
  void make_parts(QVBoxLayout& column);
  void apply_parts();
  void show_moves();
  void follow_parts(const std::vector<SheetPart>& parts);
  void make_swatches(QVBoxLayout& column);
  void fill_sets(QMenu& menu);
  void show_set(Id set, bool on);
  void make_paper(QVBoxLayout& column);
  void make_numbers();
  void make_writing(QVBoxLayout& column);
  void change(const std::function<void(SheetSpec&)>& by);
  void follow();
  WordControl* add_switch(QWidget* parent, const QString& name, const QString& word, const QString& tip,
                          const std::function<bool(const SheetSpec&)>& on,
                          const std::function<void(SheetSpec&, bool)>& turn);
  void move_part(int by);
  Studio& m_model;
  Viewing& m_viewing;
  struct Switch {
    WordControl* button;
    std::function<bool(const SheetSpec&)> on;
  };
  std::vector<Switch> m_switches;
  QListWidget* m_parts = nullptr;
  QAbstractButton *m_up = nullptr, *m_down = nullptr;
  FieldGrid* m_fields = nullptr;
  WordControl* m_sets = nullptr;
  WordControl* m_lying = nullptr;
  QComboBox* m_paper = nullptr;
  NumberField* m_margin = nullptr;
  NumberField* m_value = nullptr;
};

} // namespace zc
