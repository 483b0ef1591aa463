// SPDX-License-Identifier: GPL-3.0-or-later
// CSS custom properties with hex colors. A comment of its own is the family of the properties below it, a
// comment behind a property its name; within comments \\ \n \r and *\/ stand for what a comment cannot have.
#include "core/color/css_color.h"
#include "core/color/text.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"

#include <set>

namespace zc {
namespace {

std::string in_comment(const std::string& text) {
  std::string out;
  for (const char c : text) {
    if (c == '\\')
      out += "\\\\";
    else if (c == '\n')
      out += "\\n";
    else if (c == '\r')
      out += "\\r";
    else if (c == '/' && !out.empty() && out.back() == '*')
      out += "\\/";
    else
      out += c;
  }
  return out;
}

std::string out_of_comment(std::string_view text) {
  std::string out;
  for (std::size_t i = 0; i < text.size(); ++i) {
    if (text[i] != '\\' || i + 1 == text.size()) {
      out += text[i];
      continue;
    }
    const char next = text[++i];
    out += next == 'n' ? '\n' : next == 'r' ? '\r' : next;
  }
  return out;
}

/// Letters and digits of any script, the rest as hyphens.
std::string property_part(const std::string& text) {
  std::string out;
  for (const char c : lower_ascii(text)) {
    const bool letter =
        (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || static_cast<unsigned char>(c) >= 0x80;
    if (letter)
      out += c;
    else if (!out.empty() && out.back() != '-')
      out += '-';
  }
  while (!out.empty() && out.back() == '-') out.pop_back();
  return out;
}

/// Goes over a sheet once, keeping the last comment and the declaration it is in.
class Scanner {
public:
  explicit Scanner(std::string_view text) : m_text(text) {}

  Result<FoundSet> read() {
    while (m_at < m_text.size() && !m_full) step();
    flush();
    return m_gathering.done("CSS");
  }

private:
  bool starts(std::string_view what) const { return m_text.substr(m_at, what.size()) == what; }

  void step() {
    if (starts("/*")) return comment();
    const char c = m_text[m_at];
    if (c == '"' || c == '\'') return quoted(c);
    if (c == '{' || c == '}' || c == ';') return end_statement();
    if (!m_statement.empty() || std::string_view(" \t\r\n\f").find(c) == std::string_view::npos)
      m_statement += c;
    if (c == '\n') m_line_of_property = false;
    ++m_at;
  }

  void comment() {
    const std::size_t end = m_text.find("*/", m_at + 2);
    const std::string words = out_of_comment(
        trimmed(m_text.substr(m_at + 2, end == std::string_view::npos ? end : end - m_at - 2)));
    m_at = end == std::string_view::npos ? m_text.size() : end + 2;
    if (m_pending && m_line_of_property)
      m_pending->name = words;
    else if (m_statement.empty()) {
      flush();
      m_family = words;
    }
  }

  void quoted(char quote) {
    const std::size_t from = m_at++;
    while (m_at < m_text.size() && m_text[m_at] != quote && m_text[m_at] != '\n')
      m_at += m_text[m_at] == '\\' ? 2 : 1;
    m_at = std::min(m_at + 1, m_text.size());
    m_statement += m_text.substr(from, m_at - from);
  }

  void end_statement() {
    const char end = m_text[m_at++];
    const std::string statement = std::exchange(m_statement, {});
    if (end == '{') return;
    if (end == '}') flush();
    const auto colon = statement.find(':');
    if (!statement.starts_with("--") || colon == std::string::npos) return;
    flush();
    const auto color = css_color(std::string_view(statement).substr(colon + 1));
    if (!color) return m_gathering.skip();
    std::string name(trimmed(std::string_view(statement).substr(2, colon - 2)));
    for (char& c : name)
      if (c == '-' || c == '_') c = ' ';
    m_pending = Pending{color->color, std::move(name)};
    m_line_of_property = true;
  }

  void flush() {
    if (m_pending) m_full = !m_gathering.add(m_family, m_pending->color, m_pending->name, "");
    m_pending.reset();
  }

  struct Pending {
    Xyz color;
    std::string name;
  };
  std::string_view m_text;
  std::size_t m_at = 0;
  std::string m_statement, m_family;
  std::optional<Pending> m_pending; ///< Read, but a comment behind it may still name it.
  bool m_line_of_property = false, m_full = false;
  Gathering m_gathering;
};

} // namespace

std::string css_text(const SwatchSet& set) {
  std::set<std::string> used;
  std::string out = ":root {\n";
  for (const auto& family : set.families) {
    if (family.swatches.empty()) continue;
    out += "\n  /* " + in_comment(family.name) + " */\n";
    for (const auto& s : family.swatches) {
      const std::string first = property_part(family.name), second = property_part(s.name);
      const std::string base = first + (first.empty() || second.empty() ? "" : "-") + second;
      std::string property = base.empty() ? "color" : base;
      for (int n = 2; used.contains(property); ++n)
        property = (base.empty() ? "color" : base) + "-" + std::to_string(n);
      used.insert(property);
      out += "  --" + property + ": " + hex_of(s.color) + "; /* " + in_comment(s.name) + " */\n";
    }
  }
  return out + "}\n";
}

Result<FoundSet> read_css(std::string_view text) { return Scanner(text).read(); }

} // namespace zc
