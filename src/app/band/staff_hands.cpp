// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/staff_view.h"

#include "app/band/set_keys.h"
#include "app/controls/controls.h"
#include "app/controls/name_editor.h"
#include "app/platform/clipboard.h"
#include "app/platform/drag_out.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/mixing/paint_model.h"
#include "model/proof/press_model.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QMimeData>
#include <QMouseEvent>
#include <QScrollBar>

namespace zc {

void StaffView::mousePressEvent(QMouseEvent* event) {
  m_press = m_pointer = event->position();
  m_modifiers = event->modifiers();
  m_moved = false;
  if (event->button() != Qt::LeftButton) return;
  setFocus(Qt::MouseFocusReason);
  if (const auto step = ramp_step_at(m_press)) {
    const RampStep taken = m_model.session().ramp[*step];
    return m_laying.lay_color({taken.color, taken.at});
  }
  const auto family = family_at(m_press);
  if (shift_grip().contains(m_press)) {
    m_drag = Drag::Shift;
  } else if (const Swatch* s = swatch_at(m_press)) {
    m_drag = Drag::Swatch;
    m_dragged = s->id;
  } else if (limit_rect(true).contains(m_press) || limit_rect(false).contains(m_press)) {
    m_drag = limit_rect(true).contains(m_press) ? Drag::LightLimit : Drag::DarkLimit;
    ++m_limit_drag;
  } else if (family && m_press.y() > axis().bottom()) {
    m_drag = Drag::Family;
    m_dragged = families()[*family].id;
    m_laying.select_family(m_dragged);
  } else if (!family && std::abs(m_press.y() - line_y()) <= 6) {
    m_drag = Drag::Value;
    m_picks.begin_pick();
  } else {
    m_drag = Drag::Box;
  }
}

void StaffView::mouseMoveEvent(QMouseEvent* event) {
  m_pointer = event->position();
  m_hovered = m_pointer.y() < axis().bottom() ? family_at(m_pointer) : std::nullopt;
  if (event->buttons() & Qt::LeftButton &&
      (m_pointer - m_press).manhattanLength() >= QApplication::startDragDistance())
    m_moved = true;
  if (m_drag == Drag::Value) m_picks.pick_value(axis().value_at(m_pointer.y()));
  if (m_drag == Drag::LightLimit || m_drag == Drag::DarkLimit) move_limit(m_pointer);
  if (m_drag == Drag::Shift) return shift_selected(m_pointer);
  if (m_drag == Drag::Swatch && m_moved && drag_out()) return;
  const Swatch* pointed = event->buttons() == Qt::NoButton ? swatch_at(m_pointer) : nullptr;
  m_pointed = pointed ? pointed->id : 0;
  setCursor(m_drag == Drag::Value || shift_grip().contains(m_pointer) || moves_up_and_down(m_pointer)
                ? Qt::SizeVerCursor
                : Qt::ArrowCursor);
  if (m_model.session().desk == Desk::Try) {
    const Swatch* under = swatch_at(m_pointer);
    m_tries.hover(under ? under->id : 0, true);
  }
  say_hint(*this, hint_at(m_pointer));
  update();
}

QRectF StaffView::shift_grip() const {
  const Id focus = m_model.session().selection.focus();
  const bool shown = wide() && focus != 0 && (m_drag == Drag::Shift || !m_work.adjustment().changes());
  const QRectF chip = shown ? swatch_rect(focus) : QRectF();
  return chip.isNull() ? QRectF() : QRectF(chip.right() + 5, chip.center().y() - 12, 13, 24);
}

/// By as much as the pointer has moved on the axis; what is let go is one step of undo.
void StaffView::shift_selected(QPointF p) {
  Adjustment by;
  by.value = std::clamp(axis().value_at(p.y()) - axis().value_at(m_press.y()), -100.0, 100.0);
  m_work.try_out(by);
}

/// Whether the value line or a limit of the bands can be taken there.
bool StaffView::moves_up_and_down(QPointF p) const {
  const bool on_line = std::abs(p.y() - line_y()) <= 6 && !m_hovered;
  return on_line || limit_rect(true).contains(p) || limit_rect(false).contains(p);
}

void StaffView::move_limit(QPointF p) {
  Bands bands = m_model.piece().bands;
  const double value = axis().value_at(p.y());
  // A limit stops short of the other.
  if (m_drag == Drag::LightLimit)
    bands.light_from = std::clamp(value, bands.dark_below + 1, 99.0);
  else
    bands.dark_below = std::clamp(value, 1.0, bands.light_from - 1);
  m_model.store().apply(
      tr("Move band limit"), [=](Piece piece) { return with_bands(std::move(piece), bands); },
      QStringLiteral("band limit %1").arg(m_limit_drag));
}

/// Dragged out of the window, the swatches go on as what other programs understand.
bool StaffView::drag_out() {
  if (!beyond_window(*this, m_pointer)) return false;
  m_drag = Drag::None;
  const auto& selected = m_work.selection();
  drag_swatches_out(*this, *current_set(m_model.piece()),
                    m_work.selected(m_dragged) ? selected : std::vector<Id>{m_dragged});
  update();
  return true;
}

/// Whether something there takes single colors.
bool StaffView::over_taker(QPoint global) const {
  const QWidget* under = window()->childAt(window()->mapFromGlobal(global));
  return under && under->property("takesColors").toBool();
}

void StaffView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  const Drag drag = m_drag;
  m_drag = Drag::None;
  m_pointer = event->position();
  switch (drag) {
  case Drag::Value:
    m_picks.end_pick();
    break;
  case Drag::Box:
    end_box();
    break;
  case Drag::Shift:
    m_work.apply_adjustment();
    break;
  case Drag::Swatch:
  case Drag::Family:
    m_moved ? end_move(drag, event->globalPosition().toPoint()) : end_click(drag);
    break;
  default:
    break;
  }
  update();
}

