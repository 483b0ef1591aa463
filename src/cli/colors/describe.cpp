// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/convert.h"
#include "core/color/text.h"

namespace zc::cli {
namespace {

Json describe_one(Srgb c) {
  const LinearRgb linear = linear_from_srgb(c);
  const Xyz xyz = xyz_from_linear(linear);
  const Lab lab = lab_from_xyz(xyz);
  const LchAb lch = lch_from_lab(lab);
  const Luv luv = luv_from_xyz(xyz);
  const LchUv lchuv = lch_from_luv(luv);
  const Hsluv hsluv = hsluv_from_lch(lchuv);
  const Oklab oklab = oklab_from_xyz(xyz);
  const Oklch oklch = lch_from_oklab(oklab);
  const Hsv hsv = hsv_from_srgb(c);
  const Hsl hsl = hsl_from_srgb(c);
  return {{"hex", hex_of(c)},
          {"srgb", three(c.r, c.g, c.b)},
          {"value", lab.l},
          {"linear", three(linear.r, linear.g, linear.b)},
          {"xyz", three(xyz.x, xyz.y, xyz.z)},
          {"lab", three(lab.l, lab.a, lab.b)},
          {"lch", three(lch.l, lch.c, lch.h)},
          {"luv", three(luv.l, luv.u, luv.v)},
          {"lchuv", three(lchuv.l, lchuv.c, lchuv.h)},
          {"hsluv", three(hsluv.h, hsluv.s, hsluv.l)},
          {"oklab", three(oklab.l, oklab.a, oklab.b)},
          {"oklch", three(oklch.l, oklch.c, oklch.h)},
          {"hsv", three(hsv.h, 100 * hsv.s, 100 * hsv.v)},
          {"hsl", three(hsl.h, 100 * hsl.s, 100 * hsl.l)},
          {"luma", luma_of(c)}};
}

Result<Json> describe(const std::vector<std::string>& colors) {
  Json out = Json::array();
  for (const auto& text : colors) {
    const auto color = given_color(text);
    if (!color) return color.error();
    out.push_back(describe_one(*color));
  }
  return Json{{"colors", out}};
}

} // namespace

Command add_describe(const Options& app) {
  auto colors = std::make_shared<std::vector<std::string>>();
  const Options command = app.command("describe", "Show colors in every space");
  command.texts("color", *colors, kColorHelp, Options::Need::Needed);
  return {command, [colors] { return describe(*colors); }};
}

} // namespace zc::cli
