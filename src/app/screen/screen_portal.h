// SPDX-License-Identifier: GPL-3.0-or-later
// The desktop's portal for what is on the screen: one pixel, or a picture
// (org.freedesktop.portal.Screenshot).
#pragma once

#include "app/platform/portal_request.h"
#include "core/color/spaces.h"

namespace zc {

class ScreenPortal {
public:
  explicit ScreenPortal(QDBusConnection bus);
  [[nodiscard]] PortalRequest& request() { return m_request; }
  /// Whether the desktop has one.
  void find(const std::function<void(bool)>& then);

  /// One pixel; the desktop lets the user point at it. Answered once, with a color or one sentence; with
  /// ErrorCode::Stopped when the user called it off.
  void pick_color(const std::function<void(const Result<Srgb>&)>& then);
  /// A picture of the screen, or of what part of it the user chooses: the path of its file.
  void take_picture(const std::function<void(const Result<QString>&)>& then);

private:
  PortalRequest m_request;
};

} // namespace zc
