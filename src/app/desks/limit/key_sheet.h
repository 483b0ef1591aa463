// SPDX-License-Identifier: GPL-3.0-or-later
// The sheet of keys: the reference small in each, with the mask it would have. Pointed at, one is looked at
// more closely; pressed, the piece takes it; dragged onto another, both are compared.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drags.h"
#include "app/platform/press_and_hold.h"
#include "model/keys/key_model.h"

#include <QAbstractScrollArea>

namespace zc {

class KeySheetView final : public QAbstractScrollArea,
                           public AccessibleView,
                           public Draggable,
                           public OffersMenu {
  Q_OBJECT
public:
  KeySheetView(Studio& model, KeyModel& keys, QWidget* parent);
  /// In one row, below a large picture.
  void use_row(bool in_row);
  /// The key that is looked at; the current one where it is gone from the sheet.
  [[nodiscard]] std::size_t pointed() const { return m_pointed; }
  void point(std::size_t key);
  /// Where a key's picture is drawn on the viewport.
  [[nodiscard]] QRectF picture_rect(std::size_t key) const;
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;
  [[nodiscard]] Parts changed_by_drags() const override { return {}; }
  [[nodiscard]] bool offers_menu(QPointF p) const override { return key_at(p).has_value(); }

signals:
  void pointedChanged();
  void taken(std::size_t key);
  void keepAsked(std::size_t key);
  void compareAsked(std::size_t left, std::size_t right);
  void largeAsked();

protected:
  bool viewportEvent(QEvent* event) override;
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;

private:
  void follow();
  void lay_out();
  void look();
  [[nodiscard]] QSize largest_picture() const;
  [[nodiscard]] std::optional<std::size_t> key_at(QPointF p) const;
  /// Where a key stands by now; nothing when it is gone.
  [[nodiscard]] std::optional<std::size_t> place_of(const ColorKey& key) const;
  [[nodiscard]] QRectF tile_rect(std::size_t key) const;
  void paint_key(QPainter& painter, std::size_t key);
  void paint_wheel(QPainter& painter, const QRectF& rect, const std::optional<Mask>& mask);
  void scroll_to(std::size_t key);
  Studio& m_model;
  KeyModel& m_keys;
  bool m_in_row = false;
  int m_columns = 1;
  QSizeF m_tile;
  std::size_t m_pointed = 0;
  ColorKey m_pointed_key; ///< Keys come and go; this one stays looked at.
  std::optional<std::size_t> m_pressed;
  ColorKey m_pressed_key; ///< The sheet may be put in another order meanwhile.
  QSize m_wanted;         ///< Of the pictures in the sheet, in pixels of the screen; also while in a row.
  QPointF m_press, m_pointer;
  QImage m_disc;
  WheelSpec m_disc_of;
};

} // namespace zc
