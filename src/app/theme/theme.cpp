// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/theme/theme.h"

#include "app/theme/house_style.h"
#include "app/theme/interface_size.h"
#include "app/theme/window_pixels.h"
#include "io/sheet/typeface.h"

#include <QApplication>
#include <QPalette>

#include <cmath>

namespace zc {
namespace {

QColor grey(int level) { return {level, level, level}; }

const Theme kThemes[] = {
    {grey(0x38), grey(0x2c), grey(0x30), grey(0x3c), grey(0x6a), grey(0x90), grey(0x46), grey(0xe6),
     grey(0x14), grey(0x92), grey(0xee), grey(0xb4), grey(0xff), grey(0x5a)},
    {grey(0x8c), grey(0x82), grey(0x92), grey(0x88), grey(0x50), grey(0x34), grey(0x9a), grey(0x14),
     grey(0xf4), grey(0x38), grey(0x00), grey(0x16), grey(0x00), grey(0xb0)},
    {grey(0xd8), grey(0xcc), grey(0xe4), grey(0xdc), grey(0x90), grey(0x6c), grey(0xe6), grey(0x28),
     grey(0xf6), grey(0x70), grey(0x12), grey(0x48), grey(0x00), grey(0xb4)},
};

Surround g_surround = Surround::Dark; // The surround is one for the whole program, like the palette it sets.

QFont sized(int pixels, QFont::Weight weight) {
  QFont font(kTypeface);
  font.setPixelSize(static_cast<int>(std::lround(pixels * words_scale())));
  font.setWeight(weight);
  return font;
}

QPalette palette_of(const Theme& t) {
  QPalette p(t.text, t.furniture, t.field_alt.lighter(140), t.furniture.darker(140), t.line, t.text, t.text,
             t.field, t.furniture);
  p.setColor(QPalette::Button, t.furniture);
  p.setColor(QPalette::Highlight, t.chosen);
  p.setColor(QPalette::HighlightedText, t.strong);
  p.setColor(QPalette::PlaceholderText, t.quiet);
  p.setColor(QPalette::ToolTipBase, t.field);
  p.setColor(QPalette::ToolTipText, t.text);
  p.setColor(QPalette::Link, t.text);
  p.setColor(QPalette::LinkVisited, t.text);
  for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
    p.setColor(QPalette::Disabled, role, t.dimmed);
  return p;
}

} // namespace

QPalette stage_palette() {
  QPalette p = palette_of(theme());
  p.setColor(QPalette::Window, theme().stage);
  return p;
}

QString surround_name(Surround s) {
  if (s == Surround::Dark) return QStringLiteral("dark");
  return s == Surround::Middle ? QStringLiteral("middle") : QStringLiteral("light");
}

const Theme& theme() { return kThemes[static_cast<int>(g_surround)]; }
Surround current_surround() { return g_surround; }

void set_surround(Surround surround) {
  g_surround = surround;
  QApplication::setPalette(palette_of(theme()));
}

PaintedSurround::PaintedSurround(Surround surround) : m_before(g_surround) { g_surround = surround; }
PaintedSurround::~PaintedSurround() { g_surround = m_before; }

void install_theme() {
  install_typeface();
  QApplication::setStyle(new HouseStyle);
  QApplication::setFont(text_font());
  set_surround(g_surround);
  hold_pixels_of_shown_windows_only();
}

QFont small_font() { return sized(11, QFont::Normal); }
QFont text_font() { return sized(13, QFont::Normal); }
QFont caption_font() { return sized(12, QFont::Normal); }
QFont caption_strong_font() { return sized(12, QFont::DemiBold); }
QFont heading_font() { return sized(13, QFont::DemiBold); }
QFont title_font() { return sized(15, QFont::DemiBold); }

} // namespace zc
