// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/companion/companion.h"

#include "app/band/rail_view.h"
#include "app/band/staff_view.h"
#include "app/companion/canvas_page.h"
#include "app/companion/related_page.h"
#include "app/companion/strip_view.h"
#include "app/controls/controls.h"
#include "app/controls/notice_bar.h"
#include "app/theme/theme.h"
#include "app/tray/color_pair.h"
#include "app/tray/wells_view.h"
#include "app/wheel/mask_rule.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "model/application/app_model.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"

#include <QBoxLayout>
#include <QContextMenuEvent>
#include <QGuiApplication>
#include <QLabel>
#include <QMenu>
#include <QPainter>
#include <QScreen>
#include <QTabletEvent>

namespace zc {
namespace {

constexpr int kHeight = 752, kEdge = 12, kWheelHeight = 236, kLowWheel = 204, kStripPair = 44,
              kLyingPair = 24;
/// Lower than this the column leaves the wheel out, and then the wells.
constexpr int kRoomForWheel = 600, kRoomForFoot = 400, kLeastStaff = 120;

/// A client of a compositor cannot ask to be above other windows.
bool must_be_kept_above_by_hand() {
  return QGuiApplication::platformName().startsWith(QLatin1String("wayland"));
}

} // namespace

Companion::Companion(AppModel& model, CopyOnPick& copy_on_pick)
    : QWidget(nullptr, Qt::Window | Qt::WindowStaysOnTopHint | Qt::WindowDoesNotAcceptFocus), m_model(model),
      m_copy_on_pick(copy_on_pick) {
  setObjectName(QStringLiteral("companion"));
  setAttribute(Qt::WA_ShowWithoutActivating);
  m_column = make_column();
  m_strip_box = make_strip();
  m_notice = new NoticeBar(this, NoticeBar::Place::Over);
  m_notice->setObjectName(QStringLiteral("besideNotice"));
  for (auto* widget : findChildren<QWidget*>()) widget->installEventFilter(this);
  model.hear({Part::Color, Part::Geometry, Part::Words}, this, &Companion::follow);
  model.hear({Part::Geometry}, this, &Companion::follow_canvas);
  connect(&copy_on_pick, &CopyOnPick::changed, this, &Companion::follow);
  connect(&model.watch(), &WatchModel::changed, this, &Companion::follow_canvas);
  connect(&model.watch(), &WatchModel::pointedChanged, this, &Companion::follow_canvas);
  connect(&model, &Studio::startedAnew, this, &Companion::follow_canvas);
  apply_shape(CompanionShape::Column);
  follow();
  follow_canvas();
}

Companion::~Companion() { m_model.watch().look(this, false); }

void Companion::show_canvas_page() {
  m_foot->show(m_canvas);
  arrange();
}

void Companion::allow_watch_again(bool allowed) { m_canvas->allow_again(allowed); }

QWidget* Companion::make_column() {
  auto* box = new QWidget(this);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 4, 0, 8);
  column->setSpacing(4);
  m_wheel = new WheelView(m_model, m_model.picking(), m_model.laying(), m_model.masking(), m_model.plan(),
                          m_model.reader(), m_model.reaches(), WheelView::Use::Pick, box);
  m_wheel->setObjectName(QStringLiteral("besideWheel"));
  m_wheel->setFixedHeight(kWheelHeight);
  connect(m_wheel, &WheelView::hovered, this,
          [this](const std::optional<Srgb>& color) { show_passing(color, {}); });
  m_rail = new RailView(m_model, m_model.picking(), m_model.viewing(), m_model.plan(), m_model.reader(),
                        m_model.reaches(), RailView::Build::Slim, box);
  m_rail->setObjectName(QStringLiteral("besideRail"));
  m_staff = new StaffView(m_model, m_model.picking(), m_model.laying(), m_model.set_work(), m_model.press(),
                          m_model.tries(), StaffView::Place::Beside, box);
  m_staff->setObjectName(QStringLiteral("besideStaff"));
  m_staff->setMinimumHeight(kLeastStaff);
  auto* band = new QHBoxLayout;
  band->setContentsMargins(kEdge, 0, 0, 0);
  band->setSpacing(0);
  band->addWidget(m_rail);
  band->addWidget(m_staff, 1);

  auto* color = make_color_row(box);

  // What it says changes under the hand; nothing else may move with it.
  m_line = new ElidedLabel(caption_font(), box);
  m_line->setObjectName(QStringLiteral("besideLine"));
  m_line->setContentsMargins(kEdge, 0, kEdge, 0);
  column->addWidget(m_wheel);
  column->addLayout(band, 1);
  column->addLayout(color);
  column->addWidget(make_pages(box));
  column->addWidget(make_hand_row(box, false));
  column->addWidget(m_line);
  return box;
}

