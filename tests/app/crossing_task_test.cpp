// SPDX-License-Identifier: GPL-3.0-or-later
// Two pieces whose ids are the same numbers: whatever is being typed, dragged, asked or worked out in one
// when the other is opened, the other stays as it was.
#include "app/band/staff_view.h"
#include "app/desks/pick/mix_view.h"
#include "app/tray/wells_view.h"
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "desk.h"
#include "io/container/piece_file.h"
#include "model/journal/journal.h"
#include "model/study/try_model.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QBuffer>
#include <QDialog>
#include <QDir>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTimer>
#include <QToolTip>

using namespace zc;
using namespace zc::test;

namespace {

SharedBytes photo_bytes(int seed) {
  QImage image(48, 36, QImage::Format_RGB32);
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x)
      image.setPixelColor(x, y, QColor::fromHsv((x * 7 + seed * 40) % 360, 60 + y * 5, 255 - y * 4));
  QByteArray png;
  QBuffer buffer(&png);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return std::make_shared<const Bytes>(png.begin(), png.end());
}

/// The same steps give the same ids, whatever the names.
Piece piece_called(const std::string& name, int seed) {
  Piece p = new_piece("2026-11-29");
  const auto step = [&p](Result<Piece> next) {
    if (!next) qFatal("%s", next.error().sentence().c_str());
    p = std::move(next).value();
  };
  step(with_card(p, {name, name + " words", "2026-11-29", name + " signature"}));
  step(with_set_named(p, p.current_set, name + " set"));
  step(with_set_note(p, p.current_set, name + " note"));
  step(with_set_tags(p, p.current_set, {name + " tag"}));
  const double shift = 0.05 * seed;
  step(with_laid_families(p, {{name + " one", {{{0.8 - shift, 0.4, 0.2}, {}}, {{0.3, 0.3 + shift, 0.6}, {}}}},
                              {name + " two", {{{0.2, 0.5, 0.3 + shift}, {}}}}}));
  step(with_version_kept(p, p.current_set, name + " version"));
  step(with_set(p, name + " second"));
  step(with_laid_family(p, name + " three", {{{0.5, 0.1 + shift, 0.1}, {}}}));
  step(with_current_set(p, p.sets[0].id));
  step(with_reference(p, name + " photo", "png", photo_bytes(seed)));
  step(with_reference(p, name + " other photo", "png", photo_bytes(seed + 3)));
  step(with_area_added(p, {AreaMode::Adds, Polygon{{{0.1, 0.1}, {0.7, 0.2}, {0.3, 0.7 - shift}}}}));
  return p;
}

} // namespace

class CrossingTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_folder = std::make_unique<QTemporaryDir>();
    for (const auto& [name, seed, path] : {std::tuple("A", 1, a()), std::tuple("B", 2, b())}) {
      Document document{piece_called(name, seed), {}};
      document.at_hand.current = {0.2 * seed, 0.3, 0.4};
      document.at_hand.wells[3] = Srgb{0.1, 0.1 * seed, 0.5};
      QVERIFY(save_document(path.toStdString(), document));
    }
    m_desk = std::make_unique<DeskTop>();
    m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
    QVERIFY(m_desk->documents().open(a()));
    QVERIFY(m_desk->photos_decoded());
  }
  void cleanup() {
    m_desk.reset();
    QDir(Journal::folder()).removeRecursively();
    QDir().mkpath(Journal::folder());
  }

  void nothing_begun_reaches_the_next_piece_data();
  void nothing_begun_reaches_the_next_piece();
  void an_answer_belongs_to_the_piece_it_was_asked_in_data();
  void an_answer_belongs_to_the_piece_it_was_asked_in();
  void other_programs_wait_for_free_hands();
  void names_are_never_markup();
  void a_name_is_edited_where_it_is_seen();
  void exports_of_another_piece_are_asked_about();

