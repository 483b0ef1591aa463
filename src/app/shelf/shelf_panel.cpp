// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shelf/shelf_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/painted_icon.h"
#include "app/theme/theme.h"
#include "core/piece/rules.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QStandardPaths>
#include <QVBoxLayout>

namespace zc {
namespace {

QString told(const ShelfCard& card) {
  QStringList tags;
  for (const auto& tag : card.tags) tags << QString::fromStdString(tag);
  QString name = QString::fromStdString(card.name);
  if (!card.on) name += QObject::tr(" (off)");
  return tags.isEmpty() ? name : name + QStringLiteral("\n") + tags.join(QStringLiteral(", "));
}

} // namespace

QString shelf_folder(const QString& kind) {
  return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
         QStringLiteral("/zonachrom/shelf/") + kind;
}

ShelfPanel::ShelfPanel(Studio& model, std::unique_ptr<ShelfSource> source, QWidget* parent)
    : QWidget(parent), m_model(model), m_source(std::move(source)), m_search(new QLineEdit(this)),
      m_list(new QListWidget(this)), m_name(new QLineEdit(this)), m_tags(new QLineEdit(this)),
      m_put(new QPushButton(tr("Save to shelf"), this)), m_take(new QPushButton(tr("Use"), this)),
      m_back(new QPushButton(tr("Update"), this)), m_rename(new QPushButton(tr("Rename"), this)),
      m_on(new QPushButton(tr("Turn on/off"), this)), m_off(new QPushButton(tr("Delete"), this)) {
  const auto name = [this](QWidget* widget, const char* part, const QString& says) {
    widget->setObjectName(m_source->prefix() + QLatin1String(part));
    widget->setAccessibleName(says);
    widget->setToolTip(says);
    widget->setFont(caption_font());
  };
  name(m_search, "Search", tr("Search the shelf"));
  name(m_list, m_source->prefix() == QStringLiteral("shelf") ? "Masks" : "Sets",
       tr("On the shelf; double-click to use one"));
  name(m_name, "Name", tr("Name on the shelf"));
  name(m_tags, "Tags", tr("Tags on the shelf"));
  name(m_put, "Put", tr("Save what the piece has to the shelf under this name"));
  name(m_take, "Take", tr("Use the chosen one in this piece"));
  name(m_back, "Back", tr("Replace the chosen one with what the piece has; name and tags stay"));
  name(m_rename, "Rename", tr("Give the chosen one the name and tags typed here"));
  name(m_on, "On", tr("Turn the chosen one off, which moves it to the end of the shelf, or on again"));
  name(m_off, "Off", tr("Delete the chosen one from the shelf; what came with the program stays"));
  m_search->setPlaceholderText(tr("Search names and tags"));
  m_search->setClearButtonEnabled(true);
  m_list->setIconSize(m_source->icon_size());
  m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  m_list->setMinimumHeight(12);
  m_name->setPlaceholderText(tr("Name"));
  m_tags->setMaxLength(static_cast<int>(kLongestTags));
  m_tags->setPlaceholderText(tr("Tags, with commas"));
  lay_out();
  connect(m_search, &QLineEdit::textChanged, this, &ShelfPanel::show_found);
  connect(m_list, &QListWidget::itemActivated, this, &ShelfPanel::use_color);
  connect(m_list, &QListWidget::currentRowChanged, this, [this] {
    show_card();
    follow();
  });
  connect(m_back, &QPushButton::clicked, this, &ShelfPanel::put_back);
  connect(m_rename, &QPushButton::clicked, this, &ShelfPanel::rename);
  connect(m_put, &QPushButton::clicked, this, &ShelfPanel::put_up);
  for (QLineEdit* field : {m_name, m_tags}) connect(&model, &Studio::startedAnew, field, &QLineEdit::clear);
  connect(m_name, &QLineEdit::returnPressed, this, &ShelfPanel::put_up);
  connect(m_tags, &QLineEdit::returnPressed, this, &ShelfPanel::put_up);
  connect(m_take, &QPushButton::clicked, this, &ShelfPanel::use_color);
  connect(m_on, &QPushButton::clicked, this, &ShelfPanel::switch_on);
  connect(m_off, &QPushButton::clicked, this, &ShelfPanel::remove_chosen);
  model.hear({Part::Geometry, Part::Sets, Part::ColorVision}, this, &ShelfPanel::follow);
  follow();
}

void ShelfPanel::lay_out() {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(1);
  auto* commands = new QHBoxLayout;
  commands->setSpacing(4);
  commands->addWidget(m_take);
  commands->addWidget(m_back);
  commands->addWidget(m_on);
  commands->addWidget(m_off);
  commands->addStretch();
  auto* last = new QHBoxLayout;
  last->setSpacing(4);
  last->addWidget(m_name, 3);
  last->addWidget(m_tags, 4);
  auto* name_commands = new QHBoxLayout;
  name_commands->setSpacing(4);
  name_commands->addWidget(m_put);
  name_commands->addWidget(m_rename);
  name_commands->addStretch();
  column->addWidget(m_search);
  column->addWidget(m_list, 1);
  column->addLayout(commands);
  column->addLayout(last);
  column->addLayout(name_commands);
  for (QPushButton* button : {m_put, m_rename, m_take, m_back, m_on, m_off})
    button->setFixedWidth(QFontMetrics(caption_font()).horizontalAdvance(button->text()) + 12);
}

/// Another window may have put something up meanwhile.
void ShelfPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  read();
}

