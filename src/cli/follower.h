// SPDX-License-Identifier: GPL-3.0-or-later
// Picks of the running window as JSON.
#pragma once

#include "cli/line/answers.h"
#include "cli/line/line_files.h"

#include <QCoreApplication>
#include <QDBusArgument>
#include <QDBusMessage>
#include <QObject>

namespace zc::cli {

/// Hex, value and name, in the order of the bus.
[[nodiscard]] inline Json pick_json(const QList<QVariant>& pick) {
  return {{"hex", pick.value(0).toString().toStdString()},
          {"value", pick.value(1).toDouble()},
          {"name", pick.value(2).toString().toStdString()}};
}

/// The numbers of the bus by their names.
[[nodiscard]] inline Json watched_json(const QVariant& told) {
  Json out = Json::object();
  const auto argument = told.value<QDBusArgument>();
  argument.beginMap();
  while (!argument.atEnd()) {
    QString name;
    double number = 0;
    argument.beginMapEntry();
    argument >> name >> number;
    argument.endMapEntry();
    out[name.toStdString()] = number;
  }
  argument.endMap();
  return out;
}

/// Writes each pick, or each change of the watched canvas, as one line, at once.
class Follower final : public QObject {
  Q_OBJECT
public slots:
  void picked(const QDBusMessage& message) { say(pick_json(message.arguments())); }
  void watched(const QDBusMessage& message) { say(watched_json(message.arguments().value(0))); }

private:
  /// Nobody may be reading any longer; then there is nothing left to do.
  static void say(const Json& told) {
    Json line{{"version", kAnswerVersion}};
    line.update(rounded(told));
    const Status written =
        write_standard_output(line.dump(-1, ' ', false, Json::error_handler_t::replace) + "\n");
    if (!written) QCoreApplication::exit(1);
  }
};

} // namespace zc::cli
