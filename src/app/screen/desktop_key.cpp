// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/desktop_key.h"

#include "core/base/sentences.h"
#include "model/i18n/text.h"

#include <QDBusArgument>
#include <QDBusMessage>
#include <QDBusMetaType>
#include <QDBusPendingCall>
#include <QSettings>

namespace zc {

/// (sa{sv})
struct DesktopKeyWanted {
  QString id;
  QVariantMap about;
};
QDBusArgument& operator<<(QDBusArgument& out, const DesktopKeyWanted& key) {
  out.beginStructure();
  out << key.id << key.about;
  out.endStructure();
  return out;
}
const QDBusArgument& operator>>(const QDBusArgument& in, DesktopKeyWanted& key) {
  in.beginStructure();
  in >> key.id >> key.about;
  in.endStructure();
  return in;
}

namespace {

constexpr auto kShortcuts = "org.freedesktop.portal.GlobalShortcuts";
constexpr auto kSession = "org.freedesktop.portal.Session";
constexpr auto kSetting = "desktopKey";
constexpr auto kColorKey = "color-from-the-screen";
constexpr auto kCompanionKey = "companion-at-the-pointer";
// In the words of the XDG shortcuts specification.
constexpr auto kProposed = "CTRL+ALT+p", kProposedForCompanion = "CTRL+ALT+b";

/// The desktop's words for the key it gave to the color; nothing when it gave none.
std::optional<QString> given_key(const QVariantMap& results) {
  const QVariant given = results.value(QStringLiteral("shortcuts"));
  if (!given.canConvert<QDBusArgument>()) return std::nullopt;
  const auto argument = qvariant_cast<QDBusArgument>(given);
  if (argument.currentSignature() != QLatin1String("a(sa{sv})")) return std::nullopt;
  QList<DesktopKeyWanted> keys;
  argument >> keys;
  for (const DesktopKeyWanted& key : keys)
    if (key.id == QLatin1String(kColorKey))
      return key.about.value(QStringLiteral("trigger_description")).toString();
  return std::nullopt;
}

} // namespace

DesktopKey::DesktopKey(QDBusConnection bus, QObject* parent)
    : QObject(parent), m_bus(bus),
      m_request(std::move(bus), {Sentence::NoKeyGiven, Sentence::DesktopHasNoKeys}) {
  qDBusRegisterMetaType<DesktopKeyWanted>();
  qDBusRegisterMetaType<QList<DesktopKeyWanted>>();
}

bool DesktopKey::wanted() { return QSettings().value(QLatin1String(kSetting), false).toBool(); }

void DesktopKey::turn(bool on) {
  if (m_request.busy()) return;
  if (on) return begin();
  QSettings().setValue(QLatin1String(kSetting), false);
  if (!m_session.isEmpty()) close(m_session);
  session_closed();
}

void DesktopKey::begin() {
  m_request.find(QLatin1String(kShortcuts), [this](bool there) {
    if (!there) return fail(tr("This desktop does not offer global shortcuts."));
    m_request.ask(QLatin1String(kShortcuts), QStringLiteral("CreateSession"), {},
                  {{QStringLiteral("session_handle_token"), QStringLiteral("zonachrom_keys")}},
                  [this](const Result<QVariantMap>& results) {
                    if (!results) return fail(words(results.error()));
                    // By its own description it is a string; some desktops tell an object path.
                    const QVariant told = results->value(QStringLiteral("session_handle"));
                    const QString path = told.canConvert<QDBusObjectPath>()
                                             ? qvariant_cast<QDBusObjectPath>(told).path()
                                             : told.toString();
                    if (!path.startsWith(QLatin1Char('/')))
                      return fail(tr("The desktop gave an unusable answer, so no global shortcut was set."));
                    bind(path);
                  });
  });
}

void DesktopKey::bind(const QString& session) {
  const QList<DesktopKeyWanted> keys{
      {QLatin1String(kColorKey),
       {{QStringLiteral("description"), tr("Pick a color from the screen for Zonachrom")},
        {QStringLiteral("preferred_trigger"), QLatin1String(kProposed)}}},
      {QLatin1String(kCompanionKey),
       {{QStringLiteral("description"), tr("Show or hide the companion of Zonachrom at the pointer")},
        {QStringLiteral("preferred_trigger"), QLatin1String(kProposedForCompanion)}}}};
  m_request.ask(QLatin1String(kShortcuts), QStringLiteral("BindShortcuts"),
                {QVariant::fromValue(QDBusObjectPath(session)), QVariant::fromValue(keys), QString()}, {},
                [this, session](const Result<QVariantMap>& results) {
                  const auto key = results ? given_key(*results) : std::nullopt;
                  if (!key) {
                    close(session);
                    return fail(results ? tr("No global shortcut was chosen on the desktop.")
                                        : words(results.error()));
                  }
                  m_session = session;
                  listen(session, true);
                  QSettings().setValue(QLatin1String(kSetting), true);
                  emit changed(key->isEmpty() ? tr("its shortcut") : *key);
                });
}

void DesktopKey::fail(const QString& sentence) {
  emit changed({});
  emit failed(sentence);
}

void DesktopKey::close(const QString& session) {
  m_bus.asyncCall(QDBusMessage::createMethodCall(QLatin1String(PortalRequest::kService), session,
                                                 QLatin1String(kSession), QStringLiteral("Close")));
}

void DesktopKey::listen(const QString& session, bool on) {
  const auto service = QLatin1String(PortalRequest::kService), object = QLatin1String(PortalRequest::kObject);
  const char* pressed = SLOT(activated(QDBusObjectPath, QString, qulonglong, QVariantMap));
  const char* closed = SLOT(session_closed());
  if (on) {
    m_bus.connect(service, object, QLatin1String(kShortcuts), QStringLiteral("Activated"), this, pressed);
    m_bus.connect(service, session, QLatin1String(kSession), QStringLiteral("Closed"), this, closed);
  } else {
    m_bus.disconnect(service, object, QLatin1String(kShortcuts), QStringLiteral("Activated"), this, pressed);
    m_bus.disconnect(service, session, QLatin1String(kSession), QStringLiteral("Closed"), this, closed);
  }
}

void DesktopKey::activated(const QDBusObjectPath& session, const QString& key, qulonglong,
                           const QVariantMap&) {
  if (session.path() != m_session) return;
  if (key == QLatin1String(kColorKey)) emit pressed();
  if (key == QLatin1String(kCompanionKey)) emit companionPressed();
}

void DesktopKey::session_closed() {
  if (!m_session.isEmpty()) listen(m_session, false);
  m_session.clear();
  emit changed({});
}

} // namespace zc
