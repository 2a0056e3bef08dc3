// SPDX-License-Identifier: GPL-3.0-or-later
//
// The song as a sound among others: how it is heard, lines of gain, stems, where the piece begins and ends;
// and that a trim leaves everything where it was.
#include "follow/corrections.h"
#include "follow/project_sounds.h"
#include "hand/tapped.h"
#include "interchange/exporters.h"
#include "interchange/project_json.h"
#include "model/anchored_time.h"
#include "model/onset_edits.h"
#include "model/song_edits.h"
#include "schedule/picker.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "support/media.h"
#include "support/projects.h"
#include "support/sounds.h"
#include "support/test_program.h"

#include <QTest>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

bool near(Seconds a, Seconds b, double within = 1e-6) {
    return std::abs((a - b).value) <= within;
}

Project with_sound_at(Project project, Seconds at, const SoundBody& body, const char* lane = "Sound") {
    project = with_lane(project, kind_of(body_type<SoundBody>), lane);
    return *with_pins(project, project.lanes.back()->id, {{{}, TimeAnchor{at}, body, {}}});
}

/// A store that is the same number all through.
ProjectSounds::Samples level(float value, double seconds, const char* name) {
    return {
        store_of(std::vector<float>(static_cast<std::size_t>(seconds * sound_rate), value), {sound_rate, 1}),
        name};
}

OnsetRow named_row(const char* name) {
    OnsetRow row;
    row.name = name;
    return row;
}

float heard_at(const MixPlan& plan, double seconds) {
    float stereo[2] = {0, 0};
    plan.add_to(stereo, Samples(std::llround(seconds * sound_rate)));
    return stereo[0];
}

} // namespace

class TestSongEdits : public QObject {
    Q_OBJECT
private slots:
    void the_song_is_faded_shortened_and_silenced() {
        Project project = steady_project(120, 0, 10);
        ProjectSounds sounds{level(0.5f, 10, "song"), {}};
        const auto heard = [&](double at) { return heard_at(heard_plan(Schedule(project), sounds), at); };
        QCOMPARE(heard(5), 0.5f);
        project = *with_song_edge(project, SoundEdge::FadeIn, Seconds(2));
        project = *with_song_edge(project, SoundEdge::FadeOut, Seconds(-4));
        QVERIFY(std::abs(heard(1) - 0.25f) < 1e-4f);
        QVERIFY(std::abs(heard(8) - 0.25f) < 1e-4f);
        QCOMPARE(project.song_track->body.length, Seconds(0)); // still to its end
        project = *with_song_edge(project, SoundEdge::Start, Seconds(1));
        QCOMPARE(heard(0.9), 0.0f);
        QVERIFY(std::abs(heard(2) - 0.25f) < 1e-4f); // its fade went with the edge
        project = *with_song_edge(project, SoundEdge::End, Seconds(-2));
        QCOMPARE(heard(8.5), 0.0f);
        QVERIFY(heard(7.5) > 0.0f);
        project = *with_song_edge(project, SoundEdge::End, Seconds(5)); // no further than there is something
        QCOMPARE(project.song_track->body.length, Seconds(0));
        SongTrack track = *project.song_track;
        track.muted = true;
        project = with_song_track(project, track);
        QCOMPARE(heard(5), 0.0f);
        QVERIFY(!with_song_edge(new_project(), SoundEdge::FadeIn, Seconds(1)));
    }

    void solo_and_mute_count_for_song_and_lanes_alike() {
        Project project = steady_project(120, 0, 10);
        SoundBody body = sound(0, 4);
        body.sound = project.bin->front().id;
        project = with_sound_at(project, Seconds(2), body);
        const ProjectSounds sounds{level(0.5f, 10, "song"), {{body.sound, level(0.25f, 9, "clip")}}};
        const LaneId lane = project.lanes.back()->id;
        const auto heard = [&] { return heard_at(heard_plan(Schedule(project), sounds), 3); };
        QCOMPARE(heard(), 0.75f);
        SongTrack track;
        track.solo = true;
        project = with_song_track(project, track);
        QCOMPARE(heard(), 0.5f);
        project = *with_mute_and_solo(project, lane, false, true);
        QCOMPARE(heard(), 0.75f);
        project = with_song_track(project, {});
        QCOMPARE(heard(), 0.25f);
        project = *with_mute_and_solo(project, lane, true, false);
        QCOMPARE(heard(), 0.5f);
    }

