#include "cli/sets.h"

#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "core/piece/grading.h"
#include "core/piece/import.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"
#include "io/files/safe_save.h"
#include "io/shelf/parcel.h"

#include <filesystem>
#include <map>
#include <memory>

namespace zc::cli {
namespace {

Result<const SwatchSet*> set_named(const Piece& piece, const std::string& name) {
  const SwatchSet* set = find_set_by_name(piece, name);
  if (!set) return Error{ErrorCode::NotFound, "The piece has no set named \"" + name + "\".", "--set"};
  return set;
}

struct SetRequest {
  std::string piece, set, output, file;
  ExchangeFormat format = ExchangeFormat::Hex;
  Adjustment adjustment;
  std::string tint;
};

Result<Json> export_set(const SetRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const auto set = set_named(document->piece, r.set);
  if (!set) return set.error();
  const auto bytes = write_set(**set, r.format);
  if (!bytes) return bytes.error();
  const auto saved = save_safely(r.output, *bytes, Backup::None);
  if (!saved) return saved.error();
  return Json{{"file", r.output}, {"swatches", swatch_count(**set)}};
}

Result<Json> import_set(const SetRequest& r) {
  const auto bytes = read_file(r.file, kLargestExchangeFile);
  if (!bytes) return bytes.error();
  auto found = read_set_file(*bytes, std::filesystem::path(r.file).filename().string());
  if (!found) return found.error();
  FoundSet colors = std::move(found).value();
  Result<Document> document = Document{new_piece(""), {}};
  const bool fresh = !std::filesystem::exists(r.piece);
  if (!fresh) document = open_document(r.piece);
  if (!document) return document.error();
  Document changed = *document;
  if (!r.set.empty()) colors.name = r.set;
  const SwatchSet* there = find_set_by_name(changed.piece, colors.name);
  const std::size_t before = there ? swatch_count(*there) : 0;
  const Id current = changed.piece.current_set;
  ImportPlan plan;
  if (there) {
    plan.into = ImportInto::CurrentSet;
    changed.piece.current_set = there->id;
  }
  auto piece = with_found(changed.piece, colors, plan);
  if (!piece) return piece.error();
  changed.piece = std::move(piece).value();
  const SwatchSet set = *current_set(changed.piece);
  // A piece made for the file has no use for the empty set it began with.
  if (fresh && changed.piece.sets.size() > 1 && swatch_count(changed.piece.sets[0]) == 0)
    changed.piece = *without_set(changed.piece, changed.piece.sets[0].id);
  else if (!fresh)
    changed.piece.current_set = current;
  const Status saved = save_document(r.piece, changed);
  if (!saved) return saved.error();
  Json out{{"piece", r.piece},
           {"set", set.name},
           {"found", color_count(colors)},
           {"added", swatch_count(set) - before},
           {"families", set.families.size()},
           {"remarks", colors.remarks}};
  return out;
}

class Names {
public:
  explicit Names(const SwatchSet& set) {
    for (const auto& family : set.families)
      for (const auto& s : family.swatches) m_known[s.id] = {&family, &s};
  }
  [[nodiscard]] std::string name(Id id) const { return m_known.at(id).second->name; }
  [[nodiscard]] Json full(Id id) const {
    const auto& [family, swatch] = m_known.at(id);
    return {{"name", swatch->name}, {"family", family->name}, {"hex", hex_of(swatch->color)}};
  }
  template <class Pair> [[nodiscard]] Json pairs(const std::vector<Pair>& all) const {
    Json out = Json::array();
    for (const auto& p : all) {
      const Contrast c = contrast_of(m_known.at(p.a).second->color, m_known.at(p.b).second->color);
      out.push_back({{"a", name(p.a)},
                     {"b", name(p.b)},
                     {"difference", c.difference},
                     {"value_difference", c.value_difference},
                     {"swatches", Json::array({full(p.a), full(p.b)})}});
    }
    return out;
  }

private:
  std::map<Id, std::pair<const Family*, const Swatch*>> m_known;
};

Result<Json> grade_set(const SetRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const Piece& piece = document->piece;
  const auto set = set_named(piece, r.set);
  if (!set) return set.error();
  std::optional<MaskRegion> region;
  if (piece.mask && piece.mask_on) region.emplace(*piece.mask);
  const GradingReport report =
      grade(**set, piece.bands, piece.grading, Wheel(piece.wheel), region ? &*region : nullptr);
  const Names names(**set);
  Json gaps = Json::array(), outside = Json::array();
  for (const auto& g : report.gaps)
    gaps.push_back({{"family", find_family(piece, g.family)->name},
                    {"dark", names.name(g.dark)},
                    {"light", names.name(g.light)},
                    {"size", g.size}});
  for (const Id id : report.outside_mask) outside.push_back(names.name(id));
  return Json{{"set", (*set)->name},
              {"swatches", swatch_count(**set)},
              {"bands",
               {{"light", report.bands.light}, {"middle", report.bands.middle}, {"dark", report.bands.dark}}},
              {"target",
               {{"light", piece.grading.target.light},
                {"middle", piece.grading.target.middle},
                {"dark", piece.grading.target.dark}}},
              {"steps", report.steps},
              {"twins", names.pairs(report.twins)},
              {"near_duplicates", names.pairs(report.near_duplicates)},
              {"gaps", gaps},
              {"outside_mask", outside}};
}

Result<Json> adjust_set(const SetRequest& r) {
  auto document = open_document(r.piece);
  if (!document) return document.error();
  Document changed = *document;
  const auto set = set_named(changed.piece, r.set);
  if (!set) return set.error();
  Adjustment adjustment = r.adjustment;
  if (!r.tint.empty()) {
    const auto tint = parse_color(r.tint);
    if (!tint) return tint.error();
    adjustment.tint = *tint;
  }
  const Status valid = validate(adjustment);
  if (!valid) return valid.error();
  const Id id = (*set)->id;
  const auto preview = adjust_preview(**set, {}, adjustment, Wheel(changed.piece.wheel));
  Json held = Json::array();
  for (const auto& a : preview)
    if (a.held) held.push_back(find_swatch(changed.piece, a.swatch)->name);
  auto piece = with_adjusted(changed.piece, id, {}, adjustment);
  if (!piece) return piece.error();
  changed.piece = std::move(piece).value();
  const Status saved = save_document(r.output, changed);
  if (!saved) return saved.error();
  return Json{{"file", r.output}, {"changed", preview.size()}, {"held", held}};
}

struct ParcelRequest {
  std::string piece, description, output, file;
  std::vector<std::string> sets, tags;
  bool mask = false;
};

Result<Json> pack_parcel_of(const ParcelRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  Parcel parcel;
  parcel.description = r.description;
  for (const auto& name : r.sets) {
    const auto set = set_named(document->piece, name);
    if (!set) return set.error();
    ShelfSet item;
    item.name = (*set)->name;
    item.tags = r.tags.empty() ? (*set)->tags : r.tags;
    item.set = **set;
    parcel.sets.push_back(std::move(item));
  }
  if (r.mask) {
    if (!document->piece.mask) return Error{ErrorCode::NotFound, "The piece has no mask.", "--mask"};
    ShelfMask item;
    item.mask = *document->piece.mask;
    item.name = item.mask.name.empty() ? document->piece.title : item.mask.name;
    item.tags = r.tags;
    item.wheel = document->piece.wheel;
    parcel.masks.push_back(std::move(item));
  }
  const Status saved = save_parcel(r.output, parcel);
  if (!saved) return saved.error();
  return Json{{"file", r.output}, {"sets", parcel.sets.size()}, {"masks", parcel.masks.size()}};
}

Result<Json> list_parcel(const ParcelRequest& r) {
  const auto parcel = open_parcel(r.file);
  if (!parcel) return parcel.error();
  Json sets = Json::array(), masks = Json::array();
  for (const auto& s : parcel->sets)
    sets.push_back({{"name", s.name},
                    {"tags", s.tags},
                    {"families", s.set.families.size()},
                    {"swatches", swatch_count(s.set)}});
  for (const auto& m : parcel->masks)
    masks.push_back({{"name", m.name}, {"tags", m.tags}, {"areas", m.mask.areas.size()}});
  return Json{{"description", parcel->description}, {"sets", sets}, {"masks", masks}};
}

} // namespace

std::vector<Command> add_set_commands(CLI::App& app) {
  auto r = std::make_shared<SetRequest>();
  auto p = std::make_shared<ParcelRequest>();
  std::map<std::string, ExchangeFormat> formats;
  for (const auto& f : kExchangeFormats) formats.emplace(f.word, f.format);

  auto* out = app.add_subcommand("export", "Write a set of a piece");
  out->add_option("piece", r->piece, "Piece file")->required();
  out->add_option("--set", r->set, "Name of the set")->required();
  out->add_option("--format", r->format, "tokens, cxf, cgats, css, csv, hex, svg or png")
      ->transform(CLI::CheckedTransformer(formats));
  out->add_option("-o,--output", r->output, "File to write")->required();

  auto* in = app.add_subcommand("import", "Bring a palette file or a picture into a piece");
  in->add_option("file", r->file, "File to read; its format is told from the contents")->required();
  in->add_option("--into", r->piece, "Piece file; made where there is none")->required();
  in->add_option("--set", r->set, "Set to add to, or the name of a new one");

  auto* grading = app.add_subcommand("grade", "Grading report of a set");
  grading->add_option("piece", r->piece, "Piece file")->required();
  grading->add_option("--set", r->set, "Name of the set")->required();

  auto* adjust = app.add_subcommand("adjust", "Change all colors of a set");
  adjust->add_option("piece", r->piece, "Piece file")->required();
  adjust->add_option("--set", r->set, "Name of the set")->required();
  adjust->add_option("--turn", r->adjustment.turn, "Degrees on the piece's wheel");
  adjust->add_option("--saturation", r->adjustment.saturation, "Factor");
  adjust->add_option("--value", r->adjustment.value, "Added to L*");
  adjust->add_option("--contrast", r->adjustment.contrast, "Factor of the distance in L* from the pivot");
  adjust->add_option("--pivot", r->adjustment.pivot, "L* that contrast leaves; 50 when left out");
  adjust->add_option("--toward", r->tint, "Color of a light to tint toward");
  adjust->add_option("--share", r->adjustment.tint_share, "How far toward it, 0 to 1");
  adjust->add_option("-o,--output", r->output, "Piece file to write")->required();

  auto* parcel = app.add_subcommand("parcel", "Sets and masks for others in one file");
  parcel->require_subcommand(1);
  auto* pack = parcel->add_subcommand("pack", "Pack sets and the mask of a piece");
  pack->add_option("piece", p->piece, "Piece file")->required();
  pack->add_option("--set", p->sets, "Set to pack; may be given several times");
  pack->add_flag("--mask", p->mask, "Pack the mask of the piece");
  pack->add_option("--description", p->description, "What the parcel is for");
  pack->add_option("--tag", p->tags, "Tag of everything in it");
  pack->add_option("-o,--output", p->output, "File to write")->required();
  auto* list = parcel->add_subcommand("list", "Tell what a parcel holds");
  list->add_option("file", p->file, "Parcel")->required();

  return {{out, [r] { return export_set(*r); }},      {in, [r] { return import_set(*r); }},
          {grading, [r] { return grade_set(*r); }},   {adjust, [r] { return adjust_set(*r); }},
          {pack, [p] { return pack_parcel_of(*p); }}, {list, [p] { return list_parcel(*p); }}};
}

} // namespace zc::cli
