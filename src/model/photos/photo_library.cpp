// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/photos/photo_library.h"

#include "core/base/sentences.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "model/i18n/text.h"

#include <QBuffer>
#include <QFileInfo>

#include <chrono>

namespace zc {

/// Shared by the main thread and one worker. `bytes` and `failure` are written by the worker before it hands
/// back, and read only after that.
struct PhotoLibrary::Job {
  QString name;
  QString extension;
  Id replaces = 0;
  QString follows;
  SharedBytes bytes;
  std::atomic<bool> stop{false};
  std::atomic<double> progress{0};
  QString failure;
  // Only the main thread uses it.
  std::shared_ptr<const Photo> result; ///< Let go again when another photo is shown.
  QImage thumbnail;
  bool done = false;
};

namespace {

constexpr int kSmallestLevel = 256;
/// Smaller files are decoded before an eye could see the difference.
constexpr std::size_t kWorthACoarse = 1'000'000;
constexpr std::uint64_t kLargestPhotoFile = std::uint64_t{1} << 30;

std::function<Result<SharedBytes>()> bytes_of_file(const QString& path) {
  return [path = QFileInfo(path).absoluteFilePath().toStdString()]() -> Result<SharedBytes> {
    auto bytes = read_file(path, kLargestPhotoFile);
    if (!bytes) return bytes.error();
    return SharedBytes(std::make_shared<const Bytes>(std::move(bytes).value()));
  };
}

} // namespace

std::vector<QImage> levels_of(QImage image) {
  std::vector<QImage> out;
  out.push_back(std::move(image));
  while (std::max(out.back().width(), out.back().height()) > 2 * kSmallestLevel) {
    const QImage& last = out.back();
    out.push_back(reduced(last, (last.width() + 1) / 2, (last.height() + 1) / 2));
  }
  return out;
}

const FineValues* Photo::values() const {
  if (read_values.wait_for(std::chrono::seconds(0)) != std::future_status::ready) return nullptr;
  return &read_values.get();
}

PhotoLibrary::PhotoLibrary(QObject* parent) : QObject(parent), m_pool(2) {}

PhotoLibrary::~PhotoLibrary() {
  for (const auto& [key, job] : m_jobs) job->stop = true;
  drop_intakes();
  m_pool.waitForDone();
}

void PhotoLibrary::follow(const List<Reference>& references) {
  std::map<Key, std::shared_ptr<Job>> kept;
  for (const auto& r : references) {
    const auto at = m_jobs.find(r.bytes.get());
    if (at != m_jobs.end()) kept.insert(*at);
  }
  for (const auto& [key, job] : m_jobs)
    if (!kept.contains(key)) job->stop = true;
  m_jobs = std::move(kept);
  // The shown photo comes first.
  for (const auto& r : references)
    if (r.bytes && r.bytes.get() == m_shown && !m_jobs.contains(m_shown)) start(r);
  for (const auto& r : references)
    if (r.bytes && !m_jobs.contains(r.bytes.get())) start(r);
}

PhotoState PhotoLibrary::state_of(const Reference& reference) const {
  const auto at = m_jobs.find(reference.bytes.get());
  if (at == m_jobs.end()) return {};
  const Job& job = *at->second;
  if (!job.done) return {job.result, job.thumbnail, true, job.progress, {}};
  return {job.result, job.thumbnail, false, 1, job.failure};
}

void PhotoLibrary::show(const Reference* reference) {
  m_shown = reference ? reference->bytes.get() : nullptr;
  for (const auto& [key, job] : m_jobs)
    if (key != m_shown && job->done) job->result.reset();
  if (!reference || !reference->bytes) return;
  const auto at = m_jobs.find(m_shown);
  if (at == m_jobs.end()) return start(*reference);
  const auto& job = at->second;
  if (!job->done || job->result || !job->failure.isEmpty()) return;
  const QImage thumbnail = job->thumbnail;
  start(*reference);
  m_jobs[m_shown]->thumbnail = thumbnail;
}

/// Only the shown photo keeps its pixels.
void PhotoLibrary::settle(const std::shared_ptr<Job>& job) {
  if (!job->result) return;
  const auto shown = m_jobs.find(m_shown);
  if (shown == m_jobs.end() || shown->second != job) job->result.reset();
}

void PhotoLibrary::stop(const Reference& reference) {
  const auto at = m_jobs.find(reference.bytes.get());
  if (at != m_jobs.end()) at->second->stop = true;
}

void PhotoLibrary::retry(const Reference& reference) {
  m_jobs.erase(reference.bytes.get());
  start(reference);
  emit changed();
}

void PhotoLibrary::run(const std::shared_ptr<Job>& job, const Source& source,
                       const std::function<void()>& then) {
  m_pool.start([this, job, source, then] {
    auto bytes = source();
    if (!bytes) {
      job->failure = words(bytes.error());
    } else {
      job->bytes = *bytes;
      show_coarse(job);
      double told = 0;
      auto image = decode_photo(*job->bytes, job->name.toStdString(), [&](double progress) {
        job->progress = progress;
        if (progress - told > 0.02) {
          told = progress;
          QMetaObject::invokeMethod(this, &PhotoLibrary::changed, Qt::QueuedConnection);
        }
        return !job->stop;
      });
      if (image) {
        // Seen first, then read.
        std::promise<FineValues> values;
        const auto photo = std::make_shared<const Photo>(
            Photo{levels_of(std::move(image).value()), values.get_future().share()});
        show_full(job, photo);
        values.set_value(fine_values(view_of(photo->full())));
      } else
        job->failure = words(image.error());
    }
    QMetaObject::invokeMethod(
        this,
        [job, then] {
          job->done = true;
          then();
        },
        Qt::QueuedConnection);
  });
}

/// A large photo is seen at once, if not sharp.
void PhotoLibrary::show_coarse(const std::shared_ptr<Job>& job) {
  if (job->bytes->size() < kWorthACoarse) return;
  auto coarse = decode_coarse(*job->bytes, job->name.toStdString());
  if (!coarse) return;
  QMetaObject::invokeMethod(
      this,
      [this, job, image = *std::move(coarse)] {
        job->thumbnail = image;
        emit changed();
      },
      Qt::QueuedConnection);
}

void PhotoLibrary::show_full(const std::shared_ptr<Job>& job, const std::shared_ptr<const Photo>& photo) {
  QMetaObject::invokeMethod(
      this,
      [this, job, photo] {
        job->result = photo;
        job->thumbnail = photo->levels.back();
        emit changed();
      },
      Qt::QueuedConnection);
}

void PhotoLibrary::start(const Reference& reference) {
  auto job = std::make_shared<Job>();
  job->name = QString::fromStdString(reference.name);
  m_jobs[reference.bytes.get()] = job;
  run(
      job, [bytes = reference.bytes]() -> Result<SharedBytes> { return bytes; },
      [this, job] {
        settle(job);
        emit changed();
      });
}

std::shared_ptr<PhotoLibrary::Job> PhotoLibrary::job_for(const QString& path) {
  const QFileInfo file(path);
  auto job = std::make_shared<Job>();
  job->name = file.completeBaseName();
  job->extension = file.suffix().toLower();
  return job;
}

void PhotoLibrary::import_photo(const QString& path, Id replaces) {
  const auto job = job_for(path);
  job->replaces = replaces;
  import_photo(job, bytes_of_file(path));
}

void PhotoLibrary::import_canvas(const QString& file) {
  const auto job = job_for(file);
  job->follows = file;
  import_photo(job, bytes_of_file(file));
}

void PhotoLibrary::read_canvas(const QString& file, Id reference) {
  const auto job = job_for(file);
  job->follows = file;
  m_canvases.push_back(job);
  run(job, bytes_of_file(file), [this, job, reference] { finish_canvas(job, reference); });
}

void PhotoLibrary::finish_canvas(const std::shared_ptr<Job>& job, Id reference) {
  if (std::erase(m_canvases, job) == 0) return;
  if (!job->result) return emit canvasFailed(reference);
  m_jobs[job->bytes.get()] = job;
  emit canvasRead(reference, job->follows, job->extension, job->bytes);
  // It stays only where the piece has taken it.
  settle(job);
  emit changed();
}

void PhotoLibrary::import_photo(const QImage& image, const QString& name) {
  auto job = std::make_shared<Job>();
  job->name = name;
  job->extension = QStringLiteral("png");
  import_photo(job, [image]() -> Result<SharedBytes> {
    QByteArray png;
    QBuffer buffer(&png);
    buffer.open(QIODevice::WriteOnly);
    if (!image.save(&buffer, "PNG"))
      return Error{ErrorCode::Unreadable, Sentence::PastedPicture, "clipboard"};
    return SharedBytes(std::make_shared<const Bytes>(png.begin(), png.end()));
  });
}

void PhotoLibrary::import_photo(const std::shared_ptr<Job>& job, const Source& source) {
  m_intakes.push_back(job);
  run(job, source, [this, job] { finish_intake(job); });
  emit changed();
}

void PhotoLibrary::finish_intake(const std::shared_ptr<Job>& job) {
  if (std::erase(m_intakes, job) == 0) return;
  if (!job->result) {
    emit changed();
    emit refused(job->failure);
    return;
  }
  m_jobs[job->bytes.get()] = job;
  emit admitted({job->name, job->extension, job->bytes, job->replaces, job->follows});
  emit changed();
}

std::vector<PhotoLibrary::Intake> PhotoLibrary::intakes() const {
  std::vector<Intake> out;
  for (const auto& job : m_intakes) out.push_back({job->name, job->progress});
  return out;
}

void PhotoLibrary::drop_intakes() {
  stop_intakes();
  m_intakes.clear();
  for (const auto& job : m_canvases) job->stop = true;
  m_canvases.clear();
}

void PhotoLibrary::stop_intakes() {
  for (const auto& job : m_intakes) job->stop = true;
}

} // namespace zc
