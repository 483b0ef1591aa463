// SPDX-License-Identifier: GPL-3.0-or-later
// The plan laid out on paper: plain geometry, so that screen, PDF, SVG, PNG and printer show one sheet.
//
// Lengths are points, 1/72 inch, from the top left corner of a page, x to the right, y down.
#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/base/word.h"
#include "core/piece/piece.h"

#include <functional>

namespace zc {

enum class Paper { A5, A4, A3, A2, Letter, Screen, LargeScreen, Square, LargeSquare };
inline constexpr Word<Paper> kPaperWords[] = {{Paper::A5, "A5"},
                                              {Paper::A4, "A4"},
                                              {Paper::A3, "A3"},
                                              {Paper::A2, "A2"},
                                              {Paper::Letter, "letter"},
                                              {Paper::Screen, "1920x1080"},
                                              {Paper::LargeScreen, "2560x1440"},
                                              {Paper::Square, "210x210mm"},
                                              {Paper::LargeSquare, "2048x2048"}};
/// Pixels an inch at which a PNG of it is made: those that are sizes in pixels have as many, others 300.
[[nodiscard]] double usual_dots(Paper paper);

enum class SheetPart { Title, Reference, Wheel, Keys, Swatches, Staff, Needs, Signature };
inline constexpr Word<SheetPart> kSheetPartWords[] = {
    {SheetPart::Title, "title"}, {SheetPart::Reference, "reference"}, {SheetPart::Wheel, "wheel"},
    {SheetPart::Keys, "keys"},   {SheetPart::Swatches, "swatches"},   {SheetPart::Staff, "staff"},
    {SheetPart::Needs, "needs"}, {SheetPart::Signature, "signature"}};

inline constexpr Range kSheetMarginRange{5, 40}; ///< Millimetres.

struct SheetSpec {
  /// The parts from the top down; each at most once.
  std::vector<SheetPart> parts{SheetPart::Title,    SheetPart::Reference, SheetPart::Wheel,
                               SheetPart::Swatches, SheetPart::Needs,     SheetPart::Signature};
  std::vector<Id> sets = {}; ///< In their order; none: the current one.
  Paper paper = Paper::A4;
  bool lying = true;
  double margin = 12;    ///< Millimetres, in kSheetMarginRange.
  bool dark = false;     ///< The ground.
  bool study = false;    ///< The reference as its study in the set.
  bool by_value = false; ///< Swatches from light to dark in one row, instead of family by family.
  bool large = false;    ///< Large swatches with their words below them.
  bool places = false;   ///< The swatches as dots on the wheel.
  bool set_words = true; ///< What a set says of itself above its swatches.
  bool names = true, hexes = true, values = true, notes = false; ///< Under each swatch.
  std::optional<double> wheel_value = 66; ///< L* that the wheel is shown at; none for vivid.
  bool operator==(const SheetSpec&) const = default;
};

struct SheetBox {
  double x = 0, y = 0, w = 0, h = 0;
  [[nodiscard]] double right() const { return x + w; }
  [[nodiscard]] double bottom() const { return y + h; }
};
/// One line of text; the words fit into the box.
struct SheetText {
  SheetBox box;
  std::string words;
  double size = 0; ///< Of the letters, in points.
  bool bold = false, soft = false, at_right = false;
};
struct SheetSwatch {
  SheetBox box;
  Srgb color;
  Id id = 0;
  std::string title; ///< Name, hex and value, whatever is written beside it.
};
/// A swatch on the wheel.
struct SheetPlace {
  double x = 0, y = 0;
  Srgb color;
};
inline constexpr double kSheetPlaceRadius = 2.4; ///< Of its dot.
/// A name of a hue and the middle of its place.
struct SheetHue {
  std::string label;
  double x = 0, y = 0;
};
/// What others draw: the reference, the wheel with its mask, the reference in a key or the small wheel of
/// that key.
struct SheetPicture {
  SheetBox box;
  SheetPart part = SheetPart::Reference;
  std::vector<SheetHue> hues; ///< Around the wheel; none where its place is too small for them.
  std::size_t key = 0;        ///< Of the keys that were given.
  bool key_wheel = false;     ///< The key's wheel, not its picture.
  std::vector<SheetPlace> places = {};
};
struct SheetPage {
  std::vector<SheetText> texts;
  std::vector<SheetSwatch> swatches;
  std::vector<SheetPicture> pictures;
  std::vector<SheetBox> lines; ///< Hairlines: w or h is 0.
};
struct SheetBookmark {
  std::string words;
  std::size_t page = 0;
  double y = 0;
};
struct Sheet {
  double width = 0, height = 0;
  bool dark = false;
  std::vector<SheetPage> pages;         ///< At least one.
  std::vector<SheetBookmark> bookmarks; ///< A family each.
};

/// Width of a line of text in points.
using TextMeasure = std::function<double(std::string_view words, double size, bool bold)>;
/// Height of a line, and how far below its top the letters stand, for a size of 1.
inline constexpr double kLineHeight = 1.42, kBaseline = 1.07;

/// The language of a sheet: how it says its own words. English where nothing is given.
struct SheetWords {
  /// A text of ours, as in "page %1 of %2", or a single word, as in "traditional".
  std::function<std::string(std::string_view)> say;
  std::function<std::string(Srgb)> color; ///< color_in_words().