    void the_sum_may_be_longer_than_the_song() {
        Project project = steady_project(120, 0, 10);
        SoundBody body = sound(0, 9);
        body.sound = project.bin->front().id;
        project = with_sound_at(project, Seconds(8), body);
        const ProjectSounds sounds{level(0.5f, 10, "song"), {{body.sound, level(0.25f, 9, "clip")}}};
        const auto plan = heard_plan(Schedule(project), sounds);
        QCOMPARE(plan.length.value, 17 * sound_rate);
        QCOMPARE(heard_at(plan, 16.5), 0.25f);
        QCOMPARE(piece_end(project), Seconds(17));
        QCOMPARE(piece_length(project).value, 17 * 24);
        project = *with_piece(project, Seconds(2), Seconds(20));
        QCOMPARE(piece_length(project).value, 20 * 24);
        QCOMPARE(heard_plan(Schedule(project), sounds).length.value, 20 * sound_rate);
        QVERIFY(!with_piece(project, Seconds(5), Seconds(5)));
        QVERIFY(!with_piece(project, Seconds(30), std::nullopt));
        QVERIFY(!with_piece(project, Seconds(-1), std::nullopt)->settings->begins);
    }

    void a_line_of_gain_is_kept_in_order_and_in_the_file() {
        Project project = steady_project();
        project =
            *with_gain_line(project, std::nullopt, {{Seconds(4), -6}, {Seconds(1), 3}, {Seconds(9), -1000}});
        const auto& line = project.song_track->body.gain_line;
        QCOMPARE(line.front().at, Seconds(1));
        QCOMPARE(line.back().db, -200.0);
        QCOMPARE(line_db_at(line, Seconds(2.5)), -1.5);
        QCOMPARE(line_db_at(line, Seconds(0)), 3.0);
        const PinId id{project.next_id + 1};
        SoundBody beside = sound(0, 4);
        beside.sound = project.bin->front().id;
        project = with_sound_at(project, Seconds(1), beside);
        project = *with_gain_line(project, id, {{Seconds(2), -12}});
        SongTrack track = *project.song_track;
        track.solo = true;
        track.body.fade_out = Seconds(2.5);
        track.body.curve_out = FadeCurve::EqualPower;
        project = with_song_track(project, track);
        project = *with_piece(project, Seconds(1.5), Seconds(40));
        const auto again = project_from_json(project_to_json(project, {}), {});
        QVERIFY2(again.has_value(), again ? "" : again.error().message().c_str());
        QVERIFY(same_content(*again, project));
        QVERIFY(!with_gain_line(project, PinId{9999}, {}));
    }

    void stems_lie_right_under_the_song() {
        Project project = steady_project();
        const auto lanes = project.lanes.size();
        Clip drums{{}, "drums", "/music/drums.wav", Seconds(60)},
            rest{{}, "rest", "/music/rest.wav", Seconds(61)};
        drums.has_picture = rest.has_picture = false;
        drums.has_sound = rest.has_sound = true;
        project =
            with_stems(project, {{drums, Seconds(0)}, {rest, Seconds(-0.5)}}, kind_of(body_type<SoundBody>));
        QCOMPARE(project.lanes.size(), lanes + 2);
        QCOMPARE(project.lanes[0]->name, std::string("drums"));
        QCOMPARE(project.lanes[1]->name, std::string("rest"));
        const auto& pin = project.lanes[1]->pins.front();
        QCOMPARE(anchored_time(pin.anchor, project), std::optional(Seconds(0)));
        QCOMPARE(body_of<SoundBody>(pin.body).in_point, Seconds(0.5));
        QCOMPARE(body_of<SoundBody>(pin.body).length, Seconds(60.5));
    }

    // -- trimming: whatever it is, it lies at the same moment of the song as before

