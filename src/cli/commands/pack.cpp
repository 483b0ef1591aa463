// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

struct PackRequest {
  std::string folder;
  OutputFile output;
};

Result<Json> pack(const PackRequest& r) {
  const auto bytes = pack_folder(r.folder, r.output.path);
  if (!bytes) return bytes.error();
  return Json{{"files", files_json(r.output.path)}, {"bytes", *bytes}};
}

} // namespace

Command add_pack(const Options& app) {
  auto r = std::make_shared<PackRequest>();
  const Options command = app.command("pack", "Pack a folder with piece.json and photos into a piece file");
  command.text("folder", r->folder, "Folder to pack", Options::Need::Needed);
  command.output(r->output, {{"piece", {}}}, "Piece file to write");
  return {command, [r] { return pack(*r); }};
}

} // namespace zc::cli
