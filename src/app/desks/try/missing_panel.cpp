// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/missing_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/desks/try/color_chip.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kMostShown = 12;

} // namespace

MissingPanel::MissingPanel(Studio& model, Laying& laying, Viewing& viewing, SetWork& work, TryModel& tries,
                           QWidget* parent)
    : QWidget(parent), m_model(model), m_laying(laying), m_viewing(viewing), m_tries(tries),
      m_rows(new QVBoxLayout(this)) {
  setObjectName(QStringLiteral("missingPanel"));
  m_rows->setContentsMargins(20, 10, 20, 10);
  auto* head = new QHBoxLayout;
  m_by = new QComboBox(this);
  m_by->setObjectName(QStringLiteral("lacks.by"));
  m_by->setAccessibleName(tr("Compare with"));
  m_by->setToolTip(tr("The picture that the set is compared with"));
  m_by->setFont(caption_font());
  m_by->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_by->setMinimumContentsLength(14);
  connect(m_by, &QComboBox::activated, this,
          [this](int i) { m_tries.seek_for(m_by->itemData(i).toULongLong()); });
  head->addWidget(caption_label(tr("Compare with"), this));
  head->addWidget(m_by);
  m_heading = new ElidedLabel(heading_font(), this);
  m_heading->setObjectName(QStringLiteral("lacks.says"));
  head->addWidget(m_heading, 1);
  const auto number = [&](const QString& name, const QString& tip, double low, double high, int digits,
                          const QString& word, const QString& suffix) {
    head->addWidget(caption_label(word, this));
    auto* field = new NumberField(name, tip, this);
    field->set_range({low, high, 1, digits, suffix, false, {}});
    field->setToolTip(tip);
    field->keep_width(60);
    head->addWidget(field);
    return field;
  };
  m_most = number(QStringLiteral("missing.most"), tr("List at most this many colors, 1 to 12"), 1, kMostShown,
                  0, tr("At most"), tr(" colors"));
  m_apart = number(
      QStringLiteral("missing.apart"),
      tr("List only colors that differ at least this much (CIEDE2000) from every swatch and from each other"),
      0, 50, 1, tr("Differing by"), {});
  m_rows->addLayout(head);
  connect(m_most, &NumberField::wanted, this,
          [this](double n) { m_tries.seek_at_most(static_cast<int>(n)); });
  connect(m_apart, &NumberField::wanted, this, [this](double n) {
    Trying next = m_model.session().trying;
    next.far = n;
    m_viewing.try_on(next);
  });
  model.hear({Part::References, Part::Sets, Part::Trying, Part::Reference, Part::ColorVision}, this,
             &MissingPanel::follow);
  connect(&tries, &TryModel::changed, this, &MissingPanel::follow);
  connect(&work, &SetWork::previewChanged, this, &MissingPanel::follow);
}

void MissingPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_tries.mark({});
}

void MissingPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void MissingPanel::follow_head(const Needs* needed) {
  m_by->clear();
  m_by->addItem(tr("picture shown"), QVariant::fromValue(Id(0)));
  for (const auto& reference : m_model.piece().references) {
    if (reference.id == m_model.session().reference) continue;
    m_by->addItem(text(reference.name), QVariant::fromValue(reference.id));
    if (reference.id == m_tries.needed_by()) m_by->setCurrentIndex(m_by->count() - 1);
  }
  if (!needed) return m_heading->setText(tr("comparing..."));
  m_heading->setText(tr("%1 needed: %2 present, %3 missing")
                         .arg(needed->needed())
                         .arg(needed->present)
                         .arg(needed->missing.size()));
}

