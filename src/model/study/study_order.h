// SPDX-License-Identifier: GPL-3.0-or-later
// A study with all that it is made of, so that it can be made beside the window.
#pragma once

#include "model/study/try_model.h"

namespace zc {

struct StudyOrder {
  std::shared_ptr<const Photo> photo;
  Study study;
  SideColors side;
  std::shared_ptr<const Areas> areas = nullptr; ///< Where it goes by areas and they are there already.
};

/// The areas that the study asks for, with the changes by hand; null where they cannot be cut, or it was
/// stopped.
[[nodiscard]] std::shared_ptr<const Areas> areas_of(const Photo& photo, const Study& study,
                                                    const Progress& progress = {});
/// The same from areas that have the first `made` changes already.
[[nodiscard]] std::shared_ptr<const Areas> with_edits(const Photo& photo, std::shared_ptr<const Areas> areas,
                                                      const Study& study, std::size_t made,
                                                      const Progress& progress = {});
/// The place in `ids` that each area is bound to by hand, or none.
[[nodiscard]] std::vector<std::optional<std::size_t>> bound_swatches(const Study& study, const Areas& areas,
                                                                     const std::vector<Id>& ids);
/// The place of the swatch of each area. REQUIRES areas and a swatch.
[[nodiscard]] std::vector<std::size_t> swatches_of_areas(const StudyOrder& order);
/// The study as a picture as large as the photo; areas are cut first where they are wanted and not there.
/// REQUIRES a photo; without a swatch it stays as it is.
[[nodiscard]] QImage studied(StudyOrder order);

} // namespace zc
