// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/screen_sampler.h"

#include "app/paint/monitor.h"
#include "app/screen/watched_on_x.h"
#include "app/screen/watched_stream.h"
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

constexpr auto kWatchedKey = "watchedPart", kStreamPartKey = "watchedStreamPart",
               kStreamSizeKey = "watchedStreamSize";
bool sees_screen() { return QGuiApplication::platformName() == QLatin1String("xcb"); }

constexpr int kWindowsGone = 200; ///< Milliseconds until what lay above is off the screen.

} // namespace

ScreenSampler::ScreenSampler(Studio& model, Picking& picking, Viewing& viewing, WatchModel& watch,
                             QObject* parent)
    : QObject(parent), m_model(model), m_picks(picking), m_viewing(viewing), m_watch(watch),
      m_portal(QDBusConnection::sessionBus()), m_key(QDBusConnection::sessionBus()) {
  connect(&model, &Studio::startedAnew, this, [this] {
    thaw();
    m_undecided.reset();
  });
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

void ScreenSampler::watch_part() { sees_screen() ? freeze(FrozenScreen::Use::Watch) : watch_stream(false); }

bool ScreenSampler::can_watch_again() {
  if (!sees_screen()) return ScreenCast::remembers();
  return !QSettings().value(QLatin1String(kWatchedKey)).toRect().isEmpty();
}

void ScreenSampler::watch_again() {
  if (!can_watch_again()) return watch_part();
  if (!sees_screen()) return watch_stream(true);
  watch(QSettings().value(QLatin1String(kWatchedKey)).toRect());
}

void ScreenSampler::watch_stream(bool again) {
  if (m_cast) return; // It is being asked already.
  thaw();
  m_undecided.reset();
  m_cast = std::make_unique<ScreenCast>(QDBusConnection::sessionBus());
  const DocumentId asked_in = m_model.document();
  m_cast->find([this, again, asked_in](bool there) {
    if (!there || asked_in != m_model.document()) {
      m_cast.release()->deleteLater(); // It is in the middle of telling.
      if (there) return;
      return emit m_model.notice(tr("This desktop does not let programs see the screen."));
    }
    m_cast->begin(again, [this, again, asked_in](const Result<ScreenCast::Stream>& stream) {
      if (stream && asked_in == m_model.document()) return take_stream(*stream, again);
      m_cast.release()->deleteLater();
      if (!stream) emit m_model.notice(words(stream.error()));
    });
  });
}

void ScreenSampler::take_stream(const ScreenCast::Stream& stream, bool again) {
  WatchedStream::Part part;
  if (again)
    part = {QSettings().value(QLatin1String(kStreamPartKey)).toRect(),
            QSettings().value(QLatin1String(kStreamSizeKey)).toSize()};
  auto source = std::make_unique<WatchedStream>(std::move(m_cast), stream, part);
  if (again) return m_watch.begin(std::move(source));
  m_undecided = std::move(source);
  connect(m_undecided.get(), &WatchedStream::firstPictured, this,
          m_model.bound([this](const QImage& first) { choose_part(first); }), Qt::QueuedConnection);
  connect(m_undecided.get(), &CanvasSource::ended, this, [this](const QString& sentence) {
    if (!m_undecided) return; // It is watched by now, and that tells it.
    m_undecided.release()->deleteLater();
    emit m_model.notice(sentence);
  });
  m_undecided->want(true);
}

void ScreenSampler::choose_part(const QImage& first) {
  if (!m_undecided) return;
  auto* frozen = new FrozenScreen(m_model, m_picks, m_viewing, *QGuiApplication::primaryScreen(),
                                  FrozenScreen::Use::Watch, first);
  m_frozen.emplace_back(frozen);
  connect(frozen, &FrozenScreen::left, this, [this] {
    thaw();
    m_undecided.reset();
  });
  connect(frozen, &FrozenScreen::partTaken, this, [this, of = first.size()](QRect part) {
    thaw();
    if (!m_undecided) return;
    m_undecided->want(false);
    m_undecided->show_part({part, of});
    QSettings().setValue(QLatin1String(kStreamPartKey), part);
    QSettings().setValue(QLatin1String(kStreamSizeKey), of);
    m_watch.begin(std::move(m_undecided));
  });
  frozen->showFullScreen();
  frozen->activateWindow();
}

void ScreenSampler::watch(const QRect& part) {
  QSettings().setValue(QLatin1String(kWatchedKey), part);
  m_watch.begin(std::make_unique<WatchedOnX>(part));
}

void ScreenSampler::freeze(FrozenScreen::Use use) {
  if (!sees_screen()) return emit m_model.notice(tr("This desktop does not let programs see the screen."));
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
