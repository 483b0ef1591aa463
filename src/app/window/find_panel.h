// SPDX-License-Identifier: GPL-3.0-or-later
// Find everywhere: a color or a name, with what was found as chips that say where they are.
#pragma once

#include "app/controls/late_widget.h"
#include "app/controls/panel.h"
#include "model/find/finder.h"

class QLabel;
class QLineEdit;
class QListWidget;

namespace zc {

class AppModel;
class Documents;
class GradeDesk;

class FindPanel final : public Panel {
  Q_OBJECT
public:
  FindPanel(AppModel& model, Documents& documents, LateWidget<GradeDesk>& grade, QWidget* parent);
  /// Opens under this place of the window, with what is typed in it selected.
  void open_at(QPoint corner);
  [[nodiscard]] Finder& finder() { return m_finder; }

private:
  void follow();
  [[nodiscard]] const FoundSwatch* chosen() const;
  void go();
  void go_to(const FoundSwatch& found);
  void show_in_piece(const FoundSwatch& found);
  void use_color();

  AppModel& m_model;
  Documents& m_documents;
  LateWidget<GradeDesk>& m_grade;
  Finder m_finder;
  QLineEdit* m_words;
  QListWidget* m_list;
  QLabel* m_says;
};

} // namespace zc