    void trimming_leaves_all_at_its_moment_of_the_song() {
        std::mt19937 random(5);
        const auto between = [&](double from, double until) {
            return Seconds(std::uniform_real_distribution<double>(from, until)(random));
        };
        for (int i = 0; i < 60; ++i) {
            Project project =
                with_random_pins(steady_project(118, 0.4, 60), static_cast<std::uint32_t>(i), 30);
            SongTrack track;
            track.body.in_point = i % 3 == 0 ? Seconds(0) : between(0.5, 3);
            track.body.length = i % 4 == 0 ? Seconds(0) : between(30, 50);
            track.body.gain_line = {{between(5, 10), -3}, {between(10, 20), -9}, {between(20, 30), 0}};
            project = with_song_track(project, track);
            project = *with_piece(project, between(18, 20), between(40, 50));
            SoundBody body = sound(1, 8);
            body.gain_line = {{Seconds(2), -3}};
            project = with_sound_at(project, between(20, 40), body);
            Detection found;
            OnsetRow row = named_row("kick");
            for (int k = 0; k < 20; ++k)
                row.onsets.push_back({between(3.0 * k, 3.0 * k + 2), 0.5f});
            row.by_hand.push_back({{}, row.onsets[10].time, 1, 0});
            row.like = OnsetRow::Like{Seconds(21), Seconds(22), 0.8};
            found.rows = {row};
            project = with_detection(project, found, false);
            auto follows = with_lane(project, kind_that_follows(), "Follower");
            KeyBody lift;
            lift.role = KeyRole::Lift;
            lift.fade_in = lift.fade_out = Seconds(0.1);
            project =
                *with_pins(follows, follows.lanes.back()->id, {{{}, TimeAnchor{between(20, 40)}, lift, {}}});

            // Anywhere within the song, or with silence before it.
            const Seconds from(std::round((i % 5 == 4 ? between(-5, 0) : between(0, 17)).value * sound_rate) /
                               sound_rate);
            const Seconds until = i % 2 == 0 ? Seconds(60) : between(52, 60);
            const auto trimmed = with_song_trimmed(project, from, until);
            QVERIFY(trimmed.has_value());
            const auto lies = [&](Seconds before, Seconds after) { return near(after, before - from); };
            QVERIFY(near(Seconds(static_cast<double>(trimmed->song->from.value) / sound_rate), from,
                         1.0 / sound_rate));
            for (const auto& lane : project.lanes)
                for (const auto& pin : lane->pins)
                    QVERIFY(lies(*anchored_time(pin.anchor, project),
                                 *anchored_time(trimmed->pin(pin.id)->anchor, *trimmed)));
            const SoundBody before = heard_song(project), after = heard_song(*trimmed);
            QVERIFY(lies(std::max(before.in_point, from), after.in_point) || (from < Seconds(0)));
            QVERIFY(lies(std::min(before.in_point + before.length, until), after.in_point + after.length));
            for (std::size_t k = 0; k < before.gain_line.size(); ++k)
                QVERIFY(lies(before.gain_line[k].at, after.gain_line[k].at));
            QVERIFY(lies(*project.settings->begins, *trimmed->settings->begins));
            QVERIFY(lies(*project.settings->ends, *trimmed->settings->ends));
            const auto& rows = trimmed->detection->rows;
            QVERIFY(lies(row.like->from, rows[0].like->from));
            for (const auto& onset : rows[0].onsets)
                QVERIFY(onset.time == Seconds(0) || // it began just before, and is not cut off
                        std::any_of(row.onsets.begin(), row.onsets.end(),
                                    [&](const FoundOnset& one) { return lies(one.time, onset.time); }));
            QVERIFY(lies(*row.by_hand[0].now, *rows[0].by_hand[0].now));
            for (int beat = 40; beat < 80; ++beat)
                QVERIFY(lies(project.grid->time_at(Ticks(beat * 960)),
                             trimmed->grid->time_at(Ticks(beat * 960))));
            // A sound on its lane and its line of gain count by its own samples.
            const auto& last = trimmed->lanes[trimmed->lanes.size() - 2]->pins.front();
            QCOMPARE(body_of<SoundBody>(last.body), body);
        }
    }

