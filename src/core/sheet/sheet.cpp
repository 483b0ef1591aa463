// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sheet/sheet.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/grading/grading.h"
#include "core/sheet/picker_words.h"
#include "core/wheel/color_words.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <utility>

namespace zc {
namespace {

constexpr double kMillimetre = 72 / 25.4;
constexpr double kTitleSize = 20, kWordsSize = 10.5, kHeadingSize = 10.5, kNoteSize = 7.8, kSmallSize = 8;
constexpr double kGap = 12, kChipWidth = 34, kLeastCell = 106, kLargestCell = 190, kChipGap = 6;
constexpr double kLeastLargeCell = 96, kLargestLargeCell = 180, kSetSize = 13, kLargestHeading = 60;
constexpr double kStaffHeight = 190, kStaffColumn = 62, kLeastInner = 110;
constexpr std::array kPictureShares{0.4, 0.36, 0.32, 0.28, 0.24};
constexpr std::size_t kTitleLines = 3, kWordsLines = 3, kNameLines = 2;

double line_of(double size) { return size * kLineHeight; }

std::string whole(double x) { return std::to_string(std::lround(x)); }

/// Puts one part after the other down the pages.
class Layout {
public:
  Layout(const Piece& piece, const std::vector<const SwatchSet*>& sets, const SheetSpec& spec,
         const SheetPictures& pictures, const TextMeasure& measure, const SheetWords& words,
         double picture_share)
      : m_picture_share(picture_share), m_piece(piece), m_sets(sets), m_spec(spec), m_pictures(pictures),
        m_measure(measure), m_words(words) {
    std::tie(m_sheet.width, m_sheet.height) = paper_size(spec.paper, spec.lying);
    m_sheet.dark = spec.dark;
    m_margin = spec.margin * kMillimetre;
    m_sheet.pages.emplace_back();
    m_y = m_margin;
  }
  [[nodiscard]] double inner_width() const { return m_sheet.width - 2 * m_margin; }
  [[nodiscard]] double inner_height() const { return m_sheet.height - 2 * m_margin; }

  Sheet laid() {
    const auto& parts = m_spec.parts;
    const auto is_picture = [](SheetPart part) {
      return part == SheetPart::Reference || part == SheetPart::Wheel;
    };
    for (std::size_t i = 0; i < parts.size(); ++i) {
      if (!is_picture(parts[i])) {
        lay(parts[i]);
        continue;
      }
      // Side by side where one follows the other.
      const bool both = i + 1 < parts.size() && parts[i] != parts[i + 1] && is_picture(parts[i + 1]);
      pictures(parts[i], both ? std::optional(parts[i + 1]) : std::nullopt);
      i += both;
    }
    running_heads();
    return std::move(m_sheet);
  }

private:
  void lay(SheetPart part) {
    if (part == SheetPart::Title) title();
    if (part == SheetPart::Keys) keys();
    for (const SwatchSet* set : m_sets) {
      if (part == SheetPart::Swatches) swatches(*set);
      if (part == SheetPart::Staff) staff(*set);
      if (part == SheetPart::Needs) needs(*set);
    }
    if (part == SheetPart::Signature) signature();
  }
  SheetPage& page() { return m_sheet.pages.back(); }
  [[nodiscard]] double bottom() const { return m_sheet.height - m_margin; }
  [[nodiscard]] bool fresh() const {
    return m_sheet.pages.size() == 1 ? m_y <= m_margin : m_y <= m_margin + line_of(kSmallSize) + kGap;
  }
  void new_page() {
    m_sheet.pages.emplace_back();
    m_y = m_margin + line_of(kSmallSize) + kGap; // Below the running head.
  }
  void need(double height) {
    if (m_y + height > bottom() + 1e-9 && !fresh()) new_page();
  }
  void gap(double height) {
    if (!fresh()) m_y += height;
  }
  /// In a box of that width; gives the height it takes.
  double text(double x, double y, double width, std::string_view words, double size, bool bold = false,
              bool soft = false, bool at_right = false) {
    std::string fits = fitted_words(words, width, size, bold, m_measure);
    if (fits.empty()) return 0;
    const double taken = std::min(width, m_measure(fits, size, bold));
    page().texts.push_back({{at_right ? x + width - taken : x, y, taken, line_of(size)},
                            std::move(fits),
                            size,
                            bold,
                            soft,
                            at_right});
    return line_of(size);
  }
  void lines(const std::string& words, double size, bool bold, std::size_t most) {
    for (const auto& line : wrapped_words(words, inner_width(), size, bold, most, m_measure)) {
      need(line_of(size));
      m_y += text(m_margin, m_y, inner_width(), line, size, bold);
    }
  }

