// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/paints.h"

#include "cli/line/command.h"
#include "cli/sets.h"
#include "core/base/sentences.h"
#include "core/piece/import.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"
#include "io/files/json_text.h"
#include "io/shelf/paint_shelf.h"

#include <filesystem>

namespace zc::cli {
namespace {

Result<List<PalettePaint>> from_families(const List<Family>& families, const std::string& file) {
  List<PalettePaint> out;
  for (const auto& family : families)
    for (const auto& s : family.swatches) out.push_back({s.id, s.name, s.color});
  if (out.size() > kMostPaints)
    return Error{ErrorCode::BadInput,
                 as_said("\"" + file + "\" has " + std::to_string(out.size()) +
                         " colors and no palette of paints; a palette has at most 12."),
                 file};
  return out;
}

Result<List<PalettePaint>> read_paints(const std::string& file) {
  const std::filesystem::path path(file);
  if (is_piece_file(file)) {
    const auto document = open_document(file);
    if (!document) return document.error();
    if (!document->piece.paints.empty()) return document->piece.paints;
    const SwatchSet* set = current_set(document->piece);
    return from_families(set ? set->families : List<Family>(), file);
  }
  const auto bytes = read_file(file, kLargestExchangeFile);
  if (!bytes) return bytes.error();
  const auto json = parse_json(text_of(*bytes));
  if (json && json->is_object() && json->contains("paints")) {
    auto paints = shelf_paints_from_json(text_of(*bytes));
    if (paints) return paints->paints;
    Error error = paints.error();
    error.said = say(Sentence::NotRead, path.filename().string(), error.said);
    return error;
  }
  const auto found = read_set_file(*bytes, path.filename().string());
  if (!found) return found.error();
  List<PalettePaint> out;
  for (const auto& family : found->families)
    for (const auto& c : family.colors) out.push_back({0, c.name, c.color});
  if (out.size() > kMostPaints)
    return Error{ErrorCode::BadInput,
                 as_said("\"" + path.filename().string() + "\" has " + std::to_string(out.size()) +
                         " colors; a palette has at most 12 paints."),
                 file};
  return out;
}

} // namespace

Result<PutOut> paints_in(const PaintsRequest& request) {
  const auto paints = of_file(read_paints(request.file));
  if (!paints) return paints.error();
  PutOut out = put_out(*paints, request.white_and_black);
  if (out.paints.empty())
    return Error{ErrorCode::BadInput, as_said("\"" + request.file + "\" has no paint put out."),
                 request.file};
  return out;
}

void add_paint_options(const Options& command, PaintsRequest& request) {
  command.input("--paints", request.file, "Piece, palette of paints, or file of colors");
  command.flag("--white-and-black", request.white_and_black,
               "The white and black of the trade beside the paints");
}

} // namespace zc::cli
