// SPDX-License-Identifier: GPL-3.0-or-later
// The clipboard. Swatches there and in drags: for this program whole, for others as a color and as text.
#pragma once

#include "core/piece/piece.h"

#include <vector>

class QImage;
class QMimeData;
class QString;

namespace zc {

/// The wanted ones of a set, with their families' order.
[[nodiscard]] QMimeData* clip_of(const SwatchSet& set, const std::vector<Id>& swatches);
/// Swatches of this program, with all they carry.
[[nodiscard]] bool holds_swatches(const QMimeData& clip);
[[nodiscard]] std::vector<Swatch> swatches_of(const QMimeData& clip);

/// Onto the system's clipboard, which takes it over.
void put_on_clipboard(QMimeData* clip);
void put_on_clipboard(const QString& words);
void put_on_clipboard(const QImage& picture);

} // namespace zc
