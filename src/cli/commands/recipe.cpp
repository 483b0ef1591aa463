// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/paints.h"
#include "core/color/text.h"
#include "core/mix/recipe.h"

namespace zc::cli {
namespace {

struct RecipeRequest {
  std::string color;
  PaintsRequest paints;
  RecipeSpec spec;
};

Result<Json> recipe(const RecipeRequest& r) {
  const auto color = given_color(r.color);
  if (!color) return color.error();
  const auto paints = paints_in(r.paints);
  if (!paints) return paints.error();
  const auto found = recipe_for(*color, paints->mixer, r.spec);
  if (!found) return found.error();
  Json parts = Json::array();
  bool exact = found->mixture.exact;
  for (const RecipePart& p : found->parts) {
    const PutOut::One& paint = paints->paints[p.paint];
    exact = exact && paint.exact;
    parts.push_back({{"name", paint.name}, {"hex", hex_of(paint.color)}, {"parts", p.parts}});
  }
  return Json{{"hex", hex_of(found->mixture.color)},
              {"parts", parts},
              {"difference", found->difference},
              {"exact", exact}};
}

} // namespace

Command add_recipe(const Options& app) {
  auto r = std::make_shared<RecipeRequest>();
  const Options command =
      app.command("recipe", "Find the mixture of few paints that comes nearest to a color");
  command.text("color", r->color, "Color", Options::Need::Needed);
  add_paint_options(command, r->paints);
  command.whole("--most", r->spec.most_paints, "At most so many paints, 1 to 4");
  command.whole("--parts", r->spec.most_parts, "At most so many parts of a paint, 1 to 12");
  return {command, [r] { return recipe(*r); }};
}

} // namespace zc::cli
