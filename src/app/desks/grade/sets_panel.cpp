// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/sets_panel.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "core/piece/rules.h"
#include "core/piece/set_edits.h"
#include "io/shelf/shelf_files.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {
namespace {

/// A row of buttons wraps here.
constexpr int kButtonsWide = 300;

/// Tells when it is left.
class NoteEdit final : public QPlainTextEdit {
public:
  NoteEdit(std::function<void()> left, QWidget* parent) : QPlainTextEdit(parent), m_left(std::move(left)) {}

protected:
  void focusOutEvent(QFocusEvent* event) override {
    QPlainTextEdit::focusOutEvent(event);
    m_left();
  }

private:
  std::function<void()> m_left;
};

} // namespace

SetsPanel::SetsPanel(Studio& model, Laying& laying, SetWork& work, QWidget* parent)
    : QWidget(parent), m_model(model), m_laying(laying), m_work(work), m_sets(new QListWidget(this)),
      m_name(new QLineEdit(this)), m_tags(new QLineEdit(this)),
      m_note(new NoteEdit([this] { write_note(); }, this)), m_versions(new QListWidget(this)),
      m_version_name(new QLineEdit(this)) {
  const auto name = [](QWidget* widget, const char* object, const QString& says) {
    widget->setObjectName(QLatin1String(object));
    widget->setAccessibleName(says);
    widget->setToolTip(says);
    widget->setFont(caption_font());
  };
  name(m_sets, "sets", tr("Sets of the piece"));
  name(m_name, "setName", tr("Name of the current set"));
  name(m_tags, "setTags", tr("Tags of the set, with commas"));
  name(m_note, "setNote", tr("Note on the set"));
  name(m_versions, "versionList",
       tr("Versions of the current set; \"versions\" shows those ticked beside it"));
  name(m_version_name, "versionName", tr("Name of the new version"));
  m_tags->setMaxLength(static_cast<int>(kLongestTags));
  m_tags->setPlaceholderText(tr("Tags, with commas"));
  m_note->setPlaceholderText(tr("Note"));
  m_note->setFixedHeight(54);
  m_note->setTabChangesFocus(true);
  // In a low window the lists give way first.
  for (QListWidget* list : {m_sets, m_versions}) list->setMinimumHeight(34);
  m_version_name->setPlaceholderText(tr("Name of the new version"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 2, 0, 0);
  column->setSpacing(5);
  column->addWidget(m_sets, 3);
  column->addWidget(make_set_buttons());
  m_up = findChild<QAbstractButton*>(QStringLiteral("setUp"));
  m_down = findChild<QAbstractButton*>(QStringLiteral("setDown"));
  column->addWidget(m_name);
  column->addWidget(m_tags);
  column->addWidget(m_note);
  auto* versions = new QLabel(tr("Versions"), this);
  versions->setFont(heading_font());
  column->addSpacing(4);
  column->addWidget(versions);
  column->addWidget(m_versions, 2);
  column->addWidget(make_version_buttons());
  auto* keep = new QHBoxLayout;
  keep->addWidget(m_version_name, 1);
  keep->addWidget(make_buttons({{"versionKeep", tr("Save version"),
                                 tr("Save the set as it is now as a version"), [this] { keep_version(); }}}));
  column->addLayout(keep);

  hear_fields();
  model.hear({Part::Sets}, this, &SetsPanel::follow);
  connect(&model, &Studio::startedAnew, m_version_name, &QLineEdit::clear);
  follow();
}

QWidget* SetsPanel::make_set_buttons() {
  const auto apply = [this](const QString& step, auto edit) {
    return [this, step, edit] {
      m_model.store().apply(
          step, [this, edit](Piece p) { return edit(std::move(p), m_model.piece().current_set); });
    };
  };
  const auto move_by = [this](int by) {
    const auto& sets = m_model.piece().sets;
    const auto at = std::find_if(sets.begin(), sets.end(),
                                 [this](const SwatchSet& s) { return s.id == m_model.piece().current_set; }) -
                    sets.begin();
    const auto place = by < 0 ? at - 1 : at + 2;
    if (place < 0 || place > static_cast<std::ptrdiff_t>(sets.size())) return;
    m_model.store().apply(tr("Move set"), [&](Piece p) {
      return with_set_moved(std::move(p), m_model.piece().current_set, static_cast<std::size_t>(place));
    });
  };
  return make_buttons(
      {{"setNew", tr("Add set"), tr("Add an empty set"), [this] { add_set(); }},
       {"setDuplicate", tr("Duplicate set"), tr("Add a copy of the current set"),
        apply(tr("Duplicate set"), [](Piece p, Id s) { return with_set_duplicated(std::move(p), s); })},
       {"setRemove", tr("Remove set"), tr("Remove the current set from the piece (Undo brings it back)"),
        apply(tr("Remove set"), [](Piece p, Id s) { return without_set(std::move(p), s); })},
       {"setUp", tr("Move up"), tr("Move the current set up"), [move_by] { move_by(-1); }},
       {"setDown", tr("Move down"), tr("Move the current set down"), [move_by] { move_by(1); }}});
}

QWidget* SetsPanel::make_version_buttons() {
  const auto with_version = [this](const QString& step, auto edit) {
    return [this, step, edit] {
      const Id version = chosen_version();
      if (version == 0) return emit m_model.notice(tr("Choose a version in the list first."));
      m_model.store().apply(step, [=](Piece p) { return edit(std::move(p), version); });
    };
  };
  return make_buttons(
      {{"versionTake", tr("Restore version"),
        tr("Make the set what it is in this version. The set as it is now is saved as a version."),
        with_version(tr("Restore version"),
                     [](Piece p, Id v) { return with_version_restored(std::move(p), v); })},
       {"versionRemove", tr("Remove version"), tr("Remove the chosen version of the set"),
        with_version(tr("Remove version"), [](Piece p, Id v) { return without_version(std::move(p), v); })}});
}

void SetsPanel::hear_fields() {
  connect(m_sets, &QListWidget::currentRowChanged, this, [this](int row) {
    if (!m_following && row >= 0) m_laying.show_set(m_model.piece().sets[static_cast<std::size_t>(row)].id);
  });
  connect(m_name, &QLineEdit::editingFinished, this, [this] {
    if (!m_name->isModified()) return;
    m_name->setModified(false);
    const Id set = m_model.piece().current_set;
    m_model.store().apply(tr("Rename set"), [&](Piece p) {
      return with_set_named(std::move(p), set, m_name->text().toStdString());
    });
    follow();
  });
  connect(m_tags, &QLineEdit::editingFinished, this, [this] {
    if (!m_tags->isModified()) return;
    m_tags->setModified(false);
    const Id set = m_model.piece().current_set;
    m_model.store().apply(tr("Tag set"), [&](Piece p) {
      return with_set_tags(std::move(p), set, tags_of(m_tags->text().toStdString()));
    });
  });
  for (QLineEdit* field : {m_name, m_tags}) leave_by_escape(*field, [this] { follow(); });
  connect(m_versions, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
    if (m_following) return;
    const Id version = item->data(Qt::UserRole).toULongLong();
    const bool shown = item->checkState() == Qt::Checked;
    if (shown != m_work.compared(version)) return m_work.compare(version, shown);
    const std::string given = item->text().toStdString();
    m_model.store().apply(tr("Rename version"),
                          [&](Piece p) { return with_version_named(std::move(p), version, given); });
  });
  connect(m_version_name, &QLineEdit::returnPressed, this, &SetsPanel::keep_version);
}

