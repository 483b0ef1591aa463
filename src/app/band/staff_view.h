// The staff: the current set drawn like notes. Families are columns, height is value.
#pragma once

#include "app/band/axis_widget.h"

class QLineEdit;
class QScrollBar;

namespace zc {

class StaffView final : public AxisWidget {
  Q_OBJECT
public:
  StaffView(Workbench& bench, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {400, 400}; }
  [[nodiscard]] QSize minimumSizeHint() const override { return {200, 200}; }

  /// Where a swatch is drawn; empty when it is not on the staff.
  [[nodiscard]] QRectF swatch_rect(Id swatch) const;
  /// The column of a family, over the whole height of the axis.
  [[nodiscard]] QRectF column_rect(std::size_t family) const;
  [[nodiscard]] QRectF name_rect(std::size_t family) const;
  /// The free place at the value line where a click lays the current color.
  [[nodiscard]] QRectF slot_rect(std::size_t family) const;

  /// A step of the string previewed beside the staff; a click lays it into the chosen family.
  [[nodiscard]] QRectF string_rect(std::size_t step) const;

  void add_family();
  void rename_selected();

protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;
  void leaveEvent(QEvent* event) override;
  bool event(QEvent* event) override;

private:
  enum class Drag { None, Value, Swatch, Family };
  [[nodiscard]] const std::vector<Family>& families() const;
  [[nodiscard]] double column_width() const;
  [[nodiscard]] QRectF staff_rect() const;
  [[nodiscard]] const Swatch* swatch_at(QPointF p) const;
  [[nodiscard]] std::optional<std::size_t> family_at(QPointF p) const;
  [[nodiscard]] std::optional<std::size_t> chosen_family() const;
  [[nodiscard]] std::optional<std::size_t> neighbor_family(int by) const;
  void step_family(int by);
  void step_swatch(int by);
  void move_selected(int by);
  void follow();
  void paint_bands(QPainter& painter);
  void paint_family(QPainter& painter, std::size_t i);
  void paint_dragged(QPainter& painter);
  void paint_string(QPainter& painter);
  [[nodiscard]] std::optional<std::size_t> string_step_at(QPointF p) const;
  void drop(QPointF p);
  void edit_text(const QRectF& rect, const QString& text, const std::function<void(const QString&)>& done);
  void rename_family(std::size_t i);
  void rename_swatch(Id swatch);

  QScrollBar* m_scroll;
  QLineEdit* m_editor = nullptr;
  std::function<void(const QString&)> m_edited;
  Drag m_drag = Drag::None;
  Id m_dragged = 0;
  QPointF m_press, m_pointer;
  bool m_moved = false;
  std::optional<std::size_t> m_hovered;
};

} // namespace zc
