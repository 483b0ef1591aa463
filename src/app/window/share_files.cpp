// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/share_files.h"

#include "app/seams/clipboard.h"
#include "app/seams/dialogs.h"
#include "app/window/piece_exports.h"
#include "model/documents/file_job.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/share/share_reading.h"

#include <QPainter>
#include <QPrinter>

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

ShareFiles::ShareFiles(Studio& space, Viewing& viewing, ShareReader& shares, Dialogs& dialogs,
                       PieceExports& exports, FileJob& job, QWidget& window)
    : QObject(&window), m_space(space), m_viewing(viewing), m_shares(shares), m_dialogs(dialogs),
      m_exports(exports), m_job(job), m_window(window) {}

void ShareFiles::work(const QString& what, std::function<void(const Progress&)> make,
                      std::function<void()> then) {
  if (m_job.running())
    return tell(tr("A file is still being read or written; stop that first, or wait for it."));
  m_job.start(what, std::move(make), this, std::move(then));
}

void ShareFiles::tell(const QString& sentence) { emit m_space.notice(sentence); }

void ShareFiles::write_sheet(const QString& format) {
  if (format == QLatin1String("print")) return print_sheet();
  const auto order = m_shares.sheet_order();
  if (!order) return tell(words(order.error()));
  const QString path =
      m_dialogs.export_file(&m_window, tr("sheet.%1").arg(format), tr("Sheets (*.%1)").arg(format));
  if (path.isEmpty()) return;
  // The dialog has asked about the first page alone.
  QStringList further;
  for (const std::string& file : sheet_file_names(path.toStdString(), order->sheet.pages.size()))
    if (text(file) != path) further << text(file);
  if (!m_exports.may_write(further)) return;
  using Files = Result<std::vector<std::string>>;
  const auto files = std::make_shared<Files>(std::vector<std::string>());
  work(
      tr("Writing the sheet"),
      [files, order = *order, path](const Progress& progress) {
        *files = zc::write_sheet(order, path.toStdString(), progress);
      },
      [this, files, path, further] {
        if (!*files) return tell(words(files->error()));
        m_exports.note_written(QStringList(path) + further);
        const std::size_t count = files->value().size();
        tell(count == 1 ? tr("Written to \"%1\".").arg(path)
                        : tr("Written to \"%1\" and %2 more files.").arg(path).arg(count - 1));
      });
}

void ShareFiles::print_sheet() {
  const auto order = m_shares.sheet_order();
  if (!order) return tell(words(order.error()));
  const auto images = std::make_shared<SheetImages>();
  work(
      tr("Making the sheet"),
      [images, order = *order](const Progress&) { *images = images_of(order.images); },
      [this, images, sheet = order->sheet] {
        m_dialogs.print(&m_window, [&](QPrinter& printer) {
          if (!print_pages(printer, sheet, *images))
            tell(tr("The sheet was not printed: the printer, or the file it prints to, does not take it."));
        });
      });
}

void ShareFiles::write_plan() {
  const PlanOrder order = m_shares.plan_order();
  const QString path = m_dialogs.export_file(&m_window, tr("plan.png"), tr("Pictures (*.png *.svg)"));
  if (path.isEmpty()) return;
  const auto written = std::make_shared<Status>(Done{});
  work(
      tr("Writing the plan"),
      [written, order, path](const Progress& progress) {
        *written = zc::write_plan(order, path.toStdString(), progress);
      },
      [this, written, path] {
        tell(*written ? tr("Written to \"%1\".").arg(path) : words(written->error()));
      });
}

void ShareFiles::copy_plan() {
  const auto plan = std::make_shared<Result<QImage>>(QImage());
  work(
      tr("Making the plan"),
      [plan, order = m_shares.plan_order()](const Progress& progress) {
        *plan = plan_image(order.piece, order.spec, progress);
      },
      [this, plan] {
        if (!*plan) return tell(words(plan->error()));
        const QImage& picture = plan->value();
        put_on_clipboard(picture);
        tell(tr("Copied the plan, %1 × %2 pixels.").arg(picture.width()).arg(picture.height()));
      });
}

void ShareFiles::choose_folder() {
  Sharing next = m_space.session().sharing;
  const QString folder = m_dialogs.choose_folder(&m_window, text(next.files.folder));
  if (folder.isEmpty()) return;
  next.files.folder = folder.toStdString();
  m_viewing.share(next);
}

void ShareFiles::write_all() {
  if (m_space.session().sharing.files.folder.empty()) choose_folder();
  static_cast<void>(write_chosen());
}

void ShareFiles::write_at_save() {
  const DocumentId asked_for = m_space.document();
  if (!m_space.session().sharing.files.at_save || write_chosen()) return;
  if (m_space.document() != asked_for) return; // The switch of another piece says nothing of this one's.
  Sharing next = m_space.session().sharing;
  next.files.at_save = false;
  m_viewing.share(next);
  tell(tr("The files were not written, and are not written at every save any more."));
}

bool ShareFiles::write_chosen() {
  const auto order = m_shares.files_order();
  if (!order) {
    tell(words(order.error()));
    return true;
  }
  const QStringList files = files_of(*order);
  if (!m_exports.may_write(files)) return false;
  const auto said = std::make_shared<QString>();
  work(
      tr("Writing the files"),
      [said, order = *order](const Progress& progress) { *said = write_files(order, progress); },
      [this, said, files] {
        m_exports.note_written(files);
        tell(*said);
      });
  return true;
}

} // namespace zc
