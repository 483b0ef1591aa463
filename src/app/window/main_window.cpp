#include "app/window/main_window.h"

#include "app/band/staff_view.h"
#include "app/band/value_band.h"
#include "app/desks/limit/limit_desk.h"
#include "app/desks/observe/observe_desk.h"
#include "app/desks/observe/photo_view.h"
#include "app/desks/observe/reference_strip.h"
#include "app/desks/pick/pick_desk.h"
#include "app/tray/tray.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/wheel_view.h"
#include "app/window/documents.h"
#include "app/window/head.h"
#include "app/window/notice_bar.h"
#include "core/color/text.h"
#include "core/piece/edits.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QDir>
#include <QFileInfo>
#include <QLineEdit>
#include <QMenuBar>
#include <QMimeData>
#include <QSettings>
#include <QShortcut>
#include <QSplitter>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace zc {

MainWindow::MainWindow(Dialogs& dialogs, QWidget* parent)
    : QMainWindow(parent), m_dialogs(dialogs), m_documents(new Documents(m_bench, dialogs, *this)),
      m_head(new Head(m_bench, this)), m_notice(new NoticeBar(this)), m_stage(new QStackedWidget(this)),
      m_observe(new ObserveDesk(m_bench, m_stage)), m_limit(new LimitDesk(m_bench, m_stage)),
      m_pick(new PickDesk(m_bench, m_stage)), m_band(new ValueBand(m_bench, this)) {
  m_documents->setParent(this);
  setAcceptDrops(true);
  lay_out();
  make_file_menu();
  make_edit_menu();
  make_view_menu();
  make_observe_menu();
  make_limit_menu();
  make_pick_menu();
  make_help_menu();
  make_well_keys();
  connect(&m_bench, &Workbench::notice, m_notice, &NoticeBar::tell);
  connect(&m_bench, &Workbench::viewChanged, this, &MainWindow::show_desk_parts);
  connect(m_documents, &Documents::changed, this, &MainWindow::show_state);
  connect(&m_bench, &Workbench::pieceChanged, this, &MainWindow::show_state);
  connect(m_head, &Head::surroundAsked, this, [this](int s) { use_surround(static_cast<Surround>(s)); });
  connect(m_observe, &ObserveDesk::addPhotosAsked, this, &MainWindow::add_photos);
  m_bench.start(new_piece({}), {}, true);
  restore_view();
  show_state();
}

MainWindow::~MainWindow() {
  // The parts speak to the workbench to their end (a field that loses the focus tells it), so they go first.
  delete takeCentralWidget();
  delete m_documents;
}

void MainWindow::lay_out() {
  m_stage->addWidget(m_observe);
  m_stage->addWidget(m_limit);
  m_stage->addWidget(m_pick);
  m_split = new QSplitter(Qt::Horizontal, this);
  m_split->setHandleWidth(6);
  m_split->installEventFilter(this);
  m_split->setChildrenCollapsible(false);
  m_split->addWidget(m_stage);
  m_split->addWidget(m_band);
  connect(m_split, &QSplitter::splitterMoved, this, [this] {
    m_stage_share[m_bench.session().desk] = static_cast<double>(m_split->sizes()[0]) / m_split->width();
  });
  auto* tray = new Tray(m_bench, this);
  connect(tray, &Tray::copyHexAsked, this, &MainWindow::copy_hex);

  // The stage and the band stand on the surround, head and tray on the furniture.
  auto* middle = new QWidget(this);
  middle->setObjectName(QStringLiteral("middle"));
  middle->setAutoFillBackground(true);
  auto* middle_column = new QVBoxLayout(middle);
  middle_column->setContentsMargins(0, 4, 0, 0);
  middle_column->addWidget(m_split);

  auto* center = new QWidget(this);
  auto* column = new QVBoxLayout(center);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  column->addWidget(m_head);
  column->addWidget(middle, 1);
  column->addWidget(m_notice);
  column->addWidget(tray);
  setCentralWidget(center);
  setMinimumSize(1024, 660);
  resize(1280, 800);
}

