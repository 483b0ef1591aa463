#include "core/piece/edits.h"

#include "core/color/convert.h"
#include "core/mask/rewheel.h"
#include "core/wheel/color_words.h"

#include <algorithm>

namespace zc {
namespace {

Error not_found(std::string_view what) {
  return {ErrorCode::NotFound, "There is no such " + std::string(what) + " in this piece any more.",
          std::string(what)};
}

Result<std::string> clean_name(const std::string& name, std::string_view what) {
  const auto from = name.find_first_not_of(" \t\r\n");
  if (from == std::string::npos)
    return Error{ErrorCode::BadInput, "A " + std::string(what) + " needs a name; type at least one letter.",
                 std::string(what)};
  std::string clean = name.substr(from, name.find_last_not_of(" \t\r\n") - from + 1);
  if (clean.size() > kLongestName)
    return Error{ErrorCode::BadInput,
                 "The name of this " + std::string(what) + " is too long; keep it under 400 letters.",
                 std::string(what)};
  return clean;
}

SwatchSet* set_of_family(Piece& piece, Id family) {
  for (auto& set : piece.sets)
    for (const auto& f : set.families)
      if (f.id == family) return &set;
  return nullptr;
}

Family* family_for_change(Piece& piece, Id id) { return const_cast<Family*>(find_family(piece, id)); }
Swatch* swatch_for_change(Piece& piece, Id id) { return const_cast<Swatch*>(find_swatch(piece, id)); }
SwatchSet* current_for_change(Piece& piece) { return const_cast<SwatchSet*>(current_set(piece)); }

Family* family_of_swatch(Piece& piece, Id swatch) {
  for (auto& set : piece.sets)
    for (auto& family : set.families)
      for (const auto& s : family.swatches)
        if (s.id == swatch) return &family;
  return nullptr;
}

Swatch taken_out(Family& family, Id swatch) {
  const auto at = std::find_if(family.swatches.begin(), family.swatches.end(),
                               [&](const auto& s) { return s.id == swatch; });
  Swatch out = std::move(*at);
  family.swatches.erase(at);
  return out;
}

Area* area_for_change(Piece& piece, std::size_t area) {
  if (!piece.mask || area >= piece.mask->areas.size()) return nullptr;
  return &piece.mask->areas[area];
}

Polygon* polygon_for_change(Piece& piece, std::size_t area) {
  Area* a = area_for_change(piece, area);
  return a ? std::get_if<Polygon>(&a->shape) : nullptr;
}

/// A mask must not be talked into admitting nothing.
Result<Piece> if_it_encloses(Piece piece, const char* otherwise) {
  if (MaskRegion(*piece.mask).empty()) return Error{ErrorCode::BadInput, otherwise, "mask"};
  return piece;
}

bool name_taken(const SwatchSet& set, const std::string& name, Id by_other_than) {
  return std::any_of(set.families.begin(), set.families.end(),
                     [&](const Family& f) { return f.name == name && f.id != by_other_than; });
}

Error taken(const std::string& name) {
  return {ErrorCode::BadInput, "The set has a family named \"" + name + "\" already; choose another name.",
          "family"};
}

} // namespace

Piece new_piece(std::string date) {
  Piece piece;
  piece.date = std::move(date);
  piece.sets.push_back({piece.next_id++, "First set", {}, {}});
  piece.current_set = piece.sets.back().id;
  return piece;
}

Result<Piece> with_title(Piece piece, std::string title) {
  auto clean = clean_name(title, "piece");
  if (!clean) return clean.error();
  piece.title = *clean;
  return piece;
}

Piece with_wheel(Piece piece, WheelSpec wheel, MaskKeeps keeps) {
  if (piece.mask && keeps == MaskKeeps::Colors)
    piece.mask = with_colors_kept(*piece.mask, Wheel(piece.wheel), Wheel(wheel));
  piece.wheel = wheel;
  return piece;
}
Piece with_mask(Piece piece, std::optional<Mask> mask) {
  piece.mask = std::move(mask);
  return piece;
}
Piece with_mask_on(Piece piece, bool on) {
  piece.mask_on = on;
  return piece;
}
Piece with_rule(Piece piece, MaskRule rule) {
  piece.rule = rule;
  return piece;
}

Result<Piece> with_area_added(Piece piece, Area area) {
  const Status valid = validate(area.shape);
  if (!valid) return valid.error();
  if (!piece.mask && area.mode == AreaMode::Cuts)
    return Error{ErrorCode::BadInput, "There is no mask to cut from; add an area first.", "mask"};
  if (!piece.mask) {
    piece.mask = Mask{};
    piece.mask->name = "own shape";
    piece.mask_on = true;
  }
  if (piece.mask->areas.size() >= kMostAreas)
    return Error{ErrorCode::TooLarge, "A mask holds at most 100 areas; remove one first.", "mask"};
  piece.mask->areas.push_back(std::move(area));
  return if_it_encloses(std::move(piece), "This cut would leave nothing of the mask; make it smaller.");
}

Result<Piece> with_area_mode(Piece piece, std::size_t area, AreaMode mode) {
  Area* a = area_for_change(piece, area);
  if (!a) return not_found("mask area");
  a->mode = mode;
  return if_it_encloses(std::move(piece), "Cutting with this area would leave nothing of the mask.");
}

Result<Piece> with_area_shape(Piece piece, std::size_t area, Shape shape) {
  Area* a = area_for_change(piece, area);
  if (!a) return not_found("mask area");
  const Status valid = validate(shape);
  if (!valid) return valid.error();
  a->shape = std::move(shape);
  return if_it_encloses(std::move(piece), "With these numbers nothing of the mask would be left.");
}

Result<Piece> with_area_duplicated(Piece piece, std::size_t area) {
  const Area* a = area_for_change(piece, area);
  if (!a) return not_found("mask area");
  Area copy = *a;
  copy.shape = moved_shape(copy.shape, {0, 0}, {0.06, -0.06});
  return with_area_added(std::move(piece), std::move(copy));
}

Result<Piece> with_area_removed(Piece piece, std::size_t area) {
  if (!area_for_change(piece, area)) return not_found("mask area");
  auto& areas = piece.mask->areas;
  areas.erase(areas.begin() + static_cast<std::ptrdiff_t>(area));
  if (areas.empty()) {
    piece.mask.reset();
    return piece;
  }
  return if_it_encloses(std::move(piece), "Without this area nothing of the mask would be left; take the "
                                          "whole mask off instead.");
}

Result<Piece> with_mask_handle(Piece piece, std::size_t area, Grip grip, std::size_t index, DiscPoint to) {
  Area* a = area_for_change(piece, area);
  if (!a) return not_found("mask area");
  a->shape = with_handle_at(a->shape, grip, index, to);
  return piece;
}

Result<Piece> with_mask_point_added(Piece piece, std::size_t area, std::size_t before, DiscPoint at) {
  Polygon* p = polygon_for_change(piece, area);
  if (!p || before > p->points.size()) return not_found("mask point");
  p->points.insert(p->points.begin() + static_cast<std::ptrdiff_t>(before), pulled_onto_disc(at));
  return piece;
}

Result<Piece> with_mask_point_removed(Piece piece, std::size_t area, std::size_t point) {
  Polygon* p = polygon_for_change(piece, area);
  if (!p || point >= p->points.size()) return not_found("mask point");
  if (p->points.size() <= 3)
    return Error{ErrorCode::BadInput, "A mask area needs three points; remove the whole area instead.",
                 "mask point"};
  p->points.erase(p->points.begin() + static_cast<std::ptrdiff_t>(point));
  return piece;
}

Result<Piece> with_mask_turned(Piece piece, double by, Carry carry) {
  if (!piece.mask) return not_found("mask");
  piece.mask = turned_mask(*piece.mask, by);
  SwatchSet* set = carry == Carry::SetToo ? current_for_change(piece) : nullptr;
  if (!set) return piece;
  const Wheel wheel(piece.wheel);
  for (auto& family : set->families)
    for (auto& swatch : family.swatches) {
      const WheelPoint at = swatch.picked ? *swatch.picked : wheel.locate(swatch.color);
      if (at.r < kNeutralSaturation) continue;
      const auto found = wheel.nearest_existing({at.a + by, at.r, at.v});
      swatch.color = found.color;
      swatch.picked = found.at;
    }
  return piece;
}

Result<Piece> with_reference(Piece piece, std::string name, std::string extension, SharedBytes bytes) {
  if (piece.references.size() >= kMostReferences)
    return Error{ErrorCode::TooLarge, "A piece holds at most 200 references; take one out first.",
                 "references"};
  piece.references.push_back({piece.next_id++, std::move(name), std::move(extension), std::move(bytes), {}});
  return piece;
}

Result<Piece> without_reference(Piece piece, Id reference) {
  if (std::erase_if(piece.references, [&](const auto& r) { return r.id == reference; }) == 0)
    return not_found("reference");
  return piece;
}

Result<Piece> with_reference_named(Piece piece, Id reference, std::string name) {
  auto clean = clean_name(name, "reference");
  if (!clean) return clean.error();
  auto* r = const_cast<Reference*>(find_reference(piece, reference));
  if (!r) return not_found("reference");
  r->name = *clean;
  return piece;
}

Result<Piece> with_reference_moved(Piece piece, Id reference, std::size_t place) {
  auto& list = piece.references;
  const auto at =
      std::find_if(list.begin(), list.end(), [&](const Reference& r) { return r.id == reference; });
  if (at == list.end() || place > list.size()) return not_found("reference");
  const auto from = static_cast<std::size_t>(at - list.begin());
  Reference moved = std::move(*at);
  list.erase(at);
  const std::size_t to = place > from ? place - 1 : place;
  list.insert(list.begin() + static_cast<std::ptrdiff_t>(to), std::move(moved));
  return piece;
}

Result<Piece> with_reference_replaced(Piece piece, Id reference, std::string name, std::string extension,
                                      SharedBytes bytes) {
  auto* r = const_cast<Reference*>(find_reference(piece, reference));
  if (!r) return not_found("reference");
  r->name = std::move(name);
  r->extension = std::move(extension);
  r->bytes = std::move(bytes);
  return piece;
}

Result<Piece> with_laid_families(Piece piece, const std::vector<LaidFamily>& families) {
  Result<Piece> out = std::move(piece);
  for (const auto& family : families) {
    if (!out) break;
    out = with_laid_family(std::move(out).value(), family.name, family.colors);
  }
  return out;
}

std::vector<LaidFamily> grouped_by_hue(const std::vector<LaidColor>& colors) {
  constexpr double neutral_chroma = 0.03, widest_family = 40, gap = 24;
  std::vector<LaidFamily> out;
  LaidFamily neutral{"neutral", {}};
  std::vector<std::pair<double, LaidColor>> hued;
  for (const auto& c : colors) {
    const Oklch lch = lch_from_oklab(oklab_from_srgb(c.color));
    if (lch.c < neutral_chroma)
      neutral.colors.push_back(c);
    else
      hued.emplace_back(lch.h, c);
  }
  std::stable_sort(hued.begin(), hued.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
  // Begin after the widest gap, so that no family is cut in two at 0 degrees.
  std::size_t start = 0;
  double widest = -1;
  for (std::size_t i = 0; i < hued.size(); ++i) {
    const double before = hued[(i + hued.size() - 1) % hued.size()].first;
    const double empty = hued.size() == 1 ? 360 : wrap_degrees(hued[i].first - before);
    if (empty > widest) {
      widest = empty;
      start = i;
    }
  }
  std::rotate(hued.begin(), hued.begin() + static_cast<std::ptrdiff_t>(start), hued.end());
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::OklabChroma});
  double first = 0, last = 0;
  for (const auto& [hue, color] : hued) {
    const bool begins =
        out.empty() || wrap_degrees(hue - last) > gap || wrap_degrees(hue - first) > widest_family;
    if (begins) {
      first = hue;
      const auto name = nearest_named_hue(HueScale::Traditional, wheel.locate(color.color).a).name;
      out.push_back({std::string(name), {}});
    }
    last = hue;
    out.back().colors.push_back(color);
  }
  if (!neutral.colors.empty()) out.push_back(std::move(neutral));
  for (auto& family : out)
    std::stable_sort(family.colors.begin(), family.colors.end(), [](const LaidColor& a, const LaidColor& b) {
      return value_of(a.color) > value_of(b.color);
    });
  return out;
}

