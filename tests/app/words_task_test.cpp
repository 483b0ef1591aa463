// SPDX-License-Identifier: GPL-3.0-or-later
// Every control of the window by desk, kind and word: what can be pressed says what it does, and
// docs/controls.md tells all of them; docs/command-lines.md tells for each command how the command line does
// it.
#include "app/controls/word_control.h"
#include "app/desks/desk_list.h"
#include "app/menus/command_menu.h"
#include "desk.h"

#include <QPushButton>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

struct Told {
  QString kind, word, name;
  friend auto operator<=>(const Told& a, const Told& b) {
    return std::tie(a.kind, a.word, a.name) <=> std::tie(b.kind, b.word, b.name);
  }
  friend bool operator==(const Told&, const Told&) = default;
};

QString kind_of(const QWidget& w) {
  if (const auto* control = qobject_cast<const WordControl*>(&w)) {
    constexpr const char* names[] = {"action", "action", "switch", "choice", "opener", "tab"};
    return QLatin1String(names[static_cast<int>(control->kind())]);
  }
  if (qobject_cast<const QPushButton*>(&w)) return QStringLiteral("action");
  if (qobject_cast<const QComboBox*>(&w)) return QStringLiteral("choice");
  // Drawn small, as the patterns of masks are.
  if (qobject_cast<const QAbstractButton*>(&w)) return QStringLiteral("picture");
  return qobject_cast<const QLineEdit*>(&w) ? QStringLiteral("entry") : QString();
}

/// What can be used at a desk as it starts. Numbers that change are left out of the words.
std::set<Told> controls_at(DeskTop& desk, Desk at) {
  desk.model().viewing().show_desk(at);
  QCoreApplication::processEvents();
  std::set<Told> out;
  static const QRegularExpression numbered("\\.\\d+(\\.\\d+)?$");
  for (const auto* w : desk.window.findChildren<QWidget*>()) {
    const QString kind = kind_of(*w);
    if (kind.isEmpty() || !w->isVisible() || w->objectName().startsWith("qt_")) continue;
    const auto* button = qobject_cast<const QAbstractButton*>(w);
    out.insert({kind, button ? button->text().remove(QLatin1Char('&')) : w->accessibleName(),
                w->objectName().remove(numbered)});
  }
  return out;
}

QStringList reference_lines(const QString& name) {
  QFile file(QStringLiteral(REFERENCE_FOLDER "/") + name);
  if (!file.open(QIODevice::ReadOnly)) qFatal("a list of words is missing");
  return QString::fromUtf8(file.readAll()).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
}
QStringList verbs() { return reference_lines(QStringLiteral("verbs.txt")); }

/// Whether a page of the documentation is as it is made anew; else the new one lies in the build folder.
bool is_kept(const QString& name, const QString& made) {
  QFile kept(QStringLiteral(DOCS_FOLDER "/") + name);
  if (kept.open(QIODevice::ReadOnly) && QString::fromUtf8(kept.readAll()) == made) return true;
  QFile out(QStringLiteral(PROGRAM_FOLDER "/../") + name);
  if (out.open(QIODevice::WriteOnly)) out.write(made.toUtf8());
  return false;
}

/// Without the mark of its key and what stands behind it as a form.
QString plain(QString text) { return text.remove(QLatin1Char('&')).remove(QStringLiteral("...")); }

} // namespace

class WordsTask final : public QObject {
  Q_OBJECT
private slots:
  void initTestCase() { first_start = true; }
  void init() { m_desk = demo_at(Desk::Observe); }
  void every_action_begins_with_a_verb();
  void the_list_of_controls_is_kept();
  void every_command_has_its_line();
  void each_desk_is_quiet();
  void one_word_means_one_thing_on_a_desk();
  void what_cannot_be_used_says_why();

private:
  std::unique_ptr<DeskTop> m_desk;
};

