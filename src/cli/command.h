// A command of zonachrom-cli: a file a command in commands/. Each adds its options to the program and says
// what to run when it was given; the answer is JSON.
#pragma once

#include "core/base/result.h"
#include "core/wheel/wheel.h"
#include "io/files/choices.h"
#include "io/files/json_text.h"

#include <functional>
#include <memory>

namespace zc::cli {

struct Command {
  CLI::App* app;
  std::function<Result<Json>()> run;
};

/// --hues and --measure.
void add_wheel_options(CLI::App& command, WheelSpec& wheel);

[[nodiscard]] inline Json three(double x, double y, double z) { return Json::array({x, y, z}); }
/// A color as hex, srgb and lab.
[[nodiscard]] Json color_json(Srgb c);

[[nodiscard]] Command add_describe(CLI::App& app);
[[nodiscard]] Command add_difference(CLI::App& app);
[[nodiscard]] Command add_wheel(CLI::App& app);
[[nodiscard]] Command add_mask(CLI::App& app);
[[nodiscard]] Command add_string(CLI::App& app);
[[nodiscard]] Command add_mix(CLI::App& app);
[[nodiscard]] Command add_partners(CLI::App& app);
[[nodiscard]] Command add_check(CLI::App& app);
[[nodiscard]] Command add_limit(CLI::App& app);
[[nodiscard]] Command add_export(CLI::App& app);
[[nodiscard]] Command add_import(CLI::App& app);
[[nodiscard]] Command add_grade(CLI::App& app);
[[nodiscard]] Command add_adjust(CLI::App& app);
[[nodiscard]] Command add_parcel_pack(CLI::App& parcel);
[[nodiscard]] Command add_parcel_list(CLI::App& parcel);
[[nodiscard]] Command add_pack(CLI::App& app);
[[nodiscard]] Command add_inspect(CLI::App& app);
[[nodiscard]] Command add_sample(CLI::App& app);
[[nodiscard]] Command add_extract(CLI::App& app);
[[nodiscard]] Command add_look(CLI::App& app);

} // namespace zc::cli
