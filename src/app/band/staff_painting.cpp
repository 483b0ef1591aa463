// SPDX-License-Identifier: GPL-3.0-or-later
// How the staff paints.
#include "app/band/staff_view.h"

#include "app/accessibility/swatches.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "model/i18n/text.h"
#include "model/mixing/paint_model.h"
#include "model/proof/press_model.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/share/share_model.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QScrollBar>

namespace zc {
namespace {

/// More links than this would hide the set.
constexpr std::size_t kMostLinks = 8;
/// Ids below this are looked up in a table.
constexpr Id kTabled = 1'000'000;
constexpr double kNamedChip = 40;
constexpr int kLeastName = 60;
/// Between two names under the staff.
constexpr double kNameGap = 3;

QString counted(qsizetype n) { return QObject::tr("%n swatches", nullptr, static_cast<int>(n)); }

/// Smaller letters before any are left out.
QFont fitting(const QString& name, double width, const QFont& font) {
  if (QFontMetrics(font).horizontalAdvance(name) <= width) return font;
  QFont small = small_font();
  small.setWeight(font.weight());
  return small;
}

} // namespace

void StaffView::paint_bands(QPainter& painter) {
  const Bands& bands = m_model.piece().bands;
  const QRectF r = staff_rect().adjusted(0, 0, gutter(), 0);
  const double light = axis().y_of(bands.light_from), dark = axis().y_of(bands.dark_below);
  painter.fillRect(r, theme().field);
  painter.fillRect(QRectF(r.left(), light, r.width(), dark - light), theme().field_alt);
  if (!wide()) return;
  // Value steps as fine lines behind everything.
  painter.setPen(QPen(theme().line, 1, Qt::DotLine));
  const int steps = m_model.piece().grading.value_steps;
  for (int i = 1; i < steps; ++i) {
    const double y = std::round(axis().y_of(100.0 * i / steps)) + 0.5;
    painter.drawLine(QPointF(r.left(), y), QPointF(r.right(), y));
  }
}

void StaffView::paint_head(QPainter& painter) {
  if (!m_head_shown) return;
  const SwatchSet* set = current_set(m_model.piece());
  const QRectF r = staff_rect();
  painter.setFont(heading_font());
  painter.setPen(theme().text);
  const QRectF head(r.left(), 0, r.width(), ValueAxis::kHead - 6);
  painter.drawText(head, Qt::AlignLeft | Qt::AlignBottom, tr("Set"));
  if (!set) return;
  const int indent = QFontMetrics(heading_font()).horizontalAdvance(tr("Set")) + 10;
  QString count = counted(static_cast<qsizetype>(swatch_count(*set)));
  const auto selected = m_work.selection().size();
  if (selected > 1) count += tr(", %1 selected").arg(selected);
  const QFontMetrics metrics(caption_font());
  // The name comes first; the count where there is room for both.
  const int room = static_cast<int>(head.width() + gutter()) - indent;
  const QString both = text(set->name) + QStringLiteral(", ") + count;
  const int beside = room - metrics.horizontalAdvance(QStringLiteral(", ") + count);
  const bool counted_too = metrics.horizontalAdvance(both) <= room || beside >= kLeastName;
  const QString name = metrics.elidedText(text(set->name), Qt::ElideRight, counted_too ? beside : room);
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  painter.drawText(head.adjusted(indent, 0, gutter(), 0), Qt::AlignLeft | Qt::AlignBottom,
                   counted_too ? name + QStringLiteral(", ") + count : name);
}

StaffView::ChipName StaffView::name_on(const Swatch& s, const QRectF& chip) const {
  if (!wide() || chip.width() < kNamedChip) return {};
  const int room = static_cast<int>(chip.width()) - 8;
  const auto wide_in = [](const QFont& font, const QString& words) {
    return QFontMetrics(font).horizontalAdvance(words);
  };
  QString name = text(s.name);
  const QFont font = wide_in(caption_font(), name) <= room ? caption_font() : small_font();
  // Of a name that we made the end says most: hue and value.
  const bool ours =
      wide_in(font, name) > room && name.endsWith(QStringLiteral(" %1").arg(std::lround(value_of(s.color))));
  while (ours && wide_in(font, name) > room && name.contains(QLatin1Char(' ')))
    name = name.section(QLatin1Char(' '), 1);
  name = QFontMetrics(font).elidedText(name, Qt::ElideRight, room);
  const double width = wide_in(font, name);
  return {name, font, {chip.center().x() - width / 2, chip.top(), width, chip.height()}};
}

QRectF StaffView::swatch_name_rect(Id swatch) const {
  const Swatch* s = find_swatch(m_model.piece(), swatch);
  return s ? name_on(*s, swatch_rect(swatch)).rect : QRectF();
}

void StaffView::paint_chip(QPainter& painter, const Chip& chip) {
  const Swatch& s = *chip.swatch;
  const QRectF r = scrolled(chip);
  // As the press prints it, where the proof is on.
  const QColor color = shown_color(m_reader.proof()(chip.shown), m_model.session().vision);
  draw_chip(painter, r, color, theme().field);
  if (const ChipName name = name_on(s, r); !name.words.isEmpty()) {
    painter.setPen(readable_on(color));
    painter.setFont(name.font);
    painter.drawText(r, Qt::AlignCenter, name.words);
  }
  if (m_uses) {
    if (const auto at = m_uses->find(s.id); at != m_uses->end()) paint_use(painter, r, color, at->second);
    if (m_tries.hovered() == s.id) {
      QPainterPath seen;
      seen.addRect(r.adjusted(-2, -2, 2, 2));
      draw_double_line(painter, seen, 1.4);
    }
  }
  draw_marks(painter, r, color, {s.locked, chip.reduced, s.used, is_beyond_display(s)});
  if (!m_work.selected(s.id)) return;
  QPainterPath frame;
  frame.addRect(r.adjusted(-3, -3, 3, 3));
  draw_double_line(painter, frame, s.id == m_model.session().selection.focus() ? 2 : 1.2);
}

/// How much of the picture the swatch covers; one that covers nothing is dashed.
void StaffView::paint_use(QPainter& painter, const QRectF& chip, const QColor& color, double share) {
  const QString number = share < 0.0005 ? tr("< 0.1") : zc::number(100 * share, share < 0.0995 ? 1 : 0);
  const auto fits = [&](const QString& words) {
    return QFontMetrics(small_font()).horizontalAdvance(words) <= chip.width();
  };
  // A narrow chip has the number alone.
  const QString whole = tr("%1 %").arg(number), words = share <= 0    ? tr("unused")
                                                        : fits(whole) ? whole
                                                                      : number;
  const bool room = fits(words);
  painter.setPen(readable_on(color));
  painter.setFont(small_font());
  if (room) painter.drawText(chip, Qt::AlignCenter, words);
  if (share > 0) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(readable_on(color), 1, Qt::DashLine));
  painter.drawRect(chip.adjusted(0.5, 0.5, -0.5, -0.5));
}

