// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/sets.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"

namespace zc::cli {
namespace {

struct ExportRequest {
  std::string piece, set, pattern;
  OutputFile output;
};

std::size_t lines_format() { return std::size(kExchangeFormats); }

Result<Bytes> in_lines(const ExportRequest& r, const Piece& piece, const SwatchSet& set) {
  if (r.pattern.empty())
    return Error{ErrorCode::BadInput, as_said("Lines need a pattern; give its file with --pattern."),
                 "--pattern"};
  const auto pattern = pattern_in(r.pattern);
  if (!pattern) return pattern.error();
  const auto text = set_in_lines(set, piece.title, *pattern);
  if (!text) return text.error();
  return Bytes(text->begin(), text->end());
}

Result<Json> export_set(const ExportRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const auto set = set_or_current(document->piece, r.set);
  if (!set) return set.error();
  if (r.output.format != lines_format() && !r.pattern.empty())
    return Error{ErrorCode::BadInput, as_said("A pattern is of --format lines; give both, or neither."),
                 "--pattern"};
  const auto bytes = r.output.format == lines_format()
                         ? in_lines(r, document->piece, **set)
                         : write_set(**set, kExchangeFormats[r.output.format].format);
  if (!bytes) return bytes.error();
  const auto saved = save_safely(r.output.path, *bytes, Backup::None);
  if (!saved) return saved.error();
  return Json{{"files", files_json(r.output.path)}, {"set", (*set)->name}, {"count", swatch_count(**set)}};
}

} // namespace

Command add_export(const Options& app) {
  auto r = std::make_shared<ExportRequest>();
  const Options command = app.command("export", "Write a set of a piece");
  command.input("piece", r->piece, "Piece file");
  command.text("--set", r->set, "Name of the set; the current one when left out");
  command.input("--pattern", r->pattern, "Text file with the pattern of lines", Options::Need::MayBeLeftOut);
  std::vector<FileFormat> formats = exchange_formats();
  formats.push_back({"lines", {}});
  command.output(r->output, formats, "File to write");
  return {command, [r] { return export_set(*r); }};
}

} // namespace zc::cli
