#include "app/desks/observe/harvest_panel.h"

#include "app/store/photo_reading.h"
#include "app/theme/controls.h"
#include "app/theme/number_field.h"
#include "app/theme/text.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"

#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {

HarvestPanel::HarvestPanel(Workspace& space, QWidget* parent)
    : QWidget(parent), m_space(space),
      m_difference(new NumberField(QStringLiteral("leastDifference"), tr("Least difference"), this)),
      m_mask(new QComboBox(this)), m_kind(new QComboBox(this)),
      m_start(new QPushButton(tr("Take colors"), this)), m_refill(new QPushButton(tr("Refill"), this)),
      m_drop(new QPushButton(tr("Drop"), this)), m_accept(new QPushButton(tr("Accept"), this)),
      m_progress(new QProgressBar(this)), m_chips(new ChipRow(tr("Colors taken from the photo"), this)),
      m_words(new QLabel(this)) {
  auto* heading = new QLabel(tr("Palette from the photo"), this);
  heading->setFont(heading_font());
  auto* grid = new QGridLayout;
  grid->setHorizontalSpacing(4);
  grid->setVerticalSpacing(4);
  const auto label = [&](const QString& text, int row, int column) {
    auto* l = new QLabel(text, this);
    l->setFont(caption_font());
    grid->addWidget(l, row, column);
  };
  const std::pair<QString, QString> bands[] = {{QStringLiteral("count.light"), tr("light")},
                                               {QStringLiteral("count.middle"), tr("middle")},
                                               {QStringLiteral("count.dark"), tr("dark")}};
  for (std::size_t i = 0; i < 3; ++i) {
    m_counts[i] = new NumberField(bands[i].first, tr("How many %1 colors").arg(bands[i].second), this);
    m_counts[i]->set_range({0, 60, 1, 0, {}, false, {}});
    m_counts[i]->show_value(i == 1 ? 6 : 4);
    m_counts[i]->setFixedWidth(28);
    m_counts[i]->setToolTip(tr("How many %1 colors, 0 to 60").arg(bands[i].second));
    connect(m_counts[i], &NumberField::wanted, m_counts[i], &NumberField::show_value);
    label(bands[i].second, 0, static_cast<int>(i) * 2);
    grid->addWidget(m_counts[i], 0, static_cast<int>(i) * 2 + 1);
  }
  m_difference->set_range({0, 50, 1, 1, {}, false, {}});
  m_difference->show_value(5);
  m_difference->setFixedWidth(34);
  m_difference->setToolTip(tr("Least CIEDE2000 between any two, 0 to 50"));
  connect(m_difference, &NumberField::wanted, m_difference, &NumberField::show_value);
  label(tr("apart"), 1, 0);
  grid->addWidget(m_difference, 1, 1);
  m_kind->setObjectName(QStringLiteral("representative"));
  m_kind->setAccessibleName(tr("What stands for a group"));
  m_kind->setToolTip(tr("The mean of a group of pixels, or its most typical pixel"));
  m_kind->addItem(tr("mean"), static_cast<int>(Representative::Mean));
  m_kind->addItem(tr("pixel"), static_cast<int>(Representative::Pixel));
  grid->addWidget(m_kind, 1, 2, 1, 4);
  m_mask->setObjectName(QStringLiteral("maskUse"));
  m_mask->setAccessibleName(tr("What the mask does to the extraction"));
  m_mask->setToolTip(tr("Take colors from the whole photo, from what lies in the mask, or brought into it"));
  m_mask->addItem(tr("from the whole photo"), static_cast<int>(MaskUse::Ignore));
  m_mask->addItem(tr("from inside the mask"), static_cast<int>(MaskUse::InsideOnly));
  m_mask->addItem(tr("brought into the mask"), static_cast<int>(MaskUse::MapInto));
  m_progress->setRange(0, 100);
  m_progress->setFixedHeight(14);
  m_chips->setObjectName(QStringLiteral("harvest"));
  m_words->setObjectName(QStringLiteral("harvestWords"));
  m_words->setFont(caption_font());
  m_words->setWordWrap(true);
  m_words->setAlignment(Qt::AlignLeft | Qt::AlignTop);
  m_start->setObjectName(QStringLiteral("takeColors"));
  m_start->setToolTip(tr("Take colors out of the photo, or stop doing so"));
  m_refill->setObjectName(QStringLiteral("refill"));
  m_refill->setToolTip(tr("Fill up again what was dropped; the others stay"));
  m_drop->setObjectName(QStringLiteral("dropColor"));
  m_drop->setToolTip(tr("Drop the chosen color (Delete on the photo)"));
  m_accept->setObjectName(QStringLiteral("acceptColors"));
  m_accept->setToolTip(tr("Lay the colors on the staff as families by hue, in one step"));
  for (QWidget* w :
       {static_cast<QWidget*>(m_mask), static_cast<QWidget*>(m_kind), static_cast<QWidget*>(m_start),
        static_cast<QWidget*>(m_refill), static_cast<QWidget*>(m_drop), static_cast<QWidget*>(m_accept)})
    w->setFont(caption_font());

  auto* commands = new QHBoxLayout;
  commands->setSpacing(4);
  for (QPushButton* button : {m_refill, m_drop, m_accept}) commands->addWidget(button);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  column->addWidget(heading);
  column->addLayout(grid);
  column->addWidget(m_mask);
  column->addWidget(m_start);
  column->addWidget(m_progress);
  column->addWidget(m_chips);
  column->addLayout(commands);
  column->addWidget(m_words, 1);

  connect(m_start, &QPushButton::clicked, this, [this] {
    if (m_job.running())
      m_job.stop();
    else
      start({});
  });
  connect(m_refill, &QPushButton::clicked, this, [this] { start(m_space.session().harvest.colors); });
  connect(m_accept, &QPushButton::clicked, &m_space, &Workspace::accept_harvest);
  connect(m_drop, &QPushButton::clicked, &m_space, &Workspace::drop_chosen);
  connect(m_chips, &ChipRow::taken, this, [this](std::size_t chip) {
    Harvest harvest = m_space.session().harvest;
    harvest.chosen = chip;
    m_space.show_harvest(std::move(harvest));
  });
  connect(&m_job, &ExtractionJob::changed, this, &HarvestPanel::follow);
  connect(&m_job, &ExtractionJob::finished, this, &HarvestPanel::take);
  connect(&m_job, &ExtractionJob::failed, &m_space, &Workspace::notice);
  space.hear({&Workspace::referencesChanged, &Workspace::geometryChanged, &Workspace::setsChanged,
              &Workspace::viewChanged},
             this, &HarvestPanel::follow);
  connect(&space.photos(), &PhotoLibrary::changed, this, &HarvestPanel::follow);
  follow();
}

