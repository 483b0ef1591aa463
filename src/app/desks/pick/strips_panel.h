// SPDX-License-Identifier: GPL-3.0-or-later
// Tints, tones and shades of the current color as three short strips.
#pragma once

#include "core/mix/strings.h"
#include "model/workspace/workspace.h"

#include <QWidget>

namespace zc {

class ChipRow;

class StripsPanel final : public QWidget {
  Q_OBJECT
public:
  StripsPanel(Workspace& space, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  struct Strip {
    StringKind kind;
    QString word;
    ChipRow* chips;
  };
  void follow();
  void lay(const Strip& strip);
  Workspace& m_space;
  std::vector<Strip> m_strips;
};

} // namespace zc
