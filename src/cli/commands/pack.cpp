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

Command add_pack(CLI::App& app) {
  auto r = std::make_shared<Request>();
  auto* command = app.add_subcommand("pack", "Pack a folder with piece.json and photos into a piece file");
  command->add_option("folder", r->folder, "Folder to pack")->required();
  command->add_option("-o,--output", r->output, "File to write")->required();
  return {command, [r] { return pack(r->folder, r->output); }};
}

} // namespace zc::cli
