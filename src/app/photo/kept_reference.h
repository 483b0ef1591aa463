// SPDX-License-Identifier: GPL-3.0-or-later
// A small reference kept in sight beside the work of a desk: sampled and looked at like the large one.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

class QComboBox;

namespace zc {

class PhotoView;

class KeptReference final : public QWidget {
  Q_OBJECT
public:
  KeptReference(Workspace& space, QWidget* parent);
  [[nodiscard]] PhotoView& photo() { return *m_photo; }
  /// Less would cut the loupe.
  static constexpr int kNarrowest = 246, kUsual = 300;

private:
  void follow_references();
  void follow_view();

  Workspace& m_space;
  QComboBox* m_which;
  QComboBox* m_look;
  PhotoView* m_photo;
};

} // namespace zc
