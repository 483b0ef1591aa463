// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/wheel/relation_marks.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "app/wheel/wheel_view.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"

#include <QLineF>
#include <QPainter>
#include <QPainterPath>

namespace zc {
namespace {

constexpr double kMark = 3.6, kReach = 8;
constexpr double kWordInset = 12; ///< From a mark toward the middle to its word.

/// Words over colors are black under white, as lines are.
void draw_word(QPainter& painter, const QString& word, QPointF middle) {
  QPainterPath path;
  path.addText(0, 0, caption_font(), word);
  path.translate(middle - path.boundingRect().center());
  painter.strokePath(path, QPen(QColor(0, 0, 0, 210), 3, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
  painter.fillPath(path, Qt::white);
}

QString name_of(Relation relation) { return word(word_for(kRelationWords, relation)); }

/// Each relation has its name once, at the first of its marks where no other stands.
std::vector<std::optional<Relation>> named_at(const std::vector<RelationMark>& marks) {
  std::vector<std::optional<Relation>> out(marks.size());
  for (std::size_t i = 0; i < marks.size(); ++i)
    for (const Relation relation : marks[i].of)
      if (!out[i] && std::find(out.begin(), out.end(), std::optional(relation)) == out.end())
        out[i] = relation;
  return out;
}

} // namespace

bool RelationMarks::shown() const { return m_model.session().relations.all; }

QPointF RelationMarks::place(const RelationMark& mark) const {
  const WheelPlace from = m_model.session().relations.of.value_or(m_model.session().at);
  return m_view.rim_mark(from.at.a + mark.turn);
}

std::optional<std::size_t> RelationMarks::at(QPointF p) const {
  if (!shown()) return std::nullopt;
  const auto& marks = m_picks.relation_marks();
  for (std::size_t i = 0; i < marks.size(); ++i)
    if (QLineF(place(marks[i]), p).length() <= kReach) return i;
  return std::nullopt;
}

Relation RelationMarks::chosen_by(std::size_t mark) const {
  const auto& marks = m_picks.relation_marks();
  return named_at(marks)[mark].value_or(marks[mark].of.front());
}

void RelationMarks::paint(QPainter& painter) const {
  if (!shown()) return;
  const QPointF middle = m_view.screen_point({0, 0});
  const auto& marks = m_picks.relation_marks();
  const auto named = named_at(marks);
  for (std::size_t i = 0; i < marks.size(); ++i) {
    const RelationMark& mark = marks[i];
    const QPointF at = place(mark);
    QPainterPath disc;
    disc.addEllipse(at, kMark, kMark);
    painter.fillPath(disc, shown_color(mark.color, m_model.session().vision));
    draw_double_line(painter, disc, 1);
    if (!named[i]) continue;
    const QString name = name_of(*named[i]);
    QLineF inward(at, middle);
    const QSizeF size(QFontMetricsF(caption_font()).horizontalAdvance(name), 14);
    // So far that the word clears the mark, whichever way it lies from it.
    const double flat = std::abs(inward.dx()) / inward.length();
    inward.setLength(kWordInset + flat * size.width() / 2);
    draw_word(painter, name, inward.p2());
  }
}

QString RelationMarks::hint(std::size_t mark) const {
  const RelationMark& m = m_picks.relation_marks()[mark];
  QStringList names;
  for (const Relation relation : m.of) names << name_of(relation);
  return WheelView::tr("%1° further: %2. Click to choose %3.")
      .arg(std::lround(m.turn))
      .arg(names.join(QStringLiteral(", ")), name_of(chosen_by(mark)));
}

} // namespace zc
