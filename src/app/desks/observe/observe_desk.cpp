#include "app/desks/observe/observe_desk.h"

#include "app/band/value_axis.h"
#include "app/desks/observe/harvest_panel.h"
#include "app/desks/observe/look_bar.h"
#include "app/desks/observe/photo_view.h"
#include "app/desks/observe/reading_panel.h"
#include "app/desks/observe/reference_strip.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace zc {

ObserveDesk::ObserveDesk(Workspace& space, QWidget* parent)
    : QWidget(parent), m_space(space), m_photo(new PhotoView(space, this)),
      m_strip(new ReferenceStrip(space, this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, kGap, 6);
  column->setSpacing(6);
  column->addWidget(make_head());
  auto* middle = new QHBoxLayout;
  middle->setSpacing(14);
  middle->addWidget(m_photo, 1);
  auto* side = new QWidget(this);
  side->setFixedWidth(226);
  auto* side_column = new QVBoxLayout(side);
  side_column->setContentsMargins(0, 0, 0, 0);
  side_column->setSpacing(8);
  side_column->addWidget(new ReadingPanel(space, side));
  side_column->addWidget(new HarvestPanel(space, side), 1);
  middle->addWidget(side);
  column->addLayout(middle, 1);
  column->addWidget(make_foot());
  connect(&space, &Workspace::referencesChanged, this, &ObserveDesk::follow);
  connect(&space, &Workspace::geometryChanged, this, &ObserveDesk::follow);
  connect(&space, &Workspace::viewChanged, this, &ObserveDesk::follow);
  connect(&space.photos(), &PhotoLibrary::changed, this, &ObserveDesk::follow);
  connect(m_photo, &PhotoView::zoomChanged, this, &ObserveDesk::follow);
  follow();
}

QWidget* ObserveDesk::make_head() {
  auto* head = new QWidget(this);
  head->setFixedHeight(ValueAxis::kHead - 6);
  auto* row = new QHBoxLayout(head);
  row->setContentsMargins(0, 2, 0, 0);
  row->setSpacing(kGap);
  m_name = new QLabel(head);
  m_name->setFont(heading_font());
  m_name->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
  row->addWidget(m_name, 1);

  row->addWidget(new LookBar(m_space, head), 3);

  auto* side = new QComboBox(head);
  side->setObjectName(QStringLiteral("sampleSide"));
  side->setAccessibleName(tr("Sample size"));
  side->setToolTip(tr("How many pixels a sample averages (Shift+wheel over the photo)"));
  for (const int n : kSampleSides)
    side->addItem(n == 1 ? tr("sample 1 pixel") : tr("sample %1 × %1").arg(n), n);
  const auto show_side = [this, side] {
    side->setCurrentIndex(side->findData(m_space.session().sample_side));
  };
  show_side();
  connect(side, &QComboBox::activated, this,
          [this, side](int i) { m_space.choose_sample_side(side->itemData(i).toInt()); });
  connect(&m_space, &Workspace::viewChanged, side, show_side);
  row->addSpacing(kGap);
  row->addWidget(side);
  return head;
}

/// What was taken stands beside the staff while its photo is looked at.
void ObserveDesk::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  m_space.show_harvest(m_space.session().harvest);
}

void ObserveDesk::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_space.show_string({});
}

QWidget* ObserveDesk::make_foot() {
  auto* foot = new QWidget(this);
  auto* row = new QHBoxLayout(foot);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(kGap);
  auto* scroll = new QScrollArea(foot);
  scroll_over_ground(scroll, m_strip);
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  scroll->setFixedHeight(76);
  scroll->setFocusPolicy(Qt::NoFocus);
  row->addWidget(scroll, 1);

  m_loading = new QWidget(foot);
  auto* loading = new QHBoxLayout(m_loading);
  loading->setContentsMargins(0, 0, 0, 0);
  m_progress = new QProgressBar(m_loading);
  m_progress->setFixedWidth(120);
  m_progress->setRange(0, 100);
  auto* stop = new QPushButton(tr("Stop"), m_loading);
  stop->setObjectName(QStringLiteral("stopLoading"));
  stop->setToolTip(tr("Stop opening the photos"));
  connect(stop, &QPushButton::clicked, this, &ObserveDesk::stop_loading);
  loading->addWidget(m_progress);
  loading->addWidget(stop);
  row->addWidget(m_loading);

  auto* side = new QVBoxLayout;
  side->setSpacing(4);
  auto* add = new QPushButton(tr("Add photos"), foot);
  add->setObjectName(QStringLiteral("addPhotos"));
  add->setToolTip(
      tr("Add reference photos to the piece (Ctrl+Shift+O); photos can also be dropped or pasted"));
  connect(add, &QPushButton::clicked, this, &ObserveDesk::addPhotosAsked);
  m_facts = new QLabel(foot);
  m_facts->setFont(caption_font());
  m_facts->setAlignment(Qt::AlignRight);
  side->addStretch();
  side->addWidget(add, 0, Qt::AlignRight);
  side->addWidget(m_facts);
  side->addStretch();
  row->addLayout(side);
  return foot;
}

void ObserveDesk::stop_loading() {
  m_space.photos().stop_intakes();
  for (const auto& r : m_space.piece().references)
    if (m_space.photos().state_of(r).loading) m_space.photos().stop(r);
}

void ObserveDesk::follow() {
  const Reference* reference = find_reference(m_space.piece(), m_space.session().reference);
  const QString name = reference ? QString::fromStdString(reference->name) : tr("References");
  m_name->setText(
      QFontMetrics(heading_font()).elidedText(name, Qt::ElideMiddle, std::max(60, m_name->width())));
  m_name->setToolTip(name);

  double progress = 0;
  int loading = 0;
  for (const auto& intake : m_space.photos().intakes()) {
    progress += intake.progress;
    ++loading;
  }
  for (const auto& r : m_space.piece().references) {
    const PhotoState state = m_space.photos().state_of(r);
    if (!state.loading) continue;
    progress += state.progress;
    ++loading;
  }
  m_loading->setVisible(loading > 0);
  if (loading > 0) show_share(*m_progress, progress / loading);

  const auto photo = reference ? m_space.photos().state_of(*reference).photo : nullptr;
  m_facts->setText(photo ? tr("%1 × %2, shown at %3 %")
                               .arg(photo->full().width())
                               .arg(photo->full().height())
                               .arg(std::lround(100 * m_photo->zoom() * devicePixelRatioF()))
                         : QString());
}

} // namespace zc