  void title() {
    gap(kGap);
    lines(m_piece.title, kTitleSize, true, kTitleLines);
    lines(m_piece.words, kWordsSize, false, kWordsLines);
  }

  /// Whatever is written beside it.
  [[nodiscard]] std::string title_of(const Swatch& s) const {
    return m_words.said("%1, %2, value %3", {s.name, hex_of(s.color), whole(value_of(s.color))});
  }

  // ---- the reference and the wheel

  [[nodiscard]] std::vector<SheetHue> hues_around(const SheetBox& wheel) const {
    constexpr double outside = 1.1, least_for_names = 90;
    if (wheel.w < least_for_names) return {};
    const SheetBox disc = disc_in(wheel);
    std::vector<SheetHue> out;
    for (const NamedHue& hue : named_hues(m_piece.wheel.hues)) {
      const DiscPoint p = disc_point(Angle(hue.angle), outside);
      out.push_back(
          {m_words.said(hue.label), disc.x + (p.x + 1) / 2 * disc.w, disc.y + (1 - p.y) / 2 * disc.h});
    }
    return out;
  }

  /// Each color once, where it lies on the wheel of the piece.
  [[nodiscard]] std::vector<SheetPlace> places_on(const SheetBox& wheel) const {
    std::vector<SheetPlace> out;
    if (!m_spec.places) return out;
    const Wheel geometry(m_piece.wheel);
    const SheetBox disc = disc_in(wheel);
    for (const SwatchSet* set : m_sets)
      for (const auto& family : set->families)
        for (const auto& s : family.swatches) {
          const WheelPoint at = place_on(geometry, s.color, s.picked);
          const DiscPoint p = disc_point(Angle(at.a), at.r);
          out.push_back({disc.x + (p.x + 1) / 2 * disc.w, disc.y + (1 - p.y) / 2 * disc.h, s.color});
        }
    return out;
  }

  [[nodiscard]] std::vector<std::string> wheel_facts() const {
    const auto named = [this](const auto& words, auto value) { return m_words.said(word_for(words, value)); };
    std::vector<std::string> out{m_words.said("wheel: %1", {named(kHueWords, m_piece.wheel.hues)}),
                                 m_words.said("measure: %1", {named(kMeasureWords, m_piece.wheel.measure)})};
    if (const Mask* mask = mask_in_use(m_piece)) {
      const MaskRegion region(*mask);
      if (!mask->name.empty()) out.push_back(m_words.said("mask: %1", {mask->name}));
      out.push_back(m_words.said("fills %1 % of the wheel", {whole(100 * region.share())}));
      if (const auto center = region.centroid()) {
        const Wheel wheel(m_piece.wheel);
        const Srgb neutral = wheel.nearest_existing(wheel_point(*center, 60)).color;
        out.push_back(m_words.said("neutral: %1", {m_words.named(neutral)}));
      }
    }
    if (const Mask* mask = mask_in_use(m_piece)) {
      const auto fits = picker_fits(*mask, Wheel(m_piece.wheel), m_spec.wheel_value.value_or(kColorsKeptAt));
      if (!fits.empty()) {
        out.push_back(fit_line(fits.front(), m_words));
        for (std::string& line : range_lines(fits.front(), m_words)) out.push_back(std::move(line));
      }
    }
    if (!m_pictures.relation.empty())
      out.push_back(m_words.said("relation: %1", {m_words.said(m_pictures.relation)}));
    out.push_back(m_spec.wheel_value ? m_words.said("value shown: %1", {whole(*m_spec.wheel_value)})
                                     : m_words.said("each hue at its vivid value"));
    return out;
  }

