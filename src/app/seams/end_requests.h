// SPDX-License-Identifier: GPL-3.0-or-later
// Requests from outside to end: the system's signals and the end of the desktop session.
#pragma once

#include <QObject>
#include <functional>

class QSocketNotifier;

namespace zc {

/// Calls `end` on the main thread when the program is asked to end (SIGTERM, SIGINT, SIGHUP) and then leaves
/// the event loop; at the end of the desktop session `end` alone. One a program.
class EndRequests final : public QObject {
public:
  explicit EndRequests(std::function<void()> end);
  ~EndRequests() override;

  /// The program has been told to end: no further loop is begun.
  [[nodiscard]] bool came() const { return m_came; }

private:
  std::function<void()> m_end;
  bool m_came = false;
};

} // namespace zc
