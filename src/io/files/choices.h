// Options of a command line that are choices in words, or numbers.
#pragma once

#include "core/base/word.h"

#include <CLI/CLI.hpp>
#include <cmath>
#include <string>
#include <vector>

namespace zc {

/// "a, b or c".
[[nodiscard]] inline std::string in_words(const std::vector<std::string>& words) {
  std::string out;
  for (std::size_t i = 0; i < words.size(); ++i)
    out += (i == 0 ? "" : i + 1 == words.size() ? " or " : ", ") + words[i];
  return out;
}

/// Calls take(value) for the word given. A word that is none is refused in one sentence; the help names them
/// all.
template <class E, class Words, class Take>
CLI::Option* add_choice(CLI::App& command, const std::string& name, const Words& words,
                        const std::string& help, const Take& take) {
  std::vector<std::pair<std::string, E>> choices;
  std::vector<std::string> all;
  for (const auto& w : words) {
    choices.emplace_back(std::string(w.word), w.value);
    all.emplace_back(w.word);
  }
  const auto chosen = [choices, all, name, take](const std::string& given) {
    for (const auto& [word, value] : choices)
      if (word == given) return take(value);
    throw CLI::ValidationError(name, "\"" + given + "\" is no such choice; give " + in_words(all) + ".");
  };
  return command.add_option_function<std::string>(name, chosen, help + ": " + in_words(all))
      ->type_name("WORD");
}
template <class E, class Words>
CLI::Option* add_choice(CLI::App& command, const std::string& name, const Words& words,
                        const std::string& help, E& target) {
  return add_choice<E>(command, name, words, help, [&target](E value) { target = value; });
}

/// A number that is one: no infinity, and nothing beyond what can be reckoned with.
inline CLI::Option* add_number(CLI::App& command, const std::string& name, double& target,
                               const std::string& help) {
  const auto take = [&target, name](double given) {
    if (!std::isfinite(given)) throw CLI::ValidationError(name, "this number is too large or none.");
    target = given;
  };
  return command.add_option_function<double>(name, take, help)->type_name("NUMBER");
}

} // namespace zc
