// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/hand_form.h"

namespace zc {
namespace {

std::string_view pattern_of(HandForm form, std::string_view own) {
  switch (form) {
  case HandForm::Hex:
    return "#{hex}";
  case HandForm::Digits:
    return "{hex}";
  case HandForm::Rgb:
    return "{r}, {g}, {b}";
  case HandForm::Css:
    return "rgb({r} {g} {b})";
  case HandForm::Own:
    break;
  }
  return own;
}

} // namespace

Result<std::string> handed_text(HandForm form, std::string_view own, const LineFields& fields) {
  const auto pattern = LinePattern::read(pattern_of(form, own));
  if (!pattern) return pattern.error();
  return pattern->line(fields);
}

} // namespace zc
