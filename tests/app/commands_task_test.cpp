// SPDX-License-Identifier: GPL-3.0-or-later
// Every command of the menus and every number field of the window does what it says. One that is added fails
// here until it stands in a row.
#include "app/band/staff_view.h"
#include "app/controls/name_editor.h"
#include "app/controls/number_field.h"
#include "app/handbook/handbook_window.h"
#include "app/menus/command_menu.h"
#include "app/menus/file_menu.h"
#include "app/photo/photo_view.h"
#include "app/program/beside.h"
#include "app/theme/interface_size.h"
#include "app/tray/tray.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/mask/patterns.h"
#include "desk.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"
#include "io/shelf/parcel.h"
#include "model/mixing/paint_model.h"
#include "model/share/share_model.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QApplication>
#include <QBackingStore>
#include <QClipboard>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QMenuBar>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QScreen>
#include <QSettings>

#include <set>

using namespace zc;
using namespace zc::test;

namespace {

using Trigger = std::function<void()>;
struct Command {
  const char* name; ///< What it is found by, in every language.
  const char* key;  ///< Portable text of its shortcut; null where the platform has its own.
  Desk at;
  std::function<bool(DeskTop&, const Trigger&)> works;
};

bool near_to(double got, double expected, double by = 1e-6) { return std::abs(got - expected) < by; }

void forget_region(DeskTop& d) {
  Looking looking = d.session().looking;
  looking.region.reset();
  d.model().viewing().look_at(looking);
}
SetWork& work(DeskTop& d) { return d.model().set_work(); }
const List<Family>& families(DeskTop& d) { return current_set(d.piece())->families; }
const Swatch& swatch(DeskTop& d, std::size_t family, std::size_t i) {
  return families(d)[family].swatches[i];
}
/// Selects a swatch with a code.
void give_code(DeskTop& d) {
  const Id id = swatch(d, 1, 2).id;
  d.model().store().apply("code", [id](Piece p) {
    return with_swatch_coded(std::move(p), id, code_with(BookName{"A book", "R 7"}, {40, 50, 30}));
  });
  work(d).select({id});
}
template <Finish finish> bool finished(DeskTop& d, const Trigger& run) {
  give_code(d);
  d.model().set_work().mark_finish(finish == Finish::Plain ? Finish::Metallic : Finish::Plain);
  run();
  return code_of(swatch(d, 1, 2))->finish == finish;
}
WheelView& wheel(DeskTop& d, const char* name) { return d.part<WheelView>(name); }

Command desk_row(const char* name, const char* key, Desk desk) {
  return {name, key, desk == Desk::Pick ? Desk::Limit : Desk::Pick, [desk](DeskTop& d, const Trigger& run) {
            run();
            return d.session().desk == desk;
          }};
}
Command look_row(const char* name, PhotoLook look) {
  return {name, "", Desk::Observe, [look](DeskTop& d, const Trigger& run) {
            d.model().viewing().show_look(look == PhotoLook::Color ? PhotoLook::Value : PhotoLook::Color);
            run();
            return d.session().looking.look == look;
          }};
}
Command view_row(const char* name, SetView view) {
  return {name, "", Desk::Grade, [view](DeskTop& d, const Trigger& run) {
            d.model().viewing().show_set_view(view == SetView::List ? SetView::Staff : SetView::List);
            run();
            return d.session().set_view == view;
          }};
}
Command eyes_row(const char* name, const char* keys, ColorVision::Kind vision) {
  return {name, keys, Desk::Pick, [vision](DeskTop& d, const Trigger& run) {
            run();
            const bool on = d.session().vision == vision;
            run();
            return on && d.session().vision == ColorVision::Normal;
          }};
}
/// The kind that is looked with stays.
Command severity_row(const char* name, double severity) {
  return {name, "", Desk::Pick, [severity](DeskTop& d, const Trigger& run) {
            d.model().viewing().look_with({ColorVision::Deutan, severity < 1 ? 1 : 0.5});
            run();
            const bool on = d.session().vision == ColorVision(ColorVision::Deutan, severity);
            d.model().viewing().look_with(ColorVision());
            return on;
          }};
}
Command handbook_row(const char* name, const char* keys, const char* page) {
  return {name, keys, Desk::Grade, [page](DeskTop& d, const Trigger& run) {
            run();
            auto& handbook = d.part<HandbookWindow>("handbook");
            const bool shown = handbook.isVisible() && handbook.page() == QLatin1String(page);
            handbook.close();
            return shown;
          }};
}
Command size_row(const char* name, std::optional<int> percent) {
  return {name, "", Desk::Pick, [percent](DeskTop& d, const Trigger& run) {
            choose_interface_size(percent ? std::nullopt : std::optional(125));
            run();
            const bool chosen = chosen_interface_size() == percent && d.notice().contains("next start");
            choose_interface_size({});
            return chosen;
          }};
}
Command surround_row(const char* name, Surround surround) {
  return {name, "", Desk::Pick, [surround](DeskTop& d, const Trigger& run) {
            d.window.use_surround(surround == Surround::Dark ? Surround::Light : Surround::Dark);
            run();
            const bool shown = current_surround() == surround;
            d.window.use_surround(Surround::Dark);
            return shown;
          }};
}
Command export_row(const char* name, ExchangeFormat format) {
  return {name, "", Desk::Grade, [format](DeskTop& d, const Trigger& run) {
            const QTemporaryDir folder;
            d.dialogs.export_path = folder.filePath("out");
            run();
            QFile file(d.dialogs.export_path);
            if (!file.open(QIODevice::ReadOnly)) return false;
            const QByteArray written = file.readAll();
            return Bytes(written.begin(), written.end()) == *write_set(*current_set(d.piece()), format);
          }};
}
Command turn_row(const char* name, double by) {
  return {name, "", Desk::Limit, [by](DeskTop& d, const Trigger& run) {
            const Mask before = *d.piece().mask;
            run();
            return d.piece().mask == turned_mask(before, by);
          }};
}
/// Of three areas, one goes from a place to another.
Command area_move_row(const char* name, std::size_t from, std::size_t to) {
  return {name, "", Desk::Limit, [from, to](DeskTop& d, const Trigger& run) {
            d.model().store().apply("areas", [](Piece p) {
              auto out = with_area_added(std::move(p), {AreaMode::Adds, Ellipse{{0.1, 0.2}, 0.3, 0.2, 0}});
              return with_area_added(std::move(out).value(), {AreaMode::Cuts, RingSector{0, 90, 0.5, 1}});
            });
            d.model().masking().select_area(from);
            const Area moved = d.piece().mask->areas[from];
            run();
            return d.piece().mask->areas[to] == moved && d.session().area == to;
          }};
}
Command tool_row(const char* name, MaskHands::Tool tool) {
  return {name, "", Desk::Limit, [tool](DeskTop& d, const Trigger& run) {
            auto* hands = wheel(d, "maskWheel").hands();
            run();
            const bool chosen = hands->tool() == tool;
            hands->choose_tool(MaskHands::Tool::None);
            return chosen;
          }};
}
Command nudge_row(const char* name, double saturation, double value) {
  return {name, "", Desk::Pick, [=](DeskTop& d, const Trigger& run) {
            d.model().picking().use_color(*parse_color("#98573f"));
            const WheelPoint before = d.session().at.at;
            run();
            return near_to(d.session().at.at.r, before.r + saturation) &&
                   near_to(d.session().at.at.v, before.v + value);
          }};
}
Command hues_row(const char* name, int hues) {
  return {name, "", Desk::Pick, [hues](DeskTop& d, const Trigger& run) {
            d.model().picking().cut_into_steps({hues ? 0 : 6, 4, 0});
            run();
            const bool cut = d.model().steps() == Steps{hues, 4, 0};
            d.model().picking().cut_into_steps({});
            return cut;
          }};
}
Command band_row(const char* name, Band band) {
  return {name, "", Desk::Grade, [band](DeskTop& d, const Trigger& run) {
            run();
            std::vector<Id> expected;
            for (const auto& family : families(d))
              for (const auto& s : family.swatches)
                if (band_of(value_of(s.color), d.piece().bands) == band) expected.push_back(s.id);
            return !expected.empty() && work(d).selection() == expected;
          }};
}
Command try_row(const char* name, TryWay way) {
  return {name, "", Desk::Try, [way](DeskTop& d, const Trigger& run) {
            Trying other = d.session().trying;
            other.way = way == TryWay::Photo ? TryWay::Check : TryWay::Photo;
            d.model().viewing().try_on(other);
            run();
            return d.session().trying.way == way;
          }};
}
Command share_row(const char* name, ShareView view) {
  return {name, "", Desk::Share, [view](DeskTop& d, const Trigger& run) {
            run();
            return d.session().sharing.view == view;
          }};
}
/// A file that begins so is written.
Command sheet_row(const char* name, const char* file_name, const char* begins) {
  return {name, "", Desk::Share, [file_name, begins](DeskTop& d, const Trigger& run) {
            const QTemporaryDir folder;
            d.dialogs.export_path = folder.filePath(QString::fromLatin1(file_name));
            run();
            QFile file(d.dialogs.export_path);
            return file.open(QIODevice::ReadOnly) && file.readAll().contains(begins);
          }};
}
Command sort_row(const char* name, SortBy by) {
  return {name, "", Desk::Grade, [by](DeskTop& d, const Trigger& run) {
            for (const std::size_t f : {0u, 2u})
              d.model().store().apply("t", [&](Piece p) {
                return with_swatches_moved(std::move(p), {swatch(d, f, 0).id}, families(d)[f].id, 3);
              });
            const Piece before = d.piece();
            run();
            return d.piece() != before &&
                   d.piece().sets == with_set_sorted(before, before.current_set, by)->sets;
          }};
}
/// A name editor comes up; what is typed into it is taken.
template <class Read> Command name_row(const char* name, const char* key, Desk desk, Read read) {
  return {name, key, desk, [read](DeskTop& d, const Trigger& run) {
            run();
            for (auto* field : d.window.findChildren<NameEditor*>())
              if (field->isVisible()) {
                type_into(*field, "brass fittings");
                return read(d) == "brass fittings";
              }
            return false;
          }};
}

std::vector<Command> all_commands() {
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
      {"addColorsBetween", "Ctrl+J", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const Swatch a = swatch(d, 1, 1), b = swatch(d, 1, 2);
         work(d).select({a.id, b.id});
         run();
         const auto& row = families(d)[1].swatches;
         const auto steps = *steps_between(a.color, b.color, 3, Way::Straight);
         bool filled = row[1].id == a.id && row[5].id == b.id;
         for (std::size_t i = 0; i < 3; ++i) filled = filled && row[2 + i].color == steps[i].color;
         return filled;
       }},
      {"useSwatchColor", "Ctrl+T", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         work(d).select({swatch(d, 2, 1).id});
         run();
         return d.session().color() == swatch(d, 2, 1).color;
       }},
      hues_row("hues.0", 0),
      hues_row("hues.12", 12),
      hues_row("hues.24", 24),
      hues_row("hues.36", 36),
      view_row("showStaff", SetView::Staff),
      view_row("showRows", SetView::Rows),
      view_row("showList", SetView::List),
      view_row("showVersions", SetView::Versions),
      {"editDetails", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const Card before = card_of(d.piece());
         type_into(d.part<QLineEdit>("card.date"), "14.9.");
         const bool refused = word_at_field(d.window).contains("is not a date") &&
                              d.part<QWidget>("card").isVisible() && card_of(d.piece()) == before;
         d.part<QPlainTextEdit>("card.words").setPlainText("rain, later");
         d.part<QLineEdit>("card.signature").setText("plate two");
         type_into(d.part<QLineEdit>("card.date"), "2026-09-15");
         const Card now = card_of(d.piece());
         const bool taken = now == Card{before.title, "rain, later", "2026-09-15", "plate two"};
         const bool closed = !d.part<QWidget>("card").isVisible();
         d.trigger("undo");
         return refused && taken && closed && card_of(d.piece()) == before;
       }},
      {"findSwatch", "Ctrl+F", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.session().desk == Desk::Grade && d.part<QLineEdit>("find").isVisible();
       }},
      {"selectAll", "Ctrl+A", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         run();
         return work(d).selection().size() == swatch_count(*current_set(d.piece()));
       }},
      band_row("selectLightSwatches", Band::Light),
      band_row("selectMiddleSwatches", Band::Middle),
      band_row("selectDarkSwatches", Band::Dark),
      {"selectNearDuplicates", "", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const Id twin = swatch(d, 2, 0).id;
         work(d).select({twin});
         work(d).duplicate();
         const Id copy = swatch(d, 2, families(d)[2].swatches.size() - 1).id;
         work(d).select({});
         run();
         return work(d).selected(twin) && work(d).selected(copy) && work(d).selection().size() == 2;
       }},
      {"copySwatches", "Ctrl+C", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         work(d).select({swatch(d, 0, 0).id, swatch(d, 0, 1).id});
         run();
         const QString text = QApplication::clipboard()->text();
         return text.contains(QString::fromStdString(hex_of(swatch(d, 0, 0).color))) &&
                text.contains(QString::fromStdString(hex_of(swatch(d, 0, 1).color)));
       }},
      {"cutSwatches", "Ctrl+X", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const Swatch s = swatch(d, 1, 2);
         work(d).select({s.id});
         QApplication::clipboard()->clear();
         run();
         return !find_swatch(d.piece(), s.id) &&
                QApplication::clipboard()->text().contains(QString::fromStdString(hex_of(s.color)));
       }},
      {"replaceWithCurrentColor", "Ctrl+R", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const Id id = swatch(d, 1, 2).id;
         work(d).select({id});
         d.model().picking().use_color(*parse_color("#aabb11"));
         run();
         return hex_of(find_swatch(d.piece(), id)->color) == "#aabb11";
       }},
      {"duplicateSwatches", "Ctrl+D", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const std::size_t before = families(d)[1].swatches.size();
         work(d).select({swatch(d, 1, 2).id});
         run();
         return families(d)[1].swatches.size() == before + 1;
       }},
      {"lockOrUnlockSwatches", "Ctrl+K", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         work(d).select({swatch(d, 1, 2).id});
         run();
         const bool on = swatch(d, 1, 2).locked;
         run();
         return on && !swatch(d, 1, 2).locked;
       }},
      {"markMetallicInk", "", Desk::Grade, finished<Finish::Metallic>},
      {"markFluorescentInk", "", Desk::Grade, finished<Finish::Fluorescent>},
      {"markPlainInk", "", Desk::Grade, finished<Finish::Plain>},
      {"removeCode", "", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         give_code(d);
         run();
         return !swatch(d, 1, 2).code;
       }},
      {"markSwatchesUsedOrUnused", "Ctrl+M", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         work(d).select({swatch(d, 1, 2).id});
         run();
         const bool on = swatch(d, 1, 2).used;
         run();
         return on && !swatch(d, 1, 2).used;
       }},
      {"spaceFamilyEvenly", "", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         d.model().laying().select_family(families(d)[2].id);
         run();
         const auto& list = families(d)[2].swatches;
         return near_to(value_of(list[0].color) - value_of(list[1].color),
                        value_of(list[1].color) - value_of(list[2].color), 1e-4);
       }},
      {"splitOffAsFamily", "", Desk::Grade,
       [](DeskTop& d, const Trigger& run) {
         const Id id = swatch(d, 1, 2).id;
         work(d).select({id});
         run();
         return families(d).size() == 5 && families(d)[2].swatches.size() == 1 &&
                families(d)[2].swatches[0].id == id;
       }},
      {"desk.5", "Ctrl+5", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.session().desk == Desk::Try && d.part<QWidget>("tryPicture").isVisible();
       }},
      try_row("tryPhoto", TryWay::Photo),
      try_row("tryStudy", TryWay::Study),
      try_row("tryFollow", TryWay::Follow),
      try_row("tryCheck", TryWay::Check),
      {"compareTwoUnderOneEdge", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.session().trying.two && d.part<QWidget>("try.left").isVisible();
       }},
      {"swapSides", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const Trying before = d.session().trying;
         run();
         return d.session().trying.left == before.right && d.session().trying.right == before.left;
       }},
      {"selectUnusedSwatches", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         run();
         const auto& uses = d.model().tries().uses();
         return std::ranges::all_of(uses, [&](const auto& use) {
           return d.session().selection.has(use.first) == (use.second == 0);
         });
       }},
      {"removeUnusedSwatches", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const auto before = d.model().tries().uses();
         run();
         return std::ranges::all_of(before, [&](const auto& use) {
           return (find_swatch(d.piece(), use.first) != nullptr) == (use.second > 0);
         });
       }},
      {"markUsedSwatches", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         run();
         const auto& uses = d.model().tries().uses();
         return std::ranges::all_of(uses, [&](const auto& use) {
           return find_swatch(d.piece(), use.first)->used == (use.second > 0);
         });
       }},
      {"savePairs", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.export_path = folder.filePath("pairs.csv");
         d.model().viewing().try_on({}); // The photo has no pairs.
         run();
         QFile table(d.dialogs.export_path);
         return table.open(QIODevice::ReadOnly) &&
                table.readAll().count('\n') == static_cast<int>(swatch_count(*current_set(d.piece()))) + 1;
       }},
      {"saveFills", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.folder_path = folder.path();
         run();
         if (!d.notice().contains("study in areas")) return false;
         const Id photo = d.session().reference;
         Study study = find_reference(d.piece(), photo)->study;
         study.by_areas = true;
         d.model().store().apply("t", [&](Piece p) { return with_study(std::move(p), photo, study); });
         run();
         return comes_true([&] { return d.notice().startsWith("Saved to"); }) &&
                QDir(folder.path()).entryList({"*-*.png"}, QDir::Files).size() > 3;
       }},
      {"savePicture", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.export_path = folder.filePath("tried.png");
         run();
         return comes_true([&] { return QFile::exists(d.dialogs.export_path); });
       }},
      {"desk.6", "Ctrl+6", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.session().desk == Desk::Share && d.part<QWidget>("shareStage").isVisible() &&
                !d.part<QWidget>("staff").isVisible();
       }},
      share_row("showPress", ShareView::Press),
      share_row("showFiles", ShareView::Files),
      share_row("showParcels", ShareView::Parcel),
      share_row("showWheelAsPicture", ShareView::Plan),
      share_row("showSheet", ShareView::Sheet),
      sheet_row("saveSheetAsPdf", "sheet.pdf", "%PDF"),
      sheet_row("saveSheetAsSvg", "sheet.svg", "<svg"),
      sheet_row("saveSheetAsPng", "sheet.png", "\x89PNG"),
      sheet_row("saveWheelAsPicture", "plan.png", "\x89PNG"),
      {"printSheet", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.print_path = folder.filePath("no such folder/printed.pdf");
         run();
         const bool said = d.notice().startsWith("The sheet was not printed");
         d.dialogs.print_path = folder.filePath("printed.pdf");
         run();
         return said && QFileInfo(d.dialogs.print_path).size() > 1000;
       }},
      {"exportTickedFilesAgain", "Ctrl+E", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.folder_path = folder.path();
         Sharing sharing = d.session().sharing;
         sharing.files.formats = {"hex"};
         sharing.files.folder.clear();
         d.model().viewing().share(sharing);
         run();
         const bool written = QDir(folder.path()).entryList(QDir::Files).size() == 1;
         sharing.files.folder.clear();
         d.model().viewing().share(sharing);
         return written && d.notice().contains("Wrote 1 of 1");
       }},
      {"importLines", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         QFile file(folder.filePath("lines.txt"));
         if (!file.open(QIODevice::WriteOnly)) return false;
         file.write("ff8800 lamp\n0044cc dusk\n");
         file.close();
         d.dialogs.set_path = file.fileName();
         run();
         return comes_true(
             [&] { return d.session().desk == Desk::Grade && d.session().set_view == SetView::Import; });
       }},
      {"copyWheelAsPicture", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         run();
         const QImage copied = QApplication::clipboard()->image();
         return copied.width() >= d.session().sharing.plan.size && qAlpha(copied.pixel(0, 0)) == 0;
       }},
      {"useAllPrintableColors", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.notice().contains("Choose a press");
       }},
      {"addPressProfile", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.set_path = QStringLiteral("/usr/share/color/icc/ghostscript/default_cmyk.icc");
         run();
         return d.notice().contains("to the shelf") && d.model().press().chosen() &&
                d.model().press().chosen()->name().find("SWOP") != std::string::npos;
       }},
      {"showAsPrinted", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool on = d.session().sharing.proof;
         run();
         return on && !d.session().sharing.proof;
       }},
      sort_row("sortByValue", SortBy::Value),
      sort_row("sortByHue", SortBy::Hue),
      sort_row("sortByChroma", SortBy::Chroma),
      sort_row("sortByName", SortBy::Name),
      // These begin another piece or end the window; each has a window of its own.
      {"newPiece", "Ctrl+N", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.unsaved = UnsavedAnswer::Discard;
         run();
         return d.piece().references.empty() && d.piece().title == Piece{}.title;
       }},
      {"open", "Ctrl+O", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.unsaved = UnsavedAnswer::Discard;
         d.dialogs.open_path = QStringLiteral(DEMO_PIECE);
         run();
         return d.piece().references.size() == 5;
       }},
      {"openDemoPiece", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.unsaved = UnsavedAnswer::Discard;
         d.trigger("newPiece");
         run();
         return d.piece().references.size() == 5 || !d.notice().isEmpty();
       }},
      handbook_row("openHandbook", "F1", "grade"),
      handbook_row("showOrderOfWork", "", "index"),
      handbook_row("showAllShortcuts", "", "keys"),
      {"showFirstSteps", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool shown = d.part<QWidget>("firstSteps").isVisible();
         d.part<QAbstractButton>("stepsAway").click();
         return shown && !d.part<QWidget>("firstSteps").isVisible();
       }},
      {"copyDetailsForReport", "", Desk::Pick,
       [](DeskTop&, const Trigger& run) {
         run();
         return QApplication::clipboard()->text().startsWith("Zonachrom");
       }},
      {"aboutZonachrom", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.dialogs.abouts == 1;
       }},
      {"quit", nullptr, Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.unsaved = UnsavedAnswer::Discard;
         run();
         return !d.window.isVisible();
       }},
  };
}

} // namespace

