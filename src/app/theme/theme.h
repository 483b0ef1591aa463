// SPDX-License-Identifier: GPL-3.0-or-later
// Surrounds, type and spacing: the only place with greys and sizes. Every grey is neutral (R = G = B).
#pragma once

#include <QColor>
#include <QFont>
#include <QPalette>
#include <QString>

namespace zc {

enum class Surround { Dark, Middle, Light };
[[nodiscard]] QString surround_name(Surround surround);

struct Theme {
  QColor stage;     ///< Behind pictures and the wheel.
  QColor furniture; ///< Head and tray.
  QColor field;     ///< Inside of editable fields and of the staff.
  QColor field_alt; ///< Every other band of the staff.
  QColor line;      ///< Hairlines; what cannot be used.
  QColor frame;     ///< Borders of controls; at least 3 : 1 on stage and furniture.
  QColor raised;    ///< Ground of what can be pressed.
  QColor fill;      ///< Ground of a primary action, of what is chosen or ticked.
  QColor on_fill;   ///< Words on it.
  QColor dimmed;    ///< Words of what cannot be used.
  QColor text;
  QColor quiet;  ///< Captions; still at least 4.5 : 1 on stage and furniture.
  QColor strong; ///< Selection and focus.
  QColor chosen; ///< Ground of what is chosen in a list or a text.
};

[[nodiscard]] const Theme& theme();
/// The application's palette with the stage as its ground.
[[nodiscard]] QPalette stage_palette();
/// Also sets the application's palette.
void set_surround(Surround surround);
[[nodiscard]] Surround current_surround();

/// While it lives theme() is that of another surround, for a painting that shows several.
class PaintedSurround {
public:
  explicit PaintedSurround(Surround surround);
  ~PaintedSurround();
  PaintedSurround(const PaintedSurround&) = delete;
  PaintedSurround& operator=(const PaintedSurround&) = delete;

private:
  Surround m_before;
};

/// Loads the shipped typeface and sets the application's font and style.
void install_theme();

[[nodiscard]] QFont small_font();          ///< 11 px, for words under pictures only
[[nodiscard]] QFont text_font();           ///< 13 px
[[nodiscard]] QFont caption_font();        ///< 12 px
[[nodiscard]] QFont caption_strong_font(); ///< 12 px, semibold
[[nodiscard]] QFont heading_font();        ///< 13 px, semibold
[[nodiscard]] QFont title_font();          ///< 15 px, semibold

inline constexpr int kMargin = 20;
inline constexpr int kGap = 8;

} // namespace zc
