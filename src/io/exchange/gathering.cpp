// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/exchange/gathering.h"

#include "core/base/sentences.h"
#include "io/exchange/exchange.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace zc {

bool Gathering::add(const std::string& family, FoundColor color) {
  if (++m_count > kMostFoundColors) return false;
  auto at = std::find_if(m_found.families.rbegin(), m_found.families.rend(),
                         [&](const FoundFamily& f) { return f.name == family; });
  if (at == m_found.families.rend()) {
    m_found.families.push_back({family});
    at = m_found.families.rbegin();
  }
  at->colors.push_back(std::move(color));
  return true;
}

bool Gathering::add(const std::string& family, Xyz color, FoundColor found) {
  if (!std::isfinite(color.x) || !std::isfinite(color.y) || !std::isfinite(color.z)) {
    skip();
    return true;
  }
  const Displayed shown = displayed(color);
  if (shown.moved) ++m_moved;
  found.color = shown.color;
  return add(family, std::move(found));
}

Result<FoundSet> Gathering::done(const char* format) {
  if (m_count > kMostFoundColors)
    return Error{ErrorCode::TooLarge, say(Sentence::TooManyColors, std::to_string(kMostFoundColors)), format};
  if (m_count == 0) return Error{ErrorCode::Damaged, say(Sentence::NoColorAs, Term{format}), format};
  const auto note = [this](std::size_t n, Sentence one, Sentence many) {
    if (n > 0) m_found.remarks.push_back(n == 1 ? Saying(one) : say(many, n));
  };
  note(m_moved, Sentence::OneColorMoved, Sentence::ColorsMoved);
  note(m_skipped, Sentence::OneEntryLeftOut, Sentence::EntriesLeftOut);
  return std::move(m_found);
}

std::string number_text(double x) {
  char text[40];
  const auto end = std::to_chars(text, text + sizeof text, x == 0 ? 0.0 : x);
  return {text, end.ptr};
}

std::optional<double> number_of(std::string_view text) {
  text = trimmed(text);
  if (!text.empty() && text[0] == '+') text.remove_prefix(1);
  double x = 0;
  const auto read = std::from_chars(text.data(), text.data() + text.size(), x);
  if (read.ec != std::errc() || read.ptr != text.data() + text.size() || !std::isfinite(x))
    return std::nullopt;
  return x;
}

std::string on_one_line(std::string_view text) {
  std::string out;
  for (std::size_t i = 0; i < text.size(); ++i) {
    if (text[i] == '\r' && i + 1 < text.size() && text[i + 1] == '\n') continue;
    out += text[i] == '\n' || text[i] == '\r' ? ' ' : text[i];
  }
  return out;
}

} // namespace zc
