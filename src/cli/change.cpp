// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/change.h"

#include "cli/sets.h"
#include "core/color/text.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"

#include <filesystem>

namespace zc::cli {
namespace {

Error none_named(const char* what, const std::string& name, const char* where) {
  return {ErrorCode::NotFound,
          as_said(std::string("There is no ") + what + " \"" + name + "\" in " + where + "."), name};
}

template <class T, class List>
Result<const T*> only_one(const List& all, const std::string& name, const char* what, const char* where) {
  const T* found = nullptr;
  for (const T& one : all) {
    if (one.name != name) continue;
    if (found)
      return Error{ErrorCode::BadInput,
                   as_said("There are several of the name \"" + name + "\" in " + where + "."), name};
    found = &one;
  }
  if (!found) return none_named(what, name, where);
  return found;
}

bool is_meant(const Swatch& swatch, const Family& family, const std::string& name) {
  return swatch.name == name || family.name + "/" + swatch.name == name ||
         family.name + "@" + std::to_string(swatch.place + 1) == name || hex_of(swatch.color) == name;
}

/// The one way in which a piece file is changed.
Result<Changed> changed_document(const ChangeRequest& request, const std::function<Status(Document&)>& edit) {
  const FileClaim claim(request.output.path, kClaimPatience);
  if (claim.taken()) return taken_elsewhere(request.output.path);
  std::error_code code;
  const bool fresh = request.may_be_new && !std::filesystem::exists(request.piece, code);
  const Result<Document> before = fresh ? Document{new_piece(""), {}} : open_document(request.piece);
  if (!before) return before.error();
  Document after = *before;
  const Status edited = edit(after);
  if (!edited) return edited.error();
  if (const auto faults = check(after.piece); !faults.empty())
    return Error{ErrorCode::BadInput, faults.front().said, faults.front().place};
  const bool differs = after.piece != before->piece || after.at_hand != before->at_hand;
  const bool written = differs || request.output.path != request.piece;
  const Status saved = written ? save_document(request.output.path, after) : Done{};
  if (!saved) return saved.error();
  return Changed{{{"files", written ? files_json(request.output.path) : Json::array()}, {"changed", differs}},
                 std::move(after.piece)};
}

} // namespace

Result<Changed> changed(const ChangeRequest& request, const Edit& edit) {
  return changed_document(request, [&](Document& document) -> Status {
    Piece before = document.piece;
    const Id current = before.current_set;
    if (!request.set.empty()) {
      const auto set = set_named(before, request.set);
      if (!set) return set.error();
      before.current_set = (*set)->id;
    }
    auto edited = edit(before);
    if (!edited) return edited.error();
    document.piece = std::move(edited).value();
    if (document.piece.current_set == before.current_set) document.piece.current_set = current;
    return Done{};
  });
}

Result<Json> change(const ChangeRequest& request, const Edit& edit) {
  auto made = changed(request, edit);
  if (!made) return made.error();
  return std::move(made).value().answer;
}

Result<Json> change_at_hand(const ChangeRequest& request, const AtHandEdit& edit) {
  auto made = changed_document(request, [&](Document& document) -> Status {
    auto edited = edit(document.at_hand);
    if (!edited) return edited.error();
    document.at_hand = std::move(edited).value();
    return Done{};
  });
  if (!made) return made.error();
  return std::move(made).value().answer;
}

Command change_command(const Options& command, const std::shared_ptr<ChangeRequest>& request,
                       const Edit& edit) {
  command.changed_piece(request->piece, request->output);
  return {command, [request, edit] { return change(*request, edit); }};
}

void add_set_option(const Options& command, ChangeRequest& request) {
  command.text("--set", request.set, "Name of the set; the current one when left out");
}

Result<const Family*> family_named(const Piece& piece, const std::string& name) {
  return only_one<Family>(current_set(piece)->families, name, "family", "the set");
}

Result<const Swatch*> swatch_named(const Piece& piece, const std::string& name) {
  const Swatch* found = nullptr;
  for (const Family& family : current_set(piece)->families)
    for (const Swatch& swatch : family.swatches) {
      if (!is_meant(swatch, family, name)) continue;
      if (found)
        return Error{ErrorCode::BadInput,
                     as_said("\"" + name +
                             "\" may be several swatches of the set; write FAMILY/NAME or FAMILY@PLACE."),
                     name};
      found = &swatch;
    }
  if (!found) return none_named("swatch", name, "the set");
  return found;
}

Result<std::vector<Id>> swatches_named(const Piece& piece, const std::vector<std::string>& names) {
  std::vector<Id> out;
  for (const std::string& name : names) {
    const auto swatch = swatch_named(piece, name);
    if (!swatch) return swatch.error();
    if (std::find(out.begin(), out.end(), (*swatch)->id) == out.end()) out.push_back((*swatch)->id);
  }
  return out;
}

Result<const SetVersion*> version_named(const Piece& piece, const std::string& name) {
  return only_one<SetVersion>(current_set(piece)->versions, name, "version", "the set");
}

Result<const Reference*> reference_named(const Piece& piece, const std::string& name) {
  return only_one<Reference>(piece.references, name, "reference", "the piece");
}

Result<const PalettePaint*> paint_named(const Piece& piece, const std::string& name) {
  return only_one<PalettePaint>(piece.paints, name, "paint", "the piece");
}

} // namespace zc::cli
