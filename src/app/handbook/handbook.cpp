// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handbook/handbook.h"

#include <QAction>
#include <QFile>
#include <QMenu>
#include <QMenuBar>
#include <QTextDocument>

#include <algorithm>

namespace zc {
namespace {

constexpr const char* kPages[] = {"index", "observe", "limit", "pick",  "mixing", "grade",    "try",
                                  "share", "beside",  "shelf", "ideas", "eyes",   "glossary", "keys"};
constexpr qsizetype kExcerpt = 70;
const auto kBegin = QStringLiteral("<!-- commands -->"), kEnd = QStringLiteral("<!-- end of commands -->");

QString between(const QString& whole, const QString& from, const QString& to) {
  const qsizetype begin = whole.indexOf(from), end = whole.indexOf(to, begin);
  return begin < 0 || end < 0 ? QString() : whole.mid(begin + from.size(), end - begin - from.size());
}

QString plain_of(const QString& html) {
  QTextDocument document;
  document.setHtml(html);
  return document.toPlainText().simplified();
}

QString without_mnemonic(QString words) {
  words.remove(QLatin1Char('&'));
  return words.toHtmlEscaped();
}

/// Rows of a menu; a menu within it says its own name before each.
QString rows_of(const QMenu& menu, const QString& before) {
  QString out;
  for (const QAction* action : menu.actions()) {
    if (action->isSeparator()) continue;
    if (action->menu()) {
      out += rows_of(*action->menu(), before + without_mnemonic(action->text()) + QStringLiteral(": "));
      continue;
    }
    // Files of the user's own are no commands.
    if (!action->data().isNull()) continue;
    const QString keys = action->shortcut().toString(QKeySequence::NativeText).toHtmlEscaped();
    out += QStringLiteral("<tr><td>%1%2</td><td>%3</td><td>%4</td></tr>\n")
               .arg(before, without_mnemonic(action->text()), keys, action->toolTip().toHtmlEscaped());
  }
  return out;
}

} // namespace

std::vector<HandbookPage> handbook_pages(const QString& folder) {
  std::vector<HandbookPage> out;
  for (const char* name : kPages) {
    QFile file(folder + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".html"));
    if (!file.open(QIODevice::ReadOnly)) continue;
    const QString html = QString::fromUtf8(file.readAll());
    out.push_back({QLatin1String(name), between(html, QStringLiteral("<title>"), QStringLiteral("</title>")),
                   html, plain_of(html)});
  }
  return out;
}

QString commands_as_html(const QMenuBar& menus) {
  QString out;
  for (const QAction* menu : menus.actions())
    if (menu->menu())
      out += QStringLiteral("<h2>%1</h2>\n<table>\n%2</table>\n")
                 .arg(without_mnemonic(menu->text()), rows_of(*menu->menu(), {}));
  return out;
}

QString with_commands(QString html, const QString& commands) {
  const qsizetype begin = html.indexOf(kBegin), end = html.indexOf(kEnd, begin);
  if (begin < 0 || end < 0) return html;
  return html.replace(begin + kBegin.size(), end - begin - kBegin.size(), QLatin1Char('\n') + commands);
}

std::vector<HandbookFound> found_in(const std::vector<HandbookPage>& pages, const QString& words) {
  const QStringList all = words.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
  struct Hit {
    HandbookFound found;
    bool title = false;
    qsizetype times = 0;
  };
  std::vector<Hit> hits;
  for (std::size_t i = 0; i < pages.size() && !all.isEmpty(); ++i) {
    const QString& plain = pages[i].plain;
    const auto stands = [&plain](const QString& word) { return plain.contains(word, Qt::CaseInsensitive); };
    if (!std::all_of(all.begin(), all.end(), stands)) continue;
    Hit hit{{i, {}}, pages[i].title.contains(all.front(), Qt::CaseInsensitive), 0};
    for (const QString& word : all) hit.times += plain.count(word, Qt::CaseInsensitive);
    const qsizetype at = plain.indexOf(all.front(), pages[i].title.size(), Qt::CaseInsensitive);
    const qsizetype from = std::max<qsizetype>(0, at - kExcerpt / 3);
    hit.found.excerpt = plain.mid(from, kExcerpt);
    hits.push_back(std::move(hit));
  }
  std::stable_sort(hits.begin(), hits.end(), [](const Hit& a, const Hit& b) {
    return std::pair(a.title, a.times) > std::pair(b.title, b.times);
  });
  std::vector<HandbookFound> out;
  out.reserve(hits.size());
  for (Hit& hit : hits) out.push_back(std::move(hit.found));
  return out;
}

} // namespace zc
