// SPDX-License-Identifier: GPL-3.0-or-later
// The desk where a picture is tried in the set: as it is, in swatches, moved along, or checked against the
// plan.
#pragma once

#include "core/session/session.h"

#include <QWidget>

#include <map>

class QComboBox;
class QLabel;

namespace zc {

class AppModel;

class Drawers;
class NumberField;
class TryView;
class WordControl;

class TryDesk final : public QWidget {
  Q_OBJECT
public:
  TryDesk(AppModel& model, QWidget* parent);
  [[nodiscard]] TryView& view() { return *m_view; }

signals:
  void saveAsked();
  void addPhotosAsked();

protected:
  void resizeEvent(QResizeEvent* event) override;
  bool event(QEvent* event) override;

private:
  QWidget* make_head();
  QWidget* make_sides();
  QWidget* make_options();
  QWidget* make_study(QWidget* parent);
  QWidget* make_following(QWidget* parent);
  QWidget* make_check(QWidget* parent);
  QWidget* make_foot();
  QComboBox* make_side(const QString& name, const QString& tip, TrySide Trying::*side);
  [[nodiscard]] QComboBox* make_choice(const QString& name, const QString& tip);
  void fill_side(QComboBox& box, const TrySide& chosen, bool with_photo);
  NumberField* make_number(const QString& name, const QString& tip, double low, double high, double step,
                           int digits, const QString& suffix);
  WordControl* make_switch(QWidget* parent, const QString& name, const QString& word, const QString& tip,
                           const std::function<void(bool)>& turn);
  void change(const std::function<void(Trying&)>& by);
  void follow();
  void fill_against();
  void say();
  void say_check();

  AppModel& m_model;
  TryView* m_view;
  WordControl* m_options = nullptr;
  WordControl* m_first = nullptr; ///< Adds the first picture.
  Drawers* m_drawers;
  std::vector<std::pair<WordControl*, TryWay>> m_ways;
  QLabel* m_name = nullptr;
  WordControl* m_canvas = nullptr;
  QLabel* m_says = nullptr;
  WordControl* m_two = nullptr;
  WordControl* m_squint = nullptr;
  WordControl* m_pairs = nullptr;
  WordControl* m_outside = nullptr;
  WordControl* m_far_shown = nullptr;
  QComboBox* m_left = nullptr;
  QComboBox* m_right = nullptr;
  QComboBox* m_from = nullptr;
  std::map<QComboBox*, std::vector<TrySide>> m_shown_sides; ///< The entries of each choice.
  QComboBox* m_against = nullptr;
  QWidget* m_study = nullptr;
  QWidget* m_follow = nullptr;
  QWidget* m_check = nullptr;
  WordControl* m_by_areas = nullptr;
  WordControl* m_value_first = nullptr;
  NumberField* m_count = nullptr;
  NumberField* m_smoothing = nullptr;
  NumberField* m_smallest = nullptr;
  NumberField* m_softness = nullptr;
  NumberField* m_far = nullptr;
};

} // namespace zc
