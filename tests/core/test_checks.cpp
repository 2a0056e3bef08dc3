// SPDX-License-Identifier: GPL-3.0-or-later
//
// Each check finds its fault, says so, and its mend takes it away and nothing else. SMPTE ST 2046-1 (safe
// title 90 %, safe action 93 %), EBU R 128 (-1 dBTP, -23 LUFS) and SMPTE ST 12-1 (drop-frame) are the sources
// of what is checked against; how long a line of a caption stays is common practice.
#include "check/checks.h"
#include "check/error_histogram.h"
#include "check/measured_sound.h"
#include "interchange/project_json.h"
#include "model/history.h"

#include "schedule/place.h"
#include "support/media.h"
#include "support/checked_pieces.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

class TestChecks : public QObject {
    Q_OBJECT
private slots:
    void a_clean_piece_has_no_findings() {
        QVERIFY(found_in(new_project()).empty());
        const auto project = clean();
        for (const auto& one : found_in(project))
            QFAIL(std::string(one.check).c_str());
        const auto rows = sync_report(Schedule(project));
        QCOMPARE(rows.size(), std::size_t(15));
        QCOMPARE(verdict_text(rows, project, usual_error(*project.settings)),
                 "All 15 cuts within half a frame");
        QCOMPARE(findings_text({}), "nothing found");
    }

