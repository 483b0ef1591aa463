// SPDX-License-Identifier: GPL-3.0-or-later
// The window in other languages: every one of ours is complete and keeps what stands for numbers and names;
// nothing that the window says is left in English; with words two fifths longer than ours nothing is cut;
// colors are named by each language's rule; either decimal mark is read.
#include "app/controls/controls.h"
#include "app/controls/notice_bar.h"
#include "app/controls/number_field.h"
#include "app/desk.h"
#include "app/handbook/handbook.h"
#include "app/menus/command_menu.h"
#include "app/menus/mnemonics.h"
#include "app/program/beside.h"
#include "app/window/stage_area.h"
#include "core/base/sentences.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"
#include "model/i18n/language.h"
#include "model/i18n/shared_files.h"
#include "model/i18n/text.h"
#include "model/share/share_model.h"

#include <QDir>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QPaintEngine>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollBar>
#include <QTranslator>

#include <algorithm>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

/// Every word two fifths longer, its numbers and letters of the keyboard kept.
class LongWords final : public QTranslator {
public:
  [[nodiscard]] QString translate(const char*, const char* source, const char*, int) const override {
    const QString words = QString::fromUtf8(source);
    const QString letters = QString(words).remove(QLatin1Char('&'));
    // Rules and file names are no words.
    if (letters.startsWith(QLatin1Char('%')) && letters.size() < 3) return words;
    return words + QString(static_cast<qsizetype>(std::ceil(0.4 * static_cast<double>(letters.size()))),
                           QChar(0x00f6));
  }
  [[nodiscard]] bool isEmpty() const override { return false; }
};

/// What a button or a label says and has no room for; also that the stage has bars to find it with.
QStringList cut_words(QWidget& window, const QString& where) {
  QStringList out;
  const auto& stage = *window.findChild<StageArea*>();
  if (stage.horizontalScrollBar()->isVisible())
    out << where +
               QString(": the stage is scrolled sideways by %1").arg(stage.horizontalScrollBar()->maximum());
  if (stage.verticalScrollBar()->isVisible())
    out << where +
               QString(": the stage is scrolled up and down by %1").arg(stage.verticalScrollBar()->maximum());
  for (auto* w : window.findChildren<QWidget*>()) {
    if (!w->isVisible()) continue;
    if (const auto* line = qobject_cast<NumberField*>(w)) {
      const int needed = line->fontMetrics().horizontalAdvance(line->text()) + 4;
      if (line->width() < needed)
        out << QStringLiteral("%1: field %2 \"%3\" has %4 of %5")
                   .arg(where, w->objectName(), line->text())
                   .arg(line->width())
                   .arg(needed);
      continue;
    }
    const auto* label = qobject_cast<QLabel*>(w);
    const bool button = qobject_cast<WordControl*>(w) || qobject_cast<QPushButton*>(w);
    const bool fixed_label =
        label && !label->wordWrap() && !qobject_cast<ElidedLabel*>(w) && label->pixmap().isNull();
    if (!button && !fixed_label) continue;
    // A toolkit's button likes to be wide; what it says must fit.
    const auto* push = qobject_cast<const QPushButton*>(w);
    const int needed = push ? push->fontMetrics().horizontalAdvance(QString(push->text()).remove('&')) + 8
                            : w->sizeHint().width();
    if (w->width() + 1 < needed)
      out << QStringLiteral("%1: %2 %3 \"%4\" has %5 of %6")
                 .arg(where, w->metaObject()->className(), w->objectName(),
                      label ? label->text() : qobject_cast<QAbstractButton*>(w)->text())
                 .arg(w->width())
                 .arg(needed);
  }
  return out;
}

constexpr std::tuple<Desk, SetView, ShareView> kPlaces[] = {
    {Desk::Observe, SetView::Staff, ShareView::Sheet},  {Desk::Limit, SetView::Staff, ShareView::Sheet},
    {Desk::Pick, SetView::Staff, ShareView::Sheet},     {Desk::Grade, SetView::Staff, ShareView::Sheet},
    {Desk::Grade, SetView::Rows, ShareView::Sheet},     {Desk::Grade, SetView::List, ShareView::Sheet},
    {Desk::Grade, SetView::Versions, ShareView::Sheet}, {Desk::Try, SetView::Staff, ShareView::Sheet},
    {Desk::Share, SetView::Staff, ShareView::Sheet},    {Desk::Share, SetView::Staff, ShareView::Press},
    {Desk::Share, SetView::Staff, ShareView::Files},    {Desk::Share, SetView::Staff, ShareView::Plan},
    {Desk::Share, SetView::Staff, ShareView::Parcel}};

