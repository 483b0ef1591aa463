// SPDX-License-Identifier: GPL-3.0-or-later
// Swatches on the clipboard and in drags: for this program whole, for others as a color and as text.
#pragma once

#include "core/piece/piece.h"

#include <vector>

class QMimeData;

namespace zc {

/// The wanted ones of a set, with their families' order.
[[nodiscard]] QMimeData* clip_of(const SwatchSet& set, const std::vector<Id>& swatches);
/// Swatches, a color or the text of a palette; empty when there is none of it.
/// Swatches of this program, with all they carry.
[[nodiscard]] bool holds_swatches(const QMimeData& clip);
[[nodiscard]] std::vector<Swatch> swatches_of(const QMimeData& clip);

/// Onto the system's clipboard.
void put_on_clipboard(QMimeData* clip);

} // namespace zc
