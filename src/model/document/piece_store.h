// SPDX-License-Identifier: GPL-3.0-or-later
// The one holder of the piece. Every change is an edit applied here; undo, the dirty state and change signals
// come from that.
#pragma once

#include "core/base/result.h"
#include "core/piece/rules.h"
#include "core/session/parts.h"

#include <QElapsedTimer>
#include <QObject>
#include <QString>
#include <QUndoStack>
#include <chrono>
#include <functional>
#include <map>

namespace zc {

/// How often each part has changed, in all documents: a short key for what is worked out from them.
struct Revisions {
  std::uint64_t words = 0, geometry = 0, references = 0, sets = 0, paints = 0;
  bool operator==(const Revisions&) const = default;
};

/// Tells one document from another, also where their ids are the same numbers.
using DocumentId = std::uint64_t;
/// Tells one undo step from another: later ones have higher numbers.
using StepNumber = std::uint64_t;

class PieceStore final : public QObject {
  Q_OBJECT
public:
  /// Longer than a keyboard waits before it repeats a key.
  static constexpr std::chrono::milliseconds kRun{900};
  using Edit = std::function<Result<Piece>(Piece)>;

  explicit PieceStore(QObject* parent = nullptr);

  [[nodiscard]] const Piece& piece() const { return m_piece; }
  /// Another one each time a piece is started from: what was begun for another document is a stranger here.
  [[nodiscard]] DocumentId document() const { return m_document; }
  [[nodiscard]] const Revisions& revisions() const { return m_revisions; }
  /// Applies an edit as one named undo step. Steps with the same non-empty `drag` key become one; a step that
  /// changes nothing is dropped. On an error, and when the rules find the result broken, the piece stays and
  /// failed() is emitted; returns whether it held.
  bool apply(const QString& name, const Edit& edit, const QString& drag = {});
  /// A drag key for steps that a held key, a wheel or a quick hand repeats: the same one as long as the next
  /// step of the same kind comes within kRun, so that they are one step of undo.
  [[nodiscard]] QString run_key(const QString& kind);
  /// Forgets the history and starts from this piece.
  void start_from(Piece piece, bool saved);
  /// The latest picture of a reference that follows a file. It is no step of the user's: undo never brings
  /// an older one back, but the piece is edited by it.
  void show_canvas(Id reference, const std::string& file, const std::string& extension,
                   const SharedBytes& bytes);
  /// Of the last step that can be undone; 0 when there is none.
  [[nodiscard]] StepNumber last_step() const;
  /// A drag is called off: takes back the steps of drags behind this one, as if they had never been, as far
  /// as nothing else has changed the piece since.
  void take_back_drags(StepNumber behind);
  void mark_saved();
  [[nodiscard]] bool edited() const { return !m_stack.isClean(); }
  [[nodiscard]] QUndoStack& stack() { return m_stack; }

signals:
  void changed(const zc::Parts& change);
  void editedChanged(bool edited);
  void failed(const QString& sentence);

private:
  class Step;
  [[nodiscard]] const Step* top() const;
  void hold(Piece piece);
  [[nodiscard]] Piece with_latest(Piece piece) const;
  void tell();
  void tell_of(const Parts& change);

  Piece m_piece;
  Piece m_told; ///< The piece of the last changed().
  DocumentId m_document = 0;
  Revisions m_revisions;
  QUndoStack m_stack;
  StepNumber m_steps = 0;
  QString m_run; ///< The kind of the last run.
  int m_runs = 0;
  QElapsedTimer m_since_run;
  struct Canvas {
    std::string extension;
    SharedBytes bytes;
  };
  /// Latest pictures, by the reference and the file it followed: another file has another picture.
  std::map<std::pair<Id, std::string>, Canvas> m_canvases;
};

/// What a drag works on: the piece it began with, for as long as nobody else changes the piece. Every move is
/// an edit of that piece by the whole way dragged, so that nothing is lost on the way; when something else
/// has changed it meanwhile, that stays, and the drag goes on from there.
class DragBase {
public:
  explicit DragBase(const PieceStore& store) : m_store(&store), m_base(store.piece()), m_last(m_base) {}
  /// Before each move. True when the drag goes on from another piece: the way dragged begins anew.
  [[nodiscard]] bool renewed();
  [[nodiscard]] const Piece& piece() const { return m_base; }
  /// After each move that was applied.
  void moved() { m_last = m_store->piece(); }

private:
  const PieceStore* m_store;
  Piece m_base, m_last;
};

} // namespace zc
