// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/limit/reference_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/photo/look.h"
#include "app/theme/theme.h"
#include "core/mask/patterns.h"
#include "io/photo/decode.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/photo/photo_model.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace zc {
namespace {

constexpr int kFreePolygon = -1;

} // namespace

MaskedPreview::MaskedPreview(Studio& model, Viewing& viewing, PhotoModel& photos, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_photos(photos) {
  setObjectName(QStringLiteral("maskedPreview"));
  setAccessibleName(tr("The reference through the mask"));
  setToolTip(tr("Drag the edge: left of it is the photo as it is, right of it the photo in the mask"));
  setMinimumHeight(40);
  setCursor(Qt::SplitHCursor);
  setFocusPolicy(Qt::StrongFocus);
  model.hear(
      {Part::Geometry, Part::References, Part::Looking, Part::LookEdge, Part::Reference, Part::ColorVision},
      this, &MaskedPreview::renew);
  connect(&model.photos(), &PhotoLibrary::changed, this, &MaskedPreview::renew);
}

QRectF MaskedPreview::picture_rect() const {
  const auto photo = m_photos.photo();
  if (!photo) return {};
  const QSizeF size = QSizeF(photo->full().size()).scaled(QSizeF(width(), height()), Qt::KeepAspectRatio);
  return {QPointF((width() - size.width()) / 2, 0), size};
}

void MaskedPreview::refresh_picture() {
  const auto photo = m_photos.photo();
  const QSize size = (picture_rect().size() * devicePixelRatioF()).toSize().expandedTo({1, 1});
  const bool masked = m_model.region();
  const Shown wanted{PhotoMark(photo),
                     size,
                     m_model.session().looking.edge,
                     m_model.piece().wheel,
                     masked ? m_model.piece().mask : std::nullopt,
                     m_model.session().vision};
  if (wanted == m_shown) return;
  m_shown = wanted;
  std::size_t level = photo->levels.size() - 1;
  while (level > 0 && photo->levels[level].width() < size.width()) --level;
  m_picture = reduced(photo->levels[level], size.width(), size.height())
                  .scaled(size)
                  .convertToFormat(QImage::Format_ARGB32);
  if (const auto mapper = m_photos.mapper())
    map_columns(*mapper, m_picture, static_cast<int>(wanted.edge * size.width()));
  to_seen(wanted.vision, pixels_of(m_picture),
          static_cast<std::size_t>(size.width()) * static_cast<std::size_t>(size.height()));
}

/// What takes a while is made before painting, never in it.
void MaskedPreview::renew() {
  if (isVisible() && m_photos.photo()) refresh_picture();
  update();
}

AccessibleContent MaskedPreview::accessible() {
  return {QAccessible::Slider,
          tr("The edge between before and after"),
          AccessibleNumber{100 * m_model.session().looking.edge, 0, 100, 5,
                           [this](double wanted) {
                             Looking looking = m_model.session().looking;
                             looking.edge = wanted / 100;
                             m_viewing.look_at(looking);
                           }},
          {}};
}

void MaskedPreview::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  renew();
}

void MaskedPreview::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  renew();
}

void MaskedPreview::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  if (!m_photos.photo()) {
    painter.setFont(caption_font());
    painter.setPen(theme().quiet);
    painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                     tr("Add a photo at Observe to see it through the mask."));
    return;
  }
  const QRectF r = picture_rect();
  painter.drawImage(r, for_monitor(m_picture));
  draw_double_line(painter, {edge_x(), r.top()}, {edge_x(), r.bottom()}, 1.4);
  draw_handle(painter, {edge_x(), r.center().y()}, hasFocus());
}

double MaskedPreview::edge_x() const {
  return picture_rect().left() + m_model.session().looking.edge * picture_rect().width();
}

void MaskedPreview::move_edge(double x) {
  if (picture_rect().isEmpty()) return;
  Looking looking = m_model.session().looking;
  looking.edge = std::clamp((x - picture_rect().left()) / picture_rect().width(), 0.0, 1.0);
  m_viewing.look_at(looking);
}

void MaskedPreview::mousePressEvent(QMouseEvent* event) {
  m_dragging = event->button() == Qt::LeftButton;
  if (m_dragging) move_edge(event->position().x());
}
void MaskedPreview::mouseMoveEvent(QMouseEvent* event) {
  if (m_dragging) move_edge(event->position().x());
}
void MaskedPreview::mouseReleaseEvent(QMouseEvent*) { m_dragging = false; }

void MaskedPreview::keyPressEvent(QKeyEvent* event) {
  const double step = 4 * nudge_size(event->modifiers());
  if (event->key() == Qt::Key_Left) return move_edge(edge_x() - step);
  if (event->key() == Qt::Key_Right) return move_edge(edge_x() + step);
  QWidget::keyPressEvent(event);
}

