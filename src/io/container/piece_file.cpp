// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/container/piece_file.h"

#include "core/base/sentences.h"
#include "core/piece/edits.h"
#include "io/exchange/png_strip.h"
#include "io/files/zip_archive.h"
#include "io/files/zip_rescue.h"

#include <algorithm>
#include <fstream>
#include <functional>

namespace zc {
namespace {

Error foreign() { return {ErrorCode::Damaged, Sentence::NoPiece, "mimetype"}; }

Error with_file(Error error, const std::filesystem::path& path) {
  error.said = say(Sentence::NotOpened, path.filename().string(), error.said);
  if (error.place.empty()) error.place = path.string();
  return error;
}

/// Gives each reference its bytes by the name of its file.
Status fill_references(ReadDocument& out,
                       const std::function<Result<Bytes>(const std::string&)>& bytes_of_file) {
  for (std::size_t i = 0; i < out.reference_files.size(); ++i) {
    auto bytes = bytes_of_file(out.reference_files[i]);
    if (!bytes) return bytes.error();
    out.document.piece.references.change(i).bytes = std::make_shared<const Bytes>(std::move(bytes).value());
  }
  return Done{};
}

} // namespace

bool is_piece_file(const std::filesystem::path& path) {
  // A pipe or a device is not looked into: it might wait for ever.
  std::error_code code;
  if (!std::filesystem::is_regular_file(path, code)) return path.extension() == kPieceExtension;
  std::ifstream file(path, std::ios::binary);
  std::string first(128, '\0');
  file.read(first.data(), static_cast<std::streamsize>(first.size()));
  return path.extension() == kPieceExtension || first.find(kPieceMimeType) != std::string::npos;
}

namespace {

/// What could not be opened again is not packed; see read_zip().
Status can_be_opened(const std::vector<ZipEntry>& entries) {
  const ZipLimits limits;
  std::uint64_t all = 0;
  for (const ZipEntry& entry : entries) {
    all += entry.bytes.size();
    if (entry.name.ends_with(".json") && entry.bytes.size() > limits.json)
      return Error{ErrorCode::TooLarge, Sentence::NotSavedSetsTooLarge, entry.name};
  }
  if (all > limits.inflated || entries.size() > limits.entries)
    return Error{ErrorCode::TooLarge, Sentence::NotSavedReferencesTooLarge, "references"};
  return Done{};
}

} // namespace

Result<Bytes> pack_document(const Document& document) {
  std::vector<ZipEntry> entries{{"mimetype", bytes_of(kPieceMimeType), true},
                                {"piece.json", bytes_of(document_to_json(document)), false}};
  // Photos are packed already; storing them keeps saving fast.
  for (const auto& r : document.piece.references)
    if (r.bytes) entries.push_back({reference_entry(r), *r.bytes, true});
  if (const auto* set = current_set(document.piece)) {
    const auto preview = png_strip(*set);
    if (preview) entries.push_back({"preview.png", *preview, true});
  }
  const Status sound = can_be_opened(entries);
  if (!sound) return sound.error();
  return write_zip(entries);
}

namespace {

Result<Document> unpacked(const Bytes& bytes, std::vector<Error>* faults, const Progress& progress) {
  auto read = read_zip(bytes, {}, progress);
  if (!read && read.error().code == ErrorCode::Stopped) return read.error();
  if (!read) return bytes.size() >= 2 && bytes[0] == 'P' && bytes[1] == 'K' ? read.error() : foreign();
  std::vector<ZipEntry> entries = std::move(read).value();
  if (entries.empty() || entries[0].name != "mimetype" || text_of(entries[0].bytes) != kPieceMimeType)
    return foreign();
  const auto find = [&entries](std::string_view name) {
    return std::find_if(entries.begin(), entries.end(), [name](const ZipEntry& e) { return e.name == name; });
  };
  const auto json = find("piece.json");
  if (json == entries.end()) return Error{ErrorCode::Damaged, Sentence::PieceHasNoJson, "piece.json"};
  auto parsed = document_from_json(text_of(json->bytes), faults);
  if (!parsed) return parsed.error();
  ReadDocument out = std::move(parsed).value();
  const auto filled = fill_references(out, [&](const std::string& name) -> Result<Bytes> {
    const auto photo = find(name);
    if (photo == entries.end())
      return Error{ErrorCode::Damaged, say(Sentence::PiecePhotoMissing, name), name};
    return std::move(photo->bytes);
  });
  if (!filled) return filled.error();
  return std::move(out.document);
}

} // namespace

Result<Document> unpack_document(const Bytes& bytes) { return unpacked(bytes, nullptr, {}); }

Result<Piece> piece_without_photos(const std::filesystem::path& path) {
  const auto json = read_zip_entry(path.string(), "piece.json");
  if (!json) return with_file(json.error(), path);
  auto read = document_from_json(text_of(*json));
  if (!read) return with_file(read.error(), path);
  return std::move(read).value().document.piece;
}

Result<std::vector<Fault>> faults_in_file(const std::filesystem::path& path) {
  const auto bytes = read_file(path);
  if (!bytes) return bytes.error();
  std::vector<Error> faults;
  const auto document = unpacked(*bytes, &faults, {});
  if (!document && document.error().place == "mimetype") return with_file(document.error(), path);
  if (!document && faults.empty()) faults.push_back(document.error());
  std::vector<Fault> out;
  out.reserve(faults.size());
  for (const Error& e : faults) out.push_back({e.place, e.said});
  return out;
}

Result<Document> read_piece_folder(const std::filesystem::path& folder) {
  auto json = read_file(folder / "piece.json");
  if (!json) return json.error();
  auto parsed = document_from_json(text_of(*json));
  if (!parsed) return parsed.error();
  ReadDocument out = std::move(parsed).value();
  const auto filled = fill_references(out, [&](const std::string& name) -> Result<Bytes> {
    if (!name_stays_inside(name)) return Error{ErrorCode::Damaged, Sentence::PhotoOutsidePiece, name};
    return read_file(folder / name);
  });
  if (!filled) return filled.error();
  return std::move(out.document);
}

Result<Document> open_document(const std::filesystem::path& path, const Progress& progress) {
  auto bytes = read_file(path);
  if (!bytes) return bytes.error();
  auto document = unpacked(*bytes, nullptr, progress);
  if (!document) return with_file(document.error(), path);
  return document;
}

Result<Rescued> rescued_document(const std::filesystem::path& path) {
  const auto bytes = read_file(path);
  if (!bytes) return bytes.error();
  std::vector<ZipEntry> entries = whole_entries(*bytes);
  const auto find = [&entries](std::string_view name) {
    return std::find_if(entries.begin(), entries.end(), [name](const ZipEntry& e) { return e.name == name; });
  };
  const auto json = find("piece.json");
  if (json == entries.end()) return with_file({ErrorCode::Damaged, Sentence::PieceLost, "piece.json"}, path);
  auto parsed = document_from_json(text_of(json->bytes));
  if (!parsed) return with_file(parsed.error(), path);
  ReadDocument read = std::move(parsed).value();
  Rescued out{std::move(read.document), {}};
  std::vector<Id> lost;
  for (std::size_t i = 0; i < read.reference_files.size(); ++i) {
    Reference& reference = out.document.piece.references.change(i);
    const auto photo = find(read.reference_files[i]);
    if (photo != entries.end()) {
      reference.bytes = std::make_shared<const Bytes>(std::move(photo->bytes));
      continue;
    }
    out.lost.push_back(reference.name);
    lost.push_back(reference.id);
  }
  for (const Id id : lost) {
    auto without = without_reference(std::move(out.document.piece), id);
    if (!without) return without.error();
    out.document.piece = std::move(without).value();
  }
  return out;
}

Status save_document(const std::filesystem::path& path, const Document& document, const Progress& progress) {
  auto bytes = pack_document(document);
  if (!bytes) return bytes.error();
  return save_safely(path, *bytes, Backup::KeepVersionBefore, progress);
}

Result<std::size_t> pack_folder(const std::filesystem::path& folder, const std::filesystem::path& path) {
  const auto document = read_piece_folder(folder);
  if (!document) return document.error();
  const auto bytes = pack_document(*document);
  if (!bytes) return bytes.error();
  const Status saved = save_safely(path, *bytes, Backup::None);
  if (!saved) return saved.error();
  return bytes->size();
}

} // namespace zc
