// SPDX-License-Identifier: GPL-3.0-or-later
// Colors and pictures from the screen: through the desktop's portal where there is one, else from the frozen
// screen where the platform lets programs see it.
#pragma once

#include "app/screen/desktop_key.h"
#include "app/screen/frozen_screen.h"
#include "app/screen/screen_cast.h"
#include "app/screen/screen_portal.h"

#include <QPointer>

#include <memory>

namespace zc {

class Picking;
class Studio;
class Viewing;
class WatchedStream;
class WatchModel;

class ScreenSampler final : public QObject {
  Q_OBJECT
public:
  ScreenSampler(Studio& model, Picking& picking, Viewing& viewing, WatchModel& watch, QObject* parent);
  ~ScreenSampler() override;
  /// The color of a pixel, or of the average around it, is taken up.
  void sample_color();
  /// A picture of the screen, or of a part of it, becomes a reference.
  void take_picture();
  /// A part of the screen is chosen, and watched from then on.
  void watch_part();
  /// The part that was watched last, without asking again.
  void watch_again();
  [[nodiscard]] static bool can_watch_again();
  /// The desktop's own key for a color.
  [[nodiscard]] DesktopKey& desktop_key() { return m_key; }

signals:
  /// A picture is on its way to the references.
  void pictured();

private:
  void freeze(FrozenScreen::Use use);
  /// Where only the desktop shows the screen: it asks which, then the part is chosen on its first picture.
  void watch_stream(bool again);
  void take_stream(const ScreenCast::Stream& stream, bool again);
  void choose_part(const QImage& first);
  void watch(const QRect& part);
  void thaw();
  Studio& m_model;
  Picking& m_picks;
  Viewing& m_viewing;
  WatchModel& m_watch;
  ScreenPortal m_portal;
  DesktopKey m_key;
  std::vector<QPointer<FrozenScreen>> m_frozen;
  std::unique_ptr<ScreenCast> m_cast;         ///< While it is being asked for.
  std::unique_ptr<WatchedStream> m_undecided; ///< While its part is being chosen.
};

} // namespace zc
