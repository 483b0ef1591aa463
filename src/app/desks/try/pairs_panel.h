// SPDX-License-Identifier: GPL-3.0-or-later
// Which swatch of the one state is which of the other; what was found can be changed.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QScrollArea;

namespace zc {

class TryReader;
class Viewing;

class PairsPanel final : public QWidget {
  Q_OBJECT
public:
  PairsPanel(Studio& space, Viewing& viewing, TryReader& tries, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  void follow();
  void pair(Id from, Id to);
  Studio& m_space;
  Viewing& m_viewing;
  TryReader& m_tries;
  QScrollArea* m_scroll;
};

} // namespace zc
