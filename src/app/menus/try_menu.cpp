// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/try_menu.h"

#include "app/desks/try/tried_picture.h"
#include "app/desks/try/try_desk.h"
#include "app/desks/try/try_view.h"
#include "app/platform/dialogs.h"
#include "io/exchange/study_files.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "model/application/app_model.h"
#include "model/documents/file_job.h"
#include "model/i18n/text.h"
#include "model/study/study_order.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QDir>
#include <QFile>

namespace zc {

TryMenu::TryMenu(AppModel& model, FileJob& job, Dialogs& dialogs, LateWidget<TryDesk>& desk, QWidget* parent)
    : DeskMenu(tr("&Try"), Desk::Try, model, parent), m_model(model), m_job(job), m_dialogs(dialogs),
      m_try(desk) {
  const std::tuple<const char*, QString, TryWay, QString> ways[] = {
      {"tryPhoto", tr("Show &photo"), TryWay::Photo, tr("Show the picture as it is")},
      {"tryStudy", tr("Show &study"), TryWay::Study, tr("Show every pixel or area in its swatch")},
      {"tryFollow", tr("Show &follow"), TryWay::Follow,
       tr("Show the picture with its colors moved as the swatches moved")},
      {"tryCheck", tr("Show &check"), TryWay::Check,
       tr("Show what lies outside the mask or far from every swatch")}};
  for (const auto& [name, words, way, tip] : ways)
    add_command(name, words, tip, {}, [this, way = way] { try_way(way); });
  addSeparator();
  add_command("compareTwoUnderOneEdge", tr("Co&mpare two under one edge"),
              tr("Show two sets or versions side by side under one edge"), {}, [this] {
                Trying trying = m_model.session().trying;
                trying.two = !trying.two;
                m_model.viewing().try_on(trying);
              });
  add_command("swapSides", tr("S&wap sides"), tr("Swap what is shown left and right of the edge"), {},
              [this] { m_try->view().flip(); });
  addSeparator();
  add_command("selectUnusedSwatches", tr("Select &unused swatches"),
              tr("Select the swatches that the picture does not use"), {}, [this] {
                by_exact_use(false,
                             [this](const std::vector<Id>& unused) { m_model.set_work().select(unused); });
              });
  add_command("removeUnusedSwatches", tr("&Remove unused swatches"),
              tr("Remove the swatches that the picture does not use; locked ones stay"), {},
              [this] { by_exact_use(false, [this](const std::vector<Id>& unused) { let_go_of(unused); }); });
  add_command("markUsedSwatches", tr("&Mark used swatches"),
              tr("Mark the swatches that the picture uses as used"), {},
              [this] { by_exact_use(true, [this](const std::vector<Id>& used) { mark_used(used); }); });
  addSeparator();
  add_command(
      "savePicture", tr("Sa&ve picture..."),
      tr("Save the picture as it is shown, at full size, as PNG or JPEG; a study in areas also as SVG"), {},
      [this] { save_picture(); });
  add_command("saveFills", tr("Save flat fills..."),
              tr("Save a study in areas as one picture for each swatch, into a folder"), {},
              [this] { save_fills(); });
  add_command("savePairs", tr("Save p&airs..."), tr("Save which swatch moves to which, as a table"), {},
              [this] { save_pairs(); });
  m_try.when_made(
      [this](TryDesk& made) { connect(&made, &TryDesk::saveAsked, this, &TryMenu::save_picture); });
}

void TryMenu::try_way(TryWay way) {
  Trying trying = m_model.session().trying;
  trying.way = way;
  m_model.viewing().try_on(trying);
}

void TryMenu::let_go_of(const std::vector<Id>& unused) {
  std::vector<Id> gone;
  for (const Id id : unused)
    if (!find_swatch(m_model.piece(), id)->locked) gone.push_back(id);
  if (gone.empty()) return m_model.notice(tr("The picture uses every swatch."));
  m_model.store().apply(tr("Remove %n unused swatches", nullptr, static_cast<int>(gone.size())),
                        [&](Piece p) { return without_swatches(std::move(p), gone); });
}

void TryMenu::mark_used(const std::vector<Id>& used) {
  if (used.empty()) return m_model.notice(tr("The picture uses no swatch of the set."));
  m_model.store().apply(tr("Mark used"),
                        [&](Piece p) { return with_swatches_used(std::move(p), used, true); });
}

/// Every pixel of the picture is counted, for what is unused may be removed. Not called where that is not
/// possible now, which has been said.
void TryMenu::by_exact_use(bool used, const std::function<void(const std::vector<Id>&)>& then) {
  TryModel& tries = m_model.tries();
  const auto photo = tries.photo();
  const bool by_areas = tries.study().by_areas;
  const SeenSide side = tries.seen_side(m_model.session().trying.right, true);
  if (!photo || side.ids.empty() || (by_areas && !side.tried.areas) || m_job.running())
    return m_model.notice(tr("The study is not ready yet. Wait for it, or show a picture."));
  m_job.start(
      tr("Counting pixels"),
      [photo, tried = side.tried](const Progress& progress) {
        return exact_uses(view_of(photo->full()), tried, progress);
      },
      this,
      [this, used, then, ids = side.ids,
       before = m_model.piece()](const Result<std::vector<std::uint64_t>>& counted) {
        if (!counted) return;
        if (m_model.piece() != before)
          return m_model.notice(tr("The piece was changed meanwhile. Try again."));
        std::vector<Id> out;
        for (std::size_t i = 0; i < ids.size(); ++i)
          if (((*counted)[i] > 0) == used && find_swatch(m_model.piece(), ids[i])) out.push_back(ids[i]);
        std::sort(out.begin(), out.end());
        then(out);
      });
}

void TryMenu::save_pairs() {
  const Trying& trying = m_model.session().trying;
  const List<Family>*from = m_model.tries().families_of(trying.from),
        *to = trying.right.photo ? nullptr : m_model.tries().families_of(trying.right);
  if (!from || !to) return m_model.notice(tr("Choose a set or a version to move to first."));
  // The piece may change while the question is open.
  const std::string table = pairs_csv(paired(*from, *to, trying.pairs), *from, *to);
  const QString path = m_dialogs.export_file(parentWidget(), tr("pairs.csv"), tr("Tables (*.csv)"));
  if (path.isEmpty()) return;
  const Status written = save_safely(path.toStdString(), Bytes(table.begin(), table.end()), Backup::None);
  m_model.notice(written ? tr("Saved to \"%1\".").arg(path) : words(written.error()));
}

void TryMenu::save_fills() {
  const Trying& trying = m_model.session().trying;
  if (!m_model.tries().photo() || trying.way != TryWay::Study || trying.two ||
      !m_model.tries().study().by_areas)
    return m_model.notice(tr("Flat fills are those of a study in areas: show one first, without the edge."));
  const QString folder = m_dialogs.choose_folder(parentWidget(), {});
  if (folder.isEmpty()) return;
  StudyFills all; // Whichever of them come, none is replaced unasked.
  for (const Id id : m_model.tries().seen_side(trying.right, true).ids) {
    const Swatch* s = find_swatch(m_model.piece(), id);
    all.swatches.push_back(all.colors.size());
    all.colors.push_back(s ? s->color : Srgb{});
    all.names.push_back(s ? s->name : std::string());
  }
  QStringList there;
  for (const std::string& name : fill_names(all))
    if (QFile::exists(QDir(folder).filePath(text(name)))) there << text(name);
  if (!there.isEmpty() && !m_dialogs.ask_replace(parentWidget(), there)) return;
  write_tried_picture(m_model, m_model.tries(), folder, 0, [this, folder](const Status& written) {
    m_model.notice(written ? tr("Saved to \"%1\".").arg(folder) : words(written.error()));
  });
}

void TryMenu::save_picture() {
  if (!m_model.tries().photo()) return m_model.notice(tr("There is no picture to save yet."));
  const QString path =
      m_dialogs.export_file(parentWidget(), tr("tried.png"), tr("Pictures (*.png *.jpg *.jpeg *.svg)"));
  if (path.isEmpty()) return;
  write_tried_picture(m_model, m_model.tries(), path, m_try->view().edge_in_picture(),
                      [this, path](const Status& written) {
                        m_model.notice(written ? tr("Saved to \"%1\".").arg(path) : words(written.error()));
                      });
}

} // namespace zc