void StaffView::paint_families(QPainter& painter) {
  const QRectF seen(0, 0, width(), height());
  painter.setPen(QPen(theme().line, 1.5));
  std::vector<std::pair<double, double>> reach(families().size(), {1e9, -1e9});
  for (const auto& chip : m_chips) {
    auto& [top, bottom] = reach[chip.family];
    top = std::min(top, chip.rect.center().y());
    bottom = std::max(bottom, chip.rect.center().y());
  }
  for (std::size_t i = 0; i < families().size(); ++i) {
    const double x = column_rect(i).center().x();
    if (reach[i].first < reach[i].second)
      painter.drawLine(QPointF(x, reach[i].first), QPointF(x, reach[i].second));
  }
  m_uses = m_use ? &*m_use : nullptr;
  if (m_place == Place::Window && m_model.session().desk == Desk::Try) m_uses = &m_tries.uses();
  for (const auto& chip : m_chips)
    if (scrolled(chip).intersects(seen)) paint_chip(painter, chip);
  for (std::size_t i = 0; i < families().size(); ++i)
    if (name_rect(i).intersects(seen)) paint_family_name(painter, i);
}

/// A long name goes on over what its shorter neighbors leave free.
void StaffView::paint_family_name(QPainter& painter, std::size_t i) {
  const bool chosen = families()[i].id == m_model.session().family;
  const QFont plain = chosen ? caption_strong_font() : caption_font();
  const auto left_free = [&](std::size_t neighbor) {
    const double width =
        QFontMetrics(caption_strong_font()).horizontalAdvance(text(families()[neighbor].name));
    return std::max(0.0, (name_rect(neighbor).width() - width) / 2 - kNameGap);
  };
  const double before = i == 0 ? name_rect(0).left() - staff_rect().left() + kNameGap : left_free(i - 1);
  const double after = i + 1 == families().size() ? column_width() / 2 : left_free(i + 1);
  const double more = std::min(before, after);
  const QRectF name = name_rect(i).adjusted(-more, 0, more, 0);
  const QString words = text(families()[i].name);
  const QFont font = fitting(words, name.width(), plain);
  painter.setFont(font);
  painter.setPen(chosen ? theme().strong : theme().quiet);
  painter.drawText(name, Qt::AlignHCenter | Qt::AlignVCenter,
                   QFontMetrics(font).elidedText(words, Qt::ElideRight, static_cast<int>(name.width())));
}