QAction* MainWindow::add_action(QMenu* menu, const QString& text, const QString& tip, const QKeySequence& key,
                                const std::function<void()>& run) {
  auto* action = menu->addAction(text);
  action->setShortcut(key);
  action->setToolTip(tip);
  action->setStatusTip(tip);
  connect(action, &QAction::triggered, this, run);
  return action;
}

void MainWindow::make_file_menu() {
  auto* menu = menuBar()->addMenu(tr("&File"));
  menu->setToolTipsVisible(true);
  add_action(menu, tr("&New piece"), tr("Start an empty piece"), QKeySequence::New,
             [this] { m_documents->new_piece(); });
  add_action(menu, tr("&Open..."), tr("Open a piece"), QKeySequence::Open,
             [this] { m_documents->open_asked(); });
  auto* recent = menu->addMenu(tr("Open &recent"));
  connect(recent, &QMenu::aboutToShow, this, [this, recent] { fill_recent_menu(recent); });
  add_action(menu, tr("Open the &demo piece"), tr("Open Coppersmiths' Row as an unsaved copy"), {},
             [this] { m_documents->open_demo(); });
  menu->addSeparator();
  add_action(menu, tr("&Save"), tr("Save the piece; the version before is kept beside it"),
             QKeySequence::Save, [this] { m_documents->save(); })
      ->setObjectName(QStringLiteral("save"));
  add_action(menu, tr("Save &as..."), tr("Save the piece under another name"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), [this] { m_documents->save_as(); });
  menu->addSeparator();
  add_action(menu, tr("Add &photos..."), tr("Add reference photos to the piece"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O), [this] { add_photos(); });
  auto* out = menu->addMenu(tr("&Export the set"));
  out->setToolTipsVisible(true);
  for (const auto& facts : kExchangeFormats) {
    const QString name = QString::fromUtf8(facts.name.data(), static_cast<qsizetype>(facts.name.size()));
    add_action(out, tr("As %1...").arg(name), tr("Write the current set as %1").arg(name), {},
               [this, format = facts.format] { m_documents->export_set(format); });
  }
  menu->addSeparator();
  add_action(menu, tr("&Quit"), tr("Leave Zonachrom"), QKeySequence::Quit, [this] { close(); });
}

void MainWindow::fill_recent_menu(QMenu* menu) {
  menu->clear();
  for (const QString& path : m_documents->recent_files()) {
    auto* action =
        menu->addAction(QFileInfo(path).fileName(), this, [this, path] { m_documents->open(path); });
    action->setToolTip(path);
  }
  if (menu->isEmpty()) menu->addAction(tr("No pieces yet"))->setEnabled(false);
}

void MainWindow::make_edit_menu() {
  auto* menu = menuBar()->addMenu(tr("&Edit"));
  menu->setToolTipsVisible(true);
  auto& stack = m_bench.store().stack();
  auto* undo = stack.createUndoAction(this, tr("Undo"));
  undo->setShortcut(QKeySequence::Undo);
  undo->setObjectName(QStringLiteral("undo"));
  auto* redo = stack.createRedoAction(this, tr("Redo"));
  redo->setShortcuts(QKeySequence::Redo);
  menu->addAction(undo);
  menu->addAction(redo);
  menu->addSeparator();
  add_action(menu, tr("&Copy color as hex"), tr("Copy the current color as hex"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), [this] { copy_hex(); });
  add_action(menu, tr("&Paste photo or color"),
             tr("Paste a picture or photo files as references, or a hex color as the current color"),
             QKeySequence::Paste, [this] { paste(); });
  menu->addSeparator();
  add_action(menu, tr("&Lay current color"), tr("Lay the current color on the staff in the chosen family"),
             QKeySequence(Qt::CTRL | Qt::Key_L), [this] { m_bench.lay_current(); });
  add_action(menu, tr("Add &family"), tr("Add a family to the set and name it"),
             QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L), [this] { m_band->staff().add_family(); });
  add_action(menu, tr("Re&name swatch or family"), tr("Rename the selected swatch, or the chosen family"), {},
             [this] { m_band->staff().rename_selected(); });
  add_action(menu, tr("&Delete swatch"), tr("Delete the selected swatch"), {},
             [this] { m_bench.remove_selected_swatch(); });
  add_action(menu, tr("&Back to the color before"), tr("Exchange the current color with the one before"),
             QKeySequence(Qt::CTRL | Qt::Key_B), [this] { m_bench.back_to_before(); });
}