QWidget* SetsPanel::make_buttons(
    const std::vector<std::tuple<const char*, QString, QString, std::function<void()>>>& commands) {
  auto* box = new QWidget(this);
  auto* rows = new QVBoxLayout(box);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->setSpacing(4);
  QHBoxLayout* row = nullptr;
  int left = 0;
  for (const auto& [object, word, tip, run] : commands) {
    auto* button = new QPushButton(word, box);
    button->setObjectName(QLatin1String(object));
    button->setToolTip(tip);
    button->setFont(caption_font());
    button->setFixedWidth(QFontMetrics(caption_font()).horizontalAdvance(word) + 18);
    connect(button, &QPushButton::clicked, this, run);
    if (!row || button->width() > left) {
      if (row) row->addStretch();
      rows->addLayout(row = new QHBoxLayout);
      row->setSpacing(4);
      left = kButtonsWide;
    }
    left -= button->width() + 4;
    row->addWidget(button);
  }
  row->addStretch();
  return box;
}

void SetsPanel::add_set() {
  QString name = tr("New set");
  for (int n = 2; find_set_by_name(m_model.piece(), name.toStdString()); ++n) name = tr("New set %1").arg(n);
  if (!m_model.store().apply(tr("New set"),
                             [&](Piece p) { return with_set(std::move(p), name.toStdString()); }))
    return;
  m_name->setFocus();
  m_name->selectAll();
}

