#include "app/tray/tray.h"

#include "app/theme/theme.h"
#include "app/tray/color_pair.h"
#include "app/tray/relations_panel.h"
#include "app/tray/wells_view.h"
#include "core/color/text.h"
#include "core/piece/grading.h"
#include "core/wheel/color_words.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kValueSteps = 9;
constexpr int kWidthForReadouts = 1240;

struct Readout {
  const char* name;
  ReadoutSpace space;
  const char* tip;
};
constexpr std::array<Readout, 4> kReadouts{
    {{"RGB", ReadoutSpace::Rgb, "Red, green and blue, 0 to 255; type three numbers and press Enter"},
     {"HSV", ReadoutSpace::Hsv,
      "Hue in degrees, saturation and value in percent; type three numbers and press Enter"},
     {"HSL", ReadoutSpace::Hsl,
      "Hue in degrees, saturation and lightness in percent; type three numbers and press Enter"},
     {"LCh", ReadoutSpace::Lch, "CIELAB lightness, chroma and hue; type three numbers and press Enter"}}};

} // namespace

Tray::Tray(Workbench& bench, QWidget* parent) : QWidget(parent), m_bench(bench) {
  setFixedHeight(150);
  setAutoFillBackground(true);
  setBackgroundRole(QPalette::Window);
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin, 14, kMargin, 14);
  row->setSpacing(kMargin);
  row->addWidget(new ColorPair(bench, this), 0, Qt::AlignTop);
  row->addWidget(make_words(), 0, Qt::AlignTop);
  m_readouts = make_readouts();
  row->addWidget(m_readouts, 0, Qt::AlignTop);
  row->addWidget(new WellsView(bench, this), 0, Qt::AlignTop);
  row->addWidget(make_set_controls(), 1, Qt::AlignTop);
  connect(&bench, &Workbench::colorChanged, this, &Tray::follow);
  connect(&bench, &Workbench::pieceChanged, this, &Tray::follow);
  connect(&bench, &Workbench::viewChanged, this, &Tray::follow);
  follow();
}

QWidget* Tray::make_words() {
  auto* box = new QWidget(this);
  box->setFixedWidth(196);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  m_name = new QLabel(box);
  m_name->setObjectName(QStringLiteral("colorName"));
  m_name->setFont(heading_font());
  column->addWidget(m_name);
  auto* row = new QHBoxLayout;
  row->setSpacing(kGap);
  m_hex = new QLineEdit(box);
  m_hex->setObjectName(QStringLiteral("hex"));
  m_hex->setAccessibleName(tr("Current color as hex"));
  m_hex->setToolTip(tr("Type a color as #rrggbb or #rgb and press Enter"));
  m_hex->setFixedWidth(92);
  auto* copy = new QPushButton(tr("Copy"), box);
  copy->setObjectName(QStringLiteral("copyHex"));
  copy->setToolTip(tr("Copy the color as hex (Ctrl+Shift+C)"));
  row->addWidget(m_hex);
  row->addWidget(copy);
  row->addStretch();
  column->addLayout(row);
  for (QLabel** label : {&m_value, &m_mask}) {
    *label = new QLabel(box);
    (*label)->setFont(caption_font());
    column->addWidget(*label);
  }
  m_mask->setObjectName(QStringLiteral("maskState"));
  connect(m_hex, &QLineEdit::returnPressed, this, &Tray::take_typed_hex);
  connect(m_hex, &QLineEdit::editingFinished, this, &Tray::follow);
  connect(copy, &QPushButton::clicked, this, &Tray::copyHexAsked);
  return box;
}