void StaffView::end_box() {
  if (m_moved) return m_work.select(swatches_in(QRectF(m_press, m_pointer).normalized()));
  const auto family = family_at(m_pointer);
  if (family && slot_rect(*family).contains(m_pointer))
    return m_laying.lay_current_into(families()[*family].id);
  if (family) m_laying.select_family(families()[*family].id);
  m_laying.select_swatch(0);
}

void StaffView::end_move(Drag drag, QPoint global) {
  const bool elsewhere =
      drag == Drag::Swatch &&
      (over_taker(global) || (m_model.session().desk == Desk::Try && !rect().contains(m_pointer.toPoint())));
  if (elsewhere) return emit droppedElsewhere(m_dragged, global);
  m_drag = drag;
  drop(m_pointer);
  m_drag = Drag::None;
}

void StaffView::end_click(Drag drag) {
  if (drag != Drag::Swatch) return;
  if (m_place == Place::Beside && m_modifiers == Qt::NoModifier)
    m_work.use_swatch(m_dragged);
  else
    m_work.click(m_dragged, m_modifiers);
}

void StaffView::drop(QPointF p) {
  SetWork& work = m_work;
  if (m_drag == Drag::Swatch && !work.selected(m_dragged)) m_laying.select_swatch(m_dragged);
  // Names of other sets take swatches too.
  const QWidget* under = window()->childAt(mapTo(window(), p.toPoint()));
  if (const Id set = under ? under->property("takesSwatchesOfSet").toULongLong() : 0;
      set != 0 && m_drag == Drag::Swatch) {
    const SwatchSet* other = find_set(m_model.piece(), set);
    if (other && other->families.empty()) {
      emit m_model.notice(tr("The other set has no family yet. Show it and add a family first."));
      return;
    }
    if (other) return work.move_to(other->families.front().id);
  }
  const auto over = family_at(p);
  if (!over) return;
  const Id family = families()[*over].id, dragged = m_dragged;
  if (m_drag == Drag::Swatch) {
    const Family* from = find_family(m_model.piece(), family);
    const bool stays = std::all_of(work.selection().begin(), work.selection().end(), [from](Id id) {
      return std::any_of(from->swatches.begin(), from->swatches.end(),
                         [id](const Swatch& s) { return s.id == id; });
    });
    if (!stays) work.move_to(family);
  }
  if (m_drag == Drag::Family) {
    const std::size_t place = *over + (p.x() > column_rect(*over).center().x() ? 1 : 0);
    m_model.store().apply(tr("Move family"),
                          [=](Piece piece) { return with_family_moved(std::move(piece), dragged, place); });
  }
}

void StaffView::mouseDoubleClickEvent(QMouseEvent* event) {
  const auto family = family_at(event->position());
  const Swatch* swatch = swatch_at(event->position());
  // A name is renamed, a color is taken up.
  if (swatch && m_place == Place::Window && swatch_name_rect(swatch->id).contains(event->position()))
    rename_swatch(swatch->id);
  else if (swatch)
    m_work.use_focus();
  else if (m_place == Place::Window && family && event->position().y() > axis().bottom())
    rename_family(*family);
}

void StaffView::leaveEvent(QEvent*) {
  m_hovered.reset();
  m_pointed = 0;
  update();
}

