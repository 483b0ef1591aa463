// SPDX-License-Identifier: GPL-3.0-or-later
// CGATS.17 tables through Little CMS: RGB 0..255 as sRGB, CIELAB relative to D50, names and families as text.
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"

#include <lcms2.h>

#include <algorithm>
#include <memory>

namespace zc {
namespace {

struct Complaint {
  std::string text;
};

void note_complaint(cmsContext context, cmsUInt32Number, const char* text) {
  auto* complaint = static_cast<Complaint*>(cmsGetContextUserData(context));
  if (complaint && complaint->text.empty()) complaint->text = text;
}

/// A context that keeps the library's complaints to itself.
class Context {
public:
  Context() : m_context(cmsCreateContext(nullptr, &m_complaint)) {
    cmsSetLogErrorHandlerTHR(m_context, note_complaint);
  }
  ~Context() { cmsDeleteContext(m_context); }
  Context(const Context&) = delete;
  Context& operator=(const Context&) = delete;
  [[nodiscard]] cmsContext get() const { return m_context; }
  [[nodiscard]] const std::string& complaint() const { return m_complaint.text; }

private:
  Complaint m_complaint;
  cmsContext m_context;
};

struct Release {
  void operator()(void* table) const { cmsIT8Free(table); }
};
using Table = std::unique_ptr<void, Release>;

constexpr const char* kColumns[] = {"SAMPLE_ID", "SAMPLE_NAME", "FAMILY", "RGB_R", "RGB_G",
                                    "RGB_B",     "LAB_L",       "LAB_A",  "LAB_B"};
constexpr std::size_t kLongestText = 1000; // The library reads strings of up to 1023 bytes.

/// The format has no way to write quotes or line breaks within text. The space at the end makes the library
/// quote a single word too, without which it could not read letters beyond ASCII again; without_spaces()
/// takes it out of what was written.
std::string table_text(const std::string& text) {
  std::string out = on_one_line(text);
  std::replace(out.begin(), out.end(), '"', '\'');
  if (out.size() > kLongestText) out.resize(kLongestText);
  return out + " ";
}

std::string text_at(cmsHANDLE table, int row, int column) {
  const char* text = column < 0 ? nullptr : cmsIT8GetDataRowCol(table, row, column);
  return text ? text : "";
}

std::optional<std::array<double, 3>> three_at(cmsHANDLE table, int row, const std::array<int, 3>& columns) {
  std::array<double, 3> out{};
  for (std::size_t i = 0; i < 3; ++i) {
    const auto number = columns[i] < 0 ? std::nullopt : number_of(text_at(table, row, columns[i]));
    if (!number) return std::nullopt;
    out[i] = *number;
  }
  return out;
}

/// The library's words on one line, without what it sets around them.
std::string in_a_sentence(const std::string& complaint) {
  std::string out = on_one_line(complaint);
  const auto from = out.find_first_not_of(" :"), to = out.find_last_not_of(" .\t");
  return from == std::string::npos ? "it cannot be read" : out.substr(from, to - from + 1);
}

bool write_head(cmsHANDLE h, const SwatchSet& set) {
  bool good = cmsIT8SetSheetType(h, "CGATS.17") && cmsIT8SetPropertyStr(h, "ORIGINATOR", "Zonachrom") &&
              cmsIT8SetPropertyStr(h, "DESCRIPTOR", table_text(set.name).c_str()) &&
              cmsIT8SetPropertyDbl(h, "NUMBER_OF_FIELDS", std::size(kColumns)) &&
              cmsIT8SetPropertyDbl(h, "NUMBER_OF_SETS", static_cast<double>(swatch_count(set)));
  for (int i = 0; good && i < static_cast<int>(std::size(kColumns)); ++i)
    good = cmsIT8SetDataFormat(h, i, kColumns[i]);
  return good;
}

bool write_row(cmsHANDLE h, int row, const Family& family, const Swatch& s) {
  const LabD50 lab = lab_d50_from_srgb(s.color);
  const double numbers[] = {s.color.r * 255, s.color.g * 255, s.color.b * 255, lab.l, lab.a, lab.b};
  bool good = cmsIT8SetDataRowCol(h, row, 0, std::to_string(row + 1).c_str()) &&
              cmsIT8SetDataRowCol(h, row, 1, table_text(s.name).c_str()) &&
              cmsIT8SetDataRowCol(h, row, 2, table_text(family.name).c_str());
  for (int i = 0; good && i < 6; ++i) good = cmsIT8SetDataRowColDbl(h, row, 3 + i, numbers[i]);
  return good;
}

/// Between quotes the texts end with the space of table_text(), which is none of theirs.
std::string without_spaces(std::string table) {
  bool quoted = false;
  std::size_t to = 0;
  for (const char c : table) {
    if (c == '"' && quoted && to > 0 && table[to - 1] == ' ') --to;
    if (c == '"') quoted = !quoted;
    table[to++] = c;
  }
  table.resize(to);
  return table;
}

bool write_rows(cmsHANDLE h, const SwatchSet& set) {
  int row = 0;
  for (const auto& family : set.families)
    for (const auto& s : family.swatches)
      if (!write_row(h, row++, family, s)) return false;
  return true;
}

/// Where the columns of a table stand that are read; -1 for one it has not.
struct Columns {
  explicit Columns(cmsHANDLE h) {
    char** names = nullptr;
    const int fields = cmsIT8EnumDataFormat(h, &names);
    const auto column = [&](std::string_view wanted) {
      for (int i = 0; i < fields; ++i)
        if (names && names[i] && wanted == names[i]) return i;
      return -1;
    };
    name = column("SAMPLE_NAME") >= 0 ? column("SAMPLE_NAME") : column("SAMPLE_ID");
    family = column("FAMILY");
    rgb = {column("RGB_R"), column("RGB_G"), column("RGB_B")};
    lab = {column("LAB_L"), column("LAB_A"), column("LAB_B")};
    xyz = {column("XYZ_X"), column("XYZ_Y"), column("XYZ_Z")};
  }
  int name = -1, family = -1;
  std::array<int, 3> rgb{}, lab{}, xyz{};
};

std::optional<Xyz> color_at(cmsHANDLE h, int row, const Columns& columns) {
  std::optional<Xyz> measured;
  if (const auto l = three_at(h, row, columns.lab)) measured = xyz_from_lab_d50({(*l)[0], (*l)[1], (*l)[2]});
  if (const auto x = three_at(h, row, columns.xyz); x && !measured)
    measured = xyz_d65_from_d50({(*x)[0] / 100, (*x)[1] / 100, (*x)[2] / 100});
  const auto r = three_at(h, row, columns.rgb);
  if (!r) return measured;
  const Xyz by_rgb = xyz_from_srgb({(*r)[0] / 255, (*r)[1] / 255, (*r)[2] / 255});
  // Device values of another device than ours do not agree with the measured ones.
  const bool ours = !measured || ciede2000(lab_from_xyz(by_rgb), lab_from_xyz(*measured)) < 1;
  return ours ? by_rgb : measured;
}

/// A table may ask for other files to be put in its place; what is read is this file and no other.
bool wants_others(std::string_view text) {
  const std::string lower = lower_ascii(text);
  return lower.find(".include") != std::string::npos || lower.find("$include") != std::string::npos;
}

} // namespace

Result<std::string> cgats_text(const SwatchSet& set) {
  const Context context;
  const Table table(cmsIT8Alloc(context.get()));
  cmsHANDLE h = table.get();
  cmsUInt32Number size = 0;
  bool good = h && write_head(h, set) && write_rows(h, set) && cmsIT8SaveToMem(h, nullptr, &size);
  std::string out(size, '\0');
  good = good && cmsIT8SaveToMem(h, out.data(), &size);
  if (!good) return Error{ErrorCode::Unwritable, say(Sentence::CgatsNotMade, context.complaint()), "cgats"};
  out.resize(std::min<std::size_t>(size, out.size()));
  while (!out.empty() && out.back() == '\0') out.pop_back();
  return without_spaces(std::move(out));
}

Result<FoundSet> read_cgats(std::string_view text) {
  if (text.empty()) return Gathering().done("CGATS"); // The library takes it for a mistake of ours.
  if (wants_others(text)) return Error{ErrorCode::Damaged, Sentence::TableIncludes, "include"};
  const Context context;
  const std::string copy(text); // The library reads to a closing zero.
  const Table table(cmsIT8LoadFromMem(context.get(), copy.data(), static_cast<cmsUInt32Number>(copy.size())));
  if (!table)
    return Error{ErrorCode::Damaged, say(Sentence::TableBroken, in_a_sentence(context.complaint())), "cgats"};
  cmsHANDLE h = table.get();
  Gathering gathering;
  const char* described = cmsIT8GetProperty(h, "DESCRIPTOR");
  gathering.name(described ? std::string(trimmed(described)) : "");
  const Columns columns(h);
  const double sets = cmsIT8GetPropertyDbl(h, "NUMBER_OF_SETS");
  const int rows = static_cast<int>(std::clamp(sets, 0.0, static_cast<double>(kMostFoundColors + 1)));
  for (int row = 0; row < rows; ++row) {
    const auto color = color_at(h, row, columns);
    if (!color) {
      gathering.skip();
      continue;
    }
    if (!gathering.add(std::string(trimmed(text_at(h, row, columns.family))), *color,
                       std::string(trimmed(text_at(h, row, columns.name))), ""))
      break;
  }
  return gathering.done("CGATS");
}

} // namespace zc
