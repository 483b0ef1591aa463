// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/wells_view.h"

#include "app/controls/controls.h"
#include "app/controls/name_editor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/well_words.h"

#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QToolTip>

namespace zc {
namespace {

constexpr double kRecent = 16;
constexpr double kWell = 30;
/// Of wells in several rows, and the number beside each.
constexpr double kSmallWell = 15, kBesideWell = 11, kRowsTop = 20, kRowsHigh = 57;

/// Behind the word, however long it is.
double recent_indent() {
  const double word = QFontMetrics(caption_font()).horizontalAdvance(WellsView::tr("Recent")) + 8.0;
  return std::max(56.0, word);
}

} // namespace

WellsView::WellsView(Studio& model, Picking& picking, Build build, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking),
      m_clear(new WordControl(ControlKind::Action, tr("Clear well"), this)),
      m_none(new WordControl(ControlKind::Action, tr("Stop filling"), this)),
      m_editor(new NameEditor(QStringLiteral("wellRowName"), this)), m_build(build) {
  m_editor->setAccessibleName(tr("Name of the row of wells"));
  m_editor->setFont(caption_font());
  m_clear->setObjectName(QStringLiteral("clearWell"));
  m_clear->setToolTip(tr("Empty the chosen well"));
  m_none->setObjectName(QStringLiteral("fillNoWell"));
  m_none->setToolTip(tr("Picks no longer fill a well; the wells keep their colors"));
  connect(m_clear, &QAbstractButton::clicked, this, [this] {
    if (const auto well = m_model.session().filling_well) m_picks.clear_well(*well);
  });
  connect(m_none, &QAbstractButton::clicked, this, [this] { m_picks.choose_filling_well({}); });
  setObjectName(QStringLiteral("wells"));
  setAccessibleName(tr("Wells and recent colors"));
  setFixedSize(sizeHint());
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  model.hear({Part::AtHand, Part::ColorVision}, this, &WellsView::follow);
  follow();
}

void WellsView::follow() {
  const auto& s = m_model.session();
  const auto well = s.filling_well;
  m_clear->setVisible(m_build != Build::Row && well && s.at_hand.wells[*well]);
  m_none->setVisible(m_build != Build::Row && well.has_value());
  m_none->move(width() - m_none->sizeHint().width(), -4);
  m_clear->move(m_none->x() - m_clear->sizeHint().width(), -4);
  update();
}

QSize WellsView::sizeHint() const {
  if (m_build == Build::Row) return {252, 34};
  return {m_build == Build::Narrow ? 284 : 324, 98};
}

void WellsView::set_build(Build build) {
  m_build = build;
  setFixedSize(sizeHint());
  follow();
}

/// Names of rows stand over the word of the recent colors.
double WellsView::indent() const { return std::max(recent_indent(), 60.0); }

QRectF WellsView::well_rect(std::size_t well) const {
  const double place = static_cast<double>(well % kWellsInRow);
  const std::size_t row = well / kWellsInRow, rows = well_rows(m_model.at_hand());
  if (m_build == Build::Row)
    return row == m_model.at_hand().row ? QRectF(1 + 32 * place, 1, 26, 26) : QRectF();
  if (rows > 1) {
    const double step = (width() - indent()) / static_cast<double>(kWellsInRow);
    const double high = kRowsHigh / static_cast<double>(rows);
    return {indent() + step * place, kRowsTop + high * static_cast<double>(row) + (high - kSmallWell) / 2,
            kSmallWell, kSmallWell};
  }
  const double step = m_build == Build::Narrow ? 35 : 40;
  return {1 + step * place, 23, kWell, kWell};
}
QRectF WellsView::number_rect(std::size_t well) const {
  const QRectF r = well_rect(well);
  if (m_build == Build::Row)
    return r.isNull() ? r : QRectF(r.left(), r.bottom(), r.width(), height() - r.bottom());
  if (has_rows()) return {r.right() + 1, r.top(), kBesideWell, r.height()};
  return {r.left(), 54, r.width(), 17};
}
QRectF WellsView::name_rect(std::size_t row) const {
  if (m_build == Build::Row || !has_rows()) return {};
  const QRectF first = well_rect(row * kWellsInRow);
  return {0, first.top() - 1, indent() - 6, first.height() + 2};
}

std::optional<std::size_t> WellsView::row_at(QPointF p) const {
  for (std::size_t row = 0; row < well_rows(m_model.at_hand()); ++row) {
    const QRectF first = well_rect(row * kWellsInRow);
    if (!first.isNull() && p.y() >= first.top() - 2 && p.y() <= first.bottom() + 2) return row;
  }
  return std::nullopt;
}

QRectF WellsView::recent_rect(std::size_t place) const {
  if (m_build == Build::Row) return {};
  const bool narrow = m_build == Build::Narrow;
  const double step = narrow ? 14 : 18, size = narrow ? 13 : kRecent;
  return {recent_indent() + step * static_cast<double>(place), height() - kRecent - 3, size, kRecent};
}

void WellsView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  paint_wells(painter);
  if (hasFocus()) paint_focus(painter);
  if (m_build == Build::Row) return;
  const Session& s = m_model.session();
  painter.setFont(heading_font());
  painter.setPen(theme().text);
  painter.drawText(QRectF(0, 0, 80, 18), Qt::AlignLeft | Qt::AlignVCenter, tr("Wells"));
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  painter.drawText(QRectF(56, 0, 300, 18), Qt::AlignLeft | Qt::AlignVCenter, filling_words());
  paint_names(painter);
  painter.setRenderHint(QPainter::Antialiasing, false);
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  painter.drawText(QRectF(0, height() - 20, recent_indent(), 17), Qt::AlignLeft | Qt::AlignVCenter,
                   tr("Recent"));
  for (std::size_t i = 0; i < s.at_hand.recent.size(); ++i)
    draw_chip(painter, recent_rect(i), shown_color(s.at_hand.recent[i], s.vision), theme().furniture);
  if (s.at_hand.recent.empty())
    painter.drawText(QRectF(recent_indent(), height() - 20, 300, 17), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("nothing picked yet"));
}

