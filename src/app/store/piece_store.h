// The one holder of the piece. Every change is an edit applied here; undo, the dirty state and change signals
// come from that.
#pragma once

#include "core/base/result.h"
#include "core/piece/piece.h"

#include <QObject>
#include <QString>
#include <QUndoStack>
#include <functional>

namespace zc {

class PieceStore final : public QObject {
  Q_OBJECT
public:
  using Edit = std::function<Result<Piece>(Piece)>;

  explicit PieceStore(QObject* parent = nullptr);

  [[nodiscard]] const Piece& piece() const { return m_piece; }
  /// Applies an edit as one named undo step. Steps with the same non-empty `drag` key become one; a step that
  /// changes nothing is dropped. On an error the piece stays and failed() is emitted; returns whether it
  /// held.
  bool apply(const QString& name, const Edit& edit, const QString& drag = {});
  /// Forgets the history and starts from this piece.
  void start_from(Piece piece, bool saved);
  void mark_saved();
  [[nodiscard]] bool edited() const { return !m_stack.isClean(); }
  [[nodiscard]] QUndoStack& stack() { return m_stack; }

signals:
  void changed();
  void editedChanged(bool edited);
  void failed(const QString& sentence);

private:
  class Step;
  void hold(Piece piece);
  void tell();

  Piece m_piece;
  bool m_told = true; ///< Whether changed() has been emitted for it.
  QUndoStack m_stack;
};

} // namespace zc
