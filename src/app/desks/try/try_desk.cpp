// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/try_desk.h"

#include "app/band/value_axis.h"
#include "app/controls/controls.h"
#include "app/controls/drawers.h"
#include "app/controls/empty_action.h"
#include "app/controls/number_field.h"
#include "app/desks/grade/adjust_panel.h"
#include "app/desks/try/light_panel.h"
#include "app/desks/try/missing_panel.h"
#include "app/desks/try/pairs_panel.h"
#include "app/desks/try/try_view.h"
#include "app/desks/try/use_bar.h"
#include "app/theme/theme.h"
#include "core/try/follow.h"
#include "model/application/app_model.h"
#include "model/i18n/text.h"
#include "model/work/set_work.h"

#include <QComboBox>
#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr std::tuple<const char*, TryWay, const char*> kWays[] = {
    {QT_TRANSLATE_NOOP("zc::TryDesk", "photo"), TryWay::Photo,
     QT_TRANSLATE_NOOP("zc::TryDesk", "The picture as it is")},
    {QT_TRANSLATE_NOOP("zc::TryDesk", "study"), TryWay::Study,
     QT_TRANSLATE_NOOP("zc::TryDesk", "Every pixel or area in its swatch")},
    {QT_TRANSLATE_NOOP("zc::TryDesk", "follow"), TryWay::Follow,
     QT_TRANSLATE_NOOP("zc::TryDesk", "The picture moved as the swatches moved, its texture kept")},
    {QT_TRANSLATE_NOOP("zc::TryDesk", "check"), TryWay::Check,
     QT_TRANSLATE_NOOP("zc::TryDesk",
                       "What lies outside the mask or far from every swatch keeps its color")}};

constexpr int kLeastChoice = 56;

/// A name for the data of an entry, in no language.
QString key_word(const ColorKey& key) {
  if (key.kind == KeyKind::Current) return QStringLiteral("mask");
  if (key.kind == KeyKind::Turn) return QStringLiteral("turn.%1").arg(key.turn);
  return text(key.name);
}

QHBoxLayout* row_of(QWidget* box, int spacing) {
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(spacing);
  return row;
}

} // namespace

TryDesk::TryDesk(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model),
      m_view(new TryView(model, model.picking(), model.viewing(), model.set_work(), model.tries(), this)),
      m_drawers(new Drawers(*this, [this] { return m_view->geometry(); })) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, kGap, 0);
  column->setSpacing(4);
  column->addWidget(make_head());
  column->addWidget(m_view, 1);
  column->addWidget(new UseBar(model, model.laying(), model.set_work(), model.tries(), this));
  column->addWidget(make_sides());
  column->addWidget(make_options());
  column->addWidget(make_foot());
  model.hear({Part::References, Part::Sets, Part::Trying, Part::Reference, Part::Desk, Part::Geometry}, this,
             &TryDesk::follow);
  connect(&model.tries(), &TryModel::changed, this, &TryDesk::follow);
  connect(&model.set_work(), &SetWork::previewChanged, this, &TryDesk::follow);
  connect(&model.photos(), &PhotoLibrary::changed, this, &TryDesk::follow);
  connect(m_drawers, &Drawers::changed, this, [this] { m_view->leave_foot(m_drawers->height()); });
  m_first = empty_action(QStringLiteral("try.addPhoto"), tr("Add photo"),
                         tr("Add a photo or a drawing to the piece, to see it in the set"), *m_view);
  connect(m_first, &QAbstractButton::clicked, this, &TryDesk::addPhotosAsked);
  follow();
}

void TryDesk::change(const std::function<void(Trying&)>& by) {
  Trying next = m_model.session().trying;
  by(next);
  m_model.viewing().try_on(next);
}

