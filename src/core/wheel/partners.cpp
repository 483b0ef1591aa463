#include "core/wheel/partners.h"

#include <algorithm>

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
    WheelPoint at{wrap_degrees(color.a + turn), color.r, color.v};
    auto found = wheel.color_at(at);
    if (!found) {
      at.r = std::min(at.r, wheel.reach(at.a, at.v));
      found = wheel.color_at(at);
    }
    if (found) out.push_back({name, turn, at, *found});
  }
  return out;
}

} // namespace zc
