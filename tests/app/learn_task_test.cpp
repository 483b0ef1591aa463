// SPDX-License-Identifier: GPL-3.0-or-later
// Learning by oneself: the handbook opens where one is and is searched, its links and pictures are there, its
// keys are those of the commands; the first start offers three ways and the first steps tick themselves; what
// a report says of the session holds nothing of a piece; settings that cannot be used are set aside.
#include "app/desk.h"
#include "app/first/first_start.h"
#include "app/first/steps_line.h"
#include "app/handbook/handbook.h"
#include "app/handbook/handbook_window.h"
#include "app/log/kept_settings.h"
#include "app/log/session_log.h"
#include "core/mask/patterns.h"
#include "model/i18n/shared_files.h"
#include "model/work/set_work.h"

#include <QAbstractButton>
#include <QClipboard>
#include <QListWidget>
#include <QMenuBar>
#include <QPushButton>
#include <QRegularExpression>
#include <QSettings>
#include <QTextBrowser>

using namespace zc;
using namespace zc::test;

class LearnTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    QSettings().clear();
    m_desk = new_piece_at(Desk::Pick);
  }
  void cleanup() { m_desk.reset(); }
  void the_handbook_opens_where_one_is();
  void the_handbook_is_searched();
  void every_link_and_picture_is_there();
  void every_key_is_told();
  void the_first_start_offers_three_ways();
  void a_photo_is_an_answer_to_the_first_start();
  void the_first_steps_tick_themselves();
  void a_report_holds_nothing_of_a_piece();
  void settings_that_cannot_be_used_are_set_aside();

private:
  [[nodiscard]] HandbookWindow& handbook() { return m_desk->part<HandbookWindow>("handbook"); }
  /// As many as there are files for.
  [[nodiscard]] static int every_page() {
    return static_cast<int>(QDir(shared_file("handbook/en")).entryList({"*.html"}).size());
  }
  void press(const char* button) { m_desk->part<QAbstractButton>(button).click(); }
  std::unique_ptr<DeskTop> m_desk;
};

void LearnTask::the_handbook_opens_where_one_is() {
  const std::pair<Desk, const char*> places[] = {{Desk::Observe, "Observe"}, {Desk::Limit, "Limit"},
                                                 {Desk::Pick, "Pick"},       {Desk::Grade, "Grade"},
                                                 {Desk::Try, "Try"},         {Desk::Share, "Share"}};
  for (const auto& [desk, title] : places) {
    m_desk->model().viewing().show_desk(desk);
    m_desk->trigger("openHandbook");
    QVERIFY(handbook().isVisible());
    QVERIFY(m_desk->part<QTextBrowser>("handbookText").toPlainText().startsWith(title));
    const auto& list = m_desk->part<QListWidget>("handbookPages");
    QCOMPARE(list.currentItem()->text(), QString(title));
  }
  // Escape closes it, and the window goes on.
  QTest::keyClick(&handbook(), Qt::Key_Escape);
  QVERIFY(!handbook().isVisible());
}

void LearnTask::the_handbook_is_searched() {
  m_desk->trigger("showOrderOfWork");
  auto& field = m_desk->part<QLineEdit>("handbookSearch");
  auto& list = m_desk->part<QListWidget>("handbookPages");
  QCOMPARE(list.count(), every_page());
  QTest::keyClicks(&field, "subjective neutral");
  QVERIFY(list.count() >= 2 && list.count() < 6);
  QTest::keyClick(&field, Qt::Key_Return);
  auto& text = m_desk->part<QTextBrowser>("handbookText");
  QVERIFY(text.toPlainText().contains("subjective neutral", Qt::CaseInsensitive));
  QVERIFY(!text.extraSelections().isEmpty());
  for (const auto& mark : text.extraSelections())
    QVERIFY(QString("subjective neutral").contains(mark.cursor.selectedText(), Qt::CaseInsensitive));
  // A page named by the word comes first, whatever others say of it.
  field.setText("grade");
  QCOMPARE(list.item(0)->text().section('\n', 0, 0), QString("Grade"));
  field.setText("zweckentfremdung");
  QVERIFY(list.count() == 1 && list.item(0)->text().contains("No page"));
  field.clear();
  QCOMPARE(list.count(), every_page());
}

void LearnTask::every_link_and_picture_is_there() {
  const QString folder = shared_file("handbook/en");
  const auto pages = handbook_pages(folder);
  QCOMPARE(static_cast<int>(pages.size()), every_page());
  const QRegularExpression link("(?:href|src)=\"([^\"]+)\"");
  int links = 0;
  for (const HandbookPage& page : pages) {
    QVERIFY(!page.title.isEmpty() && page.plain.size() > 300);
    for (auto all = link.globalMatch(page.html); all.hasNext(); ++links) {
      const QString to = folder + '/' + all.next().captured(1);
      QVERIFY2(QFile::exists(to), qPrintable(page.name + ": " + to));
    }
    // What is opened is what is linked to.
    QVERIFY(page.plain.startsWith(page.title));
  }
  QVERIFY(links > 30);
  // A link leads on within the window.
  m_desk->trigger("showOrderOfWork");
  emit m_desk->part<QTextBrowser>("handbookText").anchorClicked(QUrl("glossary.html"));
  QCOMPARE(handbook().page(), QString("glossary"));
  emit m_desk->part<QTextBrowser>("handbookText").anchorClicked(QUrl("no-such-page.html"));
  QCOMPARE(handbook().page(), QString("glossary"));
}

