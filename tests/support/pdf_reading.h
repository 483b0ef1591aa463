// SPDX-License-Identifier: GPL-3.0-or-later
// What a PDF says of itself, read by a library made elsewhere. Apart, since its headers want an older C++.
#pragma once

#include <string>
#include <vector>

namespace zc::test {

struct PdfMark {
  std::string words;
  int page = 0;
  double up = 0; ///< Points above the foot of the page.
};
struct PdfRead {
  std::string title;
  std::vector<std::pair<double, double>> pages; ///< Width and height in points.
  std::vector<PdfMark> bookmarks;
};
[[nodiscard]] PdfRead read_pdf(const unsigned char* bytes, std::size_t count);

} // namespace zc::test
