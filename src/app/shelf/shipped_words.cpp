// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shelf/shipped_words.h"

#include "core/wheel/color_words.h"
#include "model/i18n/language.h"

namespace zc {
namespace {

void put_card_in_words(ShelfCard& card) {
  put_in_words(card.name);
  for (std::string& tag : card.tags) put_in_words(tag);
}

} // namespace

std::vector<ShelfMask> masks_that_came() {
  auto masks = shipped_masks();
  for (ShelfMask& mask : masks) {
    put_card_in_words(mask);
    put_in_words(mask.mask.name);
  }
  return masks;
}

std::vector<ShelfSet> sets_that_came() {
  auto sets = shipped_sets();
  for (ShelfSet& set : sets) {
    put_card_in_words(set);
    put_in_words(set.set.name);
    set.set.families.change_each([](Family& family) {
      put_in_words(family.name);
      family.swatches.change_each([](Swatch& swatch) { swatch.name = made_swatch_name(swatch.color); });
    });
  }
  return sets;
}

std::vector<ShelfPattern> patterns_on_shelf(const std::string& folder) {
  auto patterns = read_pattern_shelf(folder);
  for (ShelfPattern& pattern : patterns)
    if (pattern.file.empty()) put_card_in_words(pattern);
  return patterns;
}

std::vector<ShelfPaints> paints_on_shelf(const std::string& folder) {
  auto palettes = read_paint_shelf(folder);
  for (ShelfPaints& palette : palettes) {
    if (!palette.file.empty()) continue;
    put_card_in_words(palette);
    palette.paints.change_each([](PalettePaint& paint) { put_in_words(paint.name); });
  }
  return palettes;
}

} // namespace zc
