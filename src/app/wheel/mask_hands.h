// SPDX-License-Identifier: GPL-3.0-or-later
// Hands on the mask: what presses, drags and keys on the wheel do to its areas.
#pragma once

#include "model/session/studio.h"

#include <QObject>

class QKeyEvent;
class QMenu;
class QPainter;

namespace zc {

class Masking;

class WheelView;

class MaskHands final : public QObject {
  Q_OBJECT
public:
  /// What the next press on the wheel begins to draw.
  enum class Tool { None, Outline, Round, Sector };

  MaskHands(Studio& model, Masking& masking, WheelView& view);

  [[nodiscard]] Tool tool() const { return m_tool; }
  void choose_tool(Tool tool);
  /// Whether the next area drawn adds or cuts.
  [[nodiscard]] AreaMode mode() const { return m_mode; }
  void choose_mode(AreaMode mode);
  void remove_area();
  /// Of the area worked on.
  [[nodiscard]] std::optional<DiscPoint> middle() const;

  // What the wheel hands on; true when it was meant for the mask.
  /// `alone` turns only the area worked on.
  [[nodiscard]] bool press(QPointF p, bool alone);
  [[nodiscard]] bool drag(QPointF p);
  [[nodiscard]] bool let_go(QPointF p);
  [[nodiscard]] bool double_click(QPointF p);
  [[nodiscard]] bool key(const QKeyEvent& event);
  /// What is dragged or drawn is dropped.
  void call_off();
  void hover(QPointF p);
  void leave();
  [[nodiscard]] bool offers_menu(QPointF p) const;
  void fill_menu(QMenu& menu, QPointF p);
  void paint(QPainter& painter);

signals:
  void toolChanged();

private:
  enum class Drag { None, Handle, Edge, Move, Turn, Outline, Round, Sector };
  [[nodiscard]] const List<Area>* areas() const;
  [[nodiscard]] const Shape* shape() const; ///< Of the area worked on.
  [[nodiscard]] std::optional<Handle> handle_at(QPointF p) const;
  [[nodiscard]] std::optional<EdgePlace> edge_at(QPointF p) const;
  [[nodiscard]] std::optional<std::size_t> area_at(QPointF p) const;
  [[nodiscard]] double angle_at(QPointF p) const;
  void reshape(const QString& name, const Shape& to);
  [[nodiscard]] bool press_tool(QPointF p);
  void drag_piece(QPointF before, QPointF now);
  [[nodiscard]] Result<Piece> dragged(Piece piece, QPointF p) const;
  [[nodiscard]] QString drag_name() const;
  void let_go_of_outline(QPointF p);
  void finish_outline();
  void add_area(Shape shape);
  void remove_corner(std::size_t corner);
  [[nodiscard]] Shape round_shape() const;
  [[nodiscard]] Shape sector_shape() const;
  [[nodiscard]] bool nudge(const QKeyEvent& event);
  [[nodiscard]] bool tool_key(const QKeyEvent& event);
  void paint_drawing(QPainter& painter);
  /// What a press here would do beyond moving handles and areas.
  struct Mark {
    enum Kind { None, Turn, Bend } kind = None;
    DiscPoint at; ///< Of an edge; of a turn on the rim.
    bool operator==(const Mark&) const = default;
  };
  [[nodiscard]] Mark mark_at(QPointF p) const;
  void paint_mark(QPainter& painter);
  Studio& m_model;
  Masking& m_masking;
  WheelView& m_view;
  Tool m_tool = Tool::None;
  AreaMode m_mode = AreaMode::Adds;
  Drag m_drag = Drag::None;
  Handle m_dragged;
  EdgePlace m_edge;           ///< That is bent.
  QPointF m_press, m_pointer; ///< Where the way dragged begins, and where the pointer is.
  bool m_moved = false, m_alone = false;
  std::optional<DragBase> m_base; ///< While a handle, an area or the mask is dragged.
  int m_drag_number = 0;
  std::optional<Handle> m_hovered;
  Mark m_mark;
  std::vector<DiscPoint> m_outline; ///< Being drawn: corners set and places passed.
  std::size_t m_stroke_from = 0;    ///< Where the stroke now drawn began in the outline.
};

} // namespace zc
