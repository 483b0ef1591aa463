// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli shelf: what is kept for every piece, in the user's own folder.
#include "cli/change.h"

#include "cli/sets.h"
#include "core/piece/edits.h"
#include "core/piece/paints.h"
#include "io/container/piece_file.h"
#include "io/shelf/mask_shelf.h"
#include "io/shelf/paint_shelf.h"
#include "io/shelf/parcel.h"
#include "io/shelf/set_shelf.h"

#include <QStandardPaths>

namespace zc::cli {
namespace {

enum class ShelfKind { Sets, Masks, Paints };
constexpr Word<ShelfKind> kShelfKinds[] = {
    {ShelfKind::Sets, "sets"}, {ShelfKind::Masks, "masks"}, {ShelfKind::Paints, "paints"}};

std::string folder_of(std::string_view kind) {
  return (QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
          QStringLiteral("/zonachrom/shelf/"))
             .toStdString() +
         std::string(kind);
}

struct ShelfRequest : ChangeRequest {
  ShelfKind kind = ShelfKind::Sets;
  std::string search;
  std::vector<std::string> tags;
};

Json card_json(const ShelfCard& card, const char* counted, std::size_t count) {
  return {{"name", card.name}, {"tags", card.tags}, {"on", card.on}, {"counts", {{counted, count}}}};
}

std::vector<ShelfCard> cards_of(ShelfKind kind) {
  std::vector<ShelfCard> out;
  if (kind == ShelfKind::Sets)
    for (const auto& set : read_set_shelf(folder_of("sets")).sets) out.push_back(set);
  if (kind == ShelfKind::Masks)
    for (const auto& mask : read_mask_shelf(folder_of("masks")).masks) out.push_back(mask);
  if (kind == ShelfKind::Paints)
    for (const auto& paints : read_paint_shelf(folder_of("paints"))) out.push_back(paints);
  return out;
}

Result<Json> list(const ShelfRequest& r) {
  Json sets = Json::array(), masks = Json::array(), paints = Json::array();
  for (const auto& set : read_set_shelf(folder_of("sets")).sets)
    if (found_by(set, r.search)) sets.push_back(card_json(set, "swatches", swatch_count(set.set)));
  for (const auto& mask : read_mask_shelf(folder_of("masks")).masks)
    if (found_by(mask, r.search)) masks.push_back(card_json(mask, "areas", mask.mask.areas.size()));
  for (const auto& palette : read_paint_shelf(folder_of("paints")))
    if (found_by(palette, r.search)) paints.push_back(card_json(palette, "paints", palette.paints.size()));
  return Json{{"sets", sets}, {"masks", masks}, {"palettes", paints}};
}

Result<std::string> keep_set(const Piece& p, const ShelfRequest& r) {
  const auto set = set_or_current(p, r.set);
  if (!set) return set.error();
  ShelfSet item;
  item.set = **set;
  item.name = r.name.empty() ? (*set)->name : r.name;
  item.tags = r.tags.empty() ? (*set)->tags : r.tags;
  return put_on_shelf(folder_of("sets"), item);
}

Result<std::string> keep_mask(const Piece& p, const ShelfRequest& r) {
  if (!p.mask) return Error{ErrorCode::NotFound, as_said("The piece has no mask."), r.piece};
  ShelfMask item;
  item.wheel = p.wheel;
  item.mask = *p.mask;
  item.name = !r.name.empty() ? r.name : p.mask->name.empty() ? p.title : p.mask->name;
  item.tags = r.tags;
  return put_on_shelf(folder_of("masks"), item);
}

Result<std::string> keep_paints(const Piece& p, const ShelfRequest& r) {
  if (p.paints.empty()) return Error{ErrorCode::NotFound, as_said("The piece has no paints."), r.piece};
  ShelfPaints item;
  item.paints = p.paints;
  item.name = r.name.empty() ? p.title : r.name;
  item.tags = r.tags;
  return put_on_shelf(folder_of("paints"), item);
}

Result<Json> keep(const ShelfRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const auto keep_kind = r.kind == ShelfKind::Sets    ? keep_set
                         : r.kind == ShelfKind::Masks ? keep_mask
                                                      : keep_paints;
  const auto kept = keep_kind(document->piece, r);
  if (!kept) return kept.error();
  return Json{{"files", files_json(*kept)}, {"changed", true}};
}

Result<Json> remove(const ShelfRequest& r) {
  std::vector<ShelfCard> named;
  for (const ShelfCard& card : cards_of(r.kind))
    if (card.name == r.name) named.push_back(card);
  if (named.empty())
    return Error{ErrorCode::NotFound, as_said("There is no \"" + r.name + "\" on the shelf."), r.name};
  if (named.size() > 1)
    return Error{ErrorCode::BadInput,
                 as_said("There are several of the name \"" + r.name + "\" on the shelf."), r.name};
  const Status removed = remove_file(named.front());
  if (!removed) return removed.error();
  return Json{{"files", Json::array()}, {"changed", true}};
}

Result<Json> unpack(const ShelfRequest& r) {
  const auto parcel = of_file(open_parcel(r.search));
  if (!parcel) return parcel.error();
  const auto put = put_parcel_on_shelf(*parcel, {folder_of("sets"), folder_of("masks"), folder_of("patterns"),
                                                 folder_of("paints"), folder_of("presses")});
  if (!put) return put.error();
  return Json{{"counts", {{"added", put->added}, {"known", put->known}}}, {"changed", put->added > 0}};
}

Result<Piece> with_shelf_set(const Piece& piece, const ShelfSet& item) {
  auto out = with_set(piece, item.name);
  for (const Family& family : item.set.families) {
    if (out) out = with_family(std::move(out).value(), family.name);
    if (!out) return out;
    const Id id = current_set(*out)->families.back().id;
    out = with_swatches_pasted(std::move(out).value(), id, {family.swatches.begin(), family.swatches.end()});
  }
  return out;
}

/// A set of the shelf becomes one of the piece, a mask its mask, a palette its paints.
Result<Piece> with_item(const Piece& piece, const ShelfRequest& r) {
  const auto is_named = [&r](const ShelfCard& card) { return card.name == r.name; };
  if (r.kind == ShelfKind::Sets) {
    const auto all = read_set_shelf(folder_of("sets")).sets;
    const auto item = std::find_if(all.begin(), all.end(), is_named);
    if (item != all.end()) return with_shelf_set(piece, *item);
  } else if (r.kind == ShelfKind::Masks) {
    const auto all = read_mask_shelf(folder_of("masks")).masks;
    const auto item = std::find_if(all.begin(), all.end(), is_named);
    if (item != all.end()) return with_mask_on(with_mask(piece, mask_on(*item, piece.wheel)), true);
  } else {
    const auto all = read_paint_shelf(folder_of("paints"));
    const auto item = std::find_if(all.begin(), all.end(), is_named);
    if (item != all.end()) return with_paints(piece, item->paints);
  }
  return Error{ErrorCode::NotFound, as_said("There is no \"" + r.name + "\" on the shelf."), r.name};
}

} // namespace

std::vector<Command> add_shelf_commands(const Options& app) {
  const Options group = app.group("shelf", "What is kept for every piece: list, keep, use, remove, unpack");
  std::vector<Command> out;
  const auto request = [] { return std::make_shared<ShelfRequest>(); };
  {
    auto r = request();
    const Options command = group.command("list", "List sets, masks and palettes of paints on the shelf");
    command.text("--search", r->search, "Words that are in the name or a tag");
    out.push_back({command, [r] { return list(*r); }});
  }
  {
    auto r = request();
    const Options command =
        group.command("keep", "Save a set, the mask or the paints of a piece to the shelf");
    command.choice("kind", kShelfKinds, "What is kept", r->kind, Options::Need::Needed);
    command.input("piece", r->piece, "Piece file");
    command.text("--set", r->set, "Name of the set; the current one when left out");
    command.text("--name", r->name, "Name on the shelf; its own when left out");
    command.texts("--tag", r->tags, "A tag, once for each");
    out.push_back({command, [r] { return keep(*r); }});
  }
  {
    auto r = request();
    const Options command = group.command("use", "Bring a set, a mask or paints of the shelf into a piece");
    command.choice("kind", kShelfKinds, "What is brought", r->kind, Options::Need::Needed);
    command.text("name", r->name, "Name on the shelf", Options::Need::Needed);
    out.push_back(change_command(command, r, [r = r.get()](const Piece& p) { return with_item(p, *r); }));
  }
  {
    auto r = request();
    const Options command = group.command("remove", "Remove something from the shelf");
    command.choice("kind", kShelfKinds, "What is removed", r->kind, Options::Need::Needed);
    command.text("name", r->name, "Name on the shelf", Options::Need::Needed);
    out.push_back({command, [r] { return remove(*r); }});
  }
  return out;
}

Command add_parcel_unpack(const Options& parcel) {
  auto r = std::make_shared<ShelfRequest>();
  const Options command = parcel.command("unpack", "Put everything in a parcel on the shelf");
  command.input("parcel", r->search, "Parcel");
  return {command, [r] { return unpack(*r); }};
}

} // namespace zc::cli
