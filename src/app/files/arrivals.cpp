// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/files/arrivals.h"

#include "app/files/set_files.h"
#include "app/platform/dialogs.h"
#include "app/platform/unfinished.h"
#include "io/container/piece_file.h"
#include "model/application/app_model.h"
#include "model/documents/documents.h"

#include <QDir>
#include <QFileInfo>
#include <QImage>
#include <QMimeData>
#include <QPointer>
#include <QSettings>
#include <QUrl>
#include <QWidget>

namespace zc {
namespace {

constexpr int kLooksForFreeHands = 100;

bool is_piece(const QString& path) { return is_piece_file(path.toStdString()); }

/// One piece can be open: of several that wait the last one that was called for.
QStringList with_last_piece_only(QStringList paths) {
  bool later = false;
  for (qsizetype i = paths.size(); i-- > 0;) {
    if (!is_piece(paths[i])) continue;
    if (later) paths.removeAt(i);
    later = true;
  }
  return paths;
}

} // namespace

Arrivals::Arrivals(AppModel& model, Documents& documents, FileJob& job, SetFiles& set_files, Dialogs& dialogs,
                   QWidget& window)
    : QObject(&window), m_model(model), m_documents(documents), m_job(job), m_set_files(set_files),
      m_dialogs(dialogs), m_window(window) {
  m_free.setInterval(kLooksForFreeHands);
  connect(&m_free, &QTimer::timeout, this, &Arrivals::open_waiting);
}

QStringList Arrivals::local_files(const QMimeData& data) {
  QStringList out;
  for (const QUrl& url : data.urls())
    if (url.isLocalFile()) out << url.toLocalFile();
  return out;
}

void Arrivals::add_photos() {
  m_model.viewing().show_desk(Desk::Observe);
  for (const QString& path :
       m_dialogs.open_photos(&m_window, QSettings().value(QStringLiteral("photoFolder")).toString())) {
    QSettings().setValue(QStringLiteral("photoFolder"), QFileInfo(path).path());
    m_model.photos().import_photo(path);
  }
}

void Arrivals::follow_canvas() {
  const QStringList paths =
      m_dialogs.open_photos(&m_window, QSettings().value(QStringLiteral("photoFolder")).toString());
  if (!paths.isEmpty()) m_model.canvases().follow_canvas(paths.front());
}

void Arrivals::replace_photo() {
  if (!find_reference(m_model.piece(), m_model.session().reference)) return;
  const QStringList paths =
      m_dialogs.open_photos(&m_window, QSettings().value(QStringLiteral("photoFolder")).toString());
  if (!paths.isEmpty()) m_model.viewing().replace_reference(paths.front());
}

/// A photo, or every file of a folder in order of name; files that are no photos say so.
void Arrivals::accept(const QString& path) {
  if (path.isEmpty()) return;
  if (!QFileInfo(path).isDir()) return m_model.photos().import_photo(path);
  const auto files = QDir(path).entryInfoList(QDir::Files, QDir::Name | QDir::LocaleAware);
  for (const QFileInfo& file : files) m_model.photos().import_photo(file.filePath());
  if (files.isEmpty())
    m_model.notice(tr("The folder \"%1\" holds no files.").arg(QFileInfo(path).fileName()));
}

/// Texts are palettes everywhere, pictures only where sets are worked on.
bool Arrivals::takes_as_palette(const QString& path) const {
  static const QStringList texts{"json", "cxf", "txt", "css", "csv", "hex", "xml"};
  const QFileInfo file(path);
  if (file.isDir()) return false;
  return m_model.session().desk == Desk::Grade || texts.contains(file.suffix().toLower());
}

void Arrivals::open_files(QStringList paths, std::function<void()> then) {
  bool photos = false;
  while (!paths.isEmpty()) {
    const QString path = paths.takeFirst();
    if (is_piece(path))
      return m_documents.open(path, [guard = QPointer(this), paths, then = std::move(then)](bool opened) {
        if (!guard) return;
        // The pieces that other programs called for while the user was asked have their answer too.
        if (!opened) guard->m_waiting.removeIf(is_piece);
        guard->open_files(paths, then);
      });
    if (path.endsWith(QStringLiteral(".zonaparcel")))
      m_set_files.unpack_parcel(path);
    else if (takes_as_palette(path))
      m_set_files.import_set(path);
    else {
      accept(path);
      photos = true;
    }
  }
  if (photos) m_model.viewing().show_desk(Desk::Observe);
  then();
}

void Arrivals::open_when_free(const QStringList& paths) {
  m_waiting += paths;
  open_waiting();
}

void Arrivals::open_waiting() {
  const bool free = !hands_are_busy() && !m_job.running();
  if (free && !m_waiting.isEmpty()) open_files(with_last_piece_only(std::exchange(m_waiting, {})));
  m_waiting.isEmpty() ? m_free.stop() : m_free.start();
}

bool Arrivals::takes(const QMimeData& data) { return data.hasImage() || !local_files(data).isEmpty(); }

/// Files as they are, before a picture that a program made of one; an address comes with the picture or is
/// left.
bool Arrivals::accept(const QMimeData& data, const QString& name) {
  if (!takes(data)) return false;
  m_model.viewing().show_desk(Desk::Observe);
  const QStringList files = local_files(data);
  for (const QString& file : files) accept(file);
  if (files.isEmpty()) m_model.photos().import_photo(qvariant_cast<QImage>(data.imageData()), name);
  return true;
}

} // namespace zc
