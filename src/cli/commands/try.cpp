// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"
#include "cli/line/progress.h"

#include "cli/key_words.h"
#include "cli/photos.h"
#include "cli/sets.h"
#include "core/color/convert.h"
#include "core/keys/key_picture.h"
#include "core/piece/pairing.h"
#include "core/try/check.h"
#include "core/try/render.h"
#include "core/try/study.h"
#include "io/container/piece_file.h"
#include "io/exchange/study_files.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"
#include "io/shelf/mask_shelf.h"

#include <cmath>
#include <filesystem>
#include <limits>

namespace zc::cli {
namespace {

enum class Making { Study, Follow, Check, Key };
constexpr Word<Making> kMakingWords[] = {
    {Making::Study, "study"}, {Making::Follow, "follow"}, {Making::Check, "check"}, {Making::Key, "key"}};
constexpr Word<Match> kMatchWords[] = {{Match::Color, "color"}, {Match::Value, "value"}};

struct TryRequest {
  std::string picture, piece, set, from, to;
  OutputFile output, pairs;
  std::optional<Making> as;
  std::optional<double> turn; ///< Of a key, degrees.
  std::string mask;           ///< Of a key, a file.
  double strength = 1;
  Match match = Match::Color;
  int areas = 0, missing = 6;
  double far = StrayLimits().far;
  bool report = false;
};

/// The set as it is, or as it was kept under this name.
Result<const List<Family>*> state_of(const SwatchSet& set, const std::string& version, const char* option) {
  if (version.empty()) return &set.families;
  for (const auto& v : set.versions)
    if (v.name == version) return &v.families;
  return Error{ErrorCode::NotFound, as_said("The set has no version named \"" + version + "\"."), option};
}

enum Format { kPng, kJpeg, kSvg };

Result<Json> report(const TryRequest& r, const Piece& piece, const PixelView& view, const SetColors& set) {
  const auto colors = distinct_colors(view);
  const SwatchMatcher matcher(set.colors, r.match);
  const auto shares =
      matcher.empty() ? std::vector<double>() : used_shares(colors, matcher, set.colors.size());
  const auto entry = [&](std::size_t i) { return swatch_json(*set.swatches[i], *set.families[i]); };
  Json used = Json::array(), unused = Json::array(), lacking = Json::array();
  for (std::size_t i = 0; i < shares.size(); ++i) {
    Json swatch = entry(i);
    if (shares[i] > 0) swatch["share"] = shares[i];
    (shares[i] > 0 ? used : unused).push_back(swatch);
  }
  const auto needed = needs(view, set.colors, r.missing, r.far, told_progress("missing colors"));
  if (!needed) return needed.error();
  for (const MissingColor& lack : needed->missing) {
    Json color = color_json(lack.color);
    color["share"] = lack.share;
    color["x"] = lack.x;
    color["y"] = lack.y;
    color["nearest"] = lack.nearest ? entry(*lack.nearest) : Json();
    color["difference"] = lack.nearest ? Json(lack.difference) : Json();
    lacking.push_back(color);
  }
  std::optional<MaskMapper> mask;
  if (const Mask* current = mask_in_use(piece)) mask.emplace(Wheel(piece.wheel), MaskRegion(*current));
  const SwatchMatcher by_color(set.colors);
  const auto strays = stray_shares(
      colors, StrayChecker(&by_color, mask ? &*mask : nullptr, {r.far, piece.grading.outside}), piece.bands);
  return Json{{"used", used},
              {"unused", unused},
              {"counts", {{"present", needed->present}}},
              {"missing", lacking},
              {"outside_mask", sum(strays.outside)},
              {"far", sum(strays.far)},
              {"bands", bands_json(strays.all.light, strays.all.middle, strays.all.dark)}};
}

bool as_shapes(const OutputFile& file) {
  return file.format == kSvg || std::filesystem::is_directory(file.path);
}

Status save_text(const std::string& path, const std::string& text) {
  return save_safely(path, Bytes(text.begin(), text.end()), Backup::None);
}

/// With its areas where they are asked for; the number of them is told.
Result<Json> cut_study(const TryRequest& r, const PixelView& view, TriedSide& side) {
  if (r.areas == 0) return Json::object();
  AreaSpec spec;
  spec.count = r.areas;
  auto areas = cut_into_areas(view, spec, told_progress("areas"));
  if (!areas) return areas.error();
  side.areas = std::make_shared<const Areas>(std::move(areas).value());
  side.area_swatches = swatches_of(*side.areas, SwatchMatcher(side.colors, r.match),
                                   std::vector<std::optional<std::size_t>>(side.areas->areas.size()));
  return Json{{"counts", {{"areas", side.areas->areas.size()}}}};
}

Status save_shapes(const TryRequest& r, const TriedSide& side, const SetColors& set) {
  StudyFills fills{side.areas, side.area_swatches, {}, {}};
  for (const MatchColor& color : side.colors) fills.colors.push_back(color.color);
  for (const Swatch* s : set.swatches) fills.names.push_back(s->name);
  if (std::filesystem::is_directory(r.output.path)) return save_fill_pngs(r.output.path, fills);
  return save_text(r.output.path, study_svg(fills));
}

/// How many pixels had to be brought into the gamut.
std::uint64_t reduced_pixels(const PixelView& view, const Follow& follow) {
  std::uint64_t out = 0;
  for (const auto& c : distinct_colors(view))
    if (follow.moved(srgb_from_8bit(color_of(c.color))).reduced) out += c.pixels;
  return out;
}

/// Made in place: a second picture of 100 megapixels is a lot to ask for.
Result<Json> write_picture(const TryRequest& r, const Piece& piece, QImage image, const List<Family>& from,
                           const List<Family>& to) {
  const PixelView view = view_of(image);
  const QSize size = image.size();
  const SetColors set = set_colors(to);
  TriedPicture tried;
  TriedSide& side = tried.right;
  side.way = *r.as == Making::Study    ? TryWay::Study
             : *r.as == Making::Follow ? TryWay::Follow
                                       : TryWay::Check;
  side.colors = set.colors;
  side.match = r.match;
  if (side.colors.empty())
    return Error{ErrorCode::BadInput, as_said("The set holds no swatch; at least one is needed."), "--set"};
  Json told = Json::object();
  if (side.way == TryWay::Study) {
    auto made = cut_study(r, view, side);
    if (!made) return made.error();
    told = std::move(made).value();
    if (side.areas && as_shapes(r.output)) {
      const Status saved = save_shapes(r, side, set);
      if (!saved) return saved.error();
      told["files"] = files_json(r.output.path);
      return told;
    }
  } else if (side.way == TryWay::Follow) {
    side.moves = moves_of(paired(from, to), from, to);
    told["reduced"] = static_cast<double>(reduced_pixels(view, Follow(side.moves))) /
                      (static_cast<double>(view.width) * view.height);
  } else {
    if (const Mask* mask = mask_in_use(piece))
      side.mask = std::make_shared<const MaskMapper>(Wheel(piece.wheel), MaskRegion(*mask));
    side.limits = {r.far, piece.grading.outside};
  }
  if (as_shapes(r.output))
    return Error{ErrorCode::BadInput,
                 as_said("Only a study of areas can be written as .svg or into a folder; give --areas."),
                 "-o"};
  render_tried(view, tried, pixels_of(image));
  const Status saved = save_picture(std::move(image), r.output.path);
  if (!saved) return saved.error();
  told["files"] = files_json(r.output.path);
  told["width"] = size.width();
  told["height"] = size.height();
  return told;
}

Result<Json> write_key(const TryRequest& r, const Piece& piece, QImage image) {
  if (r.turn.has_value() == !r.mask.empty())
    return Error{ErrorCode::BadInput, as_said("A key is a --turn or a --mask; give one of them."), "--as"};
  if (as_shapes(r.output))
    return Error{ErrorCode::BadInput, as_said("A key is a picture; write it as .png or .jpg."), "-o"};
  const Wheel wheel(piece.wheel);
  std::optional<KeyMap> map;
  if (r.turn) {
    map = KeyMap::turned(wheel, *r.turn);
  } else {
    const auto mask = of_file(mask_in_file(r.mask));
    if (!mask) return mask.error();
    const MaskRegion region(mask_on(*mask, piece.wheel));
    if (region.empty()) return Error{ErrorCode::BadInput, as_said("The mask encloses no color."), "--mask"};
    map = KeyMap::pressed(wheel, region, r.strength);
  }
  const PixelView view = view_of(image);
  const KeyNumbers numbers = key_numbers(view, *map);
  const QSize size = image.size();
  render_in_key(view, *map, pixels_of(image));
  const Status saved = save_picture(std::move(image), r.output.path);
  if (!saved) return saved.error();
  Json out{{"files", files_json(r.output.path)}, {"width", size.width()}, {"height", size.height()}};
  out.update(key_numbers_json(numbers));
  return out;
}

Status asks_for_something(const TryRequest& r) {
  if (!r.report && !r.as && !r.pairs.named())
    return Error{ErrorCode::BadInput,
                 as_said("Say what to make with --as, or ask for a --report or the --pairs."), "--as"};
  if (r.as && !r.output.named())
    return Error{ErrorCode::BadInput, as_said("Say where to write with -o."), "-o"};
  return Done{};
}

/// What both count stands side by side.
void add_answer(Json& out, const Json& more) {
  Json counts = out.value("counts", Json::object());
  counts.update(more.value("counts", Json::object()));
  out.update(more);
  if (!counts.empty()) out["counts"] = std::move(counts);
}

Result<Json> try_picture(const TryRequest& r) {
  const Status asks = asks_for_something(r);
  if (!asks) return asks.error();
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const auto set = set_or_current(document->piece, r.set);
  if (!set) return set.error();
  const auto from = state_of(**set, r.from, "--from"), to = state_of(**set, r.to, "--to");
  if (!from) return from.error();
  if (!to) return to.error();
  auto photo = opened(r.picture);
  if (!photo) return photo.error();
  Json out = Json::object();
  if (r.report) {
    auto told = report(r, document->piece, view_of(photo->image), set_colors(**to));
    if (!told) return told.error();
    out.update(*told);
  }
  if (r.as) {
    QImage image = std::move(photo).value().image;
    auto written = *r.as == Making::Key ? write_key(r, document->piece, std::move(image))
                                        : write_picture(r, document->piece, std::move(image), **from, **to);
    if (!written) return written.error();
    add_answer(out, *written);
  }
  if (r.pairs.named()) {
    const Status saved = save_text(r.pairs.path, pairs_csv(paired(**from, **to), **from, **to));
    if (!saved) return saved.error();
    if (!out.contains("files")) out["files"] = Json::array();
    out["files"].push_back(r.pairs.path);
  }
  return out;
}

} // namespace

Command add_try(const Options& app) {
  auto r = std::make_shared<TryRequest>();
  const Options command = app.command("try", "Look at a picture in a set");
  command.input("picture", r->picture, "Picture file");
  command.input("--piece", r->piece, "Piece file");
  command.text("--set", r->set, "Name of the set; the current one when left out");
  command.choice<Making>("--as", kMakingWords, "What to make",
                         std::function<void(Making)>([r](Making as) { r->as = as; }));
  command.number("--turn", r->turn, kDegrees, "A key: all hues turned by so many degrees on the wheel");
  command.input("--mask", r->mask, "A key: pressed into the mask of this file, as the shelf keeps them",
                Options::Need::MayBeLeftOut);
  command.number("--strength", r->strength, kShareRange, "How far colors move into the mask");
  command.whole("--areas", r->areas, {2, 500}, "A study of at most so many areas instead of pixels");
  command.choice<Match>("--match", kMatchWords, "What comes first", r->match);
  command.text("--from", r->from, "Version that the picture is in; the set as it is when left out");
  command.text("--to", r->to, "Version to show it in; the set as it is when left out");
  command.number("--most-difference", r->far, {0, 50},
                 "CIEDE2000 to the nearest swatch beyond which a color is far");
  command.whole("--missing", r->missing, {0, 24}, "At most so many colors that the set is missing");
  command.flag("--report", r->report, "Tell what is used, what is missing and what is far");
  command.output(r->pairs, {{"csv", {".csv"}}}, "CSV file of the pairing to write: old, new, name",
                 Options::Need::MayBeLeftOut, "--pairs");
  std::vector<FileFormat> formats = picture_formats();
  formats.push_back({"svg", {".svg"}});
  command.output(
      r->output, formats,
      "PNG or JPEG file to write; of a study by areas also SVG, or a folder for a PNG of each swatch",
      Options::Need::MayBeLeftOut);
  command.files().out.back().folder = true;
  return {command, [r] { return try_picture(*r); }};
}

} // namespace zc::cli