void MainWindow::make_view_menu() {
  auto* menu = menuBar()->addMenu(tr("&View"));
  menu->setToolTipsVisible(true);
  add_action(menu, tr("&Observe"), tr("Look at references and sample them"),
             QKeySequence(Qt::CTRL | Qt::Key_1), [this] { m_bench.show_desk(Desk::Observe); });
  add_action(menu, tr("&Limit"), tr("Limit hue and saturation with a gamut mask"),
             QKeySequence(Qt::CTRL | Qt::Key_2), [this] { m_bench.show_desk(Desk::Limit); });
  add_action(menu, tr("&Pick"), tr("Pick colors at true value"), QKeySequence(Qt::CTRL | Qt::Key_3),
             [this] { m_bench.show_desk(Desk::Pick); });
  menu->addSeparator();
  auto* values = add_action(menu, tr("&Values only"), tr("Show everything in greys of equal lightness"),
                            QKeySequence(Qt::CTRL | Qt::Key_G),
                            [this] { m_bench.show_values_only(!m_bench.session().values_only); });
  values->setCheckable(true);
  connect(&m_bench, &Workbench::viewChanged, values,
          [this, values] { values->setChecked(m_bench.session().values_only); });
  auto* surrounds = menu->addMenu(tr("&Surround"));
  for (const Surround s : {Surround::Dark, Surround::Middle, Surround::Light})
    add_action(surrounds, surround_name(s), tr("Use the %1 surround").arg(surround_name(s)), {},
               [this, s] { use_surround(s); });
}

void MainWindow::make_observe_menu() {
  m_observe_menu = menuBar()->addMenu(tr("&Observe"));
  m_observe_menu->setToolTipsVisible(true);
  const std::tuple<QString, PhotoLook, QString> looks[] = {
      {tr("&Color"), PhotoLook::Color, tr("Show the photo in color (C)")},
      {tr("&Value"), PhotoLook::Value, tr("Show the photo in greys of equal lightness (V)")},
      {tr("F&lat tones"), PhotoLook::Flat, tr("Show the photo in a few flat tones (F)")},
      {tr("&Squint"), PhotoLook::Squint, tr("Blur the photo (S)")},
      {tr("&Tone steps"), PhotoLook::Steps, tr("Show the photo in even tone steps (T)")},
      {tr("Through the &mask"), PhotoLook::Mask, tr("Show the photo through the mask (M)")}};
  for (const auto& [text, look, tip] : looks)
    add_action(m_observe_menu, text, tip, {}, [this, look = look] { m_bench.show_look(look); });
  m_observe_menu->addSeparator();
  add_action(m_observe_menu, tr("Photo &pixels one to one"),
             tr("Show each pixel of the photo as one of the screen"), {},
             [this] { m_observe->photo().show_actual_size(); });
  add_action(m_observe_menu, tr("Turn the &view clockwise"),
             tr("Turn the view by a quarter; the photo stays"), {},
             [this] { m_observe->photo().turn_view(1); });
  add_action(m_observe_menu, tr("Turn the view &back"), tr("Turn the view back by a quarter"), {},
             [this] { m_observe->photo().turn_view(-1); });
  add_action(m_observe_menu, tr("Mi&rror the view"), tr("Left for right, to see the values afresh"), {},
             [this] { m_observe->photo().mirror_view(); });
  add_action(m_observe_menu, tr("Cro&p the view to the region"), tr("Show only the region"), {},
             [this] { m_observe->photo().crop_view(true); });
  add_action(m_observe_menu, tr("Show the &whole photo again"), tr("End the crop of the view"), {},
             [this] { m_observe->photo().crop_view(false); });
  m_observe_menu->addSeparator();
  add_action(m_observe_menu, tr("Repla&ce the reference..."),
             tr("Put another photo in the place of the shown one"), {}, [this] { replace_photo(); });
  add_action(m_observe_menu, tr("Re&name the reference..."), tr("Give the shown photo another name"), {},
             [this] { m_observe->strip().rename_shown(); });
  add_action(m_observe_menu, tr("Move the reference &left"),
             tr("Move the shown photo to the left in the strip"), {},
             [this] { m_observe->strip().move_shown(-1); });
  add_action(m_observe_menu, tr("Move the reference &right"),
             tr("Move the shown photo to the right in the strip"), {},
             [this] { m_observe->strip().move_shown(1); });
  add_action(m_observe_menu, tr("&Fit the photo"), tr("Show the whole photo"), {},
             [this] { m_observe->photo().fit(); });
  add_action(m_observe_menu, tr("&Remove the reference"), tr("Take the shown photo out of the piece"), {},
             [this] { m_observe->strip().remove_shown(); });
}

