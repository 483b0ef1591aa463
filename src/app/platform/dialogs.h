// SPDX-License-Identifier: GPL-3.0-or-later
// Questions to the painter that the toolkit asks; replaceable in tests.
#pragma once

#include "model/documents/questions.h"

#include <QString>
#include <QStringList>
#include <functional>

class QPrinter;
class QWidget;

namespace zc {

/// The endings of photos that are read, for file dialogs.
[[nodiscard]] QString photo_patterns();

class Dialogs {
public:
  virtual ~Dialogs() = default;
  /// Empty when cancelled; likewise below.
  virtual QString open_piece(QWidget* parent, const QString& folder) = 0;
  virtual QString save_piece(QWidget* parent, const QString& suggested) = 0;
  virtual QStringList open_photos(QWidget* parent, const QString& folder) = 0;
  /// A palette, a picture or a parcel, as the filter says.
  virtual QString open_set_file(QWidget* parent, const QString& folder, const QString& filter) = 0;
  virtual QString export_file(QWidget* parent, const QString& suggested, const QString& filter) = 0;
  virtual QString choose_folder(QWidget* parent, const QString& folder) = 0;
  /// A preview from which is printed; `draw` fills the printer's pages each time it is asked to.
  virtual void print(QWidget* parent, const std::function<void(QPrinter&)>& draw) = 0;
  virtual UnsavedAnswer ask_unsaved(QWidget* parent, const QString& title) = 0;
  /// Offers a piece that a crash left unsaved. `newer` is the name of its file where that was changed since,
  /// so that there are two to choose from; else empty.
  virtual RecoveryAnswer offer_recovery(QWidget* parent, const QString& title, const QString& when,
                                        const QString& newer) = 0;
  /// `says` is what is lost; `rest` and `before` whether there is something to read.
  virtual DamagedAnswer ask_damaged(QWidget* parent, const QString& says, bool rest, bool before) = 0;
  /// Whether files that are there, by their names, may be replaced.
  virtual bool ask_replace(QWidget* parent, const QStringList& files) = 0;
  virtual void show_about(QWidget* parent, const QString& text) = 0;
};

/// The toolkit's own dialogs.
class ToolkitDialogs final : public Dialogs {
public:
  QString open_piece(QWidget* parent, const QString& folder) override;
  QString save_piece(QWidget* parent, const QString& suggested) override;
  QStringList open_photos(QWidget* parent, const QString& folder) override;
  QString open_set_file(QWidget* parent, const QString& folder, const QString& filter) override;
  QString export_file(QWidget* parent, const QString& suggested, const QString& filter) override;
  QString choose_folder(QWidget* parent, const QString& folder) override;
  void print(QWidget* parent, const std::function<void(QPrinter&)>& draw) override;
  UnsavedAnswer ask_unsaved(QWidget* parent, const QString& title) override;
  RecoveryAnswer offer_recovery(QWidget* parent, const QString& title, const QString& when,
                                const QString& newer) override;
  DamagedAnswer ask_damaged(QWidget* parent, const QString& says, bool rest, bool before) override;
  bool ask_replace(QWidget* parent, const QStringList& files) override;
  void show_about(QWidget* parent, const QString& text) override;
};

} // namespace zc
