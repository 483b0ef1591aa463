// SPDX-License-Identifier: GPL-3.0-or-later
// Grade: the set on the staff, in rows, as a list or beside its versions; what to mend; changing many; the
// shelf.
#pragma once

#include "core/session/session.h"

#include <QWidget>

class QComboBox;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QStackedWidget;

namespace zc {

class AppModel;

class ImportView;
class ListView;
class Pages;
class RowsView;
class ShelfPanel;
class SidewaysArea;
class VersionsView;
struct FoundSet;

class GradeDesk final : public QWidget {
  Q_OBJECT
public:
  GradeDesk(AppModel& model, QWidget* parent);
  [[nodiscard]] RowsView& rows() { return *m_rows; }
  [[nodiscard]] ListView& list() { return *m_list; }
  /// Shows what a file would bring in.
  void offer(const FoundSet& found, const QString& file);
  void find();
  /// The shelf of sets, with this one chosen.
  void show_on_shelf(const QString& file);
  void focus_view();

signals:
  /// Something was found and is selected; the hand goes on with it.
  void foundSwatches();

private:
  QWidget* make_side();
  QComboBox* make_views();
  QWidget* make_rows_page();
  QWidget* make_chip_sizes();
  void follow();
  void follow_sets();
  void find_words();

  AppModel& m_model;
  QStackedWidget* m_center;
  RowsView* m_rows;
  ListView* m_list;
  VersionsView* m_versions;
  ImportView* m_import;
  Pages* m_side_pages = nullptr;
  ShelfPanel* m_shelf = nullptr;
  QComboBox* m_views = nullptr;
  SidewaysArea* m_tabs = nullptr;
  QLineEdit* m_find = nullptr;
  SetView m_before_import = SetView::Staff;
};

} // namespace zc
