// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/first/steps_line.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QSettings>

namespace zc {
namespace {

const auto kStepsKey = QStringLiteral("firstSteps");

struct StepWords {
  FirstStep step;
  Desk desk;
  QString word, how;
};

std::array<StepWords, kFirstSteps> step_words() {
  return {{{FirstStep::Reference, Desk::Observe, StepsLine::tr("Add a photo"),
            StepsLine::tr("At Observe: drop a photo on the window, or press Add photo")},
           {FirstStep::Color, Desk::Observe, StepsLine::tr("Sample colors"),
            StepsLine::tr("At Observe: click the photo, or press Take palette")},
           {FirstStep::Mask, Desk::Limit, StepsLine::tr("Make a mask"),
            StepsLine::tr("At Limit: press a pattern, then drag outside the rim to turn the mask")},
           {FirstStep::Swatch, Desk::Pick, StepsLine::tr("Add a swatch"),
            StepsLine::tr("At Pick: drag the white line, pick in the wheel, press Ctrl+L")},
           {FirstStep::Report, Desk::Grade, StepsLine::tr("Grade the set"),
            StepsLine::tr("At Grade: read the report and press a remedy")},
           {FirstStep::Picture, Desk::Try, StepsLine::tr("See the set in the picture"),
            StepsLine::tr("At Try: see the photo in your swatches")},
           {FirstStep::Save, Desk::Pick, StepsLine::tr("Save the piece"),
            StepsLine::tr("Press Ctrl+S to save the piece")},
           {FirstStep::Share, Desk::Share, StepsLine::tr("Print or export"),
            StepsLine::tr("At Share: save the sheet, or export files for the program you paint with")}}};
}

} // namespace

StepsLine::StepsLine(Studio& model, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing) {
  setObjectName(QStringLiteral("firstSteps"));
  setAccessibleName(tr("First steps"));
  setAutoFillBackground(true);
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin, 0, kMargin, 2);
  row->setSpacing(4);
  auto* title = new QLabel(tr("First steps"), this);
  title->setFont(caption_strong_font());
  row->addWidget(title);
  row->addSpacing(8);
  for (const StepWords& s : step_words()) {
    auto* button = word_action(QStringLiteral("step.%1").arg(static_cast<int>(s.step)), s.word, s.how, this);
    row->addWidget(button);
    m_words[static_cast<std::size_t>(s.step)] = button;
    connect(button, &QAbstractButton::clicked, this, [this, s] {
      if (s.step != FirstStep::Save) m_viewing.show_desk(s.desk);
      m_desk = m_model.session().desk;
      m_told = s.how + QStringLiteral(".");
      emit m_model.notice(m_told);
    });
  }
  row->addStretch();
  auto* away = word_action(QStringLiteral("stepsAway"), tr("Close"),
                           tr("Close the first steps; the Help menu shows them again"), this);
  connect(away, &QAbstractButton::clicked, this, &StepsLine::put_away);
  row->addWidget(away);
  // "0110..." while they are in use.
  const QString kept = QSettings().value(kStepsKey).toString();
  for (qsizetype i = 0; i < kept.size() && i < static_cast<qsizetype>(kFirstSteps); ++i)
    m_steps.done[static_cast<std::size_t>(i)] = kept[i] == QLatin1Char('1');
  model.hear({Part::References, Part::Geometry, Part::Sets, Part::Color, Part::Extracted, Part::Desk}, this,
             &StepsLine::follow);
  setVisible(in_use());
  show_words();
}

bool StepsLine::in_use() const {
  return QSettings().value(kStepsKey).toString().size() == static_cast<qsizetype>(kFirstSteps) &&
         !m_steps.all();
}

void StepsLine::begin() {
  m_steps = {};
  begin_from_here();
  take(m_steps);
  show();
}

void StepsLine::begin_with_photo() {
  begin();
  take(with_done(m_steps, FirstStep::Reference));
}

/// What is there already was not done by these hands.
void StepsLine::begin_from_here() {
  m_document = m_model.store().document();
  m_opened = m_model.piece();
}

void StepsLine::saved() {
  if (isVisibleTo(parentWidget())) take(with_done(m_steps, FirstStep::Save));
}

void StepsLine::follow() {
  if (!isVisibleTo(parentWidget())) return;
  if (m_document != m_model.store().document()) begin_from_here();
  // What to do at one desk is not said at another, nor once it is done.
  if (std::exchange(m_desk, m_model.session().desk) != m_model.session().desk) forget_told();
  const FirstSteps now = followed(m_steps, m_opened, m_model.piece(), m_model.session());
  if (now == m_steps) return;
  forget_told();
  take(now);
}

void StepsLine::forget_told() {
  if (!m_told.isEmpty()) emit m_model.refusalOver(std::exchange(m_told, {}));
}

void StepsLine::take(const FirstSteps& steps) {
  m_steps = steps;
  QString kept;
  for (const bool done : steps.done) kept += QLatin1Char(done ? '1' : '0');
  QSettings().setValue(kStepsKey, kept);
  show_words();
  if (!steps.all()) return;
  emit m_model.notice(tr("First steps done. The handbook (F1) has more."));
  put_away();
}

void StepsLine::put_away() {
  QSettings().remove(kStepsKey);
  hide();
}

/// Ticks are drawn as words are, so that they read on every surround.
void StepsLine::show_words() {
  for (const StepWords& s : step_words()) {
    auto* button = m_words[static_cast<std::size_t>(s.step)];
    const bool done = m_steps.has(s.step);
    button->setText(done ? QStringLiteral("\u2713 ") + s.word : s.word);
    button->setAccessibleName(done ? tr("%1, done").arg(s.word) : s.word);
    button->setAccessibleDescription(s.how);
    button->updateGeometry();
    button->update();
  }
}

} // namespace zc
