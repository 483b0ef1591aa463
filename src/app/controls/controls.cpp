// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/controls.h"

#include "app/theme/theme.h"

#include <QButtonGroup>
#include <QCoreApplication>
#include <QFontMetrics>
#include <QHBoxLayout>
#include <QHelpEvent>
#include <QLineEdit>
#include <QPainter>
#include <QProgressBar>
#include <QScrollBar>
#include <QSettings>
#include <QShortcut>
#include <QStackedWidget>
#include <QStatusTipEvent>
#include <QToolTip>
#include <QVBoxLayout>
#include <QWheelEvent>

namespace zc {
namespace {

/// A widget and its parts that take the focus, as the keys come to them.
QWidgetList in_focus_order(const QWidget& whole) {
  QWidgetList out;
  auto* const first = const_cast<QWidget*>(&whole);
  QWidget* part = first;
  do {
    if ((part == first || whole.isAncestorOf(part)) && part->focusPolicy() != Qt::NoFocus) out << part;
    part = part->nextInFocusChain();
  } while (part != first);
  return out;
}

} // namespace

QLabel* heading_label(const QString& words, QWidget* parent) {
  auto* label = new QLabel(words, parent);
  label->setFont(heading_font());
  return label;
}

QLabel* caption_label(const QString& words, QWidget* parent) {
  auto* label = new QLabel(words, parent);
  label->setFont(caption_font());
  return label;
}

ElidedLabel::ElidedLabel(const QFont& font, QWidget* parent, Qt::TextElideMode dots)
    : QLabel(parent), m_dots(dots) {
  setFont(font);
  setTextFormat(Qt::PlainText);
  setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
}

QSize ElidedLabel::minimumSizeHint() const { return {0, QLabel::minimumSizeHint().height()}; }

void ElidedLabel::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setPen(palette().color(foregroundRole()));
  painter.drawText(contentsRect(), static_cast<int>(alignment()),
                   fontMetrics().elidedText(text(), m_dots, contentsRect().width()));
}

bool ElidedLabel::event(QEvent* event) {
  if (event->type() == QEvent::ToolTip && toolTip().isEmpty() &&
      fontMetrics().horizontalAdvance(text()) > contentsRect().width()) {
    QToolTip::showText(static_cast<QHelpEvent*>(event)->globalPos(), text(), this);
    return true;
  }
  return QLabel::event(event);
}

SidewaysArea::SidewaysArea(QWidget* parent) : QScrollArea(parent) {
  setFrameShape(QFrame::NoFrame);
  setWidgetResizable(true);
  setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  setFocusPolicy(Qt::NoFocus); // What is in it has it.
}

void SidewaysArea::bring(const QRect& part) {
  QMetaObject::invokeMethod(
      this, [this, part] { ensureVisible(part.center().x(), part.center().y(), part.width() / 2 + 6, 0); },
      Qt::QueuedConnection);
}

void SidewaysArea::wheelEvent(QWheelEvent* event) {
  QScrollBar* bar = horizontalScrollBar();
  const QPoint turned = event->angleDelta();
  const int by = turned.y() != 0 ? turned.y() : turned.x();
  bar->setValue(bar->value() - by / 2); // A notch is about one small picture.
  event->accept();
}

