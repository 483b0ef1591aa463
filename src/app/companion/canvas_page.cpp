// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/companion/canvas_page.h"

#include "app/companion/canvas_picture.h"
#include "app/controls/controls.h"
#include "app/platform/clipboard.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/color/text.h"
#include "core/mix/mixer.h"
#include "model/application/app_model.h"
#include "model/i18n/text.h"

#include <QBoxLayout>
#include <QStackedWidget>

namespace zc {
namespace {

constexpr int kRoomForWay = 92, kRoomForWords = 48; ///< Nothing moves while what they hold changes.

QString percent(double share) { return number(100 * share, 1); }

QLabel* words_label(const QString& name, QWidget* parent) {
  auto* label = new QLabel(parent);
  label->setObjectName(name);
  label->setFont(caption_font());
  label->setWordWrap(true);
  label->setTextFormat(Qt::PlainText);
  label->setAlignment(Qt::AlignLeft | Qt::AlignTop);
  return label;
}

/// "7 : 3": whole parts, at most twenty in all.
QString parts_told(double share_of_second) {
  const auto parts = whole_parts({1 - share_of_second, share_of_second}, 19);
  return QStringLiteral("%1 : %2").arg(parts[0]).arg(parts[1]);
}

QString name_of(const Swatch* swatch) {
  if (!swatch) return {};
  return swatch->name.empty() ? text(hex_of(swatch->color)) : text(swatch->name);
}

/// Shares of the canvas, beside those of the reference that a check compares with.
QString bands_told(const TryModel& tries, const StrayShares& shares) {
  const auto against = tries.shares_against();
  const auto one = [&](double share, std::optional<double> wanted) {
    const QString now = number(100 * share, 0);
    return wanted ? CanvasPage::tr("%1 of %2").arg(now, number(100 * *wanted, 0)) : now;
  };
  const auto of = [&](double BandShares::*band) {
    return one(shares.all.*band, against ? std::optional((*against).*band) : std::nullopt);
  };
  return CanvasPage::tr("Light %1, middle %2, dark %3 %")
      .arg(of(&BandShares::light), of(&BandShares::middle), of(&BandShares::dark));
}

} // namespace

QString canvas_in_a_line(const WatchModel& watch) {
  if (!watch.hidden().isEmpty()) return CanvasPage::tr("not seen");
  const SeenCanvas* seen = watch.seen();
  if (!seen) return {};
  const double outside = sum(seen->check.shares.outside), far = sum(seen->check.shares.far);
  if (seen->check.strays.empty()) return CanvasPage::tr("in the plan");
  return CanvasPage::tr("%1 % strays").arg(percent(std::max(outside, far)));
}

CanvasPage::CanvasPage(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model), m_watch(model.watch()), m_pages(new QStackedWidget(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(m_pages);
  m_pages->addWidget(make_off());
  m_pages->addWidget(make_on());
  connect(&m_watch, &WatchModel::changed, this, &CanvasPage::follow);
  connect(&m_watch, &WatchModel::pointedChanged, this, &CanvasPage::follow_way);
  connect(&model, &Studio::startedAnew, this, &CanvasPage::follow);
  model.hear({Part::ColorVision, Part::Geometry}, this, &CanvasPage::follow);
  follow();
}

void CanvasPage::allow_again(bool allowed) {
  allow(*m_again, allowed, tr("No part of the screen has been watched yet."));
}

QWidget* CanvasPage::make_off() {
  auto* box = new QWidget(m_pages);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  auto* note = words_label(QStringLiteral("canvasNote"), box);
  note->setText(
      tr("Watch a part of the screen while you paint there: what strays from the plan is shown here. "
         "Nothing of it is stored."));
  auto* watch = word_action(QStringLiteral("watchCanvas"), tr("Watch canvas"),
                            tr("Drag over the part of the screen where you paint"), box);
  watch->make_primary();
  m_again = word_action(QStringLiteral("watchAgain"), tr("Watch again"),
                        tr("Watch the same part of the screen as last time"), box);
  connect(watch, &QAbstractButton::clicked, this, &CanvasPage::watchAsked);
  connect(m_again, &QAbstractButton::clicked, this, &CanvasPage::watchAgainAsked);
  auto* row = new QHBoxLayout;
  row->addWidget(watch);
  row->addWidget(m_again);
  row->addStretch();
  column->addWidget(note);
  column->addLayout(row);
  column->addStretch();
  return box;
}

QWidget* CanvasPage::make_on() {
  auto* box = new QWidget(m_pages);
  m_picture = new CanvasPicture(m_model, m_watch, box);
  m_says = words_label(QStringLiteral("canvasSays"), box);
  m_says->setFixedHeight(kRoomForWords);
  m_says->setFont(small_font());
  m_bands = new ElidedLabel(small_font(), box);
  m_bands->setObjectName(QStringLiteral("canvasBands"));
  auto* end = word_switch(QStringLiteral("endWatch"), tr("watching"),
                          tr("This part of the screen is being watched; press to end it"), box);
  end->setChecked(true);
  connect(end, &QAbstractButton::clicked, &m_watch, &WatchModel::end);
  m_strays = new ChipRow(tr("Colors that stray"), box);
  m_strays->setObjectName(QStringLiteral("strayChips"));
  connect(m_strays, &ChipRow::pointed, &m_watch, &WatchModel::point);
  connect(m_strays, &ChipRow::taken, this, [this](std::size_t chip) {
    m_watch.choose(m_watch.chosen() == chip ? std::nullopt : std::optional(chip));
  });
  connect(m_strays, &ChipRow::laid, this, [this](std::size_t chip) {
    m_model.laying().lay_color({m_strays->steps()[chip].color, {}});
  });

  auto* right = new QVBoxLayout;
  right->setSpacing(2);
  right->addWidget(m_says);
  right->addWidget(end, 0, Qt::AlignLeft);
  auto* top = new QHBoxLayout;
  top->setSpacing(8);
  top->addWidget(m_picture, 0, Qt::AlignTop);
  top->addLayout(right, 1);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(3);
  column->addLayout(top);
  column->addWidget(m_bands);
  column->addWidget(m_strays);
  column->addWidget(make_way(box));
  return box;
}

QWidget* CanvasPage::make_way(QWidget* parent) {
  m_way_box = new QWidget(parent);
  m_way_box->setFixedHeight(kRoomForWay);
  m_way = words_label(QStringLiteral("wayBack"), m_way_box);
  m_paint =
      word_choice(QStringLiteral("wayAsPaint"), tr("paint"), tr("Mix the two swatches as paint"), m_way_box);
  m_light =
      word_choice(QStringLiteral("wayAsLight"), tr("light"), tr("Mix the two swatches as light"), m_way_box);
  connect(m_paint, &QAbstractButton::clicked, &m_watch, [this] { m_watch.mix_as(MixAs::Paint); });
  connect(m_light, &QAbstractButton::clicked, &m_watch, [this] { m_watch.mix_as(MixAs::Light); });
  auto* mix_as = new QLabel(tr("Mix as"), m_way_box);
  mix_as->setFont(caption_font());
  auto* joined = joined_row();
  joined->addWidget(m_paint);
  joined->addWidget(m_light);
  auto* kinds = new QHBoxLayout;
  kinds->addWidget(mix_as);
  kinds->addLayout(joined);
  kinds->addStretch();
  auto* row = new QHBoxLayout;
  row->setSpacing(4);
  const std::tuple<QString, QString, QString, void (CanvasPage::*)(const PairMixture&)> actions[] = {
      {QStringLiteral("wayUse"), tr("Use"), tr("Use the nearest mixture inside the mask"), &CanvasPage::use},
      {QStringLiteral("wayAdd"), tr("Add"), tr("Add the nearest mixture inside the mask to the set"),
       &CanvasPage::add},
      {QStringLiteral("wayCopy"), tr("Copy"), tr("Copy the nearest mixture inside the mask"),
       &CanvasPage::copy}};
  for (const auto& [name, word, tip, with] : actions) {
    auto* button = word_action(name, word, tip, m_way_box);
    connect(button, &QAbstractButton::clicked, this, [this, act = with] { use_inside(act); });
    m_way_actions.push_back(button);
    row->addWidget(button);
  }
  row->addStretch();
  auto* column = new QVBoxLayout(m_way_box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(2);
  column->addLayout(kinds);
  column->addWidget(m_way, 1);
  column->addLayout(row);
  return m_way_box;
}

/// In three short lines.
QString CanvasPage::said_of(const SeenCanvas* seen) const {
  if (!seen) return tr("Waiting for the first picture...");
  const CanvasCheck& check = seen->check;
  QStringList lines;
  const double outside = sum(check.shares.outside);
  if (m_model.region())
    lines << (outside > 0 ? tr("Outside %1 %, by %2").arg(percent(outside), number(check.outside_mean, 0))
                          : tr("Nothing outside"));
  if (!check.used.empty())
    lines << tr("Far from set %1 %").arg(percent(sum(check.shares.far)))
          << tr("%1 of %2 unused").arg(check.unused).arg(check.used.size());
  return lines.join(QLatin1Char('\n'));
}

void CanvasPage::follow() {
  // Only the one shown has a say in how much room there must be.
  for (int i = 0; i < m_pages->count(); ++i) {
    const auto policy = (i == 1) == m_watch.on() ? QSizePolicy::Preferred : QSizePolicy::Ignored;
    m_pages->widget(i)->setSizePolicy(policy, policy);
  }
  m_pages->setCurrentIndex(m_watch.on() ? 1 : 0);
  if (!m_watch.on()) return follow_way();
  const SeenCanvas* seen = m_watch.seen();
  std::vector<RampStep> steps;
  QStringList words, captions;
  if (seen)
    for (const StrayColor& stray : seen->check.strays) {
      steps.push_back({stray.color, {}});
      captions << tr("%1 %").arg(percent(stray.share));
      words << (stray.stray.outside ? tr("%1, outside the mask by %2. Click to see a way back.")
                                    : tr("%1, off every swatch by %2. Click to see a way back."))
                   .arg(color_told(stray.color), number(stray.off, 0));
    }
  m_strays->show_steps(std::move(steps), words, m_model.session().vision);
  m_strays->show_captions(captions.isEmpty() ? QStringList{QString()} : captions);
  m_says->setText(said_of(seen));
  m_bands->setText(!m_watch.hidden().isEmpty() ? m_watch.hidden()
                   : seen                      ? bands_told(m_model.tries(), seen->check.shares)
                                               : QString());
  m_says->setToolTip(m_says->text());
  follow_way();
}

void CanvasPage::follow_way() {
  m_inside.reset();
  if (!m_watch.on()) return;
  m_paint->setChecked(m_watch.mixes_as() == MixAs::Paint);
  m_light->setChecked(m_watch.mixes_as() == MixAs::Light);
  const Result<WayBack>* way = m_watch.way();
  const bool chosen = m_watch.chosen().has_value();
  // Without a mask every mixture will do.
  if (way && *way) m_inside = m_model.region() ? (*way)->inside : (*way)->nearest;
  for (auto* button : m_way_actions)
    allow(*button, m_inside.has_value(),
          chosen ? tr("No mixture of the two lies in a mask.") : tr("Choose a color that strays first."));
  if (!chosen) {
    const SeenCanvas* seen = m_watch.seen();
    return m_way->setText(seen && seen->check.strays.empty()
                              ? tr("Nothing strays from the plan.")
                              : tr("Press a color to see which swatches mix it."));
  }
  if (!way) return m_way->setText(tr("Looking for the nearest mixture..."));
  if (!*way) return m_way->setText(zc::words(way->error()));
  const WayBack& w = **way;
  QString said = tr("%1 + %2, %3; off by %4")
                     .arg(name_of(m_watch.swatch_of(w.first)), name_of(m_watch.swatch_of(w.second)),
                          parts_told(w.nearest.share), number(w.nearest.difference, 1));
  if (w.inside && !(*w.inside == w.nearest))
    said += tr("; in the mask up to %1").arg(parts_told(w.inside->share));
  m_way->setText(said);
}

void CanvasPage::use_inside(void (CanvasPage::*with)(const PairMixture&)) {
  if (const auto shown = m_inside) (this->*with)(*shown);
}

void CanvasPage::use(const PairMixture& mixture) { m_model.picking().use_color(mixture.color); }
void CanvasPage::add(const PairMixture& mixture) { m_model.laying().lay_color({mixture.color, {}}); }
void CanvasPage::copy(const PairMixture& mixture) {
  const QString hex = text(hex_of(mixture.color));
  put_on_clipboard(hex);
  emit m_model.notice(tr("Copied %1.").arg(hex));
}

} // namespace zc
