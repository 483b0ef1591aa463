// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handbook/handbook_window.h"

#include "app/theme/theme.h"
#include "model/i18n/shared_files.h"

#include <QDesktopServices>
#include <QDir>
#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QLocale>
#include <QScrollBar>
#include <QTextBrowser>
#include <QUrl>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kListWidth = 230;
constexpr QSize kUsual(1040, 720);

/// The handbook in the desktop's language, or in English.
QString handbook_folder() {
  const QString own =
      shared_file(QStringLiteral("handbook/") + QLocale().name().section(QLatin1Char('_'), 0, 0));
  return QFile::exists(own + QStringLiteral("/index.html")) ? own
                                                            : shared_file(QStringLiteral("handbook/en"));
}

/// Pictures are made smaller with care, for the density of the screen; the sheet of the files is for outside.
class PageText final : public QTextBrowser {
public:
  using QTextBrowser::QTextBrowser;
  QVariant loadResource(int type, const QUrl& name) override {
    if (type == QTextDocument::StyleSheetResource) return {};
    if (type != QTextDocument::ImageResource) return QTextBrowser::loadResource(type, name);
    const QImage whole(QDir::cleanPath(handbook_folder() + QLatin1Char('/') + name.path()));
    if (whole.isNull()) return {};
    const int width = std::min(whole.width(), kPicture);
    QImage small =
        whole.scaledToWidth(static_cast<int>(width * devicePixelRatioF()), Qt::SmoothTransformation);
    small.setDevicePixelRatio(devicePixelRatioF());
    return small;
  }

private:
  static constexpr int kPicture = 720;
};

QString page_style() {
  const Theme& t = theme();
  return QStringLiteral(
             "body, p, li, td, dd, dt { color: %1; } h1, h2, b, code { color: %2; } a { color: %2; } "
             "td { padding: 2px 18px 2px 0; } h2 { margin-top: 18px; } p { margin-bottom: 8px; }")
      .arg(t.text.name(), t.strong.name());
}

} // namespace

HandbookWindow::HandbookWindow(const QMenuBar& menus, QWidget* parent)
    : QWidget(parent, Qt::Window), m_menus(menus), m_pages(handbook_pages(handbook_folder())),
      m_search(new QLineEdit(this)), m_list(new QListWidget(this)), m_text(new PageText(this)) {
  setObjectName(QStringLiteral("handbook"));
  setWindowTitle(tr("Handbook of Zonachrom"));
  m_search->setObjectName(QStringLiteral("handbookSearch"));
  m_search->setAccessibleName(tr("Search the handbook"));
  m_search->setToolTip(tr("Search for words; Enter opens the first page that has them"));
  m_search->setPlaceholderText(tr("Search"));
  m_search->setClearButtonEnabled(true);
  m_list->setObjectName(QStringLiteral("handbookPages"));
  m_list->setAccessibleName(tr("Pages of the handbook"));
  m_list->setToolTip(tr("All pages, or those that have the words"));
  m_list->setWordWrap(true);
  m_list->setFrameShape(QFrame::NoFrame);
  m_list->setSpacing(2);
  m_text->setObjectName(QStringLiteral("handbookText"));
  m_text->setAccessibleName(tr("Page of the handbook"));
  m_text->setFrameShape(QFrame::NoFrame);
  m_text->setOpenLinks(false);
  m_text->document()->setDocumentMargin(kMargin);
  auto* left = new QVBoxLayout;
  left->addWidget(m_search);
  left->addWidget(m_list, 1);
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin, 14, 0, 0);
  row->setSpacing(kMargin);
  row->addLayout(left);
  row->addWidget(m_text, 1);
  m_search->setFixedWidth(kListWidth);
  m_list->setFixedWidth(kListWidth);
  resize(kUsual);
  // The page of keys tells the commands as they are in this window.
  for (HandbookPage& page : m_pages)
    if (page.name == QLatin1String("keys")) page.html = with_commands(page.html, commands_as_html(m_menus));
  connect(m_search, &QLineEdit::textChanged, this, &HandbookWindow::search);
  connect(m_search, &QLineEdit::returnPressed, this, [this] { m_list->setCurrentRow(0); });
  connect(m_list, &QListWidget::currentRowChanged, this, &HandbookWindow::show_row);
  connect(m_text, &QTextBrowser::anchorClicked, this, &HandbookWindow::follow_link);
  search({});
}

