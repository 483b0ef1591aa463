// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/edits.h"

#include "core/base/sentences.h"
#include "core/mask/rewheel.h"
#include "core/piece/change.h"
#include "core/piece/key_edits.h"

#include <algorithm>
#include <charconv>

namespace zc {
namespace {

Area* area_to_change(Piece& piece, std::size_t area) {
  if (!piece.mask || area >= piece.mask->areas.size()) return nullptr;
  return &piece.mask->areas.change(area);
}

Polygon* polygon_to_change(Piece& piece, std::size_t area) {
  Area* a = area_to_change(piece, area);
  return a ? std::get_if<Polygon>(&a->shape) : nullptr;
}

/// The ending of a file as far as it is a plain one.
std::string plain_extension(std::string_view given) {
  std::string out;
  for (const char c : given) {
    const char low = c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
    if (out.size() < kLongestExtension && good_extension({&low, 1})) out += low;
  }
  return out;
}

/// A mask must not be talked into admitting nothing.
Result<Piece> if_it_encloses(Piece piece, Sentence otherwise) {
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

Result<Piece> with_title(Piece piece, const std::string& title) {
  auto clean = clean_name(title, "piece");
  if (!clean) return clean.error();
  piece.title = *clean;
  return piece;
}

namespace {

/// ISO 8601, a day: four digits, two, two.
bool is_day(const std::string& date) {
  if (date.size() != 10 || date[4] != '-' || date[7] != '-') return false;
  const auto number = [&](std::size_t from, std::size_t count) {
    int out = 0;
    const auto [end, error] = std::from_chars(date.data() + from, date.data() + from + count, out);
    return error == std::errc{} && end == date.data() + from + count ? out : -1;
  };
  const int year = number(0, 4), month = number(5, 2), day = number(8, 2);
  if (year < 0 || month < 1 || month > 12) return false;
  const bool leap = year % 4 == 0 && (year % 100 != 0 || year % 400 == 0);
  const int days[] = {31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
  return day >= 1 && day <= days[month - 1];
}

Error too_long(const char* what) { return {ErrorCode::BadInput, say(Sentence::FieldTooLong, what), what}; }

} // namespace

Card card_of(const Piece& piece) { return {piece.title, piece.words, piece.date, piece.signature}; }

Result<Piece> with_card(Piece piece, const Card& card) {
  const std::string date(trimmed(card.date));
  if (!date.empty() && !is_day(date))
    return Error{ErrorCode::BadInput, say(Sentence::NoDay, shortened(date, 40)), "date"};
  if (card.words.size() > kLongestNote) return too_long("text");
  if (card.signature.size() > kLongestName) return too_long("signature");
  piece.words = card.words;
  piece.date = date;
  piece.signature = trimmed(card.signature);
  return with_title(std::move(piece), card.title);
}

Result<Piece> with_wheel(Piece piece, WheelSpec wheel, MaskKeeps keeps) {
  if (piece.mask && keeps == MaskKeeps::Colors)
    piece.mask = with_colors_kept(*piece.mask, Wheel(piece.wheel), Wheel(wheel));
  if (piece.mask && piece.mask->areas.size() > kMostAreas)
    return Error{ErrorCode::TooLarge, say(Sentence::WheelMakesTooManyAreas, std::to_string(kMostAreas)),
                 "mask"};
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
    return Error{ErrorCode::BadInput, Sentence::NoMaskToCut, "mask"};
  if (!piece.mask) {
    piece.mask = Mask{};
    piece.mask->name = "own shape";
    piece.mask_on = true;
  }
  if (piece.mask->areas.size() >= kMostAreas)
    return Error{ErrorCode::TooLarge, say(Sentence::AreasFull, std::to_string(kMostAreas)), "mask"};
  piece.mask->areas.push_back(std::move(area));
  return if_it_encloses(std::move(piece), Sentence::CutLeavesNothing);
}

Result<Piece> with_area_mode(Piece piece, std::size_t area, AreaMode mode) {
  Area* a = area_to_change(piece, area);
  if (!a) return not_found("mask area");
  a->mode = mode;
  return if_it_encloses(std::move(piece), Sentence::CutByAreaLeavesNothing);
}

Result<Piece> with_area_shape(Piece piece, std::size_t area, Shape shape) {
  Area* a = area_to_change(piece, area);
  if (!a) return not_found("mask area");
  const Status valid = validate(shape);
  if (!valid) return valid.error();
  a->shape = std::move(shape);
  return if_it_encloses(std::move(piece), Sentence::NumbersLeaveNothing);
}

Result<Piece> with_area_duplicated(Piece piece, std::size_t area) {
  const Area* a = area_to_change(piece, area);
  if (!a) return not_found("mask area");
  Area copy = *a;
  copy.shape = moved_shape(copy.shape, {0, 0}, {0.06, -0.06});
  return with_area_added(std::move(piece), std::move(copy));
}

Result<Piece> with_area_moved(Piece piece, std::size_t area, std::size_t place) {
  if (!area_to_change(piece, area) || place > piece.mask->areas.size()) return not_found("mask area");
  piece.mask->areas.move(area, place);
  return if_it_encloses(std::move(piece), Sentence::OrderLeavesNothing);
}

Result<Piece> with_area_removed(Piece piece, std::size_t area) {
  if (!area_to_change(piece, area)) return not_found("mask area");
  auto& areas = piece.mask->areas;
  areas.erase(area);
  if (areas.empty()) {
    piece.mask.reset();
    return piece;
  }
  return if_it_encloses(std::move(piece), Sentence::AreaLeavesNothing);
}

Result<Piece> with_mask_handle(Piece piece, std::size_t area, Grip grip, std::size_t index, DiscPoint to) {
  Area* a = area_to_change(piece, area);
  if (!a) return not_found("mask area");
  a->shape = with_handle_at(a->shape, grip, index, to);
  return piece;
}

Result<Piece> with_mask_point_added(Piece piece, std::size_t area, std::size_t before, DiscPoint at) {
  Polygon* p = polygon_to_change(piece, area);
  if (!p || before > p->points.size()) return not_found("mask point");
  if (p->points.size() >= kMostPoints)
    return Error{ErrorCode::TooLarge, Sentence::MaskAreaTooManyPoints, "mask point"};
  p->points.insert(p->points.begin() + static_cast<std::ptrdiff_t>(before), pulled_onto_disc(at));
  return piece;
}

Result<Piece> with_mask_point_removed(Piece piece, std::size_t area, std::size_t point) {
  Polygon* p = polygon_to_change(piece, area);
  if (!p || point >= p->points.size()) return not_found("mask point");
  if (p->points.size() <= 3) return Error{ErrorCode::BadInput, Sentence::MaskAreaTooFewPoints, "mask point"};
  p->points.erase(p->points.begin() + static_cast<std::ptrdiff_t>(point));
  return if_it_encloses(std::move(piece), Sentence::PointLeavesNothing);
}

Result<Piece> with_mask_turned(Piece piece, double by, Carry carry) {
  if (!piece.mask) return not_found("mask");
  piece.mask = turned_mask(*piece.mask, by);
  const KeyMap turned = KeyMap::turned(Wheel(piece.wheel), by);
  return with_sets_moved(std::move(piece), turned, carry);
}

Result<Piece> with_reference(Piece piece, std::string name, const std::string& extension, SharedBytes bytes) {
  if (piece.references.size() >= kMostReferences)
    return Error{ErrorCode::TooLarge, say(Sentence::ReferencesFull, std::to_string(kMostReferences)),
                 "references"};
  piece.references.push_back({piece.next_id++,
                              shortened(std::move(name), kLongestName),
                              plain_extension(extension),
                              std::move(bytes),
                              {}});
  return piece;
}

Result<Piece> without_reference(Piece piece, Id reference) {
  if (piece.references.erase_if([&](const auto& r) { return r.id == reference; }) == 0)
    return not_found("reference");
  return piece;
}

Result<Piece> with_reference_named(Piece piece, Id reference, const std::string& name) {
  auto clean = clean_name(name, "reference");
  if (!clean) return clean.error();
  Reference* r = reference_to_change(piece, reference);
  if (!r) return not_found("reference");
  r->name = *clean;
  return piece;
}

Result<Piece> with_reference_moved(Piece piece, Id reference, std::size_t place) {
  const std::size_t from = index_of(piece.references, reference);
  if (from == piece.references.size() || place > piece.references.size()) return not_found("reference");
  piece.references.move(from, place);
  return piece;
}

Result<Piece> with_reference_replaced(Piece piece, Id reference, std::string name,
                                      const std::string& extension, SharedBytes bytes) {
  Reference* r = reference_to_change(piece, reference);
  if (!r) return not_found("reference");
  r->name = shortened(std::move(name), kLongestName);
  r->extension = plain_extension(extension);
  r->bytes = std::move(bytes);
  r->follows.clear();
  return piece;
}

Result<Piece> with_reference_following(Piece piece, Id reference, std::string path) {
  Reference* r = reference_to_change(piece, reference);
  if (!r) return not_found("reference");
  if (path.size() > kLongestPath) return Error{ErrorCode::BadInput, Sentence::PathTooLong, "follows"};
  r->follows = std::move(path);
  return piece;
}

Result<Piece> with_study(Piece piece, Id reference, Study study) {
  Reference* r = reference_to_change(piece, reference);
  if (!r) return not_found("reference");
  if (const Status status = validate(study.cut); !status) return status.error();
  if (study.edits.size() > kMostStudyEdits || study.bound.size() > kMostStudyEdits)
    return Error{ErrorCode::BadInput, Sentence::TooManyAreaEdits, "study"};
  r->study = std::move(study);
  return piece;
}

Piece with_canvas(Piece piece, Id reference, const std::string& path, const std::string& extension,
                  SharedBytes bytes) {
  const Reference* now = find_reference(piece, reference);
  const bool other = now && !path.empty() && now->follows == path && now->bytes != bytes &&
                     !(now->bytes && bytes && *now->bytes == *bytes);
  if (!other) return piece;
  Reference* r = reference_to_change(piece, reference);
  r->extension = plain_extension(extension);
  r->bytes = std::move(bytes);
  return piece;
}

} // namespace zc
