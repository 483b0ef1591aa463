// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/screen_sampler.h"

#include "app/paint/monitor.h"
#include "app/screen/watched_on_x.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/watch/watch_model.h"

#include <QGuiApplication>
#include <QScreen>
#include <QSettings>
#include <QTimer>

namespace zc {
namespace {

constexpr auto kWatchedKey = "watchedPart";
constexpr int kWindowsGone = 200; ///< Milliseconds until what lay above is off the screen.

} // namespace

ScreenSampler::ScreenSampler(Studio& model, Picking& picking, Viewing& viewing, WatchModel& watch,
                             QObject* parent)
    : QObject(parent), m_model(model), m_picks(picking), m_viewing(viewing), m_watch(watch),
      m_portal(QDBusConnection::sessionBus()), m_key(QDBusConnection::sessionBus()) {
  connect(&m_key, &DesktopKey::pressed, this, &ScreenSampler::sample_color);
  connect(&m_key, &DesktopKey::failed, &m_model, &Studio::notice);
  connect(&m_key, &DesktopKey::changed, this, [this](const QString& key) {
    if (!key.isEmpty()) emit m_model.notice(tr("%1 picks a color from the screen in any program.").arg(key));
  });
}

ScreenSampler::~ScreenSampler() { thaw(); }

void ScreenSampler::sample_color() {
  m_portal.find([this](bool there) {
    if (!there) return freeze(FrozenScreen::Use::Color);
    m_portal.pick_color([this](const Result<Srgb>& color) {
      if (!color) return emit m_model.notice(words(color.error()));
      // The portal tells pixels of the monitor.
      const DisplayProfile* monitor = Monitors::all().profile_of(QGuiApplication::primaryScreen());
      m_picks.use_color(m_picks.held_sample(monitor ? monitor->from_monitor(*color) : *color));
    });
  });
}

void ScreenSampler::take_picture() {
  m_portal.find([this](bool there) {
    if (!there) return freeze(FrozenScreen::Use::Picture);
    m_portal.take_picture([this](const Result<QString>& file) {
      if (!file) return emit m_model.notice(words(file.error()));
      m_model.photos().import_photo(*file);
      emit pictured();
    });
  });
}

void ScreenSampler::watch_part() { freeze(FrozenScreen::Use::Watch); }

bool ScreenSampler::can_watch_again() {
  return !QSettings().value(QLatin1String(kWatchedKey)).toRect().isEmpty();
}

void ScreenSampler::watch_again() {
  const QRect part = QSettings().value(QLatin1String(kWatchedKey)).toRect();
  if (part.isEmpty()) return watch_part();
  if (can_see_screen()) watch(part);
}

bool ScreenSampler::can_see_screen() const {
  if (QGuiApplication::platformName() == QLatin1String("xcb")) return true;
  emit m_model.notice(tr("This desktop does not let programs see the screen."));
  return false;
}

void ScreenSampler::watch(const QRect& part) {
  QSettings().setValue(QLatin1String(kWatchedKey), part);
  m_watch.begin(std::make_unique<WatchedOnX>(part));
}

void ScreenSampler::freeze(FrozenScreen::Use use) {
  if (!can_see_screen()) return;
  thaw();
  for (QScreen* screen : QGuiApplication::screens())
    m_frozen.emplace_back(new FrozenScreen(m_model, m_picks, m_viewing, *screen, use));
  for (FrozenScreen* frozen : m_frozen) {
    connect(frozen, &FrozenScreen::left, this, &ScreenSampler::thaw);
    connect(frozen, &FrozenScreen::colorTaken, this, [this](Srgb color) {
      thaw();
      m_picks.use_color(color);
    });
    connect(frozen, &FrozenScreen::pictureTaken, this, [this](const QImage& picture) {
      thaw();
      m_model.photos().import_photo(picture, tr("from screen"));
      emit pictured();
    });
    connect(frozen, &FrozenScreen::partTaken, this, [this](QRect part) {
      thaw();
      // The frozen picture itself is no canvas.
      QTimer::singleShot(kWindowsGone, this, m_model.bound([this, part] { watch(part); }));
    });
    frozen->show();
    // Escape must reach it whatever has the focus now.
    frozen->activateWindow();
    frozen->grabKeyboard();
  }
}

void ScreenSampler::thaw() {
  for (const auto& frozen : m_frozen) {
    if (!frozen) continue;
    frozen->releaseKeyboard();
    frozen->close();
  }
  m_frozen.clear();
}

} // namespace zc
