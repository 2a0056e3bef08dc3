// SPDX-License-Identifier: GPL-3.0-or-later
//
// Sparks: born by the integral of their rate, flying by the equations of motion, the same however a frame is
// reached.
#include "kinds/layer_kinds.h"
#include "stage/sparks.h"
#include "support/scene.h"
#include "support/test_program.h"

#include <QTest>
#include <chrono>

using namespace pulsepin;
using namespace pulsepin::test;

class TestSparks : public QObject {
    Q_OBJECT
private slots:
    void sparks_are_born_by_the_integral_of_the_rate() {
        Scene scene;
        Layer layer{{}, layers::sparks, "Sparks"};
        layer.values = {{"rate", 48}, {"spark-life", 0.5}, {"spark-life-spread", 0}};
        const LayerId sparks = scene.add(layer);
        // Two a frame for half a second: 24, from the piece's first frame on, since they ran before it.
        for (const int frame : {0, 1, 37, 700})
            QCOMPARE(scene.of(sparks, frame).front().sparks.size(), std::size_t{24});
        // At a rate that rises evenly from 0 to 240 over ten seconds: half of that by the middle.
        const LaneId keys = scene.drive(kind_of(body_type<KeyBody>), feed_of(sparks, "rate", 0, 240));
        scene.pin(keys, 0, KeyBody{0, {}});
        scene.pin(keys, 20, KeyBody{240, {}});
        scene.change_layer(sparks, [](Layer& changed) { changed.values["spark-life"] = 30; });
        const auto count = static_cast<double>(scene.of(sparks, 120).front().sparks.size());
        QVERIFY2(std::abs(count - 24.0 * 25 / 2) < 4, qPrintable(QString::number(count))); // 24/s² over 5 s
    }

    void a_burst_is_born_at_each_pulse() {
        Scene scene;
        Layer layer{{}, layers::sparks, "Sparks"};
        layer.values = {{"spark-life", 1}, {"spark-life-spread", 0}};
        const LayerId sparks = scene.add(layer);
        const LaneId pulses = scene.drive(kind_of(body_type<PulseBody>), feed_of(sparks, "burst", 0, 200));
        scene.pin(pulses, 4, PulseBody{});
        scene.pin(pulses, 5, PulseBody{50});
        const auto peak = Schedule(scene.project).spans(pulses).motion.pulses().front().peak;
        const auto frame = static_cast<std::int64_t>(peak);
        QVERIFY(scene.of(sparks, frame - 1).front().sparks.empty());
        QCOMPARE(scene.of(sparks, frame).front().sparks.size(), std::size_t{200});
        QCOMPARE(scene.of(sparks, frame + 12).front().sparks.size(), std::size_t{300});
        QCOMPARE(scene.of(sparks, frame + 24).front().sparks.size(), std::size_t{100});
    }

    // Of bursts that count by age each comes as long after its appearance as its pulse lies after the first.
    void bursts_count_from_the_appearance() {
        Scene scene;
        Layer layer{{}, layers::sparks, "Sparks"};
        layer.values = {{"spark-life", 30}, {"spark-life-spread", 0}};
        const LayerId sparks = scene.add(layer);
        Feed feed = feed_of(sparks, "burst", 0, 100);
        feed.by_age = true;
        const LaneId pulses = scene.drive(kind_of(body_type<PulseBody>), feed);
        for (const double beat : {4, 6, 9})
            scene.pin(pulses, beat, PulseBody{});
        const LaneId lane = scene.appear(sparks);
        Showing showing = *part_of<Showing>(*scene.project.lane(lane));
        showing.comes.move = "none";
        scene.project = *with_showing(scene.project, lane, showing);
        scene.pin(lane, 20, lasting(240));
        const Schedule schedule(scene.project);
        const auto& all = schedule.spans(pulses).motion.pulses();
        const double first = static_cast<double>(schedule.pins(pulses).pins.front().frame.value);
        for (std::size_t i = 0; i < all.size(); ++i) {
            const auto born = static_cast<std::int64_t>(std::ceil(20 * 12 + all[i].peak - first));
            QCOMPARE(scene.of(sparks, born - 1).front().sparks.size(), i * 100);
            QCOMPARE(scene.of(sparks, born).front().sparks.size(), (i + 1) * 100);
        }
    }