/// For words beside a line: near its middle, where they hide no swatch if there is such a place.
QRectF StaffView::free_box(const QPainterPath& line, const QString& words) const {
  const QFontMetrics metrics(small_font());
  const QRectF box(0, 0, metrics.horizontalAdvance(words) + 8, metrics.height() + 2);
  const auto at = [&](double along, double down) {
    QRectF moved = box;
    moved.moveCenter(line.pointAtPercent(along) + QPointF(0, down));
    return moved;
  };
  const auto hides_none = [this](const QRectF& r) {
    const QRectF before_scrolling = r.translated(m_scroll->value(), 0);
    return std::none_of(m_chips.begin(), m_chips.end(),
                        [&](const Chip& chip) { return chip.rect.intersects(before_scrolling); });
  };
  for (const double along : {0.5, 0.35, 0.65, 0.2, 0.8})
    for (const double down : {-11, 11, -22, 22})
      if (const QRectF r = at(along, down); hides_none(r)) return r;
  return at(0.5, -11);
}

/// A dotted line between two swatches with a word at its middle.
void StaffView::paint_link(QPainter& painter, Id one, Id other, const QString& words) {
  QRectF a = swatch_rect(one), b = swatch_rect(other);
  if (a.isNull() || b.isNull()) return;
  if (a.left() > b.left()) std::swap(a, b);
  const bool one_column = a.left() == b.left();
  const QPointF from(a.right(), a.center().y()), to(one_column ? b.right() : b.left(), b.center().y());
  QPainterPath path(from);
  if (one_column)
    path.cubicTo(from + QPointF(14, 0), to + QPointF(14, 0), to);
  else
    path.lineTo(to);
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(Qt::black, 2.6));
  painter.drawPath(path);
  QPen dots(Qt::white, 1.4);
  dots.setDashPattern({1.5, 2});
  painter.setPen(dots);
  painter.drawPath(path);
  if (words.isEmpty()) return;
  const QRectF box = free_box(path, words);
  painter.fillRect(box, theme().field);
  painter.setFont(small_font());
  painter.setPen(theme().text);
  painter.drawText(box, Qt::AlignCenter, words);
}

void StaffView::choose_links() {
  const SetWork& work = m_work;
  const GradingReport& report = m_work.report();
  m_links.emplace();
  // Ids are small and close together; looking up hundreds of thousands of pairs in a set of them takes a
  // frame.
  std::vector<char> chosen;
  for (const Id id : work.selection())
    if (id < kTabled) {
      chosen.resize(std::max<std::size_t>(chosen.size(), id + 1), 0);
      chosen[id] = 1;
    }
  const auto is_chosen = [&](Id id) {
    return id < chosen.size() ? chosen[id] != 0 : id >= kTabled && work.selected(id);
  };
  const auto take = [&](const auto& pairs, bool twins) {
    for (const auto& p : pairs) {
      if (m_links->size() == kMostLinks) return;
      if (!work.selection().empty() && !is_chosen(p.a) && !is_chosen(p.b)) continue;
      m_links->push_back({p.a, p.b, twins});
    }
  };
  // What can hardly be told apart comes before what merges when squinting.
  take(report.near_duplicates, false);
  take(report.twins, true);
}