private:
  QString path(const char* name) { return m_folder->filePath(QLatin1String(name)); }
  QString a() { return path("a.zonachrom"); }
  QString b() { return path("b.zonachrom"); }
  DeskTop& desk() { return *m_desk; }
  QWidget& at(const char* part, Desk shown) {
    desk().model().viewing().show_desk(shown);
    if (shown == Desk::Grade) desk().model().viewing().show_set_view(SetView::Staff);
    QCoreApplication::processEvents();
    return desk().part<QWidget>(part);
  }
  void type_in(QWidget& field, const char* words) {
    field.setFocus();
    if (auto* line = qobject_cast<QLineEdit*>(&field)) line->selectAll();
    QTest::keyClicks(&field, QLatin1String(words));
  }
  /// A hand that presses and pulls, and lets go after the other piece has come.
  std::function<void()> pull(QWidget& part, QPointF from, QPointF to) {
    press(part, from);
    move(part, (from + to) / 2);
    move(part, to);
    return [&part, to] {
      move(part, to + QPointF(9, 9));
      release(part, to + QPointF(9, 9));
    };
  }
  std::map<std::string, std::function<std::function<void()>()>> beginnings();

  std::unique_ptr<QTemporaryDir> m_folder;
  std::unique_ptr<DeskTop> m_desk;
};

