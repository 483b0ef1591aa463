// SPDX-License-Identifier: GPL-3.0-or-later
// A sheet of keys as one picture: the reference in each, its mask beside it, its name below that.
#pragma once

#include "core/mask/mask.h"
#include "core/piece/key_edits.h"

#include <QImage>
#include <QString>

#include <optional>
#include <vector>

class QPainter;

namespace zc {

struct KeyCell {
  QString name = {};
  QImage picture;
  std::optional<Mask> mask; ///< None: the whole wheel.
};

/// The photo in each key, exactly, with its mask; the names are the caller's. Without a photo no cells.
[[nodiscard]] std::vector<KeyCell> key_cells(const Piece& piece, const std::vector<ColorKey>& keys,
                                             const QImage& photo);

/// The disc of the small wheels, so many pixels wide, transparent around it.
[[nodiscard]] QImage key_disc(const WheelSpec& wheel, int size);
/// The disc with a mask: what lies outside steps back. All of it without one.
void draw_key_wheel(QPainter& painter, const QRectF& rect, const QImage& disc,
                    const std::optional<Mask>& mask);

inline constexpr int kKeyColumns = 4;

/// Rows of kKeyColumns on a neutral grey ground, sRGB. All pictures have one size. A null image without
/// cells. REQUIRES a QGuiApplication.
[[nodiscard]] QImage key_sheet_picture(const std::vector<KeyCell>& cells, const WheelSpec& wheel);

} // namespace zc
