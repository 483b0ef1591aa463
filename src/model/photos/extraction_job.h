// SPDX-License-Identifier: GPL-3.0-or-later
// Extracting a palette out of a photo in the background, with progress and stop.
#pragma once

#include "core/image/extract.h"
#include "model/derived/task.h"
#include "model/photos/photo_library.h"

#include <QObject>

namespace zc {

class ExtractionJob final : public QObject {
  Q_OBJECT
public:
  ExtractionJob(const DocumentScope& scope, QObject* parent);

  struct Order {
    Id reference = 0;
    SharedBytes bytes; ///< Of the reference: another photo in its place is not the one looked at.
    std::shared_ptr<const Photo> photo;
    std::optional<PixelRect> region;
    ExtractionSpec spec;
    Wheel wheel;
    std::optional<MaskRegion> mask;
    std::vector<ExtractedColor> kept; ///< Given back beside the new ones.
  };
  /// A running job is stopped first; its result is dropped.
  void start(const Order& order);
  void stop() { m_job.stop(); }
  [[nodiscard]] bool running() const { return m_job.running(); }
  [[nodiscard]] int percent() const { return m_job.percent(); }

signals:
  void changed();
  void finished(const zc::ExtractionJob::Order& order, const zc::Extraction& result);
  void failed(const QString& sentence);

private:
  Task<Result<Extraction>> m_job;
};

} // namespace zc
