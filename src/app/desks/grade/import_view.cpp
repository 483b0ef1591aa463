// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/import_view.h"

#include "app/accessibility/accessibility.h"
#include "app/controls/controls.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHelpEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QPushButton>
#include <QScrollArea>
#include <QToolTip>
#include <QVBoxLayout>

namespace zc {

/// The found colors by family, each with a small box that is ticked where it will be imported, and on its
/// right half the color of the set that it is or is near to. Where they have names, each stands beside its
/// name and what is known of it; else they stand close together. A click ticks or unticks.
class FoundChips final : public QWidget, public AccessibleView {
public:
  FoundChips(std::function<void(std::size_t, bool)> choose, QWidget* parent)
      : QWidget(parent), m_choose(std::move(choose)) {
    setObjectName(QStringLiteral("foundChips"));
    setAccessibleName(QObject::tr("Colors found in the file"));
    setCursor(Qt::PointingHandCursor);
  }

  struct Shown {
    std::vector<FoundState> states;
    std::vector<std::optional<Srgb>> like; ///< Of each the color of the set that it is or is near to.
    std::vector<bool> wanted;
    ColorVision vision = ColorVision::Normal;
  };
  void show_found(const FoundSet* found, Shown shown) {
    m_found = found;
    m_shown = std::move(shown);
    m_pressed.reset(); // It may be another file by now.
    m_named = std::any_of(found->families.begin(), found->families.end(), [](const FoundFamily& f) {
      return std::any_of(f.colors.begin(), f.colors.end(),
                         [](const FoundColor& c) { return !c.name.empty(); });
    });
    lay_out();
    update();
  }

protected:
  void resizeEvent(QResizeEvent*) override { lay_out(); }
  void mousePressEvent(QMouseEvent* event) override {
    if (event->button() == Qt::LeftButton) m_pressed = color_at(event->position());
  }
  void mouseReleaseEvent(QMouseEvent* event) override {
    if (event->button() != Qt::LeftButton) return;
    const auto pressed = std::exchange(m_pressed, std::nullopt), at = color_at(event->position());
    if (at && at == pressed) m_choose(*at, !m_shown.wanted[*at]);
  }
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    std::size_t at = 0;
    double y = 0;
    if (!m_found) return;
    for (const auto& family : m_found->families) {
      painter.setFont(caption_strong_font());
      painter.setPen(theme().text);
      painter.drawText(QRectF(0, y, width(), kHead), Qt::AlignLeft | Qt::AlignVCenter,
                       family.name.empty() ? QObject::tr("without a family")
                                           : QString::fromStdString(family.name));
      y += kHead;
      for (std::size_t i = 0; i < family.colors.size(); ++i, ++at) {
        paint_chip(painter, chip(y, i), family.colors[i], at);
        if (m_named) paint_words(painter, chip(y, i), family.colors[i], at);
      }
      y += rows(family) * kPitch + 8;
    }
  }
  bool event(QEvent* event) override {
    if (event->type() != QEvent::ToolTip) return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    each_chip([&](std::size_t at, const FoundColor& c, const QRectF& r) {
      if (r.contains(help->pos())) QToolTip::showText(help->globalPos(), told(c, m_shown.states[at]), this);
    });
    return true;
  }

public:
  [[nodiscard]] AccessibleContent accessible() override {
    AccessibleContent out{QAccessible::List, {}, {}, {}};
    each_chip([&](std::size_t at, const FoundColor& c, const QRectF& r) {
      AccessibleItem item;
      item.key = accessible_key(kOwnItems, at);
      item.role = QAccessible::CheckBox;
      const QString words = told(c, m_shown.states[at]);
      item.name = m_shown.wanted[at] ? QObject::tr("%1, will be imported").arg(words)
                                     : QObject::tr("%1, will not be imported").arg(words);
      item.rect = r;
      item.selectable = true;
      item.selected = m_shown.wanted[at];
      item.actions = {{QObject::tr("Tick or untick"), [this, at] { m_choose(at, !m_shown.wanted[at]); }}};
      out.items.push_back(std::move(item));
    });
    return out;
  }

private:
  static constexpr double kPitch = 38, kChip = 34, kHead = 22, kNamedWidth = 156, kBox = 11;
  [[nodiscard]] int per_row() const {
    return std::max(1, static_cast<int>(width() / (m_named ? kNamedWidth : kPitch)));
  }
  [[nodiscard]] double pitch() const {
    return m_named ? std::floor(static_cast<double>(width()) / per_row()) : kPitch;
  }
  [[nodiscard]] double rows(const FoundFamily& family) const {
    return std::ceil(static_cast<double>(family.colors.size()) / per_row());
  }
  [[nodiscard]] QRectF chip(double top, std::size_t i) const {
    const auto n = static_cast<std::size_t>(per_row()), row = i / n;
    return {pitch() * static_cast<double>(i % n), top + kPitch * static_cast<double>(row), kChip, kChip};
  }
  /// Calls with the place in the order of all, the color and where it is drawn.
  template <class F> void each_chip(const F& f) const {
    std::size_t at = 0;
    double y = 0;
    if (!m_found) return;
    for (const auto& family : m_found->families) {
      y += kHead;
      for (std::size_t i = 0; i < family.colors.size(); ++i, ++at) f(at, family.colors[i], chip(y, i));
      y += rows(family) * kPitch + 8;
    }
  }
  /// Also by what stands beside the chip.
  [[nodiscard]] std::optional<std::size_t> color_at(QPointF p) const {
    std::optional<std::size_t> out;
    each_chip([&](std::size_t at, const FoundColor&, const QRectF& r) {
      if (r.adjusted(0, 0, m_named ? pitch() - kChip - 7 : 0, 0).contains(p)) out = at;
    });
    return out;
  }
  static QString told(const FoundColor& c, const FoundState& s) {
    const QString name = c.name.empty() ? QObject::tr("without a name") : QString::fromStdString(c.name);
    if (s.known == Known::Same) return QObject::tr("%1: already in the set").arg(name);
    if (s.known == Known::Near)
      return QObject::tr("%1: differs by %2 from a color of the set").arg(name).arg(number(s.difference, 1));
    return QObject::tr("%1: new").arg(name);
  }
  void lay_out() {
    double y = 0;
    if (m_found)
      for (const auto& family : m_found->families) y += kHead + rows(family) * kPitch + 8;
    setMinimumHeight(static_cast<int>(y));
  }
  void paint_chip(QPainter& painter, const QRectF& r, const FoundColor& c, std::size_t at) const {
    const QColor color = shown_color(c.color, m_shown.vision);
    draw_chip(painter, r, color, theme().stage);
    if (const auto& like = m_shown.like[at])
      painter.fillRect(QRectF(r.center().x(), r.top() + 1, r.width() / 2 - 1, r.height() - 2),
                       shown_color(*like, m_shown.vision));
    const QRectF box(r.left() + 3.5, r.top() + 3.5, kBox, kBox);
    painter.setBrush(theme().stage);
    painter.setPen(QPen(theme().strong, 1));
    painter.drawRect(box);
    if (!m_shown.wanted[at]) return;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme().strong, 1.6));
    const QPointF m = box.center();
    painter.drawPolyline(QPolygonF({m + QPointF(-3, 0), m + QPointF(-1, 2.5), m + QPointF(3.5, -3)}));
  }

  void paint_words(QPainter& painter, const QRectF& chip, const FoundColor& c, std::size_t at) const {
    const FoundState& s = m_shown.states[at];
    const QRectF words(chip.right() + 7, chip.top(), pitch() - kChip - 14, kChip);
    const QString name = c.name.empty() ? QString::fromStdString(hex_of(c.color))
                                        : QString::fromStdString(c.name).simplified();
    const QString known = s.known == Known::Same   ? QObject::tr("already in the set")
                          : s.known == Known::Near ? QObject::tr("close, %1").arg(number(s.difference, 1))
                                                   : QObject::tr("new");
    painter.setFont(caption_font());
    painter.setPen(theme().text);
    painter.drawText(words, Qt::AlignLeft | Qt::AlignTop,
                     painter.fontMetrics().elidedText(name, Qt::ElideRight, static_cast<int>(words.width())));
    painter.setPen(theme().quiet);
    painter.drawText(words, Qt::AlignLeft | Qt::AlignBottom, known);
  }

  const FoundSet* m_found = nullptr;
  Shown m_shown;
  std::optional<std::size_t> m_pressed;
  std::function<void(std::size_t, bool)> m_choose;
  bool m_named = false;
};