QWidget* Tray::make_readouts() {
  auto* box = new QWidget(this);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 2, 0, 0);
  grid->setHorizontalSpacing(10);
  grid->setVerticalSpacing(5);
  for (std::size_t i = 0; i < kReadouts.size(); ++i) {
    const auto& [name, space, tip] = kReadouts[i];
    auto* caption = new QLabel(tr(name), box);
    caption->setFont(caption_font());
    auto* field = new QLineEdit(box);
    field->setObjectName(QStringLiteral("readout.") + QLatin1String(name));
    field->setAccessibleName(tr("Current color as %1").arg(tr(name)));
    field->setToolTip(tr(tip));
    field->setFixedWidth(122);
    field->setFrame(false);
    connect(field, &QLineEdit::returnPressed, this,
            [this, field, space = space] { take_typed_readout(*field, space); });
    connect(field, &QLineEdit::editingFinished, this, &Tray::follow);
    m_numbers[i] = field;
    grid->addWidget(caption, static_cast<int>(i), 0);
    grid->addWidget(field, static_cast<int>(i), 1);
  }
  return box;
}

QWidget* Tray::make_set_controls() {
  auto* box = new QWidget(this);
  box->setMinimumWidth(230);
  box->setMaximumWidth(330);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  m_family = new QLabel(box);
  m_family->setFont(caption_font());
  auto* lay = new QPushButton(tr("Lay on the staff"), box);
  lay->setObjectName(QStringLiteral("lay"));
  lay->setToolTip(tr("Lay the current color into the chosen family (Ctrl+L)"));
  connect(lay, &QPushButton::clicked, this, [this] { m_bench.lay_current(); });
  auto* row = new QHBoxLayout;
  row->setSpacing(kGap);
  row->addWidget(lay);
  row->addWidget(m_family, 1);
  column->addLayout(row);
  column->addWidget(new RelationsPanel(m_bench, box));
  column->addStretch();
  return box;
}

/// The readouts give way first where the window is narrow.
void Tray::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  m_readouts->setVisible(width() >= kWidthForReadouts);
}

void Tray::take_typed(QLineEdit& field, const Result<Srgb>& color) {
  field.setModified(false);
  if (color)
    m_bench.take_up(*color);
  else
    emit m_bench.notice(QString::fromStdString(color.error().sentence));
}

void Tray::take_typed_hex() {
  if (m_hex->isModified()) take_typed(*m_hex, parse_color(m_hex->text().toStdString()));
}

void Tray::take_typed_readout(QLineEdit& field, ReadoutSpace space) {
  if (field.isModified()) take_typed(field, color_of_readout(space, field.text().toStdString()));
}

void Tray::show_readouts() {
  for (std::size_t i = 0; i < kReadouts.size(); ++i) {
    QLineEdit& field = *m_numbers[i];
    if (!field.hasFocus() || !field.isModified())
      field.setText(QString::fromStdString(readout_of(kReadouts[i].space, m_bench.session().color)));
  }
}

void Tray::follow() {
  const Session& s = m_bench.session();
  m_name->setText(QString::fromStdString(color_in_words(s.color)));
  if (!m_hex->hasFocus() || !m_hex->isModified()) m_hex->setText(QString::fromStdString(hex_of(s.color)));
  show_readouts();
  m_value->setText(tr("value %1, step %2 of %3")
                       .arg(s.at.v, 0, 'f', 1)
                       .arg(value_step(s.at.v, kValueSteps))
                       .arg(kValueSteps));
  const auto inside = m_bench.in_mask();
  m_mask->setText(!inside                                  ? tr("no mask in use")
                  : *inside                                ? tr("inside the mask")
                  : m_bench.piece().rule == MaskRule::Free ? tr("outside the mask")
                                                           : tr("outside the mask, flagged"));
  m_mask->setFont(inside && !*inside ? heading_font() : caption_font());
  const Family* family = find_family(m_bench.piece(), s.family);
  const QString target =
      family ? tr("into %1").arg(QString::fromStdString(family->name)) : tr("into a new family");
  m_family->setText(QFontMetrics(caption_font()).elidedText(target, Qt::ElideRight, 110));
}

} // namespace zc
