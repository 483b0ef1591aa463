// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/versions_view.h"

#include "app/band/value_axis.h"
#include "app/controls/empty_action.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "io/sheet/key_sheet_picture.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QKeyEvent>
#include <QMouseEvent>

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

constexpr double kWheel = 28; ///< Of a version, above its staff.

} // namespace

VersionsView::VersionsView(Studio& model, SetWork& work, QWidget* parent)
    : QWidget(parent), m_model(model), m_work(work) {
  setObjectName(QStringLiteral("versions"));
  setAccessibleName(tr("Versions of the set side by side"));
  setToolTip(tr("Click a version to choose it, double-click it or press Enter to restore it"));
  setFocusPolicy(Qt::StrongFocus);
  m_first = empty_action(QStringLiteral("saveFirstVersion"), tr("Save version"),
                         tr("Save the set as it is now as its first version"), *this);
  connect(m_first, &QAbstractButton::clicked, this, [this] {
    const SwatchSet* set = current_set(m_model.piece());
    m_model.store().apply(tr("Save version"), [id = set->id](Piece p) {
      return with_version_kept(std::move(p), id, tr("version %1").arg(1).toStdString());
    });
  });
  const auto follow = [this] {
    const SwatchSet* set = current_set(m_model.piece());
    m_first->setVisible(set && set->versions.empty());
  };
  model.hear({Part::Sets}, this, follow);
  follow();
  model.hear({Part::Sets, Part::Geometry, Part::ColorVision, Part::Versions}, this,
             qOverload<>(&QWidget::update));
}

std::vector<VersionsView::Shown> VersionsView::shown() const {
  std::vector<Shown> out;
  const SwatchSet* set = current_set(m_model.piece());
  if (!set) return out;
  out.push_back({0, tr("current set"), &set->families, plan_key(m_model.piece())});
  for (const auto& v : set->versions)
    if (m_work.compared(v.id)) out.push_back({v.id, QString::fromStdString(v.name), &v.families, v.key});
  return out;
}

QRectF VersionsView::panel_rect(Id version) const {
  const auto all = shown();
  const ValueAxis axis(height());
  const double gap = 10, width = (this->width() - gap * static_cast<double>(all.size() - 1)) /
                                 static_cast<double>(all.size());
  for (std::size_t i = 0; i < all.size(); ++i)
    if (all[i].version == version)
      return {(width + gap) * static_cast<double>(i), axis.top(), width, axis.length()};
  return {};
}

void VersionsView::paint_staff(QPainter& painter, const QRectF& panel, const Shown& version) {
  const ValueAxis axis(height());
  const Bands& bands = m_model.piece().bands;
  const double light = axis.y_of(bands.light_from), dark = axis.y_of(bands.dark_below);
  painter.fillRect(panel, theme().field);
  painter.fillRect(QRectF(panel.left(), light, panel.width(), dark - light), theme().field_alt);
  const double column =
      panel.width() / static_cast<double>(std::max<std::size_t>(version.families->size(), 1));
  for (std::size_t i = 0; i < version.families->size(); ++i)
    for (const auto& s : (*version.families)[i].swatches) {
      const double w = std::max(3.0, column - 6),
                   x = panel.left() + column * (static_cast<double>(i) + 0.5) - w / 2;
      const QRectF r(x, axis.y_of(value_of(s.color)) - 7, w, 14);
      draw_chip(painter, r, shown_color(s.color, m_model.session().vision), theme().field);
    }
  const bool chosen = version.version == m_chosen;
  painter.setFont(chosen ? caption_strong_font() : caption_font());
  painter.setPen(chosen ? theme().strong : theme().quiet);
  std::size_t count = 0;
  for (const auto& f : *version.families) count += f.swatches.size();
  const QString words = tr("%1, %2").arg(version.name).arg(count);
  const double room = panel.width() - (version.key ? kWheel + kGap : 0);
  painter.drawText(QRectF(panel.left(), 0, room, axis.top() - 6), Qt::AlignLeft | Qt::AlignBottom,
                   painter.fontMetrics().elidedText(words, Qt::ElideRight, static_cast<int>(room)));
  if (version.key)
    paint_wheel(painter, {panel.right() - kWheel, axis.top() - kWheel - 3, kWheel, kWheel}, *version.key);
  if (!chosen || version.version == 0) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1.5));
  painter.drawRect(panel.adjusted(0.75, 0.75, -0.75, -0.75));
}

/// The wheel and the mask that it was made under.
void VersionsView::paint_wheel(QPainter& painter, const QRectF& rect, const PlanKey& key) {
  const int size = static_cast<int>(std::lround(rect.width() * devicePixelRatioF()));
  if (m_disc.width() != size || !(m_disc_of == key.wheel)) {
    m_disc = key_disc(key.wheel, size);
    m_disc_of = key.wheel;
  }
  draw_key_wheel(painter, rect, for_monitor(seen_image(m_model.session().vision, m_disc)), key.mask);
}

void VersionsView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const auto all = shown();
  const SwatchSet* set = current_set(m_model.piece());
  const bool kept = set && !set->versions.empty();
  for (const auto& version : all) paint_staff(painter, panel_rect(version.version), version);
  if (all.size() == 1) {
    painter.setFont(text_font());
    painter.setPen(theme().quiet);
    const QString words = kept ? tr("Tick versions under Sets to compare them with the set.")
                               : tr("Save the set as a version, change the set, and compare both here.");
    const int flags = Qt::AlignCenter | Qt::TextWordWrap;
    const QRect seen = painter.boundingRect(rect().adjusted(kMargin, 0, -kMargin, 0), flags, words);
    painter.fillRect(seen.adjusted(-kGap, -kGap, kGap, kGap), theme().stage);
    painter.drawText(seen, flags, words);
  }
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

void VersionsView::choose(Id version) {
  m_chosen = version;
  emit chosenChanged();
  update();
}

void VersionsView::mousePressEvent(QMouseEvent* event) {
  for (const auto& version : shown())
    if (panel_rect(version.version).adjusted(0, -ValueAxis::kHead, 0, 0).contains(event->position()))
      choose(version.version);
}

void VersionsView::mouseDoubleClickEvent(QMouseEvent* event) {
  mousePressEvent(event);
  restore_chosen();
}

void VersionsView::restore_chosen() {
  if (m_chosen == 0) return;
  m_model.store().apply(tr("Restore version"),
                        [this](Piece p) { return with_version_restored(std::move(p), m_chosen); });
}

void VersionsView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return restore_chosen();
  const int by = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
  if (by == 0) return QWidget::keyPressEvent(event);
  const auto all = shown();
  const auto at =
      std::find_if(all.begin(), all.end(), [this](const Shown& s) { return s.version == m_chosen; });
  // One that is no longer shown counts as the set as it is.
  const auto next = (at == all.end() ? 0 : at - all.begin()) + by;
  if (next >= 0 && next < static_cast<std::ptrdiff_t>(all.size()))
    choose(all[static_cast<std::size_t>(next)].version);
}

} // namespace zc
