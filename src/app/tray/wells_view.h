// SPDX-License-Identifier: GPL-3.0-or-later
// Wells in rows of eight and the trail of recent colors.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drag_out.h"
#include "app/platform/drags.h"
#include "app/platform/press_and_hold.h"
#include "model/session/studio.h"

#include <QWidget>

class QMenu;

namespace zc {

class Picking;

class NameEditor;
class WordControl;

class WellsView final : public QWidget, public AccessibleView, public Draggable, public OffersMenu {
  Q_OBJECT
public:
  /// Where the window is narrow the wells stand closer; a row is the wells of the chosen row alone.
  enum class Build { Roomy, Narrow, Row };
  WellsView(Studio& model, Picking& picking, Build build, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override;
  void set_build(Build build);
  [[nodiscard]] QRectF well_rect(std::size_t well) const;
  [[nodiscard]] QRectF number_rect(std::size_t well) const;
  /// Of the name of a row, where there are several.
  [[nodiscard]] QRectF name_rect(std::size_t row) const;
  [[nodiscard]] bool offers_menu(QPointF p) const override;
  [[nodiscard]] QRectF recent_rect(std::size_t place) const;
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;
  void leaveEvent(QEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool event(QEvent* event) override;

private:
  void point_at(QPointF p);
  [[nodiscard]] bool has_rows() const { return well_rows(m_model.at_hand()) > 1; }
  [[nodiscard]] double indent() const;
  [[nodiscard]] std::optional<std::size_t> row_at(QPointF p) const;
  void paint_names(QPainter& painter);
  void edit_name(std::size_t row);
  void fill_menu(QMenu& menu, std::size_t row);
  void show_key_row();
  [[nodiscard]] QString filling_words() const;
  [[nodiscard]] QRectF place_rect(std::size_t place) const;
  [[nodiscard]] std::size_t places() const;
  void follow();
  void paint_wells(QPainter& painter);
  void paint_well(QPainter& painter, std::size_t well);
  void paint_focus(QPainter& painter);
  [[nodiscard]] std::optional<Srgb> color_at(QPointF p) const;
  void click(QPointF p, Qt::KeyboardModifiers modifiers);
  Studio& m_model;
  Picking& m_picks;
  WordControl* m_clear;
  WordControl* m_none;
  NameEditor* m_editor;
  Build m_build;
  PressedColor m_pressed;
  std::size_t m_at = 0;                 ///< Where the keys are: the wells, then the recent colors.
  std::optional<std::size_t> m_pointed; ///< The well whose number the pointer is on.
};

} // namespace zc
