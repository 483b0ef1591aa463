// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/watched_stream.h"

#include "app/paint/monitor.h"

#include <QGuiApplication>
#include <QScreen>

#include <algorithm>
#include <fcntl.h>

#include <pipewire/pipewire.h>
#include <spa/param/video/format-utils.h>

namespace zc {

struct WatchedStream::Pipe {
  explicit Pipe(WatchedStream& of) : owner(of) {
    pw_init(nullptr, nullptr);
    loop = pw_loop_new(nullptr);
    context = loop ? pw_context_new(loop, nullptr, 0) : nullptr;
    // For good: a loop that nobody has entered takes any thread for its own, and calls back from there.
    if (loop) pw_loop_enter(loop);
  }
  ~Pipe() {
    if (stream) pw_stream_destroy(stream);
    if (core) pw_core_disconnect(core);
    if (context) pw_context_destroy(context);
    if (loop) {
      pw_loop_leave(loop);
      pw_loop_destroy(loop);
    }
  }
  Pipe(const Pipe&) = delete;
  Pipe& operator=(const Pipe&) = delete;

  [[nodiscard]] bool begin(int remote, std::uint32_t node);
  void turn() const { pw_loop_iterate(loop, 0); }
  static void state_changed(void* of, pw_stream_state, pw_stream_state now, const char*) {
    auto* pipe = static_cast<Pipe*>(of);
    if (now == PW_STREAM_STATE_ERROR || (now == PW_STREAM_STATE_UNCONNECTED && pipe->begun))
      pipe->owner.end_later(tr("The desktop gives no pictures of the screen any more."));
  }
  static void param_changed(void* of, std::uint32_t id, const spa_pod* param) {
    auto* pipe = static_cast<Pipe*>(of);
    if (!param || id != SPA_PARAM_Format) return;
    spa_format_video_raw_parse(param, &pipe->format);
    std::uint8_t room[512];
    spa_pod_builder builder{};
    spa_pod_builder_init(&builder, room, sizeof room);
    const auto* buffers = static_cast<const spa_pod*>(spa_pod_builder_add_object(
        &builder, SPA_TYPE_OBJECT_ParamBuffers, SPA_PARAM_Buffers, SPA_PARAM_BUFFERS_dataType,
        SPA_POD_CHOICE_FLAGS_Int((1 << SPA_DATA_MemPtr) | (1 << SPA_DATA_MemFd))));
    pw_stream_update_params(pipe->stream, &buffers, 1);
  }
  static void process(void* of);
  [[nodiscard]] QImage picture_of(const spa_buffer& buffer) const;

