// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/file_progress.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "model/documents/file_job.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QTimer>

namespace zc {
namespace {

/// In milliseconds; work that takes no longer is not shown.
constexpr int kMoment = 80;

} // namespace

FileProgress::FileProgress(FileJob& job, QWidget* parent)
    : QWidget(parent), m_job(job), m_what(new QLabel(this)), m_bar(new QProgressBar(this)),
      m_moment(new QTimer(this)) {
  setObjectName(QStringLiteral("fileProgress"));
  m_what->setFont(caption_font());
  m_bar->setRange(0, 100);
  m_bar->setFixedHeight(14);
  m_bar->setAccessibleName(tr("Progress of reading or writing the file"));
  auto* button = new QPushButton(tr("Stop"), this);
  button->setObjectName(QStringLiteral("stopFileJob"));
  button->setFont(caption_font());
  button->setToolTip(tr("Stop reading or writing; the file and the open piece stay as they are"));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin, 4, kMargin, 4);
  row->addWidget(m_what);
  row->addWidget(m_bar, 1);
  row->addWidget(button);
  m_moment->setSingleShot(true);
  m_moment->setInterval(kMoment);
  connect(button, &QPushButton::clicked, &job, &FileJob::stop);
  connect(m_moment, &QTimer::timeout, this, &QWidget::show);
  connect(&job, &FileJob::changed, this, &FileProgress::follow);
  hide();
}

void FileProgress::follow() {
  if (!m_job.running()) {
    m_moment->stop();
    return hide();
  }
  m_what->setText(m_job.what());
  show_share(*m_bar, m_job.percent() / 100.0);
  if (isHidden() && !m_moment->isActive()) m_moment->start();
}

} // namespace zc
