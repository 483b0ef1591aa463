// The monitor that is painted on: where the desktop has set a profile for it, colors and pictures go through
// that. It is found out before each painting, so that two windows may stand on two monitors.
#pragma once

#include "io/photo/display_profile.h"

#include <QHash>
#include <QObject>

class QScreen;

namespace zc {

class Monitors final : public QObject {
  Q_OBJECT
public:
  /// The one of the program; made at its first use, after the application.
  [[nodiscard]] static Monitors& all();
  /// Null where none is set, or where the painter has switched profiles off.
  [[nodiscard]] const DisplayProfile* profile_of(const QScreen* screen);
  /// Of the widget that is being painted, or was last.
  [[nodiscard]] const DisplayProfile* painted() const { return m_painted; }
  [[nodiscard]] bool on() const { return m_on; }
  /// Remembered.
  void turn(bool on);
  /// As if the desktop had set this one for every screen, until it is looked at again.
  void use_for_all(const std::shared_ptr<const DisplayProfile>& profile);
  /// Looks again at what the desktop has set.
  void look_again();

protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  Monitors();
  void follow_paintings();
  QHash<QString, std::shared_ptr<const DisplayProfile>> m_profiles; ///< By the screen's name.
  const DisplayProfile* m_painted = nullptr;
  bool m_on = true;
};

/// As the painted monitor has to be told it. A picture that stays the same is converted once.
[[nodiscard]] QImage for_monitor(const QImage& image);

} // namespace zc
