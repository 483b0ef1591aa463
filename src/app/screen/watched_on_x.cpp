// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/watched_on_x.h"

#include "app/paint/monitor.h"

#include <QGuiApplication>
#include <QScreen>
#include <QWindow>

#include <algorithm>
#include <cstdlib>
#include <cstring>
#include <sys/ipc.h>
#include <sys/shm.h>
#include <xcb/damage.h>
#include <xcb/shm.h>
#include <xcb/xcb.h>

namespace zc {
namespace {

constexpr int kLeastCover = 12; ///< Pixels of a side; what is smaller covers nothing that counts.

/// Replies of the library are freed by hand.
struct Freed {
  void operator()(void* reply) const { std::free(reply); }
};
/// What the server leaves in the place of alpha means nothing.
QImage opaque(QImage picture) {
  auto* words = reinterpret_cast<std::uint32_t*>(picture.bits());
  const std::uint32_t alpha = picture.format() == QImage::Format_RGB30 ? 0xc0000000u : 0xff000000u;
  const qsizetype count = picture.sizeInBytes() / 4;
  for (qsizetype i = 0; i < count; ++i) words[i] |= alpha;
  return picture;
}

template <class T> std::unique_ptr<T, Freed> owned(T* reply) { return std::unique_ptr<T, Freed>(reply); }

} // namespace

struct WatchedOnX::Shared {
  Shared(xcb_connection_t* x, std::size_t bytes) : connection(x), size(bytes) {
    const int id = shmget(IPC_PRIVATE, bytes, IPC_CREAT | 0600);
    if (id < 0) return;
    void* const at = shmat(id, nullptr, 0);
    if (reinterpret_cast<std::intptr_t>(at) != -1) {
      memory = static_cast<unsigned char*>(at);
      segment = xcb_generate_id(x);
      const auto asked = xcb_shm_attach_checked(x, segment, static_cast<std::uint32_t>(id), 0);
      if (const auto error = owned(xcb_request_check(x, asked))) segment = 0;
    }
    shmctl(id, IPC_RMID, nullptr); // It goes with the last who holds it.
  }
  ~Shared() {
    if (segment) xcb_shm_detach(connection, segment);
    if (memory) shmdt(memory);
  }
  Shared(const Shared&) = delete;
  Shared& operator=(const Shared&) = delete;
  [[nodiscard]] bool there() const { return segment != 0; }

