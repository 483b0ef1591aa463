// SPDX-License-Identifier: GPL-3.0-or-later
// A color or a name, sought in all sets and versions of the piece, on the shelf, and in recent pieces. What
// lies in files is read beside the window, and remembered until they change.
#pragma once

#include "model/derived/task.h"
#include "model/session/studio.h"

#include <QObject>
#include <QStringList>

#include <map>
#include <memory>
#include <mutex>

namespace zc {

/// A swatch that was found, and where.
struct FoundSwatch {
  enum class Where { Set, Version, Shelf, Piece };
  Where where = Where::Set;
  QString place = {}; ///< In words: the set, or the set and the piece.
  QString file = {};  ///< Of the piece, or of the set on the shelf; empty for the piece that is open.
  Id set = 0, version = 0, swatch = 0;
  Srgb color = {};
  QString name = {};
  double away = 0; ///< CIEDE2000 from a color that was asked for.
};

class Finder final : public QObject, private OfDocument {
  Q_OBJECT
public:
  /// Swatches farther than this from a color that is sought are another color (ours).
  static constexpr double kFarthest = 6;
  static constexpr std::size_t kMostFound = 300;
  /// Files that hold sets: those of a shelf of sets, and pieces.
  struct Files {
    QString shelf;
    QStringList pieces;
  };
  Finder(Studio& studio, std::function<Files()> files);

  /// A color as it can be typed, or letters of names. What was sought before is given up.
  void seek(const QString& words);
  [[nodiscard]] const std::vector<FoundSwatch>& found() const { return m_found; }
  [[nodiscard]] bool seeking() const { return m_task.running(); }
  /// What is sought is a color.
  [[nodiscard]] bool of_color() const { return m_sought && m_sought->color; }

signals:
  /// More has been found, or the search is over.
  void changed();

private:
  struct Sought {
    QString letters;
    std::optional<Srgb> color;
  };
  /// A set somewhere, with what is told of it.
  struct Shelved {
    FoundSwatch at;
    SwatchSet set;
  };
  /// What files held when they were read last, by their path.
  struct Read {
    qint64 stamp = 0, size = 0;
    std::vector<Shelved> sets;
  };
  struct Index {
    std::mutex mutex; ///< A search that was given up may still be reading.
    std::map<QString, Read> files;
  };
  /// Its parts, one after the other: the first is there at once.
  enum class Stage { Piece, Shelf, Pieces, Done };

  void forget() override;
  void go_on(Stage stage);
  static void gather(const SwatchSet& set, const FoundSwatch& at, const Sought& sought,
                     std::vector<FoundSwatch>& out);
  static std::vector<Shelved> sets_of_piece(const QString& file);
  static std::vector<Shelved> sets_of_shelf_file(const QString& file);
  static std::vector<FoundSwatch> in_piece(const Piece& piece, const Sought& sought);
  static std::vector<FoundSwatch> in_files(const QStringList& files, bool pieces, Index& index,
                                           const Sought& sought, const Progress& progress);

  Studio& m_studio;
  std::function<Files()> m_files;
  std::optional<Sought> m_sought;
  std::vector<FoundSwatch> m_found;
  std::shared_ptr<Index> m_index = std::make_shared<Index>();
  Task<std::vector<FoundSwatch>> m_task;
};

} // namespace zc
