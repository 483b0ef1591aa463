#include "app/desks/grade/rows_view.h"

#include "app/band/set_keys.h"
#include "app/paint/paint.h"
#include "app/store/set_work.h"
#include "app/theme/name_editor.h"
#include "app/theme/text.h"
#include "app/theme/theme.h"

#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QScrollBar>

namespace zc {
namespace {

constexpr double kNames = 128, kTop = 8;

} // namespace

RowsView::RowsView(Workspace& space, QWidget* parent)
    : QAbstractScrollArea(parent), m_space(space),
      m_editor(new NameEditor(QStringLiteral("rowNameEditor"), viewport())) {
  setObjectName(QStringLiteral("rows"));
  setAccessibleName(tr("The set in rows"));
  setToolTip(
      tr("Drag a swatch to a free place, or onto another to swap the two; drag over free ground to select"));
  setFrameShape(QFrame::NoFrame);
  setFocusPolicy(Qt::StrongFocus);
  viewport()->setFocusProxy(this);
  space.hear({&Workspace::setsChanged, &Workspace::geometryChanged, &Workspace::viewChanged}, this,
             &RowsView::follow);
  connect(&space.set_work(), &SetWork::previewChanged, viewport(), qOverload<>(&QWidget::update));
  connect(&space, &Workspace::selectionChanged, viewport(), qOverload<>(&QWidget::update));
  follow();
}

const List<Family>& RowsView::families() const {
  static const List<Family> none;
  const SwatchSet* set = current_set(m_space.piece());
  return set ? set->families : none;
}

void RowsView::choose_size(ChipSize size) {
  m_size = size;
  follow();
}

void RowsView::follow() {
  m_place_of.clear();
  int most = 8;
  for (std::size_t i = 0; i < families().size(); ++i) {
    for (const auto& s : families()[i].swatches) m_place_of[s.id] = {i, s.place};
    most = std::max(most, next_place(families()[i]) + 2);
  }
  const double high = 2 * kTop + pitch() * static_cast<double>(families().size()),
               wide = kNames + pitch() * most;
  verticalScrollBar()->setRange(0, std::max(0, static_cast<int>(high) - viewport()->height()));
  verticalScrollBar()->setPageStep(viewport()->height());
  verticalScrollBar()->setSingleStep(static_cast<int>(pitch()));
  horizontalScrollBar()->setRange(0, std::max(0, static_cast<int>(wide) - viewport()->width()));
  horizontalScrollBar()->setPageStep(viewport()->width());
  horizontalScrollBar()->setSingleStep(static_cast<int>(pitch()));
  viewport()->update();
}

void RowsView::resizeEvent(QResizeEvent*) { follow(); }

QRectF RowsView::place_rect(std::size_t family, int place) const {
  return {kNames + pitch() * place - horizontalScrollBar()->value(),
          kTop + pitch() * static_cast<double>(family) - verticalScrollBar()->value(),
          static_cast<double>(m_size), static_cast<double>(m_size)};
}

QRectF RowsView::swatch_rect(Id swatch) const {
  const auto at = m_place_of.find(swatch);
  return at == m_place_of.end() ? QRectF() : place_rect(at->second.family, at->second.place);
}

std::optional<RowsView::Place> RowsView::place_at(QPointF p) const {
  const double x = p.x() + horizontalScrollBar()->value() - kNames,
               y = p.y() + verticalScrollBar()->value() - kTop;
  if (p.x() < kNames || x < 0 || y < 0) return std::nullopt;
  const Place out{static_cast<std::size_t>(y / pitch()), static_cast<int>(x / pitch())};
  if (out.family >= families().size() || out.place >= kMostPlaces) return std::nullopt;
  return out;
}

const Swatch* RowsView::swatch_at(QPointF p) const {
  const auto at = place_at(p);
  if (!at || !place_rect(at->family, at->place).contains(p)) return nullptr;
  for (const auto& s : families()[at->family].swatches)
    if (s.place == at->place) return &s;
  return nullptr;
}

// ---------------------------------------------------------------- painting

void RowsView::paint_row(QPainter& painter, std::size_t i) {
  const Family& family = families()[i];
  const QRectF seen(viewport()->rect());
  const QRectF row(kNames, place_rect(i, 0).top(), seen.width() - kNames, static_cast<double>(m_size));
  const SetWork& work = m_space.set_work();
  painter.save();
  painter.setClipRect(row.adjusted(-3, -3, 0, 3));
  for (const auto& s : family.swatches) {
    const QRectF r = place_rect(i, s.place);
    if (!r.intersects(seen)) continue;
    const QColor color = shown_color(work.shown(s), m_space.session().values_only);
    draw_chip(painter, r, color, theme().field);
    const auto preview = work.preview().find(s.id);
    const bool held = preview != work.preview().end() && preview->second.held;
    draw_marks(painter, r, color, {s.locked, held, s.used});
    if (!work.selected(s.id)) continue;
    QPainterPath frame;
    frame.addRect(r.adjusted(-2, -2, 2, 2));
    draw_double_line(painter, frame, s.id == m_space.session().selection.focus() ? 2 : 1.2);
  }
  painter.restore();
  const bool chosen = family.id == m_space.session().family;
  const QFont font = chosen ? caption_strong_font() : caption_font();
  painter.setFont(font);
  painter.setPen(chosen ? theme().strong : theme().quiet);
  painter.drawText(
      QRectF(8, row.top(), kNames - 18, row.height()), Qt::AlignRight | Qt::AlignVCenter,
      QFontMetrics(font).elidedText(text(family.name), Qt::ElideRight, static_cast<int>(kNames) - 20));
}

void RowsView::paintEvent(QPaintEvent*) {
  QPainter painter(viewport());
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(viewport()->rect(), theme().field);
  if (families().empty()) {
    painter.setFont(text_font());
    painter.setPen(theme().quiet);
    painter.drawText(
        viewport()->rect().adjusted(20, 0, -20, 0), Qt::AlignCenter | Qt::TextWordWrap,
        tr("No families yet. Add one with Ctrl+Shift+L, then lay the current color with Ctrl+L."));
  }
  const double first = (verticalScrollBar()->value() - kTop) / pitch();
  const double last = first + viewport()->height() / pitch() + 2;
  for (auto i = static_cast<std::size_t>(std::max(0.0, first));
       i < families().size() && static_cast<double>(i) < last; ++i)
    paint_row(painter, i);
  if (m_moved && m_drag == Drag::Box) {
    QPainterPath frame;
    frame.addRect(QRectF(m_press, m_pointer).normalized());
    draw_double_line(painter, frame, 1);
  }
  if (m_moved && m_drag == Drag::Swatch) {
    if (const auto over = place_at(m_pointer)) {
      painter.setBrush(Qt::NoBrush);
      painter.setPen(QPen(theme().strong, 1, Qt::DashLine));
      painter.drawRect(place_rect(over->family, over->place).adjusted(-2, -2, 2, 2));
    }
    if (const Swatch* s = find_swatch(m_space.piece(), m_dragged)) {
      QRectF r = swatch_rect(m_dragged);
      r.moveCenter(m_pointer);
      painter.fillRect(r, shown_color(s->color, m_space.session().values_only));
    }
  }
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(QRectF(viewport()->rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

// ---------------------------------------------------------------- mouse and keys

void RowsView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  m_press = m_pointer = event->position();
  m_modifiers = event->modifiers();
  m_moved = false;
  const Swatch* s = swatch_at(m_press);
  m_drag = s ? Drag::Swatch : Drag::Box;
  m_dragged = s ? s->id : 0;
}

void RowsView::mouseMoveEvent(QMouseEvent* event) {
  if (m_drag == Drag::None) return;
  m_pointer = event->position();
  m_moved = m_moved || (m_pointer - m_press).manhattanLength() >= QApplication::startDragDistance();
  viewport()->update();
}

void RowsView::mouseReleaseEvent(QMouseEvent* event) {
  const Drag drag = std::exchange(m_drag, Drag::None);
  m_pointer = event->position();
  SetWork& work = m_space.set_work();
  if (drag == Drag::Box && m_moved) {
    std::vector<Id> inside;
    const QRectF box = QRectF(m_press, m_pointer).normalized();
    for (const auto& [id, place] : m_place_of)
      if (place_rect(place.family, place.place).intersects(box)) inside.push_back(id);
    work.select(inside);
  } else if (drag == Drag::Box) {
    const double row = (m_press.y() + verticalScrollBar()->value() - kTop) / pitch();
    if (row >= 0 && row < static_cast<double>(families().size()))
      m_space.select_family(families()[static_cast<std::size_t>(row)].id);
    m_space.select_swatch(0);
  } else if (drag == Drag::Swatch && m_moved) {
    drop(m_pointer);
  } else if (drag == Drag::Swatch) {
    work.click(m_dragged, m_modifiers);
  }
  viewport()->update();
}

void RowsView::drop(QPointF p) {
  const auto over = place_at(p);
  if (!over) return;
  if (!m_space.set_work().selected(m_dragged)) m_space.select_swatch(m_dragged);
  m_space.set_work().move_to(families()[over->family].id, over->place);
}

void RowsView::mouseDoubleClickEvent(QMouseEvent* event) {
  if (const Swatch* s = swatch_at(event->position())) {
    m_space.select_swatch(s->id);
    return rename_selected();
  }
  const double row = (event->position().y() + verticalScrollBar()->value() - kTop) / pitch();
  if (event->position().x() >= kNames || row < 0 || row >= static_cast<double>(families().size())) return;
  const Family& family = families()[static_cast<std::size_t>(row)];
  m_editor->edit(QRectF(8, event->position().y() - 13, kNames, 26), text(family.name),
                 [this, id = family.id](const QString& name) { m_space.set_work().name_family(id, name); });
}

void RowsView::rename_selected() {
  const Swatch* s = find_swatch(m_space.piece(), m_space.session().selection.focus());
  if (!s) return;
  m_editor->edit(swatch_rect(s->id), text(s->name),
                 [this, id = s->id](const QString& name) { m_space.set_work().name_swatch(id, name); });
}

/// To the next swatch in a row, or to the nearest place in the next row.
void RowsView::step(int by_place, int by_family) {
  const auto at = m_place_of.find(m_space.session().selection.focus());
  Place from = at == m_place_of.end() ? Place{0, -1} : at->second;
  if (at == m_place_of.end()) by_family = 0;
  const auto family = static_cast<std::ptrdiff_t>(from.family) + by_family;
  if (family < 0 || family >= static_cast<std::ptrdiff_t>(families().size())) return;
  const auto& row = families()[static_cast<std::size_t>(family)].swatches;
  const Swatch* best = nullptr;
  for (const auto& s : row) {
    const int off = s.place - from.place;
    if (by_family == 0 && (by_place > 0 ? off <= 0 : off >= 0)) continue;
    if (!best || std::abs(off) < std::abs(best->place - from.place)) best = &s;
  }
  if (!best) return;
  m_space.select_family(families()[static_cast<std::size_t>(family)].id);
  m_space.select_swatch(best->id);
}

void RowsView::move_focused(int by_place, int by_family) {
  const auto at = m_place_of.find(m_space.session().selection.focus());
  if (at == m_place_of.end()) return;
  const auto family = static_cast<std::ptrdiff_t>(at->second.family) + by_family;
  const int place = at->second.place + by_place;
  if (family < 0 || family >= static_cast<std::ptrdiff_t>(families().size()) || place < 0) return;
  const Id id = at->first;
  m_space.select_swatch(id);
  m_space.set_work().move_to(families()[static_cast<std::size_t>(family)].id, place);
}

void RowsView::keyPressEvent(QKeyEvent* event) {
  const bool control = event->modifiers() & Qt::ControlModifier;
  const auto go = [&](int by_place, int by_family) {
    control ? move_focused(by_place, by_family) : step(by_place, by_family);
  };
  switch (event->key()) {
  case Qt::Key_Left:
    return go(-1, 0);
  case Qt::Key_Right:
    return go(1, 0);
  case Qt::Key_Up:
    return go(0, -1);
  case Qt::Key_Down:
    return go(0, 1);
  case Qt::Key_F2:
    return rename_selected();
  default:
    if (!takes_set_key(m_space, *event)) QAbstractScrollArea::keyPressEvent(event);
  }
}

} // namespace zc
