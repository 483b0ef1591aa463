// SPDX-License-Identifier: GPL-3.0-or-later
// The program: it owns the model, and the windows and the bus that show it stand beside each other.
#pragma once

#include "app/bus/palette_service.h"
#include "app/copying/copy_on_pick.h"
#include "app/platform/drags.h"
#include "app/platform/key_hand.h"
#include "app/platform/piece_dialogs.h"
#include "app/platform/press_and_hold.h"
#include "app/program/beside.h"
#include "app/program/window_hands.h"
#include "app/program/window_questions.h"
#include "app/window/main_window.h"
#include "model/application/app_model.h"
#include "model/documents/documents.h"

#include <optional>

namespace zc {

/// The members stand in the order of what needs what.
class Program {
public:
  explicit Program(Dialogs& toolkit_dialogs);
  /// From now on other programs can speak to it over the session bus.
  void listen_on_bus();

private:
  WindowHands m_hands;

public:
  AppModel model;
  PieceDialogs dialogs;
  WindowQuestions questions;
  FileJob job;
  Documents documents;
  CopyOnPick copy_on_pick;
  MainWindow window;
  Beside beside;

private:
  DragKeeper m_drags{model, model.picking()};
  PressAndHold m_press_and_hold{m_drags};
  KeyHand m_key_hand{m_drags};
  std::optional<PaletteService> m_service;
};

} // namespace zc
