// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

Result<Json> pack(const std::string& folder, const std::string& output) {
  const auto bytes = pack_folder(folder, output);
  if (!bytes) return bytes.error();
  return Json{{"file", output}, {"bytes", *bytes}};
}

struct PackRequest {
  std::string folder, output;
};

} // namespace

Command add_pack(const Options& app) {
  auto r = std::make_shared<PackRequest>();
  const Options command = app.command("pack", "Pack a folder with piece.json and photos into a piece file");
  command.text("folder", r->folder, "Folder to pack", Options::Need::Needed);
  command.text("-o,--output", r->output, "File to write", Options::Need::Needed);
  return {command, [r] { return pack(r->folder, r->output); }};
}

} // namespace zc::cli