ExtractionSpec HarvestPanel::spec() const {
  ExtractionSpec out;
  const auto count = [this](std::size_t i) { return static_cast<int>(std::lround(m_counts[i]->value())); };
  out.quotas = BandCounts{count(2), count(1), count(0)};
  out.bands = m_space.piece().bands;
  out.least_difference = m_difference->value();
  out.mask = static_cast<MaskUse>(m_mask->currentData().toInt());
  out.representative = static_cast<Representative>(m_kind->currentData().toInt());
  return out;
}

void HarvestPanel::start(const std::vector<ExtractedColor>& kept) {
  const Reference* shown = find_reference(m_space.piece(), m_space.session().reference);
  if (!shown) return;
  ExtractionJob::Order order{m_space.store().document(),
                             shown->id,
                             shown->bytes,
                             m_space.reader().photo(),
                             m_space.session().looking.region,
                             spec(),
                             m_space.wheel(),
                             {},
                             kept};
  if (m_space.region()) order.mask = *m_space.region();
  for (const auto& c : kept) order.spec.kept.push_back(c.color);
  const Status valid = validate(order.spec, order.mask && !order.mask->empty());
  if (!valid) return say_at(*m_start, QString::fromStdString(valid.error().sentence));
  if (order.photo) m_job.start(order);
}

void HarvestPanel::take(const ExtractionJob::Order& order, const Extraction& result) {
  const Reference* now = find_reference(m_space.piece(), order.reference);
  const bool known = order.document == m_space.store().document() && now && now->bytes == order.bytes;
  if (!known) return;
  QStringList missing;
  if (result.unmet.light > 0) missing << tr("%1 light").arg(result.unmet.light);
  if (result.unmet.middle > 0) missing << tr("%1 middle").arg(result.unmet.middle);
  if (result.unmet.dark > 0) missing << tr("%1 dark").arg(result.unmet.dark);
  m_unmet = missing.isEmpty()
                ? QString()
                : tr("The photo lacks %1 that are so far apart.").arg(missing.join(QStringLiteral(", ")));
  m_space.show_harvest({order.reference, result.colors, {}});
}

QString HarvestPanel::told() const {
  const Harvest& harvest = m_space.session().harvest;
  if (!m_space.reader().photo()) return tr("Add a photo to take colors from.");
  if (harvest.colors.empty())
    return tr("Colors come pinned to the photo and beside the staff; nothing is laid before "
              "you accept it.");
  if (harvest.chosen) {
    const ExtractedColor& c = harvest.colors[*harvest.chosen];
    return tr("%1, %2 % of the photo. Drag its pin to another pixel.")
        .arg(color_told(c.color))
        .arg(100 * c.share, 0, 'f', 1);
  }
  return tr("%1 colors taken. %2").arg(harvest.colors.size()).arg(m_unmet);
}

void HarvestPanel::follow() {
  const Harvest& harvest = m_space.session().harvest;
  const bool running = m_job.running();
  m_start->setText(running ? tr("Stop") : tr("Take colors"));
  m_start->setEnabled(running || m_space.reader().photo());
  m_progress->setVisible(running);
  show_share(*m_progress, m_job.progress());
  const bool any = !harvest.colors.empty();
  m_refill->setEnabled(any && !running);
  m_accept->setEnabled(any && !running);
  m_drop->setEnabled(harvest.chosen.has_value());
  std::vector<StringStep> steps;
  QStringList words;
  for (std::size_t i = 0; i < harvest.colors.size(); ++i) {
    const ExtractedColor& c = harvest.colors[i];
    steps.push_back({c.color, {}, harvest.chosen == i});
    words << tr("%1, %2 %").arg(QString::fromStdString(hex_of(c.color))).arg(100 * c.share, 0, 'f', 1);
  }
  m_chips->show_steps(std::move(steps), words, m_space.session().values_only);
  m_words->setText(told());
}

} // namespace zc
