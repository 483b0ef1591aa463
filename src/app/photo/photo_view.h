// SPDX-License-Identifier: GPL-3.0-or-later
// One reference large: zoom, pan, color and value looks, sampling through a loupe.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/controls/number_field.h"
#include "app/photo/look.h"
#include "app/photo/picture_frame.h"
#include "app/platform/drags.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Laying;
class PhotoModel;
class Picking;
class Viewing;

class PhotoView final : public QWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  PhotoView(Studio& model, Picking& picking, Laying& laying, Viewing& viewing, PhotoModel& photos,
            QWidget* parent);

  /// Place of a widget position in the photo's own pixels, when it lies on it.
  [[nodiscard]] std::optional<QPoint> pixel_at(QPointF position) const;
  [[nodiscard]] double zoom() const { return m_frame.scale; } ///< Screen pixels per photo pixel.
  void zoom_to(double scale, QPointF about);
  void fit();
  /// So much at the foot is covered; a photo that is fitted stands above it.
  void leave_foot(int height);
  void show_actual_size();
  /// The view alone: the photo and the places on it stay what they are.
  void turn_view(int quarters);
  void mirror_view();
  /// Shows only the region, or everything again.
  void crop_view(bool to_region);

  /// Middle of a photo pixel in the widget.
  [[nodiscard]] QPointF place_of(int x, int y) const;
  /// The before/after edge while looking through the mask, in widget coordinates.
  [[nodiscard]] std::optional<double> edge_x() const;
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;
  /// Results are moved on the photo.
  [[nodiscard]] Parts changed_by_drags() const override { return Parts::all(); }

  /// The place under the pointer, or else of the current color, is what others are compared with; there
  /// again, it is not any more.
  void pin_spot();
  /// The pinned spot and what is under the pointer, or else the current color, as two swatches.
  void add_both_spots();

signals:
  void zoomChanged();

protected:
  bool event(QEvent* event) override;
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void keyReleaseEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent* event) override;
  void focusOutEvent(QFocusEvent* event) override;
  void hideEvent(QHideEvent* event) override;

private:
  enum class Drag { None, Pan, Sample, Region, Edge, Pin };
  void follow();
  void follow_ticks();
  void renew();
  void refresh_picture();
  void settle();
  void pan_by(QPointF way);
  [[nodiscard]] std::optional<Srgb> sample_at(QPointF position) const;
  [[nodiscard]] std::optional<SampleOrigin> origin_at(QPointF position) const;
  [[nodiscard]] std::optional<PinnedSpot> spot_here() const;
  [[nodiscard]] std::optional<std::size_t> pin_at(QPointF position) const;
  [[nodiscard]] bool look_key_pressed(int key);
  void begin_sample(QPointF position, Qt::KeyboardModifiers modifiers);
  void move_sample(QPointF position);
  void mark_region(QPointF position);
  void drag_sample_out();
  void drag_pin_out();
  void move_pin(QPointF position);
  [[nodiscard]] QString empty_words() const;
  void paint_empty(QPainter& painter);
  void paint_region(QPainter& painter);
  void paint_pins(QPainter& painter);
  void paint_loupe(QPainter& painter);
  void paint_spot(QPainter& painter);
  [[nodiscard]] QRectF shown_part() const; ///< In photo pixels: the crop, or the whole.
  [[nodiscard]] QTransform to_widget() const;
  [[nodiscard]] QRectF photo_rect() const; ///< The shown part in widget coordinates.
  [[nodiscard]] QPointF place_in_photo(QPointF position) const;
  void nudge_pin(int x, int y);
  void let_go_of_space();
  void put_pin(QPoint pixel);

  struct Shown {
    PhotoMark photo;
    QRectF rect;
    QSize size;
    double ratio = 0, edge = 0;
    QTransform transform;
    LookKey look;
    bool operator==(const Shown&) const = default;
  };
  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  Viewing& m_viewing;
  PhotoModel& m_photos;
  std::shared_ptr<const Photo> m_photo;
  int m_quarters = 0; ///< Clockwise.
  bool m_mirrored = false;
  std::optional<PixelRect> m_crop;
  /// Of the part that is shown, as it is turned.
  [[nodiscard]] QSizeF shown_size() const;
  WheelSteps m_side_wheel;
  PictureFrame m_frame{*this, 32};
  bool m_space_held = false;
  Drag m_drag = Drag::None;
  bool m_lays = false; ///< The sample being taken goes straight to the staff.
  QPointF m_from;
  std::optional<QPointF> m_pointer;
  std::vector<bool> m_ticked; ///< Which of the colors taken the set has already.
  Shown m_shown;
  QImage m_picture;
  std::optional<ExtractedColor> m_pressed_pin; ///< As it was when it was pressed.
  Id m_seen = 0;
  QSize m_seen_size; ///< Of the photo that was shown last.
};

} // namespace zc