  [[nodiscard]] std::string said(std::string_view ours) const { return say ? say(ours) : std::string(ours); }
  /// A sentence of ours with what stands in it, in its order.
  [[nodiscard]] std::string said(std::string_view ours, std::initializer_list<std::string_view> within) const;
  [[nodiscard]] std::string named(Srgb c) const;
};

/// What the sheet shows that the piece does not hold.
struct SheetPictures {
  double reference_aspect = 0; ///< Width to height; 0 for none.
  std::string reference_name;
  std::string relation = {};          ///< Of hues that is looked at, by its word in kRelationWords; or empty.
  std::vector<std::string> keys = {}; ///< Names of the keys that the reference is shown in; at most
                                      ///< kMostSheetKeys of them are.
};
inline constexpr std::size_t kMostSheetKeys = 24;
/// Where the disc lies in the place of the wheel: the names of the hues stand around it.
[[nodiscard]] inline SheetBox disc_in(const SheetBox& wheel) {
  constexpr double names = 0.075;
  return {wheel.x + names * wheel.w, wheel.y + names * wheel.h, (1 - 2 * names) * wheel.w,
          (1 - 2 * names) * wheel.h};
}
/// Width and height of a paper in points.
[[nodiscard]] std::pair<double, double> paper_size(Paper paper, bool lying);
/// The sets that a sheet shows: those it names, as far as they are there, else the current one.
[[nodiscard]] std::vector<const SwatchSet*> sets_on(const SheetSpec& spec, const Piece& piece);
/// REQUIRES sets of the piece. No two texts, swatches or pictures overlap, and nothing lies outside the
/// margins; what does not fit its place is wrapped or ends in "…". ERRORS: BadInput for a margin outside its
/// range or one that leaves no room, and for a part named twice.
[[nodiscard]] Result<Sheet> sheet_of(const Piece& piece, const std::vector<const SwatchSet*>& sets,
                                     const SheetSpec& spec, const SheetPictures& pictures,
                                     const TextMeasure& measure, const SheetWords& words = {});

/// The words, or as many of them as fit and "…".
[[nodiscard]] std::string fitted_words(std::string_view words, double width, double size, bool bold,
                                       const TextMeasure& measure);
/// Lines of words that fit; the last of `most` lines ends in "…" where words are left. Line ends count as
/// spaces; a word that is wider than the line is parted.
[[nodiscard]] std::vector<std::string> wrapped_words(std::string_view words, double width, double size,
                                                     bool bold, std::size_t most, const TextMeasure& measure);

} // namespace zc
