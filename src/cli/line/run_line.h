// SPDX-License-Identifier: GPL-3.0-or-later
// A line from the parsing to the exit code. The answer is JSON on standard output; what went wrong is one
// sentence on standard error, and the exit code says which kind of thing it was.
#pragma once

#include "cli/line/command.h"

namespace zc::cli {

/// Adds the commands of a program.
using Commands = std::function<std::vector<Command>(const Options& app)>;
/// What a shell may complete a line with; see completion.h.
using Complete = std::function<std::string(const CLI::App& app, const std::vector<Command>& commands,
                                           const std::vector<std::string>& words)>;

/// What main() returns.
[[nodiscard]] int run_line(int argc, char** argv, const Commands& commands, const Complete& complete = {});

} // namespace zc::cli
