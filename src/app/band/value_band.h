// SPDX-License-Identifier: GPL-3.0-or-later
// The value band: rail, hue section and staff side by side on one axis.
#pragma once

#include <QWidget>
#include <functional>
#include <map>

class QButtonGroup;
class QStackedWidget;

namespace zc {

class RailView;
class SectionView;
class StaffView;
class WordControl;
class AppModel;

/// At Pick pages of tools stand in the place of the staff, as tabs beside the set.
class ValueBand final : public QWidget {
  Q_OBJECT
public:
  ValueBand(AppModel& model, QWidget* parent);
  [[nodiscard]] StaffView& staff() { return *m_staff; }
  /// The page is made when it is first shown. What it holds may need more height than there is; it is
  /// scrolled then.
  WordControl* add_page(const QString& name, const QString& word, const QString& tip,
                        std::function<QWidget*()> make);
  void show_page(int page);

private:
  QWidget* make_side();
  WordControl* add_tab(const QString& name, const QString& word, const QString& tip);
  void fill_page(int page);
  void follow();
  AppModel& m_model;
  RailView* m_rail;
  SectionView* m_section;
  StaffView* m_staff;
  QStackedWidget* m_pages = nullptr;
  QWidget* m_tabs = nullptr;
  QButtonGroup* m_group = nullptr;
  std::map<int, std::function<QWidget*()>> m_to_make; ///< Pages that were not shown yet.
  int m_page = 0;                                     ///< Of Pick; what a user leaves open stays open.
};

} // namespace zc
