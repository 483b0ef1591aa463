// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

/// Whether piece files are whole. A file that cannot be read at all is refused; of one that can, everything
/// that is broken is told.
Result<Json> check_pieces(const std::vector<std::string>& paths) {
  Json pieces = Json::array();
  bool ok = true;
  for (const std::string& path : paths) {
    const auto faults = faults_in_file(path);
    if (!faults) return faults.error();
    Json all = Json::array();
    for (const Fault& fault : *faults)
      all.push_back({{"place", fault.place}, {"sentence", in_english(fault.said)}});
    pieces.push_back({{"file", path}, {"ok", faults->empty()}, {"faults", std::move(all)}});
    ok = ok && faults->empty();
  }
  return Json{{"ok", ok}, {"pieces", std::move(pieces)}};
}

} // namespace

Command add_check(const Options& app) {
  auto pieces = std::make_shared<std::vector<std::string>>();
  const Options command = app.command("check", "Tell whether pieces are whole, and what is broken in them");
  command.inputs("piece", *pieces, "Piece files");
  return {command, [pieces] { return check_pieces(*pieces); }, [](const Json& told) { return !told["ok"]; }};
}

} // namespace zc::cli
