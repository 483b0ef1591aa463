#include "app/band/staff_view.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/piece/edits.h"
#include "core/piece/grading.h"

#include <QApplication>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMenu>
#include <QMouseEvent>
#include <QScrollBar>
#include <QShortcut>
#include <QToolTip>

namespace zc {
namespace {

constexpr double kWidestColumn = 92, kNarrowestColumn = 56, kSwatchHeight = 24;
/// Kept free at the right while there is room, for the counts of light, middle, dark.
constexpr double kCountRoom = 52;
/// Beside the staff while a string is previewed.
constexpr double kStringLane = 40;

QString text(const std::string& s) { return QString::fromStdString(s); }

QString counted(qsizetype n) { return n == 1 ? QObject::tr("1 swatch") : QObject::tr("%1 swatches").arg(n); }

} // namespace

StaffView::StaffView(Workbench& bench, QWidget* parent)
    : AxisWidget(bench, parent), m_scroll(new QScrollBar(Qt::Horizontal, this)) {
  setObjectName(QStringLiteral("staff"));
  setAccessibleName(tr("Staff of the current set"));
  setMouseTracking(true);
  m_scroll->hide();
  connect(m_scroll, &QScrollBar::valueChanged, this, qOverload<>(&QWidget::update));
  connect(&bench, &Workbench::pieceChanged, this, &StaffView::follow);
  connect(&bench, &Workbench::stringChanged, this, &StaffView::follow);
}

const std::vector<Family>& StaffView::families() const {
  static const std::vector<Family> none;
  const SwatchSet* set = current_set(m_bench.piece());
  return set ? set->families : none;
}

QRectF StaffView::staff_rect() const {
  const double lane = m_bench.session().string.empty() ? 0 : kStringLane;
  return {8, axis().top(), width() - 8.0 - kMargin - lane, axis().length()};
}

QRectF StaffView::string_rect(std::size_t step) const {
  const auto& string = m_bench.session().string;
  const double y = axis().y_of(value_of(string.at(step).color));
  const double height = string.size() > 12 ? 10 : 16;
  return {staff_rect().right() + 10, y - height / 2, kStringLane - 8, height};
}

std::optional<std::size_t> StaffView::string_step_at(QPointF p) const {
  for (std::size_t i = 0; i < m_bench.session().string.size(); ++i)
    if (string_rect(i).contains(p)) return i;
  return std::nullopt;
}

double StaffView::column_width() const {
  const auto n = std::max<std::size_t>(families().size(), 1);
  return std::clamp((staff_rect().width() - 8 - kCountRoom) / static_cast<double>(n), kNarrowestColumn,
                    kWidestColumn);
}

QRectF StaffView::column_rect(std::size_t family) const {
  const double left =
      staff_rect().left() + 4 + column_width() * static_cast<double>(family) - m_scroll->value();
  return {left, axis().top(), column_width(), axis().length()};
}

QRectF StaffView::name_rect(std::size_t family) const {
  const QRectF c = column_rect(family);
  return {c.left() + 1, axis().bottom() + 2, c.width() - 2, 20};
}

QRectF StaffView::slot_rect(std::size_t family) const {
  const QRectF c = column_rect(family);
  const double w = c.width() - 24;
  return {c.center().x() - w / 2, line_y() - kSwatchHeight / 2, w, kSwatchHeight};
}

QRectF StaffView::swatch_rect(Id swatch) const {
  for (std::size_t i = 0; i < families().size(); ++i)
    for (const auto& s : families()[i].swatches) {
      if (s.id != swatch) continue;
      const QRectF c = column_rect(i);
      const double w = c.width() - 24;
      return {c.center().x() - w / 2, axis().y_of(value_of(s.color)) - kSwatchHeight / 2, w, kSwatchHeight};
    }
  return {};
}

const Swatch* StaffView::swatch_at(QPointF p) const {
  const Swatch* found = nullptr;
  double nearest = 1e9;
  for (const auto& family : families())
    for (const auto& s : family.swatches) {
      const QRectF r = swatch_rect(s.id);
      const double away = std::abs(r.center().y() - p.y());
      if (!r.contains(p) || away > nearest) continue;
      nearest = away;
      found = &s;
    }
  return found;
}

std::optional<std::size_t> StaffView::family_at(QPointF p) const {
  for (std::size_t i = 0; i < families().size(); ++i) {
    const QRectF c = column_rect(i);
    if (p.x() >= c.left() && p.x() < c.right() && staff_rect().contains(QPointF(p.x(), axis().top())))
      return i;
  }
  return std::nullopt;
}

void StaffView::follow() {
  const double needed = column_width() * static_cast<double>(families().size()) + 8;
  const int over = std::max(0, static_cast<int>(std::ceil(needed - staff_rect().width())));
  m_scroll->setRange(0, over);
  m_scroll->setPageStep(static_cast<int>(staff_rect().width()));
  m_scroll->setVisible(over > 0);
  m_scroll->setGeometry(static_cast<int>(staff_rect().left()), height() - 16,
                        static_cast<int>(staff_rect().width()), 14);
  update();
}

void StaffView::resizeEvent(QResizeEvent* event) {
  AxisWidget::resizeEvent(event);
  follow();
}

// ---------------------------------------------------------------- painting

void StaffView::paint_bands(QPainter& painter) {
  const Bands& bands = m_bench.piece().bands;
  const QRectF r = staff_rect();
  const double light = axis().y_of(bands.light_from), dark = axis().y_of(bands.dark_below);
  painter.fillRect(r, theme().field);
  painter.fillRect(QRectF(r.left(), light, r.width(), dark - light), theme().field_alt);
}

void StaffView::paint_family(QPainter& painter, std::size_t i) {
  const Family& family = families()[i];
  const QRectF c = column_rect(i);
  const bool chosen = family.id == m_bench.session().family;
  if (!family.swatches.empty()) {
    const auto [low, high] = std::minmax_element(
        family.swatches.begin(), family.swatches.end(),
        [](const Swatch& a, const Swatch& b) { return value_of(a.color) < value_of(b.color); });
    painter.setPen(QPen(theme().line, 1.5));
    painter.drawLine(QPointF(c.center().x(), axis().y_of(value_of(high->color))),
                     QPointF(c.center().x(), axis().y_of(value_of(low->color))));
  }
  for (const auto& s : family.swatches) {
    const QRectF r = swatch_rect(s.id);
    draw_chip(painter, r, shown_color(s.color, m_bench.session().values_only), theme().field);
    if (s.id != m_bench.session().swatch) continue;
    QPainterPath frame;
    frame.addRect(r.adjusted(-3, -3, 3, 3));
    draw_double_line(painter, frame, 1.5);
  }
  const QFont font = chosen ? caption_strong_font() : caption_font();
  painter.setFont(font);
  painter.setPen(chosen ? theme().strong : theme().quiet);
  painter.drawText(
      name_rect(i), Qt::AlignHCenter | Qt::AlignVCenter,
      QFontMetrics(font).elidedText(text(family.name), Qt::ElideRight, static_cast<int>(c.width() - 4)));
}

void StaffView::paint_dragged(QPainter& painter) {
  if (!m_moved || (m_drag != Drag::Swatch && m_drag != Drag::Family)) return;
  const auto over = family_at(m_pointer);
  if (m_drag == Drag::Swatch) {
    const Swatch* s = find_swatch(m_bench.piece(), m_dragged);
    if (!s) return;
    QRectF r = swatch_rect(m_dragged);
    r.moveCenter({m_pointer.x(), r.center().y()});
    painter.fillRect(r, shown_color(s->color, m_bench.session().values_only));
  }
  if (!over) return;
  const QRectF c = column_rect(*over);
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1, Qt::DashLine));
  painter.drawRect(c.adjusted(2, 2, -2, -2));
}

