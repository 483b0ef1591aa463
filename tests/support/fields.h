// SPDX-License-Identifier: GPL-3.0-or-later
// The fields of everything a document is made of. A field added to one of these structs does not compile here
// until it is listed, and what_is_not_set() names it until the full document of full_document.h has it.
#pragma once

#include "io/container/piece_json.h"

#include <set>
#include <string>
#include <tuple>

namespace zc::test {

// clang-format off
inline auto fields(const Srgb& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const DiscPoint& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const WheelPoint& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const WheelPlace& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const SampleOrigin& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const LabD50& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const Ink& x) { const auto& [a, b, c, d] = x; return std::tie(a, b, c, d); }
inline auto fields(const WrittenInks& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const BookName& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const Code& x) { const auto& [a, b, c, d] = x; return std::tie(a, b, c, d); }
inline auto fields(const FieldPoint& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const MixingCorner& x) { const auto& [a, b, c, d] = x; return std::tie(a, b, c, d); }
/// What a drag does is not kept.
inline auto fields(const Mixing& x) {
  const auto& [a, b, c, d, e, f, g, h, i, j, k, l, hand, m] = x;
  return std::tie(a, b, c, d, e, f, g, h, i, j, k, l, m);
}
inline auto fields(const Swatch& x) { const auto& [a, b, c, d, e, f, g, h, i, j, k] = x; return std::tie(a, b, c, d, e, f, g, h, i, j, k); }
inline auto fields(const Family& x) { const auto& [a, b, c, d] = x; return std::tie(a, b, c, d); }
inline auto fields(const PlanKey& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const SetVersion& x) { const auto& [a, b, c, d, e] = x; return std::tie(a, b, c, d, e); }
inline auto fields(const SwatchSet& x) { const auto& [a, b, c, d, e, f, g] = x; return std::tie(a, b, c, d, e, f, g); }
inline auto fields(const Bands& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const BandCounts& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const GradingRules& x) { const auto& [a, b, c, d, e, f] = x; return std::tie(a, b, c, d, e, f); }
inline auto fields(const WheelSpec& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const Steps& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const Polygon& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const Ellipse& x) { const auto& [a, b, c, d] = x; return std::tie(a, b, c, d); }
inline auto fields(const RingSector& x) { const auto& [a, b, c, d] = x; return std::tie(a, b, c, d); }
inline auto fields(const Area& x) { const auto& [a, b] = x; return std::tie(a, b); }
inline auto fields(const Mask& x) { const auto& [a, b, c, d] = x; return std::tie(a, b, c, d); }
inline auto fields(const AreaSpec& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const AreaEdit& x) { const auto& [a, b, c, d, e] = x; return std::tie(a, b, c, d, e); }
inline auto fields(const AreaBinding& x) { const auto& [a, b, c] = x; return std::tie(a, b, c); }
inline auto fields(const Study& x) { const auto& [a, b, c, d, e] = x; return std::tie(a, b, c, d, e); }
inline auto fields(const Reference& x) { const auto& [a, b, c, d, e, f, g] = x; return std::tie(a, b, c, d, e, f, g); }
inline auto fields(const PalettePaint& x) { const auto& [a, b, c, d, e, f, g] = x; return std::tie(a, b, c, d, e, f, g); }
inline auto fields(const Piece& x) {
  const auto& [a, b, c, d, e, f, g, h, i, j, k, l, m, n, o, p] = x;
  return std::tie(a, b, c, d, e, f, g, h, i, j, k, l, m, n, o, p);
}
inline auto fields(const AtHand& x) {
  const auto& [a, b, c, d, e, f, g, h, i] = x;
  return std::tie(a, b, c, d, e, f, g, h, i);
}
inline auto fields(const Document& x) { const auto& [a, b] = x; return std::tie(a, b); }
// clang-format on

/// Walks a value beside a fresh one and gathers where something differs from its default somewhere.
class SetFields {
public:
  template <class T> void walk(const std::string& path, const T& x, const T& fresh) {
    m_all.insert(path);
    if (!(x == fresh)) m_set.insert(path);
    into(path, x, fresh);
  }
  /// Places in words, such as ".1.9[].4": numbers count the fields of a struct.
  [[nodiscard]] std::string missing() const {
    std::string out;
    for (const auto& path : m_all)
      if (!m_set.contains(path)) out += path + "  ";
    return out;
  }

private:
  template <class T> void into(const std::string& path, const T& x, const T& fresh) {
    if constexpr (requires { fields(x); })
      each(path, fields(x), fields(fresh),
           std::make_index_sequence<std::tuple_size_v<decltype(fields(x))>>{});
  }
  template <class X, std::size_t... I>
  void each(const std::string& path, const X& x, const X& fresh, std::index_sequence<I...>) {
    (walk(path + "." + std::to_string(I), std::get<I>(x), std::get<I>(fresh)), ...);
  }
  template <class T> void into(const std::string& path, const std::vector<T>& list, const std::vector<T>&) {
    for (const auto& x : list) walk(path + "[]", x, T{});
  }
  template <class T> void into(const std::string& path, const List<T>& list, const List<T>&) {
    for (const auto& x : list) walk(path + "[]", x, T{});
  }
  template <class T, std::size_t N>
  void into(const std::string& path, const std::array<T, N>& list, const std::array<T, N>&) {
    for (const auto& x : list) walk(path + "[]", x, T{});
  }
  template <class T> void into(const std::string& path, const std::optional<T>& x, const std::optional<T>&) {
    if (x) walk(path + "?", *x, T{});
  }
  template <class A, class B>
  void into(const std::string& path, const std::pair<A, B>& x, const std::pair<A, B>&) {
    walk(path + "first", x.first, A{});
    walk(path + "second", x.second, B{});
  }
  void into(const std::string& path, const std::variant<WrittenInks, BookName>& as,
            const std::variant<WrittenInks, BookName>&) {
    for (const char* kind : {"inks", "book"}) m_all.insert(path + kind);
    std::visit(
        [&](const auto& x) {
          walk(path + (as.index() == 0 ? "inks" : "book"), x, std::decay_t<decltype(x)>{});
        },
        as);
  }
  void into(const std::string& path, const Shape& shape, const Shape&) {
    for (const char* kind : {"polygon", "ellipse", "sector"}) m_all.insert(path + kind);
    const std::string own = path + (shape.index() == 0   ? "polygon"
                                    : shape.index() == 1 ? "ellipse"
                                                         : "sector");
    std::visit([&](const auto& s) { walk(own, s, std::decay_t<decltype(s)>{}); }, shape);
  }

  std::set<std::string> m_all, m_set;
};

/// Which fields of a document are at their defaults everywhere in it; empty when none is.
[[nodiscard]] inline std::string what_is_not_set(const Document& document) {
  SetFields out;
  out.walk("", document, Document{});
  return out.missing();
}

} // namespace zc::test
