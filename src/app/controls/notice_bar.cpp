// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/notice_bar.h"

#include "app/theme/theme.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTimer>

#include <algorithm>

namespace zc {
namespace {

constexpr int kShownFor = 20'000; // Long enough to read twice.

} // namespace

NoticeBar::NoticeBar(QWidget* parent, Place place)
    : QWidget(parent), m_text(new QLabel(this)), m_close(new QPushButton(tr("Close"), this)),
      m_timer(new QTimer(this)), m_place(place) {
  setObjectName(QStringLiteral("notice"));
  setAutoFillBackground(true);
  setBackgroundRole(QPalette::WindowText);
  m_text->setObjectName(QStringLiteral("noticeText"));
  m_text->setForegroundRole(QPalette::Window);
  m_text->setFont(place == Place::Row ? heading_font() : caption_font());
  m_text->setTextFormat(Qt::PlainText);
  m_text->setWordWrap(true);
  m_close->setObjectName(QStringLiteral("closeNotice"));
  m_close->setToolTip(tr("Close this message"));
  auto* row = new QHBoxLayout(this);
  const int side = place == Place::Row ? kMargin : 6;
  row->setContentsMargins(side, 6, side, 6);
  row->addWidget(m_text, 1);
  row->addWidget(m_close);
  m_close->setVisible(place == Place::Row);
  if (place == Place::Over) parent->installEventFilter(this);
  connect(m_close, &QPushButton::clicked, this, &QWidget::hide);
  m_timer->setSingleShot(true);
  connect(m_timer, &QTimer::timeout, this, &QWidget::hide);
  turn_colors();
  hide();
}

/// The bar has the color of words as its ground, so its button has that of a ground as its words.
void NoticeBar::turn_colors() {
  QPalette colors = palette();
  for (const auto role : {QPalette::ButtonText, QPalette::HighlightedText})
    colors.setColor(role, palette().color(QPalette::Window));
  m_close->setPalette(colors);
}

void NoticeBar::changeEvent(QEvent* event) {
  QWidget::changeEvent(event);
  if (event->type() == QEvent::PaletteChange) turn_colors();
}

void NoticeBar::mousePressEvent(QMouseEvent*) { hide(); }

bool NoticeBar::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::Resize) lie_at_foot();
  return QWidget::eventFilter(watched, event);
}

void NoticeBar::lie_at_foot() {
  const QSize room = parentWidget()->size();
  const int high = layout()->heightForWidth(room.width());
  setGeometry(0, std::max(0, room.height() - high), room.width(), high);
  raise();
}

void NoticeBar::tell(const QString& sentence) {
  m_text->setText(sentence);
  if (m_place == Place::Over) lie_at_foot();
  show();
  m_timer->start(kShownFor);
}

void NoticeBar::forget(const QString& sentence) {
  if (m_text->text() == sentence) hide();
}

QString NoticeBar::sentence() const { return isVisibleTo(parentWidget()) ? m_text->text() : QString(); }

} // namespace zc
