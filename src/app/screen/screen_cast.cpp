// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/screen_cast.h"

#include "core/base/sentences.h"

#include <QDBusArgument>
#include <QDBusMessage>
#include <QDBusObjectPath>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QSettings>

namespace zc {
namespace {

constexpr auto kCast = "org.freedesktop.portal.ScreenCast";
constexpr auto kCastSession = "org.freedesktop.portal.Session";
constexpr auto kTokenKey = "watchedStream";
constexpr uint kMonitor = 1, kWindow = 2, kUntilRevoked = 2, kHiddenPointer = 1;

Error foreign() { return {ErrorCode::Unreadable, Sentence::ForeignAnswer, "portal"}; }

std::optional<QPoint> position_in(const QVariantMap& about) {
  const QVariant given = about.value(QStringLiteral("position"));
  if (!given.canConvert<QDBusArgument>()) return std::nullopt;
  const auto pair = qvariant_cast<QDBusArgument>(given);
  if (pair.currentSignature() != QLatin1String("(ii)")) return std::nullopt;
  int x = 0, y = 0;
  pair.beginStructure();
  pair >> x >> y;
  pair.endStructure();
  return QPoint(x, y);
}

/// The only stream, still without its connection; nothing for what is no list of streams.
std::optional<ScreenCast::Stream> stream_in(const QVariantMap& results) {
  const QVariant given = results.value(QStringLiteral("streams"));
  if (!given.canConvert<QDBusArgument>()) return std::nullopt;
  const auto streams = qvariant_cast<QDBusArgument>(given);
  if (streams.currentSignature() != QLatin1String("a(ua{sv})")) return std::nullopt;
  std::optional<ScreenCast::Stream> out;
  streams.beginArray();
  while (!streams.atEnd()) {
    uint node = 0;
    QVariantMap about;
    streams.beginStructure();
    streams >> node >> about;
    streams.endStructure();
    const bool window = about.value(QStringLiteral("source_type")).toUInt() == kWindow;
    if (!out) out = ScreenCast::Stream{{}, node, position_in(about), window};
  }
  streams.endArray();
  return out;
}

} // namespace

ScreenCast::ScreenCast(QDBusConnection bus, QObject* parent)
    : QObject(parent), m_bus(bus),
      m_request(std::move(bus), {Sentence::NothingTaken, Sentence::ScreenHidden}) {
  m_request.set_patience(180'000); // A hand chooses.
}

ScreenCast::~ScreenCast() { end(); }

bool ScreenCast::remembers() { return !QSettings().value(QLatin1String(kTokenKey)).toString().isEmpty(); }

void ScreenCast::find(const std::function<void(bool)>& then) { m_request.find(QLatin1String(kCast), then); }

void ScreenCast::begin(bool again, const Answer& then) {
  if (m_request.busy()) return then(Error{ErrorCode::BadInput, Sentence::DesktopBusy, "portal"});
  end();
  m_request.ask(QLatin1String(kCast), QStringLiteral("CreateSession"), {},
                {{QStringLiteral("session_handle_token"), QStringLiteral("zonachrom_cast")}},
                [this, again, then](const Result<QVariantMap>& results) {
                  if (!results) return then(results.error());
                  const QVariant told = results->value(QStringLiteral("session_handle"));
                  m_session = told.canConvert<QDBusObjectPath>() ? qvariant_cast<QDBusObjectPath>(told).path()
                                                                 : told.toString();
                  if (!m_session.startsWith(QLatin1Char('/'))) {
                    m_session.clear();
                    return then(foreign());
                  }
                  m_bus.connect(QLatin1String(PortalRequest::kService), m_session,
                                QLatin1String(kCastSession), QStringLiteral("Closed"), this,
                                SLOT(session_closed()));
                  select(again, then);
                });
}

void ScreenCast::select(bool again, const Answer& then) {
  QVariantMap options{{QStringLiteral("types"), kMonitor | kWindow},
                      {QStringLiteral("multiple"), false},
                      {QStringLiteral("cursor_mode"), kHiddenPointer},
                      {QStringLiteral("persist_mode"), kUntilRevoked}};
  const QString token = QSettings().value(QLatin1String(kTokenKey)).toString();
  if (again && !token.isEmpty()) options[QStringLiteral("restore_token")] = token;
  m_request.ask(QLatin1String(kCast), QStringLiteral("SelectSources"),
                {QVariant::fromValue(QDBusObjectPath(m_session))}, options,
                [this, then](const Result<QVariantMap>& results) {
                  results ? start(then) : fail(results.error(), then);
                });
}

void ScreenCast::start(const Answer& then) {
  m_request.ask(QLatin1String(kCast), QStringLiteral("Start"),
                {QVariant::fromValue(QDBusObjectPath(m_session)), QString()}, {},
                [this, then](const Result<QVariantMap>& results) {
                  if (!results) return fail(results.error(), then);
                  const auto stream = stream_in(*results);
                  if (!stream) return fail(foreign(), then);
                  const QString token = results->value(QStringLiteral("restore_token")).toString();
                  QSettings().setValue(QLatin1String(kTokenKey), token);
                  open(*stream, then);
                });
}

void ScreenCast::open(Stream stream, const Answer& then) {
  auto call = QDBusMessage::createMethodCall(QLatin1String(PortalRequest::kService),
                                             QLatin1String(PortalRequest::kObject), QLatin1String(kCast),
                                             QStringLiteral("OpenPipeWireRemote"));
  call.setArguments({QVariant::fromValue(QDBusObjectPath(m_session)), QVariantMap()});
  auto* watcher = new QDBusPendingCallWatcher(m_bus.asyncCall(call), this);
  connect(watcher, &QDBusPendingCallWatcher::finished, this,
          [this, stream = std::move(stream), then](QDBusPendingCallWatcher* w) mutable {
            w->deleteLater();
            const QDBusPendingReply<QDBusUnixFileDescriptor> remote = *w;
            if (remote.isError() || !remote.value().isValid()) return fail(foreign(), then);
            stream.remote = remote.value();
            then(std::move(stream));
          });
}

void ScreenCast::fail(const Error& error, const Answer& then) {
  end();
  then(error);
}

void ScreenCast::end() {
  if (m_session.isEmpty()) return;
  const QString session = std::exchange(m_session, QString());
  m_bus.disconnect(QLatin1String(PortalRequest::kService), session, QLatin1String(kCastSession),
                   QStringLiteral("Closed"), this, SLOT(session_closed()));
  m_bus.asyncCall(QDBusMessage::createMethodCall(QLatin1String(PortalRequest::kService), session,
                                                 QLatin1String(kCastSession), QStringLiteral("Close")));
}

void ScreenCast::session_closed() {
  m_session.clear();
  emit ended();
}

} // namespace zc