QString WellsView::filling_words() const {
  const auto well = m_model.session().filling_well;
  return well ? tr("every pick fills %1").arg(well_words(m_model.at_hand(), *well))
              : tr("no well is filled by picks");
}

void WellsView::paint_names(QPainter& painter) {
  if (!has_rows()) return;
  const AtHand& hand = m_model.at_hand();
  for (std::size_t row = 0; row < well_rows(hand); ++row) {
    const bool chosen = row == hand.row;
    painter.setFont(chosen ? caption_strong_font() : caption_font());
    painter.setPen(chosen ? theme().strong : theme().quiet);
    const QRectF r = name_rect(row);
    painter.drawText(r, Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(well_row_words(hand, row), Qt::ElideRight,
                                                      static_cast<int>(r.width())));
  }
}

void WellsView::paint_focus(QPainter& painter) {
  painter.setPen(QPen(theme().strong, 1));
  painter.setBrush(Qt::NoBrush);
  painter.drawRect(place_rect(std::min(m_at, places() - 1)).adjusted(-2, -2, 2, 2));
}

void WellsView::paint_wells(QPainter& painter) {
  for (std::size_t i = 0; i < m_model.session().at_hand.wells.size(); ++i)
    if (!well_rect(i).isNull()) paint_well(painter, i); // Else of another row.
}

void WellsView::paint_well(QPainter& painter, std::size_t well) {
  const Session& s = m_model.session();
  const QRectF r = well_rect(well);
  const auto& color = s.at_hand.wells[well];
  painter.setPen(QPen(color ? theme().line : theme().quiet, 1));
  painter.setBrush(color ? QBrush(shown_color(*color, s.vision)) : QBrush(Qt::NoBrush));
  painter.drawEllipse(r);
  const bool filling = s.filling_well == well;
  const bool beside = m_build != Build::Row && has_rows();
  const QRectF mark = beside ? QRectF(r.left(), r.bottom() + 1, r.width() + kBesideWell, 1.5)
                             : QRectF(r.center().x() - 8, number_rect(well).bottom() - 1, 16, 2);
  if (filling || m_pointed == well) painter.fillRect(mark, filling ? theme().strong : theme().frame);
  // Only the chosen row's are keys.
  if (m_build == Build::Row || (beside && well / kWellsInRow != s.at_hand.row && !filling)) return;
  painter.setFont(filling ? heading_font() : caption_font());
  painter.setPen(filling ? theme().strong : theme().quiet);
  painter.drawText(number_rect(well), Qt::AlignCenter,
                   number(static_cast<double>(well % kWellsInRow + 1), 0));
}