  void pictures(SheetPart first, std::optional<SheetPart> second) {
    const auto shown = [&](SheetPart part) {
      return part == SheetPart::Wheel || m_pictures.reference_aspect > 0;
    };
    std::vector<SheetPart> parts;
    if (shown(first)) parts.push_back(first);
    if (second && shown(*second)) parts.push_back(*second);
    if (parts.empty()) return;
    gap(kGap);
    const double width = inner_width(), caption = line_of(kSmallSize) + 2;
    const double wanted = std::min({inner_height() * m_picture_share, width * 0.42, 320.0});
    const double height = std::max(60.0, std::min(wanted, bottom() - m_y - caption));
    need(std::min(height, 90.0) + caption);
    const double room = std::max(60.0, std::min(wanted, bottom() - m_y - caption));
    double used = 0;
    for (const SheetPart part : parts) {
      const double share = parts.size() == 2 ? (width - kGap) / 2 : width;
      const double x = m_margin + (parts.size() == 2 && part == parts[1] ? share + kGap : 0);
      used = std::max(used, part == SheetPart::Wheel ? wheel(x, share, room) : reference(x, share, room));
    }
    m_y += used;
  }

  double reference(double x, double width, double room) {
    double h = room, w = h * m_pictures.reference_aspect;
    if (w > width) {
      w = width;
      h = w / m_pictures.reference_aspect;
    }
    page().pictures.push_back({{x, m_y, w, h}, SheetPart::Reference, {}});
    const double below =
        text(x, m_y + h + 2, width,
             m_words.said(m_spec.study ? "study: %1" : "reference: %1", {m_pictures.reference_name}),
             kSmallSize, false, true);
    return h + 2 + below;
  }

  double wheel(double x, double width, double room) {
    constexpr double least_facts = 84;
    const auto facts = wheel_facts();
    const bool beside = width - least_facts - kGap > 60;
    const double under = beside ? 0 : static_cast<double>(facts.size()) * line_of(kNoteSize) * 1.12 + 4;
    const double disc = std::max(40.0, std::min(room - under, beside ? width - least_facts - kGap : width));
    const SheetBox place{x, m_y, disc, disc};
    page().pictures.push_back({place, SheetPart::Wheel, hues_around(place), 0, false, places_on(place)});
    const double left = beside ? x + disc + kGap : x;
    const double facts_width = beside ? width - disc - kGap : width;
    double y = beside ? m_y : m_y + disc + 4;
    constexpr std::size_t most_lines = 3;
    for (const auto& fact : facts)
      for (const auto& line : wrapped_words(fact, facts_width, kNoteSize, false, most_lines, m_measure))
        if (y + line_of(kNoteSize) <= bottom())
          y += text(left, y, facts_width, line, kNoteSize, false, true) * 1.12;
    return std::max(disc, y - m_y);
  }

  // ---- the reference in other keys

  /// Rows of pictures of one size, each with its small wheel and its name below it.
  void keys() {
    constexpr double least = 104, widest = 170, foot = 16;
    const std::size_t count = std::min(m_pictures.keys.size(), kMostSheetKeys);
    if (count == 0 || m_pictures.reference_aspect <= 0) return;
    const auto columns =
        static_cast<std::size_t>(std::clamp(std::floor((inner_width() + kGap) / (least + kGap)), 1.0, 6.0));
    const double cell = std::min((inner_width() + kGap) / static_cast<double>(columns) - kGap, widest);
    const double highest = std::max(40.0, inner_height() / 3 - foot);
    const double height = std::min(cell / m_pictures.reference_aspect, highest);
    const double width = std::min(cell, height * m_pictures.reference_aspect);
    for (std::size_t i = 0; i < count; i += columns) {
      gap(i == 0 ? kGap : kChipGap);
      need(height + 2 + foot);
      for (std::size_t k = i; k < std::min(i + columns, count); ++k) {
        const double x = m_margin + static_cast<double>(k - i) * (cell + kGap), y = m_y + height + 2;
        page().pictures.push_back({{x, m_y, width, height}, SheetPart::Keys, {}, k, false});
        page().pictures.push_back({{x, y, foot, foot}, SheetPart::Keys, {}, k, true});
        text(x + foot + kChipGap, y + (foot - line_of(kSmallSize)) / 2, cell - foot - kChipGap,
             m_pictures.keys[k], kSmallSize, false, true);
      }
      m_y += height + 2 + foot;
    }
  }

