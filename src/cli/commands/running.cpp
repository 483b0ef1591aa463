// SPDX-License-Identifier: GPL-3.0-or-later
// Commands that speak to the running window.
#include "cli/follower.h"
#include "cli/line/command.h"

#include "core/color/text.h"
#include "io/bus/bus_names.h"

#include <QCoreApplication>
#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QDBusServiceWatcher>

namespace zc::cli {
namespace {

/// A window that a question is open in says so at once; one that does not answer hangs.
constexpr double kUsualTimeout = 5;
constexpr Range kTimeouts{0.1, 600};

struct RunningRequest {
  std::string color, name, family;
  double timeout = kUsualTimeout; ///< Seconds.
  bool followed = false;
};

enum class CompanionCall { Show, Hide, Toggle };
constexpr Word<CompanionCall> kCompanionCalls[] = {
    {CompanionCall::Show, "show"}, {CompanionCall::Hide, "hide"}, {CompanionCall::Toggle, "toggle"}};
struct CompanionRequest {
  CompanionCall call = CompanionCall::Toggle;
  std::string shape;
  double timeout = kUsualTimeout;
};

Error none_runs() {
  return {ErrorCode::NotFound, as_said("No window of Zonachrom runs on this desktop; start one first."),
          kBusPlace};
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

Result<QList<QVariant>> ask(const QString& method, const QList<QVariant>& arguments, double timeout) {
  if (!window_runs()) return none_runs();
  auto call = QDBusMessage::createMethodCall(QLatin1String(kBusName), QLatin1String(kBusObject),
                                             QLatin1String(kPaletteInterface), method);
  call.setArguments(arguments);
  const QDBusMessage answer =
      QDBusConnection::sessionBus().call(call, QDBus::Block, static_cast<int>(1000 * timeout));
  if (answer.type() == QDBusMessage::ReplyMessage) return answer.arguments();
  if (answer.errorName() == QLatin1String(kBadInputOnBus))
    return Error{ErrorCode::BadInput, as_said(answer.errorMessage().toStdString()), method.toStdString()};
  if (answer.errorName() == QLatin1String(kBusyOnBus))
    return Error{ErrorCode::Unreadable, as_said(answer.errorMessage().toStdString()), kBusPlace};
  return Error{ErrorCode::Unreadable, as_said("The window of Zonachrom did not answer in time; try again."),
               kBusPlace};
}

Result<Json> now(const RunningRequest& r) {
  const auto answer = ask(QStringLiteral("Current"), {}, r.timeout);
  if (!answer) return answer.error();
  return pick_json(*answer);
}

Result<Json> use(const RunningRequest& r) {
  const auto answer = ask(QStringLiteral("TakeUp"), {QString::fromStdString(r.color)}, r.timeout);
  if (!answer) return answer.error();
  return now(r);
}

Result<Json> add(const RunningRequest& r) {
  const auto answer =
      ask(QStringLiteral("Lay"),
          {QString::fromStdString(r.color), QString::fromStdString(r.name), QString::fromStdString(r.family)},
          r.timeout);
  if (!answer) return answer.error();
  return Json{{"added", r.color}};
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
  return Error{ErrorCode::NotFound, as_said("The window of Zonachrom was closed."), kBusPlace};
}

Result<Json> call_companion(const CompanionRequest& r) {
  const QString method = r.call == CompanionCall::Hide     ? QStringLiteral("Hide")
                         : r.call == CompanionCall::Toggle ? QStringLiteral("Toggle")
                                                           : QStringLiteral("Show");
  QList<QVariant> arguments;
  if (r.call == CompanionCall::Show) arguments << QString::fromStdString(r.shape);
  const auto answer = ask(method, arguments, r.timeout);
  if (!answer) return answer.error();
  return Json{{"companion", word_for(kCompanionCalls, r.call)}};
}

Result<Json> inside(const RunningRequest& r) {
  const auto answer = ask(QStringLiteral("Inside"), {QString::fromStdString(r.color)}, r.timeout);
  if (!answer) return answer.error();
  const auto nearest = parse_color(answer->value(1).toString().toStdString());
  return Json{{"inside", answer->value(0).toBool()}, {"nearest", nearest ? color_json(*nearest) : Json()}};
}

Result<Json> outline(const std::string& measure, double timeout) {
  const auto answer = ask(QStringLiteral("Mask"), {QString::fromStdString(measure)}, timeout);
  if (!answer) return answer.error();
  Json out = Json::array();
  const auto points = answer->value(0).value<QDBusArgument>();
  points.beginArray();
  while (!points.atEnd()) {
    double hue = 0, saturation = 0;
    points.beginStructure();
    points >> hue >> saturation;
    points.endStructure();
    out.push_back({{"hue", hue}, {"saturation", saturation}});
  }
  points.endArray();
  return Json{{"measure", measure}, {"points", out}};
}

Result<Json> watched(const RunningRequest& r) {
  if (r.followed) return follow(QStringLiteral("WatchedChanged"), SLOT(watched(QDBusMessage)));
  const auto answer = ask(QStringLiteral("Watched"), {}, r.timeout);
  if (!answer) return answer.error();
  return watched_json(answer->value(0));
}

void add_timeout(const Options& command, double& timeout) {
  command.number("--timeout", timeout, kTimeouts, "Seconds to wait for the window");
}

} // namespace

Command add_now(const Options& app) {
  auto r = std::make_shared<RunningRequest>();
  const Options command = app.command("now", "The current color of the running window");
  add_timeout(command, r->timeout);
  return {command, [r] { return now(*r); }};
}

Command add_use(const Options& app) {
  auto r = std::make_shared<RunningRequest>();
  const Options command = app.command("use", "Make a color the current one of the running window");
  command.text("color", r->color, kColorHelp, Options::Need::Needed);
  add_timeout(command, r->timeout);
  return {command, [r] { return use(*r); }};
}

Command add_add(const Options& app) {
  auto r = std::make_shared<RunningRequest>();
  const Options command = app.command("add", "Add a color to the set of the running window");
  command.text("color", r->color, kColorHelp, Options::Need::Needed);
  command.text("--name", r->name, "Name of the swatch; the color in words when left out");
  command.text("--family", r->family,
               "Family it goes to, made when it is not there; the last one when left out");
  add_timeout(command, r->timeout);
  return {command, [r] { return add(*r); }};
}

Command add_follow(const Options& app) {
  const Options command =
      app.command("follow", "Every pick of the running window as a line of JSON, until stopped");
  return {command, [] { return follow(QStringLiteral("Picked"), SLOT(picked(QDBusMessage))); }};
}

Command add_companion(const Options& app) {
  auto r = std::make_shared<CompanionRequest>();
  const Options command = app.command("companion", "Call the companion to the pointer, or send it away");
  command.choice("call", kCompanionCalls, "What is wanted", r->call, Options::Need::Needed);
  command.text("--shape", r->shape, "column or strip; that of last time when left out");
  add_timeout(command, r->timeout);
  return {command, [r] { return call_companion(*r); }};
}

Command add_inside(const Options& app) {
  auto r = std::make_shared<RunningRequest>();
  const Options command = app.command(
      "inside", "Whether a color lies in the mask of the running window, and the nearest that does");
  command.text("color", r->color, kColorHelp, Options::Need::Needed);
  add_timeout(command, r->timeout);
  return {command, [r] { return inside(*r); }};
}

Command add_outline(const Options& app) {
  auto measure = std::make_shared<SaturationMeasure>(SaturationMeasure::Hsv);
  auto timeout = std::make_shared<double>(kUsualTimeout);
  const Options command =
      app.command("outline", "The mask of the running window as hues and saturations of a measure");
  command.choice("--measure", kMeasureWords, "Saturation measure", *measure);
  add_timeout(command, *timeout);
  return {command,
          [measure, timeout] { return outline(std::string(word_for(kMeasureWords, *measure)), *timeout); }};
}

Command add_watched(const Options& app) {
  auto r = std::make_shared<RunningRequest>();
  const Options command = app.command("watched", "How the canvas that is watched stands to the plan");
  command.flag("--follow", r->followed, "A line of JSON at each change, until stopped");
  add_timeout(command, r->timeout);
  return {command, [r] { return watched(*r); }};
}

} // namespace zc::cli
