// SPDX-License-Identifier: GPL-3.0-or-later
// The references of the piece as a row of small pictures.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/press_and_hold.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Viewing;

class NameEditor;

class ReferenceStrip final : public QWidget, public AccessibleView, public OffersMenu {
  Q_OBJECT
public:
  ReferenceStrip(Studio& model, Viewing& viewing, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override;
  [[nodiscard]] QRect thumb_rect(std::size_t reference) const;
  /// Empty while no reference is shown.
  [[nodiscard]] QRect shown_rect() const;
  void remove_shown();
  void rename_shown();
  void move_shown(int by);
  [[nodiscard]] bool offers_menu(QPointF p) const override;
  [[nodiscard]] AccessibleContent accessible() override;

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;
  bool event(QEvent* event) override;

private:
  [[nodiscard]] std::optional<std::size_t> reference_at(QPoint p) const;
  void step(int by);
  Studio& m_model;
  Viewing& m_viewing;
  NameEditor* m_editor;
};

} // namespace zc
