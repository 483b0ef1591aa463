// SPDX-License-Identifier: GPL-3.0-or-later
// Saving, opening, exporting: what is written, asked and said.
#include "app/document/document_task.h"

/// In place of the system's, for the whole program.
extern "C" int fsync(int fd) {
  if (slow_disk > 0) std::this_thread::sleep_for(std::chrono::milliseconds(slow_disk));
  return static_cast<int>(syscall(SYS_fsync, fd));
}
extern "C" ssize_t read(int fd, void* to, size_t most) {
  if (slow_disk > 0 && gettid() != getpid())
    std::this_thread::sleep_for(std::chrono::milliseconds(slow_disk));
  return syscall(SYS_read, fd, to, most);
}

void DocumentTask::a_whole_line_from_photo_to_saved_set() {
  auto& title = m_desk->part<QLineEdit>("title");
  title.setFocus();
  title.selectAll();
  QTest::keyClicks(&title, "Plate one");
  QTest::keyClick(&title, Qt::Key_Return);
  // A photo with one color in it.
  QImage photo(60, 40, QImage::Format_RGB32);
  photo.fill(QColor(0xc0, 0x70, 0x30));
  QVERIFY(photo.save(path("one.png")));
  m_desk->dialogs.photo_paths = {path("one.png")};
  m_desk->trigger("addPhotos");
  QVERIFY(comes_true([this] { return m_desk->piece().references.size() == 1; }));
  auto& view = m_desk->part<QWidget>("photo");
  QCoreApplication::processEvents();
  click(view, QPointF(view.width() / 2.0, view.height() / 2.0));
  QCOMPARE(m_desk->part<QLineEdit>("hex").text(), QStringLiteral("#c07030"));
  m_desk->trigger("desk.3");
  m_desk->part<QAbstractButton>("pattern.triad").click();
  m_desk->model().picking().nudge_value(-10);
  m_desk->trigger("addCurrentColorToSet");
  m_desk->trigger("addCurrentColorToSet");
  save_as(path("plate"));
  const QString saved = path("plate.zonachrom");
  QVERIFY(QFile::exists(saved));
  const Piece piece = m_desk->piece();
  const AtHand space = m_desk->model().at_hand();
  // Opened again from disk in another window it is the same in every field.
  DeskTop second;
  QVERIFY(second.documents().open(saved));
  QVERIFY(second.piece() == piece);
  QVERIFY(second.model().at_hand() == space);
  QCOMPARE(second.session().color(), m_desk->session().color());
}

void DocumentTask::the_state_is_told_in_words() {
  check(false, "not saved", 0);
  m_desk->model().laying().lay_current();
  check(true, "not saved yet", 1);
  save_as(path("a.zonachrom"));
  check(false, "saved", 1);
  m_desk->model().laying().lay_current();
  check(true, "edited, not saved", 2);
  m_desk->trigger("undo");
  check(false, "saved", 1);
  m_desk->trigger("undo");
  check(true, "edited, not saved", 0);
  m_desk->trigger("redo");
  check(false, "saved", 1);
}

void DocumentTask::leaving_unsaved_work_asks() {
  m_desk->model().laying().lay_current();
  const Piece piece = m_desk->piece();
  m_desk->dialogs.unsaved = UnsavedAnswer::Cancel;
  m_desk->trigger("newPiece");
  QVERIFY(!m_desk->window.close());
  QVERIFY(!m_desk->documents().open(QStringLiteral(DEMO_PIECE)));
  QCOMPARE(m_desk->dialogs.unsaved_questions, 3);
  QVERIFY(m_desk->piece() == piece);
  m_desk->dialogs.unsaved = UnsavedAnswer::Save;
  m_desk->dialogs.save_path.clear(); // cancelled in the file dialog
  QVERIFY(!m_desk->window.close());
  m_desk->dialogs.save_path = path("b.zonachrom");
  m_desk->window.close();
  QVERIFY(comes_true([this] { return m_desk->window.isHidden(); })); // By itself, once it is saved.
  QVERIFY(open_document(path("b.zonachrom").toStdString())->piece == piece);
  m_desk->dialogs.unsaved_questions = 0;
  QVERIFY(m_desk->window.close());
  QCOMPARE(m_desk->dialogs.unsaved_questions, 0);
}

