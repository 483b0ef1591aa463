#include "cli/command.h"

#include "core/color/text.h"
#include "core/wheel/partners.h"

namespace zc::cli {
namespace {

Result<Json> partners(const std::string& text, const WheelSpec& spec) {
  const auto color = parse_color(text);
  if (!color) return color.error();
  const Wheel wheel(spec);
  Json out = Json::array();
  for (const auto& p : partners_of(wheel, wheel.locate(*color)))
    out.push_back({{"name", p.name}, {"angle", p.at.a}, {"turn", p.turn}, {"hex", hex_of(p.color)}});
  return out;
}

struct PartnersRequest {
  std::string color;
  WheelSpec wheel;
};

} // namespace

Command add_partners(const Options& app) {
  auto r = std::make_shared<PartnersRequest>();
  const Options command = app.command("partners", "Partners of a color at the trade's angles");
  command.text("color", r->color, "#rrggbb, #rgb or srgb:R,G,B", Options::Need::Needed);
  add_wheel_options(command, r->wheel);
  return {command, [r] { return partners(r->color, r->wheel); }};
}

} // namespace zc::cli
