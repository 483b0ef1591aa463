// SPDX-License-Identifier: GPL-3.0-or-later
// Where programs keep their things, empty and thrown away afterwards.
#pragma once

#include <QCoreApplication>
#include <QTemporaryDir>

namespace zc::test {

struct Home {
  QTemporaryDir folder;
  Home() {
    qputenv("XDG_CONFIG_HOME", folder.filePath("config").toUtf8());
    qputenv("XDG_STATE_HOME", folder.filePath("state").toUtf8());
    qputenv("XDG_DATA_HOME", folder.filePath("data").toUtf8());
    QCoreApplication::setOrganizationName(QStringLiteral("zonachrom"));
    QCoreApplication::setApplicationName(QStringLiteral("Zonachrom"));
  }
};

} // namespace zc::test
