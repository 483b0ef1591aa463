// SPDX-License-Identifier: GPL-3.0-or-later
// A number that is typed, turned with the wheel, stepped with keys or dragged; what it cannot take it says in
// a word under the field. A typed "+=5", "-=5", "*=1.1" or "/=2" changes the number that stands there; where
// no number is negative, so do "+5" and "-5".
#pragma once

#include "app/platform/drags.h"

#include <QElapsedTimer>
#include <QLineEdit>

#include <optional>

namespace zc {

/// What a field takes. A hue wraps: beyond one end it begins at the other.
struct NumberRange {
  double low = 0, high = 100;
  double step = 1; ///< One nudge; ten with Shift, a tenth with Alt.
  int digits = 1;
  QString suffix;
  bool wraps = false;
  QString empty_word; ///< Shown for a number below `low`, and accepted when typed; empty: no such number.
};

/// One unit, ten with Shift, a tenth with Alt.
[[nodiscard]] double nudge_size(Qt::KeyboardModifiers modifiers);
/// Notches of a wheel event, parts of one for fine wheels; a direction key may have turned it sideways.
[[nodiscard]] double wheel_notches(const QWheelEvent& event);
/// Fine wheels tell parts of a notch; what has only whole steps gathers them.
class WheelSteps {
public:
  /// The whole notches that have come together: 0 until there is one. Turning back and a pause begin anew.
  [[nodiscard]] int whole(const QWheelEvent& event);

private:
  double m_gathered = 0;
  QElapsedTimer m_since;
};

class NumberField final : public QLineEdit, public Draggable {
  Q_OBJECT
public:
  NumberField(const QString& object_name, const QString& accessible_name, QWidget* parent);

  void set_range(const NumberRange& range);
  [[nodiscard]] const NumberRange& range() const { return m_range; }
  [[nodiscard]] double value() const { return m_value; }
  /// Shows a number without saying that it was changed. A text being typed is left alone.
  void show_value(double value);
  /// Says in one sentence why something was not taken, and shows the old number again.
  void refuse(const QString& sentence);
  /// So wide, or as wide as its longest number with its words needs in this language.
  void keep_width(int least);
  /// The same for every change of one drag, or of one run of quick steps by keys or wheel, and for no other;
  /// empty for what is typed.
  [[nodiscard]] QString drag_key() const;
  void end_drag() override { m_pressed = m_dragging = false; }
  void ask_back() override {
    if (m_dragging) want(m_press_value);
  }

signals:
  /// The user wants this number; it lies in the range.
  void wanted(double value);

protected:
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void focusOutEvent(QFocusEvent* event) override;

private:
  void want(double value);
  void step_by(double steps);
  void commit_typed();
  void show_text();
  [[nodiscard]] QString text_of(double value) const;
  [[nodiscard]] QString range_words() const;
  [[nodiscard]] std::optional<double> entered(QString typed) const;

  NumberRange m_range;
  double m_value = 0;
  QPointF m_press;
  double m_press_value = 0;
  int m_drag_number = 0;
  bool m_pressed = false, m_dragging = false, m_stepping = false, m_typing = false;
  QElapsedTimer m_since_step;
  WheelSteps m_wheel;
};

/// A word under a field that says why something was not taken; it goes when the field is used again.
void say_at(QWidget& field, const QString& sentence);
/// How often a field has said so since the program began: whoever takes what is typed asks before and after.
[[nodiscard]] int refusals_said();

} // namespace zc
