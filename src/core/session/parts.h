// SPDX-License-Identifier: GPL-3.0-or-later
// The parts of a piece and a session: what can change by itself, and be heard of by itself.
#pragma once

#include <bitset>
#include <cstddef>
#include <initializer_list>

namespace zc {

struct Piece;
struct Session;

enum class Part {
  // Of the piece.
  Words,      ///< Title, mood, signature, date.
  Geometry,   ///< Wheel, mask or its rule.
  References, ///< With their studies.
  Paints,
  Sets, ///< Sets or what they are graded by.
  // Of the session.
  Color,  ///< The current color, its place, the one before, where it was sampled.
  AtHand, ///< Wells, recent colors, the well that picks fill.
  Steps,
  Relations,
  Ramp, ///< Previewed on the staff.
  Extracted,
  Selection, ///< Swatches, family.
  Masking,   ///< The area that is worked on, what a mask carries and keeps.
  Reference, ///< Which photo is looked at.
  Adjustment,
  Versions, ///< Which stand beside the set.
  Desk,
  SetView,
  Looking, ///< How references are looked at, but for the edge.
  LookEdge,
  Trying, ///< What is seen at Try, but for the edge.
  TryEdge,
  Sharing,
  Mixing,
  Reach,
  ColorVision,
  Vivid, ///< Whether the plan shows each hue where it is most vivid.
  Keys,  ///< The sheet of keys, and whether it is shown.
};
inline constexpr std::size_t kPartCount = static_cast<std::size_t>(Part::Keys) + 1;

/// Some of them.
class Parts {
public:
  Parts() = default;
  Parts(std::initializer_list<Part> parts) {
    for (const Part p : parts) add(p);
  }
  [[nodiscard]] static Parts all() {
    Parts out;
    out.m_bits.set();
    return out;
  }
  void add(Part part, bool also = true) {
    if (also) m_bits.set(static_cast<std::size_t>(part));
  }
  void remove(Part part) { m_bits.reset(static_cast<std::size_t>(part)); }
  [[nodiscard]] bool has(Part part) const { return m_bits.test(static_cast<std::size_t>(part)); }
  [[nodiscard]] bool any() const { return m_bits.any(); }
  /// Whether they have one in common.
  [[nodiscard]] bool meet(const Parts& other) const { return (m_bits & other.m_bits).any(); }
  [[nodiscard]] friend Parts operator|(Parts a, const Parts& b) {
    a.m_bits |= b.m_bits;
    return a;
  }
  bool operator==(const Parts&) const = default;

private:
  std::bitset<kPartCount> m_bits;
};

/// The parts in which two of them differ. A member of either that belongs to no part does not compile.
[[nodiscard]] Parts change_between(const Piece& a, const Piece& b);
[[nodiscard]] Parts change_between(const Session& a, const Session& b);
/// The session with these parts as they are in the other.
[[nodiscard]] Session with_parts(Session session, const Session& from, const Parts& parts);

} // namespace zc
