// SPDX-License-Identifier: GPL-3.0-or-later
// The set under a colored light and into the distance: tried on the picture, taken as a version.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QLabel;

namespace zc {

class Viewing;

class NumberField;

class LightPanel final : public QWidget {
  Q_OBJECT
public:
  LightPanel(Studio& model, Viewing& viewing, QWidget* parent);

private:
  void change(const std::function<void(LightAndHaze&)>& by);
  void take();
  void follow();
  Studio& m_model;
  Viewing& m_viewing;
  NumberField *m_strength, *m_stops;
  NumberField* m_amount;
  QWidget* m_light;
  QWidget* m_haze;
};

} // namespace zc
