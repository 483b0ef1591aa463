// SPDX-License-Identifier: GPL-3.0-or-later
// The current set as views of it tell assistive technology: families, and in them swatches.
#pragma once

#include "app/spoken/spoken.h"
#include "model/workspace/workspace.h"

namespace zc {

/// A place where a family or a swatch is drawn; empty where it is not.
using PlaceOf = std::function<QRectF(Id)>;
[[nodiscard]] std::vector<SpokenItem> spoken_families(Workspace& space, const PlaceOf& family,
                                                      const PlaceOf& swatch);
/// The swatches alone.
[[nodiscard]] std::vector<SpokenItem> spoken_swatches(Workspace& space, const PlaceOf& swatch);
/// Its name and how many swatches it has.
[[nodiscard]] QString set_told(const Piece& piece);

/// A number of the current color: what is set is reached by one pick.
[[nodiscard]] SpokenItem spoken_hue(Workspace& space, const QRectF& rect);
[[nodiscard]] SpokenItem spoken_saturation(Workspace& space, const QRectF& rect);
[[nodiscard]] SpokenNumber spoken_value(Workspace& space);

} // namespace zc
