// SPDX-License-Identifier: GPL-3.0-or-later
// Saving: whole or not at all, whatever happens in between.
#include "io/files/file_state.h"
#include "io/files/safe_save.h"

#include <QDir>
#include <QTemporaryDir>
#include <QTest>
#include <random>

#include <csignal>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace zc;
namespace fs = std::filesystem;

namespace {

Bytes filled(std::size_t size, unsigned char with) { return Bytes(size, with); }

QStringList everything_in(const QString& folder) {
  return QDir(folder).entryList(QDir::Files | QDir::Hidden | QDir::System, QDir::Name);
}

bool no_permissions = false;

} // namespace

/// In place of the system's, for the whole program.
extern "C" int fchmod(int fd, mode_t mode) {
  if (!no_permissions) return static_cast<int>(syscall(SYS_fchmod, fd, mode));
  errno = EPERM;
  return -1;
}

class SafeSaveTest : public QObject {
  Q_OBJECT
private slots:
  void replaces_and_keeps_the_version_before();
  void keeps_permissions_and_follows_links();
  void a_full_disk_leaves_the_old_file();
  void an_impossible_place_says_so();
  void a_kill_while_saving_leaves_a_whole_file();
  void names_beside_a_file_are_its_own();
  void reads_within_bounds();
  void a_mount_may_refuse_permissions();
  void the_version_before_stands_beside_the_real_file();
  void only_another_content_counts_as_changed();
};

/// Of a file that may be written and not given permissions.
void SafeSaveTest::a_mount_may_refuse_permissions() {
  QTemporaryDir folder;
  const fs::path path = folder.filePath("plate.zonachrom").toStdString();
  QVERIFY(save_safely(path, filled(5, 1), Backup::None));
  no_permissions = true;
  const Status saved = save_safely(path, filled(7, 2), Backup::KeepVersionBefore);
  no_permissions = false;
  QVERIFY(saved);
  QCOMPARE(*read_file(path), filled(7, 2));
}

void SafeSaveTest::the_version_before_stands_beside_the_real_file() {
  QTemporaryDir real, links;
  const fs::path path = real.filePath("plate.zonachrom").toStdString(),
                 link = links.filePath("link.zonachrom").toStdString();
  QVERIFY(save_safely(path, filled(5, 1), Backup::None));
  fs::create_symlink(path, link);
  QVERIFY(save_safely(link, filled(6, 2), Backup::KeepVersionBefore));
  QCOMPARE(backup_path(link), backup_path(path));
  QCOMPARE(*read_file(backup_path(link)), filled(5, 1));
}

void SafeSaveTest::only_another_content_counts_as_changed() {
  QTemporaryDir folder;
  const fs::path path = folder.filePath("plate.zonachrom").toStdString();
  QVERIFY(!changed_since({}, path));
  QVERIFY(save_safely(path, filled(50, 1), Backup::None));
  const FileState known = hashed_state_of_file(path);
  QVERIFY(changed_since({}, path) && !changed_since(known, path));
  QVERIFY(file_state_from(text_of(known)) == known);
  QVERIFY(file_state_from("{\"size\":1}") == FileState() && file_state_from("[") == FileState());
  const auto later = fs::last_write_time(path) + std::chrono::hours(1);
  fs::last_write_time(path, later);
  QVERIFY(!changed_since(known, path));
  QVERIFY(save_safely(path, filled(50, 2), Backup::None));
  fs::last_write_time(path, later);
  QVERIFY(changed_since(known, path));
  fs::remove(path);
  QVERIFY(!changed_since(known, path));
}

void SafeSaveTest::replaces_and_keeps_the_version_before() {
  QTemporaryDir folder;
  const fs::path path = folder.filePath("a piece.zonachrom").toStdString();
  QVERIFY(save_safely(path, filled(10, 1), Backup::KeepVersionBefore));
  QCOMPARE(everything_in(folder.path()), QStringList{"a piece.zonachrom"});
  QVERIFY(save_safely(path, filled(20, 2), Backup::KeepVersionBefore));
  QVERIFY(save_safely(path, filled(30, 3), Backup::KeepVersionBefore));
  QCOMPARE(*read_file(path), filled(30, 3));
  QCOMPARE(*read_file(backup_path(path)), filled(20, 2));
  QCOMPARE(everything_in(folder.path()), (QStringList{"a piece.before.zonachrom", "a piece.zonachrom"}));
  QVERIFY(save_safely(path, {}, Backup::None));
  QCOMPARE(*read_file(backup_path(path)), filled(20, 2));
}

