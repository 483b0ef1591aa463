// SPDX-License-Identifier: GPL-3.0-or-later
// A value that is worked out beside the window and kept for what it was made from.
#pragma once

#include "app/jobs/job_pool.h"

#include <QObject>
#include <functional>
#include <optional>

namespace zc {

/// While a new value is being made, the one before stands. Only what was asked for last is kept.
template <class Key, class Value> class LateValue {
public:
  LateValue() = default;
  LateValue(const LateValue&) = delete;
  LateValue& operator=(const LateValue&) = delete;

  /// `make` runs on another thread unless the value is there or on its way; `then` is called in the owner's,
  /// once it is kept. REQUIRES an owner that this value belongs to.
  void ask(const Key& key, QObject* owner, std::function<Value()> make, std::function<void()> then) {
    if (m_asked ? *m_asked == key : m_for == key) return;
    m_asked = key;
    m_pool.clear(); // What is not wanted any more.
    m_pool.start([this, key, owner, make = std::move(make), then = std::move(then)] {
      auto made = std::make_shared<Value>(make());
      QMetaObject::invokeMethod(
          owner,
          [this, key, made, then] {
            if (m_asked != key) return; // Something else has been asked for meanwhile.
            m_asked.reset();
            m_for = key;
            m_value = std::move(*made);
            then();
          },
          Qt::QueuedConnection);
    });
  }
  /// Neither what was made nor what is on its way is kept.
  void forget() {
    m_pool.clear();
    m_asked.reset();
    m_for.reset();
    m_value.reset();
  }
  /// What was made last, for whatever key; null before.
  [[nodiscard]] const Value* value() const { return m_value ? &*m_value : nullptr; }
  [[nodiscard]] bool is_for(const Key& key) const { return m_for == key; }
  /// On its way.
  [[nodiscard]] bool is_asked(const Key& key) const { return m_asked == key; }

private:
  std::optional<Key> m_for, m_asked;
  std::optional<Value> m_value;
  JobPool m_pool; ///< Last, so that it has come to rest before what it works on goes.
};

} // namespace zc
