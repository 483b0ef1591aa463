#include "app/desks/try/lacks_panel.h"

#include "app/desks/try/color_chip.h"
#include "app/store/set_work.h"
#include "app/store/try_reading.h"
#include "app/theme/controls.h"
#include "app/theme/text.h"
#include "app/theme/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kRows = 3;

} // namespace

LacksPanel::LacksPanel(Workspace& space, QWidget* parent)
    : QWidget(parent), m_space(space), m_rows(new QVBoxLayout(this)) {
  setObjectName(QStringLiteral("lacksPanel"));
  m_rows->setContentsMargins(20, 10, 20, 10);
  auto* heading = new QLabel(tr("The picture needs, the set lacks"), this);
  heading->setFont(heading_font());
  m_rows->addWidget(heading);
  space.hear({&Workspace::referencesChanged, &Workspace::setsChanged, &Workspace::viewChanged}, this,
             &LacksPanel::follow);
  connect(&space.tries(), &TryReader::changed, this, &LacksPanel::follow);
  connect(&space.set_work(), &SetWork::previewChanged, this, &LacksPanel::follow);
}

void LacksPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_space.tries().mark({});
}

void LacksPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void LacksPanel::follow() {
  if (!isVisible()) return;
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
  const std::vector<Lack>* lacking = m_space.tries().lacking();
  const SideColors side = m_space.tries().colors_of(m_space.session().trying.right, true);
  int n = 0;
  for (const Lack& lack : lacking ? *lacking : std::vector<Lack>()) {
    const Swatch* near = lack.nearest && *lack.nearest < side.ids.size()
                             ? find_swatch(m_space.piece(), side.ids[*lack.nearest])
                             : nullptr;
    auto* says = new QLabel(m_list);
    says->setTextFormat(Qt::PlainText);
    says->setFont(caption_font());
    says->setText(near ? tr("%1 %, %2 from %3")
                             .arg(100 * lack.share, 0, 'f', 1)
                             .arg(lack.difference, 0, 'f', 0)
                             .arg(text(near->name))
                       : tr("%1 %").arg(100 * lack.share, 0, 'f', 1));
    auto* lay_it = new WordButton(tr("lay"), m_list);
    lay_it->setObjectName(QStringLiteral("lay.%1").arg(n));
    lay_it->setToolTip(tr("Lay this color into the chosen family"));
    connect(lay_it, &QAbstractButton::clicked, this, [this, lack] { lay({lack}); });
    auto* chip = new ColorChip(m_space, lack.color, m_list);
    chip->setObjectName(QStringLiteral("lack.%1").arg(n));
    chip->setToolTip(tr("Show where in the picture it is"));
    connect(chip, &QAbstractButton::clicked, this, [this, lack] {
      const QPoint place(lack.x, lack.y);
      m_space.tries().mark(m_space.tries().marked() == place ? std::nullopt : std::optional(place));
    });
    const int row = n % kRows, column = n / kRows * 3;
    grid->addWidget(chip, row, column);
    grid->addWidget(says, row, column + 1);
    grid->addWidget(lay_it, row, column + 2);
    ++n;
  }
  if (n == 0) {
    auto* says = new QLabel(lacking ? tr("Nothing: no color of the picture is far from every swatch.")
                                    : tr("Looking..."),
                            m_list);
    says->setFont(caption_font());
    grid->addWidget(says, 0, 0, 1, 3);
  } else {
    auto* all = new WordButton(tr("lay all"), m_list);
    all->setObjectName(QStringLiteral("lay.all"));
    all->setToolTip(tr("Lay all of these as a family"));
    connect(all, &QAbstractButton::clicked, this, [this, lacks = *lacking] { lay(lacks); });
    grid->addWidget(all, kRows, 5);
  }
  m_rows->addWidget(m_list);
  m_list->show();
  updateGeometry();
}

/// One goes into the chosen family, several as a family of their own, in one step. Each keeps its pixel.
void LacksPanel::lay(const std::vector<Lack>& lacks) {
  std::vector<LaidColor> colors;
  for (const Lack& lack : lacks) {
    LaidColor color;
    color.color = lack.color;
    color.from = SampleOrigin{m_space.session().reference, lack.x, lack.y};
    colors.push_back(color);
  }
  if (colors.size() == 1) return m_space.lay_color(colors.front());
  m_space.lay_family(tr("from the picture"), colors);
}

} // namespace zc
