// SPDX-License-Identifier: GPL-3.0-or-later
// Files, photos and how they are looked at.
#include "app/commands/rows.h"

namespace zc::test {

std::vector<Command> commands_of_files_and_photos() {
  const QString noon = QStringLiteral(DEMO_PHOTOS "/noon.jpg");
  return {
      {"save", "Ctrl+S", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.save_path = folder.filePath("a.zonachrom");
         d.trigger("saveAs");
         d.model().store().apply("t", [](Piece p) { return with_title(std::move(p), "changed"); });
         run();
         return open_document(d.dialogs.save_path.toStdString())->piece.title == "changed";
       }},
      {"saveAs", "Ctrl+Shift+S", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.save_path = folder.filePath("b.zonachrom");
         run();
         return QFile::exists(d.dialogs.save_path) && !d.window.isWindowModified();
       }},
      {"addPhotos", "Ctrl+Shift+O", Desk::Observe,
       [noon](DeskTop& d, const Trigger& run) {
         const std::size_t before = d.piece().references.size();
         d.dialogs.photo_paths = {noon};
         run();
         return comes_true([&] { return d.piece().references.size() == before + 1; });
       }},
      export_row("export.tokens", ExchangeFormat::Tokens),
      export_row("export.cxf", ExchangeFormat::Cxf),
      export_row("export.cgats", ExchangeFormat::Cgats),
      export_row("export.css", ExchangeFormat::Css),
      export_row("export.csv", ExchangeFormat::Csv),
      export_row("export.hex", ExchangeFormat::Hex),
      export_row("export.svg", ExchangeFormat::Svg),
      export_row("export.png", ExchangeFormat::Png),
      {"importPalette", "Ctrl+Shift+I", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.set_path = QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv");
         run();
         const bool offered = comes_true([&] { return d.session().set_view == SetView::Import; });
         d.model().viewing().show_set_view(SetView::Staff);
         return offered;
       }},
      {"packParcel", "Ctrl+Shift+E", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.export_path = folder.filePath("p.zonaparcel");
         run();
         const auto parcel = open_parcel(d.dialogs.export_path.toStdString());
         return parcel && parcel->sets.size() == d.piece().sets.size() && parcel->masks.size() == 1;
       }},
      {"unpackParcel", "", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.export_path = d.dialogs.set_path = folder.filePath("p.zonaparcel");
         d.trigger("packParcel");
         run();
         return comes_true([&] { return d.notice().contains("shelf"); });
       }},
      {"undo", "Ctrl+Z", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         const Piece before = d.piece();
         d.model().laying().lay_current();
         run();
         return d.piece() == before;
       }},
      {"redo", "Ctrl+Shift+Z", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.model().laying().lay_current();
         const Piece after = d.piece();
         d.trigger("undo");
         run();
         return d.piece() == after;
       }},
      {"copyColorAsHex", "Ctrl+Shift+C", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.model().picking().use_color(*parse_color("#98573f"));
         run();
         return QApplication::clipboard()->text() == "#98573f";
       }},
      {"paste", "Ctrl+V", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.window.setFocus();
         QApplication::clipboard()->setText("#123456");
         run();
         return hex_of(d.session().color()) == "#123456";
       }},
      {"addCurrentColorToSet", "Ctrl+L", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.model().picking().use_color(*parse_color("#123457"));
         d.model().laying().select_family(families(d)[1].id);
         run();
         return hex_of(families(d)[1].swatches.back().color) == "#123457";
       }},
      name_row("addFamily", "Ctrl+Shift+L", Desk::Pick, [](DeskTop& d) { return families(d).back().name; }),
      name_row("renameSwatchOrFamily", "F2", Desk::Pick,
               [](DeskTop& d) {
                 const Swatch* s = find_swatch(d.piece(), d.session().selection.focus());
                 return s ? s->name : find_family(d.piece(), d.session().family)->name;
               }),
      {"deleteSwatches", "Del", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const Id id = swatch(d, 0, 1).id;
         work(d).select({id});
         run();
         return find_swatch(d.piece(), id) == nullptr;
       }},
      {"goBackToPreviousColor", "Ctrl+B", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.model().picking().use_color(*parse_color("#101010"));
         d.model().picking().use_color(*parse_color("#fafafa"));
         run();
         return hex_of(d.session().color()) == "#101010" && hex_of(d.session().before) == "#fafafa";
       }},
      desk_row("desk.1", "Ctrl+1", Desk::Observe),
      desk_row("desk.2", "Ctrl+2", Desk::Limit),
      desk_row("desk.3", "Ctrl+3", Desk::Pick),
      desk_row("desk.4", "Ctrl+4", Desk::Grade),
      eyes_row("valuesOnly", "Ctrl+G", ColorVision::Values),
      eyes_row("protanopia", "", ColorVision::Protan),
      eyes_row("deuteranopia", "", ColorVision::Deutan),
      eyes_row("tritanopia", "", ColorVision::Tritan),
      severity_row("severity.25", 0.25),
      severity_row("severity.50", 0.5),
      severity_row("severity.75", 0.75),
      severity_row("severity.100", 1),
      size_row("size.desktop", {}),
      size_row("size.80", 80),
      size_row("size.90", 90),
      size_row("size.100", 100),
      size_row("size.110", 110),
      size_row("size.125", 125),
      size_row("size.150", 150),
      size_row("size.175", 175),
      size_row("size.200", 200),
      surround_row("surround.dark", Surround::Dark),
      surround_row("surround.middle", Surround::Middle),
      surround_row("surround.light", Surround::Light),
      look_row("lookColor", PhotoLook::Color),
      look_row("lookValue", PhotoLook::Value),
      look_row("lookFlat", PhotoLook::Flat),
      look_row("lookSquint", PhotoLook::Squint),
      look_row("lookSteps", PhotoLook::Steps),
      look_row("lookMask", PhotoLook::Mask),
      {"findEverywhere", "Ctrl+Shift+F", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         auto& words = d.part<QLineEdit>("findWords");
         if (!words.isVisible()) return false;
         type_into(words, "lamp");
         auto& list = d.part<QListWidget>("foundList");
         if (!comes_true([&] { return list.count() > 0; })) return false;
         // A version's swatch is shown among the versions; Escape closes.
         QTest::keyClick(&words, Qt::Key_Escape);
         return !words.isVisible();
       }},
      {"pinSpot", "D", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         auto& photo = d.part<PhotoView>("photo");
         move(photo, {photo.width() * 0.4, photo.height() * 0.5}, Qt::NoButton);
         run();
         const bool pinned = d.session().looking.spot.has_value();
         run();
         return pinned && !d.session().looking.spot;
       }},
      {"addBothSpots", "Shift+D", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         auto& photo = d.part<PhotoView>("photo");
         move(photo, {photo.width() * 0.4, photo.height() * 0.5}, Qt::NoButton);
         d.trigger("pinSpot");
         move(photo, {photo.width() * 0.6, photo.height() * 0.5}, Qt::NoButton);
         const auto before = swatch_count(*current_set(d.piece()));
         run();
         return swatch_count(*current_set(d.piece())) == before + 2;
       }},
      {"showPixelsOneToOne", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool actual = near_to(d.part<PhotoView>("photo").zoom() * 1, 1 / d.window.devicePixelRatio());
         d.part<PhotoView>("photo").fit();
         return actual;
       }},
      {"turnViewClockwise", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         auto& photo = d.part<PhotoView>("photo");
         photo.fit();
         const QPointF before = photo.place_of(0, 0), middle = photo.place_of(768, 480);
         run();
         const QPointF after = photo.place_of(0, 0);
         d.trigger("turnViewCounterclockwise");
         // From the top left to the top right.
         return before.x() < middle.x() && after.x() > middle.x() && after.y() < middle.y();
       }},
      {"turnViewCounterclockwise", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         auto& photo = d.part<PhotoView>("photo");
         photo.fit();
         const QPointF middle = photo.place_of(768, 480);
         run();
         const QPointF after = photo.place_of(0, 0);
         d.trigger("turnViewClockwise");
         return after.x() < middle.x() && after.y() > middle.y();
       }},
      {"mirrorView", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         auto& photo = d.part<PhotoView>("photo");
         photo.fit();
         const QPointF left = photo.place_of(0, 0);
         run();
         const QPointF right = photo.place_of(0, 0);
         run();
         return right.x() > left.x() + 200 && near_to(right.y(), left.y(), 1) && photo.place_of(0, 0) == left;
       }},
      {"cropViewToRegion", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         auto& photo = d.part<PhotoView>("photo");
         photo.fit();
         const double before = photo.zoom();
         Looking looking = d.session().looking;
         looking.region = PixelRect{100, 100, 200, 150};
         d.model().viewing().look_at(looking);
         run();
         const bool larger = photo.zoom() > 2 * before;
         d.trigger("showWholePhoto");
         return larger && near_to(photo.zoom(), before, 0.01);
       }},
      {"showWholePhoto", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         auto& photo = d.part<PhotoView>("photo");
         const double before = photo.zoom();
         d.trigger("cropViewToRegion");
         run();
         forget_region(d);
         return near_to(photo.zoom(), before, 0.01);
       }},
      {"replaceReference", "", Desk::Observe,
       [noon](DeskTop& d, const Trigger& run) {
         const Id id = d.session().reference;
         const Reference before = *find_reference(d.piece(), id);
         d.dialogs.photo_paths = {noon};
         run();
         return comes_true([&] {
           const Reference* now = find_reference(d.piece(), id);
           return now && now->name != before.name && *now->bytes != *before.bytes;
         });
       }},
      name_row("renameReference", "", Desk::Observe,
               [](DeskTop& d) { return find_reference(d.piece(), d.session().reference)->name; }),
      {"moveReferenceLeft", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         const Id second = d.piece().references[1].id;
         d.model().viewing().show_reference(second);
         run();
         return d.piece().references[0].id == second;
       }},
      {"moveReferenceRight", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         const Id second = d.piece().references[1].id;
         d.model().viewing().show_reference(second);
         run();
         return d.piece().references[2].id == second;
       }},
      {"fitPhoto", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         auto& photo = d.part<PhotoView>("photo");
         photo.fit();
         const double fitted = photo.zoom();
         photo.zoom_to(3, {10, 10});
         run();
         return photo.zoom() == fitted;
       }},
      {"removeReference", "", Desk::Observe,
       [](DeskTop& d, const Trigger& run) {
         const Id id = d.session().reference;
         run();
         return find_reference(d.piece(), id) == nullptr && d.piece().references.size() == 4;
       }},
  };
}

} // namespace zc::test
