// SPDX-License-Identifier: GPL-3.0-or-later
// The page of the companion with what belongs to the current color: its relation, tints, tones and shades.
#pragma once

#include <QWidget>

class QComboBox;

namespace zc {

class AppModel;
class ChipRow;
class WordControl;

class RelatedPage final : public QWidget {
  Q_OBJECT
public:
  RelatedPage(AppModel& model, QWidget* parent);

private:
  void follow();
  AppModel& m_model;
  QComboBox* m_relation;
  WordControl* m_all;
  ChipRow* m_members;
};

} // namespace zc