ReferencePanel::ReferencePanel(Studio& model, Viewing& viewing, PhotoModel& photos, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_photos(photos),
      m_hold(new NumberField(QStringLiteral("fitHold"), tr("Share of the photo to hold"), this)),
      m_kind(new QComboBox(this)),
      m_points(new NumberField(QStringLiteral("fitPoints"), tr("Most corners of the fitted polygon"), this)),
      m_fit(new QPushButton(tr("Fit mask"), this)),
      m_footprint(new WordControl(ControlKind::Switch, tr("show photo's colors"), this)),
      m_words(new QLabel(this)), m_fitting(model.scope(), [this] { follow(); }) {
  set_up_fields();
  m_fit->setObjectName(QStringLiteral("fit"));
  m_fit->setFont(caption_font());
  m_fit->setToolTip(tr("Make the smallest mask that holds this share of the photo or its region"));
  m_fit->setFixedWidth(std::max(40, m_fit->fontMetrics().horizontalAdvance(m_fit->text()) + 14));
  m_footprint->setObjectName(QStringLiteral("footprint"));
  m_footprint->setToolTip(tr("Show on the wheel where the photo's colors are"));
  m_words->setObjectName(QStringLiteral("fitWords"));
  m_words->setFont(caption_font());
  m_words->setWordWrap(true);
  auto* options = word_opener(QStringLiteral("fitOptions"), tr("Options"),
                              tr("Choose how much of the photo the mask holds, and its shape"), this);
  auto* row = new QHBoxLayout;
  row->setSpacing(4);
  row->addWidget(m_fit);
  row->addWidget(options);
  row->addStretch();
  auto* rest = new QWidget(this);
  auto* under = new QHBoxLayout(rest);
  under->setContentsMargins(0, 0, 0, 0);
  under->setSpacing(4);
  under->addWidget(caption_label(tr("Hold"), rest));
  under->addWidget(m_hold);
  under->addWidget(m_kind, 1);
  under->addWidget(m_points);
  keep_open(*options, *rest, QStringLiteral("fit/options"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  column->addWidget(new MaskedPreview(model, viewing, photos, this), 1);
  column->addLayout(row);
  column->addWidget(rest);
  column->addWidget(m_footprint, 0, Qt::AlignLeft);
  column->addWidget(m_words);
  connect(m_hold, &NumberField::wanted, m_hold, &NumberField::show_value);
  connect(m_points, &NumberField::wanted, m_points, &NumberField::show_value);
  connect(m_kind, &QComboBox::currentIndexChanged, this, &ReferencePanel::follow);
  connect(m_fit, &QPushButton::clicked, this, &ReferencePanel::fit);
  connect(m_footprint, &QAbstractButton::clicked, this, [this](bool on) {
    Looking looking = m_model.session().looking;
    looking.footprint = on;
    m_viewing.look_at(looking);
  });
  model.hear(
      {Part::Geometry, Part::References, Part::Looking, Part::LookEdge, Part::Reference, Part::ColorVision},
      this, &ReferencePanel::follow);
  connect(&model.photos(), &PhotoLibrary::changed, this, &ReferencePanel::follow);
  follow();
}

void ReferencePanel::set_up_fields() {
  m_hold->set_range({1, 100, 1, 0, tr(" %"), false, {}});
  m_hold->show_value(80);
  m_hold->keep_width(44);
  m_hold->setToolTip(tr("Share of the photo's colors that the mask must hold, 1 to 100 %"));
  m_points->set_range({kFitCornersRange.low, kFitCornersRange.high, 1, 0, tr(" corners"), false, {}});
  m_points->show_value(6);
  m_points->keep_width(58);
  m_points->setToolTip(tr("The polygon has at most this many corners, 3 to 24"));
  m_kind->setObjectName(QStringLiteral("fitKind"));
  m_kind->setAccessibleName(tr("Kind of mask to fit"));
  m_kind->setToolTip(tr("Fit a free polygon, or the first hue and width of a pattern"));
  m_kind->setFont(caption_font());
  m_kind->addItem(tr("polygon"), kFreePolygon);
  for (const Pattern kind : kPatterns) {
    const auto name = pattern_name(kind);
    m_kind->addItem(word(name), static_cast<int>(kind));
  }
}

void ReferencePanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void ReferencePanel::follow() {
  allow(*m_fit, m_photos.photo() != nullptr || m_fitting.running(), tr("Add a photo at Observe first."));
  m_fit->setText(m_fitting.running() ? tr("Stop") : tr("Fit mask"));
  m_points->setVisible(m_kind->currentData().toInt() == kFreePolygon);
  m_footprint->setChecked(m_model.session().looking.footprint);
  if (m_fitting.running()) return m_words->setText(tr("Fitting..."));
  if (!isVisible()) return;
  const auto inside = m_photos.share_inside();
  m_words->setText(inside ? tr("The mask holds %1 % of the photo.").arg(number(100 * *inside, 0))
                          : tr("Fit a mask to the colors of the photo."));
}

/// The search takes a moment, so it runs beside the window.
void ReferencePanel::fit() {
  if (m_fitting.running()) return m_fitting.stop();
  const FitFor made_for{m_model.store().document(), m_model.piece().wheel};
  m_fitting.start(
      [places = m_photos.places(), kind = m_kind->currentData().toInt(), hold = m_hold->value() / 100,
       points = static_cast<int>(std::lround(m_points->value()))](const Progress& progress) {
        return kind == kFreePolygon ? fit_polygon(places, points, hold, progress)
                                    : fit_pattern(places, static_cast<Pattern>(kind), hold, progress);
      },
      [this, made_for](const Result<Fit>& fitted) { lay(made_for, fitted); });
}

void ReferencePanel::lay(const FitFor& made_for, const Result<Fit>& fitted) {
  if (made_for != FitFor{m_model.store().document(), m_model.piece().wheel}) return;
  if (!fitted && fitted.error().code == ErrorCode::Stopped) return;
  if (!fitted) return say_at(*m_fit, words(fitted.error()));
  Fit fit = *fitted;
  put_in_words(fit.mask.name);
  m_model.store().apply(tr("Fit mask to the reference"), [&](Piece p) -> Result<Piece> {
    return with_mask_on(with_mask(std::move(p), fit.mask), true);
  });
  if (!fit.reached)
    say_at(*m_fit, tr("No mask of this kind holds that much. This one holds the most, %1 %.")
                       .arg(number(100 * fit.inside, 0)));
}

} // namespace zc
