// SPDX-License-Identifier: GPL-3.0-or-later
//
// What can be set of a layer, and what each effect makes of its place.
#include "stage/effects.h"
#include "stage/layer_parameters.h"
#include "stage/layer_values.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>
#include <random>
#include <set>

using namespace pulsepin;

namespace {

bool is_number(const ParamSpec& spec) {
    return spec.type == ParamType::Number || spec.type == ParamType::Whole || spec.type == ParamType::Switch;
}

bool finite(const Placement& p) {
    for (const double v :
         {p.x, p.y, p.scale, p.rotation, p.opacity, p.pivot_x, p.pivot_y, p.scale_x, p.scale_y, p.skew})
        if (!std::isfinite(v))
            return false;
    return true;
}

} // namespace

class TestLayerValues : public QObject {
    Q_OBJECT
private slots:
    void what_is_not_set_changes_nothing() {
        const LayerValues none;
        for (const auto& spec : layer_parameters()) {
            if (is_number(spec))
                QVERIFY2(none.of(spec.id) == spec.initial, std::string(spec.id).c_str());
            QVERIFY(layer_parameter(spec.id) != nullptr);
        }
        QCOMPARE(placement_of(none, 0), Placement{});
        QCOMPARE(placement_of(none, 12.3), Placement{});
        QVERIFY(acting_effects(none).empty());
        QCOMPARE(none.of("no such parameter"), 0.0);
        QVERIFY(none.option("no such parameter").empty());
        QVERIFY(none.colour("no such parameter") == Colour{});
        QVERIFY(!none.light("flash") && !none.given_colour("colour"));
    }

    void numbers_stay_within_their_limits() {
        for (const auto& spec : layer_parameters()) {
            if (!is_number(spec))
                continue;
            LayerValues values;
            const std::string id(spec.id);
            values.set(id, 1e12);
            QCOMPARE(values.of(id), spec.most);
            values.set(id, -1e12);
            QCOMPARE(values.of(id), spec.least);
            values.set(id, spec.initial);
            QCOMPARE(values.of(id), spec.initial);
        }
    }

    void values_are_scaled_and_raised_from_where_they_are() {
        LayerValues values;
        values.scale("opacity", 0.5);
        QCOMPARE(values.of("opacity"), 50.0);
        values.raise("opacity", 20);
        QCOMPARE(values.of("opacity"), 70.0);
        values.raise("rotation", -30);
        QCOMPARE(placement_of(values, 0).rotation, -30.0);
        QCOMPARE(placement_of(values, 0).opacity, 0.7);
        const LayerValues given(std::map<std::string, double>{{"position-x", 12}});
        QCOMPARE(placement_of(given, 0).x, 12.0);
    }

    void a_layer_brings_what_was_set_of_it() {
        Layer layer{{}, layers::shape, "Ring"};
        layer.colour = {0x336699};
        layer.values["scale"] = 150;
        layer.effects = {{"blur"}};
        const LayerValues values(layer);
        QCOMPARE(values.of("scale"), 150.0);
        QVERIFY(values.colour("colour") == layer.colour);
        QCOMPARE(values.uses().size(), std::size_t{1});
        QVERIFY(acting_effects(values).empty()); // it is there and does nothing yet
    }

    void every_effect_data() {
        QTest::addColumn<QString>("id");
        for (const auto& row : effects())
            QTest::addRow("%s", std::string(row.id).c_str()) << QString::fromStdString(std::string(row.id));
    }
    void every_effect() {
        QFETCH(QString, id);
        const auto* row = effect(id.toStdString());
        QVERIFY(row && !row->parameters.empty() && row->amounts >= 1);
        QVERIFY(static_cast<std::size_t>(row->amounts) <= row->parameters.size());
        QVERIFY(row->place || row->changes_pixels);
        for (const auto& spec : row->parameters)
            QCOMPARE(effect_of_parameter(spec.id), row);
        // Each of its amounts lets it act, by itself, whether it was put there or is driven only.
        for (const auto& amount : row->parameters.first(static_cast<std::size_t>(row->amounts))) {
            LayerValues values;
            values.set(std::string(amount.id), amount.initial == amount.most ? amount.least : amount.most);
            const auto acting = acting_effects(values);
            QCOMPARE(acting.size(), std::size_t{1});
            QCOMPARE(acting.front().row, row);
            // At any moment, and the same at the same moment.
            for (double second = 0; second < 700; second = second * 1.7 + 0.013) {
                const Placement place = placement_of(values, second);
                QVERIFY(finite(place));
                QCOMPARE(placement_of(values, second), place);
                if (!row->place)
                    QCOMPARE(place, Placement{});
            }
            values.set_uses({EffectUse{.effect = std::string(row->id), .off = true}});
            QVERIFY(acting_effects(values).empty()); // unless it is switched off
        }
        // Its other parameters alone do nothing.
        LayerValues others;
        for (const auto& spec : row->parameters.subspan(static_cast<std::size_t>(row->amounts)))
            if (is_number(spec))
                others.set(std::string(spec.id), spec.most);
        QVERIFY(acting_effects(others).empty());
    }

