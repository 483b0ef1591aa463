// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/main_window.h"

#include "app/band/staff_view.h"
#include "app/band/value_band.h"
#include "app/desks/grade/grade_desk.h"
#include "app/desks/grade/list_view.h"
#include "app/desks/grade/rows_view.h"
#include "app/desks/limit/limit_desk.h"
#include "app/desks/observe/observe_desk.h"
#include "app/desks/observe/reference_strip.h"
#include "app/desks/pick/pick_desk.h"
#include "app/desks/share/share_desk.h"
#include "app/desks/share/share_stage.h"
#include "app/desks/try/try_desk.h"
#include "app/desks/try/try_view.h"
#include "app/first/steps_line.h"
#include "app/log/session_log.h"
#include "app/photo/kept_reference.h"
#include "app/photo/photo_view.h"
#include "app/screen/screen_sampler.h"
#include "app/seams/clipboard.h"
#include "app/seams/unfinished.h"
#include "app/theme/controls.h"
#include "app/tray/tray.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/wheel_view.h"
#include "app/window/card_panel.h"
#include "app/window/file_progress.h"
#include "app/window/hand_panel.h"
#include "app/window/head.h"
#include "app/window/hint_line.h"
#include "app/window/notice_bar.h"
#include "app/window/piece_exports.h"
#include "app/window/set_files.h"
#include "app/window/share_files.h"
#include "app/window/stage_area.h"
#include "core/color/text.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"
#include "model/documents/documents.h"
#include "model/work/set_work.h"
#include "model/workspace/workspace.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QDir>
#include <QFileInfo>
#include <QLineEdit>
#include <QMenuBar>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QScreen>
#include <QScrollArea>
#include <QSettings>
#include <QShortcut>
#include <QSplitter>
#include <QStackedWidget>
#include <QStatusTipEvent>
#include <QTimer>
#include <QVBoxLayout>

