// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/program/program.h"

#include "app/screen/screen_sampler.h"

namespace zc {

Program::Program(Dialogs& toolkit_dialogs)
    : dialogs(space, toolkit_dialogs), questions(dialogs), documents(space, questions, job), hand_over(space),
      window(space, job, documents, hand_over, dialogs), beside(space, hand_over, window) {
  space.set_unfinished(&m_hands);
  questions.ask_over(window);
}

void Program::listen_on_bus() {
  m_service.emplace(space, space.picking());
  // The caller has its answer before the painter is asked anything.
  QObject::connect(&*m_service, &PaletteService::called, &window, &MainWindow::call, Qt::QueuedConnection);
  if (DesktopKey::wanted()) window.sampler().desktop_key().turn(true);
}

} // namespace zc