    void a_second_use_has_values_of_its_own() {
        LayerValues values;
        values.set_uses({EffectUse{.effect = "punch", .number = 2}, EffectUse{.effect = "blur"},
                         EffectUse{.effect = "punch", .number = 1}});
        const std::string amount(effect("punch")->parameters.front().id);
        values.set(amount + "#2", 40);
        auto acting = acting_effects(values);
        QCOMPARE(acting.size(), std::size_t{1});
        QCOMPARE(acting.front().number, 2);
        QCOMPARE(EffectValues(values, 2).of(amount), 40.0);
        QCOMPARE(EffectValues(values, 1).of(amount), effect("punch")->parameters.front().initial);
        values.set(amount, 10);
        values.set(std::string(effect("blur")->parameters.front().id), 5);
        acting = acting_effects(values);
        QCOMPARE(acting.size(), std::size_t{3}); // in the order in which they were put
        QCOMPARE(acting[0].number, 2);
        QCOMPARE(acting[1].row, effect("blur"));
        QCOMPARE(acting[2].number, 1);
    }

    void the_light_of_a_trigger_is_that_of_the_first_use() {
        LayerValues values;
        values.set_light("flash", {0x00ff00});
        const auto* row = effect("flash");
        std::string colour;
        for (const auto& spec : row->parameters)
            if (spec.type == ParamType::Colour)
                colour = spec.id;
        QVERIFY(!colour.empty());
        QVERIFY(EffectValues(values, 1).light_or("flash", colour) == Colour{0x00ff00});
        values.set_colour(colour + "#2", {0x112233});
        QVERIFY(EffectValues(values, 2).light_or("flash", colour) == Colour{0x112233});
        QVERIFY(!EffectValues(values, 2).light("flash"));
    }

    void turns_are_counted_or_follow_from_the_rate() {
        for (const auto& row : effects()) {
            if (row.rate.empty())
                continue;
            LayerValues values;
            const std::string rate(row.rate);
            values.set(rate, layer_parameter(rate)->most);
            QCOMPARE(values.turns(rate, 2), 2 * layer_parameter(rate)->most);
            values.set_turns(rate, 7.25);
            QCOMPARE(values.turns(rate, 2), 7.25);
            QCOMPARE(values.turns(rate, 99), 7.25);
            QCOMPARE(EffectValues(values, 2).turns(rate, 3), 3 * EffectValues(values, 2).of(rate));
        }
    }

    // Whatever is set of everything at once: a place is a place.
    void anything_together_gives_a_place() {
        std::mt19937 random(11);
        for (int run = 0; run < 200; ++run) {
            LayerValues values;
            for (const auto& spec : layer_parameters())
                if (is_number(spec) && random() % 3 == 0)
                    values.set(std::string(spec.id), spec.least + (spec.most - spec.least) *
                                                                      static_cast<double>(random() % 1001) /
                                                                      1000);
            const double second = static_cast<double>(random() % 100'000) / 77;
            const Placement place = placement_of(values, second);
            QVERIFY(finite(place));
            QCOMPARE(placement_of(values, second), place);
        }
    }

    void kinds_have_parameters_of_their_own() {
        std::set<std::string_view> ids;
        for (const LayerKind kind : layer_kinds()) {
            QVERIFY(ids.insert(kind->id).second);
            QVERIFY(layer_kind_by_id(kind->id) == kind);
            Layer layer{{}, kind, "any"};
            std::set<std::string> named;
            for (const auto& parameter : parameters_of(layer)) {
                QVERIFY2(named.insert(parameter.id).second, parameter.id.c_str());
                QVERIFY(parameter.spec && layer_parameter(parameter.id));
            }
            for (const auto& spec : kind->parameters)
                QVERIFY(named.contains(std::string(spec.id)));
        }
    }
};

PULSEPIN_TEST_CLASS(TestLayerValues, "test_layer_values")
#include "test_layer_values.moc"
