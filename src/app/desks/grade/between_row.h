// SPDX-License-Identifier: GPL-3.0-or-later
// Fills between two selected swatches: how many colors, and which way they go. Shown while two are selected.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

class QComboBox;

namespace zc {

class NumberField;

class BetweenRow final : public QWidget {
  Q_OBJECT
public:
  BetweenRow(Workspace& space, QWidget* parent);

private:
  void follow();
  Workspace& m_space;
  NumberField* m_count;
  QComboBox* m_way;
};

} // namespace zc
