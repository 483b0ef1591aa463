// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/share/files_panel.h"

#include "app/controls/controls.h"
#include "app/shelf/shelf_panel.h"
#include "app/shelf/shipped_words.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/share/files_out.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>

namespace zc {
namespace {

constexpr int kPatternHeight = 84;

} // namespace

FilesPanel::FilesPanel(Studio& model, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing) {
  setObjectName(QStringLiteral("filesPanel"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 10, 0, 0);
  column->setSpacing(6);
  auto* scroll = new QScrollArea(this);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidgetResizable(true);
  auto* content = new QWidget;
  auto* inner = new QVBoxLayout(content);
  inner->setContentsMargins(0, 0, 8, 0);
  inner->setSpacing(8);
  inner->addWidget(make_formats());
  inner->addWidget(make_lines());
  inner->addStretch(1);
  scroll_over_ground(scroll, content);
  column->addWidget(scroll, 1);
  auto* where = new QHBoxLayout;
  m_folder = new ElidedLabel(caption_font(), this);
  m_folder->setObjectName(QStringLiteral("files.folder"));
  where->addWidget(m_folder, 1);
  auto* choose = word_action(QStringLiteral("files.choose"), tr("Choose folder"),
                             tr("Choose the folder for the files"), this);
  connect(choose, &QAbstractButton::clicked, this, &FilesPanel::folderAsked);
  where->addWidget(choose);
  column->addLayout(where);
  auto* out = new QHBoxLayout;
  auto* write = new QPushButton(tr("Export"), this);
  write->setObjectName(QStringLiteral("files.write"));
  write->setDefault(true);
  write->setToolTip(tr("Write every ticked format to the folder"));
  connect(write, &QPushButton::clicked, this, &FilesPanel::writeAsked);
  m_at_save = word_switch(QStringLiteral("files.atSave"), tr("and again at every save"),
                          tr("Export again whenever the piece is saved"), this);
  connect(m_at_save, &QAbstractButton::clicked, this,
          [this](bool on) { change([&](FilesOut& f) { f.at_save = on; }); });
  out->addWidget(write);
  out->addWidget(m_at_save);
  out->addStretch(1);
  column->addLayout(out);
  model.hear({Part::Sharing}, this, &FilesPanel::follow);
  model.hear({Part::Sets, Part::Words}, this, &FilesPanel::follow_preview);
}

QWidget* FilesPanel::make_formats() {
  auto* box = new QWidget(this);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(10);
  grid->setVerticalSpacing(2);
  grid->setColumnStretch(1, 1);
  int line = 0;
  for (const OutFormat& format : out_formats()) {
    auto* button = word_switch(QStringLiteral("files.") + QString::fromStdString(format.word), format.name,
                               tr("Include this format"), box);
    connect(button, &QAbstractButton::clicked, this, [this, word = format.word](bool on) {
      change([&](FilesOut& f) {
        f.formats.erase(word);
        if (on) f.formats.insert(word);
      });
    });
    auto* keeps = new ElidedLabel(small_font(), box);
    keeps->setText(format.keeps);
    grid->addWidget(button, line, 0, Qt::AlignLeft);
    grid->addWidget(keeps, line, 1);
    m_formats.emplace_back(button, format.word);
    ++line;
  }
  return box;
}

QWidget* FilesPanel::make_lines() {
  auto* box = new QWidget(this);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 6, 0, 0);
  column->setSpacing(4);
  auto* head = new QHBoxLayout;
  auto* heading = new QLabel(tr("Your own lines"), box);
  heading->setFont(heading_font());
  head->addWidget(heading, 1);
  m_patterns = new QComboBox(box);
  m_patterns->setObjectName(QStringLiteral("files.patterns"));
  m_patterns->setAccessibleName(tr("Patterns on the shelf"));
  m_patterns->setToolTip(tr("Start from one of these patterns"));
  m_patterns->setFont(caption_font());
  connect(m_patterns, &QComboBox::activated, this, [this](int i) {
    const auto at = static_cast<std::size_t>(i);
    if (at < m_shelf.size()) m_pattern->setPlainText(text(text_of(m_shelf[at].pattern)));
  });
  head->addWidget(m_patterns);
  auto* keep = word_action(QStringLiteral("files.keep"), tr("Save to shelf"),
                           tr("Save this pattern to the shelf"), box);
  connect(keep, &QAbstractButton::clicked, this, &FilesPanel::keep_pattern);
  auto* under = new QHBoxLayout;
  under->setSpacing(6);
  under->addWidget(keep);
  auto* read = word_action(QStringLiteral("files.read"), tr("Import with pattern"),
                           tr("Import the swatches of a text file written in this pattern"), box);
  connect(read, &QAbstractButton::clicked, this, &FilesPanel::readAsked);
  under->addWidget(read);
  under->addStretch(1);
  column->addLayout(head);
  m_pattern = new QPlainTextEdit(box);
  m_pattern->setObjectName(QStringLiteral("files.pattern"));
  m_pattern->setAccessibleName(tr("The pattern of the lines"));
  m_pattern->setToolTip(tr("Text with fields in braces: {hex} {r:3} {g:3} {b:3} {value} {name} {family} "
                           "{note} {n}. The handbook lists all fields."));
  m_pattern->setFont(caption_font());
  m_pattern->setFixedHeight(kPatternHeight);
  m_pattern->setTabChangesFocus(true);
  connect(m_pattern, &QPlainTextEdit::textChanged, this, [this] {
    change([&](FilesOut& f) { f.pattern = m_pattern->toPlainText().toStdString(); });
    follow_preview();
  });
  column->addWidget(m_pattern);
  column->addLayout(under);
  m_preview = new QLabel(box);
  m_preview->setObjectName(QStringLiteral("files.preview"));
  m_preview->setFont(small_font());
  m_preview->setTextFormat(Qt::PlainText);
  m_preview->setWordWrap(true);
  column->addWidget(m_preview);
  return box;
}

void FilesPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  read_shelf();
  follow();
}

