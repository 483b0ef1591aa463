// SPDX-License-Identifier: GPL-3.0-or-later
// piece.json, format 1: the document as JSON. Fields are described in docs/piece-format.md.
#pragma once

#include "core/base/result.h"
#include "core/piece/piece.h"
#include "core/session/at_hand.h"

#include <string>
#include <string_view>

namespace zc {

struct Document {
  Piece piece;
  AtHand at_hand;
  bool operator==(const Document&) const = default;
};

inline constexpr int kPieceFormat = 1;

/// Name of a reference's entry in the container.
[[nodiscard]] std::string reference_entry(const Reference& reference);

[[nodiscard]] std::string document_to_json(const Document& document);

/// The at_hand alone, on one line. ERRORS: as document_from_json.
[[nodiscard]] std::string at_hand_to_json(const AtHand& at_hand);
[[nodiscard]] Result<AtHand> at_hand_from_json(std::string_view text);

/// References come without bytes; their `file` fields are given in the same order. ERRORS: Newer for a later
/// format, Damaged with the field in `place` for anything else. Unknown fields are kept in `extras`.
struct ReadDocument {
  Document document;
  std::vector<std::string> reference_files;
};
/// `all_faults` takes up everything that is wrong, where the error names the first only.
[[nodiscard]] Result<ReadDocument> document_from_json(std::string_view text,
                                                      std::vector<Error>* all_faults = nullptr);

} // namespace zc