QWidget* Companion::make_pages(QWidget* box) {
  auto* edges = new QWidget(box);
  auto* margins = new QVBoxLayout(edges);
  margins->setContentsMargins(kEdge, 0, kEdge, 0);
  m_foot = new Pages(edges);
  margins->addWidget(m_foot);
  auto* wells = new QWidget(m_foot);
  auto* rows = new QVBoxLayout(wells);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->setSpacing(4);
  rows->addWidget(new WellsView(m_model, m_model.picking(), WellsView::Build::Row, wells));
  rows->addWidget(new MaskRuleChoice(m_model, MaskRuleChoice::Build::Choices, wells));
  m_canvas = new CanvasPage(m_model, m_foot);
  m_foot->add(QStringLiteral("besideWells"), tr("Wells"), tr("Wells, and whether the mask holds picks"),
              wells);
  m_foot->add(QStringLiteral("besideRelated"), tr("Related"),
              tr("The relation of the current color, its tints, tones and shades"),
              new RelatedPage(m_model, m_foot));
  m_foot->add(QStringLiteral("besideCanvas"), tr("Canvas"),
              tr("Watch the canvas on the screen and compare it with the plan"), m_canvas);
  connect(m_foot, &Pages::changed, this, &Companion::arrange);
  m_foot->end_with(make_more(QStringLiteral("besideMore"), m_foot));
  connect(m_canvas, &CanvasPage::watchAsked, this, &Companion::watchAsked);
  connect(m_canvas, &CanvasPage::watchAgainAsked, this, &Companion::watchAgainAsked);
  return edges;
}

/// The menu of the right button, for whoever has none.
WordControl* Companion::make_more(const QString& name, QWidget* parent) {
  auto* more =
      word_opener(name, tr("More"), tr("Shape of this window, main window, copying, closing"), parent);
  auto* menu = new QMenu(more);
  connect(menu, &QMenu::aboutToShow, this, [this, menu] {
    menu->clear();
    fill_menu(*menu);
  });
  opens(*more, *menu, MenuSide::Above);
  return more;
}

QHBoxLayout* Companion::make_color_row(QWidget* box) {
  auto* pair = new ColorPair(m_model, m_model.picking(), {74, 62}, box);
  m_name = new ElidedLabel(heading_font(), box);
  m_name->setObjectName(QStringLiteral("besideName"));
  m_hex = new QLabel(box);
  m_hex->setObjectName(QStringLiteral("besideHex"));
  m_state = new QLabel(box);
  m_state->setObjectName(QStringLiteral("besideState"));
  m_state->setFont(caption_font());
  auto* words = new QVBoxLayout;
  words->setSpacing(2);
  words->addWidget(m_name);
  words->addWidget(m_hex);
  words->addWidget(m_state);
  auto* color = new QHBoxLayout;
  color->setContentsMargins(kEdge, 0, kEdge, 0);
  color->setSpacing(10);
  color->addWidget(pair);
  color->addLayout(words, 1);
  return color;
}

QWidget* Companion::make_strip() {
  auto* box = new QWidget(this);
  m_strip_layout = new QBoxLayout(QBoxLayout::TopToBottom, box);
  m_strip_layout->setContentsMargins(0, 4, 0, 6);
  m_strip_layout->setSpacing(4);
  m_strip = new StripView(m_model, m_model.picking(), m_model.set_work(), m_model.plan(), box);
  connect(m_strip, &StripView::hovered, this, [this](const Swatch* s) {
    show_passing(s ? std::optional(s->color) : std::nullopt, s ? text(s->name) : QString());
  });
  auto* foot = new QWidget(box);
  auto* column = new QVBoxLayout(foot);
  column->setContentsMargins(6, 0, 6, 0);
  column->setSpacing(2);
  m_strip_pair = new ColorPair(m_model, m_model.picking(), {72, kStripPair}, foot);
  column->addWidget(m_strip_pair, 0, Qt::AlignHCenter);
  m_strip_hex = new QLabel(foot);
  m_strip_hex->setObjectName(QStringLiteral("stripHex"));
  m_strip_hex->setFont(caption_font());
  m_strip_hex->setAlignment(Qt::AlignHCenter);
  column->addWidget(m_strip_hex);
  m_strip_canvas = new QLabel(foot);
  m_strip_canvas->setObjectName(QStringLiteral("stripCanvas"));
  m_strip_canvas->setFont(small_font());
  m_strip_canvas->setAlignment(Qt::AlignHCenter);
  column->addWidget(m_strip_canvas);
  column->addWidget(make_hand_row(foot, true), 0, Qt::AlignHCenter);
  column->addWidget(make_more(QStringLiteral("stripMore"), foot), 0, Qt::AlignHCenter);
  m_strip_layout->addWidget(m_strip, 1);
  m_strip_layout->addWidget(foot);
  return box;
}