void StaffView::dragEnterEvent(QDragEnterEvent* event) {
  const QMimeData* clip = event->mimeData();
  if (clip->hasUrls()) return event->ignore(); // Files are the window's.
  if (!swatches_of(*clip).empty()) event->acceptProposedAction();
}

void StaffView::dropEvent(QDropEvent* event) {
  if (const auto over = family_at(event->position())) m_laying.select_family(families()[*over].id);
  const auto swatches = swatches_of(*event->mimeData());
  if (swatches.empty()) return;
  m_work.paste(swatches);
  event->acceptProposedAction();
}

// ---------------------------------------------------------------- keys

void StaffView::keyPressEvent(QKeyEvent* event) {
  const bool control = event->modifiers() & Qt::ControlModifier;
  m_pointed = 0;
  switch (event->key()) {
  case Qt::Key_F2:
    return rename_selected();
  case Qt::Key_Left:
    return control ? move_selected(-1) : step_family(-1);
  case Qt::Key_Right:
    return control ? move_selected(1) : step_family(1);
  case Qt::Key_Up:
    if (control) return step_swatch(1);
    break;
  case Qt::Key_Down:
    if (control) return step_swatch(-1);
    break;
  default:
    break;
  }
  if (!takes_set_key(m_laying, m_work, *event)) AxisWidget::keyPressEvent(event);
}

std::optional<std::size_t> StaffView::chosen_family() const {
  for (std::size_t i = 0; i < families().size(); ++i)
    if (families()[i].id == m_model.session().family) return i;
  return std::nullopt;
}

std::optional<std::size_t> StaffView::neighbor_family(int by) const {
  const auto chosen = chosen_family();
  const auto next = static_cast<std::ptrdiff_t>(chosen.value_or(0)) + by;
  if (!chosen || next < 0 || next >= static_cast<std::ptrdiff_t>(families().size())) return std::nullopt;
  return static_cast<std::size_t>(next);
}

void StaffView::step_family(int by) {
  const auto next = neighbor_family(by);
  if (!next) return;
  m_laying.select_family(families()[*next].id);
  m_laying.select_swatch(0);
}

/// Selects the next lighter (1) or darker (-1) swatch of the chosen family; from none, its darkest or
/// lightest.
void StaffView::step_swatch(int by) {
  const auto chosen = chosen_family();
  if (!chosen || families()[*chosen].swatches.empty()) return;
  const auto& all = families()[*chosen].swatches;
  std::vector<Swatch> by_value(all.begin(), all.end());
  std::stable_sort(by_value.begin(), by_value.end(),
                   [](const Swatch& a, const Swatch& b) { return value_of(a.color) < value_of(b.color); });
  const auto at = std::find_if(by_value.begin(), by_value.end(), [this](const Swatch& s) {
    return s.id == m_model.session().selection.focus();
  });
  const auto last = static_cast<std::ptrdiff_t>(by_value.size()) - 1;
  const std::ptrdiff_t from = at != by_value.end() ? at - by_value.begin() : by > 0 ? -1 : last + 1;
  m_laying.select_swatch(
      by_value[static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(from + by, 0, last))].id);
}

void StaffView::move_selected(int by) {
  if (const auto next = neighbor_family(by))
    m_work.move_to(families()[*next].id, {}, m_model.store().run_key(QStringLiteral("move swatches")));
}

// ---------------------------------------------------------------- menus

void StaffView::fill_swatch_menu(QMenu& menu, Id id) {
  SetWork& work = m_work;
  if (!work.selected(id)) m_laying.select_swatch(id);
  if (m_place == Place::Window) menu.addAction(tr("Rename swatch"), this, [=, this] { rename_swatch(id); });
  menu.addAction(tr("Replace with current color"), &work, &SetWork::replace_by_current);
  menu.addAction(tr("Duplicate"), &work, &SetWork::duplicate);
  menu.addAction(tr("Lock or unlock"), &work, &SetWork::switch_lock);
  menu.addAction(tr("Mark used or unused"), &work, &SetWork::switch_used);
  menu.addAction(tr("Split off as family"), &work, &SetWork::split_off);
  menu.addAction(tr("Delete"), &work, [&work] { work.remove(); });
}

void StaffView::fill_family_menu(QMenu& menu, std::size_t i) {
  const Id id = families()[i].id;
  menu.addAction(tr("Rename family"), this, [=, this] { rename_family(i); });
  if (i + 1 < families().size()) {
    const Id next = families()[i + 1].id;
    menu.addAction(tr("Merge with next family"), this, [=, this] {
      m_model.store().apply(tr("Merge families"),
                            [=](Piece p) { return with_families_merged(std::move(p), id, next); });
    });
  }
  menu.addAction(tr("Delete family and its swatches"), this, [=, this] {
    m_model.store().apply(tr("Delete family"), [=](Piece p) { return without_family(std::move(p), id); });
  });
}

