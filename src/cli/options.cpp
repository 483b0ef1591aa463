// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/options.h"

#include <CLI/CLI.hpp>
#include <algorithm>
#include <cmath>
#include <filesystem>

namespace zc::cli {
namespace {

/// "a, b or c".
std::string in_words(const std::vector<std::string>& words) {
  std::string out;
  for (std::size_t i = 0; i < words.size(); ++i)
    out += (i == 0 ? "" : i + 1 == words.size() ? " or " : ", ") + words[i];
  return out;
}

void need_it(CLI::Option* option, Options::Need need) {
  if (need == Options::Need::Needed) option->required();
}

} // namespace

Options Options::command(const std::string& name, const std::string& help) const {
  return Options(*m_app->add_subcommand(name, help));
}

Options Options::group(const std::string& name, const std::string& help) const {
  CLI::App* app = m_app->add_subcommand(name, help);
  app->require_subcommand(1);
  return Options(*app);
}

bool Options::parsed() const { return m_app->parsed(); }
bool Options::given(const std::string& name) const { return m_app->count(name) > 0; }

std::optional<std::string> Options::replaced_input() const {
  std::vector<const CLI::Option*> outputs;
  for (const char* name : {"--output", "--pairs"})
    if (const CLI::Option* option = m_app->get_option_no_throw(name); option && !option->empty())
      outputs.push_back(option);
  std::error_code code;
  for (const CLI::Option* option : m_app->get_options()) {
    if (std::find(outputs.begin(), outputs.end(), option) != outputs.end()) continue;
    for (const std::string& given : option->results())
      for (const CLI::Option* output : outputs)
        if (std::filesystem::equivalent(given, output->results().front(), code) && !code) return given;
  }
  return std::nullopt;
}

void Options::text(const std::string& name, std::string& target, const std::string& help, Need need) const {
  need_it(m_app->add_option(name, target, help), need);
}

void Options::texts(const std::string& name, std::vector<std::string>& target, const std::string& help,
                    Need need) const {
  need_it(m_app->add_option(name, target, help), need);
}

void Options::each(const std::string& name, const std::function<void(const std::string&)>& take,
                   const std::string& help) const {
  m_app->add_option_function<std::string>(name, take, help)->trigger_on_parse()->take_all();
}

void Options::whole(const std::string& name, int& target, const std::string& help) const {
  m_app->add_option(name, target, help);
}

void Options::number(const std::string& name, double& target, const std::string& help) const {
  const auto take = [&target, name](double given) {
    if (!std::isfinite(given)) throw CLI::ValidationError(name, "this number is too large or none.");
    target = given;
  };
  m_app->add_option_function<double>(name, take, help)->type_name("NUMBER");
}

void Options::flag(const std::string& name, bool& target, const std::string& help) const {
  m_app->add_flag(name, target, help);
}

void Options::add_choice(const std::string& name, const std::vector<std::string>& words,
                         const std::string& help, const std::function<void(std::size_t)>& take,
                         Need need) const {
  const auto chosen = [words, name, take](const std::string& given) {
    for (std::size_t i = 0; i < words.size(); ++i)
      if (words[i] == given) return take(i);
    throw CLI::ValidationError(name, "\"" + given + "\" is no such choice; give " + in_words(words) + ".");
  };
  const std::string text = help + ": " + in_words(words);
  need_it(m_app->add_option_function<std::string>(name, chosen, text)->type_name("WORD"), need);
}

} // namespace zc::cli
