// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/css_color.h"

namespace zc::cli {

void add_wheel_options(const Options& command, WheelSpec& wheel) {
  command.choice("--hues", kHueWords, "Hue scale", wheel.hues);
  command.choice("--measure", kMeasureWords, "Saturation measure", wheel.measure);
}

Result<Srgb> given_color(const std::string& text) {
  const auto read = typed_color(text);
  if (!read) return read.error();
  if (read->moved)
    return Error{ErrorCode::BadInput,
                 as_said("A display cannot show \"" + text + "\"; give a color that it can."), "color"};
  return read->color;
}

std::vector<Word<Pattern>> pattern_words() {
  std::vector<Word<Pattern>> out;
  out.reserve(std::size(kPatterns));
  for (const Pattern kind : kPatterns) out.push_back({kind, pattern_name(kind)});
  return out;
}

} // namespace zc::cli
