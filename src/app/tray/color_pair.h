// SPDX-License-Identifier: GPL-3.0-or-later
// The current color over the one before; a click on the lower part goes back to it.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drag_out.h"
#include "app/platform/drags.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Picking;

class ColorPair final : public QWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  ColorPair(Studio& model, Picking& picking, QSize size, QWidget* parent);
  [[nodiscard]] QRect before_rect() const;
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

private:
  Studio& m_model;
  Picking& m_picks;
  PressedColor m_pressed;
};

} // namespace zc
