// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/file_menu.h"

#include "app/files/arrivals.h"
#include "app/files/set_files.h"
#include "model/documents/documents.h"
#include "model/i18n/language.h"

#include <QFileInfo>
#include <QSettings>

namespace zc {

FileMenu::FileMenu(Documents& documents, SetFiles& set_files, Arrivals& arrivals, QWidget* parent)
    : CommandMenu(tr("&File"), parent), m_documents(documents), m_set_files(set_files), m_arrivals(arrivals) {
  add_command("newPiece", tr("&New piece"), tr("Start with an empty piece"), QKeySequence::New,
              [this] { m_documents.new_piece(); });
  add_command("open", tr("&Open..."), tr("Open a piece"), QKeySequence::Open,
              [this] { m_documents.open_asked(); });
  auto* recent = addMenu(tr("Open &recent"));
  connect(recent, &QMenu::aboutToShow, this, [this, recent] { fill_recent(recent); });
  add_command("openDemoPiece", tr("Open &demo piece"),
              tr("Open a copy of Coppersmiths' Row to try things on"), {},
              [this] { m_documents.open_demo(); });
  add_command("editDetails", tr("Edit de&tails of the piece..."),
              tr("Title, description, date and signature"), {}, [this] { emit cardAsked(); });
  addSeparator();
  add_command("save", tr("&Save"), tr("Save the piece; the previous version stays beside it as a backup"),
              QKeySequence::Save, [this] { m_documents.save(); });
  add_command("saveAs", tr("Save &as..."), tr("Save the piece under another name"),
              QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), [this] { m_documents.save_as(); });
  addSeparator();
  add_command("addPhotos", tr("Add &photos..."), tr("Add reference photos to the piece"),
              QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O), [this] { m_arrivals.add_photos(); });
  auto* out = add_submenu(tr("&Export set"));
  for (const auto& facts : kExchangeFormats) {
    const QString name = word(facts.name);
    out->add_command("export." + QString::fromUtf8(facts.word.data(), qsizetype(facts.word.size())),
                     tr("As %1...").arg(name), tr("Export the current set as %1").arg(name), {},
                     [this, format = facts.format] { m_set_files.export_set(format); });
  }
  add_command("importPalette", tr("&Import palette..."),
              tr("Import swatches from a palette file in an open format, or from a picture"),
              QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_I), [this] { m_set_files.import_asked(); });
  add_command("packParcel", tr("Pac&k parcel..."),
              tr("Pack the sets and the mask of this piece into one file for someone else"),
              QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E), [this] { m_set_files.pack_parcel_asked(); });
  add_command("unpackParcel", tr("&Unpack parcel..."), tr("Save the sets and masks of a parcel to the shelf"),
              {}, [this] { m_set_files.unpack_parcel_asked(); });
  auto* one_window =
      add_command("openInRunningWindow", tr("Open files in &running window"),
                  tr("When the program is started again with a file, open the file in this window"), {}, [] {
                    QSettings settings;
                    const QString key = QLatin1String(kOneWindowKey);
                    settings.setValue(key, !settings.value(key, false).toBool());
                  });
  one_window->setCheckable(true);
  one_window->setChecked(QSettings().value(QLatin1String(kOneWindowKey), false).toBool());
  addSeparator();
  add_command("quit", tr("&Quit"), tr("Leave Zonachrom"), QKeySequence::Quit, [this] { emit quitAsked(); });
}

void FileMenu::fill_recent(QMenu* menu) {
  menu->clear();
  for (const QString& path : m_documents.recent_files()) {
    auto* action =
        menu->addAction(QFileInfo(path).fileName(), this, [this, path] { m_documents.open(path); });
    action->setToolTip(path);
    action->setData(path);
  }
  if (menu->isEmpty()) menu->addAction(tr("No recent pieces"))->setEnabled(false);
}

} // namespace zc
