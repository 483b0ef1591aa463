// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/theme/looks.h"

#include "app/theme/theme.h"

#include <QFontMetrics>
#include <QPolygonF>

namespace zc {
namespace {

constexpr int kBox = 13, kAfterBox = 7, kMark = 7, kBeforeMark = 6, kTabLine = 3;
constexpr double kRound = 2.5;

bool framed(ControlKind kind) {
  return kind == ControlKind::Action || kind == ControlKind::Primary || kind == ControlKind::Choice;
}

/// The room left and right of the word, together.
int beside_word(ControlKind kind) {
  if (kind == ControlKind::Choice) return 14;
  if (framed(kind)) return 16;
  if (kind == ControlKind::Switch) return kBox + kAfterBox + 8;
  return kind == ControlKind::Opener ? kBeforeMark + kMark + 10 : 12;
}

QColor word_color(ControlKind kind, const ControlState& state) {
  const Theme& t = theme();
  const bool filled = kind == ControlKind::Primary || (kind == ControlKind::Choice && state.on);
  if (!state.enabled) return t.dimmed;
  if (filled) return t.on_fill;
  return state.pointed || state.on ? t.strong : t.text;
}

/// A frame that lacks the side where a neighbor stands.
void paint_frame(QPainter& painter, const QRect& place, const ControlState& state, const QColor& ground,
                 Joined joined) {
  const Theme& t = theme();
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setClipRect(place);
  const QRectF frame = QRectF(place).adjusted(joined.left ? -6 : 0.5, 0.5, joined.right ? 6 : -0.5, -0.5);
  painter.setPen(QPen(!state.enabled ? t.line : state.pointed ? t.strong : t.frame, 1));
  painter.setBrush(ground);
  painter.drawRoundedRect(frame, kRound, kRound);
  if (joined.left) painter.drawLine(place.topLeft(), place.bottomLeft());
  painter.restore();
}

} // namespace

QSize control_size(ControlKind kind, const QString& word) {
  // The heavier type of what is on needs more room; nothing moves when it comes on.
  const QFontMetrics metrics(kind == ControlKind::Tab ? heading_font() : text_font());
  return {metrics.horizontalAdvance(word) + beside_word(kind), metrics.height() + (framed(kind) ? 9 : 8)};
}

void paint_focus(QPainter& painter, const QRect& place) {
  painter.setPen(QPen(theme().strong, 1, Qt::DotLine));
  painter.setBrush(Qt::NoBrush);
  painter.drawRect(place.adjusted(2, 2, -3, -3));
}

void paint_action_ground(QPainter& painter, const QRect& place, const ControlState& state, bool primary) {
  const Theme& t = theme();
  const QColor raised = state.pressed && state.enabled ? t.chosen : t.raised;
  paint_frame(painter, place, state, primary && state.enabled ? (state.pressed ? t.quiet : t.fill) : raised,
              {});
}

void paint_tick_box(QPainter& painter, const QRect& place, const ControlState& state) {
  const Theme& t = theme();
  const QColor line = !state.enabled ? t.line : state.pointed ? t.strong : t.frame;
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(QPen(line, 1));
  painter.setBrush(state.on && state.enabled ? t.fill : state.pressed ? t.chosen : t.field);
  const QRectF box = QRectF(place).adjusted(0.5, 0.5, -0.5, -0.5);
  painter.drawRoundedRect(box, 2, 2);
  if (state.on) {
    painter.setPen(
        QPen(state.enabled ? t.on_fill : t.dimmed, 1.8, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(QPolygonF{{box.left() + 3, box.center().y() + 0.5},
                                   {box.left() + 5.2, box.bottom() - 3.2},
                                   {box.right() - 2.6, box.top() + 3.4}});
  }
  painter.restore();
}

void paint_opener_mark(QPainter& painter, QPointF center, bool open, const QColor& color) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(Qt::NoPen);
  painter.setBrush(color);
  const QPolygonF right{{-2, -3.5}, {2.5, 0}, {-2, 3.5}}, down{{-3.5, -2}, {3.5, -2}, {0, 2.5}};
  painter.drawPolygon((open ? down : right).translated(center));
  painter.restore();
}

void paint_control(QPainter& painter, const QRect& place, ControlKind kind, const ControlState& state,
                   const QString& word, Joined joined) {
  const Theme& t = theme();
  const bool tab_on = kind == ControlKind::Tab && state.on;
  QRect word_place = place;
  int flags = Qt::AlignCenter;
  if (kind == ControlKind::Action || kind == ControlKind::Primary)
    paint_action_ground(painter, place, state, kind == ControlKind::Primary);
  if (kind == ControlKind::Choice)
    paint_frame(painter, place, state,
                state.on && state.enabled ? t.fill
                : state.pressed           ? t.line
                                          : t.raised,
                joined);
  if (kind == ControlKind::Switch) {
    const QRect box(place.left() + 4, place.center().y() - kBox / 2, kBox, kBox);
    paint_tick_box(painter, box, state);
    word_place.setLeft(box.right() + kAfterBox);
    flags = Qt::AlignVCenter | Qt::AlignLeft;
  }
  if (kind == ControlKind::Opener) {
    word_place.adjust(5, 0, -(kBeforeMark + kMark + 4), 0);
    flags = Qt::AlignVCenter | Qt::AlignLeft;
  }
  const QColor color = word_color(kind, state);
  painter.setFont(tab_on ? heading_font() : text_font());
  painter.setPen(color);
  painter.drawText(word_place, flags, word);
  if (kind == ControlKind::Opener)
    paint_opener_mark(painter, QPointF(place.right() - kMark / 2.0 - 3, place.center().y() + 0.5), state.on,
                      color);
  if (tab_on)
    painter.fillRect(QRect(place.left() + 4, place.bottom() + 1 - kTabLine, place.width() - 8, kTabLine),
                     state.enabled ? t.strong : t.dimmed);
  if (state.focused) paint_focus(painter, place);
}

} // namespace zc