/// Where a press begins a drag of the value it goes on doing so, however long it is held.
bool StaffView::offers_menu(QPointF p) const {
  if (swatch_at(p)) return true;
  return m_place == Place::Window && family_at(p) && !moves_up_and_down(p);
}

/// A menu asked for by key opens at the selected swatch, or at the chosen family.
QVariant StaffView::inputMethodQuery(Qt::InputMethodQuery query) const {
  if (query != Qt::ImCursorRectangle) return AxisWidget::inputMethodQuery(query);
  const QRectF chip = swatch_rect(m_model.session().selection.focus());
  if (!chip.isNull()) return chip.toRect();
  const auto family = chosen_family();
  return family ? name_rect(*family).toRect() : rect();
}

void StaffView::contextMenuEvent(QContextMenuEvent* event) {
  QMenu menu;
  if (const Swatch* s = swatch_at(event->pos()))
    fill_swatch_menu(menu, s->id);
  else if (const auto i = family_at(event->pos()); i && m_place == Place::Window)
    fill_family_menu(menu, *i);
  if (m_place == Place::Beside && menu.isEmpty()) return event->ignore();
  if (m_place == Place::Window) menu.addAction(tr("Add family"), this, &StaffView::add_family);
  menu.exec(event->globalPos());
}

QString StaffView::hint_at(QPointF p) const {
  if (shift_grip().contains(p)) return tr("Drag up or down to move all selected swatches in value.");
  const auto step = ramp_step_at(p);
  if (step)
    return tr("%1. Click to add it to the chosen family.")
        .arg(color_told(m_model.session().ramp[*step].color));
  const Swatch* s = swatch_at(p);
  if (!s)
    return tr("Click a column at the value line to add the current color. Drag over free space to select, "
              "drag the line to change the value.");
  const auto family = family_at(p);
  const QString home = family ? text(families()[*family].name) : QString();
  const QString note = s->note.empty() ? QString() : QStringLiteral(": ") + text(s->note);
  return tr("%1, %2, value %3%4, in %5. %6")
      .arg(tr("%1, %2").arg(text(s->name), color_name(s->color)), text(hex_of(s->color)))
      .arg(number(value_of(s->color), 1))
      .arg(note, home,
           m_place == Place::Window && m_model.session().desk == Desk::Grade
               ? tr("Click to select, double-click or press Enter to use the color, drag to move.")
               : tr("Click to use the color, drag to move."));
}

// ---------------------------------------------------------------- names

void StaffView::add_family() {
  QString name;
  for (int n = static_cast<int>(families().size()) + 1;; ++n) {
    name = tr("Family %1").arg(n);
    const bool taken = std::any_of(families().begin(), families().end(),
                                   [&](const Family& f) { return text(f.name) == name; });
    if (!taken) break;
  }
  if (!m_model.store().apply(tr("New family"),
                             [&](Piece p) { return with_family(std::move(p), name.toStdString()); }))
    return;
  m_laying.select_family(families().back().id);
  m_scroll->setValue(m_scroll->maximum());
  rename_family(families().size() - 1);
}

/// What is pointed at comes first: it need not be selected to get a name.
void StaffView::rename_selected() {
  const Swatch* pointed = m_pointed ? swatch_at(m_pointer) : nullptr; // Of the piece that is open now.
  if (pointed) return rename_swatch(pointed->id);
  if (m_model.session().selection.focus()) return rename_swatch(m_model.session().selection.focus());
  if (const auto chosen = chosen_family()) rename_family(*chosen);
}

void StaffView::rename_family(std::size_t i) {
  const Id id = families()[i].id;
  m_editor->edit(name_rect(i), text(families()[i].name),
                 [=, this](const QString& name) { m_work.name_family(id, name); });
}

void StaffView::rename_swatch(Id swatch) {
  const Swatch* s = find_swatch(m_model.piece(), swatch);
  if (!s) return;
  m_editor->edit(swatch_rect(swatch), text(s->name),
                 [=, this](const QString& name) { m_work.name_swatch(swatch, name); });
}

void StaffView::end_drag() {
  if (std::exchange(m_drag, Drag::None) == Drag::Shift) m_work.apply_adjustment();
  update();
}

/// What is tried out is put back with the session.
void StaffView::ask_back() {
  if (m_drag == Drag::Shift) m_drag = Drag::None;
}

} // namespace zc