void go_to(DeskTop& desk, Desk place, SetView set_view, ShareView share_view) {
  desk.model().viewing().show_set_view(set_view);
  Sharing sharing = desk.session().sharing;
  sharing.view = share_view;
  desk.model().viewing().share(sharing);
  desk.model().viewing().show_desk(place);
  QTest::qWait(30);
}

/// Stands where a screen would, and hears the words that are painted.
class Listening final : public QPaintDevice {
public:
  explicit Listening(QSize size) : m_size(size) {}
  [[nodiscard]] QPaintEngine* paintEngine() const override { return &m_ear; }
  [[nodiscard]] QStringList heard() const { return m_ear.heard; }

protected:
  [[nodiscard]] int metric(PaintDeviceMetric asked) const override {
    switch (asked) {
    case PdmWidth:
      return m_size.width();
    case PdmHeight:
      return m_size.height();
    case PdmWidthMM:
      return m_size.width() / 4;
    case PdmHeightMM:
      return m_size.height() / 4;
    case PdmNumColors:
      return 1 << 24;
    case PdmDepth:
      return 32;
    case PdmDevicePixelRatio:
      return 1;
    case PdmDevicePixelRatioScaled:
      return static_cast<int>(devicePixelRatioFScale());
    default:
      return 96; // Dots an inch.
    }
  }

private:
  class Ear final : public QPaintEngine {
  public:
    Ear() : QPaintEngine(AllFeatures) {}
    bool begin(QPaintDevice*) override { return true; }
    bool end() override { return true; }
    void updateState(const QPaintEngineState&) override {}
    void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
    void drawImage(const QRectF&, const QImage&, const QRectF&, Qt::ImageConversionFlags) override {}
    void drawPath(const QPainterPath&) override {}
    void drawPolygon(const QPointF*, int, PolygonDrawMode) override {}
    void drawTextItem(const QPointF&, const QTextItem& item) override { heard << item.text(); }
    [[nodiscard]] Type type() const override { return User; }
    QStringList heard;
  };
  QSize m_size;
  mutable Ear m_ear;
};

/// All that the parts and commands of a window say, seen or not, and what is painted in it.
QSet<QString> said_by(QWidget& window) {
  QSet<QString> out;
  const auto hear = [&out](const QString& words) {
    out << QString(words).remove(QLatin1Char('&')).simplified();
  };
  for (const auto* w : window.findChildren<QWidget*>()) {
    for (const QString& words : {w->toolTip(), w->accessibleName(), w->accessibleDescription()}) hear(words);
    if (const auto* label = qobject_cast<const QLabel*>(w)) hear(label->text());
    if (const auto* button = qobject_cast<const QAbstractButton*>(w)) hear(button->text());
    if (const auto* line = qobject_cast<const QLineEdit*>(w)) hear(line->placeholderText());
    if (const auto* list = qobject_cast<const QComboBox*>(w))
      for (int i = 0; i < list->count(); ++i) hear(list->itemText(i));
  }
  for (const auto* action : window.findChildren<QAction*>())
    for (const QString& words : {action->text(), action->toolTip()}) hear(words);
  Listening screen(window.size());
  window.render(&screen);
  for (const QString& words : screen.heard()) hear(words);
  return out;
}

/// What the user has called things.
QStringList words_of_the_painter(const Piece& piece) {
  QStringList out{text(piece.title), text(piece.words), text(piece.signature),
                  text(piece.signature) + ", " + text(piece.date)};
  for (const Reference& reference : piece.references) out << text(reference.name);
  for (const SwatchSet& set : piece.sets) {
    out << text(set.name);
    for (const SetVersion& version : set.versions) out << text(version.name);
    for (const Family& family : set.families) {
      out << text(family.name);
      for (const Swatch& s : family.swatches) out << text(s.name) << text(hex_of(s.color));
    }
  }
  for (const PalettePaint& paint : piece.paints) out << text(paint.name);
  return out;
}

