// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/first/first_start.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"

#include <QEvent>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QSettings>

namespace zc {
namespace {

const auto kStartedKey = QStringLiteral("startedBefore");
constexpr int kButtonWidth = 190, kWordsWidth = 330;

} // namespace

FirstStart::FirstStart(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("firstStart"));
  setAccessibleName(tr("Welcome"));
  setAutoFillBackground(true);
  auto* middle = new QGridLayout;
  middle->setHorizontalSpacing(kMargin);
  middle->setVerticalSpacing(14);
  auto* title = new QLabel(tr("How would you like to begin?"), this);
  title->setFont(title_font());
  middle->addWidget(title, 0, 0, 1, 2);
  const auto way = [this, middle](int row, const QString& name, const QString& word, const QString& words,
                                  void (FirstStart::*asked)()) {
    auto* button = new QPushButton(word, this);
    button->setObjectName(name);
    button->setToolTip(words);
    button->setMinimumWidth(kButtonWidth);
    auto* label = caption_label(words, this);
    label->setWordWrap(true);
    label->setMinimumWidth(kWordsWidth);
    middle->addWidget(button, row, 0, Qt::AlignVCenter);
    middle->addWidget(label, row, 1, Qt::AlignVCenter);
    connect(button, &QPushButton::clicked, this, [this, asked] {
      leave();
      emit(this->*asked)();
    });
  };
  way(1, QStringLiteral("begin.photo"), tr("Start with a photo"),
      tr("Choose a photo of your own. Its colors become the first swatches."), &FirstStart::photoAsked);
  way(2, QStringLiteral("begin.empty"), tr("Start with an empty piece"),
      tr("A hue wheel, a value axis and an empty set."), &FirstStart::emptyAsked);
  way(3, QStringLiteral("begin.demo"), tr("Open the demo"),
      tr("Coppersmiths' Row: a finished plan with photos, a mask and a graded set. You get a copy to try "
         "things on."),
      &FirstStart::demoAsked);
  auto* foot = new QLabel(tr("A list of first steps stands above your work. F1 opens the handbook."), this);
  foot->setFont(caption_font());
  middle->addWidget(foot, 4, 0, 1, 2);
  auto* grid = new QGridLayout(this);
  grid->setRowStretch(0, 2);
  grid->setColumnStretch(0, 1);
  grid->addLayout(middle, 1, 1);
  grid->setRowStretch(2, 3);
  grid->setColumnStretch(2, 1);
  hide();
}

bool FirstStart::is_first() { return !QSettings().value(kStartedKey, false).toBool(); }

void FirstStart::offer() {
  parentWidget()->installEventFilter(this);
  setGeometry(parentWidget()->rect());
  show();
  raise();
  findChild<QPushButton*>(QStringLiteral("begin.photo"))->setFocus();
}

void FirstStart::leave() {
  QSettings().setValue(kStartedKey, true);
  hide();
}

void FirstStart::keyPressEvent(QKeyEvent* event) {
  if (event->key() != Qt::Key_Escape) return QWidget::keyPressEvent(event);
  leave();
  emit emptyAsked();
}

bool FirstStart::eventFilter(QObject*, QEvent* event) {
  if (event->type() == QEvent::Resize) setGeometry(parentWidget()->rect());
  return false;
}

} // namespace zc
