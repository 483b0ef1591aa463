// SPDX-License-Identifier: GPL-3.0-or-later
// The words that stand for choices in files and on the command line.
#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace zc {

template <class E> struct Word {
  E value;
  std::string_view word;
};

template <class E, std::size_t N> [[nodiscard]] std::string word_for(const Word<E> (&words)[N], E value) {
  for (const auto& w : words)
    if (w.value == value) return std::string(w.word);
  return {};
}

/// The value of a word, or nothing.
template <class E, std::size_t N>
[[nodiscard]] std::optional<E> value_of_word(const Word<E> (&words)[N], std::string_view word) {
  for (const auto& w : words)
    if (w.word == word) return w.value;
  return std::nullopt;
}

} // namespace zc