std::optional<Srgb> WellsView::color_at(QPointF p) const {
  const AtHand& at_hand = m_model.session().at_hand;
  for (std::size_t i = 0; i < at_hand.wells.size(); ++i)
    if (well_rect(i).contains(p)) return at_hand.wells[i];
  for (std::size_t i = 0; i < at_hand.recent.size(); ++i)
    if (recent_rect(i).contains(p)) return at_hand.recent[i];
  return std::nullopt;
}

void WellsView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return event->ignore();
  m_pressed.press(*event, color_at(event->position()));
}

void WellsView::mouseMoveEvent(QMouseEvent* event) {
  m_pressed.pull(*this, event->position());
  if (event->buttons() == Qt::NoButton) point_at(event->position());
}

/// A color that can be dragged has a pointer of its own, and a number shows the mark that a press sets.
void WellsView::point_at(QPointF p) {
  std::optional<std::size_t> number;
  for (std::size_t i = 0; i < m_model.session().at_hand.wells.size(); ++i)
    if (number_rect(i).contains(p)) number = i;
  const auto row = row_at(p);
  const bool name = row && name_rect(*row).contains(p);
  setCursor(color_at(p) ? Qt::OpenHandCursor : number || name ? Qt::PointingHandCursor : Qt::ArrowCursor);
  if (number == m_pointed) return;
  m_pointed = number;
  update();
}

void WellsView::leaveEvent(QEvent*) { point_at({-1, -1}); }

void WellsView::mouseReleaseEvent(QMouseEvent* event) {
  if (const auto modifiers = m_pressed.let_go()) click(event->position(), *modifiers);
}

QRectF WellsView::place_rect(std::size_t place) const {
  const std::size_t wells = m_model.session().at_hand.wells.size();
  return place < wells ? well_rect(place) : recent_rect(place - wells);
}

std::size_t WellsView::places() const {
  const AtHand& at_hand = m_model.session().at_hand;
  return at_hand.wells.size() + (m_build == Build::Row ? 0 : at_hand.recent.size());
}

/// Arrows go along the wells and on to the recent colors; Enter does what a click does, Space marks the well
/// that picks fill, Delete empties one.
void WellsView::keyPressEvent(QKeyEvent* event) {
  const std::size_t wells = m_model.session().at_hand.wells.size();
  m_at = std::min(m_at, places() - 1);
  switch (event->key()) {
  case Qt::Key_Right:
    m_at = std::min(m_at + 1, places() - 1);
    return show_key_row();
  case Qt::Key_Left:
    m_at -= m_at > 0;
    return show_key_row();
  case Qt::Key_Down:
    m_at = std::min(m_at + kWellsInRow, places() - 1);
    return show_key_row();
  case Qt::Key_Up:
    m_at -= std::min(m_at, kWellsInRow);
    return show_key_row();
  case Qt::Key_F2:
    if (m_build != Build::Row && has_rows()) edit_name(m_model.at_hand().row);
    return;
  case Qt::Key_Return:
  case Qt::Key_Enter:
    return click(place_rect(m_at).center(), event->modifiers());
  case Qt::Key_Space:
    if (m_at < wells) click(number_rect(m_at).center(), {});
    return;
  case Qt::Key_Delete:
    if (m_at < wells) m_picks.clear_well(m_at);
    return;
  default:
    QWidget::keyPressEvent(event);
  }
}

/// The row that keys go through is the chosen one, and is seen.
void WellsView::show_key_row() {
  const std::size_t row = m_at / kWellsInRow;
  if (m_at < m_model.at_hand().wells.size() && row != m_model.at_hand().row) m_picks.choose_well_row(row);
  update();
}

void WellsView::mouseDoubleClickEvent(QMouseEvent* event) {
  const auto row = row_at(event->position());
  if (event->button() == Qt::LeftButton && row && name_rect(*row).contains(event->position()))
    return edit_name(*row);
  mousePressEvent(event);
}

/// A row without a name begins with an empty one.
void WellsView::edit_name(std::size_t row) {
  m_editor->edit(name_rect(row), text(row_name(m_model.at_hand(), row)), [this, row](const QString& name) {
    if (row < well_rows(m_model.at_hand())) m_picks.name_well_row(row, name);
  });
}

