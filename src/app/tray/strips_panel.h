// SPDX-License-Identifier: GPL-3.0-or-later
// Tints, tones and shades of the current color as three short strips.
#pragma once

#include "core/mix/ramps.h"
#include "model/session/studio.h"

#include <QWidget>

class QGridLayout;
class QMenu;

namespace zc {

class Laying;
class Picking;

class ChipRow;

/// In one row, or below one another with what adds them left out.
class StripsPanel final : public QWidget {
  Q_OBJECT
public:
  enum class Build { Row, Stack };
  StripsPanel(Studio& model, Picking& picking, Laying& laying, Build build, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  struct Strip {
    RampKind kind;
    QString word;
    ChipRow* chips;
  };
  QMenu* make_menu(QGridLayout* grid);
  void follow();
  void lay(const Strip& strip);
  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  std::vector<Strip> m_strips;
};

} // namespace zc
