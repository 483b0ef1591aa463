// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/paints_panel.h"

#include "app/controls/controls.h"
#include "app/controls/name_editor.h"
#include "app/controls/number_field.h"
#include "app/desks/pick/trade_menu.h"
#include "app/desks/try/color_chip.h"
#include "app/shelf/shelf_panel.h"
#include "app/shelf/shipped_words.h"
#include "app/theme/theme.h"
#include "core/mix/trade_paints.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/mixing/paint_model.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QAction>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace zc {
namespace {

constexpr int kNameWidth = 112;

QHBoxLayout& line_in(QVBoxLayout* column) {
  auto* line = new QHBoxLayout;
  line->setSpacing(6);
  column->addLayout(line);
  return *line;
}

std::string paint_folder() { return shelf_folder(QStringLiteral("paints")).toStdString(); }

} // namespace

PaintsPanel::PaintsPanel(Studio& model, Picking& picking, SetWork& work, PaintModel& paints, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_work(work), m_mixing(paints),
      m_scroll(new QScrollArea(this)), m_editor(new NameEditor(QStringLiteral("paints.name"), this)) {
  setObjectName(QStringLiteral("paintsPanel"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  column->addLayout(make_list(), 1);
  column->addWidget(make_answers());
  column->addStretch();
  model.hear({Part::Paints, Part::Sets, Part::References, Part::Reach, Part::Reference, Part::Looking}, this,
             &PaintsPanel::follow);
  connect(&model.photos(), &PhotoLibrary::changed, this, &PaintsPanel::follow);
  connect(&paints, &PaintModel::answered, this, &PaintsPanel::follow);
  connect(&paints, &PaintModel::seekingMoved, this, &PaintsPanel::follow_seeking);
  model.hear({Part::Color}, this, [this] {
    if (isVisible()) say_recipe();
  });
}

QLayout* PaintsPanel::make_list() {
  auto* column = new QVBoxLayout;
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  auto* first = new QHBoxLayout;
  first->setSpacing(6);
  m_add = word_opener(QStringLiteral("paints.add"), tr("Add paint"),
                      tr("Add the current color, the selected swatches or a common paint"), this);
  connect(m_add, &QAbstractButton::clicked, this, &PaintsPanel::add_asked);
  m_shelf = new QComboBox(this);
  m_shelf->setObjectName(QStringLiteral("paints.shelf"));
  m_shelf->setAccessibleName(tr("Palettes of paints on the shelf"));
  m_shelf->setToolTip(tr("Replace these paints with a palette from the shelf"));
  m_shelf->setFont(caption_font());
  m_shelf->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_shelf->setMinimumContentsLength(4);
  connect(m_shelf, &QComboBox::activated, this, &PaintsPanel::add_from_shelf);
  auto* keep = word_action(QStringLiteral("paints.keep"), tr("Save to shelf"),
                           tr("Save these paints to the shelf, under the title of the piece"), this);
  connect(keep, &QAbstractButton::clicked, this, &PaintsPanel::keep_on_shelf);
  first->addWidget(m_add);
  first->addWidget(m_shelf, 1);
  m_scroll->setFrameShape(QFrame::NoFrame);
  m_scroll->setFocusPolicy(Qt::NoFocus);
  m_scroll->setWidgetResizable(true);
  m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  m_scroll->setMinimumHeight(96);
  column->addLayout(first);
  column->addWidget(m_scroll, 1);
  column->addWidget(keep, 0, Qt::AlignLeft); // Beside the others it would not fit in every language.
  return column;
}

QWidget* PaintsPanel::make_answers() {
  auto* box = new QWidget(this);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  m_recipe = new QLabel(box);
  m_recipe->setFont(caption_font());
  m_recipe->setObjectName(QStringLiteral("paints.recipe"));
  m_recipe->setTextFormat(Qt::PlainText);
  m_recipe->setWordWrap(true);
  m_recipe->setAlignment(Qt::AlignLeft | Qt::AlignTop);
  m_recipe->setFixedHeight(2 * QFontMetrics(caption_font()).lineSpacing());
  m_inside = new ElidedLabel(caption_font(), box);
  m_inside->setObjectName(QStringLiteral("paints.inside"));
  column->addWidget(heading_label(tr("Recipe for the current color"), box));
  column->addWidget(m_recipe);
  make_recipe_line(line_in(column));
  column->addSpacing(4);
  column->addWidget(heading_label(tr("What these paints can mix"), box));
  make_reach_line(line_in(column));
  column->addWidget(m_inside);
  make_mask_line(line_in(column));
  column->addSpacing(4);
  column->addWidget(heading_label(tr("Fewest paints"), box));
  QHBoxLayout& limits = line_in(column);
  make_fewest_line(limits, line_in(column));
  return box;
}

void PaintsPanel::make_recipe_line(QHBoxLayout& line) {
  line.addWidget(caption_label(tr("At most"), this));
  m_most = add_number(line, "paints.most", tr("A recipe has at most this many paints, 1 to 4"),
                      {1, kMostPaintsOfRecipe, 1, 0, tr(" paints"), false, {}}, kMostPaintsOfRecipe, 62);
  connect(m_most, &NumberField::wanted, this, [this](double n) {
    m_most->show_value(std::round(n));
    say_recipe();
  });
  m_take = add_word(line, ControlKind::Action, tr("Use mixture"), "paints.take",
                    tr("Make the color of the recipe the current color"));
  connect(m_take, &QAbstractButton::clicked, this, &PaintsPanel::use_recipe);
  line.addStretch(1);
}

void PaintsPanel::make_reach_line(QHBoxLayout& line) {
  m_show = add_word(
      line, ControlKind::Switch, tr("show reach"), "paints.reach",
      tr("Show on wheel, hue section and value rail which colors the paints on the palette can mix"));
  m_ends = add_word(line, ControlKind::Switch, tr("with white and black"), "paints.ends",
                    tr("Titanium white and bone black mix along, even if they are not on the palette"));
  for (WordControl* button : {m_show, m_ends}) {
    connect(button, &QAbstractButton::clicked, this, [this] {
      m_picks.show_reach({m_show->isChecked(), m_ends->isChecked()});
    });
  }
  line.addStretch(1);
}

void PaintsPanel::make_mask_line(QHBoxLayout& line) {
  line.addWidget(caption_label(tr("Make it the mask"), this));
  const auto makes_mask = [&](const QString& words, const char* name, const QString& tip, bool at_any_value) {
    connect(add_word(line, ControlKind::Action, words, name, tip), &QAbstractButton::clicked, this,
            [this, at_any_value] { m_mixing.make_mask(at_any_value); });
  };
  makes_mask(tr("At this value"), "paints.maskHere",
             tr("Make the colors within reach at the current value the mask"), false);
  makes_mask(tr("At every value"), "paints.maskAny", tr("Make the colors within reach at any value the mask"),
             true);
  line.addStretch(1);
}

void PaintsPanel::make_fewest_line(QHBoxLayout& limits, QHBoxLayout& line) {
  limits.addWidget(caption_label(tr("Reach"), this));
  m_share = add_number(limits, "paints.share", tr("Percent of the colors that the paints must reach"),
                       {1, 100, 1, 0, tr(" %"), false, {}}, 95, 46);
  limits.addWidget(caption_label(tr("of the colors within"), this));
  m_within =
      add_number(limits, "paints.within", tr("A color counts as reached within this difference (CIEDE2000)"),
                 {0.5, 20, 0.5, 1, {}, false, {}}, 3, 38);
  for (NumberField* field : {m_share, m_within})
    connect(field, &NumberField::wanted, field, &NumberField::show_value);
  const auto seeks = [&](const QString& words, const char* name, const QString& tip, bool of_photo) {
    WordControl* button = add_word(line, ControlKind::Action, words, name, tip);
    connect(button, &QAbstractButton::clicked, this, [this, of_photo] {
      if (m_mixing.sought(of_photo)) return m_mixing.stop_seeking();
      m_mixing.seek_fewest(of_photo, {m_within->value(), m_share->value() / 100});
    });
    return button;
  };
  m_of_photo = seeks(
      tr("Find for photo"), "paints.fewestPhoto",
      tr("Find the fewest paints that reach this share of the photo, and put them on the palette"), true);
  m_of_set = seeks(tr("Find for set"), "paints.fewestSet",
                   tr("Find the fewest paints that reach this share of the set, and put them on the palette"),
                   false);
  limits.addStretch(1);
  line.addStretch(1);
}

WordControl* PaintsPanel::add_word(QHBoxLayout& line, ControlKind kind, const QString& words,
                                   const char* name, const QString& tip) {
  auto* button = new WordControl(kind, words, this);
  button->setObjectName(QLatin1String(name));
  button->setToolTip(tip);
  line.addWidget(button);
  return button;
}

NumberField* PaintsPanel::add_number(QHBoxLayout& line, const char* name, const QString& said,
                                     const NumberRange& range, double shown, int width) {
  auto* field = new NumberField(QLatin1String(name), said, this);
  field->set_range(range);
  field->show_value(shown);
  field->keep_width(width);
  field->setToolTip(said);
  line.addWidget(field);
  return field;
}

void PaintsPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  fill_shelf();
  follow();
}

// ---------------------------------------------------------------- paints

void PaintsPanel::fill_shelf() {
  m_shelf->clear();
  m_shelf->addItem(tr("From shelf"));
  m_on_shelf = paints_on_shelf(paint_folder());
  for (const ShelfPaints& p : m_on_shelf) m_shelf->addItem(text(p.name).left(40));
}

void PaintsPanel::add_from_shelf() {
  // By their place: two of them may have one name.
  const auto chosen = static_cast<std::size_t>(m_shelf->currentIndex() - 1);
  m_shelf->setCurrentIndex(0);
  if (chosen >= m_on_shelf.size()) return;
  m_model.store().apply(tr("Use paints \"%1\"").arg(text(m_on_shelf[chosen].name)), [&](Piece piece) {
    return with_paints(std::move(piece), m_on_shelf[chosen].paints);
  });
}

void PaintsPanel::keep_on_shelf() {
  ShelfPaints paints;
  paints.name = m_model.piece().title;
  paints.paints = m_model.piece().paints;
  const auto put = put_on_shelf(paint_folder(), paints);
  emit m_model.notice(put ? tr("The paints were saved to the shelf as \"%1\".").arg(text(paints.name))
                          : words(put.error()));
  if (put) fill_shelf();
}

void PaintsPanel::add_paint(const QString& name, Srgb color, const std::string& trade) {
  m_model.store().apply(tr("Add paint %1").arg(name),
                        [&](Piece p) { return with_paint(std::move(p), name.toStdString(), color, trade); });
}

void PaintsPanel::add_asked() {
  QMenu menu;
  const Srgb color = m_model.session().color();
  menu.addAction(tr("Current color"), [this, color] { add_paint(color_name(color), color, {}); });
  auto* selected = menu.addAction(tr("Selected swatches"), [this] {
    m_model.store().apply(tr("Add selected swatches as paints"), [this](Piece p) -> Result<Piece> {
      Result<Piece> out = std::move(p);
      for (const Id id : m_work.selection()) {
        const Swatch* s = find_swatch(m_model.piece(), id);
        if (!s || !out) continue;
        const std::string name = s->name.empty() ? color_name(s->color).toStdString() : s->name;
        out = with_paint(std::move(out).value(), name, s->color);
      }
      return out;
    });
  });
  selected->setEnabled(!m_work.selection().empty());
  offer_trade_paints(menu, [this](const TradePaint& paint) {
    add_paint(word(paint.name), color_of(paint.curve), std::string(paint.name));
  });
  menu.exec(m_add->mapToGlobal(QPoint(0, m_add->height())));
}

void PaintsPanel::add_row(QWidget* list, const PalettePaint& paint, std::size_t place) {
  auto* row = new QWidget(list);
  auto* line = new QHBoxLayout(row);
  line->setContentsMargins(0, 0, 4, 0);
  line->setSpacing(4);
  auto* chip = new ColorChip(m_model, paint.color, row);
  chip->setToolTip(tr("Use color"));
  connect(chip, &QAbstractButton::clicked, this, [this, c = paint.color] { m_picks.use_color(c); });
  auto* out = new WordControl(
      ControlKind::Switch, QFontMetrics(text_font()).elidedText(text(paint.name), Qt::ElideRight, kNameWidth),
      row);
  out->setObjectName(QStringLiteral("paints.out.%1").arg(place));
  out->setChecked(paint.out);
  const TradePaint* trade = trade_paint(paint.trade);
  out->setToolTip(
      trade ? tr("%1, mixed by a drawn reflectance curve: %2. Press to put it on the palette or take it off.")
                  .arg(text(paint.name), word(trade->says))
            : tr("%1, mixed by the smoothest reflectance curve of its color. Press to put it on the palette "
                 "or take it off.")
                  .arg(text(paint.name)));
  connect(out, &QAbstractButton::clicked, this, [this, id = paint.id](bool on) {
    m_model.store().apply(on ? tr("Put paint on palette") : tr("Take paint off palette"),
                          [&](Piece p) { return with_paint_out(std::move(p), id, on); });
  });
  auto* strength = new NumberField(QStringLiteral("paints.strength.%1").arg(place),
                                   tr("Strength of %1").arg(text(paint.name)), row);
  strength->set_range({kStrengthRange.low, kStrengthRange.high, 0.1, 1, {}, false, {}});
  strength->show_value(paint.strength);
  strength->setFixedWidth(34);
  strength->setToolTip(tr("Tinting strength: how strongly one part of the paint colors a mixture"));
  connect(strength, &NumberField::wanted, this, [this, strength, id = paint.id](double s) {
    m_model.store().apply(
        tr("Change strength of paint"), [&](Piece p) { return with_paint_strength(std::move(p), id, s); },
        strength->drag_key());
  });
  auto* off = word_action(QStringLiteral("paints.off.%1").arg(place), tr("Remove"),
                          tr("Remove %1 from the list").arg(text(paint.name)), row);
  connect(
      off, &QAbstractButton::clicked, this,
      [this, id = paint.id] {
        m_model.store().apply(tr("Remove paint"), [&](Piece p) { return without_paint(std::move(p), id); });
      },
      Qt::QueuedConnection);
  add_row_menu(*out, paint, place);
  line->addWidget(chip);
  line->addWidget(out);
  line->addStretch(1);
  line->addWidget(strength);
  line->addWidget(off);
  list->layout()->addWidget(row);
}

QWidget* PaintsPanel::button_of(Id paint) {
  const auto& paints = m_model.piece().paints;
  const auto at =
      std::find_if(paints.begin(), paints.end(), [paint](const PalettePaint& p) { return p.id == paint; });
  return findChild<QWidget*>(QStringLiteral("paints.out.%1").arg(at - paints.begin()));
}

/// The right button and the Menu key open it.
void PaintsPanel::add_row_menu(QWidget& button, const PalettePaint& paint, std::size_t place) {
  button.setContextMenuPolicy(Qt::ActionsContextMenu);
  const Id id = paint.id;
  const auto add = [&](const QString& words, const QString& tip, const std::function<void()>& run) {
    auto* action = new QAction(words, &button);
    action->setToolTip(tip);
    // The row goes with what it changes.
    connect(action, &QAction::triggered, this, run, Qt::QueuedConnection);
    button.addAction(action);
  };
  add(tr("Rename paint"), tr("Type another name for the paint"), [this, id] {
    // Its row may have been made anew since it was asked for.
    const PalettePaint* there = find_paint(m_model.piece(), id);
    const QWidget* at = there ? button_of(id) : nullptr;
    if (!at) return;
    m_editor->edit(QRectF(at->mapTo(this, QPoint()), at->size()), text(there->name),
                   [this, id](const QString& name) {
                     m_model.store().apply(tr("Rename paint"), [&](Piece p) {
                       return with_paint_named(std::move(p), id, name.toStdString());
                     });
                   });
    m_editor->raise();
  });
  add(tr("Set to current color"),
      tr("From now on the paint mixes by the smoothest reflectance curve of the current color"), [this, id] {
        m_model.store().apply(tr("Change color of paint"), [&](Piece p) {
          return with_paint_color(std::move(p), id, m_model.session().color());
        });
      });
  const auto move = [this, id](std::size_t to) {
    m_model.store().apply(tr("Move paint"), [&](Piece p) { return with_paint_moved(std::move(p), id, to); });
  };
  if (place > 0)
    add(tr("Move up"), tr("Move this paint before the one above"), [move, place] { move(place - 1); });
  if (place + 1 < m_model.piece().paints.size())
    add(tr("Move down"), tr("Move this paint after the one below"), [move, place] { move(place + 2); });
}

void PaintsPanel::list_paints() {
  const List<PalettePaint>& paints = m_model.piece().paints;
  if (m_scroll->widget() && m_listed == paints) return;
  // A strength that is being dragged keeps its field.
  const bool same_rows =
      m_scroll->widget() && m_listed.size() == paints.size() &&
      std::equal(m_listed.begin(), m_listed.end(), paints.begin(), [](PalettePaint a, const PalettePaint& b) {
        a.strength = b.strength;
        return a == b;
      });
  m_listed = paints;
  if (same_rows) {
    std::size_t place = 0;
    for (const PalettePaint& p : paints)
      if (auto* field = findChild<NumberField*>(QStringLiteral("paints.strength.%1").arg(place++)))
        field->show_value(p.strength);
    return;
  }
  auto* list = new QWidget;
  auto* column = new QVBoxLayout(list);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(3);
  std::size_t place = 0;
  for (const PalettePaint& p : paints) add_row(list, p, place++);
  if (paints.empty()) {
    auto* none = new QLabel(tr("No paints yet. A few paints limit a piece as a mask does: add the current "
                               "color, swatches or common paints."),
                            list);
    none->setFont(caption_font());
    none->setWordWrap(true);
    column->addWidget(none);
  }
  column->addStretch(1);
  scroll_over_ground(m_scroll, list);
  // No higher than its rows, so that what comes below them stands there.
  m_scroll->setMaximumHeight(std::max(m_scroll->minimumHeight(), list->sizeHint().height()));
}

// ---------------------------------------------------------------- answers

void PaintsPanel::follow() {
  if (!isVisible()) return;
  list_paints();
  m_show->setChecked(m_model.session().reach.shown);
  m_ends->setChecked(m_model.session().reach.white_and_black);
  follow_seeking();
  say_recipe();
  say_inside();
}

/// The word that was pressed stops what it began; it takes the room of the other.
void PaintsPanel::follow_seeking() {
  const auto of_photo = m_mixing.sought(true), of_set = m_mixing.sought(false);
  const auto stop = [](int percent) { return tr("Stop, %1 %").arg(percent); };
  m_of_photo->setText(of_photo ? stop(*of_photo) : tr("Find for photo"));
  m_of_set->setText(of_set ? stop(*of_set) : tr("Find for set"));
  m_of_photo->setVisible(!of_set);
  m_of_set->setVisible(!of_photo);
}

void PaintsPanel::say_recipe() {
  const PutOut& out = m_mixing.out();
  allow(*m_take, false, tr("There is no recipe yet. Put paints on the palette first."));
  if (out.paints.empty()) return m_recipe->setText(tr("Put paints on the palette to see recipes."));
  const auto* recipe = m_mixing.recipe(static_cast<int>(std::lround(m_most->value())));
  if (!recipe) return; // A moment; what stands there is of the color before.
  if (!*recipe) return m_recipe->setText(words(recipe->error()));
  QStringList parts;
  for (const RecipePart& p : recipe->value().parts)
    parts << tr("%1 %2").arg(p.parts).arg(text(out.paints[p.paint].name));
  m_recipe->setText(tr("%1; differs by %2")
                        .arg(parts.join(QStringLiteral(" : ")))
                        .arg(number(recipe->value().difference, 1)));
  allow(*m_take, true, {});
}

void PaintsPanel::use_recipe() {
  const auto* recipe = m_mixing.recipe(static_cast<int>(std::lround(m_most->value())));
  if (recipe && *recipe) m_picks.use_color(recipe->value().mixture.color);
}

void PaintsPanel::say_inside() {
  if (m_mixing.out().paints.empty()) return m_inside->setText(QString());
  QStringList standing;
  for (const PutOut::One& p : m_mixing.out().paints)
    if (!p.exact) standing << text(p.name);
  const QString note = standing.isEmpty() ? QString()
                                          : tr("; no paint has the color of %1, so the nearest is used")
                                                .arg(standing.join(QStringLiteral(", ")));
  const auto* in = m_mixing.inside();
  if (!in) return m_inside->setText(tr("comparing with set and photo") + note);
  m_inside->setText((in->photo ? tr("within reach: %1 of %2 swatches, %3 % of the photo")
                                     .arg(in->swatches)
                                     .arg(in->of)
                                     .arg(number(100 * *in->photo, 0))
                               : tr("within reach: %1 of %2 swatches").arg(in->swatches).arg(in->of)) +
                    note);
}

} // namespace zc
