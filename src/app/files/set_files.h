// SPDX-License-Identifier: GPL-3.0-or-later
// Sets in files: bringing palettes in, taking the set out, parcels.
#pragma once

#include "app/platform/dialogs.h"
#include "core/piece/import.h"
#include "io/exchange/exchange.h"
#include "io/shelf/parcel.h"
#include "model/derived/job_pool.h"
#include "model/session/studio.h"

#include <QObject>

namespace zc {

class SetFiles final : public QObject {
  Q_OBJECT
public:
  SetFiles(Studio& model, Dialogs& dialogs, QWidget& window);

  void export_set(ExchangeFormat format);
  void import_asked();
  /// Read off the main thread; found() or a notice says how it went. What no format knows is read by the
  /// pattern of lines, and a file that was written by it is so first.
  void import_set(const QString& path);
  /// A text file by the pattern of lines.
  void import_lines_asked();
  /// All sets with swatches, and the mask when there is one.
  void pack_parcel_asked();
  void unpack_parcel_asked();
  void unpack_parcel(const QString& path);
  /// Writes a parcel as a file of the user's choice.
  void pack_parcel(const Parcel& parcel);
  /// A parcel of the user's choice, or this one; nothing where it cannot be read, which has been said.
  [[nodiscard]] std::optional<std::pair<Parcel, QString>> parcel_asked();
  [[nodiscard]] std::optional<Parcel> parcel_in(const QString& path);
  void put_on_shelf(const Parcel& parcel);

signals:
  void found(const zc::FoundSet& found, const QString& file);

private:
  [[nodiscard]] QString folder() const;
  void note_folder(const QString& path) const;
  void read_beside(const QString& path,
                   const std::function<Result<FoundSet>(const Bytes&, const std::string&)>& read);
  Studio& m_model;
  Dialogs& m_dialogs;
  QWidget& m_window;
  JobPool m_reader;
};

} // namespace zc