  // ---- swatches

  /// What stands beside or below a swatch, in lines of a width.
  [[nodiscard]] std::vector<std::string> lines_under(const Swatch& s, double width) const {
    std::vector<std::string> out;
    if (m_spec.names) out = wrapped_words(s.name, width, kNoteSize, false, kNameLines, m_measure);
    if (m_spec.hexes) out.push_back(hex_of(s.color));
    if (m_spec.values) out.push_back(m_words.said("value %1", {whole(value_of(s.color))}));
    if (m_spec.notes) out.push_back(s.note);
    return out;
  }

  struct Row {
    std::string heading;
    std::vector<const Swatch*> swatches;
  };
  [[nodiscard]] std::vector<Row> rows(const SwatchSet& set) const {
    std::vector<Row> out;
    if (!m_spec.by_value) {
      for (const auto& family : set.families) {
        out.push_back({family.name, {}});
        for (const auto& s : family.swatches) out.back().swatches.push_back(&s);
      }
      return out;
    }
    out.push_back({m_words.said("light to dark"), {}});
    for (const auto& family : set.families)
      for (const auto& s : family.swatches) out.back().swatches.push_back(&s);
    std::stable_sort(out[0].swatches.begin(), out[0].swatches.end(), [](const Swatch* a, const Swatch* b) {
      return value_of(a->color) > value_of(b->color);
    });
    return out;
  }

  /// The name of a set where there are several, and what it says of itself.
  void set_heading(const SwatchSet& set, bool with_words) {
    const bool several = m_sets.size() > 1;
    const std::string words = with_words && m_spec.set_words ? set.note : std::string();
    if (!several && words.empty()) return;
    gap(kGap);
    if (several) {
      need(line_of(kSetSize) + kGap + kLargestHeading); // Never alone at the foot of a page.
      m_y += text(m_margin, m_y, inner_width(), set.name, kSetSize, true);
    }
    lines(words, kWordsSize, false, kWordsLines);
  }

  void swatches(const SwatchSet& set) {
    const std::vector<Row> all = rows(set);
    std::size_t longest = 0;
    for (const Row& row : all) longest = std::max(longest, row.swatches.size());
    if (longest == 0) return;
    set_heading(set, true);
    for (const Row& row : all)
      if (!row.swatches.empty()) family(row, longest);
  }

  void family_heading(const Row& row, bool goes_on) {
    if (!goes_on) m_sheet.bookmarks.push_back({row.heading, m_sheet.pages.size() - 1, m_y});
    const std::string words = goes_on ? m_words.said("%1, continued", {row.heading}) : row.heading;
    text(m_margin, m_y, inner_width(), words, kHeadingSize, true);
    m_y += line_of(kHeadingSize) + 2;
  }

