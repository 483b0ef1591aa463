// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/view_menu.h"

#include "app/desks/desk_list.h"
#include "app/theme/interface_size.h"
#include "model/application/app_model.h"
#include "model/i18n/language.h"

namespace zc {

ViewMenu::ViewMenu(AppModel& model, QWidget* parent) : CommandMenu(tr("&View"), parent), m_model(model) {
  for (const DeskFacts& desk : kDeskFacts)
    add_command(QString("desk.%1").arg(static_cast<int>(desk.desk) + 1), name_of(desk), tells_of(desk),
                key_of(desk), [this, &desk] { m_model.viewing().show_desk(desk.desk); });
  addSeparator();
  add_visions();
  auto* kept = add_command("keepReference", tr("&Keep reference in sight"),
                           tr("Show a small reference beside the work at this desk"), QKeySequence(Qt::Key_K),
                           [this] { m_model.viewing().keep_reference(!reference_kept(m_model.session())); });
  kept->setCheckable(true);
  m_model.hear({Part::Desk, Part::Looking}, kept,
               [this, kept] { kept->setChecked(reference_kept(m_model.session())); });
  m_beside = add_command("showCompanion", tr("Show companion &beside the canvas"),
                         tr("Show a small window with wheel, value axis and set, above other programs"),
                         QKeySequence(Qt::Key_B), [this] { emit besideAsked(); });
  m_beside->setCheckable(true);
  auto* watch = add_command("watchCanvas", tr("&Watch canvas on screen"),
                            tr("Choose the part of the screen where you paint; the companion shows what "
                               "strays from the plan there"),
                            QKeySequence(Qt::Key_W),
                            [this] { m_model.watch().on() ? m_model.watch().end() : emit watchAsked(); });
  watch->setCheckable(true);
  const auto follow_watch = [this, watch] { watch->setChecked(m_model.watch().on()); };
  connect(&m_model.watch(), &WatchModel::changed, watch, follow_watch);
  connect(&m_model, &Studio::startedAnew, watch, follow_watch);
  connect(this, &QMenu::aboutToShow, watch, follow_watch);
  add_command("watchCanvasAgain", tr("Watch sa&me part again"),
              tr("Watch the part of the screen that was watched last"), QKeySequence(Qt::SHIFT | Qt::Key_W),
              [this] { emit watchAgainAsked(); });
  m_tray =
      add_command("foldTray", tr("&Fold tray"), tr("Show the current color, wells and Add to set in one row"),
                  {}, [this] { emit foldTrayAsked(m_tray->isChecked()); });
  m_tray->setCheckable(true);
  add_command(
      "movePointerByKeys", tr("Move &pointer by keys"),
      tr("Arrows move a pointer over the view with the focus; Enter clicks, Space takes hold and lets go, "
         "the Menu key opens a menu, Escape ends"),
      QKeySequence(Qt::Key_F7), [this] { emit keyHandAsked(); });
  auto* vivid = add_command("showVividWheel", tr("Show vivi&d wheel"),
                            tr("Show each hue at the value where it is strongest"), {},
                            [this] { m_model.viewing().show_vivid_plan(!m_model.session().vivid_plan); });
  vivid->setCheckable(true);
  m_model.hear({Part::Vivid}, vivid, [this, vivid] { vivid->setChecked(m_model.session().vivid_plan); });
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

void ViewMenu::add_visions() {
  const auto switch_vision = [this](CommandMenu* in, const char* name, ColorVision::Kind vision,
                                    const QString& word, const QString& tip, const QKeySequence& key) {
    auto* action = in->add_command(name, word, tip, key, [this, vision] {
      const ColorVision now = m_model.session().vision;
      m_model.viewing().look_with({now == vision ? ColorVision::Normal : vision, now.severity()});
    });
    action->setCheckable(true);
    m_model.hear({Part::ColorVision}, action,
                 [this, action, vision] { action->setChecked(m_model.session().vision == vision); });
  };
  switch_vision(this, "valuesOnly", ColorVision::Values, tr("Show &values only"),
                tr("Show everything in greys of equal lightness"), QKeySequence(Qt::CTRL | Qt::Key_G));
  auto* vision = add_submenu(tr("&Color vision"));
  switch_vision(vision, "protanopia", ColorVision::Protan, tr("&Protanopia: no cones for long waves"),
                tr("Show everything as eyes without cones for long waves see it"), {});
  switch_vision(vision, "deuteranopia", ColorVision::Deutan, tr("&Deuteranopia: no cones for middle waves"),
                tr("Show everything as eyes without cones for middle waves see it"), {});
  switch_vision(vision, "tritanopia", ColorVision::Tritan, tr("&Tritanopia: no cones for short waves"),
                tr("Show everything as eyes without cones for short waves see it"), {});
  vision->addSeparator();
  for (const int percent : {100, 75, 50, 25}) {
    auto* severity = vision->add_command(
        QStringLiteral("severity.%1").arg(percent), tr("%1 % of the cones missing").arg(percent),
        tr("How much of the kind of cone chosen above is missing"), {}, [this, percent] {
          m_model.viewing().look_with({m_model.session().vision.kind(), percent / 100.0});
        });
    severity->setCheckable(true);
    const auto follow = [this, severity, percent] {
      severity->setChecked(std::lround(100 * m_model.session().vision.severity()) == percent);
    };
    m_model.hear({Part::ColorVision}, severity, follow);
    follow();
  }
}

void ViewMenu::add_sizes(CommandMenu& menu) {
  const auto choice = [this, &menu](const QString& word, const QString& tip, std::optional<int> percent) {
    auto* action =
        menu.add_command(percent ? QStringLiteral("size.%1").arg(*percent) : QStringLiteral("size.desktop"),
                         word, tip, {}, [this, percent] {
                           choose_interface_size(percent);
                           m_model.notice(tr("The new size is used from the next start."));
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
