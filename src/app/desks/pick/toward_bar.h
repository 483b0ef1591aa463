// SPDX-License-Identifier: GPL-3.0-or-later
// What is read lightened and darkened: a bar from the set's black over the mixture itself to the set's white.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drags.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class PaintModel;
class Picking;

class TowardBar final : public QWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  TowardBar(Studio& model, Picking& picking, PaintModel& paints, QWidget* parent);
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;
  [[nodiscard]] QPointF place_of(double toward) const;

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;

private:
  [[nodiscard]] QRectF bar() const;
  void go_to(double toward);
  Studio& m_model;
  Picking& m_picks;
  PaintModel& m_mixing;
  bool m_pulling = false;
};

} // namespace zc
