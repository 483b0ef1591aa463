// SPDX-License-Identifier: GPL-3.0-or-later
// A small reference kept in sight beside the work of a desk: sampled and looked at like the large one.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;

namespace zc {

class Laying;
class PhotoModel;
class Picking;
class Viewing;

class PhotoView;

class KeptReference final : public QWidget {
  Q_OBJECT
public:
  KeptReference(Studio& model, Picking& picking, Laying& laying, Viewing& viewing, PhotoModel& photos,
                QWidget* parent);
  [[nodiscard]] PhotoView& photo() { return *m_photo; }
  /// Less would cut the loupe.
  static constexpr int kNarrowest = 246, kUsual = 300;

private:
  void follow_references();
  void follow_view();
  Studio& m_model;
  Viewing& m_viewing;
  QComboBox* m_which;
  QComboBox* m_look;
  PhotoView* m_photo;
};

} // namespace zc
