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

enum class CompanionCall { Show, Hide, Toggle };
constexpr Word<CompanionCall> kCompanionCalls[] = {
    {CompanionCall::Show, "show"}, {CompanionCall::Hide, "hide"}, {CompanionCall::Toggle, "toggle"}};
struct CompanionRequest {
  CompanionCall call = CompanionCall::Toggle;
  std::string shape;
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

/// Until the window is closed.
Result<Json> follow(const QString& signal, const char* slot) {
  if (!window_runs()) return none_runs();
  Follower follower;
  auto bus = QDBusConnection::sessionBus();
  const bool heard = bus.connect(QLatin1String(kBusName), QLatin1String(kBusObject),
                                 QLatin1String(kPaletteInterface), signal, &follower, slot);
  if (!heard) return none_runs();
  QDBusServiceWatcher watcher(QLatin1String(kBusName), bus, QDBusServiceWatcher::WatchForUnregistration);
  QObject::connect(&watcher, &QDBusServiceWatcher::serviceUnregistered, &application(),
                   &QCoreApplication::quit);
  QCoreApplication::exec();
  return Error{ErrorCode::NotFound, as_said("The window of Zonachrom was closed."), "bus"};
}

Result<Json> call_companion(const CompanionRequest& r) {
  const QString method = r.call == CompanionCall::Hide     ? QStringLiteral("Hide")
                         : r.call == CompanionCall::Toggle ? QStringLiteral("Toggle")
                                                           : QStringLiteral("Show");
  QList<QVariant> arguments;
  if (r.call == CompanionCall::Show) arguments << QString::fromStdString(r.shape);
  const auto answer = ask(method, arguments);
  if (!answer) return answer.error();
  return Json{{"companion", word_for(kCompanionCalls, r.call)}};
}

Result<Json> inside(const std::string& color) {
  const auto answer = ask(QStringLiteral("Inside"), {QString::fromStdString(color)});
  if (!answer) return answer.error();
  return Json{{"inside", answer->value(0).toBool()}, {"nearest", answer->value(1).toString().toStdString()}};
}

Result<Json> outline(const std::string& measure) {
  const auto answer = ask(QStringLiteral("Mask"), {QString::fromStdString(measure)});
  if (!answer) return answer.error();
  Json out = Json::array();
  const auto points = answer->value(0).value<QDBusArgument>();
  points.beginArray();
  while (!points.atEnd()) {
    double hue = 0, saturation = 0;
    points.beginStructure();
    points >> hue >> saturation;
    points.endStructure();
    out.push_back(Json::array({hue, saturation}));
  }
  points.endArray();
  return out;
}

Result<Json> watched(bool followed) {
  if (followed) return follow(QStringLiteral("WatchedChanged"), SLOT(watched(QDBusMessage)));
  const auto answer = ask(QStringLiteral("Watched"), {});
  if (!answer) return answer.error();
  return watched_json(answer->value(0));
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
  return {command, [] { return follow(QStringLiteral("Picked"), SLOT(picked(QDBusMessage))); }};
}

Command add_companion(const Options& app) {
  auto r = std::make_shared<CompanionRequest>();
  const Options command = app.command("companion", "Calls the companion to the pointer, or sends it away");
  command.choice("call", kCompanionCalls, "What is wanted", r->call, Options::Need::Needed);
  command.text("--shape", r->shape, "column or strip; else that of last time");
  return {command, [r] { return call_companion(*r); }};
}

Command add_inside(const Options& app) {
  auto color = std::make_shared<std::string>();
  const Options command = app.command(
      "inside", "Whether a color lies in the mask of the running window, and the nearest that does");
  command.text("color", *color, "A color as hex or in the notation of CSS", Options::Need::Needed);
  return {command, [color] { return inside(*color); }};
}

Command add_outline(const Options& app) {
  auto measure = std::make_shared<std::string>("hsv");
  const Options command =
      app.command("outline", "The mask of the running window as hues and saturations of a measure");
  command.text("--measure", *measure, "A saturation measure, hsv to start with");
  return {command, [measure] { return outline(*measure); }};
}

Command add_watched(const Options& app) {
  auto followed = std::make_shared<bool>(false);
  const Options command = app.command("watched", "How the canvas that is watched stands to the plan");
  command.flag("--follow", *followed, "A line of JSON at each change, until stopped");
  return {command, [followed] { return watched(*followed); }};
}

} // namespace zc::cli