void StaffView::paint_findings(QPainter& painter) {
  const GradingReport& report = m_work.report();
  if (!m_links) choose_links();
  std::size_t drawn = 0;
  for (const auto& link : *m_links)
    paint_link(painter, link.a, link.b, drawn++ >= 4 ? QString() : link.twins ? tr("twins") : tr("near"));
  const QRectF seen(rect());
  for (const auto& gap : report.gaps) {
    const QRectF dark = swatch_rect(gap.dark), light = swatch_rect(gap.light);
    if (!dark.intersects(seen) && !light.intersects(seen)) continue;
    const double x = dark.center().x();
    QPen dots(theme().strong, 1.6);
    dots.setDashPattern({1.5, 2.5});
    painter.setPen(dots);
    painter.drawLine(QPointF(x, light.bottom() + 2), QPointF(x, dark.top() - 2));
    painter.setFont(small_font());
    painter.drawText(QPointF(x + 6, (light.bottom() + dark.top()) / 2 + 4),
                     tr("gap %1").arg(std::lround(gap.size)));
  }
  // Outside the mask: an open ring at the corner, black under white.
  for (const Id id : report.outside_mask) {
    const QRectF chip = swatch_rect(id);
    if (!chip.intersects(seen)) continue;
    QPainterPath ring;
    ring.addEllipse(chip.topRight(), 4, 4);
    draw_double_line(painter, ring, 1.3);
  }
}

/// In the gutter beside the swatches: written along it where it is narrow.
void StaffView::paint_counts(QPainter& painter) {
  const double left = staff_rect().right();
  const Bands& bands = m_model.piece().bands;
  const BandCounts n = m_work.counts(), &target = m_model.piece().grading.target;
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  const auto label = [&](double from, double to, const QString& name, int count, int wanted) {
    if (wide()) {
      const QString words =
          wanted > 0 ? tr("%1 %2 of %3").arg(name).arg(count).arg(wanted) : tr("%1 %2").arg(name).arg(count);
      painter.drawText(QRectF(left, from + 4, gutter() - 6, 18), Qt::AlignRight | Qt::AlignVCenter, words);
      return;
    }
    painter.save();
    painter.translate(left + gutter(), from + 4);
    painter.rotate(90);
    painter.drawText(QRectF(0, 4, to - from, gutter() - 10), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("%1 %2").arg(name).arg(count));
    painter.restore();
  };
  const double light = axis().y_of(bands.light_from), dark = axis().y_of(bands.dark_below);
  label(axis().top(), light, tr("light"), n.light, target.light);
  label(light, dark, tr("middle"), n.middle, target.middle);
  label(dark, axis().bottom(), tr("dark"), n.dark, target.dark);
  if (!wide()) return;
  for (const bool at_light : {true, false}) {
    const QRectF grip = limit_rect(at_light);
    painter.setPen(QPen(theme().quiet, 2));
    painter.drawLine(QPointF(grip.right() - 22, grip.center().y()), QPointF(grip.right(), grip.center().y()));
  }
}

void StaffView::paint_dragged(QPainter& painter) {
  if (!m_moved) return;
  if (m_drag == Drag::Box) {
    QPainterPath frame;
    frame.addRect(QRectF(m_press, m_pointer).normalized());
    return draw_double_line(painter, frame, 1);
  }
  if (m_drag != Drag::Swatch && m_drag != Drag::Family) return;
  const auto over = family_at(m_pointer);
  if (m_drag == Drag::Swatch) {
    const Swatch* s = find_swatch(m_model.piece(), m_dragged);
    if (!s) return;
    QRectF r = swatch_rect(m_dragged);
    r.moveCenter({m_pointer.x(), r.center().y()});
    painter.fillRect(r, shown_color(s->color, m_model.session().vision));
  }
  if (!over) return;
  const QRectF c = column_rect(*over);
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1, Qt::DashLine));
  painter.drawRect(c.adjusted(2, 2, -2, -2));
}

/// Not laid yet, so without a ground of its own: steps on the same axis, joined by a dotted line.
void StaffView::paint_ramp(QPainter& painter) {
  const auto& ramp = m_model.session().ramp;
  if (ramp.empty()) return;
  painter.setPen(QPen(theme().quiet, 1, Qt::DotLine));
  for (std::size_t i = 1; i < ramp.size(); ++i)
    if (ramp[i].row == ramp[i - 1].row) painter.drawLine(ramp_rect(i - 1).center(), ramp_rect(i).center());
  for (std::size_t i = 0; i < ramp.size(); ++i) {
    const QColor color = shown_color(ramp[i].color, m_model.session().vision);
    draw_chip(painter, ramp_rect(i), color, theme().stage);
    if (!ramp[i].held) continue;
    painter.setPen(Qt::NoPen);
    painter.setBrush(readable_on(color));
    painter.drawEllipse(ramp_rect(i).center(), 2, 2);
  }
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  const double x = (ramp_rect(0).left() + ramp_rect(ramp.size() - 1).right()) / 2;
  painter.drawText(QRectF(x - 30, axis().bottom() + 2, 60, 20), Qt::AlignHCenter | Qt::AlignVCenter,
                   m_model.session().desk == Desk::Observe ? tr("results") : tr("ramp"));
}