Result<Piece> with_laid_family(Piece piece, const std::string& name, const std::vector<LaidColor>& colors) {
  if (colors.empty()) return Error{ErrorCode::BadInput, "There are no colors to lay.", "family"};
  const SwatchSet* set = current_set(piece);
  std::string free_name = name;
  for (int n = 2; set && name_taken(*set, free_name, 0); ++n) free_name = name + " " + std::to_string(n);
  auto out = with_family(std::move(piece), free_name);
  for (std::size_t i = 0; out && i < colors.size(); ++i) {
    const Id family = current_set(*out)->families.back().id;
    out = with_swatch(std::move(out).value(), family, colors[i], "");
  }
  return out;
}

Result<Piece> with_family(Piece piece, std::string name) {
  auto clean = clean_name(name, "family");
  if (!clean) return clean.error();
  SwatchSet* set = current_for_change(piece);
  if (!set) return not_found("set");
  if (name_taken(*set, *clean, 0)) return taken(*clean);
  set->families.push_back({piece.next_id++, *clean, {}, {}});
  return piece;
}

Result<Piece> with_family_named(Piece piece, Id family, std::string name) {
  auto clean = clean_name(name, "family");
  if (!clean) return clean.error();
  SwatchSet* set = set_of_family(piece, family);
  if (!set) return not_found("family");
  if (name_taken(*set, *clean, family)) return taken(*clean);
  family_for_change(piece, family)->name = *clean;
  return piece;
}

