// SPDX-License-Identifier: GPL-3.0-or-later
// Sheets, plans and all files of a set, written beside the window.
#pragma once

#include "model/documents/file_job.h"
#include "model/share/files_out.h"

#include <QObject>

class QPrinter;
class QWidget;

namespace zc {

class Dialogs;
class PieceExports;
class ShareModel;
class Studio;
class Viewing;

class ShareFiles final : public QObject {
  Q_OBJECT
public:
  ShareFiles(Studio& model, Viewing& viewing, ShareModel& share_model, Dialogs& dialogs,
             PieceExports& exports, FileJob& job, QWidget& window);

  /// "pdf", "svg" or "png"; "print" for the printer.
  void write_sheet(const QString& format);
  /// After a preview.
  void print_sheet();
  void write_plan();
  void copy_plan();
  void choose_folder();
  /// Every chosen format, asking only for what is not chosen yet.
  void write_all();
  /// The same after a save. Where files of others are not to be replaced it is not asked about at every save:
  /// the switch goes off.
  void write_at_save();

private:
  /// While other work is being done, which it then says.
  [[nodiscard]] bool busy();
  /// Nothing while it is busy.
  template <class Make, class Then> void work(const QString& what, Make make, Then then) {
    if (!busy()) m_job.start(what, std::move(make), this, std::move(then));
  }
  void tell(const QString& sentence);
  /// False where the files of others are not to be replaced.
  bool write_chosen();
  Studio& m_model;
  Viewing& m_viewing;
  ShareModel& m_share_model;
  Dialogs& m_dialogs;
  PieceExports& m_exports;
  FileJob& m_job;
  QWidget& m_window;
};

} // namespace zc