class CommandsTask : public QObject {
  Q_OBJECT
private slots:
  void a_menu_is_painted_whole_each_time_and_keeps_no_pixels() {
    const auto desk = demo_at(Desk::Pick);
    QMenu& menu = *desk->window.menuBar()->actions().first()->menu();
    const auto on_screen = [&] {
      menu.popup(desk->window.mapToGlobal(QPoint(40, 40)));
      static_cast<void>(QTest::qWaitForWindowExposed(&menu));
      QTest::qWait(50);
      return menu.screen()->grabWindow(menu.winId()).toImage();
    };
    const QImage first = on_screen();
    QCOMPARE(first.size(), menu.size() * menu.devicePixelRatioF());
    menu.hide();
    QCOMPARE(menu.backingStore()->size(), QSize(1, 1));
    QCOMPARE(on_screen(), first);
    menu.hide();
  }
  void every_command_does_what_it_says() {
    const auto commands = all_commands();
    std::set<std::string> listed;
    auto desk = demo_at(Desk::Pick);
    for (const Command& command : commands) {
      listed.insert(command.name);
      if (command.at == Desk::Pick && std::string(command.name) == "newPiece") desk = demo_at(Desk::Pick);
      DeskTop& d = *desk;
      QUndoStack& stack = d.model().store().stack();
      d.model().viewing().show_desk(command.at);
      d.model().viewing().show_set_view(SetView::Staff);
      work(d).select({});
      if (!d.piece().references.empty()) d.model().viewing().show_reference(d.piece().references[0].id);
      if (command.at == Desk::Observe) QVERIFY(d.photo_shown());
      QCoreApplication::processEvents();
      auto* action = d.window.findChild<QAction*>(QLatin1String(command.name));
      QVERIFY2(action, command.name);
      const QKeySequence key{QLatin1String(command.key)};
      QVERIFY2(!command.key ||
                   (key.isEmpty() ? action->shortcuts().isEmpty() : action->shortcuts().contains(key)),
               command.name);
      QVERIFY2(!action->toolTip().isEmpty() && !action->text().isEmpty(), command.name);
      const auto run = [&] {
        if (!action->isEnabled()) qFatal("%s is not enabled", command.name);
        action->trigger();
        QCoreApplication::processEvents();
        d.wait_for_files();
      };
      QVERIFY2(command.works(d, run), command.name);
      forget_region(d);
      while (stack.canUndo()) stack.undo();
    }
    // No command of the menus is without a row.
    const auto fresh = demo_at(Desk::Pick);
    for (auto* menu : fresh->window.findChildren<CommandMenu*>())
      for (auto* action : menu->actions()) {
        if (action->menu() || action->isSeparator() || menu->title().contains("recent")) continue;
        const std::string name = action->objectName().toStdString();
        QVERIFY2(listed.contains(name), qPrintable(action->text()));
      }
  }

