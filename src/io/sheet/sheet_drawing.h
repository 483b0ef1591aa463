// SPDX-License-Identifier: GPL-3.0-or-later
// A page of a sheet drawn with the toolkit: on the screen, into a picture, a PDF or a printer.
#pragma once

#include "core/sheet/sheet.h"
#include "io/sheet/key_sheet_picture.h"

#include <QImage>

class QColor;
class QPainter;

namespace zc {

/// What stands in the pictures of a sheet.
struct SheetImages {
  QImage reference;
  QImage plan;                              ///< The disc, transparent outside of it.
  std::vector<std::vector<DiscPoint>> mask; ///< Its outlines.
  std::vector<KeyCell> keys;                ///< In the order of SheetPictures::keys.
  QImage key_disc;                          ///< Of their small wheels; null without keys.
};

/// Measures text in the shipped typeface; what it lacks comes from the fonts that are there. REQUIRES a
/// QGuiApplication.
[[nodiscard]] TextMeasure toolkit_measure();

/// The size of the names of the hues, in points.
inline constexpr double kHueNameSize = 6;
[[nodiscard]] QColor sheet_ground(bool dark);
[[nodiscard]] QColor sheet_ink(bool dark, bool soft);

/// The plan of the piece at the value that the sheet asks for, `size` pixels wide.
[[nodiscard]] SheetImages sheet_images(const Piece& piece, const SheetSpec& spec, const QImage& reference,
                                       int size, std::vector<KeyCell> keys = {});

/// `to_units` is how many of the painter's units a point is. Colors of swatches go through `shown` on their
/// way, when it is there.
void draw_sheet_page(QPainter& painter, const Sheet& sheet, std::size_t page, const SheetImages& images,
                     double to_units, const std::function<Srgb(Srgb)>& shown = {});

} // namespace zc
