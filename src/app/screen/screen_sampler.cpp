// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/screen_sampler.h"

#include "app/paint/monitor.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QGuiApplication>
#include <QScreen>

namespace zc {

ScreenSampler::ScreenSampler(Studio& model, Picking& picking, Viewing& viewing, QObject* parent)
    : QObject(parent), m_model(model), m_picks(picking), m_viewing(viewing),
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

void ScreenSampler::freeze(FrozenScreen::Use use) {
  if (QGuiApplication::platformName() != QLatin1String("xcb"))
    return emit m_model.notice(tr("This desktop does not let programs see the screen."));
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
