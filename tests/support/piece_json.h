// SPDX-License-Identifier: GPL-3.0-or-later
// The full document as a file and as JSON, changed in places.
#pragma once

#include "io/container/piece_file.h"
#include "io/files/zip_archive.h"
#include "support/check.h"
#include "support/full_document.h"

#include <nlohmann/json.hpp>

namespace zc::test {

using J = nlohmann::json;

inline Bytes with_json(const std::string& json) {
  const Bytes packed = *pack_document(full_document());
  auto entries = std::move(read_zip(packed)).value();
  entries[0].stored = true;
  entries[1].bytes.assign(json.begin(), json.end());
  return *write_zip(entries);
}

inline J full_json() { return J::parse(document_to_json(full_document())); }

inline Result<Document> read_json(const J& json) { return unpack_document(with_json(json.dump())); }

inline J::json_pointer at(const QString& pointer) { return J::json_pointer(pointer.toStdString()); }

inline bool one_sentence(const Error& e) {
  return !e.sentence().empty() && e.sentence().back() == '.' && e.sentence().find('\n') == std::string::npos;
}

} // namespace zc::test
