// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/log/kept_settings.h"

#include <QFile>
#include <QObject>
#include <QSettings>
#include <QTemporaryDir>

namespace zc {
namespace {

const auto kVersionKey = QStringLiteral("settingsVersion");

enum class State { Fine, Damaged, Newer };

/// Of a copy, since the toolkit keeps what it has read of a file.
State state_of(const QString& file) {
  const QTemporaryDir aside;
  const QString copy = aside.filePath(QStringLiteral("copy.conf"));
  if (!QFile::exists(file)) return State::Fine;
  if (!QFile::copy(file, copy)) return State::Damaged;
  QFile bytes(copy);
  if (!bytes.open(QIODevice::ReadOnly) || bytes.readAll().contains('\0')) return State::Damaged;
  const QSettings read(copy, QSettings::IniFormat);
  static_cast<void>(read.allKeys());
  if (read.status() != QSettings::NoError) return State::Damaged;
  return read.value(kVersionKey, kSettingsVersion).toInt() > kSettingsVersion ? State::Newer : State::Fine;
}

} // namespace

QString settings_looked_after() {
  const QString file = QSettings().fileName();
  const State state = state_of(file);
  if (state != State::Fine) {
    const QString aside =
        file + (state == State::Newer ? QStringLiteral(".newer") : QStringLiteral(".damaged"));
    QFile::remove(aside);
    if (!QFile::rename(file, aside))
      return QObject::tr("The settings in \"%1\" cannot be read, so the standard settings are used.")
          .arg(file);
    QSettings().clear();
    QSettings().setValue(kVersionKey, kSettingsVersion);
    return state == State::Newer ? QObject::tr("The settings were saved by a newer version. They were moved "
                                               "to \"%1\", and the standard settings are used.")
                                       .arg(aside)
                                 : QObject::tr("The settings were damaged. They were moved to \"%1\", and "
                                               "the standard settings are used.")
                                       .arg(aside);
  }
  QSettings().setValue(kVersionKey, kSettingsVersion);
  return {};
}

} // namespace zc
