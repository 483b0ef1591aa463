// SPDX-License-Identifier: GPL-3.0-or-later
// One line of text for a color, in the shape a user gives it: words with fields in braces.
#pragma once

#include "core/base/result.h"
#include "core/color/spaces.h"

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace zc {

/// What the fields of a line are filled with.
struct LineFields {
  Srgb color;
  std::string name = {}, family = {}, note = {}, set = {}, title = {};
  int number = 1; ///< From 1.
  int count = 1;
};

/// "{r:3} {g:3} {b:3}  {name}". Fields:
///   {hex}                    six hexadecimal digits
///   {r} {g} {b}              0..255
///   {L} {a*} {b*}            CIELAB relative to D65, two digits after the point
///   {value} {chroma} {hue}   LCh(ab) relative to D65, two digits after the point; hue in degrees
///   {name} {family} {note} {set} {title}
///   {n} {count}
/// A number behind a colon is the least width, 1 to 99; what is shorter is moved to the right, words to the
/// left. "{{" and "}}" are braces; one "}" alone is one too. Line ends within words become spaces, so that a
/// line stays one.
class LinePattern {
public:
  /// ERRORS: BadInput for an unknown or open field; the place is its byte, from 1.
  [[nodiscard]] static Result<LinePattern> read(std::string_view pattern);
  [[nodiscard]] std::string line(const LineFields& fields) const;
  /// Names of the fields, in order.
  [[nodiscard]] std::vector<std::string> fields() const;
  /// What the fields of a line of this shape were filled with, without the spaces around it; nothing for a
  /// line of another shape. Where a line can be read in several ways the earliest ends count. Each end that a
  /// field could have takes one of the tries, and a line no more than some; without tries nothing is read.
  [[nodiscard]] std::optional<std::map<std::string, std::string>> read_line(std::string_view line,
                                                                            int& tries) const;
  /// Two fields with nothing between them that could not be told apart.
  [[nodiscard]] std::optional<std::pair<std::string, std::string>> inseparable() const;

private:
  struct Part {
    std::string words; ///< As they are, or the name of a field.
    bool field = false;
    std::size_t width = 0;
  };
  bool read_from(std::size_t part, std::string_view rest, std::map<std::string, std::string>& into,
                 int& tries) const;
  bool read_field(std::size_t part, std::string_view rest, std::map<std::string, std::string>& into,
                  int& tries) const;
  bool fills(std::size_t part, std::string_view rest, std::size_t end,
             std::map<std::string, std::string>& into, int& tries) const;
  std::vector<Part> m_parts;
};

} // namespace zc