QWidget* TryDesk::make_head() {
  auto* head = new QWidget(this);
  head->setFixedHeight(ValueAxis::kHead - 6);
  auto* row = row_of(head, 2);
  row->setContentsMargins(0, 2, 0, 0);
  m_name = new ElidedLabel(heading_font(), head);
  row->addWidget(m_name, 1);
  m_canvas = word_switch(QStringLiteral("tryCanvas"), tr("canvas"),
                         tr("Try the canvas that is watched on the screen instead of the reference"), head);
  connect(m_canvas, &QAbstractButton::clicked, &m_model.tries(), &TryModel::try_canvas);
  connect(&m_model.watch(), &WatchModel::begun, this, &TryDesk::follow);
  connect(&m_model.watch(), &WatchModel::changed, this, [this] {
    if (m_canvas->isVisible() != m_model.watch().on()) follow();
  });
  row->addWidget(m_canvas);
  auto* ways = joined_row();
  row->addLayout(ways);
  for (const auto& [word, way, tip] : kWays) {
    auto* button = word_choice(QStringLiteral("try.") + QLatin1String(word), tr(word), tr(tip), head);
    connect(button, &QAbstractButton::clicked, this, [this, way = way] {
      change([&](Trying& t) { t.way = way; });
      follow();
    });
    ways->addWidget(button);
    m_ways.emplace_back(button, way);
  }
  row->addStretch(2);
  m_options = word_opener(QStringLiteral("try.options"), tr("Options"),
                          tr("Compare two, squint, cut into areas, save the picture"), head);
  row->addWidget(m_options);
  return head;
}

// ---------------------------------------------------------------- sides

QComboBox* TryDesk::make_choice(const QString& name, const QString& tip) {
  auto* box = new QComboBox(this);
  box->setObjectName(name);
  box->setAccessibleName(tip);
  box->setToolTip(tip);
  box->setFont(caption_font());
  box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  box->setMinimumContentsLength(12);
  box->setMinimumWidth(kLeastChoice); // Room is shared out; a choice never widens the stage.
  return box;
}

QComboBox* TryDesk::make_side(const QString& name, const QString& tip, TrySide Trying::*side) {
  auto* box = make_choice(name, tip);
  connect(box, &QComboBox::activated, this, [this, box, side](int i) {
    change([&](Trying& t) { t.*side = m_shown_sides[box].at(static_cast<std::size_t>(i)); });
  });
  return box;
}

/// Those of the sets have no photo among them where it cannot be chosen.
void TryDesk::fill_side(QComboBox& box, const TrySide& chosen, bool with_photo) {
  std::vector<TrySide> sides = m_model.tries().sides(chosen);
  if (!with_photo) std::erase_if(sides, [](const TrySide& side) { return side.photo; });
  box.clear();
  for (const TrySide& side : sides) {
    const QString key = side.key ? key_word(*side.key) : QString();
    box.addItem(m_model.tries().name_of(side), QVariantList{side.photo, QVariant::fromValue(side.set),
                                                            QVariant::fromValue(side.version), key});
    if (side == chosen) box.setCurrentIndex(box.count() - 1);
  }
  m_shown_sides[&box] = std::move(sides);
}

/// The other references; their shares are read from thumbnails.
void TryDesk::fill_against() {
  const Trying& trying = m_model.session().trying;
  m_against->clear();
  m_against->addItem(tr("no comparison"), QVariant::fromValue(Id(0)));
  for (const auto& reference : m_model.piece().references) {
    if (reference.id == m_model.session().reference) continue;
    m_against->addItem(tr("compared with %1").arg(text(reference.name)), QVariant::fromValue(reference.id));
    if (reference.id == trying.against) m_against->setCurrentIndex(m_against->count() - 1);
  }
}

QWidget* TryDesk::make_sides() {
  auto* box = new QWidget(this);
  auto* row = row_of(box, 8);
  m_left = make_side(QStringLiteral("try.left"), tr("What is shown left of the edge"), &Trying::left);
  m_right =
      make_side(QStringLiteral("try.right"), tr("What is shown, or shown right of the edge"), &Trying::right);
  row->addWidget(caption_label(tr("Colors of"), box));
  row->addWidget(m_left, 2);
  row->addWidget(m_right, 2);
  row->addStretch(1);
  m_follow = make_following(box);
  m_check = make_check(box);
  for (QWidget* part : {m_follow, m_check}) row->addWidget(part);
  return box;
}

