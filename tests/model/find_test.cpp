// SPDX-License-Identifier: GPL-3.0-or-later
// A color or a name found in this piece, on a shelf and in other pieces, without a window.
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "io/container/piece_file.h"
#include "io/shelf/set_shelf.h"
#include "model/application/app_model.h"
#include "model/find/finder.h"
#include "support/home.h"

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

using namespace zc;
using namespace zc::test;

namespace {

using Where = FoundSwatch::Where;

Piece piece_of(const std::string& title, Srgb color, const std::string& name) {
  Piece out = new_piece("");
  out.title = title;
  out = *with_color_laid_as(std::move(out), {color, {}}, name, "metal");
  return out;
}

} // namespace

class FindTest : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_folder = std::make_unique<QTemporaryDir>();
    m_model = std::make_unique<AppModel>();
    m_files = {m_folder->filePath("shelf"), {}};
    m_finder = std::make_unique<Finder>(*m_model, [this] { return m_files; });
  }
  void cleanup() {
    m_finder.reset();
    m_model.reset();
  }

  void everything_is_looked_through() {
    Piece mine = piece_of("Mine", {0.8, 0.4, 0.2}, "copper edge");
    mine = *with_version_kept(mine, current_set(mine)->id, "Before");
    mine = *with_set(std::move(mine), "Noon");
    mine = *with_color_laid_as(std::move(mine), {{0.2, 0.3, 0.4}, {}}, "Coppery shade", "metal");
    m_model->start(mine, {}, true);
    ShelfSet shelved;
    shelved.name = "Old street";
    shelved.set = *current_set(piece_of("x", {0.81, 0.41, 0.2}, "old copper"));
    QVERIFY(put_on_shelf(m_files.shelf.toStdString(), shelved));
    shelved.name = "Put away";
    shelved.on = false;
    QVERIFY(put_on_shelf(m_files.shelf.toStdString(), shelved));
    save("forge", piece_of("Forge \"inside\"", {0.1, 0.1, 0.5}, "COPPER smoke"));
    save("other", piece_of("Other", {0.8, 0.405, 0.2}, "pan"));
    QFile broken(m_folder->filePath("broken.zonachrom"));
    QVERIFY(broken.open(QFile::WriteOnly) && broken.write("no piece") > 0);
    m_files.pieces << broken.fileName() << m_folder->filePath("gone.zonachrom");

    // By letters: in the order of places, whatever their case.
    const auto by_name = sought("copper");
    QCOMPARE(told(by_name), (QStringList{"0 copper edge in " + set_name(0), "0 Coppery shade in Noon",
                                         "1 copper edge in " + set_name(0) + ", version Before",
                                         "2 old copper on the shelf in Old street",
                                         "3 COPPER smoke in " + set_name(0) + " of \"Forge \"inside\"\""}));
    QCOMPARE(by_name[0].set, m_model->piece().sets[0].id);
    QVERIFY(find_swatch(m_model->piece(), by_name[0].swatch)->name == "copper edge");
    QCOMPARE(by_name[2].version, m_model->piece().sets[0].versions[0].id);
    QVERIFY(by_name[3].file.startsWith(m_files.shelf) && by_name[4].file.endsWith("forge.zonachrom"));
    // By color: what looks like it, the nearest first in each place.
    const auto by_color = sought("#cc6733");
    QCOMPARE(by_color.size(), std::size_t{4});
    QVERIFY(by_color[0].where == Where::Set && by_color[1].where == Where::Version &&
            by_color[2].where == Where::Shelf && by_color[3].name == "pan");
    for (const FoundSwatch& f : by_color) QVERIFY(f.away <= Finder::kFarthest);
    QVERIFY(by_color[0].away < 0.5 && by_color[2].away > by_color[0].away);
    QVERIFY(sought("no such name").empty());
    QVERIFY(sought("   ").empty());
  }

  void a_file_that_changed_is_read_again_and_one_that_is_gone_is_not_told() {
    save("plate", piece_of("Plate", {0.5, 0.5, 0.1}, "brass"));
    QCOMPARE(sought("brass").size(), std::size_t{1});
    Piece other = piece_of("Plate", {0.5, 0.5, 0.1}, "brass");
    other = *with_color_laid_as(std::move(other), {{0.6, 0.6, 0.1}, {}}, "brass again", "metal");
    save("plate", other);
    QCOMPARE(sought("brass").size(), std::size_t{2});
    QVERIFY(QFile::remove(m_folder->filePath("plate.zonachrom")));
    QVERIFY(sought("brass").empty());
  }

  /// What is typed on gives up what was sought; another piece forgets it all.
  void only_the_last_search_is_told() {
    m_model->start(piece_of("Mine", {0.8, 0.4, 0.2}, "copper"), {}, true);
    save("plate", piece_of("Plate", {0.5, 0.5, 0.1}, "brass"));
    m_finder->seek("copper");
    m_finder->seek("brass");
    QVERIFY(QTest::qWaitFor([&] { return !m_finder->seeking(); }, 60'000));
    QVERIFY(m_finder->found().size() == 1 && m_finder->found()[0].name == "brass");
    m_finder->seek("copper");
    m_model->start(piece_of("Another", {0.1, 0.1, 0.1}, "soot"), {}, true);
    QTest::qWait(50);
    QVERIFY(m_finder->found().empty() && !m_finder->seeking());
  }

private:
  std::vector<FoundSwatch> sought(const QString& words) {
    m_finder->seek(words);
    if (!QTest::qWaitFor([&] { return !m_finder->seeking(); }, 60'000)) qFatal("a search did not end");
    return m_finder->found();
  }
  static QStringList told(const std::vector<FoundSwatch>& found) {
    QStringList out;
    for (const FoundSwatch& f : found)
      out << QString("%1 %2 %3").arg(static_cast<int>(f.where)).arg(f.name, f.place);
    return out;
  }
  [[nodiscard]] QString set_name(std::size_t i) const {
    return QString::fromStdString(m_model->piece().sets[i].name);
  }
  void save(const char* name, const Piece& piece) {
    const QString file = m_folder->filePath(QString("%1.zonachrom").arg(name));
    if (!save_document(file.toStdString(), {piece, {}})) qFatal("not saved");
    if (!m_files.pieces.contains(file)) m_files.pieces << file;
  }
  Home m_home;
  std::unique_ptr<QTemporaryDir> m_folder;
  std::unique_ptr<AppModel> m_model;
  Finder::Files m_files;
  std::unique_ptr<Finder> m_finder;
};

QTEST_GUILESS_MAIN(FindTest)
#include "find_test.moc"
