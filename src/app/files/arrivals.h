// SPDX-License-Identifier: GPL-3.0-or-later
// What arrives: pieces, palettes, photos and parcels that are chosen, dropped, pasted or given to another
// start.
#pragma once

#include <QObject>
#include <QStringList>
#include <QTimer>
#include <functional>

class QMimeData;
class QWidget;

namespace zc {

class Dialogs;
class Documents;
class FileJob;
class SetFiles;
class AppModel;

class Arrivals final : public QObject {
  Q_OBJECT
public:
  Arrivals(AppModel& model, Documents& documents, FileJob& job, SetFiles& set_files, Dialogs& dialogs,
           QWidget& window);

  /// Photos of the user's choice.
  void add_photos();
  void replace_photo();
  void follow_canvas();
  /// A piece is opened, a palette offered, a photo taken in, one after the other.
  void open_files(
      QStringList paths, std::function<void()> then = [] {});
  /// The same for other programs: while a question, a menu or a drag is under way they wait for its end. Of
  /// several pieces that wait the last one is opened, or none where the user is asked and refuses.
  void open_when_free(const QStringList& paths);
  [[nodiscard]] bool files_wait() const { return !m_waiting.isEmpty(); }
  /// A picture, which gets that name, or files; false where there is neither.
  bool accept(const QMimeData& data, const QString& name);
  /// Whether there is a file or a picture in it.
  [[nodiscard]] static bool takes(const QMimeData& data);
  [[nodiscard]] static QStringList local_files(const QMimeData& data);

private:
  void accept(const QString& path);
  [[nodiscard]] bool takes_as_palette(const QString& path) const;
  void open_waiting();

  AppModel& m_model;
  Documents& m_documents;
  FileJob& m_job;
  SetFiles& m_set_files;
  Dialogs& m_dialogs;
  QWidget& m_window;
  QStringList m_waiting; ///< Files that other programs want opened.
  QTimer m_free;         ///< Looks whether hands are free.
};

} // namespace zc
