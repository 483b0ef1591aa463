// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/sets.h"
#include "io/container/piece_file.h"
#include "io/shelf/parcel.h"

namespace zc::cli {
namespace {

struct ParcelRequest {
  std::string piece, description, file;
  OutputFile output;
  std::vector<std::string> sets, tags;
  bool mask = false;
};

Json told(const Parcel& parcel) {
  Json sets = Json::array(), masks = Json::array();
  for (const auto& s : parcel.sets)
    sets.push_back({{"name", s.name},
                    {"tags", s.tags},
                    {"counts", {{"families", s.set.families.size()}, {"swatches", swatch_count(s.set)}}}});
  for (const auto& m : parcel.masks)
    masks.push_back({{"name", m.name}, {"tags", m.tags}, {"counts", {{"areas", m.mask.areas.size()}}}});
  return {{"description", parcel.description}, {"sets", sets}, {"masks", masks}};
}

Result<Json> pack_parcel_of(const ParcelRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  std::vector<Id> sets;
  for (const auto& name : r.sets) {
    const auto set = set_named(document->piece, name);
    if (!set) return set.error();
    sets.push_back((*set)->id);
  }
  if (r.mask && !document->piece.mask)
    return Error{ErrorCode::NotFound, as_said("The piece has no mask."), "--mask"};
  Parcel parcel = parcel_of(document->piece, sets, r.mask);
  parcel.description = r.description;
  for (auto& set : parcel.sets)
    if (!r.tags.empty()) set.tags = r.tags;
  for (auto& mask : parcel.masks) mask.tags = r.tags;
  const Status saved = save_parcel(r.output.path, parcel);
  if (!saved) return saved.error();
  Json out{{"files", files_json(r.output.path)}};
  out.update(told(parcel));
  return out;
}

Result<Json> list_parcel(const ParcelRequest& r) {
  const auto parcel = of_file(open_parcel(r.file));
  if (!parcel) return parcel.error();
  return told(*parcel);
}

} // namespace

Command add_parcel_pack(const Options& parcel) {
  auto p = std::make_shared<ParcelRequest>();
  const Options command = parcel.command("pack", "Pack sets and the mask of a piece");
  command.input("piece", p->piece, "Piece file");
  command.texts("--set", p->sets, "Set to pack, once for each");
  command.flag("--mask", p->mask, "Pack the mask of the piece");
  command.text("--description", p->description, "What the parcel is for");
  command.texts("--tag", p->tags, "Tag of everything in it, once for each");
  command.output(p->output, {{"parcel", {}}}, "Parcel to write");
  return {command, [p] { return pack_parcel_of(*p); }};
}

Command add_parcel_list(const Options& parcel) {
  auto p = std::make_shared<ParcelRequest>();
  const Options command = parcel.command("list", "Tell what a parcel holds");
  command.input("parcel", p->file, "Parcel");
  return {command, [p] { return list_parcel(*p); }};
}

} // namespace zc::cli
