// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/files/piece_exports.h"

#include "app/platform/dialogs.h"
#include "model/documents/documents.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QCryptographicHash>
#include <QFileInfo>
#include <QSettings>
#include <QWidget>

namespace zc {
namespace {

/// As a line: the state first, since a path may hold anything.
QString line_of(const QString& file, const FileState& state) {
  return text(text_of(state)) + QLatin1Char('\n') + file;
}

} // namespace

PieceExports::PieceExports(Studio& model, Viewing& viewing, const Documents& documents, Dialogs& dialogs,
                           QWidget& window)
    : QObject(&window), m_model(model), m_viewing(viewing), m_documents(documents), m_dialogs(dialogs),
      m_window(window) {
  connect(&model, &Studio::startedAnew, this, &PieceExports::recall);
  connect(&documents, &Documents::changed, this, &PieceExports::follow_path);
  model.hear({Part::Sharing}, this, &PieceExports::remember);
}

QString PieceExports::key(const char* what) const {
  const QByteArray hash = QCryptographicHash::hash(m_path.toUtf8(), QCryptographicHash::Sha1).toHex();
  return QStringLiteral("exports/%1/%2").arg(QString::fromLatin1(hash), QLatin1String(what));
}

void PieceExports::recall() {
  m_document = m_model.document();
  m_path = m_documents.path();
  m_written.clear();
  Sharing sharing = m_model.session().sharing;
  sharing.files.folder.clear();
  sharing.files.at_save = false;
  if (!m_path.isEmpty()) {
    const QSettings settings;
    sharing.files.folder = settings.value(key("folder")).toString().toStdString();
    sharing.files.at_save = settings.value(key("atSave"), false).toBool();
    for (const QString& line : settings.value(key("written")).toStringList()) {
      const qsizetype end = line.indexOf(QLatin1Char('\n'));
      m_written[line.mid(end + 1)] = file_state_from(line.left(end).toStdString());
    }
  }
  m_viewing.share(sharing);
}

/// Saved under another name it is another piece: what the one before has written is not its own.
void PieceExports::follow_path() {
  if (m_documents.path() == m_path || m_document != m_model.document()) return;
  if (!m_path.isEmpty()) m_written.clear();
  m_path = m_documents.path();
  remember();
}

void PieceExports::remember() const {
  // Until another piece is recalled the panels are empty, which says nothing of the one before.
  if (m_path.isEmpty() || m_document != m_model.document()) return;
  const FilesOut& files = m_model.session().sharing.files;
  QSettings settings;
  const auto note = [&](const char* what, const QVariant& now) {
    if (settings.value(key(what)) != now) settings.setValue(key(what), now);
  };
  if (files.folder.empty() && !settings.contains(key("folder"))) return;
  QStringList written;
  for (const auto& [file, state] : m_written) written << line_of(file, state);
  note("folder", text(files.folder));
  note("atSave", files.at_save);
  note("written", written);
}

bool PieceExports::may_write(const QStringList& files) {
  QStringList others;
  for (const QString& file : files) {
    const auto known = m_written.find(QFileInfo(file).absoluteFilePath());
    const bool own = known != m_written.end() && !changed_since(known->second, file.toStdString());
    if (QFileInfo::exists(file) && !own) others << QFileInfo(file).fileName();
  }
  return others.isEmpty() || m_dialogs.ask_replace(&m_window, others);
}

void PieceExports::note_written(const QStringList& files) {
  constexpr std::size_t most = 500;
  if (m_written.size() > most) m_written.clear();
  for (const QString& file : files)
    m_written[QFileInfo(file).absoluteFilePath()] = state_of_file(file.toStdString());
  remember();
}

} // namespace zc