void HandbookWindow::open(const QString& page) {
  m_search->clear();
  const auto at =
      std::find_if(m_pages.begin(), m_pages.end(), [&](const HandbookPage& p) { return p.name == page; });
  if (at != m_pages.end()) show_page(static_cast<std::size_t>(at - m_pages.begin()));
  show();
  raise();
  activateWindow();
  m_text->setFocus();
}

QString HandbookWindow::page() const { return m_page < m_pages.size() ? m_pages[m_page].name : QString(); }

void HandbookWindow::search(const QString& words) {
  const QSignalBlocker quiet(m_list);
  m_list->clear();
  m_rows.clear();
  const auto add = [this](std::size_t page, const QString& shown) {
    m_list->addItem(shown);
    m_rows.push_back(page);
  };
  if (words.trimmed().isEmpty())
    for (std::size_t i = 0; i < m_pages.size(); ++i) add(i, m_pages[i].title);
  else
    for (const HandbookFound& f : found_in(m_pages, words))
      add(f.page, m_pages[f.page].title + QStringLiteral("\n... ") + f.excerpt + QStringLiteral(" ..."));
  if (m_rows.empty()) {
    m_list->addItem(m_pages.empty() ? tr("The handbook is missing. Install the program again.")
                                    : tr("No page has these words."));
    m_list->item(0)->setFlags(Qt::NoItemFlags);
  }
  const auto here = std::find(m_rows.begin(), m_rows.end(), m_page);
  if (here != m_rows.end()) m_list->setCurrentRow(static_cast<int>(here - m_rows.begin()));
  mark_words();
}

void HandbookWindow::show_row(int row) {
  if (row >= 0 && row < static_cast<int>(m_rows.size())) show_page(m_rows[static_cast<std::size_t>(row)]);
}

void HandbookWindow::show_page(std::size_t page, const QString& anchor) {
  m_page = page;
  m_text->document()->setDefaultStyleSheet(page_style());
  m_text->setHtml(m_pages[page].html);
  if (anchor.isEmpty())
    m_text->verticalScrollBar()->setValue(0);
  else
    m_text->scrollToAnchor(anchor);
  const QSignalBlocker quiet(m_list);
  const auto here = std::find(m_rows.begin(), m_rows.end(), page);
  m_list->setCurrentRow(here == m_rows.end() ? -1 : static_cast<int>(here - m_rows.begin()));
  mark_words();
}

/// Within the handbook; the world outside opens where the desktop wants it.
void HandbookWindow::follow_link(const QUrl& link) {
  if (!link.isRelative()) return static_cast<void>(QDesktopServices::openUrl(link));
  const QString name = link.path().section(QLatin1Char('.'), 0, 0);
  for (std::size_t i = 0; i < m_pages.size(); ++i)
    if (m_pages[i].name == name) return show_page(i, link.fragment());
}

void HandbookWindow::mark_words() {
  QList<QTextEdit::ExtraSelection> marks;
  QTextCharFormat look;
  look.setBackground(theme().chosen);
  look.setForeground(theme().strong);
  look.setFontUnderline(true);
  for (const QString& word : m_search->text().split(QLatin1Char(' '), Qt::SkipEmptyParts))
    for (QTextCursor at = m_text->document()->find(word); !at.isNull();
         at = m_text->document()->find(word, at))
      marks.append({at, look});
  m_text->setExtraSelections(marks);
  if (!marks.isEmpty()) {
    QTextCursor first = marks.front().cursor;
    first.clearSelection();
    m_text->setTextCursor(first);
    m_text->ensureCursorVisible();
  }
}

void HandbookWindow::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return close(), void();
  if (event->matches(QKeySequence::Find)) return m_search->setFocus();
  QWidget::keyPressEvent(event);
}

/// On another surround the page is written anew.
void HandbookWindow::changeEvent(QEvent* event) {
  QWidget::changeEvent(event);
  if (event->type() == QEvent::PaletteChange && m_page < m_pages.size()) show_page(m_page);
}

} // namespace zc
