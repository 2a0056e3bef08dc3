// SPDX-License-Identifier: GPL-3.0-or-later
//
// Parameters: values by name, their ranges, their texts, what becomes of those that earlier files had by
// place.
#include "follow/sources.h"
#include "follow/steps.h"
#include "interchange/exporters.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "model/planting_edits.h"
#include "model/pulse_params.h"
#include "schedule/picker_tables.h"
#include "stage/effects.h"
#include "support/rich_project.h"
#include "support/test_program.h"

#include <QProcess>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr ParamChoice sizes[] = {{"small", "Small"}, {"large", "Large"}};
constexpr Length::Unit units[] = {Length::Unit::InFrames, Length::Unit::UntilNext};
constexpr ParamSpec specs[] = {{"number", "a number", ParamType::Number, "ms", -1, 2.5, 0.5},
                               {"whole", "a whole number", ParamType::Whole, "", 1, 9, 3},
                               {"switch", "a switch", ParamType::Switch, "", 0, 1, 1},
                               {"size", "a size", ParamType::Choice, "", 0, 0, 0, "", sizes},
                               {"text", "a text", ParamType::Text},
                               {"row", "a row", ParamType::OnsetRow, "", 0, 0, 0, "", {}, "onsets"},
                               {"lane", "a lane", ParamType::Lane},
                               {"colour", "a colour", ParamType::Colour},
                               {"steps", "steps", ParamType::Steps},
                               {.id = "length",
                                .label = "a length",
                                .type = ParamType::Length,
                                .most = 20,
                                .initial = 4,
                                .units = units},
                               {.id = "curve", .label = "a curve", .type = ParamType::Curve},
                               {.id = "shot", .label = "a shot", .type = ParamType::Shot}};

/// Every table that has parameters.
std::vector<std::pair<std::string, ParamSpecs>> all_tables() {
    std::vector<std::pair<std::string, ParamSpecs>> all{{"place", place_parameters()}};
    const auto add = [&](const auto& rows) {
        for (const auto& row : rows)
            all.emplace_back(row.id, row.parameters);
    };
    add(picker_sources());
    add(picker_filters());
    add(follower_sources());
    add(follower_steps());
    add(effects());
    add(exporters());
    all.emplace_back("pulse", pulse_param_specs());
    return all;
}

} // namespace

class TestParams : public QObject {
    Q_OBJECT
private slots:
    void each_type_has_a_text_and_comes_back_from_it() {
        const ParamValues values{{"number", -0.25},
                                 {"whole", 7.0},
                                 {"switch", 0.0},
                                 {"size", "large"},
                                 {"text", "a = b, c"},
                                 {"row", "kick"},
                                 {"lane", LaneId{41}},
                                 {"colour", Colour{0x12ab0f}},
                                 {"steps", std::vector<bool>{true, false, true}},
                                 {"length", Length{Length::Unit::InFrames, 2.5}},
                                 {"curve", Easing{"bezier", {0.5, -0.25, 0.75, 1.5}}},
                                 {"shot", ClipId{3}}};
        QVERIFY(check_values(values, specs));
        ParamValues again;
        for (const auto& spec : specs) {
            const auto text = text_of_value(spec, *values.find(spec.id));
            QVERIFY(set_from_text(again, specs, std::string(spec.id) + "=" + text));
        }
        QCOMPARE(again, values);
        QCOMPARE(text_of_value(specs[8], *values.find("steps")), std::string("x.x"));
        QCOMPARE(text_of_value(specs[9], *values.find("length")), std::string("2.5 frames"));
        QCOMPARE(text_of_value(specs[10], *values.find("curve")), std::string("bezier 0.5 -0.25 0.75 1.5"));
        QCOMPARE(text_of_value(specs[9], Length{Length::Unit::UntilNext, 1}), std::string("until-next"));
        // What is left out of a curve is as is usual for it.
        QCOMPARE(easing_of_text("back-out")->amount, 1.70158);
        QCOMPARE(easing_of_text("steps")->amount, 4.0);
        QVERIFY(!easing_of_text("sine-out 3"));
    }

