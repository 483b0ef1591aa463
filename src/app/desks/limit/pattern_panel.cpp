// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/limit/pattern_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/masking.h"
#include "model/session/studio.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace zc {
namespace {

QString words(std::string_view s) { return QString::fromLatin1(s.data(), static_cast<qsizetype>(s.size())); }

/// A pattern drawn small: the wheel's rim and the mask in it.
class PatternButton final : public QAbstractButton {
public:
  PatternButton(Pattern kind, QWidget* parent) : QAbstractButton(parent), m_kind(kind) {
    setText(word(pattern_name(kind)));
    setAccessibleName(QObject::tr("Mask pattern %1").arg(text()));
    setFixedSize(std::max(62, QFontMetrics(small_font()).horizontalAdvance(text()) + 6), 58);
    setCursor(Qt::PointingHandCursor);
  }

protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QPointF middle(width() / 2.0, 20);
    constexpr double radius = 18;
    const Mask mask = pattern_mask({m_kind, 45, usual_spread(m_kind)});
    QPolygonF shape;
    for (const auto& p : std::get<Polygon>(mask.areas[0].shape).points)
      shape << middle + QPointF(p.x, -p.y) * radius;
    painter.setPen(QPen(theme().quiet, 1));
    painter.setBrush(theme().field);
    painter.drawEllipse(middle, radius, radius);
    painter.setPen(Qt::NoPen);
    painter.setBrush(underMouse() || isDown() ? theme().strong : theme().text);
    painter.drawPolygon(shape);
    painter.setPen(theme().text);
    painter.setFont(small_font());
    painter.drawText(QRectF(0, 40, width(), 17), Qt::AlignCenter, text());
    if (!hasFocus()) return;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme().strong, 1, Qt::DotLine));
    painter.drawRect(rect().adjusted(1, 1, -2, -2));
  }

private:
  Pattern m_kind;
};

NumberField* angle_field(const QString& name, const QString& accessible, const QString& tip,
                         QWidget* parent) {
  auto* field = new NumberField(name, accessible, parent);
  field->set_range({0, 360, 1, 1, QStringLiteral("°"), true, {}});
  field->setToolTip(tip);
  field->setFixedWidth(54);
  return field;
}

} // namespace

PatternPanel::PatternPanel(Studio& model, Masking& masking, QWidget* parent)
    : QWidget(parent), m_model(model), m_masking(masking) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  auto* heading = new QLabel(tr("Patterns"), this);
  heading->setFont(heading_font());
  column->addWidget(heading);
  column->addWidget(make_patterns());
  column->addWidget(make_numbers());
  model.hear({Part::Geometry, Part::Masking}, this, &PatternPanel::follow);
  follow();
}

QWidget* PatternPanel::make_patterns() {
  auto* box = new QWidget(this);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setSpacing(2);
  int place = 0;
  for (const Pattern kind : kPatterns) {
    auto* button = new PatternButton(kind, box);
    button->setObjectName("pattern." + words(pattern_name(kind)));
    button->setToolTip(tr("Make a mask of this pattern, starting at the base hue"));
    connect(button, &QAbstractButton::clicked, this, [this, kind] { lay(kind); });
    grid->addWidget(button, place / 4, place % 4);
    ++place;
  }
  grid->setColumnStretch(4, 1);
  return box;
}

