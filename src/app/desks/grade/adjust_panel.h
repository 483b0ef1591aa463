// SPDX-License-Identifier: GPL-3.0-or-later
// Changing many swatches at once, tried out on staff and wheel before it is taken.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QGridLayout;
class QLabel;
class QPushButton;
class QSlider;

namespace zc {

class SetWork;

class NumberField;
struct Adjustment;

class AdjustPanel final : public QWidget {
  Q_OBJECT
public:
  /// A drawer is low and wide, and its parts have names of their own.
  enum class Place { Page, Drawer };
  AdjustPanel(Studio& model, SetWork& work, Place place, QWidget* parent);

private:
  void add_rows();
  struct Row {
    NumberField* field;
    QSlider* slider;
    double step; ///< One step of the slider.
    std::function<double(const Adjustment&)> read;
  };
  void add_row(const char* name, const QString& word, const QString& tip, const Range& range,
               const Range& usual, double step, int digits, const QString& suffix,
               const std::function<double&(Adjustment&)>& member);
  void change(const std::function<double&(Adjustment&)>& member, double value);
  void follow();

  [[nodiscard]] QString named(const char* part) const;
  Studio& m_model;
  SetWork& m_work;
  Place m_place;
  QLabel* m_title;
  QLabel* m_says;
  QGridLayout* m_grid;
  QPushButton* m_take;
  QPushButton* m_reset;
  std::vector<Row> m_rows;
};

} // namespace zc
