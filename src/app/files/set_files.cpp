// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/files/set_files.h"

#include "app/shelf/shelf_panel.h"
#include "core/patterns/lines_pattern.h"
#include "io/files/safe_save.h"
#include "io/shelf/parcel.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/share/files_out.h"

#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>

namespace zc {
namespace {

const ExchangeFormatFacts& facts_of(ExchangeFormat format) {
  return *std::find_if(std::begin(kExchangeFormats), std::end(kExchangeFormats),
                       [format](const auto& f) { return f.format == format; });
}

Result<FoundSet> set_from_own_lines(const Bytes& bytes, const std::string& name,
                                    const std::string& pattern_text) {
  const auto pattern = lines_pattern_from_text(pattern_text);
  if (!pattern) return pattern.error();
  const auto lines = text_of_file(bytes, name);
  if (!lines) return lines.error();
  auto set = set_from_lines(*lines, *pattern);
  if (!set) return set;
  FoundSet out = *set;
  if (out.name.empty()) out.name = QFileInfo(QString::fromStdString(name)).baseName().toStdString();
  return out;
}

} // namespace

SetFiles::SetFiles(Studio& model, Dialogs& dialogs, QWidget& window)
    : QObject(&window), m_model(model), m_dialogs(dialogs), m_window(window) {}

QString SetFiles::folder() const {
  return QSettings()
      .value(QStringLiteral("setFolder"), QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation))
      .toString();
}
void SetFiles::note_folder(const QString& path) const {
  QSettings().setValue(QStringLiteral("setFolder"), QFileInfo(path).path());
}

void SetFiles::export_set(ExchangeFormat format) {
  const SwatchSet* current = current_set(m_model.piece());
  if (!current || swatch_count(*current) == 0) {
    emit m_model.notice(tr("The set is empty. Add swatches before you export it."));
    return;
  }
  // The piece may change while the question is open.
  const SwatchSet set = *current;
  const auto& facts = facts_of(format);
  const QString path =
      m_dialogs.export_file(&m_window, QDir(folder()).filePath(file_name(set.name, text(facts.suffix))),
                            QStringLiteral("%1 (*%2)").arg(word(facts.name), text(facts.suffix)));
  if (path.isEmpty()) return;
  const auto bytes = write_set(set, format);
  const Status saved = bytes ? save_safely(path.toStdString(), *bytes, Backup::None) : Status(bytes.error());
  if (saved) note_folder(path);
  emit m_model.notice(saved ? tr("Exported %n swatches to %1.", nullptr, static_cast<int>(swatch_count(set)))
                                  .arg(QFileInfo(path).fileName())
                            : words(saved.error()));
}

void SetFiles::import_asked() {
  const QString path = m_dialogs.open_set_file(&m_window, folder(),
                                               tr("Palettes and pictures (*.json *.cxf *.txt *.css *.csv "
                                                  "*.hex *.svg %1);;All files (*)")
                                                   .arg(photo_patterns()));
  if (!path.isEmpty()) import_set(path);
}

void SetFiles::import_set(const QString& path) {
  const bool own = path.endsWith(QLatin1String(kLinesSuffix), Qt::CaseInsensitive);
  read_beside(path, [pattern = m_model.session().sharing.files.pattern, own](const Bytes& bytes,
                                                                             const std::string& name) {
    if (own)
      if (auto lines = set_from_own_lines(bytes, name, pattern)) return lines;
    auto known = read_set_file(bytes, name);
    if (known) return known;
    // What no format knows may be of the user's own shape.
    auto lines = set_from_own_lines(bytes, name, pattern);
    return lines ? lines : known;
  });
}

void SetFiles::import_lines_asked() {
  const QString path =
      m_dialogs.open_set_file(&m_window, folder(), tr("Text (*.txt *.csv *.tsv);;All files (*)"));
  if (path.isEmpty()) return;
  read_beside(
      path, [pattern = m_model.session().sharing.files.pattern](const Bytes& bytes, const std::string& name) {
        return set_from_own_lines(bytes, name, pattern);
      });
}

