// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/program/program.h"

#include "app/screen/screen_sampler.h"

namespace zc {

Program::Program(Dialogs& toolkit_dialogs)
    : dialogs(model, toolkit_dialogs), questions(dialogs), documents(model, questions, job),
      copy_on_pick(model), window(model, job, documents, copy_on_pick, dialogs),
      beside(model, copy_on_pick, window) {
  QObject::connect(&model, &Studio::startedAnew, &m_press_and_hold, &PressAndHold::stop);
  QObject::connect(&model, &Studio::startedAnew, &m_key_hand, &KeyHand::end);
  QObject::connect(&window, &MainWindow::keyHandAsked, &m_key_hand, [this] {
    if (!m_key_hand.turn())
      emit model.notice(
          MainWindow::tr("Press Tab until a wheel, a photo or a set is framed, then press F7 again."));
  });
  model.set_unfinished(&m_hands);
  questions.ask_over(window);
}

void Program::listen_on_bus() {
  m_service.emplace(model, model.picking(), model.watch(), [this] { return job.running(); });
  // The caller has its answer before the user is asked anything.
  QObject::connect(&*m_service, &PaletteService::called, &window, &MainWindow::call, Qt::QueuedConnection);
  // At once: whoever calls it is about to look there.
  QObject::connect(&*m_service, &PaletteService::companionCalled, &beside, &Beside::come_as);
  QObject::connect(&*m_service, &PaletteService::companionSentAway, &beside, &Beside::send_away);
  QObject::connect(&*m_service, &PaletteService::companionSwitched, &beside, &Beside::come_or_go);
  QObject::connect(&window.sampler().desktop_key(), &DesktopKey::companionPressed, &beside,
                   &Beside::come_or_go);
  if (DesktopKey::wanted()) window.sampler().desktop_key().turn(true);
}

} // namespace zc
