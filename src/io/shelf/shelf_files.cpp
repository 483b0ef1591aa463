// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/shelf/shelf_files.h"

#include "core/base/sentences.h"
#include "core/base/text.h"
#include "io/container/set_json.h"
#include "io/files/safe_save.h"

#include <QLockFile>

#include <algorithm>
#include <filesystem>
#include <random>

namespace zc {
namespace {

constexpr int kShelfFormat = 1;

/// Letters a file name can carry anywhere; the name itself is in the file.
std::string file_stem(std::string_view name) {
  std::string out;
  for (const char c : lower_ascii(name)) {
    const bool plain = (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9');
    if (plain)
      out += c;
    else if (!out.empty() && out.back() != '-')
      out += '-';
    if (out.size() >= 40) break;
  }
  return out.empty() ? "item" : out;
}

std::string random_ending() {
  std::random_device device;
  static const char* digits = "0123456789abcdef";
  std::string out = "-";
  for (int i = 0; i < 16; ++i) out += digits[device() % 16];
  return out;
}

} // namespace

Error damaged_item(const std::string& what, const std::string& place) {
  return {ErrorCode::Damaged,
          place.empty() ? say(Sentence::ShelfFileDamaged, Term{what})
                        : say(Sentence::ShelfFieldWrong, Term{what}, place),
          place};
}

Result<Json> shelf_json(std::string_view text, const std::string& what) {
  auto parsed = parse_json(text);
  if (!parsed || !parsed->is_object()) return damaged_item(what, "");
  Json json = std::move(parsed).value();
  std::vector<Error> faults;
  Fields f(json, "", faults);
  const double format = f.number("format", 1, 1e9, 1);
  if (!faults.empty()) return damaged_item(what, faults.front().place);
  if (format > kShelfFormat)
    return Error{ErrorCode::Newer, say(Sentence::NewerShelfFile, Term{what}), "format"};
  return json;
}

void put_card(Json& json, const ShelfCard& card) {
  json["format"] = kShelfFormat;
  json["name"] = std::string(trimmed(card.name));
  json["tags"] = card.tags;
  if (!card.on) json["on"] = false;
}

ShelfCard read_card(Fields& f) {
  ShelfCard out;
  out.name = f.text("name");
  out.on = f.flag("on", true);
  out.tags = read_tags(f);
  return out;
}

std::vector<Error> read_folder(const std::string& folder, std::string_view ending,
                               const std::function<Status(std::string_view, const std::string&)>& read) {
  std::vector<Error> out;
  std::error_code failed;
  for (const auto& entry : std::filesystem::directory_iterator(folder, failed)) {
    const std::string path = entry.path().string();
    if (!path.ends_with(ending)) continue;
    const auto bytes = read_file(entry.path(), kLargestShelfFile);
    const Status done = bytes ? read(text_of(*bytes), path) : Status(bytes.error());
    if (done) continue;
    Error error = done.error();
    error.said = say(Sentence::FileSays, entry.path().filename().string(), error.said);
    out.push_back(std::move(error));
  }
  return out;
}

Result<std::string> put_file(const std::string& folder, const std::string& name, std::string_view ending,
                             const std::string& text) {
  if (trimmed(name).empty()) return Error{ErrorCode::BadInput, Sentence::ShelfNeedsName, "name"};
  std::error_code failed;
  std::filesystem::create_directories(folder, failed);
  if (failed)
    return Error{ErrorCode::Unwritable, say(Sentence::ShelfNotMade, folder, failed.message()), folder};
  const std::string path = folder + "/" + file_stem(name) + random_ending() + std::string(ending);
  const Status saved = save_safely(path, bytes_of(text), Backup::None);
  if (!saved) return saved.error();
  return path;
}

Status change_file(const std::string& path,
                   const std::function<Result<std::string>(std::string_view)>& change) {
  const std::string folder = std::filesystem::path(path).parent_path().string();
  std::error_code ignored;
  if (!std::filesystem::exists(path, ignored))
    return Error{ErrorCode::NotFound, say(Sentence::GoneFromShelf, path), path};
  QLockFile lock(QString::fromStdString(folder + "/.lock"));
  if (!lock.tryLock(3000)) return Error{ErrorCode::Unwritable, Sentence::ShelfBusy, folder};
  const auto bytes = read_file(path, kLargestShelfFile);
  if (!bytes) return bytes.error();
  const auto changed = change(text_of(*bytes));
  if (!changed) return changed.error();
  return save_safely(path, bytes_of(*changed), Backup::None);
}

Status remove_file(const ShelfCard& card) {
  std::error_code failed;
  if (std::filesystem::remove(card.file, failed)) return Done{};
  return Error{ErrorCode::Unwritable, say(Sentence::NotTakenOffShelf, card.name), card.file};
}

bool found_by(const ShelfCard& card, std::string_view search) {
  std::string all = lower_ascii(card.name);
  for (const auto& tag : card.tags) all += "\n" + lower_ascii(tag);
  const std::string words = lower_ascii(search);
  for (std::size_t at = 0; at < words.size();) {
    const std::size_t end = std::min(words.find(' ', at), words.size());
    if (end > at && all.find(words.substr(at, end - at)) == std::string::npos) return false;
    at = end + 1;
  }
  return true;
}

std::vector<std::string> tags_of(std::string_view text) {
  std::vector<std::string> out;
  for (std::size_t at = 0; at <= text.size();) {
    const std::size_t end = std::min(text.find(',', at), text.size());
    const std::string tag(trimmed(text.substr(at, end - at)));
    const bool known = std::any_of(out.begin(), out.end(),
                                   [&](const auto& t) { return lower_ascii(t) == lower_ascii(tag); });
    if (!tag.empty() && !known && out.size() < kMostTags) out.push_back(tag);
    at = end + 1;
  }
  return out;
}

} // namespace zc
