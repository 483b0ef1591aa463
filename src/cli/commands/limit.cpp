// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/change.h"

#include "cli/line/progress.h"
#include "cli/masks.h"
#include "cli/paints.h"
#include "cli/photos.h"
#include "cli/sets.h"
#include "core/mask/patterns.h"
#include "core/mix/reach.h"
#include "core/piece/edits.h"
#include "io/shelf/mask_shelf.h"

namespace zc::cli {
namespace {

constexpr Word<MaskKeeps> kKeeps[] = {{MaskKeeps::Colors, "colors"}, {MaskKeeps::Outline, "shape"}};
enum class Switch { On, Off };
constexpr Word<Switch> kSwitches[] = {{Switch::On, "on"}, {Switch::Off, "off"}};

constexpr Range kAreas{1, kMostAreas};

struct LimitRequest : ChangeRequest {
  std::optional<HueScale> hues;
  std::optional<SaturationMeasure> measure;
  MaskKeeps keeps = MaskKeeps::Colors;
  std::optional<Pattern> pattern;
  std::string mask, mask_name, move_area;
  std::vector<Area> areas;
  std::vector<std::string> wrong; ///< Areas that are none.
  PaintsRequest paints;
  std::optional<double> spread, reach_value;
  double hue = 0, turn = 0;
  int remove_area = 0; ///< From 1; 0 is none.
  std::optional<MaskRule> rule;
  std::optional<Switch> use;
  bool carry = false, carry_all = false, no_mask = false;
};

Result<std::optional<Mask>> mask_of_reach(const LimitRequest& r, const WheelSpec& wheel) {
  const auto paints = paints_in(r.paints);
  if (!paints) return paints.error();
  const auto reach = reach_of(paints->mixer, Wheel(wheel), told_progress("reach"));
  if (!reach) return reach.error();
  const auto mask = mask_of_outlines(r.reach_value ? reach->outlines(*r.reach_value) : reach->outlines(),
                                     "what these paints can mix");
  if (!mask) return mask.error();
  return std::optional(*mask);
}

/// The mask that the line has instead of the one that is there; nothing where it has none.
Result<std::optional<Mask>> mask_asked(const LimitRequest& r, const WheelSpec& wheel) {
  const int ways =
      int(r.pattern.has_value()) + int(!r.mask.empty()) + int(!r.paints.file.empty()) + int(r.no_mask);
  if (ways > 1)
    return Error{ErrorCode::BadInput, as_said("Give one of --pattern, --mask, --paints and --no-mask."),
                 "--mask"};
  if (r.pattern)
    return std::optional(pattern_mask({*r.pattern, r.hue, r.spread.value_or(usual_spread(*r.pattern))}));
  if (!r.paints.file.empty()) return mask_of_reach(r, wheel);
  if (r.mask.empty()) return std::optional<Mask>();
  const auto mask = of_file(mask_in_file(r.mask));
  if (!mask) return mask.error();
  return std::optional(mask_on(*mask, wheel));
}

/// "FROM,TO", both as people count.
Result<Piece> with_area_placed(const Piece& piece, const std::string& text) {
  const auto places = whole_numbers(text, 2, "--move-area");
  if (!places) return places.error();
  const int from = (*places)[0], to = (*places)[1];
  if (from < 1 || to < 1)
    return Error{ErrorCode::BadInput, as_said("Areas are counted from 1."), "--move-area"};
  const std::size_t before = before_place(to > from ? to + 1 : to, piece.mask ? piece.mask->areas.size() : 0);
  return with_area_moved(piece, static_cast<std::size_t>(from - 1), before);
}

Result<Piece> with_areas_changed(Piece before, const LimitRequest& r) {
  Result<Piece> piece = std::move(before);
  for (const Area& area : r.areas)
    if (piece) piece = with_area_added(std::move(piece).value(), area);
  if (piece && r.remove_area > 0)
    piece = with_area_removed(std::move(piece).value(), static_cast<std::size_t>(r.remove_area - 1));
  if (piece && !r.move_area.empty()) piece = with_area_placed(*piece, r.move_area);
  return piece;
}

Carry carry_of(const LimitRequest& r) {
  if (r.carry_all) return Carry::AllToo;
  return r.carry ? Carry::SetToo : Carry::MaskOnly;
}

Result<Piece> limited(const Piece& before, const LimitRequest& r) {
  if ((r.carry || r.carry_all) && r.turn == 0)
    return Error{ErrorCode::BadInput, as_said("The set turns along with the mask; give --turn too."),
                 "--with-set"};
  WheelSpec wheel = before.wheel;
  wheel.hues = r.hues.value_or(wheel.hues);
  wheel.measure = r.measure.value_or(wheel.measure);
  auto piece = with_wheel(before, wheel, r.keeps);
  if (!piece) return piece;
  const auto mask = mask_asked(r, wheel);
  if (!mask) return mask.error();
  if (*mask) piece = with_mask_on(with_mask(std::move(piece).value(), **mask), true);
  if (r.no_mask) piece = with_mask(std::move(piece).value(), {});
  if (piece) piece = with_areas_changed(std::move(piece).value(), r);
  if (piece && !r.mask_name.empty() && piece->mask) {
    Mask named = *piece->mask;
    named.name = r.mask_name;
    piece = with_mask(std::move(piece).value(), named);
  }
  if (piece && r.turn != 0) piece = with_mask_turned(std::move(piece).value(), r.turn, carry_of(r));
  if (piece && r.rule) piece = with_rule(std::move(piece).value(), *r.rule);
  if (piece && r.use) piece = with_mask_on(std::move(piece).value(), *r.use == Switch::On);
  return piece;
}

Result<Json> limit(const LimitRequest& r) {
  for (const std::string& text : r.wrong)
    if (const auto shape = shape_in(text); !shape) return shape.error();
  const auto made = changed(r, [&](const Piece& p) { return limited(p, r); });
  if (!made) return made.error();
  Json out = made->answer;
  out["wheel"] = wheel_json(made->piece.wheel);
  out["mask"] = mask_json(made->piece);
  return out;
}

void add_mask_options(const Options& command, const std::shared_ptr<LimitRequest>& r) {
  command.choice<Pattern>("--pattern", pattern_words(), "The mask is this pattern",
                          [r](Pattern pattern) { r->pattern = pattern; });
  command.number("--hue", r->hue, kDegrees, "The leading hue of the pattern, degrees");
  command.number("--spread", r->spread, kSpreadRange, "Of the pattern, degrees; its usual one when left out");
  command.input("--mask", r->mask, "The mask is that of this file, as the shelf keeps them",
                Options::Need::MayBeLeftOut);
  command.input("--paints", r->paints.file, "The mask is what these paints can mix: piece, palette or colors",
                Options::Need::MayBeLeftOut);
  command.flag("--white-and-black", r->paints.white_and_black,
               "The white and black of the trade beside the paints");
  command.number("--at-value", r->reach_value, kValueRange,
                 "What the paints can mix at this value; at any when left out");
  command.text("--mask-name", r->mask_name, "Name of the mask");
  command.flag("--no-mask", r->no_mask, "Take the mask away");
  const auto area = [&](const char* name, AreaMode mode, const char* help) {
    command.each(
        name,
        [r, mode](const std::string& text) {
          const auto shape = shape_in(text);
          if (shape) r->areas.push_back({mode, *shape});
          if (!shape) r->wrong.push_back(text);
        },
        std::string(help) + kAreaHelp);
  };
  area("--add-area", AreaMode::Adds, "Add an area to the mask: ");
  area("--subtract-area", AreaMode::Cuts, "Subtract an area from the mask: ");
  command.whole("--remove-area", r->remove_area, kAreas, "Take this area of the mask away, from 1");
  command.text("--move-area", r->move_area, "FROM,TO: put an area of the mask at another place, from 1");
  command.choice<MaskRule>("--keep-picks", kRules,
                           "Whether picks are kept in the mask, only marked, or neither",
                           [r](MaskRule rule) { r->rule = rule; });
  command.choice<Switch>("--use", kSwitches, "Whether the mask is in use", [r](Switch use) { r->use = use; });
}

} // namespace

Command add_limit(const Options& app) {
  auto r = std::make_shared<LimitRequest>();
  const Options command = app.command("limit", "Change the wheel and the mask of a piece");
  command.changed_piece(r->piece, r->output);
  command.choice<HueScale>("--hues", kHueWords, "Hue scale", [r](HueScale hues) { r->hues = hues; });
  command.choice<SaturationMeasure>("--measure", kMeasureWords, "Saturation measure",
                                    [r](SaturationMeasure measure) { r->measure = measure; });
  command.choice("--keep", kKeeps, "What of the mask stays on another wheel", r->keeps);
  add_mask_options(command, r);
  command.number("--turn", r->turn, kDegrees, "Turn the mask by so many degrees, clockwise");
  command.flag("--with-set", r->carry, "Turn the current set along with the mask");
  command.flag("--with-all-sets", r->carry_all, "Turn every set along with the mask");
  return {command, [r] { return limit(*r); }};
}

} // namespace zc::cli
