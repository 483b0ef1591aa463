// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli: the core from the command line. The answer is JSON on standard output; what went wrong is
// one sentence on standard error, and the exit code says which kind of thing it was.
#include "cli/command.h"
#include "cli/completion.h"
#include "cli/line_files.h"

#include "io/files/stated_time.h"

#include <CLI/CLI.hpp>
#include <QHashFunctions>
#include <QtGlobal>

#include <algorithm>
#include <csignal>
#include <iostream>
#include <string_view>

namespace {

using namespace zc;
using namespace zc::cli;

enum ExitCode { kDone = 0, kAnswerIsNo = 1, kWrongUsage = 2, kBadInput = 3, kNotWritten = 4, kNoWindow = 5 };

/// For every command, before or behind its name.
struct EveryCommand {
  bool force = false, compact = false, quiet = false;
};

int refuse(const std::string& sentence, ExitCode code) {
  std::cerr << "zonachrom-cli: " << sentence << "\n";
  return code;
}

ExitCode exit_code(const Error& error) {
  if (error.place == kBusPlace) return kNoWindow;
  switch (error.code) {
  case ErrorCode::BadInput:
    return kWrongUsage;
  case ErrorCode::Unwritable:
    return kNotWritten;
  default:
    return kBadInput;
  }
}

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
        add_reference_commands, add_paint_commands, add_shelf_commands})
    for (Command& command : add_all(app)) out.push_back(std::move(command));
  return out;
}

/// A command, or one of a group, that is none; nothing where the line names none that is not there. The
/// parser would ask for one only.
std::string unknown_command(const CLI::App& app, char** word, char** end) {
  word = std::find_if(word, end, [](const char* w) { return *w != '-'; });
  const auto commands = app.get_subcommands([](const CLI::App*) { return true; });
  if (word == end || commands.empty()) return {};
  for (const CLI::App* command : commands)
    if (command->get_name() == *word) return unknown_command(*command, word + 1, end);
  return "\"" + std::string(*word) + "\" is no command; " + (app.get_parent() ? app.get_name() + " " : "") +
         "--help lists them.";
}

std::string wrong_usage(const CLI::App& app, const CLI::ParseError& wrong, int argc, char** argv) {
  const std::string unknown = unknown_command(app, argv + 1, argv + argc);
  if (!unknown.empty()) return unknown;
  std::string sentence = wrong.what();
  std::replace(sentence.begin(), sentence.end(), '\n', ' ');
  return sentence;
}

int run(const Command& command, const EveryCommand& every) {
  LineFiles files;
  const auto failed = [&](const Error& error) {
    return refuse(files.as_given(error.sentence()), exit_code(error));
  };
  const Status ready = files.prepare(command.options);
  if (!ready) return failed(ready.error());
  const auto answer = command.run();
  if (!answer) return failed(answer.error());
  const Status delivered = files.deliver();
  if (!delivered) return failed(delivered.error());
  const ExitCode code = command.says_no && command.says_no(*answer) ? kAnswerIsNo : kDone;
  if (every.quiet || files.has_standard_output()) return code;
  Json told{{"version", kAnswerVersion}};
  told.update(rounded(*answer));
  const std::string text = told.dump(every.compact ? -1 : 2, ' ', false, Json::error_handler_t::replace);
  const Status written = write_standard_output(files.as_given(text) + "\n");
  return written ? code : failed(written.error());
}

} // namespace

int main(int argc, char** argv) {
  // What goes wrong is said in a sentence of our own; a pipe that is closed early is one of these things.
  qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
  std::signal(SIGPIPE, SIG_IGN);
  // Two runs at one stated time write the same bytes: nothing may go by the order of a hash.
  if (stated_time()) QHashSeed::setDeterministicGlobalSeed();
  CLI::App app("Color, wheel and palette answers from Zonachrom.");
  app.require_subcommand(1);
  app.fallthrough();
  app.set_version_flag("--version", "zonachrom-cli " ZONACHROM_VERSION);
  EveryCommand every;
  app.add_flag("--force", every.force, "Replace files that are there");
  app.add_flag("--compact", every.compact, "The answer on one line");
  app.add_flag("--quiet", every.quiet, "No answer; the exit code tells whether it went well");
  const auto commands = all_commands(Options(app));
  if (argc > 1 && argv[1] == std::string_view("--complete")) {
    const Status told = write_standard_output(completions(app, commands, {argv + 2, argv + argc}));
    return told ? kDone : kNotWritten;
  }
  try {
    app.parse(argc, argv);
  } catch (const CLI::Success& done) {
    return app.exit(done);
  } catch (const CLI::ParseError& wrong) {
    return refuse(wrong_usage(app, wrong, argc, argv), kWrongUsage);
  }
  const auto asked = std::find_if(commands.begin(), commands.end(),
                                  [](const Command& command) { return command.options.parsed(); });
  return asked == commands.end() ? kWrongUsage : run(*asked, every);
}
