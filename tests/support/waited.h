// SPDX-License-Identifier: GPL-3.0-or-later
// What is asked of documents, waited for as a user would wait: until nothing is read or written any more.
#pragma once

#include "model/documents/documents.h"

#include <QTest>

#include <memory>
#include <optional>

namespace zc::test {

class Waited {
public:
  Waited(Documents& documents, FileJob& job) : m_documents(documents), m_job(job) {}
  void new_piece() { m_documents.new_piece(); }
  bool open(const QString& path) {
    return came([&](auto then) { m_documents.open(path, then); });
  }
  bool open_demo() {
    return came([&](auto then) { m_documents.open_demo(then); });
  }
  bool save() {
    return came([&](auto then) { m_documents.save(then); });
  }
  bool recover() {
    return came([&](auto then) { m_documents.recover(then); });
  }
  bool may_leave() {
    return came([&](auto then) { m_documents.may_leave(then); });
  }

private:
  template <class Ask> bool came(const Ask& ask) {
    const auto out = std::make_shared<std::optional<bool>>();
    ask([out](bool answer) { *out = answer; });
    if (!QTest::qWaitFor([&] { return out->has_value() && !m_job.running(); }, 120'000))
      qFatal("a file was not read or written to its end");
    return **out;
  }

  Documents& m_documents;
  FileJob& m_job;
};

} // namespace zc::test
