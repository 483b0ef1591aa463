// SPDX-License-Identifier: GPL-3.0-or-later
// The chosen relation of the current color: its members by angle, at the current value or vivid, taken up,
// slid or laid; it can be fixed while picking goes on.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;

namespace zc {

class Laying;
class Picking;

class ChipRow;
class WordControl;

class RelationRow final : public QWidget {
  Q_OBJECT
public:
  RelationRow(Studio& space, Picking& picking, Laying& laying, QWidget* parent);

private:
  void follow();
  Studio& m_space;
  Picking& m_picks;
  Laying& m_laying;
  QComboBox* m_relation;
  WordControl* m_vivid;
  WordControl* m_fix;
  ChipRow* m_chips;
};

} // namespace zc
