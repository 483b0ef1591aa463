// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/theme/house_style.h"

#include "app/theme/looks.h"
#include "app/theme/theme.h"

#include <QLabel>

#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QStyleFactory>
#include <QStyleOption>

namespace zc {
namespace {

constexpr int kScrollBar = 8, kArrow = 8;

/// Two strokes that point down, in the middle of a place.
void draw_arrow(QPainter& painter, const QRect& place, const QColor& color) {
  const QPointF c = QRectF(place).center();
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(QPen(color, 1.3));
  painter.drawLine(c + QPointF(-3.5, -1.5), c + QPointF(0, 2));
  painter.drawLine(c + QPointF(0, 2), c + QPointF(3.5, -1.5));
  painter.restore();
}

/// What can be edited: a flat ground with a line at its foot, heavier while it has the focus.
void draw_field(QPainter& painter, const QRect& r, bool focused) {
  painter.fillRect(r, theme().field);
  const int thick = focused ? 2 : 1;
  painter.fillRect(QRect(r.left(), r.bottom() + 1 - thick, r.width(), thick),
                   focused ? theme().strong : theme().line);
}

ControlState state_of(const QStyleOption& option) {
  return {static_cast<bool>(option.state & QStyle::State_Enabled),
          static_cast<bool>(option.state & QStyle::State_On),
          static_cast<bool>(option.state & QStyle::State_Sunken),
          static_cast<bool>(option.state & QStyle::State_MouseOver),
          static_cast<bool>(option.state & QStyle::State_HasFocus)};
}

/// On a ground of its own a button is a frame in the colors of its palette.
bool stands_on_own_ground(const QStyleOption& option) {
  return option.state & QStyle::State_Enabled && option.palette.color(QPalette::ButtonText) != theme().text;
}

void draw_button(QPainter& painter, const QStyleOption& option) {
  if (stands_on_own_ground(option)) {
    painter.setPen(option.palette.color(QPalette::ButtonText));
    painter.setBrush(Qt::NoBrush);
    return painter.drawRect(option.rect.adjusted(0, 0, -1, -1));
  }
  const auto* button = qstyleoption_cast<const QStyleOptionButton*>(&option);
  const bool primary = button && button->features & QStyleOptionButton::DefaultButton;
  paint_action_ground(painter, option.rect, state_of(option), primary);
  if (option.state & QStyle::State_HasFocus) paint_focus(painter, option.rect);
}

void draw_slider(QPainter& painter, const QStyleOptionSlider& option, const QRect& handle) {
  const bool lying = option.orientation == Qt::Horizontal;
  const QPoint c = option.rect.center();
  const QRect groove = lying ? QRect(option.rect.left(), c.y(), option.rect.width(), 1)
                             : QRect(c.x(), option.rect.top(), 1, option.rect.height());
  painter.fillRect(groove, theme().quiet);
  const QSize size = lying ? QSize(5, 15) : QSize(15, 5);
  QRect grip(QPoint(), size);
  grip.moveCenter(handle.center());
  painter.fillRect(grip, option.state & QStyle::State_Enabled ? theme().text : theme().line);
  if (!(option.state & QStyle::State_HasFocus)) return;
  painter.setPen(QPen(theme().strong, 1, Qt::DotLine));
  painter.drawRect(option.rect.adjusted(0, 0, -1, -1));
}

} // namespace

HouseStyle::HouseStyle() : QProxyStyle(QStyleFactory::create(QStringLiteral("Fusion"))) {}

void HouseStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                               const QWidget* widget) const {
  switch (element) {
  case PE_PanelButtonCommand:
    return draw_button(*painter, *option);
  case PE_IndicatorCheckBox:
    return paint_tick_box(*painter, option->rect, state_of(*option));
  case PE_PanelButtonTool:
    if (option->state & (State_Sunken | State_On)) painter->fillRect(option->rect, theme().field_alt);
    return;
  case PE_PanelLineEdit:
    if (const auto* frame = qstyleoption_cast<const QStyleOptionFrame*>(option);
        frame && frame->lineWidth > 0)
      return draw_field(*painter, option->rect, option->state & State_HasFocus);
    return painter->fillRect(option->rect, option->palette.base());
  case PE_FrameFocusRect:
    // A button frames itself, as every other action does.
    if (qobject_cast<const QPushButton*>(widget)) return;
    return QProxyStyle::drawPrimitive(element, option, painter, widget);
  case PE_FrameLineEdit:
  case PE_FrameDefaultButton:
    return;
  case PE_IndicatorArrowDown:
    return draw_arrow(*painter, option->rect, theme().quiet);
  default:
    return QProxyStyle::drawPrimitive(element, option, painter, widget);
  }
}

