// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/photos/extraction_job.h"

#include "io/photo/decode.h"
#include "model/i18n/text.h"

namespace zc {

ExtractionJob::ExtractionJob(const DocumentScope& scope, QObject* parent)
    : QObject(parent), m_job(scope, [this] { emit changed(); }) {}

void ExtractionJob::start(const Order& order) {
  const PixelView whole = view_of(order.photo->full());
  const PixelRect rect =
      order.region ? cut_to(*order.region, whole) : PixelRect{0, 0, whole.width, whole.height};
  m_job.start(
      [order, whole, rect](const Progress& progress) {
        return extract_colors(part_of(whole, rect), order.spec, &order.wheel,
                              order.mask ? &*order.mask : nullptr, progress);
      },
      [this, order, rect](const Result<Extraction>& result) {
        if (!result) return emit failed(words(result.error()));
        Extraction found = *result;
        for (auto& c : found.colors) {
          c.x += rect.x;
          c.y += rect.y;
        }
        found.colors.insert(found.colors.begin(), order.kept.begin(), order.kept.end());
        emit finished(order, found);
      });
}

} // namespace zc
