// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/change.h"
#include "cli/sets.h"

#include "core/piece/edits.h"
#include "core/piece/import.h"
#include "io/exchange/exchange.h"
#include "io/files/safe_save.h"

#include <filesystem>

namespace zc::cli {
namespace {

struct ImportRequest : ChangeRequest {
  std::string into, file, pattern, book; ///< `into` names a set that may be new.
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

/// The set that the colors are in, and how many were added.
struct Imported {
  Id set = 0;
  std::size_t added = 0;
};

Result<Piece> with_import(const Piece& before, const FoundSet& colors, const ImportRequest& r,
                          Imported& made) {
  Piece piece = before;
  const SwatchSet* there = find_set_by_name(before, colors.name);
  const std::size_t count = there ? swatch_count(*there) : 0;
  ImportPlan plan;
  plan.book = r.book;
  if (there) {
    plan.into = ImportInto::OneSet;
    made.set = piece.current_set = there->id;
  }
  auto found = with_found(piece, colors, plan);
  // That everything is there already is an answer.
  if (!found && found.error().place == "import" && there) return before;
  if (!found) return found;
  piece = std::move(found).value();
  made.set = piece.current_set;
  made.added = swatch_count(*current_set(piece)) - count;
  // A piece made for the file has no use for the empty set it began with.
  if (!std::filesystem::exists(r.piece) && piece.sets.size() > 1)
    return without_set(piece, before.sets[0].id);
  piece.current_set = before.current_set;
  return piece;
}

Result<Json> import_set(const ImportRequest& r) {
  const auto bytes = read_file(r.file, kLargestExchangeFile);
  if (!bytes) return bytes.error();
  const std::string name = std::filesystem::path(r.file).filename().string();
  auto found = of_file(r.pattern.empty() ? read_set_file(*bytes, name) : read_by_pattern(r, *bytes, name));
  if (!found) return found.error();
  FoundSet colors = std::move(found).value();
  if (!r.into.empty()) colors.name = r.into;
  Imported imported;
  const auto made = changed(r, [&](const Piece& piece) { return with_import(piece, colors, r, imported); });
  if (!made) return made.error();
  const SwatchSet& set = *find_set(made->piece, imported.set);
  Json out = made->answer;
  out["set"] = set.name;
  out["counts"] = {
      {"found", color_count(colors)}, {"added", imported.added}, {"families", set.families.size()}};
  out["remarks"] = Json::array();
  for (const Saying& remark : colors.remarks) out["remarks"].push_back(in_english(remark));
  return out;
}

} // namespace

Command add_import(const Options& app) {
  auto r = std::make_shared<ImportRequest>();
  const Options command = app.command("import", "Bring a palette file or a picture into a piece");
  command.input("file", r->file, "File to read; its format is told from the contents");
  command.text("--into", r->piece, "Piece file; made where there is none", Options::Need::Needed);
  r->may_be_new = true;
  command.input("--pattern", r->pattern, "Text file with the pattern of the lines to read",
                Options::Need::MayBeLeftOut);
  command.text("--book", r->book, "Color book that the names are from; they are kept as codes");
  command.text("--set", r->into, "Set to add to, or the name of a new one");
  return {command, [r] {
            r->output.path = r->piece;
            return import_set(*r);
          }};
}

} // namespace zc::cli