void DocumentTask::what_is_typed_is_saved_and_asked_about_data() {
  QTest::addColumn<QString>("field");
  for (const char* field : {"title", "setName", "setTags", "setNote", "ruleNear", "list", "card.words"})
    QTest::addRow("%s", field) << QString::fromLatin1(field);
}

/// Typed and nothing else pressed: no Enter, no other field.
void DocumentTask::what_is_typed_is_saved_and_asked_about() {
  QFETCH(QString, field);
  save_as(path("plate.zonachrom"));
  m_desk->model().viewing().show_desk(Desk::Grade);
  m_desk->model().laying().lay_current();
  m_desk->trigger("save");
  const auto type = [&](const char* words) {
    if (field == "card.words" && !m_desk->part<QWidget>("card").isVisible())
      m_desk->part<QAbstractButton>("openCard").click();
    if (field == "list") m_desk->model().viewing().show_set_view(SetView::List);
    QCoreApplication::processEvents();
    auto* target = &m_desk->part<QWidget>(qPrintable(field));
    target->setFocus();
    if (auto* list = qobject_cast<QAbstractItemView*>(target)) {
      list->edit(list->model()->index(0, 0));
      target = QApplication::focusWidget();
    }
    if (auto* line = qobject_cast<QLineEdit*>(target)) line->selectAll();
    QTest::keyClicks(target, words);
  };
  const bool number = field == "ruleNear";
  const Piece before = m_desk->piece();
  type(number ? "7" : "typed");
  m_desk->trigger("save");
  const Piece saved = open_document(path("plate.zonachrom").toStdString())->piece;
  QVERIFY(saved != before);
  QVERIFY(saved == m_desk->piece());
  QCOMPARE(state(), QStringLiteral("saved"));
  type(number ? "8" : "more");
  m_desk->dialogs.unsaved = UnsavedAnswer::Cancel;
  QVERIFY(!m_desk->window.close());
  QCOMPARE(m_desk->dialogs.unsaved_questions, 1);
  QVERIFY(m_desk->piece() != saved);
  // What cannot be taken keeps the window open, and says why.
  m_desk->trigger("undo");
  if (!number) return;
  type("900");
  m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
  QVERIFY(!m_desk->window.close());
  QVERIFY(!word_at_field(m_desk->window).isEmpty());
}

void DocumentTask::work_during_a_slow_save_is_asked_about() {
  save_as(path("plate.zonachrom"));
  m_desk->model().laying().lay_current();
  m_desk->dialogs.unsaved_answers = {UnsavedAnswer::Save};
  m_desk->dialogs.unsaved = UnsavedAnswer::Cancel;
  QTimer::singleShot(150, &m_desk->window, [this] { m_desk->model().laying().lay_current(); });
  slow_disk = 400;
  m_desk->window.close();
  m_desk->wait_for_files();
  slow_disk = 0;
  QVERIFY(!m_desk->window.isHidden());
  QCOMPARE(m_desk->dialogs.unsaved_questions, 2);
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), std::size_t{2});
  QVERIFY(m_desk->model().store().edited());
}

void DocumentTask::the_open_file_opened_again_is_read_as_it_was_saved_last() {
  m_desk->model().laying().lay_current();
  save_as(path("plate.zonachrom"));
  m_desk->dialogs.unsaved = UnsavedAnswer::Save;
  QTimer::singleShot(150, &m_desk->window, [this] { m_desk->model().laying().lay_current(); });
  slow_disk = 400;
  static_cast<void>(m_desk->documents().open(path("plate.zonachrom")));
  slow_disk = 0;
  QCOMPARE(m_desk->dialogs.unsaved_questions, 1);
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), std::size_t{2});
  QCOMPARE(swatch_count(*current_set(open_document(path("plate.zonachrom").toStdString())->piece)),
           std::size_t{2});
}

void DocumentTask::a_pipe_is_no_file() {
  for (const char* name : {"pipe.zonachrom", "pipe.json", "pipe.png", "pipe.zonaparcel"}) {
    QCOMPARE(mkfifo(path(name).toLocal8Bit().constData(), 0600), 0);
    m_desk->window.arrivals().open_files({path(name)});
    QVERIFY2(comes_true([&] { return m_desk->notice().contains("this is not a file"); }), name);
    m_desk->model().notice("next");
  }
}

