// SPDX-License-Identifier: GPL-3.0-or-later
// The set under a colored light and into the distance: tried on the picture, taken as a version.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

class QLabel;

namespace zc {

class NumberField;

class LightPanel final : public QWidget {
  Q_OBJECT
public:
  LightPanel(Workspace& space, QWidget* parent);

private:
  void change(const std::function<void(LightAndAir&)>& by);
  void take();
  void follow();
  Workspace& m_space;
  NumberField *m_strength, *m_stops;
  NumberField* m_amount;
  QWidget* m_light;
  QWidget* m_air;
};

} // namespace zc