void LearnTask::every_key_is_told() {
  m_desk->trigger("showAllShortcuts");
  const QString told = m_desk->part<QTextBrowser>("handbookText").toPlainText();
  int keys = 0;
  for (const auto* action : m_desk->window.findChildren<QAction*>()) {
    if (action->shortcut().isEmpty() || action->isSeparator()) continue;
    ++keys;
    const QString words = action->text().remove('&'), key = action->shortcut().toString();
    QVERIFY2(told.contains(words) && told.contains(key), qPrintable(words + " " + key));
  }
  QVERIFY2(keys > 30, qPrintable(QString::number(keys)));
  // The page that comes as a file says the same as the window.
  QFile file(shared_file("handbook/en/keys.html"));
  QVERIFY(file.open(QIODevice::ReadOnly));
  const QString kept = QString::fromUtf8(file.readAll());
  const QString made = with_commands(kept, commands_as_html(*m_desk->window.menuBar()));
  if (made != kept) {
    QFile out(QStringLiteral(PROGRAM_FOLDER "/../keys.html"));
    QVERIFY(out.open(QIODevice::WriteOnly));
    out.write(made.toUtf8());
  }
  QVERIFY2(made == kept,
           "docs/handbook/en/keys.html is old; the new one lies as keys.html in the build folder");
}

void LearnTask::the_first_start_offers_three_ways() {
  QVERIFY(FirstStart::is_first());
  m_desk->window.offer_first_start();
  auto& first = m_desk->part<FirstStart>("firstStart");
  QVERIFY(first.isVisible() && first.size() == first.parentWidget()->size());
  QCOMPARE(QApplication::focusWidget()->objectName(), QString("begin.photo"));
  for (const int wider : {150, -90}) {
    m_desk->window.resize(m_desk->window.width() + wider, m_desk->window.height() - 40);
    QCOMPARE(first.geometry(), first.parentWidget()->rect());
  }
  m_desk->dialogs.photo_paths = {QStringLiteral(DEMO_PHOTOS "/noon.jpg")};
  press("begin.photo");
  QVERIFY(!first.isVisible());
  QVERIFY(m_desk->photo_shown());
  QVERIFY(m_desk->session().desk == Desk::Observe);
  QVERIFY(m_desk->part<StepsLine>("firstSteps").isVisible());
  // It is not offered again.
  QVERIFY(!FirstStart::is_first());
  m_desk = new_piece_at(Desk::Pick);
  m_desk->window.offer_first_start();
  QVERIFY(!m_desk->window.findChild<FirstStart*>("firstStart"));
  QVERIFY(m_desk->part<StepsLine>("firstSteps").isVisible());
  // With the demo its plan is there, and no step is done by it; Escape begins empty.
  for (const bool demo : {true, false}) {
    QSettings().clear();
    m_desk = new_piece_at(Desk::Pick);
    m_desk->window.offer_first_start();
    if (demo)
      press("begin.demo");
    else
      QTest::keyClick(&m_desk->part<QWidget>("begin.photo"), Qt::Key_Escape);
    m_desk->wait_for_files();
    QCOMPARE(swatch_count(*current_set(m_desk->piece())) > 0, demo);
    const FirstSteps& steps = m_desk->part<StepsLine>("firstSteps").steps();
    for (const FirstStep s : {FirstStep::Reference, FirstStep::Mask, FirstStep::Swatch})
      QVERIFY(!steps.has(s));
  }
}

/// However it came in: dropped, pasted, or named at the start.
void LearnTask::a_photo_is_an_answer_to_the_first_start() {
  for (const bool offered : {true, false}) {
    QSettings().clear();
    m_desk = new_piece_at(Desk::Observe);
    m_desk->window.offer_first_start(offered);
    m_desk->window.arrivals().open_files({QStringLiteral(DEMO_PHOTOS "/noon.jpg")});
    QVERIFY(m_desk->photo_shown());
    const auto& line = m_desk->part<StepsLine>("firstSteps");
    QVERIFY(comes_true([&] { return line.isVisible(); }));
    QVERIFY(line.steps().has(FirstStep::Reference) && !line.steps().has(FirstStep::Color));
    QVERIFY(comes_true([&] { return !m_desk->window.findChild<FirstStart*>("firstStart"); }));
    QVERIFY(!FirstStart::is_first());
  }
}

