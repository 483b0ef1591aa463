// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/geometry.h"

namespace zc {

Geometry::Geometry(const Piece& piece) : m_wheel(piece.wheel), m_mask(piece.mask), m_mask_on(piece.mask_on) {
  if (m_mask) m_region.emplace(*m_mask);
}

Geometry Geometry::followed(const Piece& piece) const {
  Geometry out = *this;
  if (piece.wheel != m_wheel.spec()) out.m_wheel = Wheel(piece.wheel);
  out.m_mask_on = piece.mask_on;
  if (piece.mask == m_mask) return out;
  out.m_mask = piece.mask;
  out.m_region.reset();
  if (piece.mask) out.m_region.emplace(*piece.mask);
  return out;
}

} // namespace zc
