// SPDX-License-Identifier: GPL-3.0-or-later
// The one kind of value that is worked out from others: kept for what it was made from, made at once or
// beside the window, and dropped with its document.
#pragma once

#include "model/derived/task.h"

#include <cstdint>
#include <optional>

namespace zc {

/// While another is being made beside the window, the one before stands; only what was asked for last is
/// worked on and kept.
template <class Key, class Value> class Derived final : public OfDocument {
public:
  explicit Derived(const DocumentScope& scope) : OfDocument(scope), m_scope(scope) {}

  /// Made now, by make(), where it is not that of this key.
  template <class Make> const Value& now(const Key& key, Make&& make) {
    if (is(m_for, key)) return *m_value;
    if (std::exchange(m_asked, std::nullopt)) m_task->forget();
    keep(key, std::forward<Make>(make)());
    return *m_value;
  }
  /// Made beside the window by `make`, which may take a Progress; then() is told once it is kept. Nothing
  /// happens where it is there or on its way.
  template <class Make> void later(const Key& key, Make make, std::function<void()> then) {
    if (is(m_asked, key)) return;
    if (std::exchange(m_asked, std::nullopt)) m_task->forget();
    if (is(m_for, key)) return; // Back at what is there.
    m_asked = key;
    if (!m_task) m_task = std::make_unique<Task<Value>>(m_scope);
    m_task->start(std::move(make), [this, key, then = std::move(then)](Value made) {
      m_asked.reset();
      keep(key, std::move(made));
      then();
    });
  }
  void forget() override {
    if (m_task) m_task->forget();
    m_asked.reset();
    m_for.reset();
    m_value.reset();
    ++m_serial;
  }

  /// What was made last, for whatever key; null before.
  [[nodiscard]] const Value* value() const { return m_value ? &*m_value : nullptr; }
  /// That of this key alone.
  [[nodiscard]] const Value* value_for(const Key& key) const { return is(m_for, key) ? &*m_value : nullptr; }
  /// What the value is for; null before there is one.
  [[nodiscard]] const Key* made_for() const { return m_for ? &*m_for : nullptr; }
  /// Whether the value for this key is on its way.
  [[nodiscard]] bool is_asked(const Key& key) const { return is(m_asked, key); }
  /// The value is given up, to be made into another.
  [[nodiscard]] Value taken() {
    Value out = std::move(*m_value);
    forget();
    return out;
  }
  /// Another number for every other value: a short key for what is worked out from it.
  [[nodiscard]] std::uint64_t serial() const { return m_serial; }

private:
  /// A key may be empty itself, and is then still another thing than none.
  [[nodiscard]] static bool is(const std::optional<Key>& kept, const Key& key) {
    return kept.has_value() && *kept == key;
  }
  void keep(const Key& key, Value made) {
    m_value.emplace(std::move(made));
    m_for = key;
    ++m_serial;
  }

  DocumentScope m_scope;
  std::optional<Key> m_for, m_asked;
  std::optional<Value> m_value;
  std::uint64_t m_serial = 0;
  std::unique_ptr<Task<Value>> m_task; ///< Made when the first is asked for.
};

} // namespace zc
