// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/mnemonics.h"

#include "app/menus/command_menu.h"

#include <QHash>
#include <QMenuBar>
#include <QSet>

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

namespace {

/// Which entry has which letter, and where in its words.
class Letters {
public:
  Letters(QStringList words, QString taken) : m_words(std::move(words)), m_taken(std::move(taken)) {
    for (int i = 0; i < m_words.size(); ++i) m_places << -1;
  }
  void keep(int entry, int place) {
    if (place >= 0 && !m_of.contains(letter(entry, place)) && free_at(m_words[entry], place, m_taken))
      give(entry, place);
  }
  /// A letter that is free, or one whose owner can do with another (augmenting paths: H. W. Kuhn, Naval
  /// Research Logistics Quarterly 2, 1955).
  bool find(int entry) {
    m_asked.clear();
    return m_places[entry] >= 0 || look_for(entry);
  }
  [[nodiscard]] int place(int entry) const { return m_places[entry]; }

private:
  [[nodiscard]] QChar letter(int entry, int place) const { return m_words[entry][place].toLower(); }
  void give(int entry, int place) {
    m_places[entry] = place;
    m_of[letter(entry, place)] = entry;
  }
  bool look_for(int entry) {
    const QList<int> places = places_of(m_words[entry]);
    for (const int place : places)
      if (!m_of.contains(letter(entry, place)) && free_at(m_words[entry], place, m_taken)) {
        give(entry, place);
        return true;
      }
    for (const int place : places) {
      const QChar wanted = letter(entry, place);
      if (m_asked.contains(wanted) || !free_at(m_words[entry], place, m_taken)) continue;
      m_asked.insert(wanted);
      if (!look_for(m_of.value(wanted))) continue;
      give(entry, place);
      return true;
    }
    return false;
  }

  QStringList m_words;
  QString m_taken;
  QList<int> m_places;
  QHash<QChar, int> m_of;
  QSet<QChar> m_asked;
};

} // namespace

QStringList with_mnemonics(const QStringList& words, const QString& taken) {
  QStringList plain = words;
  QList<int> given;
  for (QString& one : plain) given << take_mark(one);
  Letters letters(plain, taken);
  // What is given comes first, so that what somebody chose stays where it can.
  const int count = static_cast<int>(plain.size());
  for (int i = 0; i < count; ++i) letters.keep(i, given[i]);
  for (int i = 0; i < count; ++i) letters.find(i);
  QStringList out;
  for (int i = 0; i < count; ++i)
    out << (letters.place(i) < 0 ? plain[i].replace(QLatin1Char('&'), QStringLiteral("&&"))
                                 : marked(plain[i], letters.place(i)));
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