/// Not laid yet, so without a ground of its own: steps on the same axis, joined by a dotted line.
void StaffView::paint_string(QPainter& painter) {
  const auto& string = m_bench.session().string;
  if (string.empty()) return;
  const double x = string_rect(0).center().x();
  painter.setPen(QPen(theme().quiet, 1, Qt::DotLine));
  painter.drawLine(QPointF(x, string_rect(0).center().y()),
                   QPointF(x, string_rect(string.size() - 1).center().y()));
  for (std::size_t i = 0; i < string.size(); ++i) {
    const QColor color = shown_color(string[i].color, m_bench.session().values_only);
    draw_chip(painter, string_rect(i), color, theme().stage);
    if (!string[i].held) continue;
    painter.setPen(Qt::NoPen);
    painter.setBrush(readable_on(color));
    painter.drawEllipse(string_rect(i).center(), 2, 2);
  }
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  painter.drawText(QRectF(x - 30, axis().bottom() + 2, 60, 20), Qt::AlignHCenter | Qt::AlignVCenter,
                   m_bench.session().desk == Desk::Observe ? tr("taken") : tr("string"));
}

void StaffView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const QRectF r = staff_rect();
  const SwatchSet* set = current_set(m_bench.piece());
  paint_bands(painter);

  painter.setFont(heading_font());
  painter.setPen(theme().text);
  const QRectF head(r.left(), 0, r.width(), ValueAxis::kHead - 6);
  painter.drawText(head, Qt::AlignLeft | Qt::AlignBottom, tr("Set"));
  if (set) {
    const int indent = QFontMetrics(heading_font()).horizontalAdvance(tr("Set")) + 10;
    const QString count = counted(static_cast<qsizetype>(swatch_count(*set)));
    const QFontMetrics metrics(caption_font());
    const QString name =
        metrics.elidedText(text(set->name), Qt::ElideRight,
                           static_cast<int>(head.width()) - indent - metrics.horizontalAdvance(count) - 16);
    painter.setFont(caption_font());
    painter.setPen(theme().quiet);
    painter.drawText(head.adjusted(indent, 0, 0, 0), Qt::AlignLeft | Qt::AlignBottom, name + ", " + count);
  }

  painter.save();
  painter.setClipRect(QRectF(r.left(), 0, r.width(), height()));
  for (std::size_t i = 0; i < families().size(); ++i) paint_family(painter, i);
  paint_dragged(painter);
  painter.restore();

  if (set) {
    const BandCounts n = band_counts(*set, m_bench.piece().bands);
    painter.setFont(caption_font());
    painter.setPen(theme().quiet);
    const auto label = [&](double y, const QString& name, int count) {
      const QString words = name + " " + QString::number(count);
      const double width = QFontMetrics(caption_font()).horizontalAdvance(words) + 6;
      // Swatches may stand under it where the staff is full.
      painter.fillRect(QRectF(r.right() - 4 - width, y + 1, width, 16),
                       name == tr("middle") ? theme().field_alt : theme().field);
      painter.drawText(QRectF(r.right() - 90, y, 83, 18), Qt::AlignRight | Qt::AlignVCenter, words);
    };
    label(r.top() + 3, tr("light"), n.light);
    label(axis().y_of(m_bench.piece().bands.light_from) + 3, tr("middle"), n.middle);
    label(axis().y_of(m_bench.piece().bands.dark_below) + 3, tr("dark"), n.dark);
  }
  if (families().empty()) {
    painter.setFont(text_font());
    painter.setPen(theme().quiet);
    painter.drawText(r.adjusted(20, 0, -20, 0), Qt::AlignCenter | Qt::TextWordWrap,
                     tr("No swatches yet. Pick a color, then lay it here with Ctrl+L."));
  }

  paint_string(painter);
  draw_value_line(painter, line_y(), 0, width() - kMargin);
  if (m_hovered && m_drag == Drag::None && *m_hovered < families().size() && !swatch_at(m_pointer)) {
    const QRectF slot = slot_rect(*m_hovered);
    painter.fillRect(slot, shown_color(m_bench.session().color, m_bench.session().values_only));
    QPainterPath frame;
    frame.addRect(slot);
    draw_double_line(painter, frame, 1.0);
    painter.setPen(readable_on(shown_color(m_bench.session().color, m_bench.session().values_only)));
    painter.setFont(caption_font());
    painter.drawText(slot, Qt::AlignCenter, tr("lay"));
  }
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(r.adjusted(-1.5, -1.5, 1.5, 1.5));
}

