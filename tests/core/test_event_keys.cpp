// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/event_keys.h"
#include "hand/hand_edits.h"
#include "hand/stage_hand.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "params/easings.h"
#include "schedule/schedule.h"
#include "stage/staged_frame.h"
#include "stage/trigger_acts.h"
#include "support/projects.h"
#include "support/seed.h"
#include "support/test_program.h"

#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Two triggers on one lane that drive two things each, over four beats and over two.
struct Events {
    Project project = steady_project(); // 120 BPM
    PinId first, second;
    Events() {
        project = with_lane(project, kind_of(body_type<TriggerBody>), "Events");
        TriggerBody body;
        body.length = {Length::Unit::InBeats, 4};
        body.acts = {{"scale", 100, 140, {{0, 0}, {50, 100}, {100, 0}}}, {"blur", 0, 20}};
        first = PinId{project.next_id};
        second = PinId{project.next_id + 1};
        TriggerBody other;
        other.length = {Length::Unit::InBeats, 2};
        project = *with_pins(project, project.first_lane(body_type<TriggerBody>)->id,
                             {{{}, MusicalAnchor{Ticks(4 * ticks_per_beat)}, body, {}},
                              {{}, MusicalAnchor{Ticks(12 * ticks_per_beat)}, other, {}}});
    }
    [[nodiscard]] const std::vector<TriggerAct> acts(PinId pin) const {
        return acts_of(body_of<TriggerBody>(project.pin(pin)->body));
    }
};

} // namespace

class TestEventKeys : public QObject {
    Q_OBJECT
private slots:
    void keys_are_added_moved_and_taken_away() {
        Events e;
        auto with = with_event_key(e.project, e.first, 0, {25, 80});
        QVERIFY(with.has_value());
        QCOMPARE(with->key, (EventKey{0, 1}));
        e.project = with->project;
        QCOMPARE(e.acts(e.first)[0].curve.size(), std::size_t{4});
        // It does not pass its neighbours; the ends stay within the length.
        e.project = *with_event_key_moved(e.project, e.first, {0, 1}, 90, 60);
        QCOMPARE(e.acts(e.first)[0].curve[1].at, 50.0);
        e.project = *with_event_key_moved(e.project, e.first, {0, 0}, -20, 0);
        QCOMPARE(e.acts(e.first)[0].curve[0].at, 0.0);
        e.project = *with_event_key_moved(e.project, e.first, {0, 3}, 120, 0);
        QCOMPARE(e.acts(e.first)[0].curve[3].at, 100.0);
        e.project = *without_event_key(e.project, e.first, {0, 1});
        QCOMPARE(e.acts(e.first)[0].curve.size(), std::size_t{3});
        // What is too near to another takes its place.
        with = with_event_key(e.project, e.first, 0, {50.3, 40});
        QCOMPARE(with->key, (EventKey{0, 1}));
        e.project = with->project;
        QCOMPARE(e.acts(e.first)[0].curve.size(), std::size_t{3});
        QCOMPARE(e.acts(e.first)[0].curve[1].way, 40.0);
    }

    void what_goes_all_the_way_begins_with_a_key_at_each_end() {
        Events e;
        QCOMPARE(keys_of(e.acts(e.first)[1]).size(), std::size_t{2});
        e.project = with_event_key(e.project, e.first, 1, {40, 0})->project;
        const auto act = e.acts(e.first)[1];
        QCOMPARE(act.curve.size(), std::size_t{3});
        QCOMPARE(way_at(act, 0), 1.0);
        QCOMPARE(way_at(act, 0.4), 0.0);
        QCOMPARE(way_at(act, 0.2), 0.5);
        QCOMPARE(way_at(act, 1), 1.0);
        // One that told nothing keeps doing what is usual for it, with keys.
        QVERIFY(body_of<TriggerBody>(e.project.pin(e.second)->body).acts.empty());
        e.project = with_event_key(e.project, e.second, 0, {50, 10})->project;
        QCOMPARE(e.acts(e.second).front().parameter, std::string("flash"));
        QCOMPARE(e.acts(e.second).front().curve.size(), std::size_t{3});
    }

    void the_last_key_is_held() {
        const TriggerAct act{"scale", 100, 140, {{0, 0}, {30, 100}}};
        QCOMPARE(way_at(act, 0.3), 1.0);
        QCOMPARE(way_at(act, 0.9), 1.0);
        const TriggerAct late{"scale", 100, 140, {{20, 30}, {60, 100}}};
        QCOMPARE(way_at(late, 0.0), 0.3);
    }

    // Between two keys the way is as the easing of the first says (CSS Easing Functions Level 1 and Penner
    // 2002, whose values test_moves checks).
    void easings_lead_from_key_to_key() {
        for (const auto& easing : easings()) {
            TriggerAct act{"scale", 100, 140, {{10, 0}, {60, 100}, {100, 20}}};
            act.curve[0].easing = usual_easing(easing.id);
            for (int i = 0; i <= 20; ++i) {
                const double t = i / 20.0;
                if (i < 20)
                    QVERIFY2(std::abs(way_at(act, 0.1 + 0.5 * t) - eased(act.curve[0].easing, t)) < 1e-9,
                             easing.id.data());
                QVERIFY(std::abs(way_at(act, 0.6 + 0.4 * t) - (1 - 0.8 * t)) < 1e-9); // straight
            }
        }
    }