ImportView::ImportView(Studio& model, QWidget* parent)
    : QWidget(parent), m_model(model), m_title(new QLabel(this)), m_says(new QLabel(this)),
      m_chips(new FoundChips([this](std::size_t color, bool wanted) { choose(color, wanted); }, this)),
      m_into(new QComboBox(this)), m_same(new QCheckBox(tr("skip colors already in the set"), this)),
      m_near(new QCheckBox(tr("skip similar colors"), this)),
      m_book(new QCheckBox(tr("names are codes of a color book"), this)),
      m_take(new QPushButton(tr("Import colors"), this)) {
  setObjectName(QStringLiteral("importView"));
  m_title->setFont(heading_font());
  m_says->setObjectName(QStringLiteral("importSays"));
  m_says->setFont(caption_font());
  m_says->setWordWrap(true);
  auto* scroll = new QScrollArea(this);
  scroll_over_ground(scroll, m_chips);
  scroll->setAccessibleName(tr("Colors found in the file"));
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  m_into->setObjectName(QStringLiteral("importInto"));
  m_into->setAccessibleName(tr("Where to add the colors"));
  m_into->setFont(caption_font());
  m_same->setObjectName(QStringLiteral("importSame"));
  m_near->setObjectName(QStringLiteral("importNear"));
  m_book->setObjectName(QStringLiteral("importBook"));
  m_book->setToolTip(tr("Keep each name with its CIELAB color as a code, and export it as such"));
  for (QCheckBox* box : {m_same, m_near, m_book}) box->setFont(caption_font());
  m_take->setObjectName(QStringLiteral("importTake"));
  m_take->setDefault(true);
  m_take->setToolTip(tr("Import the colors in one step that can be undone"));
  auto* leave = new QPushButton(tr("Cancel"), this);
  leave->setObjectName(QStringLiteral("importLeave"));
  leave->setToolTip(tr("Import nothing"));
  auto* choices = new QHBoxLayout;
  choices->addWidget(m_same);
  choices->addSpacing(12);
  choices->addWidget(m_near);
  choices->addStretch();
  auto* foot = new QHBoxLayout;
  foot->addWidget(m_into, 1);
  foot->addWidget(m_take);
  foot->addWidget(leave);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 6, 0, 6);
  column->addWidget(m_title);
  column->addWidget(m_says);
  column->addWidget(scroll, 1);
  column->addLayout(choices);
  column->addWidget(m_book);
  column->addLayout(foot);
  m_same->setChecked(true);
  m_book->hide();
  connect(m_into, &QComboBox::currentIndexChanged, this, &ImportView::follow);
  for (QCheckBox* box : {m_same, m_near}) connect(box, &QCheckBox::toggled, this, &ImportView::follow);
  connect(m_take, &QPushButton::clicked, this, &ImportView::import_set);
  connect(leave, &QPushButton::clicked, this, &ImportView::done);
  model.hear({Part::Sets, Part::ColorVision}, this, &ImportView::follow);
  connect(&model, &Studio::startedAnew, this, [this] { m_found = {}; });
}

