// SPDX-License-Identifier: GPL-3.0-or-later
// Hands that press, drag, turn and type anywhere at every desk, the same for the same seed.
#pragma once

#include "app/desk.h"
#include "model/journal/journal.h"

#include <QApplication>
#include <QDir>
#include <QFile>
#include <QMenu>
#include <QPointer>
#include <QTimer>

#include <random>

namespace zc::test {

class Hands {
public:
  Hands(DeskTop& desk, unsigned seed) : m_desk(desk), m_random(seed) {
    // A menu waits for its answer.
    QObject::connect(&m_answer, &QTimer::timeout, [this] { answer_popup(); });
    m_answer.start(5);
    // Neither by a command nor through a menu: another piece has another history. With pieces given they are
    // opened by the hands themselves, at any moment.
    for (const auto* name :
         {"newPiece", "open", "openDemoPiece", "openInRunningWindow", "quit", "aboutZonachrom"})
      desk.window.findChild<QAction*>(QLatin1String(name))->setEnabled(false);
  }

  /// Opens these now and then, as New, Open, the list of recent files and other programs do.
  void change_pieces(const QStringList& files, const std::function<void()>& changed) {
    m_files = files;
    m_changed = changed;
  }

  void do_anything() {
    if (!m_files.isEmpty() && below(12) == 0) return change_piece();
    const int what = below(100);
    if (what < 30) return use_mouse();
    if (what < 48) return use_wheel_or_double_click();
    if (what < 80) return use_key();
    if (what < 97) return use_command();
    m_desk.window.resize(1024 + below(400), 700 + below(200));
  }

private:
  int below(int n) { return static_cast<int>(m_random() % static_cast<unsigned>(n)); }
  QPointF anywhere() {
    return m_desk.window.mapToGlobal(
        QPointF(below(m_desk.window.width() - 2) + 1, below(m_desk.window.height() - 2) + 1));
  }
  /// The part of the window at a place, which becomes a place of that part.
  QWidget* under(QPointF& at) {
    QWidget* part = m_desk.window.childAt(m_desk.window.mapFromGlobal(at).toPoint());
    if (!part) part = &m_desk.window;
    at = part->mapFromGlobal(at);
    return part;
  }
  Qt::KeyboardModifiers modifiers() {
    const Qt::KeyboardModifiers some[] = {Qt::NoModifier,    Qt::NoModifier,      Qt::NoModifier,
                                          Qt::ShiftModifier, Qt::ControlModifier, Qt::AltModifier};
    return some[below(6)];
  }
  void use_mouse() {
    QPointF at = anywhere();
    QPointer<QWidget> part = under(at);
    if (below(8) == 0) {
      QContextMenuEvent event(QContextMenuEvent::Mouse, at.toPoint(), part->mapToGlobal(at.toPoint()));
      QCoreApplication::sendEvent(part, &event);
      return;
    }
    const DocumentId began = m_desk.model().document();
    press(*part, at, modifiers());
    for (int moves = below(2) * below(12); moves > 0 && part; --moves) {
      at += QPointF(below(121) - 60, below(121) - 60);
      // Beyond the window a drag is the desktop's. A part that was taken out meanwhile lies in no window.
      const QPointF in_window = m_desk.window.mapFromGlobal(part->mapToGlobal(at));
      if (m_desk.window.rect().contains(in_window.toPoint())) move(*part, at);
      // A key after that is for the other piece.
      const bool another = m_desk.model().document() != began;
      if (!another && below(6) == 0) use_key();
      if (!another && !m_files.isEmpty() && below(10) == 0) change_piece();
    }
    if (part) release(*part, at);
  }
  static void click_while_there(const QPointer<QWidget>& part, QPointF at) {
    press(*part, at);
    if (part) release(*part, at);
  }
  void use_wheel_or_double_click() {
    QPointF at = anywhere();
    QPointer<QWidget> part = under(at);
    if (below(2) != 0) return turn_wheel(*part, at, below(7) - 3, modifiers());
    // The first click may take the part away.
    click_while_there(part, at);
    if (part) send_mouse(*part, QEvent::MouseButtonDblClick, at, Qt::LeftButton, Qt::LeftButton);
    if (part) release(*part, at);
  }
  void use_key() {
    const Qt::Key keys[] = {Qt::Key_Left,   Qt::Key_Right,     Qt::Key_Up,    Qt::Key_Down,   Qt::Key_Return,
                            Qt::Key_Escape, Qt::Key_F2,        Qt::Key_Tab,   Qt::Key_Home,   Qt::Key_End,
                            Qt::Key_Delete, Qt::Key_Backspace, Qt::Key_Space, Qt::Key_PageUp, Qt::Key_1,
                            Qt::Key_5,      Qt::Key_9,         Qt::Key_Minus, Qt::Key_A,      Qt::Key_M,
                            Qt::Key_X};
    QWidget* target = QApplication::focusWidget();
    if (!target) target = &m_desk.window;
    QTest::keyClick(target, keys[below(static_cast<int>(std::size(keys)))], modifiers());
  }
  void use_command() {
    QList<QAction*> commands;
    for (auto* action : m_desk.window.findChildren<QAction*>())
      if (!action->menu() && action->isEnabled() && !action->text().isEmpty()) commands << action;
    commands[below(static_cast<int>(commands.size()))]->trigger();
  }
  void answer_popup() {
    QWidget* popup = QApplication::activePopupWidget();
    if (!popup) return;
    for (int downs = below(4); downs > 0; --downs) QTest::keyClick(popup, Qt::Key_Down);
    QTest::keyClick(popup, below(3) == 0 ? Qt::Key_Escape : Qt::Key_Return);
    if (QApplication::activePopupWidget() == popup) popup->close();
  }

  void change_piece() {
    m_desk.dialogs.unsaved = UnsavedAnswer::Discard;
    const DocumentId before = m_desk.model().document();
    const QString file = m_files[below(static_cast<int>(m_files.size()))];
    if (below(6) == 0) {
      // What a program that has ended left: each is recovered, and found again the next time.
      QDir().mkpath(Journal::folder());
      QFile::copy(file, QDir(Journal::folder()).filePath(QString("left-%1.zonachrom").arg(++m_left)));
      m_desk.dialogs.recovery = RecoveryAnswer::Recover;
      static_cast<void>(m_desk.documents().recover());
    } else if (below(4) == 0) {
      m_desk.documents().new_piece();
    } else if (below(3) == 0) {
      m_desk.window.arrivals().open_when_free({file});
    } else {
      static_cast<void>(m_desk.documents().open(file));
    }
    if (m_desk.model().document() != before) m_changed();
  }

  DeskTop& m_desk;
  std::mt19937 m_random;
  QTimer m_answer;
  QStringList m_files;
  int m_left = 0;
  std::function<void()> m_changed;
};

} // namespace zc::test
