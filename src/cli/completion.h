// SPDX-License-Identifier: GPL-3.0-or-later
// What a shell may complete a line with: commands, options, their words, and the names in the piece of the
// line.
#pragma once

#include "cli/line/command.h"

namespace zc::cli {

/// `words` are those behind the name of the program, the last one as far as it was typed. One answer a line;
/// a line that begins with ":files" is followed by the endings that are wanted, or none for all.
[[nodiscard]] std::string completions(const CLI::App& app, const std::vector<Command>& commands,
                                      const std::vector<std::string>& words);

} // namespace zc::cli
