// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/staff_view.h"

#include "app/band/lanes.h"
#include "app/band/set_keys.h"
#include "app/seams/clipboard.h"
#include "app/seams/drag_out.h"
#include "app/theme/controls.h"
#include "app/theme/name_editor.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/mixing/paint_reading.h"
#include "model/proof/press_reading.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/study/try_reading.h"
#include "model/work/set_work.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QMimeData>
#include <QMouseEvent>
#include <QScrollBar>

namespace zc {
namespace {

/// Columns narrow down to this before a scroll bar comes.
constexpr double kWidestColumn = 92, kNarrowestColumn = 26, kSwatchHeight = 24;
/// At Grade.
constexpr double kWidestOfWide = 150, kNarrowestOfWide = 40;
/// At the right, for the counts of light, middle, dark, where no swatch stands.
constexpr double kGutter = 30, kGutterOfWide = 104;
/// Free at each side of a column; less where it is narrow.
constexpr double kColumnGap = 12, kNarrowGap = 4;
/// Beside the staff while a string is previewed.
constexpr double kStringLane = 40;
/// A band limit can be taken this far off.
constexpr double kLimitReach = 5;

} // namespace

StaffView::StaffView(Studio& space, Picking& picking, Laying& laying, SetWork& work, PressReader& press,
                     PaintReader& paints, TryReader& tries, Place place, QWidget* parent)
    : AxisWidget(space, picking, paints, parent), m_laying(laying), m_work(work), m_reader(press),
      m_tries(tries), m_place(place), m_scroll(new QScrollBar(Qt::Horizontal, this)),
      m_editor(new NameEditor(QStringLiteral("nameEditor"), this)) {
  setObjectName(QStringLiteral("staff"));
  setAccessibleName(tr("Staff of the current set"));
  setStatusTip(tr("The set by value"));
  setMouseTracking(true);
  setAcceptDrops(true);
  m_scroll->hide();
  connect(m_scroll, &QScrollBar::valueChanged, this, qOverload<>(&QWidget::update));
  space.hear({Part::Sets, Part::Geometry, Part::String, Part::Eyes, Part::Desk, Part::SetView, Part::Sharing,
              Part::Versions, Part::Trying, Part::Reference, Part::Steps, Part::Selection},
             this, &StaffView::follow);
  connect(&work, &SetWork::reportChanged, this, &StaffView::follow);
  connect(&work, &SetWork::previewChanged, this, &StaffView::follow);
  // At Try the swatches tell how much of the picture they cover.
  const auto tell_use = [this] {
    if (m_space.session().desk == Desk::Try) update();
  };
  connect(&tries, &TryReader::changed, this, tell_use);
  connect(&tries, &TryReader::hoveredChanged, this, tell_use);
  connect(&space.photos(), &PhotoLibrary::changed, this, tell_use);
  space.hear({Part::References}, this, tell_use);
}

// ---------------------------------------------------------------- layout

QRectF StaffView::staff_rect() const {
  const double lane = m_space.session().string.empty() ? 0 : kStringLane;
  return {8, axis().top(), width() - 8.0 - kMargin - lane - gutter(), axis().length()};
}

QRectF StaffView::string_rect(std::size_t step) const {
  const auto& string = m_space.session().string;
  const double y = axis().y_of(value_of(string.at(step).color));
  const double height = string.size() > 12 ? 10 : 16;
  return {staff_rect().right() + gutter() + 10, y - height / 2, kStringLane - 8, height};
}

std::optional<std::size_t> StaffView::string_step_at(QPointF p) const {
  for (std::size_t i = 0; i < m_space.session().string.size(); ++i)
    if (string_rect(i).contains(p)) return i;
  return std::nullopt;
}

double StaffView::gutter() const {
  if (m_place == Place::Beside) return 0;
  return wide() ? kGutterOfWide : kGutter;
}

double StaffView::column_gap() const { return std::clamp(column_width() / 6, kNarrowGap, kColumnGap); }

/// Where the middle of a swatch stands; at the ends of the axis it stays inside the frame.
double StaffView::chip_y(double value) const {
  return std::clamp(axis().y_of(value), axis().top() + kSwatchHeight / 2,
                    axis().bottom() - kSwatchHeight / 2);
}

double StaffView::column_width() const {
  const auto n = static_cast<double>(std::max<std::size_t>(families().size(), 1));
  const double room = staff_rect().width() - 8;
  return wide() ? std::clamp(room / n, kNarrowestOfWide, kWidestOfWide)
                : std::clamp(room / n, kNarrowestColumn, kWidestColumn);
}

QRectF StaffView::column_rect(std::size_t family) const {
  const double left =
      staff_rect().left() + 4 + column_width() * static_cast<double>(family) - m_scroll->value();
  return {left, axis().top(), column_width(), axis().length()};
}

QRectF StaffView::name_rect(std::size_t family) const {
  const QRectF c = column_rect(family);
  return {c.left() + 2, axis().bottom() + 2, c.width() - 4, 20};
}

QRectF StaffView::slot_rect(std::size_t family) const {
  const QRectF c = column_rect(family);
  const double w = c.width() - 2 * column_gap();
  return {c.center().x() - w / 2, chip_y(m_space.session().at.at.v) - kSwatchHeight / 2, w, kSwatchHeight};
}

QRectF StaffView::limit_rect(bool light) const {
  if (!wide()) return {};
  const Bands& bands = m_space.piece().bands;
  const double y = axis().y_of(light ? bands.light_from : bands.dark_below);
  return {staff_rect().right(), y - kLimitReach, kGutterOfWide, 2 * kLimitReach};
}

void StaffView::lay_out_chips() {
  m_chips.clear();
  m_chip_of.clear();
  const double w = column_width() - 2 * column_gap(), left = staff_rect().left() + 4 + column_gap();
  for (std::size_t i = 0; i < families().size(); ++i)
    for (const auto& s : families()[i].swatches) {
      const auto preview = m_work.preview().find(s.id);
      const Srgb shown = m_work.shown(s);
      const bool held = preview != m_work.preview().end() && preview->second.held;
      const double y = chip_y(value_of(shown)) - kSwatchHeight / 2;
      m_chip_of[s.id] = m_chips.size();
      m_chips.push_back(
          {&s, i, {left + column_width() * static_cast<double>(i), y, w, kSwatchHeight}, shown, held});
    }
  for (std::size_t from = 0, to = 0; from < m_chips.size(); from = to) {
    while (to < m_chips.size() && m_chips[to].family == m_chips[from].family) ++to;
    part_into_lanes(from, to);
  }
}

/// So that no swatch hides another of its value.
void StaffView::part_into_lanes(std::size_t from, std::size_t to) {
  constexpr double kMayCover = 5; // Names stay whole.
  constexpr double kNarrowestChip = 10;
  std::vector<QRectF*> order;
  order.reserve(to - from);
  for (std::size_t i = from; i < to; ++i) order.push_back(&m_chips[i].rect);
  std::stable_sort(order.begin(), order.end(),
                   [](const QRectF* p, const QRectF* q) { return p->top() < q->top(); });
  std::vector<ChipSpan> spans;
  spans.reserve(order.size());
  for (const QRectF* r : order) spans.push_back({r->top() + kMayCover, r->bottom()});
  const auto lanes = lanes_of(
      spans, static_cast<std::size_t>(std::max(1.0, (column_width() - 2 * column_gap()) / kNarrowestChip)));
  for (std::size_t i = 0; i < order.size(); ++i) {
    QRectF& r = *order[i];
    const double width = r.width() / static_cast<double>(lanes[i].of);
    r = QRectF(r.left() + width * static_cast<double>(lanes[i].lane), r.top(), width, r.height());
  }
}

QRectF StaffView::scrolled(const Chip& chip) const { return chip.rect.translated(-m_scroll->value(), 0); }

QRectF StaffView::swatch_rect(Id swatch) const {
  const auto at = m_chip_of.find(swatch);
  return at == m_chip_of.end() ? QRectF() : scrolled(m_chips[at->second]);
}

const Swatch* StaffView::swatch_at(QPointF p) const {
  const Swatch* found = nullptr;
  double nearest = 1e9;
  for (const auto& chip : m_chips) {
    const QRectF r = scrolled(chip);
    const double away = std::abs(r.center().y() - p.y());
    if (!r.contains(p) || away > nearest) continue;
    nearest = away;
    found = chip.swatch;
  }
  return found;
}

std::vector<Id> StaffView::swatches_in(const QRectF& box) const {
  std::vector<Id> out;
  for (const auto& chip : m_chips)
    if (scrolled(chip).intersects(box)) out.push_back(chip.swatch->id);
  return out;
}

std::optional<std::size_t> StaffView::family_at(QPointF p) const {
  const QRectF r = staff_rect();
  if (p.x() < r.left() || p.x() >= r.right()) return std::nullopt;
  const double along = p.x() - column_rect(0).left();
  const auto i = static_cast<std::size_t>(std::max(0.0, along) / column_width());
  if (along < 0 || i >= families().size()) return std::nullopt;
  return i;
}

void StaffView::follow() {
  const SwatchSet* set = current_set(m_space.piece());
  m_families = set ? set->families : List<Family>();
  const double needed = column_width() * static_cast<double>(families().size()) + 8;
  const int over = std::max(0, static_cast<int>(std::ceil(needed - staff_rect().width())));
  m_scroll->setRange(0, over);
  m_scroll->setPageStep(static_cast<int>(staff_rect().width()));
  m_scroll->setSingleStep(static_cast<int>(column_width()));
  m_scroll->setVisible(over > 0);
  m_scroll->setGeometry(static_cast<int>(staff_rect().left()), height() - 8,
                        static_cast<int>(staff_rect().width()), 8);
  lay_out_chips();
  m_links.reset();
  // Made here where it is going to be painted, so that painting finds it ready.
  if (wide() && isVisible()) static_cast<void>(m_work.report());
  update();
}

void StaffView::showEvent(QShowEvent* event) {
  AxisWidget::showEvent(event);
  follow();
}

void StaffView::resizeEvent(QResizeEvent* event) {
  AxisWidget::resizeEvent(event);
  follow();
}

// ---------------------------------------------------------------- mouse

void StaffView::mousePressEvent(QMouseEvent* event) {
  m_press = m_pointer = event->position();
  m_modifiers = event->modifiers();
  m_moved = false;
  if (event->button() != Qt::LeftButton) return;
  setFocus(Qt::MouseFocusReason);
  if (const auto step = string_step_at(m_press)) {
    const StringStep taken = m_space.session().string[*step];
    return m_laying.lay_color({taken.color, taken.at});
  }
  const auto family = family_at(m_press);
  if (const Swatch* s = swatch_at(m_press)) {
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
  if (m_drag == Drag::Swatch && m_moved && drag_out()) return;
  const bool on_line = std::abs(m_pointer.y() - line_y()) <= 6 && !m_hovered;
  const bool on_limit = limit_rect(true).contains(m_pointer) || limit_rect(false).contains(m_pointer);
  setCursor(on_line || on_limit || m_drag == Drag::Value ? Qt::SizeVerCursor : Qt::ArrowCursor);
  if (m_space.session().desk == Desk::Try) {
    const Swatch* under = swatch_at(m_pointer);
    m_tries.hover(under ? under->id : 0, true);
  }
  say_hint(*this, hint_at(m_pointer));
  update();
}

void StaffView::move_limit(QPointF p) {
  Bands bands = m_space.piece().bands;
  const double value = axis().value_at(p.y());
  // A limit stops short of the other.
  if (m_drag == Drag::LightLimit)
    bands.light_from = std::clamp(value, bands.dark_below + 1, 99.0);
  else
    bands.dark_below = std::clamp(value, 1.0, bands.light_from - 1);
  m_space.store().apply(
      tr("Move band limit"), [=](Piece piece) { return with_bands(std::move(piece), bands); },
      QStringLiteral("band limit %1").arg(m_limit_drag));
}

/// Out of the window the swatches go on as what other programs understand.
bool StaffView::drag_out() {
  if (!beyond_window(*this, m_pointer)) return false;
  m_drag = Drag::None;
  const auto& selected = m_work.selection();
  drag_swatches_out(*this, *current_set(m_space.piece()),
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
  const auto family = family_at(m_pointer);
  if (drag == Drag::Value) {
    m_picks.end_pick();
  } else if (drag == Drag::Box && m_moved) {
    m_work.select(swatches_in(QRectF(m_press, m_pointer).normalized()));
  } else if (drag == Drag::Box && family && slot_rect(*family).contains(m_pointer)) {
    m_laying.lay_current_into(families()[*family].id);
  } else if (drag == Drag::Box) {
    if (family) m_laying.select_family(families()[*family].id);
    m_laying.select_swatch(0);
  } else if (m_moved && drag == Drag::Swatch && !rect().contains(m_pointer.toPoint()) &&
             (m_space.session().desk == Desk::Try || over_taker(event->globalPosition().toPoint()))) {
    emit droppedElsewhere(m_dragged, event->globalPosition().toPoint());
  } else if (m_moved && (drag == Drag::Swatch || drag == Drag::Family)) {
    m_drag = drag;
    drop(m_pointer);
    m_drag = Drag::None;
  } else if (drag == Drag::Swatch) {
    if (m_place == Place::Beside && m_modifiers == Qt::NoModifier)
      m_work.take_up_swatch(m_dragged);
    else
      m_work.click(m_dragged, m_modifiers);
  }
  update();
}

void StaffView::drop(QPointF p) {
  SetWork& work = m_work;
  if (m_drag == Drag::Swatch && !work.selected(m_dragged)) m_laying.select_swatch(m_dragged);
  // Names of other sets take swatches too.
  const QWidget* under = window()->childAt(mapTo(window(), p.toPoint()));
  if (const Id set = under ? under->property("takesSwatchesOfSet").toULongLong() : 0;
      set != 0 && m_drag == Drag::Swatch) {
    const SwatchSet* other = find_set(m_space.piece(), set);
    if (other && other->families.empty()) {
      emit m_space.notice(tr("That set has no family yet; show it and add one first."));
      return;
    }
    if (other) return work.move_to(other->families.front().id);
  }
  const auto over = family_at(p);
  if (!over) return;
  const Id family = families()[*over].id, dragged = m_dragged;
  if (m_drag == Drag::Swatch) {
    const Family* from = find_family(m_space.piece(), family);
    const bool stays = std::all_of(work.selection().begin(), work.selection().end(), [from](Id id) {
      return std::any_of(from->swatches.begin(), from->swatches.end(),
                         [id](const Swatch& s) { return s.id == id; });
    });
    if (!stays) work.move_to(family);
  }
  if (m_drag == Drag::Family) {
    const std::size_t place = *over + (p.x() > column_rect(*over).center().x() ? 1 : 0);
    m_space.store().apply(tr("Move family"),
                          [=](Piece piece) { return with_family_moved(std::move(piece), dragged, place); });
  }
}

void StaffView::mouseDoubleClickEvent(QMouseEvent* event) {
  const auto family = family_at(event->position());
  if (swatch_at(event->position()))
    m_work.take_up_focus();
  else if (m_place == Place::Window && family && event->position().y() > axis().bottom())
    rename_family(*family);
}

void StaffView::leaveEvent(QEvent*) {
  m_hovered.reset();
  update();
}

void StaffView::dragEnterEvent(QDragEnterEvent* event) {
  const QMimeData* clip = event->mimeData();
  if (clip->hasUrls()) return event->ignore(); // Files are the window's.
  if (clip->hasColor() || clip->hasText()) event->acceptProposedAction();
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
    if (families()[i].id == m_space.session().family) return i;
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

/// To the next lighter (1) or darker (-1) swatch of the chosen family; from none, to its darkest or lightest.
void StaffView::step_swatch(int by) {
  const auto chosen = chosen_family();
  if (!chosen || families()[*chosen].swatches.empty()) return;
  const auto& all = families()[*chosen].swatches;
  std::vector<Swatch> by_value(all.begin(), all.end());
  std::stable_sort(by_value.begin(), by_value.end(),
                   [](const Swatch& a, const Swatch& b) { return value_of(a.color) < value_of(b.color); });
  const auto at = std::find_if(by_value.begin(), by_value.end(), [this](const Swatch& s) {
    return s.id == m_space.session().selection.focus();
  });
  const auto last = static_cast<std::ptrdiff_t>(by_value.size()) - 1;
  const std::ptrdiff_t from = at != by_value.end() ? at - by_value.begin() : by > 0 ? -1 : last + 1;
  m_laying.select_swatch(
      by_value[static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(from + by, 0, last))].id);
}

void StaffView::move_selected(int by) {
  if (const auto next = neighbor_family(by)) m_work.move_to(families()[*next].id);
}

// ---------------------------------------------------------------- menus

void StaffView::fill_swatch_menu(QMenu& menu, Id id) {
  SetWork& work = m_work;
  if (!work.selected(id)) m_laying.select_swatch(id);
  if (m_place == Place::Window) menu.addAction(tr("Rename swatch"), this, [=, this] { rename_swatch(id); });
  menu.addAction(tr("Replace by the current color"), &work, &SetWork::replace_by_current);
  menu.addAction(tr("Duplicate"), &work, &SetWork::duplicate);
  menu.addAction(tr("Lock or unlock"), &work, &SetWork::switch_lock);
  menu.addAction(tr("Mark used or unused"), &work, &SetWork::switch_used);
  menu.addAction(tr("Split off as a family"), &work, &SetWork::split_off);
  menu.addAction(tr("Delete"), &work, [&work] { work.remove(); });
}

void StaffView::fill_family_menu(QMenu& menu, std::size_t i) {
  const Id id = families()[i].id;
  menu.addAction(tr("Rename family"), this, [=, this] { rename_family(i); });
  if (i + 1 < families().size()) {
    const Id next = families()[i + 1].id;
    menu.addAction(tr("Merge with the next family"), this, [=, this] {
      m_space.store().apply(tr("Merge families"),
                            [=](Piece p) { return with_families_merged(std::move(p), id, next); });
    });
  }
  menu.addAction(tr("Delete family and its swatches"), this, [=, this] {
    m_space.store().apply(tr("Delete family"), [=](Piece p) { return without_family(std::move(p), id); });
  });
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
  const auto step = string_step_at(p);
  if (step)
    return tr("%1. Click lays it into the chosen family.")
        .arg(color_told(m_space.session().string[*step].color));
  const Swatch* s = swatch_at(p);
  if (!s)
    return tr(
        "Click a column at the value line to lay the current color; drag over free ground to select; drag "
        "the line to change the value.");
  const auto family = family_at(p);
  const QString home = family ? text(families()[*family].name) : QString();
  const QString note = s->note.empty() ? QString() : QStringLiteral(": ") + text(s->note);
  return tr("%1, %2, value %3%4, in %5. %6")
      .arg(text(s->name), text(hex_of(s->color)))
      .arg(number(value_of(s->color), 1))
      .arg(note, home,
           m_place == Place::Window && m_space.session().desk == Desk::Grade
               ? tr("Click selects it, with Enter or a double click its color is taken up; drag moves it.")
               : tr("Click takes it up, drag moves it."));
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
  if (!m_space.store().apply(tr("New family"),
                             [&](Piece p) { return with_family(std::move(p), name.toStdString()); }))
    return;
  m_laying.select_family(families().back().id);
  m_scroll->setValue(m_scroll->maximum());
  rename_family(families().size() - 1);
}

void StaffView::rename_selected() {
  if (m_space.session().selection.focus()) return rename_swatch(m_space.session().selection.focus());
  if (const auto chosen = chosen_family()) rename_family(*chosen);
}

void StaffView::rename_family(std::size_t i) {
  const Id id = families()[i].id;
  m_editor->edit(name_rect(i), text(families()[i].name),
                 [=, this](const QString& name) { m_work.name_family(id, name); });
}

void StaffView::rename_swatch(Id swatch) {
  const Swatch* s = find_swatch(m_space.piece(), swatch);
  if (!s) return;
  m_editor->edit(swatch_rect(swatch), text(s->name),
                 [=, this](const QString& name) { m_work.name_swatch(swatch, name); });
}

void StaffView::call_off() {
  m_drag = Drag::None;
  update();
}

} // namespace zc
