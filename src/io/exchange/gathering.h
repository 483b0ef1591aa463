// SPDX-License-Identifier: GPL-3.0-or-later
// What the readers share: gathering colors into families, and counting what could not be taken as it was.
#pragma once

#include "core/base/text.h"
#include "core/color/named_spaces.h"
#include "core/piece/import.h"

#include <string>

namespace zc {

class Gathering {
public:
  /// False when there are more colors than are read.
  [[nodiscard]] bool add(const std::string& family, FoundColor color);
  /// The same with a color that may lie outside the display; what stands for it becomes that of `found`.
  [[nodiscard]] bool add(const std::string& family, Xyz color, FoundColor found);
  [[nodiscard]] bool add(const std::string& family, Xyz color, std::string name, std::string note) {
    return add(family, color, FoundColor{{}, std::move(name), std::move(note)});
  }
  /// Something that looked like a color and could not be read.
  void skip() { ++m_skipped; }
  void name(std::string name) { m_found.name = std::move(name); }
  /// ERRORS: Damaged when nothing was found, TooLarge when there was too much.
  [[nodiscard]] Result<FoundSet> done(const char* format);

private:
  FoundSet m_found;
  std::size_t m_count = 0, m_moved = 0, m_skipped = 0;
};

/// Shortest text that reads back as the same number, C locale.
[[nodiscard]] std::string number_text(double x);
/// A whole text as a number in the C locale, or nothing.
[[nodiscard]] std::optional<double> number_of(std::string_view text);
/// The text with every line break as one space.
[[nodiscard]] std::string on_one_line(std::string_view text);

} // namespace zc
