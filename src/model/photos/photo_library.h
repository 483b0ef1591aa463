// SPDX-License-Identifier: GPL-3.0-or-later
// The photos of the open piece: the shown one decoded, of the others a thumbnail. Decoding runs off the main
// thread, shows its progress and can be stopped.
#pragma once

#include "core/base/result.h"
#include "core/image/values.h"
#include "core/piece/piece.h"
#include "model/derived/job_pool.h"

#include <QImage>
#include <QObject>
#include <QString>
#include <atomic>
#include <functional>
#include <future>
#include <map>
#include <memory>

namespace zc {

/// One decoded photo, never changed once made.
struct Photo {
  std::vector<QImage> levels; ///< Full size first, each next one half as wide.
  std::shared_future<FineValues> read_values;
  [[nodiscard]] const QImage& full() const { return levels.front(); }
  /// Null until they are read, which is a little after the photo can be seen.
  [[nodiscard]] const FineValues* values() const;
};

/// Which photo something was worked out for, without keeping its pixels; another never counts as the same.
class PhotoMark {
public:
  PhotoMark() = default;
  explicit PhotoMark(const std::shared_ptr<const Photo>& photo) : m_photo(photo) {}
  bool operator==(const PhotoMark& o) const {
    return !m_photo.owner_before(o.m_photo) && !o.m_photo.owner_before(m_photo);
  }

private:
  std::weak_ptr<const Photo> m_photo;
};

/// Full size first, each next one half as wide. REQUIRES pixels as decode_photo() gives them.
[[nodiscard]] std::vector<QImage> levels_of(QImage image);

struct PhotoState {
  std::shared_ptr<const Photo> photo; ///< Of the shown reference, once it is decoded.
  QImage thumbnail;                   ///< Null until the photo has been decoded once.
  bool loading = true;                ///< Until its values are read too.
  double progress = 0;
  QString failure; ///< One sentence, when it could not be decoded or was stopped.
};

class PhotoLibrary final : public QObject {
  Q_OBJECT
public:
  explicit PhotoLibrary(QObject* parent = nullptr);
  ~PhotoLibrary() override;

  /// Starts decoding what is new and stops and forgets what is gone.
  void follow(const List<Reference>& references);
  /// Keeps this one decoded and lets go of the pixels of all others.
  void show(const Reference* reference);
  [[nodiscard]] PhotoState state_of(const Reference& reference) const;
  void stop(const Reference& reference);
  /// Tries a stopped or failed photo again.
  void retry(const Reference& reference);

  /// Takes in a photo file for the piece, in the place of the reference `replaces` where that is there: read
  /// and decoded in the background, then admitted() or refused().
  void import_photo(const QString& path, Id replaces = 0);
  /// The same for a picture that came by the clipboard.
  void import_photo(const QImage& image, const QString& name);
  /// The same for a file that the reference is going to follow.
  void import_canvas(const QString& file);
  /// Reads the file of a followed reference again, without a word: canvasRead() or canvasFailed().
  void read_canvas(const QString& file, Id reference);
  [[nodiscard]] std::size_t canvases_being_read() const { return m_canvases.size(); }
  struct Intake {
    QString name;
    double progress = 0;
  };
  [[nodiscard]] std::vector<Intake> intakes() const;
  void stop_intakes();
  /// Stops them without a word: the piece they were meant for is gone.
  void drop_intakes();

  struct Admitted {
    QString name, extension;
    SharedBytes bytes;
    Id replaces = 0;
    QString follows; ///< The file it follows, or empty.
  };

signals:
  void admitted(const zc::PhotoLibrary::Admitted& photo);
  void refused(const QString& sentence);
  void canvasRead(zc::Id reference, const QString& file, const QString& extension,
                  const zc::SharedBytes& bytes);
  void canvasFailed(zc::Id reference);
  /// A photo became ready, failed or came further.
  void changed();

private:
  struct Job;
  using Key = const void*; ///< The photo's bytes: equal for every version of the piece.
  using Source = std::function<Result<SharedBytes>()>;
  [[nodiscard]] static std::shared_ptr<Job> job_for(const QString& path);
  void start(const Reference& reference);
  void settle(const std::shared_ptr<Job>& job);
  void import_photo(const std::shared_ptr<Job>& job, const Source& source);
  void finish_canvas(const std::shared_ptr<Job>& job, Id reference);
  void show_coarse(const std::shared_ptr<Job>& job);
  void show_full(const std::shared_ptr<Job>& job, const std::shared_ptr<const Photo>& photo);
  void run(const std::shared_ptr<Job>& job, const Source& source, const std::function<void()>& then);
  void finish_intake(const std::shared_ptr<Job>& job);

  std::map<Key, std::shared_ptr<Job>> m_jobs;
  Key m_shown = nullptr;
  std::vector<std::shared_ptr<Job>> m_intakes;
  std::vector<std::shared_ptr<Job>> m_canvases; ///< Being read again.
  JobPool m_pool;
};

} // namespace zc
