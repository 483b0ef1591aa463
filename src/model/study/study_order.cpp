// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/study/study_order.h"

#include "core/color/convert.h"
#include "core/try/render.h"
#include "core/try/study.h"
#include "io/photo/decode.h"

namespace zc {

std::shared_ptr<const Areas> areas_of(const Photo& photo, const Study& study, const Progress& progress) {
  auto cut = cut_into_areas(view_of(photo.full()), study.cut, progress);
  if (!cut) return nullptr;
  return with_edits(photo, std::make_shared<const Areas>(std::move(cut).value()), study, 0, progress);
}

std::shared_ptr<const Areas> with_edits(const Photo& photo, std::shared_ptr<const Areas> areas,
                                        const Study& study, std::size_t made, const Progress& progress) {
  if (made >= study.edits.size()) return areas;
  const PixelView view = view_of(photo.full());
  auto out = std::make_shared<Areas>(*areas);
  for (std::size_t i = made; i < study.edits.size(); ++i) {
    if (progress && !progress(static_cast<double>(i) / static_cast<double>(study.edits.size())))
      return nullptr;
    edit_areas(*out, view, study.edits[i]);
  }
  return out;
}

std::vector<std::optional<std::size_t>> bound_swatches(const Study& study, const Areas& areas,
                                                       const std::vector<Id>& ids) {
  std::vector<std::optional<std::size_t>> out(areas.areas.size());
  for (const AreaBinding& b : study.bound) {
    if (b.x >= areas.width || b.y >= areas.height) continue;
    const AreaNumber n = areas.at(b.x, b.y);
    const auto at = std::find(ids.begin(), ids.end(), b.swatch);
    if (n != kNoArea && at != ids.end()) out[n] = static_cast<std::size_t>(at - ids.begin());
  }
  return out;
}

std::vector<std::size_t> swatches_of_areas(const StudyOrder& order) {
  return swatches_of(*order.areas, SwatchMatcher(order.side.colors, order.study.match),
                     bound_swatches(order.study, *order.areas, order.side.ids));
}

QImage studied(StudyOrder order) {
  const QImage& photo = order.photo->full();
  if (order.side.colors.empty()) return photo;
  if (order.study.by_areas && !order.areas) order.areas = areas_of(*order.photo, order.study);
  TriedPicture tried;
  tried.right.way = TryWay::Study;
  tried.right.colors = order.side.colors;
  tried.right.match = order.study.match;
  tried.right.areas = order.areas;
  if (order.areas) tried.right.area_swatches = swatches_of_areas(order);
  QImage out(photo.copy());
  render_tried(view_of(photo), tried, pixels_of(out));
  return out;
}

} // namespace zc