void MainWindow::make_limit_menu() {
  m_limit_menu = menuBar()->addMenu(tr("&Limit"));
  m_limit_menu->setToolTipsVisible(true);
  const auto turn = [this](const QString& text, double by, const QKeySequence& key) {
    add_action(m_limit_menu, text, tr("Turn the mask; with \"carry the set\" its set along"), key,
               [this, by] { m_bench.turn_mask(by); });
  };
  turn(tr("&Turn the mask on"), 1, {});
  turn(tr("Turn the mask &back"), -1, {});
  turn(tr("Turn the mask to the &complements"), 180, {});
  m_limit_menu->addSeparator();
  using Tool = MaskHands::Tool;
  const std::pair<QString, Tool> tools[] = {{tr("Draw an &outline"), Tool::Outline},
                                            {tr("Draw an &ellipse"), Tool::Round},
                                            {tr("Draw a &ring sector"), Tool::Sector}};
  for (const auto& [text, tool] : tools)
    add_action(m_limit_menu, text, tr("Draw a new area of the mask on the wheel"), {}, [this, tool = tool] {
      m_limit->wheel().hands()->choose_tool(tool);
      m_limit->wheel().setFocus();
    });
  m_limit_menu->addSeparator();
  add_action(m_limit_menu, tr("Take the &neutral up"), tr("Take up the middle of the mask"), {},
             [this] { m_bench.take_up_neutral(); });
  add_action(m_limit_menu, tr("Lay the &key colors"), tr("Lay the corners of the mask as a family"), {},
             [this] { m_bench.lay_key_colors(); });
  add_action(m_limit_menu, tr("&Remove the area"), tr("Remove the mask area worked on"), {},
             [this] { m_limit->wheel().hands()->remove_area(); });
  add_action(m_limit_menu, tr("Take the &mask off"), tr("Take the mask off the piece"), {},
             [this] { m_bench.take_mask_off(); });
}

void MainWindow::make_pick_menu() {
  m_pick_menu = menuBar()->addMenu(tr("&Pick"));
  m_pick_menu->setToolTipsVisible(true);
  add_action(m_pick_menu, tr("&Lighter"), tr("Raise the value by one"), {},
             [this] { m_bench.nudge_value(1); });
  add_action(m_pick_menu, tr("&Darker"), tr("Lower the value by one"), {},
             [this] { m_bench.nudge_value(-1); });
  add_action(m_pick_menu, tr("Toward &grey"), tr("Lower the saturation by a hundredth"), {},
             [this] { m_bench.nudge_saturation(-0.01); });
  add_action(m_pick_menu, tr("&From grey"), tr("Raise the saturation by a hundredth"), {},
             [this] { m_bench.nudge_saturation(0.01); });
  m_pick_menu->addSeparator();
  add_action(m_pick_menu, tr("Zoom &in"),
             tr("Enlarge the wheel around the current color (+, or Ctrl and the wheel)"), {},
             [this] { m_pick->wheel().zoom_around_pick(1.25); });
  add_action(m_pick_menu, tr("Zoom &out"), tr("Show more of the wheel (-)"), {},
             [this] { m_pick->wheel().zoom_around_pick(0.8); });
  add_action(m_pick_menu, tr("&Whole wheel"), tr("Show the whole wheel (0)"), {},
             [this] { m_pick->wheel().zoom_to(1, {}); });
  m_pick_menu->addSeparator();
  auto* fix = add_action(m_pick_menu, tr("Fix the &partners"),
                         tr("Keep the partners where they are while picking goes on"), {},
                         [this] { m_bench.fix_partners(!m_bench.session().partners_of); });
  fix->setCheckable(true);
  connect(&m_bench, &Workbench::viewChanged, fix,
          [this, fix] { fix->setChecked(m_bench.session().partners_of.has_value()); });
  for (const int hues : {0, 12, 24, 36})
    add_action(m_pick_menu, hues ? tr("%1 hues").arg(hues) : tr("Smooth hues"),
               tr("Cut the wheel into so many hues, or leave it smooth"), {}, [this, hues] {
                 Steps steps = m_bench.steps();
                 steps.hues = hues;
                 m_bench.cut_into_steps(steps);
               });
}

