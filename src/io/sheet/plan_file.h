// SPDX-License-Identifier: GPL-3.0-or-later
// The plan as a file: a disc or a row of discs to lie beside a painting.
#pragma once

#include "core/base/progress.h"
#include "core/sheet/plan_picture.h"
#include "io/sheet/sheet_drawing.h"

namespace zc {

enum class PlanGround { Transparent, Dark, Middle, Light };
inline constexpr Word<PlanGround> kPlanGroundWords[] = {{PlanGround::Transparent, "transparent"},
                                                        {PlanGround::Dark, "dark"},
                                                        {PlanGround::Middle, "middle"},
                                                        {PlanGround::Light, "light"}};

struct PlanFileSpec {
  std::vector<double> values{50}; ///< L* of each disc; empty for the vivid plan.
  int size = 1024;                ///< Pixels of a disc, in kPlanSizeRange.
  Steps steps;
  bool bare = false; ///< The discs alone, side by side, filling the picture; else with the names of the hues,
                     ///< the line of the mask and the values.
  PlanGround ground = PlanGround::Transparent;
  SheetWords words; ///< How the hues are called.
};

/// Straight alpha, sRGB. Names need a QGuiApplication. ERRORS: as plan_disc(); BadInput for more than
/// kMostPlanValues values; TooLarge for a row of more than 200 megapixels; Stopped.
[[nodiscard]] Result<QImage> plan_image(const Piece& piece, const PlanFileSpec& spec,
                                        const Progress& progress = {});
/// SVG 1.1: the rim, the hues with their names, the mask's outline, neutral; the colors are left out.
[[nodiscard]] std::string plan_outline_svg(const Piece& piece, double size, const SheetWords& words = {});

} // namespace zc
