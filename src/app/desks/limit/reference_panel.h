// SPDX-License-Identifier: GPL-3.0-or-later
// The reference through the mask beside the wheel, and masks fitted to it.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drags.h"
#include "core/image/fit.h"
#include "model/derived/task.h"
#include "model/session/studio.h"

#include <QImage>
#include <QWidget>

class QComboBox;
class QLabel;
class QPushButton;

namespace zc {

class PhotoModel;
class Viewing;

class NumberField;
class WordControl;

/// The shown photo small: before the edge as it is, after it in the mask; live while the mask moves.
class MaskedPreview final : public QWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  MaskedPreview(Studio& model, Viewing& viewing, PhotoModel& photos, QWidget* parent);
  [[nodiscard]] AccessibleContent accessible() override;
  [[nodiscard]] QRectF picture_rect() const;
  void end_drag() override { m_dragging = false; }

protected:
  void paintEvent(QPaintEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

private:
  void renew();
  void refresh_picture();
  void move_edge(double x);
  [[nodiscard]] double edge_x() const;
  struct Shown {
    PhotoMark photo;
    QSize size;
    double edge = 0;
    WheelSpec wheel;
    std::optional<Mask> mask;
    ColorVision vision = ColorVision::Normal;
    bool operator==(const Shown&) const = default;
  };
  Studio& m_model;
  Viewing& m_viewing;
  PhotoModel& m_photos;
  Shown m_shown;
  QImage m_picture;
  bool m_dragging = false;
};

class ReferencePanel final : public QWidget {
  Q_OBJECT
public:
  ReferencePanel(Studio& model, Viewing& viewing, PhotoModel& photos, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  void set_up_fields();
  void follow();
  void fit();
  /// What a fit is for; on another piece or wheel it means nothing.
  struct FitFor {
    DocumentId document = 0;
    WheelSpec wheel;
    bool operator==(const FitFor&) const = default;
  };
  void lay(const FitFor& made_for, const Result<Fit>& fitted);
  Studio& m_model;
  Viewing& m_viewing;
  PhotoModel& m_photos;
  NumberField* m_hold;
  QComboBox* m_kind;
  NumberField* m_points;
  QPushButton* m_fit;
  WordControl* m_footprint;
  QLabel* m_words;
  Task<Result<Fit>> m_fitting;
};

} // namespace zc
