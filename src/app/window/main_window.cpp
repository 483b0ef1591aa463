// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/main_window.h"

#include "app/controls/controls.h"
#include "app/controls/notice_bar.h"
#include "app/desks/grade/grade_desk.h"
#include "app/desks/observe/observe_desk.h"
#include "app/desks/try/try_desk.h"
#include "app/files/arrivals.h"
#include "app/files/piece_exports.h"
#include "app/files/set_files.h"
#include "app/files/share_files.h"
#include "app/first/first_start.h"
#include "app/first/steps_line.h"
#include "app/handbook/handbook_window.h"
#include "app/log/session_log.h"
#include "app/menus/edit_menu.h"
#include "app/menus/file_menu.h"
#include "app/menus/grade_menu.h"
#include "app/menus/help_menu.h"
#include "app/menus/limit_menu.h"
#include "app/menus/mnemonics.h"
#include "app/menus/observe_menu.h"
#include "app/menus/pick_menu.h"
#include "app/menus/share_menu.h"
#include "app/menus/try_menu.h"
#include "app/menus/view_menu.h"
#include "app/platform/keys.h"
#include "app/screen/screen_sampler.h"
#include "app/tray/tray.h"
#include "app/window/card_panel.h"
#include "app/window/copy_form_panel.h"
#include "app/window/file_progress.h"
#include "app/window/find_panel.h"
#include "app/window/head.h"
#include "app/window/hint_line.h"
#include "app/window/stages.h"
#include "core/piece/edits.h"
#include "model/application/app_model.h"
#include "model/documents/documents.h"

#include <QApplication>
#include <QCloseEvent>
#include <QMenuBar>
#include <QMimeData>
#include <QPointer>
#include <QScreen>
#include <QScrollArea>
#include <QSettings>
#include <QShortcut>
#include <QStatusTipEvent>
#include <QTimer>
#include <QVBoxLayout>

