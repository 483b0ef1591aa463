// SPDX-License-Identifier: GPL-3.0-or-later
// The monitor that is painted on: where the desktop has set a profile for it, colors and pictures go through
// that. It is found out before each painting, so that two windows may stand on two monitors. On X11 the
// desktop tells by a property of the root window; where there is none, the color manager is asked.
#pragma once

#include "app/platform/color_manager.h"
#include "io/photo/display_profile.h"

#include <QAbstractNativeEventFilter>
#include <QCache>
#include <QHash>
#include <QObject>

class QScreen;

namespace zc {

class Monitors final : public QObject, public QAbstractNativeEventFilter {
  Q_OBJECT
public:
  /// The one of the program; made at its first use, after the application.
  [[nodiscard]] static Monitors& all();
  /// Null where none is set, or where the user has switched profiles off.
  [[nodiscard]] const DisplayProfile* profile_of(const QScreen* screen);
  /// The same for whoever uses it later, on another thread.
  [[nodiscard]] std::shared_ptr<const DisplayProfile> shared_profile_of(const QScreen* screen) const;
  /// The profile of the widget that is being painted, or was last.
  [[nodiscard]] const DisplayProfile* painted() const { return m_painted; }
  [[nodiscard]] bool on() const { return m_on; }
  /// Remembered.
  void turn(bool on);
  /// Goes on as if the desktop had set this one for every screen, until it is looked at again.
  void use_for_all(const std::shared_ptr<const DisplayProfile>& profile);
  /// Looks again at what the desktop has set. This happens by itself when the desktop sets another one.
  void look_again();
  /// The picture as the painted monitor has to be told it. A picture that stays the same is converted once.
  [[nodiscard]] QImage converted(const QImage& image);
  bool nativeEventFilter(const QByteArray& kind, void* message, qintptr* result) override;

signals:
  /// Other profiles than before are in use.
  void changed();

protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  Monitors();
  ~Monitors() override;
  void set(const QString& screen, const QByteArray& icc);
  void follow_paintings();
  void paint_anew();
  ColorManager m_manager;
  QList<std::uint32_t> m_atoms; ///< Of the properties that X11 tells profiles by, one for each screen.
  QCache<std::pair<qint64, const DisplayProfile*>, QImage> m_converted;
  QHash<QString, std::shared_ptr<const DisplayProfile>> m_profiles; ///< By the screen's name.
  const DisplayProfile* m_painted = nullptr;
  bool m_on = true;
};

/// The picture as the painted monitor has to be told it, see Monitors::converted.
[[nodiscard]] QImage for_monitor(const QImage& image);

} // namespace zc
