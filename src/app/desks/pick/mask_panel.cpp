#include "app/desks/pick/mask_panel.h"

#include "app/paint/paint.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/piece/edits.h"
#include "core/wheel/color_words.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QToolButton>
#include <QVBoxLayout>

namespace zc {
namespace {

QString words(std::string_view s) { return QString::fromLatin1(s.data(), static_cast<qsizetype>(s.size())); }

/// A pattern drawn small: the wheel's rim and the mask in it.
class PatternButton final : public QAbstractButton {
public:
  PatternButton(Pattern kind, QWidget* parent) : QAbstractButton(parent), m_kind(kind) {
    setText(words(pattern_name(kind)));
    setAccessibleName(QObject::tr("Mask pattern %1").arg(text()));
    setFixedSize(std::max(56, QFontMetrics(small_font()).horizontalAdvance(text()) + 6), 56);
    setCursor(Qt::PointingHandCursor);
  }

protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QPointF middle(width() / 2.0, 19);
    constexpr double radius = 17;
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
    painter.drawText(QRectF(0, 38, width(), 18), Qt::AlignCenter, text());
    if (!hasFocus()) return;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme().strong, 1, Qt::DotLine));
    painter.drawRect(rect().adjusted(1, 1, -2, -2));
  }

private:
  Pattern m_kind;
};

QDoubleSpinBox* degrees_box(const QString& name, const QString& accessible, QWidget* parent) {
  auto* box = new QDoubleSpinBox(parent);
  box->setObjectName(name);
  box->setAccessibleName(accessible);
  box->setRange(0, 359.9);
  box->setWrapping(true);
  box->setDecimals(1);
  box->setSuffix(QStringLiteral("°"));
  box->setKeyboardTracking(false);
  return box;
}

} // namespace

MaskPanel::MaskPanel(Workbench& bench, QWidget* parent) : QWidget(parent), m_bench(bench) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  column->addWidget(make_patterns());
  column->addWidget(make_numbers());
  column->addWidget(make_rules());
  m_facts = new QLabel(this);
  m_facts->setObjectName(QStringLiteral("maskFacts"));
  m_facts->setFont(caption_font());
  m_facts->setMinimumHeight(20);
  column->addWidget(m_facts);
  connect(&bench, &Workbench::pieceChanged, this, &MaskPanel::follow);
  connect(&bench, &Workbench::colorChanged, this, &MaskPanel::follow);
  follow();
}

QWidget* MaskPanel::make_patterns() {
  auto* box = new QWidget(this);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(0);
  for (const Pattern kind : kPatterns) {
    auto* button = new PatternButton(kind, box);
    button->setObjectName("pattern." + words(pattern_name(kind)));
    button->setToolTip(tr("Lay a mask of this pattern from the base hue"));
    connect(button, &QAbstractButton::clicked, this, [this, kind] { lay_pattern(kind); });
    row->addWidget(button);
  }
  row->addStretch();
  return box;
}

QWidget* MaskPanel::make_numbers() {
  auto* box = new QWidget(this);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(kGap);
  m_base = degrees_box(QStringLiteral("patternBase"), tr("Base hue of the pattern"), box);
  m_base->setToolTip(tr("Wheel angle of the leading hue of the next pattern laid, clockwise from the top"));
  m_spread = new QDoubleSpinBox(box);
  m_spread->setObjectName(QStringLiteral("patternSpread"));
  m_spread->setAccessibleName(tr("Spread of the pattern"));
  m_spread->setToolTip(
      tr("How wide the hues of the next pattern laid are; as usual for the pattern when left at \"usual\""));
  m_spread->setRange(-1, 120);
  m_spread->setDecimals(0);
  m_spread->setSpecialValueText(tr("usual"));
  m_spread->setValue(-1);
  m_spread->setSuffix(QStringLiteral("°"));
  m_turned = degrees_box(QStringLiteral("maskTurned"), tr("Mask turned by"), box);
  m_turned->setToolTip(tr("How far the mask is turned; drag outside the rim to turn it by hand"));
  auto* label = new QLabel(tr("Mask"), box);
  label->setFont(heading_font());
  row->addWidget(label);
  row->addWidget(new QLabel(tr("from hue"), box));
  row->addWidget(m_base);
  row->addWidget(new QLabel(tr("width"), box));
  row->addWidget(m_spread);
  row->addStretch();
  auto* carry = new WordButton(tr("carry set"), box);
  carry->setCheckable(true);
  carry->setObjectName(QStringLiteral("carry"));
  carry->setToolTip(
      tr("Turning the mask turns the hues of the current set along with it; saturation and value stay"));
  connect(carry, &QAbstractButton::clicked, &m_bench, &Workbench::carry_set);
  row->addWidget(carry);
  row->addWidget(new QLabel(tr("turned"), box));
  row->addWidget(m_turned);
  return box;
}

