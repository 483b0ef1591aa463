// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/derived/document_scope.h"

namespace zc {

OfDocument::OfDocument(DocumentScope scope) : m_scope(std::move(scope)) { m_scope.m_parts->push_back(this); }

OfDocument::~OfDocument() { std::erase(*m_scope.m_parts, this); }

void DocumentScope::forget_all() const {
  for (OfDocument* part : *m_parts) part->forget();
}

} // namespace zc
