// SPDX-License-Identifier: GPL-3.0-or-later
// A monitor's profile (ISO 15076-1): colors of sRGB as this monitor has to be told them, and what it shows as
// sRGB. Relative colorimetric with black point compensation, through Little CMS.
#pragma once

#include "core/base/result.h"
#include "core/color/spaces.h"

#include <QByteArray>
#include <QImage>

#include <cstdint>
#include <memory>
#include <string>

namespace zc {

class DisplayProfile {
public:
  /// ERRORS: Unreadable for what is no profile of an RGB device that works both ways.
  [[nodiscard]] static Result<std::shared_ptr<const DisplayProfile>> read(const QByteArray& icc);
  ~DisplayProfile();
  DisplayProfile(const DisplayProfile&) = delete;
  DisplayProfile& operator=(const DisplayProfile&) = delete;

  [[nodiscard]] const std::string& name() const { return m_name; }
  /// What the monitor is told.
  [[nodiscard]] Srgb to_monitor(Srgb color) const;
  /// The color that a pixel of the monitor is.
  [[nodiscard]] Srgb from_monitor(Srgb pixel) const;
  /// Alpha is kept. The image is told in the format it came in.
  [[nodiscard]] QImage to_monitor(const QImage& image) const;
  [[nodiscard]] QImage from_monitor(const QImage& image) const;

private:
  DisplayProfile() = default;
  std::string m_name;
  void* m_color_out = nullptr;
  void* m_color_in = nullptr;
  void* m_image_out = nullptr;
  void* m_image_in = nullptr;
};

} // namespace zc
