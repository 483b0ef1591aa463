// SPDX-License-Identifier: GPL-3.0-or-later
// The sets of the piece and the versions of the current one: names, tags, notes, order.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QAbstractButton;
class QLineEdit;
class QListWidget;
class QPlainTextEdit;
class QPushButton;

namespace zc {

class Laying;
class SetWork;

class SetsPanel final : public QWidget {
  Q_OBJECT
public:
  SetsPanel(Studio& model, Laying& laying, SetWork& work, QWidget* parent);

private:
  QWidget* make_set_buttons();
  QWidget* make_version_buttons();
  void hear_fields();
  QWidget*
  make_buttons(const std::vector<std::tuple<const char*, QString, QString, std::function<void()>>>& commands);
  void follow();
  void show_words(const SwatchSet& set);
  void list_versions(const SwatchSet& set, Id chosen);
  void add_set();
  void keep_version();
  void write_note();
  [[nodiscard]] Id chosen_version() const;
  Studio& m_model;
  Laying& m_laying;
  SetWork& m_work;
  QListWidget* m_sets;
  QAbstractButton *m_up = nullptr, *m_down = nullptr;
  QLineEdit* m_name;
  QLineEdit* m_tags;
  QPlainTextEdit* m_note;
  QListWidget* m_versions;
  QLineEdit* m_version_name;
  bool m_following = false;
};

} // namespace zc
