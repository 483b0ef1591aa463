// SPDX-License-Identifier: GPL-3.0-or-later
// Colors and pictures from the screen: through the desktop's portal where there is one, else from the frozen
// screen where the platform lets programs see it.
#pragma once

#include "app/screen/desktop_key.h"
#include "app/screen/frozen_screen.h"
#include "app/screen/screen_portal.h"

#include <QPointer>

namespace zc {

class Picking;
class Studio;
class Viewing;

class ScreenSampler final : public QObject {
  Q_OBJECT
public:
  ScreenSampler(Studio& model, Picking& picking, Viewing& viewing, QObject* parent);
  ~ScreenSampler() override;
  /// The color of a pixel, or of the average around it, is taken up.
  void sample_color();
  /// A picture of the screen, or of a part of it, becomes a reference.
  void take_picture();
  /// The desktop's own key for a color.
  [[nodiscard]] DesktopKey& desktop_key() { return m_key; }

signals:
  /// A picture is on its way to the references.
  void pictured();

private:
  void freeze(FrozenScreen::Use use);
  void thaw();
  Studio& m_model;
  Picking& m_picks;
  Viewing& m_viewing;
  ScreenPortal m_portal;
  DesktopKey m_key;
  std::vector<QPointer<FrozenScreen>> m_frozen;
};

} // namespace zc
