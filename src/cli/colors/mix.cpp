// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/text.h"
#include "core/mix/pigment.h"

#include <charconv>

namespace zc::cli {
namespace {

constexpr Word<MixAs> kMixWords[] = {{MixAs::Paint, "paint"}, {MixAs::Light, "light"}};

struct MixRequest {
  std::vector<std::string> parts;
  MixAs as = MixAs::Paint;
};

/// Parts as "COLOR:PARTS"; the parts may be left out.
Result<Json> mix(const std::vector<std::string>& texts, MixAs as) {
  std::vector<MixPart> parts;
  for (const auto& text : texts) {
    // "srgb:R,G,B" has a colon of its own.
    const auto colon = text.rfind(':');
    const bool has_parts = colon != std::string::npos && text.substr(0, colon) != "srgb";
    const auto color = given_color(has_parts ? text.substr(0, colon) : text);
    if (!color) return color.error();
    MixPart part{*color, 1};
    if (has_parts) {
      const char* end = text.data() + text.size();
      const auto read = std::from_chars(text.data() + colon + 1, end, part.parts);
      if (read.ec != std::errc() || read.ptr != end)
        return Error{ErrorCode::BadInput, as_said("\"" + text + "\" is not a color and a number of parts."),
                     "parts"};
    }
    parts.push_back(part);
  }
  const auto mixture = zc::mix(parts, as);
  if (!mixture) return mixture.error();
  Json out = color_json(mixture->color);
  out["exact"] = mixture->exact;
  return out;
}

} // namespace

Command add_mix(const Options& app) {
  auto r = std::make_shared<MixRequest>();
  const Options command = app.command("mix", "Mix colors by parts");
  command.texts("parts", r->parts, "COLOR:PARTS; one part when left out", Options::Need::Needed);
  command.choice("--as", kMixWords, "How they mix", r->as);
  return {command, [r] { return mix(r->parts, r->as); }};
}

} // namespace zc::cli
