// SPDX-License-Identifier: GPL-3.0-or-later
// Commands that speak to the running window.
#include "cli/command.h"
#include "cli/follower.h"

#include "io/bus/bus_names.h"

#include <QCoreApplication>
#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QDBusServiceWatcher>

namespace zc::cli {
namespace {

struct RunningRequest {
  std::string color, name, family;
};

Error none_runs() {
  return {ErrorCode::NotFound, as_said("No window of Zonachrom runs on this desktop; start one first."),
          "bus"};
}

/// The bus library wants an application object.
QCoreApplication& application() {
  static int argc = 1;
  static char name[] = "zonachrom-cli";
  static char* argv[] = {name, nullptr};
  static QCoreApplication app(argc, argv);
  return app;
}

bool window_runs() {
  application();
  const auto bus = QDBusConnection::sessionBus();
  return bus.isConnected() && bus.interface()->isServiceRegistered(QLatin1String(kBusName));
}

Result<QList<QVariant>> ask(const QString& method, const QList<QVariant>& arguments) {
  if (!window_runs()) return none_runs();
  auto call = QDBusMessage::createMethodCall(QLatin1String(kBusName), QLatin1String(kBusObject),
                                             QLatin1String(kPaletteInterface), method);
  call.setArguments(arguments);
  const QDBusMessage answer = QDBusConnection::sessionBus().call(call);
  if (answer.type() == QDBusMessage::ReplyMessage) return answer.arguments();
  if (answer.errorName() == QLatin1String(kBadInputOnBus))
    return Error{ErrorCode::BadInput, as_said(answer.errorMessage().toStdString()), method.toStdString()};
  return Error{ErrorCode::Unreadable, as_said("The window of Zonachrom did not answer; try again."),
               method.toStdString()};
}

Result<Json> now() {
  const auto answer = ask(QStringLiteral("Current"), {});
  if (!answer) return answer.error();
  return pick_json(*answer);
}

Result<Json> take(const RunningRequest& r) {
  const auto answer = ask(QStringLiteral("TakeUp"), {QString::fromStdString(r.color)});
  if (!answer) return answer.error();
  return now();
}

Result<Json> lay(const RunningRequest& r) {
  const auto answer =
      ask(QStringLiteral("Lay"), {QString::fromStdString(r.color), QString::fromStdString(r.name),
                                  QString::fromStdString(r.family)});
  if (!answer) return answer.error();
  return Json{{"laid", r.color}};
}

Result<Json> follow() {
  if (!window_runs()) return none_runs();
  Follower follower;
  auto bus = QDBusConnection::sessionBus();
  const bool heard =
      bus.connect(QLatin1String(kBusName), QLatin1String(kBusObject), QLatin1String(kPaletteInterface),
                  QStringLiteral("Picked"), &follower, SLOT(picked(QDBusMessage)));
  if (!heard) return none_runs();
  QDBusServiceWatcher watcher(QLatin1String(kBusName), bus, QDBusServiceWatcher::WatchForUnregistration);
  QObject::connect(&watcher, &QDBusServiceWatcher::serviceUnregistered, &application(),
                   &QCoreApplication::quit);
  QCoreApplication::exec();
  return Error{ErrorCode::NotFound, as_said("The window of Zonachrom was closed."), "bus"};
}

} // namespace

Command add_now(const Options& app) {
  const Options command = app.command("now", "The current color of the running window");
  return {command, [] { return now(); }};
}

Command add_take(const Options& app) {
  auto r = std::make_shared<RunningRequest>();
  const Options command = app.command("take", "Takes a color up in the running window");
  command.text("color", r->color, "A color as hex or in the notation of CSS", Options::Need::Needed);
  return {command, [r] { return take(*r); }};
}

Command add_lay(const Options& app) {
  auto r = std::make_shared<RunningRequest>();
  const Options command = app.command("lay", "Lays a color on the staff of the running window");
  command.text("color", r->color, "A color as hex or in the notation of CSS", Options::Need::Needed);
  command.text("--name", r->name, "Name of the swatch; else the color in words");
  command.text("--family", r->family, "Family it goes to, made when it is not there; else the last one");
  return {command, [r] { return lay(*r); }};
}

Command add_follow(const Options& app) {
  const Options command =
      app.command("follow", "Every pick of the running window as a line of JSON, until stopped");
  return {command, [] { return follow(); }};
}

} // namespace zc::cli
