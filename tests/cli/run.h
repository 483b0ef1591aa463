// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli run as a script runs it.
#pragma once

#include <QProcess>
#include <QTest>
#include <nlohmann/json.hpp>

namespace zc::test {

struct Run {
  int code = -1;
  QString out, error;
  [[nodiscard]] nlohmann::json json() const {
    if (code > 1) qFatal("%s", qPrintable(error));
    return nlohmann::json::parse(out.toStdString());
  }
};

inline Run run(const QStringList& arguments) {
  QProcess process;
  process.start(QStringLiteral(PROGRAM_FOLDER "/zonachrom-cli"), arguments);
  process.waitForFinished(120'000);
  return {process.exitCode(), process.readAllStandardOutput(), process.readAllStandardError()};
}

} // namespace zc::test
