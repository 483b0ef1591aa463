// SPDX-License-Identifier: GPL-3.0-or-later
// Colors dragged to other programs: as the toolkit's color type, as text, as a small picture.
#pragma once

#include "core/piece/piece.h"

#include <QImage>
#include <QPointF>
#include <QString>
#include <optional>
#include <utility>
#include <vector>

class QMimeData;
class QMouseEvent;
class QWidget;

namespace zc {

/// A color under a press. Pulled away it is dragged out; let go before, the press was a click.
class PressedColor {
public:
  void press(const QMouseEvent& event, std::optional<Srgb> color);
  /// True when a drag was begun, which has ended by then.
  bool pull(QWidget& from, QPointF to);
  /// When a click is left, with what was held down at its press.
  [[nodiscard]] std::optional<Qt::KeyboardModifiers> let_go() { return std::exchange(m_pressed, {}); }
  void call_off() { m_pressed.reset(); }

private:
  QPointF m_at;
  std::optional<Srgb> m_color;
  std::optional<Qt::KeyboardModifiers> m_pressed;
};

/// Whether a place of a widget lies beyond its window: what is dragged there goes to other programs.
[[nodiscard]] bool beyond_window(const QWidget& widget, QPointF place);

/// Colors as equal squares, row by row.
[[nodiscard]] QImage picture_of(const std::vector<Srgb>& colors);

/// A color for the clipboard: in the toolkit's color type and as this text, where wanted as a picture too.
[[nodiscard]] QMimeData* clip_of_color(Srgb color, const QString& text, bool picture);

/// While a color or a swatch is being dragged out of the program.
[[nodiscard]] bool dragging_out();
/// Until the button is let go, wherever that is. `from` is where the drag begins.
void drag_color_out(QWidget& from, Srgb color);
/// Swatches of a set as a drag; they go as lines of text and as a picture in one, and whole to this program.
[[nodiscard]] QMimeData* drag_clip_of(const SwatchSet& set, const std::vector<Id>& swatches);
void drag_swatches_out(QWidget& from, const SwatchSet& set, const std::vector<Id>& swatches);

} // namespace zc