QWidget* PatternPanel::make_numbers() {
  auto* box = new QWidget(this);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(kGap);
  grid->setVerticalSpacing(2);
  m_base = angle_field(QStringLiteral("patternBase"), tr("Base hue of the pattern"),
                       tr("Angle of the first hue of the next pattern, clockwise from the top"), box);
  m_spread = new NumberField(QStringLiteral("patternSpread"), tr("Spread of the pattern"), box);
  m_spread->set_range({kSpreadRange.low, kSpreadRange.high, 1, 0, QStringLiteral("°"), false, tr("usual")});
  m_spread->show_value(-1);
  m_spread->setFixedWidth(54);
  m_spread->setToolTip(
      tr("Width of the hues of the next pattern, 0 to 120°; \"usual\" is the pattern's own width"));
  m_turned = angle_field(QStringLiteral("maskTurned"), tr("Mask turned by"),
                         tr("How far the mask is turned; drag outside the rim to turn it by hand, or press "
                            "Ctrl+Left and Ctrl+Right on the wheel"),
                         box);
  m_carry = word_switch(
      QStringLiteral("carry"), tr("turn the set along"),
      tr("When the mask is turned, turn the hues of the current set as well; saturation and value stay"),
      box);
  auto* current = word_action(QStringLiteral("patternFromCurrent"), tr("Use current hue"),
                              tr("Start the next pattern at the hue of the current color"), box);
  connect(current, &QAbstractButton::clicked, this,
          [this] { m_base->show_value(m_model.session().at.at.a); });
  m_more = word_opener(
      QStringLiteral("patternMore"), tr("More"),
      tr("Set the first hue and width of patterns, turn the mask, choose what it keeps on a new wheel"), box);
  auto* rest = new QWidget(box);
  auto* under = new QGridLayout(rest);
  under->setContentsMargins(0, 0, 0, 0);
  under->setHorizontalSpacing(kGap);
  under->setVerticalSpacing(2);
  under->addWidget(caption_label(tr("First hue"), rest), 0, 0);
  under->addWidget(m_base, 0, 1);
  under->addWidget(current, 0, 2, 1, 2, Qt::AlignLeft);
  under->addWidget(caption_label(tr("Width"), rest), 1, 0);
  under->addWidget(m_spread, 1, 1);
  under->addWidget(caption_label(tr("Mask turned by"), rest), 1, 2);
  under->addWidget(m_turned, 1, 3);
  under->addLayout(make_keeps(rest), 2, 0, 1, 5);
  under->setColumnStretch(4, 1);
  grid->addWidget(m_carry, 0, 0);
  grid->addWidget(m_more, 0, 2);
  grid->addWidget(rest, 1, 0, 1, 3);
  grid->setColumnStretch(1, 1);
  keep_open(*m_more, *rest, QStringLiteral("patterns/more"));
  connect(m_base, &NumberField::wanted, m_base, &NumberField::show_value);
  connect(m_spread, &NumberField::wanted, m_spread, &NumberField::show_value);
  connect(m_turned, &NumberField::wanted, this, [this](double to) {
    if (const auto& mask = m_model.piece().mask)
      m_masking.turn_mask(turn_between(mask->turned, to), m_turned->drag_key());
  });
  connect(m_carry, &QAbstractButton::clicked, this,
          [this](bool on) { m_masking.carry(on ? Carry::SetToo : Carry::MaskOnly); });
  return box;
}

QHBoxLayout* PatternPanel::make_keeps(QWidget* box) {
  m_keeps_colors = word_choice(QStringLiteral("keepColors"), tr("colors"),
                               tr("On a new wheel the mask keeps its colors"), box);
  m_keeps_shape = word_choice(QStringLiteral("keepShape"), tr("outline"),
                              tr("On a new wheel the mask keeps its outline"), box);
  auto* keeps = new QHBoxLayout;
  keeps->setSpacing(2);
  keeps->addWidget(caption_label(tr("On a new wheel keep"), box));
  auto* joined = joined_row();
  keeps->addSpacing(4);
  keeps->addLayout(joined);
  for (WordControl* word : {m_keeps_colors, m_keeps_shape}) joined->addWidget(word);
  keeps->addStretch();
  connect(m_keeps_colors, &QAbstractButton::clicked, this, [this] { keep(MaskKeeps::Colors); });
  connect(m_keeps_shape, &QAbstractButton::clicked, this, [this] { keep(MaskKeeps::Outline); });
  return keeps;
}

void PatternPanel::keep(MaskKeeps keeps) {
  m_masking.keep_of_mask(keeps);
  follow();
}

void PatternPanel::begin_typing_turn() {
  m_more->setChecked(true);
  m_turned->setFocus();
  m_turned->setText(QStringLiteral("+"));
  m_turned->setModified(true);
}

void PatternPanel::lay(Pattern kind) {
  const PatternSpec spec{kind, m_base->value(),
                         m_spread->value() < 0 ? usual_spread(kind) : m_spread->value()};
  Mask mask = pattern_mask(spec);
  put_in_words(mask.name);
  m_model.store().apply(tr("Make %1 mask").arg(text(mask.name)), [&](Piece p) -> Result<Piece> {
    return with_mask_on(with_mask(std::move(p), mask), true);
  });
}

void PatternPanel::follow() {
  const auto& mask = m_model.piece().mask;
  allow(*m_turned, mask.has_value(), tr("There is no mask yet. Choose a pattern at Limit, or draw an area."));
  m_turned->show_value(mask ? mask->turned : 0);
  m_carry->setChecked(m_model.session().carry != Carry::MaskOnly);
  m_keeps_colors->setChecked(m_model.session().mask_keeps == MaskKeeps::Colors);
  m_keeps_shape->setChecked(m_model.session().mask_keeps == MaskKeeps::Outline);
}

} // namespace zc
