// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/long_work.h"

#include "app/theme/controls.h"
#include "app/theme/theme.h"

#include <QEventLoop>
#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QSemaphore>
#include <QTimer>

namespace zc {
namespace {

/// In milliseconds; work that takes no longer is not shown.
constexpr int kMoment = 80;

} // namespace

LongWork::LongWork(QWidget* parent)
    : QWidget(parent), m_what(new QLabel(this)), m_bar(new QProgressBar(this)) {
  setObjectName(QStringLiteral("longWork"));
  m_what->setFont(caption_font());
  m_bar->setRange(0, 100);
  m_bar->setFixedHeight(14);
  m_bar->setAccessibleName(tr("How far reading or writing the file is"));
  auto* button = new QPushButton(tr("Stop"), this);
  button->setObjectName(QStringLiteral("stopLongWork"));
  button->setFont(caption_font());
  button->setToolTip(tr("Stop; the file and the open piece stay as they are"));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin, 4, kMargin, 4);
  row->addWidget(m_what);
  row->addWidget(m_bar, 1);
  row->addWidget(button);
  connect(button, &QPushButton::clicked, this, &LongWork::stop);
  hide();
}

LongWork::~LongWork() {
  stop();
  m_pool.waitForDone();
}

void LongWork::run(const QString& what, const std::function<void(const Progress&)>& work) {
  Q_ASSERT(!m_running);
  m_running = true;
  m_stop = false;
  m_share = 0;
  QEventLoop loop;
  QSemaphore done;
  m_pool.start([this, &loop, &done, &work] {
    work([this](double share) {
      m_share = share;
      return !m_stop;
    });
    done.release();
    QMetaObject::invokeMethod(&loop, &QEventLoop::quit, Qt::QueuedConnection);
  });
  if (!done.tryAcquire(1, kMoment)) {
    m_what->setText(what);
    show_share(*m_bar, 0);
    show();
    QTimer told;
    connect(&told, &QTimer::timeout, this, [this] { show_share(*m_bar, m_share); });
    told.start(50);
    loop.exec();
  }
  m_pool.waitForDone(); // The loop also ends when the program does.
  hide();
  m_running = false;
}

} // namespace zc