void SafeSaveTest::keeps_permissions_and_follows_links() {
  QTemporaryDir folder;
  const fs::path real = folder.filePath("real.zonachrom").toStdString(),
                 link = folder.filePath("link.zonachrom").toStdString();
  QVERIFY(save_safely(real, filled(5, 1), Backup::None));
  ::chmod(real.c_str(), 0640);
  fs::create_symlink(real, link);
  QVERIFY(save_safely(link, filled(6, 2), Backup::None));
  QVERIFY(fs::is_symlink(link));
  QCOMPARE(*read_file(real), filled(6, 2));
  struct stat info {};
  ::stat(real.c_str(), &info);
  QCOMPARE(info.st_mode & 07777, 0640u);
}

void SafeSaveTest::a_full_disk_leaves_the_old_file() {
  QTemporaryDir folder;
  const fs::path path = folder.filePath("plate.zonachrom").toStdString();
  QVERIFY(save_safely(path, filled(1000, 1), Backup::KeepVersionBefore));
  // A limit on file size makes the write fail half way, as a full disk does, also for root.
  std::signal(SIGXFSZ, SIG_IGN);
  rlimit old{};
  ::getrlimit(RLIMIT_FSIZE, &old);
  const rlimit small{50'000, old.rlim_max};
  ::setrlimit(RLIMIT_FSIZE, &small);
  const auto saved = save_safely(path, filled(500'000, 2), Backup::KeepVersionBefore);
  ::setrlimit(RLIMIT_FSIZE, &old);
  QVERIFY(!saved);
  QCOMPARE(saved.error().code, ErrorCode::Unwritable);
  QVERIFY(saved.error().sentence().find("disk is full") != std::string::npos);
  QCOMPARE(*read_file(path), filled(1000, 1));
  QCOMPARE(everything_in(folder.path()), QStringList{"plate.zonachrom"});
}

void SafeSaveTest::an_impossible_place_says_so() {
  QTemporaryDir folder;
  QVERIFY(save_safely(folder.filePath("file").toStdString(), filled(1, 1), Backup::None));
  for (const QString& place :
       {folder.filePath("file/below.zonachrom"), folder.filePath("no/such/folder.zonachrom"), folder.path(),
        QStringLiteral("/proc/self/plate.zonachrom")}) {
    const auto saved = save_safely(place.toStdString(), filled(1, 1), Backup::None);
    QVERIFY(!saved);
    QVERIFY2(saved.error().sentence().find("was not saved") != std::string::npos,
             saved.error().sentence().c_str());
  }
}

void SafeSaveTest::a_kill_while_saving_leaves_a_whole_file() {
  QTemporaryDir folder;
  const fs::path path = folder.filePath("plate.zonachrom").toStdString();
  constexpr std::size_t size = 400'000;
  QVERIFY(save_safely(path, filled(size, 0), Backup::KeepVersionBefore));
  std::mt19937 random(5);
  for (int round = 0; round < 300; ++round) {
    const pid_t child = ::fork();
    if (child == 0) {
      for (unsigned char i = 1;; ++i)
        if (!save_safely(path, filled(size, i), Backup::KeepVersionBefore)) ::_exit(1);
    }
    ::usleep(1000 + random() % 12'000);
    ::kill(child, SIGKILL);
    ::waitpid(child, nullptr, 0);
    for (const fs::path& p : {path, backup_path(path)}) {
      if (!fs::exists(p)) continue;
      const Bytes got = *read_file(p);
      QCOMPARE(got.size(), size);
      QCOMPARE(got, filled(size, got[0]));
    }
  }
  // Whatever the last kills left beside it is gone after the next save.
  QVERIFY(save_safely(path, filled(size, 1), Backup::KeepVersionBefore));
  QCOMPARE(everything_in(folder.path()), (QStringList{"plate.before.zonachrom", "plate.zonachrom"}));
}

void SafeSaveTest::names_beside_a_file_are_its_own() {
  const auto backup = [](const char* path) { return backup_path(path).string(); };
  QCOMPARE(backup("/a/plate.zonachrom"), std::string("/a/plate.before.zonachrom"));
  QCOMPARE(backup("/a.b/plate"), std::string("/a.b/plate.before"));
  QCOMPARE(backup("plate.two.zonachrom"), std::string("plate.two.before.zonachrom"));
  // What saves that were killed have left is swept, and nothing else: not what another program is writing
  // now, nor what only looks alike.
  QTemporaryDir folder;
  const auto leave = [&](const QString& name) {
    QFile file(folder.filePath(name));
    QVERIFY(file.open(QIODevice::WriteOnly));
  };
  const QString dead = QString::number(4'000'000), alive = QString::number(::getppid());
  const QStringList swept{".plate." + dead + ".part", ".plate." + dead + ".link", ".plate.x.part"};
  const QStringList kept{".other." + dead + ".part", ".plate." + alive + ".part", ".plate." + dead + ".txt",
                         "plate." + dead + ".part"};
  for (const QString& name : swept + kept) leave(name);
  QVERIFY(save_safely(folder.filePath("plate").toStdString(), filled(3, 1), Backup::None));
  QStringList expected = kept + QStringList{"plate"};
  expected.sort();
  QStringList found = everything_in(folder.path());
  found.sort();
  QCOMPARE(found, expected);
  // Why a save failed, and where.
  const std::pair<const char*, const char*> reasons[] = {
      {"/proc/plate", "the folder does not exist"},
      {"/nowhere/at/all", "the folder does not exist"},
      {"/dev", "you do not have permission to write there"}};
  for (const auto& [path, reason] : reasons) {
    const auto saved = save_safely(path, filled(1, 1), Backup::None);
    QVERIFY2(!saved && saved.error().code == ErrorCode::Unwritable && saved.error().place == path, path);
    QVERIFY2(saved.error().sentence().find(reason) != std::string::npos, saved.error().sentence().c_str());
  }
  // A link to a file that is not there yet makes that file.
  fs::create_symlink(folder.filePath("target").toStdString(), folder.filePath("link").toStdString());
  QVERIFY(save_safely(folder.filePath("link").toStdString(), filled(4, 4), Backup::None));
  QCOMPARE(*read_file(folder.filePath("target").toStdString()), filled(4, 4));
  // A name without a folder is saved where the program is.
  const QString before = QDir::currentPath();
  QDir::setCurrent(folder.path());
  const auto here = save_safely("bare", filled(2, 2), Backup::KeepVersionBefore);
  const auto again = save_safely("bare", filled(2, 3), Backup::KeepVersionBefore);
  QDir::setCurrent(before);
  QVERIFY(here && again);
  QCOMPARE(*read_file(folder.filePath("bare").toStdString()), filled(2, 3));
  QCOMPARE(*read_file(folder.filePath("bare.before").toStdString()), filled(2, 2));
}

void SafeSaveTest::reads_within_bounds() {
  QTemporaryDir folder;
  const fs::path path = folder.filePath("f").toStdString();
  QVERIFY(save_safely(path, filled(100, 1), Backup::None));
  QVERIFY(read_file(path, 100));
  QCOMPARE(read_file(path, 99).error().code, ErrorCode::TooLarge);
  QCOMPARE(read_file(folder.path().toStdString()).error().code, ErrorCode::Unreadable);
  QCOMPARE(read_file(folder.filePath("none").toStdString()).error().code, ErrorCode::NotFound);
  QCOMPARE(read_file(path / "below").error().code, ErrorCode::Unreadable);
  QVERIFY(save_safely(path, {}, Backup::None) && read_file(path, 0)->empty());
}

QTEST_APPLESS_MAIN(SafeSaveTest)
#include "safe_save_test.moc"
