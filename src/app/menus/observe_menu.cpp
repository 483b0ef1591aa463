// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/observe_menu.h"

#include "app/desks/observe/observe_desk.h"
#include "app/desks/observe/reference_strip.h"
#include "app/files/arrivals.h"
#include "app/photo/photo_view.h"
#include "model/workspace/workspace.h"

namespace zc {

ObserveMenu::ObserveMenu(Workspace& space, ObserveDesk& observe, Arrivals& arrivals, QWidget* parent)
    : DeskMenu(tr("&Observe"), Desk::Observe, space, parent), m_space(space), m_observe(observe),
      m_arrivals(arrivals) {
  const std::tuple<QString, PhotoLook, QString> looks[] = {
      {tr("&Color"), PhotoLook::Color, tr("Show the photo in color (C)")},
      {tr("&Value"), PhotoLook::Value, tr("Show the photo in greys of equal lightness (V)")},
      {tr("F&lat tones"), PhotoLook::Flat, tr("Show the photo in a few flat tones (F)")},
      {tr("&Squint"), PhotoLook::Squint, tr("Blur the photo (S)")},
      {tr("&Tone steps"), PhotoLook::Steps, tr("Show the photo in even tone steps (T)")},
      {tr("Through the &mask"), PhotoLook::Mask, tr("Show the photo through the mask (M)")}};
  for (const auto& [text, look, tip] : looks)
    add_command(text, tip, {}, [this, look = look] { m_space.viewing().show_look(look); });
  addSeparator();
  add_command(tr("Photo &pixels one to one"), tr("Show each pixel of the photo as one of the screen"), {},
              [this] { m_observe.photo().show_actual_size(); });
  add_command(tr("Turn the &view clockwise"), tr("Turn the view by a quarter; the photo stays"), {},
              [this] { m_observe.photo().turn_view(1); });
  add_command(tr("Turn the view &back"), tr("Turn the view back by a quarter"), {},
              [this] { m_observe.photo().turn_view(-1); });
  add_command(tr("Mi&rror the view"), tr("Left for right, to see the values afresh"), {},
              [this] { m_observe.photo().mirror_view(); });
  add_command(tr("Cro&p the view to the region"), tr("Show only the region"), {},
              [this] { m_observe.photo().crop_view(true); });
  add_command(tr("Show the &whole photo again"), tr("End the crop of the view"), {},
              [this] { m_observe.photo().crop_view(false); });
  addSeparator();
  add_command(tr("Follow a canv&as..."), tr("A reference that is read again whenever its file is saved"), {},
              [this] { m_arrivals.follow_canvas(); });
  add_command(tr("Stop following the file"),
              tr("Keep the shown reference as it is, whatever happens to its file"), {},
              [this] { m_space.canvases().stop_following(); });
  add_command(tr("Repla&ce the reference..."), tr("Put another photo in the place of the shown one"), {},
              [this] { m_arrivals.replace_photo(); });
  add_command(tr("Re&name the reference..."), tr("Give the shown photo another name"), {},
              [this] { m_observe.strip().rename_shown(); });
  add_command(tr("Move the reference &left"), tr("Move the shown photo to the left in the strip"), {},
              [this] { m_observe.strip().move_shown(-1); });
  add_command(tr("Move the reference &right"), tr("Move the shown photo to the right in the strip"), {},
              [this] { m_observe.strip().move_shown(1); });
  add_command(tr("&Fit the photo"), tr("Show the whole photo"), {}, [this] { m_observe.photo().fit(); });
  add_command(tr("&Remove the reference"), tr("Take the shown photo out of the piece"), {},
              [this] { m_observe.strip().remove_shown(); });
}

} // namespace zc