Result<Piece> with_family_moved(Piece piece, Id family, std::size_t place) {
  SwatchSet* set = set_of_family(piece, family);
  if (!set || place > set->families.size()) return not_found("family");
  auto& list = set->families;
  const auto from = static_cast<std::size_t>(
      std::find_if(list.begin(), list.end(), [&](const Family& f) { return f.id == family; }) - list.begin());
  Family moved = std::move(list[from]);
  list.erase(list.begin() + static_cast<std::ptrdiff_t>(from));
  const std::size_t to = place > from ? place - 1 : place;
  list.insert(list.begin() + static_cast<std::ptrdiff_t>(to), std::move(moved));
  return piece;
}

Result<Piece> without_family(Piece piece, Id family) {
  SwatchSet* set = set_of_family(piece, family);
  if (!set) return not_found("family");
  std::erase_if(set->families, [&](const Family& f) { return f.id == family; });
  return piece;
}

Result<Piece> with_swatch(Piece piece, Id family, const LaidColor& laid, std::string name) {
  auto clean = clean_name(name.empty() ? color_in_words(laid.color) : name, "swatch");
  if (!clean) return clean.error();
  Family* f = family_for_change(piece, family);
  if (!f) return not_found("family");
  if (swatch_count(*set_of_family(piece, family)) >= kMostSwatches)
    return Error{ErrorCode::TooLarge, "A set holds at most 5000 swatches; delete some first.", "set"};
  f->swatches.push_back({piece.next_id++, laid.color, laid.picked, *clean, {}, laid.from, {}});
  return piece;
}

