// SPDX-License-Identifier: GPL-3.0-or-later
// The program behind zonachrom-cli: every command.
#include "cli/completion.h"
#include "cli/line/run_line.h"

#include "io/files/stated_time.h"

#include <QHashFunctions>
#include <QtGlobal>

namespace {

using namespace zc;
using namespace zc::cli;

std::vector<Command> all_commands(const Options& app) {
  std::vector<Command> out;
  for (const auto& add :
       {add_new,      add_show,       add_details, add_recover, add_rules,   add_remedy,    add_study,
        add_describe, add_difference, add_wheel,   add_mask,    add_ramp,    add_mix,       add_recipe,
        add_reach,    add_fewest,     add_relate,  add_ladder,  add_between, add_check,     add_limit,
        add_export,   add_import,     add_grade,   add_adjust,  add_pack,    add_thumbnail, add_inspect,
        add_sample,   add_extract,    add_look,    add_try,     add_keys,    add_sheet,     add_plan,
        add_press,    add_follow,     add_now,     add_use,     add_add,     add_companion, add_inside,
        add_outline,  add_watched})
    out.push_back(add(app));
  const Options parcel = app.group("parcel", "Sets and masks for others in one file");
  out.push_back(add_parcel_pack(parcel));
  out.push_back(add_parcel_list(parcel));
  out.push_back(add_parcel_unpack(parcel));
  for (const auto& add_all :
       {add_set_commands, add_version_commands, add_family_commands, add_swatch_commands,
        add_reference_commands, add_paint_commands, add_shelf_commands, add_well_commands, add_key_commands})
    for (Command& command : add_all(app)) out.push_back(std::move(command));
  return out;
}

} // namespace

int main(int argc, char** argv) {
  // What goes wrong is said in a sentence of our own.
  qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
  // Two runs at one stated time write the same bytes: nothing may go by the order of a hash.
  if (stated_time()) QHashSeed::setDeterministicGlobalSeed();
  return run_line(argc, argv, all_commands, completions);
}