QWidget* MaskPanel::make_rules() {
  auto* box = new QWidget(this);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(kGap);
  m_on = new WordButton(tr("on"), box);
  m_on->setCheckable(true);
  m_on->setAccessibleName(tr("Mask on"));
  m_on->setObjectName(QStringLiteral("maskOn"));
  m_on->setToolTip(tr("Use the mask, or keep it without using it"));
  m_rule = new QComboBox(box);
  m_rule->setObjectName(QStringLiteral("maskRule"));
  m_rule->setAccessibleName(tr("Rule for picks"));
  m_rule->setToolTip(tr("What happens to a pick outside the mask"));
  m_rule->addItems({tr("picks are held"), tr("picks are flagged"), tr("picks are free")});
  m_remove = new QPushButton(tr("Take off"), box);
  m_remove->setObjectName(QStringLiteral("maskRemove"));
  m_remove->setToolTip(tr("Take the mask off the piece (Undo brings it back)"));
  row->addWidget(m_on);
  row->addWidget(m_rule);
  row->addStretch();
  m_neutral = new QPushButton(tr("Take neutral"), box);
  m_neutral->setObjectName(QStringLiteral("takeNeutral"));
  m_neutral->setToolTip(tr("Take up the subjective neutral, the middle of the mask, at the current value"));
  m_keys = new QPushButton(tr("Lay keys"), box);
  m_keys->setObjectName(QStringLiteral("layKeys"));
  m_keys->setToolTip(tr("Lay the key colors, the corners of the mask at the current value, as a family"));
  row->addWidget(m_neutral);
  row->addWidget(m_keys);
  row->addWidget(m_remove);

  connect(m_neutral, &QPushButton::clicked, &m_bench, &Workbench::take_up_neutral);
  connect(m_keys, &QPushButton::clicked, &m_bench, &Workbench::lay_key_colors);
  auto& store = m_bench.store();
  connect(m_on, &QAbstractButton::clicked, this, [&store](bool on) {
    store.apply(on ? tr("Switch mask on") : tr("Switch mask off"),
                [on](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), on); });
  });
  connect(m_rule, &QComboBox::activated, this, [&store](int i) {
    store.apply(tr("Change mask rule"),
                [i](Piece p) -> Result<Piece> { return with_rule(std::move(p), static_cast<MaskRule>(i)); });
  });
  connect(m_turned, &QDoubleSpinBox::valueChanged, this, [this, &store](double to) {
    const auto& mask = m_bench.piece().mask;
    if (!mask) return;
    const double by = turn_between(mask->turned, to);
    store.apply(tr("Turn mask"), [by, carry = m_bench.session().carry](Piece p) {
      return with_mask_turned(std::move(p), by, carry);
    });
  });
  connect(m_remove, &QPushButton::clicked, this, [&store] {
    store.apply(tr("Take mask off"),
                [](Piece p) -> Result<Piece> { return with_mask(std::move(p), std::nullopt); });
  });
  return box;
}

void MaskPanel::lay_pattern(Pattern kind) {
  const PatternSpec spec{kind, m_base->value(),
                         m_spread->value() < 0 ? usual_spread(kind) : m_spread->value()};
  m_bench.store().apply(tr("Lay %1 mask").arg(words(pattern_name(kind))), [&](Piece p) -> Result<Piece> {
    return with_mask_on(with_mask(std::move(p), pattern_mask(spec)), true);
  });
}

void MaskPanel::follow() {
  const auto& mask = m_bench.piece().mask;
  for (QWidget* w : std::initializer_list<QWidget*>{m_on, m_rule, m_turned, m_remove, m_neutral, m_keys})
    w->setEnabled(mask.has_value());
  m_on->setChecked(mask && m_bench.piece().mask_on);
  m_rule->setCurrentIndex(static_cast<int>(m_bench.piece().rule));
  const QSignalBlocker quiet(m_turned);
  m_turned->setValue(mask ? std::round(mask->turned * 10) / 10 : 0);
  if (!mask) {
    m_facts->setText(tr("No mask: every color can be picked. Choose a pattern to limit hue and saturation."));
    return;
  }
  const MaskRegion* region = m_bench.region();
  if (!region) {
    m_facts->setText(tr("The mask is kept but not used."));
    return;
  }
  const auto neutral = region->centroid();
  if (!neutral) {
    m_facts->setText(tr("The mask encloses nothing and admits no color; pull its corners apart."));
    return;
  }
  const Srgb color = m_bench.wheel().nearest_existing(wheel_point(*neutral, m_bench.session().at.v)).color;
  m_facts->setText(tr("%1, fills %2 % of the wheel; subjective neutral: %3")
                       .arg(QString::fromStdString(mask->name))
                       .arg(std::lround(100 * region->share()))
                       .arg(QString::fromStdString(color_in_words(color))));
}

} // namespace zc
