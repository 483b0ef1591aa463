// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/limit_menu.h"

#include "app/desks/limit/area_panel.h"
#include "app/desks/limit/keys_page.h"
#include "app/desks/limit/limit_desk.h"
#include "app/desks/limit/pattern_panel.h"
#include "app/platform/dialogs.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/wheel_view.h"
#include "io/photo/picture_file.h"
#include "io/sheet/key_sheet_picture.h"
#include "model/application/app_model.h"
#include "model/derived/job_pool.h"
#include "model/i18n/text.h"

#include <QPointer>

namespace zc {
namespace {

/// From one hue that the trade names to the next, degrees.
constexpr double kNamedHueStep = 30;
constexpr int kSavedKey = 480; ///< Pixels of a picture in a sheet of keys that is saved.

} // namespace

LimitMenu::LimitMenu(AppModel& model, LateWidget<LimitDesk>& limit, Dialogs& dialogs, QWidget* parent)
    : DeskMenu(tr("&Limit"), Desk::Limit, model, parent), m_model(model), m_limit(limit), m_dialogs(dialogs) {
  const auto turn = [this](const char* name, const QString& text, double by) {
    add_command(name, text, tr("Turn the mask, and with \"turn the set along\" the set as well"), {},
                [this, by] { m_model.masking().turn_mask(by); });
  };
  turn("turnMaskClockwise", tr("&Turn mask clockwise"), 1);
  turn("turnMaskCounterclockwise", tr("Turn mask counter&clockwise"), -1);
  turn("turnMaskToComplements", tr("Turn mask to com&plements"), 180);
  turn("turnMaskToNextHue", tr("Turn mask to next &hue"), kNamedHueStep);
  turn("turnMaskToPreviousHue", tr("Turn mas&k to previous hue"), -kNamedHueStep);
  add_command("turnMaskBy", tr("Turn mask &by..."),
              tr("Type by how many degrees the mask turns: 15 and Enter, or -15"), {}, [this] {
                show_keys(false);
                m_limit->patterns().begin_typing_turn();
              });
  auto* all = add_command(
      "turnAllSetsAlong", tr("Turn all sets and &versions along"),
      tr("When the mask is turned, turn all sets and all versions, with their masks, as well"), {}, [this] {
        const bool on = m_model.session().carry == Carry::AllToo;
        m_model.masking().carry(on ? Carry::SetToo : Carry::AllToo);
      });
  all->setCheckable(true);
  m_model.hear({Part::Masking}, all,
               [this, all] { all->setChecked(m_model.session().carry == Carry::AllToo); });
  addSeparator();
  using Tool = MaskHands::Tool;
  const std::tuple<const char*, QString, Tool> tools[] = {
      {"drawOutline", tr("Draw &outline"), Tool::Outline},
      {"drawEllipse", tr("Draw &ellipse"), Tool::Round},
      {"drawRingSector", tr("Draw &ring sector"), Tool::Sector}};
  for (const auto& [name, text, tool] : tools)
    add_command(name, text, tr("Draw a new area of the mask on the wheel"), {}, [this, tool = tool] {
      show_keys(false);
      m_limit->wheel().hands()->choose_tool(tool);
      m_limit->wheel().setFocus();
    });
  addSeparator();
  add_command("useNeutral", tr("Use the &neutral"), tr("Make the middle of the mask the current color"), {},
              [this] { m_model.picking().use_neutral(); });
  add_command("addCornerColors", tr("Add corner co&lors"),
              tr("Add the colors at the corners of the mask as a family"), {},
              [this] { m_model.laying().lay_key_colors(); });
  add_command("moveAreaUp", tr("Move area &up"), tr("Move the selected area before the one above it"), {},
              [this] { m_limit->areas().move_chosen(-1); });
  add_command("moveAreaDown", tr("Move area &down"), tr("Move the selected area after the one below it"), {},
              [this] { m_limit->areas().move_chosen(1); });
  add_command("removeArea", tr("Remo&ve area"), tr("Remove the selected area of the mask"), {},
              [this] { m_limit->wheel().hands()->remove_area(); });
  auto* locked = add_command("lockMask", tr("Loc&k mask"),
                             tr("Leave the mask as it is when hands slip on the wheel; numbers and commands "
                                "still change it"),
                             {}, [this] { m_model.masking().lock_mask(!m_model.at_hand().mask_locked); });
  locked->setCheckable(true);
  m_model.hear({Part::Masking}, locked,
               [this, locked] { locked->setChecked(m_model.at_hand().mask_locked); });
  add_command("removeMask", tr("Remove &mask"), tr("Remove the mask from the piece"), {},
              [this] { m_model.masking().remove_mask(); });
  addSeparator();
  add_command("showMask", tr("Show m&ask"), tr("Show the wheel with the gamut mask"), {},
              [this] { show_keys(false); });
  add_command("showKeys", tr("Show ke&ys"), tr("Show the reference in other color keys"), {},
              [this] { show_keys(true); });
  add_command("saveKeySheet", tr("&Save sheet of keys..."), tr("Save the sheet of keys as PNG or JPEG"), {},
              [this] { save_key_sheet(); });
  m_limit.when_made([this](LimitDesk& desk) {
    connect(&desk.keys(), &KeysPage::writeAsked, this, &LimitMenu::save_key_sheet);
  });
}

void LimitMenu::show_keys(bool on) {
  m_model.viewing().show_keys(on);
  m_limit->take_focus();
}

void LimitMenu::save_key_sheet() {
  show_keys(true);
  if (m_model.keys().entries().empty() || m_model.keys().picture_size({1, 1}).isEmpty())
    return m_model.notice(tr("There is no picture to show in keys yet."));
  const QString path =
      m_dialogs.export_file(parentWidget(), tr("keys.png"), tr("Pictures (*.png *.jpg *.jpeg)"));
  if (path.isEmpty()) return;
  // As it is listed. What is opened meanwhile does not stop it, and of two both are written.
  static JobPool pool;
  std::vector<ColorKey> keys;
  for (const KeyModel::Entry& entry : m_model.keys().entries()) keys.push_back(entry.key);
  pool.start([make = m_model.keys().maker_of(std::move(keys), {kSavedKey, kSavedKey}),
              wheel = m_model.piece().wheel, path, who = QPointer<LimitMenu>(this)] {
    const Status saved = zc::save_picture(key_sheet_picture(make(), wheel), path.toStdString());
    if (!who) return;
    QMetaObject::invokeMethod(
        who,
        [who, saved, path] {
          who->m_model.notice(saved ? tr("Saved to \"%1\".").arg(path) : words(saved.error()));
        },
        Qt::QueuedConnection);
  });
}

} // namespace zc
