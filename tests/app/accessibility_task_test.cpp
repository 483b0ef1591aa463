// SPDX-License-Identifier: GPL-3.0-or-later
// What assistive technology is told: the whole line from a photo to an exported set is gone through its
// interface alone, and every view of our own says what it shows.
#include "app/accessibility/accessibility.h"
#include "app/desk.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/work/set_work.h"

#include <QAccessible>
#include <QAction>
#include <QMenuBar>

#include <functional>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

using Face = QAccessibleInterface;

Face* face_of(QObject& object) { return QAccessible::queryAccessibleInterface(&object); }

/// All that is shown, from the window down.
void each_shown(Face* from, const std::function<void(Face&)>& f) {
  if (!from || !from->isValid() || from->state().invisible) return;
  f(*from);
  for (int i = 0; i < from->childCount(); ++i) each_shown(from->child(i), f);
}

Face* found(Face* from, QAccessible::Role role, const QString& begins) {
  Face* out = nullptr;
  each_shown(from, [&](Face& one) {
    if (!out && one.role() == role && one.text(QAccessible::Name).startsWith(begins)) out = &one;
  });
  return out;
}

bool has_done(Face* face, const QString& action) {
  if (!face || !face->actionInterface() || !face->actionInterface()->actionNames().contains(action))
    return false;
  face->actionInterface()->doAction(action);
  QCoreApplication::processEvents();
  return true;
}
bool pressed(Face* face) { return has_done(face, QAccessibleActionInterface::pressAction()); }

bool set_to(Face* face, double number) {
  if (!face || !face->valueInterface()) return false;
  face->valueInterface()->setCurrentValue(number);
  QCoreApplication::processEvents();
  return true;
}
double number_of(Face* face) { return face->valueInterface()->currentValue().toDouble(); }

/// A command by its words, through the bar of menus.
bool command_done(MainWindow& window, const QStringList& way) {
  Face* at = face_of(*window.menuBar());
  for (const QString& word : way) {
    Face* next = nullptr;
    for (int i = 0; at && i < at->childCount() && !next; ++i)
      if (at->child(i)->text(QAccessible::Name).remove('&').startsWith(word)) next = at->child(i);
    if (!next) return false;
    // An item with a menu has that as its child.
    at = next->childCount() > 0 ? next->child(0) : next;
  }
  return pressed(at);
}

/// Those of a view that are directly or deeper within it and have this role.
std::vector<Face*> items_of(Face* view, QAccessible::Role role) {
  std::vector<Face*> out;
  each_shown(view, [&](Face& one) {
    if (&one != view && one.role() == role) out.push_back(&one);
  });
  return out;
}

} // namespace

class AccessibilityTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = new_piece_at(Desk::Observe); }
  void cleanup() { m_desk.reset(); }
  void a_photo_becomes_an_exported_set();
  void every_view_says_what_it_shows();

private:
  [[nodiscard]] Face* whole() { return face_of(m_desk->window); }
  template <class W = QWidget> [[nodiscard]] Face* view(const char* name) {
    return face_of(m_desk->part<W>(name));
  }
  std::unique_ptr<DeskTop> m_desk;
};

