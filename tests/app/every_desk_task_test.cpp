// What holds at every desk: words can be read, controls say what they are, keys reach them all, long names
// and missing things do no harm.
#include "app/paint/paint.h"
#include "core/piece/edits.h"
#include "desk.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAccessible>
#include <QComboBox>
#include <QHelpEvent>
#include <QScrollBar>
#include <QSlider>
#include <QToolTip>

#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

/// Relative luminance and contrast ratio by W3C, Web Content Accessibility Guidelines 2.2, "Terms"; the
/// formula from memory.
double luminance(const QColor& c) {
  const auto linear = [](double x) { return x <= 0.04045 ? x / 12.92 : std::pow((x + 0.055) / 1.055, 2.4); };
  return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
}
double contrast(const QColor& a, const QColor& b) {
  const double p = luminance(a), q = luminance(b);
  return (std::max(p, q) + 0.05) / (std::min(p, q) + 0.05);
}

/// Of the widget, or what it answers over its middle.
QString tip_of(QWidget& w) {
  if (!w.toolTip().isEmpty()) return w.toolTip();
  QToolTip::hideText();
  const QPoint middle = w.rect().center();
  QHelpEvent event(QEvent::ToolTip, middle, w.mapToGlobal(middle));
  QCoreApplication::sendEvent(&w, &event);
  return QToolTip::text();
}

constexpr Desk kDesks[] = {Desk::Observe, Desk::Limit, Desk::Pick, Desk::Grade};

} // namespace

class EveryDeskTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = std::make_unique<DeskTop>(); }
  void cleanup() {
    m_desk.reset();
    set_surround(Surround::Dark);
  }

  void words_can_be_read_on_every_surround();
  void controls_say_what_they_are();
  void tab_goes_round_and_comes_back();
  void long_names_leave_the_window_its_size();
  void every_desk_stands_without_a_piece();

private:
  /// Calls f at each desk, and at Grade in each view and on each page.
  template <class F> void at_each(const F& f) {
    for (const Desk desk : kDesks) {
      m_desk->space().show_desk(desk);
      QCoreApplication::processEvents();
      f(QStringLiteral("desk %1").arg(static_cast<int>(desk)));
      for (auto* button : m_desk->window.findChildren<QAbstractButton*>()) {
        const QString name = button->objectName();
        if (!button->isVisible() ||
            !(name.startsWith("page.") || (desk == Desk::Grade && name.startsWith("view."))))
          continue;
        button->click();
        QCoreApplication::processEvents();
        f(name);
      }
    }
  }
  std::unique_ptr<DeskTop> m_desk;
};

