// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/observe/observe_desk.h"

#include "app/band/value_axis.h"
#include "app/controls/controls.h"
#include "app/controls/drawers.h"
#include "app/controls/empty_action.h"
#include "app/desks/observe/extracting.h"
#include "app/desks/observe/extraction_panel.h"
#include "app/desks/observe/extraction_row.h"
#include "app/desks/observe/reading_panel.h"
#include "app/desks/observe/reference_strip.h"
#include "app/desks/observe/results_panel.h"
#include "app/photo/look_bar.h"
#include "app/photo/photo_view.h"
#include "app/theme/theme.h"
#include "model/application/app_model.h"
#include "model/follow/canvas_follower.h"

#include <QComboBox>
#include <QEvent>
#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {

ObserveDesk::ObserveDesk(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model),
      m_extracting(new Extracting(model, model.laying(), model.reader(), this)),
      m_photo(new PhotoView(model, model.picking(), model.laying(), model.viewing(), model.reader(), this)),
      m_strip(new ReferenceStrip(model, model.viewing(), this)),
      m_drawers(new Drawers(*this, [this] { return m_photo->geometry(); })) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, kGap, 0);
  column->setSpacing(4);
  column->addWidget(make_head());
  column->addWidget(m_photo, 1);
  column->addWidget(make_foot());
  model.hear({Part::References, Part::Geometry, Part::Reference, Part::Looking, Part::Extracted}, this,
             &ObserveDesk::follow);
  connect(&model.photos(), &PhotoLibrary::changed, this, &ObserveDesk::follow);
  connect(&model.canvases(), &CanvasFollower::changed, this, &ObserveDesk::follow);
  connect(m_photo, &PhotoView::zoomChanged, this, &ObserveDesk::follow);
  connect(m_drawers, &Drawers::changed, this, [this] { m_photo->leave_foot(m_drawers->height()); });
  connect(m_extracting, &Extracting::taken, this, [this] { m_drawers->open(m_taken); });
  m_first = empty_action(QStringLiteral("addFirstPhoto"), tr("Add photo"),
                         tr("Add a reference photo to the piece (Ctrl+Shift+O)"), *m_photo);
  connect(m_first, &QAbstractButton::clicked, this, &ObserveDesk::addPhotosAsked);
  follow();
}

QWidget* ObserveDesk::make_head() {
  auto* head = new QWidget(this);
  head->setFixedHeight(ValueAxis::kHead - 6);
  auto* row = new QHBoxLayout(head);
  row->setContentsMargins(0, 2, 0, 0);
  row->setSpacing(kGap);
  // Names of photos often differ only at their end.
  m_name = new ElidedLabel(heading_font(), head, Qt::ElideMiddle);
  row->addWidget(m_name, 1);

  row->addWidget(new LookBar(m_model, m_model.viewing(), head), 3);

  auto* side = new QComboBox(head);
  side->setObjectName(QStringLiteral("sampleSide"));
  side->setAccessibleName(tr("Sample size"));
  side->setToolTip(tr("How many pixels a sample averages (Shift+wheel over the photo)"));
  for (const int n : kSampleSides)
    side->addItem(n == 1 ? tr("sample 1 pixel") : tr("sample %1 × %1").arg(n), n);
  const auto show_side = [this, side] {
    side->setCurrentIndex(side->findData(m_model.session().sample_side));
  };
  show_side();
  connect(side, &QComboBox::activated, this,
          [this, side](int i) { m_model.viewing().choose_sample_side(side->itemData(i).toInt()); });
  m_model.hear({Part::Reference, Part::Looking, Part::Extracted}, side, show_side);
  row->addSpacing(kGap);
  row->addWidget(side);
  return head;
}

/// What was taken stands beside the staff while its photo is looked at.
void ObserveDesk::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  m_model.laying().show_extracted(m_model.session().extracted);
}

void ObserveDesk::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_model.picking().show_ramp({});
}

void ObserveDesk::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  m_drawers->place();
}

bool ObserveDesk::event(QEvent* event) {
  const bool done = QWidget::event(event);
  if (event->type() == QEvent::LayoutRequest) m_drawers->place();
  return done;
}