void AccessibilityTask::a_photo_becomes_an_exported_set() {
  const QTemporaryDir folder;
  m_desk->dialogs.photo_paths = {QStringLiteral(DEMO_PHOTOS "/noon.jpg")};
  QVERIFY(command_done(m_desk->window, {"File", "Add photos"}));
  QVERIFY(m_desk->photo_shown());
  QCoreApplication::processEvents();
  QVERIFY2(view("photo")->text(QAccessible::Description).contains("pixels"),
           qPrintable(view("photo")->text(QAccessible::Description)));
  // The photo shown has the keys only while its view has them.
  m_desk->window.activateWindow();
  QVERIFY(QTest::qWaitForWindowActive(&m_desk->window));
  for (const char* focus : {"references", "rail"}) {
    m_desk->part<QWidget>(focus).setFocus();
    QCOMPARE(items_of(view("references"), QAccessible::ListItem)[0]->state().focused,
             std::string_view(focus) == "references");
  }
  // Colors are taken out of it, and one of them is taken up.
  QVERIFY(pressed(found(whole(), QAccessible::Button, "Take palette")));
  QVERIFY(comes_true([&] { return !items_of(view("photo"), QAccessible::ListItem).empty(); }));
  const auto taken = items_of(view("photo"), QAccessible::ListItem);
  QVERIFY(taken.size() > 5);
  QVERIFY(taken[2]->text(QAccessible::Name).startsWith("Result: "));
  QVERIFY(has_done(taken[2], "Use color"));
  QVERIFY(taken[2]->text(QAccessible::Name).contains(text(hex_of(m_desk->session().color()))));
  QVERIFY(taken[2]->state().selected);
  // A mask is chosen.
  QVERIFY(pressed(found(whole(), QAccessible::RadioButton, "Limit")));
  QVERIFY(pressed(found(whole(), QAccessible::Button, "Mask pattern triad")));
  QVERIFY(m_desk->piece().mask.has_value());
  // A color is picked by its numbers and laid.
  QVERIFY(pressed(found(whole(), QAccessible::RadioButton, "Pick")));
  Face* rail = view("rail");
  QVERIFY(set_to(rail, 63));
  CHECK_NEAR(m_desk->session().at.at.v, 63, 0.01);
  QVERIFY(has_done(rail, QAccessibleActionInterface::increaseAction()));
  CHECK_NEAR(number_of(rail), 64, 0.01);
  m_desk->part<QAbstractButton>("page.mixing").click();
  QVERIFY(set_to(view("mix.toward"), 50));
  CHECK_NEAR(m_desk->session().at_hand.mixing.toward, 0.5, 1e-9);
  m_desk->part<QAbstractButton>("page.set").click();
  Face* plan = view("wheel");
  QVERIFY(set_to(found(plan, QAccessible::Slider, "Saturation"), 20));
  CHECK_NEAR(100 * m_desk->session().at.at.r, number_of(found(plan, QAccessible::Slider, "Saturation")),
             0.01);
  QVERIFY(m_desk->model().in_mask().value_or(false));
  QVERIFY(command_done(m_desk->window, {"Edit", "Add current color to set"}));
  Face* staff = view("staff");
  QCOMPARE(items_of(staff, QAccessible::ListItem).size(), std::size_t{1});
  // Another, into a well and from there into the same family.
  QVERIFY(set_to(rail, 30));
  const QString dark = text(hex_of(m_desk->session().color()));
  Face* well = found(view("wells"), QAccessible::ListItem, "Well 2");
  QVERIFY(well && well->text(QAccessible::Name).contains("empty"));
  QVERIFY(has_done(well, "Put current color here"));
  QVERIFY(well->text(QAccessible::Name).contains(dark));
  QVERIFY(set_to(rail, 80));
  QVERIFY(has_done(well, "Use color"));
  QVERIFY(has_done(items_of(staff, QAccessible::List).front(), "Add current color"));
  const auto laid = items_of(staff, QAccessible::ListItem);
  QCOMPARE(laid.size(), std::size_t{2});
  // Name, hex, value and family are said of each.
  const Swatch& second = current_set(m_desk->piece())->families[0].swatches[1];
  const QString said = laid[1]->text(QAccessible::Name);
  QVERIFY2(said.contains(text(second.name)) && said.contains(dark) && said.contains(" value 30.0") &&
               said.endsWith(text("in " + current_set(m_desk->piece())->families[0].name)),
           qPrintable(said));
  QVERIFY(has_done(laid[0], "Select"));
  QVERIFY(laid[0]->state().selected && !laid[1]->state().selected);
  // The set goes out.
  m_desk->dialogs.export_path = folder.filePath("out.hex");
  QVERIFY(command_done(m_desk->window, {"File", "Export set", "As Hex"}));
  QFile file(m_desk->dialogs.export_path);
  QVERIFY(file.open(QIODevice::ReadOnly));
  const QString written = QString::fromUtf8(file.readAll());
  QVERIFY(written.contains(dark.mid(1)) && written.trimmed().split('\n').size() == 2);
}

