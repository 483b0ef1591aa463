// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/share/parcel_panel.h"

#include "app/controls/controls.h"
#include "app/controls/field_grid.h"
#include "app/desks/try/color_chip.h"
#include "app/theme/theme.h"
#include "io/files/safe_save.h"
#include "model/follow/file_watch.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"

#include <QDir>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSettings>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr auto kFolderSetting = "parcels/folder", kSeenSetting = "parcels/seen";
constexpr int kMostChips = 10;

/// Name and time of a file: saved anew it is offered again.
QString mark_of(const QFileInfo& file) {
  return file.absoluteFilePath() + QLatin1Char('@') +
         QString::number(file.lastModified().toMSecsSinceEpoch());
}

QString watched_folder() { return QSettings().value(QLatin1String(kFolderSetting)).toString(); }

/// Parcels in the watched folder that have not been looked into, the latest first.
QFileInfoList new_parcels() {
  const QString folder = watched_folder();
  if (folder.isEmpty()) return {};
  const QStringList seen = QSettings().value(QLatin1String(kSeenSetting)).toStringList();
  QFileInfoList out = QDir(folder).entryInfoList({QStringLiteral("*.zonaparcel")}, QDir::Files, QDir::Time);
  out.removeIf([&](const QFileInfo& file) { return seen.contains(mark_of(file)); });
  return out;
}

void clear(QWidget*& box) {
  if (!box) return;
  // A press on one of its words may be on its way.
  box->hide();
  box->deleteLater();
  box = nullptr;
}

} // namespace

ParcelPanel::ParcelPanel(Studio& model, QWidget* parent)
    : QWidget(parent), m_model(model), m_description(new QLineEdit(this)), m_from(new QLineEdit(this)),
      m_says(new QLabel(this)), m_watch(new FileWatch(this)) {
  setObjectName(QStringLiteral("parcelPanel"));
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 10, 0, 0);
  auto* scroll = new QScrollArea(this);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidgetResizable(true);
  auto* content = new QWidget;
  auto* column = new QVBoxLayout(content);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  column->addWidget(heading_label(tr("Pack for others"), this));
  m_pack = new QVBoxLayout;
  column->addLayout(m_pack);
  auto* fields = new FieldGrid;
  column->addLayout(fields);
  const auto field = [&](QLineEdit* edit, const QString& name, const QString& words, const QString& says) {
    edit->setObjectName(name);
    edit->setAccessibleName(says);
    edit->setToolTip(says);
    fields->add(words, {edit});
  };
  field(m_description, QStringLiteral("parcel.description"), tr("For"), tr("What the parcel is for"));
  field(m_from, QStringLiteral("parcel.from"), tr("From"), tr("Who the parcel is from"));
  const auto button = [&](const QString& words, const char* name, const QString& tip) {
    auto* made = new QPushButton(words, this);
    made->setObjectName(QLatin1String(name));
    made->setToolTip(tip);
    auto* row = new QHBoxLayout;
    row->addWidget(made);
    row->addStretch(1);
    column->addLayout(row);
    return made;
  };
  auto* pack =
      button(tr("Pack parcel"), "parcel.pack", tr("Write everything ticked to one file for someone else"));
  pack->setDefault(true);
  connect(pack, &QPushButton::clicked, this, [this] { emit packAsked(chosen()); });
  column->addSpacing(10);
  column->addWidget(heading_label(tr("From others"), this));
  m_offers = new QVBoxLayout;
  column->addLayout(m_offers);
  column->addLayout(make_open_row());
  m_says->setObjectName(QStringLiteral("parcel.says"));
  m_says->setFont(caption_font());
  m_says->setTextFormat(Qt::PlainText);
  m_says->setWordWrap(true);
  column->addWidget(m_says);
  m_inside = new QVBoxLayout;
  column->addLayout(m_inside);
  column->addStretch(1);
  scroll_over_ground(scroll, content);
  outer->addWidget(scroll);
  model.hear({Part::Sets, Part::Geometry, Part::Paints}, this, &ParcelPanel::follow);
  connect(&model, &Studio::startedAnew, this, &ParcelPanel::start_over);
  connect(m_watch, &FileWatch::stirred, this, &ParcelPanel::offer_new);
  if (const QString folder = watched_folder(); !folder.isEmpty()) m_watch->watch({folder});
  note_offers();
}

QHBoxLayout* ParcelPanel::make_open_row() {
  auto* open = new QHBoxLayout;
  auto* look = word_action(QStringLiteral("parcel.open"), tr("Open parcel"),
                           tr("See what a parcel holds before anything is saved"), this);
  connect(look, &QAbstractButton::clicked, this, &ParcelPanel::openAsked);
  auto* watch =
      word_action(QStringLiteral("parcel.watch"), tr("Watch a shared folder"),
                  tr("New parcels in this folder are listed here; nothing is saved without asking"), this);
  connect(watch, &QAbstractButton::clicked, this, &ParcelPanel::folderAsked);
  open->addWidget(look);
  open->addWidget(watch);
  open->addStretch(1);
  return open;
}

void ParcelPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  suggest_words();
  follow();
  list_offers();
}

void ParcelPanel::suggest_words() {
  if (m_from->text().isEmpty()) m_from->setText(text(m_model.piece().signature));
  if (m_description->text().isEmpty()) m_description->setText(text(m_model.piece().title));
}

/// What was written and chosen for the parcel of another piece goes.
void ParcelPanel::start_over() {
  m_from->clear();
  m_description->clear();
  m_left_out.clear();
  m_mask = m_paints = true;
  m_pattern = m_press = false;
  if (isVisible()) suggest_words();
  follow();
}

WordControl* ParcelPanel::add_switch(QVBoxLayout* into, const QString& name, const QString& words, bool on) {
  auto* button = new WordControl(ControlKind::Switch, words.left(48),
                                 into->parentWidget() ? into->parentWidget() : this);
  button->setObjectName(name);
  button->setChecked(on);
  button->setToolTip(tr("Include in the parcel: %1").arg(words));
  into->addWidget(button, 0, Qt::AlignLeft);
  return button;
}

// ---------------------------------------------------------------- packing

void ParcelPanel::follow() {
  if (!isVisible()) return;
  clear(m_pack_box);
  m_pack_box = new QWidget(this);
  auto* column = new QVBoxLayout(m_pack_box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(2);
  int n = 0;
  for (const auto& set : m_model.piece().sets) {
    if (swatch_count(set) == 0) continue;
    auto* button =
        add_switch(column, QStringLiteral("parcel.set.%1").arg(n++),
                   tr("%1, %n swatches", nullptr, static_cast<int>(swatch_count(set))).arg(text(set.name)),
                   !m_left_out.contains(set.id));
    connect(button, &QAbstractButton::clicked, this, [this, id = set.id](bool on) {
      if (on)
        m_left_out.erase(id);
      else
        m_left_out.insert(id);
    });
  }
  const auto more = [&](const char* name, const QString& words, bool& on) {
    connect(add_switch(column, QLatin1String(name), words, on), &QAbstractButton::clicked, this,
            [&on](bool checked) { on = checked; });
  };
  if (m_model.piece().mask) more("parcel.mask", tr("the mask"), m_mask);
  if (!m_model.piece().paints.empty()) more("parcel.paints", tr("the paints"), m_paints);
  more("parcel.pattern", tr("the pattern of lines"), m_pattern);
  if (!m_model.session().sharing.press.empty()) more("parcel.press", tr("the press profile"), m_press);
  m_pack->addWidget(m_pack_box);
}

Parcel ParcelPanel::chosen() const {
  std::vector<Id> sets;
  for (const auto& set : m_model.piece().sets)
    if (swatch_count(set) > 0 && !m_left_out.contains(set.id)) sets.push_back(set.id);
  Parcel out = parcel_of(m_model.piece(), sets, m_mask);
  out.description = m_description->text().toStdString();
  out.from = m_from->text().toStdString();
  const Sharing& sharing = m_model.session().sharing;
  if (const auto pattern = lines_pattern_from_text(sharing.files.pattern); m_pattern && pattern) {
    ShelfPattern item;
    item.pattern = *pattern;
    item.name = text(pattern->swatch).simplified().left(40).toStdString();
    out.patterns.push_back(item);
  }
  if (m_paints && !m_model.piece().paints.empty()) {
    ShelfPaints item;
    item.name = m_model.piece().title;
    item.paints = m_model.piece().paints;
    item.paints.change_each([](PalettePaint& p) { p.id = 0; });
    out.paints.push_back(std::move(item));
  }
  if (m_press && !sharing.press.empty())
    if (const auto bytes = read_file(sharing.press, kLargestProfile)) out.press = *bytes;
  return out;
}

// ---------------------------------------------------------------- from others

void ParcelPanel::look_into(const Parcel& parcel, const QString& name) {
  m_parcel = parcel;
  m_name = name;
  m_not_taken.clear();
  list_inside();
}

void ParcelPanel::list_inside() {
  clear(m_inside_box);
  if (m_parcel.empty()) return m_says->clear();
  m_says->setText(m_parcel.from.empty()
                      ? tr("%1: %2").arg(m_name, text(m_parcel.description))
                      : tr("%1, from %2: %3").arg(m_name, text(m_parcel.from), text(m_parcel.description)));
  m_inside_box = new QWidget(this);
  auto* column = new QVBoxLayout(m_inside_box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(2);
  std::size_t n = 0;
  const auto item = [&](const QString& words) {
    auto* button =
        add_switch(column, QStringLiteral("parcel.item.%1").arg(n), words, !m_not_taken.contains(n));
    button->setToolTip(tr("Save to the shelf: %1").arg(words));
    connect(button, &QAbstractButton::clicked, this, [this, n](bool on) {
      if (on)
        m_not_taken.erase(n);
      else
        m_not_taken.insert(n);
    });
    ++n;
  };
  for (const auto& set : m_parcel.sets) {
    item(tr("%1, %n swatches", nullptr, static_cast<int>(swatch_count(set.set))).arg(text(set.name)));
    auto* chips = new QHBoxLayout;
    chips->setContentsMargins(16, 0, 0, 4);
    chips->setSpacing(2);
    int shown = 0;
    for (const auto& family : set.set.families)
      for (const auto& s : family.swatches)
        if (shown++ < kMostChips) {
          auto* chip = new ColorChip(m_model, s.color, m_inside_box);
          chip->setToolTip(text(s.name));
          chips->addWidget(chip);
        }
    chips->addStretch(1);
    column->addLayout(chips);
  }
  for (const auto& mask : m_parcel.masks) item(tr("mask: %1").arg(text(mask.name)));
  for (const auto& pattern : m_parcel.patterns) item(tr("pattern of lines: %1").arg(text(pattern.name)));
  for (const auto& paints : m_parcel.paints)
    item(tr("%n paints: %1", nullptr, static_cast<int>(paints.paints.size())).arg(text(paints.name)));
  if (!m_parcel.press.empty()) item(tr("a press profile"));
  auto* put = new QPushButton(tr("Save to shelf"), m_inside_box);
  put->setObjectName(QStringLiteral("parcel.put"));
  put->setToolTip(tr("Save everything ticked to the shelf; what is already there stays as it is"));
  connect(put, &QPushButton::clicked, this, [this] { emit putAsked(taken()); });
  column->addWidget(put, 0, Qt::AlignLeft);
  m_inside->addWidget(m_inside_box);
}

Parcel ParcelPanel::taken() const {
  Parcel out;
  out.description = m_parcel.description;
  out.from = m_parcel.from;
  std::size_t n = 0;
  for (const auto& set : m_parcel.sets)
    if (!m_not_taken.contains(n++)) out.sets.push_back(set);
  for (const auto& mask : m_parcel.masks)
    if (!m_not_taken.contains(n++)) out.masks.push_back(mask);
  for (const auto& pattern : m_parcel.patterns)
    if (!m_not_taken.contains(n++)) out.patterns.push_back(pattern);
  for (const auto& paints : m_parcel.paints)
    if (!m_not_taken.contains(n++)) out.paints.push_back(paints);
  if (!m_parcel.press.empty() && !m_not_taken.contains(n)) out.press = m_parcel.press;
  return out;
}

void ParcelPanel::watch_folder(const QString& folder) {
  QSettings().setValue(QLatin1String(kFolderSetting), folder);
  m_watch->watch({folder});
  note_offers();
  list_offers();
}

bool ParcelPanel::watches_folder() { return !watched_folder().isEmpty(); }

QStringList ParcelPanel::note_offers() {
  QStringList marks;
  for (const QFileInfo& file : new_parcels()) marks << mark_of(file);
  return std::exchange(m_offered, marks);
}

/// What came while nobody looked is said wherever the user is; it is taken by nobody but the user.
void ParcelPanel::offer_new() {
  const QStringList before = note_offers();
  if (isVisible()) return list_offers();
  for (const QFileInfo& file : new_parcels())
    if (!before.contains(mark_of(file)))
      return emit m_model.notice(
          tr("A new parcel has arrived: %1. Share, Parcel shows it.").arg(file.fileName()));
}

void ParcelPanel::list_offers() {
  clear(m_offer_box);
  const QString folder = watched_folder();
  if (folder.isEmpty()) return;
  m_offer_box = new QWidget(this);
  auto* column = new QVBoxLayout(m_offer_box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(2);
  int n = 0;
  for (const QFileInfo& file : new_parcels()) {
    auto* button =
        word_action(QStringLiteral("parcel.offer.%1").arg(n++), tr("new: %1").arg(file.fileName().left(40)),
                    tr("Open this parcel"), m_offer_box);
    connect(
        button, &QAbstractButton::clicked, this,
        [this, file] {
          QStringList known = QSettings().value(QLatin1String(kSeenSetting)).toStringList();
          known << mark_of(file);
          QSettings().setValue(QLatin1String(kSeenSetting),
                               known.mid(std::max<qsizetype>(0, known.size() - 500)));
          emit fileAsked(file.absoluteFilePath());
          list_offers();
        },
        Qt::QueuedConnection);
    column->addWidget(button, 0, Qt::AlignLeft);
  }
  if (n == 0) {
    column->addWidget(caption_label(tr("Nothing new in %1.").arg(QDir(folder).dirName()), m_offer_box));
  }
  m_offers->addWidget(m_offer_box);
}

} // namespace zc
