// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/share/share_stage.h"

#include "app/controls/number_field.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/hands.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/proof/press_model.h"
#include "model/session/studio.h"
#include "model/share/share_model.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

namespace zc {
namespace {

constexpr double kLargestZoom = 12, kZoomFactor = 1.25, kRoomAround = 14;
constexpr double kPanStep = 60; ///< Pixels.

} // namespace

ShareStage::ShareStage(Studio& model, PressModel& press, ShareModel& share_model, QWidget* parent)
    : QWidget(parent), m_model(model), m_reader(press), m_share_model(share_model) {
  setObjectName(QStringLiteral("shareStage"));
  setAccessibleName(tr("The sheet or the wheel as it will be saved"));
  setStatusTip(tr("Scroll to zoom, drag to move, press Page Down for the next page and 0 to see all of it."));
  listen_to_two_fingers(*this);
  setFocusPolicy(Qt::StrongFocus);
  connect(&share_model, &ShareModel::changed, this, &ShareStage::renew);
  connect(&press, &PressModel::changed, this, &ShareStage::renew);
  model.hear({Part::ColorVision}, this, &ShareStage::renew);
}

QRectF ShareStage::page_rect() const {
  const QSizeF room(width() - 2 * kRoomAround, height() - 2 * kRoomAround);
  const double fitted = std::min(room.width() / m_paper.width(), room.height() / m_paper.height());
  const QSizeF size = m_paper * std::max(0.01, fitted * m_zoom);
  const QPointF middle = QPointF(width() / 2.0, height() / 2.0) + m_shift;
  return {middle - QPointF(size.width() / 2, size.height() / 2), size};
}

QPointF ShareStage::place_of(double x, double y) const {
  const QRectF page = page_rect();
  return page.topLeft() + QPointF(x, y) * (page.width() / m_paper.width());
}

void ShareStage::turn_to(std::size_t page) {
  const std::size_t wanted = std::min(page, m_pages - 1);
  if (wanted == m_page) return;
  m_page = wanted;
  renew();
}

AccessibleContent ShareStage::accessible() {
  AccessibleContent out{QAccessible::Graphic, m_says, {}, {}};
  if (m_says.isEmpty() && m_pages > 1) out.description = tr("Page %1 of %2").arg(m_page + 1).arg(m_pages);
  return out;
}

void ShareStage::renew() {
  m_picture = QImage(); // Also while hidden: it is made anew when it is shown.
  if (!isVisible()) return;
  m_says.clear();
  if (m_model.session().sharing.view == ShareView::Plan)
    draw_plan();
  else
    draw_page();
  m_picture = seen_image(m_model.session().vision, m_picture);
  emit pageChanged();
  update();
}

void ShareStage::draw_page() {
  const auto& sheet = m_share_model.sheet();
  if (!sheet) {
    m_says = words(sheet.error());
    return;
  }
  m_pages = sheet->pages.size();
  m_page = std::min(m_page, m_pages - 1);
  m_paper = {sheet->width, sheet->height};
  const double ratio = devicePixelRatioF();
  m_picture = QImage(size() * ratio, QImage::Format_ARGB32_Premultiplied);
  m_picture.setDevicePixelRatio(ratio);
  m_picture.fill(Qt::transparent);
  QPainter painter(&m_picture);
  const QRectF page = page_rect();
  painter.translate(page.topLeft());
  painter.setClipRect(QRectF(QPointF(), page.size()));
  draw_sheet_page(painter, *sheet, m_page, m_share_model.images(), page.width() / m_paper.width(),
                  m_reader.proof());
}

void ShareStage::draw_plan() {
  m_pages = 1;
  m_page = 0;
  const Result<QImage>* made = m_share_model.plan_seen();
  if (!made) return; // A moment.
  const Result<QImage>& plan = *made;
  if (!plan) {
    m_says = words(plan.error());
    return;
  }
  m_paper = QSizeF(plan->size());
  const double ratio = devicePixelRatioF();
  m_picture = QImage(size() * ratio, QImage::Format_ARGB32_Premultiplied);
  m_picture.setDevicePixelRatio(ratio);
  m_picture.fill(Qt::transparent);
  QPainter painter(&m_picture);
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  const QRectF page = page_rect();
  const QSize wanted = (page.size() * ratio).toSize();
  QImage shown = plan->width() > wanted.width()
                     ? plan->scaled(wanted, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                     : *plan;
  painter.drawImage(page, shown);
}

void ShareStage::zoom(double by, QPointF about) {
  const QRectF before = page_rect();
  const QPointF share((about.x() - before.left()) / before.width(),
                      (about.y() - before.top()) / before.height());
  m_zoom = std::clamp(m_zoom * by, 1.0, kLargestZoom);
  if (m_zoom <= 1.0001) m_shift = {};
  const QRectF after = page_rect();
  if (m_zoom > 1.0001)
    m_shift +=
        about - QPointF(after.left() + share.x() * after.width(), after.top() + share.y() * after.height());
  renew();
}

void ShareStage::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (!m_says.isEmpty()) {
    painter.setFont(text_font());
    painter.setPen(theme().text);
    painter.drawText(rect().adjusted(40, 0, -40, 0), Qt::AlignCenter | Qt::TextWordWrap, m_says);
    return;
  }
  if (!m_picture.isNull()) painter.drawImage(QPointF(), for_monitor(m_picture));
  if (!hasFocus()) return;
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

void ShareStage::resizeEvent(QResizeEvent*) { renew(); }

void ShareStage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  renew();
}

bool ShareStage::event(QEvent* event) {
  const auto fingers = two_fingers(*this, *event);
  if (!fingers) return QWidget::event(event);
  if (m_zoom > 1) m_shift += fingers->pan;
  zoom(fingers->zoom, fingers->about);
  event->accept();
  return true;
}

void ShareStage::wheelEvent(QWheelEvent* event) {
  zoom(std::pow(kZoomFactor, wheel_notches(*event)), event->position());
  event->accept();
}

void ShareStage::keyPressEvent(QKeyEvent* event) {
  const QPointF middle(width() / 2.0, height() / 2.0);
  switch (event->key()) {
  case Qt::Key_PageDown:
    return turn_to(m_page + 1);
  case Qt::Key_PageUp:
    return turn_to(m_page == 0 ? 0 : m_page - 1);
  case Qt::Key_Home:
    return turn_to(0);
  case Qt::Key_End:
    return turn_to(m_pages - 1);
  case Qt::Key_Left:
    return pan({kPanStep, 0});
  case Qt::Key_Right:
    return pan({-kPanStep, 0});
  case Qt::Key_Up:
    return pan({0, kPanStep});
  case Qt::Key_Down:
    return pan({0, -kPanStep});
  case Qt::Key_Plus:
  case Qt::Key_Equal:
    return zoom(kZoomFactor, middle);
  case Qt::Key_Minus:
    return zoom(1 / kZoomFactor, middle);
  case Qt::Key_0:
    m_zoom = 1;
    m_shift = {};
    return renew();
  default:
    QWidget::keyPressEvent(event);
  }
}

void ShareStage::pan(QPointF by) {
  if (m_zoom <= 1) return;
  m_shift += by;
  renew();
}

void ShareStage::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::RightButton) m_drag = event->position();
}

void ShareStage::mouseMoveEvent(QMouseEvent* event) {
  if (m_drag) pan(event->position() - std::exchange(*m_drag, event->position()));
}

void ShareStage::mouseReleaseEvent(QMouseEvent*) { m_drag.reset(); }

} // namespace zc
