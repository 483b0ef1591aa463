// piece.json, format 1: the document as JSON. Fields are described in docs/piece-format.md.
#pragma once

#include "core/base/result.h"
#include "core/piece/piece.h"

#include <string>
#include <string_view>

namespace zc {

struct Document {
  Piece piece;
  Bench bench;
  bool operator==(const Document&) const = default;
};

inline constexpr int kPieceFormat = 1;

/// Name of a reference's entry in the container.
[[nodiscard]] std::string reference_entry(const Reference& reference);

[[nodiscard]] std::string document_to_json(const Document& document);

/// The bench alone, on one line. ERRORS: as document_from_json.
[[nodiscard]] std::string bench_to_json(const Bench& bench);
[[nodiscard]] Result<Bench> bench_from_json(std::string_view text);

/// References come without bytes; their `file` fields are given in the same order. ERRORS: Newer for a later
/// format, Damaged with the field in `place` for anything else. Unknown fields are kept in `extras`.
struct ReadDocument {
  Document document;
  std::vector<std::string> reference_files;
};
[[nodiscard]] Result<ReadDocument> document_from_json(std::string_view text);

} // namespace zc
