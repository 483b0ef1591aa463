// SPDX-License-Identifier: GPL-3.0-or-later
// The picture in the set: one state, or two under an edge.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/photo/picture_frame.h"
#include "app/platform/drags.h"
#include "app/platform/press_and_hold.h"
#include "core/try/live_picture.h"
#include "model/session/studio.h"
#include "model/study/try_model.h"

#include <QTimer>
#include <QWidget>

namespace zc {

class Picking;
class SetWork;
class TryModel;
class Viewing;

class TryView final : public QWidget, public AccessibleView, public Draggable, public OffersMenu {
  Q_OBJECT
public:
  TryView(Studio& model, Picking& picking, Viewing& viewing, SetWork& work, TryModel& tries, QWidget* parent);

  /// Binds the area there to the swatch. False when there is none.
  bool bind_at(QPoint global, Id swatch);
  /// Middle of a photo pixel in the widget.
  [[nodiscard]] QPointF place_of(int x, int y) const;
  [[nodiscard]] std::optional<QPoint> pixel_at(QPointF position) const;
  [[nodiscard]] double edge_x() const;
  /// The swatch shown at a place, 0 where it is none's.
  [[nodiscard]] Id swatch_at(QPointF position) const;
  /// The color that is seen there.
  [[nodiscard]] std::optional<Srgb> color_at(QPointF position) const;
  void flip();
  /// Where the edge stands on the whole picture, 0 left to 1 right.
  [[nodiscard]] double edge_in_picture() const;
  /// Whether what is seen is exact; while hands move, colors that are alike may go one way.
  [[nodiscard]] bool settled() const;
  /// So much at the foot is covered; a picture that is fitted stands above it.
  void leave_foot(int height);
  [[nodiscard]] AccessibleContent accessible() override;
  [[nodiscard]] bool offers_menu(QPointF p) const override;
  void end_drag() override;

protected:
  bool event(QEvent* event) override;
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;

private:
  enum class Drag { None, Edge, Pan, Area };
  void renew();
  void let_go();
  void renew_picture();
  void settle();
  void compose();
  void fit();
  void zoom_to(double scale, QPointF about);
  void hover_at(QPointF position);
  void move_edge(double x);
  [[nodiscard]] QRectF photo_rect() const;
  /// The pixel of what is seen of the photo; it may lie beside it.
  [[nodiscard]] QPoint seen_at(QPointF position) const;
  [[nodiscard]] AreaNumber area_at(QPointF position) const;
  void unbind(Study& study, AreaNumber area) const;
  void outline(AreaNumber area);
  void paint_labels(QPainter& painter);
  Studio& m_model;
  Picking& m_picks;
  Viewing& m_viewing;
  SetWork& m_work;
  TryModel& m_tries;
  std::shared_ptr<const Photo> m_photo;
  std::shared_ptr<const Areas> m_areas;
  PictureFrame m_frame{*this, 16};

  struct Seen {
    PhotoMark photo;
    QSize size;
    double ratio = 0, scale = 0;
    QPointF center;
    bool operator==(const Seen&) const = default;
  };
  Seen m_seen;
  QRect m_place; ///< Of the picture in the widget, in pixels of the screen.
  LivePicture m_picture;
  std::vector<Id> m_left, m_right; ///< Whose the colors of its sides are.
  bool m_drafts = true;            ///< A first picture may be a draft; the exact one follows when hands rest.
  QTimer m_rest;
  QImage m_image;
  AreaNumber m_outlined = kNoArea;
  QImage m_outline; ///< Of the area that the pointer is over.

  Drag m_drag = Drag::None;
  QPointF m_press, m_pointer;
};

} // namespace zc
