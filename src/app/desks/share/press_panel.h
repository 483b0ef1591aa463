// SPDX-License-Identifier: GPL-3.0-or-later
// Which swatches a press cannot print, and what can stand for them.
#pragma once

#include "io/shelf/press_shelf.h"
#include "model/session/studio.h"
#include "model/share/share_model.h"

#include <QWidget>

class QComboBox;
class QGridLayout;
class QLabel;
class QScrollArea;

namespace zc {

class PressModel;
class ShareModel;
class Viewing;

class NumberField;
class WordControl;

class PressPanel final : public QWidget {
  Q_OBJECT
public:
  PressPanel(Studio& model, Viewing& viewing, PressModel& press, ShareModel& share_model, QWidget* parent);
  /// Reads the shelf of profiles anew.
  void read_shelf();

signals:
  void profileAsked();

protected:
  void showEvent(QShowEvent* event) override;

private:
  void change(const std::function<void(Sharing&)>& by);
  void follow();
  void add_row(QGridLayout& grid, int row, const Swatch& swatch, const SwatchPress& p, double most_ink,
               int taken);
  void list(const std::vector<SwatchPress>& checked);
  Studio& m_model;
  Viewing& m_viewing;
  PressModel& m_reader;
  std::vector<ShelfPress> m_shelf;
  QComboBox* m_profile;
  NumberField* m_limit;
  WordControl* m_proof;
  WordControl* m_paper_white;
  QLabel* m_says;
  QScrollArea* m_scroll;
};

} // namespace zc