    /// Well-formed pieces at random: pins on beats and parts of them, at many tempi and rates, with leads,
    /// poses of keys that move, triggers one after the other.
    void well_formed_pieces_have_no_findings_data() {
        QTest::addColumn<int>("seed");
        for (int seed = 1; seed <= 40; ++seed)
            QTest::addRow("%d", seed) << seed;
    }
    void well_formed_pieces_have_no_findings() {
        QFETCH(int, seed);
        std::mt19937 random(static_cast<std::uint32_t>(seed));
        const auto below = [&](int n) { return static_cast<int>(random() % static_cast<std::uint32_t>(n)); };
        const char* rates[] = {"24", "25", "30", "60", "23.976", "29.97", "50"};
        Project project = steady_project(60 + below(120), below(300) / 1000.0, 40, rates[below(7)]);
        const double beat = 60 / project.grid->typical_tempo().value;
        // Shots of at most eight seconds: the clips last nine.
        const int every = std::max(1, static_cast<int>(8 / beat) - below(3));
        project = cuts_on_beats(project, static_cast<int>(40 / (every * beat)) + 1, every);
        const LaneId marks = lane_of_kind(project, kind_that(&LaneKindRow::marks));
        for (int i = 0; i < 10; ++i)
            project = *with_pins(project, marks,
                                 {{{},
                                   TimeAnchor{Seconds(i * 3 + below(1000) / 1000.0)},
                                   MarkerBody{"m" + std::to_string(i)},
                                   {}}});
        project = with_lane(project, kind_that(&LaneKindRow::triggers), "Flash");
        for (int i = 0; i < 12; ++i)
            project = *with_pins(
                project, project.lanes.back()->id,
                {{{}, MusicalAnchor{Ticks(i * 960 * (1 + below(2)) + 20'000 * (i % 2))}, TriggerBody{}, {}}});
        // Two at one place would be a fault of its own.
        std::set<std::int64_t> taken;
        std::vector<PinId> doubled;
        for (const auto& pin : resolve(project, *project.lanes.back()).pins)
            if (!taken.insert(pin.frame.value).second)
                doubled.push_back(pin.id);
        project = without_pins(project, doubled);
        project = with_lane(project, kind_that(&LaneKindRow::pulses), "Scale");
        for (int i = 0; i < 8; ++i)
            project = *with_pins(project, project.lanes.back()->id,
                                 {{{}, MusicalAnchor{Ticks(i * 960 * 2 + below(4) * 240)}, PulseBody{}, {}}});
        project = *with_lead(project, project.lanes.back()->id, Frames(below(4)));
        project = with_lane(project, kind_that(&LaneKindRow::keyed), "Fade");
        for (int i = 0; i < 4; ++i)
            project = *with_pins(
                project, project.lanes.back()->id,
                {{{}, MusicalAnchor{Ticks(i * 4000 + below(3000))}, KeyBody{static_cast<double>(i)}, {}}});
        for (const auto& one : found_in(project))
            QFAIL(qPrintable(
                QString("%1: %2, %3").arg(one.check.data(), one.how_much.c_str(), one.why.c_str())));
    }

    // -- the places of pins

    void a_loose_cut_is_told_and_pinned() {
        Project project = clean();
        const LaneId cuts = cuts_of(project);
        // Bar 5 begins at 8 s: 61 ms later.
        const PinId cut = pin_at(project, cuts, 2);
        project = *with_anchor(project, cut, TimeAnchor{Seconds(8.061)});
        const auto one = only(found_in(project), "off-beat");
        QCOMPARE(one.pin, cut);
        // 8.061 s at 24 a second is frame 193.46: frame 193 begins at 8.0417, 41.7 ms late.
        QVERIFY(std::abs(one.amount - 41.667) < 0.01);
        QCOMPARE(one.how_much, "42 ms late");
        QVERIFY(QString::fromStdString(one.why).contains("loose"));
        const auto rows = sync_report(Schedule(project));
        QCOMPARE(verdict_text(rows, project, usual_error(*project.settings)),
                 "14 of 15 cuts within half a frame; 1 is 42 ms late");
        const auto material = material_of(project);
        const auto done = mended({material, one});
        QVERIFY(done);
        QCOMPARE(done->will, "puts \"tail\" on 5.1: 61 ms earlier, frame 192");
        QVERIFY(std::get<MusicalAnchor>(done->project.pin(cut)->anchor) == MusicalAnchor{Ticks(4 * 4 * 960)});
        QVERIFY(found_in(done->project).empty());
        // Nothing else was changed.
        QCOMPARE(same_content(*with_anchor(done->project, cut, TimeAnchor{Seconds(8.061)}), project), true);
    }
    void an_offset_from_the_beat_is_told() {
        Project project = clean();
        const PinId cut = pin_at(project, cuts_of(project), 3);
        project = *with_anchor(project, cut, MusicalAnchor{Ticks(24 * 960), Frames(-2)});
        auto one = only(found_in(project), "off-beat");
        QCOMPARE(one.how_much, "83 ms early"); // two frames of 41.67 ms
        QVERIFY(found_in(mended_by(project, one)).empty());
        // Within a limit that a person set it is not.
        project = *with_check_limits(project, {{"cuts", 90.0}});
        QVERIFY(found_in(project).empty());
    }
    /// What a planting was told to do is meant: a nudge of two frames before each beat.
    void a_nudged_planting_is_meant() {
        Project project = steady_project();
        Picker picker{"downbeats", Ticks(0), Ticks(960 * 40), {}};
        PlantingForm form{CutBody{(*project.bin)[0].id, Seconds(0)}};
        const auto placed = place(project, cuts_of(project), picker, form);
        QVERIFY(placed);
        std::vector<PinId> pins;
        for (const auto& pin : placed->project.lane(cuts_of(project))->pins)
            pins.push_back(pin.id);
        project = nudged_by(placed->project, pins, Frames(-2));
        for (const auto& row : sync_report(Schedule(project)))
            QVERIFY(row.meant && std::abs(row.error().value) < 0.021);
        QVERIFY(only(found_in(project), "off-beat").check.empty());
        // One of them moved by hand is not.
        project = nudged_by(project, std::vector{pins[2]}, Frames(-3));
        QCOMPARE(only(found_in(project), "off-beat").pin, pins[2]);
    }
    void leads_and_the_piece_s_beginning_are_meant() {
        Project project = clean();
        project = *with_lead(project, cuts_of(project), Frames(3));
        QVERIFY(only(found_in(project), "off-beat").check.empty());
        // The first shot lies where the piece begins, beat or not.
        Project loose = steady_project(97, 0.31);
        loose = *with_pins(loose, cuts_of(loose),
                           {{{}, TimeAnchor{Seconds(0)}, CutBody{(*loose.bin)[0].id, Seconds(0)}, {}}});
        QVERIFY(only(found_in(loose), "off-beat").check.empty());
    }
    void never_late_is_allowed_a_frame() {
        Project project = steady_project(118, 0.1);
        Settings settings = *project.settings;
        settings.rounding = FrameRounding::NeverLate;
        project = cuts_on_beats(with_settings(project, settings), 7, 8);
        QVERIFY(only(found_in(project), "off-beat").check.empty());
        const auto rows = sync_report(Schedule(project));
        QCOMPARE(verdict_text(rows, project, usual_error(settings)), "All 7 cuts within a frame");
    }

    void what_was_placed_on_onsets_is_compared_with_them() {
        Project project = steady_project();
        Detection found;
        OnsetRow all;
        all.name = "everything";
        OnsetRow kick;
        kick.name = "kick";
        for (int i = 0; i < 20; ++i)
            kick.onsets.push_back({Seconds(i * 1.0), 1});
        found.rows = {all, kick};
        project = with_detection(project, found, false);
        Picker picker{"onsets", Ticks(0), Ticks(960 * 30), {}, {{"row", std::string("kick")}}};
        const auto placed =
            place(project, cuts_of(project), picker, {CutBody{(*project.bin)[0].id, Seconds(0)}});
        QVERIFY(placed);
        QVERIFY(only(found_in(placed->project), "off-onset").check.empty());
        // The grid goes by 80 ms, and what hangs on it: it lies off its onsets now.
        const auto late = *BeatGrid::steady(Bpm(120), Seconds(0.08), {}, Seconds(60));
        project = retimed(placed->project, late);
        auto found_now = found_in(project);
        const auto off = std::count_if(found_now.begin(), found_now.end(),
                                       [](const Finding& f) { return f.check == "off-onset"; });
        QCOMPARE(static_cast<std::size_t>(off), placed->count);
        const auto first = *std::find_if(found_now.begin(), found_now.end(),
                                         [](const Finding& f) { return f.check == "off-onset"; });
        QVERIFY(std::abs(first.amount - 80) < 1e-6);
        const auto material = material_of(project);
        const auto done = all_mended({material, first});
        QVERIFY(done);
        QVERIFY(only(found_in(done->project), "off-onset").check.empty());
    }

    void two_on_one_frame() {
        Project project = clean();
        const LaneId cuts = cuts_of(project);
        project = *with_pins(
            project, cuts,
            {{{}, MusicalAnchor{Ticks(16 * 960 + 2)}, CutBody{(*project.bin)[4].id, Seconds(0)}, {}}});
        const auto one = only(found_in(project), "same-frame");
        QCOMPARE(one.pin, pin_at(project, cuts, 2)); // the last placed one is seen
        const auto done = mended_by(project, one);
        QVERIFY(!done.pin(one.pin));
        QVERIFY(only(found_in(done), "same-frame").check.empty());
    }
    void two_names_for_one_place() {
        Project project = clean();
        const LaneId marks = lane_of_kind(project, kind_that(&LaneKindRow::marks));
        project = *with_pins(project, marks,
                             {{{}, MusicalAnchor{Ticks(960)}, MarkerBody{"verse"}, {}},
                              {{}, MusicalAnchor{Ticks(961)}, MarkerBody{"A"}, {}},
                              {{}, MusicalAnchor{Ticks(9600)}, MarkerBody{"A"}, {}},
                              {{}, MusicalAnchor{Ticks(9600)}, MarkerBody{"A"}, {}}});
        const auto one = only(found_in(project), "two-names");
        QCOMPARE(one.why, "\"verse\" and \"A\"");
        const auto done = mended_by(project, one);
        QCOMPARE(done.lane(marks)->pins.size(), std::size_t(3));
        QCOMPARE(std::get<MarkerBody>(done.lane(marks)->pins[0].body).name, "verse / A");
        QVERIFY(found_in(done).empty());
    }
    void a_doubtful_grid() {
        auto material = material_of(clean());
        std::vector<BarTrust> trust;
        for (int i = 0; i < 20; ++i)
            trust.push_back(
                {i * 4, Seconds(i * 2), Seconds(i * 2 + 2), i == 7 || i == 8 ? 0.2 : 0.9, {}, false});
        material.trust = std::make_shared<const std::vector<BarTrust>>(trust);
        const auto one = only(findings(material), "doubtful-grid");
        QVERIFY(one.at == Seconds(14) && one.until == Seconds(18));
        QCOMPARE(one.how_much, "20 % trust");
        QVERIFY(!mended({material, one}));
    }

    // -- shots

    void a_shot_too_short() {
        Project project = clean();
        const LaneId cuts = cuts_of(project);
        project = *with_pins(
            project, cuts,
            {{{}, MusicalAnchor{Ticks(16 * 960 + 240)}, CutBody{(*project.bin)[4].id, Seconds(0)}, {}}});
        const auto one = only(found_in(project), "short-shot");
        QCOMPARE(one.how_much, "3 frames"); // a sixteenth at 120 a minute: 0.125 s of 24 frames a second
        QVERIFY(found_in(mended_by(project, one)).empty());
        project = *with_check_limits(project, {{"shortest", 3.0}});
        QVERIFY(found_in(project).empty());
    }
    /// Of the two cuts beside it the one goes that lies less on the beat.
    void the_weaker_cut_goes() {
        Project project = clean();
        const LaneId cuts = cuts_of(project);
        const PinId bar = pin_at(project, cuts, 2);
        project = *with_pins(
            project, cuts,
            {{{}, MusicalAnchor{Ticks(16 * 960 - 200)}, CutBody{(*project.bin)[4].id, Seconds(0)}, {}}});
        const auto before = mended_by(project, only(found_in(project), "short-shot"));
        QVERIFY(before.pin(bar) && before.lane(cuts)->pins.size() == 15);
        project = clean();
        project = *with_pins(
            project, cuts,
            {{{}, MusicalAnchor{Ticks(16 * 960 + 200)}, CutBody{(*project.bin)[4].id, Seconds(0)}, {}}});
        const auto after = mended_by(project, only(found_in(project), "short-shot"));
        QVERIFY(after.pin(bar) && after.lane(cuts)->pins.size() == 15);
    }
    void a_shot_with_too_little_material() {
        Project project = clean();
        const LaneId cuts = cuts_of(project);
        const PinId cut = pin_at(project, cuts, 1);
        // Four seconds from 6.5 s on of a clip of nine: 1.5 s are missing, 36 frames.
        project = *with_body(project, cut, CutBody{(*project.bin)[1].id, Seconds(6.5)});
        const auto one = only(found_in(project), "short-material");
        QCOMPARE(one.how_much, "36 frames missing");
        const auto done = mended_by(project, one);
        QVERIFY(std::abs(std::get<CutBody>(done.pin(cut)->body).in_point.value - 5) < 1e-9);
        QVERIFY(found_in(done).empty());
        // Longer than all of the clip: slower. Backwards: from later on.
        Project longer = steady_project(120, 0, 20);
        longer = *with_pins(longer, cuts_of(longer),
                            {{{}, MusicalAnchor{Ticks(0)}, CutBody{(*longer.bin)[0].id, Seconds(0)}, {}}});
        const auto slow = mended_by(longer, only(found_in(longer), "short-material"));
        QVERIFY(std::abs(std::get<CutBody>(slow.lane(cuts_of(slow))->pins[0].body).speed - 45) < 0.01);
        QVERIFY(found_in(slow).empty());
        CutBody back{(*project.bin)[1].id, Seconds(1)};
        back.speed = -100;
        project = *with_body(project, cut, back);
        const auto backwards = mended_by(project, only(found_in(project), "short-material"));
        QVERIFY(std::abs(std::get<CutBody>(backwards.pin(cut)->body).in_point.value - 4) < 1e-9);
        QVERIFY(found_in(backwards).empty());
    }
    void a_marker_outside_of_its_shot() {
        Project project = clean();
        const LaneId marks = lane_of_kind(project, kind_that(&LaneKindRow::marks));
        const PinId shot = pin_at(project, cuts_of(project), 2);
        project = *with_pins(project, marks, {{{}, MarkerAnchor{shot, Seconds(2)}, MarkerBody{"lands"}, {}}});
        QVERIFY(found_in(project).empty());
        project = *with_pins(project, marks, {{{}, MarkerAnchor{shot, Seconds(6)}, MarkerBody{"flies"}, {}}});
        const auto one = only(found_in(project), "outside-shot");
        QVERIFY(std::abs(one.amount - 2000) < 1); // it lasts four seconds
        QVERIFY(found_in(mended_by(project, one)).empty());
    }

    // -- curves

    void pulses_that_are_too_near() {
        Project project = with_lane(clean(), kind_that(&LaneKindRow::pulses), "Scale");
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
        QCOMPARE(std::get<PulseBody>(done.lane(lane)->pins[1].body).strength, 100.0);
        QVERIFY(found_in(done).empty());
    }
    void a_pulse_hit_into_others() {
        Project project = with_lane(clean(), kind_that(&LaneKindRow::pulses), "Scale");
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
                    return std::get<PulseBody>(pin.body).shape != nullptr;
                }) == 2);
    }
    void lanes_that_fight() {
        Scene scene;
        scene.project = clean();
        const LayerId ring = shape(scene);
        const auto keys = [&](Meets meets) {
            Feed feed = feed_of(ring, "position-x", 0, 100);
            feed.meets = meets;
            const LaneId lane = scene.drive(kind_that(&LaneKindRow::keyed), feed);
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
        QVERIFY(done.lane(second)->motion->own.meets == Meets::Added);
        QVERIFY(found_in(done).empty());
    }
    /// A lane of poses has a feed for each value, but says something of those alone that a pose changes.
    void poses_fight_over_what_they_change() {
        Scene scene;
        scene.project = clean();
        const LayerId ring = shape(scene);
        const LaneId keys = scene.drive(kind_that(&LaneKindRow::keyed), feed_of(ring, "opacity", 0, 100));
        scene.pin(keys, 1, KeyBody{0});
        scene.pin(keys, 3, KeyBody{100});
        scene.project = with_lane(scene.project, kind_that(&LaneKindRow::poses), "Poses");
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
        const LaneId lane = scene.drive(kind_that(&LaneKindRow::keyed), feed_of(ring, "position-x", 0, 100));
        scene.pin(lane, 1, KeyBody{30});
        scene.pin(lane, 3, KeyBody{30});
        auto one = only(found_in(scene.project), "flat-curve");
        QCOMPARE(one.why, "all 2 keys are 30");
        const auto done = mended_by(scene.project, one);
        QVERIFY(done.lane(lane)->muted && found_in(done).empty());
        // What follows a silent song.
        Scene silent;
        silent.project = clean();
        const LaneId follows =
            silent.drive(kind_that(&LaneKindRow::follows), feed_of(shape(silent), "scale", 100, 130));
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
        Project project = with_lane(clean(), kind_that(&LaneKindRow::words), "Words");
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
        QVERIFY(QString::fromStdString(one.how_much).endsWith("letters a second"));
        const auto done = mended_by(project, one);
        QVERIFY(only(found_in(done), "reading").check.empty());
    }
    void a_title_outside_of_the_safe_area() {
        Scene scene;
        scene.project = clean();
        const LayerId title = scene.add({{}, LayerKind::Title, "Title"});
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
    void a_mouth_that_flickers() {
        Project project = with_lane(clean(), kind_that(&LaneKindRow::words), "Words");
        const LaneId words = project.lanes.back()->id;
        project = with_lane(project, kind_that(&LaneKindRow::exposes), "Mouth");
        const LaneId lane = project.lanes.back()->id;
        for (auto& one : project.lanes)
            if (one->id == lane) {
                Lane changed = *one;
                changed.exposing->spoken = words;
                changed.exposing->least = Frames(1);
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

QTEST_APPLESS_MAIN(TestChecks)
#include "test_checks.moc"
