// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/grade_menu.h"

#include "core/grading/remedies.h"
#include "model/work/set_work.h"
#include "model/workspace/workspace.h"

namespace zc {
namespace {

constexpr int kUsualBetween = 3;

} // namespace

GradeMenu::GradeMenu(Workspace& space, QWidget* parent)
    : DeskMenu(tr("&Grade"), Desk::Grade, space, parent), m_space(space) {
  SetWork& work = m_space.set_work();
  const std::tuple<QString, SetView, QString> views[] = {
      {tr("&Staff"), SetView::Staff, tr("Families as columns, height is value")},
      {tr("&Rows"), SetView::Rows, tr("A compact grid with free places")},
      {tr("&List"), SetView::List, tr("Names, numbers and notes")},
      {tr("&Versions"), SetView::Versions, tr("Versions of the set side by side")}};
  for (const auto& [text, view, tip] : views)
    add_command(text, tip, {}, [this, view = view] { m_space.viewing().show_set_view(view); });
  addSeparator();
  add_command(tr("Select the l&ight ones"), tr("Select the swatches of the light band"), {},
              [&work] { work.select_band(Band::Light); });
  add_command(tr("Select the &middle ones"), tr("Select the swatches of the middle band"), {},
              [&work] { work.select_band(Band::Middle); });
  add_command(tr("Select the &dark ones"), tr("Select the swatches of the dark band"), {},
              [&work] { work.select_band(Band::Dark); });
  add_command(tr("Select &near-duplicates"), tr("Select all swatches that are near-duplicates of another"),
              {}, [&work] { work.select_near_duplicates(); });
  addSeparator();
  add_command(tr("Fi&ll between"), tr("Lay three colors between the two selected swatches, in place"),
              QKeySequence(Qt::CTRL | Qt::Key_J),
              [&work] { work.fill_between(kUsualBetween, Way::Straight); });
  add_command(tr("&Even out the family"),
              tr("Spread the values of the chosen family evenly between its ends; locked ones stay"), {},
              [this] {
                const Id family = m_space.session().family;
                m_space.store().apply(tr("Even out family"),
                                      [family](Piece p) { return with_evened(std::move(p), family); });
              });
  add_command(tr("Split o&ff as a family"), tr("Move the selected swatches into a family of their own"), {},
              [&work] { work.split_off(); });
  auto* sort = add_submenu(tr("S&ort the rows"));
  const std::tuple<QString, SortBy, QString> orders[] = {
      {tr("By &value"), SortBy::Value, tr("Light to dark")},
      {tr("By &hue"), SortBy::Hue, tr("By OKLab hue, neutrals first")},
      {tr("By &chroma"), SortBy::Chroma, tr("Vivid to grey")},
      {tr("By &name"), SortBy::Name, tr("By name")}};
  for (const auto& [text, by, tip] : orders)
    sort->add_command(text, tip, {}, [this, by = by] {
      m_space.store().apply(tr("Sort rows"), [this, by](Piece p) {
        return with_set_sorted(std::move(p), m_space.piece().current_set, by);
      });
    });
}

} // namespace zc
