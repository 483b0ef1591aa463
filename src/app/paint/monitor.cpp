// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/paint/monitor.h"

#include <QApplication>
#include <QCache>
#include <QGuiApplication>
#include <QPointer>
#include <QScreen>
#include <QSettings>
#include <QWidget>

#include <cstdlib>
#include <xcb/xcb.h>

namespace zc {
namespace {

constexpr auto kOffKey = "monitorProfilesOff";
constexpr qsizetype kMostKept = 64'000; // Kilobytes of converted pictures.

xcb_connection_t* x_connection() {
  auto* x = qApp->nativeInterface<QNativeInterface::QX11Application>();
  return x ? x->connection() : nullptr;
}

xcb_window_t x_root(xcb_connection_t* x) { return xcb_setup_roots_iterator(xcb_get_setup(x)).data->root; }

/// The atom of the ICC Profiles in X Specification: "_ICC_PROFILE" for the first screen, with a number for
/// the others.
xcb_atom_t profile_atom(xcb_connection_t* x, int screen) {
  const QByteArray name =
      screen == 0 ? QByteArray("_ICC_PROFILE") : "_ICC_PROFILE_" + QByteArray::number(screen);
  const auto asked = xcb_intern_atom(x, 0, static_cast<std::uint16_t>(name.size()), name.constData());
  xcb_intern_atom_reply_t* atom = xcb_intern_atom_reply(x, asked, nullptr);
  const xcb_atom_t id = atom ? atom->atom : xcb_atom_t{XCB_ATOM_NONE};
  std::free(atom);
  return id;
}

QByteArray profile_on_x(xcb_connection_t* x, xcb_atom_t atom) {
  constexpr std::uint32_t most = 16u << 20;
  xcb_get_property_reply_t* property =
      xcb_get_property_reply(x, xcb_get_property(x, 0, x_root(x), atom, XCB_ATOM_ANY, 0, most / 4), nullptr);
  QByteArray out;
  if (property)
    out = QByteArray(static_cast<const char*>(xcb_get_property_value(property)),
                     xcb_get_property_value_length(property));
  std::free(property);
  return out;
}

/// Beside what the toolkit wants to hear of the root window.
void hear_root(xcb_connection_t* x) {
  const xcb_window_t root = x_root(x);
  auto* now = xcb_get_window_attributes_reply(x, xcb_get_window_attributes(x, root), nullptr);
  if (!now) return;
  const std::uint32_t mask = now->your_event_mask | XCB_EVENT_MASK_PROPERTY_CHANGE;
  std::free(now);
  xcb_change_window_attributes(x, root, XCB_CW_EVENT_MASK, &mask);
  xcb_flush(x);
}

} // namespace

Monitors& Monitors::all() {
  static QPointer<Monitors> monitors;
  if (!monitors) {
    monitors = new Monitors;
    monitors->setParent(qApp);
  }
  return *monitors;
}

Monitors::Monitors()
    : m_manager(QDBusConnection::systemBus()), m_converted(kMostKept),
      m_on(!QSettings().value(QLatin1String(kOffKey), false).toBool()) {
  const auto again = [this] { look_again(); };
  connect(qGuiApp, &QGuiApplication::screenAdded, this, again);
  connect(qGuiApp, &QGuiApplication::screenRemoved, this, again);
  connect(&m_manager, &ColorManager::changed, this, again);
  if (xcb_connection_t* x = x_connection()) {
    hear_root(x);
    qApp->installNativeEventFilter(this);
  }
  look_again();
}

Monitors::~Monitors() {
  if (qApp) qApp->removeNativeEventFilter(this);
}

void Monitors::look_again() {
  m_profiles.clear();
  m_converted.clear();
  m_painted = nullptr;
  m_atoms.clear();
  xcb_connection_t* x = x_connection();
  const auto screens = QGuiApplication::screens();
  for (qsizetype i = 0; i < screens.size(); ++i) {
    const QString name = screens[i]->name();
    if (x) m_atoms.append(profile_atom(x, static_cast<int>(i)));
    const QByteArray icc = x ? profile_on_x(x, m_atoms.back()) : QByteArray();
    if (!icc.isEmpty())
      set(name, icc);
    else
      m_manager.find_profile(name, [this, name](const QByteArray& kept) {
        set(name, kept);
        paint_anew();
      });
  }
  paint_anew();
}

/// One that cannot be used is left out; the card says that none is.
void Monitors::set(const QString& screen, const QByteArray& icc) {
  if (auto read = DisplayProfile::read(icc)) m_profiles[screen] = *read;
}

void Monitors::paint_anew() {
  follow_paintings();
  for (QWidget* widget : QApplication::allWidgets()) widget->update();
  emit changed();
}

bool Monitors::nativeEventFilter(const QByteArray& kind, void* message, qintptr*) {
  if (kind != "xcb_generic_event_t") return false;
  const auto* event = static_cast<xcb_generic_event_t*>(message);
  if ((event->response_type & 0x7f) != XCB_PROPERTY_NOTIFY) return false;
  const auto* told = reinterpret_cast<const xcb_property_notify_event_t*>(event);
  xcb_connection_t* x = x_connection();
  // It waits for its turn: the toolkit is in the middle of reading events.
  if (x && told->window == x_root(x) && m_atoms.contains(told->atom))
    QMetaObject::invokeMethod(this, &Monitors::look_again, Qt::QueuedConnection);
  return false;
}

/// Without a profile nothing is asked at any painting.
void Monitors::follow_paintings() {
  qApp->removeEventFilter(this);
  if (!m_profiles.isEmpty()) qApp->installEventFilter(this);
}

void Monitors::use_for_all(const std::shared_ptr<const DisplayProfile>& profile) {
  for (const QScreen* screen : QGuiApplication::screens()) m_profiles[screen->name()] = profile;
  m_converted.clear();
  paint_anew();
}

const DisplayProfile* Monitors::profile_of(const QScreen* screen) { return shared_profile_of(screen).get(); }

std::shared_ptr<const DisplayProfile> Monitors::shared_profile_of(const QScreen* screen) const {
  return m_on && screen ? m_profiles.value(screen->name()) : nullptr;
}

void Monitors::turn(bool on) {
  m_on = on;
  QSettings().setValue(QLatin1String(kOffKey), !on);
  look_again();
}

bool Monitors::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::Paint)
    if (const auto* widget = qobject_cast<QWidget*>(watched)) m_painted = profile_of(widget->screen());
  return false;
}

QImage Monitors::converted(const QImage& image) {
  const DisplayProfile* profile = painted();
  if (!profile || image.isNull()) return image;
  const std::pair key{image.cacheKey(), profile};
  if (const QImage* known = m_converted.object(key)) return *known;
  QImage made = profile->to_monitor(image);
  m_converted.insert(key, new QImage(made), std::max<qsizetype>(1, made.sizeInBytes() / 1024));
  return made;
}

QImage for_monitor(const QImage& image) { return Monitors::all().converted(image); }

} // namespace zc
