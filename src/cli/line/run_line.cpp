// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/run_line.h"

#include "cli/line/line_files.h"
#include "cli/line/progress.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <csignal>
#include <iostream>
#include <string_view>

namespace zc::cli {
namespace {

enum ExitCode { kDone = 0, kAnswerIsNo = 1, kWrongUsage = 2, kBadInput = 3, kNotWritten = 4, kNoWindow = 5 };

/// For every command, before or behind its name.
struct EveryCommand {
  bool force = false, compact = false, quiet = false, hex = false;
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
  std::string unknown = unknown_command(app, argv + 1, argv + argc);
  if (!unknown.empty()) return unknown;
  std::string sentence = wrong.what();
  std::replace(sentence.begin(), sentence.end(), '\n', ' ');
  // The parser says again what it was given, and that may be much.
  std::size_t end = 300;
  if (sentence.size() <= end) return sentence;
  while ((sentence[end] & 0xc0) == 0x80) --end; // Not within a letter.
  return sentence.substr(0, end) + "...";
}

std::string answer_text(const Json& answer, bool compact) {
  Json told{{"version", kAnswerVersion}};
  told.update(rounded(answer));
  return told.dump(compact ? -1 : 2, ' ', false, Json::error_handler_t::replace) + "\n";
}

int run(const Command& command, const EveryCommand& every) {
  if (every.quiet) silence_progress();
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
  const Status written = write_standard_output(
      files.as_given(every.hex ? hex_lines(*answer) : answer_text(*answer, every.compact)));
  return written ? code : failed(written.error());
}

} // namespace

int run_line(int argc, char** argv, const Commands& of, const Complete& complete) {
  // A pipe that is closed early is said like all else that goes wrong.
  std::signal(SIGPIPE, SIG_IGN);
  CLI::App app("Color, wheel and palette answers from Zonachrom.", "zonachrom-cli");
  app.require_subcommand(1);
  app.fallthrough();
  app.set_version_flag("--version", "zonachrom-cli " ZONACHROM_VERSION);
  EveryCommand every;
  app.add_flag("--force", every.force, "Replace files that are there");
  app.add_flag("--compact", every.compact, "The answer on one line");
  app.add_flag("--hex", every.hex, "Instead of the answer the colors in its lists, one #rrggbb a line");
  app.add_flag("--quiet", every.quiet, "No answer; the exit code tells whether it went well");
  const std::vector<Command> commands = of(Options(app));
  if (complete && argc > 1 && argv[1] == std::string_view("--complete")) {
    const Status told = write_standard_output(complete(app, commands, {argv + 2, argv + argc}));
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

} // namespace zc::cli
