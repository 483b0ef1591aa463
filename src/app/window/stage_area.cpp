// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/stage_area.h"

#include "app/controls/controls.h"

#include <QEvent>
#include <QScrollBar>

namespace zc {

StageArea::StageArea(QWidget* stage, QWidget* parent) : QScrollArea(parent) {
  setFrameShape(QFrame::NoFrame);
  setFocusPolicy(Qt::NoFocus);
  scroll_over_ground(this, stage);
  stage->installEventFilter(this);
}

void StageArea::resizeEvent(QResizeEvent* event) {
  QScrollArea::resizeEvent(event);
  settle();
}

bool StageArea::eventFilter(QObject* watched, QEvent* event) {
  if (watched == widget() && event->type() == QEvent::LayoutRequest) settle();
  return QScrollArea::eventFilter(watched, event);
}

void StageArea::settle() {
  if (!widget()) return;
  const QSize least = widget()->minimumSizeHint();
  QSize room = maximumViewportSize();
  // The bar at the side takes its width from what lies beside it.
  if (least.height() > room.height()) room.rwidth() -= verticalScrollBar()->sizeHint().width();
  widget()->resize(room.expandedTo(least));
}

} // namespace zc
