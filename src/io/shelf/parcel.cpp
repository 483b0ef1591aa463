// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/shelf/parcel.h"

#include "core/base/sentences.h"
#include "io/files/json_fields.h"
#include "io/files/safe_save.h"
#include "io/files/zip_archive.h"
#include "io/shelf/press_shelf.h"

#include <algorithm>

namespace zc {
namespace {

constexpr int kParcelFormat = 1;
constexpr const char* kPressEntry = "press.icc";

Error foreign() { return {ErrorCode::Damaged, Sentence::NoParcel, "mimetype"}; }

bool same_mask(const ShelfMask& a, const ShelfMask& b) {
  return a.name == b.name && a.wheel == b.wheel && a.mask.areas == b.mask.areas;
}
bool same_set(const ShelfSet& a, const ShelfSet& b) { return a.name == b.name && same_content(a.set, b.set); }

template <class Item, class Same>
Status put_all(const std::vector<Item>& items, std::vector<Item> there, const std::string& folder, Same same,
               PutUp& out) {
  for (const auto& item : items) {
    const bool known = std::any_of(there.begin(), there.end(), [&](const Item& t) { return same(item, t); });
    if (known) {
      ++out.known;
      continue;
    }
    const auto put = put_on_shelf(folder, item);
    if (!put) return put.error();
    there.push_back(item);
    ++out.added;
  }
  return Done{};
}

} // namespace

Parcel parcel_of(const Piece& piece, const std::vector<Id>& sets, bool with_mask) {
  Parcel out;
  out.description = piece.title + (piece.words.empty() ? "" : ". " + piece.words);
  for (const Id id : sets) {
    const SwatchSet* set = find_set(piece, id);
    if (!set) continue;
    ShelfSet item;
    item.name = set->name;
    item.tags = set->tags;
    item.set = *set;
    out.sets.push_back(std::move(item));
  }
  if (!with_mask || !piece.mask) return out;
  ShelfMask item;
  item.mask = *piece.mask;
  item.name = item.mask.name.empty() ? piece.title : item.mask.name;
  item.wheel = piece.wheel;
  out.masks.push_back(std::move(item));
  return out;
}

Result<Bytes> pack_parcel(const Parcel& parcel) {
  if (parcel.empty()) return Error{ErrorCode::BadInput, Sentence::ParcelEmpty, "parcel"};
  Json json{{"format", kParcelFormat}, {"description", parcel.description}};
  if (!parcel.from.empty()) json["from"] = parcel.from;
  if (!parcel.patterns.empty()) json["patterns"] = Json::array();
  for (const auto& p : parcel.patterns) json["patterns"].push_back(shelf_pattern_json(p));
  if (!parcel.paints.empty()) json["paints"] = Json::array();
  for (const auto& p : parcel.paints) json["paints"].push_back(shelf_paints_json(p));
  json["sets"] = Json::array();
  json["masks"] = Json::array();
  for (const auto& s : parcel.sets) json["sets"].push_back(Json::parse(shelf_set_to_json(s)));
  for (const auto& m : parcel.masks) json["masks"].push_back(shelf_mask_json(m));
  const std::string text = json_text(json);
  std::vector<ZipEntry> entries{{"mimetype", bytes_of(kParcelMimeType), true},
                                {"parcel.json", bytes_of(text), false}};
  if (!parcel.press.empty()) entries.push_back({kPressEntry, parcel.press, false});
  return write_zip(entries);
}

namespace {

const ZipEntry* entry_named(const std::vector<ZipEntry>& entries, std::string_view name) {
  const auto at =
      std::find_if(entries.begin(), entries.end(), [&](const ZipEntry& e) { return e.name == name; });
  return at == entries.end() ? nullptr : &*at;
}

bool is_parcel(const std::vector<ZipEntry>& entries) {
  return !entries.empty() && entries[0].name == "mimetype" && text_of(entries[0].bytes) == kParcelMimeType;
}

/// Takes what could be read; the rest is noted as a field that should be something else.
template <class Item>
void take(Fields& f, const std::string& key, Result<Item> item, Sentence should_be, std::vector<Item>& into) {
  if (item)
    into.push_back(std::move(item).value());
  else
    f.fail(key, should_be);
}

Parcel read_parcel(Fields& f) {
  Parcel out;
  out.description = f.text("description");
  f.each("sets", kMostParcelItems, [&](const Json& j, const std::string& key) {
    take(f, key, shelf_set_from_json(j.dump()), Sentence::ShouldASet, out.sets);
  });
  f.each("masks", kMostParcelItems, [&](const Json& j, const std::string& key) {
    out.masks.push_back(read_shelf_mask(f.inner(j, key)));
  });
  out.from = f.text("from");
  f.each("patterns", kMostParcelItems, [&](const Json& j, const std::string& key) {
    take(f, key, read_shelf_pattern(f.inner(j, key)), Sentence::ShouldAPattern, out.patterns);
  });
  f.each("paints", kMostParcelItems, [&](const Json& j, const std::string& key) {
    take(f, key, read_shelf_paints(j), Sentence::ShouldAPalette, out.paints);
  });
  return out;
}

} // namespace

Result<Parcel> unpack_parcel(const Bytes& bytes) {
  const auto entries = read_zip(bytes, {16, kLargestJson});
  const bool container = bytes.size() >= 2 && bytes[0] == 'P' && bytes[1] == 'K';
  if (!entries) return container ? entries.error() : foreign();
  if (!is_parcel(*entries)) return foreign();
  const ZipEntry* text = entry_named(*entries, "parcel.json");
  if (!text) return damaged_item("parcel", "parcel.json");
  const auto json = shelf_json(text_of(text->bytes), "parcel");
  if (!json) return json.error();
  std::vector<Error> faults;
  Fields f(*json, "", faults);
  Parcel out = read_parcel(f);
  if (const ZipEntry* press = entry_named(*entries, kPressEntry)) {
    if (!Press::read(press->bytes, kPressEntry)) return damaged_item("parcel", kPressEntry);
    out.press = press->bytes;
  }
  if (!faults.empty()) return damaged_item("parcel", faults.front().place);
  return out;
}

Result<Parcel> open_parcel(const std::filesystem::path& path) {
  const auto bytes = read_file(path);
  if (!bytes) return bytes.error();
  auto parcel = unpack_parcel(*bytes);
  if (parcel) return parcel;
  Error error = parcel.error();
  error.said = say(Sentence::NotOpened, path.filename().string(), error.said);
  return error;
}

Status save_parcel(const std::filesystem::path& path, const Parcel& parcel) {
  const auto bytes = pack_parcel(parcel);
  if (!bytes) return bytes.error();
  return save_safely(path, *bytes, Backup::KeepVersionBefore);
}

Result<PutUp> put_parcel_on_shelf(const Parcel& parcel, const ShelfFolders& folders) {
  PutUp out;
  const Status sets = put_all(parcel.sets, read_set_shelf(folders.sets).sets, folders.sets, same_set, out);
  if (!sets) return sets.error();
  auto masks = read_mask_shelf(folders.masks).masks;
  for (auto& shipped : shipped_masks()) masks.push_back(std::move(shipped));
  const Status put = put_all(parcel.masks, std::move(masks), folders.masks, same_mask, out);
  if (!put) return put.error();
  const Status patterns = put_all(
      parcel.patterns, read_pattern_shelf(folders.patterns), folders.patterns,
      [](const ShelfPattern& a, const ShelfPattern& b) { return a.pattern == b.pattern; }, out);
  if (!patterns) return patterns.error();
  const Status paints = put_all(
      parcel.paints, read_paint_shelf(folders.paints), folders.paints,
      [](const ShelfPaints& a, const ShelfPaints& b) { return a.name == b.name && a.paints == b.paints; },
      out);
  if (!paints) return paints.error();
  if (parcel.press.empty()) return out;
  const auto kept = keep_press_bytes(folders.presses, parcel.press, "press");
  if (!kept) return kept.error();
  ++(kept->fresh ? out.added : out.known);
  return out;
}

} // namespace zc