// ---------------------------------------------------------------- mouse and keys

void StaffView::mousePressEvent(QMouseEvent* event) {
  m_press = m_pointer = event->position();
  m_moved = false;
  if (event->button() != Qt::LeftButton) return;
  if (const auto step = string_step_at(m_press)) {
    const StringStep taken = m_bench.session().string[*step];
    return m_bench.lay_color({taken.color, taken.at});
  }
  const auto family = family_at(m_press);
  if (const Swatch* s = swatch_at(m_press)) {
    m_drag = Drag::Swatch;
    m_dragged = s->id;
    return;
  }
  if (family && slot_rect(*family).contains(m_press)) {
    m_bench.lay_current_into(families()[*family].id);
    return;
  }
  if (family && m_press.y() > axis().bottom()) {
    m_drag = Drag::Family;
    m_dragged = families()[*family].id;
    m_bench.select_family(m_dragged);
    return;
  }
  if (std::abs(m_press.y() - line_y()) <= 6) {
    m_drag = Drag::Value;
    m_bench.begin_pick();
    return;
  }
  if (family) m_bench.select_family(families()[*family].id);
  m_bench.select_swatch(0);
}

void StaffView::mouseMoveEvent(QMouseEvent* event) {
  m_pointer = event->position();
  m_hovered = m_pointer.y() < axis().bottom() ? family_at(m_pointer) : std::nullopt;
  if (event->buttons() & Qt::LeftButton &&
      (m_pointer - m_press).manhattanLength() >= QApplication::startDragDistance())
    m_moved = true;
  if (m_drag == Drag::Value) m_bench.pick_value(axis().value_at(m_pointer.y()));
  const bool on_line = std::abs(m_pointer.y() - line_y()) <= 6 && !m_hovered;
  setCursor(on_line || m_drag == Drag::Value ? Qt::SizeVerCursor : Qt::ArrowCursor);
  update();
}