void MainWindow::make_help_menu() {
  auto* menu = menuBar()->addMenu(tr("&Help"));
  add_action(menu, tr("&About Zonachrom"), tr("What this program is"), {}, [this] {
    m_dialogs.show_about(this, tr("Zonachrom %1\n\nA desk for planning a limited palette: gamut masks over a "
                                  "hue wheel, colors picked at true lightness, value-graded swatch sets.")
                                   .arg(QApplication::applicationVersion()));
  });
}

/// Digits take up, Shift with a digit lays down; not while a field is being typed in.
void MainWindow::make_well_keys() {
  for (int i = 0; i < 8; ++i) {
    const auto well = static_cast<std::size_t>(i);
    const auto key = static_cast<Qt::Key>(Qt::Key_1 + i);
    connect(new QShortcut(QKeySequence(key), this), &QShortcut::activated, this,
            [this, well] { m_bench.take_up_well(well); });
    connect(new QShortcut(QKeySequence(Qt::SHIFT | key), this), &QShortcut::activated, this,
            [this, well] { m_bench.lay_down_well(well); });
  }
}

void MainWindow::add_photos() {
  m_bench.show_desk(Desk::Observe);
  for (const QString& path :
       m_dialogs.open_photos(this, QSettings().value(QStringLiteral("photoFolder")).toString())) {
    QSettings().setValue(QStringLiteral("photoFolder"), QFileInfo(path).path());
    m_bench.photos().take_in(path);
  }
}

void MainWindow::paste() {
  if (auto* field = qobject_cast<QLineEdit*>(focusWidget())) return field->paste();
  const QMimeData* clip = QApplication::clipboard()->mimeData();
  if (clip->hasImage()) {
    m_bench.show_desk(Desk::Observe);
    return m_bench.photos().take_in(qvariant_cast<QImage>(clip->imageData()), tr("pasted photo"));
  }
  QStringList files;
  for (const QUrl& url : clip->urls())
    if (url.isLocalFile()) files << url.toLocalFile();
  if (!files.isEmpty()) {
    m_bench.show_desk(Desk::Observe);
    for (const QString& file : files) take_in(file);
    return;
  }
  const auto color = parse_color(clip->text().toStdString());
  if (color)
    m_bench.take_up(*color);
  else
    m_notice->tell(tr("The clipboard holds neither a picture nor a hex color; copy one first."));
}

void MainWindow::copy_hex() {
  const QString hex = QString::fromStdString(hex_of(m_bench.session().color));
  QApplication::clipboard()->setText(hex);
  m_notice->tell(tr("Copied %1.").arg(hex));
}

QWidget* MainWindow::stage_of(Desk desk) const {
  if (desk == Desk::Observe) return m_observe;
  return desk == Desk::Limit ? static_cast<QWidget*>(m_limit) : m_pick;
}