Result<Piece> with_swatch_named(Piece piece, Id swatch, std::string name) {
  auto clean = clean_name(name, "swatch");
  if (!clean) return clean.error();
  Swatch* s = swatch_for_change(piece, swatch);
  if (!s) return not_found("swatch");
  s->name = *clean;
  return piece;
}

Result<Piece> with_swatch_color(Piece piece, Id swatch, Srgb color, std::optional<WheelPoint> picked) {
  Swatch* s = swatch_for_change(piece, swatch);
  if (!s) return not_found("swatch");
  s->color = color;
  s->picked = picked;
  return piece;
}

Result<Piece> with_swatch_moved(Piece piece, Id swatch, Id to_family) {
  Family* from = family_of_swatch(piece, swatch);
  Family* to = family_for_change(piece, to_family);
  if (!from || !to) return not_found(from ? "family" : "swatch");
  if (from != to) to->swatches.push_back(taken_out(*from, swatch));
  return piece;
}

Result<Piece> without_swatch(Piece piece, Id swatch) {
  Family* family = family_of_swatch(piece, swatch);
  if (!family) return not_found("swatch");
  taken_out(*family, swatch);
  return piece;
}

Result<Piece> with_set_named(Piece piece, Id set, std::string name) {
  auto clean = clean_name(name, "set");
  if (!clean) return clean.error();
  auto* s = const_cast<SwatchSet*>(find_set(piece, set));
  if (!s) return not_found("set");
  s->name = *clean;
  return piece;
}

} // namespace zc
