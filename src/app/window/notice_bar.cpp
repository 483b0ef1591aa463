// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/notice_bar.h"

#include "app/theme/theme.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTimer>

namespace zc {
namespace {

constexpr int kShownFor = 20'000; // Long enough to read twice.

} // namespace

NoticeBar::NoticeBar(QWidget* parent)
    : QWidget(parent), m_text(new QLabel(this)), m_close(new QPushButton(tr("Close"), this)),
      m_timer(new QTimer(this)) {
  setObjectName(QStringLiteral("notice"));
  setAutoFillBackground(true);
  setBackgroundRole(QPalette::WindowText);
  m_text->setObjectName(QStringLiteral("noticeText"));
  m_text->setForegroundRole(QPalette::Window);
  m_text->setFont(heading_font());
  m_text->setWordWrap(true);
  m_close->setObjectName(QStringLiteral("closeNotice"));
  m_close->setToolTip(tr("Close this message"));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin, 6, kMargin, 6);
  row->addWidget(m_text, 1);
  row->addWidget(m_close);
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

void NoticeBar::tell(const QString& sentence) {
  m_text->setText(sentence);
  show();
  m_timer->start(kShownFor);
}

void NoticeBar::forget(const QString& sentence) {
  if (m_text->text() == sentence) hide();
}

QString NoticeBar::sentence() const { return isVisibleTo(parentWidget()) ? m_text->text() : QString(); }

} // namespace zc
