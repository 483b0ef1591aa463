// SPDX-License-Identifier: GPL-3.0-or-later
// Where pictures of a watched part of the screen come from.
#pragma once

#include "io/photo/display_profile.h"

#include <QImage>
#include <QObject>
#include <memory>

namespace zc {

class CanvasSource : public QObject {
  Q_OBJECT
public:
  /// Two pictures a second at most.
  static constexpr int kPace = 500; // Milliseconds.

  /// Pictures come from now on, the first at once, then when something changes; or none until they are wanted
  /// again.
  virtual void want(bool wanted) = 0;
  /// The profile of the monitor that its pixels were told to; null for none.
  [[nodiscard]] virtual std::shared_ptr<const DisplayProfile> monitor() const = 0;

signals:
  /// Opaque pixels, as the monitor was told them.
  void pictured(const QImage& picture);
  /// The part cannot be seen for now: one sentence why. The next picture ends that.
  void hidden(const QString& sentence);
  /// Nothing comes any more: one sentence why.
  void ended(const QString& sentence);
};

} // namespace zc
