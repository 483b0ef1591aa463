// SPDX-License-Identifier: GPL-3.0-or-later
// Bookmarks in a PDF that has been drawn. Kept apart, since the PDF library's headers want an older C++.
#pragma once

#include "io/files/bytes.h"

#include <cstddef>
#include <string>

namespace zc {

struct PdfBookmark {
  std::string words;
  std::size_t page = 0;
  double up = 0; ///< Points above the foot of the page.
};

/// The same PDF with outlines by ISO 32000-1, 12.3.3: one level, each leading to its place on its page.
/// The file has no compressed objects, which PDF/A-1 does not know. Empty when it could not be read.
[[nodiscard]] Bytes with_bookmarks(const Bytes& pdf, const std::vector<PdfBookmark>& bookmarks);

} // namespace zc
