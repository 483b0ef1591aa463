// The commands of the Share desk.
#include "app/window/main_window.h"

#include "app/desks/share/parcel_panel.h"
#include "app/desks/share/press_panel.h"
#include "app/desks/share/share_desk.h"
#include "app/desks/share/share_stage.h"
#include "app/seams/dialogs.h"
#include "app/shelf/shelf_panel.h"
#include "app/store/files_out.h"
#include "app/store/share_reading.h"
#include "app/theme/text.h"
#include "app/window/documents.h"
#include "app/window/notice_bar.h"
#include "app/window/set_files.h"
#include "io/files/safe_save.h"
#include "io/photo/picture_file.h"
#include "io/sheet/sheet_files.h"

#include <QApplication>
#include <QClipboard>
#include <QFileInfo>
#include <QMenu>
#include <QMenuBar>
#include <QMimeData>
#include <QPainter>
#include <QPrinter>
#include <QSettings>

namespace zc {
namespace {

constexpr double kPngDots = 300;
constexpr auto kPressKey = "press", kFormatsKey = "files/formats", kFolderKey = "files/folder",
               kPatternKey = "files/pattern", kAtSaveKey = "files/atSave";

void recall(Sharing& sharing) {
  const QSettings settings;
  const QString press = settings.value(QLatin1String(kPressKey)).toString();
  if (QFileInfo::exists(press)) sharing.press = press.toStdString();
  for (const QString& word : settings.value(QLatin1String(kFormatsKey)).toStringList())
    sharing.files.formats.insert(word.toStdString());
  sharing.files.folder = settings.value(QLatin1String(kFolderKey)).toString().toStdString();
  sharing.files.at_save = settings.value(QLatin1String(kAtSaveKey), false).toBool();
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
  note(kFolderKey, QString::fromStdString(sharing.files.folder));
  note(kPatternKey, QString::fromStdString(sharing.files.pattern));
  note(kAtSaveKey, sharing.files.at_save);
}

} // namespace

void MainWindow::make_share_menu() {
  m_share_menu = menuBar()->addMenu(tr("&Share"));
  m_share_menu->setToolTipsVisible(true);
  const std::tuple<QString, ShareView, QString> views[] = {
      {tr("The &sheet"), ShareView::Sheet, tr("Show the plan on paper")},
      {tr("The &press"), ShareView::Press, tr("Show what a press prints of the set")},
      {tr("&Files of the set"), ShareView::Files, tr("Show every format that the set is written in")},
      {tr("Par&cels"), ShareView::Parcel, tr("Pack for others, and look into what comes from them")},
      {tr("The &wheel as a picture"), ShareView::Plan,
       tr("Show the plan as a picture to lie beside a canvas")}};
  for (const auto& [words, view, tip] : views)
    add_action(m_share_menu, words, tip, {}, [this, view = view] {
      Sharing next = m_space.session().sharing;
      next.view = view;
      m_space.share(next);
    });
  m_share_menu->addSeparator();
  const std::tuple<QString, const char*, QString> formats[] = {
      {tr("Write the sheet as P&DF..."), "pdf", tr("Write all pages of the sheet as PDF")},
      {tr("Write the sheet as S&VG..."), "svg", tr("Write the sheet as SVG, a file a page")},
      {tr("Write the sheet as P&NG..."), "png", tr("Write the sheet as PNG, a file a page")},
      {tr("P&rint the sheet..."), "print", tr("See the sheet in a preview and print it")}};
  for (const auto& [words, format, tip] : formats)
    add_action(m_share_menu, words, tip, {}, [this, f = QString::fromLatin1(format)] { write_sheet(f); });
  m_share_menu->addSeparator();
  add_action(m_share_menu, tr("Wri&te the plan..."), tr("Write the wheel as PNG, its outline as SVG"), {},
             [this] { write_plan(); });
  add_action(m_share_menu, tr("&Copy the plan"), tr("Put the wheel on the clipboard as a picture"), {},
             [this] { copy_plan(); });
  m_share_menu->addSeparator();
  add_action(m_share_menu, tr("Write the chosen files a&gain"),
             tr("Every chosen format into the chosen folder, without asking"),
             QKeySequence(Qt::CTRL | Qt::Key_E), [this] { write_all_files(); });
  add_action(m_share_menu, tr("Read &lines..."), tr("Bring in a text file by the pattern of lines"), {},
             [this] { m_set_files->bring_in_lines_asked(); });
  m_share_menu->addSeparator();
  add_action(m_share_menu, tr("&Add a press profile..."),
             tr("Take in an ICC profile of a four-color press and keep it on the shelf"), {},
             [this] { add_press(); });
  auto* proof = add_action(m_share_menu, tr("Pro&of"),
                           tr("See sheet, staff and Try as the chosen press prints them"), {}, [this] {
                             Sharing next = m_space.session().sharing;
                             if (!m_space.shares().press()) m_notice->tell(tr("Choose a press first."));
                             next.proof = m_space.shares().press() && !next.proof;
                             m_space.share(next);
                           });
  proof->setCheckable(true);
  connect(&m_space, &Workspace::viewChanged, proof,
          [this, proof] { proof->setChecked(m_space.session().sharing.proof); });
  add_action(m_share_menu, tr("Take all prin&table colors"),
             tr("What does not print becomes the nearest that does; the set before is kept as a version"), {},
             [this] {
               if (!m_space.shares().press()) return m_notice->tell(tr("Choose a press first."));
               m_space.shares().take_printable(0);
             });
  connect(m_share, &ShareDesk::writeSheetAsked, this, &MainWindow::write_sheet);
  connect(m_share, &ShareDesk::writePlanAsked, this, &MainWindow::write_plan);
  connect(m_share, &ShareDesk::copyPlanAsked, this, &MainWindow::copy_plan);
  connect(m_share, &ShareDesk::profileAsked, this, &MainWindow::add_press);
  connect(m_share, &ShareDesk::folderAsked, this, &MainWindow::choose_files_folder);
  connect(m_share, &ShareDesk::writeFilesAsked, this, &MainWindow::write_all_files);
  connect(m_share, &ShareDesk::readLinesAsked, m_set_files, &SetFiles::bring_in_lines_asked);
  connect(m_documents, &Documents::pieceSaved, this, [this] {
    if (m_space.session().sharing.files.at_save) write_all_files();
  });
  ParcelPanel& parcels = m_share->parcel();
  connect(&parcels, &ParcelPanel::packAsked, m_set_files, &SetFiles::pack_parcel);
  connect(&parcels, &ParcelPanel::putAsked, m_set_files, &SetFiles::put_on_shelf);
  connect(&parcels, &ParcelPanel::openAsked, this, [this] {
    if (const auto parcel = m_set_files->parcel_asked())
      m_share->parcel().look_into(parcel->first, parcel->second);
  });
  connect(&parcels, &ParcelPanel::fileAsked, this, [this](const QString& path) {
    if (const auto parcel = m_set_files->parcel_in(path))
      m_share->parcel().look_into(*parcel, QFileInfo(path).fileName());
  });
  connect(&parcels, &ParcelPanel::folderAsked, this, [this] {
    const QString folder = m_dialogs.choose_folder(this, QString());
    if (!folder.isEmpty()) m_share->parcel().watch_folder(folder);
  });
  // The press and the files are the painter's, whatever the piece.
  Sharing sharing = m_space.session().sharing;
  recall(sharing);
  m_space.share(sharing);
  connect(&m_space, &Workspace::viewChanged, this, [this, told = sharing]() mutable {
    if (m_space.session().sharing == told) return;
    told = m_space.session().sharing;
    remember(told);
  });
}

void MainWindow::write_sheet(const QString& format) {
  const auto& sheet = m_space.shares().sheet();
  if (!sheet) return m_notice->tell(words(sheet.error()));
  if (format == QLatin1String("print"))
    return m_dialogs.print(this, [this](QPrinter& printer) { print_sheet(printer); });
  const QString path =
      m_dialogs.export_file(this, tr("sheet.%1").arg(format), tr("Sheets (*.%1)").arg(format));
  if (path.isEmpty()) return;
  const Piece& piece = m_space.piece();
  const auto files = save_sheet(*sheet, m_space.shares().plain_images(), {piece.title, piece.signature},
                                kPngDots, path.toStdString());
  if (!files) return m_notice->tell(words(files.error()));
  m_notice->tell(files->size() == 1
                     ? tr("Written to \"%1\".").arg(path)
                     : tr("Written to \"%1\" and %2 more files.").arg(path).arg(files->size() - 1));
}

/// The page comes as it is; a printer with other paper scales it.
void MainWindow::print_sheet(QPrinter& printer) {
  const auto& sheet = m_space.shares().sheet();
  if (!sheet) return;
  QPainter painter(&printer);
  const QRectF room = printer.pageRect(QPrinter::DevicePixel);
  const double scale = std::min(room.width() / sheet->width, room.height() / sheet->height);
  for (std::size_t page = 0; page < sheet->pages.size(); ++page) {
    if (page > 0) printer.newPage();
    draw_sheet_page(painter, *sheet, page, m_space.shares().plain_images(), scale);
  }
}

void MainWindow::write_plan() {
  const QString path = m_dialogs.export_file(this, tr("plan.png"), tr("Pictures (*.png *.svg)"));
  if (path.isEmpty()) return;
  Status written = Done{};
  if (path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive)) {
    const std::string svg = plan_outline_svg(m_space.piece(), m_space.session().sharing.plan.size);
    written = save_safely(path.toStdString(), Bytes(svg.begin(), svg.end()), Backup::None);
  } else {
    auto plan = m_space.shares().plan();
    written = plan ? save_picture(std::move(plan).value(), path.toStdString()) : Status(plan.error());
  }
  m_notice->tell(written ? tr("Written to \"%1\".").arg(path) : words(written.error()));
}

