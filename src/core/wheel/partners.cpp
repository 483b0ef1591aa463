#include "core/wheel/partners.h"

namespace zc {

std::vector<Partner> partners_of(const Wheel& wheel, WheelPoint color) {
  constexpr struct {
    std::string_view name;
    double turn;
  } angles[] = {{"complement", 180},
                {"split complement", 150},
                {"split complement", 210},
                {"triad", 120},
                {"triad", 240},
                {"tetrad", 90},
                {"tetrad", 270},
                {"analogous", 30},
                {"analogous", 330}};
  std::vector<Partner> out;
  for (const auto& [name, turn] : angles) {
    const auto found = wheel.nearest_existing({color.a + turn, color.r, color.v});
    out.push_back({name, turn, found.at, found.color});
  }
  return out;
}

} // namespace zc