Pages::Pages(QWidget* parent)
    : QWidget(parent), m_row(new QHBoxLayout), m_group(new QButtonGroup(this)),
      m_pages(new QStackedWidget(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  m_row->setSpacing(2);
  m_row->addStretch();
  column->addLayout(m_row);
  column->addWidget(m_pages, 1);
  connect(m_group, &QButtonGroup::idClicked, this, [this](int i) {
    show_page(i);
    emit changed();
  });
}

/// Only the page shown has a say in how much room there must be.
void Pages::show_page(int page) {
  m_pages->setCurrentIndex(page);
  for (int i = 0; i < m_pages->count(); ++i) {
    const auto policy = i == m_pages->currentIndex() ? QSizePolicy::Preferred : QSizePolicy::Ignored;
    m_pages->widget(i)->setSizePolicy(policy, policy);
    m_group->button(i)->setChecked(i == page);
  }
}

void Pages::add(const QString& object_name, const QString& word, const QString& tip, QWidget* page) {
  auto* button = word_tab(object_name, word, tip, this);
  const int i = m_pages->addWidget(page);
  m_group->addButton(button, i);
  m_row->insertWidget(i, button);
  show_page(0);
}

void Pages::end_with(QWidget* widget) { m_row->addWidget(widget); }

void Pages::show(QWidget* page) { show_page(m_pages->indexOf(page)); }

QWidget* Pages::page() const { return m_pages->currentWidget(); }

void allow(QWidget& control, bool allowed, const QString& why_not) {
  constexpr const char* kWhy = "whyNot";
  constexpr const char* kUsual = "usualTip";
  const QString before = control.property(kWhy).toString();
  // A tip that was set meanwhile is the usual one from now on.
  const bool tells_why = !before.isEmpty() && control.toolTip() == before;
  if (!allowed && !tells_why) control.setProperty(kUsual, control.toolTip());
  if (!allowed) control.setToolTip(why_not);
  if (allowed && tells_why) control.setToolTip(control.property(kUsual).toString());
  control.setProperty(kWhy, allowed ? QVariant() : QVariant(why_not));
  control.setEnabled(allowed);
}

void leave_by_escape(QLineEdit& field, const std::function<void()>& follow) {
  auto* escape = new QShortcut(Qt::Key_Escape, &field, nullptr, nullptr, Qt::WidgetShortcut);
  QObject::connect(escape, &QShortcut::activated, &field, [&field, follow] {
    field.setModified(false);
    follow();
    field.clearFocus();
  });
}

void keep_open(WordControl& opener, QWidget& content, const QString& setting) {
  opener.setCheckable(true);
  opener.setChecked(QSettings().value(setting, false).toBool());
  content.setVisible(opener.isChecked());
  QObject::connect(&opener, &QAbstractButton::toggled, &content, [&content, setting](bool open) {
    QSettings().setValue(setting, open);
    content.setVisible(open);
  });
}

void say_hint(QWidget& from, const QString& words) {
  QStatusTipEvent event(words);
  QCoreApplication::sendEvent(&from, &event);
}

void show_share(QProgressBar& bar, double share) {
  bar.setUpdatesEnabled(false);
  bar.setValue(static_cast<int>(bar.maximum() * share));
  bar.setUpdatesEnabled(true);
}

void turn_about(QWidget& widget, bool turned) {
  widget.setLayoutDirection(turned ? Qt::RightToLeft : Qt::LeftToRight);
  for (QWidget* part : widget.findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
    part->setLayoutDirection(Qt::LeftToRight);
}

void follow_in_focus_order(QWidget& made, QWidget* before) {
  if (!before || before->window() != made.window()) return;
  for (QWidget* part : in_focus_order(made)) {
    QWidget::setTabOrder(before, part);
    before = part;
  }
}

QWidget* last_in_focus_order(const QWidget& whole) {
  const QWidgetList parts = in_focus_order(whole);
  return parts.empty() ? nullptr : parts.back();
}

QWidget* last_before_in_focus_order(const QWidget& whole) {
  QWidget* before = whole.previousInFocusChain();
  while (before != &whole && (before->focusPolicy() == Qt::NoFocus || whole.isAncestorOf(before)))
    before = before->previousInFocusChain();
  return before == &whole ? nullptr : before;
}

void scroll_over_ground(QScrollArea* area, QWidget* content) {
  area->setWidget(content);
  follow_in_focus_order(*content, last_before_in_focus_order(*area));
  for (QWidget* part : {static_cast<QWidget*>(area), area->viewport(), content})
    part->setAutoFillBackground(false);
}

} // namespace zc
