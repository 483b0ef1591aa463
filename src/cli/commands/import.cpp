// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/sets.h"

#include "core/piece/edits.h"
#include "core/piece/import.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"

#include <filesystem>

namespace zc::cli {
namespace {

struct ImportRequest {
  std::string piece, set, file, pattern, book;
};

Result<FoundSet> read_by_pattern(const ImportRequest& r, const Bytes& bytes, const std::string& name) {
  const auto pattern = pattern_in(r.pattern);
  if (!pattern) return pattern.error();
  const auto text = text_of_file(bytes, name);
  if (!text) return text.error();
  auto found = set_from_lines(*text, *pattern);
  if (!found || !found->name.empty()) return found;
  FoundSet out = std::move(found).value();
  out.name = std::filesystem::path(name).stem().string();
  return out;
}

Json told(const ImportRequest& r, const FoundSet& colors, const SwatchSet& set, std::size_t added) {
  Json remarks = Json::array();
  for (const Saying& remark : colors.remarks) remarks.push_back(in_english(remark));
  return {{"files", files_json(r.piece)},
          {"set", set.name},
          {"counts", {{"found", color_count(colors)}, {"added", added}, {"families", set.families.size()}}},
          {"remarks", remarks}};
}

Result<Json> import_set(const ImportRequest& r) {
  const auto bytes = read_file(r.file, kLargestExchangeFile);
  if (!bytes) return bytes.error();
  const std::string name = std::filesystem::path(r.file).filename().string();
  auto found = of_file(r.pattern.empty() ? read_set_file(*bytes, name) : read_by_pattern(r, *bytes, name));
  if (!found) return found.error();
  FoundSet colors = std::move(found).value();
  // From here on until it is saved the piece is this command's.
  const FileClaim claim(r.piece, kClaimPatience);
  if (claim.taken()) return taken_elsewhere(r.piece);
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
  plan.book = r.book;
  if (there) {
    plan.into = ImportInto::OneSet;
    changed.piece.current_set = there->id;
  }
  auto piece = with_found(changed.piece, colors, plan);
  // That everything is there already is an answer.
  if (!piece && piece.error().place == "import" && there) return told(r, colors, *there, 0);
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
  return told(r, colors, set, swatch_count(set) - before);
}

} // namespace

Command add_import(const Options& app) {
  auto r = std::make_shared<ImportRequest>();
  const Options command = app.command("import", "Bring a palette file or a picture into a piece");
  command.input("file", r->file, "File to read; its format is told from the contents");
  command.text("--into", r->piece, "Piece file; made where there is none", Options::Need::Needed);
  command.input("--pattern", r->pattern, "Text file with the pattern of the lines to read",
                Options::Need::MayBeLeftOut);
  command.text("--book", r->book, "Color book that the names are from; they are kept as codes");
  command.text("--set", r->set, "Set to add to, or the name of a new one");
  return {command, [r] { return import_set(*r); }};
}

} // namespace zc::cli
