// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/observe/reference_strip.h"

#include "app/controls/name_editor.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/piece/edits.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QMenu>
#include <QToolTip>

namespace zc {
namespace {

constexpr int kThumbWidth = 58, kThumbHeight = 36, kThumbGap = 6, kEdge = 3;

} // namespace

ReferenceStrip::ReferenceStrip(Studio& model, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing),
      m_editor(new NameEditor(QStringLiteral("referenceName"), this)) {
  setObjectName(QStringLiteral("references"));
  setAccessibleName(tr("References"));
  setFocusPolicy(Qt::StrongFocus);
  setSizePolicy(QSizePolicy::Minimum, QSizePolicy::Preferred); // Never narrower than its pictures.
  m_editor->setAccessibleName(tr("Name of the reference"));
  const auto follow = [this] {
    updateGeometry();
    update();
  };
  model.hear({Part::References}, this, follow);
  model.hear({Part::Reference, Part::ColorVision}, this, follow);
  connect(&model.photos(), &PhotoLibrary::changed, this, follow);
}

QSize ReferenceStrip::sizeHint() const {
  const int n = static_cast<int>(m_model.piece().references.size());
  return {n * (kThumbWidth + kThumbGap) + 2 * kEdge, kThumbHeight + 2 * kEdge};
}

QRect ReferenceStrip::thumb_rect(std::size_t i) const {
  return {kEdge + static_cast<int>(i) * (kThumbWidth + kThumbGap), kEdge, kThumbWidth, kThumbHeight};
}

QRect ReferenceStrip::shown_rect() const {
  const auto& references = m_model.piece().references;
  for (std::size_t i = 0; i < references.size(); ++i)
    if (references[i].id == m_model.session().reference) return thumb_rect(i);
  return {};
}

std::optional<std::size_t> ReferenceStrip::reference_at(QPoint p) const {
  for (std::size_t i = 0; i < m_model.piece().references.size(); ++i)
    if (thumb_rect(i).contains(p)) return i;
  return std::nullopt;
}

void ReferenceStrip::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  const auto& references = m_model.piece().references;
  for (std::size_t i = 0; i < references.size(); ++i) {
    const QRect r = thumb_rect(i);
    painter.fillRect(r, theme().field);
    if (const QImage small = m_model.photos().state_of(references[i]).thumbnail; !small.isNull()) {
      const double scale = std::max(static_cast<double>(r.width()) / small.width(),
                                    static_cast<double>(r.height()) / small.height());
      const QSizeF part = QSizeF(r.size()) / scale;
      painter.drawImage(
          QRectF(r), for_monitor(small),
          QRectF(QPointF((small.width() - part.width()) / 2, (small.height() - part.height()) / 2), part));
    }
    if (references[i].id != m_model.session().reference) continue;
    QPainterPath frame;
    frame.addRect(QRectF(r).adjusted(-1, -1, 1, 1));
    draw_double_line(painter, frame, 2);
  }
  if (!hasFocus()) return;
  painter.setPen(QPen(theme().strong, 1));
  painter.drawLine(0, height() - 1, width(), height() - 1);
}

void ReferenceStrip::step(int by) {
  const auto& references = m_model.piece().references;
  for (int i = 0; i < static_cast<int>(references.size()); ++i) {
    if (references[static_cast<std::size_t>(i)].id != m_model.session().reference) continue;
    const int next = std::clamp(i + by, 0, static_cast<int>(references.size()) - 1);
    m_viewing.show_reference(references[static_cast<std::size_t>(next)].id);
    return;
  }
}

void ReferenceStrip::mousePressEvent(QMouseEvent* event) {
  if (const auto i = reference_at(event->pos())) m_viewing.show_reference(m_model.piece().references[*i].id);
}

void ReferenceStrip::keyPressEvent(QKeyEvent* event) {
  switch (event->key()) {
  case Qt::Key_Left:
    return step(-1);
  case Qt::Key_Right:
    return step(1);
  case Qt::Key_Delete:
    return remove_shown();
  default:
    QWidget::keyPressEvent(event);
  }
}

void ReferenceStrip::remove_shown() {
  const Id id = m_model.session().reference;
  if (id)
    m_model.store().apply(tr("Remove reference"),
                          [=](Piece p) { return without_reference(std::move(p), id); });
}

void ReferenceStrip::move_shown(int by) {
  const Id id = m_model.session().reference;
  const auto& references = m_model.piece().references;
  const auto at =
      std::find_if(references.begin(), references.end(), [id](const Reference& r) { return r.id == id; });
  const auto i = static_cast<std::ptrdiff_t>(at - references.begin());
  const std::ptrdiff_t to = by > 0 ? i + 2 : i - 1;
  if (at == references.end() || to < 0 || to > static_cast<std::ptrdiff_t>(references.size())) return;
  m_model.store().apply(tr("Move reference"), [=](Piece p) {
    return with_reference_moved(std::move(p), id, static_cast<std::size_t>(to));
  });
}

/// The name is edited in place, over the thumbnail.
void ReferenceStrip::rename_shown() {
  const Reference* shown = find_reference(m_model.piece(), m_model.session().reference);
  if (!shown) return;
  m_editor->edit(shown_rect(), text(shown->name), [this, id = shown->id](const QString& name) {
    m_model.store().apply(tr("Rename reference"), [=, called = name.toStdString()](Piece p) {
      return with_reference_named(std::move(p), id, called);
    });
  });
}

bool ReferenceStrip::offers_menu(QPointF p) const { return reference_at(p.toPoint()).has_value(); }

void ReferenceStrip::contextMenuEvent(QContextMenuEvent* event) {
  const auto i = reference_at(event->pos());
  if (!i) return;
  m_viewing.show_reference(m_model.piece().references[*i].id);
  QMenu menu;
  menu.addAction(tr("Rename reference"), this, &ReferenceStrip::rename_shown);
  menu.addAction(tr("Move left"), this, [this] { move_shown(-1); });
  menu.addAction(tr("Move right"), this, [this] { move_shown(1); });
  menu.addAction(tr("Remove reference"), this, &ReferenceStrip::remove_shown);
  menu.exec(event->globalPos());
}

bool ReferenceStrip::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  const auto i = reference_at(help->pos());
  QToolTip::showText(help->globalPos(),
                     i ? QString::fromStdString(m_model.piece().references[*i].name) : QString(), this);
  return true;
}

AccessibleContent ReferenceStrip::accessible() {
  AccessibleContent out{QAccessible::List, {}, {}, {}};
  const auto& references = m_model.piece().references;
  for (std::size_t i = 0; i < references.size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, references[i].id);
    item.name = text(references[i].name);
    item.rect = thumb_rect(i);
    item.selectable = true;
    item.selected = item.focused = references[i].id == m_model.session().reference;
    item.actions = {{tr("Show reference"), [this, id = references[i].id] { m_viewing.show_reference(id); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
