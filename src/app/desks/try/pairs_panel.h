// SPDX-License-Identifier: GPL-3.0-or-later
// Which swatch of the one state is which of the other; what was found can be changed.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

class QScrollArea;

namespace zc {

class PairsPanel final : public QWidget {
  Q_OBJECT
public:
  PairsPanel(Workspace& space, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  void follow();
  void pair(Id from, Id to);
  Workspace& m_space;
  QScrollArea* m_scroll;
};

} // namespace zc
