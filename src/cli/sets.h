// Set commands of zonachrom-cli: export, import, grade, adjust, parcel.
#pragma once

#include "cli/commands.h"

#include <CLI/CLI.hpp>
#include <functional>
#include <vector>

namespace zc::cli {

struct Command {
  CLI::App* app;
  std::function<Result<Json>()> run;
};

/// Adds the commands to the program; the one that was parsed is to be run.
[[nodiscard]] std::vector<Command> add_set_commands(CLI::App& app);

} // namespace zc::cli