void HouseStyle::drawControl(ControlElement element, const QStyleOption* option, QPainter* painter,
                             const QWidget* widget) const {
  switch (element) {
  case CE_PushButtonLabel: {
    auto label = *static_cast<const QStyleOptionButton*>(option);
    if (label.features & QStyleOptionButton::DefaultButton && label.state & State_Enabled)
      label.palette.setColor(QPalette::ButtonText, theme().on_fill);
    return QProxyStyle::drawControl(element, &label, painter, widget);
  }
  case CE_HeaderSection:
    painter->fillRect(option->rect, theme().furniture);
    painter->fillRect(QRect(option->rect.left(), option->rect.bottom(), option->rect.width(), 1),
                      theme().line);
    return;
  case CE_HeaderEmptyArea:
    return painter->fillRect(option->rect, theme().furniture);
  case CE_ProgressBarGroove:
    return painter->fillRect(option->rect, theme().field);
  case CE_ProgressBarContents: {
    const auto* bar = qstyleoption_cast<const QStyleOptionProgressBar*>(option);
    if (!bar || bar->maximum <= bar->minimum) return;
    QRect done = option->rect;
    done.setWidth(done.width() * (bar->progress - bar->minimum) / (bar->maximum - bar->minimum));
    return painter->fillRect(done, theme().line);
  }
  default:
    return QProxyStyle::drawControl(element, option, painter, widget);
  }
}

void HouseStyle::drawComplexControl(ComplexControl control, const QStyleOptionComplex* option,
                                    QPainter* painter, const QWidget* widget) const {
  if (control == CC_ComboBox) {
    draw_field(*painter, option->rect, option->state & State_HasFocus);
    const QRect arrow(option->rect.right() - kArrow - 6, option->rect.top(), kArrow, option->rect.height());
    return draw_arrow(*painter, arrow, option->state & State_Enabled ? theme().quiet : theme().line);
  }
  const auto* slider = qstyleoption_cast<const QStyleOptionSlider*>(option);
  if (control == CC_ScrollBar && slider) {
    const QRect grip = subControlRect(CC_ScrollBar, option, SC_ScrollBarSlider, widget);
    return painter->fillRect(grip.adjusted(1, 1, -1, -1),
                             option->state & State_Sunken ? theme().quiet : theme().line);
  }
  if (control == CC_Slider && slider)
    return draw_slider(*painter, *slider, subControlRect(CC_Slider, option, SC_SliderHandle, widget));
  QProxyStyle::drawComplexControl(control, option, painter, widget);
}

/// A scroll bar is its grip alone.
QRect HouseStyle::subControlRect(ComplexControl control, const QStyleOptionComplex* option, SubControl part,
                                 const QWidget* widget) const {
  const auto* bar = qstyleoption_cast<const QStyleOptionSlider*>(option);
  if (control != CC_ScrollBar || !bar) return QProxyStyle::subControlRect(control, option, part, widget);
  const bool lying = bar->orientation == Qt::Horizontal;
  const int length = lying ? bar->rect.width() : bar->rect.height();
  const int range = bar->maximum - bar->minimum;
  const int grip = range <= 0 ? length
                              : std::max(24, static_cast<int>(static_cast<std::int64_t>(length) *
                                                              bar->pageStep / (range + bar->pageStep)));
  const int from = sliderPositionFromValue(bar->minimum, bar->maximum, bar->sliderPosition, length - grip,
                                           bar->upsideDown);
  const auto along = [&](int start, int size) {
    const QRect r =
        lying ? QRect(start, 0, size, bar->rect.height()) : QRect(0, start, bar->rect.width(), size);
    return visualRect(bar->direction, bar->rect, r);
  };
  switch (part) {
  case SC_ScrollBarSlider:
    return along(from, grip);
  case SC_ScrollBarGroove:
    return along(0, length);
  case SC_ScrollBarSubPage:
    return along(0, from);
  case SC_ScrollBarAddPage:
    return along(from + grip, length - from - grip);
  default:
    return {};
  }
}

/// A field keeps the room of the longest text that was ever in it, and of all that was typed or pasted. Names
/// come from files: no label takes them for markup, those of tips and message boxes included.
void HouseStyle::polish(QWidget* widget) {
  constexpr int toolkit_longest = 32'767, longest = 1000;
  if (auto* line = qobject_cast<QLineEdit*>(widget); line && line->maxLength() == toolkit_longest)
    line->setMaxLength(longest);
  if (auto* label = qobject_cast<QLabel*>(widget); label && label->textFormat() == Qt::AutoText)
    label->setTextFormat(Qt::PlainText);
  QProxyStyle::polish(widget);
}

int HouseStyle::pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const {
  if (metric == PM_ScrollBarExtent) return kScrollBar;
  if (metric == PM_ButtonShiftHorizontal || metric == PM_ButtonShiftVertical) return 0;
  return QProxyStyle::pixelMetric(metric, option, widget);
}

int HouseStyle::styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                          QStyleHintReturn* data) const {
  if (hint == SH_ScrollBar_Transient) return 0;
  // A desktop theme's icons on buttons bring hues into the window.
  if (hint == SH_DialogButtonBox_ButtonsHaveIcons) return 0;
  // A list under its field, not a box over it.
  if (hint == SH_ComboBox_Popup) return 0;
  return QProxyStyle::styleHint(hint, option, widget, data);
}

} // namespace zc
