// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/completion.h"

#include "io/container/piece_file.h"

#include <CLI/CLI.hpp>
#include <filesystem>

namespace zc::cli {
namespace {

/// The command that the words before the last one have come to, and its arguments so far.
struct Place {
  const CLI::App* app;
  std::vector<std::string> arguments; ///< By place.
  const CLI::Option* waits = nullptr; ///< An option whose value is next.
};

const CLI::App* command_named(const CLI::App& app, const std::string& name) {
  for (const CLI::App* one : app.get_subcommands([](const CLI::App*) { return true; }))
    if (one->get_name() == name) return one;
  return nullptr;
}

bool is_group(const CLI::App& app) {
  return !app.get_subcommands([](const CLI::App*) { return true; }).empty();
}

const CLI::Option* option_named(const CLI::App& app, const std::string& name) {
  for (const CLI::App* at = &app; at; at = at->get_parent())
    if (const CLI::Option* option = at->get_option_no_throw(name)) return option;
  return nullptr;
}

Place place_of(const CLI::App& app, const std::vector<std::string>& words) {
  Place out{&app, {}};
  for (std::size_t i = 0; i + 1 < words.size(); ++i) {
    const std::string& word = words[i];
    if (std::exchange(out.waits, nullptr)) continue;
    if (word.size() > 1 && word[0] == '-') {
      const CLI::Option* option = option_named(*out.app, word);
      if (option && option->get_items_expected_max() > 0) out.waits = option;
    } else if (const CLI::App* inner = is_group(*out.app) ? command_named(*out.app, word) : nullptr) {
      out.app = inner;
    } else {
      out.arguments.push_back(word);
    }
  }
  return out;
}

/// Of the first piece that the line names; nothing without one.
std::optional<Piece> piece_of(const std::vector<std::string>& words) {
  for (const std::string& word : words) {
    std::error_code code;
    if (word.empty() || word[0] == '-' || !std::filesystem::is_regular_file(word, code) ||
        !is_piece_file(word))
      continue;
    if (auto piece = piece_without_photos(word)) return std::move(piece).value();
  }
  return std::nullopt;
}

using Names = std::vector<std::string>;
template <class List> void add_names(Names& out, const List& all) {
  for (const auto& one : all) out.push_back(one.name);
}

/// What an argument of this name is called in the piece.
Names names_in(const Piece& piece, const std::string& argument, const std::string& set_named) {
  Names out;
  const SwatchSet* named = find_set_by_name(piece, set_named);
  const SwatchSet& set = named ? *named : *current_set(piece);
  if (argument == "set") add_names(out, piece.sets);
  if (argument == "version" || argument == "from" || argument == "to") add_names(out, set.versions);
  if (argument == "family" || argument == "into") add_names(out, set.families);
  if (argument == "reference") add_names(out, piece.references);
  if (argument == "paint") add_names(out, piece.paints);
  if (argument == "swatch" || argument == "swatches" || argument == "first" || argument == "second")
    for (const Family& family : set.families)
      for (const Swatch& s : family.swatches) out.push_back(family.name + "/" + s.name);
  return out;
}

std::string value_after(const std::vector<std::string>& words, const std::string& option) {
  const auto at = std::find(words.begin(), words.end(), option);
  return at == words.end() || at + 1 == words.end() ? std::string() : *(at + 1);
}

const CommandFiles* files_of(const CLI::App& app, const std::vector<Command>& commands) {
  for (const Command& command : commands)
    if (command.options.is(app)) return &command.options.files();
  return nullptr;
}

/// ":files" with the endings of what is written under this name.
std::string files_wanted(const std::string& name, const CommandFiles* files) {
  std::string wanted = ":files";
  for (const auto& out : files ? files->out : std::vector<CommandFiles::Out>())
    if (out.option.find("--" + name) != std::string::npos || out.option == name)
      for (const FileFormat& format : out.formats)
        for (const std::string& ending : format.endings) wanted += " " + ending;
  if (name == "piece") wanted += " .zonachrom";
  if (name == "parcel") wanted += " .zonaparcel";
  return wanted;
}

/// The words of a choice, the names in the piece, or the files that are wanted.
Names values(const CLI::Option& option, const CommandFiles* files, const std::vector<std::string>& words) {
  const std::string& name = option.get_single_name();
  if (files)
    if (const auto choice = files->choices.find(name); choice != files->choices.end()) return choice->second;
  if (option.get_type_name() == "FILE") return {files_wanted(name, files)};
  const auto piece = piece_of(words);
  return piece ? names_in(*piece, name, value_after(words, "--set")) : Names();
}

void add_options(Names& out, const CLI::App& app) {
  for (const CLI::App* at = &app; at; at = at->get_parent())
    for (const CLI::Option* option : at->get_options())
      for (const std::string& name : option->get_lnames()) out.push_back("--" + name);
}

} // namespace

std::string completions(const CLI::App& app, const std::vector<Command>& commands,
                        const std::vector<std::string>& words) {
  const std::string typed = words.empty() ? std::string() : words.back();
  const Place at = place_of(app, words);
  const CommandFiles* files = files_of(*at.app, commands);
  Names all;
  if (at.waits) {
    all = values(*at.waits, files, words);
  } else if (!typed.empty() && typed[0] == '-') {
    add_options(all, *at.app);
  } else if (is_group(*at.app)) {
    for (const CLI::App* one : at.app->get_subcommands([](const CLI::App*) { return true; }))
      all.push_back(one->get_name());
  } else {
    std::vector<const CLI::Option*> by_place;
    for (const CLI::Option* option : at.app->get_options())
      if (option->get_positional()) by_place.push_back(option);
    if (!by_place.empty())
      all = values(*by_place[std::min(at.arguments.size(), by_place.size() - 1)], files, words);
  }
  std::string out;
  for (const std::string& one : all)
    if (one.starts_with(":files") || one.starts_with(typed)) out += one + "\n";
  return out;
}

} // namespace zc::cli
