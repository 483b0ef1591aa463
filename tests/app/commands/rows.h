// SPDX-License-Identifier: GPL-3.0-or-later
// A row for each command of the menus: where it stands, its keys, and how to see that it does what it says.
#pragma once

#include "app/band/staff_view.h"
#include "app/controls/name_editor.h"
#include "app/controls/number_field.h"
#include "app/desk.h"
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
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"
#include "io/shelf/parcel.h"
#include "model/mixing/paint_model.h"
#include "model/share/share_model.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QApplication>
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

namespace zc::test {

using Trigger = std::function<void()>;
struct Command {
  const char* name; ///< What it is found by, in every language.
  const char* key;  ///< Portable text of its shortcut; null where the platform has its own.
  Desk at;
  std::function<bool(DeskTop&, const Trigger&)> works;
};

inline bool near_to(double got, double expected, double by = 1e-6) { return std::abs(got - expected) < by; }

inline void forget_region(DeskTop& d) {
  Looking looking = d.session().looking;
  looking.region.reset();
  d.model().viewing().look_at(looking);
}
inline SetWork& work(DeskTop& d) { return d.model().set_work(); }
inline const List<Family>& families(DeskTop& d) { return current_set(d.piece())->families; }
inline const Swatch& swatch(DeskTop& d, std::size_t family, std::size_t i) {
  return families(d)[family].swatches[i];
}
/// Selects a swatch with a code.
inline void give_code(DeskTop& d) {
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
inline WheelView& wheel(DeskTop& d, const char* name) { return d.part<WheelView>(name); }

inline Command desk_row(const char* name, const char* key, Desk desk) {
  return {name, key, desk == Desk::Pick ? Desk::Limit : Desk::Pick, [desk](DeskTop& d, const Trigger& run) {
            run();
            return d.session().desk == desk;
          }};
}
inline Command look_row(const char* name, PhotoLook look) {
  return {name, "", Desk::Observe, [look](DeskTop& d, const Trigger& run) {
            d.model().viewing().show_look(look == PhotoLook::Color ? PhotoLook::Value : PhotoLook::Color);
            run();
            return d.session().looking.look == look;
          }};
}
inline Command view_row(const char* name, SetView view) {
  return {name, "", Desk::Grade, [view](DeskTop& d, const Trigger& run) {
            d.model().viewing().show_set_view(view == SetView::List ? SetView::Staff : SetView::List);
            run();
            return d.session().set_view == view;
          }};
}
inline Command eyes_row(const char* name, const char* keys, ColorVision::Kind vision) {
  return {name, keys, Desk::Pick, [vision](DeskTop& d, const Trigger& run) {
            run();
            const bool on = d.session().vision == vision;
            run();
            return on && d.session().vision == ColorVision::Normal;
          }};
}
/// The kind that is looked with stays.
inline Command severity_row(const char* name, double severity) {
  return {name, "", Desk::Pick, [severity](DeskTop& d, const Trigger& run) {
            d.model().viewing().look_with({ColorVision::Deutan, severity < 1 ? 1 : 0.5});
            run();
            const bool on = d.session().vision == ColorVision(ColorVision::Deutan, severity);
            d.model().viewing().look_with(ColorVision());
            return on;
          }};
}
inline Command handbook_row(const char* name, const char* keys, const char* page) {
  return {name, keys, Desk::Grade, [page](DeskTop& d, const Trigger& run) {
            run();
            auto& handbook = d.part<HandbookWindow>("handbook");
            const bool shown = handbook.isVisible() && handbook.page() == QLatin1String(page);
            handbook.close();
            return shown;
          }};
}
inline Command size_row(const char* name, std::optional<int> percent) {
  return {name, "", Desk::Pick, [percent](DeskTop& d, const Trigger& run) {
            choose_interface_size(percent ? std::nullopt : std::optional(125));
            run();
            const bool chosen = chosen_interface_size() == percent && d.notice().contains("next start");
            choose_interface_size({});
            return chosen;
          }};
}
inline Command surround_row(const char* name, Surround surround) {
  return {name, "", Desk::Pick, [surround](DeskTop& d, const Trigger& run) {
            d.window.use_surround(surround == Surround::Dark ? Surround::Light : Surround::Dark);
            run();
            const bool shown = current_surround() == surround;
            d.window.use_surround(Surround::Dark);
            return shown;
          }};
}
inline Command export_row(const char* name, ExchangeFormat format) {
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
inline Command turn_row(const char* name, double by) {
  return {name, "", Desk::Limit, [by](DeskTop& d, const Trigger& run) {
            const Mask before = *d.piece().mask;
            run();
            return d.piece().mask == turned_mask(before, by);
          }};
}
/// Of three areas, one goes from a place to another.
inline Command area_move_row(const char* name, std::size_t from, std::size_t to) {
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
inline Command tool_row(const char* name, MaskHands::Tool tool) {
  return {name, "", Desk::Limit, [tool](DeskTop& d, const Trigger& run) {
            auto* hands = wheel(d, "maskWheel").hands();
            run();
            const bool chosen = hands->tool() == tool;
            hands->choose_tool(MaskHands::Tool::None);
            return chosen;
          }};
}
inline Command nudge_row(const char* name, double saturation, double value) {
  return {name, "", Desk::Pick, [=](DeskTop& d, const Trigger& run) {
            d.model().picking().use_color(*parse_color("#98573f"));
            const WheelPoint before = d.session().at.at;
            run();
            return near_to(d.session().at.at.r, before.r + saturation) &&
                   near_to(d.session().at.at.v, before.v + value);
          }};
}
inline Command hues_row(const char* name, int hues) {
  return {name, "", Desk::Pick, [hues](DeskTop& d, const Trigger& run) {
            d.model().picking().cut_into_steps({hues ? 0 : 6, 4, 0});
            run();
            const bool cut = d.model().steps() == Steps{hues, 4, 0};
            d.model().picking().cut_into_steps({});
            return cut;
          }};
}
inline Command band_row(const char* name, Band band) {
  return {name, "", Desk::Grade, [band](DeskTop& d, const Trigger& run) {
            run();
            std::vector<Id> expected;
            for (const auto& family : families(d))
              for (const auto& s : family.swatches)
                if (band_of(value_of(s.color), d.piece().bands) == band) expected.push_back(s.id);
            return !expected.empty() && work(d).selection() == expected;
          }};
}
inline Command try_row(const char* name, TryWay way) {
  return {name, "", Desk::Try, [way](DeskTop& d, const Trigger& run) {
            Trying other = d.session().trying;
            other.way = way == TryWay::Photo ? TryWay::Check : TryWay::Photo;
            d.model().viewing().try_on(other);
            run();
            return d.session().trying.way == way;
          }};
}
inline Command share_row(const char* name, ShareView view) {
  return {name, "", Desk::Share, [view](DeskTop& d, const Trigger& run) {
            run();
            return d.session().sharing.view == view;
          }};
}
/// A file that begins so is written.
inline Command sheet_row(const char* name, const char* file_name, const char* begins) {
  return {name, "", Desk::Share, [file_name, begins](DeskTop& d, const Trigger& run) {
            const QTemporaryDir folder;
            d.dialogs.export_path = folder.filePath(QString::fromLatin1(file_name));
            run();
            QFile file(d.dialogs.export_path);
            return file.open(QIODevice::ReadOnly) && file.readAll().contains(begins);
          }};
}
inline Command sort_row(const char* name, SortBy by) {
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

std::vector<Command> commands_of_files_and_photos();
std::vector<Command> commands_of_colors_and_masks();
std::vector<Command> commands_of_the_set();
std::vector<Command> commands_of_trying_and_sharing();

} // namespace zc::test
