// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/file_state.h"

#include "io/files/json_text.h"

#include <QCryptographicHash>
#include <QFile>

namespace zc {

FileState state_of_file(const std::filesystem::path& path) {
  std::error_code code;
  if (path.empty() || !std::filesystem::is_regular_file(path, code) || code) return {};
  FileState out{true};
  out.size = std::filesystem::file_size(path, code);
  out.time = std::filesystem::last_write_time(path, code).time_since_epoch().count();
  return code ? FileState() : out;
}

FileState hashed_state_of_file(const std::filesystem::path& path) {
  FileState out = state_of_file(path);
  QFile file(QString::fromStdString(path.string()));
  QCryptographicHash hash(QCryptographicHash::Blake2b_256);
  if (out.there && file.open(QIODevice::ReadOnly) && hash.addData(&file))
    out.hash = hash.result().toHex().toStdString();
  return out;
}

bool changed_since(const FileState& known, const std::filesystem::path& path) {
  const FileState now = state_of_file(path);
  if (!now.there || (known.there && now.size == known.size && now.time == known.time)) return false;
  if (!known.there || now.size != known.size || known.hash.empty()) return true;
  return hashed_state_of_file(path).hash != known.hash;
}

std::string text_of(const FileState& state) {
  if (!state.there) return {};
  return Json{{"size", state.size}, {"time", state.time}, {"hash", state.hash}}.dump();
}

FileState file_state_from(const std::string& text) {
  const Json json = Json::parse(text, nullptr, false);
  const auto whole = [&json](const char* key) { return json.contains(key) && json[key].is_number_integer(); };
  if (!json.is_object() || !whole("size") || !whole("time") || !json.contains("hash") ||
      !json["hash"].is_string())
    return {};
  return {true, json["size"].get<std::uint64_t>(), json["time"].get<std::int64_t>(),
          json["hash"].get<std::string>()};
}

} // namespace zc
