#include "app/screen/screen_portal.h"

#include <QDBusArgument>
#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QDBusObjectPath>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QFileInfo>
#include <QUrl>

#include <cmath>

namespace zc {
namespace {

constexpr auto kService = "org.freedesktop.portal.Desktop";
constexpr auto kObject = "/org/freedesktop/portal/desktop";
constexpr auto kScreenshot = "org.freedesktop.portal.Screenshot";
constexpr auto kRequest = "org.freedesktop.portal.Request";
constexpr int kPatience = 30'000;

Error nonsense() {
  return {ErrorCode::Unreadable,
          "The desktop answered with something that is no color or picture of the screen.", "portal"};
}

/// Three numbers from 0 to 1.
Result<Srgb> color_in(const QVariantMap& results) {
  const QVariant given = results.value(QStringLiteral("color"));
  if (!given.canConvert<QDBusArgument>()) return nonsense();
  const auto argument = qvariant_cast<QDBusArgument>(given);
  if (argument.currentSignature() != QLatin1String("(ddd)")) return nonsense();
  double numbers[3] = {-1, -1, -1};
  argument.beginStructure();
  for (double& n : numbers) argument >> n;
  argument.endStructure();
  for (const double n : numbers)
    if (!std::isfinite(n) || n < 0 || n > 1) return nonsense();
  return Srgb{numbers[0], numbers[1], numbers[2]};
}

Result<QString> file_in(const QVariantMap& results) {
  const QUrl url(results.value(QStringLiteral("uri")).toString());
  if (!url.isLocalFile() || !QFileInfo(url.toLocalFile()).isFile()) return nonsense();
  return url.toLocalFile();
}

} // namespace

ScreenPortal::ScreenPortal(QDBusConnection bus, QObject* parent) : QObject(parent), m_bus(std::move(bus)) {
  m_patience.setSingleShot(true);
  m_patience.setInterval(kPatience);
  connect(&m_patience, &QTimer::timeout, this, [this] {
    end(Error{ErrorCode::Stopped, "The desktop gave no answer for half a minute; try again.", "portal"});
  });
}

bool ScreenPortal::there() const {
  if (!m_bus.isConnected()) return false;
  auto ask = QDBusMessage::createMethodCall(QLatin1String(kService), QLatin1String(kObject),
                                            QStringLiteral("org.freedesktop.DBus.Properties"),
                                            QStringLiteral("Get"));
  ask.setArguments({QString::fromLatin1(kScreenshot), QStringLiteral("version")});
  // Asked only of a service that runs or can be started, and for a moment only.
  const QDBusMessage answer = m_bus.call(ask, QDBus::Block, 500);
  return answer.type() == QDBusMessage::ReplyMessage;
}

void ScreenPortal::pick_color(const std::function<void(const Result<Srgb>&)>& then) {
  ask(QStringLiteral("PickColor"), {}, [then](const Result<QVariantMap>& results) {
    then(results ? color_in(*results) : Result<Srgb>(results.error()));
  });
}

void ScreenPortal::take_picture(const std::function<void(const Result<QString>&)>& then) {
  ask(QStringLiteral("Screenshot"), {{QStringLiteral("interactive"), true}},
      [then](const Result<QVariantMap>& results) {
        then(results ? file_in(*results) : Result<QString>(results.error()));
      });
}

void ScreenPortal::ask(const QString& method, QVariantMap options, const Answer& then) {
  if (m_answer)
    return then(Error{ErrorCode::BadInput, "The desktop is being asked already; answer it first.", "portal"});
  m_answer = then;
  // The object is known before it is made, so that no answer is missed.
  const QString token = QStringLiteral("zonachrom%1").arg(++m_count);
  options[QStringLiteral("handle_token")] = token;
  const QString sender = m_bus.baseService().mid(1).replace(QLatin1Char('.'), QLatin1Char('_'));
  m_request = QStringLiteral("/org/freedesktop/portal/desktop/request/%1/%2").arg(sender, token);
  listen(true);
  auto call = QDBusMessage::createMethodCall(QLatin1String(kService), QLatin1String(kObject),
                                             QLatin1String(kScreenshot), method);
  call.setArguments({QString(), options});
  auto* watcher = new QDBusPendingCallWatcher(m_bus.asyncCall(call), this);
  connect(
      watcher, &QDBusPendingCallWatcher::finished, this, [this, asked = m_count](QDBusPendingCallWatcher* w) {
        w->deleteLater();
        if (w->isError() && m_answer && asked == m_count)
          end(Error{ErrorCode::Unreadable, "The desktop does not let programs see the screen.", "portal"});
      });
  m_patience.start();
}

void ScreenPortal::listen(bool on) {
  const auto service = QLatin1String(kService), interface = QLatin1String(kRequest);
  const char* slot = SLOT(respond(uint, QVariantMap));
  if (on)
    m_bus.connect(service, m_request, interface, QStringLiteral("Response"), this, slot);
  else
    m_bus.disconnect(service, m_request, interface, QStringLiteral("Response"), this, slot);
}

void ScreenPortal::respond(uint response, const QVariantMap& results) {
  if (!m_answer) return;
  if (response == 0) return end(results);
  if (response == 1) return end(Error{ErrorCode::Stopped, "Nothing was taken from the screen.", "portal"});
  end(Error{ErrorCode::Unreadable, "The desktop did not give out what is on the screen.", "portal"});
}

void ScreenPortal::end(const Result<QVariantMap>& result) {
  m_patience.stop();
  listen(false);
  const Answer answer = std::exchange(m_answer, {});
  answer(result);
}

} // namespace zc
