// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/program/beside.h"

#include "app/controls/notice_bar.h"
#include "app/screen/screen_sampler.h"
#include "app/window/main_window.h"
#include "model/application/app_model.h"

#include <QCursor>
#include <QGuiApplication>
#include <QRect>
#include <QScreen>
#include <QSettings>

namespace zc {
namespace {

constexpr int kFromPointer = 28;
constexpr auto kShapeKey = "companion/asStrip", kScreenKey = "companion/screen";

QString place_key(const QString& screen, CompanionShape shape) {
  return QStringLiteral("companion/at %1/%2")
      .arg(QString(screen).replace(QLatin1Char('/'), QLatin1Char('_')),
           shape == CompanionShape::Column ? QStringLiteral("column") : QStringLiteral("strip"));
}

QScreen* screen_named(const QString& name) {
  for (QScreen* screen : QGuiApplication::screens())
    if (screen->name() == name) return screen;
  return QGuiApplication::primaryScreen();
}

} // namespace

Beside::Beside(AppModel& model, CopyOnPick& copy_on_pick, MainWindow& window)
    : m_model(model), m_copy_on_pick(copy_on_pick), m_window(&window) {
  connect(&window, &MainWindow::besideAsked, this, &Beside::switch_shown);
  connect(&window, &MainWindow::left, this, &Beside::end);
  connect(&model, &AppModel::notice, this, [this](const QString& sentence) {
    const bool desk_seen = m_window && m_window->isVisible() && !m_window->isMinimized();
    if (shown() && !desk_seen) m_companion->notice().tell(sentence);
  });
  connect(&model, &AppModel::refusalOver, this, [this](const QString& sentence) {
    if (m_companion) m_companion->notice().forget(sentence);
  });
  // What is found out while a canvas is watched is told here.
  connect(&model.watch(), &WatchModel::begun, this, [this] {
    if (!shown()) show();
    m_companion->show_canvas_page();
  });
  // When a screen goes, or becomes smaller, it stands wholly on one that is there.
  const auto find_again = [this] {
    if (shown()) find_place();
  };
  connect(qGuiApp, &QGuiApplication::screenRemoved, this, find_again, Qt::QueuedConnection);
  connect(qGuiApp, &QGuiApplication::primaryScreenChanged, this, find_again, Qt::QueuedConnection);
}

Beside::~Beside() { keep_place(); }

void Beside::make() {
  m_companion = std::make_unique<Companion>(m_model, m_copy_on_pick);
  connect(m_companion.get(), &Companion::deskAsked, this, &Beside::switch_desk);
  connect(m_companion.get(), &Companion::screenAsked, this, [this] {
    if (m_window) m_window->sampler().sample_color();
  });
  connect(m_companion.get(), &Companion::watchAsked, this, [this] {
    if (m_window) m_window->sampler().watch_part();
  });
  connect(m_companion.get(), &Companion::watchAgainAsked, this, [this] {
    if (m_window) m_window->sampler().watch_again();
  });
  const auto follow_again = [this] { m_companion->allow_watch_again(ScreenSampler::can_watch_again()); };
  connect(&m_model.watch(), &WatchModel::changed, m_companion.get(), follow_again);
  follow_again();
  connect(m_companion.get(), &Companion::formAsked, this, [this] {
    call_desk();
    if (m_window) m_window->open_copy_form_panel(true);
  });
  connect(m_companion.get(), &Companion::closed, this, [this] {
    keep_place();
    // Nobody is left without a window.
    call_desk();
    tell_window(false); // It is just being closed and still on the screen.
  });
  connect(m_companion.get(), &Companion::shapeChanged, this, [this] {
    if (shown()) find_place();
  });
}

void Beside::take_shape(std::optional<CompanionShape> shape) {
  if (!m_companion) make();
  const bool strip = QSettings().value(QLatin1String(kShapeKey), false).toBool();
  const CompanionShape wanted = shape.value_or(strip ? CompanionShape::Strip : CompanionShape::Column);
  if (m_companion->shape() != wanted) m_companion->apply_shape(wanted);
}

void Beside::show(std::optional<CompanionShape> shape) {
  take_shape(shape);
  find_place();
  m_companion->show();
  tell_window(true);
}

void Beside::come_as(const QString& shape) {
  if (shape.isEmpty()) return come();
  come(shape == QLatin1String("strip") ? CompanionShape::Strip : CompanionShape::Column);
}

/// Beside the pointer, not over what it is at.
void Beside::come(std::optional<CompanionShape> shape) {
  const bool was_shown = shown();
  if (was_shown && !shape) shape = m_companion->shape();
  take_shape(shape);
  const QPoint pointer = QCursor::pos();
  QScreen* screen = QGuiApplication::screenAt(pointer);
  if (!screen) screen = QGuiApplication::primaryScreen();
  const QRect room = screen->availableGeometry();
  QRect place(QPoint(), m_companion->size().boundedTo(room.size()));
  place.moveTop(pointer.y() - place.height() / 2);
  place.moveLeft(pointer.x() + kFromPointer);
  if (place.right() > room.right()) place.moveRight(pointer.x() - kFromPointer);
  if (!was_shown) m_companion->setScreen(screen);
  m_companion->apply_place_on(*screen, place);
  m_companion->show();
  m_companion->raise();
  tell_window(true);
}

/// The main window is left as it is: even minimized, a window that is shown may be given the keyboard.
void Beside::send_away() {
  if (!shown()) return;
  m_companion->hide();
  tell_window(false);
}

void Beside::put_away() {
  if (shown()) m_companion->close();
}

void Beside::end() {
  keep_place();
  m_companion.reset();
}

void Beside::switch_desk() {
  if (m_window && m_window->isVisible() && !m_window->isMinimized())
    m_window->hide();
  else
    call_desk();
}

void Beside::call_desk() {
  if (!m_window) return;
  // Minimized it comes back as large as it was.
  m_window->setWindowState(m_window->windowState() & ~Qt::WindowMinimized);
  m_window->show();
  m_window->raise();
  m_window->activateWindow();
}

void Beside::tell_window(bool is_shown) {
  if (m_window) m_window->show_beside(is_shown);
}

void Beside::keep_place() {
  if (!m_companion) return;
  QSettings settings;
  settings.setValue(QLatin1String(kShapeKey), m_companion->shape() == CompanionShape::Strip);
  settings.setValue(QLatin1String(kScreenKey), m_companion->screen()->name());
  settings.setValue(place_key(m_companion->screen()->name(), m_companion->shape()),
                    QRect(m_companion->pos(), m_companion->size()));
}

/// Moves it to where it stood on this screen in this shape; at first along the right edge.
void Beside::find_place() {
  const QString name = QSettings().value(QLatin1String(kScreenKey)).toString();
  const QScreen* screen = screen_named(name);
  const QRect room = screen->availableGeometry();
  QRect place = QSettings().value(place_key(screen->name(), m_companion->shape())).toRect();
  if (place.isEmpty()) {
    const QSize size = m_companion->size().boundedTo(room.size() - QSize(0, 40));
    place = QRect(QPoint(room.right() - size.width() - 8, room.top() + 30), size);
  }
  m_companion->setScreen(screen_named(name)); // A screen may have become smaller since.
  m_companion->apply_place(place);
}

} // namespace zc
