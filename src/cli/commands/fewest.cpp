// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"
#include "cli/line/progress.h"

#include "cli/paints.h"
#include "cli/photos.h"
#include "cli/sets.h"
#include "core/color/text.h"
#include "core/image/places.h"
#include "io/container/piece_file.h"
#include "io/photo/decode.h"

namespace zc::cli {
namespace {

/// So many colors stand for a photo.
constexpr std::size_t kColorsAsked = 600;

struct FewestRequest {
  std::string of;
  PaintsRequest paints;
  FewestSpec spec;
};

Result<std::vector<WeightedColor>> colors_in(const std::string& file) {
  std::vector<WeightedColor> out;
  if (is_piece_file(file)) {
    const auto document = open_document(file);
    if (!document) return document.error();
    if (const SwatchSet* set = current_set(document->piece))
      for (const auto& family : set->families)
        for (const auto& s : family.swatches) out.push_back({s.color, 1});
    return gathered(out, kColorsAsked);
  }
  const auto photo = opened(file);
  if (!photo) return photo.error();
  return gathered(weighted_colors(color_places(view_of(photo->image), Wheel(WheelSpec{}))), kColorsAsked);
}

Result<Json> fewest(const FewestRequest& r) {
  const auto paints = paints_in(r.paints);
  if (!paints) return paints.error();
  const auto colors = colors_in(r.of);
  if (!colors) return colors.error();
  const auto few = fewest_paints(*colors, paints->mixer, r.spec, told_progress("paints"));
  if (!few) return few.error();
  Json chosen = Json::array();
  for (const std::size_t i : few->paints) {
    Json paint{{"name", paints->paints[i].name}};
    paint.update(color_json(paints->paints[i].color));
    chosen.push_back(std::move(paint));
  }
  return Json{{"paints", chosen}, {"share", few->share}, {"enough", few->enough}};
}

} // namespace

Command add_fewest(const Options& app) {
  auto r = std::make_shared<FewestRequest>();
  const Options command =
      app.command("fewest", "Find the fewest paints that reach the colors of a photo or set");
  command.input("of", r->of, "Photo, or piece whose current set is asked");
  add_paint_options(command, r->paints);
  command.number("--most-difference", r->spec.within, {0.5, 20}, "CIEDE2000 that still counts as reached");
  command.number("--share", r->spec.share, {0.001, 1}, "Share of the colors to be reached");
  return {command, [r] { return fewest(*r); }};
}

} // namespace zc::cli