/// What is not needed at every look; open as it was left.
QWidget* TryDesk::make_options() {
  auto* box = new QWidget(this);
  auto* row = row_of(box, 8);
  m_two =
      make_switch(box, QStringLiteral("try.two"), tr("compare two"),
                  tr("Compare two sets or versions under one edge. Drag the edge; Space swaps the sides."),
                  [this](bool on) { change([&](Trying& t) { t.two = on; }); });
  m_squint = make_switch(box, QStringLiteral("try.squint"), tr("squint"),
                         tr("Both sides blurred, as with eyes half shut"),
                         [this](bool on) { change([&](Trying& t) { t.squint = on; }); });
  m_study = make_study(box);
  auto* save = word_action(QStringLiteral("try.save"), tr("Save picture"),
                           tr("Save the picture as it is shown, at full size, as PNG or JPEG"), box);
  connect(save, &QAbstractButton::clicked, this, &TryDesk::saveAsked);
  for (QWidget* part : {static_cast<QWidget*>(m_two), static_cast<QWidget*>(m_squint), m_study})
    row->addWidget(part);
  row->addStretch(1);
  row->addWidget(save);
  keep_open(*m_options, *box, QStringLiteral("try/options"));
  return box;
}

QWidget* TryDesk::make_study(QWidget* parent) {
  auto* box = new QWidget(parent);
  auto* row = row_of(box, 6);
  TryModel& tries = m_model.tries();
  m_by_areas = make_switch(box, QStringLiteral("try.byAreas"), tr("in areas"),
                           tr("Cut the picture into areas of similar color, each in one swatch. Drag a "
                              "swatch onto an area to bind it."),
                           [&tries](bool on) {
                             tries.change_study(on ? tr("Cut into areas") : tr("Study by pixels"),
                                                [on](Study& s) { s.by_areas = on; });
                           });
  m_count = make_number(QStringLiteral("try.areas"), tr("Number of areas at most, 2 to 500"),
                        kFewestPictureAreas, kMostPictureAreas, 10, 0, {});
  connect(m_count, &NumberField::wanted, this, [this, &tries](double n) {
    tries.change_study(
        tr("Number of areas"), [n](Study& s) { s.cut.count = static_cast<int>(n); }, m_count->drag_key());
  });
  m_smoothing = make_number(QStringLiteral("try.smoothing"),
                            tr("How much the picture is smoothed first, in percent of its longer side"), 0, 2,
                            0.1, 1, tr(" smooth"));
  connect(m_smoothing, &NumberField::wanted, this, [this, &tries](double n) {
    tries.change_study(
        tr("Smoothing of areas"), [n](Study& s) { s.cut.smoothing = n; }, m_smoothing->drag_key());
  });
  m_smallest = make_number(QStringLiteral("try.smallest"),
                           tr("Smallest area in percent of the picture; smaller ones join a neighbor"), 0, 5,
                           0.02, 2, tr(" % smallest"));
  connect(m_smallest, &NumberField::wanted, this, [this, &tries](double n) {
    tries.change_study(
        tr("Smallest area"), [n](Study& s) { s.cut.smallest = n; }, m_smallest->drag_key());
  });
  m_value_first =
      make_switch(box, QStringLiteral("try.valueFirst"), tr("value first"),
                  tr("Match by hue first, then by value within that family, not by the least difference"),
                  [&tries](bool on) {
                    tries.change_study(tr("Match of the study"),
                                       [on](Study& s) { s.match = on ? Match::Value : Match::Color; });
                  });
  for (QWidget* w :
       std::initializer_list<QWidget*>{m_by_areas, m_count, m_smoothing, m_smallest, m_value_first})
    row->addWidget(w);
  return box;
}

QWidget* TryDesk::make_following(QWidget* parent) {
  auto* box = new QWidget(parent);
  auto* row = row_of(box, 6);
  m_from = make_side(QStringLiteral("try.from"), tr("The set or version that the picture is shown in"),
                     &Trying::from);
  m_softness = make_number(QStringLiteral("try.softness"),
                           tr("How far the move of each swatch reaches to colors around it"), 0, 1, 0.02, 2,
                           tr(" soft"));
  connect(m_softness, &NumberField::wanted, this,
          [this](double n) { change([&](Trying& t) { t.softness = n; }); });
  row->addWidget(caption_label(tr("moved from"), box));
  row->addWidget(m_from);
  row->addWidget(m_softness);
  return box;
}

