// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli. What asks about colors alone is answered here, so that a script may ask a thousand times;
// every other command needs files, photos or the desktop, whose libraries take a multiple of that to load:
// the program beside this one has them.
#include "cli/line/run_line.h"

#include <algorithm>
#include <cerrno>
#include <cstring>
#include <filesystem>
#include <iostream>
#include <unistd.h>

namespace {

using namespace zc::cli;

struct ColorCommand {
  std::string_view name;
  Command (*add)(const Options&);
};
constexpr ColorCommand kColorCommands[] = {{"describe", add_describe}, {"difference", add_difference},
                                           {"wheel", add_wheel},       {"mask", add_mask},
                                           {"ramp", add_ramp},         {"mix", add_mix},
                                           {"relate", add_relate},     {"between", add_between}};

/// The command of the line where it is one of these; only flags stand before it.
const ColorCommand* color_command(char** word, char** end) {
  word = std::find_if(word, end, [](const char* w) { return *w != '-'; });
  if (word == end) return nullptr;
  const auto* at = std::find_if(std::begin(kColorCommands), std::end(kColorCommands),
                                [&](const ColorCommand& c) { return c.name == *word; });
  return at == std::end(kColorCommands) ? nullptr : at;
}

/// Returns only where it could not be started.
int start_the_other(char** argv) {
  std::error_code code;
  const auto here = std::filesystem::read_symlink("/proc/self/exe", code).parent_path();
  for (const auto& path : {here / "zonachrom-cli-files", here / ZONACHROM_FROM_BIN "/zonachrom-cli-files"})
    if (std::filesystem::exists(path, code)) ::execv(path.c_str(), argv);
  std::cerr << "zonachrom-cli: zonachrom-cli-files, which belongs to it, cannot be started: "
            << std::strerror(errno) << ". Install Zonachrom again.\n";
  return 3;
}

} // namespace

int main(int argc, char** argv) {
  const ColorCommand* asked = color_command(argv + 1, argv + argc);
  const std::string_view first = argc > 1 ? argv[1] : "";
  if (first == "--version")
    return run_line(argc, argv, [](const Options&) { return std::vector<Command>(); });
  if (!asked || first == "--complete") return start_the_other(argv);
  return run_line(argc, argv, [asked](const Options& app) { return std::vector<Command>{asked->add(app)}; });
}
