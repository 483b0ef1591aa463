// SPDX-License-Identifier: GPL-3.0-or-later
// Questions, names and files when another piece is opened.
#include "app/crossing/crossing_task.h"

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
