// SPDX-License-Identifier: GPL-3.0-or-later
// The field of mixtures: colors at two to four corners, every mixture between them, what the hand reads out
// of it.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drag_out.h"
#include "app/platform/drags.h"
#include "app/platform/press_and_hold.h"
#include "model/session/studio.h"

#include <QColor>
#include <QWidget>

namespace zc {

class PaintModel;
class Picking;

class MixView final : public QWidget, public AccessibleView, public Draggable, public OffersMenu {
  Q_OBJECT
public:
  MixView(Studio& model, Picking& picking, PaintModel& paints, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {250, 190}; }
  [[nodiscard]] QSize minimumSizeHint() const override { return {180, 130}; }

  [[nodiscard]] QRectF field_rect() const;
  [[nodiscard]] QPointF screen_point(FieldPoint p) const;
  [[nodiscard]] FieldPoint field_point(QPointF p) const;
  [[nodiscard]] QRectF chip_rect(std::size_t corner) const;
  /// Where the drop of a swatch ends, on the screen.
  void drop_at(QPoint global, Srgb color);
  /// Reads and picks a mixture, as a click does it.
  void pick_parts(const std::vector<double>& parts);
  [[nodiscard]] AccessibleContent accessible() override;
  [[nodiscard]] bool offers_menu(QPointF p) const override;
  void end_drag() override;

signals:
  /// The mixture under a pointer that is only passing; nothing elsewhere.
  void passing(const std::optional<std::vector<double>>& parts);

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;
  void leaveEvent(QEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  void showEvent(QShowEvent* event) override;

private:
  enum class Hand { None, Reading, Drawing, Stroke, Smear, Chip };
  void follow();
  /// The corner that goes along with the current color, unless that is read out of the field.
  void follow_color();
  void refresh_picture();
  void refresh_veil();
  /// With the one under the hand.
  const Smears& smears();
  void paint_streaks(QPainter& painter);
  void paint_path(QPainter& painter);
  void go_along(QPointF p);
  void end_path(Hand hand);
  /// What is under a place: a smear, or the field.
  [[nodiscard]] std::vector<double> parts_there(FieldPoint p);
  void paint_field(QPainter& painter);
  void paint_chips(QPainter& painter);
  void paint_marks(QPainter& painter);
  void read(QPointF p);
  bool read_parts(const std::vector<double>& parts, std::optional<FieldPoint> at = {});
  void keep_pick();
  [[nodiscard]] std::optional<std::size_t> chip_at(QPointF p) const;
  /// The corner that a color dropped there goes to.
  [[nodiscard]] std::size_t corner_for(QPointF p) const;
  void change(const std::function<void(Mixing&)>& f);
  [[nodiscard]] const Mixing& mixing() const { return m_model.session().at_hand.mixing; }
  Studio& m_model;
  Picking& m_picks;
  PaintModel& m_mixing;
  Hand m_hand = Hand::None;
  FieldPath m_path; ///< That a stroke or a smear has gone so far.
  std::size_t m_chip = 0;
  bool m_reading = false; ///< The current color is changed by the field itself.
  PressedColor m_pressed;
  struct Shown {
    std::uint64_t field = 0;
    QSize size;
    ColorVision vision = ColorVision::Normal;
    WheelSpec wheel;
    std::optional<Mask> mask; ///< In use.
    double outside = 0;       ///< From which on a color is veiled.
    QColor ground;            ///< Of the veil.
    bool operator==(const Shown&) const = default;
  };
  Shown m_shown;
  Raster m_picture;
  QImage m_image; ///< Of the same pixels.
  QImage m_veil;  ///< Over what lies outside the mask.
};

} // namespace zc
