#include "core/piece/edits.h"

#include "core/mask/rewheel.h"
#include "core/piece/edit_rules.h"

#include <algorithm>

namespace zc {
namespace {

SwatchSet* current_for_change(Piece& piece) { return const_cast<SwatchSet*>(current_set(piece)); }

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

} // namespace

Piece new_piece(std::string date) {
  Piece piece;
  piece.date = std::move(date);
  piece.sets.push_back({piece.next_id++, "First set"});
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
      if (swatch.locked) continue;
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

} // namespace zc
