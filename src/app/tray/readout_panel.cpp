#include "app/tray/readout_panel.h"

#include "app/theme/number_field.h"
#include "app/theme/text.h"
#include "app/theme/theme.h"

#include <QGridLayout>
#include <QMenu>
#include <QSettings>
#include <QToolButton>

namespace zc {
namespace {

QString setting(std::size_t row) { return QStringLiteral("readout/%1").arg(row); }

} // namespace

ReadoutPanel::ReadoutPanel(Workspace& space, QWidget* parent) : QWidget(parent), m_space(space) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(3);
  grid->setVerticalSpacing(4);
  const ReadoutSpace usual[] = {ReadoutSpace::Rgb, ReadoutSpace::Hsv, ReadoutSpace::Hsl, ReadoutSpace::Lch};
  for (std::size_t i = 0; i < m_rows.size(); ++i) {
    Row& row = m_rows[i];
    row.name = new QToolButton(this);
    row.name->setObjectName(QStringLiteral("readoutSpace.%1").arg(i));
    row.name->setAccessibleName(tr("Space of readout %1").arg(i + 1));
    row.name->setAutoRaise(true);
    row.name->setFont(caption_font());
    row.name->setPopupMode(QToolButton::InstantPopup);
    row.name->setFixedSize(58, 22);
    row.name->setMenu(new QMenu(row.name));
    fill_menu(i);
    grid->addWidget(row.name, static_cast<int>(i), 0);
    for (std::size_t n = 0; n < 3; ++n) {
      auto* field = new NumberField(QStringLiteral("readout.%1.%2").arg(i).arg(n), {}, this);
      field->setFixedWidth(46);
      connect(field, &NumberField::wanted, this, [this, i, n](double x) { take(i, n, x); });
      row.fields[n] = field;
      grid->addWidget(field, static_cast<int>(i), static_cast<int>(n) + 1);
    }
    const int kept = QSettings().value(setting(i), static_cast<int>(usual[i])).toInt();
    show_space(i,
               kReadoutSpaces[static_cast<std::size_t>(std::clamp(kept, 0, int(kReadoutSpaces.size()) - 1))]);
  }
  space.hear({&Workspace::colorChanged, &Workspace::viewChanged}, this, &ReadoutPanel::follow);
  follow();
}

void ReadoutPanel::fill_menu(std::size_t row) {
  QMenu* menu = m_rows[row].name->menu();
  for (const ReadoutSpace space : kReadoutSpaces) {
    const ReadoutForm& form = readout_form(space);
    menu->addAction(tr("%1: %2").arg(text(form.name), text(form.words)), this,
                    [this, row, space] { choose_space(row, space); });
  }
}

void ReadoutPanel::choose_space(std::size_t row, ReadoutSpace space) {
  QSettings().setValue(setting(row), static_cast<int>(space));
  show_space(row, space);
  follow();
}

void ReadoutPanel::show_space(std::size_t i, ReadoutSpace space) {
  Row& row = m_rows[i];
  row.space = space;
  const ReadoutForm& form = readout_form(space);
  row.name->setText(text(form.name));
  row.name->setToolTip(
      tr("%1: %2. Click to read the color in another space.").arg(text(form.name), text(form.words)));
  for (std::size_t n = 0; n < 3; ++n) {
    const ReadoutNumber& number = form.numbers[n];
    row.fields[n]->set_range({number.low, number.high, number.step, number.digits, {}, number.wraps, {}});
    row.fields[n]->setAccessibleName(
        tr("%1 %2 of the current color").arg(text(form.name), text(number.name)));
    row.fields[n]->setToolTip(tr("%1 %2, %3 to %4: type, scroll or drag")
                                  .arg(text(form.name), text(number.name))
                                  .arg(number.low)
                                  .arg(number.high));
  }
}

void ReadoutPanel::follow() {
  for (const Row& row : m_rows) {
    const auto numbers = readout_of(row.space, m_space.session().color());
    for (std::size_t n = 0; n < 3; ++n) row.fields[n]->show_value(numbers[n]);
  }
}

void ReadoutPanel::take(std::size_t i, std::size_t n, double value) {
  Row& row = m_rows[i];
  auto numbers = readout_of(row.space, m_space.session().color());
  numbers[n] = value;
  const auto color = color_of_readout(row.space, numbers);
  if (!color) return row.fields[n]->refuse(QString::fromStdString(color.error().sentence));
  m_space.take_up(*color);
}

} // namespace zc
