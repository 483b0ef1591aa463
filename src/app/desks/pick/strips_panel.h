// SPDX-License-Identifier: GPL-3.0-or-later
// Tints, tones and shades of the current color as three short strips.
#pragma once

#include "core/mix/ramps.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Laying;
class Picking;

class ChipRow;

class StripsPanel final : public QWidget {
  Q_OBJECT
public:
  StripsPanel(Studio& model, Picking& picking, Laying& laying, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  struct Strip {
    RampKind kind;
    QString word;
    ChipRow* chips;
  };
  void follow();
  void lay(const Strip& strip);
  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  std::vector<Strip> m_strips;
};

} // namespace zc
