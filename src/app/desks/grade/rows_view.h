// SPDX-License-Identifier: GPL-3.0-or-later
// The set as a compact grid: one or more lines for each family, chips at their places, free places kept.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drags.h"
#include "model/session/studio.h"

#include <QAbstractScrollArea>
#include <unordered_map>

namespace zc {

class Laying;
class SetWork;

class NameEditor;
class WordControl;

class RowsView final : public QAbstractScrollArea, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  RowsView(Studio& model, Laying& laying, SetWork& work, QWidget* parent);

  enum class ChipSize { Small = 20, Middle = 34, Large = 54 };
  void choose_size(ChipSize size);
  [[nodiscard]] ChipSize chip_size() const { return m_size; }
  /// A family to a column of so many places; 0 for rows, with as many as fit.
  void show_columns(int places);
  /// Where a swatch, and where a place of a family, is drawn on the viewport.
  [[nodiscard]] QRectF swatch_rect(Id swatch) const;
  [[nodiscard]] QRectF place_rect(std::size_t family, int place) const;
  void rename_selected();
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;

protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent* event) override;

private:
  struct Place {
    std::size_t family = 0;
    int place = 0;
  };
  [[nodiscard]] const List<Family>& families() const;
  [[nodiscard]] double pitch() const { return static_cast<double>(m_size) + 4; }
  /// Where a swatch let go would go.
  struct Target {
    Place at;
    bool between = false; ///< Before what stands there, instead of there.
  };
  [[nodiscard]] std::optional<Place> place_at(QPointF p) const;
  [[nodiscard]] std::optional<std::size_t> family_at(QPointF p) const;
  [[nodiscard]] bool as_columns() const { return m_column_places > 0; }
  /// Along a family, and across the lines of all.
  [[nodiscard]] double along(QPointF p) const;
  [[nodiscard]] double across(QPointF p) const;
  [[nodiscard]] bool taken(const Place& at) const;
  /// Free, and seen as such.
  [[nodiscard]] std::optional<Place> free_place_at(QPointF p) const;
  [[nodiscard]] QRectF name_rect(std::size_t family) const;
  [[nodiscard]] QRectF family_rect(std::size_t family) const;
  [[nodiscard]] std::optional<Target> target_at(QPointF p) const;
  void paint_drop(QPainter& painter);
  [[nodiscard]] const Swatch* swatch_at(QPointF p) const;
  void follow();
  void drop(QPointF p);
  void step(int by_place, int by_family);
  void move_focused(int by_place, int by_family);
  void paint_family(QPainter& painter, std::size_t family);
  void paint_free_places(QPainter& painter, std::size_t family);
  Studio& m_model;
  Laying& m_laying;
  SetWork& m_work;
  NameEditor* m_editor;
  WordControl* m_first; ///< Adds the first color.
  ChipSize m_size = ChipSize::Middle;
  std::unordered_map<Id, Place> m_place_of;
  std::vector<int> m_line_from; ///< Of each family its first line, and one past the last of all.
  int m_per_line = 1, m_column_places = 0;
  std::optional<QPointF> m_over; ///< The pointer, while no button is down.
  enum class Drag { None, Swatch, Box } m_drag = Drag::None;
  Id m_dragged = 0;
  QPointF m_press, m_pointer;
  Qt::KeyboardModifiers m_modifiers; ///< As the press had them.
  bool m_moved = false;
};

} // namespace zc
