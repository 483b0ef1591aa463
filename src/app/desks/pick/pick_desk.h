// SPDX-License-Identifier: GPL-3.0-or-later
// The desk where colors are picked: the plan, its numbers, ramps and mixtures. Section, rail and staff
// stand in the value band.
#pragma once

#include "app/controls/late_widget.h"
#include "core/color/spaces.h"

#include <QWidget>

namespace zc {

class AppModel;

class MixPanel;
class ValueBand;
class WheelView;
class WordControl;

class PickDesk final : public QWidget {
  Q_OBJECT
public:
  PickDesk(AppModel& model, QWidget* parent);
  [[nodiscard]] WheelView& wheel() { return *m_wheel; }
  /// Ramp, mixing, paints and steps stand beside the value axis, where the staff is.
  void add_pages_to(ValueBand& band);
  /// A swatch was let go at a place of the screen: on the field of mixtures, or on the word of its page.
  void accept_drop(QPoint global, Srgb color);

private:
  QWidget* make_foot();
  AppModel& m_model;
  WheelView* m_wheel;
  LateWidget<MixPanel> m_mixing;
  WordControl* m_mix_tab = nullptr;
};

} // namespace zc
