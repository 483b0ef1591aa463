// SPDX-License-Identifier: GPL-3.0-or-later
// How the plan is made as a picture.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

namespace zc {

class NumberField;
class WordButton;

class PlanPanel final : public QWidget {
  Q_OBJECT
public:
  PlanPanel(Workspace& space, QWidget* parent);

signals:
  void writeAsked();
  void copyAsked();

private:
  void change(const std::function<void(PlanView&)>& by);
  void follow();

  Workspace& m_space;
  std::vector<std::pair<WordButton*, PlanView::Kind>> m_kinds;
  WordButton* m_stepped;
  WordButton* m_bare;
  NumberField* m_value;
  NumberField* m_row;
  NumberField* m_size;
};

} // namespace zc