void ImportView::offer(const FoundSet& found, const QString& file) {
  m_found = found;
  m_chosen.assign(color_count(found), std::nullopt);
  m_file = file;
  const auto named = [](const FoundColor& c) { return c.lab && !c.code && !c.name.empty(); };
  m_book->setVisible(std::any_of(found.families.begin(), found.families.end(), [&](const FoundFamily& f) {
    return std::any_of(f.colors.begin(), f.colors.end(), named);
  }));
  m_book->setChecked(false);
  const SwatchSet* set = current_set(m_model.piece());
  m_set = set->id;
  m_family = m_model.session().family;
  const QSignalBlocker quiet(m_into);
  m_into->clear();
  m_into->addItem(tr("as a new set"), 0);
  m_into->addItem(tr("into \"%1\", family by family").arg(QString::fromStdString(set->name)), 1);
  if (const Family* family = find_family(m_model.piece(), m_family))
    m_into->addItem(tr("into the family \"%1\"").arg(QString::fromStdString(family->name)), 2);
  // A set that is there already is more often joined than doubled.
  m_into->setCurrentIndex(swatch_count(*set) > 0 ? 1 : 0);
  follow();
}

ImportPlan ImportView::plan() const {
  const int into = m_into->currentData().toInt();
  return {into == 0   ? ImportInto::NewSet
          : into == 1 ? ImportInto::OneSet
                      : ImportInto::OneFamily,
          m_family,
          m_same->isChecked(),
          m_near->isChecked(),
          m_set,
          m_book->isChecked() ? m_found.name : std::string(),
          m_chosen};
}

