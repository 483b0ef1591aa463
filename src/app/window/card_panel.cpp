// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/card_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/monitor.h"
#include "app/theme/theme.h"
#include "core/piece/edits.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"

#include <QDate>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>

namespace zc {
namespace {

constexpr int kWidth = 420, kWordsHeight = 110;

} // namespace

CardPanel::CardPanel(Studio& model, QWidget* parent)
    : Panel(QStringLiteral("card"), kWidth, parent), m_model(model), m_title(new QLineEdit(this)),
      m_words(new QPlainTextEdit(this)), m_date(new QLineEdit(this)), m_signature(new QLineEdit(this)),
      m_monitor(new QLabel(this)),
      m_monitor_on(new WordControl(ControlKind::Switch, tr("use monitor profile"), this)) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(kMargin, 14, kMargin, 14);
  grid->setHorizontalSpacing(10);
  grid->setVerticalSpacing(8);
  auto row = [&, n = 0](const QString& word, const QString& name, const QString& tip,
                        QWidget* field) mutable {
    auto* label = caption_label(word, this);
    field->setObjectName(name);
    field->setAccessibleName(word);
    field->setToolTip(tip);
    grid->addWidget(label, n, 0, Qt::AlignTop);
    grid->addWidget(field, n, 1);
    ++n;
  };
  row(tr("Title"), QStringLiteral("card.title"), tr("What the piece is called"), m_title);
  row(tr("Description"), QStringLiteral("card.words"), tr("Mood and intent; the sheet can show them"),
      m_words);
  row(tr("Date"), QStringLiteral("card.date"), tr("The date of the plan as YYYY-MM-DD, or nothing"), m_date);
  row(tr("Signature"), QStringLiteral("card.signature"), tr("The line at the foot of the sheet"),
      m_signature);
  m_words->setFixedHeight(kWordsHeight);
  m_words->setTabChangesFocus(true);
  m_words->setFrameShape(QFrame::NoFrame);
  m_date->setPlaceholderText(QDate::currentDate().toString(Qt::ISODate));

  auto* take = new QPushButton(tr("Apply"), this);
  take->setObjectName(QStringLiteral("card.take"));
  take->setToolTip(tr("Change the details of the piece in one step"));
  auto* leave = new QPushButton(tr("Cancel"), this);
  leave->setObjectName(QStringLiteral("card.leave"));
  leave->setToolTip(tr("Close without a change (Escape)"));
  auto* buttons = new QHBoxLayout;
  buttons->setSpacing(8);
  buttons->addStretch();
  buttons->addWidget(take);
  buttons->addWidget(leave);
  auto* monitor = make_monitor_row();
  grid->addWidget(caption_label(tr("Monitor"), this), 4, 0, Qt::AlignVCenter);
  grid->addLayout(monitor, 4, 1);
  grid->addLayout(buttons, 5, 1);
  connect(&model, &Studio::startedAnew, this, [this] {
    follow();
    if (isVisible()) emit closed();
  });
  connect(&model, &Studio::typedAsked, this, [this] {
    if (isVisible() && shown() != m_filled) apply();
  });
  connect(take, &QPushButton::clicked, this, &CardPanel::take);
  connect(leave, &QPushButton::clicked, this, &CardPanel::closed);
  for (QLineEdit* field : {m_title, m_date, m_signature})
    connect(field, &QLineEdit::returnPressed, this, &CardPanel::take);
}

QHBoxLayout* CardPanel::make_monitor_row() {
  m_monitor->setObjectName(QStringLiteral("card.monitor"));
  m_monitor->setFont(caption_font());
  m_monitor->setWordWrap(true);
  m_monitor_on->setObjectName(QStringLiteral("card.useMonitor"));
  m_monitor_on->setToolTip(tr("Show colors through the profile that the desktop has set for this monitor"));
  connect(m_monitor_on, &QAbstractButton::clicked, this, [this](bool on) {
    Monitors::all().turn(on);
    follow_monitor();
  });
  connect(&Monitors::all(), &Monitors::changed, this, &CardPanel::follow_monitor);
  auto* monitor = new QHBoxLayout;
  monitor->addWidget(m_monitor, 1);
  monitor->addWidget(m_monitor_on);
  return monitor;
}

void CardPanel::open_at(QPoint corner) {
  follow();
  stand_at(corner);
  m_title->setFocus();
  m_title->selectAll();
}

void CardPanel::follow() {
  const Card card = card_of(m_model.piece());
  m_title->setText(text(card.title));
  m_words->setPlainText(text(card.words));
  m_date->setText(text(card.date));
  m_signature->setText(text(card.signature));
  m_filled = shown();
  follow_monitor();
}

void CardPanel::follow_monitor() {
  Monitors& monitors = Monitors::all();
  const DisplayProfile* profile = monitors.profile_of(screen());
  m_monitor_on->setChecked(monitors.on());
  m_monitor->setText(profile         ? tr("shown through \"%1\"").arg(text(profile->name()))
                     : monitors.on() ? tr("the desktop has no profile for this monitor")
                                     : tr("profiles are not used"));
}

Card CardPanel::shown() const {
  return {m_title->text().toStdString(), m_words->toPlainText().toStdString(), m_date->text().toStdString(),
          m_signature->text().toStdString()};
}

/// What was changed elsewhere meanwhile stays.
bool CardPanel::apply() {
  const Card now = shown();
  Card card = card_of(m_model.piece());
  for (const auto part : {&Card::title, &Card::words, &Card::date, &Card::signature})
    if (now.*part != m_filled.*part) card.*part = now.*part;
  const auto checked = with_card(m_model.piece(), card);
  if (!checked) {
    const bool date = checked.error().place == "date";
    say_at(*(date                                   ? m_date
             : checked.error().place == "signature" ? m_signature
                                                    : m_title),
           words(checked.error()));
    return false;
  }
  m_model.store().apply(tr("Change details"), [card](Piece p) { return with_card(std::move(p), card); });
  m_filled = now;
  return true;
}

/// A field that is wrong says so, and the card stays open.
void CardPanel::take() {
  if (apply()) emit closed();
}

} // namespace zc
