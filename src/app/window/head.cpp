// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/head.h"

#include "app/controls/controls.h"
#include "app/desks/desk_list.h"
#include "app/theme/theme.h"
#include "core/piece/edits.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>

namespace zc {
namespace {

constexpr int kBetweenDesks = 12, kTightDesks = 960;
constexpr int kRoomyHead = 1200, kTightHead = 1090, kNarrowTitle = 170, kWideTitle = 300, kLeastTitle = 60;

/// While nobody edits it, a title that is cut says so.
class TitleField final : public QLineEdit {
public:
  using QLineEdit::QLineEdit;

protected:
  void paintEvent(QPaintEvent* event) override {
    const QString whole = text();
    const QString shown = fontMetrics().elidedText(whole, Qt::ElideRight, width() - 6);
    if (hasFocus() || shown == whole) return QLineEdit::paintEvent(event);
    QPainter painter(this);
    painter.setPen(palette().color(QPalette::Text));
    painter.drawText(rect().adjusted(2, 0, -2, 0), Qt::AlignVCenter | Qt::AlignLeft, shown);
  }
};

} // namespace

Head::Head(Studio& model, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_title(new TitleField(this)),
      m_state(new QLabel(this)), m_card(new WordControl(ControlKind::Opener, tr("Details"), this)) {
  setFixedHeight(46);
  setAutoFillBackground(true);
  auto* left = new QHBoxLayout;
  left->setSpacing(kGap);
  m_title->setObjectName(QStringLiteral("title"));
  m_title->setAccessibleName(tr("Title of the piece"));
  m_title->setToolTip(tr("The title of the piece; click to edit it"));
  m_title->setFont(title_font());
  m_title->setFrame(false);
  // Only this role is set, so that the others go on following the surround.
  QPalette clear;
  clear.setColor(QPalette::Base, Qt::transparent);
  m_title->setPalette(clear);
  m_state->setObjectName(QStringLiteral("state"));
  m_state->setFont(caption_font());
  m_card->setObjectName(QStringLiteral("openCard"));
  m_card->setCheckable(true);
  m_card->setToolTip(tr("Show title, description, date and signature of the piece"));
  connect(m_card, &QAbstractButton::clicked, this, &Head::cardAsked);
  left->addWidget(m_title);
  left->addWidget(m_card);
  left->addWidget(m_state);
  left->addStretch();

  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin - 2, 0, kMargin - 6, 0);
  row->setSpacing(kMargin);
  row->addLayout(left, 1);
  m_desks = make_desks();
  m_views = make_views();
  row->addWidget(m_desks);
  row->addWidget(m_views, 1, Qt::AlignRight);

  connect(m_title, &QLineEdit::editingFinished, this, [this] {
    if (m_title->isModified())
      m_model.store().apply(tr("Change title"), [this](Piece p) {
        return with_title(std::move(p), m_title->text().toStdString());
      });
    m_title->setModified(false);
    follow();
  });
  connect(m_title, &QLineEdit::returnPressed, m_title, &QWidget::clearFocus);
  leave_by_escape(*m_title, [this] { follow(); });
  connect(m_title, &QLineEdit::textChanged, this, &Head::fit_title);
  model.hear({Part::Words}, this, &Head::follow);
  follow();
}

/// As wide as it is, as long as the desks and the views keep their room. In a small window the star beside
/// the window's own title has to do for the state.
void Head::fit_title() {
  m_desks->layout()->setSpacing(width() < kTightDesks ? 2 : kBetweenDesks);
  // In languages with longer words the title gives way too.
  const int room = width() - 4 * kMargin - m_desks->sizeHint().width() - m_views->sizeHint().width() -
                   m_card->sizeHint().width() - kGap;
  const int widest = width() < kTightHead   ? kNarrowTitle - 50
                     : width() < kRoomyHead ? kNarrowTitle
                                            : kWideTitle;
  const int wanted = QFontMetrics(title_font()).horizontalAdvance(m_title->text()) + 16;
  const int title = std::clamp(std::min(wanted, room), kLeastTitle, widest);
  m_title->setFixedWidth(title);
  m_state->setVisible(width() >= kTightHead && room - title >= m_state->sizeHint().width() + kGap);
}

void Head::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  fit_title();
}

