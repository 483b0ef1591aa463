// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/number_field.h"

#include "app/theme/theme.h"
#include "model/i18n/text.h"

#include <QAbstractScrollArea>
#include <QKeyEvent>
#include <QLabel>
#include <QLocale>
#include <QMouseEvent>
#include <QScrollBar>
#include <QTimer>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

constexpr double kDragStart = 4, kPixelsPerStep = 3;
constexpr int kWordStays = 6000;
constexpr double kLargestTyped = 1e6;
/// A wheel that rests so long begins a notch anew. Eighths and fifteenths of one add up to it within kAlmost.
constexpr int kWheelRests = 1500;
constexpr double kAlmost = 1e-6;

int refusals = 0;

QLabel* word_label(QWidget& field) {
  QWidget* window = field.window();
  auto* label = window->findChild<QLabel*>(QStringLiteral("fieldWord"));
  if (label) return label;
  label = new QLabel(window);
  label->setObjectName(QStringLiteral("fieldWord"));
  label->setAutoFillBackground(true);
  label->setContentsMargins(8, 4, 8, 4);
  label->setAttribute(Qt::WA_TransparentForMouseEvents);
  return label;
}

/// Whether it stands in a panel that the wheel can move up and down.
bool scrolls(const QWidget& field) {
  for (const QWidget* w = field.parentWidget(); w; w = w->parentWidget())
    if (const auto* area = qobject_cast<const QAbstractScrollArea*>(w))
      return area->verticalScrollBar()->maximum() > area->verticalScrollBar()->minimum();
  return false;
}

void hide_word(const QWidget& field) {
  if (auto* label = field.window()->findChild<QLabel*>(QStringLiteral("fieldWord"))) label->hide();
}

} // namespace

double nudge_size(Qt::KeyboardModifiers modifiers) {
  if (modifiers & Qt::ShiftModifier) return 10;
  return modifiers & Qt::AltModifier ? 0.1 : 1;
}

double wheel_notches(const QWheelEvent& event) {
  const QPoint d = event.angleDelta();
  return (d.y() != 0 ? d.y() : d.x()) / 120.0;
}

int WheelSteps::whole(const QWheelEvent& event) {
  const double by = wheel_notches(event);
  const bool anew = !m_since.isValid() || m_since.hasExpired(kWheelRests) || by * m_gathered < 0;
  m_gathered = (anew ? 0 : m_gathered) + by;
  m_since.start();
  const int out = static_cast<int>(m_gathered + std::copysign(kAlmost, m_gathered));
  m_gathered -= out;
  return out;
}

int refusals_said() { return refusals; }

void say_at(QWidget& field, const QString& sentence) {
  ++refusals;
  QLabel* label = word_label(field);
  QPalette palette = field.window()->palette();
  palette.setColor(QPalette::Window, theme().strong);
  palette.setColor(QPalette::WindowText, theme().field);
  label->setPalette(palette);
  label->setFont(caption_font());
  label->setText(sentence);
  label->setAccessibleName(sentence);
  label->adjustSize();
  QWidget* window = field.window();
  const QPoint below = field.mapTo(window, QPoint(0, field.height() + 3));
  const int x = std::clamp(below.x(), 4, std::max(4, window->width() - label->width() - 4));
  const bool fits = below.y() + label->height() <= window->height();
  label->move(x, fits ? below.y() : field.mapTo(window, QPoint(0, -label->height() - 3)).y());
  label->raise();
  label->show();
  QTimer::singleShot(kWordStays, label, [label, sentence] {
    if (label->text() == sentence) label->hide();
  });
}

NumberField::NumberField(const QString& object_name, const QString& accessible_name, QWidget* parent)
    : QLineEdit(parent) {
  setObjectName(object_name);
  setAccessibleName(accessible_name);
  setFrame(false);
  setFont(caption_font());
  setAlignment(Qt::AlignRight);
  setContextMenuPolicy(Qt::NoContextMenu);
  setCursor(Qt::SizeHorCursor);
  connect(this, &QLineEdit::textEdited, this, [this] {
    m_typing = true;
    hide_word(*this);
  });
  show_text();
}

void NumberField::set_range(const NumberRange& range) {
  m_range = range;
  show_text();
}

void NumberField::show_value(double value) {
  m_value = value;
  if (!m_typing) show_text();
}

void NumberField::refuse(const QString& sentence) {
  m_typing = false;
  show_text();
  selectAll();
  say_at(*this, sentence);
}

QString NumberField::drag_key() const {
  return m_dragging || m_stepping ? QStringLiteral("%1 %2").arg(objectName()).arg(m_drag_number) : QString();
}

void NumberField::step_by(double steps) {
  if (!m_since_step.isValid() || m_since_step.hasExpired(PieceStore::kRun.count())) ++m_drag_number;
  m_since_step.start();
  m_stepping = true;
  want(m_value + steps * m_range.step);
  m_stepping = false;
}

QString NumberField::text_of(double value) const {
  if (value < m_range.low && !m_range.empty_word.isEmpty()) return m_range.empty_word;
  QString text = number(value, m_range.digits);
  if (text.startsWith(QLatin1Char('-')) && typed_number(text) == 0.0) text.remove(0, 1);
  return text + m_range.suffix;
}

void NumberField::keep_width(int least) {
  constexpr int margins = 12;
  const auto wide = [this](double number) {
    return fontMetrics().horizontalAdvance(text_of(number)) + margins;
  };
  setFixedWidth(std::max({least, wide(m_range.low), wide(m_range.high)}));
}

