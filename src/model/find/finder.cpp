// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/find/finder.h"

#include "core/color/convert.h"
#include "core/color/css_color.h"
#include "core/color/difference.h"
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/shelf/set_shelf.h"
#include "model/i18n/text.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>

#include <algorithm>

namespace zc {
namespace {

/// Sets before their versions.
void nearest_first(std::vector<FoundSwatch>& found) {
  std::stable_sort(found.begin(), found.end(), [](const FoundSwatch& a, const FoundSwatch& b) {
    return std::pair(a.where, a.away) < std::pair(b.where, b.away);
  });
}

QString set_words(const SwatchSet& set) { return text(set.name); }

} // namespace

Finder::Finder(Studio& studio, std::function<Files()> files)
    : OfDocument(studio.scope()), m_studio(studio), m_files(std::move(files)), m_task(studio.scope()) {}

void Finder::forget() {
  m_sought.reset();
  m_found.clear();
  emit changed();
}

void Finder::seek(const QString& words) {
  m_task.forget();
  m_found.clear();
  m_sought.reset();
  const QString letters = words.trimmed();
  if (letters.isEmpty()) return emit changed();
  const auto color = typed_color(letters.toStdString());
  m_sought = Sought{letters, color ? std::optional(color->color) : std::nullopt};
  go_on(Stage::Piece);
  emit changed();
}

void Finder::go_on(Stage stage) {
  if (stage == Stage::Done) return;
  const auto next = static_cast<Stage>(static_cast<int>(stage) + 1);
  const auto take = [this, next](std::vector<FoundSwatch> more) {
    m_found.insert(m_found.end(), more.begin(), more.end());
    // Each part by itself: what is near comes first, and nothing that is shown moves away.
    if (m_found.size() > kMostFound) m_found.resize(kMostFound);
    go_on(next);
    emit changed();
  };
  if (stage == Stage::Piece)
    return m_task.start([piece = m_studio.piece(), sought = *m_sought] { return in_piece(piece, sought); },
                        take);
  const Files files = m_files();
  const bool pieces = stage == Stage::Pieces;
  QStringList paths = files.pieces;
  if (!pieces) {
    paths.clear();
    for (const QFileInfo& file : QDir(files.shelf).entryInfoList(QDir::Files, QDir::Name))
      paths << file.filePath();
  }
  m_task.start([paths, pieces, index = m_index, sought = *m_sought](
                   const Progress& progress) { return in_files(paths, pieces, *index, sought, progress); },
               take);
}

void Finder::gather(const SwatchSet& set, const FoundSwatch& at, const Sought& sought,
                    std::vector<FoundSwatch>& out) {
  const std::optional<Lab> wanted = sought.color ? std::optional(lab_from_srgb(*sought.color)) : std::nullopt;
  for (const Family& family : set.families)
    for (const Swatch& s : family.swatches) {
      const double away = wanted ? ciede2000(*wanted, lab_from_srgb(s.color)) : 0;
      if (wanted ? away > kFarthest : !text(s.name).contains(sought.letters, Qt::CaseInsensitive)) continue;
      FoundSwatch found = at;
      found.swatch = s.id;
      found.color = s.color;
      found.name = text(s.name);
      found.away = away;
      out.push_back(std::move(found));
    }
}

std::vector<FoundSwatch> Finder::in_piece(const Piece& piece, const Sought& sought) {
  std::vector<FoundSwatch> out;
  for (const SwatchSet& set : piece.sets) {
    FoundSwatch at{FoundSwatch::Where::Set, tr("in %1").arg(set_words(set)), {}, set.id};
    gather(set, at, sought, out);
    at.where = FoundSwatch::Where::Version;
    for (const SetVersion& version : set.versions) {
      at.version = version.id;
      at.place = tr("in %1, version %2").arg(set_words(set), text(version.name));
      SwatchSet as_set;
      as_set.families = version.families;
      gather(as_set, at, sought, out);
    }
  }
  nearest_first(out);
  return out;
}

std::vector<Finder::Shelved> Finder::sets_of_piece(const QString& file) {
  std::vector<Shelved> out;
  // What cannot be read has nothing in it; why, is told when it is opened.
  const auto piece = piece_without_photos(file.toStdString());
  if (!piece) return out;
  for (const SwatchSet& set : piece->sets)
    out.push_back({{FoundSwatch::Where::Piece, tr("in %1 of \"%2\"").arg(set_words(set), text(piece->title)),
                    file, set.id},
                   set});
  return out;
}

std::vector<Finder::Shelved> Finder::sets_of_shelf_file(const QString& file) {
  const auto bytes = read_file(file.toStdString(), kLargestShelfFile);
  const auto set = bytes ? shelf_set_from_json(text_of(*bytes)) : Result<ShelfSet>(bytes.error());
  if (!set || !set->on) return {};
  return {{{FoundSwatch::Where::Shelf, tr("on the shelf in %1").arg(text(set->name)), file}, set->set}};
}

std::vector<FoundSwatch> Finder::in_files(const QStringList& files, bool pieces, Index& index,
                                          const Sought& sought, const Progress& progress) {
  std::vector<FoundSwatch> out;
  const std::lock_guard guard(index.mutex);
  for (int i = 0; i < files.size(); ++i) {
    if (!progress(static_cast<double>(i) / static_cast<double>(files.size()))) return {};
    const QFileInfo file(files[i]);
    const qint64 stamp = file.lastModified().toMSecsSinceEpoch();
    Read& read = index.files[files[i]];
    if (read.stamp != stamp || read.size != file.size())
      read = {stamp, file.size(), pieces ? sets_of_piece(files[i]) : sets_of_shelf_file(files[i])};
    for (const Shelved& s : read.sets) gather(s.set, s.at, sought, out);
  }
  nearest_first(out);
  return out;
}

} // namespace zc
