// SPDX-License-Identifier: GPL-3.0-or-later
// The handbook as pages that can be searched. They are the files that come with the program, read once; the
// table of keys is made from the commands themselves.
#pragma once

#include <QString>

#include <vector>

class QMenuBar;

namespace zc {

struct HandbookPage {
  QString name, title, html;
  QString plain; ///< Its words alone.
};

/// The pages in the order of reading; those that are missing are left out.
[[nodiscard]] std::vector<HandbookPage> handbook_pages(const QString& folder);
/// Every command with its keys and what it does, menu by menu, as HTML.
[[nodiscard]] QString commands_as_html(const QMenuBar& menus);
/// The page of keys with the commands of this window instead of those it came with.
[[nodiscard]] QString with_commands(QString html, const QString& commands);

/// A page on which all the words stand, and a part of it around the first.
struct HandbookFound {
  std::size_t page = 0;
  QString excerpt;
};
/// Where the words stand, titles first, then those pages on which they stand most often. Nothing for no
/// words.
[[nodiscard]] std::vector<HandbookFound> found_in(const std::vector<HandbookPage>& pages,
                                                  const QString& words);

} // namespace zc