/// What a sheet says of its own, beside what the user has called things.
QSet<QString> said_by(const Sheet& sheet, const Piece& piece) {
  const QString painters = words_of_the_painter(piece).join('\n');
  QSet<QString> out;
  for (const SheetPage& page : sheet.pages)
    for (const SheetText& line : page.texts)
      if (!painters.contains(text(line.words).remove(QChar(0x2026)).trimmed())) out << text(line.words);
  return out;
}

constexpr std::pair<Desk, const char*> kPages[] = {
    {Desk::Observe, "takeColors"}, {Desk::Limit, "page.areas"}, {Desk::Limit, "page.reference"},
    {Desk::Limit, "page.shelf"},   {Desk::Pick, "page.ramp"},   {Desk::Pick, "page.mixing"},
    {Desk::Pick, "page.paints"},   {Desk::Pick, "page.steps"},  {Desk::Grade, "page.report"},
    {Desk::Grade, "page.change"},  {Desk::Grade, "page.sets"},  {Desk::Try, "try.check"},
    {Desk::Try, "try.follow"}};

/// Whether this is one of the words, also cut where there was no room for it.
bool is_of(const QStringList& words, const QString& said) {
  const QStringList parts = said.split(QChar(0x2026));
  if (parts.size() != 2) return words.contains(said);
  return std::ranges::any_of(words, [&](const QString& word) {
    return word.size() >= said.size() && word.startsWith(parts[0]) && word.endsWith(parts[1]);
  });
}

QSet<QString> said_everywhere() {
  QSet<QString> out;
  const auto desk = std::make_unique<DeskTop>();
  if (!desk->open_demo()) return out;
  for (const auto& [place, set_view, share_view] : kPlaces) {
    go_to(*desk, place, set_view, share_view);
    out += said_by(desk->window);
  }
  for (const auto& [place, page] : kPages) {
    go_to(*desk, place, SetView::Staff, ShareView::Sheet);
    desk->part<QAbstractButton>(page).click();
    out += said_by(desk->window);
  }
  out += said_by(*desk->model().share_model().sheet(), desk->piece());
  for (const CompanionShape shape : {CompanionShape::Column, CompanionShape::Strip}) {
    desk->program.beside.show(shape);
    QTest::qWait(30);
    out += said_by(*desk->program.beside.companion());
  }
  desk->program.beside.end();
  desk->window.offer_first_start();
  QTest::qWait(30);
  return out + said_by(desk->window);
}

} // namespace

class LanguagesTask : public QObject {
  Q_OBJECT
private slots:
  void cleanup() { speak(QLocale::c()); }
  void every_language_is_loaded_and_left();
  void colors_are_named_by_rule();
  void sentences_keep_the_painters_names();
  void every_sentence_is_said_in_every_language();
  void nothing_is_left_in_english_data();
  void nothing_is_left_in_english();
  void every_key_is_told_data();
  void every_key_is_told();
  void every_menu_has_its_letters_data();
  void every_menu_has_its_letters();
  void nothing_is_cut_data();
  void nothing_is_cut();
  void swatches_and_numbers_are_told_in_the_language();
  void either_decimal_mark_is_read();
};

void LanguagesTask::every_language_is_loaded_and_left() {
  const QStringList files = QDir(shared_file("translations")).entryList({"zonachrom_*.qm"});
  QCOMPARE(files.size(), 2);
  QVERIFY(speak(QLocale("es_MX")));
  {
    const auto desk = new_piece_at(Desk::Pick);
    QCOMPARE(desk->part<WordControl>("valuesOnly").text(), QString("solo valores"));
    desk->trigger("selectAll");
  }
  QVERIFY(speak(QLocale("de_AT")));
  QCOMPARE(color_vision_word(ColorVision::Values), QString("nur Tonwerte"));
  QVERIFY(!speak(QLocale("fr_FR")));
  QCOMPARE(color_vision_word(ColorVision::Values), QString("values only"));
}

