// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/intake/photo_intake.h"

namespace zc {

PhotoIntake::PhotoIntake(Studio& studio, Viewing& viewing) : m_studio(studio), m_viewing(viewing) {
  connect(&studio.photos(), &PhotoLibrary::refused, this, &PhotoIntake::note_refusal);
  connect(&studio.photos(), &PhotoLibrary::admitted, this, &PhotoIntake::admit);
}

void PhotoIntake::admit(const PhotoLibrary::Admitted& photo) {
  const std::string name = photo.name.toStdString(), extension = photo.extension.toStdString();
  if (find_reference(m_studio.piece(), photo.replaces)) {
    m_studio.store().apply(tr("Replace reference"), [&](Piece p) {
      return with_reference_replaced(std::move(p), photo.replaces, name, extension, photo.bytes);
    });
    return tell_refusals();
  }
  const bool applied = m_studio.store().apply(tr("Add reference"), [&](Piece p) -> Result<Piece> {
    auto added = with_reference(std::move(p), name, extension, photo.bytes);
    if (!added || photo.follows.isEmpty()) return added;
    const Id id = added->references.back().id;
    return with_reference_following(std::move(added).value(), id, photo.follows.toStdString());
  });
  if (applied) m_viewing.show_reference(m_studio.piece().references.back().id);
  tell_refusals();
}

void PhotoIntake::note_refusal(const QString& sentence) {
  m_refusals << sentence;
  tell_refusals();
}

/// Of many files every bad one is named, not only the last.
void PhotoIntake::tell_refusals() {
  if (m_refusals.isEmpty() || !m_studio.photos().intakes().empty()) return;
  emit m_studio.notice(m_refusals.join(QLatin1Char(' ')));
  m_refusals.clear();
}

} // namespace zc