void MainWindow::show_desk_parts() {
  const Desk desk = m_bench.session().desk;
  if (m_shown_desk != desk) {
    // Only the desk shown has a say in how narrow the stage may get.
    for (const Desk other : {Desk::Observe, Desk::Limit, Desk::Pick}) {
      const auto policy = other == desk ? QSizePolicy::Preferred : QSizePolicy::Ignored;
      stage_of(other)->setSizePolicy(policy, policy);
    }
    m_stage->setCurrentWidget(stage_of(desk));
    if (desk == Desk::Observe) m_observe->photo().setFocus();
    if (desk == Desk::Limit) m_limit->wheel().setFocus();
    if (desk == Desk::Pick) m_pick->wheel().setFocus();
    m_shown_desk = desk;
    share_width();
  }
  m_observe_menu->menuAction()->setVisible(desk == Desk::Observe);
  m_limit_menu->menuAction()->setVisible(desk == Desk::Limit);
  m_pick_menu->menuAction()->setVisible(desk == Desk::Pick);
}

/// Each desk keeps its own share of the width for the stage.
void MainWindow::share_width() {
  const auto total = m_split->width();
  const int stage = static_cast<int>(total * m_stage_share[m_bench.session().desk]);
  m_split->setSizes({stage, total - stage});
}

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
  if (watched == m_split && event->type() == QEvent::Resize) share_width();
  return QMainWindow::eventFilter(watched, event);
}

void MainWindow::show_state() {
  m_head->set_state_words(m_documents->state_words());
  setWindowTitle(tr("%1[*] - Zonachrom").arg(QString::fromStdString(m_bench.piece().title)));
  setWindowModified(m_bench.store().edited());
}

void MainWindow::use_surround(Surround surround) {
  set_surround(surround);
  QSettings().setValue(QStringLiteral("surround"), static_cast<int>(surround));
  findChild<QWidget*>(QStringLiteral("middle"))->setPalette(stage_palette());
  for (auto* widget : findChildren<QWidget*>()) widget->update();
}

void MainWindow::restore_view() {
  use_surround(
      static_cast<Surround>(std::clamp(QSettings().value(QStringLiteral("surround"), 0).toInt(), 0, 2)));
  const QByteArray geometry = QSettings().value(QStringLiteral("geometry")).toByteArray();
  if (!geometry.isEmpty()) restoreGeometry(geometry);
  show_desk_parts();
}

void MainWindow::closeEvent(QCloseEvent* event) {
  if (!m_documents->may_leave()) return event->ignore();
  m_documents->leave();
  QSettings().setValue(QStringLiteral("geometry"), saveGeometry());
  event->accept();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
  if (event->mimeData()->hasUrls() || event->mimeData()->hasImage()) event->acceptProposedAction();
}

void MainWindow::replace_photo() {
  if (!find_reference(m_bench.piece(), m_bench.session().reference)) return;
  const QStringList paths =
      m_dialogs.open_photos(this, QSettings().value(QStringLiteral("photoFolder")).toString());
  if (!paths.isEmpty()) m_bench.replace_reference(paths.front());
}

/// A photo, or every file of a folder in order of name; files that are no photos say so.
void MainWindow::take_in(const QString& path) {
  if (path.isEmpty()) return;
  if (!QFileInfo(path).isDir()) return m_bench.photos().take_in(path);
  const auto files = QDir(path).entryInfoList(QDir::Files, QDir::Name | QDir::LocaleAware);
  for (const QFileInfo& file : files) m_bench.photos().take_in(file.filePath());
  if (files.isEmpty())
    m_notice->tell(tr("The folder \"%1\" holds no files.").arg(QFileInfo(path).fileName()));
}

void MainWindow::dropEvent(QDropEvent* event) {
  for (const QUrl& url : event->mimeData()->urls()) {
    const QString path = url.toLocalFile();
    if (path.endsWith(QStringLiteral(".zonachrom")))
      m_documents->open(path);
    else
      take_in(path);
  }
  if (!event->mimeData()->hasUrls() && event->mimeData()->hasImage())
    m_bench.photos().take_in(qvariant_cast<QImage>(event->mimeData()->imageData()), tr("dropped photo"));
  m_bench.show_desk(Desk::Observe);
  event->acceptProposedAction();
}

} // namespace zc
