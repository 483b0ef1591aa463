// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/hand/hand_over.h"

#include "app/seams/clipboard.h"
#include "app/seams/drag_out.h"
#include "core/base/sentences.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"

#include <QMimeData>
#include <QSettings>

namespace zc {
namespace {

constexpr auto kFormKey = "handOver/form", kPatternKey = "handOver/pattern", kPictureKey = "handOver/picture";

QString word_of(HandForm form) {
  const auto* found = std::find_if(std::begin(kHandFormWords), std::end(kHandFormWords),
                                   [form](const auto& w) { return w.value == form; });
  return QString::fromLatin1(found->word);
}

LineFields fields_of(const Studio& space) {
  LineFields out;
  out.color = space.session().color();
  out.name = color_name(out.color).toStdString();
  if (const Family* family = find_family(space.piece(), space.session().family)) out.family = family->name;
  if (const SwatchSet* set = current_set(space.piece())) out.set = set->name;
  out.title = space.piece().title;
  return out;
}

HandOverForm kept_form() {
  HandOverForm out;
  const QSettings settings;
  const QString word = settings.value(QLatin1String(kFormKey)).toString();
  for (const auto& w : kHandFormWords)
    if (word == QLatin1String(w.word)) out.form = w.value;
  out.pattern = settings.value(QLatin1String(kPatternKey), out.pattern).toString();
  out.picture = settings.value(QLatin1String(kPictureKey), false).toBool();
  if (!LinePattern::read(out.pattern.toStdString())) out.pattern = HandOverForm{}.pattern;
  return out;
}

} // namespace

HandOver::HandOver(Studio& space) : m_space(space), m_form(kept_form()) {
  connect(&space, &Studio::pickEnded, this, &HandOver::hand);
}

void HandOver::turn(bool on) {
  if (on == m_on) return;
  m_on = on;
  m_last.clear();
  emit changed();
}

Result<std::string> HandOver::preview(const HandOverForm& form) const {
  return handed_text(form.form, form.pattern.toStdString(), fields_of(m_space));
}

Result<HandOverForm> HandOver::take(const HandOverForm& form) {
  // A pattern that is not in use may not stay broken either.
  const auto read = LinePattern::read(form.pattern.toStdString());
  if (!read) return read.error();
  if (form.pattern.trimmed().isEmpty())
    return Error{ErrorCode::BadInput, Sentence::HandsOverNothing, "pattern"};
  m_form = form;
  QSettings settings;
  settings.setValue(QLatin1String(kFormKey), word_of(form.form));
  settings.setValue(QLatin1String(kPatternKey), form.pattern);
  settings.setValue(QLatin1String(kPictureKey), form.picture);
  emit changed();
  return form;
}

void HandOver::hand() {
  if (!m_on) return;
  const auto line = preview(m_form);
  if (!line) return emit m_space.notice(words(line.error()));
  const QString handed = text(*line);
  put_on_clipboard(clip_of_color(m_space.session().color(), handed, m_form.picture));
  m_last = tr("copied %1").arg(handed);
  emit changed();
}

QString words_for(const HandOverForm& form) {
  switch (form.form) {
  case HandForm::Hex:
    return QStringLiteral("#hex");
  case HandForm::Digits:
    return QStringLiteral("hex");
  case HandForm::Rgb:
    return QStringLiteral("r, g, b");
  case HandForm::Css:
    return QStringLiteral("css");
  case HandForm::Own:
    break;
  }
  return HandOver::tr("your own line");
}

} // namespace zc
