// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/code.h"

#include "core/color/convert.h"

namespace zc {

Code code_with(std::variant<WrittenInks, BookName> as, LabD50 lab, Finish finish) {
  return {std::move(as), lab, displayed(xyz_from_lab_d50(lab)).color, finish};
}

const Code* code_for(Srgb color, const std::optional<Code>& code) {
  return code && rounded_8bit(code->shown) == rounded_8bit(color) ? &*code : nullptr;
}

bool beyond_display(const Code& code) {
  return code.finish != Finish::Plain || difference_to(code, code.shown) >= kShownOtherwise;
}

double difference_to(const Code& code, Srgb other) {
  return ciede2000(lab_from_xyz(xyz_from_lab_d50(code.lab)), lab_from_srgb(other));
}

} // namespace zc
