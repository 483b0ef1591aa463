// SPDX-License-Identifier: GPL-3.0-or-later
// Where each part of the window stands at its usual size, at every desk, on every page and in every drawer: a
// margin, a width or a row that changes is seen. What changed on purpose is read and kept: the new list lies
// in the build folder.
#include "app/controls/word_control.h"
#include "core/base/word.h"
#include "desk.h"

#include <QMenu>
#include <ctime>

using namespace zc;
using namespace zc::test;

namespace {

/// Names, places and sizes of what is seen, in the order of the names.
QStringList standing(QWidget& window) {
  QStringList out;
  for (auto* part : window.findChildren<QWidget*>()) {
    const auto* label = qobject_cast<QLabel*>(part);
    QString name = part->objectName();
    if (name.isEmpty() && label) name = QLatin1Char('"') + label->text().left(24) + QLatin1Char('"');
    if (!part->isVisible() || name.isEmpty() || name.startsWith("qt_")) continue;
    const QPoint at = part->mapTo(&window, QPoint());
    out << QStringLiteral("%1: %2,%3 %4x%5")
               .arg(name.simplified())
               .arg(at.x())
               .arg(at.y())
               .arg(part->width())
               .arg(part->height());
  }
  out.sort();
  return out;
}

} // namespace

class LayoutTask : public QObject {
  Q_OBJECT
private slots:
  void every_part_stands_where_it_stood();

private:
  /// Notes what is seen, without what is at the same place as `before`.
  QStringList note(const QString& where, const QStringList& before) {
    // At rest, no thread has anything to do for a while.
    for (int still = 0, looks = 0; still < 8; ++looks) {
      if (looks > 2000) qFatal("the window does not come to rest");
      const std::clock_t began = std::clock();
      QTest::qWait(15);
      still = std::clock() - began < CLOCKS_PER_SEC / 500 ? still + 1 : 0;
    }
    const QStringList seen = standing(m_desk.window);
    m_told << QStringLiteral("# ") + where;
    for (const QString& line : seen)
      if (!before.contains(line)) m_told << line;
    return seen;
  }
  /// What opens a page or a drawer, and no menu.
  QList<WordControl*> openers() {
    QList<WordControl*> out;
    for (auto* control : m_desk.window.findChildren<WordControl*>()) {
      const bool tab = control->kind() == ControlKind::Tab && !control->objectName().startsWith("desk.");
      const bool drawer =
          control->kind() == ControlKind::Opener && control->isCheckable() && !control->findChild<QMenu*>();
      // The companion is a window of its own.
      const bool within = control->isVisible() && control->objectName() != QLatin1String("beside");
      if (within && control->isEnabled() && (tab || drawer)) out << control;
    }
    return out;
  }
  DeskTop m_desk;
  QStringList m_told;
};

void LayoutTask::every_part_stands_where_it_stood() {
  if (!QLatin1String(qVersion()).startsWith(QLatin1String("6.4")))
    QSKIP("letters are as wide as they are in Qt 6.4");
  QVERIFY(m_desk.open_demo());
  for (const auto& place : kDeskWords) {
    m_desk.model().viewing().show_desk(place.value);
    const QString desk = QString::fromUtf8(place.word.data(), static_cast<qsizetype>(place.word.size()));
    const QStringList usual = note(desk, {});
    for (WordControl* opener : openers()) {
      const bool drawer = opener->kind() == ControlKind::Opener;
      opener->click();
      note(desk + ", " + opener->objectName(), usual);
      if (drawer) opener->click();
    }
  }
  QFile kept(QStringLiteral(REFERENCE_FOLDER "/layout.txt"));
  const QStringList known =
      kept.open(QIODevice::ReadOnly)
          ? QString::fromUtf8(kept.readAll()).split(QLatin1Char('\n'), Qt::SkipEmptyParts)
          : QStringList();
  if (known == m_told) return;
  QFile made(QStringLiteral(PROGRAM_FOLDER "/../layout.txt"));
  QVERIFY(made.open(QIODevice::WriteOnly));
  made.write((m_told.join(QLatin1Char('\n')) + QLatin1Char('\n')).toUtf8());
  QStringList other;
  for (const QString& line : m_told)
    if (!known.contains(line)) other << line;
  QFAIL(qPrintable(
      QStringLiteral(
          "not as in tests/reference/layout.txt; the new one lies as layout.txt in the build folder:\n") +
      other.mid(0, 12).join(QLatin1Char('\n'))));
}

DESK_TEST_MAIN(LayoutTask)
#include "layout_task_test.moc"
