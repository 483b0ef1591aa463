// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/proof/press_model.h"

#include "core/piece/set_edits.h"
#include "io/shelf/press_shelf.h"
#include "model/i18n/text.h"

namespace zc {

PressModel::PressModel(Studio& studio) : OfDocument(studio.scope()), m_studio(studio) {
  // At other desks its memory is of no use.
  studio.hear({Part::Desk}, this, [this] {
    const Desk desk = m_studio.session().desk;
    if (desk != Desk::Share && desk != Desk::Try) m_shown.reset();
  });
}

const ColorMap& PressModel::proof() {
  static const ColorMap none;
  const Sharing& sharing = m_studio.session().sharing;
  const auto press = sharing.proof ? chosen() : nullptr;
  if (!press) return none;
  const bool white = sharing.paper_white;
  if (!m_shown || m_shown->press != m_file || m_shown->paper_white != white)
    m_shown =
        Shown{m_file, white, ColorMap([press, white](Srgb color) { return press->proof(color, white); })};
  return m_shown->colors;
}

std::shared_ptr<const Press> PressModel::chosen() {
  const std::string& file = m_studio.session().sharing.press;
  if (file == m_file) return m_press;
  m_file = file;
  m_press.reset();
  if (file.empty()) return m_press;
  auto opened = open_press(file);
  if (opened)
    m_press = *opened;
  else
    emit m_studio.notice(words(opened.error()));
  return m_press;
}

std::vector<const Swatch*> PressModel::swatches() const {
  std::vector<const Swatch*> out;
  if (const SwatchSet* set = current_set(m_studio.piece()))
    for (const auto& family : set->families)
      for (const auto& s : family.swatches) out.push_back(&s);
  return out;
}

const std::vector<SwatchPress>* PressModel::checked() {
  const auto press = chosen();
  if (!press) return nullptr;
  CheckKey key{{}, m_file, m_studio.session().sharing.print_limit};
  if (const SwatchSet* set = current_set(m_studio.piece())) key.swatches = press_wishes(*set);
  m_checked.later(
      key, [press, key] { return check_for_press(*press, key.swatches, key.limit); },
      [this] { emit changed(); });
  return m_checked.value_for(key);
}

void PressModel::use_printable(Id swatch) {
  const auto* found = checked();
  const SwatchSet* set = current_set(m_studio.piece());
  if (!found || !set) return;
  const auto [colors, locked] =
      printable_colors(*set, *found, swatch == 0 ? std::vector<Id>() : std::vector{swatch});
  if (colors.empty())
    return emit m_studio.notice(locked > 0
                                    ? tr("The swatches that do not print are locked. Unlock them first.")
                                    : tr("Every swatch prints as it is."));
  const QString name =
      colors.size() == 1 ? tr("Use printable color") : tr("Use %1 printable colors").arg(colors.size());
  m_studio.store().apply(name, [&to = colors, id = set->id](Piece p) {
    return with_colors_kept_before(std::move(p), id, to, tr("before the press").toStdString());
  });
}

} // namespace zc
