// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/portal_request.h"

#include "core/base/sentences.h"

#include <QDBusMessage>
#include <QDBusPendingCallWatcher>

#include <utility>

namespace zc {
namespace {

constexpr auto kRequest = "org.freedesktop.portal.Request";
constexpr int kPatience = 30'000;
constexpr int kFinding = 3'000; ///< For a service that runs or can be started.

QDBusMessage call_to(const QString& interface, const QString& method, const QVariantList& arguments) {
  auto call = QDBusMessage::createMethodCall(QLatin1String(PortalRequest::kService),
                                             QLatin1String(PortalRequest::kObject), interface, method);
  call.setArguments(arguments);
  return call;
}

} // namespace

PortalRequest::PortalRequest(QDBusConnection bus, Sentences sentences, QObject* parent)
    : QObject(parent), m_bus(std::move(bus)), m_sentences(std::move(sentences)) {
  m_patience.setSingleShot(true);
  m_patience.setInterval(kPatience);
  connect(&m_patience, &QTimer::timeout, this, [this] {
    end(Error{ErrorCode::Stopped, Sentence::DesktopSilent, "portal"});
  });
}

void PortalRequest::find(const QString& interface, const std::function<void(bool)>& then) {
  if (!m_bus.isConnected()) return then(false);
  const auto asked = call_to(QStringLiteral("org.freedesktop.DBus.Properties"), QStringLiteral("Get"),
                             {interface, QStringLiteral("version")});
  auto* watcher = new QDBusPendingCallWatcher(m_bus.asyncCall(asked, kFinding), this);
  connect(watcher, &QDBusPendingCallWatcher::finished, this, [then](QDBusPendingCallWatcher* w) {
    w->deleteLater();
    then(!w->isError());
  });
}

void PortalRequest::ask(const QString& interface, const QString& method, const QVariantList& before,
                        QVariantMap options, const Answer& then) {
  if (m_answer) return then(Error{ErrorCode::BadInput, Sentence::DesktopBusy, "portal"});
  m_answer = then;
  // The object is known before it is made, so that no answer is missed.
  const QString token = QStringLiteral("zonachrom%1").arg(++m_count);
  options[QStringLiteral("handle_token")] = token;
  const QString sender = m_bus.baseService().mid(1).replace(QLatin1Char('.'), QLatin1Char('_'));
  m_request = QStringLiteral("%1/request/%2/%3").arg(QLatin1String(kObject), sender, token);
  listen(true);
  auto* watcher = new QDBusPendingCallWatcher(
      m_bus.asyncCall(call_to(interface, method, before + QVariantList{options})), this);
  connect(watcher, &QDBusPendingCallWatcher::finished, this,
          [this, asked = m_count](QDBusPendingCallWatcher* w) {
            w->deleteLater();
            if (w->isError() && m_answer && asked == m_count)
              end(Error{ErrorCode::Unreadable, m_sentences.refused, "portal"});
          });
  m_patience.start();
}

void PortalRequest::listen(bool on) {
  const auto service = QLatin1String(kService), interface = QLatin1String(kRequest);
  const char* slot = SLOT(respond(uint, QVariantMap));
  if (on)
    m_bus.connect(service, m_request, interface, QStringLiteral("Response"), this, slot);
  else
    m_bus.disconnect(service, m_request, interface, QStringLiteral("Response"), this, slot);
}

void PortalRequest::respond(uint response, const QVariantMap& results) {
  if (!m_answer) return;
  if (response == 0) return end(results);
  if (response == 1) return end(Error{ErrorCode::Stopped, m_sentences.called_off, "portal"});
  end(Error{ErrorCode::Unreadable, m_sentences.refused, "portal"});
}

void PortalRequest::end(const Result<QVariantMap>& result) {
  m_patience.stop();
  listen(false);
  const Answer answer = std::exchange(m_answer, {});
  answer(result);
}

} // namespace zc