void MainWindow::copy_plan() {
  const auto plan = m_space.shares().plan();
  if (!plan) return m_notice->tell(words(plan.error()));
  QApplication::clipboard()->setImage(*plan);
  m_notice->tell(tr("Copied the plan, %1 × %2 pixels.").arg(plan->width()).arg(plan->height()));
}

void MainWindow::add_press() {
  const QString path = m_dialogs.open_set_file(
      this, QSettings().value(QStringLiteral("pressFolder")).toString(), tr("Press profiles (*.icc *.icm)"));
  if (path.isEmpty()) return;
  QSettings().setValue(QStringLiteral("pressFolder"), QFileInfo(path).path());
  const auto kept = keep_press(shelf_folder(QStringLiteral("presses")).toStdString(), path.toStdString());
  if (!kept) return m_notice->tell(words(kept.error()));
  Sharing next = m_space.session().sharing;
  next.press = kept->string();
  m_space.share(next);
  m_share->press().read_shelf();
  m_notice->tell(tr("%1 is on the shelf.").arg(QFileInfo(path).fileName()));
}

void MainWindow::choose_files_folder() {
  Sharing next = m_space.session().sharing;
  const QString folder = m_dialogs.choose_folder(this, text(next.files.folder));
  if (folder.isEmpty()) return;
  next.files.folder = folder.toStdString();
  m_space.share(next);
}

void MainWindow::write_all_files() {
  if (m_space.session().sharing.files.folder.empty()) choose_files_folder();
  m_notice->tell(write_files(m_space));
}

} // namespace zc
