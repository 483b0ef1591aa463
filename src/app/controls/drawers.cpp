// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/drawers.h"

#include "app/controls/controls.h"

#include <algorithm>

namespace zc {

Drawers::Drawers(QWidget& desk, std::function<QRect()> stage)
    : QObject(&desk), m_desk(desk), m_stage(std::move(stage)) {}

WordControl* Drawers::add(const QString& name, const QString& word, const QString& tip, QWidget* content) {
  auto* button = word_opener(name, word, tip, &m_desk);
  button->setCheckable(true);
  content->setAutoFillBackground(true);
  content->setBackgroundRole(QPalette::Button);
  content->hide();
  m_drawers.push_back({button, content});
  connect(button, &QAbstractButton::clicked, this, [this, button](bool on) { open(on ? button : nullptr); });
  return button;
}

void Drawers::open(const WordControl* word) {
  for (const Drawer& drawer : m_drawers) {
    drawer.word->setChecked(drawer.word == word);
    drawer.content->setVisible(drawer.word == word);
    drawer.content->raise();
  }
  place();
  emit changed();
}

int Drawers::height() const {
  for (const Drawer& drawer : m_drawers)
    if (drawer.word->isChecked()) return drawer.content->height();
  return 0;
}

void Drawers::place() {
  const QRect stage = m_stage();
  for (const Drawer& drawer : m_drawers) {
    const int height = std::max(drawer.content->sizeHint().height(), drawer.content->minimumHeight());
    drawer.content->setGeometry(stage.left(), stage.bottom() + 1 - height, stage.width(), height);
  }
}

} // namespace zc
