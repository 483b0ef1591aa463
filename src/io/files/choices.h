// An option of a command line that is a choice in words.
#pragma once

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

/// Calls take(index) for the word given. A word that is none is refused in one sentence; the help names them
/// all.
inline CLI::Option* add_choice(CLI::App& command, const std::string& name,
                               const std::vector<std::string>& words, const std::string& help,
                               const std::function<void(std::size_t)>& take) {
  const auto chosen = [words, name, take](const std::string& given) {
    for (std::size_t i = 0; i < words.size(); ++i)
      if (words[i] == given) return take(i);
    throw CLI::ValidationError(name, "\"" + given + "\" is no such choice; give " + in_words(words) + ".");
  };
  return command.add_option_function<std::string>(name, chosen, help + ": " + in_words(words))
      ->type_name("WORD");
}

} // namespace zc