namespace zc {
namespace {

/// Half of a common screen at twice the scale.
constexpr QSize kLeastWindow(800, 480);
constexpr int kFrameComes = 300; ///< Milliseconds after a window is shown.

} // namespace

MainWindow::MainWindow(AppModel& model, FileJob& job, Documents& documents, CopyOnPick& copy_on_pick,
                       Dialogs& dialogs)
    : m_model(model), m_documents(documents), m_copy_on_pick(copy_on_pick), m_dialogs(dialogs),
      m_sampler(new ScreenSampler(m_model, m_model.picking(), m_model.viewing(), m_model.watch(), this)),
      m_head(new Head(m_model, m_model.viewing(), this)),
      m_notice(new NoticeBar(this, NoticeBar::Place::Row)), m_stages(new Stages(m_model, this)),
      m_set_files(new SetFiles(m_model, m_dialogs, *this)),
      m_arrivals(new Arrivals(m_model, m_documents, job, *m_set_files, m_dialogs, *this)),
      m_card(late_panel<CardPanel>(m_model)),
      m_copy_form_panel(late_panel<CopyFormPanel>(m_copy_on_pick, m_model)),
      m_find_panel(late_panel<FindPanel>(m_model, m_documents, m_stages->grade())) {
  setAcceptDrops(true);
  lay_out(job);
  make_menus(job);
  make_digit_keys();
  connect(&m_model, &AppModel::notice, m_notice, &NoticeBar::tell);
  connect(&m_model, &AppModel::refusalOver, m_notice, &NoticeBar::forget);
  connect(&m_documents, &Documents::changed, this, &MainWindow::show_state);
  connect(&m_documents, &Documents::pieceSaved, m_steps, &StepsLine::saved);
  note_for_reports();
  m_model.hear({Part::Words}, this, &MainWindow::show_state);
  // What the pointer was over is elsewhere now, and it is told of nothing before it moves.
  m_model.hear({Part::Desk}, m_hint, [this] { m_hint->say({}); });
  connect(m_set_files, &SetFiles::found, this,
          [this](const FoundSet& found, const QString& file) { m_stages->grade()->offer(found, file); });
  m_stages->observe().when_made([this](ObserveDesk& observe) {
    connect(&observe, &ObserveDesk::addPhotosAsked, m_arrivals, &Arrivals::add_photos);
  });
  m_stages->tries().when_made([this](TryDesk& tries) {
    connect(&tries, &TryDesk::addPhotosAsked, m_arrivals, &Arrivals::add_photos);
  });
  connect(qGuiApp, &QGuiApplication::screenRemoved, this, &MainWindow::fit_on_screen, Qt::QueuedConnection);
  m_model.start(new_piece({}), {}, true);
  restore_view();
  show_state();
}

MainWindow::~MainWindow() = default;

template <class P, class... What> std::function<P*()> MainWindow::late_panel(What&... what) {
  return [this, &what...] { return m_model.made_late([&] { return new P(what..., m_center.get()); }); };
}

void MainWindow::lay_out(FileJob& job) {
  m_tray = new Tray(m_model, m_copy_on_pick, this);
  auto* tray_area = new QScrollArea(this);
  tray_area->setFrameShape(QFrame::NoFrame);
  tray_area->setWidgetResizable(true);
  tray_area->setFocusPolicy(Qt::NoFocus);
  tray_area->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  tray_area->setWidget(m_tray);
  const auto as_high = [this, tray_area] { tray_area->setFixedHeight(m_tray->minimumHeight()); };
  connect(m_tray, &Tray::heightChanged, tray_area, as_high);
  as_high();

  // The stage and the band stand on the surround, head and tray on the furniture.
  auto* middle = new QWidget(this);
  middle->setObjectName(QStringLiteral("middle"));
  middle->setAutoFillBackground(true);
  auto* middle_column = new QVBoxLayout(middle);
  middle_column->setContentsMargins(0, 4, 0, HintLine::kLine);
  middle_column->addWidget(m_stages);
  m_hint = new HintLine(middle);

  auto* center = new QWidget(this);
  m_center.reset(center);
  auto* column = new QVBoxLayout(center);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  m_steps = new StepsLine(m_model, m_model.viewing(), center);
  column->addWidget(m_head);
  column->addWidget(m_steps);
  column->addWidget(middle, 1);
  column->addWidget(new FileProgress(job, center));
  column->addWidget(m_notice);
  column->addWidget(tray_area);
  connect(m_head, &Head::cardAsked, this, &MainWindow::open_card);
  m_card.when_made(
      [this](CardPanel& card) { connect(&card, &Panel::closed, this, [this] { open_card(false); }); });
  m_copy_form_panel.when_made([this](CopyFormPanel& panel) {
    connect(&panel, &Panel::closed, this, [this] { open_copy_form_panel(false); });
  });
  m_find_panel.when_made([this](FindPanel& panel) {
    connect(&panel, &Panel::closed, this, [this] { open_find_panel(false); });
  });
  connect(m_sampler, &ScreenSampler::pictured, this, [this] { m_model.viewing().show_desk(Desk::Observe); });
  connect(m_head, &Head::besideAsked, this, &MainWindow::besideAsked);
  setCentralWidget(center);
  setMinimumSize(kLeastWindow);
  resize(1280, 800);
}

void MainWindow::make_menus(FileJob& job) {
  auto* exports = new PieceExports(m_model, m_model.viewing(), m_documents, m_dialogs, *this);
  auto* share_files =
      new ShareFiles(m_model, m_model.viewing(), m_model.share_model(), m_dialogs, *exports, job, *this);
  auto* file = new FileMenu(m_documents, *m_set_files, *m_arrivals, this);
  auto* edit = new EditMenu(m_model, m_copy_on_pick, *m_sampler, *m_arrivals, m_stages->grade(),
                            m_stages->band(), this);
  m_view_menu = new ViewMenu(m_model, this);
  auto* limit = new LimitMenu(m_model, m_stages->limit(), m_dialogs, this);
  auto* pick = new PickMenu(m_model, m_stages->pick(), this);
  auto* help = new HelpMenu(m_model, m_dialogs, this);
  limit->addSeparator();
  limit->addActions(pick->hue_commands());
  for (QMenu* menu : std::initializer_list<QMenu*>{
           file, edit, m_view_menu, new ObserveMenu(m_model, m_stages->observe(), *m_arrivals, this), limit,
           pick, new GradeMenu(m_model, this), new TryMenu(m_model, job, m_dialogs, m_stages->tries(), this),
           new ShareMenu(m_model, m_documents, m_dialogs, *share_files, *m_set_files, m_stages->share(),
                         this),
           help})
    menuBar()->addMenu(menu);
  keep_mnemonics(*menuBar());
  connect(file, &FileMenu::cardAsked, this, [this] { open_card(true); });
  connect(file, &FileMenu::quitAsked, this, &MainWindow::leave);
  connect(edit, &EditMenu::copyFormAsked, this, [this] { open_copy_form_panel(true); });
  connect(edit, &EditMenu::findAsked, this, [this] { open_find_panel(true); });
  connect(m_tray, &Tray::copyHexAsked, edit, &EditMenu::copy_hex);
  connect(m_view_menu, &ViewMenu::besideAsked, this, &MainWindow::besideAsked);
  connect(m_view_menu, &ViewMenu::watchAsked, m_sampler, &ScreenSampler::watch_part);
  connect(m_view_menu, &ViewMenu::watchAgainAsked, m_sampler, &ScreenSampler::watch_again);
  connect(m_view_menu, &ViewMenu::keyHandAsked, this, &MainWindow::keyHandAsked);
  connect(m_view_menu, &ViewMenu::foldTrayAsked, m_tray, &Tray::fold);
  connect(m_tray, &Tray::heightChanged, m_view_menu,
          [this] { m_view_menu->show_tray_folded(m_tray->folded()); });
  m_view_menu->show_tray_folded(m_tray->folded());
  connect(m_view_menu, &ViewMenu::leftHandAsked, this, &MainWindow::use_left_hand);
  connect(m_view_menu, &ViewMenu::surroundAsked, this, &MainWindow::use_surround);
  connect(help, &HelpMenu::handbookAsked, this, &MainWindow::open_handbook);
  connect(help, &HelpMenu::stepsAsked, m_steps, &StepsLine::begin);
}

/// Digits use a well of the chosen row, Shift with a digit fills it, 9 goes to the next row and Shift+9 to
/// the one before, Ctrl with a digit shows a desk; not while a field is being typed in. Once by their places,
/// for every layout, and once by what is written, where places are not told.
void MainWindow::make_digit_keys() {
  connect(new KeyKeeper(*this), &KeyKeeper::digitPressed, this,
          [this](int digit, Qt::KeyboardModifiers with) {
            const auto desk = static_cast<std::size_t>(digit - 1);
            if (with != Qt::ControlModifier) return press_digit(digit, with == Qt::ShiftModifier);
            if (desk < kDesks) m_model.viewing().show_desk(static_cast<Desk>(desk));
          });
  for (int digit = 1; digit <= 9; ++digit) {
    const auto key = static_cast<Qt::Key>(Qt::Key_0 + digit);
    connect(new QShortcut(QKeySequence(key), this), &QShortcut::activated, this,
            [this, digit] { press_digit(digit, false); });
    connect(new QShortcut(QKeySequence(Qt::SHIFT | key), this), &QShortcut::activated, this,
            [this, digit] { press_digit(digit, true); });
  }
}

void MainWindow::press_digit(int digit, bool shift) {
  Picking& picking = m_model.picking();
  const std::size_t place = static_cast<std::size_t>(digit - 1);
  if (place >= kWellsInRow) return picking.step_well_row(shift ? -1 : 1);
  const std::size_t well = m_model.at_hand().row * kWellsInRow + place;
  shift ? picking.lay_down_well(well) : picking.use_well(well);
}

/// What happens, without what it happens to.
void MainWindow::note_for_reports() {
  connect(&m_model, &AppModel::notice, this,
          [](const QString& sentence) { session_log::note(QStringLiteral("said: ") + sentence); });
  connect(&m_documents, &Documents::pieceSaved, this, [] { session_log::note(QStringLiteral("saved")); });
  m_model.hear({Part::Desk}, this, [this, last = -1]() mutable {
    const int desk = static_cast<int>(m_model.session().desk);
    if (std::exchange(last, desk) != desk) session_log::note(QStringLiteral("desk %1").arg(desk + 1));
  });
  connect(&m_model.store(), &PieceStore::changed, this, [this, last = DocumentId{0}]() mutable {
    const DocumentId document = m_model.store().document();
    if (std::exchange(last, document) != document)
      session_log::note(QStringLiteral("piece: %1 references, %2 sets")
                            .arg(m_model.piece().references.size())
                            .arg(m_model.piece().sets.size()));
  });
}

void MainWindow::open_handbook(const QString& page) {
  if (!m_handbook) m_handbook = new HandbookWindow(*menuBar(), this);
  m_handbook->open(page);
}

void MainWindow::offer_first_start(bool offered) {
  if (!FirstStart::is_first()) return;
  auto* first = new FirstStart(findChild<QWidget*>(QStringLiteral("middle")));
  // The steps go along whatever was chosen.
  connect(first, &FirstStart::photoAsked, this, [this] {
    m_steps->begin();
    m_model.viewing().show_desk(Desk::Observe);
    m_arrivals->add_photos();
  });
  connect(first, &FirstStart::emptyAsked, this, [this] {
    m_steps->begin();
    m_model.viewing().show_desk(Desk::Observe);
  });
  connect(first, &FirstStart::demoAsked, this, [this] {
    m_documents.open_demo([this](bool /*opened*/) {
      m_steps->begin();
      m_model.viewing().show_desk(Desk::Observe);
    });
  });
  for (const auto chosen : {&FirstStart::photoAsked, &FirstStart::emptyAsked, &FirstStart::demoAsked})
    connect(first, chosen, first, &QObject::deleteLater);
  // A photo that is dropped, pasted or named at the start is an answer too.
  const auto photo_begins = [this, first] {
    if (m_model.piece().references.empty() || !m_documents.path().isEmpty()) return;
    first->leave();
    first->deleteLater();
    m_steps->begin_with_photo();
  };
  m_model.hear({Part::References}, first, photo_begins);
  photo_begins();
  if (offered) first->offer();
}

/// Over the stage, under the title it belongs to.
void MainWindow::open_card(bool open) {
  m_head->show_card_open(open);
  if (open) return m_card->open_at({kMargin, m_head->geometry().bottom() + 1});
  if (m_card.made()) m_card->hide();
  m_stages->focus(m_model.session().desk);
}

/// Above the tray, where the switch is.
void MainWindow::open_copy_form_panel(bool open) {
  if (open) return m_copy_form_panel->open_at({kMargin, m_head->geometry().bottom() + 1});
  if (m_copy_form_panel.made()) m_copy_form_panel->hide();
  m_stages->focus(m_model.session().desk);
}

void MainWindow::open_find_panel(bool open) {
  if (open) return m_find_panel->open_at({kMargin, m_head->geometry().bottom() + 1});
  if (!m_find_panel.made() || !m_find_panel->isVisible()) return;
  m_find_panel->hide();
  m_stages->focus(m_model.session().desk);
}

void MainWindow::use_left_hand(bool left) {
  QSettings().setValue(QStringLiteral("leftHanded"), left);
  m_view_menu->show_left_handed(left);
  m_stages->use_left_hand(left);
  turn_about(*m_tray, left);
}

bool MainWindow::event(QEvent* event) {
  if (event->type() != QEvent::StatusTip) return QMainWindow::event(event);
  m_hint->say(static_cast<QStatusTipEvent*>(event)->tip());
  return true;
}

void MainWindow::showEvent(QShowEvent* event) {
  QMainWindow::showEvent(event);
  fit_on_screen();
  // Its frame comes later, and takes room of its own.
  QTimer::singleShot(kFrameComes, this, [this, bare = frameSize() - size()] {
    if (frameSize() - size() != bare) fit_on_screen();
  });
}

/// A window that was left on a larger screen, or whose screen went, is no larger than this one.
void MainWindow::fit_on_screen() {
  const QRect room = screen()->availableGeometry();
  const QSize frame = frameSize() - size();
  const QSize most = room.size() - frame;
  if (width() > most.width() || height() > most.height()) resize(size().boundedTo(most));
  if (!room.intersects(frameGeometry())) move(room.topLeft());
}

void MainWindow::show_state() {
  m_head->set_state_words(m_documents.state_words());
  setWindowTitle(tr("%1[*] - Zonachrom").arg(QString::fromStdString(m_model.piece().title)));
  setWindowModified(m_model.store().edited());
}

void MainWindow::use_surround(Surround surround) {
  set_surround(surround);
  QSettings().setValue(QStringLiteral("surround"), static_cast<int>(surround));
  findChild<QWidget*>(QStringLiteral("middle"))->setPalette(stage_palette());
  for (auto* widget : QApplication::allWidgets()) widget->update();
}

void MainWindow::restore_view() {
  use_surround(
      static_cast<Surround>(std::clamp(QSettings().value(QStringLiteral("surround"), 0).toInt(), 0, 2)));
  use_left_hand(QSettings().value(QStringLiteral("leftHanded"), false).toBool());
  m_stages->recall_widths();
  const QByteArray geometry = QSettings().value(QStringLiteral("geometry")).toByteArray();
  if (!geometry.isEmpty()) restoreGeometry(geometry);
  m_stages->follow();
}

void MainWindow::call(const QStringList& files) {
  show();
  raise();
  activateWindow();
  m_arrivals->open_when_free(files);
}

void MainWindow::show_beside(bool shown) {
  m_beside = shown;
  m_head->show_beside(shown);
  m_view_menu->show_beside(shown);
}

void MainWindow::leave() {
  m_leaving = true;
  close();
}

/// Where that has to be asked or saved first, the window closes itself after the answer.
bool MainWindow::may_close() {
  if (std::exchange(m_may_close, false)) return true;
  const auto asking = std::make_shared<bool>(true);
  m_documents.may_leave([this, asking, leaving = m_leaving, guard = QPointer(this)](bool may) {
    if (*asking) {
      m_may_close = may;
      return;
    }
    if (!guard || !may) return;
    m_may_close = true;
    m_leaving = leaving;
    close();
  });
  *asking = false;
  return std::exchange(m_may_close, false);
}

void MainWindow::closeEvent(QCloseEvent* event) {
  // The companion goes on with the same piece; it calls this window back.
  if (m_beside && !m_leaving) {
    event->ignore();
    m_may_close = false; // The companion was called while it was being saved; leaving asks anew.
    return hide();
  }
  const bool closes = may_close();
  m_leaving = false;
  if (!closes) return event->ignore();
  m_documents.leave();
  QSettings().setValue(QStringLiteral("geometry"), saveGeometry());
  m_stages->remember_widths();
  event->accept();
  emit left();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
  if (Arrivals::takes(*event->mimeData())) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
  const QStringList files = Arrivals::local_files(*event->mimeData());
  m_arrivals->open_files(files);
  if (files.isEmpty()) m_arrivals->accept(*event->mimeData(), tr("dropped photo"));
  event->acceptProposedAction();
}

} // namespace zc
