// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/container/paint_json.h"

#include "io/container/set_json.h"

namespace zc {

Json paint_json(const PalettePaint& p, bool with_id) {
  Json out{{"name", p.name}, {"srgb", color_json(p.color)}};
  if (with_id) out["id"] = p.id;
  if (!p.trade.empty()) out["trade"] = p.trade;
  if (p.strength != 1) out["strength"] = p.strength;
  if (!p.out) out["out"] = false;
  put_extras(out, p.extras);
  return out;
}

PalettePaint read_paint(Fields f, bool with_id) {
  PalettePaint out;
  if (with_id) out.id = f.id("id");
  out.name = f.text("name");
  out.color = f.color("srgb");
  out.trade = f.text("trade");
  out.strength = f.number("strength", kStrengthRange, 1);
  out.out = f.flag("out", true);
  out.extras = f.extras({"id", "name", "srgb", "trade", "strength", "out"});
  return out;
}

} // namespace zc