QWidget* Companion::make_hand_row(QWidget* parent, bool narrow) {
  auto* box = new QWidget(parent);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(narrow ? 0 : kEdge - 4, 0, narrow ? 0 : kEdge, 0);
  row->setSpacing(2);
  auto* hand = word_switch(narrow ? QStringLiteral("stripCopyOnPick") : QStringLiteral("besideCopyOnPick"),
                           narrow ? tr("copy") : tr("copy picks"),
                           tr("Every picked color is copied to the clipboard"), box);
  connect(hand, &QAbstractButton::clicked, &m_copy_on_pick, &CopyOnPick::turn);
  m_hand_buttons.push_back(hand);
  row->addWidget(hand);
  if (narrow) return box;
  m_form = word_action(QStringLiteral("besideForm"), {},
                       tr("How a color is written when it is copied; press for the next form"), box);
  connect(m_form, &QAbstractButton::clicked, this, [this] {
    CopyOnPickForm next = m_copy_on_pick.form();
    next.form = static_cast<CopyForm>((static_cast<int>(next.form) + 1) %
                                      static_cast<int>(std::size(kCopyFormWords)));
    static_cast<void>(m_copy_on_pick.take(next)); // Its pattern has been taken before.
  });
  auto* screen = word_action(QStringLiteral("besideScreen"), tr("Sample screen"),
                             tr("Use the color of any pixel of the screen"), box);
  connect(screen, &QAbstractButton::clicked, this, &Companion::screenAsked);
  row->addWidget(m_form);
  row->addStretch();
  row->addWidget(screen);
  return box;
}

void Companion::apply_shape(CompanionShape shape) {
  m_shape = shape;
  m_column->setVisible(shape == CompanionShape::Column);
  m_strip_box->setVisible(shape == CompanionShape::Strip);
  if (shape == CompanionShape::Column) {
    setMinimumSize(kColumn, 320);
    setMaximumWidth(2 * kColumn);
    resize(kColumn, std::max(kHeight, height()));
  } else {
    setMinimumSize(kStrip, kStrip);
    setMaximumWidth(QWIDGETSIZE_MAX);
    resize(kStrip, std::max(kHeight, height()));
  }
  arrange();
  emit shapeChanged();
}

void Companion::apply_place_on(const QScreen& screen, QRect place) {
  const QRect room = screen.availableGeometry();
  place.setSize(place.size().expandedTo(minimumSize()).boundedTo(room.size()));
  place.moveLeft(std::clamp(place.left(), room.left(), room.right() + 1 - place.width()));
  place.moveTop(std::clamp(place.top(), room.top(), room.bottom() + 1 - place.height()));
  move(place.topLeft());
  resize(place.size());
}

/// The strip lies where the window is wider than high.
void Companion::arrange() {
  m_column->setGeometry(rect());
  m_strip_box->setGeometry(rect());
  m_wheel->setVisible(height() >= kRoomForWheel);
  m_wheel->setFixedHeight(m_foot->page() == m_canvas ? kLowWheel : kWheelHeight);
  m_foot->setVisible(height() >= kRoomForFoot);
  const bool lying = width() > height();
  m_strip_layout->setDirection(lying ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
  m_strip_pair->setFixedHeight(lying ? kLyingPair : kStripPair);
  m_strip->lie(lying);
}

void Companion::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  arrange();
}

void Companion::paintEvent(QPaintEvent*) { QPainter(this).fillRect(rect(), theme().stage); }

void Companion::follow() {
  setWindowTitle(tr("%1 beside the canvas").arg(text(m_model.piece().title)));
  const Srgb color = m_model.session().color();
  const QString name = color_name(color), hex = text(hex_of(color));
  m_name->setText(name);
  m_hex->setText(hex);
  m_state->setText(
      tr("value %1, %2").arg(std::lround(m_model.session().at.at.v)).arg(mask_state_words(m_model)));
  m_strip_hex->setText(hex);
  for (auto* button : m_hand_buttons) button->setChecked(m_copy_on_pick.on());
  m_form->setText(words_for(m_copy_on_pick.form()));
  m_form->updateGeometry();
  const QString still = must_be_kept_above_by_hand()
                            ? tr("To keep this window above others, use the menu of its frame.")
                            : tr("Pick on the wheel, the axis or the set.");
  m_line->setText(m_copy_on_pick.last().isEmpty() ? still : m_copy_on_pick.last());
}