/// Where a click would lay the current color.
void StaffView::paint_slot(QPainter& painter) {
  if (!m_hovered || m_drag != Drag::None || *m_hovered >= families().size() || swatch_at(m_pointer)) return;
  const QRectF slot = slot_rect(*m_hovered);
  const QColor color = shown_color(m_model.session().color(), m_model.session().vision);
  painter.fillRect(slot, color);
  QPainterPath frame;
  frame.addRect(slot);
  draw_double_line(painter, frame, 1.0);
  painter.setPen(readable_on(color));
  painter.setFont(caption_font());
  painter.drawText(slot, Qt::AlignCenter, tr("add"));
}

void StaffView::paint_grip(QPainter& painter) {
  const QRectF grip = shift_grip();
  if (grip.isNull()) return;
  const QPointF middle = grip.center();
  QPainterPath arrows(middle - QPointF(0, 9));
  arrows.lineTo(middle + QPointF(0, 9));
  for (const double end : {-1.0, 1.0}) {
    arrows.moveTo(middle + QPointF(-4, end * 5));
    arrows.lineTo(middle + QPointF(0, end * 9));
    arrows.lineTo(middle + QPointF(4, end * 5));
  }
  draw_double_line(painter, arrows, grip.contains(m_pointer) || m_drag == Drag::Shift ? 2 : 1.4);
}

void StaffView::paint_empty(QPainter& painter) {
  painter.setFont(text_font());
  painter.setPen(theme().quiet);
  QRectF words = empty_rect();
  if (m_place == Place::Window) words.setBottom(words.center().y());
  painter.drawText(words,
                   Qt::AlignHCenter | (m_place == Place::Window ? Qt::AlignBottom : Qt::AlignVCenter) |
                       Qt::TextWordWrap,
                   m_place == Place::Beside
                       ? tr("No swatches yet. Add them in the main window.")
                       : tr("The set by value: light colors stand high, dark ones low. It is empty."));
}

void StaffView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const QRectF r = staff_rect();
  paint_bands(painter);
  paint_head(painter);
  // Where swatches say their names or shares the line passes behind them.
  const bool told = wide() || (m_place == Place::Window && m_model.session().desk == Desk::Try);
  if (told) draw_value_line(painter, line_y(), 0, width() - kMargin);
  painter.save();
  painter.setClipRect(QRectF(r.left(), 0, r.width(), height()));
  paint_families(painter);
  if (wide()) paint_findings(painter);
  paint_grip(painter);
  paint_dragged(painter);
  painter.restore();
  if (gutter() > 0) paint_counts(painter);
  if (families().empty()) paint_empty(painter);
  paint_ramp(painter);
  if (!told) draw_value_line(painter, line_y(), 0, width() - kMargin);
  paint_slot(painter);
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(r.adjusted(-1.5, -1.5, 1.5 + gutter(), 1.5));
}

AccessibleContent StaffView::accessible() {
  const auto column = [this](Id family) {
    for (std::size_t i = 0; i < families().size(); ++i)
      if (families()[i].id == family) return column_rect(i);
    return QRectF();
  };
  AccessibleContent out{QAccessible::Grouping,
                        set_told(m_model.piece()),
                        {},
                        accessible_families(m_model, m_laying, m_work, column,
                                            [this](Id swatch) { return swatch_rect(swatch); })};
  const auto& ramp = m_model.session().ramp;
  for (std::size_t i = 0; i < ramp.size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    item.role = QAccessible::Button;
    item.name = tr("Ramp, step %1: %2").arg(i + 1).arg(color_told(ramp[i].color));
    item.rect = ramp_rect(i);
    item.actions = {{tr("Add to set"), [this, step = ramp[i]] {
                       m_laying.lay_color({step.color, step.at});
                     }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
