#include "app/tray/relations_panel.h"

#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"
#include "core/wheel/partners.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace zc {
namespace {

QString told(Srgb c) {
  return QObject::tr("%1, %2, value %3")
      .arg(QString::fromStdString(color_in_words(c)), QString::fromStdString(hex_of(c)))
      .arg(value_of(c), 0, 'f', 1);
}

} // namespace

RelationsPanel::RelationsPanel(Workbench& bench, QWidget* parent)
    : QWidget(parent), m_bench(bench), m_partners(new ChipRow(tr("Partners of the current color"), this)),
      m_string(new ChipRow(tr("Steps of the string"), this)), m_kind(new QComboBox(this)),
      m_steps(new QSpinBox(this)), m_even(new QComboBox(this)), m_lay(new QPushButton(tr("Lay all"), this)) {
  m_partners->setObjectName(QStringLiteral("partners"));
  m_string->setObjectName(QStringLiteral("string"));
  m_kind->setObjectName(QStringLiteral("stringKind"));
  m_kind->setAccessibleName(tr("Kind of string"));
  m_kind->setToolTip(tr("A graded row from the current color"));
  const std::pair<QString, StringKind> kinds[] = {{tr("even values"), StringKind::Values},
                                                  {tr("tints"), StringKind::Tints},
                                                  {tr("shades"), StringKind::Shades},
                                                  {tr("tones"), StringKind::Tones},
                                                  {tr("to the color before"), StringKind::Between},
                                                  {tr("into the distance"), StringKind::Distance}};
  for (const auto& [words, kind] : kinds) m_kind->addItem(words, static_cast<int>(kind));
  m_steps->setObjectName(QStringLiteral("stringSteps"));
  m_steps->setAccessibleName(tr("Steps of the string"));
  m_steps->setToolTip(tr("Number of steps, 2 to 24"));
  m_steps->setRange(2, 24);
  m_steps->setValue(9);
  m_even->setObjectName(QStringLiteral("stringEven"));
  m_even->setAccessibleName(tr("What is even from step to step"));
  m_even->setToolTip(tr("Steps of equal value, or of equal difference to the eye (CIEDE2000)"));
  m_even->addItem(tr("in value"), static_cast<int>(Evenness::Lightness));
  m_even->addItem(tr("to the eye"), static_cast<int>(Evenness::Difference));
  m_lay->setObjectName(QStringLiteral("layString"));
  m_lay->setToolTip(tr("Lay all steps on the staff as a family"));
  auto* partners_label = new QLabel(tr("Partners"), this);
  partners_label->setFont(caption_font());
  for (QWidget* w : {static_cast<QWidget*>(m_kind), static_cast<QWidget*>(m_steps),
                     static_cast<QWidget*>(m_even), static_cast<QWidget*>(m_lay)})
    w->setFont(caption_font());
  m_kind->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_kind->setMinimumContentsLength(8);
  m_lay->setFixedWidth(56);
  m_steps->setFixedWidth(46);
  m_even->setFixedWidth(76);

  auto* first = new QHBoxLayout;
  first->setSpacing(kGap);
  first->addWidget(partners_label);
  first->addWidget(m_partners, 1);
  auto* second = new QHBoxLayout;
  second->setSpacing(4);
  second->addWidget(m_kind, 1);
  second->addWidget(m_steps);
  second->addWidget(m_even);
  second->addWidget(m_lay);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  column->addLayout(first);
  column->addLayout(second);
  column->addWidget(m_string);

  connect(m_kind, &QComboBox::currentIndexChanged, this, &RelationsPanel::follow_string);
  connect(m_even, &QComboBox::currentIndexChanged, this, &RelationsPanel::follow_string);
  connect(m_steps, &QSpinBox::valueChanged, this, &RelationsPanel::follow_string);
  connect(m_lay, &QPushButton::clicked, this, &RelationsPanel::lay_string);
  const auto take = [this](const ChipRow* row) {
    return [this, row](std::size_t chip) {
      const StringStep step = row->steps()[chip];
      m_bench.take_up(step.color, step.at);
    };
  };
  connect(m_partners, &ChipRow::taken, this, take(m_partners));
  connect(m_string, &ChipRow::taken, this, take(m_string));
  for (const auto signal : {&Workbench::colorChanged, &Workbench::pieceChanged, &Workbench::viewChanged})
    connect(&bench, signal, this, &RelationsPanel::follow);
  follow();
}

void RelationsPanel::follow() {
  follow_partners();
  follow_string();
}

void RelationsPanel::follow_partners() {
  std::vector<StringStep> steps;
  QStringList words;
  for (const auto& p : partners_of(m_bench.wheel(), m_bench.session().at)) {
    steps.push_back({p.color, p.at, false});
    words << tr("%1, %2° on: %3")
                 .arg(QString::fromLatin1(p.name.data(), static_cast<qsizetype>(p.name.size())))
                 .arg(p.turn)
                 .arg(told(p.color));
  }
  m_partners->show_steps(std::move(steps), words, m_bench.session().values_only);
}

StringSpec RelationsPanel::spec() const {
  const Session& s = m_bench.session();
  StringSpec out{static_cast<StringKind>(m_kind->currentData().toInt()), s.color, {}, m_steps->value(),
                 static_cast<Evenness>(m_even->currentData().toInt()),   s.at.a};
  if (out.kind == StringKind::Between) out.to = s.before;
  return out;
}

void RelationsPanel::follow_string() {
  const bool hold = m_bench.region() && m_bench.piece().rule == MaskRule::Held;
  const auto made = make_string(spec(), m_bench.wheel(), hold ? m_bench.region() : nullptr);
  m_lay->setEnabled(made.ok());
  QStringList words;
  if (made)
    for (const auto& step : *made)
      words << (step.held ? tr("%1; moved into the mask").arg(told(step.color)) : told(step.color));
  m_string->show_steps(made ? *made : std::vector<StringStep>{}, words, m_bench.session().values_only);
}

void RelationsPanel::lay_string() {
  std::vector<LaidColor> colors;
  for (const auto& step : m_string->steps()) colors.push_back({step.color, step.at});
  m_bench.lay_family(m_kind->currentText(), colors);
}

} // namespace zc