void AccessibilityTask::every_view_says_what_it_shows() {
  QVERIFY(m_desk->open_demo());
  std::set<QString> heard;
  const std::pair<Desk, SetView> places[] = {{Desk::Observe, SetView::Staff}, {Desk::Limit, SetView::Staff},
                                             {Desk::Pick, SetView::Staff},    {Desk::Grade, SetView::Staff},
                                             {Desk::Grade, SetView::Rows},    {Desk::Try, SetView::Staff},
                                             {Desk::Share, SetView::Staff}};
  for (const auto& [desk, set_view] : places) {
    m_desk->model().viewing().show_set_view(set_view);
    m_desk->model().viewing().show_desk(desk);
    QTest::qWait(50);
    for (auto* w : m_desk->window.findChildren<QWidget*>()) {
      auto* speaks = dynamic_cast<AccessibleView*>(w);
      if (!speaks || !w->isVisible()) continue;
      const QString what = w->objectName() + " at " + QString::number(static_cast<int>(desk));
      heard.insert(w->objectName());
      Face* face = face_of(*w);
      QVERIFY2(!face->text(QAccessible::Name).isEmpty(), qPrintable(what));
      const AccessibleContent all = speaks->accessible();
      QVERIFY2(face->role() == all.role && face->role() != QAccessible::Client, qPrintable(what));
      // Each item is met once on the way down, leads up again, and lies where it is drawn.
      std::set<quint64> keys;
      std::size_t met = 0;
      for (const AccessibleItem& item : all.items) {
        QVERIFY2(keys.insert(item.key).second && !item.name.isEmpty(), qPrintable(what + ": " + item.name));
        QVERIFY2(item.within == 0 || keys.contains(item.within), qPrintable(what));
      }
      const std::function<void(Face&)> down = [&](Face& from) {
        for (int i = 0; i < from.childCount(); ++i) {
          Face* child = from.child(i);
          if (child && &from == face) QVERIFY2(from.indexOfChild(child) == i, qPrintable(what));
          if (!child || child->object()) continue;
          ++met;
          QVERIFY2(child->parent() == &from && from.indexOfChild(child) == i, qPrintable(what));
          QVERIFY2(child->actionInterface() && (!child->actionInterface()->actionNames().isEmpty() ||
                                                child->role() == QAccessible::StaticText),
                   qPrintable(what + ": " + child->text(QAccessible::Name)));
          down(*child);
        }
      };
      down(*face);
      QCOMPARE(met, all.items.size());
    }
  }
  for (const char* name : {"photo", "references", "wheel", "maskWheel", "section", "rail", "staff", "rows",
                           "wells", "colorPair", "members", "tryPicture", "useBar", "shareStage"})
    QVERIFY2(
        heard.contains(name),
        qPrintable(
            QString("%1 was not heard of: %2").arg(name, QStringList(heard.begin(), heard.end()).join(' '))));
  // What is under a finger: a swatch on the staff.
  m_desk->model().viewing().show_set_view(SetView::Staff);
  m_desk->model().viewing().show_desk(Desk::Grade);
  QTest::qWait(20);
  Face* staff = view("staff");
  const auto swatches = items_of(staff, QAccessible::ListItem);
  QCOMPARE(swatches.size(), swatch_count(*current_set(m_desk->piece())));
  for (Face* one : swatches) {
    const QPoint middle = one->rect().center();
    Face* under = staff->childAt(middle.x(), middle.y());
    QVERIFY(under && under->role() == QAccessible::ListItem);
  }
}

DESK_TEST_MAIN(AccessibilityTask)
#include "accessibility_task_test.moc"