void NumberField::show_text() {
  const QString shown = text_of(m_value);
  if (text() != shown) setText(shown);
  setCursorPosition(0);
}

QString NumberField::range_words() const {
  const auto plain = [this](double x) {
    return number(x, x == std::round(x) ? 0 : m_range.digits) + m_range.suffix;
  };
  return tr("Type a number from %1 to %2.").arg(plain(m_range.low), plain(m_range.high));
}

/// Nudges and drags stop at the ends of the range.
void NumberField::want(double value) {
  hide_word(*this);
  m_typing = false;
  if (m_range.wraps) {
    const double span = m_range.high - m_range.low;
    value = value - span * std::floor((value - m_range.low) / span);
  } else {
    const double lowest = m_range.empty_word.isEmpty() ? m_range.low : m_range.low - m_range.step;
    value = std::clamp(value, lowest, m_range.high);
  }
  if (value == m_value) return show_text();
  emit wanted(value);
}

namespace {

/// "+=5" and the like; where a number cannot be negative, "+5" too.
QChar taken_sign(QString& typed, bool signs_change) {
  const auto take = [&typed](int letters) {
    const QChar sign = typed[0];
    typed.remove(0, letters);
    return sign;
  };
  if (typed.size() > 1 && typed[1] == QLatin1Char('=') && QStringLiteral("+-*/").contains(typed[0]))
    return take(2);
  const bool has_sign = typed.startsWith(QLatin1Char('+')) || typed.startsWith(QLatin1Char('-'));
  return signs_change && has_sign ? take(1) : QChar();
}

double changed_by(QChar sign, double value, double by) {
  switch (sign.unicode()) {
  case '+':
    return value + by;
  case '-':
    return value - by;
  case '*':
    return value * by;
  case '/':
    return value / by;
  default:
    return by;
  }
}

} // namespace

/// What a typed text asks for, which may lie outside the range.
std::optional<double> NumberField::entered(QString typed) const {
  if (!m_range.suffix.isEmpty() && typed.endsWith(m_range.suffix.trimmed()))
    typed.chop(m_range.suffix.trimmed().size());
  typed = typed.trimmed();
  const QChar sign = taken_sign(typed, m_range.low >= 0);
  const auto read = typed_number(typed);
  const double value = changed_by(sign, m_value, read.value_or(0));
  // A turn so large that its place on the circle is lost in rounding is no turn.
  if (!read || !std::isfinite(value) || std::abs(value) > kLargestTyped) return std::nullopt;
  if (sign.isNull()) return value;
  if (m_value < m_range.low) return std::nullopt; // There is no number to change.
  if (!m_range.wraps) return value;
  const double span = m_range.high - m_range.low;
  return value - span * std::floor((value - m_range.low) / span);
}

void NumberField::commit_typed() {
  if (!m_typing) return;
  const QString typed = text().trimmed();
  if (!m_range.empty_word.isEmpty() && typed == m_range.empty_word) return want(m_range.low - m_range.step);
  const auto asked = entered(typed);
  const double slack = 0.5 * std::pow(10.0, -m_range.digits);
  if (!asked || *asked < m_range.low - slack || *asked > m_range.high + slack) return refuse(range_words());
  const double value = *asked;
  m_typing = false;
  const double kept = std::clamp(value, m_range.low, m_range.high);
  if (text_of(kept) == text_of(m_value)) return show_text(); // Nothing but the shown digits was typed.
  emit wanted(kept);
  show_text();
}

void NumberField::mousePressEvent(QMouseEvent* event) {
  if (m_typing || event->button() != Qt::LeftButton) return QLineEdit::mousePressEvent(event);
  m_pressed = true;
  m_press = event->position();
  m_press_value = m_value;
}

void NumberField::mouseMoveEvent(QMouseEvent* event) {
  if (!m_pressed) return QLineEdit::mouseMoveEvent(event);
  const double way = event->position().x() - m_press.x();
  if (!m_dragging && std::abs(way) < kDragStart) return;
  if (!m_dragging) ++m_drag_number;
  m_dragging = true;
  want(m_press_value + std::round(way / kPixelsPerStep) * m_range.step * nudge_size(event->modifiers()));
}

void NumberField::mouseReleaseEvent(QMouseEvent* event) {
  if (!m_pressed) return QLineEdit::mouseReleaseEvent(event);
  if (!m_dragging) {
    setFocus(Qt::MouseFocusReason);
    selectAll();
  }
  m_pressed = m_dragging = false;
}

void NumberField::wheelEvent(QWheelEvent* event) {
  if (!hasFocus() && scrolls(*this)) return event->ignore();
  const double turned = m_range.digits == 0 ? m_wheel.whole(*event) : wheel_notches(*event);
  if (turned != 0) step_by(turned * nudge_size(event->modifiers()));
  event->accept();
}

void NumberField::keyPressEvent(QKeyEvent* event) {
  switch (event->key()) {
  case Qt::Key_Up:
    return step_by(nudge_size(event->modifiers()));
  case Qt::Key_Down:
    return step_by(-nudge_size(event->modifiers()));
  case Qt::Key_Return:
  case Qt::Key_Enter:
    return commit_typed();
  case Qt::Key_Escape:
    m_typing = false;
    hide_word(*this);
    return show_text();
  default:
    QLineEdit::keyPressEvent(event);
  }
}

void NumberField::focusOutEvent(QFocusEvent* event) {
  QLineEdit::focusOutEvent(event);
  commit_typed();
}

} // namespace zc