void EveryDeskTask::words_can_be_read_on_every_surround() {
  for (const Surround surround : {Surround::Dark, Surround::Middle, Surround::Light}) {
    set_surround(surround);
    const Theme& t = theme();
    for (const QColor& ground : {t.stage, t.furniture, t.field, t.field_alt}) {
      for (const QColor& words : {t.text, t.quiet, t.strong})
        QVERIFY2(contrast(words, ground) >= 4.5,
                 qPrintable(QStringLiteral("%1: %2 on %3 is %4")
                                .arg(surround_name(surround), words.name(), ground.name())
                                .arg(contrast(words, ground))));
      // Nothing beside the colors may tint how they look.
      QVERIFY(ground.red() == ground.green() && ground.green() == ground.blue());
    }
  }
  std::mt19937 random(4);
  for (int i = 0; i < 5000; ++i) {
    const QColor color(static_cast<QRgb>(random() & 0xffffff));
    QVERIFY2(contrast(readable_on(color), color) >= 4.5, qPrintable(color.name()));
  }
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

void EveryDeskTask::tab_goes_round_and_comes_back() {
  QVERIFY(m_desk->open_demo());
  for (const Desk desk : kDesks) {
    m_desk->space().show_desk(desk);
    QCoreApplication::processEvents();
    std::vector<QWidget*> way;
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
    QWidget* first = QApplication::focusWidget();
    for (QWidget* at = first; way.size() < 300;) {
      way.push_back(at);
      QTest::keyClick(at, Qt::Key_Tab);
      at = QApplication::focusWidget();
      QVERIFY(at && at->isVisible() && at->isEnabled());
      if (at == first) break;
    }
    QVERIFY2(way.size() < 300, "the way has no end");
    const std::set<QWidget*> passed(way.begin(), way.end());
    QCOMPARE(passed.size(), way.size());
    for (auto* w : m_desk->window.findChildren<QWidget*>()) {
      const bool stops = w->isVisible() && w->isEnabled() &&
                         (w->focusPolicy() & Qt::TabFocus) == Qt::TabFocus && !w->focusProxy();
      if (!stops || qobject_cast<QScrollBar*>(w)) continue;
      // One of a group of buttons stands for the group.
      if (const auto* button = qobject_cast<QAbstractButton*>(w); button && button->group()) continue;
      QVERIFY2(passed.contains(w), qPrintable(QStringLiteral("desk %1: no way to %2 %3")
                                                  .arg(static_cast<int>(desk))
                                                  .arg(w->metaObject()->className(), w->objectName())));
    }
  }
}

void EveryDeskTask::long_names_leave_the_window_its_size() {
  QVERIFY(m_desk->open_demo());
  const std::string name =
      "the last light on the copper above the third doorway as it is seen from the bridge in rain, ";
  const std::string longest = name + name + name + "end";
  m_desk->space().store().apply("Names", [&](Piece p) {
    auto out = with_title(std::move(p), longest);
    const Piece named = *out;
    for (const auto& r : named.references) out = with_reference_named(std::move(out).value(), r.id, longest);
    const SwatchSet& set = *current_set(named);
    out = with_set_named(std::move(out).value(), set.id, longest);
    for (const auto& f : set.families) {
      out = with_family_named(std::move(out).value(), f.id, longest + std::to_string(f.id));
      for (const auto& s : f.swatches) out = with_swatch_named(std::move(out).value(), s.id, longest);
    }
    return with_version_kept(std::move(out).value(), set.id, longest);
  });
  QStringList wrong;
  at_each([&](const QString& where) {
    m_desk->window.notice().tell("The piece is read-only here.");
    QCoreApplication::processEvents();
    const QSize least = m_desk->window.minimumSizeHint();
    if (m_desk->window.size() != QSize(1280, 800) || least.width() > 1280 || least.height() > 800)
      wrong << QStringLiteral("%1 wants %2 x %3").arg(where).arg(least.width()).arg(least.height());
    for (auto* button : m_desk->window.findChildren<QAbstractButton*>()) {
      const QRect inside(button->mapTo(&m_desk->window, QPoint()), button->size());
      if (button->isVisible() && (inside.left() < 0 || inside.right() >= 1280))
        wrong << where + ": " + button->objectName() + " leaves the window";
    }
  });
  QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n")));
}

/// An empty piece at each desk: words say what comes first, and no command takes the program down.
void EveryDeskTask::every_desk_stands_without_a_piece() {
  m_desk->trigger("New piece");
  m_desk->space().store().apply("Bare", [](Piece p) {
    p.sets.change(0).families.clear();
    return p;
  });
  at_each([&](const QString&) {
    QVERIFY(!m_desk->window.grab().isNull());
    for (auto* w : m_desk->window.findChildren<QWidget*>()) {
      if (!w->isVisible() || qobject_cast<QAbstractButton*>(w) || qobject_cast<QComboBox*>(w) ||
          qobject_cast<QLineEdit*>(w))
        continue;
      if (!(w->focusPolicy() & Qt::TabFocus)) continue;
      for (const int key :
           {Qt::Key_Right, Qt::Key_Up, Qt::Key_Delete, Qt::Key_Return, Qt::Key_F2, Qt::Key_Escape})
        QTest::keyClick(w, static_cast<Qt::Key>(key));
      drag(*w, {w->width() * 0.3, w->height() * 0.3}, {w->width() * 0.6, w->height() * 0.6}, 3);
    }
  });
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), std::size_t{0});
}

DESK_TEST_MAIN(EveryDeskTask)
#include "every_desk_task_test.moc"
