// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/pick_menu.h"

#include "app/desks/pick/pick_desk.h"
#include "app/wheel/wheel_view.h"
#include "model/i18n/language.h"
#include "model/mixing/paint_reading.h"
#include "model/workspace/workspace.h"

namespace zc {

PickMenu::PickMenu(Workspace& space, PickDesk& pick, QWidget* parent)
    : DeskMenu(tr("&Pick"), Desk::Pick, space, parent), m_space(space), m_pick(pick) {
  add_command(tr("&Lighter"), tr("Raise the value by one"), {}, [this] { m_space.picking().nudge_value(1); });
  add_command(tr("&Darker"), tr("Lower the value by one"), {}, [this] { m_space.picking().nudge_value(-1); });
  add_command(tr("Toward &grey"), tr("Lower the saturation by a hundredth"), {},
              [this] { m_space.picking().nudge_saturation(-0.01); });
  add_command(tr("&From grey"), tr("Raise the saturation by a hundredth"), {},
              [this] { m_space.picking().nudge_saturation(0.01); });
  addSeparator();
  add_command(tr("Zoom &in"), tr("Enlarge the wheel around the current color (+, or Ctrl and the wheel)"), {},
              [this] { m_pick.wheel().zoom_around_pick(1.25); });
  add_command(tr("Zoom &out"), tr("Show more of the wheel (-)"), {},
              [this] { m_pick.wheel().zoom_around_pick(0.8); });
  add_command(tr("&Whole wheel"), tr("Show the whole wheel (0)"), {},
              [this] { m_pick.wheel().zoom_to(1, {}); });
  addSeparator();
  auto* fix =
      add_command(tr("Fix the &relation"), tr("Keep the related hues where they are while picking goes on"),
                  {}, [this] { m_space.picking().fix_relation(!m_space.session().relations.of); });
  fix->setCheckable(true);
  m_space.hear({Part::Relations}, fix,
               [this, fix] { fix->setChecked(m_space.session().relations.of.has_value()); });
  add_command(tr("Lay the &members of the relation"),
              tr("Lay the color and the hues related to it as a family"), {},
              [this] { m_space.laying().lay_relation(); });
  addSeparator();
  add_command(tr("Mi&x the current color"), tr("Put the current color at a corner of the field of mixtures"),
              {}, [this] {
                Mixing mixing = m_space.session().mixing;
                if (mixing.corners.size() >= kMostCorners)
                  return m_space.notice(tr("The field has four colors; drop another on one of them."));
                m_space.picking().mix_by_hand(
                    with_corner(mixing, mixing.corners.size(), {m_space.session().color()}));
              });
  add_command(tr("Add as a &paint"), tr("The current color joins the palette of paints"), {}, [this] {
    const Srgb color = m_space.session().color();
    m_space.store().apply(tr("Add a paint"), [color](Piece p) {
      return with_paint(std::move(p), color_name(color).toStdString(), color);
    });
  });
  auto* reach =
      add_command(tr("Show what the paints rea&ch"),
                  tr("The dashed line around what the paints that are put out can mix"), {}, [this] {
                    ReachView view = m_space.session().reach;
                    view.shown = !view.shown;
                    m_space.picking().show_reach(view);
                  });
  reach->setCheckable(true);
  m_space.hear({Part::Reach}, reach, [this, reach] { reach->setChecked(m_space.session().reach.shown); });
  add_command(tr("Make the reach the mas&k"), tr("What the paints can mix at this value becomes the mask"),
              {}, [this] { m_space.paints().make_mask(false); });
  for (const int hues : {0, 12, 24, 36})
    m_hue_commands << add_command(hues ? tr("%1 hues").arg(hues) : tr("Smooth hues"),
                                  tr("Cut the wheel into so many hues, or leave it smooth"), {},
                                  [this, hues] {
                                    Steps steps = m_space.steps();
                                    steps.hues = hues;
                                    m_space.picking().cut_into_steps(steps);
                                  });
}

} // namespace zc
