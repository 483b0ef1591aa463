// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/follow/canvas_follower.h"

#include "model/i18n/text.h"

#include <QDateTime>
#include <QFileInfo>
#include <QSettings>

namespace zc {
namespace {

constexpr int kRestAfterStir = 120, kRestAfterFailure = 300; // Milliseconds.
constexpr int kMostTries = 10;
constexpr int kAllowedFiles = 200;
constexpr auto kAllowedKey = "followedFiles";

bool allowed(const QString& file) {
  return QSettings().value(QLatin1String(kAllowedKey)).toStringList().contains(file);
}

} // namespace

CanvasFollower::CanvasFollower(Studio& studio) : OfDocument(studio.scope()), m_studio(studio), m_watch(this) {
  m_rest.setSingleShot(true);
  connect(&m_watch, &FileWatch::stirred, this, [this] { m_rest.start(kRestAfterStir); });
  connect(&m_rest, &QTimer::timeout, this, &CanvasFollower::look);
  studio.hear({Part::References}, this, &CanvasFollower::follow);
  connect(&studio.photos(), &PhotoLibrary::canvasRead, this, &CanvasFollower::take);
  connect(&studio.photos(), &PhotoLibrary::canvasFailed, this, &CanvasFollower::fail);
}

void CanvasFollower::allow(const QString& file) {
  QSettings settings;
  QStringList files = settings.value(QLatin1String(kAllowedKey)).toStringList();
  files.removeAll(file);
  files.prepend(file);
  settings.setValue(QLatin1String(kAllowedKey), files.mid(0, kAllowedFiles));
}

QString CanvasFollower::state_of(const Reference& reference) const {
  const auto at = m_canvases.find(reference.id);
  return at == m_canvases.end() ? QString() : words_for(at->second);
}

QString CanvasFollower::words_for(const Canvas& canvas) {
  const QString file = QFileInfo(canvas.file).fileName();
  switch (canvas.state) {
  case State::Followed:
    break;
  case State::Gone:
    return tr("The file %1 no longer exists; its last picture is shown.").arg(file);
  case State::NotAllowed:
    return tr("The file %1 is on another computer. Choose Follow a canvas to pick the file here.").arg(file);
  case State::Unreadable:
    return tr("The file %1 cannot be read as a picture right now; its last picture is shown.").arg(file);
  }
  return {};
}

CanvasFollower::Stamp CanvasFollower::stamp_of(const QString& file) {
  const QFileInfo info(file);
  if (!info.exists()) return {};
  return {info.lastModified().toMSecsSinceEpoch(), info.size()};
}

void CanvasFollower::follow() {
  std::map<Id, Canvas> now;
  QStringList files;
  bool fresh = false;
  for (const auto& r : m_studio.piece().references) {
    const QString file = text(r.follows);
    if (!QFileInfo(file).isAbsolute()) continue; // A name alone is not tied to any file yet.
    const auto known = m_canvases.find(r.id);
    const bool same = known != m_canvases.end() && known->second.file == file;
    now[r.id] = same ? known->second : Canvas{file, {}, {}};
    fresh = fresh || !same;
    files << file;
  }
  m_canvases = std::move(now);
  m_watch.watch(files);
  if (fresh) m_rest.start(0);
}

void CanvasFollower::look() {
  for (auto& [reference, canvas] : m_canvases) look_at(reference, canvas);
}

void CanvasFollower::look_at(Id reference, Canvas& canvas) {
  if (canvas.busy) return; // It is looked at again when that is done.
  if (!allowed(canvas.file)) return set_state(canvas, State::NotAllowed);
  const Stamp now = stamp_of(canvas.file);
  if (now == Stamp{}) return set_state(canvas, State::Gone);
  if (now == canvas.read) return set_state(canvas, State::Followed);
  canvas.busy = true;
  canvas.reading = now;
  m_studio.photos().read_canvas(canvas.file, reference);
}

void CanvasFollower::set_state(Canvas& canvas, State state) {
  if (std::exchange(canvas.state, state) == state) return;
  emit changed();
  const QString said = words_for(canvas);
  if (!said.isEmpty()) emit m_studio.notice(said);
}

void CanvasFollower::take(Id reference, const QString& file, const QString& extension,
                          const SharedBytes& bytes) {
  const auto at = m_canvases.find(reference);
  if (at == m_canvases.end() || at->second.file != file) return;
  Canvas& canvas = at->second;
  canvas.busy = false;
  canvas.tries = 0;
  // Written to while it was read: what came may be half of one picture and half of another.
  if (stamp_of(canvas.file) != canvas.reading) return m_rest.start(kRestAfterStir);
  canvas.read = canvas.reading;
  set_state(canvas, State::Followed);
  m_studio.store().show_canvas(reference, file.toStdString(), extension.toStdString(), bytes);
  m_studio.photos().follow(m_studio.piece().references);
}

void CanvasFollower::fail(Id reference) {
  const auto at = m_canvases.find(reference);
  if (at == m_canvases.end()) return;
  Canvas& canvas = at->second;
  canvas.busy = false;
  const bool changing = stamp_of(canvas.file) != canvas.reading;
  canvas.tries = changing ? 0 : canvas.tries + 1;
  if (canvas.tries < kMostTries) return m_rest.start(kRestAfterFailure);
  canvas.tries = 0;
  canvas.read = canvas.reading;
  set_state(canvas, stamp_of(canvas.file) == Stamp{} ? State::Gone : State::Unreadable);
}

/// A canvas that came from another machine is tied anew, not added again.
void CanvasFollower::follow_canvas(const QString& path) {
  const QString file = QFileInfo(path).absoluteFilePath();
  allow(file);
  const Reference* shown = find_reference(m_studio.piece(), m_studio.session().reference);
  if (!shown || shown->follows.empty()) return m_studio.photos().import_canvas(file);
  const Id id = shown->id;
  m_studio.store().apply(tr("Follow canvas"), [&](Piece p) {
    return with_reference_following(std::move(p), id, file.toStdString());
  });
}

void CanvasFollower::stop_following() {
  const Reference* shown = find_reference(m_studio.piece(), m_studio.session().reference);
  if (!shown || shown->follows.empty())
    return emit m_studio.notice(tr("The photo shown does not follow a file."));
  const Id id = shown->id;
  m_studio.store().apply(tr("Stop following"),
                         [id](Piece p) { return with_reference_following(std::move(p), id, ""); });
}

} // namespace zc
