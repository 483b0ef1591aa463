// SPDX-License-Identifier: GPL-3.0-or-later
// How many colors of each value to take out of the photo, and taking them.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QPushButton;

namespace zc {

class PhotoModel;

class NumberField;
class Extracting;

class ExtractionRow final : public QWidget {
  Q_OBJECT
public:
  ExtractionRow(Studio& model, PhotoModel& photos, Extracting& taking, QWidget* parent);

private:
  void follow();
  void want_count(std::size_t band, int count);
  Studio& m_model;
  PhotoModel& m_photos;
  Extracting& m_extracting;
  std::array<NumberField*, 3> m_counts{}; ///< Light, middle, dark.
  QPushButton* m_start;
};

} // namespace zc