/// What is ours within a sentence is translated, what stands between quotes is not.
void LanguagesTask::sentences_keep_the_painters_names() {
  QVERIFY(speak(QLocale("de")));
  const std::pair<Saying, const char*> all[] = {
      {say(Sentence::NoSuchPart, Term{"mask point"}), "Nicht mehr im Werk: Maskenpunkt."},
      {say(Sentence::FamilyNameTaken, "set"),
       "Der Satz hat schon eine Familie namens \"set\"; bitte einen anderen Namen wählen."},
      {say(Sentence::ManyLocked, "50%2", 3), "\"50%2\" und 3 weitere sind gesperrt; zuerst freigeben."},
      {say(Sentence::PatternLacksField, "value"),
       "Mit diesem Muster lässt sich keine Farbe zurücklesen: {value} fehlt."},
      {say(Sentence::NumberRange, Term{"HSV"}, Term{"hue"}, "0", "360"), "HSV Farbton geht von 0 bis 360."},
      {say(Sentence::NotRead, "dusk.json", say(Sentence::JsonBroken, "byte 7")),
       "\"dusk.json\" wurde nicht importiert. Das JSON ist bei byte 7 beschädigt."},
      {say(Sentence::NotSaved, "a", Saying(Sentence::MayNotWrite)),
       "\"a\" wurde nicht gespeichert: dort fehlt das Recht zu schreiben. Anderswo speichern oder Platz "
       "schaffen."}};
  for (const auto& [said, german] : all) QCOMPARE(sentence(said), QString::fromUtf8(german));
  QCOMPARE(sentence(as_said("Something new happened.")), QString("Something new happened."));
}

/// As a window that speaks English says it, so does a command.
void LanguagesTask::every_sentence_is_said_in_every_language() {
  for (const char* language : {"de", "es"}) {
    QVERIFY(speak(QLocale(QLatin1String(language))));
    for (int i = 1; i < kSentences; ++i) {
      const auto id = static_cast<Sentence>(i);
      if (id == Sentence::FileSays) continue; // Nothing but what stands in it.
      std::vector<Argument> with;
      for (const char* name : {"ONE", "TWO", "THREE", "FOUR"})
        if (QByteArray(english(id)).contains(QByteArray("%") + QByteArray::number(int(with.size()) + 1)))
          with.emplace_back(name);
      const QString said = sentence({id, with});
      for (const Argument& name : with)
        QVERIFY2(said.contains(QString::fromStdString(name.text())), english(id));
      QVERIFY2(!said.contains(QLatin1String("%1")) && said != QString::fromStdString(in_english({id, with})),
               english(id));
    }
  }
  QVERIFY(!speak(QLocale("fr")));
  QCOMPARE(sentence(say(Sentence::NoText, "a")).toStdString(), in_english(say(Sentence::NoText, "a")));
}

void LanguagesTask::colors_are_named_by_rule() {
  const Srgb orange{0.81, 0.52, 0.31}, night{0.05, 0.07, 0.2}, grey{0.5, 0.5, 0.5};
  std::set<QString> english;
  for (const Srgb c : {orange, night, grey}) english.insert(color_name(c));
  QVERIFY(english.contains("grey"));
  QVERIFY(speak(QLocale("es")));
  QCOMPARE(color_name(grey), QString("gris"));
  // The hue leads, what is said of it follows.
  QVERIFY2(color_name(orange).startsWith("naranja ") || color_name(orange).startsWith("rojo anaranjado ") ||
               color_name(orange).startsWith("amarillo anaranjado "),
           qPrintable(color_name(orange)));
  QVERIFY(speak(QLocale("de")));
  QCOMPARE(color_name(grey), QString("Grau"));
  // What is said of it agrees with it and leads.
  for (const Srgb c : {orange, night}) {
    const QStringList parts = color_name(c).split(' ');
    QVERIFY(parts.last().front().isUpper());
    for (const QString& part : parts.mid(0, parts.size() - 1))
      QVERIFY2(part.endsWith("es") || part == "sehr", qPrintable(color_name(c)));
  }
  // So is what becomes the user's.
  const auto desk = demo_at(Desk::Pick);
  desk->model().picking().use_color(orange);
  desk->trigger("addAsPaint");
  QCOMPARE(text(desk->piece().paints[desk->piece().paints.size() - 1].name), color_name(orange));
}

void LanguagesTask::nothing_is_left_in_english_data() {
  QTest::addColumn<QString>("language");
  for (const char* language : {"es", "de"}) QTest::newRow(language) << language;
}

