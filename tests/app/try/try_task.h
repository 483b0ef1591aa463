// SPDX-License-Identifier: GPL-3.0-or-later
// Trying the set on a picture: everything a hand does at this desk, and what the piece then holds.
#pragma once

#include "app/band/staff_view.h"
#include "app/desk.h"
#include "app/desks/try/try_view.h"
#include "app/desks/try/use_bar.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/piece/laying.h"
#include "core/try/render.h"
#include "io/container/piece_file.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"
#include "support/menus.h"

#include <QAccessible>
#include <QColorSpace>
#include <QComboBox>
#include <QPushButton>
#include <QTimer>

#include <random>

using namespace zc;
using namespace zc::test;

class TryTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Try);
    QVERIFY(m_desk->photo_shown());
  }
  void cleanup() { m_desk.reset(); }
  void a_click_takes_up_the_swatch_that_is_seen();
  void two_versions_meet_under_the_edge();
  void follow_moves_the_photo_from_version_to_version();
  void a_swatch_changed_is_seen_at_once_and_its_use_told();
  void keys_and_hands_move_the_picture_and_its_edge();
  void flat_artwork_is_bound_area_by_area();
  void what_lacks_is_laid();
  void a_canvas_saved_from_outside_is_checked_anew();
  void the_picture_is_written_at_full_size();
  void the_picture_written_is_the_one_seen();
  void what_few_pixels_use_stays();
  void the_picture_stands_in_another_key_beside_the_study();
  void light_becomes_a_version();
  void what_is_used_is_shown_though_it_was_known_before();
  void every_picture_and_set_works_data();
  void every_picture_and_set_works();

private:
  TryView& view() { return m_desk->part<TryView>("tryPicture"); }
  Trying trying() { return m_desk->session().trying; }
  void press_word(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  const SwatchSet& set() { return *current_set(m_desk->piece()); }
  /// The nearest swatch of the set to a pixel of the photo, by brute force.
  const Swatch* nearest(QPoint pixel, const List<Family>& families) {
    const auto photo = m_desk->model().tries().photo();
    const QColor c = photo->full().pixelColor(pixel);
    return nearest({c.redF(), c.greenF(), c.blueF()}, families);
  }
  static const Swatch* nearest(Srgb color, const List<Family>& families) {
    const Swatch* best = nullptr;
    for (const auto& family : families)
      for (const auto& s : family.swatches)
        if (!best || ciede2000(lab_from_srgb(color), lab_from_srgb(s.color)) <
                         ciede2000(lab_from_srgb(color), lab_from_srgb(best->color)))
          best = &s;
    return best;
  }
  static QString hex(Srgb c) { return QString::fromStdString(hex_of(c)); }
  /// Shows the demo's flat drawing, one pixel of it for one of the screen.
  void show_drawing() {
    for (const auto& r : m_desk->piece().references)
      if (r.name == "Row, flat drawing") m_desk->model().viewing().show_reference(r.id);
    QVERIFY(m_desk->photo_shown());
  }
  std::unique_ptr<DeskTop> m_desk;
};
