// SPDX-License-Identifier: GPL-3.0-or-later
// Every control of the window by desk, kind and word: what can be pressed says what it does, and
// docs/controls.md tells all of them.
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
  return qobject_cast<const QLineEdit*>(&w) ? QStringLiteral("entry") : QString();
}

/// What can be used at a desk as it starts. Numbers that change are left out of the words.
std::set<Told> controls_at(DeskTop& desk, Desk at) {
  desk.space().viewing().show_desk(at);
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

QStringList verbs() {
  QFile file(QStringLiteral(REFERENCE_FOLDER "/verbs.txt"));
  if (!file.open(QIODevice::ReadOnly)) qFatal("the list of verbs is missing");
  return QString::fromUtf8(file.readAll()).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
}

} // namespace

class WordsTask final : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = demo_at(Desk::Observe); }
  void every_action_begins_with_a_verb();
  void the_list_of_controls_is_kept();

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
      if (t.kind == "action" && !t.name.isEmpty() && !t.name.startsWith("lay.") && !t.name.startsWith("step"))
        ask(t.word, t.name);
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
  QFile kept(QStringLiteral(DOCS_FOLDER "/controls.md"));
  const QString is = kept.open(QIODevice::ReadOnly) ? QString::fromUtf8(kept.readAll()) : QString();
  if (is != made) {
    QFile out(QStringLiteral(PROGRAM_FOLDER "/../controls.md"));
    if (out.open(QIODevice::WriteOnly)) out.write(made.toUtf8());
  }
  QVERIFY2(is == made, "docs/controls.md is old; the new one lies as controls.md in the build folder");
}

DESK_TEST_MAIN(WordsTask)
#include "words_task_test.moc"