    // What turns at a driven rate has turned as far, whether it is asked for late or frame by frame.
    void what_appears_is_born_by_the_rate_since_it_came() {
        for (const bool by_age : {false, true}) {
            Scene scene;
            Layer layer{{}, layers::sparks, "Sparks"};
            layer.values = {{"spark-life", 30}, {"spark-life-spread", 0}};
            const LayerId sparks = scene.add(layer);
            Feed feed = feed_of(sparks, "rate", 0, 240);
            feed.by_age = by_age;
            const LaneId keys = scene.drive(kind_of(body_type<KeyBody>), feed);
            scene.pin(keys, 0, KeyBody{0, {}});
            scene.pin(keys, 20, KeyBody{240, {}}); // 24 more a second in every second
            const LaneId lane = scene.appear(sparks);
            Showing showing = *part_of<Showing>(*scene.project.lane(lane));
            showing.comes.move = "none";
            scene.project = *with_showing(scene.project, lane, showing);
            for (const double beat : {4, 6}) // after two seconds, and after three
                scene.pin(lane, beat, lasting(240));
            const auto there = scene.of(sparks, 24 * 6);
            QCOMPARE(there.size(), std::size_t{2});
            // Over 4 and 3 seconds: from 48 and 72 a second on in the piece, from none by age.
            const double first = by_age ? 24 * 16 / 2.0 : 24 * (36 - 4) / 2.0;
            const double second = by_age ? 24 * 9 / 2.0 : 24 * (36 - 9) / 2.0;
            QVERIFY(std::abs(static_cast<double>(there[0].sparks.size()) - first) < 6);
            QVERIFY(std::abs(static_cast<double>(there[1].sparks.size()) - second) < 6);
        }
    }

    void sparks_fly_as_the_equations_say() {
        SparkSource source;
        source.longest = 3;
        source.born_until = [](std::int64_t) { return 0.0; };
        source.bursts = {{0, 100, 5}};
        const auto with = [&](std::map<std::string, double> values) {
            source.values_at = [values](double) { return LayerValues(values); };
            return sparks_at(source, 24); // one second later
        };
        const std::map<std::string, double> still{
            {"spark-life", 3},   {"spark-life-spread", 0}, {"spark-speed", 100}, {"spark-speed-spread", 0},
            {"spark-spread", 0}, {"spark-direction", 0},   {"spark-gravity", 0}, {"spark-drag", 0}};
        for (const auto& spark : with(still))
            QVERIFY(std::abs(spark.x - 100) < 1e-9 && std::abs(spark.y) < 1e-9);
        auto falling = still;
        falling["spark-gravity"] = 80; // g t² / 2
        for (const auto& spark : with(falling))
            QVERIFY(std::abs(spark.y - 40) < 1e-9);
        auto braked = still;
        braked["spark-drag"] = 2; // v / k (1 - e^-kt): Stokes' drag
        for (const auto& spark : with(braked))
            QVERIFY(std::abs(spark.x - 50 * (1 - std::exp(-2.0))) < 1e-9);
    }