void DocumentTask::a_bad_file_leaves_the_open_piece_alone() {
  QVERIFY(m_desk->open_demo());
  const Piece piece = m_desk->piece();
  QFile demo(QStringLiteral(DEMO_PIECE));
  QVERIFY(demo.open(QIODevice::ReadOnly));
  const auto write = [this](const char* name, const QByteArray& bytes) {
    QFile file(path(name));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
  };
  write("cut.zonachrom", demo.readAll().left(500'000));
  write("list.zonachrom", "ochre, umber, sienna");
  write("empty.zonachrom", {});
  for (const char* name : {"cut.zonachrom", "list.zonachrom", "empty.zonachrom", "missing.zonachrom"}) {
    QVERIFY(!m_desk->documents().open(path(name)));
    QVERIFY2(m_desk->notice().contains(QLatin1String(name)), qPrintable(m_desk->notice()));
    QVERIFY(m_desk->piece() == piece);
    QCOMPARE(m_desk->program.documents.path(), m_desk->demo_path());
  }
}

void DocumentTask::of_a_damaged_file_the_rest_is_offered() {
  QVERIFY(m_desk->open_demo());
  const Piece whole = m_desk->piece();
  save_as(path("plate.zonachrom"));
  m_desk->model().laying().lay_current();
  m_desk->trigger("save"); // Now there is a version before.
  QByteArray bytes = read(path("plate.zonachrom"));
  const qsizetype photo =
      bytes.indexOf(whole.references[0].bytes ? reference_entry(whole.references[0]).c_str() : "");
  QVERIFY(photo > 0);
  bytes.replace(photo + 4096, 512, QByteArray(512, '\0'));
  const auto hurt = [&] {
    QFile file(path("plate.zonachrom"));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
  };
  hurt();
  m_desk->documents().new_piece();
  for (const DamagedAnswer answer : {DamagedAnswer::Neither, DamagedAnswer::Rest, DamagedAnswer::Before}) {
    m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
    m_desk->dialogs.damaged = answer;
    QCOMPARE(m_desk->documents().open(path("plate.zonachrom")), answer != DamagedAnswer::Neither);
    QVERIFY(m_desk->dialogs.rest_offered && m_desk->dialogs.before_offered);
    QVERIFY2(m_desk->dialogs.damage.contains(text(whole.references[0].name)),
             qPrintable(m_desk->dialogs.damage));
    if (answer == DamagedAnswer::Neither) continue;
    // As a piece without a file: neither the damaged one nor the one before can be overwritten by Ctrl+S.
    QVERIFY(m_desk->program.documents.path().isEmpty() && m_desk->model().store().edited());
    const bool before = answer == DamagedAnswer::Before;
    QCOMPARE(m_desk->piece().references.size(), whole.references.size() - (before ? 0 : 1));
    QCOMPARE(swatch_count(*current_set(m_desk->piece())),
             swatch_count(*current_set(whole)) + (before ? 0 : 1));
  }
  QCOMPARE(read(path("plate.zonachrom")), bytes);
  // What is worked on while a slow disk is read is asked about before the rest takes its place.
  m_desk->documents().new_piece();
  m_desk->dialogs.unsaved = UnsavedAnswer::Cancel;
  m_desk->dialogs.damaged = DamagedAnswer::Rest;
  const int asked = m_desk->dialogs.unsaved_questions;
  QTimer::singleShot(60, &m_desk->window, [this] { m_desk->model().laying().lay_current(); });
  QVERIFY(!m_desk->model().store().edited());
  slow_disk = 40;
  const bool opened = m_desk->documents().open(path("plate.zonachrom"));
  slow_disk = 0;
  QVERIFY(!opened);
  QCOMPARE(m_desk->dialogs.unsaved_questions, asked + 1);
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), std::size_t{1});
}

