// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/proof/typed_color.h"

#include "core/base/sentences.h"
#include "core/color/css_color.h"
#include "core/piece/press_check.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"

#include <QCoreApplication>

namespace zc {

Result<std::optional<Code>> typed_code(const QString& given, const Press* press) {
  const auto inks = typed_inks(given.toStdString());
  if (!inks) return inks.error();
  if (!*inks) return std::optional<Code>();
  if (!press) return Error{ErrorCode::BadInput, Sentence::InksNeedPress, "color"};
  return std::optional(written_inks(*press, **inks));
}

void use_inks(const Code& code, Studio& studio, Picking& picking) {
  picking.use_code(code);
  if (beyond_display(code))
    emit studio.notice(QCoreApplication::translate(
        "Color", "No display shows these inks. The nearest color stands for them."));
}

void use_typed(const QString& given, Studio& studio, Picking& picking, const Press* press) {
  const auto code = typed_code(given, press);
  if (!code) return studio.refuse(words(code.error()));
  if (!*code) return picking.use_text(given);
  studio.accept();
  use_inks(**code, studio, picking);
}

} // namespace zc