QWidget* TryDesk::make_check(QWidget* parent) {
  auto* box = new QWidget(parent);
  auto* row = row_of(box, 6);
  m_outside = make_switch(box, QStringLiteral("try.showOutside"), tr("outside the mask"),
                          tr("Show the places outside the mask"),
                          [this](bool on) { change([&](Trying& t) { t.show_outside = on; }); });
  m_far_shown = make_switch(box, QStringLiteral("try.showFar"), tr("farther than"),
                            tr("Show the places far from every swatch"),
                            [this](bool on) { change([&](Trying& t) { t.show_far = on; }); });
  m_far = make_number(QStringLiteral("try.far"),
                      tr("A color that differs by at least this (CIEDE2000) from every swatch counts as far"),
                      0, 50, 1, 1, {});
  connect(m_far, &NumberField::wanted, this, [this](double n) { change([&](Trying& t) { t.far = n; }); });
  m_against = make_choice(QStringLiteral("try.against"), tr("Compare light, middle and dark with"));
  connect(m_against, &QComboBox::activated, this,
          [this](int i) { change([&](Trying& t) { t.against = m_against->itemData(i).toULongLong(); }); });
  for (QWidget* w : std::initializer_list<QWidget*>{m_outside, m_far_shown, m_far, m_against})
    row->addWidget(w);
  return box;
}

WordControl* TryDesk::make_switch(QWidget* parent, const QString& name, const QString& word,
                                  const QString& tip, const std::function<void(bool)>& turn) {
  auto* button = word_switch(name, word, tip, parent);
  connect(button, &QAbstractButton::clicked, this, turn);
  return button;
}

NumberField* TryDesk::make_number(const QString& name, const QString& tip, double low, double high,
                                  double step, int digits, const QString& suffix) {
  auto* field = new NumberField(name, tip, this);
  field->set_range({low, high, step, digits, suffix, false, {}});
  field->keep_width(suffix.isEmpty() ? 44 : 84);
  field->setToolTip(tip);
  return field;
}

QWidget* TryDesk::make_foot() {
  auto* foot = new QWidget(this);
  auto* row = row_of(foot, 6);
  m_says = new ElidedLabel(caption_font(), foot);
  m_says->setObjectName(QStringLiteral("try.says"));
  row->addWidget(m_says, 1);
  row->addWidget(m_drawers->add(QStringLiteral("try.missing"), tr("Missing colors"),
                                tr("List the colors that the picture needs and the set does not have"),
                                new MissingPanel(m_model, m_model.laying(), m_model.viewing(),
                                                 m_model.set_work(), m_model.tries(), this)));
  m_pairs = m_drawers->add(QStringLiteral("try.pairs"), tr("Pairs"), tr("Show which swatch moves to which"),
                           new PairsPanel(m_model, m_model.viewing(), m_model.tries(), this));
  row->addWidget(m_pairs);
  row->addWidget(
      m_drawers->add(QStringLiteral("try.change"), tr("Adjust the set"),
                     tr("Change hue, saturation and value of the set and see the picture follow"),
                     new AdjustPanel(m_model, m_model.set_work(), AdjustPanel::Place::Drawer, this)));
  row->addWidget(m_drawers->add(QStringLiteral("try.light"), tr("Light and haze"),
                                tr("See the set under a colored light, or in the distance"),
                                new LightPanel(m_model, m_model.viewing(), this)));
  return foot;
}

// ---------------------------------------------------------------- following