/// As on a folder that two machines share.
void DocumentTask::what_others_saved_meanwhile_is_not_overwritten() {
  save_as(path("plate.zonachrom"));
  Document theirs = *open_document(path("plate.zonachrom").toStdString());
  theirs.piece.title = "Theirs";
  QVERIFY(save_document(path("plate.zonachrom").toStdString(), theirs));
  // Their clock may be years behind ours.
  const std::filesystem::path file = path("plate.zonachrom").toStdString();
  std::filesystem::last_write_time(file, std::filesystem::last_write_time(file) - std::chrono::years(3));
  m_desk->model().laying().lay_current();
  m_desk->dialogs.save_path.clear();
  m_desk->trigger("save");
  QVERIFY2(m_desk->notice().contains("meanwhile"), qPrintable(m_desk->notice()));
  QVERIFY(m_desk->model().store().edited());
  QCOMPARE(open_document(path("plate.zonachrom").toStdString())->piece.title, std::string("Theirs"));
  // Under another name it goes on as usual.
  m_desk->dialogs.save_path = path("mine.zonachrom");
  m_desk->trigger("save");
  QVERIFY(!m_desk->model().store().edited());
  m_desk->model().laying().lay_current();
  m_desk->trigger("save");
  QVERIFY(!m_desk->model().store().edited());
  // A file that has vanished is written anew.
  QVERIFY(QFile::remove(path("mine.zonachrom")));
  m_desk->model().laying().lay_current();
  m_desk->trigger("save");
  QVERIFY(QFile::exists(path("mine.zonachrom")) && !m_desk->model().store().edited());
}

void DocumentTask::a_failed_save_keeps_the_work_unsaved() {
  m_desk->model().laying().lay_current();
  save_as(path("no/such/folder/plate.zonachrom"));
  QVERIFY(m_desk->notice().contains("was not saved"));
  check(true, "not saved yet", 1);
  save_as(path("plate.zonachrom"));
  m_desk->model().laying().lay_current();
  m_desk->trigger("save");
  QVERIFY(QFile::exists(path("plate.before.zonachrom")));
  QCOMPARE(swatch_count(*current_set(open_document(path("plate.before.zonachrom").toStdString())->piece)),
           std::size_t{1});
}

void DocumentTask::large_files_are_worked_on_beside_the_window() {
  // No photo, but as many bytes as many have, so that it takes longer than a moment.
  auto bytes = std::make_shared<std::vector<unsigned char>>(
      static_cast<std::size_t>(qEnvironmentVariableIntValue("LARGE_MB") + 150) << 20);
  for (std::size_t i = 0; i < bytes->size(); ++i) (*bytes)[i] = static_cast<unsigned char>(i * i >> 7);
  m_desk->model().store().apply("Add reference",
                                [&](Piece p) { return with_reference(std::move(p), "large", "png", bytes); });
  auto& bar = m_desk->part<FileProgress>("fileProgress");
  QElapsedTimer since;
  qint64 longest = 0;
  int ticks = 0, seen = 0;
  QTimer timer;
  connect(&timer, &QTimer::timeout, this, [&] {
    if (ticks++ > 0) longest = std::max(longest, since.elapsed());
    since.start();
    seen += bar.isVisible();
  });
  timer.start(1);
  save_as(path("large.zonachrom"));
  QVERIFY(ticks > 3 && seen > 3 && !bar.isVisible() && state() == "saved");
  const Piece saved = m_desk->piece();
  ticks = 0;
  QVERIFY(m_desk->documents().open(path("large.zonachrom")));
  QVERIFY(ticks > 3 && m_desk->piece() == saved);
  qInfo("the window was held for %lld ms at most", longest);
  // Stopped, the file and the piece stay as they are, and the work is not called saved.
  m_desk->model().laying().lay_current();
  const QByteArray before = QCryptographicHash::hash(read(path("large.zonachrom")), QCryptographicHash::Sha1);
  QTimer::singleShot(0, this, [&] { bar.findChild<QPushButton*>("stopFileJob")->click(); });
  m_desk->trigger("save");
  QVERIFY(m_desk->model().store().edited());
  QCOMPARE(QCryptographicHash::hash(read(path("large.zonachrom")), QCryptographicHash::Sha1), before);
}

