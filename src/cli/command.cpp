#include "cli/command.h"

#include "core/color/convert.h"
#include "core/color/text.h"

namespace zc::cli {

void add_wheel_options(CLI::App& command, WheelSpec& wheel) {
  add_choice(command, "--hues", kHueWords, "Hue scale", wheel.hues);
  add_choice(command, "--measure", kMeasureWords, "Saturation measure", wheel.measure);
}

Json color_json(Srgb c) {
  const Lab lab = lab_from_srgb(c);
  return {{"hex", hex_of(c)}, {"srgb", three(c.r, c.g, c.b)}, {"lab", three(lab.l, lab.a, lab.b)}};
}

} // namespace zc::cli