    void what_is_not_there_is_as_at_first() {
        const auto all = completed({{"whole", 5.0}}, specs);
        QCOMPARE(all.whole("whole"), std::int64_t{5});
        QCOMPARE(all.number("number"), 0.5);
        QVERIFY(all.flag("switch"));
        QCOMPARE(all.text("size"), std::string("small"));
        QCOMPARE(all.text("row"), std::string("onsets"));
        QCOMPARE(all.lane("lane"), LaneId{});
        QCOMPARE(all.steps("steps"), std::vector<bool>{true});
        QCOMPARE(all.length("length"), (Length{Length::Unit::InFrames, 4}));
        QCOMPARE(*all.find("curve"), ParamValue(Easing{}));
        // Another type than the one that is asked for is as good as nothing.
        QCOMPARE(all.number("size"), 0.0);
        QVERIFY(all.text("number").empty());
    }

    void bad_values_are_refused_by_name_data() {
        QTest::addColumn<QString>("setting");
        QTest::addColumn<QString>("told");
        QTest::addRow("too high") << "number=2.6"
                                  << "between -1 and 2.5";
        QTest::addRow("too low") << "whole=0"
                                 << "between 1 and 9";
        QTest::addRow("too long") << "length=21 frames"
                                  << "between 0 and 20";
        QTest::addRow("another unit") << "length=2 beats"
                                      << "not counted in that";
        QTest::addRow("no unit") << "length=2"
                                 << "\"2\"";
        QTest::addRow("no such curve") << "curve=wobble"
                                       << "\"wobble\"";
        QTest::addRow("bent too far") << "curve=bezier 2 0 0 1"
                                      << "between 0 and 1";
        QTest::addRow("no shot") << "shot=-1"
                                 << "number of a shot";
        QTest::addRow("not whole") << "whole=2.5"
                                   << "whole number";
        QTest::addRow("no number") << "number=much"
                                   << "\"much\"";
        QTest::addRow("half a number") << "number=1x"
                                       << "\"1x\"";
        QTest::addRow("infinite") << "number=inf"
                                  << "between";
        QTest::addRow("not a number") << "number=nan"
                                      << "between";
        QTest::addRow("no switch") << "switch=1"
                                   << "yes or no";
        QTest::addRow("no choice") << "size=medium"
                                   << "\"medium\"";
        QTest::addRow("no lane") << "lane=-3"
                                 << "number of a lane";
        QTest::addRow("no colour") << "colour=red"
                                   << "#rrggbb";
        QTest::addRow("no steps") << "steps=xo"
                                  << "x..x";
        QTest::addRow("unknown") << "nonsense=1"
                                 << "there are: number";
        QTest::addRow("nothing said") << "whole"
                                      << "NAME=VALUE";
    }
    void bad_values_are_refused_by_name() {
        QFETCH(QString, setting);
        QFETCH(QString, told);
        ParamValues values;
        const auto set = set_from_text(values, specs, setting.toStdString());
        QVERIFY(!set);
        QVERIFY2(set.error().message().find(told.toStdString()) != std::string::npos,
                 set.error().message().c_str());
        QVERIFY(values.empty());
    }

    void values_of_another_kind_are_refused() {
        QVERIFY(!check_values({{"number", "2"}}, specs));
        QVERIFY(!check_values({{"size", 1.0}}, specs));
        QVERIFY(!check_values({{"other", 1.0}}, specs));
        QVERIFY(!check_values({{"switch", 0.5}}, specs));
    }

    void tables_are_whole() {
        for (const auto& [row, parameters] : all_tables()) {
            std::set<std::string_view> ids;
            for (const auto& spec : parameters) {
                QVERIFY2(ids.insert(spec.id).second && !spec.label.empty(), row.c_str());
                if (spec.type == ParamType::Number || spec.type == ParamType::Whole)
                    QVERIFY2(spec.least < spec.most, row.c_str());
                QCOMPARE(spec.type == ParamType::Choice, !spec.choices.empty());
            }
            const auto checked = check_values(completed({}, parameters), parameters);
            QVERIFY2(checked.has_value(), (row + ": " + (checked ? "" : checked.error().message())).c_str());
        }
    }

