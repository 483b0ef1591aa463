#include "app/desks/pick/mix_panel.h"

#include "app/desks/pick/string_panel.h"
#include "app/theme/controls.h"
#include "app/theme/number_field.h"
#include "app/theme/text.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/mix/strings.h"
#include "core/wheel/color_words.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kNoWell = -1, kBetween = 9;

} // namespace

MixPanel::MixPanel(Workspace& space, QWidget* parent)
    : QWidget(parent), m_space(space), m_paint(new WordButton(tr("as paint"), this)),
      m_light(new WordButton(tr("as light"), this)), m_result(new ChipRow(tr("The mixture"), this)),
      m_row(new ChipRow(tr("The string between the two wells"), this)), m_words(new QLabel(this)),
      m_lay(new QPushButton(tr("Lay"), this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  auto* wells = new QHBoxLayout;
  wells->setSpacing(4);
  for (std::size_t i = 0; i < m_slots.size(); ++i) {
    auto& [well, parts] = m_slots[i];
    well = new QComboBox(this);
    well->setObjectName(QStringLiteral("mixWell.%1").arg(i));
    well->setAccessibleName(tr("Well %1 of the mixture").arg(i + 1));
    well->setToolTip(tr("A well that goes into the mixture"));
    well->setFont(caption_font());
    well->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    well->setMinimumContentsLength(5);
    parts = new NumberField(QStringLiteral("mixParts.%1").arg(i), tr("Parts of well %1").arg(i + 1), this);
    parts->set_range({0, 99, 1, 1, {}, false, {}});
    parts->show_value(1);
    parts->setFixedWidth(38);
    parts->setToolTip(tr("How many parts of it, 0 to 99"));
    wells->addWidget(well, 1);
    wells->addWidget(parts);
    connect(well, &QComboBox::currentIndexChanged, this, &MixPanel::follow);
    connect(parts, &NumberField::wanted, this, [this, field = parts](double n) {
      field->show_value(n);
      follow();
    });
  }
  auto* group = new QButtonGroup(this);
  for (WordButton* button : {m_paint, m_light}) {
    button->setCheckable(true);
    group->addButton(button);
    connect(button, &QAbstractButton::clicked, this, &MixPanel::follow);
  }
  m_paint->setChecked(true);
  m_paint->setObjectName(QStringLiteral("mixAsPaint"));
  m_paint->setToolTip(tr("Pigments absorb: curves of reflectance mixed by Kubelka and Munk"));
  m_light->setObjectName(QStringLiteral("mixAsLight"));
  m_light->setToolTip(tr("Light adds: as on a spinning disc or from far away"));
  m_result->setObjectName(QStringLiteral("mixture"));
  m_result->setFixedWidth(34);
  m_row->setObjectName(QStringLiteral("mixString"));
  m_words->setObjectName(QStringLiteral("mixWords"));
  m_words->setFont(caption_font());
  m_words->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
  m_lay->setObjectName(QStringLiteral("layMixture"));
  m_lay->setFont(caption_font());
  m_lay->setToolTip(tr("Lay the mixture on the staff in the chosen family"));
  auto* second = new QHBoxLayout;
  second->setSpacing(6);
  second->addWidget(m_paint);
  second->addWidget(m_light);
  second->addWidget(m_words, 1);
  second->addWidget(m_lay);
  auto* chips = new QHBoxLayout;
  chips->setSpacing(14);
  chips->addWidget(m_result);
  chips->addWidget(m_row, 1);
  column->addLayout(wells);
  column->addLayout(second);
  column->addLayout(chips);

  for (ChipRow* row : {m_result, m_row}) {
    connect(row, &ChipRow::taken, this,
            [this, row](std::size_t chip) { m_space.take_up(row->steps()[chip].color); });
    connect(row, &ChipRow::laid, this, [this, row](std::size_t chip) {
      m_space.lay_color({row->steps()[chip].color, {}});
    });
  }
  connect(m_lay, &QPushButton::clicked, this, [this] {
    m_space.lay_color({m_result->steps().front().color, {}});
  });
  connect(&space, &Workspace::atHandChanged, this, &MixPanel::follow_wells);
  connect(&space, &Workspace::viewChanged, this, &MixPanel::follow);
  follow_wells();
}

void MixPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void MixPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_space.show_string({});
}

MixAs MixPanel::as() const { return m_paint->isChecked() ? MixAs::Paint : MixAs::Light; }

/// The first two places take the first two wells that hold a color, until the painter chooses.
void MixPanel::follow_wells() {
  const AtHand& space = m_space.session().at_hand;
  std::vector<int> full;
  for (std::size_t i = 0; i < space.wells.size(); ++i)
    if (space.wells[i]) full.push_back(static_cast<int>(i));
  for (std::size_t i = 0; i < m_slots.size(); ++i) {
    QComboBox* box = m_slots[i].well;
    const QSignalBlocker quiet(box);
    const bool untouched = box->count() == 0 || (box->count() == 1 && !full.empty());
    const QVariant chosen = box->currentData();
    box->clear();
    box->addItem(tr("none"), kNoWell);
    fill_with_wells(*box, space);
    const int usual = i < 2 && i < full.size() ? full[i] : kNoWell;
    box->setCurrentIndex(std::max(0, box->findData(untouched ? QVariant(usual) : chosen)));
  }
  follow();
}

std::vector<MixPart> MixPanel::parts() const {
  std::vector<MixPart> out;
  for (const auto& [box, parts] : m_slots) {
    const int well = box->currentData().toInt();
    if (well < 0 || box->currentIndex() < 0 || parts->value() <= 0) continue;
    if (const auto color = m_space.session().at_hand.wells.at(static_cast<std::size_t>(well)))
      out.push_back({*color, parts->value()});
  }
  return out;
}

void MixPanel::follow() {
  if (!isVisible()) return;
  const auto given = parts();
  const bool values_only = m_space.session().values_only;
  m_lay->setEnabled(given.size() >= 2);
  if (given.size() < 2) {
    m_result->show_steps({}, {}, values_only);
    m_row->show_steps({}, {}, values_only);
    m_words->setText(tr("Choose two to four filled wells to mix."));
    return m_space.show_string({});
  }
  const auto mixture = mix(given, as());
  if (!mixture) return m_words->setText(QString::fromStdString(mixture.error().sentence));
  m_result->show_steps({{mixture->color, {}}}, {color_told(mixture->color)}, values_only);
  m_words->setText(
      color_told(mixture->color) +
      (mixture->exact ? QString() : tr("; a part is no paint's color, the nearest paint stands")));
  follow_string(given);
}

void MixPanel::follow_string(const std::vector<MixPart>& given) {
  StringSpec spec;
  spec.kind = StringKind::Between;
  spec.from = given[0].color;
  spec.to = given[1].color;
  spec.steps = kBetween;
  spec.even = Evenness::Difference;
  spec.way = as() == MixAs::Paint ? Way::Paint : Way::Light;
  const auto made = given.size() == 2 ? make_string(spec, m_space.wheel())
                                      : Result<std::vector<StringStep>>(std::vector<StringStep>{});
  const std::vector<StringStep> steps = made ? *made : std::vector<StringStep>{};
  QStringList words;
  for (const auto& step : steps) words << color_told(step.color);
  m_row->show_steps(steps, words, m_space.session().values_only);
  m_space.show_string(steps);
}

} // namespace zc
