// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

/// Whether a piece file is whole. A file that cannot be read at all is refused; of one that can, everything
/// that is broken is told.
Result<Json> check_piece(const std::string& path) {
  const auto faults = faults_in_file(path);
  if (!faults) return faults.error();
  Json all = Json::array();
  for (const Fault& fault : *faults)
    all.push_back({{"place", fault.place}, {"sentence", in_english(fault.said)}});
  return Json{{"ok", faults->empty()}, {"faults", all}};
}

} // namespace

Command add_check(const Options& app) {
  auto piece = std::make_shared<std::string>();
  const Options command = app.command("check", "Tell whether a piece is whole, and what is broken in it");
  command.input("piece", *piece, "Piece file");
  return {command, [piece] { return check_piece(*piece); }, [](const Json& told) { return !told["ok"]; }};
}

} // namespace zc::cli
