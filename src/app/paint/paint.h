// SPDX-License-Identifier: GPL-3.0-or-later
// Drawing helpers: lines that read on any color, handles, chips, pictures from the core.
#pragma once

#include "core/color/color_vision.h"
#include "core/color/spaces.h"
#include "core/wheel/raster.h"

#include <QColor>
#include <QImage>
#include <QPainter>
#include <QPainterPath>

namespace zc {

/// A color as the screen that is painted on has to be told it, see Monitors; as those eyes see it.
[[nodiscard]] QColor shown_color(Srgb c, ColorVision vision);

/// It shares the raster's pixels: the raster must outlive it, and after a change of them it is made anew. It
/// is painted by for_monitor.
[[nodiscard]] QImage image_of(const Raster& raster);
/// Changes the raster to what those eyes see.
void show_as_seen(ColorVision vision, Raster& raster);
/// A picture as those eyes see it; it keeps its density.
[[nodiscard]] QImage seen_image(ColorVision vision, const QImage& image);

/// The ground where the display has no color: the surround with a fine hatch.
void fill_hatch(QPainter& painter, const QPainterPath& shape);
/// White over black, so that it reads on any color.
void draw_double_line(QPainter& painter, const QPainterPath& path, double width = 1.2);
void draw_double_line(QPainter& painter, QPointF from, QPointF to, double width = 1.2);
/// Dashed, for what is no border of the mask.
void draw_dashed_line(QPainter& painter, const QPainterPath& path);
void draw_dotted_line(QPainter& painter, const QPainterPath& path);
/// The value line: white over black on every surround.
void draw_value_line(QPainter& painter, double y, double from, double to);
/// A corner that can be dragged.
void draw_handle(QPainter& painter, QPointF at, bool strong);
/// The place of the current color.
void draw_pick_mark(QPainter& painter, QPointF at);
/// A small cross for the subjective neutral.
void draw_cross(QPainter& painter, QPointF at);
/// Filled with the color; a hairline round it only where it would be lost on the ground.
void draw_chip(QPainter& painter, const QRectF& rect, const QColor& color, const QColor& ground);
/// What a swatch is marked with: a square at the left when locked, a dot at the right when reduced to what
/// exists, a tick when used, a cut corner at the left foot when no display shows it.
struct SwatchMarks {
  bool locked = false, reduced = false, used = false, beyond = false;
};
void draw_marks(QPainter& painter, const QRectF& chip, const QColor& color, const SwatchMarks& marks);
/// Black or white, whichever reads better on the color.
[[nodiscard]] QColor readable_on(const QColor& color);

} // namespace zc
