#include "cli/command.h"

#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

Result<Json> pack(const std::string& folder, const std::string& output) {
  const auto document = read_piece_folder(folder);
  if (!document) return document.error();
  const auto bytes = pack_document(*document);
  if (!bytes) return bytes.error();
  const auto saved = save_safely(output, *bytes, Backup::None);
  if (!saved) return saved.error();
  return Json{{"file", output}, {"bytes", bytes->size()}};
}

struct Request {
  std::string folder, output;
};

} // namespace

Command add_pack(const Options& app) {
  auto r = std::make_shared<Request>();
  const Options command = app.command("pack", "Pack a folder with piece.json and photos into a piece file");
  command.text("folder", r->folder, "Folder to pack", Options::Need::Needed);
  command.text("-o,--output", r->output, "File to write", Options::Need::Needed);
  return {command, [r] { return pack(r->folder, r->output); }};
}

} // namespace zc::cli
