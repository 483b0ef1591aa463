// SPDX-License-Identifier: GPL-3.0-or-later
// Masks, keys, picking, mixing, and what stands beside the work.
#include "app/commands/rows.h"

namespace zc::test {

std::vector<Command> commands_of_colors_and_masks() {
  const QString noon = QStringLiteral(DEMO_PHOTOS "/noon.jpg");
  return {
      turn_row("turnMaskClockwise", 1),
      turn_row("turnMaskCounterclockwise", -1),
      turn_row("turnMaskToComplements", 180),
      turn_row("turnMaskToNextHue", 30),
      turn_row("turnMaskToPreviousHue", -30),
      {"turnMaskBy", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         const Mask before = *d.piece().mask;
         run();
         QTest::keyClicks(QApplication::focusWidget(), "25.5");
         QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
         return d.piece().mask == turned_mask(before, 25.5);
       }},
      area_move_row("moveAreaUp", 2, 1),
      area_move_row("moveAreaDown", 0, 1),
      tool_row("drawOutline", MaskHands::Tool::Outline),
      tool_row("drawEllipse", MaskHands::Tool::Round),
      tool_row("drawRingSector", MaskHands::Tool::Sector),
      {"useNeutral", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         run();
         const DiscPoint middle = *MaskRegion(*d.piece().mask).centroid();
         const DiscPoint now = disc_point(d.session().at.at);
         return near_to(now.x, middle.x) && near_to(now.y, middle.y);
       }},
      {"addCornerColors", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         const std::size_t before = families(d).size(),
                           corners = MaskRegion(*d.piece().mask).corners().size();
         run();
         return families(d).size() == before + 1 && families(d).back().swatches.size() == corners;
       }},
      {"removeArea", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         d.model().store().apply("t", [](Piece p) {
           return with_area_added(std::move(p), {AreaMode::Adds, RingSector{}});
         });
         d.model().masking().select_area(1);
         run();
         return d.piece().mask->areas.size() == 1 &&
                std::holds_alternative<Polygon>(d.piece().mask->areas[0].shape);
       }},
      {"showKeys", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool shown =
             d.part<QWidget>("keySheet").isVisible() && !d.part<QWidget>("maskWheel").isVisible();
         d.trigger("showMask");
         return shown;
       }},
      {"showMask", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         d.model().viewing().show_keys(true);
         run();
         return d.part<QWidget>("maskWheel").isVisible();
       }},
      {"saveKeySheet", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.export_path = folder.filePath("keys.png");
         run();
         const bool saved = comes_true([&] { return d.notice().contains("keys.png"); }) &&
                            QImage(d.dialogs.export_path).width() > 1000;
         d.trigger("showMask");
         return saved;
       }},
      {"turnAllSetsAlong", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool all = d.session().carry == Carry::AllToo;
         run();
         return all && d.session().carry == Carry::SetToo;
       }},
      {"lockMask", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool locked = d.model().at_hand().mask_locked;
         run();
         return locked && !d.model().at_hand().mask_locked;
       }},
      {"removeMask", "", Desk::Limit,
       [](DeskTop& d, const Trigger& run) {
         run();
         return !d.piece().mask;
       }},
      nudge_row("makeLighter", 0, 1),
      nudge_row("makeDarker", 0, -1),
      nudge_row("makeGreyer", -0.01, 0),
      nudge_row("makeMoreSaturated", 0.01, 0),
      {"zoomIn", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         wheel(d, "wheel").zoom_to(1, {});
         run();
         return near_to(wheel(d, "wheel").zoom(), 1.25);
       }},
      {"zoomOut", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         wheel(d, "wheel").zoom_to(2, {50, 50});
         run();
         return near_to(wheel(d, "wheel").zoom(), 1.6);
       }},
      {"showWholeWheel", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         wheel(d, "wheel").zoom_to(3, {50, 50});
         run();
         return wheel(d, "wheel").zoom() == 1;
       }},
      {"addLadder", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.model().picking().choose_relation(Relation::Square);
         const std::size_t before = current_set(d.piece())->families.size();
         run();
         const auto& families = current_set(d.piece())->families;
         return families.size() == before + 4 && families.back().swatches.size() == 5 &&
                near_to(value_of(families.back().swatches[4].color), 92, 1e-6);
       }},
      {"showAllRelations", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool shown = d.session().relations.all;
         run();
         return shown && !d.session().relations.all;
       }},
      {"pinRelation", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.model().picking().use_color(*parse_color("#98573f"));
         const WheelPoint place = d.session().at.at;
         run();
         d.model().picking().use_color(*parse_color("#3d477f"));
         const bool fixed = d.model().picking().members()[0].at == place;
         run();
         return fixed && d.model().picking().members()[0].at == d.session().at.at;
       }},
      {"addRelation", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         const std::size_t before = families(d).size(), members = d.model().picking().members().size();
         run();
         return families(d).size() == before + 1 && families(d).back().swatches.size() == members;
       }},
      {"mixCurrentColor", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.model().picking().mix_by_hand({});
         for (int i = 0; i < 5; ++i) run();
         return d.session().at_hand.mixing.corners.size() == 4 &&
                d.session().at_hand.mixing.corners[3].color == d.session().color() &&
                d.notice().contains("four colors");
       }},
      {"addAsPaint", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const auto& paints = d.piece().paints;
         return paints.size() == 6 && paints[5].color == d.session().color();
       }},
      {"showReach", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool shown = d.session().reach.shown;
         run();
         return shown && !d.session().reach.shown;
       }},
      {"showPressReach", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool hidden = !d.session().reach.press;
         run();
         return hidden && d.session().reach.press;
       }},
      {"makeReachMask", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.model().store().apply("t", [](Piece p) { return with_paints(std::move(p), {}); });
         run();
         if (!d.notice().contains("Put at least one paint on the palette")) return false;
         d.model().store().apply("t", [](Piece p) -> Result<Piece> {
           for (const char* paint : {"yellow earth", "iron-oxide red"}) {
             auto next = with_paint(std::move(p), paint, {}, paint);
             if (!next) return next;
             p = std::move(next).value();
           }
           return p;
         });
         const auto before = d.piece().mask;
         return comes_true([&] { return d.model().paints().reach_is_current(); }) &&
                (run(), d.piece().mask != before && d.piece().mask->name.find("paints") != std::string::npos);
       }},
      {"keepReference", "K", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool kept = d.part<PhotoView>("keptPhoto").isVisible();
         run();
         return kept && !d.part<PhotoView>("keptPhoto").isVisible();
       }},
      {"movePointerByKeys", "F7", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.part<WheelView>("wheel").setFocus();
         const Srgb before = d.session().color();
         run();
         const bool shown = d.part<QWidget>("keyHand").isVisible();
         QTest::keyClick(&d.part<QWidget>("wheel"), Qt::Key_Left, Qt::ShiftModifier);
         QTest::keyClick(&d.part<QWidget>("wheel"), Qt::Key_Return);
         const bool picked = !(d.session().color() == before);
         run();
         return shown && picked && !d.window.findChild<QWidget*>("keyHand");
       }},
      {"foldTray", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         const int high = d.part<Tray>("tray").height();
         run();
         const int low = d.part<Tray>("tray").height();
         const bool hex_stays =
             d.part<QWidget>("hex").isVisible() && !d.part<QWidget>("place.hue").isVisible();
         run();
         return low < high / 2 && hex_stays && d.part<Tray>("tray").height() == high;
       }},
      {"showVividWheel", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool on = d.session().vivid_plan;
         run();
         return on && !d.session().vivid_plan;
       }},
      {"showCompanion", "B", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool shown = d.program.beside.shown();
         run();
         return shown && !d.program.beside.shown();
       }},
      {"copyEveryPick", "Ctrl+H", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         d.model().picking().use_color({0.2, 0.4, 0.6});
         const bool handed = QGuiApplication::clipboard()->text() == "#336699";
         run();
         return handed && !d.program.copy_on_pick.on();
       }},
      {"chooseCopyForm", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool open = d.part<QWidget>("handPanel").isVisible();
         QTest::keyClick(&d.part<QWidget>("handPattern"), Qt::Key_Escape);
         return open && !d.part<QWidget>("handPanel").isVisible();
       }},
      {"openInRunningWindow", "", Desk::Pick,
       [](DeskTop&, const Trigger& run) {
         const auto kept = [] { return QSettings().value(QLatin1String(kOneWindowKey), false).toBool(); };
         run();
         const bool on = kept();
         run();
         return on && !kept();
       }},
      {"followCanvas", "", Desk::Observe,
       [noon](DeskTop& d, const Trigger& run) {
         d.dialogs.photo_paths = {noon};
         run();
         return comes_true([&] {
           return !d.piece().references.empty() && d.piece().references.back().follows == noon.toStdString();
         });
       }},
      {"stopFollowingFile", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         const Id shown = d.session().reference;
         d.model().store().apply("tie", [shown](Piece p) {
           return with_reference_following(std::move(p), shown, "/canvas.png");
         });
         run();
         return find_reference(d.piece(), shown)->follows.empty();
       }},
      // Nothing here can be seen, and that is said; see the tests of the screen.
      {"pickColorFromScreen", "P", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return comes_true([&] { return d.notice().contains("see the screen"); });
       }},
      {"setGlobalShortcutForPicking", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return comes_true([&] { return d.notice().contains("does not offer global shortcuts"); });
       }},
      {"addScreenPicture", "Shift+P", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return comes_true([&] { return d.notice().contains("see the screen"); });
       }},
      {"watchCanvas", "W", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return comes_true([&] { return d.notice().contains("see the screen"); });
       }},
      {"watchCanvasAgain", "Shift+W", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return comes_true([&] { return d.notice().contains("see the screen"); });
       }},
      {"arrangeForLeftHand", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         const auto left_of = [&](QWidget& w) { return w.mapTo(&d.window, QPoint()).x(); };
         QWidget &plan = wheel(d, "wheel"), &staff = d.part<QWidget>("staff");
         auto &pair = d.part<QWidget>("colorPair"), &lay = d.part<QWidget>("lay");
         const bool right = left_of(plan) < left_of(staff) && left_of(pair) < left_of(lay);
         run();
         QCoreApplication::processEvents();
         const bool left = left_of(plan) > left_of(staff) && left_of(pair) > left_of(lay);
         run();
         return right && left && left_of(plan) < left_of(staff);
       }},
  };
}

} // namespace zc::test
