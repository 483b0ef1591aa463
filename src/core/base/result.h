// SPDX-License-Identifier: GPL-3.0-or-later
// A value or an error. An error is a sentence for the user, by its id, and the place it refers to.
#pragma once

#include "core/base/sentence.h"

#include <string>
#include <utility>
#include <variant>

namespace zc {

enum class ErrorCode { BadInput, NotFound, Unreadable, Unwritable, Damaged, Newer, TooLarge, Stopped };

struct Error {
  ErrorCode code = ErrorCode::BadInput;
  Saying said = kAsSaid; ///< One sentence: what, where and what to do.
  std::string place;     ///< File, field or byte the sentence refers to; may be empty.
  /// The sentence in English.
  [[nodiscard]] std::string sentence() const { return in_english(said); }
};

/// Holds either a T or an Error. Reading the side that is not there throws std::bad_variant_access,
/// which is a programming mistake, never a way to report bad input.
template <class T> class [[nodiscard]] Result {
public:
  Result(T value) : m_state(std::in_place_index<0>, std::move(value)) {}
  Result(Error error) : m_state(std::in_place_index<1>, std::move(error)) {}

  [[nodiscard]] bool ok() const { return m_state.index() == 0; }
  explicit operator bool() const { return ok(); }
  [[nodiscard]] const T& value() const& { return std::get<0>(m_state); }
  [[nodiscard]] T&& value() && { return std::get<0>(std::move(m_state)); }
  [[nodiscard]] const T& operator*() const& { return value(); }
  [[nodiscard]] const T* operator->() const { return &std::get<0>(m_state); }
  [[nodiscard]] const Error& error() const { return std::get<1>(m_state); }

private:
  std::variant<T, Error> m_state;
};

struct Done {};
using Status = Result<Done>;

} // namespace zc