  /// How the swatches of a set stand: side by side in cells, each with its words beside or below it.
  struct Cells {
    std::size_t columns = 1;
    double width = 0;
    double chip_width = 0, chip_height = 0;
    double words_width = 0; ///< 0 where there are no words.
  };
  /// No more columns than the longest family has swatches: what is left goes to the names.
  [[nodiscard]] Cells cells(std::size_t longest) const {
    const bool worded = m_spec.names || m_spec.hexes || m_spec.values || m_spec.notes;
    const double least = m_spec.large ? kLeastLargeCell : worded ? kLeastCell : kChipWidth + kChipGap;
    const double widest = m_spec.large ? kLargestLargeCell : kLargestCell;
    Cells out;
    out.columns =
        std::min(longest, static_cast<std::size_t>(std::max(1.0, std::floor(inner_width() / least))));
    out.width = std::min(inner_width() / static_cast<double>(out.columns), widest);
    out.chip_width = m_spec.large ? out.width - kChipGap : kChipWidth;
    // On the smallest of papers a row with its heading and all its words has room.
    const double words = (kNameLines + 3) * line_of(kNoteSize);
    const double room = inner_height() - line_of(kSmallSize) - kGap - line_of(kHeadingSize) - 2 - words;
    out.chip_height = m_spec.large ? std::max(10.0, std::min(out.chip_width * 0.62, room)) : 28;
    if (worded) out.words_width = out.width - kChipGap - (m_spec.large ? 0 : kChipWidth + kChipGap);
    return out;
  }

  void family(const Row& row, std::size_t longest) {
    const Cells as = cells(longest);
    bool begun = false;
    for (std::size_t i = 0; i < row.swatches.size(); i += as.columns) {
      std::vector<std::vector<std::string>> words;
      std::size_t most = 0;
      for (std::size_t k = i; k < std::min(i + as.columns, row.swatches.size()); ++k) {
        words.push_back(as.words_width > 0 ? lines_under(*row.swatches[k], as.words_width)
                                           : std::vector<std::string>());
        most = std::max(most, words.back().size());
      }
      const double told = static_cast<double>(most) * line_of(kNoteSize);
      const double height = m_spec.large ? as.chip_height + told : std::max(as.chip_height, told);
      gap(begun ? kChipGap : kGap);
      const std::size_t before = m_sheet.pages.size();
      need(height + (begun ? 0 : line_of(kHeadingSize) + 2));
      // The heading again where a family goes on on another page.
      if (!begun || m_sheet.pages.size() != before) family_heading(row, std::exchange(begun, true));
      for (std::size_t k = 0; k < words.size(); ++k)
        cell_of(*row.swatches[i + k], words[k], m_margin + static_cast<double>(k) * as.width, as,
                m_spec.large ? as.chip_height : height);
      m_y += height;
    }
  }

  void cell_of(const Swatch& s, const std::vector<std::string>& words, double x, const Cells& as,
               double chip_height) {
    page().swatches.push_back({{x, m_y, as.chip_width, chip_height}, s.color, s.id, title_of(s)});
    double y = m_spec.large ? m_y + chip_height : m_y;
    const double left = m_spec.large ? x : x + kChipWidth + kChipGap;
    for (const auto& line : words) {
      text(left, y, as.words_width, line, kNoteSize);
      y += line_of(kNoteSize);
    }
  }

  // ---- the staff: a column a family, each swatch at its value

  void staff(const SwatchSet& set) {
    std::vector<const Family*> shown;
    for (const auto& family : set.families)
      if (!family.swatches.empty()) shown.push_back(&family);
    if (shown.empty()) return;
    set_heading(set, false);
    const auto columns =
        static_cast<std::size_t>(std::max(1.0, std::floor((inner_width() - 30) / kStaffColumn)));
    for (std::size_t i = 0; i < shown.size(); i += columns)
      staff_row({shown.begin() + static_cast<std::ptrdiff_t>(i),
                 shown.begin() + static_cast<std::ptrdiff_t>(std::min(shown.size(), i + columns))});
  }

  void staff_row(const std::vector<const Family*>& families) {
    gap(kGap);
    const double foot = line_of(kSmallSize) + 2;
    const double height = std::min(kStaffHeight, inner_height() - foot - line_of(kSmallSize) - 2 * kGap);
    need(height + foot);
    const double top = m_y, axis = m_margin + 24;
    page().lines.push_back({axis, top, 0, height});
    for (int v = 0; v <= 100; v += 25) {
      const double y = top + height * (1 - v / 100.0);
      page().lines.push_back({axis - 3, y, 3, 0});
      const double line = line_of(kNoteSize);
      text(m_margin, std::clamp(y - line / 2, top, top + height - line), 19, std::to_string(v), kNoteSize,
           false, true, true);
    }
    for (std::size_t i = 0; i < families.size(); ++i)
      staff_column(*families[i], axis + 8 + static_cast<double>(i) * kStaffColumn, top, height);
    m_y += height + foot;
  }

