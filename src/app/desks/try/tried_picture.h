// SPDX-License-Identifier: GPL-3.0-or-later
// The seen picture at full size as a file, made off the main thread.
#pragma once

#include "model/session/studio.h"

#include <functional>

namespace zc {

class TryModel;

/// What colors that step back go toward: the ground of the surround.
[[nodiscard]] Srgb8 ground_of_stage();

/// Writes the picture as it is seen, to its last pixel; a study by areas also as SVG, or into a folder as one
/// picture for each swatch. `then` is called in the main thread once it is
/// written. REQUIRES a photo.
void write_tried_picture(Studio& model, TryModel& tries, const QString& path, double edge,
                         const std::function<void(const Status&)>& then);

} // namespace zc
