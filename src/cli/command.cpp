// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "core/color/convert.h"
#include "core/color/text.h"

namespace zc::cli {

void add_wheel_options(const Options& command, WheelSpec& wheel) {
  command.choice("--hues", kHueWords, "Hue scale", wheel.hues);
  command.choice("--measure", kMeasureWords, "Saturation measure", wheel.measure);
}

Json color_json(Srgb c) {
  const Lab lab = lab_from_srgb(c);
  return {{"hex", hex_of(c)}, {"srgb", three(c.r, c.g, c.b)}, {"lab", three(lab.l, lab.a, lab.b)}};
}

} // namespace zc::cli