  /// Chips never cover each other: where values are too near they make room, and shrink when they are many.
  void staff_column(const Family& family, double x, double top, double height) {
    std::vector<const Swatch*> by_value;
    for (const auto& s : family.swatches) by_value.push_back(&s);
    std::stable_sort(by_value.begin(), by_value.end(), [](const Swatch* a, const Swatch* b) {
      return value_of(a->color) > value_of(b->color);
    });
    const auto n = static_cast<double>(by_value.size());
    const double chip = std::min(14.0, height / n * 0.9), step = std::min(chip + 1.5, height / n);
    std::vector<double> at;
    for (const Swatch* s : by_value) {
      const double wanted = top + (height - chip) * (1 - value_of(s->color) / 100);
      at.push_back(at.empty() ? wanted : std::max(wanted, at.back() + step));
    }
    double limit = top + height - chip;
    for (std::size_t i = at.size(); i-- > 0; limit = at[i] - step)
      at[i] = std::max(top, std::min(at[i], limit));
    for (std::size_t i = 0; i < at.size(); ++i)
      page().swatches.push_back(
          {{x, at[i], kStaffColumn - 14, chip}, by_value[i]->color, by_value[i]->id, title_of(*by_value[i])});
    text(x, top + height + 2, kStaffColumn - 6, family.name, kSmallSize);
  }

  // ---- needed, present, missing; who and when

  [[nodiscard]] BandCounts present(const SwatchSet& set) const {
    BandCounts out;
    for (const auto& family : set.families)
      for (const auto& s : family.swatches) {
        const Band band = band_of(value_of(s.color), m_piece.bands);
        ++(band == Band::Light ? out.light : band == Band::Middle ? out.middle : out.dark);
      }
    return out;
  }

  void needs(const SwatchSet& set) {
    set_heading(set, false);
    const BandCounts have = present(set);
    const BandCounts& aim = m_piece.grading.target;
    const auto part = [this](const char* words, int needed, int present) {
      return m_words.said(words, {std::to_string(needed), std::to_string(present),
                                  std::to_string(std::max(0, needed - present))});
    };
    const std::array<std::string, 3> all{
        part("light: %1 needed, %2 present, %3 missing", aim.light, have.light),
        part("middle: %1 needed, %2 present, %3 missing", aim.middle, have.middle),
        part("dark: %1 needed, %2 present, %3 missing", aim.dark, have.dark)};
    gap(kGap);
    // Side by side where the three fit.
    const double third = (inner_width() - 2 * kGap) / 3, line = line_of(kSmallSize);
    const bool beside = std::all_of(all.begin(), all.end(), [&](const std::string& words) {
      return m_measure(words, kSmallSize, false) <= third;
    });
    for (std::size_t i = 0; i < all.size(); ++i) {
      if (i == 0 || !beside) need(line);
      const double x = m_margin + (beside ? static_cast<double>(i) * (third + kGap) : 0);
      text(x, m_y, beside ? third : inner_width(), all[i], kSmallSize, false, true);
      if (i == 2 || !beside) m_y += line;
    }
  }

  void signature() {
    std::string words = m_piece.signature;
    if (!m_piece.date.empty()) words += (words.empty() ? "" : ", ") + m_piece.date;
    if (words.empty()) return;
    gap(kGap);
    need(line_of(kSmallSize));
    m_y += text(m_margin, m_y, inner_width(), words, kSmallSize);
  }

