// SPDX-License-Identifier: GPL-3.0-or-later
// Requests from outside to end: the system's signals and the end of the desktop session.
#pragma once

#include <QObject>
#include <functional>

class QSocketNotifier;

namespace zc {

/// Calls `keep` and `leave` on the main thread when the program is asked to end (SIGTERM, SIGINT, SIGHUP) and
/// then leaves all event loops; at the end of the desktop session `keep` alone. One a program.
class EndRequests final : public QObject {
public:
  /// At the end of the session the program may be left running: then only `keep` is called.
  EndRequests(std::function<void()> keep, std::function<void()> leave);
  ~EndRequests() override;

  /// The program has been told to end: no further loop is begun.
  [[nodiscard]] bool came() const { return m_came; }

private:
  std::function<void()> m_keep, m_leave;
  bool m_came = false;
};

} // namespace zc
