// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/color_chip.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"

#include <QPainter>

namespace zc {

ColorChip::ColorChip(Studio& model, Srgb color, QWidget* parent)
    : QAbstractButton(parent), m_model(model), m_color(color) {
  setFixedSize(26, 20);
  setAccessibleName(zc::text(hex_of(color)));
}

void ColorChip::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  draw_chip(painter, rect(), shown_color(m_color, m_model.session().vision), theme().stage);
  if (!hasFocus()) return;
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

} // namespace zc