namespace zc {
namespace {

/// Half of a common screen at twice the scale.
constexpr QSize kLeastWindow(800, 480);
constexpr int kFrameComes = 300; ///< Milliseconds after a window is shown.
constexpr int kLooksForFreeHands = 100;

QString kept_setting(std::size_t desk) { return QStringLiteral("keptReference/%1").arg(desk); }

} // namespace

MainWindow::MainWindow(Workspace& space, FileJob& job, Documents& documents, HandOver& hand_over,
                       Dialogs& dialogs)
    : m_space(space), m_job(job), m_documents(documents), m_hand_over(hand_over), m_dialogs(dialogs),
      m_sampler(new ScreenSampler(m_space, m_space.picking(), m_space.viewing(), this)),
      m_progress(new FileProgress(job, this)), m_head(new Head(m_space, m_space.viewing(), this)),
      m_notice(new NoticeBar(this)), m_stage(new QStackedWidget(this)),
      m_observe(new ObserveDesk(m_space, m_stage)), m_limit(new LimitDesk(m_space, m_stage)),
      m_pick(new PickDesk(m_space, m_stage)), m_grade(new GradeDesk(m_space, m_stage)),
      m_try(new TryDesk(m_space, m_stage)), m_share(new ShareDesk(m_space, m_stage)),
      m_kept(new KeptReference(m_space, m_space.picking(), m_space.laying(), m_space.viewing(),
                               m_space.reader(), this)),
      m_band(new ValueBand(m_space, this)), m_set_files(new SetFiles(m_space, m_dialogs, *this)),
      m_exports(new PieceExports(m_space, m_space.viewing(), m_documents, m_dialogs, *this)),
      m_share_files(
          new ShareFiles(m_space, m_space.viewing(), m_space.shares(), m_dialogs, *m_exports, m_job, *this)) {
  m_free = new QTimer(this);
  m_free->setInterval(kLooksForFreeHands);
  connect(m_free, &QTimer::timeout, this, &MainWindow::open_waiting);
  setAcceptDrops(true);
  lay_out();
  make_file_menu();
  make_edit_menu();
  make_view_menu();
  make_observe_menu();
  make_limit_menu();
  make_pick_menu();
  make_grade_menu();
  make_try_menu();
  make_share_menu();
  make_help_menu();
  make_well_keys();
  connect(&m_space, &Workspace::notice, m_notice, &NoticeBar::tell);
  connect(&m_space, &Workspace::refusalOver, m_notice, &NoticeBar::forget);
  m_space.hear({Part::Desk, Part::SetView, Part::Looking}, this, &MainWindow::show_desk_parts);
  connect(&m_documents, &Documents::changed, this, &MainWindow::show_state);
  connect(&m_documents, &Documents::pieceSaved, m_steps, &StepsLine::saved);
  note_for_reports();
  m_space.hear({Part::Words}, this, &MainWindow::show_state);
  connect(m_head, &Head::surroundAsked, this, [this](int s) { use_surround(static_cast<Surround>(s)); });
  connect(m_set_files, &SetFiles::found, m_grade, &GradeDesk::offer);
  connect(m_grade, &GradeDesk::foundSwatches, this, [this] { focus_desk(Desk::Grade); });
  connect(m_try, &TryDesk::saveAsked, this, &MainWindow::save_tried_picture);
  connect(&m_band->staff(), &StaffView::droppedElsewhere, this, [this](Id swatch, QPoint global) {
    if (m_space.session().desk == Desk::Try) return static_cast<void>(m_try->view().bind_at(global, swatch));
    if (const Swatch* s = find_swatch(m_space.piece(), swatch)) m_pick->take_dropped(global, s->color);
  });
  connect(m_observe, &ObserveDesk::addPhotosAsked, this, &MainWindow::add_photos);
  m_space.start(new_piece({}), {}, true);
  restore_view();
  show_state();
}

MainWindow::~MainWindow() = default;

void MainWindow::lay_out() {
  for (const auto& desk : kDeskWords) m_stage->addWidget(stage_of(desk.value));
  // Where the window is small the stage is scrolled, so that everything can be reached.
  m_stage_area = new StageArea(m_stage, this);
  m_split = new QSplitter(Qt::Horizontal, this);
  m_split->setObjectName(QStringLiteral("split"));
  m_split->setHandleWidth(6);
  m_split->installEventFilter(this);
  m_split->setChildrenCollapsible(false);
  m_split->addWidget(m_kept);
  m_split->addWidget(m_stage_area);
  m_split->addWidget(m_band);
  m_kept_width.fill(KeptReference::kUsual);
  connect(m_split, &QSplitter::splitterMoved, this, &MainWindow::note_shares);
  m_tray = new Tray(m_space, m_hand_over, this);
  connect(m_tray, &Tray::copyHexAsked, this, &MainWindow::copy_hex);
  auto* tray_area = new QScrollArea(this);
  tray_area->setFrameShape(QFrame::NoFrame);
  tray_area->setWidgetResizable(true);
  tray_area->setFocusPolicy(Qt::NoFocus);
  tray_area->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  tray_area->setWidget(m_tray);
  tray_area->setFixedHeight(m_tray->height());

  // The stage and the band stand on the surround, head and tray on the furniture.
  auto* middle = new QWidget(this);
  middle->setObjectName(QStringLiteral("middle"));
  middle->setAutoFillBackground(true);
  middle->installEventFilter(this);
  auto* middle_column = new QVBoxLayout(middle);
  middle_column->setContentsMargins(0, 4, 0, HintLine::kLine);
  middle_column->addWidget(m_split);
  m_hint = new HintLine(middle);

  auto* center = new QWidget(this);
  m_center.reset(center);
  auto* column = new QVBoxLayout(center);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  m_steps = new StepsLine(m_space, m_space.viewing(), center);
  column->addWidget(m_head);
  column->addWidget(m_steps);
  column->addWidget(middle, 1);
  column->addWidget(m_progress);
  column->addWidget(m_notice);
  column->addWidget(tray_area);
  m_card = new CardPanel(m_space, center);
  connect(m_card, &CardPanel::closed, this, [this] { open_card(false); });
  connect(m_head, &Head::cardAsked, this, &MainWindow::open_card);
  m_hand_panel = new HandPanel(m_hand_over, m_space, center);
  connect(m_hand_panel, &HandPanel::closed, this, [this] { open_hand_panel(false); });
  connect(m_sampler, &ScreenSampler::pictured, this, [this] { m_space.viewing().show_desk(Desk::Observe); });
  connect(m_head, &Head::besideAsked, this, &MainWindow::besideAsked);
  setCentralWidget(center);
  setMinimumSize(kLeastWindow);
  resize(1280, 800);
}

/// What happens, without what it happens to.
void MainWindow::note_for_reports() {
  connect(&m_space, &Workspace::notice, this,
          [](const QString& sentence) { session_log::note(QStringLiteral("said: ") + sentence); });
  connect(&m_documents, &Documents::pieceSaved, this, [] { session_log::note(QStringLiteral("saved")); });
  m_space.hear({Part::Desk}, this, [this, last = -1]() mutable {
    const int desk = static_cast<int>(m_space.session().desk);
    if (std::exchange(last, desk) != desk) session_log::note(QStringLiteral("desk %1").arg(desk + 1));
  });
  connect(&m_space.store(), &PieceStore::changed, this, [this, last = DocumentId{0}]() mutable {
    const DocumentId document = m_space.store().document();
    if (std::exchange(last, document) != document)
      session_log::note(QStringLiteral("piece: %1 references, %2 sets")
                            .arg(m_space.piece().references.size())
                            .arg(m_space.piece().sets.size()));
  });
}

/// Over the stage, under the title it belongs to.
void MainWindow::open_card(bool open) {
  m_head->show_card_open(open);
  if (open) return m_card->open_at({kMargin, m_head->geometry().bottom() + 1});
  m_card->hide();
  focus_desk(m_space.session().desk);
}

/// Above the tray, where the switch is.
void MainWindow::open_hand_panel(bool open) {
  if (open) return m_hand_panel->open_at({kMargin, m_head->geometry().bottom() + 1});
  m_hand_panel->hide();
  focus_desk(m_space.session().desk);
}

/// Both hands' layouts are the same widgets; only what lies side by side is turned about.
void MainWindow::use_left_hand(bool left) {
  QSettings().setValue(QStringLiteral("leftHanded"), left);
  m_left_handed->setChecked(left);
  for (QWidget* turned : {static_cast<QWidget*>(m_split), static_cast<QWidget*>(m_tray),
                          static_cast<QWidget*>(m_limit), static_cast<QWidget*>(m_grade)})
    turn_about(*turned, left);
  // A splitter lays out anew only when it is told its sizes.
  if (m_shown) share_width();
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

/// A window that was left on a larger screen comes back no larger than this one.
void MainWindow::fit_on_screen() {
  const QRect room = screen()->availableGeometry();
  const QSize frame = frameSize() - size();
  const QSize most = room.size() - frame;
  if (width() > most.width() || height() > most.height()) resize(size().boundedTo(most));
}

void MainWindow::add_photos() {
  m_space.viewing().show_desk(Desk::Observe);
  for (const QString& path :
       m_dialogs.open_photos(this, QSettings().value(QStringLiteral("photoFolder")).toString())) {
    QSettings().setValue(QStringLiteral("photoFolder"), QFileInfo(path).path());
    m_space.photos().take_in(path);
  }
}

void MainWindow::paste() {
  if (auto* field = qobject_cast<QLineEdit*>(focusWidget())) return field->paste();
  if (auto* field = qobject_cast<QPlainTextEdit*>(focusWidget())) return field->paste();
  const QMimeData* clip = QApplication::clipboard()->mimeData();
  const QMimeData nothing;
  if (!clip) clip = &nothing; // As on some desktops before anything has been copied.
  if (m_space.session().desk == Desk::Grade || holds_swatches(*clip))
    if (const auto swatches = swatches_of(*clip); !swatches.empty())
      return m_space.set_work().paste(swatches);
  if (clip->hasImage()) {
    m_space.viewing().show_desk(Desk::Observe);
    return m_space.photos().take_in(qvariant_cast<QImage>(clip->imageData()), tr("pasted photo"));
  }
  QStringList files;
  for (const QUrl& url : clip->urls())
    if (url.isLocalFile()) files << url.toLocalFile();
  if (!files.isEmpty()) {
    m_space.viewing().show_desk(Desk::Observe);
    for (const QString& file : files) take_in(file);
    return;
  }
  const QString text = clip->text().trimmed();
  if (text.isEmpty() || text.contains(QLatin1Char('\n')))
    return m_notice->tell(tr("The clipboard holds neither a picture nor a color; copy one first."));
  m_space.picking().take_up_text(text);
}

void MainWindow::copy_swatches() {
  const SwatchSet* set = current_set(m_space.piece());
  if (set && !m_space.session().selection.empty())
    put_on_clipboard(clip_of(*set, m_space.session().selection.swatches()));
}

void MainWindow::cut_swatches() {
  if (m_space.set_work().nothing_selected()) return;
  copy_swatches();
  m_space.set_work().remove(tr("Cut swatch"), tr("Cut %1 swatches"));
}

void MainWindow::copy_hex() {
  const QString hex = QString::fromStdString(hex_of(m_space.session().color()));
  put_on_clipboard(hex);
  m_notice->tell(tr("Copied %1.").arg(hex));
}

QWidget* MainWindow::stage_of(Desk desk) const {
  QWidget* const stages[] = {m_observe, m_limit, m_pick, m_grade, m_try, m_share};
  return stages[static_cast<int>(desk)];
}

/// The staff view of Grade shares the width in a way of its own.
MainWindow::Layout MainWindow::layout_shown() const {
  const Session& s = m_space.session();
  return {s.desk, s.desk == Desk::Grade && s.set_view == SetView::Staff};
}

void MainWindow::show_desk_parts() {
  const Layout layout = layout_shown();
  const Desk desk = layout.first;
  const bool other_desk = !m_shown || m_shown->first != desk;
  const bool kept = reference_kept(m_space.session());
  if (m_shown != layout || kept != m_shown_kept) {
    m_shown_kept = kept;
    m_kept->setVisible(kept);
    // Only the desk shown has a say in how narrow the stage may get.
    for (const auto& other : kDeskWords) {
      const auto policy = other.value == desk ? QSizePolicy::Preferred : QSizePolicy::Ignored;
      stage_of(other.value)->setSizePolicy(policy, policy);
    }
    m_stage->setCurrentWidget(stage_of(desk));
    // The sheet holds the set already.
    m_band->setVisible(desk != Desk::Share);
    // At Grade the staff takes the stage and the panels stand beside it.
    m_split->insertWidget(layout.second ? 2 : 1, m_stage_area);
    if (other_desk) focus_desk(desk);
    if (desk == Desk::Grade) focus_desk(desk);
    m_shown = layout;
    share_width();
  }
  for (const auto& other : kDeskWords)
    m_desk_menus[static_cast<std::size_t>(other.value)]->menuAction()->setVisible(other.value == desk);
}

void MainWindow::focus_desk(Desk desk) {
  if (desk == Desk::Observe) m_observe->photo().setFocus();
  if (desk == Desk::Limit) m_limit->wheel().setFocus();
  if (desk == Desk::Pick) m_pick->wheel().setFocus();
  if (desk == Desk::Try) m_try->view().setFocus();
  if (desk == Desk::Share) m_share->stage().setFocus();
  if (desk != Desk::Grade) return;
  if (m_space.session().set_view == SetView::Staff)
    m_band->staff().setFocus();
  else
    m_grade->focus_view();
}

void MainWindow::rename_swatch() {
  const bool grade = m_space.session().desk == Desk::Grade;
  const SetView view = m_space.session().set_view;
  if (grade && view == SetView::Rows) return m_grade->rows().rename_selected();
  if (grade && view == SetView::List) return m_grade->list().rename_selected();
  if (m_band->staff().isVisible()) return m_band->staff().rename_selected();
  m_notice->tell(tr("Names are edited on the staff, in rows or in the list; show one of them first."));
}

/// What the handles of the splitter leave.
int MainWindow::width_to_share() const {
  const int handles =
      (reference_kept(m_space.session()) ? 1 : 0) + (m_space.session().desk == Desk::Share ? 0 : 1);
  return m_split->width() - m_split->handleWidth() * handles;
}

/// Each layout keeps its own share of the width for the stage, each desk its own width for the reference.
void MainWindow::share_width() {
  const int total = width_to_share();
  const int wanted = m_kept_width[static_cast<std::size_t>(m_space.session().desk)];
  const int reference =
      !reference_kept(m_space.session())
          ? 0
          : std::clamp(wanted, KeptReference::kNarrowest, std::max(KeptReference::kNarrowest, total / 2));
  const int asked = static_cast<int>(std::lround((total - reference) * m_stage_share[layout_shown()]));
  // No narrower than it can bear, as long as the band beside it can bear that.
  const int least =
      std::min(m_stage->minimumSizeHint().width(), total - reference - m_band->minimumSizeHint().width());
  const int stage = m_space.session().desk == Desk::Share ? total - reference : std::max(asked, least);
  QList<int> sizes{reference, 0, 0};
  sizes[m_split->indexOf(m_stage_area)] = stage;
  sizes[m_split->indexOf(m_band)] = total - reference - stage;
  m_split->setSizes(sizes);
}

void MainWindow::note_shares() {
  if (m_space.session().desk == Desk::Share) return; // The stage has all there is.
  const QList<int> sizes = m_split->sizes();
  const int reference = m_kept->isVisible() ? sizes[0] : 0;
  if (reference > 0) m_kept_width[static_cast<std::size_t>(m_space.session().desk)] = reference;
  m_stage_share[layout_shown()] =
      static_cast<double>(sizes[m_split->indexOf(m_stage_area)]) / std::max(1, width_to_share() - reference);
}

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
  if (watched == m_split && event->type() == QEvent::Resize) share_width();
  if (watched->objectName() == QLatin1String("middle") && event->type() == QEvent::Resize) m_hint->settle();
  return QMainWindow::eventFilter(watched, event);
}

void MainWindow::show_state() {
  m_head->set_state_words(m_documents.state_words());
  setWindowTitle(tr("%1[*] - Zonachrom").arg(QString::fromStdString(m_space.piece().title)));
  setWindowModified(m_space.store().edited());
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
  for (std::size_t desk = 0; desk < kDesks; ++desk)
    m_kept_width[desk] = QSettings().value(kept_setting(desk), KeptReference::kUsual).toInt();
  const QByteArray geometry = QSettings().value(QStringLiteral("geometry")).toByteArray();
  if (!geometry.isEmpty()) restoreGeometry(geometry);
  show_desk_parts();
}

void MainWindow::call(const QStringList& files) {
  show();
  raise();
  activateWindow();
  open_when_free(files);
}

void MainWindow::show_beside(bool shown) {
  m_beside = shown;
  m_head->show_beside(shown);
  m_beside_action->setChecked(shown);
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
  for (std::size_t desk = 0; desk < kDesks; ++desk)
    QSettings().setValue(kept_setting(desk), m_kept_width[desk]);
  event->accept();
  emit left();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
  if (event->mimeData()->hasUrls() || event->mimeData()->hasImage()) event->acceptProposedAction();
}

void MainWindow::follow_canvas() {
  const QStringList paths =
      m_dialogs.open_photos(this, QSettings().value(QStringLiteral("photoFolder")).toString());
  if (!paths.isEmpty()) m_space.canvases().follow_canvas(paths.front());
}

void MainWindow::replace_photo() {
  if (!find_reference(m_space.piece(), m_space.session().reference)) return;
  const QStringList paths =
      m_dialogs.open_photos(this, QSettings().value(QStringLiteral("photoFolder")).toString());
  if (!paths.isEmpty()) m_space.viewing().replace_reference(paths.front());
}

/// A photo, or every file of a folder in order of name; files that are no photos say so.
void MainWindow::take_in(const QString& path) {
  if (path.isEmpty()) return;
  if (!QFileInfo(path).isDir()) return m_space.photos().take_in(path);
  const auto files = QDir(path).entryInfoList(QDir::Files, QDir::Name | QDir::LocaleAware);
  for (const QFileInfo& file : files) m_space.photos().take_in(file.filePath());
  if (files.isEmpty())
    m_notice->tell(tr("The folder \"%1\" holds no files.").arg(QFileInfo(path).fileName()));
}

/// Texts are palettes everywhere, pictures only where sets are worked on.
bool MainWindow::takes_as_palette(const QString& path) const {
  static const QStringList texts{"json", "cxf", "txt", "css", "csv", "hex", "xml"};
  const QFileInfo file(path);
  if (file.isDir()) return false;
  return m_space.session().desk == Desk::Grade || texts.contains(file.suffix().toLower());
}

void MainWindow::open_files(QStringList paths, std::function<void()> then) {
  bool photos = false;
  while (!paths.isEmpty()) {
    const QString path = paths.takeFirst();
    if (is_piece_file(path.toStdString()))
      return m_documents.open(path, [guard = QPointer(this), paths, then = std::move(then)](bool /*opened*/) {
        if (guard) guard->open_files(paths, then);
      });
    if (path.endsWith(QStringLiteral(".zonaparcel")))
      m_set_files->unpack_parcel(path);
    else if (takes_as_palette(path))
      m_set_files->bring_in(path);
    else {
      take_in(path);
      photos = true;
    }
  }
  if (photos) m_space.viewing().show_desk(Desk::Observe);
  then();
}

void MainWindow::open_when_free(const QStringList& paths) {
  m_waiting += paths;
  open_waiting();
}

void MainWindow::open_waiting() {
  const bool free = !hands_are_busy() && !m_job.running();
  if (free && !m_waiting.isEmpty()) open_files(std::exchange(m_waiting, {}));
  m_waiting.isEmpty() ? m_free->stop() : m_free->start();
}

void MainWindow::dropEvent(QDropEvent* event) {
  QStringList paths;
  for (const QUrl& url : event->mimeData()->urls()) paths << url.toLocalFile();
  open_files(paths);
  if (paths.isEmpty() && event->mimeData()->hasImage()) {
    m_space.photos().take_in(qvariant_cast<QImage>(event->mimeData()->imageData()), tr("dropped photo"));
    m_space.viewing().show_desk(Desk::Observe);
  }
  event->acceptProposedAction();
}

} // namespace zc
