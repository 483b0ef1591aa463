// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/view_menu.h"

#include "app/desks/desk_list.h"
#include "app/theme/interface_size.h"
#include "model/i18n/language.h"
#include "model/workspace/workspace.h"

namespace zc {

ViewMenu::ViewMenu(Workspace& space, QWidget* parent) : CommandMenu(tr("&View"), parent), m_space(space) {
  for (const DeskFacts& desk : kDeskFacts)
    add_command(name_of(desk), tells_of(desk), key_of(desk),
                [this, &desk] { m_space.viewing().show_desk(desk.desk); });
  addSeparator();
  add_eyes();
  auto* kept = add_command(tr("&Keep the reference in sight"),
                           tr("A small reference beside the work of this desk"), QKeySequence(Qt::Key_K),
                           [this] { m_space.viewing().keep_reference(!reference_kept(m_space.session())); });
  kept->setCheckable(true);
  m_space.hear({Part::Desk, Part::Looking}, kept,
               [this, kept] { kept->setChecked(reference_kept(m_space.session())); });
  m_beside = add_command(tr("&Beside the canvas"),
                         tr("A small window with plan, axis and set, above other programs"),
                         QKeySequence(Qt::Key_B), [this] { emit besideAsked(); });
  m_beside->setCheckable(true);
  auto* vivid = add_command(tr("Vivi&d plan"), tr("Each hue at the value where it is strongest"), {},
                            [this] { m_space.viewing().show_vivid_plan(!m_space.session().vivid_plan); });
  vivid->setCheckable(true);
  m_space.hear({Part::Vivid}, vivid, [this, vivid] { vivid->setChecked(m_space.session().vivid_plan); });
  m_left_handed = add_command(tr("For the left &hand"),
                              tr("What is reached for on the left, what is looked at on the right"), {},
                              [this] { emit leftHandAsked(m_left_handed->isChecked()); });
  m_left_handed->setCheckable(true);
  add_sizes(*add_submenu(tr("Si&ze of words and controls")));
  auto* surrounds = add_submenu(tr("&Surround"));
  for (const Surround s : {Surround::Dark, Surround::Middle, Surround::Light})
    surrounds->add_command(surround_word(surround_name(s)),
                           tr("Use the %1 surround").arg(surround_word(surround_name(s))), {},
                           [this, s] { emit surroundAsked(s); });
}

void ViewMenu::add_eyes() {
  const auto switch_eyes = [this](CommandMenu* in, Eyes::Kind eyes, const QString& word, const QString& tip,
                                  const QKeySequence& key) {
    auto* action = in->add_command(word, tip, key, [this, eyes] {
      const Eyes now = m_space.session().eyes;
      m_space.viewing().look_with({now == eyes ? Eyes::Usual : eyes, now.severity()});
    });
    action->setCheckable(true);
    m_space.hear({Part::Eyes}, action,
                 [this, action, eyes] { action->setChecked(m_space.session().eyes == eyes); });
  };
  switch_eyes(this, Eyes::Values, tr("&Values only"), tr("Show everything in greys of equal lightness"),
              QKeySequence(Qt::CTRL | Qt::Key_G));
  auto* eyes = add_submenu(tr("With other &eyes"));
  switch_eyes(eyes, Eyes::Protan, tr("&Protan: no cones for long waves"),
              tr("Show everything as eyes without cones for long waves see it"), {});
  switch_eyes(eyes, Eyes::Deutan, tr("&Deutan: no cones for middle waves"),
              tr("Show everything as eyes without cones for middle waves see it"), {});
  switch_eyes(eyes, Eyes::Tritan, tr("&Tritan: no cones for short waves"),
              tr("Show everything as eyes without cones for short waves see it"), {});
  eyes->addSeparator();
  for (const int percent : {100, 75, 50, 25}) {
    auto* severity =
        eyes->add_command(tr("%1 % of the cones missing").arg(percent),
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
    auto* action = menu.add_command(word, tip, {}, [this, percent] {
      choose_interface_size(percent);
      m_space.notice(tr("The size is used from the next start on."));
    });
    action->setCheckable(true);
    connect(&menu, &QMenu::aboutToShow, action,
            [action, percent] { action->setChecked(chosen_interface_size() == percent); });
  };
  choice(tr("As the &desktop's text"), tr("As large as the desktop shows its words"), std::nullopt);
  for (const int percent : kInterfaceSizes)
    choice(
        tr("%1 %").arg(percent),
        (percent < 100 ? tr("Words at %1 percent, all else as usual") : tr("All of the window at %1 percent"))
            .arg(percent),
        percent);
}

} // namespace zc