void LanguagesTask::nothing_is_left_in_english() {
  QFETCH(QString, language);
  const QSet<QString> english = said_everywhere();
  QVERIFY(speak(QLocale(language)));
  QStringList left = (said_everywhere() & english).values();
  // Numbers, what the demo's user called things, and what is called so in all of our languages.
  static const QSet<QString> same{"#hex",
                                  "Color",
                                  "CxF (ISO 17972-1)",
                                  "Design tokens",
                                  "CIELAB",
                                  "OKLab",
                                  "HSL",
                                  "HSV",
                                  "LCh",
                                  "Monitor",
                                  "sector",
                                  "Name",
                                  "OKLab: OKLab",
                                  "RGB",
                                  "css",
                                  "hex",
                                  "Hex",
                                  "Code",
                                  "color",
                                  "neutral",
                                  "usual",
                                  "{hex} {name}",
                                  "Stand-in press, coated paper"};
  const QStringList painters = words_of_the_painter(demo_at(Desk::Pick)->piece());
  left.removeIf([&painters](const QString& said) {
    static const QRegularExpression a_word("[a-zA-Z]{3}"), counted(", \\d+$"), a_line("^[0-9a-f]{6} ");
    return same.contains(said) || said.contains(a_line) || is_of(painters, QString(said).remove(counted)) ||
           !said.contains(a_word);
  });
  left.sort();
  QVERIFY2(left.isEmpty(), qPrintable(left.join('\n')));
  // What is laid is called as the button is.
  const auto desk = demo_at(Desk::Limit);
  auto& triad = desk->part<QAbstractButton>("pattern.triad");
  triad.click();
  QCOMPARE(text(desk->piece().mask->name), triad.text());
  QVERIFY(triad.text() != "triad");
}

void LanguagesTask::every_key_is_told_data() { nothing_is_left_in_english_data(); }

/// The page that comes as a file says the same as the window.
void LanguagesTask::every_key_is_told() {
  QFETCH(QString, language);
  QVERIFY(speak(QLocale(language)));
  const auto desk = new_piece_at(Desk::Pick);
  QFile file(shared_file("handbook/" + language + "/keys.html"));
  QVERIFY(file.open(QIODevice::ReadOnly));
  const QString kept = QString::fromUtf8(file.readAll());
  const QString made = with_commands(kept, commands_as_html(*desk->window.menuBar()));
  if (made != kept) {
    QFile out(QStringLiteral(PROGRAM_FOLDER "/../keys-%1.html").arg(language));
    QVERIFY(out.open(QIODevice::WriteOnly));
    out.write(made.toUtf8());
  }
  QVERIFY2(made == kept,
           qPrintable("docs/handbook/" + language + "/keys.html is old; the new one lies as keys-" +
                      language + ".html in the build folder"));
}

void LanguagesTask::every_menu_has_its_letters_data() {
  QTest::addColumn<QString>("language");
  for (const char* language : {"en", "es", "de"}) QTest::newRow(language) << language;
}

/// No letter opens or chooses two things.
void LanguagesTask::every_menu_has_its_letters() {
  QFETCH(QString, language);
  if (language != "en") QVERIFY(speak(QLocale(language)));
  QCOMPARE(with_mnemonics({"&Save", "&Start", "Save && start", "x"}, "x"),
           (QStringList{"&Save", "S&tart", "S&ave && start", "x"}));
  // The first gives its letter up to the one that has no other.
  QCOMPARE(with_mnemonics({"ab", "a"}, {}), (QStringList{"a&b", "&a"}));
  DeskTop desk;
  const auto letters_of = [](const QList<QAction*>& actions) {
    QString out;
    for (const auto* action : actions) {
      const qsizetype at = action->text().replace("&&", "").indexOf('&');
      if (action->isVisible() && at >= 0) out += action->text().replace("&&", "")[at + 1].toLower();
    }
    return out;
  };
  const auto unique = [](const QString& letters) {
    return std::set<QChar>(letters.begin(), letters.end()).size() == static_cast<std::size_t>(letters.size());
  };
  int marked = 0, entries = 0;
  for (const auto& desk_word : kDeskWords) {
    desk.model().viewing().show_desk(desk_word.value);
    const QString bar = letters_of(desk.window.menuBar()->actions());
    QVERIFY2(unique(bar) && bar.size() == 5, qPrintable(bar));
  }
  for (auto* menu : desk.window.menuBar()->findChildren<QMenu*>() + desk.window.findChildren<QMenu*>()) {
    if (!qobject_cast<CommandMenu*>(menu)) continue;
    emit menu->aboutToShow();
    const QString letters = letters_of(menu->actions());
    QVERIFY2(unique(letters), qPrintable(menu->title() + ": " + letters));
    marked += static_cast<int>(letters.size());
    for (const auto* action : menu->actions()) entries += action->isVisible() && !action->isSeparator();
  }
  QVERIFY2(marked > 0.95 * entries, qPrintable(QStringLiteral("%1 of %2").arg(marked).arg(entries)));
}

