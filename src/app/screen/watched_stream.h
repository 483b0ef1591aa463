// SPDX-License-Identifier: GPL-3.0-or-later
// A part of a stream of pictures that the desktop gives (PipeWire): all of it until the part is known.
#pragma once

#include "app/screen/screen_cast.h"
#include "model/watch/canvas_source.h"

#include <QElapsedTimer>
#include <QPoint>
#include <QRect>
#include <QSocketNotifier>
#include <QTimer>

#include <memory>
#include <optional>

namespace zc {

class WatchedStream final : public CanvasSource {
  Q_OBJECT
public:
  /// A part of pictures of that size; where they have another one by now it is somewhere else. An empty part
  /// is the whole picture.
  struct Part {
    QRect rect;
    QSize of;
  };
  /// `cast` has begun, and goes on as long as this.
  WatchedStream(std::unique_ptr<ScreenCast> cast, const ScreenCast::Stream& stream, Part part);
  ~WatchedStream() override;
  void want(bool wanted) override;
  /// Where the desktop does not tell which monitor it is and there are several, pixels are taken as they are.
  [[nodiscard]] std::shared_ptr<const DisplayProfile> monitor() const override;
  void show_part(Part part);

signals:
  /// The first picture, whole, for the part to be chosen on it.
  void firstPictured(const QImage& picture);

private:
  struct Pipe; ///< The library's own things.
  friend struct Pipe;
  void take(QImage picture);
  void tell();
  void screens_changed();
  void end_later(const QString& sentence);

  std::unique_ptr<ScreenCast> m_cast;
  std::unique_ptr<Pipe> m_pipe;
  std::unique_ptr<QSocketNotifier> m_notifier;
  QImage m_last; ///< Whole.
  QImage m_told; ///< The part that was told last.
  Part m_part;
  std::optional<QPoint> m_position; ///< Of the monitor.
  bool m_window = false;            ///< Of one window only.
  bool m_moved = false;             ///< The screens have changed since the part was chosen.
  QTimer m_rest;
  QElapsedTimer m_since; ///< The last picture that was told.
  bool m_wanted = false, m_first = true, m_ended = false;
};

} // namespace zc
