// The desk where references are looked at and sampled.
#pragma once

#include "app/store/workspace.h"

#include <QWidget>

class QLabel;
class QProgressBar;

namespace zc {

class PhotoView;
class ReferenceStrip;

class ObserveDesk final : public QWidget {
  Q_OBJECT
public:
  ObserveDesk(Workspace& space, QWidget* parent);
  [[nodiscard]] PhotoView& photo() { return *m_photo; }
  [[nodiscard]] ReferenceStrip& strip() { return *m_strip; }

signals:
  void addPhotosAsked();

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;

private:
  void follow();
  void stop_loading();
  QWidget* make_head();
  QWidget* make_foot();

  Workspace& m_space;
  PhotoView* m_photo;
  ReferenceStrip* m_strip;
  QLabel* m_name = nullptr;
  QLabel* m_facts = nullptr;
  QWidget* m_loading = nullptr;
  QProgressBar* m_progress = nullptr;
};

} // namespace zc
