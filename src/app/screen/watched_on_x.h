// SPDX-License-Identifier: GPL-3.0-or-later
// A part of the screen that is watched on X11. Where it lies within a window of another program it goes with
// that window; else it stays where it is. Whether anything has changed is told by the server (the DAMAGE
// extension), so that nothing is read while nothing does.
#pragma once

#include "model/watch/canvas_source.h"

#include <QElapsedTimer>
#include <QRect>
#include <QSocketNotifier>
#include <QTimer>

#include <cstdint>
#include <memory>
#include <optional>
#include <vector>

struct xcb_connection_t;

namespace zc {

class WatchedOnX final : public CanvasSource {
  Q_OBJECT
public:
  /// `part` in pixels of the whole X screen. It is ended() at once, by the event loop, where it cannot be
  /// watched. REQUIRES the X11 platform.
  explicit WatchedOnX(QRect part);
  ~WatchedOnX() override;
  void want(bool wanted) override;
  [[nodiscard]] std::shared_ptr<const DisplayProfile> monitor() const override;
  /// Where it is now; it goes with its window.
  [[nodiscard]] QRect part() const;

private:
  using Window = std::uint32_t;
  struct OnScreen {
    Window id = 0;
    QRect rect;
    bool shown = false; ///< Mapped, and with pixels.
  };
  struct Shared; ///< Memory that the server writes pixels to.
  [[nodiscard]] std::vector<OnScreen> windows() const;
  [[nodiscard]] std::vector<Window> own_windows() const;
  [[nodiscard]] Window child_of_root(Window window) const;
  [[nodiscard]] bool begin();
  void find_window();
  void listen();
  void hear();
  void follow_window(int kind, const void* event);
  void stir();
  void look();
  [[nodiscard]] std::optional<QString> why_not_seen() const;
  [[nodiscard]] QImage read();
  void end_later(const QString& sentence);

  std::unique_ptr<xcb_connection_t, void (*)(xcb_connection_t*)> m_x;
  Window m_root = 0;
  QSize m_screen;
  int m_depth = 0;
  QRect m_part;        ///< Of the screen, or of the window where there is one.
  Window m_window = 0; ///< A child of the root; 0 for none.
  QRect m_window_rect; ///< On the screen.
  bool m_window_shown = true;
  std::uint32_t m_damage = 0;
  std::uint8_t m_first_damage_event = 0;
  std::unique_ptr<QSocketNotifier> m_notifier;
  std::unique_ptr<Shared> m_shared;
  QTimer m_rest;
  QElapsedTimer m_since; ///< The last look.
  bool m_wanted = false, m_stirred = true, m_ended = false;
};

} // namespace zc
