// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/end_requests.h"

#include <QCoreApplication>
#include <QGuiApplication>
#include <QSessionManager>
#include <QSocketNotifier>

#include <csignal>
#include <sys/socket.h>
#include <unistd.h>

namespace zc {
namespace {

int ends[2] = {-1, -1}; // A handler may do no more than write to one.

void note_signal(int) {
  const char note = 1;
  static_cast<void>(write(ends[0], &note, sizeof note) == sizeof note);
}

} // namespace

EndRequests::EndRequests(std::function<void()> keep, std::function<void()> leave)
    : m_keep(std::move(keep)), m_leave(std::move(leave)) {
  if (socketpair(AF_UNIX, SOCK_STREAM, 0, ends) == 0) {
    auto* notifier = new QSocketNotifier(ends[1], QSocketNotifier::Read, this);
    connect(notifier, &QSocketNotifier::activated, this, [this, notifier] {
      notifier->setEnabled(false);
      m_came = true;
      m_keep();
      m_leave();
      QCoreApplication::exit(0);
    });
    for (const int signal : {SIGTERM, SIGINT, SIGHUP}) std::signal(signal, note_signal);
  }
  if (auto* app = qobject_cast<QGuiApplication*>(QCoreApplication::instance()))
    connect(app, &QGuiApplication::commitDataRequest, this, [this](QSessionManager& session) {
      session.setRestartHint(QSessionManager::RestartIfRunning);
      m_keep();
    });
}

EndRequests::~EndRequests() {
  for (const int signal : {SIGTERM, SIGINT, SIGHUP}) std::signal(signal, SIG_DFL);
  for (int& end : ends)
    if (end >= 0) close(std::exchange(end, -1));
}

} // namespace zc
