// SPDX-License-Identifier: GPL-3.0-or-later
// References that follow a file: when a user saves the painting it is read again, quietly. What is only
// half written is waited for; a file that is gone leaves its last picture.
#pragma once

#include "core/piece/piece.h"
#include "model/follow/file_watch.h"
#include "model/session/studio.h"

#include <QObject>
#include <QTimer>
#include <map>

namespace zc {

class CanvasFollower final : public QObject, private OfDocument {
  Q_OBJECT
public:
  explicit CanvasFollower(Studio& studio);
  /// From now on this file may be read for pieces that follow it: a piece alone cannot have files read.
  static void allow(const QString& file);
  [[nodiscard]] bool tied(const Reference& reference) const { return m_canvases.contains(reference.id); }
  /// Takes in a file as a reference that follows it, in the place of the shown one where that follows it too.
  void follow_canvas(const QString& path);
  void stop_following();
  /// What there is to say of a followed reference beside its name; empty when all is well.
  [[nodiscard]] QString state_of(const Reference& reference) const;

signals:
  void changed();

private:
  /// The canvases of another piece have not been read yet, whatever was.
  void forget() override { m_canvases.clear(); }
  enum class State { Followed, Gone, NotAllowed, Unreadable };
  struct Stamp {
    qint64 milliseconds = -1, size = -1;
    bool operator==(const Stamp&) const = default;
  };
  struct Canvas {
    QString file;
    Stamp read;    ///< Of the file as it was read last.
    Stamp reading; ///< While it is being read.
    bool busy = false;
    int tries = 0; ///< Of a file that could not be read and has not changed since.
    State state = State::Followed;
  };
  [[nodiscard]] static QString words_for(const Canvas& canvas);
  [[nodiscard]] static Stamp stamp_of(const QString& file);
  void follow();
  void look();
  void look_at(Id reference, Canvas& canvas);
  void set_state(Canvas& canvas, State state);
  void take(Id reference, const QString& file, const QString& extension, const SharedBytes& bytes);
  void fail(Id reference);

  Studio& m_studio;
  FileWatch m_watch;
  QTimer m_rest; ///< A save is many small changes.
  std::map<Id, Canvas> m_canvases;
};

} // namespace zc
