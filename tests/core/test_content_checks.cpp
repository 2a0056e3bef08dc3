// SPDX-License-Identifier: GPL-3.0-or-later
//
// Checks of curves, texts, sound and files: each fault is found, told, and taken away by its mend. SMPTE ST
// 2046-1, EBU R 128 and SMPTE ST 12-1 are the sources of what is checked against; how long a line of a
// caption stays is common practice.
#include "check/checks.h"
#include "check/error_histogram.h"
#include "check/measured_sound.h"
#include "hand/stage_hand.h"
#include "interchange/project_json.h"
#include "kinds/layer_kinds.h"
#include "model/history.h"
#include "model/lane_edits.h"
#include "schedule/place.h"
#include "support/checked_pieces.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

class TestContentChecks : public QObject {
    Q_OBJECT
private slots:
    // -- curves

    void pulses_that_are_too_near() {
        Project project = with_lane(clean(), kind_of(body_type<PulseBody>), "Scale");
        const LaneId lane = project.lanes.back()->id;
        Motion motion;
        motion.pulse.up = {Length::Unit::InFrames, 2};
        motion.pulse.down = {Length::Unit::InFrames, 10};
        project = *with_motion(project, lane, motion);
        project = *with_pins(project, lane,
                             {{{}, MusicalAnchor{Ticks(0)}, PulseBody{}, {}},
                              {{}, MusicalAnchor{Ticks(960)}, PulseBody{}, {}}});
        QVERIFY(found_in(project).empty()); // 12 frames each, 12 apart
        project =
            *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(1200)}, PulseBody{.strength = 60}, {}}});
        const auto one = only(found_in(project), "pulses-overlap");
        QCOMPARE(one.how_much, "3 of 12 frames left");
        const auto done = mended_by(project, one);
        QCOMPARE(done.lane(lane)->pins.size(), std::size_t(2)); // the weaker one went
        QCOMPARE(body_of<PulseBody>(done.lane(lane)->pins[1].body).strength, 100.0);
        QVERIFY(found_in(done).empty());
    }
    void a_pulse_hit_into_others() {
        Project project = with_lane(clean(), kind_of(body_type<PulseBody>), "Scale");
        const LaneId lane = project.lanes.back()->id;
        Motion motion;
        motion.pulse.crowding = Crowding::Highest;
        motion.pulse.down = {Length::Unit::InFrames, 8};
        project = *with_motion(project, lane, motion);
        const auto placed = place(project, lane, {"beats", Ticks(0), Ticks(960 * 8), {}}, {PulseBody{}});
        QVERIFY(placed && found_in(placed->project).empty());
        project =
            *with_pins(placed->project, lane, {{{}, MusicalAnchor{Ticks(960 * 3 + 400)}, PulseBody{}, {}}});
        // It begins in the one before it, and the next one begins in it.
        const auto found = found_in(project);
        QCOMPARE(found.size(), std::size_t(2));
        QCOMPARE(found[0].why, "hit by hand");
        const auto material = material_of(project);
        const auto done = all_mended({material, found[0]});
        QVERIFY(done && found_in(done->project).empty());
        const auto& pins = done->project.lane(lane)->pins;
        QVERIFY(std::count_if(pins.begin(), pins.end(), [](const Pin& pin) {
                    return body_of<PulseBody>(pin.body).shape != nullptr;
                }) == 2);
    }
    void lanes_that_fight() {
        Scene scene;
        scene.project = clean();
        const LayerId ring = shape(scene);
        const auto keys = [&](Meets meets) {
            Feed feed = feed_of(ring, "position-x", 0, 100);
            feed.meets = meets;
            const LaneId lane = scene.drive(kind_of(body_type<KeyBody>), feed);
            scene.pin(lane, 1, KeyBody{0});
            scene.pin(lane, 3, KeyBody{50});
            return lane;
        };
        keys(Meets::Usual);
        QVERIFY(found_in(scene.project).empty());
        keys(Meets::Added);
        QVERIFY(found_in(scene.project).empty());
        const LaneId second = keys(Meets::Instead);
        auto one = only(found_in(scene.project), "feeds-fight");
        QVERIFY(one.lane == second && !one.placed);
        const auto done = mended_by(scene.project, one);
        QVERIFY(part_of<Motion>(*done.lane(second))->own.meets == Meets::Added);
        QVERIFY(found_in(done).empty());
    }
    /// A lane of poses has a feed for each value, but says something of those alone that a pose changes.
    void poses_fight_over_what_they_change() {
        Scene scene;
        scene.project = clean();
        const LayerId ring = shape(scene);
        const LaneId keys = scene.drive(kind_of(body_type<KeyBody>), feed_of(ring, "opacity", 0, 100));
        scene.pin(keys, 1, KeyBody{0});
        scene.pin(keys, 3, KeyBody{100});
        scene.project = with_lane(scene.project, kind_of(body_type<PoseBody>), "Poses");
        const LaneId poses = scene.project.lanes.back()->id;
        Motion motion;
        motion.own = feed_of(ring, "position-x", 0, 1);
        motion.feeds = {feed_of(ring, "opacity", 100, 101)};
        scene.project = *with_motion(scene.project, poses, motion);
        PoseBody pose;
        scene.pin(poses, 2, pose);
        pose.values[pose_index("position-x")] = 40;
        scene.pin(poses, 5, pose);
        QVERIFY(only(found_in(scene.project), "feeds-fight").check.empty());
        pose.values[pose_index("opacity")] = 50;
        scene.pin(poses, 8, pose);
        QVERIFY(only(found_in(scene.project), "feeds-fight").lane == poses);
    }
    void a_curve_that_is_flat() {
        Scene scene;
        scene.project = clean();
        const LayerId ring = shape(scene);
        const LaneId lane = scene.drive(kind_of(body_type<KeyBody>), feed_of(ring, "position-x", 0, 100));
        scene.pin(lane, 1, KeyBody{30});
        scene.pin(lane, 3, KeyBody{30});
        auto one = only(found_in(scene.project), "flat-curve");
        QCOMPARE(one.why, "all 2 keys are 30");
        const auto done = mended_by(scene.project, one);
        QVERIFY(done.lane(lane)->muted && found_in(done).empty());
        // What follows a silent song.
        Scene silent;
        silent.project = clean();
        const LaneId follows = silent.drive(kind_that_follows(), feed_of(shape(silent), "scale", 100, 130));
        auto material = material_of(silent.project);
        auto curve = std::make_shared<FollowerCurve>();
        curve->stages = {std::make_shared<const CurveValues>(CurveValues(100, 0.0f))};
        curve->trouble = "the song is silent there";
        material.curves.followers = std::make_shared<const FollowerCurves>(FollowerCurves{{follows, curve}});
        QCOMPARE(only(findings(material), "flat-curve").why, "the song is silent there");
        material.followers_known = false; // not computed yet: nothing is said
        QVERIFY(findings(material).empty());
    }

    // -- texts

    void a_line_that_cannot_be_read() {
        Project project = with_lane(clean(), kind_of(body_type<WordBody>), "Words");
        const LaneId lane = project.lanes.back()->id;
        // 38 letters in one second; the next line comes eight seconds later.
        project = *with_pins(
            project, lane,
            {{{},
              MusicalAnchor{Ticks(0)},
              WordBody{"over the levee and over the water again", {}, 1, 1, {Length::Unit::InBeats, 2}},
              {}},
             {{},
              MusicalAnchor{Ticks(960 * 16)},
              WordBody{"rise", {}, 2, 2, {Length::Unit::InBeats, 4}},
              {}}});
        const auto one = only(found_in(project), "reading");
        QVERIFY(QString::fromStdString(one.how_much).endsWith("characters per second"));
        const auto done = mended_by(project, one);
        QVERIFY(only(found_in(done), "reading").check.empty());
    }
    void a_title_outside_of_the_safe_area() {
        Scene scene;
        scene.project = clean();
        const LayerId title = scene.add({{}, layers::title, "Title"});
        auto material = material_of(scene.project);
        // From 89 % to 95 % of the right half: beyond 90 % and 93 %.
        material.texts = std::make_shared<const std::vector<TextBox>>(
            std::vector<TextBox>{{title, {}, {}, Frames(100), 0.5, -0.1, 0.95, 0.1, "high"}});
        const auto one = only(findings(material), "safe-area");
        QVERIFY(one.gravity == Gravity::Grave);
        const auto done = mended({material, one});
        QVERIFY(done);
        // 5.2 % of 640 pixels to the left.
        QCOMPARE(LayerValues(*done->project.stage->layer(title)).of("position-x"), -33.0);
        material.texts = std::make_shared<const std::vector<TextBox>>(
            std::vector<TextBox>{{title, {}, {}, Frames(100), 0.5, -0.1, 0.92, 0.1, "high"}});
        QVERIFY(only(findings(material), "safe-area").gravity == Gravity::Look);
        material.texts = std::make_shared<const std::vector<TextBox>>(
            std::vector<TextBox>{{title, {}, {}, Frames(100), -0.9, -0.9, 0.9, 0.9, "high"}});
        QVERIFY(only(findings(material), "safe-area").check.empty());
    }
    // Only of words, each when it has come: how long it is in the picture later is no matter.
    void a_word_sung_where_nobody_sees_it() {
        Scene scene;
        scene.project = with_lane(clean(), kind_of(body_type<WordBody>), "Words");
        const LaneId words = scene.project.lanes.back()->id;
        scene.project = *with_pins(scene.project, words,
                                   {{{},
                                     MusicalAnchor{Ticks(960 * 8)},
                                     WordBody{"levee", {}, 1, 1, {Length::Unit::InBeats, 4}},
                                     {}}});
        const PinId word = scene.project.lane(words)->pins.front().id;
        const LayerId title = scene.add({{}, layers::title, "Title"});
        auto shown = *with_lane_of_appearances(scene.project, title, kind_of(body_type<AppearanceBody>));
        scene.project = *with_pins(shown.project, shown.lane,
                                   {{{}, MarkerAnchor{word, Frames(0)}, AppearanceBody{}, {}}});
        const PinId tied = scene.project.lane(shown.lane)->pins.back().id;
        auto material = material_of(scene.project);
        const auto seen = [&](PinId pin, double share) {
            TextBox box{title, shown.lane, pin, Frames(100), -0.1, -0.1, 0.1, 0.1, "levee"};
            box.seen = share;
            material.texts = std::make_shared<const std::vector<TextBox>>(std::vector<TextBox>{box});
            return only(findings(material), "unseen-word");
        };
        const auto one = seen(tied, 0.2);
        QVERIFY(one.gravity == Gravity::Grave);
        QCOMPARE(one.pin, tied);
        QCOMPARE(one.at, scene.project.grid->time_at(Ticks(960 * 8)));
        QCOMPARE(one.how_much, std::string("20 % of it is seen"));
        QVERIFY(seen(tied, 0.6).check.empty());
        QVERIFY(seen(PinId{}, 0.2).check.empty()); // no word
    }
    void a_mouth_that_flickers() {
        Project project = with_lane(clean(), kind_of(body_type<WordBody>), "Words");
        const LaneId words = project.lanes.back()->id;
        project = with_lane(project, kind_of(body_type<ExposureBody>), "Mouth");
        const LaneId lane = project.lanes.back()->id;
        for (auto& one : project.lanes)
            if (one->id == lane) {
                Lane changed = *one;
                part_of<Exposing>(changed)->spoken = words;
                part_of<Exposing>(changed)->least = Frames(1);
                one = std::make_shared<const Lane>(changed);
            }
        project = *with_pins(project, lane,
                             {{{}, MusicalAnchor{Ticks(0)}, ExposureBody{"A"}, {}},
                              {{}, MusicalAnchor{Ticks(80)}, ExposureBody{"O"}, {}},
                              {{}, MusicalAnchor{Ticks(960)}, ExposureBody{"M"}, {}}});
        const auto one = only(found_in(project), "short-mouth");
        QCOMPARE(one.why, "\"A\" is over at once");
        QVERIFY(found_in(mended_by(project, one)).empty());
    }

    // -- sound and files

    void a_sum_that_clips() {
        // A full-scale square's edges overshoot between the samples; a sine of -6 dB peaks at -6 dBTP
        // (ITU-R BS.1770-4, annex 2).
        const auto plan_of_level = [](float level) {
            std::vector<float> samples;
            for (int i = 0; i < 48000 * 5; ++i)
                samples.push_back(level *
                                  static_cast<float>(std::sin(2 * 3.14159265358979 * 997 * i / 48000)));
            return plan_of(store_of(samples, {48000, 1}));
        };
        const auto quiet = measured_sound(plan_of_level(0.5012f));
        QVERIFY(quiet && std::abs(quiet->true_peak + 6) < 0.1);
        // A sine at -23 dBFS in both channels measures -23 LUFS less the weighting at 997 Hz, which is 0 dB
        // there (EBU Tech 3341, case 1: 1 kHz at -23 dBFS in stereo is -23 LUFS).
        const auto level = measured_sound(plan_of_level(std::pow(10.0f, -23.0f / 20)));
        QVERIFY(level && std::abs(level->loudness + 23) < 0.2);
        auto material = material_of(clean());
        material.sound = std::make_shared<const SoundFacts>(*quiet);
        QVERIFY(findings(material).empty());
        material.sound = std::make_shared<const SoundFacts>(SoundFacts{0.4, Seconds(31.2), -9});
        const auto one = only(findings(material), "clipped");
        QCOMPARE(one.how_much, "+0.4 dBTP");
        const auto done = mended({material, one});
        QVERIFY(done && QString::fromStdString(done->will).contains("1.4 dB"));
        QVERIFY(std::abs(done->project.song_track->body.gain_db + 1.4) < 1e-9);
        // A loudness that is wanted, and one that is not.
        const auto wanted = material.with(*with_check_limits(clean(), {{"loudness", std::string("-23")}}));
        const auto loud = only(findings(wanted), "loudness");
        QCOMPARE(loud.how_much, "-9.0 LUFS");
        QVERIFY(std::abs(mended({wanted, loud})->project.song_track->body.gain_db + 14) < 1e-9);
    }
    void files() {
        const auto project = clean();
        auto material = material_of(project);
        FileFacts facts;
        facts.song_there = false;
        facts.clips[(*project.bin)[0].id] = {false, 0, false};
        facts.clips[(*project.bin)[1].id] = {true, 25, false};
        facts.clips[(*project.bin)[2].id] = {true, 24, true};
        facts.clips[(*project.bin)[3].id] = {true, 48, false}; // every other picture is shown: no stutter
        facts.clips[(*project.bin)[4].id] = {true, 24000.0 / 1001, false};
        material.files = std::make_shared<const FileFacts>(facts);
        const auto found = findings(material);
        std::map<std::string, int> count;
        for (const auto& one : found)
            ++count[std::string(one.check)];
        QVERIFY((count ==
                 std::map<std::string, int>{{"missing-file", 2}, {"clip-rate", 2}, {"variable-rate", 1}}));
        QVERIFY(!mended({material, found[0]}));
    }
    /// 23.976 has no drop-frame count: in a piece of 20 minutes its numbers are 1.2 s behind the clock.
    void timecode_that_runs_off() {
        QVERIFY(only(found_in(steady_project(120, 0, 60, "23.976")), "timecode").check.empty());
        const auto one = only(found_in(steady_project(120, 0, 1200, "23.976")), "timecode");
        QCOMPARE(one.how_much, "1.2 s at the end");
        QVERIFY(only(found_in(steady_project(120, 0, 1200, "29.97")), "timecode").check.empty());
        QVERIFY(only(found_in(steady_project(120, 0, 1200, "24")), "timecode").check.empty());
    }
};

PULSEPIN_TEST_CLASS(TestContentChecks, "test_content_checks")
#include "test_content_checks.moc"