void WordsTask::every_action_begins_with_a_verb() {
  const QStringList known = verbs();
  QStringList wrong;
  const auto ask = [&](const QString& word, const QString& name) {
    if (!word.isEmpty() && !known.contains(word.section(QLatin1Char(' '), 0, 0).remove("...")))
      wrong << word + " (" + name + ")";
  };
  for (const auto& desk : kDeskWords)
    for (const Told& t : controls_at(*m_desk, desk.value))
      // Counts to choose from, and the current hue's own strips.
      if (t.kind == "action" && !t.name.isEmpty() && !t.name.startsWith("step")) ask(t.word, t.name);
  for (const auto* menu : m_desk->window.findChildren<CommandMenu*>())
    for (const auto* command : menu->actions()) {
      // What is told apart by a word behind a point is one of several to choose from.
      const bool chooses = command->isCheckable() || menu->title().contains("recent") ||
                           command->objectName().contains(QLatin1Char('.'));
      // What stands in a menu of its own goes on from its title, as in "Sort rows", "By value".
      const bool goes_on = qobject_cast<const CommandMenu*>(menu->parent());
      const QString said = (goes_on ? menu->title() : command->text()).remove(QLatin1Char('&'));
      if (!command->menu() && !command->isSeparator() && !chooses) ask(said, command->objectName());
    }
  wrong.removeDuplicates();
  QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n")));
}

/// Written anew into the build folder where it differs.
void WordsTask::the_list_of_controls_is_kept() {
  QString made = "# Controls\n\nWhat stands at each desk as it starts with the demo piece: kind, word, and "
                 "the name it is "
                 "found by.\n";
  for (const auto& desk : kDeskWords) {
    made += "\n## " + QString::fromStdString(std::string(desk.word)) +
            "\n\n| kind | word | name |\n|---|---|---|\n";
    for (const Told& t : controls_at(*m_desk, desk.value))
      made += QStringLiteral("| %1 | %2 | %3 |\n").arg(t.kind, t.word, t.name);
  }
  QVERIFY2(is_kept(QStringLiteral("controls.md"), made),
           "docs/controls.md is old; the new one lies as controls.md in the build folder");
}

/// tests/reference/command_lines.txt says for each how the command line does it, or why it does not.
void WordsTask::every_command_has_its_line() {
  std::map<QString, QString> lines;
  for (const QString& line : reference_lines(QStringLiteral("command_lines.txt")))
    lines[line.section(QStringLiteral(": "), 0, 0)] = line.section(QStringLiteral(": "), 1);
  QString made =
      "# The commands of the window, and their lines\n\nWhat stands in capitals is a file, a name or "
      "a number of your own.\n";
  QStringList without;
  std::set<QString> used;
  static const QRegularExpression numbered("\\.[^.]+$");
  for (const auto* menu : m_desk->window.findChildren<CommandMenu*>()) {
    QString rows;
    for (const auto* command : menu->actions()) {
      const QString name = command->objectName().replace(numbered, QStringLiteral(".*"));
      if (command->menu() || command->isSeparator() || menu->title().contains("recent") ||
          name == QStringLiteral("recent.*"))
        continue;
      const auto line = lines.find(name);
      if (line == lines.end()) {
        without << name + ": " + plain(command->text());
        continue;
      }
      used.insert(name);
      const bool runs = line->second.startsWith(QStringLiteral("zonachrom"));
      rows += QStringLiteral("| %1 | %2 |\n")
                  .arg(plain(command->text()), runs ? "`" + line->second + "`" : line->second);
    }
    if (!rows.isEmpty())
      made +=
          "\n## " + plain(menu->title()) + "\n\n| in the window | on the command line |\n|---|---|\n" + rows;
  }
  QVERIFY2(without.isEmpty(), qPrintable(without.join("\n")));
  for (const auto& [name, line] : lines) QVERIFY2(used.contains(name), qPrintable(name));
  QVERIFY2(is_kept(QStringLiteral("command-lines.md"), made),
           "docs/command-lines.md is old; the new one lies as command-lines.md in the build folder");
}

