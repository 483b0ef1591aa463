// SPDX-License-Identifier: GPL-3.0-or-later
// From one piece to another without a window: everything is filled for the one, and of the other nothing may
// differ from a program that never saw the first.
#include "io/container/piece_file.h"
#include "model/application/app_model.h"
#include "model/i18n/text.h"
#include "model/mixing/paint_model.h"
#include "model/photo/photo_model.h"
#include "model/share/share_model.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QCryptographicHash>
#include <QTest>

using namespace zc;

namespace {

/// As long as a busy machine may take, with sanitizers too.
template <class F> [[nodiscard]] bool comes_true(F&& f) {
  return QTest::qWaitFor(std::forward<F>(f), 120'000);
}

QString hash(const QImage& image) {
  const QByteArrayView bytes(image.constBits(), image.sizeInBytes());
  return QString::fromLatin1(QCryptographicHash::hash(bytes.toByteArray(), QCryptographicHash::Md5).toHex());
}
QString told(const std::vector<Id>& ids) {
  QStringList out;
  for (const Id id : ids) out << QString::number(id);
  return out.join(QLatin1Char(' '));
}
QString hex(const Srgb& c) { return color_told(c); }

/// The same ids, and all else another: photos, colors, mask, paints, names.
Piece other_than(Piece piece) {
  piece.title = "Another";
  piece.wheel.hues = HueScale::Even;
  piece.wheel.measure = SaturationMeasure::Hsluv;
  if (piece.mask) piece.mask = turned_mask(*piece.mask, 35);
  const SharedBytes first = piece.references[0].bytes;
  piece.references.change(0).bytes = piece.references[1].bytes;
  piece.references.change(1).bytes = first;
  for (std::size_t r = 0; r < piece.references.size(); ++r) piece.references.change(r).study.by_areas = true;
  for (std::size_t i = 0; i < piece.sets.size(); ++i) {
    SwatchSet& set = piece.sets.change(i);
    for (std::size_t f = 0; f < set.families.size(); ++f)
      for (std::size_t w = 0; w < set.families[f].swatches.size(); ++w) {
        Swatch& swatch = set.families.change(f).swatches.change(w);
        swatch.color = {swatch.color.g, swatch.color.b * 0.8, swatch.color.r};
        swatch.picked.reset();
      }
  }
  for (std::size_t p = 0; p < piece.paints.size(); ++p) {
    PalettePaint& paint = piece.paints.change(p);
    paint.trade.clear();
    paint.color = {paint.color.b, paint.color.r * 0.9, paint.color.g};
  }
  return piece;
}

class Program {
public:
  Program() { m_model.viewing().share(with_press()); }
  AppModel& model() { return m_model; }
  /// Whether all that is asked for is there; what comes late is asked for by this.
  [[nodiscard]] bool settled() {
    const auto photo = m_model.reader().photo();
    return photo && photo->values() && already_there().size() == 10 && m_model.paints().reach_is_current() &&
           m_model.reaches().body(Reaches::Of::Press) && !m_model.set_work().report_is_late();
  }
  /// What comes late and is there.
  [[nodiscard]] QStringList already_there() {
    QStringList out;
    if (m_model.tries().areas()) out << QStringLiteral("areas");
    if (m_model.tries().strays()) out << QStringLiteral("strays");
    if (m_model.tries().needed()) out << QStringLiteral("needs");
    if (!m_model.share_model().images().reference.isNull()) out << QStringLiteral("images");
    if (m_model.share_model().plan_seen()) out << QStringLiteral("plan");
    if (m_model.press().checked()) out << QStringLiteral("press");
    if (m_model.paints().reach()) out << QStringLiteral("reach");
    if (m_model.paints().inside()) out << QStringLiteral("inside");
    if (m_model.paints().recipe(3)) out << QStringLiteral("recipe");
    if (m_model.plan().vivid_table()) out << QStringLiteral("vivid");
    return out;
  }
  /// All that is worked out, in words.
  [[nodiscard]] QStringList readings() {
    QStringList out;
    PhotoModel& reader = m_model.reader();
    out << QStringLiteral("photo ") + hash(reader.photo()->full());
    out << QStringLiteral("tones %1").arg(reader.tones().limits.front());
    out << QStringLiteral("places %1 %2").arg(reader.places().size()).arg(reader.places().front().at.x);
    out << QStringLiteral("held %1").arg(reader.share_inside().value_or(-1));
    TryModel& tries = m_model.tries();
    std::map<Id, double> uses(tries.uses().begin(), tries.uses().end());
    for (const auto& [id, share] : uses) out << QStringLiteral("use %1 %2").arg(id).arg(share);
    out << QStringLiteral("strays %1 %2").arg(sum(tries.strays()->outside)).arg(sum(tries.strays()->far));
    out << QStringLiteral("needs %1 %2 of %3")
               .arg(tries.needed()->present)
               .arg(tries.needed()->missing.size())
               .arg(tries.needed_by());
    for (const MatchColor& c : tries.colors_of({}, true).colors) out << QStringLiteral("lit ") + hex(c.color);
    out << QStringLiteral("areas %1 %2")
               .arg(tries.areas()->areas.size())
               .arg(tries.areas()->areas.front().mean.l);
    out << QStringLiteral("hovered %1 %2").arg(tries.hovered()).arg(tries.marked().has_value());
    ShareModel& shares = m_model.share_model();
    const auto& sheet = shares.sheet();
    out << QStringLiteral("sheet %1").arg(sheet ? sheet->pages.size() : 0);
    if (sheet)
      for (const SheetBookmark& b : sheet->bookmarks) out << QStringLiteral("bookmark ") + text(b.words);
    out << QStringLiteral("images %1 %2").arg(hash(shares.images().reference), hash(shares.images().plan));
    out << QStringLiteral("plan %1").arg(hash(**shares.plan_seen()));
    for (const SwatchPress& p : *m_model.press().checked())
      out << QStringLiteral("prints %1").arg(p.printed.difference);
    PaintModel& paints = m_model.paints();
    out << QStringLiteral("out %1").arg(paints.out().paints.size());
    Reaches& reaches = m_model.reaches();
    for (const auto of : Reaches::kAll)
      out << QStringLiteral("shares %1, outlines %2, limits %3")
                 .arg(reaches.shares(of).size())
                 .arg(reaches.outlines(of).size())
                 .arg(reaches.limits(of, 30).size());
    out << QStringLiteral("inside %1 of %2, %3")
               .arg(paints.inside()->swatches)
               .arg(paints.inside()->of)
               .arg(paints.inside()->photo.value_or(-1));
    out << QStringLiteral("recipe %1").arg((*paints.recipe(3))->difference);
    out << QStringLiteral("field %1")
               .arg(paints.field() ? hex(paints.field()->at({0.1, 0.1})->color) : QString());
    out << QStringLiteral("ends %1").arg(paints.ends() ? hex(paints.ends()->black.at({0.1, 0.1})->color)
                                                       : QString());
    SetWork& work = m_model.set_work();
    out << QStringLiteral("report %1 %2 %3")
               .arg(work.report().near_duplicates.size())
               .arg(work.report().twin_count)
               .arg(told(work.report().outside_mask));
    out << QStringLiteral("counts %1 %2 %3")
               .arg(work.counts().light)
               .arg(work.counts().middle)
               .arg(work.counts().dark);
    out << QStringLiteral("preview %1").arg(work.preview().size());
    for (const RelationMember& m : m_model.picking().members())
      out << QStringLiteral("member ") + hex(m.color);
    return out;
  }

private:
  [[nodiscard]] Sharing with_press() const {
    Sharing out = m_model.session().sharing;
    out.press = STANDIN_PRESS;
    out.sheet.study = true;
    return out;
  }
  AppModel m_model;
};

} // namespace

class GoingOverTest : public QObject {
  Q_OBJECT
private slots:
  void another_piece_is_as_in_a_fresh_program() {
    const auto demo = open_document(DEMO_PIECE);
    QVERIFY(demo);
    Piece first = demo->piece;
    if (first.paints.empty())
      for (int i = 0; i < 4; ++i)
        first.paints.push_back({first.next_id++, "paint", {0.2 + 0.2 * i, 0.9 - 0.2 * i, 0.3}});
    const Piece second = other_than(first);
    QVERIFY(check(first).empty() && check(second).empty());
    Program used;
    fill(used, first);
    QVERIFY(comes_true([&] { return used.settled(); }));
    const QStringList of_first = used.readings();
    // Also of what is on its way, nothing arrives.
    used.model().tries().seek_at_most(4);
    Trying other_light = used.model().session().trying;
    other_light.light.strength = 0.7;
    used.model().viewing().try_on(other_light);
    (void)used.settled();
    used.model().start(second, {}, true);
    QCOMPARE(used.already_there(), QStringList());
    QCOMPARE(used.model().set_work().preview().size(), std::size_t{0});
    QVERIFY(used.model().store().stack().count() == 0 && !used.model().store().edited());

    Program fresh;
    fresh.model().start(second, {}, true);
    for (Program* each : {&used, &fresh}) {
      Session session = used.model().session();
      session.selection = {};
      each->model().take(std::move(session));
      each->model().tries().seek_at_most(6);
    }
    QVERIFY2(comes_true([&] { return used.settled() && fresh.settled(); }),
             qPrintable(used.already_there().join(' ') + " / " + fresh.already_there().join(' ')));
    const QStringList got = used.readings(), wanted = fresh.readings();
    QCOMPARE(got, wanted);
    int alike = 0;
    for (const QString& line : got) alike += of_first.contains(line);
    QVERIFY2(alike < got.size() / 3, qPrintable(QString::number(alike))); // The two pieces do differ.
    // And back again.
    used.model().start(first, {}, true);
    QCOMPARE(used.already_there(), QStringList());
  }

private:
  static void fill(Program& program, const Piece& piece) {
    AppModel& model = program.model();
    model.start(piece, {}, true);
    model.viewing().show_vivid_plan(true);
    Mixing mixing = model.session().at_hand.mixing;
    mixing.corners = {{{0.8, 0.2, 0.1}}, {{0.1, 0.3, 0.8}}, {{0.9, 0.8, 0.2}}};
    mixing.toward = 0.2;
    model.picking().mix_by_hand(mixing);
    model.picking().show_reach({true, true});
    Trying trying = model.session().trying;
    trying.light = {{1, 0.7, 0.4}, 0.5};
    trying.two = true;
    model.viewing().try_on(trying);
    model.tries().change_study(QStringLiteral("Areas"), [](Study& s) { s.by_areas = true; });
    const Id other = piece.references[1].id, swatch = current_set(piece)->families[0].swatches[0].id;
    model.tries().seek_for(other);
    model.tries().hover(swatch, true);
    model.tries().mark(QPoint(3, 4));
    model.set_work().select({swatch});
    Adjustment adjustment;
    adjustment.value = 5;
    model.set_work().try_out(adjustment);
    model.picking().fix_relation(true);
  }
};

QTEST_MAIN(GoingOverTest)
#include "going_over_test.moc"
