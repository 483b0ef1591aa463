// SPDX-License-Identifier: GPL-3.0-or-later
// Which swatch of the one state is which of the other; what was found can be changed.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QScrollArea;

namespace zc {

class TryModel;
class Viewing;

class PairsPanel final : public QWidget {
  Q_OBJECT
public:
  PairsPanel(Studio& model, Viewing& viewing, TryModel& tries, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  void follow();
  void pair(Id from, Id to);
  Studio& m_model;
  Viewing& m_viewing;
  TryModel& m_tries;
  QScrollArea* m_scroll;
};

} // namespace zc
