// SPDX-License-Identifier: GPL-3.0-or-later
// What holds at every desk: words can be read, controls say what they are, keys reach them all, long names
// and missing things do no harm.
#pragma once

#include "app/band/value_band.h"
#include "app/controls/notice_bar.h"
#include "app/controls/number_field.h"
#include "app/desk.h"
#include "app/desks/observe/reference_strip.h"
#include "app/paint/paint.h"
#include "app/program/start_options.h"
#include "app/theme/interface_size.h"
#include "app/wheel/wheel_view.h"
#include "app/window/stage_area.h"
#include "core/piece/edits.h"
#include "model/mixing/paint_model.h"
#include "model/photo/photo_model.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAccessible>
#include <QClipboard>
#include <QComboBox>
#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QLabel>
#include <QMenu>
#include <QPointer>
#include <QPushButton>
#include <QScrollBar>
#include <QSlider>
#include <QTimer>
#include <QToolTip>

#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

/// Relative luminance and contrast ratio by W3C, Web Content Accessibility Guidelines 2.2, "Terms"; the
/// formula from memory.
inline double luminance(const QColor& c) {
  const auto linear = [](double x) { return x <= 0.04045 ? x / 12.92 : std::pow((x + 0.055) / 1.055, 2.4); };
  return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
}
inline double contrast(const QColor& a, const QColor& b) {
  const double p = luminance(a), q = luminance(b);
  return (std::max(p, q) + 0.05) / (std::min(p, q) + 0.05);
}

/// Between the lightest and the darkest pixel of a place; all of them are greys.
inline double contrast_within(const QImage& image, const QRect& place) {
  int lightest = 0, darkest = 255;
  for (int y = place.top(); y <= place.bottom(); ++y) {
    const auto* row = reinterpret_cast<const QRgb*>(image.constScanLine(y));
    for (int x = place.left(); x <= place.right(); ++x) {
      lightest = std::max(lightest, qGreen(row[x]));
      darkest = std::min(darkest, qGreen(row[x]));
    }
  }
  return contrast(QColor(lightest, lightest, lightest), QColor(darkest, darkest, darkest));
}

/// So many pixels to one of the window: strokes have their whole color then.
constexpr int kCloseUp = 3;

inline QImage close_up(QWidget& window) {
  QImage out(window.size() * kCloseUp, QImage::Format_RGB32);
  out.setDevicePixelRatio(kCloseUp);
  window.render(&out);
  return out;
}

inline QRect in_close_up(const QRect& r) { return {r.topLeft() * kCloseUp, r.size() * kCloseUp}; }
/// What a button or a label says.
inline QString words_on(const QWidget* w) {
  if (const auto* button = qobject_cast<const QAbstractButton*>(w)) return button->text();
  const auto* label = qobject_cast<const QLabel*>(w);
  return label ? label->text() : QString();
}

/// Of the widget, or what it answers over its middle.
inline QString tip_of(QWidget& w) {
  if (!w.toolTip().isEmpty()) return w.toolTip();
  if (!w.statusTip().isEmpty()) return w.statusTip();
  QToolTip::hideText();
  const QPoint middle = w.rect().center();
  QHelpEvent event(QEvent::ToolTip, middle, w.mapToGlobal(middle));
  QCoreApplication::sendEvent(&w, &event);
  return QToolTip::text();
}

class EveryDeskTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = std::make_unique<DeskTop>(); }
  void cleanup() {
    m_desk.reset();
    set_surround(Surround::Dark);
  }

  void words_can_be_read_on_every_surround();
  void words_stand_out_as_they_are_painted();
  void a_low_stage_is_scrolled_one_way_only();
  void controls_say_what_they_are();
  void no_button_does_nothing();
  void keys_go_to_what_is_worked_on();
  void a_menu_over_a_photo_is_about_that_photo();
  void a_press_on_the_mask_that_stays_is_a_pick();
  void what_is_typed_is_saved_and_goes_on_being_typed();
  void tab_goes_round_and_comes_back();
  void a_desk_made_late_shows_what_one_made_early_does();
  void long_names_leave_the_window_its_size();
  void every_desk_stands_without_a_piece();
  void no_desk_keeps_a_photo_of_the_piece_before();
  void each_change_is_told_to_whom_it_concerns();
  void what_a_start_cannot_follow_is_said();
  void below_the_usual_size_words_are_smaller();
  void numbers_are_changed_by_what_is_typed();
  void photos_and_palettes_open_too();

private:
  /// Calls f at each desk, and at Grade in each view and on each page.
  template <class F> void at_each(const F& f) {
    for (const auto& [desk, desk_word] : kDeskWords) {
      m_desk->model().viewing().show_desk(desk);
      QCoreApplication::processEvents();
      f(QStringLiteral("desk %1").arg(static_cast<int>(desk)));
      const auto buttons = m_desk->window.findChildren<QAbstractButton*>();
      for (const auto& button : QList<QPointer<QAbstractButton>>(buttons.begin(), buttons.end())) {
        const QString name = button ? button->objectName() : QString();
        if (!button || !button->isVisible() ||
            !(name.startsWith("page.") || (desk == Desk::Grade && name.startsWith("view."))))
          continue;
        button->click();
        QCoreApplication::processEvents();
        f(name);
      }
    }
  }
  std::unique_ptr<DeskTop> m_desk;
};
