// SPDX-License-Identifier: GPL-3.0-or-later
// Words can be read, controls say what they are, and each has its use.
#include "app/every_desk/every_desk_task.h"

void EveryDeskTask::words_can_be_read_on_every_surround() {
  for (const Surround surround : {Surround::Dark, Surround::Middle, Surround::Light}) {
    set_surround(surround);
    const Theme& t = theme();
    for (const QColor& ground : {t.stage, t.furniture, t.field, t.field_alt}) {
      // What cannot be used may be fainter; W3C asks nothing of it.
      QVERIFY(contrast(t.dimmed, ground) >= 3);
      for (const QColor& words : {t.text, t.quiet, t.strong})
        QVERIFY2(contrast(words, ground) >= 4.5,
                 qPrintable(QStringLiteral("%1: %2 on %3 is %4")
                                .arg(surround_name(surround), words.name(), ground.name())
                                .arg(contrast(words, ground))));
      // Nothing beside the colors may tint how they look.
      QVERIFY(ground.red() == ground.green() && ground.green() == ground.blue());
    }
    for (const QColor& ground : {t.stage, t.furniture}) QVERIFY(contrast(t.frame, ground) >= 3);
    QVERIFY(contrast(t.dimmed, t.raised) >= 3);
    QVERIFY(contrast(t.text, t.raised) >= 4.5 && contrast(t.on_fill, t.fill) >= 4.5);
    QVERIFY(contrast(t.text, t.chosen) >= 4.5 && contrast(t.strong, t.chosen) >= 4.5);
  }
  std::mt19937 random(4);
  for (int i = 0; i < 5000; ++i) {
    const QColor color(static_cast<QRgb>(random() & 0xffffff));
    QVERIFY2(contrast(readable_on(color), color) >= 4.5, qPrintable(color.name()));
  }
}

void EveryDeskTask::words_stand_out_as_they_are_painted() {
  QVERIFY(m_desk->open_demo());
  int read = 0;
  QStringList wrong;
  for (const Surround surround : {Surround::Dark, Surround::Middle, Surround::Light}) {
    m_desk->window.use_surround(surround);
    m_desk->window.notice().tell(QStringLiteral("A sentence"));
    for (const auto& [desk, desk_word] : kDeskWords) {
      m_desk->model().viewing().show_desk(desk);
      QCoreApplication::processEvents();
      const QImage window = close_up(m_desk->window);
      for (auto* w : m_desk->window.findChildren<QWidget*>()) {
        const QString words = words_on(w);
        // Within the frame, or above the line at the foot.
        QRect at = w->visibleRegion().boundingRect().adjusted(4, 4, -4, -4);
        if (words.trimmed().isEmpty() || at.height() < 6) continue;
        at.translate(w->mapTo(&m_desk->window, QPoint()));
        ++read;
        const double wanted = w->isEnabled() ? 4.5 : 3;
        if (contrast_within(window, in_close_up(at)) < wanted)
          wrong << surround_name(surround) + ": " + words.left(40) + " (" + w->objectName() + ")";
      }
    }
  }
  QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n")));
  QVERIFY2(read > 300, qPrintable(QString::number(read)));
}

void EveryDeskTask::a_low_stage_is_scrolled_one_way_only() {
  QVERIFY(m_desk->open_demo());
  m_desk->window.resize(1280, 640);
  m_desk->model().viewing().show_desk(Desk::Limit);
  m_desk->part<QAbstractButton>("page.shelf").click();
  const auto& stage = *m_desk->window.findChild<StageArea*>();
  QTRY_VERIFY(stage.verticalScrollBar()->isVisible());
  QVERIFY(!stage.horizontalScrollBar()->isVisible());
}

void EveryDeskTask::controls_say_what_they_are() {
  QVERIFY(m_desk->open_demo());
  std::set<QString> looked_at;
  QStringList wrong;
  at_each([&](const QString& where) {
    for (auto* w : m_desk->window.findChildren<QWidget*>()) {
      if (!w->isVisible() || !(w->focusPolicy() & Qt::TabFocus) || qobject_cast<QScrollBar*>(w)) continue;
      looked_at.insert(w->objectName() + w->accessibleName() + w->toolTip());
      const QString what = where + ": " + w->metaObject()->className() + " " + w->objectName();
      if (QAccessible::queryAccessibleInterface(w)->text(QAccessible::Name).trimmed().isEmpty())
        wrong << what + " has no name";
      if (tip_of(*w).isEmpty() && !qobject_cast<QComboBox*>(w) && !qobject_cast<QLineEdit*>(w) &&
          !qobject_cast<QSlider*>(w))
        wrong << what + " has no tip";
    }
  });
  for (auto* action : m_desk->window.findChildren<QAction*>())
    if (!action->text().isEmpty() && action->toolTip().isEmpty()) wrong << action->text() + " has no tip";
  QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n")));
  QVERIFY2(looked_at.size() > 80, qPrintable(QString::number(looked_at.size())));
}

/// A press changes the piece, what is at hand or what is seen, asks, tells or opens something. What only
/// marks itself counts too; a choice that is made already is left out.
void EveryDeskTask::no_button_does_nothing() {
  QVERIFY(m_desk->open_demo());
  m_desk->make_all();
  QTimer closes;
  int opened = 0;
  connect(&closes, &QTimer::timeout, this, [&opened] {
    if (QWidget* popup = QApplication::activePopupWidget()) ++opened, popup->close();
  });
  closes.start(10);
  QStringList idle, pressed;
  const auto press_all = [&](const QString& place) {
    QList<QPointer<QAbstractButton>> here;
    for (auto* button : m_desk->window.findChildren<QAbstractButton*>()) {
      const QString name = button->objectName();
      const bool made = button->isCheckable() && button->isChecked();
      if (!button->isVisible() || !button->isEnabled() || made || name.isEmpty() || pressed.contains(name) ||
          name.startsWith("desk.") || name.startsWith("page.") || name.startsWith("view."))
        continue;
      pressed << name;
      here << button;
    }
    for (const auto& button : here) {
      if (!button || !button->isVisible() || !button->isEnabled()) continue;
      const Piece piece = m_desk->piece();
      const Session session = m_desk->session();
      m_desk->window.notice().hide();
      const int steps = m_desk->model().store().stack().index(), asked = m_desk->dialogs.questions,
                menus = opened;
      const auto windows = [] {
        return std::ranges::count_if(QApplication::topLevelWidgets(), [](auto* w) { return w->isVisible(); });
      };
      const auto open = windows();
      QGuiApplication::clipboard()->setText("before");
      const QImage seen = m_desk->window.grab().toImage();
      const QString name = button->objectName();
      button->click();
      const bool does = QTest::qWaitFor(
          [&] {
            return change_between(m_desk->session(), session).any() || m_desk->piece() != piece ||
                   opened != menus || m_desk->dialogs.questions != asked ||
                   m_desk->window.notice().isVisible() || windows() != open ||
                   QGuiApplication::clipboard()->text() != "before" ||
                   m_desk->window.grab().toImage() != seen;
          },
          1500);
      if (!does) idle << place + QLatin1Char(' ') + name;
      m_desk->wait_for_files();
      while (m_desk->model().store().stack().index() > steps) m_desk->model().store().stack().undo();
      m_desk->model().take(session);
      QCoreApplication::processEvents();
    }
  };
  at_each(press_all);
  QVERIFY2(idle.isEmpty(), qPrintable(idle.join(", ")));
  QVERIFY2(pressed.size() > 115, qPrintable(QString::number(pressed.size())));
}

DESK_TEST_MAIN(EveryDeskTask)
