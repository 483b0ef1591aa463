// SPDX-License-Identifier: GPL-3.0-or-later
// The desk where the plan is given away: the sheet, the press, the plan as a picture.
#pragma once

#include "core/session/session.h"

#include <QWidget>

class QLabel;
class QStackedWidget;

namespace zc {

class AppModel;

class ElidedLabel;
class ParcelPanel;
class PressPanel;
class ShareStage;
class WordControl;

class ShareDesk final : public QWidget {
  Q_OBJECT
public:
  ShareDesk(AppModel& model, QWidget* parent);
  [[nodiscard]] ShareStage& stage() { return *m_stage; }
  [[nodiscard]] PressPanel& press() { return *m_press; }
  [[nodiscard]] ParcelPanel& parcel() { return *m_parcel; }

signals:
  void writeSheetAsked(const QString& format);
  void writePlanAsked();
  void copyPlanAsked();
  void profileAsked();
  void folderAsked();
  void writeFilesAsked();
  void readLinesAsked();

private:
  QWidget* make_foot();
  void follow();

  AppModel& m_model;
  ShareStage* m_stage;
  PressPanel* m_press;
  ParcelPanel* m_parcel;
  QStackedWidget* m_panels;
  std::vector<std::pair<WordControl*, ShareView>> m_views;
  ElidedLabel* m_says = nullptr;
  WordControl* m_back = nullptr;
  WordControl* m_on = nullptr;
};

} // namespace zc
