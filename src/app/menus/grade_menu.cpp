// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/grade_menu.h"

#include "core/grading/remedies.h"
#include "model/application/app_model.h"
#include "model/work/set_work.h"

namespace zc {
namespace {

constexpr int kUsualBetween = 3;

} // namespace

GradeMenu::GradeMenu(AppModel& model, QWidget* parent)
    : DeskMenu(tr("&Grade"), Desk::Grade, model, parent), m_model(model) {
  SetWork& work = m_model.set_work();
  const std::tuple<const char*, QString, SetView, QString> views[] = {
      {"showStaff", tr("Show &staff"), SetView::Staff, tr("Families as columns, height is value")},
      {"showRows", tr("Show &rows"), SetView::Rows, tr("A compact grid with free places")},
      {"showList", tr("Show &list"), SetView::List, tr("A table with names, numbers and notes")},
      {"showVersions", tr("Show &versions"), SetView::Versions, tr("Versions of the set side by side")}};
  for (const auto& [name, text, view, tip] : views)
    add_command(name, text, tip, {}, [this, view = view] { m_model.viewing().show_set_view(view); });
  addSeparator();
  add_command("selectLightSwatches", tr("Select l&ight swatches"),
              tr("Select the swatches of the light band"), {}, [&work] { work.select_band(Band::Light); });
  add_command("selectMiddleSwatches", tr("Select &middle swatches"),
              tr("Select the swatches of the middle band"), {}, [&work] { work.select_band(Band::Middle); });
  add_command("selectDarkSwatches", tr("Select &dark swatches"), tr("Select the swatches of the dark band"),
              {}, [&work] { work.select_band(Band::Dark); });
  add_command("selectNearDuplicates", tr("Select &near-duplicates"),
              tr("Select all swatches that are near-duplicates of another"), {},
              [&work] { work.select_near_duplicates(); });
  addSeparator();
  add_command("addColorsBetween", tr("Add co&lors between"),
              tr("Add three colors between the two selected swatches"), QKeySequence(Qt::CTRL | Qt::Key_J),
              [&work] { work.fill_between(kUsualBetween, Way::Straight); });
  add_command("spaceFamilyEvenly", tr("Spac&e family evenly"),
              tr("Space the values of the chosen family evenly between its ends; locked swatches stay"), {},
              [this] {
                const Id family = m_model.session().family;
                m_model.store().apply(tr("Space family evenly"),
                                      [family](Piece p) { return with_evened(std::move(p), family); });
              });
  add_command("splitOffAsFamily", tr("Split o&ff as family"),
              tr("Move the selected swatches into a family of their own"), {}, [&work] { work.split_off(); });
  auto* sort = add_submenu(tr("S&ort rows"));
  const std::tuple<const char*, QString, SortBy, QString> orders[] = {
      {"sortByValue", tr("By &value"), SortBy::Value, tr("Light to dark")},
      {"sortByHue", tr("By &hue"), SortBy::Hue, tr("By OKLab hue, neutrals first")},
      {"sortByChroma", tr("By &chroma"), SortBy::Chroma, tr("Vivid to grey")},
      {"sortByName", tr("By &name"), SortBy::Name, tr("By name")}};
  for (const auto& [name, text, by, tip] : orders)
    sort->add_command(name, text, tip, {}, [this, by = by] {
      m_model.store().apply(tr("Sort rows"), [this, by](Piece p) {
        return with_set_sorted(std::move(p), m_model.piece().current_set, by);
      });
    });
}

} // namespace zc
