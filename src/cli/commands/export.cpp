#include "cli/command.h"

#include "cli/sets.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"

namespace zc::cli {
namespace {

struct ExportRequest {
  std::string piece, set, output;
  ExchangeFormat format = ExchangeFormat::Hex;
};

Result<Json> export_set(const ExportRequest& r) {
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

std::vector<Word<ExchangeFormat>> format_words() {
  std::vector<Word<ExchangeFormat>> out;
  for (const auto& f : kExchangeFormats) out.push_back({f.format, f.word});
  return out;
}

} // namespace

Command add_export(const Options& app) {
  auto r = std::make_shared<ExportRequest>();
  const Options command = app.command("export", "Write a set of a piece");
  command.text("piece", r->piece, "Piece file", Options::Need::Needed);
  command.text("--set", r->set, "Name of the set", Options::Need::Needed);
  command.choice("--format", format_words(), "Format of the file", r->format);
  command.text("-o,--output", r->output, "File to write", Options::Need::Needed);
  return {command, [r] { return export_set(*r); }};
}

} // namespace zc::cli
