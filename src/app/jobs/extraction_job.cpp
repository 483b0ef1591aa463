// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/jobs/extraction_job.h"

#include "app/theme/text.h"
#include "io/photo/decode.h"

namespace zc {

ExtractionJob::ExtractionJob(QObject* parent) : QObject(parent) { m_pool.setMaxThreadCount(1); }

ExtractionJob::~ExtractionJob() {
  stop();
  m_pool.waitForDone();
}

void ExtractionJob::stop() {
  if (m_state) m_state->stop = true;
}

void ExtractionJob::start(const Order& order) {
  stop();
  const auto state = std::make_shared<State>();
  m_state = state;
  m_pool.start([this, state, order] {
    const PixelView whole = view_of(order.photo->full());
    const PixelRect rect =
        order.region ? cut_to(*order.region, whole) : PixelRect{0, 0, whole.width, whole.height};
    auto result =
        extract_colors(part_of(whole, rect), order.spec, &order.wheel, order.mask ? &*order.mask : nullptr,
                       [&](double progress) {
                         state->progress = progress;
                         QMetaObject::invokeMethod(this, &ExtractionJob::changed, Qt::QueuedConnection);
                         return !state->stop;
                       });
    QMetaObject::invokeMethod(
        this,
        [this, state, order, rect, result = std::move(result)] {
          if (m_state != state) return; // Another one has been started meanwhile.
          m_state.reset();
          emit changed();
          if (!result) {
            emit failed(words(result.error()));
            return;
          }
          Extraction found = *result;
          for (auto& c : found.colors) {
            c.x += rect.x;
            c.y += rect.y;
          }
          found.colors.insert(found.colors.begin(), order.kept.begin(), order.kept.end());
          emit finished(order, found);
        },
        Qt::QueuedConnection);
  });
  emit changed();
}

} // namespace zc
