// SPDX-License-Identifier: GPL-3.0-or-later
// A color that can be looked at and pressed; drawn as the monitor has to be told it.
#pragma once

#include "model/session/studio.h"

#include <QAbstractButton>

namespace zc {

class ColorChip final : public QAbstractButton {
  Q_OBJECT
public:
  ColorChip(Studio& model, Srgb color, QWidget* parent);

protected:
  void paintEvent(QPaintEvent* event) override;

private:
  Studio& m_model;
  Srgb m_color;
};

} // namespace zc