void StaffView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  const Drag drag = m_drag;
  m_drag = Drag::None;
  if (drag == Drag::Value)
    m_bench.end_pick();
  else if (m_moved) {
    m_drag = drag;
    drop(event->position());
    m_drag = Drag::None;
  } else if (drag == Drag::Swatch) {
    if (const Swatch* s = find_swatch(m_bench.piece(), m_dragged)) {
      m_bench.select_swatch(s->id);
      m_bench.take_up(s->color, s->picked);
    }
  }
  update();
}

void StaffView::drop(QPointF p) {
  const auto over = family_at(p);
  if (!over) return;
  const Id family = families()[*over].id, dragged = m_dragged;
  if (m_drag == Drag::Swatch) {
    m_bench.store().apply(tr("Move swatch"),
                          [=](Piece piece) { return with_swatches_moved(std::move(piece), {dragged}, family); });
    m_bench.select_swatch(dragged);
  }
  if (m_drag == Drag::Family) {
    const std::size_t place = *over + (p.x() > column_rect(*over).center().x() ? 1 : 0);
    m_bench.store().apply(tr("Move family"),
                          [=](Piece piece) { return with_family_moved(std::move(piece), dragged, place); });
  }
}

void StaffView::mouseDoubleClickEvent(QMouseEvent* event) {
  const auto family = family_at(event->position());
  if (const Swatch* s = swatch_at(event->position()))
    rename_swatch(s->id);
  else if (family && event->position().y() > axis().bottom())
    rename_family(*family);
}

void StaffView::keyPressEvent(QKeyEvent* event) {
  const bool control = event->modifiers() & Qt::ControlModifier;
  switch (event->key()) {
  case Qt::Key_Delete:
  case Qt::Key_Backspace:
    return m_bench.remove_selected_swatch();
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
  case Qt::Key_Return:
  case Qt::Key_Enter:
    if (const Swatch* s = find_swatch(m_bench.piece(), m_bench.session().swatch))
      m_bench.take_up(s->color, s->picked);
    return;
  default:
    break;
  }
  AxisWidget::keyPressEvent(event);
}

std::optional<std::size_t> StaffView::chosen_family() const {
  for (std::size_t i = 0; i < families().size(); ++i)
    if (families()[i].id == m_bench.session().family) return i;
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
  m_bench.select_family(families()[*next].id);
  m_bench.select_swatch(0);
}

/// To the next lighter (1) or darker (-1) swatch of the chosen family; from none, to its darkest or lightest.
void StaffView::step_swatch(int by) {
  const auto chosen = chosen_family();
  if (!chosen || families()[*chosen].swatches.empty()) return;
  std::vector<Swatch> by_value = families()[*chosen].swatches;
  std::stable_sort(by_value.begin(), by_value.end(),
                   [](const Swatch& a, const Swatch& b) { return value_of(a.color) < value_of(b.color); });
  const auto at = std::find_if(by_value.begin(), by_value.end(),
                               [this](const Swatch& s) { return s.id == m_bench.session().swatch; });
  const auto last = static_cast<std::ptrdiff_t>(by_value.size()) - 1;
  const std::ptrdiff_t from = at != by_value.end() ? at - by_value.begin() : by > 0 ? -1 : last + 1;
  m_bench.select_swatch(
      by_value[static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(from + by, 0, last))].id);
}

