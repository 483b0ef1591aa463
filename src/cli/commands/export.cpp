// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/sets.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"

namespace zc::cli {
namespace {

struct ExportRequest {
  std::string piece, set, output, pattern;
  std::size_t format = 5; ///< Of format_words(): a hex list.
};

std::size_t lines_format() { return std::size(kExchangeFormats); }

std::vector<Word<std::size_t>> format_words() {
  std::vector<Word<std::size_t>> out;
  for (std::size_t i = 0; i < std::size(kExchangeFormats); ++i) out.push_back({i, kExchangeFormats[i].word});
  out.push_back({lines_format(), "lines"});
  return out;
}

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
  const auto set = set_named(document->piece, r.set);
  if (!set) return set.error();
  const auto bytes = r.format == lines_format() ? in_lines(r, document->piece, **set)
                                                : write_set(**set, kExchangeFormats[r.format].format);
  if (!bytes) return bytes.error();
  const auto saved = save_safely(r.output, *bytes, Backup::None);
  if (!saved) return saved.error();
  return Json{{"file", r.output}, {"swatches", swatch_count(**set)}};
}

} // namespace

Command add_export(const Options& app) {
  auto r = std::make_shared<ExportRequest>();
  const Options command = app.command("export", "Write a set of a piece");
  command.text("piece", r->piece, "Piece file", Options::Need::Needed);
  command.text("--set", r->set, "Name of the set", Options::Need::Needed);
  command.choice<std::size_t>("--format", format_words(), "Format of the file", r->format);
  command.text("--pattern", r->pattern, "Text file with the pattern of lines");
  command.text("-o,--output", r->output, "File to write", Options::Need::Needed);
  return {command, [r] { return export_set(*r); }};
}

} // namespace zc::cli
