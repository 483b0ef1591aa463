// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli: the core from the command line. JSON on standard output; on bad input one sentence on
// standard error and exit code 2.
#include "cli/command.h"

#include <CLI/CLI.hpp>
#include <iostream>

namespace {

using namespace zc;
using namespace zc::cli;

constexpr int kBadInput = 2;

int refuse(const std::string& sentence) {
  std::cerr << "zonachrom-cli: " << sentence << "\n";
  return kBadInput;
}

int report(const Result<Json>& result) {
  if (!result) return refuse(result.error().sentence());
  std::cout << result->dump(2, ' ', false, Json::error_handler_t::replace) << "\n";
  return 0;
}

std::vector<Command> all_commands(const Options& app) {
  std::vector<Command> out{add_describe(app), add_difference(app), add_wheel(app),   add_mask(app),
                           add_string(app),   add_mix(app),        add_recipe(app),  add_reach(app),
                           add_fewest(app),   add_relate(app),     add_between(app), add_check(app),
                           add_limit(app),    add_export(app),     add_import(app),  add_grade(app),
                           add_adjust(app),   add_ladder(app)};
  const Options parcel = app.group("parcel", "Sets and masks for others in one file");
  out.push_back(add_parcel_pack(parcel));
  out.push_back(add_parcel_list(parcel));
  for (const auto& add : {add_pack, add_thumbnail, add_inspect, add_sample, add_extract, add_look, add_try,
                          add_keys, add_sheet, add_plan, add_press, add_follow, add_now, add_take, add_lay,
                          add_companion, add_inside, add_outline, add_watched})
    out.push_back(add(app));
  return out;
}

} // namespace

int main(int argc, char** argv) {
  CLI::App app("Color, wheel and palette answers from Zonachrom.");
  app.require_subcommand(1);
  const auto commands = all_commands(Options(app));
  try {
    app.parse(argc, argv);
  } catch (const CLI::Success& done) {
    return app.exit(done);
  } catch (const CLI::ParseError& wrong) {
    return refuse(wrong.what());
  }
  for (const auto& command : commands) {
    if (!command.options.parsed()) continue;
    const auto replaced = command.options.replaced_input();
    if (replaced && !command.changes_its_input)
      return refuse("\"" + *replaced + "\" would be replaced by what is made of it; write to another file.");
    return report(command.run());
  }
  return kBadInput;
}