void TryDesk::follow() {
  if (!isVisibleTo(parentWidget())) return;
  m_first->setVisible(m_model.piece().references.empty() && !m_model.tries().tries_canvas());
  const Trying& trying = m_model.session().trying;
  const Reference* reference = find_reference(m_model.piece(), m_model.session().reference);
  const WatchModel& watch = m_model.watch();
  m_canvas->setVisible(watch.on());
  m_canvas->setChecked(m_model.tries().wants_canvas());
  m_model.watch().look(this, watch.on() && m_model.tries().wants_canvas());
  m_name->setText(m_model.tries().tries_canvas() ? tr("canvas on screen")
                  : reference                    ? text(reference->name)
                                                 : tr("no picture"));
  for (const auto& [button, way] : m_ways) button->setChecked(way == trying.way);
  m_two->setChecked(trying.two);
  m_squint->setChecked(trying.squint);
  // While swatches move only what is seen is filled anew.
  m_left->setVisible(trying.two);
  if (trying.two) fill_side(*m_left, trying.left, true);
  fill_side(*m_right, trying.right, true);
  if (trying.way == TryWay::Follow) fill_side(*m_from, trying.from, false);
  const Study& study = m_model.tries().study();
  m_study->setVisible(trying.way == TryWay::Study);
  m_follow->setVisible(trying.way == TryWay::Follow);
  m_check->setVisible(trying.way == TryWay::Check);
  m_pairs->setVisible(trying.way == TryWay::Follow);
  if (!m_pairs->isVisibleTo(this) && m_pairs->isChecked()) m_drawers->open(nullptr);
  m_outside->setChecked(trying.show_outside);
  m_far_shown->setChecked(trying.show_far);
  m_by_areas->setChecked(study.by_areas);
  m_count->setVisible(study.by_areas);
  m_smoothing->setVisible(study.by_areas);
  m_smallest->setVisible(study.by_areas);
  m_count->show_value(study.cut.count);
  m_smoothing->show_value(study.cut.smoothing);
  m_smallest->show_value(study.cut.smallest);
  m_value_first->setChecked(study.match == Match::Value);
  m_softness->show_value(trying.softness);
  m_far->show_value(trying.far);
  if (trying.way == TryWay::Check) fill_against();

  say();
}

void TryDesk::say() {
  const Trying& trying = m_model.session().trying;
  m_says->setToolTip({});
  if (!m_model.tries().photo()) return m_says->clear();
  if (trying.way == TryWay::Check) return say_check();
  if (trying.way == TryWay::Follow && Follow(m_model.tries().moves_to(trying.right, true)).still())
    return m_says->setText(
        tr("No swatch has moved yet. Choose another version to move to, or adjust the set."));
  const auto& uses = m_model.tries().uses();
  const auto unused = std::count_if(uses.begin(), uses.end(), [](const auto& u) { return u.second == 0; });
  m_says->setText(uses.empty() ? tr("The set is empty. Add swatches at Pick.")
                  : unused == 0
                      ? tr("The picture uses every swatch.")
                      : tr("The picture does not use %1 of %2 swatches.").arg(unused).arg(uses.size()));
}

void TryDesk::say_check() {
  const auto percent = [](double share) { return number(100 * share, 1); };
  const auto found = m_model.tries().strays();
  if (!found) return m_says->setText(tr("Comparing with the mask..."));
  const StrayShares& s = *found;
  const auto against = m_model.tries().shares_against();
  m_says->setText(tr("Outside the mask %1 %, far from every swatch %2 %; ")
                      .arg(percent(sum(s.outside)), percent(sum(s.far))) +
                  (against ? tr("light %1 (compared with %2), middle %3 (%4), dark %5 (%6) %")
                                 .arg(percent(s.all.light), percent(against->light), percent(s.all.middle),
                                      percent(against->middle), percent(s.all.dark), percent(against->dark))
                           : tr("light %1, middle %2, dark %3 %")
                                 .arg(percent(s.all.light), percent(s.all.middle), percent(s.all.dark))));
  const BandCounts& set = m_model.set_work().counts();
  const BandCounts& aim = m_model.piece().grading.target;
  m_says->setToolTip(
      m_says->text() + QLatin1String(". ") +
      tr("Outside the mask: light %1, middle %2, dark %3 %. Far: %4, %5, %6 %. The set has %7 light, "
         "%8 middle and %9 dark swatches")
          .arg(percent(s.outside.light), percent(s.outside.middle), percent(s.outside.dark),
               percent(s.far.light), percent(s.far.middle), percent(s.far.dark))
          .arg(set.light)
          .arg(set.middle)
          .arg(set.dark) +
      tr("; wanted: %1, %2 and %3.").arg(aim.light).arg(aim.middle).arg(aim.dark));
}

void TryDesk::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  m_drawers->place();
}

bool TryDesk::event(QEvent* event) {
  const bool done = QWidget::event(event);
  if (event->type() == QEvent::LayoutRequest) {
    m_drawers->place();
    m_view->leave_foot(m_drawers->height());
  }
  if (event->type() == QEvent::Show) follow();
  if (event->type() == QEvent::Hide) m_model.watch().look(this, false);
  return done;
}

} // namespace zc
