// SPDX-License-Identifier: GPL-3.0-or-later
// What is read lightened and darkened: a bar from the set's black over the mixture itself to the set's white.
#pragma once

#include "app/seams/unfinished.h"
#include "app/spoken/spoken.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class PaintReader;
class Picking;

class TowardBar final : public QWidget, public SpokenView, public Draggable {
  Q_OBJECT
public:
  TowardBar(Studio& space, Picking& picking, PaintReader& paints, QWidget* parent);
  [[nodiscard]] Spoken spoken() override;
  void call_off() override;
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
  Studio& m_space;
  Picking& m_picks;
  PaintReader& m_mixing;
  bool m_pulling = false;
};

} // namespace zc
