// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/help_menu.h"

#include "app/log/session_log.h"
#include "app/platform/clipboard.h"
#include "app/platform/dialogs.h"
#include "model/session/studio.h"

#include <QApplication>

namespace zc {
namespace {

QString page_of(Desk desk) { return QString::fromStdString(word_for(kDeskWords, desk)); }

} // namespace

HelpMenu::HelpMenu(Studio& model, Dialogs& dialogs, QWidget* parent)
    : CommandMenu(tr("&Help"), parent), m_model(model), m_dialogs(dialogs) {
  add_command("openHandbook", tr("Open &handbook"), tr("Open the handbook at the page of this desk"),
              QKeySequence(Qt::Key_F1), [this] { emit handbookAsked(page_of(m_model.session().desk)); });
  add_command("showOrderOfWork", tr("Show &order of work"), tr("The first page of the handbook"), {},
              [this] { emit handbookAsked(QStringLiteral("index")); });
  add_command("showAllShortcuts", tr("Show all &shortcuts"), tr("All commands with their keys"), {},
              [this] { emit handbookAsked(QStringLiteral("keys")); });
  add_command("showFirstSteps", tr("Show &first steps"),
              tr("Show the list of first steps, from the beginning"), {}, [this] { emit stepsAsked(); });
  addSeparator();
  add_command("copyDetailsForReport", tr("Copy &details for a report"),
              tr("Copy versions, screens and what the program did lately. Your pieces are not part of it."),
              {}, [this] {
                put_on_clipboard(session_log::details());
                m_model.notice(tr("The details were copied. Your pieces are not part of them."));
              });
  add_command("aboutZonachrom", tr("&About Zonachrom"), tr("What this program is"), {}, [this] {
    m_dialogs.show_about(parentWidget(),
                         tr("Zonachrom %1\n\nA desk for planning a limited palette: gamut masks over a "
                            "hue wheel, colors picked at true lightness, value-graded swatch sets.")
                             .arg(QApplication::applicationVersion()));
  });
}

} // namespace zc