/// At most two thirds of what stood there before the words of the window were written anew; the rest is one
/// press away.
void WordsTask::each_desk_is_quiet() {
  const std::map<Desk, std::size_t> before{{Desk::Observe, 43}, {Desk::Limit, 72}, {Desk::Pick, 44},
                                           {Desk::Grade, 47},   {Desk::Try, 43},   {Desk::Share, 72}};
  for (const auto& [desk, count] : before) {
    const std::size_t now = controls_at(*m_desk, desk).size();
    QVERIFY2(3 * now <= 2 * count,
             qPrintable(QStringLiteral("desk %1: %2 of %3").arg(static_cast<int>(desk)).arg(now).arg(count)));
  }
}

/// On all pages and in all drawers of a desk. Names that share a word here do the same, each to its own
/// thing.
void WordsTask::one_word_means_one_thing_on_a_desk() {
  QFile file(QStringLiteral(REFERENCE_FOLDER "/same_words.txt"));
  QVERIFY(file.open(QIODevice::ReadOnly));
  const QStringList known = QString::fromUtf8(file.readAll()).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
  const QStringList desks{"zc::ObserveDesk", "zc::LimitDesk", "zc::PickDesk",
                          "zc::GradeDesk",   "zc::TryDesk",   "zc::ShareDesk"};
  QStringList wrong;
  m_desk->make_all();
  for (const QString& desk : desks) {
    std::map<QString, std::set<QString>> names;
    static const QRegularExpression numbered("\\.\\d+(\\.\\d+)?$");
    for (const auto* button : m_desk->window.findChildren<QAbstractButton*>()) {
      QString home;
      for (const QWidget* w = button; w && home.isEmpty(); w = w->parentWidget())
        if (desks.contains(QLatin1String(w->metaObject()->className()))) home = w->metaObject()->className();
      // Of the band's pages beside the set.
      for (const char* page : {"zc::RampPanel", "zc::MixPanel", "zc::PaintsPanel", "zc::StepsPanel"})
        for (const QWidget* w = button; w && home.isEmpty(); w = w->parentWidget())
          if (QLatin1String(w->metaObject()->className()) == QLatin1String(page)) home = "zc::PickDesk";
      if (!home.isEmpty() && home != desk) continue;
      const QString word = button->text().remove(QLatin1Char('&'));
      if (!word.isEmpty() && !word.front().isDigit() && !button->objectName().startsWith("qt_"))
        names[word].insert(button->objectName().remove(numbered));
    }
    for (const auto& [word, all] : names) {
      const QString line = word + ": " + QStringList(all.begin(), all.end()).join(" ");
      if (all.size() > 1 && !known.contains(line)) wrong << line;
    }
  }
  wrong.removeDuplicates();
  QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n")));
}

void WordsTask::what_cannot_be_used_says_why() {
  QStringList wrong;
  int refused = 0;
  const auto ask = [&](DeskTop& desk) {
    for (const auto& place : kDeskWords) {
      desk.model().viewing().show_desk(place.value);
      QCoreApplication::processEvents();
      for (auto* tab : desk.window.findChildren<WordControl*>()) {
        if (tab->kind() != ControlKind::Tab || !tab->isVisible() || tab->objectName().startsWith("desk."))
          continue;
        tab->click();
        QCoreApplication::processEvents();
        for (const auto* w : desk.window.findChildren<QWidget*>()) {
          if (kind_of(*w).isEmpty() || !w->isVisible() || w->isEnabled()) continue;
          ++refused;
          const QString why = w->property("whyNot").toString();
          if (!why.endsWith(QLatin1Char('.')) || w->toolTip() != why) wrong << w->objectName();
        }
      }
    }
  };
  ask(*m_desk);
  m_desk.reset();
  m_desk = new_piece_at(Desk::Observe);
  ask(*m_desk);
  wrong.removeDuplicates();
  QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n")));
  QVERIFY(refused > 20);
}

DESK_TEST_MAIN(WordsTask)
#include "words_task_test.moc"
