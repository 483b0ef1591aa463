// SPDX-License-Identifier: GPL-3.0-or-later
// Every number field of the window takes what is typed into it. One that is added fails here until it is
// tried.
#include "app/commands/rows.h"

#include <set>

using namespace zc;
using namespace zc::test;

class NumbersTask : public QObject {
  Q_OBJECT
private slots:
  void every_number_is_taken() {
    auto desk = demo_at(Desk::Pick);
    DeskTop& d = *desk;
    std::set<QString> tried;
    using Check = std::function<bool()>;
    const auto type = [&](const char* name, const char* text, const Check& taken) {
      tried.insert(name);
      auto& field = d.part<NumberField>(name);
      for (auto* page : d.window.findChildren<QAbstractButton*>(QRegularExpression("^page\\.")))
        if (!field.isVisible() && page->isVisible()) page->click();
      if (!field.isVisible()) qFatal("%s is not visible", name);
      type_into(field, QString::fromUtf8(text));
      if (taken()) return true;
      qWarning("%s did not take %s", name, text);
      return false;
    };
    const auto shows = [&](const char* name, double x) {
      return [&d, name, x] { return near_to(d.part<NumberField>(name).value(), x); };
    };
    // On every desk: the place of the color, and its readout.
    d.model().picking().use_color(*parse_color("#98573f"));
    QVERIFY(type("place.value", "55", [&] { return near_to(d.session().at.at.v, 55, 1e-3); }));
    QVERIFY(type("place.hue", "200",
                 [&] { return near_to(d.session().at.at.a, 200, 1e-3) || d.session().at.at.a > 0; }));
    QVERIFY(type("place.saturation", "12",
                 [&] { return near_to(d.session().at.at.r, 0.12, 1e-3) || d.session().at.at.r > 0; }));
    d.model().store().apply("t", [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
    QVERIFY(type("place.hue", "200", [&] { return near_to(d.session().at.at.a, 200, 1e-3); }));
    QVERIFY(type("place.saturation", "12", [&] { return near_to(d.session().at.at.r, 0.12, 1e-3); }));
    QVERIFY(type("readout.0.0", "120", [&] { return rounded_8bit(d.session().color()).r == 120; }));
    QVERIFY(type("readout.0.1", "90", [&] { return rounded_8bit(d.session().color()).g == 90; }));
    QVERIFY(type("readout.0.2", "60", [&] { return rounded_8bit(d.session().color()).b == 60; }));
    QVERIFY(type("steps.hue", "12", [&] { return d.model().steps().hues == 12; }));
    QVERIFY(type("steps.saturation", "5", [&] { return d.model().steps().saturations == 5; }));
    QVERIFY(type("steps.value", "9", [&] { return d.model().steps() == Steps{12, 5, 9}; }));
    for (const char* name : {"steps.hue", "steps.saturation", "steps.value"})
      QVERIFY(type(name, "off", [] { return true; }));
    QVERIFY(d.model().steps().off());
    d.part<QAbstractButton>("page.ramp").click();
    d.part<QAbstractButton>("showRamp").click();
    QVERIFY(type("rampSteps", "7", [&] { return d.session().ramp.size() == 7; }));
    const auto end_at = [&](double value, bool last) {
      const auto& ramp = d.session().ramp;
      return near_to(value_of((last ? ramp.back() : ramp.front()).color), value, 1e-6);
    };
    d.choose("rampKind", -1);
    QVERIFY(type("rampDarkest", "20", [&] { return end_at(20, false); }));
    QVERIFY(type("rampLightest", "81", [&] { return end_at(81, true); }));
    const std::vector<RampStep> strong = d.session().ramp;
    QVERIFY(type("rampSaturation", "40", [&] { return d.session().ramp != strong; }));
    d.choose("rampKind", RampKind::Values);
    d.part<QAbstractButton>("page.mixing").click();
    for (std::size_t i = 0; i < kMostCorners; ++i)
      QVERIFY(type(qPrintable(QStringLiteral("mix.strength.%1").arg(i)), "3",
                   [&] { return d.session().at_hand.mixing.corners[i].strength == 3; }));
    QVERIFY(type("mix.steps", "5", [&] { return d.session().at_hand.mixing.steps == 5; }));
    d.part<QAbstractButton>("page.paints").click();
    d.trigger("addAsPaint");
    QVERIFY(type("paints.strength.0", "4", [&] { return d.piece().paints[0].strength == 4; }));
    QVERIFY(type("paints.most", "2", shows("paints.most", 2)));
    QVERIFY(type("paints.share", "80", shows("paints.share", 80)));
    QVERIFY(type("paints.within", "5", shows("paints.within", 5)));

    d.model().viewing().show_desk(Desk::Observe);
    QVERIFY(d.photo_shown());
    d.model().viewing().show_look(PhotoLook::Flat);
    QVERIFY(type("flatTones", "4", [&] { return d.session().looking.tones == 4; }));
    d.model().viewing().show_look(PhotoLook::Steps);
    QVERIFY(type("toneSteps", "6", [&] { return d.session().looking.steps == 6; }));
    for (const char* name : {"count.light", "count.middle", "count.dark"})
      QVERIFY(type(name, "2", shows(name, 2)));
    d.part<QAbstractButton>("drawer.how").click();
    QVERIFY(type("leastDifference", "9", shows("leastDifference", 9)));
    QVERIFY(type("accents", "0", shows("accents", 0)));
    d.part<QPushButton>("takeColors").click();
    QVERIFY(comes_true([&] { return d.session().extracted.colors.size() == 6; }));
    for (const auto& c : d.session().extracted.colors)
      for (const auto& other : d.session().extracted.colors)
        QVERIFY(&c == &other || contrast_of(c.color, other.color).difference >= 9);

    d.model().viewing().show_desk(Desk::Limit);
    QVERIFY(type("patternBase", "70", shows("patternBase", 70)));
    QVERIFY(type("patternSpread", "25", shows("patternSpread", 25)));
    d.part<QAbstractButton>("pattern.complement").click();
    QCOMPARE(*d.piece().mask, pattern_mask({Pattern::Complement, 70, 25}));
    QVERIFY(type("maskTurned", "40", [&] { return near_to(d.piece().mask->turned, 40); }));
    const std::pair<Shape, std::vector<std::pair<const char*, double>>> shapes[] = {
        {Polygon{{{0.1, 0.1}, {0.5, 0.1}, {0.1, 0.6}}},
         {{"area.0", 2}, {"area.1", 80}, {"area.2", 44}, {"area.3", 33}}},
        {Ellipse{{0.1, 0.1}, 0.3, 0.2, 10},
         {{"area.0", 80}, {"area.1", 30}, {"area.2", 40}, {"area.3", 15}, {"area.4", 77}}},
        {RingSector{10, 50, 0.2, 0.6}, {{"area.0", 80}, {"area.1", 66}, {"area.2", 11}, {"area.3", 99}}}};
    for (const auto& [shape, numbers] : shapes) {
      d.model().store().apply("t", [shape = shape](Piece p) -> Result<Piece> {
        return with_mask(std::move(p), Mask{"m", {{AreaMode::Adds, shape}}, 0, {}});
      });
      d.model().masking().select_area(0);
      QCoreApplication::processEvents();
      for (const auto& [name, x] : numbers) {
        const Mask before = *d.piece().mask;
        QVERIFY(type(name, std::to_string(x).c_str(), [&, name = name, x = x] {
          return near_to(d.part<NumberField>(name).value(), x, 0.06);
        }));
        QVERIFY2((*d.piece().mask != before) != (name == std::string("area.0") && shape.index() == 0), name);
      }
    }
    QVERIFY(type("fitHold", "60", shows("fitHold", 60)));
    QVERIFY(type("fitPoints", "4", shows("fitPoints", 4)));
    d.model().viewing().show_keys(true);
    QVERIFY(type("keys.step", "45", [&] { return d.session().keys.step == 45; }));
    QVERIFY(type("keys.strength", "60", [&] { return d.session().keys.strength == 0.6; }));
    d.model().viewing().show_keys(false);

    d.model().viewing().show_desk(Desk::Grade);
    QCoreApplication::processEvents();
    const auto& a = work(d).adjustment();
    QVERIFY(type("adjustTurn", "20", [&] { return a.turn == 20; }));
    QVERIFY(type("adjustSaturation", "0.5", [&] { return a.saturation == 0.5; }));
    QVERIFY(type("adjustValue", "-7", [&] { return a.value == -7; }));
    QVERIFY(type("adjustContrast", "1.5", [&] { return a.contrast == 1.5; }));
    QVERIFY(type("adjustPivot", "30", [&] { return a.pivot == 30; }));
    QVERIFY(type("adjustTint", "0.3", [&] { return a.tint_share == 0.3 && a.tint == d.session().color(); }));
    d.part<QPushButton>("adjustReset").click();
    QVERIFY(work(d).adjustment() == Adjustment{});
    const auto& g = d.piece().grading;
    d.part<QAbstractButton>("page.report").click();
    d.part<QAbstractButton>("reportLimits").click();
    QVERIFY(type("targetLight", "11", [&] { return g.target.light == 11; }));
    QVERIFY(type("targetMiddle", "12", [&] { return g.target.middle == 12; }));
    QVERIFY(type("targetDark", "13", [&] { return g.target.dark == 13; }));
    QVERIFY(type("ruleNear", "4.5", [&] { return g.near_duplicate == 4.5; }));
    QVERIFY(type("ruleTwin", "1.5", [&] { return g.twin == 1.5; }));
    QVERIFY(type("ruleGap", "31", [&] { return g.gap == 31; }));
    QVERIFY(type("ruleOutside", "2.5", [&] { return g.outside == 2.5; }));
    QVERIFY(type("ruleSteps", "7", [&] { return g.value_steps == 7; }));

    d.model().viewing().show_desk(Desk::Try);
    const auto& t = d.session().trying;
    d.part<QAbstractButton>("try.byAreas").click();
    const auto& cut = [&]() -> const AreaSpec& { return d.model().tries().study().cut; };
    QVERIFY(type("try.areas", "77", [&] { return cut().count == 77; }));
    QVERIFY(type("try.smoothing", "0.4", [&] { return cut().smoothing == 0.4; }));
    QVERIFY(type("try.smallest", "0.5", [&] { return cut().smallest == 0.5; }));
    d.part<QAbstractButton>("try.missing").click();
    QVERIFY(type("missing.most", "9", [&] { return d.model().tries().most_missing() == 9; }));
    QVERIFY(type("missing.apart", "8", [&] { return t.far == 8; }));
    d.part<QAbstractButton>("try.follow").click();
    QVERIFY(type("try.softness", "0.1", [&] { return t.softness == 0.1; }));
    d.part<QAbstractButton>("try.check").click();
    QVERIFY(type("try.far", "12", [&] { return t.far == 12; }));
    d.part<QAbstractButton>("try.light").click();
    QVERIFY(type("light.strength", "40", [&] { return t.light.strength == 0.4; }));
    QVERIFY(type("light.stops", "1.5", [&] { return t.light.stops == 1.5; }));
    QVERIFY(type("light.haze", "25", [&] { return t.light.amount == 0.25; }));
    d.part<QAbstractButton>("try.change").click();
    QVERIFY(type("tryAdjustTurn", "20", [&] { return a.turn == 20; }));
    QVERIFY(type("tryAdjustSaturation", "0.5", [&] { return a.saturation == 0.5; }));
    QVERIFY(type("tryAdjustValue", "-7", [&] { return a.value == -7; }));
    QVERIFY(type("tryAdjustContrast", "1.5", [&] { return a.contrast == 1.5; }));
    QVERIFY(type("tryAdjustPivot", "30", [&] { return a.pivot == 30; }));
    QVERIFY(type("tryAdjustTint", "0.3", [&] { return a.tint_share == 0.3; }));
    d.part<QPushButton>("tryAdjustReset").click();
    d.model().viewing().show_desk(Desk::Grade);

    d.model().viewing().show_desk(Desk::Share);
    const auto& sharing = d.session().sharing;
    QVERIFY(type("sheet.margin", "20", [&] { return sharing.sheet.margin == 20; }));
    QVERIFY(type("sheet.value", "40", [&] { return sharing.sheet.wheel_value == 40; }));
    d.part<QAbstractButton>("share.press").click();
    QVERIFY(type("press.limit", "3.5", [&] { return sharing.print_limit == 3.5; }));
    d.part<QAbstractButton>("share.plan").click();
    QVERIFY(type("plan.value", "33", [&] { return sharing.plan.value == 33; }));
    QVERIFY(type("plan.size", "512", [&] { return sharing.plan.size == 512; }));
    d.part<QAbstractButton>("plan.many").click();
    QVERIFY(type("plan.row", "7", [&] { return sharing.plan.row == 7; }));
    d.model().viewing().show_desk(Desk::Grade);

    work(d).select({swatch(d, 1, 0).id, swatch(d, 1, 4).id});
    QVERIFY(type("betweenCount", "5", shows("betweenCount", 5)));
    d.part<QAbstractButton>("fillBetween").click();
    QCOMPARE(families(d)[1].swatches.size(), std::size_t{10});

    d.choose("setView", SetView::Rows);
    d.part<QAbstractButton>("rows.columns").click();
    QVERIFY(type("rows.places", "12", shows("rows.places", 12)));
    d.part<QAbstractButton>("rows.columns").click();

    d.make_all();
    for (auto* field : d.window.findChildren<NumberField*>()) {
      const QString name = field->objectName();
      // Readouts and strengths stand in as many rows as there are; theirs is tried elsewhere.
      const bool of_a_row = name.startsWith("readout.") || name.startsWith("paints.strength.");
      QVERIFY2(tried.count(name) || of_a_row, qPrintable(name));
    }
  }
};

DESK_TEST_MAIN(NumbersTask)
#include "numbers_task_test.moc"
