// SPDX-License-Identifier: GPL-3.0-or-later
// The menus: every command has its place, its key and a tip here.
#include "app/band/staff_view.h"
#include "app/band/value_band.h"
#include "app/desks/desk_list.h"
#include "app/desks/grade/grade_desk.h"
#include "app/desks/grade/rows_view.h"
#include "app/desks/limit/area_panel.h"
#include "app/desks/limit/limit_desk.h"
#include "app/desks/limit/pattern_panel.h"
#include "app/desks/observe/observe_desk.h"
#include "app/desks/observe/reference_strip.h"
#include "app/desks/pick/pick_desk.h"
#include "app/hand/hand_over.h"
#include "app/photo/photo_view.h"
#include "app/screen/screen_sampler.h"
#include "app/theme/interface_size.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/wheel_view.h"
#include "app/window/main_window.h"
#include "app/window/notice_bar.h"
#include "app/window/set_files.h"
#include "core/grading/remedies.h"
#include "model/documents/documents.h"
#include "model/i18n/language.h"
#include "model/mixing/paint_reading.h"
#include "model/work/set_work.h"
#include "model/workspace/workspace.h"

#include <QAction>
#include <QApplication>
#include <QFileInfo>
#include <QMenuBar>
#include <QSettings>
#include <QShortcut>

