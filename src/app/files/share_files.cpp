// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/files/share_files.h"

#include "app/files/piece_exports.h"
#include "app/platform/clipboard.h"
#include "app/platform/dialogs.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/share/share_model.h"

#include <QPainter>
#include <QPrinter>
#include <QWidget>

namespace zc {
namespace {

/// The page comes as it is; a printer with other paper scales it. False where the printer takes nothing.
bool print_pages(QPrinter& printer, const Sheet& sheet, const SheetImages& images) {
  QPainter painter;
  if (!painter.begin(&printer)) return false;
  const QRectF room = printer.pageRect(QPrinter::DevicePixel);
  const double scale = std::min(room.width() / sheet.width, room.height() / sheet.height);
  for (std::size_t page = 0; page < sheet.pages.size(); ++page) {
    if (page > 0 && !printer.newPage()) return false;
    draw_sheet_page(painter, sheet, page, images, scale);
  }
  return painter.end();
}

} // namespace

ShareFiles::ShareFiles(Studio& model, Viewing& viewing, ShareModel& share_model, Dialogs& dialogs,
                       PieceExports& exports, FileJob& job, QWidget& window)
    : QObject(&window), m_model(model), m_viewing(viewing), m_share_model(share_model), m_dialogs(dialogs),
      m_exports(exports), m_job(job), m_window(window) {}

bool ShareFiles::busy() {
  if (m_job.running())
    tell(tr("Another file is still being read or written. Wait for it, or stop it first."));
  return m_job.running();
}

void ShareFiles::tell(const QString& sentence) { emit m_model.notice(sentence); }

void ShareFiles::write_sheet(const QString& format) {
  if (format == QLatin1String("print")) return print_sheet();
  const auto order = m_share_model.sheet_order();
  if (!order) return tell(words(order.error()));
  const QString path =
      m_dialogs.export_file(&m_window, tr("sheet.%1").arg(format), tr("Sheets (*.%1)").arg(format));
  if (path.isEmpty()) return;
  // The dialog has asked about the first page alone.
  QStringList further;
  for (const std::string& file : sheet_file_names(path.toStdString(), order->sheet.pages.size()))
    if (text(file) != path) further << text(file);
  if (!m_exports.may_write(further)) return;
  work(
      tr("Saving the sheet"),
      [order = *order, path](const Progress& progress) {
        return zc::write_sheet(order, path.toStdString(), progress);
      },
      [this, path, further](const Result<std::vector<std::string>>& files) {
        if (!files) return tell(words(files.error()));
        m_exports.note_written(QStringList(path) + further);
        const std::size_t count = files->size();
        tell(count == 1 ? tr("Saved to \"%1\".").arg(path)
                        : tr("Saved to \"%1\" and %2 more files.").arg(path).arg(count - 1));
      });
}

void ShareFiles::print_sheet() {
  const auto order = m_share_model.sheet_order();
  if (!order) return tell(words(order.error()));
  work(
      tr("Drawing the sheet"), [order = *order](const Progress&) { return images_of(order.images); },
      [this, sheet = order->sheet](const SheetImages& images) {
        m_dialogs.print(&m_window, [&](QPrinter& printer) {
          if (!print_pages(printer, sheet, images))
            tell(tr("The sheet was not printed, because the printer, or the file it prints to, refused it."));
        });
      });
}

void ShareFiles::write_plan() {
  const PlanOrder order = m_share_model.plan_order();
  const QString path = m_dialogs.export_file(&m_window, tr("wheel.png"), tr("Pictures (*.png *.svg)"));
  if (path.isEmpty()) return;
  work(
      tr("Saving the wheel"),
      [order, path](const Progress& progress) { return zc::write_plan(order, path.toStdString(), progress); },
      [this, path](const Status& written) {
        tell(written ? tr("Saved to \"%1\".").arg(path) : words(written.error()));
      });
}

void ShareFiles::copy_plan() {
  work(
      tr("Drawing the wheel"),
      [order = m_share_model.plan_order()](const Progress& progress) {
        return plan_image(order.piece, order.spec, progress);
      },
      [this](const Result<QImage>& plan) {
        if (!plan) return tell(words(plan.error()));
        put_on_clipboard(*plan);
        tell(tr("Copied the wheel, %1 × %2 pixels.").arg(plan->width()).arg(plan->height()));
      });
}

void ShareFiles::choose_folder() {
  Sharing next = m_model.session().sharing;
  const QString folder = m_dialogs.choose_folder(&m_window, text(next.files.folder));
  if (folder.isEmpty()) return;
  next.files.folder = folder.toStdString();
  m_viewing.share(next);
}

void ShareFiles::write_all() {
  if (m_model.session().sharing.files.folder.empty()) choose_folder();
  static_cast<void>(write_chosen());
}

void ShareFiles::write_at_save() {
  const DocumentId asked_for = m_model.document();
  if (!m_model.session().sharing.files.at_save || write_chosen()) return;
  if (m_model.document() != asked_for) return; // The switch of another piece says nothing of this one's.
  Sharing next = m_model.session().sharing;
  next.files.at_save = false;
  m_viewing.share(next);
  tell(tr("The files were not exported. Exporting at every save is now off."));
}

bool ShareFiles::write_chosen() {
  const auto order = m_share_model.files_order();
  if (!order) {
    tell(words(order.error()));
    return true;
  }
  const QStringList files = files_of(*order);
  if (!m_exports.may_write(files)) return false;
  work(
      tr("Exporting the files"),
      [order = *order](const Progress& progress) { return write_files(order, progress); },
      [this, files](const QString& said) {
        m_exports.note_written(files);
        tell(said);
      });
  return true;
}

} // namespace zc