void LanguagesTask::nothing_is_cut_data() {
  QTest::addColumn<QString>("language");
  for (const char* language : {"en", "es", "de", "longer"}) QTest::newRow(language) << language;
}

void LanguagesTask::nothing_is_cut() {
  QFETCH(QString, language);
  LongWords longer;
  if (language == "longer") QCoreApplication::installTranslator(&longer);
  if (language == "es" || language == "de") QVERIFY(speak(QLocale(language)));
  QStringList cut;
  {
    const auto desk = std::make_unique<DeskTop>();
    QVERIFY(desk->open_demo());
    desk->window.resize(1280, 776); // With a frame around it on a small screen.
    desk->window.notice().tell(QStringLiteral("A sentence"));
    for (const auto& [place, set_view, share_view] : kPlaces) {
      go_to(*desk, place, set_view, share_view);
      cut += cut_words(desk->window, QStringLiteral("%1/%2/%3")
                                         .arg(static_cast<int>(place))
                                         .arg(static_cast<int>(set_view))
                                         .arg(static_cast<int>(share_view)));
    }
    for (const auto& [place, page] : kPages) {
      go_to(*desk, place, SetView::Staff, ShareView::Sheet);
      desk->part<QAbstractButton>(page).click();
      QTest::qWait(30);
      cut += cut_words(desk->window, page);
    }
  }
  QCoreApplication::removeTranslator(&longer);
  cut.removeDuplicates();
  QVERIFY2(cut.isEmpty(), qPrintable(QStringLiteral("%1\n%2").arg(cut.size()).arg(cut.join('\n'))));
}

/// Short, in the language of the window, and never the same twice; numbers as its words are.
void LanguagesTask::swatches_and_numbers_are_told_in_the_language() {
  const Srgb orange{0.85, 0.5, 0.2};
  for (const char* language : {"de", "es"}) {
    QVERIFY(speak(QLocale(language)));
    QCOMPARE(number(2.5, 1), QString("2,5"));
    const auto desk = new_piece_at(Desk::Pick);
    desk->model().picking().use_color(orange);
    desk->model().laying().lay_current();
    desk->model().laying().lay_current();
    const auto& laid = current_set(desk->piece())->families[0].swatches;
    QCOMPARE(text(laid[0].name), swatch_name(orange));
    QVERIFY(laid[0].name != short_color_name(orange) && laid[1].name != laid[0].name);
    QVERIFY(laid[0].name.ends_with(" 62"));
  }
  QVERIFY(!speak(QLocale("fr_FR")));
  QCOMPARE(number(2.5, 1), QString("2.5")); // As the English beside it.
}

void LanguagesTask::either_decimal_mark_is_read() {
  const QLocale before;
  for (const char* language : {"en_US", "de_DE"}) {
    QLocale::setDefault(QLocale(language));
    QCOMPARE(*typed_number(" 12.5 "), 12.5);
    QCOMPARE(*typed_number("-0,25"), -0.25);
    QVERIFY(!typed_number("twelve") && !typed_number("") && !typed_number("nan"));
    const auto desk = new_piece_at(Desk::Pick);
    auto& value = desk->part<NumberField>("place.value");
    for (const char* typed : {"45,5", "45.5"}) {
      desk->model().picking().pick_value(20);
      type_into(value, typed);
      CHECK_NEAR(desk->session().at.at.v, 45.5, 0.01);
      QVERIFY(value.text().startsWith(QLatin1String(language) == QLatin1String("de_DE") ? "45,5" : "45.5"));
    }
  }
  QLocale::setDefault(before);
}

DESK_TEST_MAIN(LanguagesTask)
#include "languages_task_test.moc"
