// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/readout_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "app/tray/track_view.h"
#include "core/piece/press_check.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/proof/press_model.h"
#include "model/proof/typed_color.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/share/share_model.h"

#include <QGridLayout>
#include <QMenu>
#include <QSettings>

namespace zc {
namespace {

const QString kShownSetting = QStringLiteral("readout/shown");
/// This stands where the number of a space would.
constexpr int kInkSetting = 100;
QString setting(std::size_t row) { return QStringLiteral("readout/%1").arg(row); }

} // namespace

ReadoutPanel::ReadoutPanel(Studio& model, Picking& picking, PressModel& press, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_reader(press) {
  setObjectName(QStringLiteral("readouts"));
  auto* grid = new QGridLayout(this);
  setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Preferred);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(3);
  grid->setVerticalSpacing(2);
  const ReadoutSpace usual[] = {ReadoutSpace::Rgb, ReadoutSpace::Hsv, ReadoutSpace::Hsl, ReadoutSpace::Lch};
  for (std::size_t i = 0; i < m_rows.size(); ++i) {
    Row& row = m_rows[i];
    row.name = new WordControl(ControlKind::Opener, {}, this);
    row.name->setObjectName(QStringLiteral("readoutSpace.%1").arg(i));
    row.menu = new QMenu(row.name);
    opens(*row.name, *row.menu);
    fill_menu(i);
    grid->addWidget(row.name, static_cast<int>(i), 0);
    for (std::size_t n = 0; n < 3; ++n) {
      auto* field = new NumberField(QStringLiteral("readout.%1.%2").arg(i).arg(n), {}, this);
      field->setFixedWidth(46);
      connect(field, &NumberField::wanted, this, [this, i, n](double x) { take(i, n, x); });
      row.fields[n] = field;
      row.tracks[n] = new TrackView(*field, model);
      grid->addWidget(field, static_cast<int>(i), static_cast<int>(n) + 1);
    }
    row.black = new NumberField(QStringLiteral("readout.%1.3").arg(i), {}, this);
    row.black->setFixedWidth(46);
    connect(row.black, &NumberField::wanted, this, [this](double x) { enter_ink(3, x); });
    grid->addWidget(row.black, static_cast<int>(i), 4);
    const int kept = QSettings().value(setting(i), static_cast<int>(usual[i])).toInt();
    if (kept == kInkSetting)
      show_ink(i);
    else
      show_space(
          i, kReadoutSpaces[static_cast<std::size_t>(std::clamp(kept, 0, int(kReadoutSpaces.size()) - 1))]);
  }
  show_rows(static_cast<std::size_t>(
      std::clamp(QSettings().value(kShownSetting, 0).toInt(), 0, int(m_rows.size()))));
  model.hear({Part::Color, Part::Sharing, Part::ColorVision}, this, &ReadoutPanel::follow);
  follow();
}

void ReadoutPanel::show_rows(std::size_t count) {
  m_shown = count;
  setVisible(count > 0);
  QSettings().setValue(kShownSetting, static_cast<int>(count));
  for (std::size_t i = 0; i < m_rows.size(); ++i) {
    m_rows[i].name->setVisible(i < count);
    for (NumberField* field : m_rows[i].fields) field->setVisible(i < count);
    m_rows[i].black->setVisible(i < count && m_rows[i].ink);
  }
  follow();
}

void ReadoutPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void ReadoutPanel::fill_menu(std::size_t row) {
  QMenu* menu = m_rows[row].menu;
  add_spaces(*menu, [row] { return row; });
  menu->addSeparator();
  menu->addAction(tr("Remove readout"), this, [this, row] { remove(row); });
}

void ReadoutPanel::fill_add_menu(QMenu& menu) {
  add_spaces(menu, [this] {
    show_rows(std::min(m_shown + 1, m_rows.size()));
    return m_shown - 1;
  });
}

/// Each space as an entry that shows it in the row that `row` tells.
void ReadoutPanel::add_spaces(QMenu& menu, const std::function<std::size_t()>& row) {
  for (const ReadoutSpace space : kReadoutSpaces) {
    const ReadoutForm& form = readout_form(space);
    menu.addAction(tr("%1: %2").arg(word(form.name), word(form.words)), this,
                   [this, row, space] { choose_space(row(), space); });
  }
  menu.addAction(tr("CMYK: ink on the chosen press, percent"), this, [this, row] { choose_ink(row()); });
}

/// Those after it move up.
void ReadoutPanel::remove(std::size_t row) {
  if (row >= m_shown) return; // It is not there any more.
  for (std::size_t i = row; i + 1 < m_shown; ++i) {
    const Row next = m_rows[i + 1];
    next.ink ? choose_ink(i) : choose_space(i, next.space);
  }
  show_rows(m_shown - 1);
}

void ReadoutPanel::choose_space(std::size_t row, ReadoutSpace space) {
  QSettings().setValue(setting(row), static_cast<int>(space));
  show_space(row, space);
  follow();
}

void ReadoutPanel::choose_ink(std::size_t row) {
  QSettings().setValue(setting(row), kInkSetting);
  show_ink(row);
  follow();
}

void ReadoutPanel::show_ink(std::size_t i) {
  Row& row = m_rows[i];
  row.ink = true;
  row.name->setText(QStringLiteral("CMYK"));
  row.name->setAccessibleName(tr("Space of readout %1: ink").arg(i + 1));
  row.name->setFixedSize(row.name->sizeHint().width(), 24);
  row.name->setToolTip(tr("Ink on the press chosen at Share. Click to choose another color space."));
  const QString names[] = {tr("cyan"), tr("magenta"), tr("yellow"), tr("black")};
  for (TrackView* track : row.tracks) track->show_track({});
  for (std::size_t n = 0; n < 4; ++n) {
    NumberField* field = n < 3 ? row.fields[n] : row.black;
    field->set_range({0, 100, 1, 0, {}, false, {}});
    field->setAccessibleName(tr("Percent of %1 of the current color").arg(names[n]));
    field->setToolTip(tr("%1, percent: type, scroll or drag").arg(names[n]));
  }
  row.black->setVisible(i < m_shown);
}

void ReadoutPanel::follow_ink(const Row& row) {
  const auto press = m_reader.chosen();
  const Ink ink = press ? ink_of_now(*press) : Ink{};
  const bool written_for_now = press && written_for(*press, current_code(m_model.session()));
  const double shares[] = {ink.c, ink.m, ink.y, ink.k};
  for (std::size_t n = 0; n < 4; ++n) {
    NumberField* field = n < 3 ? row.fields[n] : row.black;
    allow(*field, press != nullptr, tr("Choose a press at Share first: ink is read through it."));
    // As it was written, in tenths where it was.
    const bool whole = std::abs(shares[n] - std::round(shares[n])) < 0.05;
    const int digits = written_for_now && !whole ? 1 : 0;
    field->set_range({0, 100, 1, digits, {}, false, {}});
    field->show_value(shares[n]);
  }
}

/// The inks become the current color, as they are written.
void ReadoutPanel::enter_ink(std::size_t n, double value) {
  const auto press = m_reader.chosen();
  if (!press) return;
  Ink ink = ink_of_now(*press);
  double* const shares[] = {&ink.c, &ink.m, &ink.y, &ink.k};
  *shares[n] = value;
  use_inks(written_inks(*press, ink), m_model, m_picks);
}

/// What was typed stays as it was typed, until another color or another press is the current one: separating
/// the color anew would give other inks that look the same.
Ink ReadoutPanel::ink_of_now(const Press& press) const {
  const Ink* written = written_for(press, current_code(m_model.session()));
  return written ? *written : press.printed(m_model.session().color()).ink;
}

void ReadoutPanel::show_space(std::size_t i, ReadoutSpace space) {
  Row& row = m_rows[i];
  row.space = space;
  row.ink = false;
  row.black->hide();
  for (NumberField* field : row.fields) allow(*field, true, {});
  const ReadoutForm& form = readout_form(space);
  row.name->setText(word(form.name));
  row.name->setAccessibleName(tr("Space of readout %1: %2").arg(i + 1).arg(word(form.name)));
  row.name->setFixedSize(row.name->sizeHint().width(), 24);
  row.name->setToolTip(
      tr("%1: %2. Click to choose another color space.").arg(word(form.name), word(form.words)));
  for (std::size_t n = 0; n < 3; ++n) {
    const ReadoutNumber& number = form.numbers[n];
    row.fields[n]->set_range({number.low, number.high, number.step, number.digits, {}, number.wraps, {}});
    row.fields[n]->setAccessibleName(
        tr("%1 %2 of the current color").arg(word(form.name), word(number.name)));
    row.fields[n]->setToolTip(tr("%1 %2, %3 to %4: type, scroll or drag")
                                  .arg(word(form.name), word(number.name))
                                  .arg(number.low)
                                  .arg(number.high));
  }
}

void ReadoutPanel::follow() {
  for (const Row& row : m_rows) {
    if (row.ink) {
      follow_ink(row);
      continue;
    }
    const auto numbers = readout_of(row.space, m_model.session().color());
    for (std::size_t n = 0; n < 3; ++n) {
      row.fields[n]->show_value(numbers[n]);
      if (!row.fields[n]->isVisible()) continue;
      row.tracks[n]->show_track(
          readout_track(row.space, m_model.session().color(), n, row.tracks[n]->stretches()));
    }
  }
}

void ReadoutPanel::take(std::size_t i, std::size_t n, double value) {
  Row& row = m_rows[i];
  if (row.ink) return enter_ink(n, value);
  auto numbers = readout_of(row.space, m_model.session().color());
  numbers[n] = value;
  const auto color = color_of_readout(row.space, numbers);
  if (!color) return row.fields[n]->refuse(words(color.error()));
  m_picks.use_color(*color);
}

} // namespace zc