/// Where the n-th of them stands, in two columns of so many rows.
void MissingPanel::add_missing(QGridLayout& grid, const MissingColor& lack, const Swatch* near, int n,
                               int rows) {
  auto* says = new QLabel(m_list);
  says->setTextFormat(Qt::PlainText);
  says->setFont(caption_font());
  says->setText(near ? tr("%1 %, differs by %2 from %3")
                           .arg(number(100 * lack.share, 1))
                           .arg(number(lack.difference, 0))
                           .arg(text(near->name))
                     : tr("%1 %").arg(number(100 * lack.share, 1)));
  auto* lay_it = word_action(QStringLiteral("lay.%1").arg(n), tr("Add color"),
                             tr("Add this color to the chosen family"), m_list);
  connect(lay_it, &QAbstractButton::clicked, this, [this, lack] { lay({lack}); });
  const bool elsewhere = m_tries.needed_by() != 0;
  auto* chip = new ColorChip(m_model, lack.color, m_list);
  chip->setObjectName(QStringLiteral("lack.%1").arg(n));
  chip->setToolTip(elsewhere ? tr("This color is from another picture")
                             : tr("Show where the picture has this color"));
  if (!elsewhere)
    connect(chip, &QAbstractButton::clicked, this, [this, lack] {
      const QPoint place(lack.x, lack.y);
      m_tries.mark(m_tries.marked() == place ? std::nullopt : std::optional(place));
    });
  const int row = n % rows, column = n / rows * 3;
  grid.addWidget(chip, row, column);
  grid.addWidget(says, row, column + 1);
  grid.addWidget(lay_it, row, column + 2);
}

void MissingPanel::follow() {
  if (!isVisible()) return;
  m_most->show_value(m_tries.most_missing());
  m_apart->show_value(m_model.session().trying.far);
  const Needs* needed = m_tries.needed();
  follow_head(needed);
  // A press on one of its words may be on its way.
  if (m_list) {
    m_list->setParent(nullptr);
    m_list->deleteLater();
  }
  m_list = new QWidget(this);
  auto* grid = new QGridLayout(m_list);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(10);
  grid->setVerticalSpacing(4);
  grid->setColumnStretch(1, 1);
  grid->setColumnStretch(4, 1);
  const std::vector<MissingColor>* lacking = needed ? &needed->missing : nullptr;
  const SideColors side = m_tries.colors_of(m_model.session().trying.right, true);
  const int count = lacking ? static_cast<int>(lacking->size()) : 0, rows = std::max(1, (count + 1) / 2);
  for (int n = 0; n < count; ++n) {
    const MissingColor& lack = (*lacking)[static_cast<std::size_t>(n)];
    const Swatch* near = lack.nearest && *lack.nearest < side.ids.size()
                             ? find_swatch(m_model.piece(), side.ids[*lack.nearest])
                             : nullptr;
    add_missing(*grid, lack, near, n, rows);
  }
  if (count == 0) {
    auto* says = new QLabel(lacking ? tr("No color is missing: each color of the picture is near a swatch.")
                                    : tr("Looking for missing colors."),
                            m_list);
    says->setFont(caption_font());
    grid->addWidget(says, 0, 0, 1, 3);
  } else {
    auto* all = word_action(QStringLiteral("lay.all"), tr("Add all"),
                            tr("Add all of these colors as a family"), m_list);
    connect(all, &QAbstractButton::clicked, this, [this, lacks = *lacking] { lay(lacks); });
    grid->addWidget(all, rows, 5);
  }
  m_rows->addWidget(m_list);
  m_list->show();
  updateGeometry();
}

/// One goes into the chosen family, several as a family of their own, in one step. Each keeps its pixel.
void MissingPanel::lay(const std::vector<MissingColor>& lacks) {
  std::vector<LaidColor> colors;
  for (const MissingColor& lack : lacks) {
    LaidColor color;
    color.color = lack.color;
    // Of another picture only the thumbnail has been asked, whose pixels are not the picture's.
    if (!m_tries.needed_by() && !m_tries.tries_canvas())
      color.from = SampleOrigin{m_model.session().reference, lack.x, lack.y};
    colors.push_back(color);
  }
  if (colors.size() == 1) return m_laying.lay_color(colors.front());
  m_laying.lay_family(tr("from the picture"), colors);
}

} // namespace zc