  void running_heads() {
    const std::size_t count = m_sheet.pages.size();
    for (std::size_t i = 1; i < count; ++i) {
      SheetPage& page = m_sheet.pages[i];
      const std::string number =
          m_words.said("page %1 of %2", {std::to_string(i + 1), std::to_string(count)});
      const double wide = m_measure(number, kSmallSize, false);
      const double right = m_sheet.width - m_margin, h = line_of(kSmallSize);
      page.texts.push_back({{right - wide, m_margin, wide, h}, number, kSmallSize, false, true, true});
      const std::string title =
          fitted_words(m_piece.title, inner_width() - wide - kGap, kSmallSize, false, m_measure);
      if (title.empty()) continue;
      const double title_width = m_measure(title, kSmallSize, false);
      page.texts.push_back({{m_margin, m_margin, title_width, h}, title, kSmallSize, false, true, false});
    }
  }

  double m_picture_share; ///< Of the height of a page, at most.
  const Piece& m_piece;
  const std::vector<const SwatchSet*>& m_sets;
  const SheetSpec& m_spec;
  const SheetPictures& m_pictures;
  const TextMeasure& m_measure;
  const SheetWords& m_words;
  Sheet m_sheet;
  double m_margin = 0, m_y = 0;
};

} // namespace

double usual_dots(Paper paper) {
  if (paper == Paper::LargeSquare) return 192;
  return paper == Paper::Screen || paper == Paper::LargeScreen ? 96 : 300;
}

std::vector<const SwatchSet*> sets_on(const SheetSpec& spec, const Piece& piece) {
  std::vector<const SwatchSet*> out;
  for (const Id id : spec.sets)
    if (const SwatchSet* set = find_set(piece, id)) out.push_back(set);
  if (const SwatchSet* set = current_set(piece); out.empty() && set) out.push_back(set);
  return out;
}

std::pair<double, double> paper_size(Paper paper, bool lying) {
  const auto millimetres = [](double w, double h) { return std::pair(w * kMillimetre, h * kMillimetre); };
  const auto size = [&] {
    switch (paper) {
    case Paper::A5:
      return millimetres(148, 210);
    case Paper::A4:
      return millimetres(210, 297);
    case Paper::A3:
      return millimetres(297, 420);
    case Paper::A2:
      return millimetres(420, 594);
    case Paper::Letter:
      return std::pair(612.0, 792.0);
    case Paper::Screen:
      return std::pair(810.0, 1440.0); // 96 pixels an inch.
    case Paper::LargeScreen:
      return std::pair(1080.0, 1920.0);
    case Paper::Square:
      return millimetres(210, 210);
    case Paper::LargeSquare:
      return std::pair(768.0, 768.0); // 192 pixels an inch: to be read on a page of a site.
    }
    return millimetres(210, 297);
  }();
  return lying ? std::pair(size.second, size.first) : size;
}

Result<Sheet> sheet_of(const Piece& piece, const std::vector<const SwatchSet*>& sets, const SheetSpec& spec,
                       const SheetPictures& pictures, const TextMeasure& measure, const SheetWords& words) {
  if (!kSheetMarginRange.holds(spec.margin))
    return Error{ErrorCode::BadInput, Sentence::MarginRange, "margin"};
  for (std::size_t i = 0; i < spec.parts.size(); ++i)
    if (std::find(spec.parts.begin(), spec.parts.begin() + static_cast<std::ptrdiff_t>(i), spec.parts[i]) !=
        spec.parts.begin() + static_cast<std::ptrdiff_t>(i))
      return Error{ErrorCode::BadInput, Sentence::PartsOnce, "parts"};
  const auto layout = [&](double share) {
    return Layout(piece, sets, spec, pictures, measure, words, share);
  };
  Layout usual = layout(kPictureShares[0]);
  if (usual.inner_width() < kLeastInner || usual.inner_height() < kLeastInner)
    return Error{ErrorCode::BadInput, Sentence::MarginsTooWide, "margin"};
  Sheet out = usual.laid();
  // What nearly fits one page gets smaller pictures.
  for (const double share : kPictureShares) {
    if (out.pages.size() == 1) break;
    Sheet smaller = layout(share).laid();
    if (smaller.pages.size() == 1) return smaller;
  }
  return out;
}

} // namespace zc
