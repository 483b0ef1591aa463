// SPDX-License-Identifier: GPL-3.0-or-later
// A picture parted again and again by color, from the whole down: the first step of cut_into_areas().
#pragma once

#include "core/base/progress.h"
#include "core/try/area_plane.h"

#include <optional>
#include <vector>

namespace zc {

/// The area of each point, kNoArea where nothing is seen; nothing when it was stopped. Each area hangs
/// together. It begins with the islands of what is seen, so that more than `count` are possible, and goes on
/// until there are `count` or nothing is left to part. Each area is parted where its colors fall into two
/// along the direction in which they differ most, at the threshold that leaves the least variance (N. Otsu,
/// "A threshold selection method from gray-level histograms", IEEE Trans. SMC 9(1), 1979), and into the
/// pieces that hang together (R. Ohlander, K. Price, D. R. Reddy, "Picture segmentation using a recursive
/// region splitting method", Computer Graphics and Image Processing 8, 1978). Pieces too small or too thin to
/// be worth an area stay with what is around them. What decides is a statistic of many pixels each time, so
/// that a little noise or another size of the picture changes little: joining small pieces does not have
/// this. REQUIRES count >= 1, smallest in pixels >= 0.
[[nodiscard]] std::optional<std::vector<AreaNumber>> split_by_color(const Plane& plane,
                                                                    const std::vector<bool>& seen,
                                                                    std::size_t count, double smallest,
                                                                    const Progress& progress);

} // namespace zc
