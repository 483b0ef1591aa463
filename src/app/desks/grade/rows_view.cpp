// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/rows_view.h"

#include "app/accessibility/swatches.h"
#include "app/band/set_keys.h"
#include "app/controls/empty_action.h"
#include "app/controls/name_editor.h"
#include "app/paint/paint.h"
#include "app/platform/drag_out.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QScrollBar>

namespace zc {
namespace {

constexpr double kNames = 128, kTop = 8;
/// Names of columns stand over them, and none is narrower.
constexpr double kHead = 28, kNarrowest = 58;
constexpr double kPlus = 4; ///< Half of the mark where a color would be added.
/// So near to the edge of a chip a drop goes between it and its neighbor.
constexpr double kInsertReach = 0.26;
/// Free places that can be seen behind the last swatch.
constexpr int kFreeBehind = 1, kFewestPlaces = 4;

} // namespace

RowsView::RowsView(Studio& model, Laying& laying, SetWork& work, QWidget* parent)
    : QAbstractScrollArea(parent), m_model(model), m_laying(laying), m_work(work),
      m_editor(new NameEditor(QStringLiteral("rowNameEditor"), viewport())) {
  setObjectName(QStringLiteral("rows"));
  setAccessibleName(tr("The set in rows"));
  setStatusTip(
      tr("Drag a swatch to a free place, onto another to swap them, or between two to insert it. "
         "Click to select, double-click to use the color; click a free place to add the current color."));
  setFrameShape(QFrame::NoFrame);
  setFocusPolicy(Qt::StrongFocus);
  viewport()->setFocusProxy(this);
  viewport()->setMouseTracking(true);
  m_first = empty_action(QStringLiteral("addFirstInRows"), tr("Add current color"),
                         tr("Add the current color to the set (Ctrl+L)"), *viewport());
  connect(m_first, &QAbstractButton::clicked, this, [this] { m_laying.lay_current(); });
  model.hear({Part::Sets, Part::Geometry, Part::ColorVision, Part::Selection, Part::Sharing}, this,
             &RowsView::follow);
  connect(&work, &SetWork::previewChanged, viewport(), qOverload<>(&QWidget::update));
  model.hear({Part::Selection}, viewport(), qOverload<>(&QWidget::update));
  follow();
}

const List<Family>& RowsView::families() const {
  static const List<Family> none;
  const SwatchSet* set = current_set(m_model.piece());
  return set ? set->families : none;
}

void RowsView::choose_size(ChipSize size) {
  m_size = size;
  follow();
}

void RowsView::show_columns(int places) {
  m_column_places = places;
  follow();
}

void RowsView::follow() {
  m_first->setVisible(families().empty());
  m_place_of.clear();
  m_line_from.clear();
  m_per_line = as_columns()
                   ? m_column_places
                   : std::max(kFewestPlaces, static_cast<int>((viewport()->width() - kNames) / pitch()));
  // A column is as wide as its name needs at least.
  const int least = as_columns() ? static_cast<int>(std::ceil(kNarrowest / pitch())) : 1;
  int lines = 0;
  for (std::size_t i = 0; i < families().size(); ++i) {
    for (const auto& s : families()[i].swatches) m_place_of[s.id] = {i, s.place};
    m_line_from.push_back(lines);
    const int behind = as_columns() ? 0 : kFreeBehind;
    lines += std::max(least, std::max(0, next_place(families()[i]) + behind - 1) / m_per_line + 1);
  }
  m_line_from.push_back(lines);
  const double all = 2 * kTop + pitch() * lines, line = kHead + kTop + pitch() * m_per_line;
  const auto reaches = [this](QScrollBar& bar, double whole, int seen) {
    bar.setRange(0, std::max(0, static_cast<int>(whole) - seen));
    bar.setPageStep(seen);
    bar.setSingleStep(static_cast<int>(pitch()));
  };
  reaches(*verticalScrollBar(), as_columns() ? line : all, viewport()->height());
  reaches(*horizontalScrollBar(), as_columns() ? all : 0, viewport()->width());
  viewport()->update();
}

void RowsView::resizeEvent(QResizeEvent*) { follow(); }

QRectF RowsView::place_rect(std::size_t family, int place) const {
  const int line_of_place = place / m_per_line;
  const double line = kTop + pitch() * (m_line_from[family] + line_of_place),
               along = pitch() * (place % m_per_line), side = static_cast<double>(m_size);
  const QPointF scrolled(horizontalScrollBar()->value(), verticalScrollBar()->value());
  const QPointF corner = as_columns() ? QPointF(line, kHead + along) : QPointF(kNames + along, line);
  return {corner - scrolled, QSizeF(side, side)};
}

QRectF RowsView::family_rect(std::size_t family) const {
  const QPointF corner = place_rect(family, 0).topLeft();
  const double wide = pitch() * (m_line_from[family + 1] - m_line_from[family]);
  if (as_columns()) return {corner.x(), 0, wide, static_cast<double>(viewport()->height())};
  return {0, corner.y(), static_cast<double>(viewport()->width()), wide};
}

QRectF RowsView::name_rect(std::size_t family) const {
  const QRectF whole = family_rect(family), first = place_rect(family, 0);
  if (as_columns()) return {whole.left(), first.top() - kHead, whole.width() - 4, kHead};
  return {8, whole.top(), kNames - 18, first.height()};
}

double RowsView::along(QPointF p) const {
  return as_columns() ? p.y() + verticalScrollBar()->value() - kHead : p.x() - kNames;
}
double RowsView::across(QPointF p) const {
  return (as_columns() ? p.x() + horizontalScrollBar()->value() : p.y() + verticalScrollBar()->value()) -
         kTop;
}

QRectF RowsView::swatch_rect(Id swatch) const {
  const auto at = m_place_of.find(swatch);
  return at == m_place_of.end() ? QRectF() : place_rect(at->second.family, at->second.place);
}

std::optional<std::size_t> RowsView::family_at(QPointF p) const {
  const double line = across(p) / pitch();
  if (line < 0 || line >= m_line_from.back()) return std::nullopt;
  const auto after = std::upper_bound(m_line_from.begin(), m_line_from.end(), static_cast<int>(line));
  return static_cast<std::size_t>(after - m_line_from.begin()) - 1;
}

std::optional<RowsView::Place> RowsView::place_at(QPointF p) const {
  const auto family = family_at(p);
  const double place = along(p) / pitch();
  if (!family || place < 0 || place >= m_per_line) return std::nullopt;
  const int line = static_cast<int>(across(p) / pitch());
  const Place out{*family, (line - m_line_from[*family]) * m_per_line + static_cast<int>(place)};
  return out.place < kMostPlaces ? std::optional(out) : std::nullopt;
}

bool RowsView::taken(const Place& at) const {
  const auto& all = families()[at.family].swatches;
  return std::any_of(all.begin(), all.end(), [&](const Swatch& s) { return s.place == at.place; });
}

std::optional<RowsView::Place> RowsView::free_place_at(QPointF p) const {
  const auto at = place_at(p);
  if (!at || taken(*at) || !place_rect(at->family, at->place).contains(p)) return std::nullopt;
  const bool seen = as_columns() || at->place < next_place(families()[at->family]) + kFreeBehind;
  return seen ? at : std::nullopt;
}

/// Between two chips, or before the first of a line, a drop goes in; elsewhere it takes the place.
std::optional<RowsView::Target> RowsView::target_at(QPointF p) const {
  const auto at = place_at(p);
  if (!at) return std::nullopt;
  const double in = (along(p) - pitch() * (at->place % m_per_line)) / pitch();
  const Place next{at->family, at->place + 1};
  if (in < kInsertReach && taken(*at)) return Target{*at, true};
  const double chip = static_cast<double>(m_size) / pitch();
  if (in > chip - kInsertReach && taken(*at) && next.place < kMostPlaces && taken(next))
    return Target{next, true};
  return Target{*at, false};
}

const Swatch* RowsView::swatch_at(QPointF p) const {
  const auto at = place_at(p);
  if (!at || !place_rect(at->family, at->place).contains(p)) return nullptr;
  for (const auto& s : families()[at->family].swatches)
    if (s.place == at->place) return &s;
  return nullptr;
}

// ---------------------------------------------------------------- painting

/// Thin frames, and a mark where a press would add the current color.
void RowsView::paint_free_places(QPainter& painter, std::size_t i) {
  const int lines = m_line_from[i + 1] - m_line_from[i],
            last = as_columns() ? lines * m_per_line : next_place(families()[i]) + kFreeBehind;
  const auto under = m_over ? free_place_at(*m_over) : std::nullopt;
  for (int place = 0; place < std::min(last, kMostPlaces); ++place) {
    const QRectF r = place_rect(i, place);
    if (taken({i, place}) || !r.intersects(viewport()->rect())) continue;
    painter.setPen(QPen(theme().line, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(r.adjusted(0.5, 0.5, -0.5, -0.5));
    if (!under || under->family != i || under->place != place) continue;
    painter.setPen(QPen(theme().strong, 1.4));
    painter.drawLine(r.center() - QPointF(kPlus, 0), r.center() + QPointF(kPlus, 0));
    painter.drawLine(r.center() - QPointF(0, kPlus), r.center() + QPointF(0, kPlus));
  }
}

void RowsView::paint_family(QPainter& painter, std::size_t i) {
  const Family& family = families()[i];
  const QRectF seen(viewport()->rect());
  const SetWork& work = m_work;
  painter.save();
  const double edge = as_columns() ? kHead : kNames;
  painter.setClipRect(as_columns()
                          ? family_rect(i).adjusted(-3, edge - 3 - verticalScrollBar()->value(), 0, 3)
                          : family_rect(i).adjusted(edge - 3, -3, 0, 3));
  paint_free_places(painter, i);
  for (const auto& s : family.swatches) {
    const QRectF r = place_rect(i, s.place);
    if (!r.intersects(seen)) continue;
    const QColor color = shown_color(work.shown(s), m_model.session().vision);
    draw_chip(painter, r, color, theme().field);
    const auto preview = work.preview().find(s.id);
    const bool reduced = preview != work.preview().end() && preview->second.reduced;
    draw_marks(painter, r, color, {s.locked, reduced, s.used, is_beyond_display(s)});
    if (!work.selected(s.id)) continue;
    QPainterPath frame;
    frame.addRect(r.adjusted(-2, -2, 2, 2));
    draw_double_line(painter, frame, s.id == m_model.session().selection.focus() ? 2 : 1.2);
  }
  painter.restore();
  const bool chosen = family.id == m_model.session().family;
  const QFont font = chosen ? caption_strong_font() : caption_font();
  painter.setFont(font);
  painter.setPen(chosen ? theme().strong : theme().quiet);
  const QRectF name = name_rect(i);
  painter.drawText(
      name, (as_columns() ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter,
      QFontMetrics(font).elidedText(text(family.name), Qt::ElideRight, static_cast<int>(name.width()) - 2));
}

void RowsView::paintEvent(QPaintEvent*) {
  QPainter painter(viewport());
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(viewport()->rect(), theme().field);
  if (families().empty()) {
    painter.setFont(text_font());
    painter.setPen(theme().quiet);
    painter.drawText(viewport()->rect().adjusted(20, 0, -20, 0), Qt::AlignCenter | Qt::TextWordWrap,
                     tr("The set in rows, a family to a row, with free places and gaps. It is empty."));
  }
  for (std::size_t i = 0; i < families().size(); ++i)
    if (family_rect(i).intersects(viewport()->rect())) paint_family(painter, i);
  if (m_moved && m_drag == Drag::Box) {
    QPainterPath frame;
    frame.addRect(QRectF(m_press, m_pointer).normalized());
    draw_double_line(painter, frame, 1);
  }
  if (m_moved && m_drag == Drag::Swatch) paint_drop(painter);
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(QRectF(viewport()->rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

/// What letting go here would do: a bar where it goes in, a frame round the place it takes, the word where
/// two change places.
void RowsView::paint_drop(QPainter& painter) {
  const Swatch* s = find_swatch(m_model.piece(), m_dragged);
  if (!s) return;
  QRectF chip = swatch_rect(m_dragged);
  chip.moveCenter(m_pointer + QPointF(chip.width() * 0.6, chip.height() * 0.6));
  painter.fillRect(chip, shown_color(s->color, m_model.session().vision));
  const auto target = target_at(m_pointer);
  if (!target) return;
  const QRectF place = place_rect(target->at.family, target->at.place);
  if (target->between) {
    const double x = place.left() - 2, y = place.top() - 2;
    return as_columns() ? draw_double_line(painter, {place.left() - 3, y}, {place.right() + 3, y}, 3)
                        : draw_double_line(painter, {x, place.top() - 3}, {x, place.bottom() + 3}, 3);
  }
  QPainterPath frame;
  frame.addRect(place.adjusted(-2, -2, 2, 2));
  draw_double_line(painter, frame, 1.6);
  const Swatch* there = swatch_at(place.center());
  if (!there || there->id == m_dragged || m_work.selection().size() > 1) return;
  painter.setFont(small_font());
  painter.setPen(readable_on(shown_color(there->color, m_model.session().vision)));
  painter.drawText(place, Qt::AlignCenter, tr("swap"));
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

void RowsView::leaveEvent(QEvent*) {
  m_over.reset();
  viewport()->update();
}

void RowsView::mouseMoveEvent(QMouseEvent* event) {
  if (m_drag == Drag::None) {
    m_over = event->position();
    return viewport()->update();
  }
  m_pointer = event->position();
  m_moved = m_moved || (m_pointer - m_press).manhattanLength() >= QApplication::startDragDistance();
  viewport()->update();
  if (m_drag != Drag::Swatch || !m_moved || !beyond_window(*this, m_pointer)) return;
  m_drag = Drag::None;
  const SetWork& work = m_work;
  drag_swatches_out(*this, *current_set(m_model.piece()),
                    work.selected(m_dragged) ? work.selection() : std::vector<Id>{m_dragged});
}

void RowsView::mouseReleaseEvent(QMouseEvent* event) {
  const Drag drag = std::exchange(m_drag, Drag::None);
  m_pointer = event->position();
  SetWork& work = m_work;
  if (drag == Drag::Box && m_moved) {
    std::vector<Id> inside;
    const QRectF box = QRectF(m_press, m_pointer).normalized();
    for (const auto& [id, place] : m_place_of)
      if (place_rect(place.family, place.place).intersects(box)) inside.push_back(id);
    work.select(inside);
  } else if (const auto free = drag == Drag::Box ? free_place_at(m_press) : std::nullopt) {
    m_laying.lay_current_at(families()[free->family].id, free->place);
  } else if (drag == Drag::Box) {
    if (const auto family = family_at(m_press)) m_laying.select_family(families()[*family].id);
    m_laying.select_swatch(0);
  } else if (drag == Drag::Swatch && m_moved) {
    drop(m_pointer);
  } else if (drag == Drag::Swatch) {
    work.click(m_dragged, m_modifiers);
  }
  viewport()->update();
}

void RowsView::drop(QPointF p) {
  const auto target = target_at(p);
  if (!target) return;
  if (!m_work.selected(m_dragged)) m_laying.select_swatch(m_dragged);
  const Id family = families()[target->at.family].id;
  if (target->between)
    m_work.insert_at(family, target->at.place);
  else
    m_work.move_to(family, target->at.place);
}

void RowsView::mouseDoubleClickEvent(QMouseEvent* event) {
  if (const Swatch* s = swatch_at(event->position())) {
    m_laying.select_swatch(s->id);
    return m_work.use_focus();
  }
  const auto at = family_at(event->position());
  if (!at || !name_rect(*at).contains(event->position())) return;
  const Family& family = families()[*at];
  QRectF place = name_rect(*at);
  place.setWidth(std::max(place.width(), kNames));
  place.setTop(place.center().y() - 13);
  place.setHeight(26);
  m_editor->edit(place, text(family.name),
                 [this, id = family.id](const QString& name) { m_work.name_family(id, name); });
}

void RowsView::rename_selected() {
  const Swatch* s = find_swatch(m_model.piece(), m_model.session().selection.focus());
  if (!s) return;
  m_editor->edit(swatch_rect(s->id), text(s->name),
                 [this, id = s->id](const QString& name) { m_work.name_swatch(id, name); });
}

/// Selects the next swatch in a row, or the one nearest to this place in the next row.
void RowsView::step(int by_place, int by_family) {
  const auto at = m_place_of.find(m_model.session().selection.focus());
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
  m_laying.select_family(families()[static_cast<std::size_t>(family)].id);
  m_laying.select_swatch(best->id);
}

void RowsView::move_focused(int by_place, int by_family) {
  const auto at = m_place_of.find(m_model.session().selection.focus());
  if (at == m_place_of.end()) return;
  const auto family = static_cast<std::ptrdiff_t>(at->second.family) + by_family;
  const int place = at->second.place + by_place;
  if (family < 0 || family >= static_cast<std::ptrdiff_t>(families().size()) || place < 0) return;
  const Id id = at->first;
  m_laying.select_swatch(id);
  m_work.move_to(families()[static_cast<std::size_t>(family)].id, place,
                 m_model.store().run_key(QStringLiteral("move swatches")));
}

void RowsView::keyPressEvent(QKeyEvent* event) {
  const bool control = event->modifiers() & Qt::ControlModifier;
  const auto go = [&](int by_place, int by_family) {
    if (as_columns()) std::swap(by_place, by_family);
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
    if (!takes_set_key(m_laying, m_work, *event)) QAbstractScrollArea::keyPressEvent(event);
  }
}

void RowsView::end_drag() {
  m_drag = Drag::None;
  viewport()->update();
}

AccessibleContent RowsView::accessible() {
  const auto rect_of = [this](Id family) {
    for (std::size_t i = 0; i < families().size(); ++i)
      if (families()[i].id == family) return family_rect(i);
    return QRectF();
  };
  return {QAccessible::Grouping,
          set_told(m_model.piece()),
          {},
          accessible_families(m_model, m_laying, m_work, rect_of,
                              [this](Id swatch) { return swatch_rect(swatch); })};
}

} // namespace zc