void DocumentTask::a_slow_disk_does_not_hold_the_window() {
  save_as(path("plate.zonachrom"));
  m_desk->model().laying().lay_current();
  const Piece asked = m_desk->piece();
  auto& work = m_desk->part<FileProgress>("fileProgress");
  int turns = 0;
  bool shown = false;
  QTimer window;
  QObject::connect(&window, &QTimer::timeout, [&] {
    if (++turns == 20) m_desk->model().laying().lay_current(); // The user goes on.
    shown = shown || work.isVisible();
  });
  window.start(10);
  slow_disk = 600;
  m_desk->trigger("save");
  slow_disk = 0;
  QVERIFY(shown && turns >= 20 && !work.isVisible());
  QCOMPARE(open_document(path("plate.zonachrom").toStdString())->piece, asked);
  QVERIFY2(m_desk->model().store().edited(), "what was done meanwhile is not in the file");
  m_desk->trigger("save");
  QVERIFY(!m_desk->model().store().edited());
}

/// Every button of the toolkit's own questions is pressed once, and Escape: it never gives work up or
/// replaces any.
void DocumentTask::each_answer_of_a_question_has_a_button() {
  ToolkitDialogs toolkit;
  QWidget* window = &m_desk->window;
  const auto answers = [](const auto& ask, auto by_escape) {
    std::multiset<int> out;
    for (qsizetype pressed = 0, count = 1; pressed < count; ++pressed) {
      QTimer::singleShot(0, [&] {
        const auto buttons = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())->buttons();
        count = buttons.size();
        buttons[pressed]->click();
      });
      out.insert(static_cast<int>(ask()));
    }
    QTimer::singleShot(0, [] { QTest::keyClick(QApplication::activeModalWidget(), Qt::Key_Escape); });
    if (ask() != by_escape) out.insert(-1);
    return out;
  };
  const auto all = [](auto... each) { return std::multiset<int>{static_cast<int>(each)...}; };
  using enum UnsavedAnswer;
  QCOMPARE(answers([&] { return toolkit.ask_unsaved(window, "Dusk"); }, Cancel), all(Save, Discard, Cancel));
  QCOMPARE(answers([&] { return toolkit.ask_replace(window, {"a.png", "b.png"}); }, false), all(true, false));
  using R = RecoveryAnswer;
  const auto recovery = [&](const char* newer) {
    return answers([&] { return toolkit.offer_recovery(window, "Dusk", "noon", newer); }, R::Later);
  };
  QCOMPARE(recovery(""), all(R::Recover, R::Discard, R::Later));
  QCOMPARE(recovery("dusk.zonachrom"), all(R::Recover, R::OpenFile, R::Discard, R::Later));
  using D = DamagedAnswer;
  const auto damaged = [&](bool rest, bool before) {
    return answers([&] { return toolkit.ask_damaged(window, "It is damaged.", rest, before); }, D::Neither);
  };
  QCOMPARE(damaged(false, false), all(D::Neither));
  QCOMPARE(damaged(true, false), all(D::Rest, D::Neither));
  QCOMPARE(damaged(false, true), all(D::Before, D::Neither));
  QCOMPARE(damaged(true, true), all(D::Rest, D::Before, D::Neither));
}

