// SPDX-License-Identifier: GPL-3.0-or-later
// Which swatches a press cannot print, and what can stand for them.
#pragma once

#include "io/shelf/press_shelf.h"
#include "model/share/share_reading.h"
#include "model/workspace/workspace.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QScrollArea;

namespace zc {

class NumberField;
class WordButton;

class PressPanel final : public QWidget {
  Q_OBJECT
public:
  PressPanel(Workspace& space, QWidget* parent);
  /// Reads the shelf of profiles anew.
  void read_shelf();

signals:
  void profileAsked();

protected:
  void showEvent(QShowEvent* event) override;

private:
  void change(const std::function<void(Sharing&)>& by);
  void follow();
  void list(const std::vector<SwatchPress>& checked);

  Workspace& m_space;
  std::vector<ShelfPress> m_shelf;
  QComboBox* m_profile;
  NumberField* m_limit;
  WordButton* m_proof;
  WordButton* m_paper_white;
  QLabel* m_says;
  QScrollArea* m_scroll;
};

} // namespace zc
