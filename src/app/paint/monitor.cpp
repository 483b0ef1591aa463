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

/// The atom of the ICC Profiles in X Specification: "_ICC_PROFILE" for the first screen, with a number for
/// the others.
QByteArray profile_on_x(int screen) {
  auto* x = qApp->nativeInterface<QNativeInterface::QX11Application>();
  if (!x || !x->connection()) return {};
  xcb_connection_t* connection = x->connection();
  const QByteArray name =
      screen == 0 ? QByteArray("_ICC_PROFILE") : "_ICC_PROFILE_" + QByteArray::number(screen);
  const auto asked =
      xcb_intern_atom(connection, 1, static_cast<std::uint16_t>(name.size()), name.constData());
  xcb_intern_atom_reply_t* atom = xcb_intern_atom_reply(connection, asked, nullptr);
  const xcb_atom_t id = atom ? atom->atom : xcb_atom_t{XCB_ATOM_NONE};
  std::free(atom);
  if (id == XCB_ATOM_NONE) return {};
  const xcb_window_t root = xcb_setup_roots_iterator(xcb_get_setup(connection)).data->root;
  constexpr std::uint32_t most = 16u << 20;
  xcb_get_property_reply_t* property = xcb_get_property_reply(
      connection, xcb_get_property(connection, 0, root, id, XCB_ATOM_ANY, 0, most / 4), nullptr);
  QByteArray out;
  if (property)
    out = QByteArray(static_cast<const char*>(xcb_get_property_value(property)),
                     xcb_get_property_value_length(property));
  std::free(property);
  return out;
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

Monitors::Monitors() : m_on(!QSettings().value(QLatin1String(kOffKey), false).toBool()) {
  const auto again = [this] { look_again(); };
  connect(qGuiApp, &QGuiApplication::screenAdded, this, again);
  connect(qGuiApp, &QGuiApplication::screenRemoved, this, again);
  look_again();
}

void Monitors::look_again() {
  m_profiles.clear();
  m_painted = nullptr;
  const auto screens = QGuiApplication::screens();
  for (qsizetype i = 0; i < screens.size(); ++i) {
    const QByteArray icc = profile_on_x(static_cast<int>(i));
    if (icc.isEmpty()) continue;
    if (auto read = DisplayProfile::read(icc)) m_profiles[screens[i]->name()] = *read;
  }
  follow_paintings();
}

/// Without a profile nothing is asked at any painting.
void Monitors::follow_paintings() {
  qApp->removeEventFilter(this);
  if (!m_profiles.isEmpty()) qApp->installEventFilter(this);
}

void Monitors::use_for_all(const std::shared_ptr<const DisplayProfile>& profile) {
  for (const QScreen* screen : QGuiApplication::screens()) m_profiles[screen->name()] = profile;
  follow_paintings();
}

const DisplayProfile* Monitors::profile_of(const QScreen* screen) {
  if (!m_on || !screen) return nullptr;
  const auto at = m_profiles.constFind(screen->name());
  return at == m_profiles.constEnd() ? nullptr : at->get();
}

void Monitors::turn(bool on) {
  m_on = on;
  QSettings().setValue(QLatin1String(kOffKey), !on);
  look_again();
  for (QWidget* widget : QApplication::allWidgets()) widget->update();
}

bool Monitors::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::Paint)
    if (const auto* widget = qobject_cast<QWidget*>(watched)) m_painted = profile_of(widget->screen());
  return false;
}

QImage for_monitor(const QImage& image) {
  const DisplayProfile* profile = Monitors::all().painted();
  if (!profile || image.isNull()) return image;
  static QCache<std::pair<qint64, const DisplayProfile*>, QImage> kept(kMostKept);
  const std::pair key{image.cacheKey(), profile};
  if (const QImage* known = kept.object(key)) return *known;
  QImage made = profile->to_monitor(image);
  kept.insert(key, new QImage(made), std::max<qsizetype>(1, made.sizeInBytes() / 1024));
  return made;
}

} // namespace zc
