// SPDX-License-Identifier: GPL-3.0-or-later
// The set as a list with names, numbers and notes: sorted by its headings, filtered, edited in place.
#pragma once

#include "model/session/studio.h"

#include <QAbstractTableModel>
#include <QWidget>

class QSortFilterProxyModel;
class QTableView;

namespace zc {

class PressModel;
class SetWork;

class SwatchTable final : public QAbstractTableModel {
  Q_OBJECT
public:
  enum Column { Name, Hex, Value, Saturation, Hue, CodeWritten, FamilyName, Note, kColumns };
  SwatchTable(Studio& model, SetWork& work, PressModel& press, QObject* parent);
  [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
  [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
  [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
  [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
  [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
  bool setData(const QModelIndex& index, const QVariant& value, int role) override;
  // Rows can be dragged to other programs.
  [[nodiscard]] QMimeData* mimeData(const QModelIndexList& indexes) const override;
  [[nodiscard]] Qt::DropActions supportedDragActions() const override { return Qt::CopyAction; }
  [[nodiscard]] Id swatch_of(int row) const { return m_rows[static_cast<std::size_t>(row)].id; }
  void renew();

private:
  bool write_color(Id swatch, const std::string& given);
  bool write_code(Id swatch, const QString& given);
  bool write_value(Id swatch, const QString& given);
  struct Row {
    Id id;
    Srgb color;
    std::string name, family, note;
    double value, saturation, hue; ///< Of the wheel of the piece; hue below 0 where there is none.
    bool locked;
    std::optional<Code> code;
  };
  [[nodiscard]] static QVariant sorted_by(const Row& row, int column);
  [[nodiscard]] static QVariant shown_in(const Row& row, int column, bool with_lock);
  Studio& m_model;
  SetWork& m_work;
  PressModel& m_press;
  std::vector<Row> m_rows;
};

class ListView final : public QWidget {
  Q_OBJECT
public:
  ListView(Studio& model, SetWork& work, PressModel& press, QWidget* parent);
  [[nodiscard]] QTableView& table() { return *m_table; }
  /// Edits the name of the swatch that keys work on, where it stands in the list.
  void rename_selected();
  /// Shows the rows that have these letters in any column; all rows where there are none.
  void filter(const QString& letters);

protected:
  void showEvent(QShowEvent* event) override;

private:
  void follow();
  void show_selection();
  void apply_selection();
  Studio& m_model;
  SetWork& m_work;
  SwatchTable* m_swatches;
  QSortFilterProxyModel* m_shown;
  QTableView* m_table;
  bool m_following = false;
};

} // namespace zc