    void a_project_of_version_1_is_read_as_it_was_meant() {
        const auto project = load_project(PULSEPIN_TESTS "/data/version-1.pulsepin");
        QVERIFY2(project.has_value(), project ? "" : project.error().message().c_str());
        const auto& every = project->plantings->front().picker->filters.front();
        QCOMPARE(every, (FilterUse{"every-nth", {{"n", 2.0}, {"offset", 0.0}}}));
        const Lane* glow = nullptr;
        for (const auto& lane : project->lanes)
            if (lane->name == "Kick glow")
                glow = lane.get();
        QVERIFY(glow);
        const auto& follower = part_of<Motion>(*glow)->follower;
        QCOMPARE(follower.source, std::string("level"));
        QCOMPARE(follower.values.number("from"), 30.0);
        QCOMPARE(follower.values.number("until"), 110.0);
        QCOMPARE(follower.values.text("measure"), std::string("rms"));
        QCOMPARE(follower.steps[1], (FollowerStep{"excess", {{"at", 0.15}}}));
        QCOMPARE(follower.steps[2], (FollowerStep{"attack-release", {{"attack", 0.0}, {"release", 160.0}}}));
        // Written again it is the same project, of the present version.
        QTemporaryDir dir;
        const std::filesystem::path path = dir.filePath("again.pulsepin").toStdString();
        QVERIFY(save_project(*project, path));
        QFile file(QString::fromStdString(path.string()));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto text = file.readAll();
        QVERIFY(text.contains(QString("\"version\": %1").arg(project_format_version).toUtf8()) &&
                !text.contains("\"parameters\""));
    }

    void patterns_argument_and_swing_of_version_1() {
        const auto picker_from = [](const char* picker) {
            auto text = project_to_json(new_project(), {});
            const std::string old = "\"version\": " + std::to_string(project_format_version),
                              none = "\"pickers\": []";
            text.replace(text.find(old), old.size(), "\"version\": 1");
            text.replace(text.find(none), none.size(),
                         std::string("\"pickers\": [{\"name\": \"a\", \"picker\": ") + picker + "}]");
            return project_from_json(text, {});
        };
        const auto steps = picker_from(R"({"source": "quarter-beats", "from": 0, "until": 960, "swing": 1.5,
            "filters": [{"id": "steps", "parameters": [1, 2, 73, 2]}]})");
        QVERIFY2(steps.has_value(), steps ? "" : steps.error().message().c_str());
        const Picker& picker = steps->pickers->front().picker;
        QCOMPARE(picker.values.number("swing"), 1.5);
        const auto& on = picker.filters.front().values.steps("on"); // 73: the first, fourth and seventh
        QCOMPARE(text_of_steps(on), std::string("x..x..x..........................x"));
        QCOMPARE(picker.filters.front().values.number("bars"), 1.0);
        const auto named = picker_from(R"({"source": "markers", "from": 0, "until": 960, "argument": "drop",
            "filters": [{"id": "free-of-lane", "parameters": [12]}]})");
        QVERIFY(named.has_value());
        QCOMPARE(named->pickers->front().picker.values.text("marker"), std::string("drop"));
        QCOMPARE(named->pickers->front().picker.filters.front().values.lane("lane"), LaneId{12});
    }

    void values_that_only_a_newer_version_knows_are_kept() {
        auto project =
            *with_picker_named(new_project(), "a",
                               {"beats",
                                Ticks(0),
                                Ticks(960),
                                {{"later-filter", {{"hue", Colour{0xff8000}}, {"how", "softly"}}}}});
        const auto again = project_from_json(project_to_json(project, {}), {});
        QVERIFY(again.has_value());
        QCOMPARE(again->pickers->front().picker, project.pickers->front().picker);
    }

    void the_list_of_parameters_is_up_to_date() {
        QProcess cli;
        cli.start(PULSEPIN_BINARIES "/pulsepin-cli", {"parameters"});
        QVERIFY(cli.waitForFinished(30'000));
        QFile page(PULSEPIN_DOCS "/parameters.md");
        QVERIFY(page.open(QIODevice::ReadOnly));
        QVERIFY2(page.readAll() == cli.readAllStandardOutput(),
                 "write it again: build/release/pulsepin-cli parameters > docs/parameters.md");
    }
};

PULSEPIN_TEST_CLASS(TestParams, "test_params")
#include "test_params.moc"