void DocumentTask::help_needs_no_display() {
  auto environment = QProcessEnvironment::systemEnvironment();
  environment.insert("QT_QPA_PLATFORM", "none of that name");
  for (const auto& [asked, told] :
       {std::pair{"--help", "Usage: zonachrom [options]"}, {"--version", "Zonachrom "}}) {
    QProcess program;
    program.setProcessEnvironment(environment);
    program.start(PROGRAM_FOLDER "/zonachrom", {asked});
    QVERIFY(program.waitForFinished(120'000) && program.exitCode() == 0);
    QVERIFY2(program.readAllStandardOutput().contains(told), asked);
  }
}

void DocumentTask::without_a_display_it_says_so() {
  auto environment = QProcessEnvironment::systemEnvironment();
  environment.insert("QT_QPA_PLATFORM", "xcb");
  environment.insert("DISPLAY", "");
  QProcess program;
  program.setProcessEnvironment(environment);
  program.start(PROGRAM_FOLDER "/zonachrom", QStringList());
  QVERIFY(program.waitForFinished(120'000) && program.exitCode() == 1);
  QVERIFY(program.readAllStandardError().contains("No display can be reached"));
}

void DocumentTask::taking_a_picture_leaves_settings_alone() {
  const QString config = path("config");
  QProcess program;
  auto environment = QProcessEnvironment::systemEnvironment();
  for (const char* home : {"XDG_CONFIG_HOME", "XDG_STATE_HOME", "XDG_DATA_HOME"})
    environment.insert(home, config);
  program.setProcessEnvironment(environment);
  program.start(PROGRAM_FOLDER "/zonachrom",
                {"--picture", path("window.png"), "--surround", "light", "--desk", "limit"});
  QVERIFY(program.waitForFinished(120'000) && program.exitCode() == 0);
  QVERIFY(!QImage(path("window.png")).isNull());
  QVERIFY(QDir(config + "/zonachrom").entryList({"*.conf"}, QDir::Files).isEmpty());
}

void DocumentTask::no_other_file_is_overwritten_unasked() {
  QStringList asked;
  const auto answers = [&](QStringList given) {
    return [&asked, given](const QString& suggested) mutable {
      asked << suggested;
      return given.isEmpty() ? QString() : given.takeFirst();
    };
  };
  QFile(path("plate.zonachrom")).open(QIODevice::WriteOnly);
  QCOMPARE(asked_to_end_in(".zonachrom", "x", answers({path("new")})), path("new.zonachrom"));
  QCOMPARE(asked.size(), 1);
  // The ending makes it a file that is there, of which the user has not been asked.
  QCOMPARE(asked_to_end_in(".zonachrom", "x", answers({path("plate"), path("plate.zonachrom")})),
           path("plate.zonachrom"));
  QVERIFY(asked.size() == 3 && asked.last() == path("plate.zonachrom"));
  QCOMPARE(asked_to_end_in(".zonachrom", "x", answers({path("plate")})), QString());
}

void DocumentTask::a_piece_open_twice_and_a_read_only_one_say_so() {
  save_as(path("plate.zonachrom"));
  {
    DeskTop second;
    QVERIFY(second.documents().open(path("plate.zonachrom")));
    QVERIFY(second.notice().contains("open in another window"));
    QCOMPARE(second.part<QLabel>("state").text(), QStringLiteral("also open in another window"));
    second.model().laying().lay_current();
    // Save asks for another name instead of writing over the first window's file.
    second.dialogs.save_path = path("plate two.zonachrom");
    second.trigger("save");
    QVERIFY(QFile::exists(path("plate two.zonachrom")));
    QCOMPARE(swatch_count(*current_set(open_document(path("plate.zonachrom").toStdString())->piece)),
             std::size_t{0});
    QCOMPARE(second.part<QLabel>("state").text(), QStringLiteral("saved"));
  }
  QFile::setPermissions(path("plate two.zonachrom"), QFile::ReadOwner);
  QVERIFY(m_desk->documents().open(path("plate two.zonachrom")));
  QCOMPARE(state(), QStringLiteral("read only"));
  m_desk->model().laying().lay_current();
  m_desk->dialogs.save_path.clear();
  m_desk->trigger("save");
  QVERIFY(m_desk->notice().contains("read only"));
  QVERIFY(m_desk->model().store().edited());
}

namespace {

int work_on(const QString& file) {
  DeskTop desk;
  if (!desk.documents().open(file)) return 1;
  desk.model().picking().use_color({0.25, 0.5, 0.75});
  desk.model().laying().lay_current();
  desk.model().picking().choose_well(0);
  desk.model().picking().use_color({0.75, 0.5, 0.25});
  const EndRequests ends([&desk] { desk.program.documents.end_now(); }, [] {});
  std::puts("working");
  std::fflush(stdout);
  return QApplication::exec();
}

} // namespace

int main(int argc, char** argv) {
  const bool second = argc == 3 && QLatin1String(argv[1]) == QLatin1String("--work-on");
  const auto home = second ? nullptr : std::make_unique<Home>();
  QApplication app(argc, argv);
  QCoreApplication::setOrganizationName(QStringLiteral("zonachrom"));
  QCoreApplication::setApplicationName(QStringLiteral("Zonachrom"));
  zc::install_theme();
  if (second) return work_on(QString::fromLocal8Bit(argv[2]));
  DocumentTask test;
  return QTest::qExec(&test, argc, argv);
}
