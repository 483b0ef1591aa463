// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/session/studio.h"

#include "model/i18n/text.h"

namespace zc {

Studio::Studio(QObject* parent) : QObject(parent), m_geometry(m_store.piece()) {
  connect(&m_store, &PieceStore::changed, this, &Studio::follow_piece);
  connect(&m_store, &PieceStore::failed, this, &Studio::refuse);
  connect(&m_store, &PieceStore::changed, this, &Studio::accept);
}

std::optional<bool> Studio::in_mask() const {
  if (!region()) return std::nullopt;
  const auto by = outside_mask(m_session, m_geometry);
  return by && *by < piece().grading.outside;
}

bool Studio::commit_typed() {
  bool taken = true;
  const auto listening = connect(&m_store, &PieceStore::failed, this, [&taken] { taken = false; });
  emit typedAsked();
  const bool typed = !m_unfinished || m_unfinished->commit_typed();
  disconnect(listening);
  return taken && typed;
}

void Studio::start(Piece piece, const AtHand& at_hand, bool saved) {
  if (m_unfinished) m_unfinished->end();
  m_photos.drop_intakes();
  m_scope.forget_all();
  m_geometry = Geometry(piece);
  m_session = started(std::move(m_session), piece, m_geometry, at_hand);
  m_store.start_from(std::move(piece), saved);
  emit startedAnew();
  tell(Parts::all());
}

void Studio::take(Session next) {
  const Parts change = change_between(m_session, next);
  m_session = std::move(next);
  if (change.has(Part::Reference)) follow_shown();
  tell(change);
}

void Studio::take(Result<Session> next) {
  if (!next) return refuse(words(next.error()));
  take(std::move(next).value());
  accept();
}

void Studio::refuse(const QString& sentence) {
  m_refused = sentence;
  emit notice(sentence);
}

void Studio::accept() {
  if (!m_refused.isEmpty()) emit refusalOver(std::exchange(m_refused, {}));
}

void Studio::take_pick(Result<Session> next) {
  const bool picked = next.ok();
  take(std::move(next));
  if (picked) emit pickEnded();
}

void Studio::end_pick() {
  take(pick_ended(m_session));
  emit pickEnded();
}

void Studio::tell(const Parts& parts) {
  if (parts.any()) emit changed(parts);
}

void Studio::follow_piece(const Parts& change) {
  m_geometry = m_geometry.followed(piece());
  Session next = followed(m_session, piece(), m_geometry);
  const Parts of_session = change_between(m_session, next);
  m_session = std::move(next);
  if (change.has(Part::References)) m_photos.follow(piece().references);
  follow_shown();
  tell(change | of_session);
}

/// While a new photo is coming in, the one before it stays until the new one is shown.
void Studio::follow_shown() {
  const Reference* shown = find_reference(piece(), m_session.reference);
  if (shown != nullptr && shown->bytes == m_shown_bytes) return;
  m_shown_bytes = shown ? shown->bytes : nullptr;
  m_photos.show(shown);
}

QString mask_state_words(const Studio& studio) {
  const auto inside = studio.in_mask();
  if (!inside) return Studio::tr("no mask in use");
  if (*inside) return Studio::tr("inside the mask");
  return studio.piece().rule == MaskRule::Free ? Studio::tr("outside the mask")
                                               : Studio::tr("outside the mask, marked");
}

} // namespace zc
