// SPDX-License-Identifier: GPL-3.0-or-later
// A part of the window that is made when it is first shown or asked for, so that the window is there sooner.
#pragma once

#include <functional>
#include <utility>
#include <vector>

namespace zc {

template <class W> class LateWidget {
public:
  explicit LateWidget(std::function<W*()> make) : m_make(std::move(make)) {}
  LateWidget(const LateWidget&) = delete;
  LateWidget& operator=(const LateWidget&) = delete;

  /// Null as long as nobody has needed it.
  [[nodiscard]] W* made() const { return m_made; }
  /// Makes it where it is not there yet.
  W& operator*() {
    if (m_made) return *m_made;
    m_made = m_make();
    for (const auto& then : std::exchange(m_waiting, {})) then(*m_made);
    return *m_made;
  }
  W* operator->() { return &**this; }
  /// For those who listen to it: called once it is there, at once where it is.
  void when_made(std::function<void(W&)> then) {
    if (m_made) return then(*m_made);
    m_waiting.push_back(std::move(then));
  }

private:
  std::function<W*()> m_make;
  std::vector<std::function<void(W&)>> m_waiting;
  W* m_made = nullptr;
};

} // namespace zc
