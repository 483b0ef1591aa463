// SPDX-License-Identifier: GPL-3.0-or-later
// What the photo or its region says: its value plan in words and shares, its colors on the wheel, what the
// mask holds of it.
#pragma once

#include "model/session/studio.h"

#include <QImage>
#include <QWidget>

namespace zc {

class PhotoModel;
class Viewing;

class WordControl;

class ReadingPanel final : public QWidget {
  Q_OBJECT
public:
  ReadingPanel(Studio& model, Viewing& viewing, PhotoModel& photos, QWidget* parent);
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
  Studio& m_model;
  Viewing& m_viewing;
  PhotoModel& m_photos;
  WordControl* m_region;
  WordControl* m_hold;
  QString m_words;
  Shown m_shown;
  QImage m_footprint;
};

} // namespace zc
