// SPDX-License-Identifier: GPL-3.0-or-later
// The current set: its swatches and families.
#include "app/commands/rows.h"

namespace zc::test {

std::vector<Command> commands_of_the_set() {
  return {
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
  };
}

} // namespace zc::test