void LearnTask::the_first_steps_tick_themselves() {
  QVERIFY(!m_desk->part<StepsLine>("firstSteps").isVisible());
  m_desk->trigger("showFirstSteps");
  auto& line = m_desk->part<StepsLine>("firstSteps");
  QVERIFY(line.isVisible());
  const auto ticked = [&] {
    QStringList out;
    for (std::size_t i = 0; i < kFirstSteps; ++i) {
      const auto name = QStringLiteral("step.%1").arg(i).toLatin1();
      const auto& button = m_desk->part<QAbstractButton>(name.constData());
      if (button.text().startsWith(QStringLiteral("\u2713"))) out << button.text().mid(2);
    }
    return out;
  };
  QCOMPARE(ticked(), QStringList());
  m_desk->dialogs.photo_paths = {QStringLiteral(DEMO_PHOTOS "/noon.jpg")};
  m_desk->trigger("addPhotos");
  QVERIFY(m_desk->photo_shown());
  // The very first thing that is done counts.
  QCOMPARE(ticked(), QStringList{"Add a photo"});
  // A step leads to its desk and says how.
  press("step.2");
  QVERIFY(m_desk->session().desk == Desk::Limit && m_desk->notice().contains("press a pattern"));
  m_desk->model().picking().use_sample({0.5, 0.3, 0.2}, SampleOrigin{m_desk->session().reference, 40, 50});
  QCOMPARE(ticked().size(), 2);
  m_desk->model().store().apply("Lay mask", [](Piece p) {
    return with_mask(std::move(p), pattern_mask({Pattern::Triad, 30, 20}));
  });
  QVERIFY(ticked().contains("Make a mask"));
  // Undo does not take a step back that was taken.
  m_desk->model().store().stack().undo();
  QVERIFY(ticked().contains("Make a mask"));
  // An empty set is not graded.
  m_desk->model().viewing().show_desk(Desk::Grade);
  QVERIFY(!ticked().contains("Grade the set"));
  m_desk->model().laying().lay_current();
  QVERIFY(ticked().contains("Add a swatch"));
  for (const Desk desk : {Desk::Pick, Desk::Grade, Desk::Try}) m_desk->model().viewing().show_desk(desk);
  QCOMPARE(ticked().size(), 6);
  // Another start of the program goes on where they were.
  m_desk = new_piece_at(Desk::Pick);
  QCOMPARE(ticked().size(), 6);
  const QTemporaryDir folder;
  m_desk->dialogs.save_path = folder.filePath("one.zonachrom");
  m_desk->model().laying().lay_current();
  m_desk->trigger("save");
  QVERIFY(ticked().contains("Save the piece"));
  m_desk->model().viewing().show_desk(Desk::Share);
  QVERIFY(!m_desk->part<StepsLine>("firstSteps").isVisible());
  QVERIFY(m_desk->notice().contains("handbook"));
  m_desk = new_piece_at(Desk::Pick);
  QVERIFY(!m_desk->part<StepsLine>("firstSteps").isVisible());
}

void LearnTask::a_report_holds_nothing_of_a_piece() {
  session_log::begin();
  m_desk->model().store().apply("Change title",
                                [](Piece p) { return with_title(std::move(p), "Secret commission"); });
  emit m_desk->model().notice(
      "The file \"/home/somebody/secret.zonachrom\" is read only; see /home/somebody/notes.");
  m_desk->model().viewing().show_desk(Desk::Grade);
  m_desk->trigger("copyDetailsForReport");
  const QString told = QApplication::clipboard()->text();
  QVERIFY2(told.startsWith("Zonachrom") && told.contains("Qt ") && told.contains("screen ") &&
               told.contains("desk 4") && told.contains("is read only"),
           qPrintable(told));
  for (const char* secret : {"Secret", "secret", "somebody"}) QVERIFY2(!told.contains(secret), secret);
  for (int i = 0; i < 2000; ++i) session_log::note(QString::number(i));
  QVERIFY(session_log::lines().size() <= session_log::kMostLines &&
          session_log::lines().last().endsWith("1999"));
  // The session before is told of too, no more of it than of this one.
  session_log::begin();
  const QString next = session_log::details();
  QVERIFY(next.contains("The session before:") && next.contains(" 1999") && !next.contains(" 900\n"));
}

void LearnTask::settings_that_cannot_be_used_are_set_aside() {
  QSettings().sync();
  const QString file = QSettings().fileName();
  const auto write = [&](const QByteArray& bytes) {
    QFile out(file);
    return out.open(QIODevice::WriteOnly) && out.write(bytes) == bytes.size();
  };
  m_desk.reset();
  QVERIFY(write("[General]\nsurround=2\n"));
  QCOMPARE(settings_looked_after(), QString());
  QVERIFY(write(QByteArray("[General]\nsurround=2\n") + QByteArray(512, '\0')));
  QVERIFY(settings_looked_after().contains("damaged"));
  QVERIFY(QFile::exists(file + ".damaged") && !QSettings().contains("surround"));
  // Said once.
  QCOMPARE(settings_looked_after(), QString());
  QSettings().sync();
  QVERIFY(write("[General]\nsettingsVersion=99\nsurround=1\n"));
  QVERIFY(settings_looked_after().contains("newer version"));
  QFile newer(file + ".newer");
  QVERIFY(newer.open(QIODevice::ReadOnly) && newer.readAll().contains("settingsVersion=99"));
  QVERIFY(!QSettings().contains("surround"));
}

DESK_TEST_MAIN(LearnTask)
#include "learn_task_test.moc"
