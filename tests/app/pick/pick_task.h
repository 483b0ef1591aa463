// SPDX-License-Identifier: GPL-3.0-or-later
// Picking at true value inside a mask.
#pragma once

#include "app/band/staff_view.h"
#include "app/band/value_axis.h"
#include "app/controls/number_field.h"
#include "app/desk.h"
#include "app/tray/chip_row.h"
#include "app/tray/color_pair.h"
#include "app/tray/track_view.h"
#include "app/tray/wells_view.h"
#include "app/wheel/wheel_view.h"
#include "app/window/hint_line.h"
#include "core/color/convert.h"
#include "core/mask/patterns.h"
#include "core/piece/edits.h"
#include "core/wheel/color_words.h"
#include "core/wheel/relations.h"
#include "support/menus.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>

using namespace zc;
using namespace zc::test;

class PickTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = new_piece_at(Desk::Pick); }
  void cleanup() { m_desk.reset(); }

  void one_value_line_runs_through_rail_section_and_staff();
  void hue_and_saturation_never_move_the_value();
  void the_section_moves_value_and_saturation_at_one_hue();
  void keys_and_wheel_nudge();
  void fast_drags_end_where_the_hand_ends();
  void wells_recent_and_before();
  void rows_of_wells_have_a_menu();
  void typed_hex_is_taken_or_refused();
  void numbers_are_typed_scrolled_and_dragged();
  void a_number_that_cannot_be_says_so_at_its_field();
  void tracks_are_the_colors_that_a_drag_gives();
  void steps_are_shown_and_obeyed();
  void changing_the_wheel_keeps_the_color();
  void the_plan_zooms_around_the_pointer();
  void chroma_wheels_show_only_what_exists();
  void a_relation_is_slid_taken_up_and_laid();
  void the_vivid_plan_picks_what_is_seen();
  void strips_are_always_in_sight();
  void a_ramp_is_laid_as_a_family_in_one_step();
  void a_ramp_stands_on_the_staffs_axis_and_gives_single_steps();
  void wells_have_rows_with_names();
  void a_ramp_goes_to_a_well_and_into_its_haze();
  void a_ramp_goes_between_whatever_is_there();
  void a_ladder_is_previewed_and_added_in_one_step();
  void a_relation_is_chosen_on_the_rim();
  void the_rail_marks_where_the_color_ends();
  void values_only_and_surrounds_are_neutral();

private:
  WheelView& wheel() { return m_desk->part<WheelView>("wheel"); }
  QWidget& rail() { return m_desk->part<QWidget>("rail"); }
  QWidget& section() { return m_desk->part<QWidget>("section"); }
  QPointF place(double a, double r) { return wheel().screen_point(disc_point(Angle(a), r)); }
  void set_value(double v) {
    const ValueAxis axis(rail().height());
    click(rail(), {90, axis.y_of(v)});
  }
  NumberField& readout(int row, int number) {
    return m_desk->part<NumberField>(qPrintable(QStringLiteral("readout.%1.%2").arg(row).arg(number)));
  }
  /// The longer string, beside the staff too.
  void open_ramp() {
    m_desk->part<QAbstractButton>("page.ramp").click();
    m_desk->part<QAbstractButton>("showRamp").click();
  }
  std::unique_ptr<DeskTop> m_desk;
};
