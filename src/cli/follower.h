// SPDX-License-Identifier: GPL-3.0-or-later
// Picks of the running window as JSON.
#pragma once

#include "io/files/json_text.h"

#include <QDBusMessage>
#include <QObject>

#include <iostream>

namespace zc::cli {

/// Hex, value and name, in the order of the bus.
[[nodiscard]] inline Json pick_json(const QList<QVariant>& pick) {
  return {{"hex", pick.value(0).toString().toStdString()},
          {"value", pick.value(1).toDouble()},
          {"name", pick.value(2).toString().toStdString()}};
}

/// Writes each pick as one line, at once.
class Follower final : public QObject {
  Q_OBJECT
public slots:
  void picked(const QDBusMessage& message) {
    std::cout << pick_json(message.arguments()).dump(-1, ' ', false, Json::error_handler_t::replace)
              << std::endl;
  }
};

} // namespace zc::cli