void StaffView::move_selected(int by) {
  const auto next = neighbor_family(by);
  const Id swatch = m_bench.session().swatch;
  if (!next || swatch == 0) return;
  const Id family = families()[*next].id;
  m_bench.store().apply(tr("Move swatch"),
                        [=](Piece piece) { return with_swatches_moved(std::move(piece), {swatch}, family); });
  m_bench.select_family(family);
}

void StaffView::leaveEvent(QEvent*) {
  m_hovered.reset();
  update();
}

void StaffView::contextMenuEvent(QContextMenuEvent* event) {
  QMenu menu;
  if (const Swatch* s = swatch_at(event->pos())) {
    const Id id = s->id;
    m_bench.select_swatch(id);
    menu.addAction(tr("Rename swatch"), this, [=, this] { rename_swatch(id); });
    menu.addAction(tr("Delete swatch"), this, [this] { m_bench.remove_selected_swatch(); });
  } else if (const auto i = family_at(event->pos())) {
    const Id id = families()[*i].id;
    menu.addAction(tr("Rename family"), this, [=, this, i = *i] { rename_family(i); });
    menu.addAction(tr("Delete family and its swatches"), this, [=, this] {
      m_bench.store().apply(tr("Delete family"), [=](Piece p) { return without_family(std::move(p), id); });
    });
  }
  menu.addAction(tr("Add family"), this, &StaffView::add_family);
  menu.exec(event->globalPos());
}

bool StaffView::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return AxisWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  if (const Swatch* s = swatch_at(help->pos()))
    QToolTip::showText(help->globalPos(),
                       tr("%1, %2, value %3. Click takes it up, drag moves it, double-click renames it.")
                           .arg(text(s->name), text(hex_of(s->color)))
                           .arg(value_of(s->color), 0, 'f', 1),
                       this);
  else
    QToolTip::showText(help->globalPos(),
                       tr("Point at a column and click at the value line to lay the current color; drag the "
                          "line to change the value."),
                       this);
  return true;
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
  if (!m_bench.store().apply(tr("New family"),
                             [&](Piece p) { return with_family(std::move(p), name.toStdString()); }))
    return;
  m_bench.select_family(families().back().id);
  m_scroll->setValue(m_scroll->maximum());
  rename_family(families().size() - 1);
}

void StaffView::rename_selected() {
  if (m_bench.session().swatch) return rename_swatch(m_bench.session().swatch);
  if (const auto chosen = chosen_family()) rename_family(*chosen);
}

void StaffView::rename_family(std::size_t i) {
  const Id id = families()[i].id;
  edit_text(name_rect(i), text(families()[i].name), [=, this](const QString& name) {
    m_bench.store().apply(tr("Rename family"),
                          [=](Piece p) { return with_family_named(std::move(p), id, name.toStdString()); });
  });
}

void StaffView::rename_swatch(Id swatch) {
  const Swatch* s = find_swatch(m_bench.piece(), swatch);
  if (!s) return;
  edit_text(swatch_rect(swatch), text(s->name), [=, this](const QString& name) {
    m_bench.store().apply(tr("Rename swatch"), [=](Piece p) {
      return with_swatch_named(std::move(p), swatch, name.toStdString());
    });
  });
}

void StaffView::edit_text(const QRectF& rect, const QString& was,
                          const std::function<void(const QString&)>& done) {
  m_edited = done;
  if (!m_editor) {
    m_editor = new QLineEdit(this);
    m_editor->setObjectName(QStringLiteral("nameEditor"));
    m_editor->setAccessibleName(tr("Name"));
    connect(new QShortcut(Qt::Key_Escape, m_editor, nullptr, nullptr, Qt::WidgetShortcut),
            &QShortcut::activated, this, [this] {
              m_editor->setModified(false);
              m_editor->clearFocus();
            });
    connect(m_editor, &QLineEdit::editingFinished, this, [this] {
      if (!m_editor->isVisible()) return;
      m_editor->hide();
      setFocus();
      if (m_editor->isModified()) m_edited(m_editor->text());
    });
  }
  const int w = std::max(150, static_cast<int>(rect.width()));
  const int left = std::clamp(static_cast<int>(rect.center().x()) - w / 2, 0, std::max(0, width() - w));
  m_editor->setGeometry(left, static_cast<int>(rect.center().y()) - 13, w, 26);
  m_editor->setText(was);
  m_editor->setModified(false);
  m_editor->selectAll();
  m_editor->show();
  m_editor->setFocus();
}

} // namespace zc
