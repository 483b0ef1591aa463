// SPDX-License-Identifier: GPL-3.0-or-later
// A command of zonachrom-cli: a file a command in commands/. Each adds its options to the program and says
// what to run when it was given; the answer is JSON.
#pragma once

#include "cli/options.h"
#include "core/base/result.h"
#include "core/wheel/wheel.h"
#include "io/files/json_text.h"

#include <functional>
#include <memory>

namespace zc::cli {

struct Command {
  Options options;
  std::function<Result<Json>()> run;
  bool changes_its_input = false; ///< The output may be the piece that is read.
};

/// --hues and --measure.
void add_wheel_options(const Options& command, WheelSpec& wheel);

[[nodiscard]] inline Json three(double x, double y, double z) { return Json::array({x, y, z}); }
/// Reads a color as it is typed in the window; see typed_color(). ERRORS: also for one that no display can
/// show.
[[nodiscard]] Result<Srgb> given_color(const std::string& text);
/// A color as hex, srgb and lab.
[[nodiscard]] Json color_json(Srgb c);

[[nodiscard]] Command add_describe(const Options& app);
[[nodiscard]] Command add_difference(const Options& app);
[[nodiscard]] Command add_wheel(const Options& app);
[[nodiscard]] Command add_mask(const Options& app);
[[nodiscard]] Command add_string(const Options& app);
[[nodiscard]] Command add_mix(const Options& app);
[[nodiscard]] Command add_recipe(const Options& app);
[[nodiscard]] Command add_reach(const Options& app);
[[nodiscard]] Command add_fewest(const Options& app);
[[nodiscard]] Command add_relate(const Options& app);
[[nodiscard]] Command add_ladder(const Options& app);
[[nodiscard]] Command add_between(const Options& app);
[[nodiscard]] Command add_check(const Options& app);
[[nodiscard]] Command add_limit(const Options& app);
[[nodiscard]] Command add_export(const Options& app);
[[nodiscard]] Command add_import(const Options& app);
[[nodiscard]] Command add_grade(const Options& app);
[[nodiscard]] Command add_adjust(const Options& app);
[[nodiscard]] Command add_parcel_pack(const Options& parcel);
[[nodiscard]] Command add_parcel_list(const Options& parcel);
[[nodiscard]] Command add_pack(const Options& app);
[[nodiscard]] Command add_thumbnail(const Options& app);
[[nodiscard]] Command add_inspect(const Options& app);
[[nodiscard]] Command add_sample(const Options& app);
[[nodiscard]] Command add_extract(const Options& app);
[[nodiscard]] Command add_look(const Options& app);
[[nodiscard]] Command add_try(const Options& app);
[[nodiscard]] Command add_keys(const Options& app);
[[nodiscard]] Command add_sheet(const Options& app);
[[nodiscard]] Command add_plan(const Options& app);
[[nodiscard]] Command add_press(const Options& app);
[[nodiscard]] Command add_follow(const Options& app);
[[nodiscard]] Command add_now(const Options& app);
[[nodiscard]] Command add_take(const Options& app);
[[nodiscard]] Command add_lay(const Options& app);
[[nodiscard]] Command add_companion(const Options& app);
[[nodiscard]] Command add_inside(const Options& app);
[[nodiscard]] Command add_outline(const Options& app);
[[nodiscard]] Command add_watched(const Options& app);

} // namespace zc::cli
