// SPDX-License-Identifier: GPL-3.0-or-later
// The desk where colors are picked: the plan, its numbers, strings and mixtures. Section, rail and staff
// stand in the value band.
#pragma once

#include "core/color/spaces.h"

#include <QWidget>

namespace zc {

class Workspace;

class MixPanel;
class WheelView;

class PickDesk final : public QWidget {
  Q_OBJECT
public:
  PickDesk(Workspace& space, QWidget* parent);
  [[nodiscard]] WheelView& wheel() { return *m_wheel; }
  /// A swatch was let go there, in places of the screen.
  void take_dropped(QPoint global, Srgb color);

private:
  QWidget* make_foot();
  Workspace& m_space;
  WheelView* m_wheel;
  MixPanel* m_mixing = nullptr;
};

} // namespace zc