QWidget* ObserveDesk::make_foot() {
  auto* foot = new QWidget(this);
  auto* row = new QHBoxLayout(foot);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(6);
  m_row = new SidewaysArea(foot);
  scroll_over_ground(m_row, m_strip);
  m_row->setFixedHeight(m_strip->sizeHint().height());
  row->addWidget(m_row, 1);
  row->addWidget(make_loading(foot));
  auto* add = word_action(
      QStringLiteral("addPhotos"), tr("Add photo"),
      tr("Add reference photos to the piece (Ctrl+Shift+O); photos can also be dropped or pasted"), foot);
  connect(add, &QAbstractButton::clicked, this, &ObserveDesk::addPhotosAsked);
  row->addWidget(add);
  row->addSpacing(kGap);
  row->addWidget(new ExtractionRow(m_model, m_model.reader(), *m_extracting, foot));
  m_taken =
      m_drawers->add(QStringLiteral("drawer.taken"), tr("Results"),
                     tr("The colors taken from the photo that are not in the set yet"),
                     new ResultsPanel(m_model, m_model.picking(), m_model.laying(), *m_extracting, this));
  auto* how =
      m_drawers->add(QStringLiteral("drawer.how"), tr("Options"),
                     tr("How different the colors are, from which part of the photo, and how many accents"),
                     new ExtractionPanel(*m_extracting, this));
  auto* says = m_drawers->add(QStringLiteral("drawer.says"), tr("Values"),
                              tr("Light, middle and dark in the photo, its key, and its colors on the wheel"),
                              new ReadingPanel(m_model, m_model.viewing(), m_model.reader(), this));
  for (WordControl* word : {m_taken, how, says}) row->addWidget(word);
  return foot;
}

QWidget* ObserveDesk::make_loading(QWidget* parent) {
  m_loading = new QWidget(parent);
  auto* loading = new QHBoxLayout(m_loading);
  loading->setContentsMargins(0, 0, 0, 0);
  m_progress = new QProgressBar(m_loading);
  m_progress->setFixedWidth(80);
  m_progress->setRange(0, 100);
  auto* stop = new QPushButton(tr("Stop"), m_loading);
  stop->setObjectName(QStringLiteral("stopLoading"));
  stop->setToolTip(tr("Stop opening photos"));
  connect(stop, &QPushButton::clicked, this, &ObserveDesk::stop_loading);
  loading->addWidget(m_progress);
  loading->addWidget(stop);
  return m_loading;
}

void ObserveDesk::stop_loading() {
  m_model.photos().stop_intakes();
  for (const auto& r : m_model.piece().references)
    if (m_model.photos().state_of(r).loading) m_model.photos().stop(r);
}

void ObserveDesk::follow() {
  m_first->setVisible(m_model.piece().references.empty());
  const Reference* reference = find_reference(m_model.piece(), m_model.session().reference);
  QString name = reference ? QString::fromStdString(reference->name) : tr("References");
  if (reference && m_model.canvases().tied(*reference)) {
    const QString trouble = m_model.canvases().state_of(*reference);
    name = tr("%1, followed. %2").arg(name, trouble).trimmed();
  }
  m_name->setText(name);
  if (const QRect shown = m_strip->shown_rect(); shown != m_brought) {
    m_brought = shown;
    m_row->bring(shown);
  }
  const auto photo = reference ? m_model.photos().state_of(*reference).photo : nullptr;
  m_name->setToolTip(photo ? tr("%1: %2 × %3, shown at %4 %")
                                 .arg(name)
                                 .arg(photo->full().width())
                                 .arg(photo->full().height())
                                 .arg(std::lround(100 * m_photo->zoom() * devicePixelRatioF()))
                           : name);

  double progress = 0;
  int loading = 0;
  for (const auto& intake : m_model.photos().intakes()) {
    progress += intake.progress;
    ++loading;
  }
  for (const auto& r : m_model.piece().references) {
    const PhotoState state = m_model.photos().state_of(r);
    if (!state.loading) continue;
    progress += state.progress;
    ++loading;
  }
  m_loading->setVisible(loading > 0);
  if (loading > 0) show_share(*m_progress, progress / loading);

  const auto& extracted = m_model.session().extracted;
  m_taken->setVisible(!extracted.colors.empty());
  if (extracted.colors.empty() && m_taken->isChecked()) m_drawers->open(nullptr);
}

} // namespace zc
