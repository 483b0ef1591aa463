// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/mnemonics.h"

#include "app/menus/command_menu.h"

#include <QMenuBar>

namespace zc {
namespace {

/// Where the marked letter stands in the words without their mark; -1 for none.
int take_mark(QString& words) {
  int out = -1;
  for (int i = 0; i + 1 < words.size(); ++i) {
    if (words[i] != QLatin1Char('&')) continue;
    words.remove(i, 1);
    if (words[i] == QLatin1Char('&')) continue; // It stands for itself.
    if (out < 0) out = i;
  }
  return out;
}

/// First letters of words before all others.
QList<int> places_of(const QString& words) {
  QList<int> first, rest;
  for (int i = 0; i < words.size(); ++i) {
    if (!words[i].isLetterOrNumber()) continue;
    (i == 0 || words[i - 1].isSpace() ? first : rest) << i;
  }
  return first + rest;
}

bool free_at(const QString& words, int place, const QString& taken) {
  return place >= 0 && !taken.contains(words[place], Qt::CaseInsensitive);
}

QString marked(const QString& words, int place) {
  const QString plain = words.left(place).replace(QLatin1Char('&'), QStringLiteral("&&"));
  const QString rest = words.mid(place).replace(QLatin1Char('&'), QStringLiteral("&&"));
  return plain + QLatin1Char('&') + rest;
}

void mark(const QList<QAction*>& actions, const QString& taken) {
  QStringList words;
  for (const auto* action : actions) words << action->text();
  const QStringList with = with_mnemonics(words, taken);
  for (int i = 0; i < actions.size(); ++i)
    if (actions[i]->text() != with[i]) actions[i]->setText(with[i]);
}

void keep_in(QMenu& menu) {
  const auto mark_entries = [&menu] {
    QList<QAction*> entries;
    for (auto* action : menu.actions())
      if (!action->isSeparator() && action->isVisible() && !action->text().isEmpty()) entries << action;
    mark(entries, {});
  };
  QObject::connect(&menu, &QMenu::aboutToShow, &menu, mark_entries);
  mark_entries();
  for (const auto* action : menu.actions())
    if (action->menu()) keep_in(*action->menu());
}

} // namespace

QStringList with_mnemonics(const QStringList& words, const QString& taken) {
  QStringList plain = words;
  QList<int> places;
  for (QString& one : plain) places << take_mark(one);
  QString used = taken;
  // What is given comes first, so that what somebody chose stays.
  for (int i = 0; i < plain.size(); ++i) {
    if (!free_at(plain[i], places[i], used)) places[i] = -1;
    if (places[i] >= 0) used += plain[i][places[i]];
  }
  QStringList out;
  for (int i = 0; i < plain.size(); ++i) {
    for (const int place : places_of(plain[i])) {
      if (places[i] >= 0) break;
      if (free_at(plain[i], place, used)) places[i] = place;
      if (places[i] >= 0) used += plain[i][place];
    }
    out << (places[i] < 0 ? plain[i].replace(QLatin1Char('&'), QStringLiteral("&&"))
                          : marked(plain[i], places[i]));
  }
  return out;
}

void keep_mnemonics(QMenuBar& bar) {
  QList<QAction*> all, of_desks;
  for (auto* action : bar.actions()) (qobject_cast<DeskMenu*>(action->menu()) ? of_desks : all) << action;
  mark(all, {});
  QString taken;
  for (const auto* action : all)
    if (const int at = static_cast<int>(action->text().indexOf(QLatin1Char('&'))); at >= 0)
      taken += action->text()[at + 1];
  for (auto* action : of_desks) mark({action}, taken);
  for (const auto* action : bar.actions())
    if (action->menu()) keep_in(*action->menu());
}

} // namespace zc
