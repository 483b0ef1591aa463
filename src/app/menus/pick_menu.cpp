// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/pick_menu.h"

#include "app/desks/pick/pick_desk.h"
#include "app/wheel/wheel_view.h"
#include "model/application/app_model.h"
#include "model/i18n/language.h"
#include "model/mixing/paint_model.h"

namespace zc {

PickMenu::PickMenu(AppModel& model, LateWidget<PickDesk>& pick, QWidget* parent)
    : DeskMenu(tr("&Pick"), Desk::Pick, model, parent), m_model(model), m_pick(pick) {
  add_command("makeLighter", tr("Make &lighter"), tr("Raise the value by one"), {},
              [this] { m_model.picking().nudge_value(1); });
  add_command("makeDarker", tr("Make &darker"), tr("Lower the value by one"), {},
              [this] { m_model.picking().nudge_value(-1); });
  add_command("makeGreyer", tr("Make &greyer"), tr("Lower the saturation by a hundredth"), {},
              [this] { m_model.picking().nudge_saturation(-0.01); });
  add_command("makeMoreSaturated", tr("Make more &saturated"), tr("Raise the saturation by a hundredth"), {},
              [this] { m_model.picking().nudge_saturation(0.01); });
  addSeparator();
  add_command("zoomIn", tr("Zoom &in"),
              tr("Enlarge the wheel around the current color (+, or Ctrl and the wheel)"), {},
              [this] { m_pick->wheel().zoom_around_pick(1.25); });
  add_command("zoomOut", tr("Zoom &out"), tr("Show more of the wheel (-)"), {},
              [this] { m_pick->wheel().zoom_around_pick(0.8); });
  add_command("showWholeWheel", tr("Show &whole wheel"), tr("Show the whole wheel again (0)"), {},
              [this] { m_pick->wheel().zoom_to(1, {}); });
  addSeparator();
  auto* fix = add_command("pinRelation", tr("P&in relation"),
                          tr("Leave the related hues where they are while you pick"), {},
                          [this] { m_model.picking().fix_relation(!m_model.session().relations.of); });
  fix->setCheckable(true);
  m_model.hear({Part::Relations}, fix,
               [this, fix] { fix->setChecked(m_model.session().relations.of.has_value()); });
  add_command("addRelation", tr("Add colors of &relation"),
              tr("Add the current color and the hues related to it as a family"), {},
              [this] { m_model.laying().lay_relation(); });
  add_command("addLadder", tr("Add &ladder of relation"),
              tr("Add a ramp for each hue of the relation as families: from dark to light through its "
                 "strongest color, no two steps at one value"),
              {}, [this] { m_model.laying().lay_ladder_of_relation(); });
  auto* all =
      add_command("showAllRelations", tr("Show &all relations"),
                  tr("Show all relations of the color on the rim of the wheel, to choose one there"), {},
                  [this] { m_model.picking().show_all_relations(!m_model.session().relations.all); });
  all->setCheckable(true);
  m_model.hear({Part::Relations}, all, [this, all] { all->setChecked(m_model.session().relations.all); });
  addSeparator();
  add_command("mixCurrentColor", tr("Mi&x current color"), tr("Add the current color to the mixing field"),
              {}, [this] {
                Mixing mixing = m_model.session().at_hand.mixing;
                if (mixing.corners.size() >= kMostCorners)
                  return m_model.notice(
                      tr("The field already has four colors. Drop the new color on one of them."));
                m_model.picking().mix_by_hand(
                    with_corner(mixing, mixing.corners.size(), {m_model.session().color()}));
              });
  add_command("addAsPaint", tr("Add as a &paint"), tr("Add the current color to the paints"), {}, [this] {
    const Srgb color = m_model.session().color();
    m_model.store().apply(tr("Add paint"), [color](Piece p) {
      return with_paint(std::move(p), color_name(color).toStdString(), color);
    });
  });
  auto* reach =
      add_command("showReach", tr("Show rea&ch of paints"),
                  tr("Draw a dashed line around what the paints on the palette can mix"), {}, [this] {
                    ReachView view = m_model.session().reach;
                    view.shown = !view.shown;
                    m_model.picking().show_reach(view);
                  });
  reach->setCheckable(true);
  m_model.hear({Part::Reach}, reach, [this, reach] { reach->setChecked(m_model.session().reach.shown); });
  auto* printed = add_command("showPressReach", tr("Show reach of press"),
                              tr("Draw a dotted line around what the chosen press prints"), {}, [this] {
                                ReachView view = m_model.session().reach;
                                view.press = !view.press;
                                m_model.picking().show_reach(view);
                              });
  printed->setCheckable(true);
  m_model.hear({Part::Reach}, printed,
               [this, printed] { printed->setChecked(m_model.session().reach.press); });
  printed->setChecked(m_model.session().reach.press);
  add_command("makeReachMask", tr("Ma&ke reach the mask"),
              tr("Make what the paints can mix at this value the mask"), {},
              [this] { m_model.paints().make_mask(false); });
  for (const int hues : {0, 12, 24, 36})
    m_hue_commands << add_command(QStringLiteral("hues.%1").arg(hues),
                                  hues ? tr("Use %1 hues").arg(hues) : tr("Use smooth hues"),
                                  tr("Pick in this many steps of hue, or without steps"), {}, [this, hues] {
                                    Steps steps = m_model.steps();
                                    steps.hues = hues;
                                    m_model.picking().cut_into_steps(steps);
                                  });
}

} // namespace zc
