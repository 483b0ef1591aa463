// SPDX-License-Identifier: GPL-3.0-or-later
// Holds the stage: as large as the place it has, and scrolled where that is less than it can bear.
#pragma once

#include <QScrollArea>

namespace zc {

/// The toolkit's own resizing would scroll as soon as words that wrap have less room than they would like.
class StageArea final : public QScrollArea {
  Q_OBJECT
public:
  StageArea(QWidget* stage, QWidget* parent);

protected:
  void resizeEvent(QResizeEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  void settle();
};

} // namespace zc
