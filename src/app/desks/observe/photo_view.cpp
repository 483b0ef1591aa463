#include "app/desks/observe/photo_view.h"

#include "app/band/axis_widget.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "io/photo/decode.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QWheelEvent>

namespace zc {
namespace {

constexpr double kLargestZoom = 32;
constexpr int kLoupe = 132;

} // namespace

PhotoView::PhotoView(Workbench& bench, QWidget* parent) : QWidget(parent), m_bench(bench) {
  setObjectName(QStringLiteral("photo"));
  setAccessibleName(tr("Reference photo"));
  setToolTip(tr("Click or drag to sample; wheel zooms; drag with Space or the middle button pans; "
                "Shift+wheel changes the sample size."));
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  setCursor(Qt::CrossCursor);
  connect(&bench, &Workbench::viewChanged, this, &PhotoView::follow);
  connect(&bench, &Workbench::pieceChanged, this, &PhotoView::follow);
  connect(&bench, &Workbench::colorChanged, this, qOverload<>(&QWidget::update));
  connect(&bench.photos(), &PhotoLibrary::changed, this, &PhotoView::follow);
  follow();
}

void PhotoView::follow() {
  const Reference* reference = find_reference(m_bench.piece(), m_bench.session().reference);
  const auto photo = reference ? m_bench.photos().state_of(*reference).photo : nullptr;
  const bool other = photo != m_photo;
  m_photo = photo;
  if (other) fit();
  update();
}

QRectF PhotoView::photo_rect() const {
  if (!m_photo) return {};
  const QSizeF size = QSizeF(m_photo->full().size()) * m_scale;
  return {QPointF(width() / 2.0, height() / 2.0) - m_center * m_scale, size};
}

void PhotoView::fit() {
  m_fitted = true;
  if (m_photo) {
    const QSize size = m_photo->full().size();
    m_scale = std::min({static_cast<double>(width()) / size.width(),
                        static_cast<double>(height()) / size.height(), kLargestZoom});
    m_center = QPointF(size.width() / 2.0, size.height() / 2.0);
  }
  emit zoomChanged();
  update();
}

void PhotoView::zoom_to(double scale, QPointF about) {
  if (!m_photo) return;
  const QSizeF size = m_photo->full().size();
  const double fitted = std::min({width() / size.width(), height() / size.height(), kLargestZoom});
  const double next = std::clamp(scale, fitted, std::max(kLargestZoom, fitted));
  if (next <= fitted * 1.0001) return fit();
  const QPointF middle(width() / 2.0, height() / 2.0);
  const QPointF under = m_center + (about - middle) / m_scale;
  m_fitted = false;
  m_scale = next;
  m_center = under - (about - middle) / m_scale;
  settle();
}

/// Keeps the photo in sight.
void PhotoView::settle() {
  const QSizeF size = m_photo->full().size();
  m_center = {std::clamp(m_center.x(), 0.0, size.width()), std::clamp(m_center.y(), 0.0, size.height())};
  emit zoomChanged();
  update();
}

std::optional<QPoint> PhotoView::pixel_at(QPointF position) const {
  if (!m_photo) return std::nullopt;
  const QPointF p = (position - photo_rect().topLeft()) / m_scale;
  const QPoint pixel(static_cast<int>(std::floor(p.x())), static_cast<int>(std::floor(p.y())));
  if (!m_photo->full().rect().contains(pixel)) return std::nullopt;
  return pixel;
}

std::optional<Srgb> PhotoView::sample_at(QPointF position) const {
  const auto pixel = pixel_at(position);
  if (!pixel) return std::nullopt;
  return sample_average(view_of(m_photo->full()), pixel->x(), pixel->y(), m_bench.session().sample_side);
}

// ---------------------------------------------------------------- painting

/// The visible part at screen resolution, from the level of the photo that is just fine enough.
void PhotoView::refresh_picture() {
  const double ratio = devicePixelRatioF();
  const bool grey = m_bench.session().look == PhotoLook::Value || m_bench.session().values_only;
  const Shown wanted{m_photo.get(), photo_rect(), size(), ratio, grey};
  if (wanted == m_shown) return;
  m_shown = wanted;
  m_picture = QImage(size() * ratio, QImage::Format_ARGB32_Premultiplied);
  m_picture.setDevicePixelRatio(ratio);
  m_picture.fill(Qt::transparent);
  std::size_t level = 0;
  while (level + 1 < m_photo->levels.size() &&
         m_photo->levels[level + 1].width() >= m_photo->full().width() * m_scale * ratio)
    ++level;
  const QImage& source = m_photo->levels[level];
  const QRectF visible = photo_rect().intersected(QRectF(rect()));
  const double to_source = source.width() / photo_rect().width();
  const QRectF part((visible.topLeft() - photo_rect().topLeft()) * to_source, visible.size() * to_source);
  QPainter painter(&m_picture);
  painter.setRenderHint(QPainter::SmoothPixmapTransform, m_scale * ratio < 4);
  painter.drawImage(visible, source, part);
  painter.end();
  auto* words = reinterpret_cast<std::uint32_t*>(m_picture.bits());
  if (grey) to_value_greys(words, words, static_cast<std::size_t>(m_picture.width()) * m_picture.height());
}

void PhotoView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (!m_photo) return paint_empty(painter);
  refresh_picture();
  painter.drawImage(0, 0, m_picture);
  painter.setRenderHint(QPainter::Antialiasing);
  if (m_pointer && !m_pan_from && !m_space && pixel_at(*m_pointer)) paint_loupe(painter);
  if (!hasFocus()) return;
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

void PhotoView::paint_empty(QPainter& painter) {
  const Reference* reference = find_reference(m_bench.piece(), m_bench.session().reference);
  QString line = tr("No reference yet. Drop a photo here, paste one, or add one with Ctrl+Shift+O.");
  if (reference) {
    const PhotoState state = m_bench.photos().state_of(*reference);
    line = state.failure.isEmpty() ? tr("Opening %1, %2 %")
                                         .arg(QString::fromStdString(reference->name))
                                         .arg(std::lround(state.progress * 100))
                                   : tr("%1 Click to try again.").arg(state.failure);
  }
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(QPen(theme().line, 1, Qt::DashLine));
  painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
  painter.setFont(text_font());
  painter.setPen(theme().text);
  painter.drawText(rect().adjusted(40, 0, -40, 0), Qt::AlignCenter | Qt::TextWordWrap, line);
}

void PhotoView::paint_loupe(QPainter& painter) {
  const QPoint pixel = *pixel_at(*m_pointer);
  const int side = m_bench.session().sample_side;
  const int shown = std::max(15, side + side / 2 + 1) | 1;
  constexpr int kText = 118;
  QPointF corner = *m_pointer + QPointF(22, 22);
  if (corner.x() + kLoupe + kText > width()) corner.setX(m_pointer->x() - 22 - kLoupe - kText);
  if (corner.y() + kLoupe > height()) corner.setY(m_pointer->y() - 22 - kLoupe);
  corner = {std::max(0.0, std::min(corner.x(), width() - kLoupe - kText - 1.0)), std::max(0.0, corner.y())};
  const QRectF frame(corner, QSizeF(kLoupe, kLoupe));

  QImage patch = m_photo->full()
                     .copy(pixel.x() - shown / 2, pixel.y() - shown / 2, shown, shown)
                     .convertToFormat(QImage::Format_ARGB32);
  const bool grey = m_bench.session().look == PhotoLook::Value || m_bench.session().values_only;
  auto* words = reinterpret_cast<std::uint32_t*>(patch.bits());
  if (grey) to_value_greys(words, words, static_cast<std::size_t>(shown) * shown);
  painter.fillRect(frame, theme().stage);
  painter.drawImage(frame, patch);
  QPainterPath border, square;
  border.addRect(frame);
  const double cell = static_cast<double>(kLoupe) / shown;
  square.addRect(QRectF(frame.center() - QPointF(side, side) * cell / 2, QSizeF(side, side) * cell));
  draw_double_line(painter, border, 1.5);
  draw_double_line(painter, square, 1.2);

  const QRectF note(frame.right() + 1, frame.top(), kText - 1, kLoupe);
  painter.fillRect(note, theme().furniture);
  const auto average = sample_at(*m_pointer);
  if (!average) return;
  const bool values_only = m_bench.session().values_only;
  const QRectF left(note.left(), note.top(), note.width() / 2, 50),
      right(left.right(), note.top(), note.width() / 2, 50);
  painter.fillRect(left, shown_color(*average, values_only));
  painter.fillRect(right, shown_color(m_bench.session().color, values_only));
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  painter.drawText(left.translated(8, 50).adjusted(0, 0, 0, -30), Qt::AlignLeft | Qt::AlignVCenter,
                   tr("here"));
  painter.drawText(right.translated(4, 50).adjusted(0, 0, 0, -30), Qt::AlignLeft | Qt::AlignVCenter,
                   tr("held"));
  painter.setPen(theme().text);
  const QRectF rows = note.adjusted(8, 72, 0, -4);
  painter.drawText(rows, Qt::AlignLeft | Qt::AlignTop,
                   tr("%1\nvalue %2\n%3 px square")
                       .arg(QString::fromStdString(hex_of(*average)))
                       .arg(value_of(*average), 0, 'f', 1)
                       .arg(side));
}

// ---------------------------------------------------------------- mouse and keys

void PhotoView::resizeEvent(QResizeEvent*) {
  if (m_fitted) fit();
}

void PhotoView::wheelEvent(QWheelEvent* event) {
  const double notches = wheel_notches(*event);
  if (event->modifiers() & Qt::ShiftModifier)
    change_sample_side(notches > 0 ? 1 : -1);
  else
    zoom_to(m_scale * std::pow(1.25, notches), event->position());
  event->accept();
}

void PhotoView::change_sample_side(int steps) {
  const auto at = std::find(kSampleSides.begin(), kSampleSides.end(), m_bench.session().sample_side);
  const auto i = std::clamp<std::ptrdiff_t>(at - kSampleSides.begin() + steps, 0, kSampleSides.size() - 1);
  m_bench.choose_sample_side(kSampleSides[static_cast<std::size_t>(i)]);
}

void PhotoView::keyPressEvent(QKeyEvent* event) {
  const QPointF middle(width() / 2.0, height() / 2.0);
  const bool shift = event->modifiers() & Qt::ShiftModifier;
  const auto pan = [this](double x, double y) {
    if (!m_photo || m_fitted) return;
    m_center += QPointF(x, y) * 60 / m_scale;
    settle();
  };
  switch (event->key()) {
  case Qt::Key_Space:
    m_space = true;
    setCursor(Qt::OpenHandCursor);
    update();
    return;
  case Qt::Key_Plus:
  case Qt::Key_Equal:
    return zoom_to(m_scale * 1.25, middle);
  case Qt::Key_Minus:
    return zoom_to(m_scale / 1.25, middle);
  case Qt::Key_0:
    return fit();
  case Qt::Key_Up:
    return shift ? change_sample_side(1) : pan(0, -1);
  case Qt::Key_Down:
    return shift ? change_sample_side(-1) : pan(0, 1);
  case Qt::Key_Left:
    return pan(-1, 0);
  case Qt::Key_Right:
    return pan(1, 0);
  default:
    QWidget::keyPressEvent(event);
  }
}

void PhotoView::keyReleaseEvent(QKeyEvent* event) {
  if (event->key() != Qt::Key_Space || event->isAutoRepeat()) return QWidget::keyReleaseEvent(event);
  m_space = false;
  setCursor(Qt::CrossCursor);
}

void PhotoView::take_sample(QPointF position) {
  if (const auto color = sample_at(position)) m_bench.take_up(*color);
}

void PhotoView::mousePressEvent(QMouseEvent* event) {
  const Reference* reference = find_reference(m_bench.piece(), m_bench.session().reference);
  if (reference && !m_bench.photos().state_of(*reference).failure.isEmpty())
    return m_bench.photos().retry(*reference);
  m_pointer = event->position();
  const bool pans = event->button() == Qt::MiddleButton || (event->button() == Qt::LeftButton && m_space);
  if (pans) {
    m_pan_from = event->position();
    setCursor(Qt::ClosedHandCursor);
  } else if (event->button() == Qt::LeftButton) {
    m_sampling = true;
  }
  update();
}

void PhotoView::mouseMoveEvent(QMouseEvent* event) {
  m_pointer = event->position();
  if (m_pan_from && m_photo) {
    m_fitted = false;
    m_center -= (event->position() - *m_pan_from) / m_scale;
    m_pan_from = event->position();
    settle();
  }
  update();
}

void PhotoView::mouseReleaseEvent(QMouseEvent* event) {
  if (m_pan_from) {
    m_pan_from.reset();
    setCursor(m_space ? Qt::OpenHandCursor : Qt::CrossCursor);
  } else if (m_sampling && event->button() == Qt::LeftButton) {
    m_sampling = false;
    take_sample(event->position());
  }
  update();
}

void PhotoView::leaveEvent(QEvent*) {
  m_pointer.reset();
  update();
}

} // namespace zc