/// The canvas as wheel, staff and strip tell it.
void Companion::follow_canvas() {
  WatchModel& watch = m_model.watch();
  const SeenCanvas* seen = watch.seen();
  m_strip_canvas->setVisible(watch.on());
  m_strip_canvas->setText(canvas_in_a_line(watch));
  CanvasMarks marks;
  std::optional<std::unordered_map<Id, double>> use;
  if (seen) {
    const auto place = [&](const Srgb& color) { return disc_point(m_model.wheel().locate(color)); };
    for (const StrayColor& stray : seen->check.strays)
      marks.strays.push_back({stray.color, place(stray.color)});
    marks.pointed = watch.pointed();
    if (const Result<WayBack>* way = watch.way(); way && *way) {
      for (const Srgb& color : (*way)->path) marks.path.push_back(place(color));
      if (const auto& inside = (*way)->inside; inside && !(*inside == (*way)->nearest))
        marks.leaves = place(inside->color);
    }
    use.emplace();
    for (std::size_t i = 0; i < seen->swatches.size(); ++i) (*use)[seen->swatches[i]] = seen->check.used[i];
  }
  m_wheel->show_canvas(std::move(marks));
  m_staff->show_use(std::move(use));
}

/// What the pointer passes over, before it is taken.
void Companion::show_passing(const std::optional<Srgb>& color, const QString& name) {
  if (!color) return follow();
  const QString hex = text(hex_of(*color)), said = name.isEmpty() ? color_name(*color) : name;
  m_strip_hex->setText(hex);
  m_line->setText(tr("over %1, %2, value %3").arg(hex, said).arg(std::lround(value_of(*color))));
}

// ---------------------------------------------------------------- hands

/// Hints of the parts are sentences about the keyboard as well, which this window never has.
bool Companion::event(QEvent* event) {
  if (event->type() == QEvent::StatusTip) return true;
  if (event->type() == QEvent::PaletteChange) update();
  return QWidget::event(event);
}

/// A pen's barrel button goes back to the color before, wherever the pen is.
bool Companion::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() != QEvent::TabletPress) return QWidget::eventFilter(watched, event);
  auto* pen = static_cast<QTabletEvent*>(event);
  if (pen->button() != Qt::RightButton && pen->button() != Qt::MiddleButton)
    return QWidget::eventFilter(watched, event);
  m_model.picking().back_to_before();
  event->accept();
  return true;
}

void Companion::contextMenuEvent(QContextMenuEvent* event) {
  QMenu menu;
  fill_menu(menu);
  menu.exec(event->globalPos());
}

void Companion::fill_menu(QMenu& menu) {
  const bool column = m_shape == CompanionShape::Column;
  menu.addAction(column ? tr("Show as strip") : tr("Show as column"), this,
                 [this, column] { apply_shape(column ? CompanionShape::Strip : CompanionShape::Column); });
  if (!column)
    menu.addAction(width() > height() ? tr("Turn strip upright") : tr("Turn strip sideways"), this, [this] {
      apply_place({pos(), size().transposed()});
    });
  menu.addAction(tr("Show or hide main window"), this, &Companion::deskAsked);
  menu.addSeparator();
  auto* hand = menu.addAction(tr("Copy every pick"), &m_copy_on_pick, &CopyOnPick::turn);
  hand->setCheckable(true);
  hand->setChecked(m_copy_on_pick.on());
  menu.addAction(tr("Choose form of copied colors..."), this, &Companion::formAsked);
  menu.addAction(tr("Pick color from screen"), this, &Companion::screenAsked);
  menu.addAction(tr("Go back to previous color"), &m_model.picking(), &Picking::back_to_before);
  menu.addSeparator();
  if (m_model.watch().on()) {
    menu.addAction(tr("Keep this moment of the canvas"), &m_model.watch(), &WatchModel::keep_moment);
    menu.addAction(tr("End watching canvas"), &m_model.watch(), &WatchModel::end);
  } else
    menu.addAction(tr("Watch canvas on screen..."), this, &Companion::watchAsked);
  menu.addAction(tr("Close companion"), this, &QWidget::close);
}

/// What is watched is looked at while this window is.
void Companion::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  m_model.watch().look(this, true);
}

void Companion::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_model.watch().look(this, false);
}

void Companion::closeEvent(QCloseEvent* event) {
  event->accept();
  emit closed();
}

} // namespace zc
