// SPDX-License-Identifier: GPL-3.0-or-later
// What the photo or its region says: its value plan in words and shares, its colors on the wheel, what the
// mask holds of it.
#pragma once

#include "model/workspace/workspace.h"

#include <QImage>
#include <QWidget>

namespace zc {

class WordButton;

class ReadingPanel final : public QWidget {
  Q_OBJECT
public:
  ReadingPanel(Workspace& space, QWidget* parent);
  [[nodiscard]] QString words() const { return m_words; }

protected:
  void paintEvent(QPaintEvent* event) override;

private:
  void follow();
  struct Shown {
    PhotoMark photo;
    std::optional<PixelRect> region;
    WheelSpec wheel;
    bool operator==(const Shown&) const = default;
  };
  Workspace& m_space;
  WordButton* m_region;
  WordButton* m_hold;
  QString m_words;
  Shown m_shown;
  QImage m_footprint;
};

} // namespace zc