void ImportView::choose(std::size_t color, bool wanted) {
  m_chosen[color] = wanted;
  follow();
}

void ImportView::follow() {
  if (m_found.families.empty()) return;
  const SwatchSet* set = plan().into == ImportInto::OneFamily ? find_set_of_family(m_model.piece(), m_family)
                                                              : find_set(m_model.piece(), m_set);
  // The set or the family it was offered for is gone.
  allow(*m_take, set != nullptr, tr("There is no set to import into."));
  if (!set) return;
  const auto states = compare_found(m_found, *set, m_model.piece().grading.near_duplicate);
  const auto count = [&states](Known known) {
    return std::count_if(states.begin(), states.end(),
                         [known](const FoundState& s) { return s.known == known; });
  };
  const auto same = count(Known::Same), near = count(Known::Near);
  m_title->setText(tr("%1: %2 in %3")
                       .arg(m_file, tr("%n colors", nullptr, static_cast<int>(states.size())),
                            tr("%n families", nullptr, static_cast<int>(m_found.families.size()))));
  const auto wanted = wanted_colors(states, plan());
  QString says =
      tr("%1 new, %2 already in the set, %3 similar to one in the set. Click a color to tick or untick it.")
          .arg(count(Known::New))
          .arg(same)
          .arg(near);
  for (const auto& remark : m_found.remarks) says += QLatin1Char(' ') + sentence(remark);
  m_says->setText(says);
  std::vector<std::optional<Srgb>> like;
  for (const FoundState& s : states) {
    const Swatch* there = s.known == Known::New ? nullptr : find_swatch(m_model.piece(), s.like);
    like.push_back(there ? std::optional(there->color) : std::nullopt);
  }
  const auto count_wanted = static_cast<int>(std::count(wanted.begin(), wanted.end(), true));
  m_take->setText(tr("Import %n colors", nullptr, count_wanted));
  allow(*m_take, count_wanted > 0, tr("Tick a color first."));
  m_chips->show_found(&m_found, {states, std::move(like), wanted, m_model.session().vision});
  const bool fresh = plan().into == ImportInto::NewSet;
  allow(*m_same, !fresh && same > 0, tr("None of these colors is in the set already."));
  allow(*m_near, !fresh && near > 0, tr("None of these colors is near one of the set."));
}

void ImportView::import_set() {
  const ImportPlan wanted = plan();
  const bool applied = m_model.store().apply(
      tr("Import %1").arg(m_file), [&](Piece p) { return with_found(std::move(p), m_found, wanted); });
  if (applied) emit done();
}

} // namespace zc
