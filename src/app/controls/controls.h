// SPDX-License-Identifier: GPL-3.0-or-later
// Labels, pages and scrolled rows, and the one place that makes containers see-through.
#pragma once

#include "app/controls/word_control.h"

#include <QLabel>
#include <QScrollArea>

#include <functional>

class QProgressBar;
class QButtonGroup;
class QHBoxLayout;
class QLineEdit;
class QStackedWidget;

namespace zc {

/// One line with dots at its end, or in its middle, where it has less room than it needs; the whole is its
/// tip, unless it has another.
class ElidedLabel final : public QLabel {
  Q_OBJECT
public:
  explicit ElidedLabel(const QFont& font, QWidget* parent = nullptr, Qt::TextElideMode dots = Qt::ElideRight);
  [[nodiscard]] QSize minimumSizeHint() const override;

protected:
  void paintEvent(QPaintEvent* event) override;
  bool event(QEvent* event) override;

private:
  Qt::TextElideMode m_dots;
};

/// A line that heads what stands below it.
[[nodiscard]] QLabel* heading_label(const QString& words, QWidget* parent);
/// A few words beside a control.
[[nodiscard]] QLabel* caption_label(const QString& words, QWidget* parent);

/// A row that may be wider than its room: no bars, the wheel moves it sideways.
class SidewaysArea final : public QScrollArea {
  Q_OBJECT
public:
  explicit SidewaysArea(QWidget* parent);
  /// Moves this part of the content into view, once all has found its place.
  void bring(const QRect& part);

protected:
  void wheelEvent(QWheelEvent* event) override;
};

/// Pages in one place, chosen by words in a row above them; the first one added is shown.
class Pages final : public QWidget {
  Q_OBJECT
public:
  explicit Pages(QWidget* parent);
  void add(const QString& object_name, const QString& word, const QString& tip, QWidget* page);
  [[nodiscard]] QWidget* page() const;
  /// REQUIRES one that was added.
  void show(QWidget* page);
  /// At the end of the row of words.
  void end_with(QWidget* widget);

signals:
  void changed();

private:
  void show_page(int page);
  QHBoxLayout* m_row;
  QButtonGroup* m_group;
  QStackedWidget* m_pages;
};

/// A control that cannot be used now is dimmed, and its tip says why: one sentence.
void allow(QWidget& control, bool allowed, const QString& why_not);

/// Escape leaves a field that gives its text when it is left: nothing is given, and `follow` shows again what
/// is there.
void leave_by_escape(QLineEdit& field, const std::function<void()>& follow);

/// What an opener opens, in its place: it is open as it was left, by this setting; at first it is closed.
void keep_open(WordControl& opener, QWidget& content, const QString& setting);

/// What the hand can do at a place of this widget, for the line at the foot of the stage. Nothing may cover
/// what is being worked on, so a photo, a wheel or a staff has no tooltip.
void say_hint(QWidget& from, const QString& words);

/// Shows a share 0..1. A progress bar paints the window at once when it is given a value, also while others
/// have yet to hear of the change it follows from; this one waits for its turn.
void show_share(QProgressBar& bar, double share);

/// Turns about what lies side by side in a widget; what is in its parts stays as it is.
void turn_about(QWidget& widget, bool turned);
/// The keys that move the focus come to what was made late where it stands in the window: behind `before`,
/// where that is not null.
void follow_in_focus_order(QWidget& made, QWidget* before);
/// Where the keys come to last in a widget, and before it; null where nothing takes the focus.
[[nodiscard]] QWidget* last_in_focus_order(const QWidget& whole);
[[nodiscard]] QWidget* last_before_in_focus_order(const QWidget& whole);

/// Gives a scrolled area its content, without a ground of its own. The keys of focus come to it where the
/// area stands.
void scroll_over_ground(QScrollArea* area, QWidget* content);

} // namespace zc
