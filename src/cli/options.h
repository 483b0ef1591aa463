// SPDX-License-Identifier: GPL-3.0-or-later
// The options of a command, without the library that parses them: its headers take long to compile.
#pragma once

#include "core/base/word.h"

#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace zc::cli {

/// A handle to the program or one of its commands. Targets must live as long as the parsing; names without
/// dashes are given by their place.
class Options {
public:
  explicit Options(CLI::App& app) : m_app(&app) {}
  [[nodiscard]] Options command(const std::string& name, const std::string& help) const;
  /// The same for a command that has commands of its own.
  [[nodiscard]] Options group(const std::string& name, const std::string& help) const;
  [[nodiscard]] bool parsed() const;
  [[nodiscard]] bool given(const std::string& name) const;
  /// The file that was given to be read, or to be changed, and would be replaced by the one to be written
  /// (-o); nothing where there is none.
  [[nodiscard]] std::optional<std::string> replaced_input() const;

  enum class Need { MayBeLeftOut, Needed };
  void text(const std::string& name, std::string& target, const std::string& help,
            Need need = Need::MayBeLeftOut) const;
  void texts(const std::string& name, std::vector<std::string>& target, const std::string& help,
             Need need = Need::MayBeLeftOut) const;
  /// Calls take() for each time it is given, in the order of the line.
  void each(const std::string& name, const std::function<void(const std::string&)>& take,
            const std::string& help) const;
  void whole(const std::string& name, int& target, const std::string& help) const;
  /// A number that is one: no infinity.
  void number(const std::string& name, double& target, const std::string& help) const;
  void flag(const std::string& name, bool& target, const std::string& help) const;

  /// One of these words. Another is refused in a sentence that names them; the help does too.
  template <class E, class Words>
  void choice(const std::string& name, const Words& words, const std::string& help,
              const std::function<void(E)>& take, Need need = Need::MayBeLeftOut) const {
    std::vector<std::string> all;
    std::vector<E> values;
    for (const Word<E>& w : words) {
      all.emplace_back(w.word);
      values.push_back(w.value);
    }
    add_choice(
        name, all, help, [values, take](std::size_t i) { take(values[i]); }, need);
  }
  template <class E, class Words>
  void choice(const std::string& name, const Words& words, const std::string& help, E& target,
              Need need = Need::MayBeLeftOut) const {
    choice<E>(name, words, help, std::function<void(E)>([&target](E value) { target = value; }), need);
  }

private:
  void add_choice(const std::string& name, const std::vector<std::string>& words, const std::string& help,
                  const std::function<void(std::size_t)>& take, Need need) const;
  CLI::App* m_app;
};

} // namespace zc::cli
