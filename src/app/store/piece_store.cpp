#include "app/store/piece_store.h"

#include <QUndoCommand>

namespace zc {

/// Before and after, whole: photos are shared, so a step costs only the small values.
class PieceStore::Step final : public QUndoCommand {
public:
  Step(PieceStore& store, const QString& name, Piece before, Piece after, QString drag)
      : QUndoCommand(name), m_store(store), m_before(std::move(before)), m_after(std::move(after)),
        m_drag(std::move(drag)) {}
  void undo() override { m_store.hold(m_before); }
  void redo() override { m_store.hold(m_after); }
  [[nodiscard]] int id() const override { return m_drag.isEmpty() ? -1 : 1; }
  bool mergeWith(const QUndoCommand* other) override {
    const auto* next = static_cast<const Step*>(other);
    if (next->m_drag != m_drag) return false;
    m_after = next->m_after;
    setObsolete(m_before == m_after);
    return true;
  }

private:
  PieceStore& m_store;
  Piece m_before, m_after;
  QString m_drag;
};

PieceStore::PieceStore(QObject* parent) : QObject(parent) {
  m_stack.setUndoLimit(500);
  // Told when the stack is done with its step: whoever hears of it may apply an edit in turn, such as a field
  // that gives its text when it has to close.
  connect(&m_stack, &QUndoStack::indexChanged, this, &PieceStore::tell);
  connect(&m_stack, &QUndoStack::cleanChanged, this, [this](bool clean) { emit editedChanged(!clean); });
}

bool PieceStore::apply(const QString& name, const Edit& edit, const QString& drag) {
  auto result = edit(m_piece);
  if (!result) {
    emit failed(QString::fromStdString(result.error().sentence));
    return false;
  }
  if (*result == m_piece) return true;
  m_stack.push(new Step(*this, name, m_piece, std::move(result).value(), drag));
  return true;
}

void PieceStore::start_from(Piece piece, bool saved) {
  m_stack.clear();
  if (!saved) m_stack.resetClean();
  hold(std::move(piece));
  tell();
  emit editedChanged(edited());
}

void PieceStore::mark_saved() { m_stack.setClean(); }

void PieceStore::hold(Piece piece) {
  m_piece = std::move(piece);
  m_told = false;
}

void PieceStore::tell() {
  if (m_told) return;
  m_told = true;
  emit changed();
}

} // namespace zc
