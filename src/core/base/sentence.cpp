// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/sentence.h"

namespace zc {

Argument::Argument(std::string name) : m_kind(Kind::Name), m_text(std::move(name)) {}
Argument::Argument(Term term) : m_kind(Kind::Term), m_text(term.word) {}
Argument::Argument(Saying saying) : m_kind(Kind::Saying), m_saying{std::move(saying)} {}

const Saying& Argument::saying() const { return m_saying.front(); }

bool Argument::operator==(const Argument& o) const {
  return m_kind == o.m_kind && m_text == o.m_text && m_saying == o.m_saying;
}

std::string in_english(const Saying& saying) {
  std::string out;
  const std::string_view pattern = english(saying.sentence);
  for (std::size_t i = 0; i < pattern.size(); ++i) {
    const std::size_t place =
        pattern[i] == '%' && i + 1 < pattern.size() ? static_cast<std::size_t>(pattern[i + 1] - '1') : 9;
    if (place >= saying.with.size()) {
      out += pattern[i];
      continue;
    }
    const Argument& with = saying.with[place];
    out += with.kind() == Argument::Kind::Saying ? in_english(with.saying()) : with.text();
    ++i;
  }
  return out;
}

} // namespace zc
