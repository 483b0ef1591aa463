// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/observe_menu.h"

#include "app/desks/observe/observe_desk.h"
#include "app/desks/observe/reference_strip.h"
#include "app/files/arrivals.h"
#include "app/photo/photo_view.h"
#include "model/application/app_model.h"

namespace zc {

ObserveMenu::ObserveMenu(AppModel& model, LateWidget<ObserveDesk>& observe, Arrivals& arrivals,
                         QWidget* parent)
    : DeskMenu(tr("&Observe"), Desk::Observe, model, parent), m_model(model), m_observe(observe),
      m_arrivals(arrivals) {
  const std::tuple<const char*, QString, PhotoLook, QString> looks[] = {
      {"lookColor", tr("Show &color"), PhotoLook::Color, tr("Show the photo in color (C)")},
      {"lookValue", tr("Show &value"), PhotoLook::Value,
       tr("Show the photo in greys of equal lightness (V)")},
      {"lookFlat", tr("Show f&lat tones"), PhotoLook::Flat, tr("Show the photo in a few flat tones (F)")},
      {"lookSquint", tr("&Squint at the photo"), PhotoLook::Squint, tr("Blur the photo (S)")},
      {"lookSteps", tr("Show &tone steps"), PhotoLook::Steps, tr("Show the photo in even tone steps (T)")},
      {"lookMask", tr("Show through &mask"), PhotoLook::Mask, tr("Show the photo through the mask (M)")}};
  for (const auto& [name, text, look, tip] : looks)
    add_command(name, text, tip, {}, [this, look = look] { m_model.viewing().show_look(look); });
  addSeparator();
  add_command("showPixelsOneToOne", tr("Show &pixels one to one"),
              tr("Show each pixel of the photo as one of the screen"), {},
              [this] { m_observe->photo().show_actual_size(); });
  add_command("turnViewClockwise", tr("Turn &view clockwise"),
              tr("Turn the view by a quarter; the photo stays"), {},
              [this] { m_observe->photo().turn_view(1); });
  add_command("turnViewCounterclockwise", tr("Turn view &counterclockwise"),
              tr("Turn the view back by a quarter"), {}, [this] { m_observe->photo().turn_view(-1); });
  add_command("mirrorView", tr("Mi&rror view"), tr("Swap left and right, to see the values afresh"), {},
              [this] { m_observe->photo().mirror_view(); });
  add_command("cropViewToRegion", tr("Cro&p view to region"), tr("Show only the drawn region of the photo"),
              {}, [this] { m_observe->photo().crop_view(true); });
  add_command("showWholePhoto", tr("Show &whole photo"), tr("Show the whole photo again after a crop"), {},
              [this] { m_observe->photo().crop_view(false); });
  add_command("pinSpot", tr("Pin spot to compare with"),
              tr("Compare this place of the photo with what is under the pointer; press the key there again "
                 "to remove the pin"),
              QKeySequence(Qt::Key_D), [this] { m_observe->photo().pin_spot(); });
  add_command("addBothSpots", tr("Add both spots"),
              tr("Add the pinned spot and what is under the pointer as two swatches"),
              QKeySequence(Qt::SHIFT | Qt::Key_D), [this] { m_observe->photo().add_both_spots(); });
  addSeparator();
  add_command("followCanvas", tr("Follow a canv&as..."),
              tr("A reference that is read again whenever its file is saved"), {},
              [this] { m_arrivals.follow_canvas(); });
  add_command("stopFollowingFile", tr("Stop following the file"),
              tr("Keep the photo as it is now, whatever happens to its file"), {},
              [this] { m_model.canvases().stop_following(); });
  add_command("replaceReference", tr("Repla&ce reference..."), tr("Replace the photo shown with another one"),
              {}, [this] { m_arrivals.replace_photo(); });
  add_command("renameReference", tr("Re&name reference..."), tr("Change the name of the photo shown"), {},
              [this] { m_observe->strip().rename_shown(); });
  add_command("moveReferenceLeft", tr("Move reference &left"),
              tr("Move the photo shown to the left in the row"), {},
              [this] { m_observe->strip().move_shown(-1); });
  add_command("moveReferenceRight", tr("Move reference &right"),
              tr("Move the photo shown to the right in the row"), {},
              [this] { m_observe->strip().move_shown(1); });
  add_command("fitPhoto", tr("&Fit photo"), tr("Show the photo as large as it fits"), {},
              [this] { m_observe->photo().fit(); });
  add_command("removeReference", tr("Remo&ve reference"), tr("Remove the photo shown from the piece"), {},
              [this] { m_observe->strip().remove_shown(); });
}

} // namespace zc
