// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/view_menu.h"

#include "app/desks/desk_list.h"
#include "app/theme/interface_size.h"
#include "model/i18n/language.h"
#include "model/workspace/workspace.h"

namespace zc {

ViewMenu::ViewMenu(Workspace& space, QWidget* parent) : CommandMenu(tr("&View"), parent), m_space(space) {
  for (const DeskFacts& desk : kDeskFacts)
    add_command(QString("desk.%1").arg(static_cast<int>(desk.desk) + 1), name_of(desk), tells_of(desk),
                key_of(desk), [this, &desk] { m_space.viewing().show_desk(desk.desk); });
  addSeparator();
  add_eyes();
  auto* kept = add_command("keepReference", tr("&Keep reference in sight"),
                           tr("Show a small reference beside the work at this desk"), QKeySequence(Qt::Key_K),
                           [this] { m_space.viewing().keep_reference(!reference_kept(m_space.session())); });
  kept->setCheckable(true);
  m_space.hear({Part::Desk, Part::Looking}, kept,
               [this, kept] { kept->setChecked(reference_kept(m_space.session())); });
  m_beside = add_command("showCompanion", tr("Show companion &beside the canvas"),
                         tr("Show a small window with wheel, value axis and set, above other programs"),
                         QKeySequence(Qt::Key_B), [this] { emit besideAsked(); });
  m_beside->setCheckable(true);
  m_tray =
      add_command("foldTray", tr("&Fold tray"), tr("Show the current color, wells and Add to set in one row"),
                  {}, [this] { emit foldTrayAsked(m_tray->isChecked()); });
  m_tray->setCheckable(true);
  auto* vivid = add_command("showVividWheel", tr("Show vivi&d wheel"),
                            tr("Show each hue at the value where it is strongest"), {},
                            [this] { m_space.viewing().show_vivid_plan(!m_space.session().vivid_plan); });
  vivid->setCheckable(true);
  m_space.hear({Part::Vivid}, vivid, [this, vivid] { vivid->setChecked(m_space.session().vivid_plan); });
  m_left_handed = add_command("arrangeForLeftHand", tr("Arrange for left &hand"),
                              tr("Put controls on the left and pictures on the right"), {},
                              [this] { emit leftHandAsked(m_left_handed->isChecked()); });
  m_left_handed->setCheckable(true);
  add_sizes(*add_submenu(tr("Si&ze of text and controls")));
  auto* surrounds = add_submenu(tr("&Surround"));
  for (const Surround s : {Surround::Dark, Surround::Middle, Surround::Light}) {
    auto* one = surrounds->add_command(QStringLiteral("surround.") + surround_name(s),
                                       surround_word(surround_name(s)),
                                       tr("Use the %1 surround").arg(surround_word(surround_name(s))), {},
                                       [this, s] { emit surroundAsked(s); });
    one->setCheckable(true);
    connect(surrounds, &QMenu::aboutToShow, one, [one, s] { one->setChecked(current_surround() == s); });
  }
}

void ViewMenu::add_eyes() {
  const auto switch_eyes = [this](CommandMenu* in, const char* name, Eyes::Kind eyes, const QString& word,
                                  const QString& tip, const QKeySequence& key) {
    auto* action = in->add_command(name, word, tip, key, [this, eyes] {
      const Eyes now = m_space.session().eyes;
      m_space.viewing().look_with({now == eyes ? Eyes::Usual : eyes, now.severity()});
    });
    action->setCheckable(true);
    m_space.hear({Part::Eyes}, action,
                 [this, action, eyes] { action->setChecked(m_space.session().eyes == eyes); });
  };
  switch_eyes(this, "valuesOnly", Eyes::Values, tr("Show &values only"),
              tr("Show everything in greys of equal lightness"), QKeySequence(Qt::CTRL | Qt::Key_G));
  auto* eyes = add_submenu(tr("&Color vision"));
  switch_eyes(eyes, "protanopia", Eyes::Protan, tr("&Protanopia: no cones for long waves"),
              tr("Show everything as eyes without cones for long waves see it"), {});
  switch_eyes(eyes, "deuteranopia", Eyes::Deutan, tr("&Deuteranopia: no cones for middle waves"),
              tr("Show everything as eyes without cones for middle waves see it"), {});
  switch_eyes(eyes, "tritanopia", Eyes::Tritan, tr("&Tritanopia: no cones for short waves"),
              tr("Show everything as eyes without cones for short waves see it"), {});
  eyes->addSeparator();
  for (const int percent : {100, 75, 50, 25}) {
    auto* severity = eyes->add_command(
        QStringLiteral("severity.%1").arg(percent), tr("%1 % of the cones missing").arg(percent),
        tr("How much of the kind of cone chosen above is missing"), {}, [this, percent] {
          m_space.viewing().look_with({m_space.session().eyes.kind(), percent / 100.0});
        });
    severity->setCheckable(true);
    const auto follow = [this, severity, percent] {
      severity->setChecked(std::lround(100 * m_space.session().eyes.severity()) == percent);
    };
    m_space.hear({Part::Eyes}, severity, follow);
    follow();
  }
}

void ViewMenu::add_sizes(CommandMenu& menu) {
  const auto choice = [this, &menu](const QString& word, const QString& tip, std::optional<int> percent) {
    auto* action =
        menu.add_command(percent ? QStringLiteral("size.%1").arg(*percent) : QStringLiteral("size.desktop"),
                         word, tip, {}, [this, percent] {
                           choose_interface_size(percent);
                           m_space.notice(tr("The new size is used from the next start."));
                         });
    action->setCheckable(true);
    connect(&menu, &QMenu::aboutToShow, action,
            [action, percent] { action->setChecked(chosen_interface_size() == percent); });
  };
  choice(tr("As the &desktop's text"), tr("Use the text size of the desktop"), std::nullopt);
  for (const int percent : kInterfaceSizes)
    choice(tr("%1 %").arg(percent),
           (percent < 100 ? tr("Show text at %1 percent, everything else as usual")
                          : tr("Show the whole window at %1 percent"))
               .arg(percent),
           percent);
}

} // namespace zc