bool WellsView::offers_menu(QPointF p) const { return row_at(p).has_value() || m_build == Build::Row; }

void WellsView::contextMenuEvent(QContextMenuEvent* event) {
  QMenu menu;
  fill_menu(menu, row_at(event->pos()).value_or(m_model.at_hand().row));
  menu.exec(event->globalPos());
}

void WellsView::fill_menu(QMenu& menu, std::size_t row) {
  const std::size_t rows = well_rows(m_model.at_hand());
  for (std::size_t i = 0; rows > 1 && i < rows; ++i) {
    auto* choose =
        menu.addAction(well_row_words(m_model.at_hand(), i), this, [this, i] { m_picks.choose_well_row(i); });
    choose->setCheckable(true);
    choose->setChecked(i == m_model.at_hand().row);
  }
  if (rows > 1) menu.addSeparator();
  auto* add = menu.addAction(tr("Add row of wells"), this, [this] { m_picks.add_well_row(); });
  add->setEnabled(rows < kMostWellRows);
  if (rows == 1) return;
  if (m_build != Build::Row) menu.addAction(tr("Rename row"), this, [this, row] { edit_name(row); });
  menu.addAction(tr("Remove row"), this, [this, row] { m_picks.remove_well_row(row); });
}

void WellsView::click(QPointF p, Qt::KeyboardModifiers modifiers) {
  for (std::size_t i = 0; i < m_model.session().at_hand.wells.size(); ++i) {
    if (well_rect(i).contains(p))
      return modifiers & Qt::ShiftModifier ? m_picks.lay_down_well(i) : m_picks.choose_well(i);
    if (number_rect(i).contains(p))
      return m_picks.choose_filling_well(m_model.session().filling_well == i ? std::nullopt
                                                                             : std::optional(i));
  }
  if (const auto row = row_at(p); row && name_rect(*row).contains(p)) return m_picks.choose_well_row(*row);
  const auto& recent = m_model.session().at_hand.recent;
  for (std::size_t i = 0; i < recent.size(); ++i)
    if (recent_rect(i).contains(p)) return m_picks.use_color(recent[i]);
}

bool WellsView::event(QEvent* event) {
  // The menu has F2 for swatches; where the keys are in the wells it is theirs.
  if (event->type() == QEvent::ShortcutOverride && m_build != Build::Row && has_rows() &&
      static_cast<QKeyEvent*>(event)->key() == Qt::Key_F2) {
    event->accept();
    return true;
  }
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  QToolTip::showText(help->globalPos(),
                     tr("Click a well to use its color; picks then fill it. Shift+click to put the current "
                        "color in it. Keys 1 to 8 use a well, with Shift they put the current color in. "
                        "9 goes to the next row; the right button adds rows."),
                     this);
  return true;
}

void WellsView::end_drag() { m_pressed.call_off(); }

AccessibleContent WellsView::accessible() {
  const Session& s = m_model.session();
  AccessibleContent out{QAccessible::List, filling_words(), {}, {}};
  for (std::size_t i = 0; i < s.at_hand.wells.size(); ++i) {
    if (well_rect(i).isNull()) continue;
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    const auto& color = s.at_hand.wells[i];
    const QString held = color ? color_told(*color) : tr("empty");
    item.name = has_rows() ? tr("Well %1 of %2: %3")
                                 .arg(i % kWellsInRow + 1)
                                 .arg(well_row_words(s.at_hand, i / kWellsInRow), held)
                           : tr("Well %1: %2").arg(i + 1).arg(held);
    item.rect = well_rect(i);
    item.selectable = true;
    item.selected = s.filling_well == i;
    item.actions = {{tr("Use color"), [this, i] { m_picks.choose_well(i); }},
                    {tr("Put current color here"), [this, i] { m_picks.lay_down_well(i); }}};
    out.items.push_back(std::move(item));
  }
  if (m_build == Build::Row) return out;
  for (std::size_t i = 0; i < s.at_hand.recent.size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems + 1, i);
    item.name = tr("Recent: %1").arg(color_told(s.at_hand.recent[i]));
    item.rect = recent_rect(i);
    item.actions = {{tr("Use color"), [this, c = s.at_hand.recent[i]] { m_picks.use_color(c); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
