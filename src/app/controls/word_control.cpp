// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/word_control.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QPainter>

namespace zc {
namespace {

WordControl* made(ControlKind kind, const QString& name, const QString& word, const QString& tip,
                  QWidget* parent) {
  auto* control = new WordControl(kind, word, parent);
  control->setObjectName(name);
  control->setToolTip(tip);
  return control;
}

} // namespace

WordControl::WordControl(ControlKind kind, const QString& word, QWidget* parent)
    : QAbstractButton(parent), m_kind(kind) {
  setText(word);
  setAccessibleName(word);
  setFocusPolicy(Qt::TabFocus);
  setCheckable(kind == ControlKind::Switch || kind == ControlKind::Choice || kind == ControlKind::Tab);
  setAttribute(Qt::WA_Hover);
  setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

/// A choice is joined to the one that touches it.
Joined WordControl::joined() const {
  if (m_kind != ControlKind::Choice || !parentWidget()) return {};
  const auto choice_at = [this](int x) {
    const auto* other = qobject_cast<const WordControl*>(parentWidget()->childAt(x, geometry().center().y()));
    return other && other != this && other->m_kind == ControlKind::Choice;
  };
  return {choice_at(geometry().left() - 1), choice_at(geometry().right() + 1)};
}

void WordControl::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  paint_control(painter, rect(), m_kind, {isEnabled(), isChecked(), isDown(), underMouse(), hasFocus()},
                text(), joined());
}

WordControl* word_action(const QString& name, const QString& word, const QString& tip, QWidget* parent) {
  return made(ControlKind::Action, name, word, tip, parent);
}

WordControl* word_switch(const QString& name, const QString& word, const QString& tip, QWidget* parent) {
  return made(ControlKind::Switch, name, word, tip, parent);
}

WordControl* word_choice(const QString& name, const QString& word, const QString& tip, QWidget* parent) {
  return made(ControlKind::Choice, name, word, tip, parent);
}

WordControl* word_opener(const QString& name, const QString& word, const QString& tip, QWidget* parent) {
  return made(ControlKind::Opener, name, word, tip, parent);
}

WordControl* word_tab(const QString& name, const QString& word, const QString& tip, QWidget* parent) {
  return made(ControlKind::Tab, name, word, tip, parent);
}

void opens(WordControl& opener, QMenu& menu, MenuSide side) {
  QObject::connect(&opener, &QAbstractButton::clicked, &menu, [&opener, &menu, side] {
    const int y = side == MenuSide::Below ? opener.height() : -menu.sizeHint().height();
    menu.popup(opener.mapToGlobal(QPoint(0, y)));
  });
}

QHBoxLayout* joined_row() {
  auto* row = new QHBoxLayout;
  row->setSpacing(0);
  return row;
}

} // namespace zc