void SetFiles::read_beside(const QString& path,
                           const std::function<Result<FoundSet>(const Bytes&, const std::string&)>& read) {
  note_folder(path);
  const auto offer = m_model.bound([this](const Result<FoundSet>& set, const QString& name) {
    if (set)
      emit found(*set, name);
    else
      emit m_model.notice(words(set.error()));
  });
  m_reader.start([this, path, read, offer] {
    const QString name = QFileInfo(path).fileName();
    const auto bytes = read_file(path.toStdString(), kLargestExchangeFile);
    auto set = bytes ? read(*bytes, name.toStdString()) : Result<FoundSet>(bytes.error());
    QMetaObject::invokeMethod(
        this, [offer, name, set = std::move(set)] { offer(set, name); }, Qt::QueuedConnection);
  });
}

void SetFiles::pack_parcel_asked() {
  const Piece& piece = m_model.piece();
  std::vector<Id> sets;
  for (const auto& set : piece.sets)
    if (swatch_count(set) > 0) sets.push_back(set.id);
  const Parcel parcel = parcel_of(piece, sets, true);
  if (parcel.sets.empty() && parcel.masks.empty()) {
    emit m_model.notice(tr("There is nothing to pack yet. Add swatches or make a mask first."));
    return;
  }
  pack_parcel(parcel);
}

void SetFiles::pack_parcel(const Parcel& parcel) {
  if (parcel.empty()) return emit m_model.notice(tr("The parcel is empty. Tick at least one set or mask."));
  const QString suffix = QStringLiteral(".zonaparcel");
  const QString path = asked_to_end_in(
      suffix, QDir(folder()).filePath(file_name(m_model.piece().title, suffix)),
      [this](const QString& suggested) {
        return m_dialogs.export_file(&m_window, suggested, tr("Zonachrom parcels (*.zonaparcel)"));
      });
  if (path.isEmpty()) return;
  const Status saved = save_parcel(path.toStdString(), parcel);
  if (saved) note_folder(path);
  emit m_model.notice(saved ? tr("Packed %1 and %2 into %3.")
                                  .arg(tr("%n sets", nullptr, static_cast<int>(parcel.sets.size())),
                                       tr("%n masks", nullptr, static_cast<int>(parcel.masks.size())),
                                       QFileInfo(path).fileName())
                            : words(saved.error()));
}

std::optional<std::pair<Parcel, QString>> SetFiles::parcel_asked() {
  const QString path = m_dialogs.open_set_file(&m_window, folder(), tr("Zonachrom parcels (*.zonaparcel)"));
  if (path.isEmpty()) return std::nullopt;
  auto parcel = parcel_in(path);
  if (!parcel) return std::nullopt;
  return std::pair(std::move(*parcel), QFileInfo(path).fileName());
}

std::optional<Parcel> SetFiles::parcel_in(const QString& path) {
  auto parcel = open_parcel(path.toStdString());
  if (!parcel) {
    emit m_model.notice(words(parcel.error()));
    return std::nullopt;
  }
  note_folder(path);
  return std::move(parcel).value();
}

void SetFiles::unpack_parcel_asked() {
  if (const auto parcel = parcel_asked()) put_on_shelf(parcel->first);
}

void SetFiles::unpack_parcel(const QString& path) {
  if (const auto parcel = parcel_in(path)) put_on_shelf(*parcel);
}

void SetFiles::put_on_shelf(const Parcel& parcel) {
  const auto in = [](const char* kind) { return shelf_folder(QString::fromLatin1(kind)).toStdString(); };
  const auto put =
      put_parcel_on_shelf(parcel, {in("sets"), in("masks"), in("patterns"), in("paints"), in("presses")});
  if (!put) return emit m_model.notice(words(put.error()));
  emit m_model.notice(tr("Saved %1 to the shelf from \"%2\"; %3 were already there.")
                          .arg(put->added)
                          .arg(QString::fromStdString(parcel.description))
                          .arg(put->known));
}

} // namespace zc