    // Where they turn round is where they are highest, looked for by small steps.
    void sparks_are_highest_after_the_time_to_the_top() {
        SparkSource source;
        source.longest = 30;
        source.frames_per_second = 1000;
        source.born_until = [](std::int64_t) { return 0.0; };
        source.bursts = {{0, 1, 5}};
        for (const double drag : {0.0, 0.3, 0.8, 4.0})
            for (const double direction : {-90.0, -60.0}) {
                const std::map<std::string, double> values{
                    {"spark-life", 30},   {"spark-life-spread", 0},  {"spark-speed", 400},
                    {"spark-spread", 0},  {"spark-speed-spread", 0}, {"spark-direction", direction},
                    {"spark-drag", drag}, {"spark-gravity", 220}};
                source.values_at = [&](double) { return LayerValues(values); };
                double highest = 1e9, at = 0;
                for (int frame = 1; frame < 4000; ++frame)
                    if (const double y = sparks_at(source, frame).front().y; y < highest) {
                        highest = y;
                        at = frame;
                    }
                const double told = time_to_the_top(LayerValues(values)).value * 1000;
                QVERIFY2(std::abs(told - at) <= 1, qPrintable(QString("%1 %2").arg(told).arg(at)));
            }
        // v / g, as at school; what falls from the beginning never rises.
        const auto top = [](double gravity, double direction) {
            return time_to_the_top(LayerValues({{"spark-speed", 300.0},
                                                {"spark-gravity", gravity},
                                                {"spark-drag", 0.0},
                                                {"spark-direction", direction}}))
                .value;
        };
        QVERIFY(std::abs(top(150, -90) - 2) < 1e-12);
        QCOMPARE(top(150, 90), 0.0);
        QCOMPARE(top(0, -90), 0.0);
    }

    void bursts_that_arrive_are_at_the_top_on_the_beat() {
        Scene scene;
        Layer layer{{}, layers::sparks, "Sparks"};
        layer.values = {{"spark-life", 5},         {"spark-life-spread", 0}, {"spark-speed", 240},
                        {"spark-drag", 0},         {"spark-gravity", 240},   {"spark-spread", 0},
                        {"spark-speed-spread", 0}, {"spark-arrives", 1}}; // one second up
        const LayerId sparks = scene.add(layer);
        const LaneId pulses = scene.drive(kind_of(body_type<PulseBody>), feed_of(sparks, "burst", 0, 10));
        scene.pin(pulses, 8, PulseBody{});
        const auto peak =
            static_cast<std::int64_t>(Schedule(scene.project).spans(pulses).motion.pulses().front().peak);
        const auto y = [&](std::int64_t frame) { return scene.of(sparks, frame).front().sparks.front().y; };
        QVERIFY(scene.of(sparks, peak - 25).front().sparks.empty());
        QVERIFY(!scene.of(sparks, peak - 24).front().sparks.empty());
        QVERIFY(std::abs(y(peak) + 120) < 1e-6 && y(peak - 1) > y(peak) && y(peak + 1) > y(peak)); // v² / 2g
    }

    void the_same_frame_has_the_same_sparks_however_it_is_reached() {
        Scene scene;
        Layer layer{{}, layers::sparks, "Sparks"};
        layer.values = {{"rate", 90}};
        const LayerId sparks = scene.add(layer);
        const LaneId keys = scene.drive(kind_of(body_type<KeyBody>), feed_of(sparks, "rate", 0, 300));
        for (int i = 0; i < 20; ++i)
            scene.pin(keys, i * 3, KeyBody{i % 2 == 0 ? 20.0 : 300.0, {}});
        const LaneId moves =
            scene.drive(kind_of(body_type<KeyBody>), feed_of(sparks, "position-x", -300, 300));
        scene.pin(moves, 0, KeyBody{-300, {}});
        scene.pin(moves, 60, KeyBody{300, {}});
        const Curves played{Schedule(scene.project)};
        for (int frame = 0; frame < 700; ++frame)
            (void)staged_at(played, Frames(frame));
        const Curves jumped{Schedule(scene.project)};
        QVERIFY(staged_at(played, Frames(700)) == staged_at(jumped, Frames(700)));
        const auto back = staged_at(jumped, Frames(300));
        QVERIFY(back == staged_at(played, Frames(300)));
    }
};

PULSEPIN_TEST_CLASS(TestSparks, "test_sparks")
#include "test_sparks.moc"