void SetsPanel::keep_version() {
  const QString given = m_version_name->text().trimmed();
  const SwatchSet* set = current_set(m_model.piece());
  const QString name = given.isEmpty() ? tr("version %1").arg(set->versions.size() + 1) : given;
  m_model.store().apply(tr("Save version"), [&, id = set->id](Piece p) {
    return with_version_kept(std::move(p), id, name.toStdString());
  });
  m_version_name->clear();
}

void SetsPanel::write_note() {
  const SwatchSet* set = current_set(m_model.piece());
  const std::string note = m_note->toPlainText().toStdString();
  if (!set || note == set->note) return;
  m_model.store().apply(tr("Edit note"),
                        [&, id = set->id](Piece p) { return with_set_note(std::move(p), id, note); });
}

Id SetsPanel::chosen_version() const {
  const auto* item = m_versions->currentItem();
  return item ? item->data(Qt::UserRole).toULongLong() : 0;
}

void SetsPanel::follow() {
  m_following = true;
  const Piece& piece = m_model.piece();
  const Id version = chosen_version();
  m_sets->clear();
  m_versions->clear();
  for (const auto& set : piece.sets) {
    auto* item = new QListWidgetItem(tr("%1, %2").arg(text(set.name)).arg(swatch_count(set)), m_sets);
    if (set.id == piece.current_set) m_sets->setCurrentItem(item);
  }
  const int row = m_sets->currentRow();
  allow(*m_up, row > 0, tr("The current set stands first."));
  allow(*m_down, row < m_sets->count() - 1, tr("The current set stands last."));
  if (const SwatchSet* set = current_set(piece)) {
    show_words(*set);
    list_versions(*set, version);
  }
  m_following = false;
}

/// What is being typed stays.
void SetsPanel::show_words(const SwatchSet& set) {
  if (!m_name->hasFocus() || !m_name->isModified()) m_name->setText(text(set.name));
  QStringList tags;
  for (const auto& tag : set.tags) tags << text(tag);
  if (!m_tags->isModified()) m_tags->setText(tags.join(QStringLiteral(", ")));
  if (!m_note->hasFocus()) m_note->setPlainText(text(set.note));
}

void SetsPanel::list_versions(const SwatchSet& set, Id chosen) {
  for (const auto& v : set.versions) {
    auto* item = new QListWidgetItem(text(v.name), m_versions);
    item->setData(Qt::UserRole, QVariant::fromValue<qulonglong>(v.id));
    item->setFlags(item->flags() | Qt::ItemIsEditable | Qt::ItemIsUserCheckable);
    item->setCheckState(m_work.compared(v.id) ? Qt::Checked : Qt::Unchecked);
    if (v.id == chosen) m_versions->setCurrentItem(item);
  }
  if (!set.versions.empty()) return;
  auto* none = new QListWidgetItem(
      tr("No versions yet. Save the set as it is now; then you can change it freely."), m_versions);
  none->setFlags(Qt::NoItemFlags);
}

} // namespace zc
