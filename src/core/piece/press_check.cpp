// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/press_check.h"

#include "core/color/convert.h"

#include <algorithm>

namespace zc {
namespace {

void go_by_code(SwatchPress& found, const Press& press, const Code& code, double limit) {
  if (const Ink* ink = written_for(press, &code)) {
    found = {{*ink, press.color_of(*ink), 0}, true, std::nullopt};
    return;
  }
  found.printed = press.printed(code.lab);
  found.prints = prints(press, {code.shown, code}, limit);
  if (!found.prints && !found.nearest) found.nearest = press.nearest(code.shown, limit);
}

} // namespace

const Ink* written_for(const Press& press, const Code* code) {
  const auto* inks = code ? std::get_if<WrittenInks>(&code->as) : nullptr;
  return inks && !inks->digest.empty() && inks->digest == press.digest() ? &inks->ink : nullptr;
}

Code written_inks(const Press& press, const Ink& ink) {
  return code_with(WrittenInks{ink, press.name(), press.digest()}, lab_d50_from_srgb(press.color_of(ink)));
}

bool prints(const Press& press, const PressWish& wish, double limit) {
  if (!wish.code) return press.prints(wish.color, limit);
  return written_for(press, &*wish.code) ||
         (wish.code->finish == Finish::Plain && press.printed(wish.code->lab).difference < limit);
}

std::vector<PressWish> press_wishes(const SwatchSet& set) {
  std::vector<PressWish> out;
  for (const Family& family : set.families)
    for (const Swatch& s : family.swatches) {
      const Code* code = code_of(s);
      out.push_back({s.color, code ? std::optional(*code) : std::nullopt});
    }
  return out;
}

std::vector<SwatchPress> check_for_press(const Press& press, const std::vector<PressWish>& wishes,
                                         double limit) {
  std::vector<Srgb> colors;
  colors.reserve(wishes.size());
  for (const PressWish& wish : wishes) colors.push_back(wish.color);
  std::vector<SwatchPress> out = check_for_press(press, colors, limit);
  for (std::size_t i = 0; i < wishes.size(); ++i)
    if (wishes[i].code) go_by_code(out[i], press, *wishes[i].code, limit);
  return out;
}

PrintableColors printable_colors(const SwatchSet& set, const std::vector<SwatchPress>& found,
                                 const std::vector<Id>& of) {
  PrintableColors out;
  std::size_t i = 0;
  for (const Family& family : set.families)
    for (const Swatch& s : family.swatches) {
      const SwatchPress& at = found.at(i++);
      const bool meant = of.empty() || std::find(of.begin(), of.end(), s.id) != of.end();
      if (!meant || at.prints) continue;
      if (s.locked)
        ++out.locked;
      else
        out.colors.emplace_back(s.id, at.nearest->color);
    }
  return out;
}

} // namespace zc
