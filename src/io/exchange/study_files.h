// SPDX-License-Identifier: GPL-3.0-or-later
// A study as shapes, and the pairing of two states of a set as a table.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/piece/pairing.h"
#include "core/try/areas.h"

#include <filesystem>
#include <memory>
#include <string>
#include <vector>

namespace zc {

/// A study by areas: the place of each area's swatch, and the color and name of each swatch.
struct StudyFills {
  std::shared_ptr<const Areas> areas;
  std::vector<std::size_t> swatches;
  std::vector<Srgb> colors;
  std::vector<std::string> names;
};

/// SVG 1.1: a group a swatch, in the order of the set, with the swatch's name as its title and, made safe, as
/// its id; in it a path an area. Swatches that no area has are left out.
[[nodiscard]] std::string study_svg(const StudyFills& fills);

/// The files of fill_pngs(): a number, in the order of the set, and the name made safe, so that none is there
/// twice.
[[nodiscard]] std::vector<std::string> fill_names(const StudyFills& fills);
/// For each of the swatches that an area has, its areas alone in its color, as large as the picture,
/// transparent elsewhere (PNG, sRGB). ERRORS: Unwritable, Stopped.
[[nodiscard]] Status save_fill_pngs(const std::filesystem::path& folder, const StudyFills& fills,
                                    const Progress& progress = {});
/// CSV (RFC 4180): old, new, name.
[[nodiscard]] std::string pairs_csv(const std::vector<Pair>& pairs, const List<Family>& from,
                                    const List<Family>& to);

} // namespace zc