    void a_song_may_begin_later_and_come_back() {
        const Project project = with_random_pins(steady_project(118, 0.4, 60), 3, 20);
        const auto later = with_song_moved(project, Seconds(2));
        QVERIFY(later.has_value());
        QCOMPARE(later->song->from.value, -2 * sound_rate);
        QCOMPARE(later->song->duration(), Seconds(62));
        QVERIFY(near(later->grid->time_at(Ticks(0)), Seconds(2.4)));
        const auto back = with_song_moved(*later, Seconds(-2));
        QCOMPARE(back->song->from.value, 0);
        QCOMPARE(back->song->duration(), Seconds(60));
        QVERIFY(near(back->grid->time_at(Ticks(9600)), project.grid->time_at(Ticks(9600))));
        QVERIFY(!with_song_moved(project, Seconds(-60)));
    }

    // -- what is handed on is the piece

    void what_is_handed_on_counts_from_the_start_of_the_piece() {
        Project project = steady_project(120, 0, 60);
        const LaneId marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project = *with_pins(project, marks, {{{}, MusicalAnchor{Ticks(20 * 960)}, MarkerBody{"here"}, {}}});
        project = with_lane(project, kind_that_follows(), "Curve");
        const LaneId id = project.lanes.back()->id;
        Motion motion;
        motion.own = {"Curve", "%", 0, 100};
        motion.follower.source = "nearness";
        project = *with_motion(project, id, motion);
        project = *with_piece(project, Seconds(4), Seconds(30));
        Listening listening;
        const Curves all{Schedule(project),
                         std::make_shared<const FollowerCurves>(*follow(project, {}, listening))};
        const Curves alone = piece_alone(all);
        QCOMPARE(piece_length(alone.project()).value, 26 * 24);
        QCOMPARE(alone.project().song->from.value, 4 * sound_rate);
        QCOMPARE(alone.schedule.pins(marks).pins[0].frame.value, 6 * 24); // it lies at 10 s of the song
        const auto& before = all.followers->at(id);
        const auto& after = alone.followers->at(id);
        for (const double frame : {0.0, 3.5, 100.0, 26.0 * 24})
            QVERIFY(std::abs(after->share_at(frame) - before->share_at(frame + 4 * 24)) < 1e-6);
        QCOMPARE(after->values().size(), static_cast<std::size_t>(26 * 24 * after->per_frame + 1));
        const ExportMaterial material(all);
        const auto csv = exporter("csv")->write(material);
        QVERIFY(csv.has_value() && csv->find("144") != std::string::npos);
        // A piece that is as long as the song is handed on as it is.
        const auto whole = with_piece(project, std::nullopt, std::nullopt);
        const Curves same{Schedule(*whole)};
        QVERIFY(same_content(piece_alone(same).project(), *whole));
    }

    // -- several rows as one

    void every_kick_or_clap_is_one_source() {
        Project project = steady_project();
        Detection found;
        OnsetRow kick = named_row("kick"), clap = named_row("clap"), both = named_row("kick + clap");
        kick.onsets = {{Seconds(1), 0.5f}, {Seconds(2), 1.0f}, {Seconds(3), 1.0f}};
        clap.onsets = {{Seconds(2.02), 0.7f}, {Seconds(4), 0.6f}};
        found.rows = {kick, clap};
        project = with_detection(project, found, false);
        const auto times = [&](const char* rows, double within = 30) {
            Picker picker;
            picker.source = "onsets";
            picker.until = Ticks(120 * 960);
            picker.values = {{"row", std::string(rows)}, {"within", within}};
            std::vector<double> out;
            const auto all = *pick(picker, project); // kept, since the loop reads it
            for (const auto& picked : all)
                out.push_back(std::round(picked.time.value * 100) / 100);
            return out;
        };
        QCOMPARE(times("kick + clap"), (std::vector<double>{1, 2, 3, 4}));
        QCOMPARE(times("kick + clap", 10), (std::vector<double>{1, 2, 2.02, 3, 4}));
        QCOMPARE(times("clap + kick"), times("kick + clap"));
        QCOMPARE(times("*"), times("kick + clap"));
        QCOMPARE(times("kick"), (std::vector<double>{1, 2, 3}));
        QCOMPARE(times(""), times("kick"));
        QCOMPARE(times("kick + gone"), times("kick"));
        QVERIFY(times("gone").empty());
        both.onsets = {{Seconds(7), 1.0f}}; // a row of that very name is meant before two of the names in it
        found.rows.push_back(both);
        project = with_detection(with_song(project, *project.song), found, false);
        QCOMPARE(rows_named(found.rows, "kick + clap"), std::vector<std::size_t>{2});
    }

