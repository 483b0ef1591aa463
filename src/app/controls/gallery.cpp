// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/gallery.h"

#include "app/theme/looks.h"
#include "app/theme/theme.h"

#include <QPainter>

namespace zc {
namespace {

constexpr int kEdge = 16, kNames = 76, kCell = 112, kRow = 36, kHead = 44;

struct Kind {
  ControlKind kind;
  const char *name, *word;
};
constexpr Kind kKinds[] = {
    {ControlKind::Action, "action", "Add to set"}, {ControlKind::Primary, "primary", "Export"},
    {ControlKind::Switch, "switch", "with black"}, {ControlKind::Choice, "choice", "study"},
    {ControlKind::Opener, "opener", "Options"},    {ControlKind::Tab, "tab", "Report"}};
struct State {
  const char* name;
  ControlState state;
};
const State kStates[] = {{"rest", {}},
                         {"pointer", {.pointed = true}},
                         {"pressed", {.pressed = true, .pointed = true}},
                         {"focus", {.focused = true}},
                         {"on", {.on = true}},
                         {"disabled", {.enabled = false}},
                         {"disabled, on", {.enabled = false, .on = true}}};

constexpr int kWide = kEdge + kNames + kCell * static_cast<int>(std::size(kStates)) + kEdge;
constexpr int kHigh = kHead + kRow * (static_cast<int>(std::size(kKinds)) + 1) + kEdge;

void paint_kinds(QPainter& painter, const QColor& ground, const QString& surround) {
  const Theme& t = theme();
  painter.fillRect(QRect(0, 0, kWide, kHigh), ground);
  painter.setPen(t.text);
  painter.setFont(heading_font());
  painter.drawText(QPoint(kEdge, 26), surround);
  const auto place = [](int column, int row) {
    return QPoint(kEdge + kNames + column * kCell, kHead + row * kRow);
  };
  painter.setFont(caption_font());
  painter.setPen(t.quiet);
  int column = 0;
  for (const State& s : kStates) painter.drawText(place(column++, 0) + QPoint(0, -6), QLatin1String(s.name));
  int row = 0;
  for (const Kind& kind : kKinds) {
    painter.setFont(caption_font());
    painter.setPen(t.quiet);
    painter.drawText(QPoint(kEdge, place(0, row).y() + 20), QLatin1String(kind.name));
    column = 0;
    for (const State& s : kStates) {
      const QString word = QLatin1String(kind.word);
      paint_control(painter, {place(column++, row), control_size(kind.kind, word)}, kind.kind, s.state, word);
    }
    ++row;
  }
  // Joined, and with a word that is longer than usual.
  int x = place(0, row).x();
  const char* const words[] = {"hold", "warn", "show what is outside, marked", "off"};
  for (int i = 0; i < 4; ++i) {
    const QString word = QLatin1String(words[i]);
    const QSize size = control_size(ControlKind::Choice, word);
    paint_control(painter, {QPoint(x, place(0, row).y()), size}, ControlKind::Choice, {.on = i == 0}, word,
                  {i > 0, i < 3});
    x += size.width();
  }
}

} // namespace

Gallery::Gallery() {
  setObjectName(QStringLiteral("gallery"));
  setWindowTitle(QStringLiteral("Controls"));
  resize(sizeHint());
}

QSize Gallery::sizeHint() const { return {kWide, 3 * kHigh}; }

void Gallery::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  for (const Surround surround : {Surround::Dark, Surround::Middle, Surround::Light}) {
    const PaintedSurround as(surround);
    paint_kinds(painter, theme().stage, surround_name(surround));
    painter.translate(0, kHigh);
  }
}

} // namespace zc
