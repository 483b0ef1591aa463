// SPDX-License-Identifier: GPL-3.0-or-later
// The desk where references are looked at and sampled. The photo takes the whole stage; what takes colors out
// of it stands in one row below, the rest in drawers over its foot.
#pragma once

#include <QWidget>

class QProgressBar;

namespace zc {

class AppModel;

class Drawers;
class ElidedLabel;
class PhotoView;
class ReferenceStrip;
class SidewaysArea;
class Extracting;
class WordControl;

class ObserveDesk final : public QWidget {
  Q_OBJECT
public:
  ObserveDesk(AppModel& model, QWidget* parent);
  [[nodiscard]] PhotoView& photo() { return *m_photo; }
  [[nodiscard]] ReferenceStrip& strip() { return *m_strip; }

signals:
  void addPhotosAsked();

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  bool event(QEvent* event) override;

private:
  void follow();
  void stop_loading();
  QWidget* make_head();
  QWidget* make_foot();
  QWidget* make_loading(QWidget* parent);

  AppModel& m_model;
  Extracting* m_extracting;
  QRect m_brought; ///< Where in the row the shown reference was when it was moved into view.
  PhotoView* m_photo;
  ReferenceStrip* m_strip;
  SidewaysArea* m_row = nullptr;
  Drawers* m_drawers;
  WordControl* m_first = nullptr; ///< Adds the first photo.
  WordControl* m_taken = nullptr;
  ElidedLabel* m_name = nullptr;
  QWidget* m_loading = nullptr;
  QProgressBar* m_progress = nullptr;
};

} // namespace zc
