// SPDX-License-Identifier: GPL-3.0-or-later
// Versions of the set side by side: small staffs on one axis, the set as it is first.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class SetWork;
class WordControl;

class VersionsView final : public QWidget {
  Q_OBJECT
public:
  VersionsView(Studio& model, SetWork& work, QWidget* parent);
  /// Where the staff of a version is drawn; 0 is the set as it is.
  [[nodiscard]] QRectF panel_rect(Id version) const;
  [[nodiscard]] Id chosen() const { return m_chosen; }

signals:
  void chosenChanged();

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

private:
  struct Shown {
    Id version = 0;
    QString name;
    const List<Family>* families = nullptr;
    std::optional<PlanKey> key = {};
  };
  [[nodiscard]] std::vector<Shown> shown() const;
  void paint_wheel(QPainter& painter, const QRectF& rect, const PlanKey& key);
  void paint_staff(QPainter& painter, const QRectF& panel, const Shown& version);
  void choose(Id version);
  void restore_chosen();
  Studio& m_model;
  SetWork& m_work;
  WordControl* m_first; ///< Saves the first version.
  QImage m_disc;        ///< Of the small wheels.
  WheelSpec m_disc_of;
  Id m_chosen = 0;
};

} // namespace zc
