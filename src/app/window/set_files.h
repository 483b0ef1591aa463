// Sets in files: bringing palettes in, taking the set out, parcels.
#pragma once

#include "app/seams/dialogs.h"
#include "app/store/workspace.h"
#include "core/piece/import.h"
#include "io/exchange/exchange.h"

#include <QObject>
#include <QThreadPool>

namespace zc {

class SetFiles final : public QObject {
  Q_OBJECT
public:
  SetFiles(Workspace& space, Dialogs& dialogs, QWidget& window);
  ~SetFiles() override;

  void export_set(ExchangeFormat format);
  void bring_in_asked();
  /// Read off the main thread; found() or a notice says how it went.
  void bring_in(const QString& path);
  /// All sets with swatches, and the mask when there is one.
  void pack_parcel_asked();
  void unpack_parcel_asked();
  void unpack_parcel(const QString& path);

signals:
  void found(const zc::FoundSet& found, const QString& file);

private:
  [[nodiscard]] QString folder() const;
  void note_folder(const QString& path) const;

  Workspace& m_space;
  Dialogs& m_dialogs;
  QWidget& m_window;
  QThreadPool m_reader;
};

} // namespace zc
