// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/document/piece_store.h"

#include "core/piece/edits.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"

#include <QUndoCommand>

namespace zc {

/// Before and after, whole: they share what they have in common, so a step costs only what it changed.
class PieceStore::Step final : public QUndoCommand {
public:
  Step(PieceStore& store, const QString& name, Piece before, Piece after, QString drag)
      : QUndoCommand(name), m_store(store), m_before(std::move(before)), m_after(std::move(after)),
        m_drag(std::move(drag)), m_number(++store.m_steps) {}
  [[nodiscard]] const Piece& before() const { return m_before; }
  [[nodiscard]] const QString& drag() const { return m_drag; }
  [[nodiscard]] StepNumber number() const { return m_number; }
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
  StepNumber m_number;
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
    emit failed(words(result.error()));
    return false;
  }
  if (*result == m_piece) return true;
  if (const auto faults = check(*result, &m_piece); !faults.empty()) {
    emit failed(tr("Nothing was changed, because the change would damage the piece. %1")
                    .arg(sentence(faults.front().said)));
    return false;
  }
  m_stack.push(new Step(*this, name, m_piece, std::move(result).value(), drag));
  return true;
}

void PieceStore::start_from(Piece piece, bool saved) {
  ++m_document;
  m_stack.clear();
  // A stack without steps is left as it is by clear(), unclean after a rescue.
  saved ? m_stack.setClean() : m_stack.resetClean();
  m_canvases.clear();
  m_piece = std::move(piece);
  m_told = m_piece;
  tell_of({Part::Words, Part::Geometry, Part::References, Part::Paints, Part::Sets});
  emit editedChanged(edited());
}

const PieceStore::Step* PieceStore::top() const {
  return m_stack.index() == 0 ? nullptr : static_cast<const Step*>(m_stack.command(m_stack.index() - 1));
}

StepNumber PieceStore::last_step() const { return top() ? top()->number() : 0; }

void PieceStore::take_back_drags(StepNumber behind) {
  // A step of the same drag that ends where it began makes nothing of both.
  for (const Step* step = top(); step && step->number() > behind && !step->drag().isEmpty(); step = top())
    m_stack.push(new Step(*this, step->text(), m_piece, step->before(), step->drag()));
}

QString PieceStore::run_key(const QString& kind) {
  const bool goes_on = kind == m_run && m_since_run.isValid() && !m_since_run.hasExpired(kRun.count());
  if (!goes_on) ++m_runs;
  m_run = kind;
  m_since_run.start();
  return QStringLiteral("run %1").arg(m_runs);
}

void PieceStore::mark_saved() { m_stack.setClean(); }

void PieceStore::hold(Piece piece) { m_piece = with_latest(std::move(piece)); }

Piece PieceStore::with_latest(Piece piece) const {
  for (const auto& [of, canvas] : m_canvases)
    piece = with_canvas(std::move(piece), of.first, of.second, canvas.extension, canvas.bytes);
  return piece;
}

void PieceStore::show_canvas(Id reference, const std::string& file, const std::string& extension,
                             const SharedBytes& bytes) {
  m_canvases[{reference, file}] = {extension, bytes};
  Piece next = with_latest(m_piece);
  if (next == m_piece) return;
  m_piece = std::move(next);
  m_stack.resetClean();
  tell();
}

void PieceStore::tell() {
  if (m_told == m_piece) return;
  const Piece before = std::exchange(m_told, m_piece);
  tell_of(change_between(before, m_piece));
}

void PieceStore::tell_of(const Parts& change) {
  m_revisions.words += change.has(Part::Words);
  m_revisions.geometry += change.has(Part::Geometry);
  m_revisions.references += change.has(Part::References);
  m_revisions.sets += change.has(Part::Sets);
  m_revisions.paints += change.has(Part::Paints);
  emit changed(change);
}

bool DragBase::renewed() {
  if (m_store->piece() == m_last) return false;
  m_base = m_last = m_store->piece();
  return true;
}

} // namespace zc
