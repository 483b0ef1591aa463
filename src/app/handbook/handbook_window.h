// SPDX-License-Identifier: GPL-3.0-or-later
// The handbook in a window of its own: pages at the left, a search above them, the page at the right.
#pragma once

#include "app/handbook/handbook.h"

#include <QWidget>

class QLineEdit;
class QListWidget;
class QTextBrowser;
class QUrl;

namespace zc {

class HandbookWindow final : public QWidget {
  Q_OBJECT
public:
  /// The menus are those of the window it tells of.
  HandbookWindow(const QMenuBar& menus, QWidget* parent);
  /// Shows the page of this name, as in "grade", and brings the window to the front.
  void open(const QString& page);
  [[nodiscard]] QString page() const;

protected:
  void keyPressEvent(QKeyEvent* event) override;
  void changeEvent(QEvent* event) override;

private:
  void search(const QString& words);
  void show_row(int row);
  void show_page(std::size_t page, const QString& anchor = {});
  void follow_link(const QUrl& link);
  void mark_words();

  const QMenuBar& m_menus;
  std::vector<HandbookPage> m_pages;
  QLineEdit* m_search;
  QListWidget* m_list;
  QTextBrowser* m_text;
  std::vector<std::size_t> m_rows; ///< Which page each row of the list is.
  std::size_t m_page = 0;
};

} // namespace zc
