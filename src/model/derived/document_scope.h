// SPDX-License-Identifier: GPL-3.0-or-later
// What belongs to the open document goes with it: nobody has to remember to have it forgotten.
#pragma once

#include <memory>
#include <vector>

namespace zc {

class OfDocument;

/// All that belongs to the open document. Copies are the same scope.
class DocumentScope {
public:
  DocumentScope() : m_parts(std::make_shared<std::vector<OfDocument*>>()) {}
  /// Another document comes.
  void forget_all() const;

private:
  friend class OfDocument;
  std::shared_ptr<std::vector<OfDocument*>> m_parts;
};

/// A part of it.
class OfDocument {
public:
  explicit OfDocument(DocumentScope scope);
  virtual ~OfDocument();
  OfDocument(const OfDocument&) = delete;
  OfDocument& operator=(const OfDocument&) = delete;
  /// Goes back to what it was before there was any document. Tells nobody: who hears of another document
  /// looks anew.
  virtual void forget() = 0;

private:
  DocumentScope m_scope;
};

} // namespace zc
