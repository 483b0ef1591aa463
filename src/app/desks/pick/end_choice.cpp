// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/end_choice.h"

#include "app/paint/paint.h"
#include "app/paint/painted_icon.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/well_words.h"

namespace zc {
namespace {

using Kind = RampEnd::Kind;

constexpr std::pair<Kind, const char*> kKeys[] = {
    {Kind::Current, "current"}, {Kind::Before, "before"}, {Kind::Haze, "haze"}, {Kind::Neutral, "neutral"},
    {Kind::Member, "member"},   {Kind::Corner, "corner"}, {Kind::Well, "well"}, {Kind::Swatch, "swatch"}};

bool numbered(Kind kind) {
  return kind == Kind::Member || kind == Kind::Corner || kind == Kind::Well || kind == Kind::Swatch;
}

} // namespace

QString key_of(const RampEnd& end) {
  const auto at =
      std::find_if(std::begin(kKeys), std::end(kKeys), [&](const auto& k) { return k.first == end.kind; });
  const QString kind = QLatin1String(at->second);
  return numbered(end.kind) ? kind + QLatin1Char('.') + QString::number(end.of) : kind;
}

EndChoice::EndChoice(const QString& name, const RampEnd& first, Studio& model, QWidget* parent)
    : QComboBox(parent), m_model(model), m_first(first) {
  setObjectName(name);
  setFont(caption_font());
  setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  setMinimumContentsLength(9);
  // In another piece the same number stands for another swatch, corner or well.
  connect(&model, &Studio::startedAnew, this, [this] {
    {
      const QSignalBlocker quiet(this);
      m_ends.clear();
      clear();
    }
    emit currentIndexChanged(-1);
  });
}

RampEnd EndChoice::end() const {
  const auto at = static_cast<std::size_t>(currentIndex());
  return currentIndex() >= 0 && at < m_ends.size() ? m_ends[at] : m_first;
}

std::optional<Srgb> EndChoice::color() const {
  return color_of(end(), m_model.session(), m_model.piece(), m_model.geometry());
}

QString EndChoice::words_of(const RampEnd& end) const {
  const Id n = end.of;
  switch (end.kind) {
  case Kind::Current:
    return tr("current color");
  case Kind::Before:
    return tr("previous color");
  case Kind::Haze:
    return tr("usual haze");
  case Kind::Neutral:
    return tr("neutral of the mask");
  case Kind::Member: {
    const auto all = members(m_model.session(), m_model.geometry());
    return tr("related, %1°").arg(n < all.size() ? std::lround(all[n].turn) : 0);
  }
  case Kind::Corner:
    return tr("corner %1 of the mask").arg(n + 1);
  case Kind::Well:
    return well_words(m_model.at_hand(), n);
  case Kind::Swatch:
    break;
  }
  const Swatch* swatch = find_swatch(m_model.piece(), n);
  return swatch ? text(swatch->name) : QString();
}

void EndChoice::show_entry(int index) {
  const RampEnd& end = m_ends[static_cast<std::size_t>(index)];
  const auto color = color_of(end, m_model.session(), m_model.piece(), m_model.geometry());
  setItemText(index, words_of(end));
  if (color) setItemIcon(index, color_icon(shown_color(*color, m_model.session().vision)));
}

/// Only the entry that is seen shows its color at every move of the hand.
void EndChoice::follow() {
  const QSignalBlocker quiet(this);
  auto ends = ramp_ends(m_model.session(), m_model.piece(), m_model.geometry());
  if (ends != m_ends) {
    const QVariant chosen = currentIndex() < 0 ? QVariant(key_of(m_first)) : currentData();
    m_ends = std::move(ends);
    clear();
    for (const RampEnd& end : m_ends) addItem(QString(), key_of(end));
    for (int i = 0; i < count(); ++i) show_entry(i);
    const int at = findData(chosen);
    setCurrentIndex(std::max(0, at < 0 ? findData(key_of(m_first)) : at));
  }
  show_entry(currentIndex());
}

void EndChoice::showPopup() {
  for (int i = 0; i < count(); ++i) show_entry(i);
  QComboBox::showPopup();
}

} // namespace zc
