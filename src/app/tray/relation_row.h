// SPDX-License-Identifier: GPL-3.0-or-later
// The chosen relation of the current color: its members by angle, at the current value or vivid, taken up,
// slid or laid; it can be fixed while picking goes on.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

class QComboBox;

namespace zc {

class ChipRow;
class WordButton;

class RelationRow final : public QWidget {
  Q_OBJECT
public:
  RelationRow(Workspace& space, QWidget* parent);

private:
  void follow();
  Workspace& m_space;
  QComboBox* m_relation;
  WordButton* m_vivid;
  WordButton* m_fix;
  ChipRow* m_chips;
};

} // namespace zc
