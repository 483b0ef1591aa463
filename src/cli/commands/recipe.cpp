// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

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
    Json part{{"name", paint.name}, {"parts", p.parts}};
    part.update(color_json(paint.color));
    parts.push_back(std::move(part));
  }
  return Json{{"color", color_json(found->mixture.color)},
              {"paints", parts},
              {"difference", found->difference},
              {"exact", exact}};
}

} // namespace

Command add_recipe(const Options& app) {
  auto r = std::make_shared<RecipeRequest>();
  const Options command =
      app.command("recipe", "Find the mixture of few paints that comes nearest to a color");
  command.text("color", r->color, kColorHelp, Options::Need::Needed);
  add_paint_options(command, r->paints);
  command.whole("--most", r->spec.most_paints, {1, 4}, "At most so many paints");
  command.whole("--parts", r->spec.most_parts, {1, 12}, "At most so many parts of a paint");
  return {command, [r] { return recipe(*r); }};
}

} // namespace zc::cli
