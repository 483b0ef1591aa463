// SPDX-License-Identifier: GPL-3.0-or-later
// A command of zonachrom-cli: a file a command in commands/. Each adds its options to the program and says
// what to run when it was given; the answer is JSON.
#pragma once

#include "cli/line/answers.h"
#include "cli/line/options.h"
#include "core/base/result.h"
#include "core/mask/patterns.h"
#include "core/wheel/wheel.h"

#include <functional>
#include <limits>
#include <memory>

namespace zc::cli {

struct Command {
  Options options;
  std::function<Result<Json>()> run;
  /// Of a command that is asked yes or no: whether this answer is no.
  std::function<bool(const Json&)> says_no = {};
};

/// --hues and --measure.
void add_wheel_options(const Options& command, WheelSpec& wheel);

/// Reads a color as it is typed in the window; see typed_color(). ERRORS: also for one that no display can
/// show.
[[nodiscard]] Result<Srgb> given_color(const std::string& text);
/// How often the help says what a color may be.
inline constexpr auto kColorHelp = "#rrggbb, #rgb, three numbers 0 to 255, srgb:R,G,B, or a color of CSS";
inline constexpr Range kValueRange{0, 100}, kShareRange{0, 1}, kDegrees{-360, 360};
inline constexpr Range kAnyNumber{-std::numeric_limits<double>::infinity(),
                                  std::numeric_limits<double>::infinity()};
/// Of an error that the window, or its absence, has made.
inline constexpr auto kBusPlace = "bus";
/// What a file holds is no wrong usage, whatever its reader calls it.
template <class T> [[nodiscard]] Result<T> of_file(Result<T> read) {
  if (read || read.error().code != ErrorCode::BadInput) return read;
  Error error = read.error();
  error.code = ErrorCode::Unreadable;
  return error;
}

/// Those of the patterns of masks.
[[nodiscard]] std::vector<Word<Pattern>> pattern_words();

[[nodiscard]] Command add_new(const Options& app);
[[nodiscard]] Command add_show(const Options& app);
[[nodiscard]] Command add_details(const Options& app);
[[nodiscard]] Command add_recover(const Options& app);
[[nodiscard]] Command add_rules(const Options& app);
[[nodiscard]] Command add_remedy(const Options& app);
[[nodiscard]] Command add_study(const Options& app);
[[nodiscard]] std::vector<Command> add_set_commands(const Options& app);
[[nodiscard]] std::vector<Command> add_version_commands(const Options& app);
[[nodiscard]] std::vector<Command> add_family_commands(const Options& app);
[[nodiscard]] std::vector<Command> add_swatch_commands(const Options& app);
[[nodiscard]] std::vector<Command> add_reference_commands(const Options& app);
[[nodiscard]] std::vector<Command> add_paint_commands(const Options& app);
[[nodiscard]] std::vector<Command> add_shelf_commands(const Options& app);
[[nodiscard]] std::vector<Command> add_well_commands(const Options& app);
[[nodiscard]] std::vector<Command> add_key_commands(const Options& app);
[[nodiscard]] Command add_parcel_unpack(const Options& parcel);
[[nodiscard]] Command add_describe(const Options& app);
[[nodiscard]] Command add_difference(const Options& app);
[[nodiscard]] Command add_wheel(const Options& app);
[[nodiscard]] Command add_mask(const Options& app);
[[nodiscard]] Command add_ramp(const Options& app);
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
[[nodiscard]] Command add_use(const Options& app);
[[nodiscard]] Command add_add(const Options& app);
[[nodiscard]] Command add_companion(const Options& app);
[[nodiscard]] Command add_inside(const Options& app);
[[nodiscard]] Command add_outline(const Options& app);
[[nodiscard]] Command add_watched(const Options& app);

} // namespace zc::cli
