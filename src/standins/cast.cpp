// SPDX-License-Identifier: GPL-3.0-or-later
#include "standins/cast.h"

#include <QElapsedTimer>
#include <QFileInfo>

#include <cstring>
#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>

#include <pipewire/pipewire.h>
#include <spa/param/video/format-utils.h>

namespace zc {
namespace {

constexpr int kPictures = 60; // Milliseconds from one to the next.
constexpr int kPatience = 5000;

} // namespace

struct StandInCast::Pipe {
  explicit Pipe(const QImage& shown) : picture(shown) {}
  ~Pipe() {
    if (stream) pw_stream_destroy(stream);
    if (core) pw_core_disconnect(core);
    if (context) pw_context_destroy(context);
    if (!loop) return;
    pw_loop_leave(loop);
    pw_loop_destroy(loop);
  }
  Pipe(const Pipe&) = delete;
  Pipe& operator=(const Pipe&) = delete;

  bool begin() {
    pw_init(nullptr, nullptr);
    loop = pw_loop_new(nullptr);
    pw_loop_enter(loop); // Else it takes any thread for its own.
    context = pw_context_new(loop, nullptr, 0);
    core = context ? pw_context_connect(context, nullptr, 0) : nullptr;
    if (!core) return false;
    stream = pw_stream_new(
        core, "standin-screen",
        pw_properties_new(PW_KEY_MEDIA_CLASS, "Video/Source", PW_KEY_MEDIA_TYPE, "Video", nullptr));
    static const pw_stream_events events = [] {
      pw_stream_events out{};
      out.version = PW_VERSION_STREAM_EVENTS;
      out.param_changed = &Pipe::param_changed;
      out.process = &Pipe::process;
      return out;
    }();
    pw_stream_add_listener(stream, &listener, &events, this);
    std::uint8_t room[1024];
    spa_pod_builder builder{};
    spa_pod_builder_init(&builder, room, sizeof room);
    const spa_rectangle size{static_cast<std::uint32_t>(picture.width()),
                             static_cast<std::uint32_t>(picture.height())};
    const spa_fraction pace{16, 1}, slowest{0, 1}, fastest{60, 1};
    const auto* given = static_cast<const spa_pod*>(spa_pod_builder_add_object(
        &builder, SPA_TYPE_OBJECT_Format, SPA_PARAM_EnumFormat, SPA_FORMAT_mediaType,
        SPA_POD_Id(SPA_MEDIA_TYPE_video), SPA_FORMAT_mediaSubtype, SPA_POD_Id(SPA_MEDIA_SUBTYPE_raw),
        SPA_FORMAT_VIDEO_format, SPA_POD_Id(SPA_VIDEO_FORMAT_BGRx), SPA_FORMAT_VIDEO_size,
        SPA_POD_Rectangle(&size), SPA_FORMAT_VIDEO_framerate,
        SPA_POD_CHOICE_RANGE_Fraction(&pace, &slowest, &fastest)));
    const auto flags = static_cast<pw_stream_flags>(PW_STREAM_FLAG_DRIVER | PW_STREAM_FLAG_MAP_BUFFERS);
    return pw_stream_connect(stream, PW_DIRECTION_OUTPUT, PW_ID_ANY, flags, &given, 1) >= 0;
  }
  static void param_changed(void* of, std::uint32_t id, const spa_pod* param) {
    auto* pipe = static_cast<Pipe*>(of);
    if (!param || id != SPA_PARAM_Format) return;
    const int stride = 4 * pipe->picture.width();
    std::uint8_t room[512];
    spa_pod_builder builder{};
    spa_pod_builder_init(&builder, room, sizeof room);
    const auto* buffers = static_cast<const spa_pod*>(spa_pod_builder_add_object(
        &builder, SPA_TYPE_OBJECT_ParamBuffers, SPA_PARAM_Buffers, SPA_PARAM_BUFFERS_buffers,
        SPA_POD_CHOICE_RANGE_Int(4, 2, 8), SPA_PARAM_BUFFERS_blocks, SPA_POD_Int(1), SPA_PARAM_BUFFERS_size,
        SPA_POD_Int(stride * pipe->picture.height()), SPA_PARAM_BUFFERS_stride, SPA_POD_Int(stride)));
    pw_stream_update_params(pipe->stream, &buffers, 1);
  }
  static void process(void* of) {
    auto* pipe = static_cast<Pipe*>(of);
    pw_buffer* buffer = pw_stream_dequeue_buffer(pipe->stream);
    if (!buffer) return;
    spa_data& data = buffer->buffer->datas[0];
    const auto bytes = static_cast<std::uint32_t>(pipe->picture.sizeInBytes());
    if (data.data && data.maxsize >= bytes) {
      std::memcpy(data.data, pipe->picture.constBits(), bytes);
      data.chunk->offset = 0;
      data.chunk->stride = 4 * pipe->picture.width();
      data.chunk->size = bytes;
    }
    pw_stream_queue_buffer(pipe->stream, buffer);
  }

  QImage picture; ///< RGB32, rows without a gap.
  pw_loop* loop = nullptr;
  pw_context* context = nullptr;
  pw_core* core = nullptr;
  pw_stream* stream = nullptr;
  spa_hook listener{};
};

StandInCast::StandInCast(QString picture)
    : m_path(std::move(picture)), m_read(QFileInfo(m_path).lastModified()),
      m_picture(QImage(m_path).convertToFormat(QImage::Format_RGB32)),
      m_pipe(std::make_unique<Pipe>(m_picture)) {
  if (!m_pipe->begin()) {
    m_pipe.reset();
    return;
  }
  m_notifier = std::make_unique<QSocketNotifier>(pw_loop_get_fd(m_pipe->loop), QSocketNotifier::Read);
  connect(m_notifier.get(), &QSocketNotifier::activated, this, &StandInCast::turn);
  connect(&m_pace, &QTimer::timeout, this, &StandInCast::look);
  m_pace.start(kPictures);
}

StandInCast::~StandInCast() { m_notifier.reset(); }

void StandInCast::turn() { pw_loop_iterate(m_pipe->loop, 0); }

void StandInCast::look() {
  const QDateTime now = QFileInfo(m_path).lastModified();
  if (now != m_read) {
    const QImage next = QImage(m_path).convertToFormat(QImage::Format_RGB32);
    if (next.size() == m_pipe->picture.size()) m_pipe->picture = next;
    m_read = now;
  }
  pw_stream_trigger_process(m_pipe->stream);
}

std::uint32_t StandInCast::node() {
  if (!m_pipe) return 0;
  QElapsedTimer since;
  since.start();
  while (pw_stream_get_node_id(m_pipe->stream) == PW_ID_ANY && since.elapsed() < kPatience) {
    pw_loop_iterate(m_pipe->loop, 20);
  }
  const std::uint32_t id = pw_stream_get_node_id(m_pipe->stream);
  return id == PW_ID_ANY ? 0 : id;
}

int StandInCast::remote() {
  const QByteArray path = qgetenv("XDG_RUNTIME_DIR") + "/pipewire-0";
  sockaddr_un address{};
  if (path.size() >= static_cast<qsizetype>(sizeof address.sun_path)) return -1;
  address.sun_family = AF_UNIX;
  std::memcpy(address.sun_path, path.constData(), static_cast<std::size_t>(path.size()));
  const int line = ::socket(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0);
  if (line < 0) return -1;
  if (::connect(line, reinterpret_cast<const sockaddr*>(&address), sizeof address) == 0) return line;
  ::close(line);
  return -1;
}

} // namespace zc