    void what_cannot_be_is_refused() {
        Events e;
        QVERIFY(!with_event_key(e.project, PinId{9999}, 0, {10, 10}));
        QVERIFY(!with_event_key(e.project, e.first, 7, {10, 10}));
        QVERIFY(!with_event_key_moved(e.project, e.first, {0, 9}, 10, 10));
        QVERIFY(!with_event_key_eased(e.project, e.first, {0, 9}, {}));
        QVERIFY(!without_event_key(e.project, e.first, {0, 9}));
        for (int i = 0; i < 2; ++i)
            e.project = *without_event_key(e.project, e.first, {0, 0});
        QVERIFY(!without_event_key(e.project, e.first, {0, 0})); // the last one stays
        for (int i = 0; with_event_key(e.project, e.first, 0, {i / 1.5, 10}); ++i) {
            QVERIFY(i < 1000);
            e.project = with_event_key(e.project, e.first, 0, {i / 1.5, 10})->project;
            if (i >= 149)
                break;
        }
        QVERIFY(e.acts(e.first)[0].curve.size() <= limits::few);
    }

    // Whatever is done to keys: they rise, they lie within the length, and the file has them all.
    void random_keys_stay_in_order() {
        for (const Seed seed : seeds(1, 30)) {
            Events e;
            std::mt19937 random(seed);
            const auto below = [&](std::size_t n) { return static_cast<std::size_t>(random() % n); };
            const auto percent = [&] { return static_cast<double>(random() % 140) - 20; };
            for (int step = 0; step < 40; ++step) {
                const std::size_t act = below(2), count = keys_of(e.acts(e.first)[act]).size();
                const EventKey key{act, below(count)};
                Result<Project> next = e.project;
                switch (below(4)) {
                case 0:
                    if (auto with = with_event_key(e.project, e.first, act, {percent(), percent()}))
                        next = with->project;
                    break;
                case 1:
                    next = with_event_key_moved(e.project, e.first, key, percent(), percent());
                    break;
                case 2:
                    next = without_event_key(e.project, e.first, key);
                    break;
                default:
                    next = with_event_key_eased(e.project, e.first, key,
                                                usual_easing(easings()[below(easings().size())].id));
                }
                if (next)
                    e.project = *next;
                for (const auto& one : e.acts(e.first))
                    for (std::size_t i = 0; i < one.curve.size(); ++i)
                        QVERIFY(one.curve[i].at >= (i == 0 ? 0 : one.curve[i - 1].at) &&
                                one.curve[i].at <= 100);
            }
            const auto read = project_from_json(project_to_json(e.project, {}), {});
            QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
            QCOMPARE(read->pin(e.first)->body, e.project.pin(e.first)->body);
        }
    }

    void courses_are_kept_under_a_name() {
        Events e;
        QVERIFY(!with_curve_kept(e.project, {"", {{0, 0}}}));
        TriggerAct::Point bent{0, 0, usual_easing("back-out")};
        e.project = *with_curve_kept(e.project, {"mine", {bent, {100, 100}}});
        e.project = *with_curve_kept(e.project, {"<b>yours</b>", {{0, 50}}});
        e.project = *with_curve_kept(e.project, {"mine", {bent, {80, 100}}}); // in its place
        QCOMPARE(e.project.stage->curves.size(), std::size_t{2});
        const auto read = project_from_json(project_to_json(e.project, {}), {});
        QVERIFY(read.has_value());
        QCOMPARE(*read->stage, *e.project.stage);
        QCOMPARE(without_curve(e.project, "mine").stage->curves.size(), std::size_t{1});
    }

    // What appears has a course as well: beside its lane's ways to come and go, stretched with its length.
    void what_appears_has_a_course() {
        Project project = steady_project();
        Layer layer{{}, layers::shape, "Disc"};
        layer.values = {{"position-x", 40}};
        project = *with_layer(project, layer);
        const LayerId disc = project.stage->layers[project.stage->layers.size() - 2].id;
        auto made = *with_lane_of_appearances(project, disc, kind_of(body_type<AppearanceBody>));
        project = made.project;
        Showing showing = *part_of<Showing>(*project.lane(made.lane));
        showing.comes.move = showing.goes.move = "none";
        project = *with_showing(project, made.lane, showing);
        AppearanceBody body;
        body.length = {Length::Unit::InBeats, 4};
        body.acts = {{"position-x", 0, 100, {{0, 0}, {50, 100}, {100, 0}}},
                     {"colour", 0, 0, {{0, 100}, {100, 100}}}};
        const PinId pin{project.next_id};
        project = *with_pins(project, made.lane, {{{}, MusicalAnchor{Ticks(4 * ticks_per_beat)}, body, {}}});
        const auto x = [&](double beat) {
            const auto rate = project.settings->frame_rate;
            const auto staged = staged_at({Schedule(project)},
                                          rate.frame_at(project.grid->time_at(Beats(beat)) + Seconds(1e-6)));
            for (const auto& one : staged.layers)
                if (one.id == disc)
                    return one.values.of("position-x");
            return -1e9;
        };
        QVERIFY(std::abs(x(4) - 40) < 1e-6); // from its own place on
        QVERIFY(std::abs(x(6) - 140) < 1e-6);
        QVERIFY(std::abs(x(5) - 90) < 1e-6);
        const PinId pins[] = {pin};
        project = with_bodies(project, pins, [](PinBody& one) { one.lasting()->amount = 8; });
        QVERIFY(std::abs(x(8) - 140) < 1e-6);
        // Keys are edited as those of a trigger.
        auto with = with_event_key(project, pin, 0, {25, 0});
        QVERIFY(with.has_value());
        project = with->project;
        QVERIFY(std::abs(x(6) - 40) < 1e-6);
        // And it comes back from a file.
        const auto read = project_from_json(project_to_json(project, "/"), "/");
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        QVERIFY(read->pin(pin)->body == project.pin(pin)->body);
    }

