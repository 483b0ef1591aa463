// SPDX-License-Identifier: GPL-3.0-or-later
// The options of a command, without the library that parses them: its headers take long to compile.
#pragma once

#include "core/base/range.h"
#include "core/base/word.h"

#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace zc::cli {

/// A format that a command writes: its word for --format and the endings of such files, with the dot, in
/// small letters. Without an ending every name is right.
struct FileFormat {
  std::string word;
  std::vector<std::string> endings;
};
[[nodiscard]] std::vector<FileFormat> picture_formats();

/// A file to be written, as the line has it.
struct OutputFile {
  std::string path;        ///< Empty where none was named.
  std::size_t format = 0;  ///< Of the formats that the command writes.
  std::string format_word; ///< What --format says; empty where it is left out.
  [[nodiscard]] bool named() const { return !path.empty(); }
};

/// The files of one command, and the words of its choices.
struct CommandFiles {
  std::map<std::string, std::vector<std::string>> choices; ///< By the name of the option, without dashes.
  struct In {
    std::string option;
    std::string* one = nullptr;               ///< Or
    std::vector<std::string>* many = nullptr; ///< a list.
    bool changed = false; ///< The command changes this very piece where no output is named.
  };
  struct Out {
    std::string option;
    OutputFile* file = nullptr;
    std::vector<FileFormat> formats;
    bool folder = false; ///< It may be a folder that is there.
  };
  std::vector<In> in;
  std::vector<Out> out;
};

/// A handle to the program or one of its commands. Targets must live as long as the parsing; names without
/// dashes are given by their place. A help text ends with what is taken and what stands when it is left out.
class Options {
public:
  explicit Options(CLI::App& app) : m_app(&app), m_files(std::make_shared<CommandFiles>()) {}
  [[nodiscard]] Options command(const std::string& name, const std::string& help) const;
  /// The same for a command that has commands of its own.
  [[nodiscard]] Options group(const std::string& name, const std::string& help) const;
  [[nodiscard]] bool parsed() const;
  [[nodiscard]] bool is(const CLI::App& app) const { return m_app == &app; }
  [[nodiscard]] bool given(const std::string& name) const;
  /// Whether --force was given.
  [[nodiscard]] bool forced() const;
  [[nodiscard]] CommandFiles& files() const { return *m_files; }

  enum class Need { MayBeLeftOut, Needed };
  void text(const std::string& name, std::string& target, const std::string& help,
            Need need = Need::MayBeLeftOut) const;
  /// With dashes once for each; by place as many as there are.
  void texts(const std::string& name, std::vector<std::string>& target, const std::string& help,
             Need need = Need::MayBeLeftOut) const;
  /// Calls take() for each time it is given, in the order of the line.
  void each(const std::string& name, const std::function<void(const std::string&)>& take,
            const std::string& help) const;
  /// A whole number of a range, both ends included; another is refused in a sentence.
  void whole(const std::string& name, int& target, Range range, const std::string& help) const;
  /// Likewise; no infinity.
  void number(const std::string& name, double& target, Range range, const std::string& help) const;
  /// One that stands for something only where it is given.
  void number(const std::string& name, std::optional<double>& target, Range range,
              const std::string& help) const;
  void flag(const std::string& name, bool& target, const std::string& help) const;

  /// A file that is read; "-" is standard input.
  void input(const std::string& name, std::string& target, const std::string& help,
             Need need = Need::Needed) const;
  /// By place as many as there are, at least one; with dashes once for each, or none.
  void inputs(const std::string& name, std::vector<std::string>& target, const std::string& help) const;
  /// The piece that a command changes: it is read, and written where no other file is named with -o.
  void changed_piece(std::string& target, OutputFile& output) const;
  /// -o, --output and, where there are several formats, --format. "-" is standard output.
  void output(OutputFile& target, const std::vector<FileFormat>& formats, const std::string& help,
              Need need = Need::Needed, const std::string& name = "-o,--output") const;

  /// One of these words. Another is refused in a sentence that names them; the help does too.
  template <class E, class Words>
  void choice(const std::string& name, const Words& words, const std::string& help,
              const std::function<void(E)>& take, Need need = Need::MayBeLeftOut,
              const std::string& unsaid = {}) const {
    std::vector<std::string> all;
    std::vector<E> values;
    for (const Word<E>& w : words) {
      all.emplace_back(w.word);
      values.push_back(w.value);
    }
    add_choice(
        name, all, help, [values, take](std::size_t i) { take(values[i]); }, need, unsaid);
  }
  template <class E, class Words>
  void choice(const std::string& name, const Words& words, const std::string& help, E& target,
              Need need = Need::MayBeLeftOut) const {
    std::string unsaid;
    for (const Word<E>& w : words)
      if (need == Need::MayBeLeftOut && w.value == target) unsaid = w.word;
    choice<E>(name, words, help, std::function<void(E)>([&target](E value) { target = value; }), need,
              unsaid);
  }

private:
  void add_choice(const std::string& name, const std::vector<std::string>& words, const std::string& help,
                  const std::function<void(std::size_t)>& take, Need need, const std::string& unsaid) const;
  CLI::App* m_app;
  std::shared_ptr<CommandFiles> m_files;
};

/// "a, b or c".
[[nodiscard]] std::string in_words(const std::vector<std::string>& words);

} // namespace zc::cli