  WatchedStream& owner;
  pw_loop* loop = nullptr;
  pw_context* context = nullptr;
  pw_core* core = nullptr;
  pw_stream* stream = nullptr;
  spa_hook listener{};
  spa_video_info_raw format{};
  bool begun = false;
};

bool WatchedStream::Pipe::begin(int remote, std::uint32_t node) {
  if (!context) return false;
  core = pw_context_connect_fd(context, remote, nullptr, 0);
  if (!core) return false;
  stream = pw_stream_new(core, "zonachrom",
                         pw_properties_new(PW_KEY_MEDIA_TYPE, "Video", PW_KEY_MEDIA_CATEGORY, "Capture",
                                           PW_KEY_MEDIA_ROLE, "Screen", nullptr));
  if (!stream) return false;
  static const pw_stream_events events = [] {
    pw_stream_events out{};
    out.version = PW_VERSION_STREAM_EVENTS;
    out.state_changed = &Pipe::state_changed;
    out.param_changed = &Pipe::param_changed;
    out.process = &Pipe::process;
    return out;
  }();
  pw_stream_add_listener(stream, &listener, &events, this);
  std::uint8_t room[1024];
  spa_pod_builder builder{};
  spa_pod_builder_init(&builder, room, sizeof room);
  const spa_rectangle usual{1920, 1080}, least{1, 1}, most{16384, 16384};
  const spa_fraction pace{2, 1}, slowest{0, 1}, fastest{240, 1};
  const auto* wanted = static_cast<const spa_pod*>(spa_pod_builder_add_object(
      &builder, SPA_TYPE_OBJECT_Format, SPA_PARAM_EnumFormat, SPA_FORMAT_mediaType,
      SPA_POD_Id(SPA_MEDIA_TYPE_video), SPA_FORMAT_mediaSubtype, SPA_POD_Id(SPA_MEDIA_SUBTYPE_raw),
      SPA_FORMAT_VIDEO_format,
      SPA_POD_CHOICE_ENUM_Id(5, SPA_VIDEO_FORMAT_BGRx, SPA_VIDEO_FORMAT_BGRx, SPA_VIDEO_FORMAT_BGRA,
                             SPA_VIDEO_FORMAT_RGBx, SPA_VIDEO_FORMAT_RGBA),
      SPA_FORMAT_VIDEO_size, SPA_POD_CHOICE_RANGE_Rectangle(&usual, &least, &most),
      SPA_FORMAT_VIDEO_framerate, SPA_POD_CHOICE_RANGE_Fraction(&pace, &slowest, &fastest)));
  const auto flags = static_cast<pw_stream_flags>(PW_STREAM_FLAG_AUTOCONNECT | PW_STREAM_FLAG_MAP_BUFFERS);
  const auto asked = pw_stream_connect(stream, PW_DIRECTION_INPUT, node, flags, &wanted, 1);
  begun = asked >= 0;
  return begun;
}

QImage WatchedStream::Pipe::picture_of(const spa_buffer& buffer) const {
  const spa_data& data = buffer.datas[0];
  const int width = static_cast<int>(format.size.width), height = static_cast<int>(format.size.height);
  if (!data.data || !data.chunk || data.chunk->size == 0 || width <= 0 || height <= 0) return {};
  const qsizetype stride = data.chunk->stride > 0 ? data.chunk->stride : qsizetype{4} * width;
  const qsizetype needed = stride * (height - 1) + qsizetype{4} * width;
  if (stride < qsizetype{4} * width || needed > static_cast<qsizetype>(data.maxsize) - data.chunk->offset)
    return {};
  const bool red_first = format.format == SPA_VIDEO_FORMAT_RGBx || format.format == SPA_VIDEO_FORMAT_RGBA;
  const QImage seen(static_cast<const uchar*>(data.data) + data.chunk->offset, width, height, stride,
                    red_first ? QImage::Format_RGBX8888 : QImage::Format_RGB32);
  // The memory is the server's again in a moment; what stands in the place of alpha means nothing.
  QImage out = red_first ? seen.convertToFormat(QImage::Format_RGB32) : seen.copy();
  for (int y = 0; y < height; ++y) {
    auto* row = reinterpret_cast<std::uint32_t*>(out.scanLine(y));
    for (int x = 0; x < width; ++x) row[x] |= 0xff000000u;
  }
  return out;
}

/// Of several that wait the last one counts.
void WatchedStream::Pipe::process(void* of) {
  auto* pipe = static_cast<Pipe*>(of);
  pw_buffer* last = nullptr;
  while (pw_buffer* next = pw_stream_dequeue_buffer(pipe->stream)) {
    if (last) pw_stream_queue_buffer(pipe->stream, last);
    last = next;
  }
  if (!last) return;
  QImage picture = pipe->picture_of(*last->buffer);
  pw_stream_queue_buffer(pipe->stream, last);
  if (!picture.isNull()) pipe->owner.take(std::move(picture));
}

WatchedStream::WatchedStream(std::unique_ptr<ScreenCast> cast, const ScreenCast::Stream& stream, Part part)
    : m_cast(std::move(cast)), m_pipe(std::make_unique<Pipe>(*this)), m_part(part),
      m_position(stream.position), m_window(stream.window) {
  m_rest.setSingleShot(true);
  connect(&m_rest, &QTimer::timeout, this, &WatchedStream::tell);
  connect(m_cast.get(), &ScreenCast::ended, this,
          [this] { end_later(tr("The desktop has ended the watching of the screen.")); });
  connect(qGuiApp, &QGuiApplication::screenAdded, this, &WatchedStream::screens_changed);
  connect(qGuiApp, &QGuiApplication::screenRemoved, this, &WatchedStream::screens_changed);
  for (const QScreen* screen : QGuiApplication::screens())
    connect(screen, &QScreen::geometryChanged, this, &WatchedStream::screens_changed);
  // The library closes its own copy.
  if (!m_pipe->begin(fcntl(stream.remote.fileDescriptor(), F_DUPFD_CLOEXEC, 3), stream.node)) {
    end_later(tr("The desktop gives no pictures of the screen."));
    return;
  }
  m_notifier = std::make_unique<QSocketNotifier>(pw_loop_get_fd(m_pipe->loop), QSocketNotifier::Read);
  connect(m_notifier.get(), &QSocketNotifier::activated, this, [this] { m_pipe->turn(); });
  m_pipe->turn();
}

WatchedStream::~WatchedStream() { m_notifier.reset(); }

void WatchedStream::end_later(const QString& sentence) {
  if (std::exchange(m_ended, true)) return;
  QMetaObject::invokeMethod(
      this, [this, sentence] { emit ended(sentence); }, Qt::QueuedConnection);
}

void WatchedStream::want(bool wanted) {
  if (wanted == m_wanted) return;
  m_wanted = wanted;
  // While nobody looks the desktop makes no pictures for us.
  if (m_pipe->stream && !m_first) pw_stream_set_active(m_pipe->stream, wanted);
  if (wanted && !m_last.isNull()) tell();
}

std::shared_ptr<const DisplayProfile> WatchedStream::monitor() const {
  const QList<QScreen*> screens = QGuiApplication::screens();
  for (const QScreen* screen : screens)
    if (screens.size() == 1 || (m_position && screen->geometry().topLeft() == *m_position))
      return Monitors::all().shared_profile_of(screen);
  return nullptr;
}

/// Windows on a monitor may stand elsewhere by now; a window that is watched alone goes with its pictures.
void WatchedStream::screens_changed() {
  if (m_window || m_part.rect.isEmpty()) return;
  m_moved = true;
  tell();
}

void WatchedStream::show_part(Part part) {
  m_part = part;
  m_moved = false;
  m_told = {};
  if (!m_last.isNull()) tell();
}

void WatchedStream::take(QImage picture) {
  m_last = std::move(picture);
  if (std::exchange(m_first, false)) emit firstPictured(m_last);
  if (!m_wanted || m_ended || m_rest.isActive()) return;
  const qint64 since = m_since.isValid() ? m_since.elapsed() : kPace;
  m_rest.start(static_cast<int>(std::max<qint64>(0, kPace - since)));
}

/// A picture in which nothing of the part has changed is not told.
void WatchedStream::tell() {
  if (!m_wanted || m_ended) return;
  m_since.start();
  const QRect part = m_part.rect;
  if (!part.isEmpty() && (m_moved || m_part.of != m_last.size()))
    return emit hidden(
        tr("The screen has another size or scale since the canvas was chosen. Choose it again."));
  if (!part.isEmpty() && !m_last.rect().contains(part))
    return emit hidden(tr("The watched part lies beyond what the desktop shows; its last picture stands."));
  const QImage now = part.isEmpty() ? m_last : m_last.copy(part);
  if (now == m_told) return;
  m_told = now;
  emit pictured(now);
}

} // namespace zc
