// SPDX-License-Identifier: GPL-3.0-or-later
// How each kind of control looks. One look serves one kind, on every surround.
#pragma once

#include <QPainter>
#include <QRect>
#include <QString>

namespace zc {

/// What a control is for:
/// an action does something once, a primary action is the one of its group that is done most; a switch is on
/// or off and stays; a choice is one of few that stand joined; an opener opens a drawer, a menu or a window;
/// a tab says which page is seen.
enum class ControlKind { Action, Primary, Switch, Choice, Opener, Tab };

/// How a control stands at this moment.
struct ControlState {
  bool enabled = true;
  bool on = false;      ///< Ticked, chosen, open.
  bool pressed = false; ///< Held down.
  bool pointed = false; ///< Under the pointer.
  bool focused = false; ///< Has the keyboard.
};

/// Joined to a neighbor of its kind, a choice has no gap and one line between the two.
struct Joined {
  bool left = false, right = false;
};

/// The room a control needs for its word, in the type of its kind.
[[nodiscard]] QSize control_size(ControlKind kind, const QString& word);
void paint_control(QPainter& painter, const QRect& place, ControlKind kind, const ControlState& state,
                   const QString& word, Joined joined = {});
/// The ground and frame of an action, for what has its own content.
void paint_action_ground(QPainter& painter, const QRect& place, const ControlState& state, bool primary);
/// The box of a switch, with its tick while it is on.
void paint_tick_box(QPainter& painter, const QRect& place, const ControlState& state);
/// A small triangle that points right, or down while what it opens is open.
void paint_opener_mark(QPainter& painter, QPointF center, bool open, const QColor& color);
/// What has the keyboard is framed.
void paint_focus(QPainter& painter, const QRect& place);

} // namespace zc
