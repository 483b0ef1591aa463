// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/session/masking.h"

namespace zc {

void Masking::carry(Carry carry) {
  m_studio.change([&](Session& s) { s.carry = carry; });
}

void Masking::keep_of_mask(MaskKeeps keeps) {
  m_studio.change([&](Session& s) { s.mask_keeps = keeps; });
}

void Masking::change_wheel(const WheelSpec& wheel) {
  const MaskKeeps keeps = m_studio.session().mask_keeps;
  m_studio.store().apply(tr("Change wheel"), [=](Piece p) { return with_wheel(std::move(p), wheel, keeps); });
}

void Masking::turn_mask(double by, const QString& drag) {
  const Carry carry = m_studio.session().carry;
  m_studio.store().apply(
      tr("Turn mask"), [=](Piece p) { return with_mask_turned(std::move(p), by, carry); }, drag);
}

void Masking::remove_mask() {
  m_studio.store().apply(tr("Remove mask"),
                         [](Piece p) -> Result<Piece> { return with_mask(std::move(p), std::nullopt); });
}

void Masking::select_area(std::size_t area) {
  Session next = m_studio.session();
  next.area = area;
  m_studio.take(followed(std::move(next), m_studio.piece(), m_studio.geometry()));
}

void Masking::lock_mask(bool locked) {
  m_studio.change([locked](Session& s) { s.at_hand.mask_locked = locked; });
}

} // namespace zc