namespace zc {
namespace {

constexpr int kUsualBetween = 3;
/// From one hue that the trade names to the next, degrees.
constexpr double kNamedHueStep = 30;

} // namespace

QAction* MainWindow::add_action(QMenu* menu, const QString& text, const QString& tip, const QKeySequence& key,
                                const std::function<void()>& run) {
  auto* action = menu->addAction(text);
  action->setShortcut(key);
  action->setToolTip(tip);
  action->setStatusTip(tip);
  connect(action, &QAction::triggered, this, run);
  return action;
}

void MainWindow::make_file_menu() {
  auto* menu = menuBar()->addMenu(tr("&File"));
  menu->setToolTipsVisible(true);
  add_action(menu, tr("&New piece"), tr("Start an empty piece"), QKeySequence::New,
             [this] { m_documents.new_piece(); });
  add_action(menu, tr("&Open..."), tr("Open a piece"), QKeySequence::Open,
             [this] { m_documents.open_asked(); });
  auto* recent = menu->addMenu(tr("Open &recent"));
  connect(recent, &QMenu::aboutToShow, this, [this, recent] { fill_recent_menu(recent); });
  add_action(menu, tr("Open the &demo piece"), tr("Open Coppersmiths' Row as an unsaved copy"), {},
             [this] { m_documents.open_demo(); });
  add_action(menu, tr("The &card of the piece..."), tr("Title, words, date and signature in one place"), {},
             [this] { open_card(true); });
  menu->addSeparator();
  add_action(menu, tr("&Save"), tr("Save the piece; the version before is kept beside it"),
             QKeySequence::Save, [this] { m_documents.save(); })
      ->setObjectName(QStringLiteral("save"));
  add_action(menu, tr("Save &as..."), tr("Save the piece under another name"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), [this] { m_documents.save_as(); });
  menu->addSeparator();
  add_action(menu, tr("Add &photos..."), tr("Add reference photos to the piece"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O), [this] { add_photos(); });
  auto* out = menu->addMenu(tr("&Export the set"));
  out->setToolTipsVisible(true);
  for (const auto& facts : kExchangeFormats) {
    const QString name = word(facts.name);
    add_action(out, tr("As %1...").arg(name), tr("Write the current set as %1").arg(name), {},
               [this, format = facts.format] { m_set_files->export_set(format); });
  }
  add_action(menu, tr("&Bring in a palette..."),
             tr("Read swatches from a palette file of any open format, or from a picture"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_I), [this] { m_set_files->bring_in_asked(); });
  add_action(menu, tr("Pac&k a parcel..."),
             tr("Pack the sets and the mask of this piece into one file for others"), {},
             [this] { m_set_files->pack_parcel_asked(); });
  add_action(menu, tr("&Unpack a parcel..."), tr("Put the sets and masks of a parcel on the shelf"), {},
             [this] { m_set_files->unpack_parcel_asked(); });
  auto* one_window = add_action(
      menu, tr("Open files in the &running window"),
      tr("Files given to another start of the program are opened in the window that runs already"), {}, [] {
        QSettings settings;
        const QString key = QLatin1String(kOneWindowKey);
        settings.setValue(key, !settings.value(key, false).toBool());
      });
  one_window->setCheckable(true);
  one_window->setChecked(QSettings().value(QLatin1String(kOneWindowKey), false).toBool());
  menu->addSeparator();
  add_action(menu, tr("&Quit"), tr("Leave Zonachrom"), QKeySequence::Quit, [this] { leave(); });
}

void MainWindow::fill_recent_menu(QMenu* menu) {
  menu->clear();
  for (const QString& path : m_documents.recent_files()) {
    auto* action =
        menu->addAction(QFileInfo(path).fileName(), this, [this, path] { m_documents.open(path); });
    action->setToolTip(path);
    action->setData(path);
  }
  if (menu->isEmpty()) menu->addAction(tr("No pieces yet"))->setEnabled(false);
}

void MainWindow::make_edit_menu() {
  auto* menu = menuBar()->addMenu(tr("&Edit"));
  menu->setToolTipsVisible(true);
  auto& stack = m_space.store().stack();
  auto* undo = stack.createUndoAction(this, tr("Undo"));
  undo->setShortcut(QKeySequence::Undo);
  undo->setObjectName(QStringLiteral("undo"));
  auto* redo = stack.createRedoAction(this, tr("Redo"));
  redo->setShortcuts(QKeySequence::Redo);
  menu->addAction(undo);
  menu->addAction(redo);
  menu->addSeparator();
  add_action(menu, tr("&Copy color as hex"), tr("Copy the current color as hex"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), [this] { copy_hex(); });
  auto* hand =
      add_action(menu, tr("&Hand over every pick"),
                 tr("Every pick goes to the clipboard at its end, in the chosen form"),
                 QKeySequence(Qt::CTRL | Qt::Key_H), [this] { m_hand_over.turn(!m_hand_over.on()); });
  hand->setCheckable(true);
  connect(&m_hand_over, &HandOver::changed, hand, [this, hand] { hand->setChecked(m_hand_over.on()); });
  add_action(menu, tr("Fo&rm of what is handed over..."),
             tr("As hex, numbers, css or a line of your own; with a picture or without"), {},
             [this] { open_hand_panel(true); });
  add_action(menu, tr("A color from the &screen"),
             tr("Take up the color of any pixel of the screen, or of a square around it"),
             QKeySequence(Qt::Key_P), [this] { m_sampler->take_color(); });
  auto* key = add_action(
      menu, tr("A color &by a key of the desktop"),
      tr("Take a color from the screen whichever program has the keyboard; the desktop gives the key"), {},
      [this] { m_sampler->desktop_key().turn(!m_sampler->desktop_key().on()); });
  key->setCheckable(true);
  connect(&m_sampler->desktop_key(), &DesktopKey::changed, key,
          [key](const QString& given) { key->setChecked(!given.isEmpty()); });
  add_action(menu, tr("A pict&ure of the screen"), tr("Take the screen, or a part of it, as a new reference"),
             QKeySequence(Qt::SHIFT | Qt::Key_P), [this] { m_sampler->take_picture(); });
  add_action(menu, tr("&Paste photo or color"),
             tr("Paste a picture or photo files as references, a hex color as the current color; at Grade, "
                "swatches"),
             QKeySequence::Paste, [this] { paste(); });
  menu->addSeparator();
  add_action(menu, tr("&Lay current color"), tr("Lay the current color on the staff in the chosen family"),
             QKeySequence(Qt::CTRL | Qt::Key_L), [this] { m_space.laying().lay_current(); });
  add_action(menu, tr("Add &family"), tr("Add a family to the set and name it"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L), [this] { m_band->staff().add_family(); });
  add_action(menu, tr("&Back to the color before"), tr("Exchange the current color with the one before"),
             QKeySequence(Qt::CTRL | Qt::Key_B), [this] { m_space.picking().back_to_before(); });
  menu->addSeparator();
  add_swatch_commands(menu);
}

/// They work on what is selected wherever the staff is shown.
void MainWindow::add_swatch_commands(QMenu* menu) {
  SetWork& work = m_space.set_work();
  add_action(menu, tr("&Find a swatch"), tr("Find by name, or the nearest to a color"), QKeySequence::Find,
             [this] {
               m_space.viewing().show_desk(Desk::Grade);
               m_grade->find();
             });
  add_action(menu, tr("Select &all"), tr("Select all swatches of the set"), QKeySequence::SelectAll,
             [&work] { work.select_all(); });
  add_action(menu, tr("C&ut swatches"), tr("Cut the selected swatches"), QKeySequence::Cut,
             [this] { cut_swatches(); });
  add_action(menu, tr("C&opy swatches"),
             tr("Copy the selected swatches, for other sets, pieces and programs"), QKeySequence::Copy,
             [this] { copy_swatches(); });
  add_action(menu, tr("Dupl&icate swatches"), tr("Duplicate the selected swatches at the next free places"),
             QKeySequence(Qt::CTRL | Qt::Key_D), [&work] { work.duplicate(); });
  add_action(menu, tr("Re&place by the current color"), tr("Give the selected swatches the current color"),
             QKeySequence(Qt::CTRL | Qt::Key_R), [&work] { work.replace_by_current(); });
  add_action(menu, tr("&Take the color up"),
             tr("Take up the color of the selected swatch (Enter, double click)"),
             QKeySequence(Qt::CTRL | Qt::Key_T), [&work] {
               if (!work.nothing_selected()) work.take_up_focus();
             });
  add_action(menu, tr("Re&name swatch or family"), tr("Rename the selected swatch, or the chosen family"),
             QKeySequence(Qt::Key_F2), [this] { rename_swatch(); });
  // The key belongs to the view of the set that has the focus: on a photo or a wheel it means something else.
  auto* remove = add_action(menu, tr("&Delete swatches"), tr("Delete the selected swatches"),
                            QKeySequence::Delete, [&work] {
                              if (!work.nothing_selected()) work.remove();
                            });
  remove->setShortcutContext(Qt::WidgetShortcut);
  m_band->staff().addAction(remove);
  add_action(menu, tr("Loc&k or unlock"), tr("Keep the selected swatches from change"),
             QKeySequence(Qt::CTRL | Qt::Key_K), [&work] { work.switch_lock(); });
  add_action(menu, tr("&Mark used or unused"), tr("Tick the selected swatches off"),
             QKeySequence(Qt::CTRL | Qt::Key_M), [&work] { work.switch_used(); });
}

void MainWindow::make_view_menu() {
  auto* menu = menuBar()->addMenu(tr("&View"));
  menu->setToolTipsVisible(true);
  for (const DeskFacts& desk : kDeskFacts)
    add_action(menu, name_of(desk), tells_of(desk), key_of(desk),
               [this, &desk] { m_space.viewing().show_desk(desk.desk); });
  menu->addSeparator();
  const auto switch_eyes = [this](QMenu* in, Eyes::Kind eyes, const QString& word, const QString& tip,
                                  const QKeySequence& key) {
    auto* action = add_action(in, word, tip, key, [this, eyes] {
      const Eyes now = m_space.session().eyes;
      m_space.viewing().look_with({now == eyes ? Eyes::Usual : eyes, now.severity()});
    });
    action->setCheckable(true);
    m_space.hear({Part::Eyes}, action,
                 [this, action, eyes] { action->setChecked(m_space.session().eyes == eyes); });
  };
  switch_eyes(menu, Eyes::Values, tr("&Values only"), tr("Show everything in greys of equal lightness"),
              QKeySequence(Qt::CTRL | Qt::Key_G));
  auto* eyes = menu->addMenu(tr("With other &eyes"));
  eyes->setToolTipsVisible(true);
  switch_eyes(eyes, Eyes::Protan, tr("&Protan: no cones for long waves"),
              tr("Show everything as eyes without cones for long waves see it"), {});
  switch_eyes(eyes, Eyes::Deutan, tr("&Deutan: no cones for middle waves"),
              tr("Show everything as eyes without cones for middle waves see it"), {});
  switch_eyes(eyes, Eyes::Tritan, tr("&Tritan: no cones for short waves"),
              tr("Show everything as eyes without cones for short waves see it"), {});
  eyes->addSeparator();
  for (const int percent : {100, 75, 50, 25}) {
    auto* severity =
        add_action(eyes, tr("%1 % of the cones missing").arg(percent),
                   tr("How much of the kind of cone chosen above is missing"), {}, [this, percent] {
                     m_space.viewing().look_with({m_space.session().eyes.kind(), percent / 100.0});
                   });
    severity->setCheckable(true);
    const auto follow = [this, severity, percent] {
      severity->setChecked(std::lround(100 * m_space.session().eyes.severity()) == percent);
    };
    m_space.hear({Part::Eyes}, severity, follow);
    follow();
  }
  auto* kept = add_action(menu, tr("&Keep the reference in sight"),
                          tr("A small reference beside the work of this desk"), QKeySequence(Qt::Key_K),
                          [this] { m_space.viewing().keep_reference(!reference_kept(m_space.session())); });
  kept->setCheckable(true);
  m_space.hear({Part::Desk, Part::Looking}, kept,
               [this, kept] { kept->setChecked(reference_kept(m_space.session())); });
  m_beside_action = add_action(menu, tr("&Beside the canvas"),
                               tr("A small window with plan, axis and set, above other programs"),
                               QKeySequence(Qt::Key_B), [this] { emit besideAsked(); });
  m_beside_action->setCheckable(true);
  auto* vivid = add_action(menu, tr("Vivi&d plan"), tr("Each hue at the value where it is strongest"), {},
                           [this] { m_space.viewing().show_vivid_plan(!m_space.session().vivid_plan); });
  vivid->setCheckable(true);
  m_space.hear({Part::Vivid}, vivid, [this, vivid] { vivid->setChecked(m_space.session().vivid_plan); });
  m_left_handed = add_action(menu, tr("For the left &hand"),
                             tr("What is reached for on the left, what is looked at on the right"), {},
                             [this] { use_left_hand(m_left_handed->isChecked()); });
  m_left_handed->setCheckable(true);
  make_size_menu(menu->addMenu(tr("Si&ze of words and controls")));
  auto* surrounds = menu->addMenu(tr("&Surround"));
  for (const Surround s : {Surround::Dark, Surround::Middle, Surround::Light})
    add_action(surrounds, surround_word(surround_name(s)),
               tr("Use the %1 surround").arg(surround_word(surround_name(s))), {},
               [this, s] { use_surround(s); });
}

void MainWindow::make_size_menu(QMenu* menu) {
  menu->setToolTipsVisible(true);
  const auto choice = [this, menu](const QString& word, const QString& tip, std::optional<int> percent) {
    auto* action = add_action(menu, word, tip, {}, [this, percent] {
      choose_interface_size(percent);
      m_space.notice(tr("The size is used from the next start on."));
    });
    action->setCheckable(true);
    connect(menu, &QMenu::aboutToShow, action,
            [action, percent] { action->setChecked(chosen_interface_size() == percent); });
  };
  choice(tr("As the &desktop's text"), tr("As large as the desktop shows its words"), std::nullopt);
  for (const int percent : kInterfaceSizes)
    choice(
        tr("%1 %").arg(percent),
        (percent < 100 ? tr("Words at %1 percent, all else as usual") : tr("All of the window at %1 percent"))
            .arg(percent),
        percent);
}

/// Shown while its desk is.
QMenu* MainWindow::add_desk_menu(Desk desk, const QString& name) {
  auto* menu = menuBar()->addMenu(name);
  menu->setToolTipsVisible(true);
  return m_desk_menus[static_cast<std::size_t>(desk)] = menu;
}

void MainWindow::make_observe_menu() {
  auto* menu = add_desk_menu(Desk::Observe, tr("&Observe"));
  const std::tuple<QString, PhotoLook, QString> looks[] = {
      {tr("&Color"), PhotoLook::Color, tr("Show the photo in color (C)")},
      {tr("&Value"), PhotoLook::Value, tr("Show the photo in greys of equal lightness (V)")},
      {tr("F&lat tones"), PhotoLook::Flat, tr("Show the photo in a few flat tones (F)")},
      {tr("&Squint"), PhotoLook::Squint, tr("Blur the photo (S)")},
      {tr("&Tone steps"), PhotoLook::Steps, tr("Show the photo in even tone steps (T)")},
      {tr("Through the &mask"), PhotoLook::Mask, tr("Show the photo through the mask (M)")}};
  for (const auto& [text, look, tip] : looks)
    add_action(menu, text, tip, {}, [this, look = look] { m_space.viewing().show_look(look); });
  menu->addSeparator();
  add_action(menu, tr("Photo &pixels one to one"), tr("Show each pixel of the photo as one of the screen"),
             {}, [this] { m_observe->photo().show_actual_size(); });
  add_action(menu, tr("Turn the &view clockwise"), tr("Turn the view by a quarter; the photo stays"), {},
             [this] { m_observe->photo().turn_view(1); });
  add_action(menu, tr("Turn the view &back"), tr("Turn the view back by a quarter"), {},
             [this] { m_observe->photo().turn_view(-1); });
  add_action(menu, tr("Mi&rror the view"), tr("Left for right, to see the values afresh"), {},
             [this] { m_observe->photo().mirror_view(); });
  add_action(menu, tr("Cro&p the view to the region"), tr("Show only the region"), {},
             [this] { m_observe->photo().crop_view(true); });
  add_action(menu, tr("Show the &whole photo again"), tr("End the crop of the view"), {},
             [this] { m_observe->photo().crop_view(false); });
  menu->addSeparator();
  add_action(menu, tr("Follow a canv&as..."), tr("A reference that is read again whenever its file is saved"),
             {}, [this] { follow_canvas(); });
  add_action(menu, tr("Stop following the file"),
             tr("Keep the shown reference as it is, whatever happens to its file"), {},
             [this] { m_space.canvases().stop_following(); });
  add_action(menu, tr("Repla&ce the reference..."), tr("Put another photo in the place of the shown one"), {},
             [this] { replace_photo(); });
  add_action(menu, tr("Re&name the reference..."), tr("Give the shown photo another name"), {},
             [this] { m_observe->strip().rename_shown(); });
  add_action(menu, tr("Move the reference &left"), tr("Move the shown photo to the left in the strip"), {},
             [this] { m_observe->strip().move_shown(-1); });
  add_action(menu, tr("Move the reference &right"), tr("Move the shown photo to the right in the strip"), {},
             [this] { m_observe->strip().move_shown(1); });
  add_action(menu, tr("&Fit the photo"), tr("Show the whole photo"), {},
             [this] { m_observe->photo().fit(); });
  add_action(menu, tr("&Remove the reference"), tr("Take the shown photo out of the piece"), {},
             [this] { m_observe->strip().remove_shown(); });
}

void MainWindow::make_limit_menu() {
  auto* menu = add_desk_menu(Desk::Limit, tr("&Limit"));
  const auto turn = [this, menu](const QString& text, double by, const QKeySequence& key) {
    add_action(menu, text, tr("Turn the mask; with \"carry the set\" its set along"), key,
               [this, by] { m_space.masking().turn_mask(by); });
  };
  turn(tr("&Turn the mask on"), 1, {});
  turn(tr("Turn the mask &back"), -1, {});
  turn(tr("Turn the mask to the &complements"), 180, {});
  turn(tr("Turn the mask a &hue on"), kNamedHueStep, {});
  turn(tr("Turn the mask a hue bac&k"), -kNamedHueStep, {});
  add_action(menu, tr("Turn the mask &by..."), tr("Type how far the mask is turned on: 15 and Enter, or -15"),
             {}, [this] { m_limit->patterns().begin_typing_turn(); });
  menu->addSeparator();
  using Tool = MaskHands::Tool;
  const std::pair<QString, Tool> tools[] = {{tr("Draw an &outline"), Tool::Outline},
                                            {tr("Draw an &ellipse"), Tool::Round},
                                            {tr("Draw a &ring sector"), Tool::Sector}};
  for (const auto& [text, tool] : tools)
    add_action(menu, text, tr("Draw a new area of the mask on the wheel"), {}, [this, tool = tool] {
      m_limit->wheel().hands()->choose_tool(tool);
      m_limit->wheel().setFocus();
    });
  menu->addSeparator();
  add_action(menu, tr("Take the &neutral up"), tr("Take up the middle of the mask"), {},
             [this] { m_space.picking().take_up_neutral(); });
  add_action(menu, tr("Lay the &key colors"), tr("Lay the corners of the mask as a family"), {},
             [this] { m_space.laying().lay_key_colors(); });
  add_action(menu, tr("Move the area &up"), tr("Let the area worked on come before the one above it"), {},
             [this] { m_limit->areas().move_chosen(-1); });
  add_action(menu, tr("Move the area &down"), tr("Let the area worked on come after the one below it"), {},
             [this] { m_limit->areas().move_chosen(1); });
  add_action(menu, tr("&Remove the area"), tr("Remove the mask area worked on"), {},
             [this] { m_limit->wheel().hands()->remove_area(); });
  add_action(menu, tr("Take the &mask off"), tr("Take the mask off the piece"), {},
             [this] { m_space.masking().take_mask_off(); });
}

void MainWindow::make_pick_menu() {
  auto* menu = add_desk_menu(Desk::Pick, tr("&Pick"));
  add_action(menu, tr("&Lighter"), tr("Raise the value by one"), {},
             [this] { m_space.picking().nudge_value(1); });
  add_action(menu, tr("&Darker"), tr("Lower the value by one"), {},
             [this] { m_space.picking().nudge_value(-1); });
  add_action(menu, tr("Toward &grey"), tr("Lower the saturation by a hundredth"), {},
             [this] { m_space.picking().nudge_saturation(-0.01); });
  add_action(menu, tr("&From grey"), tr("Raise the saturation by a hundredth"), {},
             [this] { m_space.picking().nudge_saturation(0.01); });
  menu->addSeparator();
  add_action(menu, tr("Zoom &in"),
             tr("Enlarge the wheel around the current color (+, or Ctrl and the wheel)"), {},
             [this] { m_pick->wheel().zoom_around_pick(1.25); });
  add_action(menu, tr("Zoom &out"), tr("Show more of the wheel (-)"), {},
             [this] { m_pick->wheel().zoom_around_pick(0.8); });
  add_action(menu, tr("&Whole wheel"), tr("Show the whole wheel (0)"), {},
             [this] { m_pick->wheel().zoom_to(1, {}); });
  menu->addSeparator();
  auto* fix = add_action(menu, tr("Fix the &relation"),
                         tr("Keep the related hues where they are while picking goes on"), {},
                         [this] { m_space.picking().fix_relation(!m_space.session().relations.of); });
  fix->setCheckable(true);
  m_space.hear({Part::Relations}, fix,
               [this, fix] { fix->setChecked(m_space.session().relations.of.has_value()); });
  add_action(menu, tr("Lay the &members of the relation"),
             tr("Lay the color and the hues related to it as a family"), {},
             [this] { m_space.laying().lay_relation(); });
  menu->addSeparator();
  add_action(menu, tr("Mi&x the current color"),
             tr("Put the current color at a corner of the field of mixtures"), {}, [this] {
               Mixing mixing = m_space.session().mixing;
               if (mixing.corners.size() >= kMostCorners)
                 return m_notice->tell(tr("The field has four colors; drop another on one of them."));
               m_space.picking().mix_by_hand(
                   with_corner(mixing, mixing.corners.size(), {m_space.session().color()}));
             });
  add_action(menu, tr("Add as a &paint"), tr("The current color joins the palette of paints"), {}, [this] {
    const Srgb color = m_space.session().color();
    m_space.store().apply(tr("Add a paint"), [color](Piece p) {
      return with_paint(std::move(p), color_name(color).toStdString(), color);
    });
  });
  auto* reach = add_action(menu, tr("Show what the paints rea&ch"),
                           tr("The dashed line around what the paints that are put out can mix"), {}, [this] {
                             ReachView view = m_space.session().reach;
                             view.shown = !view.shown;
                             m_space.picking().show_reach(view);
                           });
  reach->setCheckable(true);
  m_space.hear({Part::Reach}, reach, [this, reach] { reach->setChecked(m_space.session().reach.shown); });
  add_action(menu, tr("Make the reach the mas&k"),
             tr("What the paints can mix at this value becomes the mask"), {},
             [this] { m_space.paints().make_mask(false); });
  QMenu* limit_menu = m_desk_menus[static_cast<std::size_t>(Desk::Limit)];
  limit_menu->addSeparator();
  for (const int hues : {0, 12, 24, 36})
    limit_menu->addAction(add_action(menu, hues ? tr("%1 hues").arg(hues) : tr("Smooth hues"),
                                     tr("Cut the wheel into so many hues, or leave it smooth"), {},
                                     [this, hues] {
                                       Steps steps = m_space.steps();
                                       steps.hues = hues;
                                       m_space.picking().cut_into_steps(steps);
                                     }));
}

void MainWindow::make_grade_menu() {
  auto* menu = add_desk_menu(Desk::Grade, tr("&Grade"));
  SetWork& work = m_space.set_work();
  const auto command = [&](const QString& text, const QString& tip, const QKeySequence& key, auto run) {
    add_action(menu, text, tip, key, run);
  };
  const std::tuple<QString, SetView, QString> views[] = {
      {tr("&Staff"), SetView::Staff, tr("Families as columns, height is value")},
      {tr("&Rows"), SetView::Rows, tr("A compact grid with free places")},
      {tr("&List"), SetView::List, tr("Names, numbers and notes")},
      {tr("&Versions"), SetView::Versions, tr("Versions of the set side by side")}};
  for (const auto& [text, view, tip] : views)
    command(text, tip, {}, [this, view = view] { m_space.viewing().show_set_view(view); });
  menu->addSeparator();
  command(tr("Select the l&ight ones"), tr("Select the swatches of the light band"), {},
          [&work] { work.select_band(Band::Light); });
  command(tr("Select the &middle ones"), tr("Select the swatches of the middle band"), {},
          [&work] { work.select_band(Band::Middle); });
  command(tr("Select the &dark ones"), tr("Select the swatches of the dark band"), {},
          [&work] { work.select_band(Band::Dark); });
  command(tr("Select &near-duplicates"), tr("Select all swatches that are near-duplicates of another"), {},
          [&work] { work.select_near_duplicates(); });
  menu->addSeparator();
  command(tr("Fi&ll between"), tr("Lay three colors between the two selected swatches, in place"),
          QKeySequence(Qt::CTRL | Qt::Key_J), [&work] { work.fill_between(kUsualBetween, Way::Straight); });
  command(tr("&Even out the family"),
          tr("Spread the values of the chosen family evenly between its ends; locked ones stay"), {}, [this] {
            const Id family = m_space.session().family;
            m_space.store().apply(tr("Even out family"),
                                  [family](Piece p) { return with_evened(std::move(p), family); });
          });
  command(tr("Split o&ff as a family"), tr("Move the selected swatches into a family of their own"), {},
          [&work] { work.split_off(); });
  auto* sort = menu->addMenu(tr("S&ort the rows"));
  sort->setToolTipsVisible(true);
  const std::tuple<QString, SortBy, QString> orders[] = {
      {tr("By &value"), SortBy::Value, tr("Light to dark")},
      {tr("By &hue"), SortBy::Hue, tr("By OKLab hue, neutrals first")},
      {tr("By &chroma"), SortBy::Chroma, tr("Vivid to grey")},
      {tr("By &name"), SortBy::Name, tr("By name")}};
  for (const auto& [text, by, tip] : orders)
    add_action(sort, text, tip, {}, [this, by = by] {
      m_space.store().apply(tr("Sort rows"), [this, by](Piece p) {
        return with_set_sorted(std::move(p), m_space.piece().current_set, by);
      });
    });
}

/// Digits take up, Shift with a digit lays down; not while a field is being typed in.
void MainWindow::make_well_keys() {
  for (int i = 0; i < 8; ++i) {
    const auto well = static_cast<std::size_t>(i);
    const auto key = static_cast<Qt::Key>(Qt::Key_1 + i);
    connect(new QShortcut(QKeySequence(key), this), &QShortcut::activated, this,
            [this, well] { m_space.picking().take_up_well(well); });
    connect(new QShortcut(QKeySequence(Qt::SHIFT | key), this), &QShortcut::activated, this,
            [this, well] { m_space.picking().lay_down_well(well); });
  }
}

} // namespace zc
