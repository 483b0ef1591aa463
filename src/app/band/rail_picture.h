// SPDX-License-Identifier: GPL-3.0-or-later
// The picture of the value axis: the current hue and saturation at every value, made anew when any of it
// moves.
#pragma once

#include "model/session/studio.h"

namespace zc {

class PlanModel;

class RailPicture {
public:
  /// One pixel wide, the light end first; `pixels` high. As the eyes of the session see it.
  [[nodiscard]] const QImage& of(Studio& model, PlanModel& plan, int pixels);

private:
  struct Shown {
    WheelSpec wheel;
    double angle = -1, saturation = -1;
    int pixels = 0;
    Steps steps;
    ColorVision vision = ColorVision::Normal;
    bool operator==(const Shown&) const = default;
  };
  Shown m_shown;
  Raster m_picture;
  QImage m_image; ///< Of the same pixels.
};

} // namespace zc