    // -- taps

    void taps_become_a_row_that_listening_anew_keeps() {
        const std::vector<Tap> taps{{Seconds(2), false, 0.5f}, {Seconds(1), true, 1.0f}};
        auto project = with_taps_as_row(steady_project(), "taps 1", taps);
        QVERIFY(project.has_value());
        const OnsetRow& row = project->detection->rows.back();
        QCOMPARE(row.onsets.size(), std::size_t{2});
        QCOMPARE(row.onsets[0].time, Seconds(1));
        QCOMPARE(row.onsets[1].strength, 0.5f);
        QCOMPARE(corrected({{Seconds(7), 1.0f}}, row.by_hand).size(), std::size_t{3});
        Detection found; // the song is listened to for the first time
        found.rows = {named_row("onsets"), named_row("kick")};
        const auto listened = with_detection(*project, found, false);
        QCOMPARE(listened.detection->rows.size(), std::size_t{3});
        QCOMPARE(listened.detection->rows.back().onsets.size(), std::size_t{2});
        QVERIFY(!with_taps_as_row(steady_project(), "none", {}));
    }

    void a_tapped_rhythm_is_laid_at_the_playhead() {
        const Project project = steady_project(120, 0, 60);
        std::vector<Tap> taps;
        for (const double at : {10.0, 10.52, 10.98, 11.27}) // at 120: beats 0, 1, 2, 2.5, a little off
            taps.push_back({Seconds(at), false, 0.5f});
        const LaneId lane = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        const auto laid = with_rhythm_laid(Schedule(project), lane, {taps, Bpm(120)}, Seconds(20));
        QVERIFY(laid.has_value());
        std::vector<double> times;
        for (const PinId id : laid->selected)
            times.push_back(anchored_time(laid->project.pin(id)->anchor, laid->project)->value);
        QCOMPARE(times, (std::vector<double>{20, 20.5, 21, 21.25}));
        // At another tempo than the grid's it is the beats that count.
        const auto slower = landings(project, {taps, Bpm(60)}, Seconds(20));
        QCOMPARE(std::get<MusicalAnchor>(slower.back()).at.value, (20 * 2 * 960) + 5 * 240);
        // Freely they land as they came, also without a grid.
        Project no_grid = project;
        no_grid.grid = nullptr;
        for (const Project& on : {project, no_grid}) {
            const auto freely = landings(on, {taps}, Seconds(20));
            QVERIFY(near(*anchored_time(freely[3], on), Seconds(21.27), 1e-4));
        }
        QVERIFY(!with_rhythm_laid(Schedule(project), lane, {}, Seconds(0)));
        QVERIFY(!with_rhythm_laid(Schedule(project), LaneId{}, {taps}, Seconds(0)));
    }

    void how_hard_a_tap_was_becomes_its_strength() {
        Project project = with_lane(steady_project(), kind_of(body_type<TriggerBody>), "Flash");
        const std::vector<Tap> taps{{Seconds(1), false, 0.25f}, {Seconds(2), false, 1.0f}};
        const auto laid = with_rhythm_laid(Schedule(project), project.lanes.back()->id, {taps}, Seconds(4));
        QVERIFY(laid.has_value());
        std::vector<double> strengths;
        for (const auto& pin : laid->project.lanes.back()->pins)
            strengths.push_back(body_of<TriggerBody>(pin.body).strength);
        QCOMPARE(strengths.size(), std::size_t{2});
        QVERIFY2(strengths[0] < 0.5 * strengths[1], qPrintable(QString::number(strengths[0])));
    }
};

PULSEPIN_TEST_CLASS(TestSongEdits, "test_song_edits")
#include "test_song_edits.moc"
