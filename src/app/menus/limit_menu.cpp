// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/limit_menu.h"

#include "app/desks/limit/area_panel.h"
#include "app/desks/limit/limit_desk.h"
#include "app/desks/limit/pattern_panel.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/wheel_view.h"
#include "model/workspace/workspace.h"

namespace zc {
namespace {

/// From one hue that the trade names to the next, degrees.
constexpr double kNamedHueStep = 30;

} // namespace

LimitMenu::LimitMenu(Workspace& space, LimitDesk& limit, QWidget* parent)
    : DeskMenu(tr("&Limit"), Desk::Limit, space, parent), m_space(space), m_limit(limit) {
  const auto turn = [this](const QString& text, double by, const QKeySequence& key) {
    add_command(text, tr("Turn the mask; with \"carry the set\" its set along"), key,
                [this, by] { m_space.masking().turn_mask(by); });
  };
  turn(tr("&Turn the mask on"), 1, {});
  turn(tr("Turn the mask &back"), -1, {});
  turn(tr("Turn the mask to the &complements"), 180, {});
  turn(tr("Turn the mask a &hue on"), kNamedHueStep, {});
  turn(tr("Turn the mask a hue bac&k"), -kNamedHueStep, {});
  add_command(tr("Turn the mask &by..."), tr("Type how far the mask is turned on: 15 and Enter, or -15"), {},
              [this] { m_limit.patterns().begin_typing_turn(); });
  addSeparator();
  using Tool = MaskHands::Tool;
  const std::pair<QString, Tool> tools[] = {{tr("Draw an &outline"), Tool::Outline},
                                            {tr("Draw an &ellipse"), Tool::Round},
                                            {tr("Draw a &ring sector"), Tool::Sector}};
  for (const auto& [text, tool] : tools)
    add_command(text, tr("Draw a new area of the mask on the wheel"), {}, [this, tool = tool] {
      m_limit.wheel().hands()->choose_tool(tool);
      m_limit.wheel().setFocus();
    });
  addSeparator();
  add_command(tr("Take the &neutral up"), tr("Take up the middle of the mask"), {},
              [this] { m_space.picking().take_up_neutral(); });
  add_command(tr("Lay the &key colors"), tr("Lay the corners of the mask as a family"), {},
              [this] { m_space.laying().lay_key_colors(); });
  add_command(tr("Move the area &up"), tr("Let the area worked on come before the one above it"), {},
              [this] { m_limit.areas().move_chosen(-1); });
  add_command(tr("Move the area &down"), tr("Let the area worked on come after the one below it"), {},
              [this] { m_limit.areas().move_chosen(1); });
  add_command(tr("&Remove the area"), tr("Remove the mask area worked on"), {},
              [this] { m_limit.wheel().hands()->remove_area(); });
  add_command(tr("Take the &mask off"), tr("Take the mask off the piece"), {},
              [this] { m_space.masking().take_mask_off(); });
}

} // namespace zc
