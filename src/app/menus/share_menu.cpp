// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/share_menu.h"

#include "app/desks/share/parcel_panel.h"
#include "app/desks/share/press_panel.h"
#include "app/desks/share/share_desk.h"
#include "app/desks/share/share_stage.h"
#include "app/files/set_files.h"
#include "app/files/share_files.h"
#include "app/platform/dialogs.h"
#include "app/shelf/shelf_panel.h"
#include "model/application/app_model.h"
#include "model/documents/documents.h"
#include "model/i18n/text.h"
#include "model/share/share_model.h"

#include <QFileInfo>
#include <QSettings>
#include <QTimer>

namespace zc {
namespace {

constexpr auto kPressKey = "press", kFormatsKey = "files/formats", kPatternKey = "files/pattern";

void recall(Sharing& sharing) {
  const QSettings settings;
  const QString press = settings.value(QLatin1String(kPressKey)).toString();
  if (QFileInfo::exists(press)) sharing.press = press.toStdString();
  for (const QString& word : settings.value(QLatin1String(kFormatsKey)).toStringList())
    sharing.files.formats.insert(word.toStdString());
  const QString pattern = settings.value(QLatin1String(kPatternKey)).toString();
  if (!pattern.isEmpty()) sharing.files.pattern = pattern.toStdString();
}

void remember(const Sharing& sharing) {
  QSettings settings;
  const auto note = [&](const char* key, const QVariant& now) {
    if (settings.value(QLatin1String(key)) != now) settings.setValue(QLatin1String(key), now);
  };
  QStringList formats;
  for (const auto& word : sharing.files.formats) formats << QString::fromStdString(word);
  note(kPressKey, QString::fromStdString(sharing.press));
  note(kFormatsKey, formats);
  note(kPatternKey, QString::fromStdString(sharing.files.pattern));
}

} // namespace

ShareMenu::ShareMenu(AppModel& model, Documents& documents, Dialogs& dialogs, ShareFiles& share_files,
                     SetFiles& set_files, LateWidget<ShareDesk>& share, QWidget* parent)
    : DeskMenu(tr("&Share"), Desk::Share, model, parent), m_model(model), m_documents(documents),
      m_dialogs(dialogs), m_share_files(share_files), m_set_files(set_files), m_share(share) {
  add_views();
  addSeparator();
  add_sheet_commands();
  addSeparator();
  add_command("saveWheelAsPicture", tr("Save &wheel as picture..."),
              tr("Save the wheel as PNG, or its outlines as SVG"), {},
              [this] { m_share_files.write_plan(); });
  add_command("copyWheelAsPicture", tr("&Copy wheel as picture"),
              tr("Copy the wheel to the clipboard as a picture"), {}, [this] { m_share_files.copy_plan(); });
  addSeparator();
  add_command("exportTickedFilesAgain", tr("E&xport ticked files again"),
              tr("Export every ticked format to the chosen folder again"), QKeySequence(Qt::CTRL | Qt::Key_E),
              [this] { m_share_files.write_all(); });
  add_command("importLines", tr("Import &lines..."),
              tr("Import the swatches of a text file by the pattern of your own lines"), {},
              [this] { m_set_files.import_lines_asked(); });
  addSeparator();
  add_press_commands();
  hear_desk();
  keep_sharing();
}

void ShareMenu::add_views() {
  const std::tuple<const char*, QString, ShareView, QString> views[] = {
      {"showSheet", tr("Show &sheet"), ShareView::Sheet, tr("Show the plan as a sheet to print or save")},
      {"showPress", tr("Show &press"), ShareView::Press, tr("Show which swatches a press can print")},
      {"showFiles", tr("Show &files"), ShareView::Files, tr("Show every format the set can be exported in")},
      {"showParcels", tr("Show par&cels"), ShareView::Parcel,
       tr("Pack a parcel for someone else, or open one you were given")},
      {"showWheelAsPicture", tr("Show w&heel as picture"), ShareView::Plan,
       tr("Show the wheel as a picture for a layer of your canvas")}};
  for (const auto& [name, words, view, tip] : views)
    add_command(name, words, tip, {}, [this, view = view] {
      Sharing next = m_model.session().sharing;
      next.view = view;
      m_model.viewing().share(next);
    });
}

void ShareMenu::add_sheet_commands() {
  const std::tuple<const char*, QString, const char*, QString> formats[] = {
      {"saveSheetAsPdf", tr("Save sheet as P&DF..."), "pdf", tr("Save all pages of the sheet as one PDF")},
      {"saveSheetAsSvg", tr("Save sheet as S&VG..."), "svg",
       tr("Save the sheet as SVG, one file for each page")},
      {"saveSheetAsPng", tr("Save sheet as P&NG..."), "png",
       tr("Save the sheet as PNG, one file for each page")}};
  for (const auto& [name, words, format, tip] : formats)
    add_command(name, words, tip, {},
                [this, f = QString::fromLatin1(format)] { m_share_files.write_sheet(f); });
  add_command("printSheet", tr("P&rint sheet..."), tr("See the sheet in a preview and print it"), {},
              [this] { m_share_files.print_sheet(); });
}

void ShareMenu::add_press_commands() {
  add_command("addPressProfile", tr("&Add press profile..."),
              tr("Add the ICC profile of a four-color press to the shelf"), {}, [this] { add_press(); });
  auto* proof = add_command("showAsPrinted", tr("Show as print&ed"),
                            tr("Show sheet, staff and Try as the chosen press prints them"), {}, [this] {
                              Sharing next = m_model.session().sharing;
                              if (!m_model.press().chosen()) m_model.notice(tr("Choose a press first."));
                              next.proof = m_model.press().chosen() && !next.proof;
                              m_model.viewing().share(next);
                            });
  proof->setCheckable(true);
  m_model.hear({Part::Sharing}, proof, [this, proof] { proof->setChecked(m_model.session().sharing.proof); });
  add_command("useAllPrintableColors", tr("&Use all printable colors"),
              tr("Replace each swatch that does not print with the nearest color that does; the set before "
                 "it is saved as a version"),
              {}, [this] {
                if (!m_model.press().chosen()) return m_model.notice(tr("Choose a press first."));
                m_model.press().use_printable(0);
              });
}

void ShareMenu::hear_desk() {
  connect(&m_documents, &Documents::pieceSaved, &m_share_files, &ShareFiles::write_at_save);
  m_share.when_made([this](ShareDesk& share) {
    connect(&share, &ShareDesk::writeSheetAsked, &m_share_files, &ShareFiles::write_sheet);
    connect(&share, &ShareDesk::writePlanAsked, &m_share_files, &ShareFiles::write_plan);
    connect(&share, &ShareDesk::copyPlanAsked, &m_share_files, &ShareFiles::copy_plan);
    connect(&share, &ShareDesk::profileAsked, this, &ShareMenu::add_press);
    connect(&share, &ShareDesk::folderAsked, &m_share_files, &ShareFiles::choose_folder);
    connect(&share, &ShareDesk::writeFilesAsked, &m_share_files, &ShareFiles::write_all);
    connect(&share, &ShareDesk::readLinesAsked, &m_set_files, &SetFiles::import_lines_asked);
    hear_parcels(share.parcel());
  });
  // What arrives in a folder is told at every desk.
  if (ParcelPanel::watches_folder()) QTimer::singleShot(0, this, [this] { static_cast<void>(*m_share); });
}

void ShareMenu::hear_parcels(ParcelPanel& parcels) {
  connect(&parcels, &ParcelPanel::packAsked, &m_set_files, &SetFiles::pack_parcel);
  connect(&parcels, &ParcelPanel::putAsked, &m_set_files, &SetFiles::put_on_shelf);
  connect(&parcels, &ParcelPanel::openAsked, this, [this, &parcels] {
    if (const auto parcel = m_set_files.parcel_asked()) parcels.look_into(parcel->first, parcel->second);
  });
  connect(&parcels, &ParcelPanel::fileAsked, this, [this, &parcels](const QString& path) {
    if (const auto parcel = m_set_files.parcel_in(path))
      parcels.look_into(*parcel, QFileInfo(path).fileName());
  });
  connect(&parcels, &ParcelPanel::folderAsked, this, [this, &parcels] {
    const QString folder = m_dialogs.choose_folder(parentWidget(), QString());
    if (!folder.isEmpty()) parcels.watch_folder(folder);
  });
}

/// The press, the formats and the pattern are the user's, whatever the piece.
void ShareMenu::keep_sharing() {
  Sharing sharing = m_model.session().sharing;
  recall(sharing);
  m_model.viewing().share(sharing);
  m_model.hear({Part::Sharing}, this, [this, told = sharing]() mutable {
    if (m_model.session().sharing == told) return;
    told = m_model.session().sharing;
    remember(told);
  });
}

void ShareMenu::add_press() {
  const QString path =
      m_dialogs.open_set_file(parentWidget(), QSettings().value(QStringLiteral("pressFolder")).toString(),
                              tr("Press profiles (*.icc *.icm)"));
  if (path.isEmpty()) return;
  QSettings().setValue(QStringLiteral("pressFolder"), QFileInfo(path).path());
  const auto kept = keep_press(shelf_folder(QStringLiteral("presses")).toStdString(), path.toStdString());
  if (!kept) return m_model.notice(words(kept.error()));
  Sharing next = m_model.session().sharing;
  next.press = kept->string();
  m_model.viewing().share(next);
  m_share->press().read_shelf();
  m_model.notice(tr("%1 was added to the shelf.").arg(QFileInfo(path).fileName()));
}

} // namespace zc
