// SPDX-License-Identifier: GPL-3.0-or-later
// Piece files: a ZIP of mimetype, piece.json, the references' own bytes and a preview.
#pragma once

#include "core/piece/rules.h"
#include "io/container/piece_json.h"
#include "io/files/safe_save.h"

namespace zc {

inline constexpr std::string_view kPieceMimeType = "application/vnd.zonachrom.piece+zip";
inline constexpr std::string_view kPieceExtension = ".zonachrom";

/// Judged by its first bytes, or by its name where it cannot be read.
[[nodiscard]] bool is_piece_file(const std::filesystem::path& path);
[[nodiscard]] Result<Bytes> pack_document(const Document& document);
/// ERRORS: Damaged, Newer or TooLarge, with the entry or field in `place`.
[[nodiscard]] Result<Document> unpack_document(const Bytes& bytes);

/// Told and stopped by `progress`; stopped, a save has changed nothing. ERRORS: also Stopped; likewise below.
[[nodiscard]] Result<Document> open_document(const std::filesystem::path& path,
                                             const Progress& progress = {});
/// Its photos stay unread. ERRORS: as above.
[[nodiscard]] Result<Piece> piece_without_photos(const std::filesystem::path& path);
/// Everything that is broken in a piece file; nothing when it is whole. ERRORS: when it cannot be read, or is
/// no piece at all.
[[nodiscard]] Result<std::vector<Fault>> faults_in_file(const std::filesystem::path& path);
[[nodiscard]] Status save_document(const std::filesystem::path& path, const Document& document,
                                   const Progress& progress = {});

/// What can still be read of a damaged piece file.
struct Rescued {
  Document document;
  std::vector<std::string> lost; ///< Names of the references that are not there any more.
};
/// ERRORS: Damaged when the piece itself is lost, or the file is none; as document_from_json() otherwise.
[[nodiscard]] Result<Rescued> rescued_document(const std::filesystem::path& path);

/// A piece laid out as plain files: piece.json and the photos it names, below one folder. For pieces kept
/// under version control.
[[nodiscard]] Result<Document> read_piece_folder(const std::filesystem::path& folder);
/// Such a folder as a piece file, without a version before; gives its size in bytes.
[[nodiscard]] Result<std::size_t> pack_folder(const std::filesystem::path& folder,
                                              const std::filesystem::path& path);

} // namespace zc
