// SPDX-License-Identifier: GPL-3.0-or-later
// The plan: the wheel at the current value, the mask over it, the current color on it. Every desk with a
// wheel shows this one; where the mask is worked on, MaskHands do it.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drags.h"
#include "app/platform/press_and_hold.h"
#include "app/wheel/canvas_marks.h"
#include "app/wheel/relation_marks.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Laying;
class Masking;
class Reaches;
class PhotoModel;
class Picking;
class PlanModel;

class MaskHands;

class WheelView final : public QWidget, public AccessibleView, public Draggable, public OffersMenu {
  Q_OBJECT
public:
  enum class Use { Pick, ShapeMask };
  WheelView(Studio& model, Picking& picking, Laying& laying, Masking& masking, PlanModel& plan,
            PhotoModel& photos, Reaches& reaches, Use use, QWidget* parent);
  ~WheelView() override;
  [[nodiscard]] QSize sizeHint() const override { return {440, 440}; }
  [[nodiscard]] QSize minimumSizeHint() const override { return {200, 200}; }

  [[nodiscard]] QPointF screen_point(DiscPoint p) const;
  [[nodiscard]] DiscPoint disc_point_at(QPointF p) const;
  [[nodiscard]] double radius() const;
  [[nodiscard]] bool beyond_rim(QPointF p) const;
  /// Where a mark for a hue stands, degrees clockwise.
  [[nodiscard]] QPointF rim_mark(double hue) const;
  /// 1 shows the whole wheel.
  [[nodiscard]] double zoom() const { return m_zoom; }
  void zoom_to(double zoom, QPointF about);
  void zoom_around_pick(double factor);
  /// Null where the mask is only looked at.
  [[nodiscard]] MaskHands* hands() { return m_hands.get(); }
  /// Where a canvas strays, and a way back; until others are shown.
  void show_canvas(CanvasMarks marks) {
    m_canvas = std::move(marks);
    update();
  }
  /// One pick, as a click does it.
  void pick_at(QPointF p);
  [[nodiscard]] AccessibleContent accessible() override;
  [[nodiscard]] bool offers_menu(QPointF p) const override;
  void end_drag() override;
  [[nodiscard]] QVariant inputMethodQuery(Qt::InputMethodQuery query) const override;

signals:
  /// The color under a pointer that is only passing; nothing where there is none.
  void hovered(const std::optional<zc::Srgb>& color);

protected:
  void paintEvent(QPaintEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;
  void leaveEvent(QEvent* event) override;
  void hideEvent(QHideEvent* event) override;
  bool event(QEvent* event) override;

private:
  [[nodiscard]] QString hint_at(QPointF p) const;
  [[nodiscard]] std::optional<std::size_t> member_at(QPointF p) const;
  void slide_member(QPointF p);
  void let_go_of_member();
  struct Shown {
    WheelSpec wheel;
    double value = -1;
    bool vivid = false;
    ColorVision vision = ColorVision::Normal;
    int size = 0;
    Steps steps;
    bool operator==(const Shown&) const = default;
  };
  [[nodiscard]] QPointF middle() const;
  void press(QPointF p, Qt::KeyboardModifiers modifiers);
  void drag(QPointF p);
  void let_go(QPointF p);
  void hover(QPointF p);
  [[nodiscard]] std::optional<Srgb> color_under(QPointF p) const;
  [[nodiscard]] bool nudge_key(const QKeyEvent& event);
  void refresh_picture();
  void paint_disc(QPainter& painter);
  void paint_rim(QPainter& painter);
  void paint_members(QPainter& painter);
  void paint_ramp(QPainter& painter);
  void paint_footprint(QPainter& painter);
  void paint_mask(QPainter& painter);
  void paint_reaches(QPainter& painter);
  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  Masking& m_masking;
  PlanModel& m_plan;
  PhotoModel& m_photos;
  Reaches& m_reaches;
  std::unique_ptr<MaskHands> m_hands;
  RelationMarks m_relations;
  CanvasMarks m_canvas;
  double m_zoom = 1;
  DiscPoint m_center; ///< In the middle of the view.
  Shown m_shown;
  Raster m_picture;
  QImage m_image; ///< Of the same pixels.
  struct FootprintKey {
    PhotoMark photo;
    std::optional<PixelRect> region;
    WheelSpec wheel;
    bool black = false;
    bool operator==(const FootprintKey&) const = default;
  };
  FootprintKey m_footprint_of;
  QImage m_footprint;
  bool m_full = true; ///< Every place of the disc has a color.
  bool m_picking = false;
  std::optional<std::size_t> m_member; ///< Of the relation, held by the hand.
  bool m_choosing = false;             ///< A mark of all relations was pressed.
  bool m_slid = false;
  QPointF m_member_press;
};

} // namespace zc
