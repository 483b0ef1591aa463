// SPDX-License-Identifier: GPL-3.0-or-later
// Undo, the current color, the clipboard, the selected swatches.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

class Arrivals;
class GradeDesk;
class HandOver;
class ScreenSampler;
class ValueBand;
class Workspace;

class EditMenu final : public CommandMenu {
  Q_OBJECT
public:
  EditMenu(Workspace& space, HandOver& hand_over, ScreenSampler& sampler, Arrivals& arrivals,
           GradeDesk& grade, ValueBand& band, QWidget* parent);
  void copy_hex();

signals:
  void handPanelAsked();

private:
  void add_swatch_commands();
  void paste();
  void copy_swatches();
  void cut_swatches();
  void rename_swatch();

  Workspace& m_space;
  HandOver& m_hand_over;
  ScreenSampler& m_sampler;
  Arrivals& m_arrivals;
  GradeDesk& m_grade;
  ValueBand& m_band;
};

} // namespace zc