void FilesPanel::read_shelf() {
  m_shelf = patterns_on_shelf(shelf_folder(QStringLiteral("patterns")).toStdString());
  m_patterns->clear();
  for (const ShelfPattern& p : m_shelf) m_patterns->addItem(text(p.name));
}

void FilesPanel::keep_pattern() {
  const auto pattern = lines_pattern_from_text(m_model.session().sharing.files.pattern);
  if (!pattern) return emit m_model.notice(words(pattern.error()));
  ShelfPattern item;
  item.pattern = *pattern;
  item.name = text(pattern->swatch).simplified().left(40).toStdString();
  const auto kept = put_on_shelf(shelf_folder(QStringLiteral("patterns")).toStdString(), item);
  if (!kept) return emit m_model.notice(words(kept.error()));
  read_shelf();
  emit m_model.notice(tr("The pattern is on the shelf."));
}

void FilesPanel::change(const std::function<void(FilesOut&)>& by) {
  Sharing next = m_model.session().sharing;
  by(next.files);
  m_viewing.share(next);
}

void FilesPanel::follow() {
  if (!isVisible()) return;
  const FilesOut& files = m_model.session().sharing.files;
  for (const auto& [button, word] : m_formats) button->setChecked(files.formats.contains(word));
  m_folder->setText(files.folder.empty() ? tr("No folder chosen yet.") : text(files.folder));
  m_at_save->setChecked(files.at_save);
  if (m_pattern->toPlainText().toStdString() != files.pattern) {
    const QSignalBlocker quiet(m_pattern);
    m_pattern->setPlainText(text(files.pattern));
  }
  follow_preview();
}

void FilesPanel::follow_preview() {
  if (!isVisible()) return;
  const SwatchSet* set = current_set(m_model.piece());
  const auto pattern = lines_pattern_from_text(m_model.session().sharing.files.pattern);
  const auto lines = !pattern ? Result<std::string>(pattern.error())
                     : set    ? set_in_lines(*set, m_model.piece().title, *pattern)
                              : Result<std::string>(std::string());
  if (!lines) return m_preview->setText(words(lines.error()));
  const QStringList all = text(*lines).split(QLatin1Char('\n'));
  QString shown = all.mid(0, 7).join(QLatin1Char('\n'));
  if (all.size() > 8) shown += QStringLiteral("\n\u2026");
  m_preview->setText(shown);
}

} // namespace zc