/// It is read again when it is shown; until then its pictures are of no use.
void ShelfPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_cards.clear();
  show_found();
}

/// The small pictures are drawn in the greys of the surround.
void ShelfPanel::changeEvent(QEvent* event) {
  QWidget::changeEvent(event);
  if (event->type() == QEvent::PaletteChange && isVisible()) show_found();
}

void ShelfPanel::read() {
  const auto unreadable = m_source->read();
  m_cards = m_source->cards();
  if (!unreadable.empty()) emit m_model.notice(words(unreadable.front()));
  show_found();
}

void ShelfPanel::show_found() {
  m_found.clear(); // Before the list, which speaks up when it is emptied.
  m_list->clear();
  for (const bool on : {true, false})
    for (std::size_t i = 0; i < m_cards.size(); ++i) {
      if (m_cards[i].on != on || !found_by(m_cards[i], m_search->text().toStdString())) continue;
      m_found.push_back(i);
      const QImage drawn = m_source->drawn(i, m_source->icon_size(), devicePixelRatioF());
      const QIcon icon = painted_icon(
          [drawn](QPainter& painter, const QRect& rect) { painter.drawImage(rect.topLeft(), drawn); });
      auto* item = new QListWidgetItem(icon, told(m_cards[i]), m_list);
      if (!on) item->setForeground(theme().quiet);
    }
  if (m_found.empty()) {
    auto* none = new QListWidgetItem(
        m_cards.empty() ? tr("The shelf is empty. Type a name below and press Save to shelf.")
                        : tr("No %1 on the shelf match these words.").arg(m_source->plural()),
        m_list);
    none->setFlags(Qt::NoItemFlags);
  }
  follow();
}

std::optional<std::size_t> ShelfPanel::chosen() const {
  const auto row = static_cast<std::size_t>(m_list->currentRow());
  if (m_list->currentRow() < 0 || row >= m_found.size()) return std::nullopt;
  return m_found[row];
}

void ShelfPanel::follow() {
  allow(*m_put, m_source->can_put(), tr("The piece has nothing to save there yet."));
  const auto item = chosen();
  const bool own = item && !m_cards[*item].file.empty();
  allow(*m_take, item.has_value(), tr("Choose one from the list first."));
  allow(*m_back, own && m_source->can_put(),
        tr("Choose one of your own first; what came with the program stays as it is."));
  for (QWidget* control :
       {static_cast<QWidget*>(m_rename), static_cast<QWidget*>(m_on), static_cast<QWidget*>(m_off)})
    allow(*control, own, tr("Choose one of your own first; what came with the program stays as it is."));
}

void ShelfPanel::put_up() {
  if (!m_source->can_put()) return say_at(*m_name, tr("The piece has nothing of this kind to save."));
  ShelfCard card;
  card.name = m_name->text().trimmed().toStdString();
  card.tags = tags_of(m_tags->text().toStdString());
  const auto put = m_source->put(card);
  if (!put) return say_at(*m_name, words(put.error()));
  m_search->clear();
  read();
  choose(*put);
}

void ShelfPanel::show_item(const std::string& file) {
  m_search->clear();
  read();
  choose(file);
}

void ShelfPanel::choose(const std::string& file) {
  for (std::size_t row = 0; row < m_found.size(); ++row)
    if (m_cards[m_found[row]].file == file) m_list->setCurrentRow(static_cast<int>(row));
}

/// The chosen one's name and tags stand where they can be changed.
void ShelfPanel::show_card() {
  const auto item = chosen();
  if (!item || m_cards[*item].file.empty()) return;
  QStringList tags;
  for (const auto& tag : m_cards[*item].tags) tags << QString::fromStdString(tag);
  m_name->setText(QString::fromStdString(m_cards[*item].name));
  m_tags->setText(tags.join(QStringLiteral(", ")));
}

void ShelfPanel::put_back() {
  const auto item = chosen();
  if (!item || m_cards[*item].file.empty()) return;
  const std::string file = m_cards[*item].file;
  const Status back = m_source->put_back(*item);
  if (!back) emit m_model.notice(words(back.error()));
  read();
  choose(file);
}

void ShelfPanel::rename() {
  if (m_name->text().trimmed().isEmpty()) return say_at(*m_name, tr("Type a name first."));
  change_chosen([this](ShelfCard& card) {
    card.name = m_name->text().trimmed().toStdString();
    card.tags = tags_of(m_tags->text().toStdString());
  });
}

void ShelfPanel::change_chosen(const std::function<void(ShelfCard&)>& change) {
  const auto item = chosen();
  if (!item || m_cards[*item].file.empty()) return;
  ShelfCard card = m_cards[*item];
  change(card);
  const Status changed = m_source->change(*item, card);
  if (!changed) emit m_model.notice(words(changed.error()));
  read();
  choose(card.file);
}

void ShelfPanel::use_color() {
  if (const auto item = chosen()) m_source->use_color(*item);
}

void ShelfPanel::remove_chosen() {
  const auto item = chosen();
  if (!item || m_cards[*item].file.empty()) return;
  const Status off = remove_file(m_cards[*item]);
  if (!off) emit m_model.notice(words(off.error()));
  read();
}

void ShelfPanel::switch_on() {
  change_chosen([](ShelfCard& card) { card.on = !card.on; });
}

} // namespace zc
