// SPDX-License-Identifier: GPL-3.0-or-later
// A picture as a stream of PipeWire, as desktops give out their screens.
#pragma once

#include <QDateTime>
#include <QImage>
#include <QObject>
#include <QSocketNotifier>
#include <QTimer>

#include <cstdint>
#include <memory>

namespace zc {

class StandInCast final : public QObject {
public:
  /// The picture is read again when its file has changed.
  explicit StandInCast(QString picture);
  ~StandInCast() override;
  /// The stream's node, once PipeWire has one; 0 where none runs.
  [[nodiscard]] std::uint32_t node();
  /// A connection of its own to PipeWire, or -1.
  [[nodiscard]] static int remote();

private:
  struct Pipe;
  void turn();
  void look();
  QString m_path;
  QDateTime m_read;
  QImage m_picture;
  std::unique_ptr<Pipe> m_pipe;
  std::unique_ptr<QSocketNotifier> m_notifier;
  QTimer m_pace;
};

} // namespace zc
