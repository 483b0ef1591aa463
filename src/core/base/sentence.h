// SPDX-License-Identifier: GPL-3.0-or-later
// What is said to the user: a sentence by its id, and what stands in it. In English here; a window says it
// in its own language, by the id.
#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace zc {

/// sentences.h has them by name.
enum class Sentence : std::uint16_t;
/// What has been said elsewhere already, in the language of whoever reads it.
inline constexpr Sentence kAsSaid{0};

/// The English of it, with %1 to %4 where something stands in it.
[[nodiscard]] const char* english(Sentence sentence);

struct Saying;

/// A word of the core, as in "swatches", which other languages have their own for.
struct Term {
  std::string_view word;
};

/// What stands in a sentence.
class Argument {
public:
  enum class Kind { Name, Term, Saying };
  /// A name or a number, the same in every language.
  Argument(std::string name);
  Argument(const char* name);
  Argument(std::string_view name);
  Argument(int number);
  Argument(std::size_t number);
  Argument(Term term);
  Argument(Saying saying);
  [[nodiscard]] Kind kind() const { return m_kind; }
  [[nodiscard]] const std::string& text() const { return m_text; }
  /// REQUIRES that it is one.
  [[nodiscard]] const Saying& saying() const;
  bool operator==(const Argument&) const;

private:
  Kind m_kind;
  std::string m_text;
  std::vector<Saying> m_saying; ///< One or none.
};

struct Saying {
  Saying(Sentence says) : sentence(says) {}
  Saying(Sentence says, std::vector<Argument> standing) : sentence(says), with(std::move(standing)) {}
  Sentence sentence;
  std::vector<Argument> with = {}; ///< For %1, %2 and so on.
  bool operator==(const Saying&) const = default;
};

inline Argument::Argument(const char* name) : Argument(std::string(name)) {}
inline Argument::Argument(std::string_view name) : Argument(std::string(name)) {}
inline Argument::Argument(int number) : Argument(std::to_string(number)) {}
inline Argument::Argument(std::size_t number) : Argument(std::to_string(number)) {}

template <class... Arguments> [[nodiscard]] Saying say(Sentence sentence, Arguments&&... with) {
  return {sentence, {Argument(std::forward<Arguments>(with))...}};
}
[[nodiscard]] inline Saying as_said(std::string sentence) { return say(kAsSaid, std::move(sentence)); }

/// The sentence in English.
[[nodiscard]] std::string in_english(const Saying& saying);

} // namespace zc