  void every_number_is_taken() {
    auto desk = demo_at(Desk::Pick);
    DeskTop& d = *desk;
    std::set<QString> tried;
    using Check = std::function<bool()>;
    const auto type = [&](const char* name, const char* text, const Check& taken) {
      tried.insert(name);
      auto& field = d.part<NumberField>(name);
      for (auto* page : d.window.findChildren<QAbstractButton*>(QRegularExpression("^page\\.")))
        if (!field.isVisible() && page->isVisible()) page->click();
      if (!field.isVisible()) qFatal("%s is not visible", name);
      type_into(field, QString::fromUtf8(text));
      if (taken()) return true;
      qWarning("%s did not take %s", name, text);
      return false;
    };
    const auto shows = [&](const char* name, double x) {
      return [&d, name, x] { return near_to(d.part<NumberField>(name).value(), x); };
    };
    // On every desk: the place of the color, and its readout.
    d.model().picking().use_color(*parse_color("#98573f"));
    QVERIFY(type("place.value", "55", [&] { return near_to(d.session().at.at.v, 55, 1e-3); }));
    QVERIFY(type("place.hue", "200",
                 [&] { return near_to(d.session().at.at.a, 200, 1e-3) || d.session().at.at.a > 0; }));
    QVERIFY(type("place.saturation", "12",
                 [&] { return near_to(d.session().at.at.r, 0.12, 1e-3) || d.session().at.at.r > 0; }));
    d.model().store().apply("t", [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
    QVERIFY(type("place.hue", "200", [&] { return near_to(d.session().at.at.a, 200, 1e-3); }));
    QVERIFY(type("place.saturation", "12", [&] { return near_to(d.session().at.at.r, 0.12, 1e-3); }));
    QVERIFY(type("readout.0.0", "120", [&] { return rounded_8bit(d.session().color()).r == 120; }));
    QVERIFY(type("readout.0.1", "90", [&] { return rounded_8bit(d.session().color()).g == 90; }));
    QVERIFY(type("readout.0.2", "60", [&] { return rounded_8bit(d.session().color()).b == 60; }));
    QVERIFY(type("steps.hue", "12", [&] { return d.model().steps().hues == 12; }));
    QVERIFY(type("steps.saturation", "5", [&] { return d.model().steps().saturations == 5; }));
    QVERIFY(type("steps.value", "9", [&] { return d.model().steps() == Steps{12, 5, 9}; }));
    for (const char* name : {"steps.hue", "steps.saturation", "steps.value"})
      QVERIFY(type(name, "off", [] { return true; }));
    QVERIFY(d.model().steps().off());
    d.part<QAbstractButton>("page.ramp").click();
    d.part<QAbstractButton>("showRamp").click();
    QVERIFY(type("rampSteps", "7", [&] { return d.session().ramp.size() == 7; }));
    const auto end_at = [&](double value, bool last) {
      const auto& ramp = d.session().ramp;
      return near_to(value_of((last ? ramp.back() : ramp.front()).color), value, 1e-6);
    };
    d.choose("rampKind", -1);
    QVERIFY(type("rampDarkest", "20", [&] { return end_at(20, false); }));
    QVERIFY(type("rampLightest", "81", [&] { return end_at(81, true); }));
    const std::vector<RampStep> strong = d.session().ramp;
    QVERIFY(type("rampSaturation", "40", [&] { return d.session().ramp != strong; }));
    d.choose("rampKind", RampKind::Values);
    d.part<QAbstractButton>("page.mixing").click();
    for (std::size_t i = 0; i < kMostCorners; ++i)
      QVERIFY(type(qPrintable(QStringLiteral("mix.strength.%1").arg(i)), "3",
                   [&] { return d.session().at_hand.mixing.corners[i].strength == 3; }));
    QVERIFY(type("mix.steps", "5", [&] { return d.session().at_hand.mixing.steps == 5; }));
    d.part<QAbstractButton>("page.paints").click();
    d.trigger("addAsPaint");
    QVERIFY(type("paints.strength.0", "4", [&] { return d.piece().paints[0].strength == 4; }));
    QVERIFY(type("paints.most", "2", shows("paints.most", 2)));
    QVERIFY(type("paints.share", "80", shows("paints.share", 80)));
    QVERIFY(type("paints.within", "5", shows("paints.within", 5)));

    d.model().viewing().show_desk(Desk::Observe);
    QVERIFY(d.photo_shown());
    d.model().viewing().show_look(PhotoLook::Flat);
    QVERIFY(type("flatTones", "4", [&] { return d.session().looking.tones == 4; }));
    d.model().viewing().show_look(PhotoLook::Steps);
    QVERIFY(type("toneSteps", "6", [&] { return d.session().looking.steps == 6; }));
    for (const char* name : {"count.light", "count.middle", "count.dark"})
      QVERIFY(type(name, "2", shows(name, 2)));
    d.part<QAbstractButton>("drawer.how").click();
    QVERIFY(type("leastDifference", "9", shows("leastDifference", 9)));
    QVERIFY(type("accents", "0", shows("accents", 0)));
    d.part<QPushButton>("takeColors").click();
    QVERIFY(comes_true([&] { return d.session().extracted.colors.size() == 6; }));
    for (const auto& c : d.session().extracted.colors)
      for (const auto& other : d.session().extracted.colors)
        QVERIFY(&c == &other || contrast_of(c.color, other.color).difference >= 9);

    d.model().viewing().show_desk(Desk::Limit);
    QVERIFY(type("patternBase", "70", shows("patternBase", 70)));
    QVERIFY(type("patternSpread", "25", shows("patternSpread", 25)));
    d.part<QAbstractButton>("pattern.complement").click();
    QCOMPARE(*d.piece().mask, pattern_mask({Pattern::Complement, 70, 25}));
    QVERIFY(type("maskTurned", "40", [&] { return near_to(d.piece().mask->turned, 40); }));
    const std::pair<Shape, std::vector<std::pair<const char*, double>>> shapes[] = {
        {Polygon{{{0.1, 0.1}, {0.5, 0.1}, {0.1, 0.6}}},
         {{"area.0", 2}, {"area.1", 80}, {"area.2", 44}, {"area.3", 33}}},
        {Ellipse{{0.1, 0.1}, 0.3, 0.2, 10},
         {{"area.0", 80}, {"area.1", 30}, {"area.2", 40}, {"area.3", 15}, {"area.4", 77}}},
        {RingSector{10, 50, 0.2, 0.6}, {{"area.0", 80}, {"area.1", 66}, {"area.2", 11}, {"area.3", 99}}}};
    for (const auto& [shape, numbers] : shapes) {
      d.model().store().apply("t", [shape = shape](Piece p) -> Result<Piece> {
        return with_mask(std::move(p), Mask{"m", {{AreaMode::Adds, shape}}, 0, {}});
      });
      d.model().masking().select_area(0);
      QCoreApplication::processEvents();
      for (const auto& [name, x] : numbers) {
        const Mask before = *d.piece().mask;
        QVERIFY(type(name, std::to_string(x).c_str(), [&, name = name, x = x] {
          return near_to(d.part<NumberField>(name).value(), x, 0.06);
        }));
        QVERIFY2((*d.piece().mask != before) != (name == std::string("area.0") && shape.index() == 0), name);
      }
    }
    QVERIFY(type("fitHold", "60", shows("fitHold", 60)));
    QVERIFY(type("fitPoints", "4", shows("fitPoints", 4)));
    d.model().viewing().show_keys(true);
    QVERIFY(type("keys.step", "45", [&] { return d.session().keys.step == 45; }));
    QVERIFY(type("keys.strength", "60", [&] { return d.session().keys.strength == 0.6; }));
    d.model().viewing().show_keys(false);

    d.model().viewing().show_desk(Desk::Grade);
    QCoreApplication::processEvents();
    const auto& a = work(d).adjustment();
    QVERIFY(type("adjustTurn", "20", [&] { return a.turn == 20; }));
    QVERIFY(type("adjustSaturation", "0.5", [&] { return a.saturation == 0.5; }));
    QVERIFY(type("adjustValue", "-7", [&] { return a.value == -7; }));
    QVERIFY(type("adjustContrast", "1.5", [&] { return a.contrast == 1.5; }));
    QVERIFY(type("adjustPivot", "30", [&] { return a.pivot == 30; }));
    QVERIFY(type("adjustTint", "0.3", [&] { return a.tint_share == 0.3 && a.tint == d.session().color(); }));
    d.part<QPushButton>("adjustReset").click();
    QVERIFY(work(d).adjustment() == Adjustment{});
    const auto& g = d.piece().grading;
    d.part<QAbstractButton>("page.report").click();
    d.part<QAbstractButton>("reportLimits").click();
    QVERIFY(type("targetLight", "11", [&] { return g.target.light == 11; }));
    QVERIFY(type("targetMiddle", "12", [&] { return g.target.middle == 12; }));
    QVERIFY(type("targetDark", "13", [&] { return g.target.dark == 13; }));
    QVERIFY(type("ruleNear", "4.5", [&] { return g.near_duplicate == 4.5; }));
    QVERIFY(type("ruleTwin", "1.5", [&] { return g.twin == 1.5; }));
    QVERIFY(type("ruleGap", "31", [&] { return g.gap == 31; }));
    QVERIFY(type("ruleOutside", "2.5", [&] { return g.outside == 2.5; }));
    QVERIFY(type("ruleSteps", "7", [&] { return g.value_steps == 7; }));

    d.model().viewing().show_desk(Desk::Try);
    const auto& t = d.session().trying;
    d.part<QAbstractButton>("try.byAreas").click();
    const auto& cut = [&]() -> const AreaSpec& { return d.model().tries().study().cut; };
    QVERIFY(type("try.areas", "77", [&] { return cut().count == 77; }));
    QVERIFY(type("try.smoothing", "0.4", [&] { return cut().smoothing == 0.4; }));
    QVERIFY(type("try.smallest", "0.5", [&] { return cut().smallest == 0.5; }));
    d.part<QAbstractButton>("try.missing").click();
    QVERIFY(type("missing.most", "9", [&] { return d.model().tries().most_missing() == 9; }));
    QVERIFY(type("missing.apart", "8", [&] { return t.far == 8; }));
    d.part<QAbstractButton>("try.follow").click();
    QVERIFY(type("try.softness", "0.1", [&] { return t.softness == 0.1; }));
    d.part<QAbstractButton>("try.check").click();
    QVERIFY(type("try.far", "12", [&] { return t.far == 12; }));
    d.part<QAbstractButton>("try.light").click();
    QVERIFY(type("light.strength", "40", [&] { return t.light.strength == 0.4; }));
    QVERIFY(type("light.stops", "1.5", [&] { return t.light.stops == 1.5; }));
    QVERIFY(type("light.haze", "25", [&] { return t.light.amount == 0.25; }));
    d.part<QAbstractButton>("try.change").click();
    QVERIFY(type("tryAdjustTurn", "20", [&] { return a.turn == 20; }));
    QVERIFY(type("tryAdjustSaturation", "0.5", [&] { return a.saturation == 0.5; }));
    QVERIFY(type("tryAdjustValue", "-7", [&] { return a.value == -7; }));
    QVERIFY(type("tryAdjustContrast", "1.5", [&] { return a.contrast == 1.5; }));
    QVERIFY(type("tryAdjustPivot", "30", [&] { return a.pivot == 30; }));
    QVERIFY(type("tryAdjustTint", "0.3", [&] { return a.tint_share == 0.3; }));
    d.part<QPushButton>("tryAdjustReset").click();
    d.model().viewing().show_desk(Desk::Grade);

    d.model().viewing().show_desk(Desk::Share);
    const auto& sharing = d.session().sharing;
    QVERIFY(type("sheet.margin", "20", [&] { return sharing.sheet.margin == 20; }));
    QVERIFY(type("sheet.value", "40", [&] { return sharing.sheet.wheel_value == 40; }));
    d.part<QAbstractButton>("share.press").click();
    QVERIFY(type("press.limit", "3.5", [&] { return sharing.print_limit == 3.5; }));
    d.part<QAbstractButton>("share.plan").click();
    QVERIFY(type("plan.value", "33", [&] { return sharing.plan.value == 33; }));
    QVERIFY(type("plan.size", "512", [&] { return sharing.plan.size == 512; }));
    d.part<QAbstractButton>("plan.many").click();
    QVERIFY(type("plan.row", "7", [&] { return sharing.plan.row == 7; }));
    d.model().viewing().show_desk(Desk::Grade);

    work(d).select({swatch(d, 1, 0).id, swatch(d, 1, 4).id});
    QVERIFY(type("betweenCount", "5", shows("betweenCount", 5)));
    d.part<QAbstractButton>("fillBetween").click();
    QCOMPARE(families(d)[1].swatches.size(), std::size_t{10});

    d.choose("setView", SetView::Rows);
    d.part<QAbstractButton>("rows.columns").click();
    QVERIFY(type("rows.places", "12", shows("rows.places", 12)));
    d.part<QAbstractButton>("rows.columns").click();

    d.make_all();
    for (auto* field : d.window.findChildren<NumberField*>()) {
      const QString name = field->objectName();
      // Readouts and strengths stand in as many rows as there are; theirs is tried elsewhere.
      const bool of_a_row = name.startsWith("readout.") || name.startsWith("paints.strength.");
      QVERIFY2(tried.count(name) || of_a_row, qPrintable(name));
    }
  }
};

DESK_TEST_MAIN(CommandsTask)
#include "commands_task_test.moc"