/// Each begins something and gives how it goes on.
std::map<std::string, std::function<std::function<void()>()>> CrossingTask::beginnings() {
  const auto nothing = [] {};
  const auto leave_field = [this] { desk().part<QWidget>("staff").setFocus(); };
  const auto enter = [] {
    if (QWidget* field = QApplication::focusWidget()) QTest::keyClick(field, Qt::Key_Return);
  };
  const auto name_at = [this](const char* part, Desk shown, SetView view) -> QWidget& {
    QWidget& out = at(part, shown);
    if (shown == Desk::Grade) desk().model().viewing().show_set_view(view);
    QCoreApplication::processEvents();
    return out;
  };
  const auto center = [](const QWidget& w) { return QRectF(w.rect()).center(); };
  std::map<std::string, std::function<std::function<void()>()>> out;
  out["note of a set, focus only"] = [=, this] {
    at("setNote", Desk::Grade).setFocus();
    return leave_field;
  };
  for (const char* field : {"setName", "setTags", "setNote"})
    out[std::string("typed into ") + field] = [=, this] {
      type_in(at(field, Desk::Grade), "xyz");
      return leave_field;
    };
  out["a version's name"] = [=, this] {
    type_in(at("versionName", Desk::Grade), "late");
    return [this] {
      // Kept without a name of its own it is not called by what was typed before.
      if (desk().part<QLineEdit>("versionName").text() == "late")
        desk().part<QPushButton>("versionKeep").click();
    };
  };
  out["a version renamed in the list"] = [=, this] {
    auto& list = static_cast<QAbstractItemView&>(at("versionList", Desk::Grade));
    list.setCurrentIndex(list.model()->index(0, 0));
    list.edit(list.currentIndex());
    if (QWidget* editor = QApplication::focusWidget()) QTest::keyClicks(editor, "late");
    return enter;
  };
  out["the title"] = [=, this] {
    type_in(at("title", Desk::Pick), "late");
    return enter;
  };
  out["the card"] = [=, this] {
    at("staff", Desk::Pick);
    desk().part<QAbstractButton>("openCard").click();
    type_in(desk().part<QWidget>("card.title"), "late");
    return [this] { desk().part<QPushButton>("card.take").click(); };
  };
  out["a swatch named on the staff"] = [=, this] {
    QWidget& staff = at("staff", Desk::Grade);
    desk().model().laying().select_swatch(current_set(desk().piece())->families[0].swatches[0].id);
    staff.setFocus();
    QTest::keyClick(&staff, Qt::Key_F2);
    QTest::keyClicks(&desk().part<QWidget>("nameEditor"), "late");
    return [=, this] {
      QTest::keyClick(&desk().part<QWidget>("nameEditor"), Qt::Key_Return);
      enter();
    };
  };
  out["a swatch named in its row"] = [=, this] {
    QWidget& rows = name_at("rows", Desk::Grade, SetView::Rows);
    desk().model().laying().select_swatch(current_set(desk().piece())->families[0].swatches[0].id);
    rows.setFocus();
    QTest::keyClick(&rows, Qt::Key_F2);
    QTest::keyClicks(&desk().part<QWidget>("rowNameEditor"), "late");
    return [=, this] { QTest::keyClick(&desk().part<QWidget>("rowNameEditor"), Qt::Key_Return); };
  };
  out["a cell of the list"] = [=, this] {
    auto& list = static_cast<QAbstractItemView&>(name_at("list", Desk::Grade, SetView::List));
    list.setFocus();
    for (int column = 0; column < list.model()->columnCount(); ++column) {
      const QModelIndex cell = list.model()->index(0, column);
      if (!(cell.flags() & Qt::ItemIsEditable)) continue;
      list.setCurrentIndex(cell);
      list.edit(cell);
      break;
    }
    if (QWidget* editor = QApplication::focusWidget()) QTest::keyClicks(editor, "late");
    return enter;
  };
  out["a number of the report"] = [=, this] {
    at("staff", Desk::Grade);
    type_in(desk().part<QWidget>("ruleNear"), "7");
    return enter;
  };
  out["a number pulled"] = [=, this] {
    at("staff", Desk::Limit);
    QWidget& field = desk().part<QWidget>("maskTurned");
    return pull(field, center(field), center(field) + QPointF(40, 0));
  };
  out["a swatch pulled to another family"] = [=, this] {
    at("staff", Desk::Grade);
    auto& staff = desk().part<StaffView>("staff");
    const QPointF from = staff.swatch_rect(current_set(desk().piece())->families[0].swatches[0].id).center();
    return pull(staff, from, {staff.column_rect(1).center().x(), from.y()});
  };
  out["a family pulled aside"] = [=, this] {
    at("staff", Desk::Grade);
    auto& staff = desk().part<StaffView>("staff");
    return pull(staff, staff.name_rect(0).center(), staff.name_rect(1).center());
  };
  out["a limit of the bands pulled"] = [=, this] {
    at("staff", Desk::Grade);
    auto& staff = desk().part<StaffView>("staff");
    const QPointF from = staff.limit_rect(true).center();
    return pull(staff, from, from + QPointF(0, 30));
  };
  for (const auto& [part, shown, by] :
       {std::tuple("maskWheel", Desk::Limit, QPointF(30, 20)),
        std::tuple("wheel", Desk::Pick, QPointF(30, 20)), std::tuple("section", Desk::Pick, QPointF(10, 30)),
        std::tuple("rail", Desk::Pick, QPointF(0, 40)), std::tuple("photo", Desk::Observe, QPointF(30, 20)),
        std::tuple("tryPicture", Desk::Try, QPointF(40, 0)), std::tuple("rows", Desk::Grade, QPointF(50, 0))})
    out[std::string("a pull on ") + part] = [=, this, part = part, shown = shown, by = by] {
      QWidget& w = name_at(part, shown, SetView::Rows);
      return pull(w, center(w), center(w) + by);
    };
  out["a turn of the mask"] = [=, this] {
    QWidget& w = at("maskWheel", Desk::Limit);
    return pull(w, {6, w.height() / 2.0}, {6, w.height() / 2.0 - 50});
  };
  out["the grip that shifts values"] = [=, this] {
    at("staff", Desk::Grade);
    auto& staff = desk().part<StaffView>("staff");
    const Id swatch = current_set(desk().piece())->families[0].swatches[0].id;
    desk().model().laying().select_swatch(swatch);
    const QPointF from(staff.swatch_rect(swatch).right() + 11, staff.swatch_rect(swatch).center().y());
    return pull(staff, from, from + QPointF(0, 40));
  };
  out["a pointer by keys that holds the value"] = [=, this] {
    QWidget& rail = at("rail", Desk::Pick);
    rail.setFocus();
    desk().trigger("movePointerByKeys");
    QTest::keyClick(&rail, Qt::Key_Space);
    QTest::keyClick(&rail, Qt::Key_Down);
    return [&rail] {
      for (int i = 0; i < 2; ++i) QTest::keyClick(&rail, Qt::Key_Space);
    };
  };
  out["a region on the photo"] = [=, this] {
    QWidget& w = at("photo", Desk::Observe);
    desk().part<QAbstractButton>("markRegion").click();
    return pull(w, center(w), center(w) + QPointF(50, 40));
  };
  out["the filled well"] = [=, this] {
    desk().model().picking().choose_filling_well(3);
    return [this] { desk().model().picking().use_color({0.9, 0.9, 0.1}); };
  };
  out["a row of wells being named"] = [=, this] {
    auto& wells = desk().part<WellsView>("wells");
    at("wells", Desk::Pick);
    desk().model().picking().add_well_row();
    double_click(wells, wells.name_rect(1).center());
    QTest::keyClicks(&desk().part<QWidget>("wellRowName"), "late");
    return enter;
  };
  out["a smear over the field of mixtures"] = [=, this] {
    auto& field = static_cast<MixView&>(at("mixField", Desk::Pick));
    desk().part<QAbstractButton>("page.mixing").click();
    Mixing next;
    next.corners = {{{0.9, 0.8, 0.2}}, {{0.1, 0.2, 0.5}}};
    next.hand = MixHand::Smear;
    desk().model().picking().mix_by_hand(next);
    QCoreApplication::processEvents();
    return pull(field, field.screen_point({0.2, 0.5}), field.screen_point({0.7, 0.5}));
  };
  out["a parcel's words"] = [=, this] {
    at("staff", Desk::Share);
    desk().part<QAbstractButton>("share.parcel").click();
    QCoreApplication::processEvents();
    type_in(desk().part<QWidget>("parcel.description"), "late");
    return nothing;
  };
  out["colors found in a file"] = [=, this] {
    at("staff", Desk::Grade);
    desk().window.arrivals().open_files({QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv")});
    if (!comes_true([this] { return desk().session().set_view == SetView::Import; }))
      qFatal("nothing was found");
    return [this] {
      auto& take = desk().part<QPushButton>("importTake");
      if (take.isVisible()) take.click();
    };
  };
  out["a file that is still being read"] = [=, this] {
    at("staff", Desk::Grade);
    desk().window.arrivals().open_files({QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv")});
    return nothing;
  };
  out["a photo that comes in"] = [=, this] {
    at("photo", Desk::Observe);
    desk().window.arrivals().open_files({QStringLiteral(DEMO_PHOTOS "/noon.jpg")});
    return nothing;
  };
  out["colors being taken"] = [=, this] {
    at("photo", Desk::Observe);
    desk().part<QAbstractButton>("takeColors").click();
    return nothing;
  };
  out["areas being cut"] = [=, this] {
    at("tryPicture", Desk::Try);
    desk().model().tries().change_study("areas", [](Study& s) { s.by_areas = true; });
    static_cast<void>(desk().model().tries().areas());
    return nothing;
  };
  return out;
}

void CrossingTask::nothing_begun_reaches_the_next_piece_data() {
  QTest::addColumn<QString>("what");
  for (const auto& [name, begin] : beginnings())
    QTest::addRow("%s", name.c_str()) << QString::fromStdString(name);
}

void CrossingTask::nothing_begun_reaches_the_next_piece() {
  QFETCH(QString, what);
  const auto expected = open_document(b().toStdString());
  QVERIFY(expected);
  const auto go_on = beginnings().at(what.toStdString())();
  QVERIFY(desk().documents().open(b()));
  go_on();
  QTest::qWait(250);
  const Parts other = change_between(desk().piece(), expected->piece);
  QVERIFY2(desk().piece() == expected->piece,
           qPrintable(QStringLiteral("words %1, geometry %2, references %3, sets %4")
                          .arg(other.has(Part::Words))
                          .arg(other.has(Part::Geometry))
                          .arg(other.has(Part::References))
                          .arg(other.has(Part::Sets))));
  QVERIFY(!desk().model().store().edited());
  if (what != "the filled well") QCOMPARE(desk().session().color(), expected->at_hand.current);
  QCOMPARE(desk().session().at_hand.wells, expected->at_hand.wells);
  QVERIFY(desk().session().at_hand.row_names.empty() && !desk().session().at_hand.mixing.begun);
  QVERIFY(desk().session().extracted.colors.empty());
  QVERIFY(desk().session().set_view != SetView::Import);
  QVERIFY(!desk().session().looking.region);
  QVERIFY(!desk().part<QLineEdit>("title").text().contains("late"));
  desk().make_all();
  for (const auto* field : desk().window.findChildren<QLineEdit*>())
    QVERIFY2(!field->text().contains("late"), qPrintable(field->objectName()));
}

/// Every command and button that asks: while the question is open the other piece comes, then it is answered.
void CrossingTask::an_answer_belongs_to_the_piece_it_was_asked_in_data() {
  QTest::addColumn<QString>("asking");
  DeskTop all;
  for (auto* action : all.window.findChildren<QAction*>())
    if (action->text().endsWith(QLatin1String("...")))
      QTest::addRow("%s", qPrintable(action->objectName())) << action->objectName();
  for (const char* button : {"sheet.write.pdf", "files.choose", "files.write", "parcel.pack", "parcel.open",
                             "parcel.watch", "plan.write"})
    QTest::addRow("%s", button) << QString::fromLatin1(button);
}

void CrossingTask::an_answer_belongs_to_the_piece_it_was_asked_in() {
  QFETCH(QString, asking);
  const auto expected = open_document(b().toStdString());
  auto& dialogs = desk().dialogs;
  dialogs.save_path = path("asked.zonachrom");
  dialogs.export_path = path("asked.png");
  dialogs.set_path = QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv");
  dialogs.photo_paths = {QStringLiteral(DEMO_PHOTOS "/noon.jpg")};
  dialogs.folder_path = path("");
  dialogs.open_path = a();
  desk().model().viewing().show_desk(Desk::Share);
  bool came = false;
  dialogs.while_asked = [&] { came = desk().documents().open(b()); };
  if (auto* action = desk().window.findChild<QAction*>(asking))
    action->trigger();
  else if (auto* button = desk().window.findChild<QAbstractButton*>(asking))
    button->click();
  if (dialogs.questions == 0) QSKIP("asks nothing here");
  QVERIFY(came);
  QTest::qWait(250);
  QVERIFY(desk().piece() == expected->piece);
  QVERIFY(!desk().model().store().edited());
  QCOMPARE(desk().program.documents.path(), b());
  QVERIFY(desk().session().set_view != SetView::Import);
  QVERIFY(desk().session().sharing.files.folder.empty());
  for (const char* written : {"asked.zonachrom", "asked.png"}) QVERIFY(!QFile::exists(path(written)));
}

/// Another start, or a program on the bus, has a piece to open.
void CrossingTask::other_programs_wait_for_free_hands() {
  const auto waits = [this](const std::function<void()>& free) {
    desk().window.arrivals().open_when_free({b()});
    QTest::qWait(250);
    QCOMPARE(desk().program.documents.path(), a());
    free();
    QVERIFY(comes_true([this] { return desk().program.documents.path() == b(); }));
    QVERIFY(desk().documents().open(a()));
  };
  QMenu menu(&desk().window);
  menu.addAction("one");
  menu.popup(desk().window.mapToGlobal(QPoint(50, 50)));
  waits([&menu] { menu.close(); });
  QDialog question(&desk().window);
  question.setModal(true);
  question.show();
  QVERIFY(QTest::qWaitForWindowExposed(&question));
  waits([&question] { question.close(); });
  // However many pieces are called for, the user is asked once, and the last one is opened.
  const auto call_often = [this] {
    for (int i = 0; i < 5; ++i) desk().window.arrivals().open_when_free({i % 2 == 0 ? b() : a()});
  };
  for (const bool agrees : {false, true}) {
    QVERIFY(
        desk().model().store().apply("Rename", [](Piece p) { return with_title(std::move(p), "edited"); }));
    desk().dialogs.unsaved_questions = 0;
    desk().dialogs.unsaved = agrees ? UnsavedAnswer::Discard : UnsavedAnswer::Cancel;
    desk().dialogs.while_asked = [&] {
      QDialog asked(&desk().window);
      asked.setModal(true);
      asked.show();
      QVERIFY(QTest::qWaitForWindowExposed(&asked));
      call_often();
    };
    desk().window.arrivals().open_when_free({b()});
    QVERIFY(comes_true([this] { return !desk().window.arrivals().files_wait(); }));
    desk().wait_for_files();
    QCOMPARE(desk().dialogs.unsaved_questions, 1);
    QCOMPARE(desk().program.documents.path(), agrees ? b() : a());
  }
  QVERIFY(desk().documents().open(a()));
  // Free hands are not kept waiting.
  desk().window.arrivals().open_when_free({b()});
  desk().wait_for_files();
  QCOMPARE(desk().program.documents.path(), b());
}

/// On every desk and page, in tips and in questions.
void CrossingTask::names_are_never_markup() {
  const std::string markup = "<h1>Saved.</h1><img src='" DEMO_PHOTOS "/noon.jpg'>";
  const auto step = [this](const auto& edit) { return desk().model().store().apply("Rename", edit); };
  const Piece p = desk().piece();
  QVERIFY(step([&](Piece x) { return with_title(std::move(x), markup); }));
  QVERIFY(step([&](Piece x) { return with_set_named(std::move(x), p.current_set, markup); }));
  QVERIFY(step([&](Piece x) { return with_reference_named(std::move(x), p.references[0].id, markup); }));
  const Family& family = current_set(p)->families[0];
  QVERIFY(step([&](Piece x) { return with_family_named(std::move(x), family.id, markup); }));
  for (const Swatch& s : family.swatches)
    QVERIFY(step([&](Piece x) { return with_swatch_named(std::move(x), s.id, markup); }));
  QVERIFY(step(
      [&](Piece x) { return with_version_named(std::move(x), current_set(p)->versions[0].id, markup); }));
  int labels = 0;
  const auto look = [&](const QWidget& window) {
    for (const auto* label : window.findChildren<QLabel*>()) {
      if (!label->text().contains(QLatin1String("<h1>"))) continue;
      QVERIFY2(label->textFormat() == Qt::PlainText, qPrintable(label->objectName()));
      ++labels;
    }
  };
  for (const auto& word : kDeskWords) {
    desk().model().viewing().show_desk(word.value);
    QCoreApplication::processEvents();
    for (auto* button : desk().window.findChildren<QAbstractButton*>()) {
      const QString name = button->objectName();
      if (!button->isVisible() ||
          !(name.startsWith("page.") || name.startsWith("view.") || name.startsWith("share.")))
        continue;
      button->click();
      QCoreApplication::processEvents();
      look(desk().window);
    }
    emit desk().model().notice(QString::fromStdString(markup));
    look(desk().window);
  }
  QVERIFY(labels > 6);
  // Whatever gives a tip: the toolkit's own label for it, and message boxes.
  QToolTip::showText(desk().window.mapToGlobal(QPoint(9, 9)), QString::fromStdString(markup), &desk().window);
  int tips = 0;
  for (QWidget* top : QApplication::topLevelWidgets())
    if (const auto* tip = qobject_cast<QLabel*>(top); tip && tip->isVisible()) {
      QCOMPARE(tip->textFormat(), Qt::PlainText);
      ++tips;
    }
  QCOMPARE(tips, 1);
  QToolTip::hideText();
  ToolkitDialogs toolkit;
  int asked = 0;
  const auto ask = [&](const auto& question) {
    QTimer::singleShot(50, &desk().window, [&] {
      QWidget* box = QApplication::activeModalWidget();
      if (!box) return;
      look(*box);
      ++asked;
      box->close();
    });
    question();
  };
  const QString words = QString::fromStdString(markup);
  ask([&] { static_cast<void>(toolkit.ask_unsaved(&desk().window, words)); });
  ask([&] { static_cast<void>(toolkit.offer_recovery(&desk().window, words, words, words)); });
  ask([&] { static_cast<void>(toolkit.ask_damaged(&desk().window, words, true, true)); });
  ask([&] { static_cast<void>(toolkit.ask_replace(&desk().window, {words})); });
  QCOMPARE(asked, 4);
}

/// F2 at the list edits the list, never a field that nobody sees.
void CrossingTask::a_name_is_edited_where_it_is_seen() {
  at("staff", Desk::Grade);
  desk().model().viewing().show_set_view(SetView::List);
  QCoreApplication::processEvents();
  const Id swatch = current_set(desk().piece())->families[0].swatches[1].id;
  desk().model().laying().select_swatch(swatch);
  desk().trigger("renameSwatchOrFamily");
  QVERIFY(!desk().part<QWidget>("nameEditor").isVisible());
  QWidget* editor = QApplication::focusWidget();
  QVERIFY(editor && desk().part<QWidget>("list").isAncestorOf(editor));
  QTest::keyClicks(editor, "renamed in the list");
  QTest::keyClick(editor, Qt::Key_Return);
  QVERIFY(comes_true([&] { return find_swatch(desk().piece(), swatch)->name == "renamed in the list"; }));
  desk().model().viewing().show_desk(Desk::Share);
  QCoreApplication::processEvents();
  desk().trigger("renameSwatchOrFamily");
  QVERIFY(!desk().part<QWidget>("nameEditor").isVisible());
  QVERIFY(!desk().notice().isEmpty());
}

void CrossingTask::exports_of_another_piece_are_asked_about() {
  const QTemporaryDir folder;
  auto& dialogs = desk().dialogs;
  const auto word = [this](const char* name) {
    desk().part<QAbstractButton>(name).click();
    desk().wait_for_files();
  };
  at("staff", Desk::Share);
  word("share.files");
  dialogs.folder_path = folder.path();
  word("files.choose");
  word("files.hex");
  word("files.sheet-png");
  word("files.atSave");
  word("files.write");
  QVERIFY(dialogs.replacing.isEmpty());
  const auto bytes = [](const QString& file) {
    QFile f(file);
    return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
  };
  QString written;
  for (const QString& file : QDir(folder.path()).entryList({"A set*"}, QDir::Files))
    if (!file.endsWith("png")) written = folder.filePath(file);
  QVERIFY(!written.isEmpty());
  const QByteArray first = bytes(written);
  // Its own files are written again without a question.
  word("files.write");
  QVERIFY(dialogs.replacing.isEmpty());
  // Another piece has neither the folder nor the switch, and a set of the same name.
  QVERIFY(desk().documents().open(b()));
  QVERIFY(desk().session().sharing.files.folder.empty() && !desk().session().sharing.files.at_save);
  QVERIFY(desk().model().store().apply("Rename", [](Piece p) {
    const Id id = p.current_set;
    return with_set_named(std::move(p), id, "A set");
  }));
  word("files.choose");
  word("files.atSave");
  dialogs.replace = false;
  desk().trigger("save");
  QVERIFY(dialogs.replacing.size() >= 2);
  QCOMPARE(bytes(written), first);
  QVERIFY(!desk().session().sharing.files.at_save);
  // Allowed it replaces them, and is not asked again.
  dialogs.replace = true;
  word("files.write");
  QVERIFY(bytes(written) != first);
  dialogs.replacing.clear();
  word("files.write");
  QVERIFY(dialogs.replacing.isEmpty());
  word("files.atSave");
  // The first one comes back to its folder and switch, and finds that they are not its files any more.
  desk().trigger("save");
  QVERIFY(desk().documents().open(a()));
  QCOMPARE(desk().session().sharing.files.folder, folder.path().toStdString());
  QVERIFY(desk().session().sharing.files.at_save);
  dialogs.replace = false;
  word("files.write");
  QVERIFY(!dialogs.replacing.isEmpty());
  // Refused for the first one while the second is opened: the switch of the second stays as it was.
  dialogs.while_asked = [&] { QVERIFY(desk().documents().open(b())); };
  desk().trigger("save");
  QVERIFY(!dialogs.while_asked);
  QVERIFY(desk().session().sharing.files.at_save);
  // Enter, pressed without reading the question, replaces nothing.
  ToolkitDialogs toolkit;
  QTimer::singleShot(50, &desk().window, [] {
    if (QWidget* box = QApplication::activeModalWidget()) QTest::keyClick(box, Qt::Key_Return);
  });
  QVERIFY(!toolkit.ask_replace(&desk().window, {QStringLiteral("A set.txt")}));
}

DESK_TEST_MAIN(CrossingTask)
#include "crossing_task_test.moc"
