// SPDX-License-Identifier: GPL-3.0-or-later
// How far reading or writing a file is, with a stop, once it has taken longer than a moment.
#pragma once

#include <QWidget>

class QLabel;
class QProgressBar;
class QTimer;

namespace zc {

class FileJob;

class FileProgress final : public QWidget {
  Q_OBJECT
public:
  FileProgress(FileJob& job, QWidget* parent);

private:
  void follow();

  FileJob& m_job;
  QLabel* m_what;
  QProgressBar* m_bar;
  QTimer* m_moment;
};

} // namespace zc
