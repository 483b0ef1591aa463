// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/stage_area.h"

#include "app/theme/controls.h"

#include <QEvent>

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
  if (widget()) widget()->resize(maximumViewportSize().expandedTo(widget()->minimumSizeHint()));
}

} // namespace zc
