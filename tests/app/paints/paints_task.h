// SPDX-License-Identifier: GPL-3.0-or-later
// Mixing by hand and the palette of paints: what a hand does, what is seen, what the piece then holds.
#pragma once

#include "app/band/staff_view.h"
#include "app/controls/number_field.h"
#include "app/desk.h"
#include "app/desks/pick/mix_view.h"
#include "app/desks/pick/toward_bar.h"
#include "app/platform/drag_out.h"
#include "app/shelf/shelf_panel.h"
#include "app/tray/chip_row.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/mix/trade_paints.h"
#include "io/container/piece_file.h"
#include "io/container/piece_json.h"
#include "io/shelf/paint_shelf.h"
#include "model/mixing/paint_model.h"
#include "model/work/set_work.h"
#include "support/check.h"
#include "support/menus.h"

#include <QAccessible>
#include <QComboBox>
#include <QDropEvent>
#include <QMenu>
#include <QMimeData>
#include <QPushButton>
#include <QTemporaryDir>

using namespace zc;
using namespace zc::test;

inline double difference_to(Srgb a, Srgb b) { return ciede2000(lab_from_srgb(a), lab_from_srgb(b)); }

class PaintsTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Pick);
    press_word("page.mixing");
    // The first colors at hand stand ready, until the user clears the field.
    QCOMPARE(mixing().corners.size(), kMostCorners);
    QVERIFY(mixing().corners[1].color == *m_desk->session().at_hand.wells[1]);
    QVERIFY(!mixing().begun);
    m_desk->model().picking().mix_by_hand({});
  }
  void cleanup() { m_desk.reset(); }
  void four_corners_are_dropped_and_mixed();
  void a_line_a_grid_and_picks_are_laid();
  void a_corner_has_a_menu_keys_and_a_name();
  void colors_are_smeared_and_picked_up_in_one_stroke();
  void wells_stand_ready_until_something_is_mixed();
  void a_corner_follows_the_color();
  void a_swatch_is_dragged_from_the_staff();
  void strength_and_muting_count();
  void white_and_black_are_mixed_in();
  void what_is_typed_as_parts();
  void what_lies_outside_the_mask_is_dimmed_and_held();
  void the_reach_becomes_the_mask();
  void recipes_follow_the_color();
  void fewest_paints_are_put_out();
  void the_search_for_the_fewest_paints_is_stopped();
  void paints_are_added_by_the_menu();
  void paints_are_kept_and_brought();
  void two_palettes_of_one_name_are_two();

private:
  MixView& field() { return m_desk->part<MixView>("mixField"); }
  const Mixing& mixing() { return m_desk->session().at_hand.mixing; }
  void press_word(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  /// What is seen of the field there.
  Srgb seen_at(QPointF p) {
    const QColor c = field().grab().toImage().pixelColor(p.toPoint());
    return {c.redF(), c.greenF(), c.blueF()};
  }
  std::size_t swatches() { return swatch_count(*current_set(m_desk->piece())); }
  void drop_color(QWidget& widget, QPointF at, const char* hex) {
    std::unique_ptr<QMimeData> clip(clip_of_color(*parse_color(hex), QString::fromLatin1(hex), false));
    QDragEnterEvent enter(at.toPoint(), Qt::CopyAction, clip.get(), Qt::LeftButton, {});
    QApplication::sendEvent(&widget, &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent event(at, Qt::CopyAction, clip.get(), Qt::LeftButton, {});
    QApplication::sendEvent(&widget, &event);
  }
  void fill(const std::vector<const char*>& colors) {
    for (const char* hex : colors) drop_color(field(), field().field_rect().center(), hex);
    QCOMPARE(mixing().corners.size(), colors.size());
  }
  /// The mixture as the core has it, of equal strengths.
  Srgb mixed(const std::vector<double>& parts) {
    return m_desk->model().paints().field()->of_parts(parts)->color;
  }
  void take_paints(const char* name) {
    press_word("page.paints");
    auto& shelf = m_desk->part<QComboBox>("paints.shelf");
    const int at = shelf.findText(QString::fromLatin1(name));
    QVERIFY(at > 0);
    shelf.setCurrentIndex(at);
    emit shelf.activated(at);
  }
  std::unique_ptr<DeskTop> m_desk;
};
