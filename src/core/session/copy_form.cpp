// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/copy_form.h"

namespace zc {
namespace {

std::string_view pattern_of(CopyForm form, std::string_view own) {
  switch (form) {
  case CopyForm::Hex:
    return "#{hex}";
  case CopyForm::Digits:
    return "{hex}";
  case CopyForm::Rgb:
    return "{r}, {g}, {b}";
  case CopyForm::Css:
    return "rgb({r} {g} {b})";
  case CopyForm::Own:
    break;
  }
  return own;
}

} // namespace

Result<std::string> handed_text(CopyForm form, std::string_view own, const LineFields& fields) {
  const auto pattern = LinePattern::read(pattern_of(form, own));
  if (!pattern) return pattern.error();
  return pattern->line(fields);
}

} // namespace zc
