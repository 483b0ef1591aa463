// SPDX-License-Identifier: GPL-3.0-or-later
// Saving, opening, exporting; nothing is lost and nothing lies.
#pragma once

#include "app/desk.h"
#include "app/platform/end_requests.h"
#include "app/window/file_progress.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"
#include "model/i18n/text.h"
#include "model/journal/journal.h"

#include <QAbstractItemView>
#include <QCryptographicHash>
#include <QDir>
#include <QElapsedTimer>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QMessageBox>
#include <QProcess>
#include <QPushButton>
#include <QTimer>

#include <set>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <thread>
#include <unistd.h>

using namespace zc;
using namespace zc::test;

/// Milliseconds that the disk takes to have written a file, or to read from one beside the window.
inline std::atomic<int> slow_disk{0};

class DocumentTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = std::make_unique<DeskTop>();
    m_folder = std::make_unique<QTemporaryDir>();
  }
  void cleanup() {
    m_desk.reset();
    QDir(Journal::folder()).removeRecursively();
    QDir().mkpath(Journal::folder());
  }

  void a_whole_line_from_photo_to_saved_set();
  void the_state_is_told_in_words();
  // Before the end of the program is played, after which the toolkit opens no question any more.
  void each_answer_of_a_question_has_a_button();
  void leaving_unsaved_work_asks();
  void what_is_typed_is_saved_and_asked_about_data();
  void what_is_typed_is_saved_and_asked_about();
  void work_during_a_slow_save_is_asked_about();
  void the_open_file_opened_again_is_read_as_it_was_saved_last();
  void a_pipe_is_no_file();
  void a_bad_file_leaves_the_open_piece_alone();
  void of_a_damaged_file_the_rest_is_offered();
  void what_others_saved_meanwhile_is_not_overwritten();
  void a_failed_save_keeps_the_work_unsaved();
  void wells_come_back_without_a_save();
  void recent_files_are_offered();
  void an_unsaved_piece_is_journalled_and_offered_again();
  void what_was_kept_never_replaces_a_newer_file();
  void only_discard_gives_kept_work_up();
  void a_killed_program_offers_its_last_change();
  void a_terminated_program_leaves_its_work_and_nothing_else();
  void no_other_file_is_overwritten_unasked();
  void help_needs_no_display();
  void without_a_display_it_says_so();
  void taking_a_picture_leaves_settings_alone();
  void large_files_are_worked_on_beside_the_window();
  void a_slow_disk_does_not_hold_the_window();
  void a_piece_open_twice_and_a_read_only_one_say_so();

private:
  static QByteArray read(const QString& file) {
    QFile f(file);
    return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
  }
  QString state() { return m_desk->part<QLabel>("state").text(); }
  QString path(const char* name) { return m_folder->filePath(QLatin1String(name)); }
  void save_as(const QString& to) {
    m_desk->dialogs.save_path = to;
    m_desk->trigger("saveAs");
  }
  /// checkState of the whole document in one place.
  void check(bool edited, const char* words, int undo_steps) {
    QCOMPARE(m_desk->model().store().edited(), edited);
    QCOMPARE(m_desk->window.isWindowModified(), edited);
    QCOMPARE(state(), QLatin1String(words));
    QCOMPARE(m_desk->model().store().stack().index(), undo_steps);
    QCOMPARE(m_desk->window.findChild<QAction*>("undo")->isEnabled(), undo_steps > 0);
    QVERIFY(m_desk->window.windowTitle().contains(QString::fromStdString(m_desk->piece().title)));
  }
  std::unique_ptr<DeskTop> m_desk;
  std::unique_ptr<QTemporaryDir> m_folder;
};
