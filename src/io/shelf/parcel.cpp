#include "io/shelf/parcel.h"

#include "io/files/safe_save.h"
#include "io/files/zip_archive.h"

#include <algorithm>

namespace zc {
namespace {

constexpr int kParcelFormat = 1;

Error foreign() {
  return {ErrorCode::Damaged, "This is not a Zonachrom parcel; choose a file that ends in .zonaparcel.",
          "mimetype"};
}

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
  if (parcel.sets.empty() && parcel.masks.empty())
    return Error{ErrorCode::BadInput, "The parcel is empty; choose at least one set or mask.", "parcel"};
  Json json{{"format", kParcelFormat}, {"description", parcel.description}};
  json["sets"] = Json::array();
  json["masks"] = Json::array();
  for (const auto& s : parcel.sets) json["sets"].push_back(Json::parse(shelf_set_to_json(s)));
  for (const auto& m : parcel.masks) json["masks"].push_back(shelf_mask_json(m));
  const std::string text = json_text(json);
  return write_zip({{"mimetype", bytes_of(kParcelMimeType), true}, {"parcel.json", bytes_of(text), false}});
}

Result<Parcel> unpack_parcel(const Bytes& bytes) {
  const auto entries = read_zip(bytes, {16, kLargestJson});
  if (!entries) return bytes.size() >= 2 && bytes[0] == 'P' && bytes[1] == 'K' ? entries.error() : foreign();
  if (entries->empty() || (*entries)[0].name != "mimetype" || text_of((*entries)[0].bytes) != kParcelMimeType)
    return foreign();
  const auto at = std::find_if(entries->begin(), entries->end(),
                               [](const ZipEntry& e) { return e.name == "parcel.json"; });
  if (at == entries->end()) return damaged_item("parcel", "parcel.json");
  const auto json = shelf_json(text_of(at->bytes), "parcel");
  if (!json) return json.error();
  std::vector<Error> faults;
  Fields f(*json, "", faults);
  Parcel out;
  out.description = f.text("description");
  f.each("sets", kMostParcelItems, [&](const Json& j, const std::string& key) {
    const auto set = shelf_set_from_json(j.dump());
    if (set)
      out.sets.push_back(*set);
    else
      f.fail(key, "a set");
  });
  f.each("masks", kMostParcelItems, [&](const Json& j, const std::string& key) {
    out.masks.push_back(read_shelf_mask(f.inner(j, key)));
  });
  if (!faults.empty()) return damaged_item("parcel", faults.front().place);
  return out;
}

Result<Parcel> open_parcel(const std::filesystem::path& path) {
  const auto bytes = read_file(path);
  if (!bytes) return bytes.error();
  auto parcel = unpack_parcel(*bytes);
  if (parcel) return parcel;
  Error error = parcel.error();
  error.sentence = "\"" + path.filename().string() + "\" was not opened. " + error.sentence;
  return error;
}

Status save_parcel(const std::filesystem::path& path, const Parcel& parcel) {
  const auto bytes = pack_parcel(parcel);
  if (!bytes) return bytes.error();
  return save_safely(path, *bytes, Backup::KeepVersionBefore);
}

Result<PutUp> put_parcel_on_shelf(const Parcel& parcel, const std::string& set_folder,
                                  const std::string& mask_folder) {
  PutUp out;
  const Status sets = put_all(parcel.sets, read_set_shelf(set_folder).sets, set_folder, same_set, out);
  if (!sets) return sets.error();
  auto masks = read_mask_shelf(mask_folder).masks;
  for (auto& shipped : shipped_masks()) masks.push_back(std::move(shipped));
  const Status put = put_all(parcel.masks, std::move(masks), mask_folder, same_mask, out);
  if (!put) return put.error();
  return out;
}

} // namespace zc