    // Mixed in the colours' own numbers, as colour_at() mixes a trigger's two.
    void colours_go_from_key_to_key() {
        TriggerAct act{"colour", 0, 0, {{0, 100}, {40, 100}, {100, 100}}};
        QVERIFY(!keyed_colour_at(act, 0.2));
        act.curve[0].colour = Colour{0x000000};
        act.curve[1].colour = Colour{0x64c832};
        act.curve[2].colour = Colour{0xffffff};
        QCOMPARE(keyed_colour_at(act, 0)->rgb, 0x000000u);
        QCOMPARE(keyed_colour_at(act, 0.2)->rgb, 0x326419u);
        QCOMPARE(keyed_colour_at(act, 0.4)->rgb, 0x64c832u);
        QCOMPARE(keyed_colour_at(act, 1)->rgb, 0xffffffu);
        act.curve[1].colour.reset(); // as the one before it
        QCOMPARE(keyed_colour_at(act, 0.4)->rgb, 0x000000u);
        Events e;
        const PinId pins[] = {e.first};
        e.project = with_bodies(e.project, pins, [](PinBody& body) {
            body_of<TriggerBody>(body).acts = {{"colour", 0, 0, {{0, 100}, {100, 100}}}};
        });
        auto coloured = with_event_key_coloured(e.project, e.first, {0, 0}, {0xff0000});
        QVERIFY(coloured.has_value());
        QCOMPARE(acts_of(coloured->pin(e.first)->body)[0].curve[1].colour, std::optional(Colour{0xff0000}));
        coloured = with_event_key_coloured(*coloured, e.first, {0, 1}, {0x0000ff});
        const auto act_now = acts_of(coloured->pin(e.first)->body)[0];
        QCOMPARE(keyed_colour_at(act_now, 0.5)->rgb, 0x800080u);
        const auto read = project_from_json(project_to_json(*coloured, "/"), "/");
        QVERIFY(read.has_value());
        QVERIFY(read->pin(e.first)->body == coloured->pin(e.first)->body);
    }

    void edits_by_name() {
        Events e;
        const auto run = [&](std::string_view id, const PinSet& pins, ParamValues values) {
            const Schedule schedule(e.project);
            const HandEdit& row = *hand_edit(id);
            return row.run({schedule, pins, {}, {}, {}, values_for(row, values)});
        };
        const auto keyed = run("event-key", {e.first}, {{"at", 25.0}, {"value", 120.0}, {"easing", "hold"}});
        QVERIFY2(keyed.has_value(), keyed ? "" : keyed.error().message().c_str());
        const auto& act = body_of<TriggerBody>(keyed->project.pin(e.first)->body).acts[0];
        QCOMPARE(act.curve[1], (TriggerAct::Point{25, 50, usual_easing("hold")}));
        QCOMPARE(way_at(act, 0.49), 0.5); // held up to the next
        QVERIFY(!run("event-key", {}, {{"at", 25.0}}));
        QVERIFY(!run("event-key", {e.first}, {{"at", 25.0}, {"easing", "no such"}}));
        const auto alike = run("drive-alike", {e.first, e.second}, {});
        QCOMPARE(alike->count, std::size_t{1});
        QCOMPARE(body_of<TriggerBody>(alike->project.pin(e.second)->body).acts, e.acts(e.first));
        QVERIFY(!run("drive-alike", {e.first}, {}));
        const auto like = static_cast<double>(e.second.value);
        const auto other_way = run("drive-alike", {e.first, e.second}, {{"like", like}});
        QCOMPARE(acts_of(body_of<TriggerBody>(other_way->project.pin(e.first)->body)),
                 acts_of(body_of<TriggerBody>(e.project.pin(e.second)->body)));
        QVERIFY(!run("drive-alike", {e.first, e.second}, {{"like", like + 1000}}));
    }
};

PULSEPIN_TEST_CLASS(TestEventKeys, "test_event_keys")
#include "test_event_keys.moc"