QWidget* Head::make_desks() {
  auto* box = new QWidget(this);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(kBetweenDesks);
  auto* group = new QButtonGroup(this);
  for (const DeskFacts& desk : kDeskFacts) {
    auto* button = word_tab(
        QString::fromStdString("desk." + word_for(kDeskWords, desk.desk)),
        name_of(desk).remove(QLatin1Char('&')),
        QStringLiteral("%1 (%2)").arg(tells_of(desk), key_of(desk).toString(QKeySequence::NativeText)), box);
    group->addButton(button);
    row->addWidget(button);
    connect(button, &QAbstractButton::clicked, this, [this, &desk] { m_viewing.show_desk(desk.desk); });
    const auto show = [this, button, &desk] { button->setChecked(m_model.session().desk == desk.desk); };
    m_model.hear({Part::Desk}, button, show);
    show();
  }
  return box;
}

QWidget* Head::make_views() {
  auto* box = new QWidget(this);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(2);
  auto* values = word_switch(QStringLiteral("valuesOnly"), tr("values only"),
                             tr("Show everything in greys of equal lightness (Ctrl+G)"), box);
  connect(values, &QAbstractButton::clicked, this,
          [this](bool on) { m_viewing.look_with(on ? ColorVision::Values : ColorVision::Normal); });
  // With other eyes the button says so, so that nobody takes what is seen for the colors; a press ends it.
  m_model.hear({Part::ColorVision}, values, [this, values] {
    const ColorVision vision = m_model.session().vision;
    values->setText(color_vision_word(vision == ColorVision::Normal ? ColorVision::Values : vision));
    values->setToolTip(
        vision == ColorVision::Normal || vision == ColorVision::Values
            ? tr("Show everything in greys of equal lightness (Ctrl+G)")
            : tr("All colors are shown as with this color vision. Press for normal color vision."));
    values->setChecked(vision != ColorVision::Normal);
  });
  auto* reference = word_switch(QStringLiteral("keepReference"), tr("reference"),
                                tr("Keep a small reference in sight at this desk (K)"), box);
  connect(reference, &QAbstractButton::clicked, &m_viewing, &Viewing::keep_reference);
  const auto follow_reference = [this, reference] {
    const Desk desk = m_model.session().desk;
    reference->setVisible(desk != Desk::Observe && desk != Desk::Try); // Where it takes the stage.
    reference->setChecked(reference_kept(m_model.session()));
  };
  m_model.hear({Part::Desk, Part::Looking}, reference, follow_reference);
  follow_reference();
  row->addWidget(reference);
  row->addWidget(values);
  m_beside =
      word_opener(QStringLiteral("beside"), tr("Beside the canvas"),
                  tr("Open the companion: a small window beside your canvas, above other programs (B)"), box);
  m_beside->setCheckable(true);
  connect(m_beside, &QAbstractButton::clicked, this, &Head::besideAsked);
  row->insertWidget(0, m_beside);
  return box;
}

void Head::show_beside(bool shown) { m_beside->setChecked(shown); }

void Head::show_card_open(bool open) { m_card->setChecked(open); }

void Head::set_state_words(const QString& words) {
  m_state->setText(words);
  fit_title();
}

void Head::follow() {
  if (m_title->hasFocus() && m_title->isModified()) return;
  const QString title = QString::fromStdString(m_model.piece().title);
  if (m_title->text() == title) return;
  m_title->setText(title);
  m_title->setToolTip(tr("%1. Click to edit the title.").arg(title));
  m_title->setCursorPosition(0);
}

} // namespace zc
