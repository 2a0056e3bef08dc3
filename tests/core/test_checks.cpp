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
#include "support/checked_pieces.h"
#include "support/media.h"
#include "support/seed.h"
#include "support/test_program.h"

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
        for (const auto seed : seeds(1, 40))
            QTest::addRow("%u", seed) << static_cast<int>(seed);
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
        const LaneId marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        for (int i = 0; i < 10; ++i)
            project = *with_pins(project, marks,
                                 {{{},
                                   TimeAnchor{Seconds(i * 3 + below(1000) / 1000.0)},
                                   MarkerBody{"m" + std::to_string(i)},
                                   {}}});
        project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
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
        project = with_lane(project, kind_of(body_type<PulseBody>), "Scale");
        for (int i = 0; i < 8; ++i)
            project = *with_pins(project, project.lanes.back()->id,
                                 {{{}, MusicalAnchor{Ticks(i * 960 * 2 + below(4) * 240)}, PulseBody{}, {}}});
        project = *with_lead(project, project.lanes.back()->id, Frames(below(4)));
        project = with_lane(project, kind_of(body_type<KeyBody>), "Fade");
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
        const LaneId marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project = *with_pins(project, marks,
                             {{{}, MusicalAnchor{Ticks(960)}, MarkerBody{"verse"}, {}},
                              {{}, MusicalAnchor{Ticks(961)}, MarkerBody{"A"}, {}},
                              {{}, MusicalAnchor{Ticks(9600)}, MarkerBody{"A"}, {}},
                              {{}, MusicalAnchor{Ticks(9600)}, MarkerBody{"A"}, {}}});
        const auto one = only(found_in(project), "two-names");
        QCOMPARE(one.why, "\"verse\" and \"A\"");
        const auto done = mended_by(project, one);
        QCOMPARE(done.lane(marks)->pins.size(), std::size_t(3));
        QCOMPARE(body_of<MarkerBody>(done.lane(marks)->pins[0].body).name, "verse / A");
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
        QCOMPARE(one.how_much, "20 % confidence");
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
        QVERIFY(std::abs(body_of<CutBody>(done.pin(cut)->body).in_point.value - 5) < 1e-9);
        QVERIFY(found_in(done).empty());
        // Longer than all of the clip: slower. Backwards: from later on.
        Project longer = steady_project(120, 0, 20);
        longer = *with_pins(longer, cuts_of(longer),
                            {{{}, MusicalAnchor{Ticks(0)}, CutBody{(*longer.bin)[0].id, Seconds(0)}, {}}});
        const auto slow = mended_by(longer, only(found_in(longer), "short-material"));
        QVERIFY(std::abs(body_of<CutBody>(slow.lane(cuts_of(slow))->pins[0].body).speed - 45) < 0.01);
        QVERIFY(found_in(slow).empty());
        CutBody back{(*project.bin)[1].id, Seconds(1)};
        back.speed = -100;
        project = *with_body(project, cut, back);
        const auto backwards = mended_by(project, only(found_in(project), "short-material"));
        QVERIFY(std::abs(body_of<CutBody>(backwards.pin(cut)->body).in_point.value - 4) < 1e-9);
        QVERIFY(found_in(backwards).empty());
    }
    void a_marker_outside_of_its_shot() {
        Project project = clean();
        const LaneId marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        const PinId shot = pin_at(project, cuts_of(project), 2);
        project = *with_pins(project, marks, {{{}, MarkerAnchor{shot, Seconds(2)}, MarkerBody{"lands"}, {}}});
        QVERIFY(found_in(project).empty());
        project = *with_pins(project, marks, {{{}, MarkerAnchor{shot, Seconds(6)}, MarkerBody{"flies"}, {}}});
        const auto one = only(found_in(project), "outside-shot");
        QVERIFY(std::abs(one.amount - 2000) < 1); // it lasts four seconds
        QVERIFY(found_in(mended_by(project, one)).empty());
    }
};

PULSEPIN_TEST_CLASS(TestChecks, "test_checks")
#include "test_checks.moc"