  xcb_connection_t* connection;
  std::size_t size;
  unsigned char* memory = nullptr;
  std::uint32_t segment = 0;
};

WatchedOnX::WatchedOnX(QRect part) : m_x(xcb_connect(nullptr, nullptr), xcb_disconnect), m_part(part) {
  m_rest.setSingleShot(true);
  connect(&m_rest, &QTimer::timeout, this, &WatchedOnX::look);
  if (!begin()) {
    end_later(tr("This screen cannot be watched."));
    return;
  }
  find_window();
  listen();
  m_notifier = std::make_unique<QSocketNotifier>(xcb_get_file_descriptor(m_x.get()), QSocketNotifier::Read);
  connect(m_notifier.get(), &QSocketNotifier::activated, this, &WatchedOnX::hear);
}

/// False where this server cannot tell changes, or its pixels are of another kind.
bool WatchedOnX::begin() {
  if (xcb_connection_has_error(m_x.get())) return false;
  const xcb_screen_t* screen = xcb_setup_roots_iterator(xcb_get_setup(m_x.get())).data;
  m_root = screen->root;
  m_screen = QSize(screen->width_in_pixels, screen->height_in_pixels);
  m_depth = screen->root_depth;
  const auto* damage = xcb_get_extension_data(m_x.get(), &xcb_damage_id);
  if (!damage || !damage->present || (m_depth != 24 && m_depth != 30)) return false;
  m_first_damage_event = damage->first_event;
  return owned(xcb_damage_query_version_reply(m_x.get(), xcb_damage_query_version(m_x.get(), 1, 1),
                                              nullptr)) != nullptr;
}

WatchedOnX::~WatchedOnX() { m_notifier.reset(); }

void WatchedOnX::end_later(const QString& sentence) {
  if (std::exchange(m_ended, true)) return;
  QMetaObject::invokeMethod(
      this, [this, sentence] { emit ended(sentence); }, Qt::QueuedConnection);
}

QRect WatchedOnX::part() const { return m_window ? m_part.translated(m_window_rect.topLeft()) : m_part; }

std::shared_ptr<const DisplayProfile> WatchedOnX::monitor() const {
  const QPoint middle = part().center();
  for (const QScreen* screen : QGuiApplication::screens()) {
    // The corner of a screen is told in its own pixels.
    const QRect pixels(screen->geometry().topLeft(), screen->size() * screen->devicePixelRatio());
    if (pixels.contains(middle)) return Monitors::all().shared_profile_of(screen);
  }
  return nullptr;
}

// ---------------------------------------------------------------- windows

/// Those of the root, from the lowest to the topmost.
std::vector<WatchedOnX::OnScreen> WatchedOnX::windows() const {
  xcb_connection_t* x = m_x.get();
  const auto tree = owned(xcb_query_tree_reply(x, xcb_query_tree(x, m_root), nullptr));
  if (!tree) return {};
  const xcb_window_t* ids = xcb_query_tree_children(tree.get());
  const auto count = static_cast<std::size_t>(xcb_query_tree_children_length(tree.get()));
  std::vector<std::pair<xcb_get_window_attributes_cookie_t, xcb_get_geometry_cookie_t>> asked;
  for (std::size_t i = 0; i < count; ++i)
    asked.emplace_back(xcb_get_window_attributes(x, ids[i]), xcb_get_geometry(x, ids[i]));
  std::vector<OnScreen> out;
  for (std::size_t i = 0; i < count; ++i) {
    const auto about = owned(xcb_get_window_attributes_reply(x, asked[i].first, nullptr));
    const auto at = owned(xcb_get_geometry_reply(x, asked[i].second, nullptr));
    if (!about || !at) continue; // It has just gone.
    const int edge = 2 * at->border_width;
    out.push_back(
        {ids[i], QRect(at->x, at->y, at->width + edge, at->height + edge),
         about->map_state == XCB_MAP_STATE_VIEWABLE && about->_class == XCB_WINDOW_CLASS_INPUT_OUTPUT});
  }
  return out;
}

/// A window manager puts windows into frames of its own.
WatchedOnX::Window WatchedOnX::child_of_root(Window window) const {
  for (int depth = 0; depth < 20; ++depth) {
    const auto tree = owned(xcb_query_tree_reply(m_x.get(), xcb_query_tree(m_x.get(), window), nullptr));
    if (!tree || tree->parent == 0) return 0;
    if (tree->parent == m_root) return window;
    window = tree->parent;
  }
  return 0;
}

std::vector<WatchedOnX::Window> WatchedOnX::own_windows() const {
  std::vector<Window> out;
  for (const QWindow* window : QGuiApplication::topLevelWindows())
    if (window->handle()) out.push_back(child_of_root(static_cast<Window>(window->winId())));
  return out;
}

/// The topmost window in whose bounds the whole part lies, unless it is ours.
void WatchedOnX::find_window() {
  const std::vector<Window> ours = own_windows();
  const auto all = windows();
  for (auto w = all.rbegin(); w != all.rend(); ++w) {
    const bool own = std::find(ours.begin(), ours.end(), w->id) != ours.end();
    if (!w->shown || own || !w->rect.contains(m_part.center())) continue;
    if (!w->rect.contains(m_part)) return;
    m_window = w->id;
    m_window_rect = w->rect;
    m_part.translate(-w->rect.topLeft());
    return;
  }
}

/// Of the window itself, and of all windows what hides and moves them.
void WatchedOnX::listen() {
  xcb_connection_t* x = m_x.get();
  const std::uint32_t of_root = XCB_EVENT_MASK_SUBSTRUCTURE_NOTIFY | XCB_EVENT_MASK_STRUCTURE_NOTIFY;
  xcb_change_window_attributes(x, m_root, XCB_CW_EVENT_MASK, &of_root);
  m_damage = xcb_generate_id(x);
  xcb_damage_create(x, m_damage, m_window ? m_window : m_root, XCB_DAMAGE_REPORT_LEVEL_BOUNDING_BOX);
  xcb_flush(x);
}

// ---------------------------------------------------------------- what changes

void WatchedOnX::hear() {
  while (const auto event = owned(xcb_poll_for_event(m_x.get()))) {
    const int kind = event->response_type & 0x7f;
    if (kind == m_first_damage_event + XCB_DAMAGE_NOTIFY) {
      const auto& area = reinterpret_cast<const xcb_damage_notify_event_t*>(event.get())->area;
      if (QRect(area.x, area.y, area.width, area.height).intersects(m_part)) stir();
    } else if (kind >= XCB_CREATE_NOTIFY && kind <= XCB_CIRCULATE_NOTIFY) {
      follow_window(kind, event.get());
      stir();
    }
  }
  if (!xcb_connection_has_error(m_x.get())) return;
  m_notifier->setEnabled(false);
  end_later(tr("The screen cannot be watched any more."));
}

/// Where the window and the screen are, and whether they are.
void WatchedOnX::follow_window(int kind, const void* event) {
  if (kind == XCB_CONFIGURE_NOTIFY) {
    const auto* told = static_cast<const xcb_configure_notify_event_t*>(event);
    const int edge = 2 * told->border_width;
    if (told->window == m_root) m_screen = QSize(told->width, told->height);
    if (told->window == m_window)
      m_window_rect = QRect(told->x, told->y, told->width + edge, told->height + edge);
  }
  if (m_window == 0) return;
  const bool shown = kind == XCB_MAP_NOTIFY, hidden = kind == XCB_UNMAP_NOTIFY;
  // Their first fields are the same.
  if ((shown || hidden) && static_cast<const xcb_map_notify_event_t*>(event)->window == m_window)
    m_window_shown = shown;
  if (kind == XCB_DESTROY_NOTIFY && static_cast<const xcb_destroy_notify_event_t*>(event)->window == m_window)
    end_later(tr("The watched window was closed."));
}

void WatchedOnX::want(bool wanted) {
  if (wanted == m_wanted) return;
  m_wanted = wanted;
  m_rest.stop();
  if (wanted && m_stirred) look();
}

/// Something has changed; it is looked at when its time has come.
void WatchedOnX::stir() {
  m_stirred = true;
  if (!m_wanted || m_ended || m_rest.isActive()) return;
  const qint64 since = m_since.isValid() ? m_since.elapsed() : kPace;
  m_rest.start(static_cast<int>(std::max<qint64>(0, kPace - since)));
}

void WatchedOnX::look() {
  if (m_ended || !m_wanted) return;
  m_stirred = false;
  m_since.start();
  // What changes from now on is told again.
  xcb_damage_subtract(m_x.get(), m_damage, XCB_NONE, XCB_NONE);
  xcb_flush(m_x.get());
  const auto why = why_not_seen();
  const QImage picture = why ? QImage() : read();
  hear(); // Events that came with the replies wake nobody.
  if (why) return emit hidden(*why);
  if (picture.isNull()) return end_later(tr("The screen cannot be watched any more."));
  emit pictured(picture);
}

std::optional<QString> WatchedOnX::why_not_seen() const {
  if (m_window && !m_window_shown) return tr("The watched window is not shown; its last picture stands.");
  const QRect here = part();
  if (m_window && !QRect(QPoint(0, 0), m_window_rect.size()).contains(m_part))
    return tr("The watched window has become smaller than the watched part; the last picture stands.");
  if (!QRect(QPoint(0, 0), m_screen).contains(here))
    return tr("The watched part is beyond the screen; its last picture stands.");
  const std::vector<Window> ours = m_window ? std::vector<Window>() : own_windows();
  bool above = m_window == 0;
  for (const OnScreen& w : windows()) {
    if (w.id == m_window) {
      above = true;
      continue;
    }
    const QRect both = w.rect & here;
    const bool covers = above && w.shown && both.width() >= kLeastCover && both.height() >= kLeastCover;
    const bool counts = m_window != 0 || std::find(ours.begin(), ours.end(), w.id) != ours.end();
    if (covers && counts) return tr("Another window covers the watched part; its last picture stands.");
  }
  return std::nullopt;
}

QImage WatchedOnX::read() {
  const QRect here = part();
  const QImage::Format format = m_depth == 30 ? QImage::Format_RGB30 : QImage::Format_RGB32;
  QImage out(here.size(), format);
  const auto bytes = static_cast<std::size_t>(out.sizeInBytes());
  if (!m_shared || m_shared->size != bytes) m_shared = std::make_unique<Shared>(m_x.get(), bytes);
  const auto x = static_cast<std::int16_t>(here.x()), y = static_cast<std::int16_t>(here.y());
  const auto width = static_cast<std::uint16_t>(here.width()),
             height = static_cast<std::uint16_t>(here.height());
  if (m_shared->there()) {
    const auto asked = xcb_shm_get_image(m_x.get(), m_root, x, y, width, height, ~0u,
                                         XCB_IMAGE_FORMAT_Z_PIXMAP, m_shared->segment, 0);
    if (!owned(xcb_shm_get_image_reply(m_x.get(), asked, nullptr))) return {};
    std::memcpy(out.bits(), m_shared->memory, bytes);
    return opaque(std::move(out));
  }
  // A server on another machine shares no memory.
  const auto asked = xcb_get_image(m_x.get(), XCB_IMAGE_FORMAT_Z_PIXMAP, m_root, x, y, width, height, ~0u);
  const auto told = owned(xcb_get_image_reply(m_x.get(), asked, nullptr));
  if (!told || static_cast<std::size_t>(xcb_get_image_data_length(told.get())) < bytes) return {};
  std::memcpy(out.bits(), xcb_get_image_data(told.get()), bytes);
  return opaque(std::move(out));
}

} // namespace zc
