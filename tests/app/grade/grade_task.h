// SPDX-License-Identifier: GPL-3.0-or-later
// Grading a set: building it by keyboard, selecting and moving, mending what the report finds, changing many.
#pragma once

#include "app/band/staff_view.h"
#include "app/desk.h"
#include "app/desks/grade/list_view.h"
#include "app/desks/grade/report_words.h"
#include "app/desks/grade/rows_view.h"
#include "app/desks/grade/versions_view.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/grading/relation_check.h"
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "model/work/set_work.h"
#include "support/menus.h"

#include <QAbstractButton>
#include <QClipboard>
#include <QDragEnterEvent>
#include <QHeaderView>
#include <QListWidget>
#include <QMenu>
#include <QMimeData>
#include <QStyleHints>
#include <QTableView>
#include <QTimer>

using namespace zc;
using namespace zc::test;

class GradeTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = new_piece_at(Desk::Grade); }
  void cleanup() { m_desk.reset(); }

  void a_set_is_built_from_picks_by_keyboard_alone();
  void a_box_selects_and_a_drag_moves_between_families();
  void a_family_has_a_menu();
  void rows_swap_places_and_keep_free_ones();
  void rows_let_in_and_wrap();
  void a_swatch_is_replaced_with_the_mouse_and_by_keys();
  void the_report_opens_to_its_parts();
  void families_are_turned_into_a_relation();
  void nothing_moves_when_the_view_changes();
  void a_press_held_still_opens_what_the_right_button_opens();
  void the_list_says_the_numbers_of_the_tray();
  void the_list_sorts_filters_and_edits();
  void a_family_is_evened_out();
  void a_remedy_mends_its_twin();
  void band_limits_are_dragged_on_the_axis();
  void an_adjustment_is_tried_out_before_it_is_taken();
  void versions_are_kept_compared_and_taken_up();
  void swatches_are_copied_between_sets_and_programs();
  void find_goes_by_name_and_by_nearest_color();
  void locked_swatches_stay();
  void sets_are_named_tagged_ordered_and_removed();
  void colors_are_dropped_from_other_programs();
  void the_rules_of_grading_are_the_pieces();
  void thousands_of_swatches_stay_quick();

private:
  StaffView& staff() { return m_desk->part<StaffView>("staff"); }
  RowsView& rows() { return m_desk->part<RowsView>("rows"); }
  SetWork& work() { return m_desk->model().set_work(); }
  const SwatchSet& set() { return *current_set(m_desk->piece()); }
  const Swatch& swatch(std::size_t family, std::size_t i) { return set().families[family].swatches[i]; }
  void press_button(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  QWidget& grid() { return *rows().viewport(); }
  std::unique_ptr<DeskTop> m_desk;
};
