// SPDX-License-Identifier: GPL-3.0-or-later
// A part of a stream of pictures that the desktop gives (PipeWire): all of it until the part is known.
#pragma once

#include "app/screen/screen_cast.h"
#include "model/watch/canvas_source.h"

#include <QElapsedTimer>
#include <QRect>
#include <QSocketNotifier>
#include <QTimer>

#include <memory>

namespace zc {

class WatchedStream final : public CanvasSource {
  Q_OBJECT
public:
  /// `cast` has begun, and goes on as long as this. An empty part is the whole picture.
  WatchedStream(std::unique_ptr<ScreenCast> cast, const ScreenCast::Stream& stream, QRect part);
  ~WatchedStream() override;
  void want(bool wanted) override;
  /// Which monitor it is is not told: pixels of one with a profile of its own are taken as they are.
  [[nodiscard]] std::shared_ptr<const DisplayProfile> monitor() const override { return nullptr; }
  void show_part(QRect part);

signals:
  /// The first picture, whole, for the part to be chosen on it.
  void firstPictured(const QImage& picture);

private:
  struct Pipe; ///< The library's own things.
  friend struct Pipe;
  void take(QImage picture);
  void tell();
  void end_later(const QString& sentence);

  std::unique_ptr<ScreenCast> m_cast;
  std::unique_ptr<Pipe> m_pipe;
  std::unique_ptr<QSocketNotifier> m_notifier;
  QImage m_last; ///< Whole.
  QImage m_told; ///< The part that was told last.
  QRect m_part;
  QTimer m_rest;
  QElapsedTimer m_since; ///< The last picture that was told.
  bool m_wanted = false, m_first = true, m_ended = false;
};

} // namespace zc
