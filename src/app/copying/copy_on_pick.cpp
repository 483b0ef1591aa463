// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/copying/copy_on_pick.h"

#include "app/platform/clipboard.h"
#include "app/platform/drag_out.h"
#include "core/base/sentences.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"

#include <QMimeData>
#include <QSettings>

namespace zc {
namespace {

constexpr auto kFormKey = "handOver/form", kPatternKey = "handOver/pattern", kPictureKey = "handOver/picture";

QString word_of(CopyForm form) {
  const auto* found = std::find_if(std::begin(kCopyFormWords), std::end(kCopyFormWords),
                                   [form](const auto& w) { return w.value == form; });
  return QString::fromLatin1(found->word);
}

LineFields fields_of(const Studio& model) {
  LineFields out;
  out.color = model.session().color();
  out.name = color_name(out.color).toStdString();
  if (const Family* family = find_family(model.piece(), model.session().family)) out.family = family->name;
  if (const SwatchSet* set = current_set(model.piece())) out.set = set->name;
  out.title = model.piece().title;
  return out;
}

CopyOnPickForm kept_form() {
  CopyOnPickForm out;
  const QSettings settings;
  const QString word = settings.value(QLatin1String(kFormKey)).toString();
  for (const auto& w : kCopyFormWords)
    if (word == QLatin1String(w.word)) out.form = w.value;
  out.pattern = settings.value(QLatin1String(kPatternKey), out.pattern).toString();
  out.picture = settings.value(QLatin1String(kPictureKey), false).toBool();
  if (!LinePattern::read(out.pattern.toStdString())) out.pattern = CopyOnPickForm{}.pattern;
  return out;
}

} // namespace

CopyOnPick::CopyOnPick(Studio& model) : m_model(model), m_form(kept_form()) {
  connect(&model, &Studio::pickEnded, this, &CopyOnPick::hand);
}

void CopyOnPick::turn(bool on) {
  if (on == m_on) return;
  m_on = on;
  m_last.clear();
  emit changed();
}

Result<std::string> CopyOnPick::preview(const CopyOnPickForm& form) const {
  return handed_text(form.form, form.pattern.toStdString(), fields_of(m_model));
}

Result<CopyOnPickForm> CopyOnPick::take(const CopyOnPickForm& form) {
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

void CopyOnPick::hand() {
  if (!m_on) return;
  const auto line = preview(m_form);
  if (!line) return emit m_model.notice(words(line.error()));
  const QString handed = text(*line);
  put_on_clipboard(clip_of_color(m_model.session().color(), handed, m_form.picture));
  m_last = tr("copied %1").arg(handed);
  emit changed();
}

QString words_for(const CopyOnPickForm& form) {
  switch (form.form) {
  case CopyForm::Hex:
    return QStringLiteral("#hex");
  case CopyForm::Digits:
    return QStringLiteral("hex");
  case CopyForm::Rgb:
    return QStringLiteral("r, g, b");
  case CopyForm::Css:
    return QStringLiteral("css");
  case CopyForm::Own:
    break;
  }
  return CopyOnPick::tr("your own line");
}

} // namespace zc
