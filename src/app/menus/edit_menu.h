// SPDX-License-Identifier: GPL-3.0-or-later
// Undo, the current color, the clipboard, the selected swatches.
#pragma once

#include "app/controls/late_widget.h"
#include "app/menus/command_menu.h"

namespace zc {

class Arrivals;
class GradeDesk;
class CopyOnPick;
class ScreenSampler;
class ValueBand;
class AppModel;

class EditMenu final : public CommandMenu {
  Q_OBJECT
public:
  EditMenu(AppModel& model, CopyOnPick& copy_on_pick, ScreenSampler& sampler, Arrivals& arrivals,
           LateWidget<GradeDesk>& grade, ValueBand& band, QWidget* parent);
  void copy_hex();

signals:
  void copyFormAsked();
  void findAsked();

private:
  void add_swatch_commands();
  void paste();
  void copy_swatches();
  void cut_swatches();
  void rename_swatch();

  AppModel& m_model;
  CopyOnPick& m_copy_on_pick;
  ScreenSampler& m_sampler;
  Arrivals& m_arrivals;
  LateWidget<GradeDesk>& m_grade;
  ValueBand& m_band;
};

} // namespace zc
